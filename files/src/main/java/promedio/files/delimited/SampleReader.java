package promedio.files.delimited;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.Sample;
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

    private record Row(long line, List<String> cells) {
        String cell(int column) {
            return column < cells.size() ? cells.get(column).strip() : "";
        }
    }

    /**
     * Reads a list of values.
     *
     * @param column a heading, or a number from 1; empty when there is one column
     * @throws InputProblem naming row and column of the first cell that is not a number
     */
    public Reading values(String text, Optional<String> column) throws InputProblem {
        List<Row> rows = rows(text);
        Optional<Row> heading = heading(rows);
        List<Row> body = heading.isPresent() ? rows.subList(1, rows.size()) : rows;
        int chosen = column(column, rows, heading);
        Decimals.Builder values = new Decimals.Builder(body.size());
        int missing = 0;
        for (Row row : body) {
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
        List<Row> rows = rows(text);
        Optional<Row> heading = heading(rows);
        Decimals.Builder values = new Decimals.Builder(rows.size());
        Decimals.Builder weights = new Decimals.Builder(rows.size());
        Exact missing = Exact.ZERO;
        for (Row row : heading.isPresent() ? rows.subList(1, rows.size()) : rows) {
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

    private Exact weight(Row row, Optional<Row> heading, boolean relative) throws InputProblem {
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

    private java.math.BigDecimal number(String cell, Row row, Optional<String> column, String expected)
            throws InputProblem {
        Optional<Numerals.Numeral> numeral = numerals.read(cell);
        if (numeral.isEmpty()) {
            throw unexpected(cell, row, column, expected);
        }
        return numeral.get().value();
    }

    private InputProblem unexpected(String cell, Row row, Optional<String> column, String expected) {
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
    private Optional<Row> heading(List<Row> rows) {
        if (rows.size() < 2) {
            return Optional.empty();
        }
        Row first = rows.get(0);
        boolean words = first.cells().stream()
                .map(String::strip)
                .noneMatch(cell -> isMissing(cell) || numerals.looksLikeNumber(cell));
        boolean numbersBelow = rows.stream().skip(1).anyMatch(row -> row.cells().stream()
                .anyMatch(cell -> numerals.read(cell).isPresent()));
        return words && numbersBelow ? Optional.of(first) : Optional.empty();
    }

    private int column(Optional<String> asked, List<Row> rows, Optional<Row> heading) throws InputProblem {
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

    private static String names(Optional<Row> heading, int width) {
        String listed = IntStream.range(0, Math.min(width, MOST_COLUMNS_LISTED))
                .mapToObj(i -> (i + 1)
                        + heading.map(head -> " (" + shortened(head.cell(i)) + ")")
                                .orElse(""))
                .collect(Collectors.joining(", "));
        return width > MOST_COLUMNS_LISTED ? listed + ", …" : listed;
    }

    /** The rows with their line numbers; empty lines at the end are nothing. */
    private List<Row> rows(String text) throws InputProblem {
        char separator = separator(text);
        List<Row> rows = new ArrayList<>();
        try (CsvReader<CsvRecord> reader = CsvReader.builder()
                .fieldSeparator(separator)
                .skipEmptyLines(false)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(text)) {
            for (CsvRecord record : reader) {
                rows.add(new Row(record.getStartingLineNumber(), record.getFields()));
            }
        } catch (CsvParseException broken) {
            throw new InputProblem(
                    source + ": row " + (rows.size() + 1)
                            + " cannot be taken apart: a quotation mark is left open, or there are too many or too long cells.",
                    broken);
        } catch (java.io.IOException broken) {
            throw new InputProblem(source + ": it could not be read.", broken);
        }
        while (!rows.isEmpty() && isBlank(rows.get(rows.size() - 1))) {
            rows.remove(rows.size() - 1);
        }
        if (rows.isEmpty()) {
            throw new InputProblem(source + ": it is empty; numbers are expected.");
        }
        boolean several = rows.stream().anyMatch(row -> row.cells().size() > 1);
        if (several) {
            rows.removeIf(SampleReader::isBlank);
        }
        return rows;
    }

    private static boolean isBlank(Row row) {
        return row.cells().size() <= 1 && row.cell(0).isEmpty();
    }

    /** A tab where there is one, else a semicolon, else a comma unless that is the decimal mark. */
    private char separator(String text) {
        if (text.indexOf('\t') >= 0) {
            return '\t';
        }
        return text.indexOf(';') >= 0 || numerals.decimalMark() == ',' ? ';' : ',';
    }
}
