package promedio.desktop.entries;

import java.nio.file.Path;
import java.util.List;

/** The ways from an empty paper to an assignment that is there already. */
public interface FileWays {
    /** Opens the demo assignment. */
    void openDemo();

    /** Asks for a file and opens it. */
    void open();

    /** Opens a file. */
    void take(Path file);

    /** The assignments last used, the last one first. */
    List<Path> recent();

    /** Asks for a place and writes the samples there as CSV. */
    void writeCsv();
}
