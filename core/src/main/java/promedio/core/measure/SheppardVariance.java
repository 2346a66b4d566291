package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.stream.Stream;
import promedio.core.course.Divisor;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Variance of a class table, or its root, with Sheppard’s correction for grouping.
 *
 * <p><b>Definition.</b> s² − h²/12, h the common width of the classes: taking values at midpoints makes s² too large by
 * about that much.
 * <p><b>Undefined</b> when widths differ, and when it would be below 0.
 * <p><b>Source.</b> [SHEPPARD] in docs/sources.md.
 *
 * @param divisor n − 1 or n
 * @param root whether it is the standard deviation
 */
public record SheppardVariance(Divisor divisor, boolean root) implements Measure {
    private static final Symbol CORRECTED =
            Symbol.of("variance-corrected", new Notation.Raised(letter(), Notation.numeral("2")));

    private static final Need EQUAL_WIDTHS = new Need(
            sample -> sample.isOpenEnded()
                    || sample.shape()
                            .grouping()
                            .flatMap(grouping -> grouping.width())
                            .isPresent(),
            Sentence.of("need.equal-widths"));

    @Override
    public String key() {
        return (root ? "sd-" : "variance-") + divisor.id() + "/sheppard";
    }

    @Override
    public String question() {
        return root ? "sd" : "variance";
    }

    @Override
    public Symbol symbol() {
        return root ? Symbol.of("sd-corrected", letter()) : CORRECTED;
    }

    private static Notation letter() {
        return Notation.indexed("s", "c");
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SPREAD)
                .in(root ? Dimension.UNIT : Dimension.SQUARED)
                .needing(Stream.concat(Variance.needs(divisor).stream(), Stream.of(EQUAL_WIDTHS))
                        .toList())
                .from("SHEPPARD")
                .being(Traits.Known.USUAL);
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula h = Mean.step(shape).orElseGet(() -> number(1));
        Formula variance = Variance.part(divisor).minus(h.squared().over(number(12)));
        return Measure.only(symbol(), root ? variance.named(CORRECTED).root() : variance);
    }

    @Override
    public Outcome outcome(Evaluation evaluation) {
        Outcome plain = new Variance(divisor).outcome(evaluation);
        Outcome corrected =
                root ? new SheppardVariance(divisor, false).outcome(evaluation) : Measure.super.outcome(evaluation);
        boolean below = !root
                && plain.single().isPresent()
                && corrected.single().filter(figure -> figure.signum() < 0).isPresent();
        if (below) {
            return new Outcome.Undefined(Sentence.of("undefined.sheppard"));
        }
        return root && corrected.single().isPresent() ? Measure.super.outcome(evaluation) : corrected;
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.sheppard." + divisor.id());
    }
}
