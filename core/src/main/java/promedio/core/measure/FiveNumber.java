package promedio.core.measure;

import java.util.List;
import promedio.core.course.QuartileRule;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Five-number summary: smallest value, lower quartile, median, upper quartile, largest value.
 *
 * <p><b>By hand.</b> 2 4 4 7 9 12 15 by halves without the median: 2; 4; 7; 12; 15.
 * <p><b>Source.</b> [NIST] 7.1.6 in docs/sources.md.
 *
 * @param rule how the quartiles are read
 */
public record FiveNumber(QuartileRule rule) implements Measure {
    @Override
    public String key() {
        return "five-number/" + rule.id();
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("five-number", Notation.word("summary"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.POSITION).needing(Quartile.needs(rule));
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(
                symbol(),
                new Formula.Series(List.of(
                        new Extreme(false).formula(shape),
                        new Quartile(1, rule).formula(shape),
                        Median.part(shape),
                        new Quartile(3, rule).formula(shape),
                        new Extreme(true).formula(shape))));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.five-number");
    }
}
