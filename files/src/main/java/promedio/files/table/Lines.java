package promedio.files.table;

import java.util.Arrays;

/** On which line of its file each row of a table begins; few numbers where rows follow line on line. */
public final class Lines {
    private final int[] rows;
    private final long[] lines;

    private Lines(int[] rows, long[] lines) {
        this.rows = rows;
        this.lines = lines;
    }

    /**
     * The line of a row.
     *
     * @param row the row, from 0
     * @return its line, from 1; of a sheet, the number of the row in it
     */
    public long of(int row) {
        int found = Arrays.binarySearch(rows, row);
        int at = found >= 0 ? found : -found - 2;
        return at < 0 ? row + 1L : lines[at] + row - rows[at];
    }

    /** Takes down lines, row by row. */
    static final class Builder {
        private int[] rows = new int[4];
        private long[] lines = new long[4];
        private int size;

        /** A row, from 0, begins on a line; it stands behind all taken down so far. */
        void add(int row, long line) {
            if (size > 0 && line - lines[size - 1] == row - rows[size - 1]) {
                return;
            }
            if (size == rows.length) {
                rows = Arrays.copyOf(rows, 2 * size);
                lines = Arrays.copyOf(lines, 2 * size);
            }
            rows[size] = row;
            lines[size++] = line;
        }

        Lines build() {
            return new Lines(Arrays.copyOf(rows, size), Arrays.copyOf(lines, size));
        }
    }
}
