package promedio.core.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * The measures of a list once more, as slowly and plainly as they are defined: every value written out, sorted, with sixty
 * digits. Nothing here knows the formula trees.
 */
final class Definitions {
    static final MathContext DIGITS = new MathContext(60, RoundingMode.HALF_EVEN);
    private static final BigDecimal TWO = BigDecimal.valueOf(2);
    private static final BigDecimal THREE = BigDecimal.valueOf(3);
    /** Positions in the list are whole numbers of 240ths under every definition, for shares in twentieths. */
    private static final int PARTS = 240;

    private final BigDecimal[] x;
    private final int n;

    Definitions(List<BigDecimal> values) {
        x = values.stream().sorted().toArray(BigDecimal[]::new);
        n = x.length;
    }

    /** The value of a key; several for the mode; none where it is undefined. */
    Optional<List<BigDecimal>> of(String key) {
        int slash = key.indexOf('/');
        String name = slash < 0 ? key : key.substring(0, slash);
        String rule = slash < 0 ? "" : key.substring(slash + 1);
        if (key.equals("mode")) {
            return modes().isEmpty() ? Optional.empty() : Optional.of(modes());
        }
        return one(name, rule).map(List::of);
    }

    private Optional<BigDecimal> one(String name, String rule) {
        return switch (name) {
            case "sum" -> Optional.of(sum(1, BigDecimal.ZERO));
            case "mean" -> Optional.of(mean());
            case "median" -> Optional.of(median(x));
            case "mode" -> Optional.of(THREE.multiply(median(x)).subtract(TWO.multiply(mean())));
            case "midrange" -> Optional.of(x[0].add(x[n - 1]).divide(TWO, DIGITS));
            case "trimmed-mean" -> {
                int cut = new BigDecimal(rule).multiply(whole(n)).intValue();
                yield Optional.of(Arrays.stream(x, cut, n - cut)
                        .reduce(BigDecimal.ZERO, BigDecimal::add)
                        .divide(whole(n - 2 * cut), DIGITS));
            }
            case "geometric-mean" -> positive().map(this::geometric);
            case "harmonic-mean" ->
                positive().map(all -> whole(n).divide(
                                Arrays.stream(all)
                                        .map(value -> BigDecimal.ONE.divide(value, DIGITS))
                                        .reduce(BigDecimal.ZERO, BigDecimal::add),
                                DIGITS));
            case "root-mean-square" -> Optional.of(root(sum(2, BigDecimal.ZERO).divide(whole(n), DIGITS)));
            case "count" -> Optional.of(whole(n));
            case "missing" -> Optional.of(BigDecimal.ZERO);
            case "distinct" -> Optional.of(whole(times().size()));
            case "minimum" -> Optional.of(x[0]);
            case "maximum" -> Optional.of(x[n - 1]);
            case "range" -> Optional.of(x[n - 1].subtract(x[0]));
            case "median-absolute-deviation" -> {
                BigDecimal middle = median(x);
                yield Optional.of(median(Arrays.stream(x)
                        .map(value -> value.subtract(middle).abs())
                        .sorted()
                        .toArray(BigDecimal[]::new)));
            }
            case "mean-deviation" -> Optional.of(deviation(mean()));
            case "mean-deviation-median" -> Optional.of(deviation(median(x)));
            case "coefficient-of-range" -> over(x[n - 1].subtract(x[0]), x[n - 1].add(x[0]));
            case "coefficient-of-mean-deviation" -> over(deviation(mean()), mean());
            case "coefficient-of-mean-deviation-median" -> over(deviation(median(x)), median(x));
            case "variance-population" -> variance("population");
            case "variance-sample" -> variance("sample");
            case "sd-population" -> variance("population").map(Definitions::root);
            case "sd-sample" -> variance("sample").map(Definitions::root);
            case "standard-error" -> variance("sample").map(square -> root(square.divide(whole(n), DIGITS)));
            case "cv" ->
                variance(rule).flatMap(square -> over(BigDecimal.valueOf(100).multiply(root(square)), mean()));
            default ->
                name.startsWith("skewness") || name.startsWith("kurtosis") || name.startsWith("beta")
                        ? shape(name, rule)
                        : position(name, rule);
        };
    }

    /** The nth root of the product by Newton's steps from a first guess; every step doubles the digits that are right. */
    private BigDecimal geometric(BigDecimal[] all) {
        BigDecimal product = Arrays.stream(all).reduce(BigDecimal.ONE, (some, one) -> some.multiply(one, DIGITS));
        BigDecimal root = BigDecimal.valueOf(Math.exp(Arrays.stream(all)
                        .mapToDouble(value -> Math.log(value.doubleValue()))
                        .sum()
                / n));
        for (int step = 0; step < 3; step++) {
            BigDecimal below = root.pow(n - 1, DIGITS);
            root = root.subtract(
                    root.multiply(below, DIGITS).subtract(product).divide(whole(n).multiply(below), DIGITS));
        }
        return root;
    }

