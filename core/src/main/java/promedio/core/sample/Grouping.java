package promedio.core.sample;

import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;

/**
 * What a formula may depend on in a class table.
 *
 * @param width the common width; empty when widths differ
 * @param modalRuns the modal intervals, in order
 * @param assumed the class whose midpoint is the assumed mean
 */
public record Grouping(Optional<Exact> width, List<ModalRun> modalRuns, int assumed) {
    /**
     * A modal interval.
     *
     * @param length how many classes it has
     * @param alone whether the classes before and after it are empty, or none
     */
    public record ModalRun(int length, boolean alone) {}

    /** Copies the list. */
    public Grouping {
        modalRuns = List.copyOf(modalRuns);
    }

    static Grouping of(ClassTable table) {
        return new Grouping(
                table.commonWidth(),
                table.modes().runs().stream()
                        .map(run -> new ModalRun(
                                run.length(), isEmpty(table, run.first() - 1) && isEmpty(table, run.last() + 1)))
                        .toList(),
                table.assumed());
    }

    private static boolean isEmpty(ClassTable table, int index) {
        return index < 0 || index >= table.size() || table.at(index).frequency().signum() == 0;
    }
}
