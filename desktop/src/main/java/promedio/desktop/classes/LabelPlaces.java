package promedio.desktop.classes;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.BoundingBox;

/** Finds places for labels beside upright lines: near to the own line's foot, clear of curves and of each other. */
final class LabelPlaces {
    private static final double STEP = 5;

    /** How far a label keeps from its line, and from a curve. */
    private static final double GAP = 3;

    private final BoundingBox area;
    private final List<Piece> curves;
    private final List<Double> lines;
    private final List<BoundingBox> taken = new ArrayList<>();

    /**
     * Places within an area.
     *
     * @param curves what a label never lies over, if it can be
     * @param lines where the upright lines are: a label is kept off those that are not its own
     */
    LabelPlaces(BoundingBox area, List<Piece> curves, List<Double> lines) {
        this.area = area;
        this.curves = List.copyOf(curves);
        this.lines = List.copyOf(lines);
    }

    /** A straight piece of a curve, from left to right. */
    record Piece(double fromX, double fromY, double toX, double toY) {

        /** Whether it runs through a place, or nearer to it than a gap above or below. */
        boolean crosses(BoundingBox place) {
            double from = Math.max(place.getMinX(), fromX);
            double to = Math.min(place.getMaxX(), toX);
            return from <= to
                    && Math.max(at(from), at(to)) > place.getMinY() - GAP
                    && Math.min(at(from), at(to)) < place.getMaxY() + GAP;
        }

        private double at(double x) {
            return toX == fromX ? fromY : fromY + (toY - fromY) * (x - fromX) / (toX - fromX);
        }
    }

    /** The free place nearest to the foot of a line, which is taken from then on; the foot itself where none is free. */
    BoundingBox place(double line, double width, double height) {
        double lowest = area.getMaxY() - height;
        BoundingBox best = new BoundingBox(Math.min(line + GAP, area.getMaxX() - width), lowest, width, height);
        double least = Double.POSITIVE_INFINITY;
        for (double y = lowest; y > area.getMinY(); y -= STEP) {
            for (double x = area.getMinX(); x + width <= area.getMaxX(); x += STEP) {
                BoundingBox place = new BoundingBox(x, y, width, height);
                double beside = Math.min(Math.abs(x - line - GAP), Math.abs(x + width + GAP - line));
                double away = beside + 0.7 * (lowest - y) + misleads(line, place);
                if (away < least && isFree(place)) {
                    best = place;
                    least = away;
                }
            }
        }
        taken.add(best);
        return best;
    }

    private boolean isFree(BoundingBox place) {
        return taken.stream().noneMatch(place::intersects) && curves.stream().noneMatch(piece -> piece.crosses(place));
    }

    /** What the lines weigh that run through a place, or between it and its own line, where it would be read as theirs. */
    private double misleads(double own, BoundingBox place) {
        double weight = 0;
        for (double line : lines) {
            if (line > place.getMinX() - 2 && line < place.getMaxX() + 2) {
                weight += 20 * STEP;
            } else if (line != own && (place.getMaxX() < line ? line < own : line > own)) {
                weight += 24 * STEP;
            }
        }
        return weight;
    }
}
