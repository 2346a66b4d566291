package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Midrange: half way between the smallest and the largest value, (min + max)/2.
 *
 * <p><b>By hand.</b> 2, 3, 7 gives 4.5.
 * <p><b>Source.</b> [NIST] 1.3.5.1 in docs/sources.md.
 */
public record Midrange() implements Measure {
    @Override
    public String key() {
        return "midrange";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("midrange", Notation.word("MR"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE).from("BOOKS");
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(
                symbol(),
                Extreme.part(false, shape).plus(Extreme.part(true, shape)).over(number(2)));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of(
                "note.midrange",
                sample.ranking().at(sample.shape().step()),
                sample.ranking().at(sample.count()));
    }
}
