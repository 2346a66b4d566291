package promedio.core.slip;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;

/** One value left out, entered twice or copied wrong. */
final class Copied {
    /** Longer lists are not worked by hand. */
    private static final int MOST_ROWS = 200;

    private Copied() {}

    private static List<BigDecimal> decimals(Decimals column) {
        List<BigDecimal> values = new ArrayList<>();
        for (int i = 0; i < column.size(); i++) {
            values.add(column.decimal(i));
        }
        return values;
    }

    private static boolean isHandSized(Asked asked) {
        return asked.sample().rows() <= MOST_ROWS && asked.sample().rows() > 1;
    }

    /** The sample with other values in the same rows. */
    private static Sample with(Sample sample, List<BigDecimal> values, List<BigDecimal> weights) {
        return sample.weighted()
                ? Sample.frequencies(
                        Decimals.from(values),
                        Decimals.from(weights),
                        sample.shape().relative())
                : Sample.list(Decimals.from(values));
    }

    private static List<BigDecimal> weights(Sample sample) {
        return sample.weights().map(Copied::decimals).orElse(List.of());
    }

    /** Each different value once, with the row in which it stands first. */
    private static void eachValue(Sample sample, BiConsumer<BigDecimal, Integer> use) {
        List<BigDecimal> values = decimals(sample.values());
        Set<BigDecimal> seen = new LinkedHashSet<>();
        for (int row = 0; row < values.size(); row++) {
            if (seen.add(values.get(row).stripTrailingZeros())) {
                use.accept(values.get(row), row);
            }
        }
    }

    static List<Changed> dropped(Asked asked) {
        return counted(asked, "value-dropped", -1);
    }

    static List<Changed> repeated(Asked asked) {
        return counted(asked, "value-repeated", 1);
    }

    /** One of a value more or less. */
    private static List<Changed> counted(Asked asked, String slip, int more) {
        return switch (asked.sample().kind().form()) {
            case VALUES, FREQUENCIES -> countedValues(asked, slip, more);
            case PAIRS -> PairSlips.counted(asked, slip, more);
            case CLASSES, CATEGORIES, GIVENS -> List.of();
        };
    }

    private static List<Changed> countedValues(Asked asked, String slip, int more) {
        // Of shares there is no single value that could be left out or entered twice.
        if (!isHandSized(asked) || asked.sample().shape().relative()) {
            return List.of();
        }
        List<Changed> changed = new ArrayList<>();
        Sample sample = asked.sample();
        eachValue(sample, (value, row) -> {
            List<BigDecimal> values = decimals(sample.values());
            List<BigDecimal> weights = new ArrayList<>(weights(sample));
            if (sample.weighted()) {
                weights.set(row, weights.get(row).add(BigDecimal.valueOf(more)));
                if (weights.get(row).signum() <= 0) {
                    values.remove(row.intValue());
                    weights.remove(row.intValue());
                }
            } else if (more > 0) {
                values.add(row, value);
            } else {
                values.remove(row.intValue());
            }
            Sample other = with(sample, values, weights);
            asked.under(other)
                    .ifPresent(figure -> changed.add(Changed.blaming(slip, figure, plain(value), plain(value))));
            asked.underAsCounted(other)
                    .ifPresent(figure -> changed.add(new Changed(
                            slip,
                            Sentence.of("slip." + slip + ".as-counted", plain(value), sample.count()),
                            figure,
                            Optional.of(plain(value)))));
        });
        return changed;
    }

    private static String plain(BigDecimal value) {
        return value.toPlainString();
    }

    static List<Changed> swapped(Asked asked) {
        return copied(asked, "digits-swapped", Copied::swappedDigits);
    }

    static List<Changed> signLost(Asked asked) {
        return copied(asked, "sign-lost", value -> value.signum() < 0 ? List.of(value.negate()) : List.of());
    }

    static List<Changed> pointMoved(Asked asked) {
        return copied(
                asked,
                "point-moved",
                value -> value.signum() == 0 ? List.of() : List.of(value.movePointLeft(1), value.movePointRight(1)));
    }

    /** What may be written of a value instead. */
    interface Miswriting {
        /** The other values. */
        List<BigDecimal> of(BigDecimal value);
    }

    private static List<Changed> copied(Asked asked, String slip, Miswriting miswriting) {
        return switch (asked.sample().kind().form()) {
            case VALUES, FREQUENCIES -> copiedValues(asked, slip, miswriting);
            case PAIRS -> PairSlips.copied(asked, slip, miswriting);
            case CLASSES, CATEGORIES, GIVENS -> List.of();
        };
    }

