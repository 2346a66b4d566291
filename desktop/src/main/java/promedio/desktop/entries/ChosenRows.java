package promedio.desktop.entries;

import java.util.List;
import java.util.NavigableSet;
import java.util.TreeSet;

/** Which of a row of numbered things are chosen: one, a stretch, or several, as keys and pointer do everywhere. */
final class ChosenRows {
    private final NavigableSet<Integer> chosen = new TreeSet<>();
    private int focused = -1;
    private int anchor = -1;

    /** The chosen numbers, ascending. */
    List<Integer> chosen() {
        return List.copyOf(chosen);
    }

    boolean isChosen(int index) {
        return chosen.contains(index);
    }

    /** The one that keys go on from; −1 for none. */
    int focused() {
        return focused;
    }

    /** Chooses one and nothing else. */
    void only(int index) {
        chosen.clear();
        chosen.add(index);
        focused = index;
        anchor = index;
    }

    /** Chooses all from where the choice began to here. */
    void through(int index) {
        int from = anchor < 0 ? index : anchor;
        chosen.clear();
        for (int i = Math.min(from, index); i <= Math.max(from, index); i++) {
            chosen.add(i);
        }
        focused = index;
        anchor = from;
    }

    /** Chooses one more, or one less. */
    void turn(int index) {
        if (!chosen.remove(index)) {
            chosen.add(index);
        }
        focused = index;
        anchor = index;
    }

    /** Chooses the first so many. */
    void all(int size) {
        chosen.clear();
        for (int i = 0; i < size; i++) {
            chosen.add(i);
        }
        focused = Math.min(Math.max(0, focused), size - 1);
    }

    void none() {
        chosen.clear();
        focused = -1;
        anchor = -1;
    }

    /** Lets go of what is no longer there. */
    void within(int size) {
        chosen.tailSet(size, true).clear();
        focused = Math.min(focused, size - 1);
        anchor = Math.min(anchor, size - 1);
    }
}
