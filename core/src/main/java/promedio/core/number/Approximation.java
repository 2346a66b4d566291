package promedio.core.number;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/**
 * A number known to lie between two bounds. Geometric means and sums of unlike roots are such figures, and they alone
 * are shown with ≈.
 *
 * @param low not above the number
 * @param high not below the number
 */
public record Approximation(BigDecimal low, BigDecimal high) implements Figure {
    /** The digits carried in bounds. */
    static final int DIGITS = 60;

    private static final MathContext DOWN = new MathContext(DIGITS, RoundingMode.FLOOR);
    private static final MathContext UP = new MathContext(DIGITS, RoundingMode.CEILING);

    /** @throws IllegalArgumentException when the bounds are exchanged */
    public Approximation {
        if (low.compareTo(high) > 0) {
            throw new IllegalArgumentException("The bounds " + low + " and " + high + " are exchanged.");
        }
    }

    /** A double that is right within a relative error. */
    public static Approximation near(double value, double relativeError) {
        BigDecimal middle = new BigDecimal(value);
        BigDecimal error = middle.abs().multiply(new BigDecimal(relativeError));
        return new Approximation(middle.subtract(error), middle.add(error));
    }

    static Approximation rootOf(Approximation square) {
        if (square.low.signum() < 0) {
            throw new ArithmeticException("The root of a negative number is not a number here.");
        }
        return new Approximation(
                square.low.sqrt(new MathContext(DIGITS, RoundingMode.DOWN)),
                square.high.sqrt(new MathContext(DIGITS, RoundingMode.HALF_UP)).multiply(JUST_ABOVE_ONE, UP));
    }

    private static final BigDecimal JUST_ABOVE_ONE = BigDecimal.ONE.add(BigDecimal.ONE.movePointLeft(DIGITS - 2));

    Approximation plus(Approximation other) {
        return new Approximation(low.add(other.low, DOWN), high.add(other.high, UP));
    }

    Approximation times(Approximation other) {
        BigDecimal[] corners = {
            low.multiply(other.low), low.multiply(other.high), high.multiply(other.low), high.multiply(other.high)
        };
        return between(
                corners[0].min(corners[1]).min(corners[2].min(corners[3])),
                corners[0].max(corners[1]).max(corners[2].max(corners[3])));
    }

    Approximation inverse() {
        if (low.signum() <= 0 && high.signum() >= 0) {
            throw new ArithmeticException("The divisor may be 0.");
        }
        return new Approximation(BigDecimal.ONE.divide(high, DOWN), BigDecimal.ONE.divide(low, UP));
    }

    private static Approximation between(BigDecimal low, BigDecimal high) {
        return new Approximation(low.round(DOWN), high.round(UP));
    }

    private BigDecimal middle() {
        return low.add(high).divide(BigDecimal.valueOf(2), MathContext.UNLIMITED);
    }

    @Override
    public int signum() {
        return low.signum() == high.signum() ? low.signum() : middle().signum();
    }

    @Override
    public Approximation negated() {
        return new Approximation(high.negate(), low.negate());
    }

    @Override
    public boolean isExact() {
        return false;
    }

    @Override
    public Approximation squared() {
        return times(this);
    }

    /** Rounded from the middle of the bounds: right in every digit that the bounds decide. */
    @Override
    public BigDecimal toPlaces(int places, HalfRule halves) {
        return middle().setScale(places, halves == HalfRule.HALF_UP ? RoundingMode.HALF_UP : RoundingMode.HALF_EVEN);
    }

    @Override
    public int magnitude() {
        BigDecimal middle = middle();
        return middle.signum() == 0 ? 0 : middle.precision() - middle.scale() - 1;
    }

    @Override
    public double toDouble() {
        return middle().doubleValue();
    }

    @Override
    public Approximation toApproximation() {
        return this;
    }

    /** To twelve digits, with ≈. */
    @Override
    public String toString() {
        return "≈" + toFigures(12, HalfRule.HALF_EVEN).stripTrailingZeros().toPlainString();
    }
}
