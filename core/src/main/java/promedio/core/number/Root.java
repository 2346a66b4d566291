package promedio.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;

/**
 * A signed square root that is not itself a ratio: sign · √square. Standard deviations and the coefficients built on
 * them are such figures, and stay exact.
 *
 * @param sign −1 or 1
 * @param square what stands under the root: positive, and not the square of a ratio
 */
public record Root(int sign, Exact square) implements Figure {
    /** @throws IllegalArgumentException when the sign is not ±1 or the square not positive */
    public Root {
        if (Math.abs(sign) != 1 || square.signum() <= 0) {
            throw new IllegalArgumentException(
                    "A root needs a sign of 1 or -1 and a positive square, not " + sign + " and " + square + ".");
        }
    }

    /** sign · √square, as a ratio where it is one. @throws ArithmeticException when the square is negative */
    public static Figure of(int sign, Exact square) {
        if (square.signum() < 0) {
            throw new ArithmeticException("The root of the negative number " + square + " is not a number here.");
        }
        if (square.signum() == 0 || sign == 0) {
            return Exact.ZERO;
        }
        BigInteger top = square.numerator().sqrt();
        BigInteger bottom = square.denominator().sqrt();
        boolean rational = top.multiply(top).equals(square.numerator())
                && bottom.multiply(bottom).equals(square.denominator());
        if (rational) {
            return sign < 0 ? Exact.ratio(top.negate(), bottom) : Exact.ratio(top, bottom);
        }
        return new Root(sign, square);
    }

    @Override
    public int signum() {
        return sign;
    }

    @Override
    public Root negated() {
        return new Root(-sign, square);
    }

    @Override
    public boolean isExact() {
        return true;
    }

    @Override
    public Exact squared() {
        return square;
    }

    @Override
    public BigDecimal toPlaces(int places, HalfRule halves) {
        BigInteger top = square.numerator();
        BigInteger bottom = square.denominator();
        if (places >= 0) {
            top = top.multiply(BigInteger.TEN.pow(2 * places));
        } else {
            bottom = bottom.multiply(BigInteger.TEN.pow(-2 * places));
        }
        BigInteger units = top.divide(bottom).sqrt();
        // Irrational, so never an exact half: compare with (units + ½)² = (2·units + 1)²/4.
        BigInteger odd = units.shiftLeft(1).add(BigInteger.ONE);
        if (top.shiftLeft(2).compareTo(odd.multiply(odd).multiply(bottom)) > 0) {
            units = units.add(BigInteger.ONE);
        }
        return new BigDecimal(sign < 0 ? units.negate() : units, places);
    }

    @Override
    public int magnitude() {
        return Math.floorDiv(square.magnitude(), 2);
    }

    @Override
    public double toDouble() {
        return toFigures(18, HalfRule.HALF_EVEN).doubleValue();
    }

    @Override
    public Approximation toApproximation() {
        Approximation size = Approximation.rootOf(square.toApproximation());
        return sign < 0 ? size.negated() : size;
    }

    /** {@code √2} or {@code −√(3/4)}. */
    @Override
    public String toString() {
        String under = square.isWhole() ? square.toString() : "(" + square + ")";
        return (sign < 0 ? "−√" : "√") + under;
    }
}
