package promedio.core.course;

/** The decimal mark of numbers. */
public enum DecimalMark implements Choice {
    /** A point. */
    POINT("point"),
    /** A comma. */
    COMMA("comma");

    private final String id;

    DecimalMark(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
