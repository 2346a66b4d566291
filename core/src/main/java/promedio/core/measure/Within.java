package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Row.F;
import static promedio.core.formula.Row.X;

import java.util.List;
import promedio.core.course.Divisor;
import promedio.core.distribution.Curve;
import promedio.core.distribution.Side;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Rows;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * How many values lie within k standard deviations of the mean, ends included, and what is known of that beforehand.
 *
 * <p><b>Definition.</b> The number or the share of values with |x − x̄| ≤ k·s; the least share that any sample has there, 1 − 1/k²; the
 * share of a normal distribution, P(|Z| ≤ k).
 * <p><b>By hand.</b> 2, 3, 7: x̄ = 4 and s = 2.65, so 2 and 3 lie within one s of it: 2/3.
 * <p><b>Source.</b> Tchebycheff’s inequality, as textbooks have it; [NIST] 1.3.6.6.1 for the normal distribution.
 *
 * @param what which of them
 * @param k how many standard deviations
 * @param divisor of the standard deviation
 */
public record Within(What what, Exact k, Divisor divisor) implements Measure {
    /** What is asked of the values within. */
    public enum What {
        /** Their share of all. */
        SHARE("share"),
        /** Their number. */
        COUNT("count"),
        /** The least share that there is in any sample. */
        LEAST("least"),
        /** The share of a normal distribution. */
        NORMAL("normal");

        private final String id;

        What(String id) {
            this.id = id;
        }

        /** Its word. */
        public String id() {
            return id;
        }
    }

    private static final Need MORE_THAN_ONE = new Need(sample -> false, Sentence.of("need.more-than-one-sd"));

    @Override
    public String key() {
        return question() + "/" + divisor.id();
    }

    @Override
    public String id() {
        return what.id + "-within";
    }

    @Override
    public String question() {
        return id() + "=" + k;
    }

    @Override
    public Sentence label() {
        return Sentence.of("measure." + id(), k.toString());
    }

    @Override
    public Symbol symbol() {
        Notation share = Notation.letter("p");
        return switch (what) {
            case SHARE -> Symbol.of("share-within", share);
            case COUNT -> Symbol.counting("count-within", Symbols.indexed(Notation.letter("n"), "within"));
            case LEAST -> Symbol.of("least-within", Symbols.indexed(share, "least"));
            case NORMAL -> Symbol.of("normal-within", Symbols.indexed(share, "normal"));
        };
    }

    @Override
    public Traits traits() {
        Traits traits = Traits.of(Group.POSITION).in(Dimension.NONE);
        return switch (what) {
            case SHARE, COUNT -> traits.needing(Variance.needs(divisor));
            case LEAST -> k.compareTo(Exact.ONE) > 0 ? traits : traits.needing(MORE_THAN_ONE);
            case NORMAL -> traits;
        };
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula width = number(k).times(StandardDeviation.part(divisor));
        Formula inside = new Formula.Total(F, new Rows.Where(X.minus(Mean.PART).abs(), Rows.Order.UP_TO, width));
        Formula body =
                switch (what) {
                    case SHARE -> inside.over(Symbols.N);
                    case COUNT -> inside;
                    case LEAST -> number(1).minus(number(1).over(number(k).squared()));
                    case NORMAL -> number(1).minus(new Formula.Tail(Curve.NORMAL, Side.BOTH, List.of(number(k))));
                };
        return Measure.only(symbol(), body);
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note." + id(), k.toString());
    }

    @Override
    public Sentence meaning(Outcome outcome, String shown, Exact count) {
        return Sentence.of("meaning." + id(), shown, k.toString());
    }
}
