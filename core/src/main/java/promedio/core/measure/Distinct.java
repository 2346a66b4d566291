package promedio.core.measure;

import java.util.List;
import promedio.core.formula.Counted;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Shape;

/**
 * How many different values there are.
 *
 * <p><b>By hand.</b> 12, 15, 15, 18 has 3.
 * <p><b>Source.</b> Common practice.
 */
public record Distinct() implements Measure {
    @Override
    public String key() {
        return "distinct";
    }

    @Override
    public Symbol symbol() {
        return Symbol.counting("distinct", Notation.letter("k"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE).in(Dimension.NONE).from("BOOKS").being(Traits.Known.COMMONPLACE);
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(symbol(), new Formula.Count(Counted.DISTINCT, Exact.ZERO));
    }
}
