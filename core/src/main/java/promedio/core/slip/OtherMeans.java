package promedio.core.slip;

import java.math.BigDecimal;
import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Row;
import promedio.core.formula.Rows;
import promedio.core.measure.TrimmedMean;
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
        Exact n = asked.count();
        Exact cut = asked.measure() instanceof TrimmedMean mean
                ? Exact.of(n.times(mean.share()).floor())
                : Exact.ZERO;
        if (cut.signum() == 0) {
            return List.of();
        }
        Formula count = new Formula.Count();
        List<Formula> formulas = oneEnd
                ? List.of(
                        kept(cut.plus(Exact.ONE), n).over(count.minus(Formula.number(cut))),
                        kept(Exact.ONE, n.minus(cut)).over(count.minus(Formula.number(cut))))
                : List.of(kept(cut.plus(Exact.ONE), n.minus(cut)).over(count));
        String slip = oneEnd ? "trim-one-end" : "trim-count-kept";
        return formulas.stream()
                .flatMap(formula -> asked.value(formula).stream())
                .map(way -> Changed.of(slip, way))
                .toList();
    }

    private static Formula kept(Exact from, Exact to) {
        return Formula.total(Row.X, new Rows.Ranks(from, to));
    }
}
