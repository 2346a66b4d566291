package promedio.desktop.line;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import promedio.core.number.Decimals;
import promedio.core.number.Figure;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;
import promedio.desktop.theme.Ink;

/** What stands on the Line besides the dots: axis, bands, fences, median, mean as balance point, and the key to them. */
final class LineMarkers {
    private static final double TOP = 0.75;
    private static final List<String> QUESTIONS =
            List.of("mean", "median", "sd", "quartile-1", "quartile-3", "fence-lower", "fence-upper");

    private final List<Spot> spots = new ArrayList<>();
    private final List<Spot> bands = new ArrayList<>();

    private double keyBelow = Double.NEGATIVE_INFINITY;

    private final Ink ink;
    private final SheetFigures figures;
    private final NumberScale scale;
    private final double axis;
    private final Predicate<String> covered;

    LineMarkers(Ink ink, SheetFigures figures, NumberScale scale, double axis, Predicate<String> covered) {
        this.covered = covered;
        this.ink = ink;
        this.figures = figures;
        this.scale = scale;
        this.axis = axis;
    }

    private void spot(String question, double left, double top, double right, double bottom) {
        spots.add(new Spot(question, left, top, right, bottom));
    }

    /** The measure that stands at a place: a label, a line, the key; under all of them the bands. */
    Optional<String> at(double x, double y) {
        return spots.stream()
                .filter(spot -> spot.holds(x, y))
                .map(Spot::question)
                .findFirst();
    }

    /** The measure whose band is at a place, where no dot is. */
    Optional<String> bandAt(double x, double y) {
        return bands.stream()
                .filter(spot -> spot.holds(x, y))
                .map(Spot::question)
                .findFirst();
    }

    /** The measures that stand on the Line, in the order of its keys. */
    List<String> questions() {
        return QUESTIONS.stream()
                .filter(question -> number(question).isPresent())
                .toList();
    }

    private static Optional<Double> number(SheetFigures of, String question) {
        return of.figure(question).map(Figure::toDouble);
    }

    Optional<Double> number(String question) {
        return covered.test(question) ? Optional.empty() : number(figures, question);
    }

    private String label(String question) {
        return figures.figure(question)
                .filter(figure -> !covered.test(question))
                .map(figures.text()::answer)
                .orElse("–");
    }

    private double clamped(double x) {
        return Math.max(scale.left(), Math.min(scale.right(), x));
    }

    /** What lies under the dots. */
    void drawBehind(GraphicsContext g) {
        Optional<Double> mean = number("mean");
        Optional<Double> sd = number("sd");
        if (mean.isPresent() && sd.isPresent()) {
            double from = clamped(scale.x(mean.get() - sd.get()));
            double to = clamped(scale.x(mean.get() + sd.get()));
            g.setFill(ink.spread().deriveColor(0, 1, 1, 0.11));
            g.fillRect(from, 1.6 * ink.em(), to - from, axis - 1.6 * ink.em());
            bands.add(new Spot("sd", from, 1.6 * ink.em(), to, axis - 0.4 * ink.em()));
        }
        Optional<Double> q1 = number("quartile-1");
        Optional<Double> q3 = number("quartile-3");
        if (q1.isPresent() && q3.isPresent()) {
            double from = clamped(scale.x(q1.get()));
            g.setFill(ink.quartiles());
            double to = Math.max(from + 2, clamped(scale.x(q3.get())));
            g.fillRect(from, axis - 0.32 * ink.em(), to - from, 0.64 * ink.em());
            double middle = (from + to) / 2;
            spot("quartile-1", from - 2, axis - 0.35 * ink.em(), middle, axis + 0.35 * ink.em());
            spot("quartile-3", middle, axis - 0.35 * ink.em(), to + 2, axis + 0.35 * ink.em());
        }
        axis(g);
        fences(g);
    }

