package promedio.desktop.model.desk;

/** What the paper shows, one page at a time. A new page is a constant here and a view in the window. */
public enum Place {
    /** The empty paper: nothing is chosen. */
    START,
    /** How a file was read, before its columns are taken. */
    READING,
    /** What a tutor does. */
    TUTOR,
    /** Samples side by side. */
    COMPARE,
    /** What was entered of a sample. */
    ENTRIES,
    /** Its measures. */
    MEASURES,
    /** Its classes. */
    CLASSES,
    /** Pictures of a sample or of a table. */
    PICTURE,
    /** What the student works by hand of it. */
    OWN,
    /** The rows of a table. */
    ROWS,
    /** Its columns in short. */
    COLUMNS,
    /** How often the words of a column occur. */
    COUNTS,
    /** Its measures by groups. */
    GROUPS;

    /** Whether it lies over the pages of what is chosen, which come back when it is left. */
    public boolean liesOver() {
        return this == READING || this == TUTOR || this == COMPARE;
    }

    static Place of(Page page) {
        return switch (page) {
            case ENTRIES -> ENTRIES;
            case MEASURES -> MEASURES;
            case CLASSES -> CLASSES;
            case PICTURE -> PICTURE;
            case OWN -> OWN;
        };
    }

    static Place of(TablePage page) {
        return switch (page) {
            case ROWS -> ROWS;
            case COLUMNS -> COLUMNS;
            case COUNTS -> COUNTS;
            case GROUPS -> GROUPS;
            case PICTURES -> PICTURE;
        };
    }
}