    private Optional<BigDecimal> position(String name, String rule) {
        if (name.startsWith("decile-")) {
            return quantile(2 * Integer.parseInt(name.substring(7)), rule);
        }
        Optional<BigDecimal> lower = quartile(1, rule);
        Optional<BigDecimal> upper = quartile(3, rule);
        if (lower.isEmpty() || upper.isEmpty()) {
            return Optional.empty();
        }
        BigDecimal between = upper.get().subtract(lower.get());
        BigDecimal reach = between.multiply(new BigDecimal("1.5"));
        return switch (name) {
            case "quartile-1" -> lower;
            case "quartile-3" -> upper;
            case "iqr" -> Optional.of(between);
            case "quartile-deviation" -> Optional.of(between.divide(TWO, DIGITS));
            case "coefficient-of-quartile-deviation" ->
                over(between, upper.get().add(lower.get()));
            case "fence-lower" -> Optional.of(lower.get().subtract(reach));
            case "fence-upper" -> Optional.of(upper.get().add(reach));
            default -> throw new AssertionError("Nothing defines " + name + "/" + rule);
        };
    }

    private Optional<BigDecimal> shape(String name, String rule) {
        BigDecimal m2 = moment(2);
        return switch (name) {
            case "skewness-pearson-mode" ->
                modes().size() != 1
                        ? Optional.empty()
                        : variance(rule).flatMap(square -> over(mean().subtract(modes().get(0)), root(square)));
            case "skewness-pearson-median" ->
                variance(rule).flatMap(square -> over(THREE.multiply(mean().subtract(median(x))), root(square)));
            case "skewness-bowley" -> {
                Optional<BigDecimal> q2 = rule.startsWith("hf") ? quantile(10, rule) : Optional.of(median(x));
                yield quartile(1, rule).flatMap(low -> quartile(3, rule)
                        .flatMap(high ->
                                over(high.add(low).subtract(TWO.multiply(q2.orElseThrow())), high.subtract(low))));
            }
            case "skewness-kelly" -> {
                BigDecimal p90 = quantile(18, rule).orElseThrow();
                BigDecimal p10 = quantile(2, rule).orElseThrow();
                BigDecimal p50 = quantile(10, rule).orElseThrow();
                yield over(p90.add(p10).subtract(TWO.multiply(p50)), p90.subtract(p10));
            }
            case "kurtosis-percentile" -> {
                BigDecimal between = quartile(3, rule)
                        .orElseThrow()
                        .subtract(quartile(1, rule).orElseThrow());
                yield over(
                        between.divide(TWO, DIGITS),
                        quantile(18, rule)
                                .orElseThrow()
                                .subtract(quantile(2, rule).orElseThrow()));
            }
            case "skewness-moment" -> g1();
            case "beta-1" -> over(moment(3).pow(2), m2.pow(3));
            case "skewness-adjusted" ->
                n < 3
                        ? Optional.empty()
                        : g1().map(g ->
                                g.multiply(root(whole((long) n * (n - 1)))).divide(whole(n - 2), DIGITS));
            case "skewness-b1" ->
                variance("sample").flatMap(square -> over(moment(3), square.multiply(root(square), DIGITS)));
            case "kurtosis-moment" -> over(moment(4), m2.pow(2));
            case "kurtosis-excess" -> over(moment(4), m2.pow(2)).map(beta -> beta.subtract(THREE));
            case "kurtosis-adjusted" ->
                n < 4
                        ? Optional.empty()
                        : over(moment(4), m2.pow(2)).map(beta -> whole(n - 1)
                                .multiply(whole(n + 1)
                                        .multiply(beta.subtract(THREE))
                                        .add(whole(6)))
                                .divide(whole((long) (n - 2) * (n - 3)), DIGITS));
            case "kurtosis-b2" ->
                variance("sample")
                        .flatMap(square -> over(moment(4), square.pow(2)))
                        .map(ratio -> ratio.subtract(THREE));
            default -> throw new AssertionError("Nothing defines " + name + "/" + rule);
        };
    }

    private Optional<BigDecimal> g1() {
        return over(moment(3), moment(2).multiply(root(moment(2)), DIGITS));
    }

    private Optional<BigDecimal> quartile(int quarter, String rule) {
        // (n + 1)p in quarters, held within the list.
        int at = Math.max(4, Math.min(4 * n, (n + 1) * quarter));
        int below = at / 4;
        int rest = at % 4;
        return switch (rule) {
            case "halves-exclusive" -> n == 1 ? Optional.empty() : Optional.of(half(quarter, n / 2));
            case "halves-inclusive" -> Optional.of(half(quarter, (n + 1) / 2));
            case "n1-up" -> Optional.of(at(rest == 0 ? below : below + 1));
            case "n1-nearest" -> Optional.of(rest == 2 ? midway(below) : at(rest < 2 ? below : below + 1));
            case "n1-inward" -> Optional.of(at(rest > 2 || rest == 2 && quarter == 1 ? below + 1 : below));
            case "n1-midway" -> Optional.of(rest == 0 ? at(below) : midway(below));
            default -> quantile(5 * quarter, rule);
        };
    }

