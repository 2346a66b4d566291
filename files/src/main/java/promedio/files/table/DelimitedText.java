package promedio.files.table;

import de.siegmar.fastcsv.reader.AbstractBaseCsvCallbackHandler;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/** Delimited text, RFC 4180: finds out what parts its cells, and hands them out. */
final class DelimitedText {
    /** The largest cell, in characters. */
    static final int LARGEST_CELL = 32 << 20;

    private static final List<Delimiter> GUESSED =
            List.of(Delimiter.SEMICOLON, Delimiter.TAB, Delimiter.PIPE, Delimiter.COMMA);
    /** A delimiter parts at least this part of the rows in the same way. */
    private static final int LEAST_PART = 5;

    private static final Pattern AT_LINE = Pattern.compile("(.*?) \\((?:in )?record starting at line ([0-9]+)\\)");
    private static final Pattern AFTER_QUOTE = Pattern.compile("Unexpected character after closing quote: ('.*').*");

    private static final int LONGEST_HALF = 50;
    private static final int LOOKED_AT = 200;
    private static final Pattern FIRST_HALF = Pattern.compile("[\\[(]\\s*[+\\-\u2212]?[0-9][0-9.]*\\s*");
    private static final Pattern SECOND_HALF = Pattern.compile("\\s*[+\\-\u2212]?[0-9][0-9.]*\\s*[\\])]\\s*");

    private DelimitedText() {}

    /**
     * The delimiter that gives the most rows of one width; none where each row is one cell.
     *
     * @param sample the beginning of the text, up to the end of a line
     * @param decimalComma whether commas are decimal marks
     */
    static Optional<Delimiter> delimiter(String sample, boolean decimalComma) {
        Delimiter best = null;
        int most = 0;
        for (Delimiter delimiter : GUESSED) {
            boolean possible = sample.indexOf(delimiter.sign()) >= 0 && !(decimalComma && delimiter == Delimiter.COMMA);
            int alike = possible ? alike(sample, delimiter) : 0;
            if (alike > most) {
                most = alike;
                best = delimiter;
            }
        }
        return Optional.ofNullable(best);
    }

    /**
     * Whether the first row names the columns though numbers stand in it: it has them in quotation marks, and no row below does.
     *
     * @param sample the beginning of the text, up to the end of a line
     */
    static boolean hasNumbersAsNames(String sample, Delimiter delimiter) {
        boolean[] is = {false, false};
        int[] row = {0};
        try (CsvReader<Boolean> reader = CsvReader.builder()
                .fieldSeparator(delimiter.sign())
                .skipEmptyLines(false)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .build(
                        new AbstractBaseCsvCallbackHandler<Boolean>() {
                            @Override
                            protected void handleField(int at, char[] buffer, int from, int length, boolean quoted) {
                                boolean number = length < LONGEST_HALF
                                        && Numerals.POINT.looksLikeNumber(new String(buffer, from, length));
                                if (row[0] == 0) {
                                    is[0] |= number && quoted;
                                    is[1] |= number && !quoted;
                                } else {
                                    is[1] |= number && quoted;
                                }
                            }

                            @Override
                            protected Boolean buildRecord() {
                                row[0]++;
                                return Boolean.TRUE;
                            }
                        },
                        sample)) {
            for (Boolean ignored : reader) {
                if (is[1] || row[0] > LOOKED_AT || row[0] == 1 && !is[0]) {
                    break;
                }
            }
        } catch (CsvParseException | IOException cut) {
            // What is wrong in the sample is said when it is read.
            return false;
        }
        return is[0] && !is[1] && row[0] > 1;
    }

    /** How many rows have the commonest width above 1. */
    private static int alike(String sample, Delimiter delimiter) {
        Map<Integer, Integer> widths = new HashMap<>();
        try {
            give("", new java.io.StringReader(sample), delimiter, new RowTaker() {
                private int cells;
                private boolean filled;

                @Override
                public void cell(char[] text, int from, int length) {
                    cells++;
                    filled |= length > 0;
                }

                @Override
                public void endRow(long line) {
                    if (filled) {
                        widths.merge(cells, 1, Integer::sum);
                    }
                    cells = 0;
                    filled = false;
                }
            });
        } catch (InputProblem | IOException cut) {
            // A quote that is open at the end of the sample: the rows before it tell enough.
        }
        int rows = widths.values().stream().mapToInt(Integer::intValue).sum();
        int alike = widths.entrySet().stream()
                .filter(entry -> entry.getKey() > 1)
                .mapToInt(Map.Entry::getValue)
                .max()
                .orElse(0);
        return alike * LEAST_PART >= rows ? alike : 0;
    }

