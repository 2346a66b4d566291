package promedio.core.measure;

import static promedio.core.measure.Definitions.DIGITS;
import static promedio.core.measure.Definitions.over;
import static promedio.core.measure.Definitions.whole;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** The measures of a closed class table once more, as plainly as they are defined, with sixty digits. */
final class ClassDefinitions {
    private static final BigDecimal TWO = BigDecimal.valueOf(2);

    private final List<BigDecimal> edges;
    private final List<Integer> times;
    private final int n;
    private final Definitions midpoints;

    /** A table of the classes between edges, each with how many times. */
    ClassDefinitions(List<BigDecimal> edges, List<Integer> times) {
        this.edges = edges;
        this.times = times;
        n = times.stream().mapToInt(Integer::intValue).sum();
        List<BigDecimal> all = new ArrayList<>();
        for (int i = 0; i < times.size(); i++) {
            all.addAll(Collections.nCopies(times.get(i), middle(i, i)));
        }
        midpoints = new Definitions(all);
    }

    /** The value of a key; several for the mode; none where it is undefined. */
    List<BigDecimal> of(String key) {
        int slash = key.indexOf('/');
        String name = slash < 0 ? key : key.substring(0, slash);
        String rule = slash < 0 ? "" : key.substring(slash + 1);
        if (name.equals("mode") && !rule.equals("empirical")) {
            return modes(rule);
        }
        if (rule.equals("sheppard")) {
            return sheppard(name).map(List::of).orElse(List.of());
        }
        return one(name, rule)
                .map(found -> found.map(List::of).orElse(List.of()))
                .orElseGet(() -> midpoints.of(key).orElse(List.of()));
    }

    /** What classes say otherwise than their midpoints written out would. */
    private Optional<Optional<BigDecimal>> one(String name, String rule) {
        BigDecimal median = quantile(50, "pn");
        BigDecimal low = edges.get(0);
        BigDecimal high = edges.get(edges.size() - 1);
        Function<Integer, BigDecimal> at = percent -> quantile(percent, rule);
        boolean positioned = rule.startsWith("pn");
        BigDecimal between = positioned ? at.apply(75).subtract(at.apply(25)) : null;
        BigDecimal deciles = positioned ? at.apply(90).subtract(at.apply(10)) : null;
        return switch (name) {
            case "median" -> Optional.of(Optional.of(at.apply(50)));
            case "quartile-1" -> Optional.of(Optional.of(at.apply(25)));
            case "quartile-3" -> Optional.of(Optional.of(at.apply(75)));
            case "iqr" -> Optional.of(Optional.of(between));
            case "quartile-deviation" -> Optional.of(over(between, TWO));
            case "coefficient-of-quartile-deviation" ->
                Optional.of(over(between, at.apply(75).add(at.apply(25))));
            case "skewness-bowley" ->
                Optional.of(over(at.apply(75).add(at.apply(25)).subtract(TWO.multiply(at.apply(50))), between));
            case "skewness-kelly" ->
                Optional.of(over(at.apply(90).add(at.apply(10)).subtract(TWO.multiply(at.apply(50))), deciles));
            case "kurtosis-percentile" -> Optional.of(over(between.divide(TWO, DIGITS), deciles));
            case "range" -> Optional.of(Optional.of(high.subtract(low)));
            case "coefficient-of-range" -> Optional.of(over(high.subtract(low), high.add(low)));
            case "mode" -> Optional.of(Optional.of(whole(3).multiply(median).subtract(TWO.multiply(mean()))));
            case "mean-deviation-median" -> Optional.of(Optional.of(deviation(median)));
            case "coefficient-of-mean-deviation-median" -> Optional.of(over(deviation(median), median));
            case "skewness-pearson-median" ->
                Optional.of(sd(rule).flatMap(s -> over(whole(3).multiply(mean().subtract(median)), s)));
            case "skewness-pearson-mode" -> {
                List<BigDecimal> modes = modes("interpolated");
                yield Optional.of(
                        modes.size() != 1
                                ? Optional.empty()
                                : sd(rule).flatMap(s -> over(mean().subtract(modes.get(0)), s)));
            }
            default ->
                name.startsWith("decile-")
                        ? Optional.of(Optional.of(at.apply(10 * Integer.parseInt(name.substring(7)))))
                        : Optional.empty();
        };
    }

