package promedio.desktop.grid;

/** The cells that are chosen: a rectangle from where choosing began to the cell that keys go on from. */
public final class CellChoice {
    private int fromRow;
    private int fromColumn;
    private int row = -1;
    private int column = -1;

    public boolean isEmpty() {
        return row < 0;
    }

    public void none() {
        row = -1;
        column = -1;
    }

    /** The place, in the order of the rows as they are shown, of the cell that keys go on from. */
    public int row() {
        return row;
    }

    public int column() {
        return column;
    }

    /** Goes to a cell; what was chosen before is let go, or stretched so far. */
    public void to(int toRow, int toColumn, boolean stretched) {
        if (!stretched || isEmpty()) {
            fromRow = toRow;
            fromColumn = toColumn;
        }
        row = toRow;
        column = toColumn;
    }

    /** Chooses a stretch of rows and columns; keys go on from its first cell. */
    public void all(int firstRow, int firstColumn, int lastRow, int lastColumn) {
        fromRow = lastRow;
        fromColumn = lastColumn;
        row = firstRow;
        column = firstColumn;
    }

    /** Lets go of what is beyond so many rows and columns. */
    public void within(int rows, int columns) {
        if (rows == 0 || columns == 0) {
            none();
        } else if (!isEmpty()) {
            fromRow = Math.min(fromRow, rows - 1);
            row = Math.min(row, rows - 1);
            fromColumn = Math.min(fromColumn, columns - 1);
            column = Math.min(column, columns - 1);
        }
    }

    public int top() {
        return Math.min(fromRow, row);
    }

    public int bottom() {
        return Math.max(fromRow, row);
    }

    public int left() {
        return Math.min(fromColumn, column);
    }

    public int right() {
        return Math.max(fromColumn, column);
    }

    public boolean has(int someRow, int someColumn) {
        return !isEmpty() && someRow >= top() && someRow <= bottom() && someColumn >= left() && someColumn <= right();
    }
}
