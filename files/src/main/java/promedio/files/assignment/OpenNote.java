package promedio.files.assignment;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * A note, beside the journals, of the assignment file that is open on a desk, so that another desk can tell. It is there as long as the
 * desk is, with or without a file, so that nobody tidies away what the desk may need.
 */
final class OpenNote {
    private static final String ENDING = ".open";
    /** What desks of this program have open: reading their notes here would let go of them. */
    private static final Map<OpenNote, String> OURS = new ConcurrentHashMap<>();

    private final Path folder;
    private final Path note;
    private Held held;

    OpenNote(Path folder) {
        this.folder = folder;
        this.note = folder.resolve(UUID.randomUUID() + ENDING);
    }

    /** Notes that a file is open now; none, that a desk without a file is. */
    void put(Optional<Path> file) throws IOException {
        end();
        String text = file.map(OpenNote::text).orElse("");
        held = Held.make(note, to -> to.write(ByteBuffer.wrap(text.getBytes(StandardCharsets.UTF_8))));
        OURS.put(this, text);
    }

    /** Notes that the desk is no more. */
    void end() throws IOException {
        if (held != null) {
            held.close();
            held = null;
            OURS.remove(this);
        }
    }

    /** Whether another desk that is alive has a file open. Notes of desks that are not are thrown away. */
    boolean isOpenElsewhere(Path file) {
        String wanted = text(file);
        if (OURS.entrySet().stream()
                .anyMatch(other -> other.getKey() != this && other.getValue().equals(wanted))) {
            return true;
        }
        try (Stream<Path> all = Files.list(folder)) {
            List<Path> others = all.filter(path -> path.toString().endsWith(ENDING) && !Held.isOurs(path))
                    .toList();
            for (Path other : others) {
                if (!Held.isAlive(other)) {
                    Files.deleteIfExists(other);
                } else if (Files.readString(other).equals(wanted)) {
                    return true;
                }
            }
        } catch (IOException unreadable) {
            return false;
        }
        return false;
    }

    /** The file itself, whatever links lead to it. */
    private static String text(Path file) {
        try {
            return file.toRealPath().toString();
        } catch (IOException notThere) {
            return file.toAbsolutePath().normalize().toString();
        }
    }
}
