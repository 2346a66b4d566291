package promedio.core.assignment;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
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
public record Typing(List<Entries> columns, List<String> headings, SampleSheet.Kind kind, Optional<Sentence> told) {
    /** Nothing at all. */
    public static final Typing NOTHING = new Typing(List.of(), List.of(), SampleSheet.Kind.VALUES, Optional.empty());

    /** {@code 12 × 3}: a value and its frequency; also with x and *. */
    private static final Pattern TIMES =
            Pattern.compile("\\s*+([^\\s×x*]++)\\s*+[×x*]\\s*+([0-9]++)\\s*+", Pattern.CASE_INSENSITIVE);

    /** Runs of blanks say no more than a few do, and are dear to look through. */
    private static final Pattern LONG_BLANKS = Pattern.compile("[\\s\u00a0&&[^\n\t]]{8,}+");

    /** Between words; not between a number and its percent sign. */
    private static final Pattern GAPS = Pattern.compile("[\\s;]++(?!%(?:[\\s;]|$))");

    private static final Pattern COMMA_GAPS = Pattern.compile(",\\s+");
    private static final Pattern COMMAS = Pattern.compile("\\s*,\\s*");
    private static final Pattern WHOLE = Pattern.compile("[0-9]+");
    private static final Pattern FREQUENCY_HEADING = Pattern.compile(
            "f|freq(?:uency|uencies|\\.)?|count|counts|number|times|how many", Pattern.CASE_INSENSITIVE);

    /** Copies the lists. */
    public Typing {
        columns = List.copyOf(columns);
        headings = List.copyOf(headings);
    }

    /** A list. */
    static Typing list(List<String> values, Optional<Sentence> told) {
        return new Typing(List.of(Entries.of(values)), List.of(""), SampleSheet.Kind.VALUES, told);
    }

    /** Values or classes with their frequencies. */
    static Typing table(
            SampleSheet.Kind kind,
            List<String> first,
            List<String> frequencies,
            String heading,
            Optional<Sentence> told) {
        return new Typing(List.of(Entries.of(first), Entries.of(frequencies)), List.of(heading, ""), kind, told);
    }

    /** Whether there is nothing in it. */
    public boolean isEmpty() {
        return columns.isEmpty() || columns.get(0).size() == 0;
    }

