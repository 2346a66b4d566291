package promedio.desktop.model.desk;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import promedio.core.assignment.Assignment;
import promedio.desktop.text.Words;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.Journal;

/**
 * Keeps the work: saves it, and writes every step of the desk into its journal, one after another off the thread of the
 * window. When a step cannot be written the keeper says so and lets the work go on; the next step that can be is written as
 * the whole assignment it led to.
 */
final class Keeper {
    private final Background disk;
    private final Journal journal;
    private final Consumer<String> say;
    private final Consumer<Throwable> failed;
    /** Whether the journal lacks a step; known to the writing thread only. */
    private boolean behind;

    /** A keeper; a null journal keeps nothing. */
    Keeper(Background disk, Journal journal, Consumer<String> say, Consumer<Throwable> failed) {
        this.disk = disk;
        this.journal = journal;
        this.say = say;
        this.failed = failed;
    }

    /** A step of the desk. */
    interface Step {
        void write(Journal to) throws IOException;
    }

    /** Writes down a step that has led to an assignment. */
    void note(Assignment present, Step step) {
        run(() -> written(to -> {
            if (behind) {
                to.standsAt(present);
            } else {
                step.write(to);
            }
        }));
    }

    /** Begins anew from an assignment as it was opened. */
    void begin(Assignment from, Optional<Path> savedAs) {
        run(() -> written(to -> to.begin(from, savedAs)));
    }

    /** Begins anew with an assignment of which nothing is saved; what was kept before goes only when that is safely down. */
    void beginUnsaved(Assignment present, Optional<Path> savedAs) {
        run(() -> written(to -> to.beginUnsaved(present, savedAs)));
    }

    /** The same with what was kept of an earlier desk, whose journal is put away then, and only then. */
    void takeOver(Journal.Kept kept) {
        run(() -> {
            String told = written(to -> to.beginUnsaved(kept.history().present(), kept.savedAs()));
            return journal == null || !told.isEmpty() ? told : tried(kept::putAway);
        });
    }

    /** Saves an assignment and begins the journal anew from there, before any later edit is written down. */
    void save(Assignment present, Path path, Runnable saved) {
        Supplier<Optional<String>> work = () -> {
            try {
                AssignmentFile.write(present, path);
            } catch (InputProblem problem) {
                return Optional.of(Words.of(problem.sentence()));
            }
            // A journal that cannot begin anew says so at the next edit: that this one is saved is what counts now.
            written(to -> to.begin(present, Optional.of(path)));
            return Optional.empty();
        };
        disk.run(work, problem -> problem.ifPresentOrElse(say, saved), failed);
    }

    /** Ends the journal, after all that is still to be written, and calls back. */
    void end(Runnable then) {
        disk.run(() -> written(Journal::close), told -> then.run(), failure -> then.run());
    }

    /** Whether another window has a file open. */
    boolean isOpenElsewhere(Path file) {
        return journal != null && journal.isOpenElsewhere(file);
    }

    /** Throws away what was kept of an earlier desk. */
    void throwAway(Journal.Kept kept) {
        run(() -> tried(kept::throwAway));
    }

    private void run(Supplier<String> work) {
        disk.run(
                work,
                told -> {
                    if (!told.isEmpty()) {
                        say.accept(told);
                    }
                },
                failed);
    }

    /** Writes into the journal, where there is one; what could not be written leaves the journal behind. */
    private String written(Step step) {
        if (journal == null) {
            return "";
        }
        boolean whole = false;
        try {
            String told = tried(() -> step.write(journal));
            whole = told.isEmpty();
            return told;
        } finally {
            behind = !whole;
        }
    }

    private interface Risky {
        void run() throws IOException;
    }

    private static String tried(Risky risky) {
        try {
            risky.run();
            return "";
        } catch (IOException problem) {
            String why = problem instanceof AccessDeniedException
                    ? Words.of("message.read-only", problem.getMessage())
                    : Words.of(AtomicFile.why(problem));
            return Words.of("message.journal", why);
        }
    }
}
