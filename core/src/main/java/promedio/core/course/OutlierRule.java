package promedio.core.course;

/** Where the fences stand beyond which a value is an outlier. */
public enum OutlierRule implements Choice {
    /** 1.5 · IQR outside the quartiles. */
    IQR_1_5("1.5iqr"),
    /** 3 · IQR outside the quartiles. */
    IQR_3("3iqr"),
    /** 2 standard deviations from the mean. */
    S_2("2s"),
    /** 3 standard deviations from the mean. */
    S_3("3s");

    private final String id;

    OutlierRule(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
