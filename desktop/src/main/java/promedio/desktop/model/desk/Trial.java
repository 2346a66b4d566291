package promedio.desktop.model.desk;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyObjectProperty;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.RowMap;
import promedio.core.assignment.SampleSheet;

/** What is only tried on the chosen sample: a value in hand on the Line, and what was added for a moment. */
public final class Trial {
    private final Desk desk;
    private final Computation computation;
    private final WhatIf whatIf = new WhatIf();

    Trial(Desk desk, Computation computation) {
        this.desk = desk;
        this.computation = computation;
    }

    /** Shows what an edit of the chosen sample would do, without making it: a value in hand on the Line. */
    public void take(Edit edit) {
        if (isSettled()) {
            desk.sheet().ifPresent(sheet -> whatIf.take(edit, sheet));
            show();
        }
    }

    /** The same, of an edit aimed at rows as somebody saw them. */
    public void take(Edit edit, SheetFigures seen) {
        desk.aimed(edit, seen).ifPresent(this::take);
    }

    /** Makes the change that is in hand; while something was added for a moment, it stays one more such change. */
    public void letGo() {
        if (!whatIf.isInHand()) {
            return;
        }
        if (whatIf.hasAdded()) {
            whatIf.letGo();
        } else {
            desk.make(whatIf.release());
            desk.refresh();
        }
    }

    /** Puts back the value that is in hand. */
    public void putBack() {
        if (whatIf.isInHand()) {
            whatIf.putBack();
            desk.refresh();
        }
    }

    /** Adds something to the chosen sample for a moment, to be kept or thrown away. */
    public void add(Edit edit) {
        if (isSettled()) {
            desk.sheet().ifPresent(sheet -> whatIf.add(edit, sheet));
            show();
        }
    }

    /** What was added to the chosen sample for a moment, and moved since. */
    public ReadOnlyObjectProperty<List<Edit>> addedProperty() {
        return whatIf.addedProperty();
    }

    /** Keeps what was added for a moment, as one edit. */
    public void keepAdded() {
        List<Edit> kept = whatIf.addedProperty().get();
        whatIf.clear();
        if (!kept.isEmpty()) {
            desk.make(kept.size() == 1 ? kept.get(0) : new Edit.Together("add-entries", kept));
            desk.refresh();
        }
    }

    /** Throws away what was added for a moment. */
    public void dropAdded() {
        if (!whatIf.isEmpty()) {
            whatIf.clear();
            desk.refresh();
        }
    }

    boolean isEmpty() {
        return whatIf.isEmpty();
    }

    void clear() {
        whatIf.clear();
    }

    private boolean isSettled() {
        SheetFigures settled = computation.settled().get();
        return settled != null
                && settled.sheet().id().equals(desk.selectedProperty().get());
    }

    /** Goes on with the sheet as it is now, whose rows may stand elsewhere by now. */
    void carry(Function<SampleSheet, Optional<RowMap>> rowsSince) {
        if (!whatIf.isEmpty() && desk.sheet().filter(this::isTried).isEmpty()) {
            // The sample is gone, or was read as something else.
            whatIf.clear();
        }
        if (!whatIf.isEmpty()) {
            desk.sheet()
                    .filter(sheet -> sheet != whatIf.basis())
                    .ifPresent(sheet -> whatIf.carry(rowsSince.apply(whatIf.basis()), sheet));
        }
        if (!whatIf.isEmpty()) {
            show();
        }
    }

    private boolean isTried(SampleSheet sheet) {
        return sheet.id().equals(whatIf.basis().id())
                && sheet.kind() == whatIf.basis().kind();
    }

    private void show() {
        Assignment tried = whatIf.applied(desk.assignment());
        tried.sheet(desk.selectedProperty().get())
                .ifPresent(sheet -> computation.tryOut(
                        sheet, desk.sheet().orElse(sheet), tried.card(), desk.questions(sheet.id())));
    }
}
