package promedio.core.ownwork;

import java.util.Locale;
import java.util.Optional;
import promedio.core.number.Exact;

/**
 * What is to be said of a cell or a total.
 *
 * @param text as it is written
 * @param verdict whether it is right
 * @param expected what is right; empty where that is no number, or there should be no such row
 * @param first whether it is the first wrong one of a chain: what follows from it is not wrong again
 * @param slip the mistake that leads to it, where one does
 */
public record CellMark(String text, Verdict verdict, Optional<Exact> expected, boolean first, Optional<CellSlip> slip) {
    /** Whether a cell is right. */
    public enum Verdict {
        /** To the last digit. */
        RIGHT,
        /** As far as it is written, or from figures that were rounded before. */
        ROUNDED,
        /** From the student's own figures, one of which is wrong. */
        FOLLOWS,
        /** Neither. */
        WRONG,
        /** Nothing is written. */
        EMPTY,
        /** What is written is no figure. */
        UNREADABLE;

        /** Its stable word. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Whether what goes on from it goes on from something right. */
        boolean isGood() {
            return this == RIGHT || this == ROUNDED;
        }
    }
}
