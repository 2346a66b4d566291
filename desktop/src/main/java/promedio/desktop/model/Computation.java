package promedio.desktop.model;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicLong;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;

/**
 * Computes the figures of the chosen sheet in the background. A result is shown unless a newer one was asked for; while a
 * value is only tried, results on the way are shown too, and the figures as they stand are kept beside them.
 */
final class Computation {
    private final Background background;
    private final ReadOnlyObjectWrapper<SheetFigures> figures = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<SheetFigures> settled = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper();
    private final Map<String, SheetFigures> computed = new HashMap<>();
    private final AtomicLong asked = new AtomicLong();
    private long shown;
    private boolean trying;

    Computation(Background background) {
        this.background = background;
    }

    ReadOnlyObjectWrapper<SheetFigures> figures() {
        return figures;
    }

    /** The figures without a value that is only tried. */
    ReadOnlyObjectWrapper<SheetFigures> settled() {
        return settled;
    }

    ReadOnlyBooleanWrapper busy() {
        return busy;
    }

    /** Whether a value is being tried. */
    boolean isTrying() {
        return trying;
    }

    /** Forgets all that was computed. */
    void forget() {
        computed.clear();
    }

    /** Shows nothing. */
    void clear() {
        asked.incrementAndGet();
        trying = false;
        settled.set(null);
        figures.set(null);
        busy.set(false);
    }

    /** Shows the figures of a sheet, at once when they are known. */
    void show(SampleSheet sheet, CourseCard card, Collection<String> questions) {
        trying = false;
        SheetFigures known = computed.get(sheet.id());
        if (known != null && known.sheet() == sheet && known.card().equals(card)) {
            asked.incrementAndGet();
            settled.set(known);
            figures.set(known);
            busy.set(false);
            return;
        }
        long mine = asked.incrementAndGet();
        busy.set(true);
        background.run(() -> SheetFigures.of(sheet, card, questions), result -> {
            if (mine == asked.get()) {
                shown = mine;
                computed.put(sheet.id(), result);
                settled.set(result);
                figures.set(result);
                busy.set(false);
            }
        });
    }

    /** Shows what a changed sheet would come to; work that came too late is skipped. */
    void tryOut(SampleSheet sheet, CourseCard card, Collection<String> questions) {
        trying = true;
        long mine = asked.incrementAndGet();
        busy.set(true);
        background.run(() -> mine < asked.get() ? null : SheetFigures.of(sheet, card, questions), result -> {
            if (result != null && trying && mine > shown) {
                shown = mine;
                figures.set(result);
            }
            if (mine == asked.get()) {
                busy.set(false);
            }
        });
    }
}
