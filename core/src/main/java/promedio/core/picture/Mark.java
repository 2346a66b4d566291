package promedio.core.picture;

/**
 * What is drawn between the axes, in their units; made from the exact content of a picture and only good for drawing. Each
 * knows which part of the content it shows.
 */
public sealed interface Mark {
    /** What it shows. */
    Part part();

    /**
     * A part of a picture that can be pointed at.
     *
     * @param series which of several things that are laid over one another, from 0
     * @param item which bar, box or point of it, from 0; −1 for the whole of it
     */
    record Part(int series, int item) {
        /** All of a series. */
        public static Part all(int series) {
            return new Part(series, -1);
        }
    }

    /** What a mark is for, which tells how it looks. */
    enum Role {
        /** The thing itself. */
        MAIN,
        /** Something that is only assumed, or read off. */
        DASHED,
        /** A line over the thing itself: a median in its box, a curve over bars. */
        OVER,
        /** A measure beside the values it is of. */
        MEASURE,
        /** Something faint behind all: a named stretch of the scale. */
        BEHIND
    }

    /** A rectangle. */
    record Area(Part part, Role role, double left, double right, double bottom, double top) implements Mark {}

    /** Straight lines from place to place. */
    record Trace(Part part, Role role, Places places) implements Mark {}

    /** Points; the first is item {@code part.item()} of its series and the next ones follow, unless all are one item. */
    record Points(Part part, boolean oneItem, Shape shape, Places places) implements Mark {
        /** How a point looks. */
        public enum Shape {
            /** Filled. */
            DOT,
            /** A ring: a value beyond the fences. */
            RING,
            /** A rhombus: a mean. */
            RHOMBUS
        }
    }

    /** Words at a place: centred on it, at the top of the picture where {@code y} is not a number. */
    record Words(Part part, double x, double y, String text) implements Mark {}
}
