package promedio.core.data;

import java.util.List;
import java.util.Optional;

/**
 * A data table: columns of one length. Immutable.
 *
 * @param columns the columns
 * @param rows how many rows it has
 */
public record Table(List<Column> columns, int rows) {
    /** @throws IllegalArgumentException when the columns are not all that long */
    public Table {
        columns = List.copyOf(columns);
        int length = rows;
        if (columns.stream().anyMatch(column -> column.size() != length)) {
            throw new IllegalArgumentException("The columns of a table have one length.");
        }
    }

    /** The column with a name. */
    public Optional<Column> column(String name) {
        return columns.stream().filter(column -> column.name().equals(name)).findFirst();
    }

    /** The place of the column with a name; −1 where there is none. */
    public int indexOf(String name) {
        for (int i = 0; i < columns.size(); i++) {
            if (columns.get(i).name().equals(name)) {
                return i;
            }
        }
        return -1;
    }

    /** The cells of a row as written. */
    public List<String> row(int row) {
        return columns.stream().map(column -> column.entries().text(row)).toList();
    }
}
