package promedio.desktop;

import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;

/**
 * Keeps what libraries say of themselves off the terminal, where the program speaks to people: that JavaFX is on the class path, as it
 * is meant to be here, and that a folder for preferences was made. What is wrong is said still.
 */
final class Quiet {
    /** A logger that nobody holds is forgotten with its settings. */
    private static final List<Logger> HELD = List.of(Logger.getLogger("javafx"), Logger.getLogger("java.util.prefs"));

    private Quiet() {}

    /** From now on. */
    static void begin() {
        HELD.get(0)
                .setFilter(said -> !String.valueOf(said.getMessage()).startsWith("Unsupported JavaFX configuration"));
        HELD.get(1).setLevel(Level.WARNING);
    }
}
