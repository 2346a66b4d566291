package promedio.core.assignment;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.course.CourseCard;
import promedio.core.tabulate.Tabulation;

/** One change of an assignment. The same edits serve undo, redo and whatever keeps a record of them. */
public sealed interface Edit {

    /** The assignment after this edit. Edits of a sheet that is not there change nothing. */
    Assignment apply(Assignment before);

    /** The key of what to call it in “Undo …”: the bundle's {@code edit.} keys. */
    String name();

    /** Another title. */
    record Retitle(String title) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.withTitle(title);
        }

        @Override
        public String name() {
            return "retitle";
        }
    }

    /** Another course card. */
    record ChangeCard(CourseCard card) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.withCard(card);
        }

        @Override
        public String name() {
            return "change-card";
        }
    }

    /** A new sample at a place of the shelf. */
    record AddSheet(int at, SampleSheet sheet) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.withNewSheet(at, sheet);
        }

        @Override
        public String name() {
            return "add-sample";
        }
    }

    /** A sample taken off the shelf, with its answers. */
    record RemoveSheet(String sheetId) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.withoutSheet(sheetId);
        }

        @Override
        public String name() {
            return "remove-sample";
        }
    }

    /** Another name and unit of a sample. */
    record Rename(String sheetId, String newName, String unit) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .map(sheet -> before.withSheet(sheet.renamed(newName, unit)))
                    .orElse(before);
        }

        @Override
        public String name() {
            return "rename-sample";
        }
    }

    /** One entry typed anew. */
    record SetEntry(String sheetId, int column, int row, String typed) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .map(sheet -> before.withSheet(sheet.with(column, row, typed)))
                    .orElse(before);
        }

        @Override
        public String name() {
            return "change-entry";
        }
    }

    /** Rows put in before a row; for each column their entries. */
    record InsertRows(String sheetId, int at, List<List<String>> byColumn) implements Edit {
        /** Copies the entries. */
        public InsertRows {
            byColumn = byColumn.stream().map(List::copyOf).toList();
        }

        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .map(sheet -> before.withSheet(sheet.inserted(at, byColumn)))
                    .orElse(before);
        }

        @Override
        public String name() {
            return "add-entries";
        }
    }

    /** Rows taken out. */
    record RemoveRows(String sheetId, int from, int count) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .map(sheet -> before.withSheet(sheet.removed(from, count)))
                    .orElse(before);
        }

        @Override
        public String name() {
            return "remove-entries";
        }
    }

    /** An entry switched off, or on again. */
    record SwitchEntry(String sheetId, int row, boolean on) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .map(sheet -> before.withSheet(sheet.switched(row, on)))
                    .orElse(before);
        }

        @Override
        public String name() {
            return on ? "switch-on" : "switch-off";
        }
    }

    /** Other classes, or none, that a list is put into. */
    record Tabulate(String sheetId, Optional<Tabulation> tabulation) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .map(sheet -> before.withSheet(sheet.tabulated(tabulation)))
                    .orElse(before);
        }

        @Override
        public String name() {
            return "tabulate";
        }
    }

    /** Other codes for missing values. */
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
        public String name() {
            return "missing-codes";
        }
    }

    /** Figures covered until they are answered, or open. */
    record CoverFigures(boolean cover) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.withAttempts(before.attempts().covering(cover));
        }

        @Override
        public String name() {
            return cover ? "cover" : "uncover";
        }
    }

    /** The cover of one figure lifted before there was an answer. */
    record LiftCover(String sheetId, String measure) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            Assignment.Question question = new Assignment.Question(sheetId, measure);
            return before.covers(sheetId, measure)
                    ? before.withAttempts(before.attempts().lifting(question))
                    : before;
        }

        @Override
        public String name() {
            return "lift-cover";
        }
    }

    /** An answer written, changed, or wiped out by an empty text. */
    record WriteAnswer(String sheetId, String measure, String text) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.withAnswer(new Assignment.Question(sheetId, measure), text);
        }

        @Override
        public String name() {
            return "answer";
        }
    }

    /**
     * One unit of a frequency table moved to another value, or added.
     *
     * @param row the row it is taken from; −1 for a unit that is added
     * @param to the value it goes to, as typed
     */
    record MoveUnit(String sheetId, int row, String to) implements Edit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId)
                    .flatMap(sheet -> FrequencyRows.moved(sheet, before.card().numerals(), row, to))
                    .map(before::withSheet)
                    .orElse(before);
        }

        @Override
        public String name() {
            return row < 0 ? "add-entries" : "change-entry";
        }
    }

    /** Several edits made, undone and made again as one. */
    record Together(String name, List<Edit> edits) implements Edit {
        /** Copies the edits. */
        public Together {
            edits = List.copyOf(edits);
        }

        @Override
        public Assignment apply(Assignment before) {
            Assignment after = before;
            for (Edit edit : edits) {
                after = edit.apply(after);
            }
            return after;
        }
    }
}
