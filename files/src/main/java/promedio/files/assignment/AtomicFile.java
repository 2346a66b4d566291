package promedio.files.assignment;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Replaces a file as a whole: written beside it, forced to disk, and moved into its place. */
final class AtomicFile {
    /** What is to be written. */
    @FunctionalInterface
    interface Content {
        /** Writes it all. */
        void writeTo(OutputStream out) throws IOException;
    }

    private AtomicFile() {}

    static void write(Path file, Content content) throws IOException {
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
}
