package promedio.core.measure;

import java.util.List;
import promedio.core.course.OutlierRule;
import promedio.core.course.QuartileRule;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Outliers: the different values beyond the fences, ascending.
 *
 * <p><b>By hand.</b> 2 4 4 7 9 12 30: Q₁ = 4, Q₃ = 12, fences −8 and 24, so 30 is an outlier.
 * <p><b>Undefined</b> when no value lies beyond them: “none” is then the answer.
 * <p><b>Source.</b> [NIST] 7.1.6 in docs/sources.md.
 *
 * @param fences how far out the fences stand
 * @param rule how the quartiles are read
 */
public record Outliers(OutlierRule fences, QuartileRule rule) implements Measure {
    private Fence fence(boolean upper) {
        return new Fence(upper, fences, rule);
    }

    @Override
    public String key() {
        return fence(true).key().replace("fence-upper", "outliers");
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("outliers", Notation.word("outliers"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.POSITION).needing(fence(true).traits().needs()).being(Traits.Known.ANY_NUMBER);
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(
                symbol(),
                new Formula.Beyond(fence(false).formula(shape), fence(true).formula(shape)));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return outcome.figures().size() == 1
                ? Sentence.of("note.outliers.one")
                : Sentence.of("note.outliers.several", outcome.figures().size());
    }
}
