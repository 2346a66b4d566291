package promedio.core.pasted;

/** How something is laid out. */
enum Layout {
    /** As one reads it: a list in any lines, or a table with a row for each value. */
    STANDING("standing"),
    /** A table that lies on its side: a row of values above a row of frequencies. */
    LYING("lying"),
    /** The same in two or more blocks, one below the other. */
    WRAPPED("wrapped"),
    /** A cell on each line, as it comes out of some printed pages. */
    CELLS("cells");

    private final String id;

    Layout(String id) {
        this.id = id;
    }

    String id() {
        return id;
    }
}
