package promedio.files.table;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import promedio.core.data.Entries;
import promedio.core.data.TableReading;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;

/**
 * Gathers rows into columns. The first rows are held back until there are enough of them to tell the lines before the table and
 * its heading; all others go straight into the columns.
 */
final class Gatherer implements RowTaker {
    private static final int ENOUGH_ROWS = 2_000;
    private static final int ENOUGH_CELLS = 200_000;
    private static final int MOST_COLUMNS = 16_384;
    private static final long MOST_PADDED = 1_000_000;
    private static final Pattern YEAR = Pattern.compile("1[5-9][0-9]{2}|20[0-9]{2}");

    private final String source;
    private final ReadingOptions options;

    private List<Preamble.Held> held = new ArrayList<>();
    private List<String> present = new ArrayList<>();
    private long heldCells;

    private final List<String> preamble = new ArrayList<>();
    private List<String> heading = List.of();
    private boolean headed;
    private boolean yearsAbove;

    private final List<Entries.Builder> columns = new ArrayList<>();
    private int rows;
    private int at;
    private int filled;
    private boolean surplus;
    private long padded;
    private long blankRows;
    private long blankLine;
    private final Lines.Builder lines = new Lines.Builder();
    private long passedOver;

    private final int most;

    /** Thrown when there are as many rows as wanted. */
    static final class Enough extends InputProblem {
        private static final long serialVersionUID = 1L;

        Enough() {
            super(Sentence.of("input.stopped", ""));
        }
    }

    /** Gathers up to so many rows; behind them it throws {@link Enough}. */
    Gatherer(String source, ReadingOptions options, int most) {
        this.source = source;
        this.options = options;
        this.most = most;
    }

    @Override
    public void cell(char[] text, int from, int length) {
        int begin = from;
        int end = from + length;
        while (begin < end && isBlank(text[begin])) {
            begin++;
        }
        while (end > begin && isBlank(text[end - 1])) {
            end--;
        }
        if (held != null) {
            present.add(new String(text, begin, end - begin));
        } else {
            put(text, begin, end - begin);
        }
    }

    private static boolean isBlank(char character) {
        return character <= ' ' || character == '\u00a0' || character == '\ufeff';
    }

    @Override
    public void endRow(long line) throws InputProblem {
        if (held == null) {
            end(line);
            return;
        }
        if (present.size() > MOST_COLUMNS) {
            throw tooWide(line);
        }
        heldCells += present.size();
        held.add(new Preamble.Held(line, present));
        present = new ArrayList<>();
        if (held.size() >= ENOUGH_ROWS || heldCells >= ENOUGH_CELLS) {
            begin();
        }
    }

    private InputProblem tooWide(long line) {
        return new InputProblem(Sentence.of("input.too-wide", source, Long.toString(line)));
    }

    /** Tells the lines before the table and the heading from the rows held back, and puts these into the columns. */
    private void begin() throws InputProblem {
        List<Preamble.Held> all = held;
        held = null;
        // Names of members of an object are names, whatever they look like; they stand on no line.
        boolean named = !all.isEmpty() && all.get(0).line() == 0;
        int first = named ? 0 : Preamble.first(all, options.skip());
        for (Preamble.Held row : all.subList(0, first)) {
            preamble.add(String.join(" ", row.cells()).strip());
        }
        List<Preamble.Held> table = all.subList(first, all.size());
        List<List<String>> below = table.stream()
                .skip(1)
                .filter(row -> row.width() > 0)
                .map(Preamble.Held::cells)
                .toList();
        headed = named
                || !table.isEmpty()
                        && options.heading()
                                .orElseGet(() -> !isMissing(table.get(0).cells())
                                        && TableReading.isHeading(table.get(0).cells(), below));
        int width = table.isEmpty()
                ? 0
                : headed ? table.get(0).cells().size() : Math.max(table.get(0).width(), Preamble.usualWidth(table));
        if (headed) {
            heading = table.get(0).cells();
        }
        yearsAbove = !headed && !table.isEmpty() && isYears(table.get(0).cells(), below);
        for (int i = 0; i < width; i++) {
            columns.add(new Entries.Builder());
        }
        for (Preamble.Held row : table.subList(headed ? 1 : 0, table.size())) {
            for (String cell : row.cells()) {
                put(cell.toCharArray(), 0, cell.length());
            }
            end(row.line());
        }
    }

