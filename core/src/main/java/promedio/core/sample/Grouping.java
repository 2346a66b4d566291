package promedio.core.sample;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;

/**
 * What a formula may depend on in a class table.
 *
 * @param width the common width; empty when widths differ
 * @param modalRuns how many classes each modal interval has, in order
 * @param assumed the class whose midpoint is the assumed mean
 */
public record Grouping(Optional<Exact> width, List<Integer> modalRuns, int assumed) {
    /** Copies the list. */
    public Grouping {
        modalRuns = List.copyOf(modalRuns);
    }

    static Grouping of(ClassTable table) {
        return new Grouping(
                table.commonWidth(),
                table.modes().runs().stream().map(ClassTable.Modes.Run::length).toList(),
                table.assumed());
    }
}
