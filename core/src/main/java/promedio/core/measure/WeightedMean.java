package promedio.core.measure;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;

/**
 * Weighted mean: the mean of values that do not all count the same, with a second column of weights.
 *
 * <p><b>Definition.</b> Σwx / Σw; the weights stand where a frequency table has its frequencies, and may be proportions.
 * <p><b>By hand.</b> 70 with weight 1 and 80 with weight 3 give (70 + 240)/4 = 77.5.
 * <p><b>Undefined</b> without a column of weights.
 * <p><b>Source.</b> Common practice.
 */
public record WeightedMean() implements Measure {
    private static final Need WEIGHTS = new Need(Sample::weighted, promedio.core.sentence.Sentence.of("need.weights"));

    @Override
    public String key() {
        return "weighted-mean";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("weighted-mean", Symbols.indexed(Notation.bar("x"), "w"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE).needing(WEIGHTS).from("BOOKS");
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula body = Mean.PART.body();
        return Measure.only(symbol(), body);
    }
}
