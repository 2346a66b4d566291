package promedio.files.assignment;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** Files that are held as long as the desk that writes them is alive; a killed program lets go of its files by itself. */
final class Held {
    // Far behind any content, so that a file that is held can be read.
    private static final long PLACE = Long.MAX_VALUE - 1;

    private Held() {}

    /** Holds a file until its channel is closed. */
    static void hold(FileChannel channel) throws IOException {
        FileLock unused = channel.tryLock(PLACE, 1, false);
    }

    /** Whether some desk, of this program or another, holds a file. */
    static boolean isAlive(Path file) throws IOException {
        try (FileChannel other = FileChannel.open(file, StandardOpenOption.WRITE);
                FileLock lock = other.tryLock(PLACE, 1, false)) {
            return lock == null;
        } catch (OverlappingFileLockException ours) {
            return true;
        }
    }
}
