package promedio.desktop.table;

import java.util.ArrayList;
import java.util.List;
import promedio.core.data.Column;
import promedio.core.data.Table;
import promedio.core.sentence.Visible;

/** How wide the columns of a table are, in widths of a letter, and how many decimal places its numbers have. */
final class ColumnLayout {
    private static final int LOOKED_AT = 200;
    private static final int NARROWEST = 9;
    private static final int WIDEST = 34;
    private static final int LONGEST = 200;

    private final List<Integer> letters = new ArrayList<>();
    private final List<Integer> places = new ArrayList<>();

    ColumnLayout(Table table) {
        for (Column column : table.columns()) {
            int longest = Math.max(column.name().length() + 1, column.unit().length() + 10);
            int most = 0;
            int step = Math.max(1, column.size() / LOOKED_AT);
            for (int row = 0; row < column.size(); row += row < LOOKED_AT ? 1 : step) {
                String text = column.entries().text(row);
                longest = Math.max(longest, text.length());
                if (column instanceof Column.OfNumbers numbers) {
                    most = Math.max(most, places(numbers, text));
                }
            }
            letters.add(Math.max(NARROWEST, Math.min(WIDEST, longest + (most > 0 ? 1 : 0))));
            places.add(most);
        }
    }

    int letters(int column) {
        return letters.get(column);
    }

    /** A cell as it is written; behind a number so many blanks that decimal marks stand below each other. */
    String text(Table table, int row, int column) {
        Column cells = table.columns().get(column);
        String text = Visible.line(cells.entries().text(row), LONGEST);
        int most = places.get(column);
        if (most == 0
                || !(cells instanceof Column.OfNumbers numbers)
                || numbers.number(row).isEmpty()) {
            return text;
        }
        int own = places(numbers, text);
        return text + (own == 0 ? "\u2008" : "") + "\u2007".repeat(Math.max(0, most - own));
    }

    private static int places(Column.OfNumbers column, String text) {
        int mark = text.lastIndexOf(column.numerals().decimalMark());
        int end = mark + 1;
        while (end < text.length() && Character.isDigit(text.charAt(end))) {
            end++;
        }
        return mark < 0 ? 0 : end - mark - 1;
    }
}
