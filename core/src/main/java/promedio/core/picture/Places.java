package promedio.core.picture;

import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Places in a picture, in the units of its axes; immutable. */
public final class Places {
    private final double[] xs;
    private final double[] ys;

    private Places(double[] xs, double[] ys) {
        this.xs = xs;
        this.ys = ys;
    }

    /** Places one after another. @throws IllegalArgumentException when there are not as many heights as places across */
    static Places of(double[] xs, double[] ys) {
        if (xs.length != ys.length) {
            throw new IllegalArgumentException(xs.length + " places and " + ys.length + " heights.");
        }
        return new Places(xs.clone(), ys.clone());
    }

    /** The places of things. */
    static <T> Places of(List<T> things, ToDoubleFunction<T> x, ToDoubleFunction<T> y) {
        return new Places(
                things.stream().mapToDouble(x).toArray(),
                things.stream().mapToDouble(y).toArray());
    }

    /** From one place to another. */
    static Places line(double x1, double y1, double x2, double y2) {
        return new Places(new double[] {x1, x2}, new double[] {y1, y2});
    }

    /** How many there are. */
    public int size() {
        return xs.length;
    }

    /** How far across one is. */
    public double x(int index) {
        return xs[index];
    }

    /** How high one is. */
    public double y(int index) {
        return ys[index];
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Places that && Arrays.equals(xs, that.xs) && Arrays.equals(ys, that.ys);
    }

    @Override
    public int hashCode() {
        return 31 * Arrays.hashCode(xs) + Arrays.hashCode(ys);
    }
}
