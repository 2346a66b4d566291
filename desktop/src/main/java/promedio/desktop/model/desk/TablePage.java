package promedio.desktop.model.desk;

/** The pages of a data table. */
public enum TablePage {
    /** The data themselves. */
    ROWS,
    /** The columns in short, and side by side. */
    COLUMNS,
    /** How often the words of a column occur. */
    COUNTS,
    /** Measures by groups of what its steps make. */
    GROUPS,
    /** Its columns as pictures. */
    PICTURES
}
