package promedio.core.data;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import promedio.core.number.Numerals;

/** Looks through a table for what should be pointed out. */
final class Notices {
    private static final int MOST_DIFFERENT = 7;
    private static final int LARGEST_CODE = 9;
    private static final int LEAST_DIGIT = 7;
    private static final long MOST_CODE = 999_999_999;
    private static final int MOST_VALUES = 6;
    /** So many cells show that a column is not nearly one of numbers. */
    private static final int ENOUGH = 1_000;

    private static final int TENTHS = 10;

    private Notices() {}

    /** What is to be said of a table in which numbers without a kind of their own would be written so. */
    static List<PointedOut> of(Table table, Numerals numerals) {
        CompletableFuture<Optional<PointedOut>> repeated = CompletableFuture.supplyAsync(() -> RepeatedRows.of(table));
        List<PointedOut> found = new ArrayList<>(TotalRows.of(table));
        Abreast.each(table.columns(), column -> of(column, numerals)).forEach(found::addAll);
        repeated.join().ifPresent(found::add);
        return found;
    }

    private static List<PointedOut> of(Column column, Numerals numerals) {
        List<PointedOut> found = new ArrayList<>();
        if (column instanceof Column.OfNumbers ofNumbers) {
            found.addAll(words(ofNumbers.name(), others(ofNumbers), ofNumbers.numerals()));
            found.addAll(numberCodes(ofNumbers));
            codedCategory(ofNumbers).ifPresent(found::add);
        } else if (column.kind() == ColumnKind.TEXT || column.kind() == ColumnKind.CATEGORY) {
            found.addAll(nearlyNumbers(column, numerals));
        }
        return found;
    }

    /** The texts among the numbers, and how often each stands there. */
    private static Map<String, Integer> others(Column.OfNumbers column) {
        Map<String, Integer> texts = new LinkedHashMap<>();
        for (int row = 0; row < column.size() && column.others() > 0; row++) {
            if (!column.entries().isDecimal(row, column.numerals().decimalMark()) && column.isOther(row)) {
                texts.merge(column.entries().text(row).strip(), 1, Integer::sum);
            }
        }
        return texts;
    }

    private static List<PointedOut> words(String column, Map<String, Integer> texts, Numerals numerals) {
        List<PointedOut> codes = new ArrayList<>();
        List<PointedOut> nearly = new ArrayList<>();
        texts.forEach((text, cells) -> {
            List<String> readings = StrayMark.readings(text, numerals);
            if (isCode(text)) {
                codes.add(PointedOut.of("code").in(column).with(text, cells));
            } else if (!readings.isEmpty() && nearly.size() < MOST_VALUES) {
                nearly.add(PointedOut.of("number-as-text")
                        .in(column)
                        .with(text, cells)
                        .readAs(readings));
            }
        });
        codes.addAll(nearly);
        return codes;
    }

    private static boolean isCode(String text) {
        return StrayMark.isMissingWord(text);
    }

    /** A column that would be one of numbers but for codes, or for stray letters and marks. */
    private static List<PointedOut> nearlyNumbers(Column column, Numerals numerals) {
        Map<String, Integer> order = new LinkedHashMap<>();
        int numbers = 0;
        int codes = 0;
        int nearly = 0;
        Memo<Integer> memo = new Memo<>(text -> {
            if (numerals.read(text).isPresent()) {
                return 0;
            }
            return isCode(text) ? 1 : StrayMark.readings(text, numerals).isEmpty() ? -1 : 2;
        });
        for (int row = 0; row < column.size(); row++) {
            if (row == ENOUGH && (numbers + codes + nearly) * 2 < row) {
                return List.of();
            }
            if (column.isMissing(row)) {
                continue;
            }
            String text = column.entries().text(row).strip();
            int is = memo.of(text);
            numbers += is == 0 ? 1 : 0;
            codes += is == 1 ? 1 : 0;
            nearly += is == 2 ? 1 : 0;
            if (is > 0 && (order.size() < 1_000 || order.containsKey(text))) {
                order.merge(text, 1, Integer::sum);
            }
        }
        int rest = column.count() - codes;
        boolean butForCodes = numbers > 0 && numbers * TENTHS >= rest * (TENTHS - 1);
        // Without plain numbers among them, A1 and B2 are names.
        boolean known = numbers * 2 >= nearly
                || order.keySet().stream().allMatch(text -> isCode(text) || StrayMark.isWritten(text));
        boolean butForMarks = nearly > 0 && known && (numbers + nearly) * TENTHS >= rest * (TENTHS - 1);
        return butForCodes || butForMarks ? words(column.name(), order, numerals) : List.of();
    }

