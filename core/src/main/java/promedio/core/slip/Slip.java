package promedio.core.slip;

import java.util.List;
import java.util.function.Function;

/**
 * One kind of mistake, as definitions, section 6, lists them: what it makes of a question.
 *
 * @param id its stable id
 * @param commonness how common it is among students, from 1 (rare) to 5
 * @param blames whether it is in how one entry was copied
 * @param changes what a student who makes it may have written down for a question
 */
public record Slip(String id, int commonness, boolean blames, Function<Asked, List<Changed>> changes) {
    /** A mistake in the computation. */
    Slip(String id, int commonness, Function<Asked, List<Changed>> changes) {
        this(id, commonness, false, changes);
    }
}
