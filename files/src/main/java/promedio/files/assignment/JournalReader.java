package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import promedio.core.assignment.History;

/** Reads a journal line by line as far as it goes: what stands before a line that cannot be followed is never lost. */
final class JournalReader {
    private final Originals originals;
    private long check;
    private boolean checked;
    private History history;
    private Optional<Path> file = Optional.empty();
    private int edits;
    private int lines;
    private boolean stopped;

    private JournalReader(Originals originals) {
        this.originals = originals;
    }

    /** What a journal is. */
    enum State {
        /** It could be read, at least in its beginning. */
        READ,
        /** Nothing was written behind its beginning, or not even that. */
        EMPTY,
        /** A newer version of this program wrote it. */
        NEWER,
        /** Its beginning cannot be read. */
        ODD
    }

    /** What came of reading a journal. */
    record Reading(State state, Optional<Journal.Kept> kept) {}

    static Reading read(Path journal) throws IOException {
        JournalReader reader =
                new JournalReader(Journal.originals(journal.toAbsolutePath().getParent()));
        State state = State.EMPTY;
        try (InputStream in = new BufferedInputStream(Files.newInputStream(journal), 1 << 16)) {
            Line head = line(in);
            if (head != null && !isNothing(head.bytes)) {
                state = reader.begin(head.bytes);
                if (state == State.READ) {
                    reader.follow(in);
                }
            }
        }
        if (state != State.READ) {
            return new Reading(state, Optional.empty());
        }
        Optional<Integer> readTo = reader.stopped ? Optional.of(reader.lines) : Optional.empty();
        boolean empty = reader.edits == 0 && !reader.stopped;
        return new Reading(
                empty ? State.EMPTY : State.READ,
                Optional.of(new Journal.Kept(journal, reader.history, reader.file, reader.edits, readTo)));
    }

    /** A line, and whether it has an end or was cut off. */
    private static final class Line {
        private final byte[] bytes;
        private final boolean ended;

        Line(byte[] bytes, boolean ended) {
            this.bytes = bytes;
            this.ended = ended;
        }
    }

    /** The next line; null at the end. */
    private static Line line(InputStream in) throws IOException {
        ByteArrayOutputStream line = new ByteArrayOutputStream();
        int next = in.read();
        if (next < 0) {
            return null;
        }
        while (next >= 0 && next != '\n') {
            line.write(next);
            next = in.read();
        }
        return new Line(line.toByteArray(), next >= 0);
    }

    /** Nothing at all, or what a file system leaves where a power cut came before the writing. */
    private static boolean isNothing(byte[] line) {
        for (byte one : line) {
            if (one != 0 && one != '\r' && one != ' ') {
                return false;
            }
        }
        return true;
    }

    private State begin(byte[] line) {
        Optional<JournalLine.Read> whole = JournalLine.checked(line, 0);
        checked = whole.isPresent();
        check = whole.map(JournalLine.Read::check).orElse(0L);
        Optional<JsonNode> head = whole.map(JournalLine.Read::json).or(() -> JournalLine.plain(line));
        if (head.isEmpty() || !head.get().path("format").asText().equals(Journal.FORMAT)) {
            return State.ODD;
        }
        JsonNode version = head.get().path("version");
        if (!version.isNumber() || version.decimalValue().signum() <= 0) {
            return State.ODD;
        }
        boolean known = version.decimalValue().compareTo(BigDecimal.valueOf(Journal.VERSION)) <= 0;
        // A version 2 without its check is another program’s, or damaged: what it says of itself cannot be trusted.
        if (!known || !checked && version.decimalValue().compareTo(BigDecimal.ONE) != 0) {
            return State.NEWER;
        }
        try {
            history = new History(WholeJson.readAssignment(head.get().path("base"), originals));
        } catch (RuntimeException | StackOverflowError unreadable) {
            return State.ODD;
        }
        file = path(head.get().path("file").asText(""));
        lines = 1;
        return State.READ;
    }

    private static Optional<Path> path(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(Path.of(text));
        } catch (InvalidPathException none) {
            return Optional.empty();
        }
    }

    private void follow(InputStream in) throws IOException {
        for (Line line = line(in); line != null; line = line(in)) {
            if (!line.ended && isNothing(line.bytes)) {
                return;
            }
            if (!replay(line.bytes)) {
                // A line that was cut off in the writing is nothing odd: what it was to say never became true.
                stopped = line.ended;
                return;
            }
            edits++;
            lines++;
        }
    }

    /** Follows a line; false where it cannot be followed, and what comes behind it cannot be trusted. */
    private boolean replay(byte[] text) {
        JsonNode line;
        if (checked) {
            Optional<JournalLine.Read> read = JournalLine.checked(text, check);
            if (read.isEmpty()) {
                return false;
            }
            check = read.get().check();
            line = read.get().json();
        } else {
            Optional<JsonNode> plain = JournalLine.plain(text);
            if (plain.isEmpty()) {
                return false;
            }
            line = plain.get();
        }
        try {
            if (line.has("state")) {
                history = new History(WholeJson.readAssignment(line.path("state"), originals));
            } else if (line.path("undo").asBoolean()) {
                history.undo();
            } else if (line.path("redo").asBoolean()) {
                history.redo();
            } else {
                history.make(EditJson.readEdit(line, originals));
            }
            return true;
        } catch (RuntimeException | StackOverflowError unknown) {
            return false;
        }
    }
}
