package promedio.core.trail;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;

/**
 * Steps from the original of a data table to the table shown, as sentences in their order. Immutable.
 *
 * @param reading how the file was read, as it is written; empty where nothing is said
 * @param steps the steps
 * @param closing a note behind the last step; may be empty
 */
public record Trail(Optional<String> reading, List<Line> steps, String closing) {
    /** No step. */
    public static final Trail NONE = new Trail(Optional.empty(), List.of(), "");

    private static final String HEAD = "promedio trail 1";
    private static final String BEGINNING = "promedio trail ";
    private static final String READING = "reading:";
    private static final String OFF = "off:";

    /**
     * A step as it is written.
     *
     * @param text the sentence; it may go on in further lines, which are indented
     * @param off whether it is switched off
     * @param note what somebody wrote above it; may be empty, and of several lines
     */
    public record Line(String text, boolean off, String note) {
        /** Makes the texts such as can be written anywhere. */
        public Line {
            text = Visible.encodable(text.strip());
            note = Visible.encodable(note.strip());
        }

        /** A step that is on, without a note. */
        public static Line of(String text) {
            return new Line(text, false, "");
        }

        /** The whole step as it stands in a file. */
        public String whole() {
            return (off ? OFF + " " : "") + text;
        }
    }

    /** Text is no trail. */
    public static final class NoTrail extends Exception {
        private static final long serialVersionUID = 1;

        private final transient Sentence sentence;

        NoTrail(Sentence sentence) {
            super(sentence.toString());
            this.sentence = sentence;
        }

        /** Why it is none. */
        public Sentence sentence() {
            return sentence;
        }
    }

    /** Copies the steps. */
    public Trail {
        steps = List.copyOf(steps);
    }

    /** Steps that are all on, without notes. For tests and examples. */
    public static Trail of(String... steps) {
        return NONE.with(List.of(steps).stream().map(Line::of).toList());
    }

    /** The same with other steps. */
    public Trail with(List<Line> others) {
        return new Trail(reading, others, closing);
    }

    /** Whether a step names a file, be it switched off. */
    public boolean names(String file) {
        String quoted = "'" + file.replace("'", "''") + "'";
        return steps.stream().anyMatch(step -> step.text().contains(quoted));
    }

    /** Reads a trail as it stands in a file. @throws NoTrail when it is none, or a newer one */
    public static Trail read(String text) throws NoTrail {
        List<String> lines = text.replace("\ufeff", "").lines().toList();
        String head = lines.isEmpty() ? "" : lines.get(0).strip();
        if (!head.equals(HEAD)) {
            throw new NoTrail(Sentence.of(head.startsWith(BEGINNING) ? "trail.newer" : "trail.none", HEAD));
        }
        Optional<String> reading = Optional.empty();
        List<Line> steps = new ArrayList<>();
        List<String> note = new ArrayList<>();
        for (int i = 1; i < lines.size(); i++) {
            String line = lines.get(i);
            if (goesOn(line) && !steps.isEmpty() && note.isEmpty()) {
                Line last = steps.remove(steps.size() - 1);
                List<String> more = new ArrayList<>(List.of(last.text(), line));
                while (i + 1 < lines.size() && goesOn(lines.get(i + 1))) {
                    i++;
                    more.add(lines.get(i));
                }
                steps.add(new Line(String.join("\n", more), last.off(), last.note()));
            } else if (line.startsWith("#")) {
                note.add(line.substring(1).strip());
            } else if (line.startsWith(READING)) {
                reading = Optional.of(line.substring(READING.length()).strip());
            } else if (!line.isBlank()) {
                boolean off = line.startsWith(OFF);
                steps.add(new Line(off ? line.substring(OFF.length()) : line, off, String.join("\n", note)));
                note.clear();
            }
        }
        return new Trail(reading, steps, String.join("\n", note));
    }

    private static boolean goesOn(String line) {
        return !line.isBlank() && Character.isWhitespace(line.charAt(0));
    }

    /** The trail as it stands in a file. */
    public String written() {
        StringBuilder written = new StringBuilder(HEAD).append('\n');
        reading.ifPresent(
                said -> written.append(READING).append(' ').append(said).append('\n'));
        for (Line step : steps) {
            note(step.note(), written);
            String whole = step.whole();
            // Only indented lines go on.
            written.append(String.join("\n  ", whole.lines().map(String::strip).toList()))
                    .append('\n');
        }
        note(closing, written);
        return written.toString();
    }

    private static void note(String note, StringBuilder into) {
        note.lines().forEach(line -> into.append("# ").append(line).append('\n'));
    }
}
