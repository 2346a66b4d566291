package promedio.core.vector;

/** What the cells of a column are when it is computed with. */
public enum Kind {
    /** Numbers. */
    NUMBER,
    /** Texts; a category is its text. */
    TEXT,
    /** Dates, with a time of day or without. */
    DATE,
    /** Yes and no. */
    TRUTH,
    /** Nothing but missing cells, which go with any kind. */
    NOTHING;

    /** Whether two columns can be compared, or stand in one column. */
    public boolean goesWith(Kind other) {
        return this == other || this == NOTHING || other == NOTHING;
    }
}
