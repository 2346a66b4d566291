package promedio.desktop.model.desk;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.History;
import promedio.core.assignment.RowMap;
import promedio.core.assignment.SampleSheet;
import promedio.core.sentence.Sentence;
import promedio.desktop.text.Words;

/** What was done on the desk and can be undone, each step written into the journal as it is made. */
final class Past {
    private final Keeper keeper;
    private final ReadOnlyStringWrapper undoName = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper redoName = new ReadOnlyStringWrapper("");
    private History history = new History(Assignment.EMPTY);

    Past(Keeper keeper) {
        this.keeper = keeper;
    }

    /** Begins with another history. */
    void lay(History other) {
        history = other;
    }

    Assignment present() {
        return history.present();
    }

    ReadOnlyStringProperty undoName() {
        return undoName.getReadOnlyProperty();
    }

    ReadOnlyStringProperty redoName() {
        return redoName.getReadOnlyProperty();
    }

    /** Where the rows of a sheet, as it was once on this desk, stand now. */
    Optional<RowMap> rowsSince(SampleSheet seen) {
        return history.rowsSince(seen);
    }

    /** Makes an edit; returns whether it changed something, and so has to be {@link #note written down}. */
    boolean make(Edit edit) {
        return history.make(edit);
    }

    /** Puts what follows from the present in its place: other entries of some samples, which is no edit. */
    void settle(Assignment after) {
        Assignment before = history.present();
        List<SampleSheet> given = after.sheets().stream()
                .filter(sheet ->
                        before.sheet(sheet.id()).filter(was -> was == sheet).isEmpty())
                .toList();
        history.settle(after);
        keeper.note(after, to -> to.settled(given));
    }

    /** Writes the edit down that was made last. */
    void note(Edit made) {
        keeper.note(history.present(), to -> to.made(made));
    }

    void undo() {
        history.undo();
        Assignment present = history.present();
        keeper.note(present, to -> to.undone(present));
    }

    void redo() {
        history.redo();
        Assignment present = history.present();
        keeper.note(present, to -> to.redone(present));
    }

    /** Names what an undo and a redo would do now. */
    void name() {
        undoName.set(history.undoable().map(Past::nameOf).orElse(""));
        redoName.set(history.redoable().map(Past::nameOf).orElse(""));
    }

    private static String nameOf(Edit edit) {
        return Words.of(Sentence.of("edit." + edit.undoKey()));
    }
}
