package promedio.core.data;

/** What the cells of a column are. */
public enum ColumnKind {
    /** There is no cell. */
    EMPTY("empty"),
    /** At least nine tenths of its cells are numbers. */
    NUMBER("number"),
    /** At least nine tenths of its cells are dates in one order of their parts. */
    DATE("date"),
    /** Few texts that repeat. */
    CATEGORY("category"),
    /** Anything else. */
    TEXT("text");

    private final String id;

    ColumnKind(String id) {
        this.id = id;
    }

    /** The stable id, on the command line and in files. */
    public String id() {
        return id;
    }
}
