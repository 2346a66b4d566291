package promedio.core.number;

import java.math.BigDecimal;

/**
 * A number as a measure yields it: a ratio ({@link Exact}), a signed root of a ratio ({@link Root}), or an
 * approximation between two bounds ({@link Approximation}). The first two are exact; arithmetic stays exact as long as
 * the outcome is a ratio or a root of one, and only then becomes an approximation.
 */
public sealed interface Figure permits Exact, Root, Approximation {

    /** −1, 0 or 1; 0 only when the figure is known to be zero. */
    int signum();

    /** The figure with the other sign. */
    Figure negated();

    /** Whether the figure is exact, a ratio or a root of one. */
    boolean isExact();

    /** The square: exact for a ratio and for a root. */
    Figure squared();

    /**
     * The figure correctly rounded to a number of decimal places.
     *
     * @param places may be negative: −2 rounds to hundreds
     */
    BigDecimal toPlaces(int places, HalfRule halves);

    /** The exponent e of the first digit: 10^e ≤ |figure| &lt; 10^(e+1); 0 for zero. */
    int magnitude();

    /** The nearest double, for drawing only. */
    double toDouble();

    /** The figure between bounds of about sixty digits. */
    Approximation toApproximation();

    /** The figure correctly rounded to a number of significant digits, at least 1. */
    default BigDecimal toFigures(int digits, HalfRule halves) {
        if (signum() == 0) {
            return BigDecimal.ZERO;
        }
        BigDecimal rounded = toPlaces(digits - 1 - magnitude(), halves);
        // 9.996 to three digits is 10.0: the carry costs a place.
        return rounded.precision() > digits ? rounded.setScale(rounded.scale() - 1) : rounded;
    }

    /** The figure without its sign. */
    default Figure abs() {
        return signum() < 0 ? negated() : this;
    }

    /** The sum; exact when both are ratios, or roots that share their root. */
    default Figure plus(Figure other) {
        return Arithmetic.plus(this, other);
    }

    /** The difference. */
    default Figure minus(Figure other) {
        return Arithmetic.plus(this, other.negated());
    }

    /** The product; exact when both are exact. */
    default Figure times(Figure other) {
        return Arithmetic.times(this, other);
    }

    /**
     * The quotient; exact when both are exact.
     *
     * @throws ArithmeticException when the divisor is zero, or an approximation that may be
     */
    default Figure over(Figure divisor) {
        return Arithmetic.over(this, divisor);
    }

    /** A whole power, exact for an exact figure. @throws ArithmeticException for a negative power of zero */
    default Figure power(int exponent) {
        return Arithmetic.power(this, exponent);
    }

    /** The square root. @throws ArithmeticException when negative */
    default Figure root() {
        return Arithmetic.root(this);
    }

    /** Whether this figure is smaller than, equal to or larger than another; exact figures are compared exactly. */
    default int compare(Figure other) {
        return minus(other).signum();
    }
}
