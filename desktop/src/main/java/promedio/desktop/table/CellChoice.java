package promedio.desktop.table;

/** The cells that are chosen: a rectangle from where choosing began to the cell that keys go on from. */
final class CellChoice {
    private int fromRow;
    private int fromColumn;
    private int row = -1;
    private int column = -1;

    boolean isEmpty() {
        return row < 0;
    }

    void none() {
        row = -1;
        column = -1;
    }

    /** The place, in the order of the rows as they are shown, of the cell that keys go on from. */
    int row() {
        return row;
    }

    int column() {
        return column;
    }

    /** Goes to a cell; what was chosen before is let go, or stretched so far. */
    void to(int toRow, int toColumn, boolean stretched) {
        if (!stretched || isEmpty()) {
            fromRow = toRow;
            fromColumn = toColumn;
        }
        row = toRow;
        column = toColumn;
    }

    /** Chooses a stretch of rows and columns; keys go on from its first cell. */
    void all(int firstRow, int firstColumn, int lastRow, int lastColumn) {
        fromRow = lastRow;
        fromColumn = lastColumn;
        row = firstRow;
        column = firstColumn;
    }

    /** Lets go of what is beyond so many rows and columns. */
    void within(int rows, int columns) {
        if (rows == 0 || columns == 0) {
            none();
        } else if (!isEmpty()) {
            fromRow = Math.min(fromRow, rows - 1);
            row = Math.min(row, rows - 1);
            fromColumn = Math.min(fromColumn, columns - 1);
            column = Math.min(column, columns - 1);
        }
    }

    int top() {
        return Math.min(fromRow, row);
    }

    int bottom() {
        return Math.max(fromRow, row);
    }

    int left() {
        return Math.min(fromColumn, column);
    }

    int right() {
        return Math.max(fromColumn, column);
    }

    boolean has(int someRow, int someColumn) {
        return !isEmpty() && someRow >= top() && someRow <= bottom() && someColumn >= left() && someColumn <= right();
    }
}
