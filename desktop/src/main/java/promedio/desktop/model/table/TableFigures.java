package promedio.desktop.model.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.assignment.DataTable;
import promedio.core.data.Column;
import promedio.core.data.PointedOut;
import promedio.core.data.Summary;
import promedio.core.data.Table;

/**
 * What the pages show of a data table: its rows, and its columns in short.
 *
 * @param table the table
 * @param all all its rows, those that are left out too
 * @param columns its columns in short, without the rows that are left out
 * @param pointedOut what should be known of it
 */
public record TableFigures(DataTable table, Table all, List<InShort> columns, List<PointedOut> pointedOut) {
    private static final int BARS = 16;

    /**
     * A column in short.
     *
     * @param summary its figures
     * @param picture how high its bars are, from 0 to 1: of numbers from the least to the largest, of a category by its texts
     */
    public record InShort(Summary summary, List<Double> picture) {
        /** Copies the heights. */
        public InShort {
            picture = List.copyOf(picture);
        }

        /** The column without the rows that are left out. */
        public Column column() {
            return summary.column();
        }
    }

    /** Copies the columns. */
    public TableFigures {
        columns = List.copyOf(columns);
        pointedOut = List.copyOf(pointedOut);
    }

    /** Works out a table; what was known of its columns before is used where they are the same. */
    static TableFigures of(DataTable table, Optional<TableFigures> before) {
        Table all = table.all();
        Table used = table.table();
        List<InShort> columns = used.columns().parallelStream()
                .map(column -> before.flatMap(known -> known.find(column)).orElseGet(() -> inShort(column)))
                .toList();
        return new TableFigures(table, all, columns, pointedOut(table, all, before));
    }

    private static List<PointedOut> pointedOut(DataTable table, Table all, Optional<TableFigures> before) {
        List<PointedOut> found = table.byHand().isEmpty()
                ? table.original().read().pointedOut()
                : before.filter(known -> known.table().byHand().equals(table.byHand()))
                        .map(TableFigures::pointedOut)
                        .orElseGet(() -> table.original().read().pointedOutIn(all));
        return found.stream()
                .filter(notice -> notice.row().isEmpty()
                        || !table.off().contains((int) notice.row().getAsLong() - 1))
                .toList();
    }

    private Optional<InShort> find(Column column) {
        return columns.stream().filter(known -> known.column() == column).findFirst();
    }

    static InShort inShort(Column column) {
        Summary summary = Summary.of(column);
        List<Integer> heights = column instanceof Column.OfNumbers numbers
                ? bars(numbers, summary)
                : summary.commonest().stream()
                        .limit(BARS)
                        .map(Map.Entry::getValue)
                        .toList();
        int most = heights.stream().mapToInt(height -> height).max().orElse(1);
        return new InShort(
                summary,
                heights.stream()
                        .map(height -> (double) height / Math.max(1, most))
                        .toList());
    }

    private static List<Integer> bars(Column.OfNumbers column, Summary summary) {
        int[] bars = new int[BARS];
        double least = bound(summary.least());
        double width = bound(summary.largest()) - least;
        for (int row = 0; row < column.size(); row++) {
            column.number(row).ifPresent(number -> {
                double share = width > 0 ? (number.doubleValue() - least) / width : 0.5;
                bars[(int) Math.min(BARS - 1L, Math.max(0, (long) (share * BARS)))]++;
            });
        }
        List<Integer> heights = new ArrayList<>();
        for (int bar : bars) {
            heights.add(bar);
        }
        return heights;
    }

    private static double bound(Optional<Summary.Bound> bound) {
        return bound.flatMap(Summary.Bound::number)
                .map(number -> number.toDouble())
                .orElse(0.0);
    }
}
