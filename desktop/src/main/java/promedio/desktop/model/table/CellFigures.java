package promedio.desktop.model.table;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import promedio.core.data.Column;
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
    /** Some rows of some columns. */
    public static CellFigures of(List<Column> columns, int[] rows) {
        BigDecimal sum = BigDecimal.ZERO;
        BigDecimal least = null;
        BigDecimal largest = null;
        long numbers = 0;
        long missing = 0;
        for (Column cells : columns) {
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
        long all = (long) rows.length * columns.size();
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
