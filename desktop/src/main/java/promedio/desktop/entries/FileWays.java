package promedio.desktop.entries;

import java.nio.file.Path;
import java.util.List;
import promedio.files.assignment.Journal;

/** The ways from an empty paper to an assignment that is there already. */
public interface FileWays {
    /** Opens the demo assignment. */
    void openDemo();

    /** Shows how a file with faults is read: the log of the demo. */
    void openDemoLog();

    /** Asks for a file and opens it. */
    void open();

    /** Puts back what an earlier desk has left unsaved, once what lies on this one may be put away. */
    void bringBack(Journal.Kept kept, Runnable then);

    /** Opens a file. */
    void take(Path file);

    /** The assignments last used, the last one first. */
    List<Path> recent();

    /** Asks for a place and writes the samples there as CSV. */
    void writeCsv();
}
