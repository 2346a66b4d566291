package promedio.core.measure;

import java.util.List;
import promedio.core.course.DeviationCentre;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Coefficient of mean deviation: the mean deviation as a share of what it is taken from.
 *
 * <p><b>Definition.</b> MD/x̄, or the mean deviation from the median over the median.
 * <p><b>By hand.</b> 2, 3, 7: 2/4 = 0.5 from the mean.
 * <p><b>Undefined</b> when that centre is 0.
 * <p><b>Source.</b> Common practice.
 *
 * @param centre what the deviation is taken from
 */
public record CoefficientOfMeanDeviation(DeviationCentre centre) implements Measure {
    @Override
    public String key() {
        return centre == DeviationCentre.MEAN
                ? "coefficient-of-mean-deviation"
                : "coefficient-of-mean-deviation-median";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of(key(), Symbols.indexed(Notation.word("coeff"), "MD"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SPREAD).in(Dimension.NONE).from("BOOKS");
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(symbol(), MeanDeviation.part(centre, shape).over(MeanDeviation.centre(centre, shape)));
    }
}
