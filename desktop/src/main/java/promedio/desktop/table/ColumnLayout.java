package promedio.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.data.Column;
import promedio.core.data.Table;
import promedio.core.sentence.Visible;
import promedio.core.trail.Field;
import promedio.core.trail.Prepared;

/** How wide the columns of a table are, in widths of a letter, and how many decimal places its numbers have. */
final class ColumnLayout {
    private static final int LOOKED_AT = 200;
    private static final int NARROWEST = 9;
    private static final int WIDEST = 34;
    private static final int LONGEST = 200;
    private static final int BESIDE_UNIT = 10;

    private final Cells cells;
    private final List<Integer> letters = new ArrayList<>();
    private final List<Integer> places = new ArrayList<>();

    /** Cells as they are looked at. */
    interface Cells {
        int rows();

        int columns();

        /** How many letters the head of a column needs. */
        int head(int column);

        String text(int row, int column);

        /** Its decimal mark, where a cell is a number. */
        Optional<Character> mark(int row, int column);
    }

    ColumnLayout(Cells cells) {
        this.cells = cells;
        for (int column = 0; column < cells.columns(); column++) {
            int longest = cells.head(column);
            int most = 0;
            int step = Math.max(1, cells.rows() / LOOKED_AT);
            for (int row = 0; row < cells.rows(); row += row < LOOKED_AT ? 1 : step) {
                String text = cells.text(row, column);
                longest = Math.max(longest, text.length());
                most = Math.max(
                        most,
                        cells.mark(row, column).map(mark -> places(mark, text)).orElse(0));
            }
            letters.add(Math.max(NARROWEST, Math.min(WIDEST, longest + (most > 0 ? 1 : 0))));
            places.add(most);
        }
    }

    /** A table as it was read. */
    static Cells of(Table table) {
        return new Cells() {
            @Override
            public int rows() {
                return table.rows();
            }

            @Override
            public int columns() {
                return table.columns().size();
            }

            @Override
            public int head(int column) {
                Column of = table.columns().get(column);
                return Math.max(of.name().length() + 1, of.unit().length() + BESIDE_UNIT);
            }

            @Override
            public String text(int row, int column) {
                return table.columns().get(column).entries().text(row);
            }

            @Override
            public Optional<Character> mark(int row, int column) {
                return table.columns().get(column) instanceof Column.OfNumbers numbers
                                && numbers.number(row).isPresent()
                        ? Optional.of(numbers.numerals().decimalMark())
                        : Optional.empty();
            }
        };
    }

    /**
     * A table that steps have made: what was worked out is written as the numbers of the file are.
     *
     * @param mark the decimal mark of the file
     */
    static Cells of(Prepared table, char mark) {
        return new Cells() {
            @Override
            public int rows() {
                return table.rows();
            }

            @Override
            public int columns() {
                return table.fields().size();
            }

            @Override
            public int head(int column) {
                return table.fields().get(column).name().length() + 1;
            }

            @Override
            public String text(int row, int column) {
                Field field = table.fields().get(column);
                String text = field.shown(row);
                boolean worked = field.hasNumbers() && !field.isOfOriginal() && !field.isOther(row);
                return mark == ',' && worked ? text.replace('.', ',') : text;
            }

            @Override
            public Optional<Character> mark(int row, int column) {
                Field field = table.fields().get(column);
                return field.hasNumbers()
                                && !field.isOther(row)
                                && !field.shown(row).isBlank()
                        ? Optional.of(mark)
                        : Optional.empty();
            }
        };
    }

    int letters(int column) {
        return letters.get(column);
    }

    /** A cell as it is written; behind a number so many blanks that decimal marks stand below each other. */
    String text(int row, int column) {
        String text = Visible.line(cells.text(row, column), LONGEST);
        int most = places.get(column);
        Optional<Character> mark = most == 0 ? Optional.empty() : cells.mark(row, column);
        if (mark.isEmpty()) {
            return text;
        }
        int own = places(mark.get(), text);
        return text + (own == 0 ? "\u2008" : "") + "\u2007".repeat(Math.max(0, most - own));
    }

    private static int places(char decimalMark, String text) {
        int mark = text.lastIndexOf(decimalMark);
        int end = mark + 1;
        while (end < text.length() && Character.isDigit(text.charAt(end))) {
            end++;
        }
        return mark < 0 ? 0 : end - mark - 1;
    }
}
