package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.X;

import java.util.List;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Harmonic mean: the mean of speeds over equal distances.
 *
 * <p><b>Definition.</b> n / Σ(1/x), positive values only.
 * <p><b>By hand.</b> 2 and 6 give 2/(1/2 + 1/6) = 3.
 * <p><b>Source.</b> Common practice.
 */
public record HarmonicMean() implements Measure {
    @Override
    public String key() {
        return "harmonic-mean";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("harmonic-mean", Notation.letter("H"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE).needing(Need.POSITIVE).from("BOOKS");
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(symbol(), Symbols.N.over(total(number(1).over(X))));
    }
}