    private BigDecimal mean() {
        return midpoints.of("mean").orElseThrow().get(0);
    }

    private Optional<BigDecimal> sd(String divisor) {
        return midpoints.of("sd-" + divisor).map(several -> several.get(0));
    }

    private BigDecimal deviation(BigDecimal centre) {
        BigDecimal sum = BigDecimal.ZERO;
        for (int i = 0; i < times.size(); i++) {
            sum = sum.add(middle(i, i).subtract(centre).abs().multiply(whole(times.get(i))));
        }
        return sum.divide(whole(n), DIGITS);
    }

    private Optional<BigDecimal> sheppard(String name) {
        String divisor = name.substring(name.indexOf('-') + 1);
        boolean equal = true;
        for (int i = 0; i < times.size(); i++) {
            equal &= width(i).compareTo(width(0)) == 0;
        }
        Optional<BigDecimal> corrected = !equal
                ? Optional.empty()
                : midpoints
                        .of("variance-" + divisor)
                        .map(square -> square.get(0).subtract(width(0).pow(2).divide(whole(12), DIGITS)))
                        .filter(square -> square.signum() >= 0);
        return name.startsWith("sd") ? corrected.map(Definitions::root) : corrected;
    }

    private BigDecimal quantile(int percent, String rule) {
        BigDecimal position = whole((long) percent * (rule.equals("pn1") ? n + 1 : n))
                .divide(whole(100), DIGITS)
                .min(whole(n));
        int before = 0;
        for (int i = 0; ; i++) {
            if (times.get(i) > 0 && whole(before + times.get(i)).compareTo(position) >= 0) {
                return edges.get(i)
                        .add(position.subtract(whole(before))
                                .divide(whole(times.get(i)), DIGITS)
                                .multiply(width(i)));
            }
            before += times.get(i);
        }
    }

    private BigDecimal width(int i) {
        return edges.get(i + 1).subtract(edges.get(i));
    }

    private BigDecimal middle(int first, int last) {
        return edges.get(first).add(edges.get(last + 1)).divide(TWO, DIGITS);
    }

    /** What classes compete with: how many in each unit of width, which comes to frequencies where widths are equal. */
    private BigDecimal height(int i) {
        return i < 0 || i >= times.size()
                ? BigDecimal.ZERO
                : whole(times.get(i)).divide(width(i), DIGITS);
    }

    private List<BigDecimal> modes(String rule) {
        int size = times.size();
        BigDecimal most = BigDecimal.ZERO;
        for (int i = 0; i < size; i++) {
            most = most.max(height(i));
        }
        List<BigDecimal> modes = new ArrayList<>();
        int modal = 0;
        for (int first = 0; first < size; first++) {
            if (height(first).compareTo(most) != 0) {
                continue;
            }
            int last = first;
            while (height(last + 1).compareTo(most) == 0) {
                last++;
            }
            modal += last - first + 1;
            modes.add(mode(rule, first, last));
            first = last;
        }
        return modal == size && size > 1 ? List.of() : modes;
    }

    private BigDecimal mode(String rule, int first, int last) {
        BigDecimal before = height(first - 1);
        BigDecimal after = height(last + 1);
        BigDecimal whole = edges.get(last + 1).subtract(edges.get(first));
        if (rule.equals("neighbours")) {
            return over(after.multiply(whole), before.add(after))
                    .map(part -> edges.get(first).add(part))
                    .orElse(middle(first, last));
        }
        if (rule.equals("midpoint") || last > first + 1 || times.size() == 1) {
            return middle(first, last);
        }
        if (last == first + 1) {
            return edges.get(last);
        }
        BigDecimal up = height(first).subtract(before);
        BigDecimal down = height(first).subtract(after);
        return edges.get(first).add(up.multiply(whole).divide(up.add(down), DIGITS));
    }

    @Override
    public String toString() {
        return edges + " " + times;
    }
}
