package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Formula.valueAt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.course.Placement;
import promedio.core.course.QuartileRule;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Lower and upper quartile: a quarter of the values lie below the one, three quarters below the other.
 *
 * <p><b>Definition.</b> As the {@link QuartileRule} says; books differ, and fifteen rules are known here.
 * <p><b>By hand.</b> 2 4 4 7 9 12 15 by halves without the median: Q₁ = 4, Q₃ = 12.
 * <p><b>Undefined</b> by halves without the median for n = 1.
 * <p><b>Source.</b> [HF], [BOOKS] in docs/sources.md.
 *
 * @param quarters 1 for the lower, 3 for the upper
 * @param rule how it is read
 */
public record Quartile(int quarters, QuartileRule rule) implements Measure {
    @Override
    public String key() {
        return "quartile-" + quarters + "/" + rule.id();
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("quartile-" + quarters, Notation.indexed("Q", Integer.toString(quarters)));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.POSITION)
                .needing(needs(rule))
                .from(rule.quantileRule().isPresent() ? "HF" : "BOOKS")
                .being(Traits.Known.USUAL, quarters != 2);
    }

    /** What a rule needs: counted frequencies unless it reads a share of the whole, and two values by halves. */
    static List<Need> needs(QuartileRule rule) {
        List<Need> needs = new ArrayList<>();
        if (rule != QuartileRule.HF1 && rule != QuartileRule.HF2) {
            needs.add(Need.COUNTS);
        }
        if (rule == QuartileRule.HALVES_EXCLUSIVE) {
            needs.add(Need.TWO);
        }
        return needs;
    }

    @Override
    public Formula.Named formula(Shape shape) {
        return Shared.formula(key(), shape, () -> methods(shape).get(0).formula());
    }

    @Override
    public List<Method> methods(Shape shape) {
        if (rule.quantileRule().isPresent()) {
            return Measure.only(symbol(), Quantile.body(rule.quantileRule().get(), Exact.ratio(quarters, 4), shape));
        }
        return Measure.only(symbol(), body(rule.place(shape.count(), Symbols.N, quarters)));
    }

    /** The value at a placement: x at a rank, on the way between two ranks, or the average of two. */
    static Formula body(Placement placement) {
        Formula lower = valueAt(number(placement.rank()));
        if (placement.fraction().signum() == 0) {
            return lower;
        }
        Formula upper = valueAt(number(placement.rank().plus(Exact.ONE)));
        if (!placement.interpolates()) {
            return lower.plus(upper).over(number(2));
        }
        Formula h = placement.position().named(Symbol.counting("position", Notation.letter("h")));
        return lower.plus(h.minus(number(placement.rank())).times(upper.minus(lower)));
    }

    @Override
    public Optional<Sentence> because(Shape shape) {
        if (!rule.byHalves()) {
            return Optional.empty();
        }
        return Optional.of(Sentence.of(
                shape.odd() ? "because." + rule.id() + "-odd" : "because." + rule.id() + "-even",
                shape.count(),
                rule.half(shape.count())));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        if (rule.byHalves()) {
            return Sentence.of(
                    quarters == 1 ? "note.quartile.lower-half" : "note.quartile.upper-half", rule.half(sample.count()));
        }
        if (sample.shape().relative()) {
            return Sentence.of("note.quantile.relative", Exact.ratio(quarters, 4));
        }
        return Quantile.note(rule.place(sample.count(), Symbols.N, quarters), sample);
    }

    /** The rule of the middle quartile that goes with this one: the same definition, or the median. */
    static Formula.Named middle(QuartileRule rule, Shape shape) {
        Symbol q2 = Symbol.of("quartile-2", Notation.indexed("Q", "2"));
        return rule.quantileRule()
                .map(quantile -> Quantile.body(quantile, Exact.HALF, shape).named(q2))
                .orElseGet(() -> Median.part(shape));
    }
}
