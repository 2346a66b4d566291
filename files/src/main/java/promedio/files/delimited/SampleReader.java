package promedio.files.delimited;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.course.CourseCard;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.Sample;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassProblem;
import promedio.core.tabulate.ClassReading;
import promedio.files.InputProblem;

/** Reads one sample from delimited text, strictly: definitions, section 8. */
public final class SampleReader {
    private static final int MOST_SHOWN = 30;
    private static final int MOST_COLUMNS_LISTED = 8;

    private final String source;
    private final Numerals numerals;
    private final Set<String> missingCodes;

    /**
     * A reader.
     *
     * @param source what to call the input in messages
     * @param numerals the decimal mark
     * @param missingCodes cells that mean “missing” besides an empty one
     */
    public SampleReader(String source, Numerals numerals, Set<String> missingCodes) {
        this.source = source;
        this.numerals = numerals;
        this.missingCodes = Set.copyOf(missingCodes);
    }

    /**
     * What was read.
     *
     * @param sample the sample
     * @param heading the heading of its column, where there was a heading row
     */
    public record Reading(Sample sample, Optional<String> heading) {}

    /**
     * Reads a list of values.
     *
     * @param column a heading, or a number from 1; empty when there is one column
     * @throws InputProblem naming row and column of the first cell that is not a number
     */
    public Reading values(String text, Optional<String> column) throws InputProblem {
        List<Delimited.Row> rows = Delimited.rows(source, text, numerals);
        Optional<Delimited.Row> heading = heading(rows);
        List<Delimited.Row> body = heading.isPresent() ? rows.subList(1, rows.size()) : rows;
        int chosen = column(column, rows, heading);
        Decimals.Builder values = new Decimals.Builder(body.size());
        int missing = 0;
        for (Delimited.Row row : body) {
            String cell = row.cell(chosen);
            if (isMissing(cell)) {
                missing++;
            } else {
                values.add(number(cell, row, heading.map(head -> head.cell(chosen)), "a number"));
            }
        }
        Sample sample = Sample.list(values.build()).withMissing(Exact.of(missing));
        if (sample.isEmpty()) {
            throw new InputProblem(source + ": there is not a single number in it.");
        }
        return new Reading(sample, heading.map(head -> head.cell(chosen)));
    }

    /**
     * Reads a frequency table: columns value and frequency.
     *
     * @param relative whether frequencies may be proportions
     * @throws InputProblem naming row and column of the first cell that will not do
     */
    public Reading frequencies(String text, boolean relative) throws InputProblem {
        List<Delimited.Row> rows = Delimited.rows(source, text, numerals);
        Optional<Delimited.Row> heading = heading(rows);
        Decimals.Builder values = new Decimals.Builder(rows.size());
        Decimals.Builder weights = new Decimals.Builder(rows.size());
        Exact missing = Exact.ZERO;
        for (Delimited.Row row : heading.isPresent() ? rows.subList(1, rows.size()) : rows) {
            if (row.cells().size() != 2) {
                throw new InputProblem(source + ", row " + row.line() + ": a frequency table has the two columns value"
                        + " and frequency, not " + row.cells().size() + ".");
            }
            Exact weight = weight(row, heading, relative);
            String cell = row.cell(0);
            if (isMissing(cell)) {
                missing = missing.plus(weight);
                continue;
            }
            java.math.BigDecimal value = number(cell, row, heading.map(head -> head.cell(0)), "a number");
            if (weight.signum() > 0) {
                values.add(value);
                weights.add(
                        weight.toPlaces(weight.placesInFull().orElseThrow(), promedio.core.number.HalfRule.HALF_UP));
            }
        }
        Decimals read = values.build();
        if (read.size() == 0) {
            throw new InputProblem(source + ": there is not a single number with a frequency in it.");
        }
        try {
            Sample sample = Sample.frequencies(read, weights.build(), relative).withMissing(missing);
            return new Reading(sample, heading.map(head -> head.cell(0)));
        } catch (IllegalArgumentException tooMany) {
            throw new InputProblem(source + ": the frequencies are too large to be added up here.", tooMany);
        }
    }

    /**
     * Reads a class table: columns class and frequency.
     *
     * @param card says how boundaries are found and open classes closed, and whether frequencies may be proportions
     * @throws InputProblem naming the row that will not do
     */
    public Reading classes(String text, CourseCard card) throws InputProblem {
        List<Delimited.Row> rows = Delimited.rows(source, text, numerals);
        Optional<Delimited.Row> heading = heading(rows);
        List<ClassReading.Row> classes = new ArrayList<>();
        List<Delimited.Row> body = heading.isPresent() ? rows.subList(1, rows.size()) : rows;
        Exact missing = Exact.ZERO;
        for (int i = 0; i < body.size(); i++) {
            Delimited.Row row = joined(body.get(i));
            if (row.cells().size() != 2) {
                throw new InputProblem(source + ", row " + row.line() + ": a class table has the two columns class"
                        + " and frequency, not " + row.cells().size() + ".");
            }
            Exact frequency = Exact.from(number(row.cell(1), row, heading.map(head -> head.cell(1)), "a frequency"));
            if (isMissing(row.cell(0))) {
                missing = missing.plus(frequency);
                continue;
            }
            Optional<ClassLabel> label = ClassLabel.parse(row.cell(0), numerals);
            if (label.isEmpty()) {
                throw unexpected(
                        row.cell(0),
                        row,
                        heading.map(head -> head.cell(0)),
                        "a class like 10-19, 10 to under 20 or 50 and over");
            }
            classes.add(new ClassReading.Row(i, row.cell(0), label.get(), frequency));
        }
        if (classes.isEmpty()) {
            throw new InputProblem(source + ": there is not a single class in it.");
        }
        ClassReading reading = ClassReading.of(classes, card);
        if (!reading.problems().isEmpty()) {
            ClassProblem first = reading.problems().get(0);
            throw new InputProblem(source + ", row " + body.get(first.row()).line() + ": " + first.sentence());
        }
        Sample sample = Sample.classes(reading.table().orElseThrow()).withMissing(missing);
        return new Reading(sample, heading.map(head -> head.cell(0)));
    }

