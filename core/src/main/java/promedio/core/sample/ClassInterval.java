package promedio.core.sample;

import java.util.Optional;
import promedio.core.number.Exact;

/**
 * A class of a table: the stretch between its boundaries, and how many values lie in it.
 *
 * @param label the class as it is written
 * @param lower the lower boundary; empty for a class that is open below
 * @param upper the upper boundary; empty for a class that is open above
 * @param frequency how many values lie in it; a share of them in a table of proportions
 * @param assumed whether an end of it is not stated in the table but assumed
 * @param entry the row of the table as it was entered
 */
public record ClassInterval(
        String label, Optional<Exact> lower, Optional<Exact> upper, Exact frequency, boolean assumed, int entry) {
    /** @throws IllegalArgumentException for a class without width, or a negative frequency */
    public ClassInterval {
        if (lower.isPresent() && upper.isPresent() && lower.get().compareTo(upper.get()) >= 0) {
            throw new IllegalArgumentException("The class " + label + " has no width.");
        }
        if (frequency.signum() < 0) {
            throw new IllegalArgumentException("The class " + label + " has the frequency " + frequency + ".");
        }
    }

    /** Whether one of its ends is missing. */
    public boolean isOpen() {
        return lower.isEmpty() || upper.isEmpty();
    }

    /** U − L; empty for an open class. */
    public Optional<Exact> width() {
        return lower.flatMap(from -> upper.map(to -> to.minus(from)));
    }

    /** (L + U)/2; empty for an open class. */
    public Optional<Exact> midpoint() {
        return lower.flatMap(from -> upper.map(to -> from.plus(to).half()));
    }

    /** f/h; empty for an open class. */
    public Optional<Exact> density() {
        return width().map(frequency::over);
    }
}
