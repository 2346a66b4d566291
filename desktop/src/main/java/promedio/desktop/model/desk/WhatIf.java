package promedio.desktop.model.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.RowMap;
import promedio.core.assignment.SampleSheet;

/** Changes of the chosen sample that are only tried: what is added for a moment, and a value in hand on the Line. */
final class WhatIf {
    private final ReadOnlyObjectWrapper<List<Edit>> added = new ReadOnlyObjectWrapper<>(List.of());
    private Edit inHand;
    private SampleSheet basis;

    /** What was added for a moment, to be kept or thrown away. */
    ReadOnlyObjectProperty<List<Edit>> addedProperty() {
        return added.getReadOnlyProperty();
    }

    boolean isEmpty() {
        return inHand == null && added.get().isEmpty();
    }

    boolean hasAdded() {
        return !added.get().isEmpty();
    }

    boolean isInHand() {
        return inHand != null;
    }

    void take(Edit edit, SampleSheet of) {
        inHand = edit;
        basis = of;
    }

    /** Puts what is in hand back to where it was. */
    void putBack() {
        inHand = null;
    }

    void add(Edit edit, SampleSheet of) {
        basis = of;
        add(edit);
    }

    private void add(Edit edit) {
        List<Edit> more = new ArrayList<>(added.get());
        more.add(edit);
        added.set(List.copyOf(more));
    }

    /** Lets go of what is in hand, as one more change that is only tried. */
    void letGo() {
        if (inHand != null) {
            add(inHand);
            inHand = null;
        }
    }

    /** The edit in hand, which is in hand no longer. */
    Edit release() {
        Edit edit = inHand;
        inHand = null;
        return edit;
    }

    void clear() {
        inHand = null;
        if (hasAdded()) {
            added.set(List.of());
        }
    }

    /** The sheet that the changes were meant for. */
    SampleSheet basis() {
        return basis;
    }

    /** Goes on with a sheet whose rows stand elsewhere by now; what was aimed at a row that is gone is dropped. */
    void carry(Optional<RowMap> rows, SampleSheet to) {
        int known = basis.size();
        RowMap within = row -> row < known && rows.isPresent() ? rows.get().to(row) : OptionalInt.empty();
        inHand = inHand == null ? null : inHand.carried(within).orElse(null);
        List<Edit> left = added.get().stream()
                .flatMap(edit -> edit.carried(within).stream())
                .toList();
        basis = to;
        added.set(left);
    }

    /** The assignment with everything that is tried. */
    Assignment applied(Assignment to) {
        Assignment after = to;
        for (Edit edit : added.get()) {
            after = edit.apply(after);
        }
        return inHand == null ? after : inHand.apply(after);
    }
}
