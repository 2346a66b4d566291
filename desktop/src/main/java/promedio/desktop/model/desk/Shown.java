package promedio.desktop.model.desk;

import java.util.List;
import java.util.Map;
import java.util.Set;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;

/**
 * Everything that the pages show, of one moment: figures and answers that belong together.
 *
 * @param assignment the assignment that the figures are of
 * @param figures the figures of the chosen sample; null while there are none
 * @param settled the same without what is only tried
 * @param added what was added to the sample for a moment
 * @param opened the questions whose working is open
 * @param unfolded the groups of measures that are shown in full
 * @param methods the hand method chosen for a question
 * @param marked counts the marks that came later than the figures they belong to
 */
public record Shown(
        Assignment assignment,
        SheetFigures figures,
        SheetFigures settled,
        List<Edit> added,
        Set<String> opened,
        Set<String> unfolded,
        Map<String, String> methods,
        long marked) {
    /** Copies what can change. */
    public Shown {
        added = List.copyOf(added);
        opened = Set.copyOf(opened);
        unfolded = Set.copyOf(unfolded);
        methods = Map.copyOf(methods);
    }
}
