package promedio.core.assignment;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;

/**
 * What somebody typed or pasted, taken apart: columns of entries with their headings, or a frequency table.
 *
 * @param columns the entries, column by column
 * @param headings the heading of each column; empty text where there is none
 * @param kind whether columns are lists, or together a frequency or class table
 * @param told what is to be said of the reading
 */
public record Typing(
        List<List<String>> columns, List<String> headings, SampleSheet.Kind kind, Optional<Sentence> told) {
    /** Nothing at all. */
    public static final Typing NOTHING = new Typing(List.of(), List.of(), SampleSheet.Kind.VALUES, Optional.empty());

    /** {@code 12 × 3}: a value and its frequency; also with x and *. */
    private static final Pattern TIMES =
            Pattern.compile("\\s*([^\\s×x*]+)\\s*[×x*]\\s*([0-9]+)\\s*", Pattern.CASE_INSENSITIVE);

    private static final Pattern GAPS = Pattern.compile("[\\s;]+");
    private static final Pattern COMMA_GAPS = Pattern.compile(",\\s+");
    private static final Pattern COMMAS = Pattern.compile("\\s*,\\s*");
    private static final Pattern FREQUENCY_HEADING = Pattern.compile(
            "f|freq(?:uency|uencies|\\.)?|count|counts|number|times|how many", Pattern.CASE_INSENSITIVE);

    /** Copies the lists. */
    public Typing {
        columns = columns.stream().map(List::copyOf).toList();
        headings = List.copyOf(headings);
    }

    /** Whether there is nothing in it. */
    public boolean isEmpty() {
        return columns.isEmpty() || columns.get(0).isEmpty();
    }

    /** Takes text apart; {@code numerals} tell a comma between numbers from one within a number. */
    public static Typing parse(String text, Numerals numerals) {
        String plain = text.replace("\r\n", "\n").replace('\r', '\n');
        List<String> lines = new ArrayList<>(Arrays.asList(plain.split("\n", -1)));
        while (!lines.isEmpty() && lines.get(lines.size() - 1).isBlank()) {
            lines.remove(lines.size() - 1);
        }
        if (lines.isEmpty()) {
            return NOTHING;
        }
        Optional<Typing> table = TableTyping.stems(lines);
        if (table.isEmpty() && plain.indexOf('\t') < 0) {
            table = TableTyping.ofLines(lines, numerals);
        }
        if (table.isPresent()) {
            return table.get();
        }
        if (plain.indexOf('\t') >= 0) {
            return ofColumns(lines, numerals);
        }
        return times(lines)
                .orElseGet(() -> lines.size() == 1
                        ? new Typing(
                                List.of(words(lines.get(0), numerals)),
                                List.of(""),
                                SampleSheet.Kind.VALUES,
                                Optional.empty())
                        : ofLines(lines, numerals));
    }

    /** Takes rows of cells apart, as they stand in a file: columns with or without headings. */
    public static Typing ofRows(List<List<String>> rows, Numerals numerals) {
        return rows.isEmpty() ? NOTHING : ofCells(rows, numerals);
    }

    /** How many cells are numbers. */
    public long numbers(Numerals numerals) {
        return columns.stream()
                .flatMap(List::stream)
                .filter(cell -> numerals.read(cell).isPresent())
                .count();
    }

    private static Optional<Typing> times(List<String> lines) {
        List<String> values = new ArrayList<>();
        List<String> frequencies = new ArrayList<>();
        for (String line : lines) {
            for (String part : line.split("[;,]\\s+|;", -1)) {
                Matcher matcher = TIMES.matcher(part);
                if (!matcher.matches()) {
                    return Optional.empty();
                }
                values.add(matcher.group(1));
                frequencies.add(matcher.group(2));
            }
        }
        return Optional.of(new Typing(
                List.of(values, frequencies), List.of("", ""), SampleSheet.Kind.FREQUENCIES, Optional.empty()));
    }

    /** One line: entries with blanks, semicolons or commas between them. */
    private static List<String> words(String line, Numerals numerals) {
        String bare = line.strip();
        boolean spaced = GAPS.matcher(bare).find();
        if (!spaced && bare.indexOf(',') >= 0 && numerals.read(bare).isEmpty()) {
            return Arrays.asList(COMMAS.split(bare, -1));
        }
        // "12, 15, 15": a comma before a blank stands between numbers.
        return Arrays.asList(GAPS.split(COMMA_GAPS.matcher(bare).replaceAll(" "), -1));
    }

    /** Several lines: an entry a line where lines hold one word, else the words of all lines. */
    private static Typing ofLines(List<String> lines, Numerals numerals) {
        boolean rows = lines.stream()
                                .filter(line ->
                                        hasGap(line) && words(line, numerals).size() > 1)
                                .count()
                        * 2
                > lines.size();
        if (rows) {
            List<String> all = new ArrayList<>();
            lines.stream().filter(line -> !line.isBlank()).forEach(line -> all.addAll(words(line, numerals)));
            return new Typing(List.of(all), List.of(""), SampleSheet.Kind.VALUES, Optional.empty());
        }
        return ofColumns(lines, numerals);
    }

    private static boolean hasGap(String line) {
        return line.chars().anyMatch(c -> c == ' ' || c == ';' || c == ',' || c == '\u00a0');
    }

    private static Typing ofColumns(List<String> lines, Numerals numerals) {
        return ofCells(
                lines.stream().map(line -> Arrays.asList(line.split("\t", -1))).toList(), numerals);
    }

    private static Typing ofCells(List<List<String>> rows, Numerals numerals) {
        List<List<String>> columns = new ArrayList<>();
        int width = rows.stream().mapToInt(List::size).max().orElse(1);
        for (int i = 0; i < width; i++) {
            List<String> column = new ArrayList<>(rows.size());
            for (List<String> cells : rows) {
                column.add(i < cells.size() ? cells.get(i).strip() : "");
            }
            columns.add(column);
        }
        boolean headed = rows.size() > 1
                && columns.stream()
                        .allMatch(column -> !column.get(0).isEmpty()
                                && numerals.read(column.get(0)).isEmpty())
                && columns.stream().anyMatch(column -> column.stream().skip(1).anyMatch(cell -> numerals.read(cell)
                        .isPresent()));
        List<String> headings = new ArrayList<>();
        for (List<String> column : columns) {
            headings.add(headed ? column.remove(0) : "");
        }
        if (width == 2) {
            Optional<Typing> classes = TableTyping.ofColumns(columns.get(0), columns.get(1), headings.get(0), numerals);
            if (classes.isPresent()) {
                return classes.get();
            }
        }
        boolean table = width == 2
                && (headed
                        ? FREQUENCY_HEADING.matcher(headings.get(1).strip()).matches()
                        : looksLikeTable(columns, numerals));
        Optional<Sentence> told = table && !headed ? Optional.of(Sentence.of("typing.frequencies")) : Optional.empty();
        return new Typing(columns, headings, table ? SampleSheet.Kind.FREQUENCIES : SampleSheet.Kind.VALUES, told);
    }

    /** Without headings: distinct values in ascending order beside whole numbers are values with their frequencies. */
    private static boolean looksLikeTable(List<List<String>> columns, Numerals numerals) {
        BigDecimal before = null;
        for (int i = 0; i < columns.get(0).size(); i++) {
            Optional<BigDecimal> value = numerals.read(columns.get(0).get(i)).map(Numerals.Numeral::value);
            boolean ascending = value.isPresent() && (before == null || before.compareTo(value.get()) < 0);
            if (!ascending || !columns.get(1).get(i).matches("[0-9]+")) {
                return false;
            }
            before = value.get();
        }
        return columns.get(0).size() > 1;
    }
}
