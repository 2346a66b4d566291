package promedio.core.course;

/** What the frequencies of a table are. */
public enum Frequencies implements Choice {
    /** Whole counts. */
    COUNTS("counts"),
    /** Proportions or percentages. */
    RELATIVE("relative");

    private final String id;

    Frequencies(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
