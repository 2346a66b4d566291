package promedio.core.course;

/** What an open class ends at. */
public enum OpenEnds implements Choice {
    /** Nothing is assumed. */
    UNDEFINED("undefined"),
    /** It is as wide as its neighbour. */
    SAME_WIDTH("same-width");

    private final String id;

    OpenEnds(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