    /** Takes text apart; {@code numerals} tell a comma between numbers from one within a number. */
    public static Typing parse(String text, Numerals numerals) {
        String plain = LONG_BLANKS
                .matcher(text.replace("\r\n", "\n").replace('\r', '\n'))
                .replaceAll(" ");
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
            return ofTabbed(lines, numerals);
        }
        return times(lines)
                .orElseGet(() -> lines.size() == 1
                        ? list(words(lines.get(0), numerals), Optional.empty())
                        : ofLines(lines, numerals));
    }

    /** How many cells are numbers. */
    public long numbers(Numerals numerals) {
        return columns.stream()
                .mapToLong(column -> IntStream.range(0, column.size())
                        .filter(row -> column.isNumber(row, numerals))
                        .count())
                .sum();
    }

    /** How many cells there are. */
    public long cells() {
        return columns.stream().mapToLong(Entries::size).sum();
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
        return Optional.of(table(SampleSheet.Kind.FREQUENCIES, values, frequencies, "", Optional.empty()));
    }

    /** One line: entries with blanks, semicolons or commas between them. */
    private static List<String> words(String line, Numerals numerals) {
        String bare = line.strip();
        if (bare.indexOf('%') >= 0 && numerals.read(bare).isPresent()) {
            return List.of(bare);
        }
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
            return list(all, Optional.empty());
        }
        return ofTabbed(lines, numerals);
    }

    private static boolean hasGap(String line) {
        return line.chars().anyMatch(c -> c == ' ' || c == ';' || c == ',' || c == '\u00a0');
    }

    private static Typing ofTabbed(List<String> lines, Numerals numerals) {
        ColumnsBuilder columns = new ColumnsBuilder();
        for (String line : lines) {
            List<String> cells = Arrays.asList(line.split("\t", -1));
            if (!columns.add(cells)) {
                return new Typing(
                        List.of(),
                        List.of(),
                        SampleSheet.Kind.VALUES,
                        Optional.of(Sentence.of("typing.ragged", cells.size())));
            }
        }
        return ofColumns(columns.build(), numerals);
    }

    /** Takes columns of cells apart, as they stand in a file: with or without headings, lists or a table. */
    public static Typing ofColumns(List<Entries> whole, Numerals numerals) {
        if (whole.isEmpty() || whole.get(0).size() == 0) {
            return NOTHING;
        }
        boolean headed = whole.stream().allMatch(column -> !column.text(0).isEmpty() && !column.isNumber(0, numerals))
                && whole.stream().anyMatch(column -> IntStream.range(1, column.size())
                        .anyMatch(row -> column.isNumber(row, numerals)));
        List<Entries> columns =
                headed ? whole.stream().map(column -> column.removed(0, 1)).toList() : whole;
        List<String> headings =
                whole.stream().map(column -> headed ? column.text(0) : "").toList();
        boolean two = columns.size() == 2;
        if (two) {
            Optional<Typing> classes =
                    TableTyping.ofColumns(columns.get(0).texts(), columns.get(1).texts(), headings.get(0), numerals);
            if (classes.isPresent()) {
                return classes.get();
            }
        }
        boolean table = two
                && (headed
                        ? FREQUENCY_HEADING.matcher(headings.get(1).strip()).matches()
                        : looksLikeTable(columns.get(0), columns.get(1), numerals));
        Optional<Sentence> told = table && !headed ? Optional.of(Sentence.of("typing.frequencies")) : Optional.empty();
        return new Typing(columns, headings, table ? SampleSheet.Kind.FREQUENCIES : SampleSheet.Kind.VALUES, told);
    }

    /** Without headings: distinct values in ascending order beside whole numbers are values with their frequencies. */
    private static boolean looksLikeTable(Entries values, Entries frequencies, Numerals numerals) {
        BigDecimal before = null;
        for (int i = 0; i < values.size(); i++) {
            Optional<BigDecimal> value = numerals.read(values.text(i)).map(Numerals.Numeral::value);
            boolean ascending = value.isPresent() && (before == null || before.compareTo(value.get()) < 0);
            if (!ascending || !WHOLE.matcher(frequencies.text(i)).matches()) {
                return false;
            }
            before = value.get();
        }
        return values.size() > 1;
    }

    /** Rows of cells, taken one after another, as columns of the same length. */
    public static final class ColumnsBuilder {
        private static final long MOST_PADDED = 1_000_000;

        private final List<Entries.Builder> columns = new ArrayList<>();
        private int rows;
        private long padded;
        private long filled;

        /**
         * Adds a row; columns that it has not, or the rows before had not, are empty there.
         *
         * @return false, and nothing is added, where nearly all cells would be such empty ones: then it is no table
         */
        public boolean add(List<String> cells) {
            long emptied = (long) rows * Math.max(0, cells.size() - columns.size())
                    + Math.max(0, columns.size() - cells.size());
            if (padded + emptied > MOST_PADDED + filled) {
                return false;
            }
            padded += emptied;
            filled += cells.size();
            while (columns.size() < cells.size()) {
                Entries.Builder column = new Entries.Builder();
                for (int i = 0; i < rows; i++) {
                    column.add("");
                }
                columns.add(column);
            }
            for (int i = 0; i < columns.size(); i++) {
                columns.get(i).add(i < cells.size() ? cells.get(i).strip() : "");
            }
            rows++;
            return true;
        }

        /** The columns. */
        public List<Entries> build() {
            return columns.stream().map(Entries.Builder::build).toList();
        }
    }
}
