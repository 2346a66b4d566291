package promedio.core.language;

import java.math.BigDecimal;
import java.math.BigInteger;

/** A ratio in lowest terms, so that what is expected owes nothing to the numbers that are tested. */
public record Fraction(BigInteger above, BigInteger below) implements Comparable<Fraction> {
    public static final Fraction ZERO = of(0);

    /** In lowest terms. */
    public Fraction {
        BigInteger common = above.gcd(below);
        if (below.signum() < 0) {
            common = common.negate();
        }
        above = above.divide(common);
        below = below.divide(common);
    }

    public static Fraction of(long whole) {
        return new Fraction(BigInteger.valueOf(whole), BigInteger.ONE);
    }

    public static Fraction of(BigDecimal decimal) {
        return decimal.scale() <= 0
                ? new Fraction(decimal.toBigIntegerExact(), BigInteger.ONE)
                : new Fraction(decimal.unscaledValue(), BigInteger.TEN.pow(decimal.scale()));
    }

    public Fraction plus(Fraction other) {
        return new Fraction(above.multiply(other.below).add(other.above.multiply(below)), below.multiply(other.below));
    }

    public Fraction negated() {
        return new Fraction(above.negate(), below);
    }

    public Fraction minus(Fraction other) {
        return plus(other.negated());
    }

    public Fraction times(Fraction other) {
        return new Fraction(above.multiply(other.above), below.multiply(other.below));
    }

    /** The quotient; null by 0. */
    public Fraction over(Fraction other) {
        return other.above.signum() == 0
                ? null
                : new Fraction(above.multiply(other.below), below.multiply(other.above));
    }

    public Fraction over(long count) {
        return over(of(count));
    }

    /** The power; null where it is a division by 0. */
    public Fraction power(int exponent) {
        Fraction power = new Fraction(above.pow(Math.abs(exponent)), below.pow(Math.abs(exponent)));
        return exponent < 0 ? of(1).over(power) : power;
    }

    public int signum() {
        return above.signum();
    }

    /** The whole number at or below it. */
    public Fraction down() {
        BigInteger[] parts = above.divideAndRemainder(below);
        boolean lower = parts[1].signum() < 0;
        return new Fraction(lower ? parts[0].subtract(BigInteger.ONE) : parts[0], BigInteger.ONE);
    }

    /** To so many places, halves away from 0. */
    public Fraction rounded(int places) {
        Fraction unit = new Fraction(BigInteger.TEN, BigInteger.ONE).power(places);
        Fraction size = signum() < 0 ? negated() : this;
        Fraction whole = size.times(unit)
                .plus(new Fraction(BigInteger.ONE, BigInteger.TWO))
                .down();
        Fraction rounded = whole.over(unit);
        return signum() < 0 ? rounded.negated() : rounded;
    }

    public double toDouble() {
        return new BigDecimal(above)
                .divide(new BigDecimal(below), java.math.MathContext.DECIMAL64)
                .doubleValue();
    }

    @Override
    public int compareTo(Fraction other) {
        return above.multiply(other.below).compareTo(other.above.multiply(below));
    }
}