    /** Numbers such as −99 or 999 that lie outside the others by more than their whole range. */
    private static List<PointedOut> numberCodes(Column.OfNumbers column) {
        Map<Long, Integer> candidates = new TreeMap<>();
        Range others = new Range();
        Entries cells = column.entries();
        char mark = column.numerals().decimalMark();
        cells.walk(mark, new Entries.Walk() {
            @Override
            public void plain(int row, long unit, int places) {
                if (!looksLikeCode(unit, places)) {
                    others.take(unit, places);
                } else if (!column.isMissing(row)) {
                    candidates.merge(unit, 1, Integer::sum);
                }
            }

            @Override
            public void other(int row, String text) {
                column.number(row).ifPresent(others::take);
            }
        });
        if (candidates.isEmpty()) {
            return List.of();
        }
        if (others.least == null) {
            return List.of();
        }
        // What lies near the others is one of them, and widens their range.
        Range all = others.with(candidates.keySet());
        return candidates.keySet().stream()
                .filter(all::isFar)
                .map(code -> PointedOut.of("code").in(column.name()).with(Long.toString(code), candidates.get(code)))
                .toList();
    }

    private static final double[] TENS = tens();

    private static double[] tens() {
        double[] tens = new double[TENTHS * 2];
        for (int i = 0; i < tens.length; i++) {
            tens[i] = Math.pow(TENTHS, i);
        }
        return tens;
    }

    /** From the least to the largest of some numbers. */
    private static final class Range {
        private BigDecimal least;
        private BigDecimal largest;
        private double low = Double.POSITIVE_INFINITY;
        private double high = Double.NEGATIVE_INFINITY;

        /** Takes a number; one that is well inside the range is not looked at closely. */
        void take(long unit, int places) {
            double about = unit / TENS[places];
            if (about <= low || about >= high) {
                take(BigDecimal.valueOf(unit, places));
                low = Math.min(low, about);
                high = Math.max(high, about);
            }
        }

        void take(BigDecimal value) {
            least = least == null || value.compareTo(least) < 0 ? value : least;
            largest = largest == null || value.compareTo(largest) > 0 ? value : largest;
        }

        Range with(Set<Long> more) {
            Range wider = new Range();
            wider.take(least);
            wider.take(largest);
            more.stream()
                    .filter(value -> !isFar(value))
                    .map(BigDecimal::valueOf)
                    .forEach(wider::take);
            return wider;
        }

        /** Whether a number lies outside by more than the whole range. */
        boolean isFar(long number) {
            BigDecimal value = BigDecimal.valueOf(number);
            BigDecimal range = largest.subtract(least);
            return least.subtract(value).compareTo(range) > 0
                    || value.subtract(largest).compareTo(range) > 0;
        }
    }

    /** Whether a number is written with nines (or eights, or sevens) only, two of them or more; or is −9. */
    private static boolean looksLikeCode(long unit, int places) {
        if (places > 0 || unit > -LARGEST_CODE && unit <= LARGEST_CODE || unit > MOST_CODE || unit < -MOST_CODE) {
            return false;
        }
        long digits = Math.abs(unit);
        long last = digits % TENTHS;
        if (unit == -LARGEST_CODE) {
            return true;
        }
        if (digits <= LARGEST_CODE || last < LEAST_DIGIT) {
            return false;
        }
        for (; digits > 0; digits /= TENTHS) {
            if (digits % TENTHS != last) {
                return false;
            }
        }
        return true;
    }

    /** Whole numbers from 0 to 9, few of them different, that repeat: they may stand for names. */
    private static Optional<PointedOut> codedCategory(Column.OfNumbers column) {
        if (!column.isWhole() || column.others() > 0) {
            return Optional.empty();
        }
        Set<BigDecimal> different = new HashSet<>();
        for (int row = 0; row < column.size(); row++) {
            Optional<BigDecimal> value = column.number(row).map(BigDecimal::stripTrailingZeros);
            boolean outside = value.filter(number -> number.signum() < 0 || number.compareTo(BigDecimal.TEN) >= 0)
                    .isPresent();
            if (outside || value.isPresent() && different.add(value.get()) && different.size() > MOST_DIFFERENT) {
                return Optional.empty();
            }
        }
        return different.size() < column.count()
                ? Optional.of(PointedOut.of("coded-category").in(column.name()))
                : Optional.empty();
    }

    /** Rows that say what another row has said. */
    private static final class RepeatedRows {
        private static final int PART = 4;

        static Optional<PointedOut> of(Table table) {
            if (table.columns().size() < 2 || table.rows() < 2) {
                return Optional.empty();
            }
            long[] prints = new long[table.rows()];
            table.columns().forEach(column -> column.entries().mixInto(prints));
            long[] sorted = prints.clone();
            Arrays.sort(sorted);
            Set<Long> doubles = new HashSet<>();
            for (int i = 1; i < sorted.length; i++) {
                if (sorted[i] == sorted[i - 1]) {
                    doubles.add(sorted[i]);
                }
            }
            Map<List<String>, Integer> seen = new HashMap<>();
            int first = -1;
            int repeated = 0;
            for (int row = 0; row < prints.length && !doubles.isEmpty(); row++) {
                if (doubles.contains(prints[row]) && seen.putIfAbsent(table.row(row), row) != null) {
                    first = first < 0 ? row : first;
                    repeated++;
                }
            }
            // Where many rows are alike, that is what such rows are.
            return repeated > 0 && repeated * PART <= table.rows() + PART - 1
                    ? Optional.of(PointedOut.of("repeated-row").at(first + 1).times(repeated))
                    : Optional.empty();
        }
    }
}
