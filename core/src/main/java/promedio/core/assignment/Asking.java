package promedio.core.assignment;

/**
 * How an assignment asks: whether the program's figures are covered until there is an answer, and whether marks give hints.
 *
 * @param covered whether a figure is covered until it is answered: the student's own attempt comes first
 * @param hinting whether a mark of a covered figure says at first only that an answer differs, and gives one hint after the other
 * @param marksAtOnce whether a student's own working is marked while it is written, or only when that is asked for
 */
public record Asking(boolean covered, boolean hinting, boolean marksAtOnce) {
    /** Figures lie open, and marks say at once what happened. */
    public static final Asking OPEN = new Asking(false, false, true);

    /** With figures covered, or open. */
    public Asking covering(boolean on) {
        return new Asking(on, hinting, marksAtOnce);
    }

    /** With marks that give hints, or tell. */
    public Asking hinting(boolean on) {
        return new Asking(covered, on, marksAtOnce);
    }

    /** With workings marked at once, or when that is asked for. */
    public Asking marking(boolean on) {
        return new Asking(covered, hinting, on);
    }
}
