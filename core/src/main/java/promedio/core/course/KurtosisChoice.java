package promedio.core.course;

/** Which coefficient the word kurtosis means. */
public enum KurtosisChoice implements Choice {
    /** β₂ = m₄/m₂². */
    MOMENT("kurtosis-moment"),
    /** γ₂ = β₂ − 3. */
    EXCESS("kurtosis-excess"),
    /** G₂, adjusted for the size of the sample. */
    ADJUSTED("kurtosis-adjusted"),
    /** m₄/s⁴ − 3. */
    B2("kurtosis-b2"),
    /** By quartiles and percentiles. */
    PERCENTILE("kurtosis-percentile");

    private final String id;

    KurtosisChoice(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
