package promedio.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.OptionalInt;
import org.apache.commons.numbers.fraction.BigFraction;

/** An exact ratio of whole numbers, in lowest terms. Every input, sum, mean and variance is one. */
public final class Exact implements Figure, Comparable<Exact> {
    /** Nought. */
    public static final Exact ZERO = new Exact(BigFraction.ZERO);
    /** One. */
    public static final Exact ONE = new Exact(BigFraction.ONE);
    /** Two. */
    public static final Exact TWO = of(2);
    /** One half. */
    public static final Exact HALF = ratio(1, 2);

    private static final MathContext BOUNDS = new MathContext(Approximation.DIGITS, RoundingMode.FLOOR);
    private static final BigInteger FIVE = BigInteger.valueOf(5);
    private static final double BITS_OF_FIVE = Math.log(5) / Math.log(2);
    private static final double BITS_OF_TEN = Math.log(10) / Math.log(2);

    private final BigFraction ratio;

    private Exact(BigFraction ratio) {
        this.ratio = ratio;
    }

    /** A whole number. */
    public static Exact of(long whole) {
        return new Exact(BigFraction.of(whole));
    }

    /** A whole number of any size. */
    public static Exact of(BigInteger whole) {
        return new Exact(BigFraction.of(whole));
    }

    /** A decimal, taken exactly. */
    public static Exact from(BigDecimal decimal) {
        return decimal.scale() <= 0
                ? of(decimal.toBigIntegerExact())
                : ratio(decimal.unscaledValue(), BigInteger.TEN.pow(decimal.scale()));
    }

    /** A ratio of two whole numbers. @throws ArithmeticException when the denominator is 0 */
    public static Exact ratio(long numerator, long denominator) {
        return new Exact(BigFraction.of(numerator, denominator));
    }

    /** A ratio of two whole numbers. @throws ArithmeticException when the denominator is 0 */
    public static Exact ratio(BigInteger numerator, BigInteger denominator) {
        return new Exact(BigFraction.of(numerator, denominator));
    }

    /** The decimal {@code units} · 10^−{@code places}. */
    public static Exact scaled(BigInteger units, int places) {
        return from(new BigDecimal(units, places));
    }

    /** The sum of two ratios. */
    public Exact plus(Exact other) {
        return new Exact(ratio.add(other.ratio));
    }

    /** The difference of two ratios. */
    public Exact minus(Exact other) {
        return new Exact(ratio.subtract(other.ratio));
    }

    /** The product of two ratios. */
    public Exact times(Exact other) {
        return new Exact(ratio.multiply(other.ratio));
    }

    /** The product with a whole number. */
    public Exact times(long factor) {
        return times(of(factor));
    }

    /** The quotient of two ratios. @throws ArithmeticException when the divisor is 0 */
    public Exact over(Exact divisor) {
        return new Exact(ratio.divide(divisor.ratio));
    }

    /** The quotient with a whole number. @throws ArithmeticException when the divisor is 0 */
    public Exact over(long divisor) {
        return over(of(divisor));
    }

    /** Half of it. */
    public Exact half() {
        return over(2);
    }

    @Override
    public Exact power(int exponent) {
        return new Exact(ratio.pow(exponent));
    }

    @Override
    public Exact squared() {
        return times(this);
    }

    @Override
    public Exact negated() {
        return new Exact(ratio.negate());
    }

    @Override
    public Exact abs() {
        return signum() < 0 ? negated() : this;
    }

    @Override
    public int signum() {
        return ratio.signum();
    }

    @Override
    public boolean isExact() {
        return true;
    }

    /** Whether it is a whole number. */
    public boolean isWhole() {
        return denominator().equals(BigInteger.ONE);
    }

    /** The numerator in lowest terms, with the sign. */
    public BigInteger numerator() {
        return ratio.signum() < 0
                ? ratio.getNumerator().abs().negate()
                : ratio.getNumerator().abs();
    }

    /** The denominator in lowest terms, positive. */
    public BigInteger denominator() {
        return ratio.getDenominator().abs();
    }

    /** The greatest whole number not above it. */
    public BigInteger floor() {
        BigInteger[] parts = numerator().divideAndRemainder(denominator());
        return parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
    }

    /** The least whole number not below it. */
    public BigInteger ceiling() {
        return negated().floor().negate();
    }

