package promedio.files.assignment;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.History;
import promedio.core.assignment.SampleSheet;

/**
 * The journal of a desk: the assignment as it was last saved, then every edit, undo and redo, a line each, written before
 * the window shows it. What was ended without being saved is read back from it. Nothing is written before the first edit.
 */
public final class Journal implements AutoCloseable {
    static final String ENDING = ".journal";
    /** What is left of a journal that was brought back only in part: kept, and not offered again. */
    static final String READ_IN_PART = ".read-in-part";

    static final String FORMAT = "promedio-journal";
    /** The newest version of journals that is known here, and the one that is written. */
    static final int VERSION = 4;
    /** Since this one a journal says what the steps of tables gave the samples that follow them. */
    static final int SETTLED = 4;

    private final Path folder;
    private final OpenNote note;
    private Held held;
    private long check;
    private Assignment base = Assignment.EMPTY;
    private Optional<Path> saved = Optional.empty();
    private int undoable;
    private int redoable;

    private Journal(Path folder) {
        this.folder = folder;
        this.note = new OpenNote(folder);
    }

    /** Where the originals of the tables of a folder of journals lie. */
    static Originals originals(Path folder) {
        return Originals.in(folder.resolve("data"));
    }

    /** Where the originals of the tables on this desk are to lie. */
    public Originals originals() {
        return originals(folder);
    }

    /** A journal of a new desk, in a folder of journals. */
    public static Journal in(Path folder) {
        return new Journal(folder);
    }

    /**
     * What a journal has kept of a desk that was ended.
     *
     * @param journal the file, to be put away when its content is on a desk again
     * @param history the assignment with its past
     * @param savedAs where it was last saved
     * @param edits how many edits came after that
     * @param readTo the line behind which it could not be read on; empty when it was read to its end
     * @param lost the names of tables, and of samples of their columns, that cannot be had: their originals are gone or changed
     */
    public record Kept(
            Path journal,
            History history,
            Optional<Path> savedAs,
            int edits,
            Optional<Integer> readTo,
            List<String> lost) {
        /** Copies the names. */
        public Kept {
            lost = List.copyOf(lost);
        }

        /** What is kept of a journal that was read to its end. */
        public Kept(Path journal, History history, Optional<Path> savedAs, int edits) {
            this(journal, history, savedAs, edits, Optional.empty(), List.of());
        }

        /** Whether all that the journal holds is in it. */
        public boolean isWhole() {
            return readTo.isEmpty() && lost.isEmpty();
        }

        /** Throws the journal away. */
        public void throwAway() throws IOException {
            Files.deleteIfExists(journal);
        }

        /** Puts the journal away whose content is kept safe elsewhere by now; what could not be read of it stays on disk. */
        public void putAway() throws IOException {
            if (isWhole()) {
                throwAway();
            } else {
                Files.move(journal, journal.resolveSibling(journal.getFileName() + READ_IN_PART));
            }
        }
    }

    /**
     * Begins anew from an assignment as it was opened or saved; what was written before is no longer needed.
     */
    public synchronized void begin(Assignment from, Optional<Path> savedAs) throws IOException {
        drop();
        base = from;
        saved = savedAs;
        undoable = 0;
        redoable = 0;
        note.put(savedAs);
    }

    /**
     * Begins anew with an assignment of which nothing is saved; what was written before goes only when that is safely down.
     *
     * @throws IOException when it cannot be written; then the journal is as it was
     */
    public synchronized void beginUnsaved(Assignment present, Optional<Path> savedAs) throws IOException {
        ObjectNode line = JournalLine.empty();
        line.set("state", WholeJson.write(present));
        long[] last = new long[1];
        Held next = Held.make(fresh(), channel -> {
            last[0] = write(channel, head(Assignment.EMPTY, savedAs), 0);
            last[0] = write(channel, line, last[0]);
            channel.force(true);
        });
        drop();
        held = next;
        check = last[0];
        base = Assignment.EMPTY;
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
        append(JournalLine.empty().put("undo", true));
        undoable--;
        redoable++;
    }

    /** Writes down that the edit taken back last was made again. */
    public synchronized void redone(Assignment now) throws IOException {
        if (redoable == 0) {
            standsAt(now);
            return;
        }
        append(JournalLine.empty().put("redo", true));
        undoable++;
        redoable--;
    }

    /** Writes down the entries that the steps of their tables gave to samples, which is no edit. */
    public synchronized void settled(List<SampleSheet> samples) throws IOException {
        ObjectNode line = JournalLine.empty();
        ArrayNode given = line.putArray("settled");
        samples.forEach(sample -> given.add(WholeJson.write(sample)));
        append(line);
    }

    /** Writes down the whole assignment as it stands, whatever led to it. */
    public synchronized void standsAt(Assignment now) throws IOException {
        ObjectNode line = JournalLine.empty();
        line.set("state", WholeJson.write(now));
        append(line);
        undoable = 0;
        redoable = 0;
    }

    private void append(ObjectNode line) throws IOException {
        if (held == null) {
            long[] last = new long[1];
            held = Held.make(fresh(), channel -> last[0] = write(channel, head(base, saved), 0));
            check = last[0];
        }
        check = write(held.channel(), line, check);
    }

    private Path fresh() {
        return folder.resolve(UUID.randomUUID() + ENDING);
    }

    private static ObjectNode head(Assignment base, Optional<Path> saved) {
        ObjectNode head = JournalLine.empty().put("format", FORMAT).put("version", VERSION);
        saved.ifPresent(path -> head.put("file", path.toAbsolutePath().toString()));
        head.set("base", WholeJson.write(base));
        return head;
    }

    /** Writes a line whole or not at all, since nothing behind half a line could be read again; returns its check. */
    private static long write(FileChannel channel, ObjectNode line, long before) throws IOException {
        long end = channel.position();
        try {
            OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), 1 << 14);
            long check = JournalLine.write(line, before, out);
            out.flush();
            return check;
        } catch (IOException full) {
            channel.truncate(end);
            throw full;
        }
    }

    /** Ends the desk in good order: everything is saved or left on purpose, and nothing is kept. */
    @Override
    public synchronized void close() throws IOException {
        drop();
        note.end();
        tidy();
    }

    /** Throws away originals that nobody has used for days: no journal names them, and no desk that may need them is alive. */
    private void tidy() throws IOException {
        List<Path> unused = new ArrayList<>(originals().unused());
        if (unused.isEmpty()) {
            return;
        }
        List<Path> left;
        try (Stream<Path> all = Files.list(folder)) {
            left = all.filter(Files::isRegularFile).toList();
        }
        if (left.stream().anyMatch(Held::isAlive)) {
            return;
        }
        for (Path journal : left) {
            String text = Files.readString(journal, StandardCharsets.ISO_8859_1);
            unused.removeIf(original -> text.contains(original.getFileName().toString()));
        }
        for (Path original : unused) {
            originals().throwAway(original);
        }
    }

    private void drop() throws IOException {
        if (held != null) {
            Held before = held;
            held = null;
            before.close();
        }
    }

    /** All that is kept in a folder of desks that are no longer alive, the newest first. */
    public static List<Kept> leftIn(Path folder) throws IOException {
        return LeftOver.in(folder).next(Integer.MAX_VALUE);
    }

    /** Whether another desk that is alive has a file open. */
    public synchronized boolean isOpenElsewhere(Path assignmentFile) {
        return note.isOpenElsewhere(assignmentFile);
    }

    /** Reads a journal as far as it goes; empty when not even its beginning can be read. */
    static Optional<Kept> read(Path journal) throws IOException {
        return JournalReader.read(journal).kept();
    }
}
