package promedio.core.assignment;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import promedio.core.sample.SampleKind.Use;
import promedio.core.tabulate.Tabulation;

/** Edits of one sample of the shelf: what it is called, its entries, its classes. */
public sealed interface SheetEdit extends Edit
        permits SheetEdit.Rename,
                SheetEdit.NameVariables,
                SheetEdit.SwapVariables,
                SheetEdit.SetEntry,
                SheetEdit.InsertRows,
                SheetEdit.RemoveRows,
                SheetEdit.SwitchEntries,
                SheetEdit.Tabulate,
                SheetEdit.SetMissingCodes,
                SheetEdit.MoveUnit {
    /** The id of the sample. */
    String sheetId();

    private static Assignment changed(Assignment before, String sheetId, UnaryOperator<SampleSheet> change) {
        return before.sheet(sheetId)
                .map(sheet -> before.withSheet(change.apply(sheet)))
                .orElse(before);
    }

    /** Another name and unit of a sample. */
    @Edit.Written("rename")
    record Rename(String sheetId, String name, String unit) implements SheetEdit {
        @Override
        public Assignment apply(Assignment before) {
            return changed(before, sheetId, sheet -> sheet.renamed(name, unit));
        }

        @Override
        public String undoKey() {
            return "rename-sample";
        }
    }

    /** Other names and units of the two variables of pairs. */
    @Edit.Written("variables")
    record NameVariables(String sheetId, SampleSheet.Variables variables, String unit) implements SheetEdit {
        @Override
        public Assignment apply(Assignment before) {
            return changed(
                    before,
                    sheetId,
                    sheet -> sheet.can(Use.VARIABLES) ? sheet.of(variables).renamed(sheet.name(), unit) : sheet);
        }

        @Override
        public String undoKey() {
            return "rename-sample";
        }
    }

    /** Pairs the other way round: y takes the place of x. */
    @Edit.Written("swap")
    record SwapVariables(String sheetId) implements SheetEdit {
        @Override
        public Assignment apply(Assignment before) {
            return changed(before, sheetId, sheet -> sheet.can(Use.VARIABLES) ? sheet.swapped() : sheet);
        }

        @Override
        public String undoKey() {
            return "swap-variables";
        }
    }

    /** One entry typed anew; in a sample of a column of a table, the cell there. */
    @Edit.Written("entry")
    record SetEntry(String sheetId, int column, int row, String typed) implements SheetEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .map(sheet -> Links.typed(before, sheet, column, row, typed)
                            .orElseGet(() -> before.withSheet(sheet.with(column, row, typed))))
                    .orElse(before);
        }

        @Override
        public OptionalInt rowAfter(Assignment before, String sheet, int old) {
            return Links.entryAfter(before, apply(before), sheet, old);
        }

        @Override
        public Optional<Edit> carried(RowMap rows) {
            return rows.optional(row).map(now -> new SetEntry(sheetId, column, now, typed));
        }

        @Override
        public String undoKey() {
            return "change-entry";
        }
    }

    /** Rows put in before a row; for each column their entries. */
    @Edit.Written("insert")
    record InsertRows(String sheetId, int at, List<List<String>> columns) implements SheetEdit {
        /** Copies the entries. */
        public InsertRows {
            columns = columns.stream().map(List::copyOf).toList();
        }

        @Override
        public Assignment apply(Assignment before) {
            return changed(before, sheetId, sheet -> sheet.inserted(at, columns));
        }

        @Override
        public OptionalInt rowAfter(Assignment before, String sheet, int row) {
            boolean behind = sheet.equals(sheetId) && row >= at;
            return OptionalInt.of(behind ? row + columns.get(0).size() : row);
        }

        /** Behind the row it was to stand behind, or behind what is left before that. */
        @Override
        public Optional<Edit> carried(RowMap rows) {
            int above = at - 1;
            while (above >= 0 && rows.to(above).isEmpty()) {
                above--;
            }
            return Optional.of(
                    new InsertRows(sheetId, above < 0 ? 0 : rows.to(above).getAsInt() + 1, columns));
        }

        @Override
        public String undoKey() {
            return "add-entries";
        }
    }

    /**
     * Rows taken out.
     *
     * @param rows which, ascending
     */
    @Edit.Written("take-out")
    record RemoveRows(String sheetId, List<Integer> rows) implements SheetEdit {
        /** Puts the rows in order. */
        public RemoveRows {
            rows = inOrder(rows);
        }

        /** Neighbouring rows. */
        public RemoveRows(String sheetId, int from, int count) {
            this(sheetId, IntStream.range(from, from + count).boxed().toList());
        }

        @Override
        public Assignment apply(Assignment before) {
            return changed(before, sheetId, sheet -> sheet.without(rows));
        }

        @Override
        public OptionalInt rowAfter(Assignment before, String sheet, int row) {
            if (!sheet.equals(sheetId)) {
                return OptionalInt.of(row);
            }
            int found = Collections.binarySearch(rows, row);
            return found >= 0 ? OptionalInt.empty() : OptionalInt.of(row - (-found - 1));
        }

        @Override
        public Optional<Edit> carried(RowMap to) {
            return to.all(rows).map(now -> new RemoveRows(sheetId, now));
        }

        @Override
        public String undoKey() {
            return "remove-entries";
        }
    }

    /**
     * Entries switched off, or on again.
     *
     * @param rows which, ascending
     */
    @Edit.Written("switch")
    record SwitchEntries(String sheetId, List<Integer> rows, boolean on) implements SheetEdit {
        /** Puts the rows in order. */
        public SwitchEntries {
            rows = inOrder(rows);
        }

        /** One entry. */
        public SwitchEntries(String sheetId, int row, boolean on) {
            this(sheetId, List.of(row), on);
        }

        @Override
        public Assignment apply(Assignment before) {
            return changed(before, sheetId, sheet -> sheet.switched(rows, on));
        }

        @Override
        public Optional<Edit> carried(RowMap to) {
            return to.all(rows).map(now -> new SwitchEntries(sheetId, now, on));
        }

        @Override
        public String undoKey() {
            return on ? "switch-on" : "switch-off";
        }
    }

    /** Other classes, or none, that a list is put into. */
    @Edit.Written("tabulate")
    record Tabulate(String sheetId, Optional<Tabulation> classes) implements SheetEdit {
        @Override
        public Assignment apply(Assignment before) {
            return changed(before, sheetId, sheet -> sheet.tabulated(classes));
        }

        @Override
        public String undoKey() {
            return "tabulate";
        }
    }

    /** Other codes for missing values. */
    @Edit.Written("missing")
    record SetMissingCodes(String sheetId, Set<String> codes) implements SheetEdit {
        /** Copies the codes. */
        public SetMissingCodes {
            codes = Set.copyOf(codes);
        }

        @Override
        public Assignment apply(Assignment before) {
            return changed(before, sheetId, sheet -> sheet.withMissingCodes(codes));
        }

        @Override
        public String undoKey() {
            return "missing-codes";
        }
    }

    /**
     * One unit of a frequency table moved to another value, or added.
     *
     * @param row the row it is taken from; −1 for a unit that is added
     * @param to the value it goes to, as typed
     */
    @Edit.Written("unit")
    record MoveUnit(String sheetId, int row, String to) implements SheetEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .flatMap(sheet -> FrequencyRows.moved(sheet, before.card().numerals(), row, to))
                    .map(before::withSheet)
                    .orElse(before);
        }

        @Override
        public OptionalInt rowAfter(Assignment before, String sheet, int old) {
            return sheet.equals(sheetId)
                    ? FrequencyRows.rowAfter(before.sheet(sheet), apply(before).sheet(sheet), old)
                    : OptionalInt.of(old);
        }

        @Override
        public Optional<Edit> carried(RowMap rows) {
            return row < 0 ? Optional.of(this) : rows.optional(row).map(now -> new MoveUnit(sheetId, now, to));
        }

        @Override
        public String undoKey() {
            return row < 0 ? "add-entries" : "change-entry";
        }
    }

    private static List<Integer> inOrder(List<Integer> rows) {
        return rows.stream().sorted().distinct().toList();
    }
}
