package promedio.desktop.line;

import javafx.scene.canvas.GraphicsContext;
import promedio.core.sample.ClassTable;
import promedio.desktop.model.desk.ClassEdges;
import promedio.desktop.theme.Ink;

/** A class table on the Line: each class a block as if its values were spread evenly over it, areas true to frequencies. */
final class Blocks {
    private final Ink ink;
    private final ClassTable table;
    private final NumberScale scale;
    private final double axis;

    Blocks(Ink ink, ClassTable table, NumberScale scale, double axis) {
        this.ink = ink;
        this.table = table;
        this.scale = scale;
        this.axis = axis;
    }

    private double top(ClassEdges edges, int index) {
        double highest = 0;
        for (int i = 0; i < table.size(); i++) {
            highest = Math.max(highest, edges.density(i));
        }
        return highest > 0 ? axis - edges.density(index) / highest * (axis - 2.2 * ink.em()) : axis;
    }

    /** How high the blocks reach between two places. */
    double top(double from, double to) {
        ClassEdges edges = new ClassEdges(table);
        double top = axis;
        for (int i = 0; i < table.size(); i++) {
            if (scale.x(edges.lower(i)) < to && scale.x(edges.upper(i)) > from) {
                top = Math.min(top, top(edges, i));
            }
        }
        return top;
    }

    void draw(GraphicsContext g) {
        ClassEdges edges = new ClassEdges(table);
        for (int i = 0; i < table.size(); i++) {
            double from = scale.x(edges.lower(i));
            double to = scale.x(edges.upper(i));
            double top = top(edges, i);
            g.setFill(ink.ink().deriveColor(0, 1, 1, 0.16));
            g.fillRect(from + 0.5, top, to - from - 1, axis - top);
            if (edges.isDashed(i)) {
                g.setStroke(ink.soft());
                g.setLineDashes(4, 3);
                g.strokeRect(from + 0.5, top, to - from - 1, axis - top);
                g.setLineDashes();
            }
        }
    }
}
