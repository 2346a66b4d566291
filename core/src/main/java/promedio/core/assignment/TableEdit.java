package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import promedio.core.trail.Trail;

/** One change of a data table, or of what is linked to it. Samples of its columns follow. No data is inside an edit. */
public sealed interface TableEdit extends Edit {
    @Override
    default OptionalInt rowAfter(Assignment before, String sheetId, int row) {
        return Links.entryAfter(before, apply(before), sheetId, row);
    }

    /** A new table at a place of the shelf. */
    @Written("add-table")
    record AddTable(int at, DataTable table) implements TableEdit {
        @Override
        public Assignment apply(Assignment before) {
            List<DataTable> all = new ArrayList<>(before.tables());
            all.add(Math.min(at, all.size()), table);
            return before.has(table.id()) ? before : before.withTables(all);
        }

        @Override
        public String undoKey() {
            return "add-table";
        }
    }

    /** A table taken off the shelf; samples of its columns keep their entries. */
    @Written("remove-table")
    record RemoveTable(String tableId) implements TableEdit {
        @Override
        public Assignment apply(Assignment before) {
            return Links.without(before, tableId);
        }

        @Override
        public String undoKey() {
            return "remove-table";
        }
    }

    /** Another name of a table. */
    @Written("rename-table")
    record RenameTable(String tableId, String name) implements TableEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.table(tableId)
                    .map(table -> before.withTable(table.renamed(name)))
                    .orElse(before);
        }

        @Override
        public String undoKey() {
            return "rename-table";
        }
    }

    /** Another name, unit and label of a column; one without a name, or whose name another has, changes nothing. */
    @Written("head")
    record NameColumn(String tableId, int column, String name, String unit, String label) implements TableEdit {
        @Override
        public Assignment apply(Assignment before) {
            DataTable.Head head = new DataTable.Head(name, unit, label);
            return before.table(tableId)
                    .filter(table -> table.isColumn(column) && !head.name().isEmpty())
                    .filter(table -> {
                        int taken = table.all().indexOf(head.name());
                        return taken < 0 || taken == column;
                    })
                    .map(table -> before.withTable(table.headed(column, head)))
                    .orElse(before);
        }

        @Override
        public String undoKey() {
            return "name-column";
        }
    }

    /**
     * Something else written by hand into cells of a column.
     *
     * @param rows which, ascending
     */
    @Written("cells")
    record SetCells(String tableId, int column, List<Integer> rows, String typed) implements TableEdit {
        /** Puts the rows in order. */
        public SetCells {
            rows = rows.stream().sorted().distinct().toList();
        }

        /** One cell. */
        public SetCells(String tableId, int column, int row, String typed) {
            this(tableId, column, List.of(row), typed);
        }

        @Override
        public Assignment apply(Assignment before) {
            return before.table(tableId)
                    .filter(table -> table.isColumn(column) && rows.stream().allMatch(table::isRow))
                    .map(table -> Links.follow(before, table.with(column, rows, typed)))
                    .orElse(before);
        }

        @Override
        public String undoKey() {
            return rows.size() == 1 ? "change-cell" : "change-cells";
        }
    }

    /**
     * Rows left out, or not any more.
     *
     * @param rows which, ascending
     */
    @Written("rows")
    record LeaveOutRows(String tableId, List<Integer> rows, boolean out) implements TableEdit {
        /** Puts the rows in order. */
        public LeaveOutRows {
            rows = rows.stream().sorted().distinct().toList();
        }

        @Override
        public Assignment apply(Assignment before) {
            return before.table(tableId)
                    .filter(table -> rows.stream().allMatch(table::isRow))
                    .map(table -> Links.follow(before, table.leavingOut(rows, out)))
                    .orElse(before);
        }

        @Override
        public String undoKey() {
            return out ? "leave-out-rows" : "take-rows";
        }
    }

    /**
     * Other steps of preparation; samples of what they make follow when the steps have been walked.
     *
     * @param trail the trail as it stands in a file; nothing changes where it is none
     */
    @Written("trail")
    record Prepare(String tableId, String trail) implements TableEdit {
        @Override
        public Assignment apply(Assignment before) {
            try {
                Trail read = Trail.read(trail);
                return before.table(tableId)
                        .map(table -> before.withTable(table.prepared(read)))
                        .orElse(before);
            } catch (Trail.NoTrail none) {
                return before;
            }
        }

        @Override
        public String undoKey() {
            return "trail";
        }
    }

    /**
     * A table handed over that the steps of another join; samples of what they make follow when the steps have been walked.
     *
     * @param file the name of its file in the steps
     * @param original what was read of it
     */
    @Written("joined")
    record HandOver(String tableId, String file, Original original) implements TableEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.table(tableId)
                    .map(table -> before.withTable(table.joining(file, original)))
                    .orElse(before);
        }

        @Override
        public String undoKey() {
            return "joined";
        }
    }

    /** A new sample of a column at a place of the shelf. */
    @Written("take")
    record TakeColumn(int at, String sheetId, String name, String unit, Link link) implements TableEdit {
        @Override
        public Assignment apply(Assignment before) {
            Optional<DataTable> table = before.table(link.tableId()).filter(link::fits);
            return table.isEmpty() || before.has(sheetId)
                    ? before
                    : before.withNewSheet(
                            at,
                            Links.sheet(
                                    sheetId,
                                    name,
                                    unit,
                                    link,
                                    table.get(),
                                    before.card().numerals()));
        }

        @Override
        public OptionalInt rowAfter(Assignment before, String sheet, int row) {
            return OptionalInt.of(row);
        }

        @Override
        public String undoKey() {
            return "add-sample";
        }
    }
}
