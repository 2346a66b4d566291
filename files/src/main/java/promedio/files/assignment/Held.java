package promedio.files.assignment;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A file that is held as long as the desk that writes it is alive; a killed program lets go of its files by itself. It gets
 * its name only once it is held, so that nobody finds it without its holder, and it is the user's alone.
 */
final class Held implements AutoCloseable {
    /** What a file is called until it is held and has its beginning. */
    private static final String MAKING = ".making";

    // Far behind any content, so that a file that is held can be read.
    private static final long PLACE = Long.MAX_VALUE - 1;
    private static final Duration MOMENT = Duration.ofMinutes(1);
    /** The files of this program: opening and closing one of them here would let go of it. */
    private static final Set<Path> OURS = ConcurrentHashMap.newKeySet();

    private final Path file;
    private final FileChannel channel;

    private Held(Path file, FileChannel channel) {
        this.file = file;
        this.channel = channel;
    }

    /** What a file begins with. */
    @FunctionalInterface
    interface Beginning {
        void writeTo(FileChannel channel) throws IOException;
    }

    /** Makes a file with its beginning, held by this desk. @throws IOException when that cannot be, and nothing is left */
    static Held make(Path file, Beginning beginning) throws IOException {
        ownFolder(file.getParent());
        Path making = file.resolveSibling(UUID.randomUUID() + MAKING);
        FileChannel channel = FileChannel.open(
                making,
                Set.of(StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE, StandardOpenOption.READ),
                ownOnly(making, "rw-------"));
        try {
            if (channel.tryLock(PLACE, 1, false) == null) {
                throw new IOException("another program holds " + making.getFileName());
            }
            OURS.add(key(file));
            beginning.writeTo(channel);
            move(making, file);
            return new Held(file, channel);
        } catch (IOException | RuntimeException failed) {
            OURS.remove(key(file));
            channel.close();
            Files.deleteIfExists(making);
            throw failed;
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException plain) {
            Files.move(from, to);
        }
    }

    private static Path key(Path file) {
        return file.toAbsolutePath().normalize();
    }

    private static FileAttribute<?>[] ownOnly(Path file, String permissions) {
        return file.getFileSystem().supportedFileAttributeViews().contains("posix")
                ? new FileAttribute<?>[] {
                    PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString(permissions))
                }
                : new FileAttribute<?>[0];
    }

    /** A folder that only this user may look into. */
    static void ownFolder(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            Files.createDirectories(folder.toAbsolutePath().getParent());
            Files.createDirectories(folder, ownOnly(folder, "rwx------"));
        }
        if (folder.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Set<PosixFilePermission> own = PosixFilePermissions.fromString("rwx------");
            if (!own.containsAll(Files.getPosixFilePermissions(folder))) {
                Files.setPosixFilePermissions(folder, own);
            }
        }
    }

    FileChannel channel() {
        return channel;
    }

    Path file() {
        return file;
    }

    /** Lets go of the file, which is no longer needed. */
    @Override
    public void close() throws IOException {
        // First, so that nobody finds it without its holder; some systems let go of a file only when it is closed.
        boolean gone = deleted();
        channel.close();
        OURS.remove(key(file));
        if (!gone) {
            Files.deleteIfExists(file);
        }
    }

    private boolean deleted() {
        try {
            return Files.deleteIfExists(file);
        } catch (IOException stillOpen) {
            return false;
        }
    }

    /**
     * Whether some desk, of this program or another, holds a file. Where nobody can tell, because it may not be opened or the
     * place knows no locks, it counts as held.
     */
    static boolean isAlive(Path file) {
        if (isOurs(file)) {
            return true;
        }
        try (FileChannel other = FileChannel.open(file, StandardOpenOption.WRITE);
                FileLock lock = other.tryLock(PLACE, 1, false)) {
            return lock == null;
        } catch (OverlappingFileLockException | IOException unknown) {
            return true;
        }
    }

    /** Whether a desk of this program holds a file. */
    static boolean isOurs(Path file) {
        return OURS.contains(key(file));
    }

    /** Whether a file was written so recently that another desk may just be making it. */
    static boolean isFresh(Path file) {
        try {
            return Files.getLastModifiedTime(file)
                    .toInstant()
                    .isAfter(Instant.now().minus(MOMENT));
        } catch (IOException gone) {
            return true;
        }
    }

    /** Whether a file is one that was never finished; there is nothing in it that was not in its desk’s file. */
    static boolean isUnfinished(Path file) {
        return file.toString().endsWith(MAKING);
    }
}
