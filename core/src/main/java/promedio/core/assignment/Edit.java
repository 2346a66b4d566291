package promedio.core.assignment;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import promedio.core.course.CourseCard;
import promedio.core.tabulate.Tabulation;

/**
 * One change of an assignment. The same edits serve undo, redo and whatever keeps a record of them: what an edit is made of
 * are its components, and {@link Written} is the word that stands for its kind in a record.
 */
public sealed interface Edit
        permits Edit.Retitle,
                Edit.ChangeCard,
                Edit.AddSheet,
                Edit.RemoveSheet,
                Edit.Rename,
                Edit.NameVariables,
                Edit.Gather,
                Edit.SwapVariables,
                Edit.SetEntry,
                Edit.InsertRows,
                Edit.RemoveRows,
                Edit.SwitchEntries,
                Edit.Tabulate,
                Edit.SetMissingCodes,
                Edit.MoveUnit,
                Edit.Together,
                TableEdit,
                PictureEdit,
                JotEdit,
                AnswerEdit {
    /** The stable word for a kind of edit. */
    @Retention(RetentionPolicy.RUNTIME)
    @Target(ElementType.TYPE)
    @interface Written {
        /** The word. */
        String value();
    }

    /** The assignment after this edit. Edits of a sheet that is not there change nothing. */
    Assignment apply(Assignment before);

    /** The key of what to call it in “Undo …”: the bundle's {@code edit.} keys. */
    String undoKey();

    /** Where a row of a sheet stands after this edit of an assignment; empty when it was taken out. */
    default OptionalInt rowAfter(Assignment before, String sheetId, int row) {
        return OptionalInt.of(row);
    }

    /** The same edit of a sheet whose rows stand elsewhere by now; empty when a row it is aimed at is gone. */
    default Optional<Edit> carried(RowMap rows) {
        return Optional.of(this);
    }

    /** Another title. */
    @Written("title")
    record Retitle(String title) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.withTitle(title);
        }

        @Override
        public String undoKey() {
            return "retitle";
        }
    }

    /** Another course card. */
    @Written("card")
    record ChangeCard(CourseCard card) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            Assignment after = before.withCard(card);
            return card.numerals().equals(before.card().numerals()) ? after : Links.rewritten(after);
        }

        @Override
        public String undoKey() {
            return "change-card";
        }
    }

    /** A new sample at a place of the shelf. */
    @Written("add")
    record AddSheet(int at, SampleSheet sheet) implements Edit {
        /** @throws IllegalArgumentException for a sample of a column: {@link TableEdit.TakeColumn} makes those */
        public AddSheet {
            if (sheet.link().isPresent()) {
                throw new IllegalArgumentException("A sample of a column is taken, not added.");
            }
        }

        @Override
        public Assignment apply(Assignment before) {
            return before.withNewSheet(at, sheet);
        }

        @Override
        public String undoKey() {
            return "add-sample";
        }
    }

    /** A sample taken off the shelf, with its answers. */
    @Written("remove")
    record RemoveSheet(String sheetId) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.withoutSheet(sheetId);
        }

        @Override
        public OptionalInt rowAfter(Assignment before, String sheet, int row) {
            return sheet.equals(sheetId) ? OptionalInt.empty() : OptionalInt.of(row);
        }

        @Override
        public String undoKey() {
            return "remove-sample";
        }
    }

    /** Another name and unit of a sample. */
    @Written("rename")
    record Rename(String sheetId, String name, String unit) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .map(sheet -> before.withSheet(sheet.renamed(name, unit)))
                    .orElse(before);
        }

        @Override
        public String undoKey() {
            return "rename-sample";
        }
    }

    /** Other names and units of the two variables of pairs. */
    @Written("variables")
    record NameVariables(String sheetId, SampleSheet.Variables variables, String unit) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .filter(SampleSheet::isOfPairs)
                    .map(sheet -> before.withSheet(sheet.of(variables).renamed(sheet.name(), unit)))
                    .orElse(before);
        }

        @Override
        public String undoKey() {
            return "rename-sample";
        }
    }

    /**
     * Samples kept together as groups, or taken apart again.
     *
     * @param name what they are called together; empty to take them apart
     */
    @Written("gather")
    record Gather(List<String> sheetIds, String name) implements Edit {
        /** Copies the ids. */
        public Gather {
            sheetIds = List.copyOf(sheetIds);
        }

        @Override
        public Assignment apply(Assignment before) {
            Assignment after = before;
            for (String id : sheetIds) {
                after = after.withSheets(after.sheets().stream()
                        .map(sheet -> sheet.id().equals(id) ? sheet.among(name) : sheet)
                        .toList());
            }
            return after;
        }

        @Override
        public String undoKey() {
            return name.isEmpty() ? "groups-apart" : "gather-groups";
        }
    }

    /** Pairs the other way round: y takes the place of x. */
    @Written("swap")
    record SwapVariables(String sheetId) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .filter(SampleSheet::isOfPairs)
                    .map(sheet -> before.withSheet(sheet.swapped()))
                    .orElse(before);
        }

        @Override
        public String undoKey() {
            return "swap-variables";
        }
    }

    /** One entry typed anew; in a sample of a column of a table, the cell there. */
    @Written("entry")
    record SetEntry(String sheetId, int column, int row, String typed) implements Edit {
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
    @Written("insert")
    record InsertRows(String sheetId, int at, List<List<String>> columns) implements Edit {
        /** Copies the entries. */
        public InsertRows {
            columns = columns.stream().map(List::copyOf).toList();
        }

        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .map(sheet -> before.withSheet(sheet.inserted(at, columns)))
                    .orElse(before);
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
    @Written("take-out")
    record RemoveRows(String sheetId, List<Integer> rows) implements Edit {
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
            return before.sheet(sheetId)
                    .map(sheet -> before.withSheet(sheet.without(rows)))
                    .orElse(before);
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
    @Written("switch")
    record SwitchEntries(String sheetId, List<Integer> rows, boolean on) implements Edit {
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
            return before.sheet(sheetId)
                    .map(sheet -> before.withSheet(sheet.switched(rows, on)))
                    .orElse(before);
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

    private static List<Integer> inOrder(List<Integer> rows) {
        return rows.stream().sorted().distinct().toList();
    }

    /** Other classes, or none, that a list is put into. */
    @Written("tabulate")
    record Tabulate(String sheetId, Optional<Tabulation> classes) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .map(sheet -> before.withSheet(sheet.tabulated(classes)))
                    .orElse(before);
        }

        @Override
        public String undoKey() {
            return "tabulate";
        }
    }

    /** Other codes for missing values. */
    @Written("missing")
    record SetMissingCodes(String sheetId, Set<String> codes) implements Edit {
        /** Copies the codes. */
        public SetMissingCodes {
            codes = Set.copyOf(codes);
        }

        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .map(sheet -> before.withSheet(sheet.withMissingCodes(codes)))
                    .orElse(before);
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
    @Written("unit")
    record MoveUnit(String sheetId, int row, String to) implements Edit {
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

    /** Several edits made, undone and made again as one. */
    @Written("together")
    record Together(String name, List<Edit> edits) implements Edit {
        /** Copies the edits. */
        public Together {
            edits = List.copyOf(edits);
        }

        @Override
        public String undoKey() {
            return name;
        }

        @Override
        public Assignment apply(Assignment before) {
            Assignment after = before;
            for (Edit edit : edits) {
                after = edit.apply(after);
            }
            return after;
        }

        @Override
        public OptionalInt rowAfter(Assignment before, String sheet, int row) {
            Assignment now = before;
            OptionalInt at = OptionalInt.of(row);
            for (int i = 0; i < edits.size() && at.isPresent(); i++) {
                at = edits.get(i).rowAfter(now, sheet, at.getAsInt());
                now = edits.get(i).apply(now);
            }
            return at;
        }

        /** Only edits that leave each other’s rows where they are can be carried one by one. */
        @Override
        public Optional<Edit> carried(RowMap rows) {
            List<Edit> now = new ArrayList<>();
            for (Edit edit : edits) {
                Optional<Edit> one = edit instanceof SetEntry ? edit.carried(rows) : Optional.empty();
                if (one.isEmpty()) {
                    return Optional.empty();
                }
                now.add(one.get());
            }
            return Optional.of(new Together(name, now));
        }
    }
}
