package promedio.desktop.classes;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import promedio.core.number.Exact;
import promedio.core.picture.Ticks;
import promedio.desktop.theme.Ink;

/** A picture with a number line below and frequencies at the left: axes, ticks, titles. */
abstract class Plot extends Ink {
    private final Canvas canvas = new Canvas();
    private ShownClasses shown;

    Plot(String style) {
        getStyleClass().addAll("class-picture", style);
        getChildren().add(canvas);
    }

    /** Shows a table; null for none. */
    void show(ShownClasses table) {
        shown = table;
        draw();
    }

    ShownClasses shown() {
        return shown;
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    double left() {
        return 3.4 * em();
    }

    double right() {
        return getWidth() - 0.9 * em();
    }

    double top() {
        return 2.7 * em();
    }

    double bottom() {
        return getHeight() - 3.4 * em();
    }

    double x(double value) {
        return left() + (value - shown.least()) / (shown.most() - shown.least()) * (right() - left());
    }

    double value(double x) {
        return shown.least() + (x - left()) / (right() - left()) * (shown.most() - shown.least());
    }

    double y(double height) {
        return bottom() - height / highest() * (bottom() - top());
    }

    /** The greatest number on the upright axis. */
    abstract double highest();

    /** Whether the upright axis counts things, which come whole. */
    abstract boolean countsWhole();

    /** What the upright axis counts. */
    abstract String title();

    /** Draws what stands between the axes. */
    abstract void drawInside(GraphicsContext g);

    @Override
    protected void draw() {
        if (canvas == null || canvas.getWidth() < 60) {
            return;
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (shown == null) {
            return;
        }
        drawInside(g);
        axes(g);
    }

    private void axes(GraphicsContext g) {
        g.setStroke(ink());
        g.setLineWidth(1);
        g.setLineDashes();
        g.strokeLine(left(), Math.round(bottom()) + 0.5, right(), Math.round(bottom()) + 0.5);
        g.strokeLine(Math.round(left()) + 0.5, top(), Math.round(left()) + 0.5, bottom());
        g.setFill(soft());
        g.setFont(font(0.82, false));
        g.setTextAlign(TextAlignment.RIGHT);
        g.setTextBaseline(VPos.CENTER);
        for (Exact tick : ticks()) {
            double y = y(tick.toDouble());
            g.strokeLine(left() - 3, y, left(), y);
            g.fillText(Ticks.written(tick, shown.figures().text()), left() - 6, y);
        }
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        double last = Double.NEGATIVE_INFINITY;
        for (double edge : edges()) {
            double x = x(edge);
            g.strokeLine(x, bottom(), x, bottom() + 3);
            String text = shown.figures().text().plain(plain(edge));
            double half = width(text, font(0.82, false)) / 2;
            if (x - half > last + 4) {
                g.fillText(text, x, bottom() + 0.45 * em());
                last = x + half;
            }
        }
        g.setFont(font(0.86, false));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.TOP);
        g.fillText(title(), 0.2 * em(), 0.1 * em());
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(shown.axis(), right(), bottom() + 1.9 * em());
    }

    /** The heights that are marked, as pictures have them. */
    private List<Exact> ticks() {
        Exact highest = Exact.from(BigDecimal.valueOf(highest()));
        int most = (int) Math.max(1, (bottom() - top()) / (2.2 * em()));
        return highest.signum() <= 0
                ? List.of()
                : Ticks.multiples(Exact.ZERO, highest, Ticks.step(highest, most, countsWhole()));
    }

    private static BigDecimal plain(double edge) {
        BigDecimal exact = BigDecimal.valueOf(edge)
                .setScale(6, java.math.RoundingMode.HALF_EVEN)
                .stripTrailingZeros();
        return exact.scale() < 0 ? exact.setScale(0) : exact;
    }

    private List<Double> edges() {
        List<Double> edges = new ArrayList<>();
        for (int i = 0; i < shown.table().size(); i++) {
            edges.add(shown.lower(i));
        }
        edges.add(shown.most());
        return edges;
    }
}
