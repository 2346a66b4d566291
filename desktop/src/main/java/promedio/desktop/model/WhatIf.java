package promedio.desktop.model;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;

/** Changes of the chosen sample that are only tried: what is added for a moment, and a value in hand on the Line. */
final class WhatIf {
    private final ReadOnlyObjectWrapper<List<Edit>> added = new ReadOnlyObjectWrapper<>(List.of());
    private Edit inHand;

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

    void take(Edit edit) {
        inHand = edit;
    }

    /** Puts what is in hand back to where it was. */
    void putBack() {
        inHand = null;
    }

    void add(Edit edit) {
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

    /** The assignment with everything that is tried. */
    Assignment applied(Assignment to) {
        Assignment after = to;
        for (Edit edit : added.get()) {
            after = edit.apply(after);
        }
        return inHand == null ? after : inHand.apply(after);
    }
}
