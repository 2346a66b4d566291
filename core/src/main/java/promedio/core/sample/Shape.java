package promedio.core.sample;

import java.util.Optional;
import promedio.core.number.Exact;

/**
 * What a formula may depend on: how many values there are and how they are written down, never what they are.
 *
 * @param count n, the total of the weights
 * @param step from one rank to the next: 1, or the finest unit of proportions
 * @param recordingUnit the unit in which the values were recorded
 * @param weighted whether the sample is a frequency table, so that working has a column f
 * @param relative whether the frequencies are proportions, so that n − 1 and n + 1 mean nothing
 * @param grouping of a class table; empty for a list or frequency table
 * @param givens what stands in place of data; empty where there are data
 */
public record Shape(
        Exact count,
        Exact step,
        Exact recordingUnit,
        boolean weighted,
        boolean relative,
        Optional<Grouping> grouping,
        Optional<Givens> givens) {
    /** Of data. */
    public Shape(
            Exact count,
            Exact step,
            Exact recordingUnit,
            boolean weighted,
            boolean relative,
            Optional<Grouping> grouping) {
        this(count, step, recordingUnit, weighted, relative, grouping, Optional.empty());
    }

    /** The shape of a list of n values. */
    public static Shape list(long count) {
        return new Shape(Exact.of(count), Exact.ONE, Exact.ONE, false, false, Optional.empty());
    }

    /** Whether n is an odd number of steps: there is one middle value. */
    public boolean odd() {
        return count.over(step).numerator().testBit(0);
    }

    /** Whether the values are known only by their class. */
    public boolean grouped() {
        return grouping.isPresent();
    }
}
