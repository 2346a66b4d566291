package promedio.desktop.model.desk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** What tells whether a file is still the one that was read: its size and when it was last changed. */
public record FileStamp(long size, long changed) {
    private static final FileStamp NONE = new FileStamp(-1, -1);

    /** That of a file as it is now. */
    public static FileStamp of(Path file) {
        try {
            return new FileStamp(
                    Files.size(file), Files.getLastModifiedTime(file).toMillis());
        } catch (IOException gone) {
            return NONE;
        }
    }

    /** Whether there is a file. */
    public boolean isThere() {
        return !equals(NONE);
    }
}
