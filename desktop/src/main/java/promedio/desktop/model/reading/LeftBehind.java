package promedio.desktop.model.reading;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import promedio.files.assignment.Journal;
import promedio.files.assignment.LeftOver;

/**
 * What earlier desks have left unsaved, to be offered back a few at a time.
 *
 * @param kept what was found so far
 * @param more how many journals have not been looked into yet
 * @param newer how many are of a newer version of this program
 * @param odd how many cannot be read
 * @param folder where they are
 */
public record LeftBehind(List<Journal.Kept> kept, int more, int newer, int odd, Path folder, LeftOver journals) {
    private static final int AT_ONCE = 4;

    /** Copies the list. */
    public LeftBehind {
        kept = List.copyOf(kept);
    }

    /** Nothing but what is known already. */
    public static LeftBehind of(List<Journal.Kept> kept) {
        return new LeftBehind(kept, 0, 0, 0, Path.of(""), null);
    }

    /** The newest of what is left in a folder of journals. */
    public static LeftBehind in(LeftOver journals) {
        return of(List.of(), journals);
    }

    private static LeftBehind of(List<Journal.Kept> before, LeftOver journals) {
        List<Journal.Kept> all = new ArrayList<>(before);
        all.addAll(journals.next(AT_ONCE));
        return new LeftBehind(
                all, journals.more(), journals.newer().size(), journals.odd().size(), journals.folder(), journals);
    }

    /** The same with some more, read now. */
    public LeftBehind further() {
        return of(kept, journals);
    }

    /** The same without one that was brought back or thrown away. */
    public LeftBehind without(Journal.Kept one) {
        List<Journal.Kept> others = new ArrayList<>(kept);
        others.remove(one);
        return new LeftBehind(others, more, newer, odd, folder, journals);
    }

    /** Whether there is nothing to say. */
    public boolean isEmpty() {
        return kept.isEmpty() && more == 0 && newer == 0 && odd == 0;
    }
}
