package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.data.Column;
import promedio.core.data.ColumnEntries;
import promedio.core.data.Entries;
import promedio.core.data.Table;
import promedio.core.number.Numerals;

/** Where the entries of a sample come from: a data table. */
public sealed interface Link {
    /** The id of the table. */
    String tableId();

    /** A whole column as it was read. */
    static Cells column(String tableId, int column) {
        return new Cells(tableId, column, new All());
    }

    /** Whether a table has what this speaks of. */
    boolean fits(DataTable table);

    /**
     * A column of what the steps of a table make, by its name there; it follows the steps, and what is typed into the sample does not go
     * back into the table.
     *
     * @param tableId the table
     * @param column the name of the column when it was taken; it is found again under the name that later steps gave it
     * @param among what the rows that belong to it have in common; nothing for all rows
     */
    record Made(String tableId, String column, List<Among> among) implements Link {
        /** Copies the list. */
        public Made {
            among = List.copyOf(among);
        }

        @Override
        public boolean fits(DataTable table) {
            return true;
        }
    }

    /**
     * The rows in which another column of the same table holds a text.
     *
     * @param column the name of that column
     * @param value the text as it is written out; empty for the rows in which it is missing
     */
    record Among(String column, String value) {}

    /** Which rows of a table. */
    sealed interface Part {}

    /** All rows. */
    record All() implements Part {}

    /**
     * The rows in which a column holds a text, but for blanks around it.
     *
     * @param column the column, from 0
     * @param value the text; empty for the rows in which it is missing
     */
    record Where(int column, String value) implements Part {}

    /**
     * Some rows, chosen by hand.
     *
     * @param rows which of the original, from 0, ascending
     */
    record Listed(List<Integer> rows) implements Part {
        /** Puts them in order. */
        public Listed {
            rows = rows.stream().sorted().distinct().toList();
        }
    }

    /**
     * A column of a table as it was read, or some rows of it. What is changed in one is changed in the other.
     *
     * @param tableId the table
     * @param column the column, from 0
     * @param part which of its rows; those that are left out of the table never belong to it
     */
    record Cells(String tableId, int column, Part part) implements Link {
        @Override
        public boolean fits(DataTable table) {
            return table.isColumn(column)
                    && (!(part instanceof Where where) || table.isColumn(where.column()))
                    && (!(part instanceof Listed listed)
                            || listed.rows().stream().allMatch(table::isRow));
        }

        /** The rows of the table that the entries are those of, in their order; none where they are all rows. */
        public Optional<int[]> rows(DataTable table) {
            if (part instanceof All) {
                return table.off().isEmpty()
                        ? Optional.empty()
                        : Optional.of(IntStream.range(0, table.size())
                                .filter(row -> !table.off().contains(row))
                                .toArray());
            }
            IntStream some = part instanceof Listed listed
                    ? listed.rows().stream().mapToInt(row -> row)
                    : matching(table.all(), (Where) part);
            return Optional.of(some.filter(row -> !table.off().contains(row)).toArray());
        }

        private static IntStream matching(Table all, Where where) {
            Column column = all.columns().get(where.column());
            return IntStream.range(0, all.rows())
                    .filter(row -> where.value().isEmpty()
                            ? column.isMissing(row)
                            : column.entries().text(row).strip().equals(where.value()));
        }

        /** The entries of a sample, with numbers written as they are in the assignment. */
        Entries entries(DataTable table, Numerals card) {
            if (part instanceof All) {
                // Whole pieces of a long column are shared.
                return ColumnEntries.of(table.all().columns().get(column), Optional.empty(), card)
                        .without(new ArrayList<>(table.off()));
            }
            return ColumnEntries.of(table.all().columns().get(column), rows(table), card);
        }

        /** The row of the table that an entry is of. */
        int row(DataTable table, int entry) {
            return rows(table).map(rows -> rows[entry]).orElse(entry);
        }
    }
}
