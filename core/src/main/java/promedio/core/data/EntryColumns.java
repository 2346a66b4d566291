package promedio.core.data;

import java.util.ArrayList;
import java.util.List;

/** Rows of cells, taken one after another, as columns of the same length. */
public final class EntryColumns {
    private static final long MOST_PADDED = 1_000_000;

    private final List<Entries.Builder> columns = new ArrayList<>();
    private int rows;
    private long padded;
    private long filled;

    /**
     * Adds a row; columns that it has not, or the rows before had not, are empty there.
     *
     * @return false, and nothing is added, where nearly all cells would be such empty ones: then it is no table
     */
    public boolean add(List<String> cells) {
        long emptied =
                (long) rows * Math.max(0, cells.size() - columns.size()) + Math.max(0, columns.size() - cells.size());
        if (padded + emptied > MOST_PADDED + filled) {
            return false;
        }
        padded += emptied;
        filled += cells.size();
        while (columns.size() < cells.size()) {
            Entries.Builder column = new Entries.Builder();
            for (int i = 0; i < rows; i++) {
                column.add("");
            }
            columns.add(column);
        }
        for (int i = 0; i < columns.size(); i++) {
            columns.get(i).add(i < cells.size() ? cells.get(i).strip() : "");
        }
        rows++;
        return true;
    }

    /** The columns. */
    public List<Entries> build() {
        return columns.stream().map(Entries.Builder::build).toList();
    }
}
