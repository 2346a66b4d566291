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

/** Reads a journal line by line as far as it goes: what stands before a line that cannot be followed is never lost. */
final class JournalReader {
    private final Originals originals;
    private final LostTables lost = new LostTables();
    private long check;
    private boolean checked;
    private boolean settles;
    private Replay replay;
    private Optional<Path> file = Optional.empty();
    private int edits;
    private int lines;
    private boolean stopped;
    private boolean anything;

    private JournalReader(Originals originals) {
        this.originals = originals;
    }

    /** What a journal is. */
    enum State {
        /** It could be read, at least in its beginning, and something was done. */
        READ,
        /** Nothing was written behind its beginning, or not even that. */
        EMPTY,
        /** A newer version of this program wrote it. */
        NEWER,
        /** Its beginning cannot be read, or nothing behind it can. */
        ODD
    }

    /** What came of reading a journal. */
    record Reading(State state, Optional<Journal.Kept> kept) {}

    static Reading read(Path journal) throws IOException {
        JournalReader reader =
                new JournalReader(Journal.originals(journal.toAbsolutePath().getParent()));
        State state;
        try (InputStream in = new BufferedInputStream(Files.newInputStream(journal), 1 << 16)) {
            state = reader.read(in);
        }
        if (state != State.READ) {
            return new Reading(state, Optional.empty());
        }
        Optional<Integer> readTo = reader.stopped ? Optional.of(reader.lines) : Optional.empty();
        return new Reading(
                reader.anything ? reader.edits > 0 ? State.READ : State.ODD : State.EMPTY,
                Optional.of(new Journal.Kept(
                        journal, reader.replay.history(), reader.file, reader.edits, readTo, reader.lost.names())));
    }

    private State read(InputStream in) throws IOException {
        Line head = line(in);
        while (head != null && isNothing(head.bytes)) {
            head = line(in);
        }
        if (head == null) {
            return State.EMPTY;
        }
        State state = begin(head.bytes);
        if (state == State.READ) {
            follow(in);
        }
        return state;
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
        settles = version.decimalValue().compareTo(BigDecimal.valueOf(Journal.SETTLED)) >= 0;
        try {
            replay = new Replay(WholeJson.readAssignment(head.get().path("base"), originals, lost));
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
            // A line that comes behind it tells by its check whether one is missing.
            if (isNothing(line.bytes) && (checked || !line.ended || !hasZero(line.bytes))) {
                continue;
            }
            if (!replay(line.bytes)) {
                // A line that was cut off in the writing is nothing odd: what it was to say never became true.
                stopped = line.ended || !isBeginning(line.bytes);
                anything |= stopped;
                return;
            }
            anything = true;
            edits = Math.max(replay.edits(), 1);
            lines++;
        }
    }

    /** Whether a line that has no end is one that was begun, and not what is left of another. */
    private static boolean isBeginning(byte[] line) {
        return line[0] == '{' && !hasZero(line);
    }

    private static boolean hasZero(byte[] line) {
        for (byte one : line) {
            if (one == 0) {
                return true;
            }
        }
        return false;
    }

    /** Follows a line; false where it cannot be followed, and what comes behind it cannot be trusted. */
    private boolean replay(byte[] text) {
        Optional<JsonNode> line;
        if (checked) {
            Optional<JournalLine.Read> read = JournalLine.checked(text, check);
            read.ifPresent(one -> check = one.check());
            line = read.map(JournalLine.Read::json);
        } else {
            line = JournalLine.plain(text);
        }
        try {
            line.ifPresent(this::follow);
            return line.isPresent();
        } catch (RuntimeException | StackOverflowError unknown) {
            return false;
        }
    }

    private void follow(JsonNode line) {
        if (line.has("state")) {
            replay.begin(WholeJson.readAssignment(line.path("state"), originals, lost));
        } else if (line.has("settled")) {
            replay.settle(line.path("settled"));
        } else if (line.path("undo").asBoolean()) {
            replay.undo();
        } else if (line.path("redo").asBoolean()) {
            replay.redo();
        } else {
            try {
                replay.make(EditJson.readEdit(line, originals));
            } catch (LostTables.Lost table) {
                lost.add(table.name());
                replay.pass();
            }
        }
        if (!settles) {
            replay.walk();
        }
    }
}
