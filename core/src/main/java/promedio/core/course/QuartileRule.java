package promedio.core.course;

import java.math.BigInteger;
import java.util.Locale;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.number.Exact;

/**
 * How quartiles are read: definitions 1 to 9 of a quantile, and the rules of textbooks by halves of the list or by the
 * position (n + 1)p.
 *
 * <p><b>Source.</b> [HF] for the first nine; [BOOKS] for the others, in docs/sources.md.
 */
public enum QuartileRule implements PositionRule {
    /** Medians of the two halves; for odd n the median belongs to neither. Undefined for n = 1. */
    HALVES_EXCLUSIVE,
    /** Medians of the two halves; for odd n the median belongs to both. */
    HALVES_INCLUSIVE,
    /** The value at ⌈h⌉, h = (n + 1)p: where the cumulative frequency reaches h. */
    N1_UP,
    /** The value nearest to (n + 1)p; a half averages the two. */
    N1_NEAREST,
    /** The value nearest to (n + 1)p; a half goes towards the median. */
    N1_INWARD,
    /** The value at (n + 1)p, or the average of its neighbours when that is not whole. */
    N1_MIDWAY,
    /** Definition 1. */
    HF1,
    /** Definition 2. */
    HF2,
    /** Definition 3. */
    HF3,
    /** Definition 4. */
    HF4,
    /** Definition 5. */
    HF5,
    /** Definition 6. */
    HF6,
    /** Definition 7. */
    HF7,
    /** Definition 8. */
    HF8,
    /** Definition 9. */
    HF9;

    @Override
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The definition of a quantile that this is, where it is one. */
    public Optional<QuantileRule> quantileRule() {
        return name().startsWith("HF") ? Optional.of(QuantileRule.valueOf(name())) : Optional.empty();
    }

    /** Whether it takes the medians of two halves. */
    public boolean byHalves() {
        return this == HALVES_EXCLUSIVE || this == HALVES_INCLUSIVE;
    }

    /**
     * How many values each half has, for the rules by halves.
     *
     * @throws IllegalStateException for another rule
     */
    public Exact half(Exact count) {
        if (!byHalves()) {
            throw new IllegalStateException(id() + " knows no halves.");
        }
        return Exact.of(
                this == HALVES_EXCLUSIVE ? count.half().floor() : count.half().ceiling());
    }

    /**
     * Where a quartile of n values is read.
     *
     * @param quarters 1 for the lower quartile, 3 for the upper
     */
    public Placement place(Exact count, Formula n, int quarters) {
        Exact p = Exact.ratio(quarters, 4);
        if (quantileRule().isPresent()) {
            return quantileRule().get().place(count, n, p);
        }
        if (byHalves()) {
            Exact half = half(count);
            Exact first = quarters == 1 ? Exact.ONE : count.minus(half).plus(Exact.ONE);
            // The median of `half` ranks from `first` on stands at first + (half − 1)/2.
            Exact middle = first.plus(half.minus(Exact.ONE).half());
            return new Placement(Exact.of(middle.floor()), middle.minus(Exact.of(middle.floor())), false, null);
        }
        Formula formula = QuantileRule.HF6.position(n, p);
        Exact h = count.plus(Exact.ONE).times(p);
        Exact below = Exact.of(h.floor());
        Exact part = h.minus(below);
        int half = part.compareTo(Exact.HALF);
        Exact lower;
        Exact fraction = Exact.ZERO;
        if (this == N1_UP) {
            lower = Exact.of(h.ceiling());
        } else if (this == N1_MIDWAY && part.signum() > 0 || this == N1_NEAREST && half == 0) {
            lower = below;
            fraction = Exact.HALF;
        } else {
            boolean up = half > 0 || half == 0 && quarters == 1;
            lower = up ? Exact.of(h.ceiling()) : below;
        }
        return held(lower, fraction, count, formula);
    }

    private static Placement held(Exact lower, Exact fraction, Exact count, Formula formula) {
        BigInteger rank = lower.floor();
        if (rank.signum() <= 0) {
            return new Placement(Exact.ONE, Exact.ZERO, false, formula);
        }
        if (lower.compareTo(count) >= 0) {
            return new Placement(count, Exact.ZERO, false, formula);
        }
        return new Placement(lower, fraction, false, formula);
    }
}
