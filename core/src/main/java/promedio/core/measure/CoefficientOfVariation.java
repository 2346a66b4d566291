package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.course.CvUnit;
import promedio.core.course.Divisor;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Coefficient of variation: the standard deviation in percent of the mean.
 *
 * <p><b>Definition.</b> 100·s/x̄; as a ratio s/x̄. It keeps the sign of the mean.
 * <p><b>By hand.</b> 2, 3, 7: 100·2.6458/4 = 66.14 %.
 * <p><b>Undefined</b> when the mean is 0.
 * <p><b>Source.</b> [NIST] 1.3.5.6 in docs/sources.md.
 *
 * @param divisor of the standard deviation
 * @param unit percent or ratio
 */
public record CoefficientOfVariation(Divisor divisor, CvUnit unit) implements Measure {
    @Override
    public String key() {
        return "cv/" + divisor.id() + (unit == CvUnit.RATIO ? "/ratio" : "");
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("cv", Notation.word("CV"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SPREAD)
                .in(unit == CvUnit.PERCENT ? Dimension.PERCENT : Dimension.NONE)
                .needing(Variance.needs(divisor));
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula s = StandardDeviation.part(divisor);
        Formula top = unit == CvUnit.PERCENT ? number(100).times(s) : s;
        return Measure.only(symbol(), top.over(Mean.PART));
    }
}
