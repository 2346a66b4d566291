package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.course.ModeTies;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Mode: every value with the highest frequency.
 *
 * <p><b>Definition.</b> None when all frequencies are equal and there is more than one distinct value. With several, the
 * course takes all, none, or the empirical relation 3 · median − 2 · mean ({@code mode/empirical}).
 * <p><b>By hand.</b> 12, 15, 15, 18 gives 15; 2, 2, 7, 7, 9 gives 2 and 7.
 * <p><b>Source.</b> [NIST] 1.3.5.1; [YULE] for the empirical relation, in docs/sources.md.
 *
 * @param ties what is done when several values are equally frequent
 */
public record Mode(ModeTies ties) implements Measure {
    private static final Symbol SYMBOL = Symbol.of("mode", Notation.word("Mo"));
    private static final Formula.Named PART = new Formula.Commonest().named(SYMBOL);

    /** The single mode as a part of other formulas; of a class table the interpolated one. */
    static Formula.Named part(Shape shape) {
        return shape.grouped() ? ModeOfClasses.part(shape) : PART;
    }

    @Override
    public String key() {
        return ties == ModeTies.ALL ? "mode" : "mode/" + ties.id();
    }

    @Override
    public Symbol symbol() {
        return SYMBOL;
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE).being(Traits.Known.USUAL).being(Traits.Known.ANY_NUMBER);
    }

    @Override
    public List<Method> methods(Shape shape) {
        if (ties == ModeTies.EMPIRICAL) {
            return Measure.only(
                    SYMBOL, number(3).times(Median.part(shape)).minus(number(2).times(Mean.PART)));
        }
        return List.of(new Method("definition", PART));
    }

    @Override
    public Outcome outcome(Evaluation evaluation) {
        Outcome outcome = Measure.super.outcome(evaluation);
        return ties == ModeTies.NONE && outcome.figures().size() > 1
                ? new Outcome.Undefined(
                        Sentence.of("undefined.mode-ties", outcome.figures().size()))
                : outcome;
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        if (ties == ModeTies.EMPIRICAL) {
            return Sentence.of("note.mode.empirical");
        }
        Exact times = sample.ranking().highestWeight();
        return outcome.figures().size() > 1
                ? Sentence.of("note.mode.several", outcome.figures().size(), times)
                : Sentence.of(times.equals(Exact.ONE) ? "note.mode.once" : "note.mode.one", times);
    }
}
