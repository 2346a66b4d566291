package promedio.core.course;

import static promedio.core.formula.Formula.number;

import java.math.BigInteger;
import java.util.Locale;
import promedio.core.formula.Formula;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;

/**
 * Definitions 1 to 9 of a sample quantile.
 *
 * <p><b>Source.</b> [HF] Hyndman and Fan 1996 in docs/sources.md. Positions are exact, so that “is whole” is decided
 * without rounding error, and are held within 1 … n.
 */
public enum QuantileRule implements PositionRule {
    /** The value at ⌈np⌉. */
    HF1,
    /** As 1, but the average of two values when np is whole. */
    HF2,
    /** The value nearest to np, a tie to the even position. */
    HF3,
    /** Position np. */
    HF4,
    /** Position np + ½. */
    HF5,
    /** Position (n + 1)p. */
    HF6,
    /** Position (n − 1)p + 1. */
    HF7,
    /** Position (n + ⅓)p + ⅓. */
    HF8,
    /** Position (n + ¼)p + ⅜. */
    HF9;

    @Override
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The rule's position h as a formula in n: (n + 1) · p for definition 6. */
    public Formula position(Formula n, Exact p) {
        Formula share = number(p);
        return switch (this) {
            case HF1, HF2, HF3, HF4 -> n.times(share);
            case HF5 -> n.times(share).plus(number(Exact.HALF));
            case HF6 -> n.plus(number(1)).times(share);
            case HF7 -> n.minus(number(1)).times(share).plus(number(1));
            case HF8 -> n.plus(number(Exact.ratio(1, 3))).times(share).plus(number(Exact.ratio(1, 3)));
            case HF9 -> n.plus(number(Exact.ratio(1, 4))).times(share).plus(number(Exact.ratio(3, 8)));
        };
    }

    private Exact position(Exact n, Exact p) {
        Exact np = n.times(p);
        return switch (this) {
            case HF1, HF2, HF3, HF4 -> np;
            case HF5 -> np.plus(Exact.HALF);
            case HF6 -> np.plus(p);
            case HF7 -> np.minus(p).plus(Exact.ONE);
            case HF8 -> np.plus(p.plus(Exact.ONE).over(3));
            case HF9 -> np.plus(p.over(4)).plus(Exact.ratio(3, 8));
        };
    }

    /** Where the p-quantile of n values is read. */
    public Placement place(Exact count, Formula n, Exact p) {
        Exact h = position(count, p);
        Formula formula = position(n, p);
        return switch (this) {
            case HF1 -> at(Exact.of(h.ceiling()), count, formula);
            case HF2 ->
                h.isWhole() && h.compareTo(Exact.ONE) >= 0 && h.compareTo(count) < 0
                        ? new Placement(h, Exact.HALF, false, formula)
                        : at(Exact.of(h.ceiling()), count, formula);
            case HF3 -> at(h.rounded(0, HalfRule.HALF_EVEN), count, formula);
            default -> between(h, count, formula);
        };
    }

    private static Placement at(Exact rank, Exact count, Formula formula) {
        return new Placement(held(rank, count), Exact.ZERO, false, formula);
    }

    static Placement between(Exact position, Exact count, Formula formula) {
        Exact h = held(position, count);
        BigInteger lower = h.floor();
        return new Placement(Exact.of(lower), h.minus(Exact.of(lower)), true, formula);
    }

    private static Exact held(Exact position, Exact count) {
        if (position.compareTo(Exact.ONE) < 0) {
            return Exact.ONE;
        }
        return position.compareTo(count) > 0 ? count : position;
    }
}
