package promedio.desktop.model.desk;

import java.math.BigDecimal;
import java.util.Optional;
import promedio.core.assignment.SheetEdit;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;

/** A value of the chosen sample that is moved to see what follows; of a frequency table one unit of its row. */
public final class ValueInHand {
    private final Desk model;
    private final SheetFigures seen;
    private final int entry;
    private final Exact origin;
    private boolean moved;

    private ValueInHand(Desk model, SheetFigures seen, int entry, Exact origin) {
        this.model = model;
        this.seen = seen;
        this.entry = entry;
        this.origin = origin;
    }

    /**
     * Takes a value in hand; empty where it cannot be moved. Of several entries with the value it is the last.
     *
     * @param seen the figures in which it was seen
     */
    public static Optional<ValueInHand> of(Desk model, SheetFigures seen, Exact value) {
        Sample sample = seen.sample();
        for (int row = isFixed(sample) ? -1 : sample.rows() - 1; row >= 0; row--) {
            if (sample.value(row).equals(value)) {
                return Optional.of(new ValueInHand(model, seen, sample.entry(row), value));
            }
        }
        return Optional.empty();
    }

    /** Whether values cannot be moved: proportions have no unit, and of class tables the values are not known. */
    public static boolean isFixed(Sample sample) {
        return sample.shape().relative() || sample.classes().isPresent();
    }

    /** What it was when it was taken in hand. */
    public Exact origin() {
        return origin;
    }

    /** The entry, or the row of the table, that it is. */
    public int entry() {
        return entry;
    }

    /** Whether it was moved at all. */
    public boolean isMoved() {
        return moved;
    }

    /** Shows what it would be like with another value. */
    public void move(BigDecimal to) {
        moved = true;
        String sheet = seen.sheet().id();
        String written = model.assignment().card().numerals().write(to);
        model.trial()
                .take(
                        seen.sample().weighted()
                                ? new SheetEdit.MoveUnit(sheet, entry, written)
                                : new SheetEdit.SetEntry(sheet, 0, entry, written),
                        seen);
    }

    /** Lets it go where it is: the change is made. */
    public void letGo() {
        if (moved) {
            model.trial().letGo();
        }
    }
}
