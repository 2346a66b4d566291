package promedio.core.slip;

import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;

/**
 * How a figure comes about, as far as a mistake can be worked through line by line.
 *
 * @param value the figure
 * @param formula the changed computation; empty where it is the usual one, or none that can be written down
 * @param sample the changed sample; empty where it is the usual one
 */
public record Way(Figure value, Optional<Formula> formula, Optional<Sample> sample) {
    /** A figure that comes about in no way that could be worked through. */
    public static Way of(Figure value) {
        return new Way(value, Optional.empty(), Optional.empty());
    }

    /** The very same computation and sample, not one that is like it: trees share their parts and are long to compare. */
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof Way way
                        && value.equals(way.value)
                        && formula.orElse(null) == way.formula.orElse(null)
                        && sample.orElse(null) == way.sample.orElse(null);
    }

    @Override
    public int hashCode() {
        return value.hashCode();
    }

    /** Whether it can be worked through. */
    public boolean isKnown() {
        return formula.isPresent() || sample.isPresent();
    }
}
