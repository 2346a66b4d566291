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
import promedio.core.sample.SampleKind;

/** Where the entries of a sample come from: a data table. */
public sealed interface Link {
    /** The id of the table. */
    String tableId();

    /** A whole column as it was read. */
    static Cells column(String tableId, int column) {
        return new Cells(tableId, column, new All());
    }

    /** Two columns as they were read, row by row. */
    static Cells pairs(String tableId, int first, int second) {
        return new Cells(tableId, first, new All(), Optional.of(second));
    }

    /** Whether a table has what this speaks of. */
    boolean fits(DataTable table);

    /** What samples are made of that come from it. */
    SampleKind kind();

    /** The same with its two columns exchanged; itself where it is of one. */
    Link swapped();

    /** The one of its columns alone; itself where it is of one. */
    Link alone(boolean ofSecond);

    /**
     * A column of what the steps of a table make, by its name there; it follows the steps, and what is typed into the sample does not go
     * back into the table.
     *
     * @param tableId the table
     * @param column the name of the column when it was taken; it is found again under the name that later steps gave it
     * @param among what the rows that belong to it have in common; nothing for all rows
     * @param second the name of the column that the second of pairs are; empty where there are none
     */
    record Made(String tableId, String column, List<Among> among, Optional<String> second) implements Link {
        /** Copies the list. */
        public Made {
            among = List.copyOf(among);
        }

        /** Of one column. */
        public Made(String tableId, String column, List<Among> among) {
            this(tableId, column, among, Optional.empty());
        }

        @Override
        public Link swapped() {
            return second.<Link>map(other -> new Made(tableId, other, among, Optional.of(column)))
                    .orElse(this);
        }

        @Override
        public Link alone(boolean ofSecond) {
            return new Made(tableId, ofSecond ? second.orElse(column) : column, among);
        }

        /** The names of its columns. */
        public List<String> columns() {
            return second.map(other -> List.of(column, other)).orElseGet(() -> List.of(column));
        }

        @Override
        public SampleKind kind() {
            return second.isPresent() ? SampleKind.PAIRS : SampleKind.VALUES;
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
     * @param second the column that the second of pairs are, from 0; empty where there are none
     */
    record Cells(String tableId, int column, Part part, Optional<Integer> second) implements Link {
        /** Of one column. */
        public Cells(String tableId, int column, Part part) {
            this(tableId, column, part, Optional.empty());
        }

        @Override
        public Link swapped() {
            return second.<Link>map(other -> new Cells(tableId, other, part, Optional.of(column)))
                    .orElse(this);
        }

        @Override
        public Link alone(boolean ofSecond) {
            return new Cells(tableId, ofSecond ? second.orElse(column) : column, part);
        }

        /** Its columns. */
        List<Integer> columns() {
            return second.map(other -> List.of(column, other)).orElseGet(() -> List.of(column));
        }

        @Override
        public SampleKind kind() {
            return second.isPresent() ? SampleKind.PAIRS : SampleKind.VALUES;
        }

        @Override
        public boolean fits(DataTable table) {
            return columns().stream().allMatch(table::isColumn)
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

        /** The entries of a sample, column by column, with numbers written as they are in the assignment. */
        List<Entries> entries(DataTable table, Numerals card) {
            Optional<int[]> rows = part instanceof All ? Optional.empty() : rows(table);
            return Links.beside(
                    columns().stream().map(table.all().columns()::get).toList(),
                    columns().stream()
                            .map(one -> entries(table, one, rows, card))
                            .toList());
        }

        private Entries entries(DataTable table, int of, Optional<int[]> rows, Numerals card) {
            Entries entries = ColumnEntries.of(table.all().columns().get(of), rows, card);
            // Whole pieces of a long column are shared.
            return part instanceof All ? entries.without(new ArrayList<>(table.off())) : entries;
        }

        /** The row of the table that an entry is of. */
        int row(DataTable table, int entry) {
            return rows(table).map(rows -> rows[entry]).orElse(entry);
        }
    }
}
