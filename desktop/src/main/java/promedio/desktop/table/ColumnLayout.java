package promedio.desktop.table;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import promedio.core.data.Column;
import promedio.core.data.Table;
import promedio.core.sentence.Visible;
import promedio.core.trail.Field;
import promedio.core.trail.Prepared;
import promedio.desktop.grid.Aligned;

/** How wide the columns of a table are, in widths of a letter, and how many decimal places its numbers have. */
final class ColumnLayout {
    private static final int LOOKED_AT = 200;
    private static final int NARROWEST = 9;
    private static final int WIDEST = 34;
    private static final int LONGEST = 200;
    private static final int BESIDE_UNIT = 10;
    private static final String CUT = "…";

    private final Cells cells;
    /** How wide and with how many places the columns are that were asked for; a table may have very many. */
    private final Map<Integer, Measured> measured = new HashMap<>();

    private record Measured(int letters, int places, boolean cut) {}

    /** Something of each cell. */
    interface Each<T> {
        T at(int row, int column);
    }

    /**
     * Cells as they are looked at.
     *
     * @param head how many letters the head of a column needs
     * @param text the text of a cell
     * @param mark its decimal mark, where it is a number
     */
    record Cells(int rows, int columns, IntUnaryOperator head, Each<String> text, Each<Optional<Character>> mark) {}

    ColumnLayout(Cells cells) {
        this.cells = cells;
    }

    private Measured measured(int column) {
        return measured.computeIfAbsent(column, this::measure);
    }

    private Measured measure(int column) {
        int longest = cells.head().applyAsInt(column);
        int most = 0;
        boolean cut = false;
        int step = Math.max(1, cells.rows() / LOOKED_AT);
        for (int row = 0; row < cells.rows(); row += row < LOOKED_AT ? 1 : step) {
            String text = cells.text().at(row, column);
            longest = Math.max(longest, text.length());
            cut |= text.endsWith(CUT);
            most = Math.max(
                    most,
                    cells.mark()
                            .at(row, column)
                            .map(mark -> Aligned.places(mark, text))
                            .orElse(0));
        }
        return new Measured(Math.max(NARROWEST, Math.min(WIDEST, longest + (most > 0 ? 1 : 0))), most, cut);
    }

    /** A table as it was read. */
    static Cells of(Table table) {
        List<Column> columns = table.columns();
        return new Cells(
                table.rows(),
                columns.size(),
                column -> Math.max(
                        columns.get(column).name().length() + 1,
                        columns.get(column).unit().length() + BESIDE_UNIT),
                (row, column) -> columns.get(column).entries().text(row),
                (row, column) -> columns.get(column) instanceof Column.OfNumbers numbers
                                && numbers.number(row).isPresent()
                        ? Optional.of(numbers.numerals().decimalMark())
                        : Optional.empty());
    }

    /**
     * A table that steps have made: what was worked out is written as the numbers of the file are.
     *
     * @param mark the decimal mark of the file
     */
    static Cells of(Prepared table, char mark) {
        List<Field> fields = table.fields();
        return new Cells(
                table.rows(),
                fields.size(),
                column -> fields.get(column).name().length() + 1,
                (row, column) -> text(fields.get(column), row, mark),
                (row, column) -> {
                    Field field = fields.get(column);
                    boolean number = field.hasNumbers()
                            && !field.isOther(row)
                            && !field.shown(row).isBlank();
                    return number ? Optional.of(mark) : Optional.empty();
                });
    }

    /**
     * The same as it is looked at: what was worked out has so many places at most, and {@code …} where more were cut.
     *
     * @param places the most places that are shown
     */
    static Cells cut(Prepared table, char mark, int places) {
        Cells whole = of(table, mark);
        return new Cells(
                whole.rows(),
                whole.columns(),
                whole.head(),
                (row, column) -> {
                    String text = whole.text().at(row, column);
                    Field field = table.fields().get(column);
                    boolean worked = field.hasNumbers() && !field.isOfOriginal() && !field.isOther(row);
                    int at = text.indexOf(mark);
                    boolean more = worked
                            && at >= 0
                            && text.length() - at - 1 > places
                            && text.toUpperCase(Locale.ROOT).indexOf('E') < 0;
                    return more ? text.substring(0, at + 1 + places) + CUT : text;
                },
                whole.mark());
    }

    private static String text(Field field, int row, char mark) {
        String text = field.shown(row);
        boolean worked = field.hasNumbers() && !field.isOfOriginal() && !field.isOther(row);
        return mark == ',' && worked ? text.replace('.', ',') : text;
    }

    int letters(int column) {
        return measured(column).letters();
    }

    /** A cell as it is written; behind a number so many blanks that decimal marks stand below each other. */
    String text(int row, int column) {
        String text = Visible.line(cells.text().at(row, column), LONGEST);
        int most = measured(column).places();
        Optional<Character> mark = most == 0 ? Optional.empty() : cells.mark().at(row, column);
        if (mark.isEmpty()) {
            return text;
        }
        int own = Aligned.places(mark.get(), text);
        // Where some are cut, the others are as wide as if they were: figures stand below figures.
        boolean cut = measured(column).cut() && !text.endsWith(CUT);
        return Aligned.padded(text, own, most) + (cut ? "\u2007\u200a" : "");
    }

    /** A text without the blanks that stand for digits it has not. */
    static String bare(String text) {
        return text.replaceAll("[\u2007\u2008\u200a]+$", "");
    }
}
