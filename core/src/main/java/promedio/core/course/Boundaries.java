package promedio.core.course;

/** Where the boundaries of classes with gaps lie. */
public enum Boundaries implements Choice {
    /** Half way in the gap: values were rounded to the nearest unit. */
    NEAREST("nearest"),
    /** At the start of the next class: ages in completed years. */
    COMPLETED_UNITS("completed-units");

    private final String id;

    Boundaries(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
