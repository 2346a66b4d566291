package promedio.core.slip;

import static promedio.core.slip.Asked.bare;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import promedio.core.course.GroupedPosition;
import promedio.core.formula.Formula;
import promedio.core.formula.Operator;
import promedio.core.formula.Patterns;
import promedio.core.formula.Row;
import promedio.core.measure.GroupedQuantile;
import promedio.core.number.Exact;

/** Squares in the wrong place, of the wrong thing, or missing. */
final class Squares {
    private static final Formula SUM = Formula.total(Row.X);
    private static final Formula SQUARES = Formula.total(Row.X.squared());
    private static final Formula N = new Formula.Count();

    private Squares() {}

    /** A total of squared deviations, Σf(x − c)². */
    private static Optional<Formula> deviation(Formula part) {
        return bare(part) instanceof Formula.Total total
                ? Patterns.counted(total.each())
                        .filter(each -> each instanceof Formula.Operation power
                                && power.operator() == Operator.POWER
                                && Patterns.deviationFrom(power.operands().get(0))
                                        .isPresent())
                        .map(each -> each.parts().get(0))
                : Optional.empty();
    }

    private static boolean isSquares(Formula part) {
        return part instanceof Formula.Total && deviation(part).isPresent();
    }

    private static List<Changed> deviations(Asked asked, String slip, UnaryOperator<Formula> each) {
        if (!asked.squares()) {
            return List.of();
        }
        return asked
                .replacing(Squares::isSquares, part -> deviation(part).map(d -> Formula.total(each.apply(d))))
                .stream()
                .map(value -> Changed.of(slip, value))
                .toList();
    }

    static List<Changed> absolute(Asked asked) {
        return deviations(asked, "absolute-for-square", Formula::abs);
    }

    static List<Changed> doubled(Asked asked) {
        return deviations(asked, "doubled-for-square", d -> Formula.number(2).times(d.abs()));
    }

    static List<Changed> aboutMedian(Asked asked) {
        if (!asked.squares() || !asked.hasRows()) {
            return List.of();
        }
        if (asked.sample().classes().isPresent()) {
            return GroupedQuantile.median(GroupedPosition.PN)
                    .outcome(asked.evaluation())
                    .single()
                    .filter(Exact.class::isInstance)
                    .map(median -> Formula.number((Exact) median))
                    .map(median -> deviations(
                            asked, "about-median", d -> Row.X.minus(median).squared()))
                    .orElse(List.of());
        }
        Exact n = asked.count();
        // Of shares the median is the value at which half of them is reached.
        boolean shares = asked.sample().shape().relative();
        Exact middle = shares ? n.half() : n.plus(Exact.ONE).half();
        Exact first = shares || middle.compareTo(Exact.ONE) < 0 ? middle : Exact.of(middle.floor());
        Exact low = asked.sample().ranking().at(!shares && first.compareTo(Exact.ONE) < 0 ? Exact.ONE : first);
        Exact high = asked.sample().ranking().at(shares ? middle : Exact.of(middle.ceiling()));
        Formula median = Formula.number(low.plus(high).half());
        return deviations(asked, "about-median", d -> Row.X.minus(median).squared());
    }

    static List<Changed> signsKept(Asked asked) {
        return asked.asks("mean-deviation", "mean-deviation-median")
                ? asked
                        .everywhere(part -> part instanceof Formula.Operation abs && abs.operator() == Operator.ABS
                                ? Optional.of(abs.operands().get(0))
                                : Optional.empty())
                        .map(value -> Changed.of("signs-kept", value))
                        .stream()
                        .toList()
                : List.of();
    }

    /** What stands in place of the variance in a formula that rests on one. */
    private static List<Changed> inPlaceOfVariance(Asked asked, String slip, List<Formula> variances) {
        if (!asked.squares()) {
            return List.of();
        }
        List<Way> figures = new ArrayList<>();
        for (Formula variance : variances) {
            asked.everywhere(part -> part instanceof Formula.Named named
                                    && named.symbol().id().startsWith("variance-")
                            ? Optional.of(variance)
                            : Optional.empty())
                    .ifPresent(figures::add);
        }
        return figures.stream().map(value -> Changed.of(slip, value)).toList();
    }

    private static Formula below(Asked asked) {
        return asked.measure().key().contains("sample") ? N.minus(Formula.number(1)) : N;
    }

    static List<Changed> meanNotSquared(Asked asked) {
        Formula mean = SUM.over(N);
        return inPlaceOfVariance(
                asked,
                "mean-not-squared",
                asked.measure().key().contains("sample")
                        ? List.of(
                                SQUARES.minus(N.times(mean)).over(below(asked)),
                                SQUARES.over(N).minus(mean))
                        : List.of(SQUARES.over(N).minus(mean)));
    }

    static List<Changed> correctionOmitted(Asked asked) {
        return inPlaceOfVariance(
                asked, "correction-omitted", List.of(SQUARES.over(N), SQUARES.over(N.minus(Formula.number(1)))));
    }

    static List<Changed> correctionUndivided(Asked asked) {
        return inPlaceOfVariance(
                asked,
                "correction-undivided",
                List.of(SQUARES.minus(SUM.squared()).over(below(asked))));
    }

    static List<Changed> squareOfSum(Asked asked) {
        Formula below = below(asked);
        List<Changed> changed = new ArrayList<>(inPlaceOfVariance(
                asked,
                "square-of-sum",
                List.of(
                        SUM.squared().minus(SUM.squared().over(N)).over(below),
                        SQUARES.minus(SQUARES.over(N)).over(below))));
        if (asked.asks("root-mean-square")) {
            asked.value(SUM.squared().over(N).root())
                    .ifPresent(value -> changed.add(Changed.of("square-of-sum", value)));
        }
        return changed;
    }

    static List<Changed> fxSquared(Asked asked) {
        if (!asked.sample().weighted()) {
            return List.of();
        }
        Formula squares = new Formula.Total(Row.F.times(Row.X).squared(), new promedio.core.formula.Rows.All());
        return inPlaceOfVariance(
                asked,
                "fx-squared",
                List.of(squares.minus(SUM.squared().over(N)).over(below(asked))));
    }
}
