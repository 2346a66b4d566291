package promedio.files.delimited;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.pasted.Headings;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassProblem;
import promedio.core.tabulate.ClassReading;
import promedio.files.InputProblem;
import promedio.files.table.RowFile;

/** Reads one sample from delimited text, strictly: definitions, section 8. */
public final class SampleReader {
    private static final int MOST_SHOWN = 31;
    /** So many rows show what the others hold. */
    private static final int ENOUGH_ROWS = 1_000;

    private static final int MOST_COLUMNS_LISTED = 8;

    private final String source;
    private final Numerals numerals;
    private final Set<String> missingCodes;
    /** Codes that are numbers: -99.0 is missing where -99 is. */
    private final List<BigDecimal> missingNumbers;

    private final Optional<Boolean> said;

    /**
     * A reader.
     *
     * @param source what to call the input in messages
     * @param numerals the decimal mark
     * @param missingCodes cells that mean “missing” besides an empty one
     * @param headed whether the first row names the columns; empty where the rows tell that
     */
    public SampleReader(String source, Numerals numerals, Set<String> missingCodes, Optional<Boolean> headed) {
        this.source = source;
        this.said = headed;
        this.numerals = numerals;
        this.missingCodes = Set.copyOf(missingCodes);
        this.missingNumbers = missingCodes.stream()
                .flatMap(code -> numerals.read(code).stream())
                .map(Numerals.Numeral::value)
                .toList();
    }

    /**
     * What was read.
     *
     * @param sample the sample
     * @param heading the heading of its column, where there was a heading row
     */
    public record Reading(Sample sample, Optional<String> heading) {}

    /**
     * What a text holds, where nobody says: classes where they stand in the first of two columns, a frequency table where the second
     * is headed so, else values.
     *
     * @throws InputProblem when it is no delimited text
     */
    public SampleSheet.Kind kind(RowFile rows) throws InputProblem {
        List<RowFile.Row> first = new ArrayList<>();
        rows.each(row -> {
            if (first.size() < ENOUGH_ROWS && !row.isBlank()) {
                first.add(joined(row));
            }
        });
        if (first.size() < 2 || first.stream().anyMatch(row -> row.cells().size() != 2)) {
            return SampleSheet.Kind.VALUES;
        }
        Optional<RowFile.Row> heading = heading(first);
        List<Optional<ClassLabel>> labels = first.subList(heading.isPresent() ? 1 : 0, first.size()).stream()
                .map(row -> row.cell(0))
                .filter(cell -> !isMissing(cell))
                .map(cell -> ClassLabel.parse(cell, numerals))
                .toList();
        boolean classes = labels.stream().allMatch(Optional::isPresent)
                && labels.stream().flatMap(Optional::stream).anyMatch(label -> label.kind() != ClassLabel.Kind.SINGLE);
        boolean frequencies = heading.filter(
                        head -> Headings.isFrequency(head.cell(1)) && !Headings.isFrequency(head.cell(0)))
                .isPresent();
        return classes
                ? SampleSheet.Kind.CLASSES
                : frequencies ? SampleSheet.Kind.FREQUENCIES : SampleSheet.Kind.VALUES;
    }

    /**
     * Reads a list of values.
     *
     * @param column a heading, or a number from 1; empty when there is one column
     * @throws InputProblem naming row and column of the first cell that is not a number
     */
    public Reading values(RowFile rows, Optional<String> column) throws InputProblem {
        ListReader list = new ListReader(column);
        rows.each(list::row);
        return list.reading();
    }

    /** Takes a list in row by row, so that ten million values need no row to be kept. */
    private final class ListReader {
        private final Optional<String> asked;
        private final Decimals.Builder values = new Decimals.Builder(1 << 10);
        private RowFile.Row first;
        private boolean blankBefore;
        private boolean headed;
        private boolean numbersBelow;
        private int chosen;
        private boolean chosenByNumber;
        private int width;
        private long missing;
        private long blank;
        private long blankWithin;
        private RowFile.Row bad;

