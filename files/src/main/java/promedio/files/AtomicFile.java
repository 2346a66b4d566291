package promedio.files;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileSystemLoopException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import java.util.UUID;
import promedio.core.sentence.Sentence;

/**
 * Replaces a file as a whole: written beside it under a name of its own, forced to disk, and moved into its place. Whoever
 * might read and write the file before still may; a link stays a link, to a file that is new.
 */
public final class AtomicFile {
    private static final String READ_ONLY = "read-only";
    private static final String BEGINNING = ".promedio-";
    private static final String ENDING = ".writing";
    private static final int MOST_LINKS = 40;
    private static final Duration STALE = Duration.ofHours(6);
    private static final Set<PosixFilePermission> WRITING =
            Set.of(PosixFilePermission.OWNER_WRITE, PosixFilePermission.GROUP_WRITE, PosixFilePermission.OTHERS_WRITE);

    private static final Set<PosixFilePermission> OWN =
            Set.of(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);

    /** What is to be written. */
    @FunctionalInterface
    public interface Content {
        /** Writes it all. */
        void writeTo(OutputStream out) throws IOException;
    }

    private AtomicFile() {}

    /** Writes a file as a whole; what was there before stays until the new one is complete. */
    public static void write(Path file, Content content) throws IOException {
        Path whole = behindLinks(file.toAbsolutePath());
        checkWritable(whole);
        Path beside = whole.resolveSibling(BEGINNING + UUID.randomUUID() + ENDING);
        try {
            try (FileChannel channel = FileChannel.open(
                    beside, Set.of(StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE), whileWriting(whole))) {
                OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), 1 << 16);
                content.writeTo(out);
                out.flush();
                channel.force(true);
            } catch (UncheckedIOException broken) {
                throw broken.getCause();
            }
            allowTheSame(whole, beside);
            Files.move(beside, whole, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(beside);
        }
        sweep(whole);
    }

    /** The file that a link leads to, whether it is there yet or not. */
    private static Path behindLinks(Path file) throws IOException {
        Path behind = file;
        for (int i = 0; Files.isSymbolicLink(behind); i++) {
            if (i == MOST_LINKS) {
                throw new FileSystemLoopException(file.toString());
            }
            behind = behind.resolveSibling(Files.readSymbolicLink(behind)).normalize();
        }
        return behind;
    }

    /** A file that nobody may write is not replaced either, not even by who may do everything. */
    private static void checkWritable(Path file) throws IOException {
        if (!Files.exists(file)) {
            return;
        }
        PosixFileAttributeView posix = Files.getFileAttributeView(file, PosixFileAttributeView.class);
        boolean nobody =
                posix != null && posix.readAttributes().permissions().stream().noneMatch(WRITING::contains);
        if (nobody || !Files.isWritable(file)) {
            throw new AccessDeniedException(file.toString(), null, READ_ONLY);
        }
    }

    /** What is written in the place of a file is the user’s alone until it has the permissions of that. */
    private static FileAttribute<?>[] whileWriting(Path before) {
        boolean posix = Files.exists(before)
                && before.getFileSystem().supportedFileAttributeViews().contains("posix");
        return posix ? new FileAttribute<?>[] {PosixFilePermissions.asFileAttribute(OWN)} : new FileAttribute<?>[0];
    }

    private static void allowTheSame(Path before, Path now) throws IOException {
        PosixFileAttributeView old =
                Files.getFileAttributeView(before, PosixFileAttributeView.class, LinkOption.NOFOLLOW_LINKS);
        if (old == null || !Files.exists(before)) {
            return;
        }
        PosixFileAttributes attributes = old.readAttributes();
        PosixFileAttributeView made = Files.getFileAttributeView(now, PosixFileAttributeView.class);
        if (!made.readAttributes().group().equals(attributes.group())) {
            try {
                made.setGroup(attributes.group());
            } catch (IOException notAllowed) {
                // A file of a group one is not in: then it is of one's own, as a new file would be.
                made.setPermissions(attributes.permissions());
                return;
            }
        }
        made.setPermissions(attributes.permissions());
    }

    /** Takes away what saves have left beside the file that were killed long ago. */
    private static void sweep(Path file) {
        try (DirectoryStream<Path> left = Files.newDirectoryStream(file.getParent(), BEGINNING + "*" + ENDING)) {
            for (Path one : left) {
                if (Files.getLastModifiedTime(one)
                        .toInstant()
                        .isBefore(Instant.now().minus(STALE))) {
                    Files.deleteIfExists(one);
                }
            }
        } catch (IOException | java.nio.file.DirectoryIteratorException busy) {
            // The next save tries again.
            return;
        }
    }

    /** What to say when a file could not be written. */
    public static InputProblem problem(Path file, IOException cause) {
        String name = file.getFileName().toString();
        if (cause instanceof AccessDeniedException denied) {
            boolean itself = READ_ONLY.equals(denied.getReason());
            return new InputProblem(Sentence.of(itself ? "file.read-only" : "file.read-only-folder", name), cause);
        }
        if (cause instanceof NoSuchFileException) {
            return new InputProblem(Sentence.of("file.no-folder", name), cause);
        }
        return new InputProblem(Sentence.of("file.not-written", name, why(cause)), cause);
    }

    /** Why a file could not be written, in words. */
    public static Sentence why(IOException cause) {
        String said = cause.getMessage() == null ? cause.getClass().getSimpleName() : cause.getMessage();
        return said.contains("No space left") || said.contains("quota exceeded")
                ? Sentence.of("file.why.full")
                : Sentence.of("file.why", said);
    }
}
