package promedio.core.course;

/** The letter for the mean. */
public enum MeanLetter implements Choice {
    /** x̄. */
    X_BAR("x-bar"),
    /** μ. */
    MU("mu");

    private final String id;

    MeanLetter(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
