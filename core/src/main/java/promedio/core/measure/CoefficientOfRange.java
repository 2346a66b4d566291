package promedio.core.measure;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Coefficient of range: (max − min)/(max + min).
 *
 * <p><b>By hand.</b> 2, 3, 7: 5/9 = 0.56.
 * <p><b>Undefined</b> when the largest and smallest value cancel out.
 * <p><b>Source.</b> Common practice.
 */
public record CoefficientOfRange() implements Measure {
    @Override
    public String key() {
        return "coefficient-of-range";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("coefficient-of-range", Symbols.indexed(Notation.word("coeff"), "R"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SPREAD).in(Dimension.NONE).from("BOOKS");
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula most = Extreme.part(true, shape);
        Formula least = Extreme.part(false, shape);
        return Measure.only(symbol(), most.minus(least).over(most.plus(least)));
    }
}