    private void axis(GraphicsContext g) {
        g.setStroke(ink.ink());
        g.setLineWidth(1);
        g.strokeLine(scale.left(), Math.round(axis) + 0.5, scale.right(), Math.round(axis) + 0.5);
        scale.gap().ifPresent(gap -> zigzag(g, scale.x(gap.from()), scale.x(gap.to())));
        g.setLineWidth(1);
        g.setFill(ink.soft());
        g.setFont(ink.font(0.86, false));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        double unitStep = figures.sample().recordingUnit().toDouble();
        for (BigDecimal tick : scale.ticks(5.5 * ink.em(), unitStep)) {
            double x = scale.x(tick.doubleValue());
            g.strokeLine(x, axis, x, axis + 0.3 * ink.em());
            g.fillText(figures.text().plain(tick), x, axis + 0.8 * ink.em());
        }
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(name(figures), scale.right(), axis + 1.9 * ink.em());
    }

    /** What the numbers on the axis are, with their unit. */
    static String name(SheetFigures figures) {
        return figures.title();
    }

    /** The axis is broken here: a zigzag in place of the line, and words below it. */
    private void zigzag(GraphicsContext g, double from, double to) {
        double y = Math.round(axis) + 0.5;
        double step = (to - from) / 4;
        double high = 0.45 * ink.em();
        g.setStroke(ink.paper());
        g.setLineWidth(3);
        g.strokeLine(from, y, to, y);
        g.setStroke(ink.ink());
        g.setLineWidth(1.2);
        g.strokePolyline(
                new double[] {from, from + 0.5 * step, from + 1.5 * step, from + 2.5 * step, from + 3.5 * step, to},
                new double[] {y, y - high, y + high, y - high, y + high, y},
                6);
        g.setFill(ink.soft());
        g.setFont(ink.font(0.82, false));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.BOTTOM);
        g.fillText(Words.of("line.broken"), (from + to) / 2, y - 0.8 * ink.em());
    }

    private void fences(GraphicsContext g) {
        g.setFont(ink.font(0.82, false));
        for (String fence : List.of("fence-lower", "fence-upper")) {
            Optional<Double> at = number(fence).filter(value -> value > scale.low() && value < scale.high());
            if (at.isPresent()) {
                double x = Math.round(scale.x(at.get())) + 0.5;
                double top = axis - 2.6 * ink.em();
                boolean upper = fence.endsWith("upper");
                g.setStroke(ink.soft());
                g.setLineDashes(2, 3);
                g.strokeLine(x, top, x, axis);
                g.setLineDashes();
                g.setFill(ink.soft());
                g.setTextAlign(upper ? TextAlignment.LEFT : TextAlignment.RIGHT);
                g.setTextBaseline(VPos.BOTTOM);
                String text = Words.of("line.fence", label(fence));
                double width = Ink.width(text, ink.font(0.82, false)) + 0.3 * ink.em();
                g.fillText(text, x + (upper ? 0.3 : -0.3) * ink.em(), top);
                spot(fence, x - (upper ? 3 : width), top - 1.2 * ink.em(), x + (upper ? width : 3), axis);
            }
        }
    }

    /** Where the mean and the median were before a value was taken in hand. */
    void drawGhosts(GraphicsContext g, SheetFigures before) {
        g.setLineWidth(1.4);
        number("median").flatMap(now -> number(before, "median")).ifPresent(value -> {
            g.setStroke(ink.ink().deriveColor(0, 1, 1, 0.3));
            g.strokeLine(scale.x(value), 1.6 * ink.em(), scale.x(value), axis + 0.6 * ink.em());
        });
        number("mean").flatMap(now -> number(before, "mean")).ifPresent(value -> {
            g.setStroke(ink.accent().deriveColor(0, 1, 1, 0.4));
            g.strokeLine(scale.x(value), 1.6 * ink.em(), scale.x(value), axis);
            g.setFill(ink.accent().deriveColor(0, 1, 1, 0.3));
            triangle(g, scale.x(value));
        });
        g.setLineWidth(1);
    }

    private void triangle(GraphicsContext g, double x) {
        double base = axis + 0.8 * ink.em();
        g.fillPolygon(new double[] {x, x - 0.5 * ink.em(), x + 0.5 * ink.em()}, new double[] {axis + 1, base, base}, 3);
    }

    /** Median and mean, over the dots. */
    void drawBefore(GraphicsContext g, LineKey.Contents contents) {
        Optional<Double> median = number("median");
        Optional<Double> mean = number("mean");
        boolean medianLeft = median.orElse(0.0) <= mean.orElse(0.0);
        // Where the outer label has no room on its side, it stands a line lower, clear of the other.
        double medianWidth = Ink.width(Words.of("line.median", label("median")), ink.font(0.9, true)) + 6;
        double medianX = median.map(scale::x).orElse(0.0);
        boolean squeezed = medianLeft ? medianX - medianWidth <= scale.left() : medianX + medianWidth >= scale.right();
        median.ifPresent(value -> {
            double x = Math.round(scale.x(value)) + 0.5;
            g.setStroke(ink.ink());
            g.setLineWidth(1.6);
            g.strokeLine(x, 1.2 * ink.em(), x, axis + 0.6 * ink.em());
            g.setLineWidth(1);
            spot("median", x - 3, 0, x + 3, axis - 0.4 * ink.em());
            label(g, "median", x, medianLeft, squeezed, ink.ink());
        });
        mean.ifPresent(value -> {
            double x = scale.x(value);
            g.setStroke(ink.accent());
            g.setLineWidth(1.6);
            g.setLineDashes(3, 3);
            g.strokeLine(x, 1.2 * ink.em(), x, axis);
            g.setLineDashes();
            g.setLineWidth(1);
            g.setFill(ink.accent());
            triangle(g, x);
            spot("mean", x - 3, 0, x + 3, axis - 0.4 * ink.em());
            spot("mean", x - 0.6 * ink.em(), axis, x + 0.6 * ink.em(), axis + 0.9 * ink.em());
            label(g, "mean", x, !medianLeft, false, ink.accent());
        });
        key(g, contents);
    }

    /** A label beside a marker, on the side where there is room. */
    private void label(GraphicsContext g, String question, double x, boolean toTheLeft, boolean lower, Color colour) {
        String text = Words.of("line." + question, label(question));
        Font font = ink.font(0.9, !colour.equals(ink.ink()));
        double width = Ink.width(text, font);
        boolean left = toTheLeft ? x - width - 6 > scale.left() : x + width + 6 > scale.right();
        g.setFont(font);
        g.setFill(colour);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(left ? TextAlignment.RIGHT : TextAlignment.LEFT);
        double y = (lower ? 2.0 : TOP) * ink.em();
        g.fillText(text, x + (left ? -5 : 5), y);
        double end = x + (left ? -width - 5 : width + 5);
        spot(question, Math.min(x, end), y - 0.6 * ink.em(), Math.max(x, end), y + 0.6 * ink.em());
    }

    /** What the bands and the hollow dots mean. */
    private void key(GraphicsContext g, LineKey.Contents contents) {
        LineKey key = new LineKey(ink);
        if (number("sd").isPresent()) {
            Color band = ink.spread().deriveColor(0, 1, 1, 0.25);
            key.add(band, false, Words.of("line.spread", label("sd")), "sd");
        }
        if (number("quartile-1").isPresent() && number("quartile-3").isPresent()) {
            String words = Words.of("line.quartiles", label("quartile-1"), label("quartile-3"));
            key.add(ink.quartiles(), false, words, "quartile-1");
        }
        if (figures.sample().classes().isPresent()) {
            key.add(ink.ink().deriveColor(0, 1, 1, 0.2), false, Words.of("line.even"), "");
        } else if (hasOutliers()) {
            key.add(ink.ink(), true, Words.of("line.outliers"), "fence-upper");
        }
        double em = ink.em();
        LineKey.Room room = new LineKey.Room(scale.left(), scale.right(), em);
        keyBelow = key.draw(g, TOP * em, axis + 2.5 * em, room, spots, contents);
    }

    /** Where the key below the axis ends, so that what else is said there stands beside it; far left when it is above. */
    double keyBelow() {
        return keyBelow;
    }

    private boolean hasOutliers() {
        Decimals distinct = figures.sample().ranking().distinct();
        double least = distinct.toDouble(0);
        double most = distinct.toDouble(distinct.size() - 1);
        return number("fence-lower").filter(fence -> least < fence).isPresent()
                || number("fence-upper").filter(fence -> most > fence).isPresent();
    }
}
