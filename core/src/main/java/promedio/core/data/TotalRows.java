package promedio.core.data;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import promedio.core.number.Exact;

/** Finds rows of totals or means at the end of a table. */
final class TotalRows {
    private static final Pattern SAYS = Pattern.compile(
            "(?iu)\\W*(?:(?:grand |sub-?)?totals?|sums?|means?|averages?|avg\\.?|\u03a3.*|\u2211.*)(?:\\b.*|\\W*)");
    private static final int MOST = 4;
    /** Of fewer values one may well be the sum or mean of the others by chance. */
    private static final int ENOUGH_ABOVE = 3;

    private TotalRows() {}

    static List<PointedOut> of(Table table) {
        List<PointedOut> found = new ArrayList<>();
        int row = table.rows() - 1;
        while (row > 0 && found.size() < MOST && says(table, row)) {
            found.add(0, total(row));
            row--;
        }
        if (found.isEmpty() && row >= ENOUGH_ABOVE && follows(table, row)) {
            found.add(total(row));
        }
        return found;
    }

    private static PointedOut total(int row) {
        return PointedOut.of("total-row").at(row + 1L);
    }

    /** Whether the first text of a row says so. */
    private static boolean says(Table table, int row) {
        for (Column column : table.columns()) {
            String text = column.entries().text(row).strip();
            if (!text.isEmpty()) {
                boolean number = column instanceof Column.OfNumbers numbers
                        && numbers.number(row).isPresent();
                if (!number) {
                    return SAYS.matcher(text.toLowerCase(Locale.ROOT)).matches();
                }
            }
        }
        return false;
    }

    /** Whether every number of a row is the sum or the mean of those above. */
    private static boolean follows(Table table, int row) {
        int sums = 0;
        int means = 0;
        for (Column column : table.columns()) {
            if (column instanceof Column.OfNumbers numbers) {
                Optional<BigDecimal> last = numbers.number(row);
                if (last.isPresent() && numbers.count() > ENOUGH_ABOVE) {
                    Exact sum = Exact.from(last.get().negate())
                            .plus(numbers.numbers().powerSums(1)[1]);
                    Exact value = Exact.from(last.get());
                    boolean isSum = sum.equals(value) && value.signum() != 0;
                    boolean isMean = isRounded(sum.over(Exact.of(numbers.count() - 1L)), last.get());
                    sums += isSum ? 1 : 0;
                    means += isMean ? 1 : 0;
                    if (!isSum && !isMean) {
                        return false;
                    }
                } else if (last.isPresent()) {
                    return false;
                }
            }
        }
        return sums > 0 || means > 1;
    }

    private static boolean isRounded(Exact mean, BigDecimal written) {
        Exact off = mean.minus(Exact.from(written)).abs();
        int places = Math.max(0, written.scale());
        return off.signum() == 0
                || places > 0 && off.times(Exact.of(2)).compareTo(Exact.scaled(java.math.BigInteger.ONE, places)) <= 0;
    }
}