    private static List<Changed> copiedValues(Asked asked, String slip, Miswriting miswriting) {
        if (!isHandSized(asked)) {
            return List.of();
        }
        List<Changed> changed = new ArrayList<>();
        Sample sample = asked.sample();
        eachValue(sample, (value, row) -> {
            for (BigDecimal other : miswriting.of(value)) {
                List<BigDecimal> values = decimals(sample.values());
                values.set(row, other);
                asked.under(with(sample, values, weights(sample)))
                        .ifPresent(figure ->
                                changed.add(Changed.blaming(slip, figure, plain(value), plain(value), plain(other))));
            }
        });
        return changed;
    }

    /** A number with two neighbouring digits exchanged. */
    static List<BigDecimal> swappedDigits(BigDecimal value) {
        String digits = value.unscaledValue().abs().toString();
        List<BigDecimal> swapped = new ArrayList<>();
        for (int i = 0; i + 1 < digits.length(); i++) {
            if (digits.charAt(i) != digits.charAt(i + 1)) {
                char[] other = digits.toCharArray();
                other[i] = digits.charAt(i + 1);
                other[i + 1] = digits.charAt(i);
                BigInteger unit = new BigInteger(new String(other));
                swapped.add(new BigDecimal(value.signum() < 0 ? unit.negate() : unit, value.scale()));
            }
        }
        return swapped;
    }

    /** Missing values counted as 0. */
    static List<Changed> missingAsZero(Asked asked) {
        Sample sample = asked.sample();
        if (sample.missing().signum() <= 0 || !sample.kind().can(Use.LISTED) || sample.rows() > 100_000) {
            return List.of();
        }
        List<BigDecimal> values = decimals(sample.values());
        List<BigDecimal> weights = new ArrayList<>(weights(sample));
        if (sample.weighted()) {
            Optional<Integer> places = sample.missing().placesInFull().isPresent()
                    ? Optional.of(sample.missing().placesInFull().getAsInt())
                    : Optional.empty();
            values.add(BigDecimal.ZERO);
            weights.add(sample.missing().toPlaces(places.orElse(0), HalfRule.HALF_UP));
        } else {
            for (int i = 0; Exact.of(i).compareTo(sample.missing()) < 0; i++) {
                values.add(BigDecimal.ZERO);
            }
        }
        return asked.under(with(sample, values, weights)).stream()
                .map(value -> Changed.of("missing-as-zero", value, sample.missing()))
                .toList();
    }

    /** Repeats ignored: each different value once. */
    static List<Changed> distinctOnly(Asked asked) {
        Sample sample = asked.sample();
        boolean each = sample.classes().isEmpty()
                && !sample.weighted()
                && sample.ranking().distinct().size() == sample.rows();
        if (each || sample.isOpenEnded() || sample.kind().can(Use.VARIABLES)) {
            return List.of();
        }
        String slip = sample.weighted() ? "unweighted" : "distinct-only";
        Decimals once = sample.classes().isPresent()
                ? sample.values()
                : sample.ranking().distinct();
        return asked.under(Sample.list(once)).stream()
                .map(value -> Changed.of(slip, value))
                .toList();
    }

    /** The f column worked on as if it held the data. */
    static List<Changed> frequenciesAsData(Asked asked) {
        return asked.sample().weights().stream()
                .filter(weights -> asked.sample().kind().can(Use.COUNTED))
                .flatMap(weights -> asked.under(Sample.list(weights)).stream())
                .map(value -> Changed.of("frequencies-as-data", value))
                .toList();
    }

    /** Running totals in place of frequencies. */
    static List<Changed> cumulative(Asked asked) {
        Sample sample = asked.sample();
        if (!sample.kind().can(Use.COUNTED) || sample.isOpenEnded()) {
            return List.of();
        }
        List<BigDecimal> running = new ArrayList<>();
        BigDecimal sum = BigDecimal.ZERO;
        for (BigDecimal weight : weights(sample)) {
            sum = sum.add(weight);
            running.add(sum);
        }
        Sample other = with(sample, decimals(sample.values()), running);
        return Stream.of(asked.under(other), asked.underAsCounted(other))
                .flatMap(Optional::stream)
                .map(value -> Changed.of("cumulative-as-frequency", value))
                .toList();
    }

    /** The total taken as one more value. */
    static List<Changed> totalIncluded(Asked asked) {
        Sample sample = asked.sample();
        boolean list = sample.kind().can(Use.TOTALLED) && !sample.weighted();
        if (!list || sample.rows() > MOST_ROWS) {
            return List.of();
        }
        List<BigDecimal> values = decimals(sample.values());
        values.add(values.stream().reduce(BigDecimal.ZERO, BigDecimal::add));
        return asked.under(with(sample, values, List.of())).stream()
                .map(value -> Changed.of("total-included", value))
                .toList();
    }
}
