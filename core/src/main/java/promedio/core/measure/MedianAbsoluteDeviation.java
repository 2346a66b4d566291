package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Row.X;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Shape;

/**
 * Median absolute deviation: the median of the distances from the median.
 *
 * <p><b>Definition.</b> The median of |x − x̃|, averaging two middle distances.
 * <p><b>By hand.</b> 2, 3, 7: the distances from 3 are 1, 0, 4, their median 1.
 * <p><b>Source.</b> [NIST] 1.3.5.6 in docs/sources.md.
 */
public record MedianAbsoluteDeviation() implements Measure {
    @Override
    public String key() {
        return "median-absolute-deviation";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("median-absolute-deviation", Notation.word("MAD"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SPREAD);
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula distance = X.minus(Median.part(shape)).abs();
        Exact rank = Median.lowerMiddle(shape);
        Formula lower = new Formula.Pick(distance, number(rank));
        return Measure.only(
                symbol(),
                shape.odd()
                        ? lower
                        : lower.plus(new Formula.Pick(distance, number(rank.plus(shape.step()))))
                                .over(number(2)));
    }
}
