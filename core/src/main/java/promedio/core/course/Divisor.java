package promedio.core.course;

/** What a sum of squares is divided by. */
public enum Divisor implements Choice {
    /** n − 1: the values are a sample of a population. */
    SAMPLE("sample"),
    /** n: the values are the whole population. */
    POPULATION("population");

    private final String id;

    Divisor(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
