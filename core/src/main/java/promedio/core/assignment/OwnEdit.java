package promedio.core.assignment;

import java.util.List;
import java.util.function.UnaryOperator;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnSheet;

/** Edits of the table and the lines that a student works by hand. */
public sealed interface OwnEdit extends Edit
        permits OwnEdit.SetOut,
                OwnEdit.PutAway,
                OwnEdit.WriteCells,
                OwnEdit.FillCell,
                OwnEdit.HintCell,
                OwnEdit.MarkAtOnce {
    /** The working of a sample changed, where there is one. */
    private static Assignment changed(Assignment before, String sheetId, UnaryOperator<OwnSheet> change) {
        return before.working(sheetId)
                .map(sheet -> before.withWorking(sheetId, change.apply(sheet)))
                .orElse(before);
    }

    /**
     * A working set out anew: blank, as it was pasted, or with other columns, rows or lines.
     *
     * @param what the word for what was done with it, for “Undo …”
     */
    @Edit.Written("own-set-out")
    record SetOut(String sheetId, OwnSheet working, String what) implements OwnEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.sheet(sheetId).isPresent() ? before.withWorking(sheetId, working) : before;
        }

        @Override
        public String undoKey() {
            return what;
        }
    }

    /** A working put away. */
    @Edit.Written("own-put-away")
    record PutAway(String sheetId) implements OwnEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.withoutWorking(sheetId);
        }

        @Override
        public String undoKey() {
            return "own-put-away";
        }
    }

    /** Cells written, from one on to the right and down; the row below the last is that of the totals. */
    @Edit.Written("own-write")
    record WriteCells(String sheetId, int row, int column, List<List<String>> cells) implements OwnEdit {
        /** Copies the cells. */
        public WriteCells {
            cells = cells.stream().map(List::copyOf).toList();
        }

        @Override
        public Assignment apply(Assignment before) {
            return changed(before, sheetId, sheet -> sheet.with(new CellPlace(row, column), cells));
        }

        @Override
        public String undoKey() {
            return "own-write";
        }
    }

    /** A cell that the program fills in, since it was asked for. */
    @Edit.Written("own-fill")
    record FillCell(String sheetId, int row, int column, String text) implements OwnEdit {
        @Override
        public Assignment apply(Assignment before) {
            return changed(before, sheetId, sheet -> sheet.filled(new CellPlace(row, column), text));
        }

        @Override
        public String undoKey() {
            return "own-fill";
        }
    }

    /** One more hint to a cell. */
    @Edit.Written("own-hint")
    record HintCell(String sheetId, int row, int column) implements OwnEdit {
        @Override
        public Assignment apply(Assignment before) {
            return changed(before, sheetId, sheet -> sheet.hinted(new CellPlace(row, column)));
        }

        @Override
        public String undoKey() {
            return "take-hint";
        }
    }

    /** Workings are marked while they are written, or only when that is asked for. */
    @Edit.Written("own-mark")
    record MarkAtOnce(boolean on) implements OwnEdit {
        @Override
        public Assignment apply(Assignment before) {
            return before.with(all -> all.asking(before.asking().marking(on)));
        }

        @Override
        public String undoKey() {
            return on ? "own-mark-at-once" : "own-mark-when-asked";
        }
    }
}
