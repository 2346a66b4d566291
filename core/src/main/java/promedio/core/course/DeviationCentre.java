package promedio.core.course;

/** What the unqualified mean deviation is taken from. */
public enum DeviationCentre implements Choice {
    /** The mean. */
    MEAN("mean"),
    /** The median. */
    MEDIAN("median");

    private final String id;

    DeviationCentre(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
