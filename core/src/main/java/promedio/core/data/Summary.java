package promedio.core.data;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
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

    /** Works out all columns in short, several at a time. */
    public static List<Summary> of(List<Column> columns) {
        return Abreast.each(columns, Summary::of);
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
        if (column instanceof Column.OfTexts texts) {
            texts.walk(different::add);
        }
        return bare(column, different.size());
    }

    private static Summary bare(Column column, int distinct) {
        return new Summary(column, distinct, Optional.empty(), Optional.empty(), Optional.empty(), List.of());
    }

    private static Summary numbers(Column.OfNumbers column) {
        Decimals numbers = column.numbers();
        if (numbers.size() == 0) {
            return bare(column, 0);
        }
        Exact least = numbers.at(numbers.least());
        Exact largest = numbers.at(numbers.largest());
        Exact mean = numbers.powerSums(1)[1].over(Exact.of(numbers.size()));
        boolean nothing = column.isApproximate() && isRounding(mean, least.abs(), largest.abs());
        return new Summary(
                column,
                numbers.distinct(),
                Optional.of(Bound.of(least)),
                Optional.of(Bound.of(largest)),
                Optional.of(nothing ? Exact.ZERO : mean),
                List.of());
    }

    /** Whether a mean of numbers that were rounded is no larger than their rounding. */
    private static boolean isRounding(Exact mean, Exact least, Exact largest) {
        Exact size = least.compareTo(largest) > 0 ? least : largest;
        return mean.abs().times(ROUNDING).compareTo(size) <= 0;
    }

    /** Whether the measures of the column are only approximate. */
    public boolean isApproximate() {
        return column instanceof Column.OfNumbers numbers && numbers.isApproximate();
    }

    private static Summary dates(Column.OfDates column) {
        Decimals.Builder all = new Decimals.Builder(column.count());
        Memo<Optional<LocalDateTime>> memo = new Memo<>(column.form()::read);
        column.walk(text -> memo.of(text).ifPresent(date -> all.add(date.toEpochSecond(ZoneOffset.UTC), 0)));
        Decimals seconds = all.build();
        if (seconds.size() == 0) {
            return bare(column, 0);
        }
        boolean times = column.hasTimes();
        return new Summary(
                column,
                seconds.distinct(),
                Optional.of(Bound.of(written(seconds.unit(seconds.least()), times))),
                Optional.of(Bound.of(written(seconds.unit(seconds.largest()), times))),
                Optional.empty(),
                List.of());
    }

    private static String written(long second, boolean times) {
        LocalDateTime date = LocalDateTime.ofEpochSecond(second, 0, ZoneOffset.UTC);
        return times ? date.toString() : date.toLocalDate().toString();
    }
}
