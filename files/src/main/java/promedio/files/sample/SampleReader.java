package promedio.files.sample;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.data.PointedOut;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.pasted.Headings;
import promedio.core.sample.GivensReader;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassProblem;
import promedio.core.tabulate.ClassReading;
import promedio.core.tabulate.LetteredReader;
import promedio.files.InputProblem;
import promedio.files.table.ColumnSearch;
import promedio.files.table.TableFile;

/**
 * Takes one sample out of a table, strictly: definitions, section 8. How the file becomes a table is the same for every command and
 * for the window ({@link promedio.files.table.TableFiles}); here a cell that is not what it should be is an error.
 */
public final class SampleReader {
    /** So many rows show what the others hold. */
    private static final int ENOUGH_ROWS = 1_000;
    /** What would be said of any table of counts. */
    private static final Set<String> OF_LISTS = Set.of("coded-category", "code", "repeated-row");

    private final StrictTable table;
    private final TableFile file;

    /** A reader of a table with all its columns. */
    public SampleReader(TableFile file) {
        this.file = file;
        this.table = new StrictTable(file);
    }

    /**
     * What was read.
     *
     * @param sample the sample
     * @param heading the heading of its column, where there was a heading row
     * @param columns the columns it was taken from, from 0
     */
    public record Reading(Sample sample, Optional<String> heading, List<Integer> columns) {
        /** Copies the list. */
        public Reading {
            columns = List.copyOf(columns);
        }

        /** The same under a heading, so that one column is told from another. */
        public Reading headed(String name) {
            return new Reading(sample, Optional.of(name), columns);
        }
    }

    /**
     * What a table holds, where nobody says: classes where they stand in the first of two columns, a frequency table where the second
     * is headed so, else values.
     */
    public SampleKind kind() {
        if (table.columns().size() != 2 || table.rows() == 0) {
            return SampleKind.VALUES;
        }
        List<Optional<ClassLabel>> labels = IntStream.range(0, Math.min(ENOUGH_ROWS, table.rows()))
                .filter(row -> !table.isMissing(0, row))
                .mapToObj(this::label)
                .toList();
        boolean classes = labels.stream().allMatch(Optional::isPresent)
                && labels.stream().flatMap(Optional::stream).anyMatch(label -> label.kind() != ClassLabel.Kind.SINGLE);
        boolean frequencies = table.heading(1).filter(Headings::isFrequency).isPresent()
                && table.heading(0).filter(Headings::isFrequency).isEmpty();
        return classes ? SampleKind.CLASSES : frequencies ? SampleKind.FREQUENCIES : SampleKind.VALUES;
    }

    private Optional<ClassLabel> label(int row) {
        return ClassLabel.parse(table.text(0, row), table.numerals(0));
    }

    /**
     * Reads a list of values.
     *
     * @param asked a heading, or a number from 1; empty when there is one column
     * @throws InputProblem naming row and column of the first cell that is not a number
     */
    public Reading values(Optional<String> asked) throws InputProblem {
        int width = table.columns().size();
        if (asked.isEmpty() && width > 1) {
            throw new InputProblem(Sentence.of(
                    width == 2 ? "input.columns.two" : "input.columns",
                    table.source(),
                    Integer.toString(width),
                    ColumnSearch.listed(table.columns())));
        }
        int column = asked.isPresent() ? table.column(asked.get()) : 0;
        Column cells = table.columns().get(column);
        for (int row = 0; row < table.rows() && !areNumbers(cells); row++) {
            if (!table.isMissing(column, row)) {
                table.number(column, row, "input.expected.number");
            }
        }
        Decimals values =
                cells instanceof Column.OfNumbers numbers ? numbers.numbers() : new Decimals.Builder(0).build();
        Sample sample = Sample.list(values).withMissing(Exact.of(cells.missing()));
        if (sample.isEmpty()) {
            throw new InputProblem(Sentence.of("input.no-number", table.source()));
        }
        return new Reading(sample, table.heading(column), List.of(column));
    }

    private static boolean areNumbers(Column cells) {
        return cells instanceof Column.OfNumbers && cells.others() == 0;
    }

