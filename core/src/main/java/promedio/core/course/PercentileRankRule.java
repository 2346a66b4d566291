package promedio.core.course;

/** How values equal to the one asked for count in its percentile rank. */
public enum PercentileRankRule implements Choice {
    /** Half of them. */
    HALF("half"),
    /** All of them. */
    AT_OR_BELOW("at-or-below"),
    /** None of them. */
    BELOW("below");

    private final String id;

    PercentileRankRule(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
