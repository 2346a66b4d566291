package promedio.desktop.model;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import promedio.core.assignment.Assignment;
import promedio.desktop.text.Words;
import promedio.files.InputProblem;
import promedio.files.assignment.AssignmentFile;
import promedio.files.assignment.Journal;

/**
 * Keeps the work: saves it, and writes every step of the desk into its journal, one after another off the thread of the window. When a step cannot be written
 * the keeper says so and lets the work go on; the next step that can be is written as the whole assignment it led to.
 */
final class Keeper {
    private final Background disk;
    private final Journal journal;
    private final Consumer<String> say;
    /** Whether the journal lacks a step; known to the writing thread only. */
    private boolean behind;

    /** A keeper; a null journal keeps nothing. */
    Keeper(Background disk, Journal journal, Consumer<String> say) {
        this.disk = disk;
        this.journal = journal;
        this.say = say;
    }

    /** A step of the desk. */
    interface Step {
        void write(Journal to) throws IOException;
    }

    /** Writes down a step that has led to an assignment. */
    void note(Assignment present, Step step) {
        attempt(to -> {
            boolean whole = behind;
            behind = true;
            if (whole) {
                to.standsAt(present);
            } else {
                step.write(to);
            }
            behind = false;
        });
    }

    /** Begins anew from an assignment as it was opened. */
    void begin(Assignment from, Optional<Path> savedAs) {
        attempt(beginning(from, savedAs));
    }

    private Step beginning(Assignment from, Optional<Path> savedAs) {
        return to -> {
            to.begin(from, savedAs);
            behind = false;
        };
    }

    /** Saves an assignment and begins the journal anew from there, before any later edit is written down. */
    void save(Assignment present, Path path, Runnable saved) {
        Supplier<Optional<String>> work = () -> {
            try {
                AssignmentFile.write(present, path);
            } catch (InputProblem problem) {
                return Optional.of(problem.getMessage());
            }
            if (journal != null) {
                tried(beginning(present, Optional.of(path)));
            }
            return Optional.empty();
        };
        disk.run(work, problem -> problem.ifPresentOrElse(say, saved));
    }

    /** Ends the journal, after all that is still to be written, and calls back. */
    void end(Runnable then) {
        if (journal == null) {
            disk.run(() -> "", written -> then.run());
        } else {
            disk.run(() -> tried(Journal::close), told -> then.run());
        }
    }

    /** Whether another window has a file open. */
    boolean isOpenElsewhere(Path file) {
        return journal != null && journal.isOpenElsewhere(file);
    }

    void throwAway(Journal.Kept kept) {
        run(to -> kept.throwAway());
    }

    private void attempt(Step step) {
        if (journal != null) {
            run(step);
        }
    }

    private void run(Step step) {
        disk.run(() -> tried(step), told -> {
            if (!told.isEmpty()) {
                say.accept(told);
            }
        });
    }

    private String tried(Step step) {
        try {
            step.write(journal);
            return "";
        } catch (IOException problem) {
            String why = problem instanceof AccessDeniedException
                    ? Words.of("message.read-only", problem.getMessage())
                    : problem.getMessage();
            return Words.of("message.journal", why);
        }
    }
}
