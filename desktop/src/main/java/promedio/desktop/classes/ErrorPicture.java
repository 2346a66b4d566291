package promedio.desktop.classes;

import java.util.List;
import java.util.function.ToDoubleFunction;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;
import promedio.desktop.theme.Ink;

/** How the error of grouping grows with the class width: three lines around nought. */
final class ErrorPicture extends Ink {
    private final Canvas canvas = new Canvas();
    private List<Point> points = List.of();
    private SheetFigures figures;

    /** The errors at one width. */
    record Point(double width, double mean, double median, double sd) {}

    ErrorPicture() {
        getStyleClass().addAll("class-picture", "error-picture");
        getChildren().add(canvas);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText(Words.of("compare.width"));
    }

    void show(List<Point> errors, SheetFigures of) {
        points = List.copyOf(errors);
        figures = of;
        requestLayout();
        draw();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    private double x(double width) {
        double most = points.get(points.size() - 1).width();
        return 3.2 * em() + width / most * (getWidth() - 9.5 * em());
    }

    private double y(double error, double largest) {
        double middle = (getHeight() - 1.6 * em()) / 2 + 0.6 * em();
        return middle - error / largest * (getHeight() / 2 - 1.8 * em());
    }

    @Override
    protected void draw() {
        if (canvas == null || canvas.getWidth() < 60) {
            return;
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (points.isEmpty()) {
            return;
        }
        double largest = points.stream()
                .mapToDouble(point ->
                        Math.max(Math.abs(point.mean()), Math.max(Math.abs(point.median()), Math.abs(point.sd()))))
                .max()
                .orElse(1);
        double scale = largest > 0 ? largest : 1;
        g.setStroke(soft());
        g.setLineWidth(1);
        g.strokeLine(3.2 * em(), y(0, scale), getWidth() - 6.1 * em(), y(0, scale));
        g.setFont(font(0.82, false));
        g.setFill(soft());
        g.setTextAlign(TextAlignment.RIGHT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText("0", 2.9 * em(), y(0, scale));
        String most = figures.text().plain(java.math.BigDecimal.valueOf(scale).round(new java.math.MathContext(2)));
        g.fillText("+" + most, 2.9 * em(), y(scale, scale));
        g.fillText("−" + most, 2.9 * em(), y(-scale, scale));
        g.setTextBaseline(VPos.BOTTOM);
        g.fillText(Words.of("compare.width"), getWidth() - 6.1 * em(), getHeight() - 0.1 * em());
        line(g, scale, Point::mean, accent(), Words.of("line.mean", "").strip());
        line(g, scale, Point::median, ink(), Words.of("line.median", "").strip());
        line(g, scale, Point::sd, spread(), Words.of("compare.sd"));
    }

    private void line(GraphicsContext g, double largest, ToDoubleFunction<Point> error, Color colour, String name) {
        g.setStroke(colour);
        g.setFill(colour);
        g.setLineWidth(1.3);
        Point before = null;
        for (Point point : points) {
            double x = x(point.width());
            double y = y(error.applyAsDouble(point), largest);
            if (before != null) {
                g.strokeLine(x(before.width()), y(error.applyAsDouble(before), largest), x, y);
            }
            g.fillOval(x - 2, y - 2, 4, 4);
            before = point;
        }
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.setFont(font(0.82, true));
        g.fillText(name, x(before.width()) + 6, y(error.applyAsDouble(before), largest));
        g.setLineWidth(1);
    }
}
