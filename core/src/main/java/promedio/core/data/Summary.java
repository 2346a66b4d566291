package promedio.core.data;

import java.time.LocalDateTime;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;

/**
 * A column in short.
 *
 * @param column the column
 * @param distinct how many different cells of its kind there are
 * @param least the least number, or the first date in ISO 8601
 * @param largest the largest number, or the last date
 * @param mean the mean of its numbers
 * @param commonest of a category, its texts and how often they stand there, the commonest first
 */
public record Summary(
        Column column,
        int distinct,
        Optional<Bound> least,
        Optional<Bound> largest,
        Optional<Exact> mean,
        List<Map.Entry<String, Integer>> commonest) {
    /** Rounded numbers have fifteen digits at most: what is smaller than them by this is rounding. */
    private static final Exact ROUNDING = Exact.of(100_000_000_000_000L);

    /**
     * An end of what a column holds: one of the two is there.
     *
     * @param number a number
     * @param date a date in ISO 8601
     */
    public record Bound(Optional<Exact> number, Optional<String> date) {
        static Bound of(Exact number) {
            return new Bound(Optional.of(number), Optional.empty());
        }

        static Bound of(String date) {
            return new Bound(Optional.empty(), Optional.of(date));
        }
    }

    /** Works out a column in short. */
    public static Summary of(Column column) {
        if (column instanceof Column.OfNumbers numbers) {
            return numbers(numbers);
        }
        if (column instanceof Column.OfDates dates) {
            return dates(dates);
        }
        if (column instanceof Column.OfCategories categories) {
            return new Summary(
                    column,
                    categories.counts().size(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    categories.commonest());
        }
        Set<String> different = new HashSet<>();
        for (int row = 0; row < column.size() && column.count() > 0; row++) {
            if (!column.isMissing(row)) {
                different.add(column.entries().text(row).strip());
            }
        }
        return bare(column, different.size());
    }

    private static Summary bare(Column column, int distinct) {
        return new Summary(column, distinct, Optional.empty(), Optional.empty(), Optional.empty(), List.of());
    }

    private static Summary numbers(Column.OfNumbers column) {
        Decimals sorted = column.numbers().ascending();
        int distinct = sorted.size() > 0 ? 1 : 0;
        for (int i = 1; i < sorted.size(); i++) {
            distinct += sorted.compare(i, i - 1) == 0 ? 0 : 1;
        }
        if (distinct == 0) {
            return bare(column, 0);
        }
        Exact mean = mean(sorted, column.isApproximate());
        return new Summary(
                column,
                distinct,
                Optional.of(Bound.of(sorted.at(0))),
                Optional.of(Bound.of(sorted.at(sorted.size() - 1))),
                Optional.of(mean),
                List.of());
    }

    /** The mean; of numbers that were rounded, what is as small as their rounding is 0. */
    private static Exact mean(Decimals sorted, boolean approximate) {
        Exact mean = sorted.powerSums(1)[1].over(Exact.of(sorted.size()));
        Exact lowest = sorted.at(0).abs();
        Exact highest = sorted.at(sorted.size() - 1).abs();
        Exact size = lowest.compareTo(highest) > 0 ? lowest : highest;
        boolean nothing = approximate && mean.abs().times(ROUNDING).compareTo(size) <= 0;
        return nothing ? Exact.ZERO : mean;
    }

    /** Whether the measures of the column are only approximate. */
    public boolean isApproximate() {
        return column instanceof Column.OfNumbers numbers && numbers.isApproximate();
    }

    private static Summary dates(Column.OfDates column) {
        boolean times = column.hasTimes();
        Set<LocalDateTime> all = new HashSet<>();
        for (int row = 0; row < column.size(); row++) {
            column.date(row).ifPresent(all::add);
        }
        if (all.isEmpty()) {
            return bare(column, 0);
        }
        return new Summary(
                column,
                all.size(),
                Optional.of(Bound.of(written(Collections.min(all), times))),
                Optional.of(Bound.of(written(Collections.max(all), times))),
                Optional.empty(),
                List.of());
    }

    private static String written(LocalDateTime date, boolean times) {
        return times ? date.toString() : date.toLocalDate().toString();
    }
}
