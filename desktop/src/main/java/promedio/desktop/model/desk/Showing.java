package promedio.desktop.model.desk;

import java.util.List;
import java.util.function.Supplier;
import javafx.beans.Observable;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;

/**
 * Gathers what the pages show into one record a change. While figures are on their way, what is shown stays that of before,
 * whole: no page puts new answers beside old figures.
 */
final class Showing {
    private final Looking looking;
    private final Computation computation;
    private final ReadOnlyObjectProperty<List<Edit>> added;
    private final Supplier<Assignment> present;
    private final ReadOnlyObjectWrapper<Shown> shown = new ReadOnlyObjectWrapper<>();
    private Assignment assignment = Assignment.EMPTY;
    private boolean held;

    Showing(
            Looking looking,
            Computation computation,
            ReadOnlyObjectProperty<List<Edit>> added,
            Supplier<Assignment> present) {
        this.looking = looking;
        this.computation = computation;
        this.added = added;
        this.present = present;
        for (Observable part : List.of(
                looking.opened(),
                looking.unfolded(),
                looking.methods(),
                added,
                computation.marked().getReadOnlyProperty())) {
            part.addListener(changed -> publish());
        }
        computation.figures().addListener((property, before, now) -> bringUpToDate());
        bringUpToDate();
    }

    ReadOnlyObjectWrapper<Shown> shown() {
        return shown;
    }

    /** Does what changes several things, and shows what comes of it once. */
    void once(Runnable changes) {
        boolean outer = held;
        held = true;
        try {
            changes.run();
        } finally {
            held = outer;
        }
        if (!computation.isComputing()) {
            bringUpToDate();
        }
    }

    private void bringUpToDate() {
        assignment = present.get();
        publish();
    }

    private void publish() {
        if (!held) {
            Shown now = new Shown(
                    assignment,
                    computation.figures().get(),
                    computation.settled().get(),
                    added.get(),
                    looking.opened(),
                    looking.unfolded(),
                    looking.methods(),
                    computation.marked().get());
            if (!now.equals(shown.get())) {
                shown.set(now);
            }
        }
    }
}
