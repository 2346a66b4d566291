package promedio.core.number;

import java.math.BigDecimal;

/**
 * A figure as the command line prints it: rounded half-even to significant digits, without trailing zeros, in plain notation
 * while the exponent of the first digit is within −7 … 20, else {@code d.ddde±k}.
 */
public final class SignificantText {
    private static final int LEAST_PLAIN = -7;
    private static final int MOST_PLAIN = 20;

    private SignificantText() {}

    /** The text of a figure. */
    public static String of(Figure figure, int digits) {
        BigDecimal rounded = figure.toFigures(digits, HalfRule.HALF_EVEN);
        if (rounded.signum() == 0) {
            return "0";
        }
        BigDecimal bare = rounded.stripTrailingZeros();
        int exponent = bare.precision() - bare.scale() - 1;
        if (exponent >= LEAST_PLAIN && exponent <= MOST_PLAIN) {
            return bare.toPlainString();
        }
        String mantissa = bare.movePointLeft(exponent).toPlainString();
        return mantissa + "e" + (exponent < 0 ? "-" : "+") + Math.abs(exponent);
    }
}
