package promedio.core.assignment;

/**
 * How an assignment asks: whether the program's figures are covered until there is an answer, and whether marks give hints.
 *
 * @param covered whether a figure is covered until it is answered: the student's own attempt comes first
 * @param hinting whether a mark of a covered figure says at first only that an answer differs, and gives one hint after the other
 */
public record Asking(boolean covered, boolean hinting) {
    /** Figures lie open, and marks say at once what happened. */
    public static final Asking OPEN = new Asking(false, false);
}
