package promedio.desktop.model.desk;

import java.nio.file.Path;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.Assignment;

/** The assignment as its file has it: which file, whether that is still what was read, and what is not saved yet. */
final class OnDisk {
    private final ReadOnlyObjectWrapper<Path> file = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper unsaved = new ReadOnlyBooleanWrapper();
    private Assignment saved = Assignment.EMPTY;
    private FileStamp stamp;
    private long laid;

    ReadOnlyObjectProperty<Path> fileProperty() {
        return file.getReadOnlyProperty();
    }

    ReadOnlyBooleanProperty unsavedProperty() {
        return unsaved.getReadOnlyProperty();
    }

    /** Another assignment is on the desk; where it is from a file, as it stood at that moment. */
    void laid(Assignment asSaved, Path from, FileStamp asRead) {
        laid++;
        saved(asSaved, from, asRead);
    }

    /** The assignment on the desk was saved. */
    void saved(Assignment asSaved, Path to, FileStamp asWritten) {
        saved = asSaved;
        stamp = asWritten;
        file.set(to);
    }

    /** How many assignments have been laid on the desk: the same while one lies there. */
    long laid() {
        return laid;
    }

    /** Whether the present differs from what is saved. */
    void compare(Assignment present) {
        // As a rule it is the very same, or another one: to compare all that it holds is left for the rest.
        unsaved.set(present != saved && !present.equals(saved));
    }

    /** Whether somebody else has changed the file since it was read or written here. */
    boolean isChangedElsewhere() {
        return file.get() != null && stamp != null && !FileStamp.of(file.get()).equals(stamp);
    }
}
