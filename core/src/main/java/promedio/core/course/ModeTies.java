package promedio.core.course;

/** What the mode is when several values are equally frequent. */
public enum ModeTies implements Choice {
    /** All of them. */
    ALL("all"),
    /** None. */
    NONE("none"),
    /** 3 · median − 2 · mean. */
    EMPIRICAL("empirical");

    private final String id;

    ModeTies(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
