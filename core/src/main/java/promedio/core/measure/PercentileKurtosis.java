package promedio.core.measure;

import java.util.List;
import promedio.core.course.PositionRule;
import promedio.core.course.QuantileRule;
import promedio.core.course.QuartileRule;
import promedio.core.formula.Formula;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Percentile coefficient of kurtosis: half the middle half over the middle four fifths.
 *
 * <p><b>Definition.</b> ½(Q₃ − Q₁)/(P₉₀ − P₁₀), all under one rule. About 0.263 for a normal curve.
 * <p><b>Undefined</b> when P₉₀ and P₁₀ are equal.
 * <p><b>Source.</b> [KELLY] in docs/sources.md.
 *
 * @param rule how all four quantiles are read
 */
public record PercentileKurtosis(PositionRule rule) implements Measure {
    @Override
    public String key() {
        return "kurtosis-percentile/" + rule.id();
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("kurtosis-percentile", Symbols.greek("κ", "\\kappa ", "kappa"));
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
        Formula half = new QuartileSpread(QuartileSpread.Kind.DEVIATION, quartiles()).formula(shape);
        Formula wide = Positions.percentile(90, rule, shape).minus(Positions.percentile(10, rule, shape));
        return Measure.only(symbol(), half.over(wide));
    }

    private PositionRule quartiles() {
        return rule instanceof QuantileRule quantile ? QuartileRule.valueOf(quantile.name()) : rule;
    }
}
