package promedio.files.delimited;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;
import promedio.files.table.RowFile;

/** What readers share that take no cell for what it is not: headings, missing cells, numbers, and what to say of any other. */
final class StrictRows {
    private static final int MOST_SHOWN = 31;
    private static final int MOST_COLUMNS_LISTED = 8;

    private final String source;
    private final Numerals numerals;
    private final Set<String> missingCodes;
    /** Codes that are numbers: -99.0 is missing where -99 is. */
    private final List<BigDecimal> missingNumbers;

    private final Optional<Boolean> said;

    StrictRows(String source, Numerals numerals, Set<String> missingCodes, Optional<Boolean> headed) {
        this.source = source;
        this.said = headed;
        this.numerals = numerals;
        this.missingCodes = Set.copyOf(missingCodes);
        this.missingNumbers = missingCodes.stream()
                .flatMap(code -> numerals.read(code).stream())
                .map(Numerals.Numeral::value)
                .toList();
    }

    String source() {
        return source;
    }

    Numerals numerals() {
        return numerals;
    }

    /** Whether somebody said that the first row names the columns, or that it does not. */
    Optional<Boolean> said() {
        return said;
    }

    /** The column that is asked for, by its heading or else by its number, from 0; empty where there is none. */
    static Optional<Integer> column(String asked, Optional<RowFile.Row> heading, int width) {
        Optional<Integer> named =
                heading.flatMap(head -> IntStream.range(0, head.cells().size())
                        .filter(i -> head.cell(i).equals(asked.strip()))
                        .boxed()
                        .findFirst());
        return named.or(() -> Optional.of(asked)
                .filter(text -> text.matches("[0-9]{1,6}"))
                .map(text -> Integer.parseInt(text) - 1)
                .filter(number -> number >= 0 && number < width));
    }

    /** The frequency in a row. @throws InputProblem when it is none */
    Exact frequency(RowFile.Row row, int at, Optional<RowFile.Row> heading, boolean relative) throws InputProblem {
        String cell = row.cell(at);
        String expected = relative ? "input.expected.frequency-from-0" : "input.expected.whole-frequency";
        Optional<String> column = heading.map(head -> head.cell(at));
        Exact weight = Exact.from(number(cell, row, column, expected));
        if (weight.signum() < 0 || !relative && !weight.isWhole()) {
            throw unexpected(cell, row, column, expected);
        }
        return weight;
    }

    InputProblem noColumn(String asked, Optional<RowFile.Row> heading, int width) {
        return new InputProblem(Sentence.of("input.no-column", source, shortened(asked), names(heading, width)));
    }

    void checkTotal(boolean canAddUp) throws InputProblem {
        if (!canAddUp) {
            throw new InputProblem(Sentence.of("input.too-long", source));
        }
    }

    /** All rows; empty lines at the end are nothing, and nowhere where there are several columns. */
    List<RowFile.Row> all(RowFile file) throws InputProblem {
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

    /** {@code [10, 20)} taken apart at its comma, put together again. */
    static RowFile.Row joined(RowFile.Row row) {
        boolean apart = row.cells().size() == 3
                && row.cell(0).matches("(?s)[\\[(].*")
                && row.cell(1).matches("(?s).*[\\])]");
        return apart ? new RowFile.Row(row.line(), List.of(row.cell(0) + ", " + row.cell(1), row.cell(2))) : row;
    }

    boolean isMissing(String cell) {
        return cell.isEmpty()
                || missingCodes.contains(cell)
                || !missingNumbers.isEmpty()
                        && numerals.read(cell)
                                .filter(read ->
                                        missingNumbers.stream().anyMatch(code -> code.compareTo(read.value()) == 0))
                                .isPresent();
    }

    BigDecimal number(String cell, RowFile.Row row, Optional<String> column, String expected) throws InputProblem {
        Optional<Numerals.Numeral> numeral = numerals.read(cell);
        if (numeral.isEmpty()) {
            throw unexpected(cell, row, column, expected);
        }
        return numeral.get().value();
    }

    InputProblem unexpected(String cell, RowFile.Row row, Optional<String> column, String expected) {
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
    Optional<RowFile.Row> heading(List<RowFile.Row> rows) {
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

    boolean looksLikeHeading(RowFile.Row row) {
        return row.cells().stream()
                .map(String::strip)
                .noneMatch(cell -> isMissing(cell) || numerals.looksLikeNumber(cell));
    }

    static String names(Optional<RowFile.Row> heading, int width) {
        String listed = IntStream.range(0, Math.min(width, MOST_COLUMNS_LISTED))
                .mapToObj(i -> (i + 1)
                        + heading.map(head -> " (" + shortened(head.cell(i)) + ")")
                                .orElse(""))
                .collect(Collectors.joining(", "));
        return width > MOST_COLUMNS_LISTED ? listed + ", …" : listed;
    }
}
