package promedio.core.measure;

import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.X;

import java.util.List;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Sum of the values, Σx; of a frequency table Σfx.
 *
 * <p><b>By hand.</b> 2, 3, 7 gives 12.
 * <p><b>Source.</b> Common practice.
 */
public record Sum() implements Measure {
    @Override
    public String key() {
        return "sum";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("sum", Notation.letter("T"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE).from("BOOKS");
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(symbol(), total(X));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.sum", sample.count());
    }
}
