package promedio.core.pasted;

import java.util.ArrayList;
import java.util.List;
import promedio.core.sentence.Sentence;

/**
 * Cells in columns.
 *
 * @param headings the heading of each column; empty text where there is none
 * @param columns the cells, column by column, all of the same length
 * @param layout how they were laid out
 * @param told what was left out on the way
 */
record Grid(List<String> headings, List<List<String>> columns, Layout layout, List<Sentence> told) {
    Grid {
        headings = List.copyOf(headings);
        columns = List.copyOf(columns);
        told = List.copyOf(told);
    }

    int width() {
        return columns.size();
    }

    int height() {
        return columns.isEmpty() ? 0 : columns.get(0).size();
    }

    /** Rows of equal length as columns. */
    static List<List<String>> turned(List<List<String>> rows) {
        List<List<String>> columns = new ArrayList<>();
        int width = rows.stream().mapToInt(List::size).max().orElse(0);
        for (int column = 0; column < width; column++) {
            List<String> cells = new ArrayList<>(rows.size());
            for (List<String> row : rows) {
                cells.add(column < row.size() ? row.get(column) : "");
            }
            columns.add(cells);
        }
        return columns;
    }

    /** Blocks of columns side by side under the same headings, put one below the other. */
    Grid stacked() {
        for (int period = 2; period <= width() / 2; period++) {
            boolean again = width() % period == 0;
            for (int i = 0; again && i < width(); i++) {
                again = !headings.get(i).isEmpty() && headings.get(i).equals(headings.get(i % period));
            }
            if (again) {
                List<List<String>> joined = new ArrayList<>();
                for (int i = 0; i < period; i++) {
                    List<String> whole = new ArrayList<>();
                    for (int j = i; j < width(); j += period) {
                        whole.addAll(columns.get(j));
                    }
                    joined.add(whole);
                }
                return new Grid(headings.subList(0, period), joined, layout, told).withoutBlankRows();
            }
        }
        return this;
    }

    /** Where the last block is shorter than the others, its rows are blank. */
    private Grid withoutBlankRows() {
        List<List<String>> rows = turned(columns).stream()
                .filter(row -> row.stream().anyMatch(cell -> !cell.isBlank()))
                .toList();
        return new Grid(headings, turned(rows), layout, told);
    }

    boolean isHeaded() {
        return headings.stream().anyMatch(heading -> !heading.isEmpty());
    }
}
