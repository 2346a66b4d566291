package promedio.desktop.line;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/**
 * A scale of the Line: which numbers lie where, and where round numbers stand.
 *
 * @param low the number at the left end
 * @param high the number at the right end
 * @param left the left end in pixels
 * @param right the right end in pixels
 */
record NumberScale(double low, double high, double left, double right) {
    private static final double[] ROUND = {1, 2, 2.5, 5, 10};

    /** A scale that shows everything from least to most with a little room at both ends. */
    static NumberScale around(double least, double most, double left, double right) {
        double width = most - least;
        double room = width > 0 ? width * 0.05 : Math.max(1, Math.abs(least) * 0.1);
        return new NumberScale(least - room, most + room, left, right);
    }

    /** The place of a number. */
    double x(double number) {
        return left + (number - low) / (high - low) * (right - left);
    }

    /** The number at a place. */
    double number(double x) {
        return low + (x - left) / (right - left) * (high - low);
    }

    /** Round numbers at least {@code apart} pixels from each other, and not finer than the values are recorded. */
    List<BigDecimal> ticks(double apart, double finest) {
        double least = Math.max(finest, (high - low) * apart / (right - left));
        int exponent = (int) Math.floor(Math.log10(least));
        BigDecimal step = BigDecimal.ONE;
        for (double round : ROUND) {
            step = BigDecimal.valueOf(round).scaleByPowerOfTen(exponent);
            if (step.doubleValue() >= least * (1 - 1e-9)) {
                break;
            }
        }
        List<BigDecimal> ticks = new ArrayList<>();
        BigDecimal first =
                BigDecimal.valueOf(Math.ceil(low / step.doubleValue())).multiply(step);
        for (BigDecimal tick = first; tick.doubleValue() <= high && ticks.size() < 200; tick = tick.add(step)) {
            BigDecimal bare = tick.stripTrailingZeros();
            ticks.add(bare.scale() < 0 ? bare.setScale(0) : bare);
        }
        return ticks;
    }
}
