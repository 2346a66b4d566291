package promedio.desktop.classes;

import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import promedio.core.course.CardKey;
import promedio.core.course.GroupedMode;
import promedio.core.sample.ClassTable;
import promedio.desktop.text.Words;

/**
 * The histogram of a class table: areas true to the frequencies, the frequency polygon through the midpoints, and the mode
 * found by its two crossing lines. The edges of a tabulated list can be dragged.
 */
final class Histogram extends Plot {
    private static final double CATCH = 6;

    private int lit = -1;
    private boolean movable;
    private IntConsumer pointed = index -> {};

    Histogram() {
        super("histogram");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setOnMouseMoved(move -> pointed.accept(classAt(move.getX())));
        setOnMouseExited(leave -> pointed.accept(-1));
    }

    void onPointed(IntConsumer listener) {
        pointed = listener;
    }

    /** Whether the edges have handles. */
    void setMovable(boolean can) {
        movable = can;
        draw();
    }

    /** Lights up a class; −1 for none. */
    void light(int index) {
        lit = index;
        draw();
    }

    private int classAt(double x) {
        if (shown() == null || x < left() || x > right()) {
            return -1;
        }
        for (int i = 0; i < shown().table().size(); i++) {
            if (x <= x(shown().upper(i))) {
                return i;
            }
        }
        return -1;
    }

    /** The edge near a place, counted from 0; empty where there is none. */
    Optional<Integer> edgeAt(double x) {
        if (!movable || shown() == null) {
            return Optional.empty();
        }
        int size = shown().table().size();
        for (int i = 0; i <= size; i++) {
            double edge = i < size ? shown().lower(i) : shown().most();
            if (Math.abs(x(edge) - x) <= CATCH) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    @Override
    double highest() {
        return shown().highest() * 1.08;
    }

    @Override
    boolean countsWhole() {
        return !shown().byDensity() && !shown().table().isRelative();
    }

    @Override
    String title() {
        return Words.of(shown().byDensity() ? "classes.density" : "classes.frequency");
    }

    @Override
    void drawInside(GraphicsContext g) {
        for (int i = 0; i < shown().table().size(); i++) {
            bar(g, i);
        }
        polygon(g);
        mode(g);
        if (movable) {
            handles(g);
        }
        setAccessibleText(Words.of(
                "classes.histogram.spoken", shown().axis(), shown().table().size(), shown().written("mode")));
    }

    private void bar(GraphicsContext g, int index) {
        double from = x(shown().lower(index));
        double to = x(shown().upper(index));
        double top = y(shown().height(index));
        boolean modal = !shown().covers("mode")
                && shown().table().modes().runs().stream().anyMatch(run -> index >= run.first() && index <= run.last());
        Color fill = index == lit
                ? accent().deriveColor(0, 1, 1, 0.35)
                : modal ? quartiles().deriveColor(0, 1, 1, 0.45) : ink().deriveColor(0, 1, 1, 0.14);
        g.setFill(fill);
        g.fillRect(from, top, to - from, bottom() - top);
        g.setStroke(ink());
        g.setLineWidth(1);
        if (shown().isDashed(index)) {
            g.setLineDashes(4, 3);
        }
        g.strokeRect(from, top, to - from, bottom() - top);
        g.setLineDashes();
    }

    private void polygon(GraphicsContext g) {
        int size = shown().table().size();
        double[] xs = new double[size];
        double[] ys = new double[size];
        for (int i = 0; i < size; i++) {
            xs[i] = x((shown().lower(i) + shown().upper(i)) / 2);
            ys[i] = y(shown().height(i));
        }
        g.setStroke(spread().deriveColor(0, 1, 1, 0.7));
        g.setLineWidth(1.2);
        g.strokePolyline(xs, ys, size);
        g.setLineWidth(1);
    }

    /** From the modal bar’s upper corners to the neighbours’: the lines cross above the mode. */
    private void mode(GraphicsContext g) {
        Optional<Double> mode = shown().figure("mode").map(figure -> figure.toDouble());
        if (mode.isEmpty()) {
            return;
        }
        g.setStroke(accent());
        g.setFill(accent());
        g.setLineWidth(1.4);
        ClassTable.Modes.Run run = shown().table().modes().runs().isEmpty()
                ? new ClassTable.Modes.Run(0, -1)
                : shown().table().modes().runs().get(0);
        boolean crossing = shown().figures().card().get(CardKey.GROUPED_MODE) == GroupedMode.INTERPOLATED;
        double x = x(mode.get());
        if (crossing && run.length() == 1) {
            int modal = run.first();
            double from = x(shown().lower(modal));
            double to = x(shown().upper(modal));
            double top = y(shown().height(modal));
            double before = modal > 0 ? shown().height(modal - 1) : 0;
            double after = modal < shown().table().size() - 1 ? shown().height(modal + 1) : 0;
            g.strokeLine(from, top, to, y(after));
            g.strokeLine(to, top, from, y(before));
        }
        g.setLineDashes(3, 3);
        g.strokeLine(x, top(), x, bottom());
        g.setLineDashes();
        g.setLineWidth(1);
        String text = Words.of("classes.mode", shown().written("mode"));
        boolean left = x + width(text, font(0.86, true)) + 8 > right();
        g.setFont(font(0.86, true));
        g.setTextAlign(left ? TextAlignment.RIGHT : TextAlignment.LEFT);
        g.setTextBaseline(VPos.TOP);
        g.fillText(text, x + (left ? -5 : 5), top() - 0.9 * em());
    }

    private void handles(GraphicsContext g) {
        int size = shown().table().size();
        for (int i = 0; i <= size; i++) {
            double x = x(i < size ? shown().lower(i) : shown().most());
            g.setFill(paper());
            g.fillRoundRect(x - 3, bottom() - 5, 6, 10, 4, 4);
            g.setStroke(accent());
            g.strokeRoundRect(x - 3, bottom() - 5, 6, 10, 4, 4);
        }
    }
}
