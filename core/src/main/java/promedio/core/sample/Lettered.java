package promedio.core.sample;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.number.Exact;

/**
 * A list or table of which some figures are not known: letters stand for them.
 *
 * @param rows its rows: one value each where nothing is counted
 * @param counted whether its rows have frequencies
 * @param rules what the course says of such a table
 */
public record Lettered(List<Row> rows, boolean counted, Rules rules) {
    /** Copies the list. */
    public Lettered {
        rows = List.copyOf(rows);
    }

    /**
     * A row.
     *
     * @param label its value or class as written
     * @param value its value; of a class the midpoint
     * @param frequency how often it counts; 1 in a list
     * @param bounds the boundaries of its class; empty for a value
     */
    public record Row(String label, Linear value, Linear frequency, Optional<Bounds> bounds) {}

    /**
     * The boundaries of a class.
     *
     * @param lower L
     * @param upper U
     */
    public record Bounds(Exact lower, Exact upper) {
        /** U − L. */
        public Exact width() {
            return upper.minus(lower);
        }
    }

    /**
     * How such a table is worked with.
     *
     * @param lessOne whether the divisor of its variance is n − 1
     * @param plusOne whether the median of classes stands at (n + 1)/2, not at n/2
     * @param interpolated whether the mode of classes is found from the differences to the neighbours
     */
    public record Rules(boolean lessOne, boolean plusOne, boolean interpolated) {}

    /** Whether its rows are classes. */
    public boolean classed() {
        return rows.stream().allMatch(row -> row.bounds().isPresent()) && !rows.isEmpty();
    }

    /** The letters, in the order in which they stand there. */
    public List<String> letters() {
        Set<String> letters = new LinkedHashSet<>();
        rows.forEach(row -> letters.addAll(row.value().factors().keySet()));
        rows.forEach(row -> letters.addAll(row.frequency().factors().keySet()));
        return List.copyOf(letters);
    }

    /** Whether a letter stands for a frequency, not for a value. */
    public boolean isFrequency(String letter) {
        return rows.stream().anyMatch(row -> row.frequency().factor(letter).signum() != 0);
    }

    /** Σf. */
    public Linear count() {
        return rows.stream().map(Row::frequency).reduce(Linear.of(Exact.ZERO), Linear::plus);
    }
}
