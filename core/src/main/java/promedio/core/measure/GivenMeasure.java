package promedio.core.measure;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * A quantity of a question that gives figures in place of data: its formula has what is given in it, each figure under its letter.
 *
 * @param key the stable key
 * @param question the question that it answers, without a convention
 * @param label its name as it stands on the page
 * @param symbol its symbol
 * @param traits what it is
 * @param ways its hand methods, the usual one first
 * @param check what is to come out at a figure that is given when the result is put in; empty where nothing is put in
 * @param mistakes what may go wrong on the way
 * @param note how it comes about
 * @param why why it has no value; empty where it has one, as far as the givens go
 */
public record GivenMeasure(
        String key,
        String question,
        Sentence label,
        Symbol symbol,
        Traits traits,
        List<Method> ways,
        Optional<Check> check,
        List<Mistake> mistakes,
        Sentence note,
        Optional<Sentence> why)
        implements Measure {
    /** Copies the lists. */
    public GivenMeasure {
        ways = List.copyOf(ways);
        mistakes = List.copyOf(mistakes);
    }

    /**
     * The result put in where it came from.
     *
     * @param formula what is worked out with the result in it, under the symbol of what is given
     * @param given what it has to come to
     */
    public record Check(Formula.Named formula, Exact given) {}

    /**
     * A mistake that is made with what is given.
     *
     * @param slip its id
     * @param formula what it makes of the formula
     */
    public record Mistake(String slip, Formula formula) {}

    @Override
    public List<Method> methods(Shape shape) {
        return ways;
    }

    @Override
    public String id() {
        return key.equals(question) ? key : Measure.super.id();
    }

    @Override
    public Outcome outcome(Evaluation evaluation) {
        return why.<Outcome>map(Outcome.Undefined::new).orElseGet(() -> Measure.super.outcome(evaluation));
    }

    @Override
    public boolean isDefined(Sample sample) {
        return why.isEmpty() && Measure.super.isDefined(sample);
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return note;
    }

    @Override
    public Sentence meaning(Outcome outcome, String shown, Exact count) {
        return Sentence.of("meaning.given", label, shown);
    }
}
