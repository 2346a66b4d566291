package promedio.core.measure;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Geometric mean: the nth root of the product, the mean of growth factors.
 *
 * <p><b>Definition.</b> (Πx)^(1/n), positive values only. Leaves the ratios, so it is an approximation.
 * <p><b>By hand.</b> 2 and 8 give √16 = 4.
 * <p><b>Source.</b> Common practice.
 */
public record GeometricMean() implements Measure {
    @Override
    public String key() {
        return "geometric-mean";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("geometric-mean", Notation.letter("G"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE).needing(Need.POSITIVE).from("BOOKS");
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(symbol(), new Formula.RootOfProduct());
    }
}
