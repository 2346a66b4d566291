package promedio.core.tabulate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Divisor;
import promedio.core.course.GroupedMode;
import promedio.core.course.GroupedPosition;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.GivensReader;
import promedio.core.sample.GivensReader.Fault;
import promedio.core.sample.Lettered;
import promedio.core.sample.Lettered.Bounds;
import promedio.core.sample.Lettered.Row;
import promedio.core.sample.Linear;
import promedio.core.sample.SampleKind;

/** Reads a list, or the two rows of a table, in which letters stand for some figures. */
public final class LetteredReader {
    private static final int MOST_LETTERS = 2;
    /** Which of the rows with letters a median meets is tried for every two of them. */
    private static final int MOST_ROWS = 20;

    /** What is left open without a letter. */
    private static final Pattern OPEN = Pattern.compile("\\?+|_+|…|\\.{3}|[–—−-]");

    private static final Pattern JOINED = Pattern.compile("(?<=[\\p{L}0-9₀-₉])\\s+([+−–-])\\s+(?=[\\p{L}0-9])");
    private static final Pattern AND = Pattern.compile("(?<=\\s)(?:and|&)(?=\\s)");
    private static final String BLANK = "\\s+";

    private final CourseCard card;
    private final Numerals numerals;

    /** A reader of what a question gives, in which letters may stand, under a card. */
    public static GivensReader givens(SampleKind kind, CourseCard card) {
        return new GivensReader(
                kind,
                card.numerals(),
                card.get(CardKey.DIVISOR) == Divisor.SAMPLE,
                (values, frequencies) -> read(values, frequencies, card));
    }

    private LetteredReader(CourseCard card) {
        this.card = card;
        this.numerals = card.numerals();
    }

    /**
     * Reads a list, or a table.
     *
     * @param values the values or classes
     * @param frequencies how often each counts; empty for a list
     * @throws Fault when there is none
     */
    public static Lettered read(String values, Optional<String> frequencies, CourseCard card) throws Fault {
        return new LetteredReader(card).read(values, frequencies);
    }

    private Lettered read(String values, Optional<String> frequencies) throws Fault {
        List<String> classes = frequencies.isPresent() ? classes(values) : List.of();
        List<String> labels = classes.isEmpty() ? parts(values) : classes;
        List<Linear> counts = new ArrayList<>();
        if (frequencies.isPresent()) {
            counts.addAll(figures("frequencies", parts(frequencies.get()), "f"));
            if (counts.size() != labels.size()) {
                throw new Fault("given.impossible.rows", labels.size(), counts.size());
            }
        }
        List<Row> rows = new ArrayList<>();
        if (!classes.isEmpty()) {
            rows.addAll(classed(labels, counts));
        } else {
            List<Linear> figures = figures("values", labels, "x");
            for (int i = 0; i < figures.size(); i++) {
                Linear count = counts.isEmpty() ? Linear.of(Exact.ONE) : counts.get(i);
                rows.add(new Row(labels.get(i), figures.get(i), count, Optional.empty()));
            }
        }
        Lettered read = new Lettered(rows, frequencies.isPresent(), rules(!classes.isEmpty()));
        int letters = read.letters().size();
        if (letters == 0 || letters > MOST_LETTERS) {
            throw new Fault(letters == 0 ? "given.impossible.no-letter" : "given.impossible.letters", letters);
        }
        long open = rows.stream()
                .filter(row -> !row.value().isNumber() || !row.frequency().isNumber())
                .count();
        if (open > MOST_ROWS) {
            throw new Fault("given.impossible.letter-rows", open, MOST_ROWS);
        }
        for (Row row : rows) {
            if (!row.value().isNumber() && !row.frequency().isNumber()) {
                throw new Fault("given.impossible.both", row.label());
            }
            if (row.frequency().isNumber() && row.frequency().constant().signum() < 0) {
                throw new Fault(
                        "given.impossible.negative",
                        "frequencies",
                        row.frequency().constant());
            }
        }
        return read;
    }

