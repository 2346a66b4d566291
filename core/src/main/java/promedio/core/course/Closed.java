package promedio.core.course;

/** Which end of a class belongs to it. */
public enum Closed implements Choice {
    /** The lower end. */
    LEFT("left"),
    /** The upper end. */
    RIGHT("right");

    private final String id;

    Closed(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
