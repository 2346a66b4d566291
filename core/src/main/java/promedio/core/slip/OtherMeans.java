package promedio.core.slip;

import java.math.BigDecimal;
import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;

/** Harmonic, geometric and trimmed means that were left half-way. */
final class OtherMeans {
    private static final int PLACES = 15;

    private OtherMeans() {}

    static List<Changed> notInverted(Asked asked) {
        return asked.asks("harmonic-mean")
                ? asked.value(Formula.number(1).over(asked.formula())).stream()
                        .map(value -> Changed.of("not-inverted", value))
                        .toList()
                : List.of();
    }

    static List<Changed> notAntilogged(Asked asked) {
        if (!asked.asks("geometric-mean")) {
            return List.of();
        }
        return asked.measure().outcome(asked.evaluation()).single().stream()
                .map(OtherMeans::size)
                .filter(size -> size > 0)
                .flatMap(size -> List.of(Math.log10(size), Math.log(size)).stream())
                .map(log -> Changed.of("not-antilogged", Exact.from(BigDecimal.valueOf(log))))
                .toList();
    }

    private static double size(Figure figure) {
        return figure.toPlaces(PLACES, HalfRule.HALF_EVEN).doubleValue();
    }

    /** Trimmed at one end only, or the sum of those kept divided by all. */
    static List<Changed> trimmed(Asked asked, boolean oneEnd) {
        boolean possible = asked.asks("trimmed-mean") && !asked.sample().weighted();
        int n = asked.sample().rows();
        int cut = n / 10;
        if (!possible || cut == 0) {
            return List.of();
        }
        Decimals sorted = asked.sample().values().ascending();
        Exact all = sorted.powerSums(1)[1];
        Exact low = sorted.first(cut).powerSums(1)[1];
        Exact high = all.minus(sorted.first(n - cut).powerSums(1)[1]);
        List<Exact> values = oneEnd
                ? List.of(all.minus(low).over(n - cut), all.minus(high).over(n - cut))
                : List.of(all.minus(low).minus(high).over(n));
        String slip = oneEnd ? "trim-one-end" : "trim-count-kept";
        return values.stream().map(value -> Changed.of(slip, value)).toList();
    }
}
