package promedio.core.course;

/** Which position a quantile of a class table is read at. */
public enum GroupedPosition implements PositionRule {
    /** pn. */
    PN("pn"),
    /** p(n + 1). */
    PN1("pn1");

    private final String id;

    GroupedPosition(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
