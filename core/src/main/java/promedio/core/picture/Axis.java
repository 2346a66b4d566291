package promedio.core.picture;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;

/**
 * An axis of a picture.
 *
 * @param title what is measured along it, with its unit
 * @param from where it begins
 * @param to where it ends, above that
 * @param ticks the places that are marked, ascending; who draws leaves out texts that would touch
 * @param names whether its ticks are names of things, not numbers
 */
public record Axis(String title, Exact from, Exact to, List<Tick> ticks, boolean names) {
    /**
     * A place that is marked.
     *
     * @param at where it is
     * @param text what is written there
     */
    public record Tick(Exact at, String text) {}

    /** @throws IllegalArgumentException for an axis without length */
    public Axis {
        ticks = List.copyOf(ticks);
        if (from.compareTo(to) >= 0) {
            throw new IllegalArgumentException("An axis from " + from + " to " + to + " has no length.");
        }
    }

    /** That it does not begin at 0, where it does not though it could: what the lengths on it then do not show. */
    public Optional<Sentence> beginsElsewhere() {
        boolean showsZero = from.signum() <= 0 && to.signum() >= 0;
        return names || showsZero ? Optional.empty() : Optional.of(Sentence.of("picture.axis-begins", from));
    }

    /** The share of the way from its beginning to its end at which a value lies; below 0 or above 1 outside. */
    public double share(double value) {
        double begin = from.toDouble();
        return (value - begin) / (to.toDouble() - begin);
    }
}
