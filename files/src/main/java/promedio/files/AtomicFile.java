package promedio.files;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Replaces a file as a whole: written beside it, forced to disk, and moved into its place. */
public final class AtomicFile {
    /** What is to be written. */
    @FunctionalInterface
    public interface Content {
        /** Writes it all. */
        void writeTo(OutputStream out) throws IOException;
    }

    private AtomicFile() {}

    /** Writes a file as a whole; what was there before stays until the new one is complete. */
    public static void write(Path file, Content content) throws IOException {
        Path whole = file.toAbsolutePath();
        Path beside = whole.resolveSibling("." + whole.getFileName() + ".writing");
        try {
            try (FileChannel channel = FileChannel.open(
                    beside,
                    StandardOpenOption.CREATE,
                    StandardOpenOption.TRUNCATE_EXISTING,
                    StandardOpenOption.WRITE)) {
                OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), 1 << 16);
                content.writeTo(out);
                out.flush();
                channel.force(true);
            }
            Files.move(beside, whole, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    /** What to say when a file could not be written. */
    public static InputProblem problem(Path file, IOException cause) {
        String name = "“" + file.getFileName() + "”";
        if (cause instanceof AccessDeniedException) {
            return new InputProblem(
                    name + " cannot be written there: the folder is read-only. Save it elsewhere.", cause);
        }
        if (cause instanceof NoSuchFileException) {
            return new InputProblem("The folder of " + name + " is no longer there. Save it elsewhere.", cause);
        }
        return new InputProblem(
                name + " could not be written (" + cause.getMessage()
                        + "). What was there before is unchanged; save it elsewhere.",
                cause);
    }
}
