package promedio.core.course;

/** What the median of an even number of values is. */
public enum MedianRule implements Choice {
    /** The average of the two middle values. */
    AVERAGED("averaged"),
    /** The lower of the two middle values. */
    LOWER("lower"),
    /** The upper of the two middle values. */
    UPPER("upper");

    private final String id;

    MedianRule(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
