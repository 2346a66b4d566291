package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.course.PositionRule;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Kelly’s coefficient of skewness: the lean of the middle four fifths.
 *
 * <p><b>Definition.</b> (P₉₀ + P₁₀ − 2·P₅₀)/(P₉₀ − P₁₀), all three under one rule.
 * <p><b>Undefined</b> when P₉₀ and P₁₀ are equal.
 * <p><b>Source.</b> [KELLY] in docs/sources.md.
 *
 * @param rule how the percentiles are read
 */
public record KellySkewness(PositionRule rule) implements Skew {
    @Override
    public String key() {
        return "skewness-kelly/" + rule.id();
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("skewness-kelly", Notation.indexed("Sk", "K"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SHAPE)
                .in(Dimension.NONE)
                .needing(Positions.needs(rule))
                .from("KELLY");
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula upper = Positions.percentile(90, rule, shape);
        Formula lower = Positions.percentile(10, rule, shape);
        Formula middle = Positions.percentile(50, rule, shape);
        return Measure.only(
                symbol(), upper.plus(lower).minus(number(2).times(middle)).over(upper.minus(lower)));
    }
}