    /**
     * Reads a frequency table: columns value and frequency.
     *
     * @param relative whether frequencies may be proportions
     * @throws InputProblem naming row and column of the first cell that will not do
     */
    public Reading frequencies(boolean relative) throws InputProblem {
        checkTwo("input.two-columns.frequencies");
        Decimals.Builder values = new Decimals.Builder(table.rows());
        Decimals.Builder weights = new Decimals.Builder(table.rows());
        Exact missing = Exact.ZERO;
        for (int row = 0; row < table.rows(); row++) {
            Exact weight = table.frequency(1, row, relative);
            if (table.isMissing(0, row)) {
                missing = missing.plus(weight);
                continue;
            }
            var value = table.number(0, row, "input.expected.number");
            if (weight.signum() > 0) {
                values.add(value);
                weights.add(weight.toPlaces(weight.placesInFull().orElseThrow(), HalfRule.HALF_UP));
            }
        }
        Decimals read = values.build();
        if (read.size() == 0) {
            throw new InputProblem(Sentence.of("input.no-frequency", table.source()));
        }
        Decimals frequencies = weights.build();
        table.checkTotal(Sample.canAddUp(frequencies));
        return new Reading(
                Sample.frequencies(read, frequencies, relative).withMissing(missing), table.heading(0), List.of(0, 1));
    }

    /**
     * Reads pairs: a row counts where both are numbers, and is missing where a cell is empty or a code for missing.
     *
     * @param columns headings, or numbers from 1, of x and y; empty where there are no other columns
     * @param frequency the column that says how often a pair counts; empty for once
     * @throws InputProblem naming row and column of the first cell that will not do
     */
    public Reading pairs(List<String> columns, Optional<String> frequency) throws InputProblem {
        return new PairsReader(table, columns, frequency).read();
    }

    /**
     * Reads what a question gives: columns name and value.
     *
     * @param card says what the divisor of a standard deviation is
     * @throws InputProblem naming the row that will not do
     */
    public Reading givens(SampleKind kind, CourseCard card) throws InputProblem {
        checkTwo("input.two-columns.givens");
        GivensReader reader = LetteredReader.givens(kind, card);
        for (int row = 0; row < table.rows(); row++) {
            try {
                reader.take(table.text(0, row), table.text(1, row));
            } catch (GivensReader.Fault fault) {
                throw new InputProblem(
                        Sentence.of("input.class", table.source(), table.line(row), fault.sentence()), fault);
            }
        }
        return new Reading(Sample.givens(reader.givens()), Optional.empty(), List.of(0, 1));
    }

    /**
     * Reads a class table: columns class and frequency.
     *
     * @param card says how boundaries are found and open classes closed, and whether frequencies may be proportions
     * @throws InputProblem naming the row that will not do
     */
    public Reading classes(CourseCard card) throws InputProblem {
        checkTwo("input.two-columns.classes");
        List<ClassReading.Row> classes = new ArrayList<>();
        Exact missing = Exact.ZERO;
        for (int row = 0; row < table.rows(); row++) {
            Exact frequency = Exact.from(table.number(1, row, "input.expected.frequency"));
            if (table.isMissing(0, row)) {
                missing = missing.plus(frequency);
                continue;
            }
            int here = row;
            ClassLabel label = label(row).orElseThrow(() -> table.unexpected(0, here, "input.expected.class"));
            classes.add(new ClassReading.Row(row, table.text(0, row), label, frequency));
        }
        if (classes.isEmpty()) {
            throw new InputProblem(Sentence.of("input.no-class", table.source()));
        }
        ClassReading reading = ClassReading.of(classes, card);
        if (!reading.problems().isEmpty()) {
            ClassProblem first = reading.problems().get(0);
            throw new InputProblem(
                    Sentence.of("input.class", table.source(), table.line(first.row()), first.sentence()));
        }
        table.checkTotal(Sample.canAddUp(reading.table().orElseThrow()));
        return new Reading(
                Sample.classes(reading.table().orElseThrow()).withMissing(missing), table.heading(0), List.of(0, 1));
    }

    private void checkTwo(String key) throws InputProblem {
        int width = table.columns().size();
        if (width == 2) {
            return;
        }
        int row = 0;
        while (width > 2 && row < table.rows() - 1 && table.text(width - 1, row).isEmpty()) {
            row++;
        }
        throw new InputProblem(Sentence.of(key, table.source(), table.line(row), Integer.toString(width)));
    }

    /** What the reader of a sample should know of how its file was read: nothing of it was applied to the figures. */
    public List<Sentence> told(SampleKind kind, Reading reading) {
        if (kind.can(Use.GIVEN)) {
            // Names and what stands under them are no column of anything.
            return file.told();
        }
        List<String> used = reading.columns().stream()
                .map(column -> table.columns().get(column).name())
                .toList();
        boolean list = !kind.can(Use.COUNTED);
        List<Sentence> told = new ArrayList<>(file.told());
        for (PointedOut notice : file.reading().pointedOut()) {
            boolean ofUsed =
                    notice.column().filter(name -> !used.contains(name)).isEmpty();
            if (ofUsed && (list || !OF_LISTS.contains(notice.what()))) {
                told.add(notice.sentence());
                if (notice.what().equals("total-row")) {
                    told.add(Sentence.of("input.counted-too"));
                }
            }
        }
        return told;
    }
}
