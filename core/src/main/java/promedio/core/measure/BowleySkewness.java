package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.course.PositionRule;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Bowley’s coefficient of skewness: the lean of the middle half.
 *
 * <p><b>Definition.</b> (Q₃ + Q₁ − 2·Q₂)/(Q₃ − Q₁), with Q₂ under the same rule, or the median for rules by halves and by
 * (n + 1)p.
 * <p><b>Reading it.</b> Between −1 and 1.
 * <p><b>By hand.</b> Q₁ = 4, x̃ = 7, Q₃ = 12: (16 − 14)/8 = 0.25.
 * <p><b>Undefined</b> when the quartiles are equal.
 * <p><b>Source.</b> [BOWLEY] in docs/sources.md.
 *
 * @param rule how the quartiles are read
 */
public record BowleySkewness(PositionRule rule) implements Skew {
    @Override
    public String key() {
        return "skewness-bowley/" + rule.id();
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("skewness-bowley", Notation.indexed("Sk", "B"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SHAPE)
                .in(Dimension.NONE)
                .needing(Positions.needs(rule))
                .from("BOWLEY")
                .being(Traits.Known.USUAL);
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula upper = Positions.quartile(3, rule, shape);
        Formula lower = Positions.quartile(1, rule, shape);
        Formula middle = Positions.middle(rule, shape);
        return Measure.only(
                symbol(), upper.plus(lower).minus(number(2).times(middle)).over(upper.minus(lower)));
    }
}