    /** Whether a cell of a row was said to mean missing: no name is such. */
    private boolean isMissing(List<String> cells) {
        return cells.stream().anyMatch(options.missing()::contains);
    }

    /** Whether years stand over numbers that are none. */
    private static boolean isYears(List<String> first, List<List<String>> below) {
        int years = 0;
        for (int i = 0; i < first.size(); i++) {
            String cell = first.get(i);
            int column = i;
            if (YEAR.matcher(cell).matches()) {
                boolean numbers = below.stream()
                        .map(row -> column < row.size() ? row.get(column) : "")
                        .anyMatch(text -> !text.isEmpty() && !YEAR.matcher(text).matches());
                years += numbers ? 1 : 0;
            } else if (cell.matches(".*[0-9].*")) {
                return false;
            }
        }
        return years > 1 && !below.isEmpty();
    }

    private void put(char[] text, int from, int length) {
        int column = at++;
        if (length == 0) {
            return;
        }
        if (column >= columns.size()) {
            if (headed || column >= MOST_COLUMNS) {
                surplus = true;
                return;
            }
            grow(column + 1);
        }
        if (blankRows > 0 && filled == 0) {
            flushBlankRows();
        }
        while (filled < column) {
            columns.get(filled++).add(text, from, 0);
        }
        columns.get(column).add(text, from, length);
        filled = column + 1;
    }

    private void grow(int width) {
        padded += (long) rows * (width - columns.size());
        while (columns.size() < width) {
            Entries.Builder more = new Entries.Builder();
            for (int i = 0; i < rows && padded <= MOST_PADDED + 8L * rows; i++) {
                more.add("");
            }
            columns.add(more);
        }
    }

    /** A blank line amid rows of several cells is nothing; in a single column it is a missing value. */
    private void flushBlankRows() {
        if (columns.size() == 1) {
            for (long line = blankLine; blankRows > 0; blankRows--) {
                columns.get(0).add("");
                lines.add(rows++, line++);
            }
        } else {
            passedOver += blankRows;
        }
        blankRows = 0;
    }

    private void end(long line) throws InputProblem {
        int cells = at;
        at = 0;
        if (surplus) {
            if (!headed) {
                throw tooWide(line);
            }
            throw new InputProblem(Sentence.of(
                    "input.more-cells",
                    source,
                    Long.toString(line),
                    Integer.toString(cells),
                    Integer.toString(columns.size())));
        }
        if (filled == 0) {
            blankLine = blankRows++ == 0 ? line : blankLine;
            return;
        }
        if (padded > MOST_PADDED + 8L * rows) {
            throw new InputProblem(Sentence.of("input.cells", source, Long.toString(line), Integer.toString(cells)));
        }
        while (filled < columns.size()) {
            columns.get(filled++).add("");
        }
        filled = 0;
        lines.add(rows++, line);
        if (rows >= most) {
            throw new Enough();
        }
    }

    /** All that was gathered. */
    Gathered gathered() throws InputProblem {
        if (held != null) {
            begin();
        }
        List<Sentence> told = new ArrayList<>();
        if (!preamble.isEmpty()) {
            told.add(Sentence.of(
                    preamble.size() == 1 ? "reading.preamble.one" : "reading.preamble.many", preamble.size()));
        }
        if (passedOver > 0) {
            told.add(Sentence.of(passedOver == 1 ? "reading.blank.one" : "reading.blank.many", passedOver));
        }
        List<Entries> built = columns.stream().map(Entries.Builder::build).toList();
        return new Gathered(preamble, headed, heading, built, yearsAbove, told, lines.build());
    }

    /**
     * What was gathered.
     *
     * @param preamble the lines before the table
     * @param headed whether its first row names the columns
     * @param heading that row
     * @param columns the columns below it
     * @param yearsAbove whether the first row holds years that may be meant as a heading
     * @param told what was passed over
     * @param lines on which line each row stands
     */
    record Gathered(
            List<String> preamble,
            boolean headed,
            List<String> heading,
            List<Entries> columns,
            boolean yearsAbove,
            List<Sentence> told,
            Lines lines) {}
}
