package promedio.desktop.model.table;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import promedio.core.data.Column;

/**
 * In which order the rows of a table are looked at. The table itself stays as it is.
 *
 * @param column the column they are put in order by; −1 for the order of the file
 * @param largestFirst whether the largest comes first
 */
public record RowOrder(int column, boolean largestFirst) {
    /** The order of the file. */
    public static final RowOrder OF_FILE = new RowOrder(-1, false);

    /** The rows in this order; missing cells come last either way, and rows alike stay as they stood. */
    int[] of(Column cells) {
        Integer[] rows = new Integer[cells.size()];
        Arrays.setAll(rows, row -> row);
        Arrays.sort(rows, cells instanceof Column.OfNumbers numbers ? byNumber(numbers) : byText(cells));
        return Arrays.stream(rows).mapToInt(row -> row).toArray();
    }

    private Comparator<Integer> byNumber(Column.OfNumbers cells) {
        double[] about = new double[cells.size()];
        for (int row = 0; row < about.length; row++) {
            about[row] = cells.number(row).map(BigDecimal::doubleValue).orElse(Double.NaN);
        }
        return (one, other) -> {
            double first = about[one];
            double second = about[other];
            if (Double.isNaN(first) || Double.isNaN(second)) {
                return Boolean.compare(Double.isNaN(first), Double.isNaN(second));
            }
            int compared = first == second
                    ? cells.number(one)
                            .orElseThrow()
                            .compareTo(cells.number(other).orElseThrow())
                    : Double.compare(first, second);
            return largestFirst ? -compared : compared;
        };
    }

    private Comparator<Integer> byText(Column cells) {
        Optional<Column.OfDates> dates = cells instanceof Column.OfDates some ? Optional.of(some) : Optional.empty();
        return (one, other) -> {
            boolean noFirst = isLast(cells, dates, one);
            boolean noSecond = isLast(cells, dates, other);
            if (noFirst || noSecond) {
                return Boolean.compare(noFirst, noSecond);
            }
            int compared = dates.isPresent()
                    ? dates.get()
                            .date(one)
                            .orElseThrow()
                            .compareTo(dates.get().date(other).orElseThrow())
                    : cells.entries().text(one).compareTo(cells.entries().text(other));
            return largestFirst ? -compared : compared;
        };
    }

    private static boolean isLast(Column cells, Optional<Column.OfDates> dates, int row) {
        return cells.isMissing(row)
                || dates.filter(some -> some.date(row).isEmpty()).isPresent();
    }
}