    /** Hands out the cells of a text. */
    static void give(String source, Reader text, Delimiter delimiter, RowTaker rows) throws InputProblem, IOException {
        if (delimiter.equals(Delimiter.BLANKS)) {
            blanks(source, text, rows);
            return;
        }
        try (CsvReader<Boolean> reader = CsvReader.builder()
                .fieldSeparator(delimiter.sign())
                .skipEmptyLines(false)
                .allowUnclosedQuote(false)
                .maxBufferSize(LARGEST_CELL + 2)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .build(new Handler(rows, delimiter.sign()), text)) {
            for (Boolean ignored : reader) {
                assert ignored;
            }
        } catch (UncheckedIOException unread) {
            throw unread.getCause();
        } catch (CsvParseException broken) {
            for (Throwable cause = broken; cause != null; cause = cause.getCause()) {
                if (cause instanceof Stop stop) {
                    throw stop.problem;
                }
                if (cause instanceof IOException unread) {
                    throw unread;
                }
            }
            throw new InputProblem(broken(source, broken), broken);
        } catch (Stop stop) {
            throw stop.problem;
        }
    }

    private static final class Stop extends RuntimeException {
        private static final long serialVersionUID = 1L;

        private final transient InputProblem problem;

        Stop(InputProblem problem) {
            super(problem);
            this.problem = problem;
        }
    }

    private static final class Handler extends AbstractBaseCsvCallbackHandler<Boolean> {
        private final RowTaker rows;
        private final char delimiter;
        private boolean cells;
        /** The first half of a class such as {@code [10, 20)}, which its comma takes apart. */
        private String half;

        Handler(RowTaker rows, char delimiter) {
            this.rows = rows;
            this.delimiter = delimiter;
        }

        @Override
        protected void handleField(int index, char[] buffer, int from, int length, boolean quoted) {
            cells = true;
            if (half != null) {
                String rest = new String(buffer, from, length);
                if (!quoted && isClass(half, rest)) {
                    rows.cell(half + delimiter + rest);
                    half = null;
                    return;
                }
                giveHalf();
            }
            if (!quoted && mayOpen(buffer, from, length)) {
                String text = new String(buffer, from, length);
                if (FIRST_HALF.matcher(text).matches()) {
                    half = text;
                    return;
                }
            }
            rows.cell(buffer, from, length);
        }

        /** Whether two halves are a class: one end belongs to it, and one does not; (1,2) is two cells. */
        private static boolean isClass(String half, String rest) {
            return SECOND_HALF.matcher(rest).matches() && rest.strip().endsWith(")") == (half.charAt(0) == '[');
        }

        private static boolean mayOpen(char[] buffer, int from, int length) {
            return length > 1 && length < LONGEST_HALF && (buffer[from] == '[' || buffer[from] == '(');
        }

        private void giveHalf() {
            if (half != null) {
                rows.cell(half);
                half = null;
            }
        }

        @Override
        protected Boolean buildRecord() {
            try {
                giveHalf();
                if (!cells) {
                    rows.cell("");
                }
                cells = false;
                rows.endRow(getStartingLineNumber());
                return Boolean.TRUE;
            } catch (InputProblem problem) {
                throw new Stop(problem);
            }
        }
    }

    /** What the CSV library says is wrong, with the line in front. */
    private static Sentence broken(String source, CsvParseException broken) {
        String said = broken.getMessage();
        String cause = broken.getCause() == null
                ? ""
                : String.valueOf(broken.getCause().getMessage());
        if (said.contains("maximum buffer size") || cause.contains("maximum buffer size")) {
            return Sentence.of("input.cell-too-large", source);
        }
        Matcher line = AT_LINE.matcher(said);
        if (!line.matches()) {
            return Sentence.of("input.broken", source);
        }
        Matcher character = AFTER_QUOTE.matcher(line.group(1));
        if (line.group(1).startsWith("Unclosed quoted field")) {
            return Sentence.of("input.broken.open-quote", source, line.group(2));
        }
        return character.matches()
                ? Sentence.of("input.broken.after-quote", source, line.group(2), character.group(1))
                : Sentence.of("input.broken.row", source, line.group(2), line.group(1));
    }

    /** Cells parted by runs of blanks; what stands between quotes stays together. */
    private static void blanks(String source, Reader text, RowTaker rows) throws InputProblem, IOException {
        try (BufferedReader lines = new BufferedReader(text)) {
            long number = 0;
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                number++;
                for (String cell : words(source, line, number)) {
                    rows.cell(cell);
                }
                rows.endRow(number);
            }
        }
    }

    private static List<String> words(String source, String line, long number) throws InputProblem {
        List<String> words = new ArrayList<>();
        int at = 0;
        while (at < line.length()) {
            char character = line.charAt(at);
            if (Character.isWhitespace(character) || character == '\u00a0') {
                at++;
            } else if (character == '"') {
                StringBuilder quoted = new StringBuilder();
                int end = at + 1;
                while (end < line.length() && (line.charAt(end) != '"' || line.startsWith("\"\"", end))) {
                    end += line.charAt(end) == '"' ? 1 : 0;
                    quoted.append(line.charAt(end++));
                }
                if (end >= line.length()) {
                    throw new InputProblem(Sentence.of("input.broken.open-quote", source, Long.toString(number)));
                }
                words.add(quoted.toString());
                at = end + 1;
            } else {
                int end = at;
                while (end < line.length()
                        && !Character.isWhitespace(line.charAt(end))
                        && line.charAt(end) != '\u00a0') {
                    end++;
                }
                words.add(line.substring(at, end));
                at = end;
            }
        }
        return words;
    }
}
