package promedio.desktop.model.desk;

import java.nio.file.Path;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import promedio.core.assignment.Assignment;
import promedio.desktop.text.Words;

/** The file of the assignment, and what is written of it, off the thread of the window and one after another. */
public final class Saving {
    private final Desk desk;
    private final Background disk;
    private final Keeper keeper;
    private final OnDisk onDisk = new OnDisk();

    Saving(Desk desk, Background disk, Keeper keeper) {
        this.desk = desk;
        this.disk = disk;
        this.keeper = keeper;
    }

    /** The assignment as its file has it. */
    OnDisk onDisk() {
        return onDisk;
    }

    /** The file the assignment was read from or saved to; null before that. */
    public ReadOnlyObjectProperty<Path> fileProperty() {
        return onDisk.fileProperty();
    }

    /** Whether there is something that is not saved. */
    public ReadOnlyBooleanProperty unsavedProperty() {
        return onDisk.unsavedProperty();
    }

    /** Whether somebody else has changed the file of the assignment since it was opened or saved here. */
    public boolean isChangedElsewhere() {
        return onDisk.isChangedElsewhere();
    }

    /** Whether another window has a file open. */
    public boolean isOpenElsewhere(Path file) {
        return keeper.isOpenElsewhere(file);
    }

    /**
     * Saves the assignment as it is now; when that fails the sentence is said.
     *
     * @param then what follows when it is saved
     */
    public void save(Path path, Runnable then) {
        Assignment present = desk.assignment();
        desk.say(Words.of("message.writing", path.getFileName()));
        long lying = onDisk.laid();
        keeper.save(present, path, () -> {
            // Another assignment may lie on the desk by now.
            if (lying == onDisk.laid()) {
                onDisk.saved(present, path, FileStamp.of(path));
                onDisk.compare(desk.assignment());
            }
            desk.say(Words.of("message.saved", path.getFileName()));
            then.run();
        });
    }

    /** Writes some other file of the assignment, and says what came of it. */
    public void write(Path path, Supplier<String> work) {
        desk.say(Words.of("message.writing", path.getFileName()));
        disk.run(work, desk::say, desk::failed);
    }
}
