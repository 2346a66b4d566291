package promedio.core.course;

/** The letter for the median. */
public enum MedianLetter implements Choice {
    /** x̃. */
    X_TILDE("x-tilde"),
    /** M. */
    M("M"),
    /** Me. */
    ME("Me"),
    /** Md. */
    MD("Md"),
    /** Q₂. */
    Q2("Q2");

    private final String id;

    MedianLetter(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