    /** {@code [10, 20)} taken apart at its comma, put together again. */
    private static Delimited.Row joined(Delimited.Row row) {
        boolean apart = row.cells().size() == 3
                && row.cell(0).matches("[\\[(].*")
                && row.cell(1).matches(".*[\\])]");
        return apart ? new Delimited.Row(row.line(), List.of(row.cell(0) + ", " + row.cell(1), row.cell(2))) : row;
    }

    private Exact weight(Delimited.Row row, Optional<Delimited.Row> heading, boolean relative) throws InputProblem {
        String cell = row.cell(1);
        String expected = relative ? "a frequency of 0 or more" : "a whole frequency of 0 or more";
        Optional<String> column = heading.map(head -> head.cell(1));
        Exact weight = Exact.from(number(cell, row, column, expected));
        if (weight.signum() < 0 || !relative && !weight.isWhole()) {
            throw unexpected(cell, row, column, expected);
        }
        return weight;
    }

    private boolean isMissing(String cell) {
        return cell.isEmpty() || missingCodes.contains(cell);
    }

    private java.math.BigDecimal number(String cell, Delimited.Row row, Optional<String> column, String expected)
            throws InputProblem {
        Optional<Numerals.Numeral> numeral = numerals.read(cell);
        if (numeral.isEmpty()) {
            throw unexpected(cell, row, column, expected);
        }
        return numeral.get().value();
    }

    private InputProblem unexpected(String cell, Delimited.Row row, Optional<String> column, String expected) {
        String place =
                column.map(name -> ", column \"" + shortened(name) + "\"").orElse("");
        String found = cell.isEmpty() ? "an empty cell" : "\"" + shortened(cell) + "\"";
        String hint = numerals.hint(cell)
                .map(mended -> " Did you mean " + mended + "?")
                .orElse("");
        return new InputProblem(
                source + ", row " + row.line() + place + ": " + found + " is not " + expected + "." + hint);
    }

    private static String shortened(String text) {
        String plain = text.replaceAll("\\p{Cntrl}", " ");
        return plain.length() <= MOST_SHOWN ? plain : plain.substring(0, MOST_SHOWN) + "…";
    }

    /** The first row when it has numbers below it and itself no number, empty cell or missing code. */
    private Optional<Delimited.Row> heading(List<Delimited.Row> rows) {
        if (rows.size() < 2) {
            return Optional.empty();
        }
        Delimited.Row first = rows.get(0);
        boolean words = first.cells().stream()
                .map(String::strip)
                .noneMatch(cell -> isMissing(cell) || numerals.looksLikeNumber(cell));
        boolean numbersBelow = rows.stream().skip(1).anyMatch(row -> row.cells().stream()
                .anyMatch(cell -> numerals.read(cell).isPresent()));
        return words && numbersBelow ? Optional.of(first) : Optional.empty();
    }

    private int column(Optional<String> asked, List<Delimited.Row> rows, Optional<Delimited.Row> heading)
            throws InputProblem {
        int width = rows.stream().mapToInt(row -> row.cells().size()).max().orElse(0);
        if (asked.isEmpty()) {
            if (width > 1) {
                throw new InputProblem(source + ": there are " + width + " columns; choose one with --column: "
                        + names(heading, width) + ".");
            }
            return 0;
        }
        String name = asked.get();
        if (heading.isPresent()) {
            for (int i = 0; i < heading.get().cells().size(); i++) {
                if (heading.get().cell(i).equals(name.strip())) {
                    return i;
                }
            }
        }
        if (name.matches("[0-9]{1,6}") && Integer.parseInt(name) >= 1 && Integer.parseInt(name) <= width) {
            return Integer.parseInt(name) - 1;
        }
        throw new InputProblem(
                source + ": there is no column \"" + shortened(name) + "\"; there are " + names(heading, width) + ".");
    }

    private static String names(Optional<Delimited.Row> heading, int width) {
        String listed = IntStream.range(0, Math.min(width, MOST_COLUMNS_LISTED))
                .mapToObj(i -> (i + 1)
                        + heading.map(head -> " (" + shortened(head.cell(i)) + ")")
                                .orElse(""))
                .collect(Collectors.joining(", "));
        return width > MOST_COLUMNS_LISTED ? listed + ", …" : listed;
    }
}
