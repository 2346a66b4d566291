package promedio.core.ownwork;

import promedio.core.number.Exact;

/**
 * How a figure of a student's table is worked out.
 *
 * @param text the arithmetic, in the student's own figures before it: {@code (−3)²}
 * @param comes what comes of it
 */
public record OwnWay(String text, Exact comes) {
    /** The whole of it: {@code (−3)² = 9}. */
    public String written() {
        return text + " = " + OwnFigure.of(comes);
    }
}
