package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import promedio.core.course.Divisor;
import promedio.core.distribution.Curve;
import promedio.core.distribution.Side;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * The test of a mean against a value: Student's t, and how often one as large comes by chance.
 *
 * <p><b>Definition.</b> t = (x̄ − v)/(s/√n) with n − 1 degrees of freedom; p = P(|T| ≥ |t|) on both sides, P(T ≥ t) or P(T ≤ t) on one.
 * <p><b>By hand.</b> 2, 3, 7 against 1: t = 3/(√7/√3) = 1.96 with 2 degrees of freedom.
 * <p><b>Undefined</b> for fewer than two values and where all are equal.
 * <p><b>Source.</b> Student: The Probable Error of a Mean, Biometrika 6 (1908); [NIST] 1.3.5.2 in docs/sources.md.
 *
 * @param what which of them
 * @param against v
 */
public record TestOfMean(What what, Exact against) implements Measure {
    /** What there is of it. */
    public enum What {
        /** t. */
        T("t", Side.BOTH),
        /** p on both sides. */
        BOTH("p", Side.BOTH),
        /** p of a mean as large or larger. */
        GREATER("p-greater", Side.ABOVE),
        /** p of a mean as small or smaller. */
        LESS("p-less", Side.BELOW);

        private final String id;
        private final Side side;

        What(String id, Side side) {
            this.id = id;
            this.side = side;
        }
    }

    /** At least two values that are counted, not all equal. */
    static final List<Need> NEEDS = List.of(Need.COUNTS, Need.TWO, Need.UNEQUAL);
    /** n − 1. */
    static final Formula.Named FREEDOM =
            Symbols.N_LESS_1.named(Symbol.counting("degrees-of-freedom", Notation.letter("ν", "\\nu ", "nu")));
    /** s/√n. */
    static final Formula.Named ERROR =
            StandardDeviation.part(Divisor.SAMPLE).over(Symbols.N.root()).named(new StandardError().symbol());

    /** What a key such as {@code p-greater=50} names; empty where it names none of them. */
    static Optional<Measure> asked(String key) {
        return Arrays.stream(What.values())
                .flatMap(what -> Asked.value(key, what.id).stream().<Measure>map(value -> new TestOfMean(what, value)))
                .findFirst();
    }

    @Override
    public String key() {
        return what.id + "=" + against;
    }

    @Override
    public String id() {
        return what.id;
    }

    @Override
    public String question() {
        return key();
    }

    @Override
    public Sentence label() {
        return Sentence.of("measure." + what.id, against.toString());
    }

    @Override
    public Symbol symbol() {
        return Symbol.of(what.id, Notation.letter(what == What.T ? "t" : "p"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.TEST).in(Dimension.NONE).from("STUDENT-MEAN").needing(NEEDS);
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula t = Mean.PART.minus(number(against)).over(ERROR);
        Formula.Named named = t.named(Symbol.of("t", Notation.letter("t")));
        return Measure.only(
                symbol(), what == What.T ? t : new Formula.Tail(Curve.T, what.side, List.of(named, FREEDOM)));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.of-mean." + what.id);
    }

    @Override
    public Sentence meaning(Outcome outcome, String shown, Exact count) {
        return Sentence.of("meaning.of-mean." + what.id, shown, against.toString());
    }
}