    private BigDecimal half(int quarter, int size) {
        return median(Arrays.copyOfRange(x, quarter == 1 ? 0 : n - size, quarter == 1 ? size : n));
    }

    /** A quantile by one of Hyndman and Fan's nine definitions; the share in twentieths. */
    private Optional<BigDecimal> quantile(int twentieths, String rule) {
        int np = n * twentieths;
        return switch (rule) {
            case "hf1" -> Optional.of(at((np + 19) / 20));
            case "hf2" -> Optional.of(np % 20 == 0 ? midway(np / 20) : at((np + 19) / 20));
            case "hf3" -> {
                int below = np / 20;
                int rest = np % 20;
                yield Optional.of(at(rest < 10 || rest == 10 && below % 2 == 0 ? below : below + 1));
            }
            case "hf4" -> Optional.of(between(12 * np));
            case "hf5" -> Optional.of(between(12 * np + PARTS / 2));
            case "hf6" -> Optional.of(between(12 * (n + 1) * twentieths));
            case "hf7" -> Optional.of(between(12 * (n - 1) * twentieths + PARTS));
            case "hf8" -> Optional.of(between((12 * n + 4) * twentieths + PARTS / 3));
            case "hf9" -> Optional.of(between((12 * n + 3) * twentieths + 3 * PARTS / 8));
            default -> throw new AssertionError("Nothing defines the rule " + rule);
        };
    }

    private BigDecimal between(int parts) {
        int held = Math.max(PARTS, Math.min(n * PARTS, parts));
        BigDecimal low = at(held / PARTS);
        BigDecimal high = at(held / PARTS + 1);
        return low.add(high.subtract(low).multiply(whole(held % PARTS)).divide(whole(PARTS), DIGITS));
    }

    private BigDecimal midway(int rank) {
        return at(rank).add(at(rank + 1)).divide(TWO, DIGITS);
    }

    /** The value at a rank, which is held within the list. */
    private BigDecimal at(int rank) {
        return x[Math.max(1, Math.min(n, rank)) - 1];
    }

    private static BigDecimal median(BigDecimal[] sorted) {
        int size = sorted.length;
        return sorted[(size - 1) / 2].add(sorted[size / 2]).divide(TWO, DIGITS);
    }

    private BigDecimal mean() {
        return sum(1, BigDecimal.ZERO).divide(whole(n), DIGITS);
    }

    private BigDecimal sum(int power, BigDecimal about) {
        return Arrays.stream(x).map(value -> value.subtract(about).pow(power)).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    private BigDecimal moment(int k) {
        return sum(k, mean()).divide(whole(n), DIGITS);
    }

    private BigDecimal deviation(BigDecimal centre) {
        return Arrays.stream(x)
                .map(value -> value.subtract(centre).abs())
                .reduce(BigDecimal.ZERO, BigDecimal::add)
                .divide(whole(n), DIGITS);
    }

    private Optional<BigDecimal> variance(String divisor) {
        int d = divisor.equals("sample") ? n - 1 : n;
        return d == 0 ? Optional.empty() : Optional.of(sum(2, mean()).divide(whole(d), DIGITS));
    }

    private Map<BigDecimal, Long> times() {
        return Arrays.stream(x)
                .map(BigDecimal::stripTrailingZeros)
                .collect(Collectors.groupingBy(value -> value, TreeMap::new, Collectors.counting()));
    }

    private List<BigDecimal> modes() {
        long most = times().values().stream().mapToLong(Long::longValue).max().orElseThrow();
        List<BigDecimal> modes = times().keySet().stream()
                .filter(value -> times().get(value) == most)
                .toList();
        return modes.size() > 1 && modes.size() == times().size() ? List.of() : modes;
    }

    private Optional<BigDecimal[]> positive() {
        return x[0].signum() > 0 ? Optional.of(x) : Optional.empty();
    }

    /** Nought but for the error of sixty digits counts as nought. */
    static Optional<BigDecimal> over(BigDecimal number, BigDecimal divisor) {
        return divisor.abs().compareTo(new BigDecimal("1e-40")) < 0
                ? Optional.empty()
                : Optional.of(number.divide(divisor, DIGITS));
    }

    static BigDecimal root(BigDecimal square) {
        return square.abs().compareTo(new BigDecimal("1e-50")) < 0 ? BigDecimal.ZERO : square.sqrt(DIGITS);
    }

    static BigDecimal whole(long number) {
        return BigDecimal.valueOf(number);
    }
}
