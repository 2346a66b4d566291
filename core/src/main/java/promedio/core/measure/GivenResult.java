package promedio.core.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Operator;
import promedio.core.formula.Symbol;
import promedio.core.measure.GivenMeasure.Check;
import promedio.core.measure.GivenMeasure.Mistake;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.SignificantText;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/** Puts a {@link GivenMeasure} together. */
final class GivenResult {
    /** What a result without a value is worked by: nothing. */
    private static final Formula NOTHING = Formula.number(1).over(Formula.number(0));

    private static final int DIGITS = 6;

    private final String key;
    private final Symbol symbol;
    private final List<Measure.Method> ways = new ArrayList<>();
    private final List<Mistake> mistakes = new ArrayList<>();
    private String question;
    private Sentence label;
    private Traits traits = Traits.of(Measure.Group.CENTRE).from("BOOKS").being(Traits.Known.USUAL);
    private Optional<Check> check = Optional.empty();
    private Optional<Sentence> why = Optional.empty();
    private Sentence note;

    private GivenResult(SampleKind kind, String key, Symbol symbol) {
        this.key = key;
        this.symbol = symbol;
        this.question = key;
        int slash = key.indexOf('/');
        this.label = Sentence.of("measure." + (slash < 0 ? key : key.substring(0, slash)));
        this.note = Sentence.of("note.given." + kind.id());
    }

    /** A result under a key. */
    static GivenResult of(SampleKind kind, String key, Symbol symbol) {
        return new GivenResult(kind, key, symbol);
    }

    /** Of which a convention stands in the key. */
    GivenResult answering(String other) {
        question = other;
        return this;
    }

    GivenResult called(Sentence other) {
        label = other;
        return this;
    }

    GivenResult in(Measure.Group group, Measure.Dimension dimension) {
        traits = Traits.of(group).in(dimension).from("BOOKS").being(Traits.Known.USUAL);
        return this;
    }

    /** Not among what is asked for first. */
    GivenResult besides() {
        traits = new Traits(traits.group(), traits.dimension(), traits.needs(), traits.source(), java.util.Set.of());
        return this;
    }

    /** By a hand method. */
    GivenResult by(String method, Formula body) {
        if (body instanceof Formula.Operation quotient && quotient.operator() == Operator.OVER) {
            slip("not-divided", quotient.operands().get(0));
        }
        ways.add(new Measure.Method(method, body.named(symbol)));
        return this;
    }

    /** By the only hand method. */
    GivenResult as(Formula body) {
        return by("definition", body);
    }

    /** How it comes about, where that is not the same for all of its kind. */
    GivenResult noted(Sentence how) {
        note = how;
        return this;
    }

    /** What has to come out under a symbol when the result is put in. */
    GivenResult checked(Formula body, Symbol under, Exact given) {
        // The letter of what is given stands in the formula for what is given, and before it for what comes out.
        Symbol out = new Symbol("check-" + under.id(), under.notation(), under.counts());
        check = Optional.of(new Check(body.named(out), given));
        return this;
    }

    GivenResult slip(String id, Formula formula) {
        mistakes.add(new Mistake(id, formula.named(symbol)));
        return this;
    }

    GivenResult without(Sentence reason) {
        why = Optional.of(reason);
        return this;
    }

    /** Why what is given cannot be. Figures are short: what does not end soon is cut to a few digits. */
    static Sentence impossible(String what, Object... facts) {
        return Sentence.of(
                "given.impossible." + what,
                Arrays.stream(facts).map(GivenResult::shortly).toArray());
    }

    private static Object shortly(Object fact) {
        boolean ends = fact instanceof Exact exact
                && exact.placesInFull().isPresent()
                && exact.placesInFull().getAsInt() <= DIGITS;
        return fact instanceof Figure figure && !ends ? SignificantText.of(figure, DIGITS) : fact;
    }

    GivenMeasure made() {
        List<Measure.Method> all = ways.isEmpty() ? Measure.only(symbol, NOTHING) : ways;
        return new GivenMeasure(key, question, label, symbol, traits, all, check, mistakes, note, why);
    }
}
