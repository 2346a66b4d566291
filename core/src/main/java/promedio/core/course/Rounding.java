package promedio.core.course;

/** What rounding does with a half. */
public enum Rounding implements Choice {
    /** The school rule: away from zero. */
    HALF_UP("half-up"),
    /** To the even neighbour. */
    HALF_EVEN("half-even");

    private final String id;

    Rounding(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