        ListReader(Optional<String> asked) {
            this.asked = asked;
        }

        void row(RowFile.Row row) {
            if (row.isBlank()) {
                blank++;
                return;
            }
            if (first == null) {
                first = row;
                blankBefore = blank > 0;
                headed = said.orElseGet(() -> looksLikeHeading(row));
                chosen = Math.max(0, index(row));
            }
            width = Math.max(width, row.cells().size());
            blankWithin += blank;
            blank = 0;
            if (row == first && headed) {
                return;
            }
            take(row);
            if (headed && !numbersBelow && row != first) {
                numbersBelow = row.cells().stream()
                        .anyMatch(cell -> numerals.read(cell).isPresent());
            }
        }

        /** The column asked for: by its heading, else by its number; the first where none is asked for. −1 for neither. */
        private int index(RowFile.Row heading) {
            if (asked.isEmpty()) {
                return 0;
            }
            for (int i = 0; headed && i < heading.cells().size(); i++) {
                if (heading.cell(i).equals(asked.get().strip())) {
                    return i;
                }
            }
            chosenByNumber = asked.get().matches("[0-9]{1,6}") && Integer.parseInt(asked.get()) >= 1;
            return chosenByNumber ? Integer.parseInt(asked.get()) - 1 : -1;
        }

        private void take(RowFile.Row row) {
            String cell = row.cell(chosen);
            if (isMissing(cell)) {
                missing++;
            } else if (!numerals.addPlain(cell, values)) {
                Optional<Numerals.Numeral> numeral = numerals.read(cell);
                numeral.ifPresent(number -> values.add(number.value()));
                if (numeral.isEmpty() && bad == null) {
                    bad = row;
                }
            }
        }

        Reading reading() throws InputProblem {
            if (width == 0) {
                throw Delimited.nothing(source);
            }
            // Words above words are no heading: they are a first row.
            boolean heading = headed && (said.isPresent() || numbersBelow && (width > 1 || !blankBefore));
            Optional<RowFile.Row> head = heading ? Optional.of(first) : Optional.empty();
            checkColumn(head);
            if (headed && !heading) {
                take(first);
            }
            RowFile.Row wrong = headed && !heading && !isNumber(first) ? first : bad;
            if (wrong != null) {
                throw unexpected(wrong.cell(chosen), wrong, head.map(one -> one.cell(chosen)), "input.expected.number");
            }
            // Blank lines among rows of several cells are nothing; in a list they are missing values.
            long left = missing + (width > 1 ? 0 : blankWithin);
            Sample sample = Sample.list(values.build()).withMissing(Exact.of(left));
            if (sample.isEmpty()) {
                throw new InputProblem(Sentence.of("input.no-number", source));
            }
            return new Reading(sample, head.map(one -> one.cell(chosen)));
        }

        private boolean isNumber(RowFile.Row row) {
            String cell = row.cell(chosen);
            return isMissing(cell) || numerals.read(cell).isPresent();
        }

        private void checkColumn(Optional<RowFile.Row> head) throws InputProblem {
            if (asked.isEmpty()) {
                if (width > 1) {
                    throw new InputProblem(
                            Sentence.of("input.columns", source, Integer.toString(width), names(head, width)));
                }
                return;
            }
            boolean named = head.isPresent()
                    && IntStream.range(0, head.get().cells().size())
                            .anyMatch(i -> head.get().cell(i).equals(asked.get().strip()));
            if (!named && !(chosenByNumber && chosen < width)) {
                throw new InputProblem(
                        Sentence.of("input.no-column", source, shortened(asked.get()), names(head, width)));
            }
        }
    }

