package promedio.files.picture;

import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.picture.Axis;
import promedio.core.picture.Mark;
import promedio.core.picture.Picture;

/**
 * Where the parts of a drawn picture lie, in the units of its surface.
 *
 * @param picture the picture
 * @param data the rectangle between the axes
 * @param spots what can be edited where it stands
 * @param legend where the names of series stand that have one, in their order
 */
public record Placed(Picture picture, Rectangle2D data, Map<Spot, Rectangle2D> spots, List<Rectangle2D> legend) {
    private static final double NEAR = 7;

    /** What can be edited where it stands. */
    public enum Spot {
        /** What stands over the picture. */
        TITLE,
        /** What stands along the axis across. */
        ACROSS_TITLE,
        /** What stands along the upright axis. */
        UP_TITLE,
        /** What stands below. */
        CAPTION,
        /** The names of series, with their colours. */
        LEGEND,
        /** The names of groups or categories along an axis. */
        NAMES,
        /** The beginning of the axis across. */
        FROM,
        /** Its end. */
        TO
    }

    /** Copies the map. */
    public Placed {
        spots = Map.copyOf(spots);
        legend = List.copyOf(legend);
    }

    /** The place of a value on the axis across. */
    public double x(double value) {
        return picture.across()
                .map(axis -> data.getMinX() + axis.share(value) * data.getWidth())
                .orElse(0.0);
    }

    /** The place of a value on the upright axis. */
    public double y(double value) {
        return picture.up()
                .map(axis -> data.getMaxY() - axis.share(value) * data.getHeight())
                .orElse(0.0);
    }

    /** The value on the axis across at a place. */
    public double valueAt(double x) {
        Axis axis = picture.across().orElseThrow();
        double from = axis.from().toDouble();
        return from + (x - data.getMinX()) / data.getWidth() * (axis.to().toDouble() - from);
    }

    /** The series whose name in the legend stands at a place. */
    public Optional<Integer> legendAt(double x, double y) {
        int named = 0;
        for (int series = 0; series < picture.series().size(); series++) {
            if (!picture.series().get(series).isEmpty()) {
                if (named < legend.size() && legend.get(named).contains(x, y)) {
                    return Optional.of(series);
                }
                named++;
            }
        }
        return Optional.empty();
    }

    /** What can be edited at a place. */
    public Optional<Spot> spot(double x, double y) {
        return spots.entrySet().stream()
                .filter(one -> one.getValue().contains(x, y))
                .map(Map.Entry::getKey)
                .sorted()
                .findFirst();
    }

    /** The part at a place: a point that is near, else a line, else the bar on top. */
    public Optional<Mark.Part> part(double x, double y) {
        // A dot at the very end of an axis lies half beyond it.
        boolean near = x >= data.getMinX() - NEAR
                && x <= data.getMaxX() + NEAR
                && y >= data.getMinY() - NEAR
                && y <= data.getMaxY();
        if (!near) {
            return Optional.empty();
        }
        return point(x, y).or(() -> line(x, y)).or(() -> bar(x, y));
    }

    private Optional<Mark.Part> point(double x, double y) {
        Mark.Part found = null;
        double nearest = NEAR * NEAR;
        for (Mark mark : picture.marks()) {
            if (mark instanceof Mark.Points points) {
                for (int i = 0; i < points.places().size(); i++) {
                    double dx = x(points.places().x(i)) - x;
                    double dy = y(points.places().y(i)) - y;
                    double far = dx * dx + dy * dy;
                    if (far < nearest) {
                        nearest = far;
                        found = points.oneItem()
                                ? points.part()
                                : new Mark.Part(
                                        points.part().series(), points.part().item() + i);
                    }
                }
            }
        }
        return Optional.ofNullable(found);
    }

    private Optional<Mark.Part> line(double x, double y) {
        for (int m = picture.marks().size() - 1; m >= 0; m--) {
            if (picture.marks().get(m) instanceof Mark.Trace trace) {
                // A line through points is told by its points; one over bars, or of a box, tells itself.
                boolean through = trace.part().item() < 0 && trace.role() != Mark.Role.OVER;
                for (int i = 1; i < trace.places().size() && !through; i++) {
                    double far = Line2D.ptSegDist(
                            x(trace.places().x(i - 1)),
                            y(trace.places().y(i - 1)),
                            x(trace.places().x(i)),
                            y(trace.places().y(i)),
                            x,
                            y);
                    if (far < NEAR * 0.7) {
                        return Optional.of(trace.part());
                    }
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Mark.Part> bar(double x, double y) {
        for (int m = picture.marks().size() - 1; m >= 0; m--) {
            if (picture.marks().get(m) instanceof Mark.Area area && area.role() != Mark.Role.BEHIND) {
                boolean within =
                        x >= x(area.left()) && x < x(area.right()) && y >= y(area.top()) && y <= y(area.bottom());
                if (within) {
                    return Optional.of(area.part());
                }
            }
        }
        return Optional.empty();
    }
}
