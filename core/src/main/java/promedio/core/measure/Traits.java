package promedio.core.measure;

import java.util.Arrays;
import java.util.List;

/**
 * What a measure is, whatever the sample.
 *
 * @param group where it stands on the page
 * @param dimension what it is counted in
 * @param needs what it needs of a sample to have a value, in the order of asking
 * @param source the key of its source in docs/sources.md
 */
public record Traits(Measure.Group group, Measure.Dimension dimension, List<Need> needs, String source) {
    /** Copies the list. */
    public Traits {
        needs = List.copyOf(needs);
    }

    /** The usual: in the values' own unit, of any sample with a value, after [NIST]. */
    static Traits of(Measure.Group group) {
        return new Traits(group, Measure.Dimension.UNIT, List.of(), "NIST");
    }

    Traits in(Measure.Dimension other) {
        return new Traits(group, other, needs, source);
    }

    Traits needing(Need... others) {
        return needing(Arrays.asList(others));
    }

    Traits needing(List<Need> others) {
        return new Traits(group, dimension, others, source);
    }

    Traits from(String other) {
        return new Traits(group, dimension, needs, other);
    }
}
