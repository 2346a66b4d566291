package promedio.core.course;

/** Which coefficient the word skewness means. */
public enum SkewnessChoice implements Choice {
    /** Pearson’s second, 3(x̄ − median)/s. */
    PEARSON_MEDIAN("skewness-pearson-median"),
    /** Pearson’s first, (x̄ − mode)/s. */
    PEARSON_MODE("skewness-pearson-mode"),
    /** By quartiles. */
    BOWLEY("skewness-bowley"),
    /** By the 10th and 90th percentile. */
    KELLY("skewness-kelly"),
    /** g₁ = m₃/m₂^1.5. */
    MOMENT("skewness-moment"),
    /** G₁, adjusted for the size of the sample. */
    ADJUSTED("skewness-adjusted"),
    /** b₁ = m₃/s³. */
    B1("skewness-b1");

    private final String id;

    SkewnessChoice(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