    private Lettered.Rules rules(boolean classed) {
        Divisor divisor = classed ? card.groupedDivisor() : card.get(CardKey.DIVISOR);
        return new Lettered.Rules(
                divisor == Divisor.SAMPLE,
                card.get(CardKey.GROUPED_POSITION) == GroupedPosition.PN1,
                card.get(CardKey.GROUPED_MODE) == GroupedMode.INTERPOLATED);
    }

    /** The classes of a row; none where something else stands among them, or these are single numbers. */
    private List<String> classes(String text) {
        List<String> found = new ArrayList<>();
        boolean ranges = false;
        for (int at = 0; at < text.length(); ) {
            if (",;|".indexOf(text.charAt(at)) >= 0 || Character.isWhitespace(text.charAt(at))) {
                at++;
                continue;
            }
            int end = ClassLabel.end(text, at);
            if (end <= at) {
                return List.of();
            }
            String label = text.substring(at, end).strip();
            ranges |= ClassLabel.parse(label, numerals)
                    .filter(one -> one.kind() != ClassLabel.Kind.SINGLE)
                    .isPresent();
            found.add(label);
            at = end;
        }
        return ranges ? found : List.of();
    }

    /** What stands in a row, taken apart: by semicolons, else by commas that are in no number, else by blanks. */
    private List<String> parts(String text) {
        String plain = AND.matcher(text).replaceAll(",").strip();
        boolean commas = plain.indexOf(',') >= 0 && (numerals.decimalMark() != ',' || plain.contains(", "));
        if (plain.indexOf(';') >= 0 || plain.indexOf('|') >= 0) {
            return split(plain, "[;|]");
        }
        return commas ? split(plain, ",") : split(JOINED.matcher(plain).replaceAll("$1"), BLANK);
    }

    private static List<String> split(String text, String at) {
        return Arrays.stream(text.split(at))
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .toList();
    }

    /** The figures of a row; what is left open has a letter of its own. */
    private List<Linear> figures(String name, List<String> parts, String letter) throws Fault {
        long open = parts.stream().filter(part -> OPEN.matcher(part).matches()).count();
        List<Linear> figures = new ArrayList<>();
        int opened = 0;
        for (String part : parts) {
            if (OPEN.matcher(part).matches()) {
                opened++;
                figures.add(Linear.letter(open == 1 ? letter : letter + opened));
            } else {
                figures.add(Linear.read(part, numerals).orElseThrow(() -> new Fault("given.no-letter", name, part)));
            }
        }
        return figures;
    }

    private List<Row> classed(List<String> labels, List<Linear> counts) throws Fault {
        List<ClassReading.Row> read = new ArrayList<>();
        for (int i = 0; i < labels.size(); i++) {
            String label = labels.get(i);
            ClassLabel parsed =
                    ClassLabel.parse(label, numerals).orElseThrow(() -> new Fault("given.impossible.table", label));
            read.add(new ClassReading.Row(i, label, parsed, Exact.ONE));
        }
        ClassReading reading = ClassReading.of(read, card);
        if (!reading.problems().isEmpty()) {
            throw new Fault("given.impossible.table", reading.problems().get(0).sentence());
        }
        ClassTable table = reading.table().orElseThrow();
        TreeMap<Integer, Row> rows = new TreeMap<>();
        for (int i = 0; i < table.size(); i++) {
            ClassInterval one = table.at(i);
            if (one.isOpen()) {
                throw new Fault("given.impossible.open-class", one.label());
            }
            Bounds bounds = new Bounds(one.lower().orElseThrow(), one.upper().orElseThrow());
            rows.put(
                    i,
                    new Row(
                            one.label(),
                            Linear.of(one.midpoint().orElseThrow()),
                            counts.get(one.entry()),
                            Optional.of(bounds)));
        }
        return List.copyOf(rows.values());
    }
}
