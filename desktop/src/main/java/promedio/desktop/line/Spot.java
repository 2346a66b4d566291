package promedio.desktop.line;

/** A place on the Line that stands for a measure. */
record Spot(String question, double left, double top, double right, double bottom) {

    boolean holds(double x, double y) {
        return x >= left && x <= right && y >= top && y <= bottom;
    }
}
