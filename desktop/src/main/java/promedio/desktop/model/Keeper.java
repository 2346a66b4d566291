package promedio.desktop.model;

import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Consumer;
import promedio.desktop.text.Words;
import promedio.files.assignment.Journal;

/** Writes steps of the desk into its journal; when that fails, says so and lets the work go on. */
final class Keeper {
    private final Journal journal;
    private final Consumer<String> say;

    /** A keeper; a null journal keeps nothing. */
    Keeper(Journal journal, Consumer<String> say) {
        this.journal = journal;
        this.say = say;
    }

    /** A step of the desk. */
    interface Step {
        void write(Journal to) throws IOException;
    }

    void note(Step step) {
        if (journal != null) {
            attempt(() -> step.write(journal));
        }
    }

    /** Whether another window has unsaved changes of a file. */
    boolean isHeldElsewhere(Path file) {
        return journal != null && Journal.isHeldElsewhere(journal.folder(), file);
    }

    void throwAway(Journal.Kept kept) {
        attempt(kept::throwAway);
    }

    private interface Risky {
        void run() throws IOException;
    }

    private void attempt(Risky risky) {
        try {
            risky.run();
        } catch (IOException problem) {
            say.accept(Words.of("message.journal", problem.getMessage()));
        }
    }
}
