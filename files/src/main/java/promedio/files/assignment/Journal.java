package promedio.files.assignment;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.ObjectWriter;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.History;

/**
 * The journal of a desk: the assignment as it was last saved, then every edit, undo and redo, a line each, written before
 * the window shows it. What was ended without being saved is read back from it. Nothing is written before the first edit.
 */
public final class Journal implements AutoCloseable {
    private static final String ENDING = ".journal";
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final ObjectWriter LINE = JSON.writer().without(JsonGenerator.Feature.AUTO_CLOSE_TARGET);

    private final Path folder;
    private final Path file;
    private final OpenNote note;
    private FileChannel channel;
    private Assignment base = Assignment.EMPTY;
    private Optional<Path> saved = Optional.empty();
    private int undoable;
    private int redoable;

    private Journal(Path folder) {
        this.folder = folder;
        this.note = new OpenNote(folder);
        this.file = folder.resolve(UUID.randomUUID() + ENDING);
    }

    /** A journal of a new desk, in a folder of journals. */
    public static Journal in(Path folder) {
        return new Journal(folder);
    }

    /**
     * What a journal has kept of a desk that was ended.
     *
     * @param journal the file, to be thrown away when its content is on a desk again
     * @param history the assignment with its past
     * @param savedAs where it was last saved
     * @param edits how many edits came after that
     */
    public record Kept(Path journal, History history, Optional<Path> savedAs, int edits) {
        /** Throws the journal away. */
        public void throwAway() throws IOException {
            Files.deleteIfExists(journal);
        }
    }

    /** Begins anew from an assignment as it was opened or saved; what was written before is no longer needed. */
    public synchronized void begin(Assignment from, Optional<Path> savedAs) throws IOException {
        drop();
        base = from;
        saved = savedAs;
        undoable = 0;
        redoable = 0;
        note.put(savedAs);
    }

    /** Writes an edit down. */
    public synchronized void made(Edit edit) throws IOException {
        append(EditJson.write(edit));
        undoable++;
        redoable = 0;
    }

    /**
     * Writes down that the last edit was taken back. One that was made before the journal began is not in it; then the
     * assignment as it stands now is written down whole.
     */
    public synchronized void undone(Assignment now) throws IOException {
        if (undoable == 0) {
            standsAt(now);
            return;
        }
        append(JSON.createObjectNode().put("undo", true));
        undoable--;
        redoable++;
    }

    /** Writes down that the edit taken back last was made again. */
    public synchronized void redone(Assignment now) throws IOException {
        if (redoable == 0) {
            standsAt(now);
            return;
        }
        append(JSON.createObjectNode().put("redo", true));
        undoable++;
        redoable--;
    }

    /** Writes down the whole assignment as it stands, whatever led to it. */
    public synchronized void standsAt(Assignment now) throws IOException {
        ObjectNode line = JSON.createObjectNode();
        line.set("state", EditJson.write(now));
        append(line);
        undoable = 0;
        redoable = 0;
    }

    private void append(ObjectNode line) throws IOException {
        if (channel == null) {
            start();
        }
        write(line);
    }

    private void start() throws IOException {
        Files.createDirectories(folder);
        channel = FileChannel.open(
                file, StandardOpenOption.CREATE, StandardOpenOption.TRUNCATE_EXISTING, StandardOpenOption.WRITE);
        Held.hold(channel);
        ObjectNode head =
                JSON.createObjectNode().put("format", "promedio-journal").put("version", 1);
        saved.ifPresent(path -> head.put("file", path.toAbsolutePath().toString()));
        head.set("base", EditJson.write(base));
        try {
            write(head);
        } catch (IOException full) {
            drop();
            throw full;
        }
    }

    /** Writes a line whole or not at all: what comes after half a line could not be read again. */
    private void write(ObjectNode line) throws IOException {
        long end = channel.position();
        try {
            OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), 1 << 14);
            LINE.writeValue(out, line);
            out.write('\n');
            out.flush();
        } catch (IOException full) {
            channel.truncate(end);
            throw full;
        }
    }

    /** Ends the desk in good order: everything is saved or left on purpose, and nothing is kept. */
    @Override
    public synchronized void close() throws IOException {
        drop();
        note.put(Optional.empty());
    }

    private void drop() throws IOException {
        if (channel != null) {
            channel.close();
            channel = null;
            Files.deleteIfExists(file);
        }
    }

    /** What is kept in a folder of desks that are no longer alive, the newest first. Empty journals are thrown away. */
    public static List<Kept> leftIn(Path folder) throws IOException {
        List<Path> journals;
        try (Stream<Path> all = Files.list(folder)) {
            journals = all.filter(path -> path.toString().endsWith(ENDING)).toList();
        } catch (NoSuchFileException none) {
            return List.of();
        }
        List<Kept> kept = new ArrayList<>();
        for (Path journal : journals) {
            if (Held.isAlive(journal)) {
                continue;
            }
            Optional<Kept> read = read(journal);
            if (read.isPresent() && read.get().edits() > 0) {
                kept.add(read.get());
            } else {
                Files.deleteIfExists(journal);
            }
        }
        kept.sort((a, b) -> Long.compare(
                b.journal().toFile().lastModified(), a.journal().toFile().lastModified()));
        return kept;
    }

    /** Whether another desk that is alive has a file open. */
    public synchronized boolean isOpenElsewhere(Path assignmentFile) {
        return note.isOpenElsewhere(assignmentFile);
    }

    /** Reads a journal as far as it goes; a last line that was cut off in the writing is passed over. */
    static Optional<Kept> read(Path journal) throws IOException {
        List<String> lines =
                Arrays.asList(new String(Files.readAllBytes(journal), StandardCharsets.UTF_8).split("\n", -1));
        try {
            JsonNode head = JSON.readTree(lines.get(0));
            if (!head.path("format").asText().equals("promedio-journal")
                    || head.path("version").asInt() != 1) {
                return Optional.empty();
            }
            History history = new History(EditJson.readAssignment(head.path("base")));
            Optional<Path> file =
                    head.has("file") ? Optional.of(Path.of(head.path("file").asText())) : Optional.empty();
            int edits = 0;
            // The text behind the last line end is cut off or empty.
            for (String line : lines.subList(1, Math.max(1, lines.size() - 1))) {
                Optional<History> next = replay(history, line);
                if (next.isEmpty()) {
                    break;
                }
                history = next.get();
                edits++;
            }
            return Optional.of(new Kept(journal, history, file, edits));
        } catch (JsonProcessingException | IllegalArgumentException damaged) {
            return Optional.empty();
        }
    }

    /** The history after a line; empty where the line is damaged, and what follows cannot be trusted. */
    private static Optional<History> replay(History history, String text) {
        JsonNode line;
        try {
            line = JSON.readTree(text);
        } catch (JsonProcessingException damaged) {
            return Optional.empty();
        }
        if (line.has("state")) {
            return Optional.of(new History(EditJson.readAssignment(line.path("state"))));
        }
        if (line.path("undo").asBoolean()) {
            history.undo();
        } else if (line.path("redo").asBoolean()) {
            history.redo();
        } else {
            history.make(EditJson.readEdit(line));
        }
        return Optional.of(history);
    }
}
