package promedio.core.measure;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * How many values there are, n; of a table Σf.
 *
 * <p><b>By hand.</b> 12, 15, 15, 18 has 4.
 * <p><b>Undefined</b> for proportions, which are not counted.
 * <p><b>Source.</b> Common practice.
 */
public record NumberOfValues() implements Measure {
    @Override
    public String key() {
        return "count";
    }

    @Override
    public Symbol symbol() {
        return Symbol.counting("count", Notation.letter("n"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE)
                .in(Dimension.NONE)
                .needing(Need.COUNTS)
                .from("BOOKS")
                .being(Traits.Known.COMMONPLACE);
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(symbol(), new Formula.Count());
    }
}
