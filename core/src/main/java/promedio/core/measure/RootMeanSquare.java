package promedio.core.measure;

import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.X;

import java.util.List;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Root mean square: √(Σx²/n).
 *
 * <p><b>By hand.</b> 1 and 7 give √(50/2) = 5.
 * <p><b>Source.</b> Common practice.
 */
public record RootMeanSquare() implements Measure {
    @Override
    public String key() {
        return "root-mean-square";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("root-mean-square", Notation.word("RMS"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE).from("BOOKS");
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(symbol(), total(X.squared()).over(Symbols.N).root());
    }
}
