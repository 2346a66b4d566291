package promedio.files.sample;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.data.Column;
import promedio.core.data.StrayMark;
import promedio.core.data.ThousandsMark;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;
import promedio.files.table.ColumnSearch;
import promedio.files.table.TableFile;

/** A table as it was read, whose cells are taken for nothing that they are not; what is wrong with one is said with its place. */
final class StrictTable {
    private static final int MOST_SHOWN = 31;

    private final TableFile file;
    private final List<Column> columns;
    private final Numerals plain;

    StrictTable(TableFile file) {
        this.file = file;
        this.plain = ThousandsMark.NONE.with(file.reading().decimalMark());
        List<Column> kept = new ArrayList<>(file.table().columns());
        // A delimiter behind the last cell of each row makes no column.
        while (kept.size() > 1 && isNothing(kept.get(kept.size() - 1), kept.size())) {
            kept.remove(kept.size() - 1);
        }
        this.columns = List.copyOf(kept);
    }

    private static boolean isNothing(Column column, int number) {
        return column instanceof Column.Empty && column.name().equals("column " + number);
    }

    String source() {
        return file.source();
    }

    List<Column> columns() {
        return columns;
    }

    int rows() {
        return file.table().rows();
    }

    /** How numbers are written in a column. */
    Numerals numerals(int column) {
        return columns.get(column) instanceof Column.OfNumbers numbers ? numbers.numerals() : plain;
    }

    /** The name over a column; empty where none stands there. */
    Optional<String> heading(int column) {
        return file.heading() ? Optional.of(columns.get(column).name()) : Optional.empty();
    }

    /** The column of a name, else of a number from 1. @throws InputProblem when there is none */
    int column(String asked) throws InputProblem {
        return ColumnSearch.find(source(), columns, asked);
    }

    String text(int column, int row) {
        return columns.get(column).entries().text(row).strip();
    }

    boolean isMissing(int column, int row) {
        return columns.get(column).isMissing(row);
    }

    /** A cell as a number. @throws InputProblem saying what else it is */
    BigDecimal number(int column, int row, String expected) throws InputProblem {
        Optional<BigDecimal> number = columns.get(column) instanceof Column.OfNumbers numbers
                ? numbers.number(row)
                : plain.read(text(column, row)).map(Numerals.Numeral::value);
        return number.orElseThrow(() -> unexpected(column, row, expected));
    }

    /** The frequency in a cell. @throws InputProblem when it is none */
    Exact frequency(int column, int row, boolean relative) throws InputProblem {
        String expected = relative ? "input.expected.frequency-from-0" : "input.expected.whole-frequency";
        Exact weight = Exact.from(number(column, row, expected));
        if (weight.signum() < 0 || !relative && !weight.isWhole()) {
            throw unexpected(column, row, expected);
        }
        return weight;
    }

    void checkTotal(boolean canAddUp) throws InputProblem {
        if (!canAddUp) {
            throw new InputProblem(Sentence.of("input.too-long", source()));
        }
    }

    /** On which line a row stands, as it is said. */
    String line(int row) {
        return Long.toString(file.lines().of(row));
    }

    /** What to say of a cell that is not what is expected: where, what, and what would do. */
    InputProblem unexpected(int column, int row, String expected) {
        String cell = text(column, row);
        Sentence place = heading(column)
                .map(name -> Sentence.of("input.place.column", source(), line(row), shown(name)))
                .orElseGet(() -> Sentence.of("input.place", source(), line(row)));
        Sentence found = cell.isEmpty() ? Sentence.of("input.found.empty") : Sentence.of("input.found", shown(cell));
        Sentence said = Sentence.of("input.unexpected", place, found, Sentence.of(expected));
        boolean alone = rows() == 1
                && columns.stream().allMatch(one -> !one.isMissing(0) && !(one instanceof Column.OfNumbers));
        Optional<Sentence> hint =
                alone ? Optional.of(Sentence.of("input.hint.heading-alone")) : hint(cell, numerals(column));
        return new InputProblem(
                hint.map(would -> Sentence.of("input.hinted", said, would)).orElse(said));
    }

    /** What would do in place of a cell, where that can be told. */
    private static Optional<Sentence> hint(String cell, Numerals numerals) {
        if (StrayMark.isMissingWord(cell)) {
            return Optional.of(Sentence.of("input.hint.missing", shown(cell)));
        }
        if (numerals.isBeyond(cell)) {
            return Optional.of(Sentence.of("input.hint.beyond"));
        }
        List<String> readings = StrayMark.readings(cell, numerals);
        if (readings.size() == 2) {
            String mark = cell.indexOf(',') >= 0 ? "comma" : "point";
            return Optional.of(Sentence.of("input.hint.grouped", readings.get(0), mark, readings.get(1)));
        }
        return readings.stream().findFirst().map(reading -> Sentence.of("input.hint", reading));
    }

    private static String shown(String text) {
        return Visible.line(text, MOST_SHOWN);
    }
}
