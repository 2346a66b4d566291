package promedio.core.ownwork;

import java.util.Optional;

/**
 * A mistake that leads to a cell or a total.
 *
 * @param id its stable id, of definitions, section 6
 * @param way how the figure comes of it, in the student's own figures: {@code 2 × (−3)}; empty where there is nothing to work
 */
public record CellSlip(String id, Optional<String> way) {
    /** A mistake in which nothing is worked. */
    static CellSlip of(String id) {
        return new CellSlip(id, Optional.empty());
    }
}