    /**
     * Reads a frequency table: columns value and frequency.
     *
     * @param relative whether frequencies may be proportions
     * @throws InputProblem naming row and column of the first cell that will not do
     */
    public Reading frequencies(RowFile file, boolean relative) throws InputProblem {
        List<RowFile.Row> rows = all(file);
        Optional<RowFile.Row> heading = heading(rows);
        Decimals.Builder values = new Decimals.Builder(rows.size());
        Decimals.Builder weights = new Decimals.Builder(rows.size());
        Exact missing = Exact.ZERO;
        for (RowFile.Row row : heading.isPresent() ? rows.subList(1, rows.size()) : rows) {
            if (row.cells().size() != 2) {
                throw twoColumns("input.two-columns.frequencies", row);
            }
            Exact weight = weight(row, heading, relative);
            String cell = row.cell(0);
            if (isMissing(cell)) {
                missing = missing.plus(weight);
                continue;
            }
            BigDecimal value = number(cell, row, heading.map(head -> head.cell(0)), "input.expected.number");
            if (weight.signum() > 0) {
                values.add(value);
                weights.add(
                        weight.toPlaces(weight.placesInFull().orElseThrow(), promedio.core.number.HalfRule.HALF_UP));
            }
        }
        Decimals read = values.build();
        if (read.size() == 0) {
            throw new InputProblem(Sentence.of("input.no-frequency", source));
        }
        Decimals frequencies = weights.build();
        checkTotal(Sample.canAddUp(frequencies));
        Sample sample = Sample.frequencies(read, frequencies, relative).withMissing(missing);
        return new Reading(sample, heading.map(head -> head.cell(0)));
    }

    /**
     * Reads a class table: columns class and frequency.
     *
     * @param card says how boundaries are found and open classes closed, and whether frequencies may be proportions
     * @throws InputProblem naming the row that will not do
     */
    public Reading classes(RowFile file, CourseCard card) throws InputProblem {
        List<RowFile.Row> rows = all(file);
        Optional<RowFile.Row> heading = heading(rows);
        List<ClassReading.Row> classes = new ArrayList<>();
        List<RowFile.Row> body = heading.isPresent() ? rows.subList(1, rows.size()) : rows;
        Exact missing = Exact.ZERO;
        for (int i = 0; i < body.size(); i++) {
            RowFile.Row row = joined(body.get(i));
            if (row.cells().size() != 2) {
                throw twoColumns("input.two-columns.classes", row);
            }
            Exact frequency =
                    Exact.from(number(row.cell(1), row, heading.map(head -> head.cell(1)), "input.expected.frequency"));
            if (isMissing(row.cell(0))) {
                missing = missing.plus(frequency);
                continue;
            }
            Optional<ClassLabel> label = ClassLabel.parse(row.cell(0), numerals);
            if (label.isEmpty()) {
                throw unexpected(row.cell(0), row, heading.map(head -> head.cell(0)), "input.expected.class");
            }
            classes.add(new ClassReading.Row(i, row.cell(0), label.get(), frequency));
        }
        if (classes.isEmpty()) {
            throw new InputProblem(Sentence.of("input.no-class", source));
        }
        ClassReading reading = ClassReading.of(classes, card);
        if (!reading.problems().isEmpty()) {
            ClassProblem first = reading.problems().get(0);
            throw new InputProblem(Sentence.of(
                    "input.class", source, Long.toString(body.get(first.row()).line()), first.sentence()));
        }
        checkTotal(Sample.canAddUp(reading.table().orElseThrow()));
        Sample sample = Sample.classes(reading.table().orElseThrow()).withMissing(missing);
        return new Reading(sample, heading.map(head -> head.cell(0)));
    }

    /** All rows; empty lines at the end are nothing, and nowhere where there are several columns. */
    private List<RowFile.Row> all(RowFile file) throws InputProblem {
        List<RowFile.Row> rows = new ArrayList<>();
        file.each(rows::add);
        boolean several = rows.stream().anyMatch(row -> row.cells().size() > 1);
        rows.removeIf(row -> several && row.isBlank());
        while (!rows.isEmpty() && rows.get(rows.size() - 1).isBlank()) {
            rows.remove(rows.size() - 1);
        }
        if (rows.isEmpty()) {
            throw Delimited.nothing(source);
        }
        return rows;
    }

    private void checkTotal(boolean canAddUp) throws InputProblem {
        if (!canAddUp) {
            throw new InputProblem(Sentence.of("input.too-long", source));
        }
    }

