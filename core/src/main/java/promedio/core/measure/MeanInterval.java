package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.Optional;
import promedio.core.distribution.Curve;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * An end of the interval that holds the mean of the whole population with a given confidence.
 *
 * <p><b>Definition.</b> x̄ ∓ t·s/√n, t with the share (1 − level)/2 above it, of n − 1 degrees of freedom.
 * <p><b>By hand.</b> 2, 3, 7 at 95 %: 4 ∓ 4.303·√7/√3 = −2.57 and 10.57.
 * <p><b>Undefined</b> for fewer than two values and where all are equal.
 * <p><b>Source.</b> Student: The Probable Error of a Mean, Biometrika 6 (1908); [NIST] 1.3.5.2 in docs/sources.md.
 *
 * @param upper whether it is the upper end
 * @param level the confidence, between 0 and 1
 */
public record MeanInterval(boolean upper, Exact level) implements Measure {
    /** The end that a key such as {@code interval-lower=0.95} names; empty where it names none, or no level between 0 and 1. */
    static Optional<Measure> asked(String key) {
        for (boolean upper : new boolean[] {false, true}) {
            Optional<Exact> level =
                    Asked.value(key, id(upper)).filter(share -> share.signum() > 0 && share.compareTo(Exact.ONE) < 0);
            if (level.isPresent()) {
                return Optional.of(new MeanInterval(upper, level.get()));
            }
        }
        return Optional.empty();
    }

    private static String id(boolean upper) {
        return upper ? "interval-upper" : "interval-lower";
    }

    @Override
    public String key() {
        return id() + "=" + level;
    }

    @Override
    public String id() {
        return id(upper);
    }

    @Override
    public String question() {
        return key();
    }

    @Override
    public Sentence label() {
        return Sentence.of("measure." + id(), percent());
    }

    private String percent() {
        return level.times(Exact.of(100)).toString();
    }

    @Override
    public Symbol symbol() {
        return Symbol.of(id(), Symbols.indexed(Symbols.greek("μ", "\\mu ", "mu"), upper ? "upper" : "lower"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.TEST).from("STUDENT-MEAN").needing(TestOfMean.NEEDS);
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula.Named share = number(1)
                .minus(number(level))
                .over(number(2))
                .named(Symbol.counting(
                        "share-beyond",
                        new Notation.Fraction(Symbols.greek("α", "\\alpha ", "alpha"), Notation.letter("2"))));
        Formula.Named cut = new Formula.Cut(Curve.T, List.of(share, TestOfMean.FREEDOM))
                .named(Symbol.of("critical-t", Notation.letter("t")));
        Formula reach = cut.times(TestOfMean.ERROR);
        return Measure.only(symbol(), upper ? Mean.PART.plus(reach) : Mean.PART.minus(reach));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note." + id());
    }

    @Override
    public Sentence meaning(Outcome outcome, String shown, Exact count) {
        return Sentence.of("meaning." + id(), shown, percent());
    }
}
