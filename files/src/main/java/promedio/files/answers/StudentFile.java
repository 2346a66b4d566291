package promedio.files.answers;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import promedio.core.assignment.Assignment;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;
import promedio.files.assignment.AssignmentFile;
import promedio.files.table.Watch;

/**
 * A file that a student hands in. Nobody knows what is in it: it has bounds of its own in time and memory, and what exceeds them is told
 * of this student and harms no other.
 */
final class StudentFile {
    private static final long MOST_BYTES = 50L << 20;
    private static final long MOST_ENTRIES = 500_000;
    private static final int MOST_ANSWERS = 1_000;
    private static final int MOST_SECONDS = 15;
    private static final int LOOK_MILLIS = 50;

    private final Path file;
    private final Watch watch;
    private volatile boolean over;

    private StudentFile(Path file, Watch watch) {
        this.file = file;
        this.watch = watch;
    }

    /**
     * Reads one.
     *
     * @throws InputProblem when it cannot be read, or exceeds its bounds
     * @throws CancellationException when it was stopped
     */
    static Assignment read(Path file, Watch watch) throws InputProblem {
        String name = file.getFileName().toString();
        if (size(file) > MOST_BYTES) {
            throw new InputProblem(Sentence.of("collected.too-large", name));
        }
        Assignment read = new StudentFile(file, watch).within(name);
        if (read.answers().size() > MOST_ANSWERS) {
            throw new InputProblem(
                    Sentence.of("collected.too-many", name, read.answers().size(), MOST_ANSWERS));
        }
        return read;
    }

    private static long size(Path file) {
        try {
            return Files.size(file);
        } catch (IOException unreadable) {
            return 0;
        }
    }

    private Assignment within(String name) throws InputProblem {
        CompletableFuture<Assignment> result = new CompletableFuture<>();
        Thread reader = new Thread(() -> work(result), "student");
        reader.setDaemon(true);
        reader.start();
        try {
            for (int waited = 0; waited < MOST_SECONDS * 1_000; waited += LOOK_MILLIS) {
                try {
                    return result.get(LOOK_MILLIS, TimeUnit.MILLISECONDS);
                } catch (TimeoutException working) {
                    if (watch.isStopped()) {
                        throw new CancellationException();
                    }
                }
            }
            throw new InputProblem(Sentence.of("collected.too-long", name, MOST_SECONDS));
        } catch (ExecutionException failed) {
            throw failed.getCause() instanceof InputProblem problem
                    ? problem
                    : new InputProblem(Sentence.of("collected.failed", name), failed.getCause());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new CancellationException();
        } finally {
            over = true;
        }
    }

    private void work(CompletableFuture<Assignment> result) {
        try {
            result.complete(AssignmentFile.read(file, MOST_BYTES, MOST_ENTRIES, this::goOn));
        } catch (InputProblem | RuntimeException | StackOverflowError | OutOfMemoryError failed) {
            result.completeExceptionally(failed);
        }
    }

    private void goOn() {
        if (over || watch.isStopped()) {
            throw new CancellationException();
        }
    }
}
