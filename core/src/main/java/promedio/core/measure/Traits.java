package promedio.core.measure;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What a measure is, whatever the sample. What anybody has to know of a measure as such stands here and is asked for here; its key is
 * named nowhere else for that.
 *
 * @param group where it stands on the page
 * @param dimension what it is counted in
 * @param needs what it needs of a sample to have a value, in the order of asking
 * @param source the key of its source in docs/sources.md
 * @param known what else is known of it
 */
public record Traits(
        Measure.Group group, Measure.Dimension dimension, List<Need> needs, String source, Set<Known> known) {
    /** What may be known of a measure. */
    public enum Known {
        /** A first course asks for it, so that it is shown before anybody asks for more. */
        USUAL,
        /** Its figure is so often a value or a count of the sample that an answer which equals it tells nothing. */
        COMMONPLACE,
        /** There may be none of it, one or several; without one it is not undefined. */
        ANY_NUMBER
    }

    /** Copies list and set. */
    public Traits {
        needs = List.copyOf(needs);
        known = Set.copyOf(known);
    }

    /** The usual: in the values' own unit, of any sample with a value, after [NIST]. */
    static Traits of(Measure.Group group) {
        return new Traits(group, Measure.Dimension.UNIT, List.of(), "NIST", Set.of());
    }

    /** Whether something is known of it. */
    public boolean is(Known what) {
        return known.contains(what);
    }

    Traits in(Measure.Dimension other) {
        return new Traits(group, other, needs, source, known);
    }

    Traits needing(Need... others) {
        return needing(Arrays.asList(others));
    }

    Traits needing(List<Need> others) {
        return new Traits(group, dimension, others, source, known);
    }

    Traits from(String other) {
        return new Traits(group, dimension, needs, other, known);
    }

    Traits being(Known more) {
        return being(more, true);
    }

    /** The same where it is so only of some variants of a measure. */
    Traits being(Known more, boolean so) {
        Set<Known> now = EnumSet.of(more);
        now.addAll(known);
        return so ? new Traits(group, dimension, needs, source, now) : this;
    }
}
