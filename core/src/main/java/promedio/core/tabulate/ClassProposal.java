package promedio.core.tabulate;

import java.math.BigInteger;
import java.util.Optional;
import promedio.core.course.CardKey;
import promedio.core.course.Closed;
import promedio.core.course.CourseCard;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;

/** Proposes classes with round numbers: how many by a rule of thumb, how wide by 1, 2, 2.5 or 5 · 10ᵏ. */
public final class ClassProposal {
    private static final Exact[] ROUND = {Exact.ONE, Exact.TWO, Exact.ratio(5, 2), Exact.of(5)};
    private static final int MOST_CLASSES = 1_000;

    private ClassProposal() {}

    /** The rules of thumb for how many classes there are to be. */
    public enum Rule {
        /** ⌈1 + log₂ n⌉. */
        STURGES,
        /** The smallest k with 2ᵏ ≥ n. */
        POWER_OF_TWO,
        /** ⌈√n⌉. */
        ROOT,
        /** Widths of at least 2 · IQR/∛n. */
        FREEDMAN_DIACONIS
    }

    /**
     * Classes for a sample.
     *
     * @param interquartileRange for the last rule
     */
    public static Tabulation of(Sample sample, Rule rule, CourseCard card, Optional<Figure> interquartileRange) {
        Exact least = sample.ranking().distinct().at(0);
        Exact most = sample.ranking().distinct().at(sample.ranking().distinct().size() - 1);
        Exact range = most.minus(least);
        double asked = rule == Rule.FREEDMAN_DIACONIS
                ? interquartileRange.map(Figure::toDouble).orElse(0.0)
                        * 2
                        / Math.cbrt(sample.count().toDouble())
                : 0;
        Exact widest = asked > 0
                ? Exact.from(java.math.BigDecimal.valueOf(asked))
                : range.over(Exact.of(classes(sample.count(), rule)));
        return round(sample, widest, card.get(CardKey.CLOSED));
    }

    /** Classes at least so wide, of a round width, from a multiple of it below the least value. */
    private static Tabulation round(Sample sample, Exact least, Closed closed) {
        Exact from = sample.ranking().distinct().at(0);
        Exact to = sample.ranking().distinct().at(sample.ranking().distinct().size() - 1);
        Exact width = width(sample.recordingUnit(), least);
        while (to.minus(from).over(width).compareTo(Exact.of(MOST_CLASSES)) > 0) {
            width = width.times(2);
        }
        Exact start = Exact.of(from.over(width).floor()).times(width);
        if (closed == Closed.RIGHT && start.equals(from)) {
            start = start.minus(width);
        }
        Exact steps = to.minus(start).over(width);
        BigInteger count = closed == Closed.LEFT ? steps.floor().add(BigInteger.ONE) : steps.ceiling();
        return Tabulation.of(start, width, Math.max(1, count.intValueExact()), false);
    }

    /** The smallest of 1, 2, 2.5, 5 · 10ᵏ that is a whole multiple of the recording unit, and at least as asked. */
    static Exact width(Exact unit, Exact least) {
        int exponent = (least.signum() > 0 ? least.magnitude() : unit.magnitude()) - 1;
        for (int k = exponent; ; k++) {
            for (Exact round : ROUND) {
                Exact width = round.times(
                        k < 0
                                ? Exact.ONE.over(Exact.of(10).power(-k))
                                : Exact.of(10).power(k));
                if (width.compareTo(least) >= 0 && width.over(unit).isWhole()) {
                    return width;
                }
            }
        }
    }

    /** How many classes a rule asks for. */
    static int classes(Exact count, Rule rule) {
        BigInteger n = count.ceiling().max(BigInteger.ONE);
        int log = n.subtract(BigInteger.ONE).bitLength();
        return switch (rule) {
            case STURGES, FREEDMAN_DIACONIS -> 1 + log;
            case POWER_OF_TWO -> Math.max(1, log);
            case ROOT -> {
                BigInteger root = n.sqrt();
                yield root.multiply(root).equals(n)
                        ? root.intValueExact()
                        : root.add(BigInteger.ONE).intValueExact();
            }
        };
    }
}
