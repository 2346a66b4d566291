package promedio.desktop.line;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A scale of the Line: which numbers lie where, and where round numbers stand. Where one stretch without values would
 * squeeze all the rest together, the scale is broken there and the stretch drawn short.
 *
 * @param low the number at the left end
 * @param high the number at the right end
 * @param left the left end in pixels
 * @param right the right end in pixels
 * @param gap the stretch that is drawn short
 */
record NumberScale(double low, double high, double left, double right, Optional<Gap> gap) {
    private static final double[] ROUND = {1, 2, 2.5, 5, 10};
    private static final double GAP_PIXELS = 44;
    private static final double SQUEEZED = 0.2;
    private static final int MOST_TICKS = 200;

    /** A stretch of numbers without values. */
    record Gap(double from, double to) {
        double width() {
            return to - from;
        }
    }

    /** A scale that shows everything from least to most with a little room at both ends. */
    static NumberScale around(double least, double most, double left, double right) {
        double width = most - least;
        double room = width > 0 ? width * 0.05 : Math.max(1, Math.abs(least) * 0.1);
        return new NumberScale(least - room, most + room, left, right, Optional.empty());
    }

    /**
     * A scale for ascending values, broken at the widest stretch between two of them where the rest would otherwise have
     * less than a fifth of the room.
     */
    static NumberScale of(double[] ascending, double left, double right) {
        double least = ascending[0];
        double most = ascending[ascending.length - 1];
        int widest = 0;
        for (int i = 1; i + 1 < ascending.length; i++) {
            if (ascending[i + 1] - ascending[i] > ascending[widest + 1] - ascending[widest]) {
                widest = i;
            }
        }
        if (ascending.length < 4) {
            return around(least, most, left, right);
        }
        double rest = most - least - (ascending[widest + 1] - ascending[widest]);
        if (rest <= 0 || rest > SQUEEZED * (most - least)) {
            return around(least, most, left, right);
        }
        double room = rest * 0.08;
        Gap gap = new Gap(ascending[widest] + room, ascending[widest + 1] - room);
        return new NumberScale(least - room, most + room, left, right, Optional.of(gap));
    }

    private double pixelsPerUnit() {
        return gap.map(cut -> (right - left - GAP_PIXELS) / (high - low - cut.width()))
                .orElseGet(() -> (right - left) / (high - low));
    }

    /** The place of a number. */
    double x(double number) {
        double unit = pixelsPerUnit();
        if (gap.isEmpty() || number <= gap.get().from()) {
            return left + (number - low) * unit;
        }
        double start = left + (gap.get().from() - low) * unit;
        return number < gap.get().to()
                ? start + (number - gap.get().from()) / gap.get().width() * GAP_PIXELS
                : start + GAP_PIXELS + (number - gap.get().to()) * unit;
    }

    /** The number at a place. */
    double number(double x) {
        double unit = pixelsPerUnit();
        double start = gap.map(cut -> left + (cut.from() - low) * unit).orElse(Double.MAX_VALUE);
        if (x <= start) {
            return low + (x - left) / unit;
        }
        Gap cut = gap.orElseThrow();
        return x < start + GAP_PIXELS
                ? cut.from() + (x - start) / GAP_PIXELS * cut.width()
                : cut.to() + (x - start - GAP_PIXELS) / unit;
    }

    /** Round numbers at least {@code apart} pixels from each other, and not finer than the values are recorded. */
    List<BigDecimal> ticks(double apart, double finest) {
        double least = Math.max(finest, apart / pixelsPerUnit());
        int exponent = (int) Math.floor(Math.log10(least));
        BigDecimal step = BigDecimal.ONE;
        for (double round : ROUND) {
            step = BigDecimal.valueOf(round).scaleByPowerOfTen(exponent);
            if (step.doubleValue() >= least * (1 - 1e-9)) {
                break;
            }
        }
        List<BigDecimal> ticks = new ArrayList<>();
        addTicks(ticks, step, low, gap.map(Gap::from).orElse(high));
        if (gap.isPresent()) {
            addTicks(ticks, step, gap.get().to(), high);
        }
        return ticks;
    }

    private static void addTicks(List<BigDecimal> ticks, BigDecimal step, double from, double to) {
        BigDecimal first =
                BigDecimal.valueOf(Math.ceil(from / step.doubleValue())).multiply(step);
        for (BigDecimal tick = first; tick.doubleValue() <= to && ticks.size() < MOST_TICKS; tick = tick.add(step)) {
            BigDecimal bare = tick.stripTrailingZeros();
            ticks.add(bare.scale() < 0 ? bare.setScale(0) : bare);
        }
    }
}
