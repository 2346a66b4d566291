package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.course.Divisor;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Standard score of a value: how many standard deviations it lies above the mean.
 *
 * <p><b>Definition.</b> z = (v − x̄)/s with the card’s divisor.
 * <p><b>By hand.</b> 2, 3, 7: 7 has (7 − 4)/√7 = 1.13.
 * <p><b>Undefined</b> when all values are equal.
 * <p><b>Source.</b> [NIST] 1.3.5.17 in docs/sources.md.
 *
 * @param value the value
 * @param divisor of the standard deviation
 */
public record ZScore(Exact value, Divisor divisor) implements Measure {
    @Override
    public String key() {
        return "z-score=" + value + "/" + divisor.id();
    }

    @Override
    public String question() {
        return id() + "=" + value;
    }

    @Override
    public Sentence label() {
        return Sentence.of("measure." + id(), value.toString());
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("z-score", Notation.letter("z"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.POSITION)
                .in(Dimension.NONE)
                .needing(
                        divisor == Divisor.SAMPLE
                                ? List.of(Need.COUNTS, Need.TWO, Need.UNEQUAL)
                                : List.of(Need.UNEQUAL));
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(symbol(), number(value).minus(Mean.PART).over(StandardDeviation.part(divisor)));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.z-score", value);
    }

    @Override
    public String id() {
        return "z-score";
    }
}