    /** {@code [10, 20)} taken apart at its comma, put together again. */
    private static RowFile.Row joined(RowFile.Row row) {
        boolean apart = row.cells().size() == 3
                && row.cell(0).matches("(?s)[\\[(].*")
                && row.cell(1).matches("(?s).*[\\])]");
        return apart ? new RowFile.Row(row.line(), List.of(row.cell(0) + ", " + row.cell(1), row.cell(2))) : row;
    }

    private Exact weight(RowFile.Row row, Optional<RowFile.Row> heading, boolean relative) throws InputProblem {
        String cell = row.cell(1);
        String expected = relative ? "input.expected.frequency-from-0" : "input.expected.whole-frequency";
        Optional<String> column = heading.map(head -> head.cell(1));
        Exact weight = Exact.from(number(cell, row, column, expected));
        if (weight.signum() < 0 || !relative && !weight.isWhole()) {
            throw unexpected(cell, row, column, expected);
        }
        return weight;
    }

    private boolean isMissing(String cell) {
        return cell.isEmpty()
                || missingCodes.contains(cell)
                || !missingNumbers.isEmpty()
                        && numerals.read(cell)
                                .filter(read ->
                                        missingNumbers.stream().anyMatch(code -> code.compareTo(read.value()) == 0))
                                .isPresent();
    }

    private BigDecimal number(String cell, RowFile.Row row, Optional<String> column, String expected)
            throws InputProblem {
        Optional<Numerals.Numeral> numeral = numerals.read(cell);
        if (numeral.isEmpty()) {
            throw unexpected(cell, row, column, expected);
        }
        return numeral.get().value();
    }

    private InputProblem twoColumns(String key, RowFile.Row row) {
        return new InputProblem(Sentence.of(
                key,
                source,
                Long.toString(row.line()),
                Integer.toString(row.cells().size())));
    }

    private InputProblem unexpected(String cell, RowFile.Row row, Optional<String> column, String expected) {
        String line = Long.toString(row.line());
        Sentence place = column.map(name -> Sentence.of("input.place.column", source, line, shortened(name)))
                .orElseGet(() -> Sentence.of("input.place", source, line));
        Sentence found =
                cell.isEmpty() ? Sentence.of("input.found.empty") : Sentence.of("input.found", shortened(cell));
        return new InputProblem(numerals.hint(cell)
                .map(mended -> Sentence.of("input.unexpected.hint", place, found, Sentence.of(expected), mended))
                .orElseGet(() -> Sentence.of("input.unexpected", place, found, Sentence.of(expected))));
    }

    private static String shortened(String text) {
        return Visible.line(text, MOST_SHOWN);
    }

    /** The first row when it has numbers below it and itself no number, empty cell or missing code. */
    private Optional<RowFile.Row> heading(List<RowFile.Row> rows) {
        if (rows.size() < 2) {
            return Optional.empty();
        }
        RowFile.Row first = rows.get(0);
        if (said.isPresent()) {
            return said.get() ? Optional.of(first) : Optional.empty();
        }
        boolean words = looksLikeHeading(first);
        boolean numbersBelow = rows.stream().skip(1).anyMatch(row -> row.cells().stream()
                .anyMatch(cell -> numerals.read(cell).isPresent()));
        return words && numbersBelow ? Optional.of(first) : Optional.empty();
    }

    private boolean looksLikeHeading(RowFile.Row row) {
        return row.cells().stream()
                .map(String::strip)
                .noneMatch(cell -> isMissing(cell) || numerals.looksLikeNumber(cell));
    }

    private static String names(Optional<RowFile.Row> heading, int width) {
        String listed = IntStream.range(0, Math.min(width, MOST_COLUMNS_LISTED))
                .mapToObj(i -> (i + 1)
                        + heading.map(head -> " (" + shortened(head.cell(i)) + ")")
                                .orElse(""))
                .collect(Collectors.joining(", "));
        return width > MOST_COLUMNS_LISTED ? listed + ", …" : listed;
    }
}
