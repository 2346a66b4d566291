package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.course.Divisor;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Pearson’s coefficients of skewness: how far the mean lies from the mode or the median, in standard deviations.
 *
 * <p><b>Definition.</b> First: (x̄ − Mo)/s, defined only for a single mode. Second: 3(x̄ − x̃)/s.
 * <p><b>Reading it.</b> Positive for a longer tail to the right; 0 for a symmetrical list.
 * <p><b>By hand.</b> 2, 3, 7: 3·(4 − 3)/√7 = 1.13.
 * <p><b>Undefined</b> when all values are equal.
 * <p><b>Source.</b> [YULE] in docs/sources.md.
 *
 * @param byMode whether it is the first, by the mode
 * @param divisor of the standard deviation
 */
public record PearsonSkewness(boolean byMode, Divisor divisor) implements Skew {
    @Override
    public String key() {
        return id() + "/" + divisor.id();
    }

    @Override
    public Symbol symbol() {
        return Symbol.of(id(), Notation.indexed("Sk", byMode ? "1" : "2"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SHAPE)
                .in(Dimension.NONE)
                .needing(
                        divisor == Divisor.SAMPLE
                                ? List.of(Need.COUNTS, Need.TWO, Need.UNEQUAL)
                                : List.of(Need.UNEQUAL))
                .from("YULE");
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula s = StandardDeviation.part(divisor);
        return Measure.only(
                symbol(),
                byMode
                        ? Mean.PART.minus(Mode.part(shape)).over(s)
                        : number(3).times(Mean.PART.minus(Median.part(shape))).over(s));
    }

    @Override
    public String id() {
        return byMode ? "skewness-pearson-mode" : "skewness-pearson-median";
    }
}
