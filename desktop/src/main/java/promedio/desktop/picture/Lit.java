package promedio.desktop.picture;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.paint.Color;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import promedio.core.picture.Mark;
import promedio.files.picture.Placed;

/** What lies over a picture where something is pointed at. */
final class Lit {
    private static final int MOST = 60;

    private Lit() {}

    /** The marks of a part, drawn around in the accent. */
    static List<Node> of(Mark.Part part, Placed placed, Color accent) {
        List<Node> nodes = new ArrayList<>();
        for (Mark mark : placed.picture().marks()) {
            if (nodes.size() < MOST) {
                if (mark instanceof Mark.Area area
                        && area.role() != Mark.Role.BEHIND
                        && area.part().equals(part)) {
                    double left = placed.x(area.left());
                    double top = placed.y(area.top());
                    Rectangle bar =
                            new Rectangle(left, top, placed.x(area.right()) - left, placed.y(area.bottom()) - top);
                    nodes.add(drawn(bar, accent, 0.25));
                } else if (mark instanceof Mark.Points points) {
                    points(points, part, placed, accent, nodes);
                } else if (mark instanceof Mark.Trace trace && trace.part().equals(part) && part.item() >= 0) {
                    for (int i = 1; i < trace.places().size(); i++) {
                        nodes.add(drawn(
                                new Line(
                                        placed.x(trace.places().x(i - 1)),
                                        placed.y(trace.places().y(i - 1)),
                                        placed.x(trace.places().x(i)),
                                        placed.y(trace.places().y(i))),
                                accent,
                                0));
                    }
                }
            }
        }
        return nodes;
    }

    private static void points(Mark.Points points, Mark.Part part, Placed placed, Color accent, List<Node> nodes) {
        if (points.part().series() != part.series()) {
            return;
        }
        boolean all = points.oneItem() && points.part().equals(part);
        int one = part.item() - points.part().item();
        for (int i = 0; i < points.places().size() && nodes.size() < MOST; i++) {
            if (all || !points.oneItem() && i == one) {
                Circle ring = new Circle(
                        placed.x(points.places().x(i)), placed.y(points.places().y(i)), 7);
                nodes.add(drawn(ring, accent, 0.25));
            }
        }
    }

    private static Shape drawn(Shape shape, Color accent, double filled) {
        shape.setStroke(accent);
        shape.setStrokeWidth(2);
        shape.setFill(filled > 0 ? accent.deriveColor(0, 1, 1, filled) : null);
        return shape;
    }

    /** The frame of a picture that the keyboard is at. */
    static Node frame(double width, double height, Color accent) {
        Rectangle frame = new Rectangle(1, 1, Math.max(0, width - 2), Math.max(0, height - 2));
        frame.setFill(null);
        frame.setStroke(accent);
        frame.setArcWidth(6);
        frame.setArcHeight(6);
        return frame;
    }
}
