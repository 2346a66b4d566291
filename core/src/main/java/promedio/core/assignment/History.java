package promedio.core.assignment;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/** An assignment with its past and, after an undo, its future. Assignments share what did not change, so all are kept. */
public final class History {
    private record Step(Edit edit, Assignment before, Assignment after) {}

    private final Deque<Step> past = new ArrayDeque<>();
    private final Deque<Step> future = new ArrayDeque<>();
    private Assignment present;

    /** A history that begins with an assignment. */
    public History(Assignment present) {
        this.present = present;
    }

    /** The assignment as it is now. */
    public Assignment present() {
        return present;
    }

    /** Makes an edit; one that changes nothing leaves no trace. Returns whether something changed. */
    public boolean make(Edit edit) {
        Assignment after = edit.apply(present);
        if (after.equals(present)) {
            return false;
        }
        past.push(new Step(edit, present, after));
        future.clear();
        present = after;
        return true;
    }

    /**
     * Puts what follows from the present in its place, which is no edit: an undo goes back to what was before the last edit.
     *
     * @param after the present with what follows from it
     */
    public void settle(Assignment after) {
        if (!past.isEmpty() && past.peek().after() == present) {
            Step last = past.pop();
            past.push(new Step(last.edit(), last.before(), after));
        }
        present = after;
    }

    /** The edit that an undo would take back. */
    public Optional<Edit> undoable() {
        return Optional.ofNullable(past.peek()).map(Step::edit);
    }

    /** The edit that a redo would make again. */
    public Optional<Edit> redoable() {
        return Optional.ofNullable(future.peek()).map(Step::edit);
    }

    /**
     * Where the rows of a sheet, as it was once on this desk, stand now; empty when nobody can tell, because what led from
     * there to here is no longer known.
     */
    public Optional<RowMap> rowsSince(SampleSheet seen) {
        if (isNow(present, seen)) {
            return Optional.of(RowMap.SAME);
        }
        RowMap since = RowMap.SAME;
        for (Step step : past) {
            RowMap later = since;
            since = forward(step, seen.id()).then(later);
            if (isNow(step.before(), seen)) {
                return Optional.of(since);
            }
        }
        RowMap back = RowMap.SAME;
        for (Step step : future) {
            back = backward(step, seen.id()).then(back);
            if (isNow(step.after(), seen)) {
                return Optional.of(back);
            }
        }
        return Optional.empty();
    }

    private static boolean isNow(Assignment assignment, SampleSheet seen) {
        return assignment.sheet(seen.id()).filter(sheet -> sheet == seen).isPresent();
    }

    private static RowMap forward(Step step, String sheetId) {
        return row -> step.edit().rowAfter(step.before(), sheetId, row);
    }

    private static RowMap backward(Step step, String sheetId) {
        int rows = step.before().sheet(sheetId).map(SampleSheet::size).orElse(0);
        return row -> IntStream.range(0, rows)
                .filter(old -> step.edit().rowAfter(step.before(), sheetId, old).equals(OptionalInt.of(row)))
                .findFirst();
    }

    /** Takes the last edit back. */
    public void undo() {
        if (!past.isEmpty()) {
            Step step = past.pop();
            future.push(step);
            present = step.before();
        }
    }

    /** Makes the edit again that was taken back last. */
    public void redo() {
        if (!future.isEmpty()) {
            Step step = future.pop();
            past.push(step);
            present = step.after();
        }
    }
}
