package promedio.files.assignment;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/** A note, beside the journals, of the assignment file that is open on a desk, so that another desk can tell. */
final class OpenNote {
    private static final String ENDING = ".open";

    private final Path folder;
    private final Path note;
    private FileChannel channel;

    OpenNote(Path folder) {
        this.folder = folder;
        this.note = folder.resolve(UUID.randomUUID() + ENDING);
    }

    /** Notes that a file is open now; none, that no file is. */
    void put(Optional<Path> file) throws IOException {
        if (channel != null) {
            channel.close();
            channel = null;
            Files.deleteIfExists(note);
        }
        if (file.isPresent()) {
            Files.createDirectories(folder);
            channel = FileChannel.open(note, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
            Held.hold(channel);
            channel.write(ByteBuffer.wrap(text(file.get()).getBytes(StandardCharsets.UTF_8)));
        }
    }

    /** Whether another desk that is alive has a file open. Notes of desks that are not are thrown away. */
    boolean isOpenElsewhere(Path file) {
        try (Stream<Path> all = Files.list(folder)) {
            List<Path> others = all.filter(path -> path.toString().endsWith(ENDING) && !path.equals(note))
                    .toList();
            for (Path other : others) {
                if (!Held.isAlive(other)) {
                    Files.deleteIfExists(other);
                } else if (Files.readString(other).equals(text(file))) {
                    return true;
                }
            }
        } catch (IOException unreadable) {
            return false;
        }
        return false;
    }

    private static String text(Path file) {
        return file.toAbsolutePath().normalize().toString();
    }
}
