package promedio.desktop.line;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.sample.Ranking;
import promedio.core.sample.Sample;
import promedio.desktop.theme.Ink;

/** The values as dots, stacked where they are equal or too close; as a strip of density where they are many. */
final class Dots {
    private static final double LARGEST = 0.38;
    private static final double SMALLEST = 1.6;
    private static final double STACKED = 2.15;
    private static final double TOO_CLOSE = 1.2;
    private static final double BIN = 3;

    private final Ink ink;
    private final Sample sample;
    private final NumberScale scale;
    private final double axis;
    private final double room;
    private final double radius;
    /** Where the topmost dot of each distinct value is drawn; null where there is a strip of density. */
    private double[] tops;
    /** How high the strip of density is at each of its steps; null where there are dots. */
    private double[] strip;

    Dots(Ink ink, Sample sample, NumberScale scale, double axis) {
        this.ink = ink;
        this.sample = sample;
        this.scale = scale;
        this.axis = axis;
        this.room = axis - 1.9 * ink.em();
        double largest = LARGEST * ink.em();
        this.radius = Math.min(largest, room / (STACKED * Math.max(1, tallest(largest))));
    }

    private Decimals distinct() {
        return sample.ranking().distinct();
    }

    private boolean asDots() {
        return radius >= SMALLEST && !sample.shape().relative();
    }

    /** The tallest stack when dots closer than a radius stand on each other. */
    private double tallest(double largest) {
        Ranking ranking = sample.ranking();
        double last = Double.NEGATIVE_INFINITY;
        double height = 0;
        double tallest = 0;
        for (int i = 0; i < distinct().size(); i++) {
            double x = scale.x(distinct().toDouble(i));
            if (x - last >= largest * TOO_CLOSE) {
                height = 0;
                last = x;
            }
            height += ranking.weightUnits(i);
            tallest = Math.max(tallest, height);
        }
        return tallest;
    }

    /**
     * Draws them.
     *
     * @param below values below it are drawn hollow
     * @param above values above it are drawn hollow
     * @param lit the distinct value to light up, or −1
     */
    void draw(GraphicsContext g, double below, double above, int lit) {
        if (!asDots()) {
            density(g, lit);
            return;
        }
        tops = new double[distinct().size()];
        double last = Double.NEGATIVE_INFINITY;
        int height = 0;
        for (int i = 0; i < distinct().size(); i++) {
            double value = distinct().toDouble(i);
            double x = scale.x(value);
            if (x - last >= radius * TOO_CLOSE) {
                height = 0;
                last = x;
            }
            long times = sample.ranking().weightUnits(i);
            Color colour = i == lit ? ink.accent() : ink.ink();
            for (long k = 0; k < times; k++) {
                double y = axis - 0.5 * ink.em() - radius - height * radius * STACKED;
                dot(g, x, y, radius, value < below || value > above, colour);
                height++;
                tops[i] = y;
            }
        }
    }

    /** How high the dots, or the strip of density, reach between two places. */
    double top(double from, double to) {
        double top = axis;
        for (int i = 0; tops != null && i < tops.length; i++) {
            double x = scale.x(distinct().toDouble(i));
            if (x + radius > from && x - radius < to) {
                top = Math.min(top, tops[i] - radius);
            }
        }
        if (strip != null) {
            double width = (scale.right() - scale.left()) / strip.length;
            for (int i = 0; i < strip.length; i++) {
                double x = scale.left() + i * width;
                if (x + width > from && x < to) {
                    top = Math.min(top, axis - 0.4 * ink.em() - strip[i]);
                }
            }
        }
        return top;
    }

    /** Draws a ring around the topmost dot of a value: one that is there only for a moment. */
    void ring(GraphicsContext g, Exact value) {
        int index = sample.ranking().distinctBelow(value);
        if (index < distinct().size() && distinct().at(index).equals(value)) {
            double y = tops == null ? axis - ink.em() : tops[index];
            double around = radius + 2.5;
            g.setStroke(ink.accent());
            g.setLineWidth(1.8);
            g.strokeOval(scale.x(value.toDouble()) - around, y - around, 2 * around, 2 * around);
            g.setLineWidth(1);
        }
    }

    static void dot(GraphicsContext g, double x, double y, double radius, boolean hollow, Color colour) {
        if (hollow) {
            g.setStroke(colour);
            g.setLineWidth(1.6);
            g.strokeOval(x - radius + 0.8, y - radius + 0.8, 2 * radius - 1.6, 2 * radius - 1.6);
            g.setLineWidth(1);
        } else {
            g.setFill(colour);
            g.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
        }
    }

    private void density(GraphicsContext g, int lit) {
        int bins = (int) Math.max(10, (scale.right() - scale.left()) / BIN);
        double[] counts = new double[bins];
        double width = (scale.right() - scale.left()) / bins;
        double most = 0;
        for (int i = 0; i < distinct().size(); i++) {
            int bin = (int) ((scale.x(distinct().toDouble(i)) - scale.left()) / width);
            int held = Math.max(0, Math.min(bins - 1, bin));
            counts[held] += sample.ranking().weightUnits(i);
            most = Math.max(most, counts[held]);
        }
        strip = new double[bins];
        g.setFill(ink.ink().deriveColor(0, 1, 1, 0.75));
        for (int i = 0; i < bins; i++) {
            double height = counts[i] > 0 ? Math.max(1, counts[i] / most * room) : 0;
            strip[i] = height;
            g.fillRect(scale.left() + i * width, axis - 0.4 * ink.em() - height, Math.max(1, width - 0.6), height);
        }
        if (lit >= 0) {
            dot(g, scale.x(distinct().toDouble(lit)), axis - ink.em(), LARGEST * ink.em(), false, ink.accent());
        }
    }

    /** The distinct value nearest to a place, or −1 when none is near. */
    int nearest(double x) {
        int low = 0;
        int high = distinct().size() - 1;
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (scale.x(distinct().toDouble(middle)) < x) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double toLow = Math.abs(scale.x(distinct().toDouble(low)) - x);
        double toHigh = Math.abs(scale.x(distinct().toDouble(high)) - x);
        return Math.min(toLow, toHigh) <= 0.6 * ink.em() ? (toLow <= toHigh ? low : high) : -1;
    }
}
