package promedio.files.delimited;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.pasted.Headings;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassProblem;
import promedio.core.tabulate.ClassReading;
import promedio.files.InputProblem;
import promedio.files.table.RowFile;

/** Reads one sample from delimited text, strictly: definitions, section 8. */
public final class SampleReader {
    /** So many rows show what the others hold. */
    private static final int ENOUGH_ROWS = 1_000;

    private final String source;
    private final Numerals numerals;
    private final StrictRows strict;

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
        this.numerals = numerals;
        this.strict = new StrictRows(source, numerals, missingCodes, headed);
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
                first.add(StrictRows.joined(row));
            }
        });
        if (first.size() < 2 || first.stream().anyMatch(row -> row.cells().size() != 2)) {
            return SampleSheet.Kind.VALUES;
        }
        Optional<RowFile.Row> heading = strict.heading(first);
        List<Optional<ClassLabel>> labels = first.subList(heading.isPresent() ? 1 : 0, first.size()).stream()
                .map(row -> row.cell(0))
                .filter(cell -> !strict.isMissing(cell))
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
                headed = strict.said().orElseGet(() -> strict.looksLikeHeading(row));
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
            if (strict.isMissing(cell)) {
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
            boolean heading = headed && (strict.said().isPresent() || numbersBelow && (width > 1 || !blankBefore));
            Optional<RowFile.Row> head = heading ? Optional.of(first) : Optional.empty();
            checkColumn(head);
            if (headed && !heading) {
                take(first);
            }
            RowFile.Row wrong = headed && !heading && !isNumber(first) ? first : bad;
            if (wrong != null) {
                throw strict.unexpected(
                        wrong.cell(chosen), wrong, head.map(one -> one.cell(chosen)), "input.expected.number");
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
            return strict.isMissing(cell) || numerals.read(cell).isPresent();
        }

        private void checkColumn(Optional<RowFile.Row> head) throws InputProblem {
            if (asked.isEmpty()) {
                if (width > 1) {
                    String key = width == 2 ? "input.columns.two" : "input.columns";
                    throw new InputProblem(
                            Sentence.of(key, source, Integer.toString(width), StrictRows.names(head, width)));
                }
                return;
            }
            boolean named = head.isPresent()
                    && IntStream.range(0, head.get().cells().size())
                            .anyMatch(i -> head.get().cell(i).equals(asked.get().strip()));
            if (!named && !(chosenByNumber && chosen < width)) {
                throw strict.noColumn(asked.get(), head, width);
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
        List<RowFile.Row> rows = strict.all(file);
        Optional<RowFile.Row> heading = strict.heading(rows);
        Decimals.Builder values = new Decimals.Builder(rows.size());
        Decimals.Builder weights = new Decimals.Builder(rows.size());
        Exact missing = Exact.ZERO;
        for (RowFile.Row row : heading.isPresent() ? rows.subList(1, rows.size()) : rows) {
            if (row.cells().size() != 2) {
                throw twoColumns("input.two-columns.frequencies", row);
            }
            Exact weight = strict.frequency(row, 1, heading, relative);
            String cell = row.cell(0);
            if (strict.isMissing(cell)) {
                missing = missing.plus(weight);
                continue;
            }
            BigDecimal value = strict.number(cell, row, heading.map(head -> head.cell(0)), "input.expected.number");
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
        strict.checkTotal(Sample.canAddUp(frequencies));
        Sample sample = Sample.frequencies(read, frequencies, relative).withMissing(missing);
        return new Reading(sample, heading.map(head -> head.cell(0)));
    }

    /**
     * Reads pairs: a row counts where both are numbers, and is missing where a cell is empty or a code for missing.
     *
     * @param columns headings, or numbers from 1, of x and y; empty where there are no other columns
     * @param frequency the column that says how often a pair counts; empty for once
     * @throws InputProblem naming row and column of the first cell that will not do
     */
    public Reading pairs(RowFile file, List<String> columns, Optional<String> frequency) throws InputProblem {
        return new PairsReader(strict, columns, frequency).read(file);
    }

    /**
     * Reads a class table: columns class and frequency.
     *
     * @param card says how boundaries are found and open classes closed, and whether frequencies may be proportions
     * @throws InputProblem naming the row that will not do
     */
    public Reading classes(RowFile file, CourseCard card) throws InputProblem {
        List<RowFile.Row> rows = strict.all(file);
        Optional<RowFile.Row> heading = strict.heading(rows);
        List<ClassReading.Row> classes = new ArrayList<>();
        List<RowFile.Row> body = heading.isPresent() ? rows.subList(1, rows.size()) : rows;
        Exact missing = Exact.ZERO;
        for (int i = 0; i < body.size(); i++) {
            RowFile.Row row = StrictRows.joined(body.get(i));
            if (row.cells().size() != 2) {
                throw twoColumns("input.two-columns.classes", row);
            }
            Exact frequency = Exact.from(
                    strict.number(row.cell(1), row, heading.map(head -> head.cell(1)), "input.expected.frequency"));
            if (strict.isMissing(row.cell(0))) {
                missing = missing.plus(frequency);
                continue;
            }
            Optional<ClassLabel> label = ClassLabel.parse(row.cell(0), numerals);
            if (label.isEmpty()) {
                throw strict.unexpected(row.cell(0), row, heading.map(head -> head.cell(0)), "input.expected.class");
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
        strict.checkTotal(Sample.canAddUp(reading.table().orElseThrow()));
        Sample sample = Sample.classes(reading.table().orElseThrow()).withMissing(missing);
        return new Reading(sample, heading.map(head -> head.cell(0)));
    }

    private InputProblem twoColumns(String key, RowFile.Row row) {
        return new InputProblem(Sentence.of(
                key,
                source,
                Long.toString(row.line()),
                Integer.toString(row.cells().size())));
    }
}
