package promedio.core.course;

/** How the coefficient of variation is written. */
public enum CvUnit implements Choice {
    /** In percent. */
    PERCENT("percent"),
    /** As a ratio. */
    RATIO("ratio");

    private final String id;

    CvUnit(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
