package promedio.core.picture;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A smooth line through the middle of points: at each of some places a straight line fitted to the nearest half of the points, the
 * nearer the heavier, by (1 − |d/dmax|³)³.
 *
 * <p><b>Source.</b> [Cleveland 1979] in docs/sources.md, without its robust rounds.
 */
final class Smooth {
    private static final int PLACES = 60;
    private static final int MOST_POINTS = 4_000;

    private Smooth() {}

    /** The line through all points; empty for fewer than five, or where all stand over one place. */
    static Optional<Mark.Trace> of(Mark.Part part, List<Content.Scatter.Cloud> clouds) {
        int size = clouds.stream().mapToInt(cloud -> cloud.xs().size()).sum();
        int every = (size + MOST_POINTS - 1) / MOST_POINTS;
        double[][] points = clouds.stream()
                .flatMap(cloud -> IntStream.range(0, cloud.xs().size()).mapToObj(i ->
                        new double[] {cloud.xs().toDouble(i), cloud.ys().toDouble(i)}))
                .toArray(double[][]::new);
        double[][] taken = IntStream.range(0, points.length)
                .filter(i -> i % Math.max(1, every) == 0)
                .mapToObj(i -> points[i])
                .sorted((one, other) -> Double.compare(one[0], other[0]))
                .toArray(double[][]::new);
        if (taken.length < 5 || taken[0][0] == taken[taken.length - 1][0]) {
            return Optional.empty();
        }
        double from = taken[0][0];
        double to = taken[taken.length - 1][0];
        double[] xs = new double[PLACES + 1];
        double[] ys = new double[PLACES + 1];
        for (int i = 0; i <= PLACES; i++) {
            xs[i] = from + (to - from) * i / PLACES;
            ys[i] = at(xs[i], taken);
        }
        return Optional.of(new Mark.Trace(part, Mark.Role.OVER, Places.of(xs, ys)));
    }

    private static double at(double x, double[][] points) {
        double[] distances = Arrays.stream(points)
                .mapToDouble(point -> Math.abs(point[0] - x))
                .sorted()
                .toArray();
        int near = Math.max(3, (points.length + 1) / 2);
        double reach = Math.max(distances[Math.min(near, distances.length) - 1] * 1.000001, Double.MIN_NORMAL);
        double w = 0;
        double sx = 0;
        double sy = 0;
        double sxx = 0;
        double sxy = 0;
        for (double[] point : points) {
            double d = Math.abs(point[0] - x) / reach;
            if (d < 1) {
                double weight = Math.pow(1 - d * d * d, 3);
                double dx = point[0] - x;
                w += weight;
                sx += weight * dx;
                sy += weight * point[1];
                sxx += weight * dx * dx;
                sxy += weight * dx * point[1];
            }
        }
        double spread = w * sxx - sx * sx;
        // Where all near points stand over one place there is no slope to be seen.
        return spread <= 1e-12 * w * sxx ? sy / w : (sxx * sy - sx * sxy) / spread;
    }
}