    /** The decimal places it takes to write it in full; empty when no number of places does (1/3). */
    public OptionalInt placesInFull() {
        BigInteger rest = denominator();
        int twos = rest.getLowestSetBit();
        rest = rest.shiftRight(twos);
        // The power of five of that many bits, if it is one.
        int fives = (int) Math.round((rest.bitLength() - 1) / BITS_OF_FIVE);
        for (int power = Math.max(0, fives - 1); power <= fives + 1; power++) {
            if (FIVE.pow(power).equals(rest)) {
                return OptionalInt.of(Math.max(twos, power));
            }
        }
        return OptionalInt.empty();
    }

    /** Whether it can be written in full with so many significant digits; soon told of numbers of any length. */
    public boolean endsWithin(int digits) {
        int most = (int) (digits * BITS_OF_TEN) + 1;
        boolean whole = isWhole();
        if (!whole && numerator().bitLength() > most) {
            return false;
        }
        int surplus = numerator().bitLength() - most;
        // A whole number that ends in noughts has as many twos.
        boolean noughts = !whole || numerator().getLowestSetBit() >= (int) (surplus / BITS_OF_TEN);
        if (!noughts) {
            return false;
        }
        if (whole) {
            return isWholeWithin(digits);
        }
        OptionalInt places = placesInFull();
        return places.isPresent()
                && toPlaces(places.getAsInt(), HalfRule.HALF_EVEN).precision() <= digits;
    }

    private boolean isWholeWithin(int digits) {
        int behind = Math.max(0, magnitude() + 1 - digits);
        return numerator().mod(BigInteger.TEN.pow(behind)).signum() == 0;
    }

    /** The ratio correctly rounded, again as a ratio: what a hand writes down and carries on with. */
    public Exact rounded(int places, HalfRule halves) {
        return from(toPlaces(places, halves));
    }

    @Override
    public BigDecimal toPlaces(int places, HalfRule halves) {
        BigInteger top = numerator().abs();
        BigInteger bottom = denominator();
        if (places >= 0) {
            top = top.multiply(BigInteger.TEN.pow(places));
        } else {
            bottom = bottom.multiply(BigInteger.TEN.pow(-places));
        }
        BigInteger[] parts = top.divideAndRemainder(bottom);
        int half = parts[1].shiftLeft(1).compareTo(bottom);
        boolean up = half > 0 || (half == 0 && (halves == HalfRule.HALF_UP || parts[0].testBit(0)));
        BigInteger units = up ? parts[0].add(BigInteger.ONE) : parts[0];
        return new BigDecimal(signum() < 0 ? units.negate() : units, places);
    }

    @Override
    public int magnitude() {
        if (signum() == 0) {
            return 0;
        }
        BigInteger top = numerator().abs();
        // The quotient of bit lengths is right within a factor of 4; the two comparisons settle the rest.
        int guess = (int) Math.floor((top.bitLength() - denominator().bitLength()) * Math.log10(2));
        while (isBelowPowerOfTen(top, guess)) {
            guess--;
        }
        while (!isBelowPowerOfTen(top, guess + 1)) {
            guess++;
        }
        return guess;
    }

    private boolean isBelowPowerOfTen(BigInteger top, int exponent) {
        return exponent >= 0
                ? top.compareTo(denominator().multiply(BigInteger.TEN.pow(exponent))) < 0
                : top.multiply(BigInteger.TEN.pow(-exponent)).compareTo(denominator()) < 0;
    }

    @Override
    public double toDouble() {
        return ratio.doubleValue();
    }

    @Override
    public Approximation toApproximation() {
        BigDecimal top = new BigDecimal(numerator());
        BigDecimal bottom = new BigDecimal(denominator());
        return new Approximation(
                top.divide(bottom, BOUNDS),
                top.divide(bottom, new MathContext(Approximation.DIGITS, RoundingMode.CEILING)));
    }

    @Override
    public int compareTo(Exact other) {
        return ratio.compareTo(other.ratio);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Exact exact && ratio.equals(exact.ratio);
    }

    @Override
    public int hashCode() {
        return ratio.hashCode();
    }

    /** The decimal in full where there is one, else the fraction: {@code 12.5}, {@code 1/3}. */
    @Override
    public String toString() {
        OptionalInt places = placesInFull();
        return places.isPresent()
                ? toPlaces(places.getAsInt(), HalfRule.HALF_UP).toPlainString()
                : numerator() + "/" + denominator();
    }
}
