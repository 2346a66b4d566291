package promedio.desktop.model;

import java.math.BigDecimal;
import java.util.Optional;
import promedio.core.data.Column;
import promedio.core.data.Table;
import promedio.core.number.Exact;

/**
 * What chosen cells come to.
 *
 * @param cells how many are chosen
 * @param numbers how many of them are numbers
 * @param missing how many are missing
 * @param sum the sum of the numbers
 * @param least the least of them
 * @param largest the largest of them
 */
public record CellFigures(
        long cells, long numbers, long missing, Exact sum, Optional<Exact> least, Optional<Exact> largest) {
    /** Some rows of some neighbouring columns, by their places in the table. */
    public static CellFigures of(Table table, int[] rows, int firstColumn, int lastColumn) {
        BigDecimal sum = BigDecimal.ZERO;
        BigDecimal least = null;
        BigDecimal largest = null;
        long numbers = 0;
        long missing = 0;
        for (int column = firstColumn; column <= lastColumn; column++) {
            Column cells = table.columns().get(column);
            for (int row : rows) {
                if (cells.isMissing(row)) {
                    missing++;
                    continue;
                }
                Optional<BigDecimal> number =
                        cells instanceof Column.OfNumbers some ? some.number(row) : Optional.empty();
                if (number.isPresent()) {
                    BigDecimal value = number.get();
                    numbers++;
                    sum = sum.add(value);
                    least = least == null ? value : least.min(value);
                    largest = largest == null ? value : largest.max(value);
                }
            }
        }
        long all = (long) rows.length * (lastColumn - firstColumn + 1);
        return new CellFigures(
                all,
                numbers,
                missing,
                Exact.from(sum),
                Optional.ofNullable(least).map(Exact::from),
                Optional.ofNullable(largest).map(Exact::from));
    }

    /** The mean of the numbers; empty where there are none. */
    public Optional<Exact> mean() {
        return numbers == 0 ? Optional.empty() : Optional.of(sum.over(Exact.of(numbers)));
    }
}
