package promedio.core.course;

/** What the sum of squares of a class table is divided by. */
public enum GroupedDivisor implements Choice {
    /** As for a list. */
    SAME("same"),
    /** n − 1. */
    SAMPLE("sample"),
    /** n. */
    POPULATION("population");

    private final String id;

    GroupedDivisor(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
