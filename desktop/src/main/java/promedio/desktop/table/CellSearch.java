package promedio.desktop.table;

import java.util.Locale;
import java.util.OptionalLong;

/** Finds cells by what stands in them. */
final class CellSearch {
    private CellSearch() {}

    /**
     * The next cell that holds a text, whatever the case of its letters, row by row and again from the beginning.
     *
     * @param from the cell to begin behind: its row times the number of columns, and its column; −1 for the beginning
     * @return the cell, counted likewise
     */
    static OptionalLong next(ColumnLayout.Cells cells, String text, long from) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        int columns = cells.columns();
        long all = (long) cells.rows() * columns;
        for (long i = 1; i <= all; i++) {
            long place = (from + i) % all;
            String cell = cells.text().at((int) (place / columns), (int) (place % columns));
            if (cell.toLowerCase(Locale.ROOT).contains(wanted)) {
                return OptionalLong.of(place);
            }
        }
        return OptionalLong.empty();
    }
}
