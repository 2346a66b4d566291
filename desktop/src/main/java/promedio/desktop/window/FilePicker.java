package promedio.desktop.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.stage.Window;

/** What is asked of the person outside the window: which file, and what to do with unsaved changes. Tests answer for them. */
public interface FilePicker {
    /** What to do with changes that are not saved. */
    enum Unsaved {
        /** Save them first. */
        SAVE,
        /** Go on without them. */
        LEAVE,
        /** Do not go on. */
        STAY
    }

    /** What to do with a file that somebody else has changed. */
    enum Changed {
        /** Put this assignment in its place. */
        REPLACE,
        /** Save under another name. */
        ELSEWHERE,
        /** Do not save. */
        STAY
    }

    /** A file to open; empty when none was chosen. */
    Optional<Path> toOpen();

    /** A file to save to; empty when none was chosen. */
    Optional<Path> toSave(String suggestedName);

    /** A CSV file to write samples to; empty when none was chosen. */
    Optional<Path> toWrite(String suggestedName);

    /** A table of answers; empty when none was chosen. */
    Optional<Path> answers();

    /** A file of data for the steps of another; empty when none was chosen. */
    Optional<Path> data();

    /** The file of a name that a step joins; empty when none was chosen. */
    Optional<Path> joined(String name);

    /** A folder of assignments; empty when none was chosen. */
    Optional<Path> folder();

    /** A file to write marks to; empty when none was chosen. */
    Optional<Path> toWriteMarks(String suggestedName);

    /** A file to write a picture to; empty when none was chosen. */
    Optional<Path> toWritePicture(String suggestedName);

    /** A file to write a table or a trail to, in one of some formats; empty when none was chosen. */
    Optional<Path> toWriteTable(String suggestedName, List<String> endings);

    /** A trail to open; empty when none was chosen. */
    Optional<Path> trail();

    /** What to do with the changes of an assignment. */
    Unsaved unsaved(String title);

    /** What to do with a file that was changed by another program. */
    Changed changedElsewhere(String name);

    /** Says in which folder the next dialog begins. */
    void near(Path folder);

    /** Says where examples were written, which are offered as data and are no place to save anything. */
    void examples(Path folder);

    /** The real dialogs over a window. */
    static FilePicker over(Window window) {
        return new FileDialogs(window);
    }
}
