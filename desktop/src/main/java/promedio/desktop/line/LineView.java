package promedio.desktop.line;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.css.CssMetaData;
import javafx.css.Styleable;
import javafx.css.StyleableProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Ranking;
import promedio.desktop.model.SheetFigures;
import promedio.desktop.text.Words;

/**
 * The values of a sample as dots on a number line, stacked when equal, with the mean as balance point, the median, the
 * quartiles, one standard deviation either side, and the fences. Many values are drawn as a strip of density.
 */
public final class LineView extends Region {
    private static final StyleablePropertyFactory<LineView> STYLES =
            new StyleablePropertyFactory<>(Region.getClassCssMetaData());
    private static final double LARGEST_DOT = 0.38;
    private static final double SMALLEST_DOT = 1.6;

    private final StyleableProperty<Color> ink = colour("ink", view -> view.ink);
    private final StyleableProperty<Color> soft = colour("soft", view -> view.soft);
    private final StyleableProperty<Color> accent = colour("accent", view -> view.accent);
    private final StyleableProperty<Color> spread = colour("spread", view -> view.spread);
    private final StyleableProperty<Color> quartiles = colour("quartiles", view -> view.quartiles);
    private final StyleableProperty<Number> em =
            STYLES.createStyleableNumberProperty(this, "lineEm", "-line-em", view -> view.em, 13);

    private final Canvas canvas = new Canvas();
    private SheetFigures figures;
    private NumberScale scale;
    private int hovered = -1;

    /** An empty line. */
    public LineView() {
        getStyleClass().add("line");
        getChildren().add(canvas);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        for (StyleableProperty<?> property : List.of(ink, soft, accent, spread, quartiles, em)) {
            ((ObservableValue<?>) property).addListener(changed -> draw());
        }
        setOnMouseMoved(move -> hover(move.getX()));
        setOnMouseExited(left -> hover(Double.NaN));
    }

    private StyleableProperty<Color> colour(
            String name, java.util.function.Function<LineView, StyleableProperty<Color>> self) {
        return STYLES.createStyleableColorProperty(this, name, "-line-" + name, self, Color.BLACK);
    }

    /** Shows the figures of a sample; null for none. */
    public void show(SheetFigures shown) {
        figures = shown;
        hovered = -1;
        setAccessibleText(shown == null ? "" : spoken());
        draw();
    }

    private String spoken() {
        return Words.of(
                "line.spoken",
                figures.sheet().name(),
                label("minimum"),
                label("maximum"),
                label("mean"),
                label("median"));
    }

    private String label(String question) {
        return figures.figure(question).map(figures.text()::answer).orElse("–");
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        draw();
    }

    private double size() {
        return em.getValue().doubleValue();
    }

    private double axisY() {
        return getHeight() - 3.05 * size();
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (figures == null || figures.sample().isEmpty() || canvas.getWidth() < 50) {
            scale = null;
            return;
        }
        Decimals distinct = figures.sample().ranking().distinct();
        double left = 0.4 * size();
        scale = NumberScale.around(
                distinct.toDouble(0), distinct.toDouble(distinct.size() - 1), left, canvas.getWidth() - left);
        spreadBand(g);
        axis(g);
        fences(g);
        dots(g);
        markers(g);
        key(g);
        hoverLabel(g);
    }

    private Optional<Double> number(String question) {
        return figures.figure(question).map(Figure::toDouble);
    }

    private double clamped(double x) {
        return Math.max(scale.left(), Math.min(scale.right(), x));
    }

    private void font(GraphicsContext g, double share, boolean bold) {
        g.setFont(Font.font(bold ? "Roboto Medium" : "Roboto", size() * share));
    }

    private void spreadBand(GraphicsContext g) {
        Optional<Double> mean = number("mean");
        Optional<Double> sd = number("sd");
        if (mean.isPresent() && sd.isPresent()) {
            double from = clamped(scale.x(mean.get() - sd.get()));
            double to = clamped(scale.x(mean.get() + sd.get()));
            g.setFill(spread.getValue().deriveColor(0, 1, 1, 0.11));
            g.fillRect(from, 1.6 * size(), to - from, axisY() - 1.6 * size());
        }
        Optional<Double> q1 = number("quartile-1");
        Optional<Double> q3 = number("quartile-3");
        if (q1.isPresent() && q3.isPresent()) {
            g.setFill(quartiles.getValue());
            g.fillRect(
                    scale.x(q1.get()),
                    axisY() - 0.32 * size(),
                    Math.max(2, scale.x(q3.get()) - scale.x(q1.get())),
                    0.64 * size());
        }
    }

    private void axis(GraphicsContext g) {
        double y = axisY();
        g.setStroke(ink.getValue());
        g.setLineWidth(1);
        g.strokeLine(scale.left(), Math.round(y) + 0.5, scale.right(), Math.round(y) + 0.5);
        g.setFill(soft.getValue());
        font(g, 0.86, false);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        for (BigDecimal tick :
                scale.ticks(5.5 * size(), figures.sample().recordingUnit().toDouble())) {
            double x = scale.x(tick.doubleValue());
            g.strokeLine(x, y, x, y + 0.3 * size());
            g.fillText(figures.text().plain(tick), x, y + 0.8 * size());
        }
        String unit = figures.sheet().unit();
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(
                unit.isEmpty() ? figures.sheet().name() : figures.sheet().name() + ", " + unit,
                scale.right(),
                y + 1.9 * size());
    }

    private void fences(GraphicsContext g) {
        font(g, 0.82, false);
        for (String fence : List.of("fence-lower", "fence-upper")) {
            Optional<Double> at = number(fence).filter(value -> value > scale.low() && value < scale.high());
            if (at.isPresent()) {
                double x = Math.round(scale.x(at.get())) + 0.5;
                g.setStroke(soft.getValue());
                g.setLineDashes(2, 3);
                g.strokeLine(x, axisY() - 2.6 * size(), x, axisY());
                g.setLineDashes();
                g.setFill(soft.getValue());
                boolean upper = fence.endsWith("upper");
                g.setTextAlign(upper ? TextAlignment.LEFT : TextAlignment.RIGHT);
                g.setTextBaseline(VPos.BOTTOM);
                g.fillText(
                        Words.of("line.fence", label(fence)),
                        x + (upper ? 0.3 : -0.3) * size(),
                        axisY() - 2.6 * size());
            }
        }
    }

    private void dots(GraphicsContext g) {
        Ranking ranking = figures.sample().ranking();
        double room = axisY() - 1.9 * size();
        double radius = LARGEST_DOT * size();
        int tallest = tallest(ranking, radius);
        radius = Math.min(radius, room / (2.15 * Math.max(1, tallest)));
        boolean whole = !figures.sample().shape().relative();
        if (radius < SMALLEST_DOT || !whole) {
            density(g, ranking, room);
            return;
        }
        Decimals distinct = ranking.distinct();
        double below = number("fence-lower").orElse(Double.NEGATIVE_INFINITY);
        double above = number("fence-upper").orElse(Double.POSITIVE_INFINITY);
        double last = Double.NEGATIVE_INFINITY;
        int height = 0;
        for (int i = 0; i < distinct.size(); i++) {
            double value = distinct.toDouble(i);
            double x = scale.x(value);
            if (x - last >= radius * 1.2) {
                height = 0;
                last = x;
            }
            long times = ranking.weightUnits(i);
            for (long k = 0; k < times; k++) {
                double y = axisY() - 0.5 * size() - radius - height * radius * 2.15;
                dot(g, x, y, radius, value < below || value > above, i == hovered);
                height++;
            }
        }
    }

    private void dot(GraphicsContext g, double x, double y, double radius, boolean hollow, boolean lit) {
        Color colour = lit ? accent.getValue() : ink.getValue();
        if (hollow) {
            g.setStroke(colour);
            g.setLineWidth(1.6);
            g.strokeOval(x - radius + 0.8, y - radius + 0.8, 2 * radius - 1.6, 2 * radius - 1.6);
            g.setLineWidth(1);
        } else {
            g.setFill(colour);
            g.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
        }
    }

    /** The tallest stack when dots closer than a radius stand on each other. */
    private int tallest(Ranking ranking, double radius) {
        Decimals distinct = ranking.distinct();
        double last = Double.NEGATIVE_INFINITY;
        double height = 0;
        double tallest = 0;
        for (int i = 0; i < distinct.size(); i++) {
            double x = scale.x(distinct.toDouble(i));
            if (x - last >= radius * 1.2) {
                height = 0;
                last = x;
            }
            height += ranking.weightUnits(i);
            tallest = Math.max(tallest, height);
        }
        return (int) Math.min(tallest, 1_000_000);
    }

    private void density(GraphicsContext g, Ranking ranking, double room) {
        int bins = (int) Math.max(10, (scale.right() - scale.left()) / 3);
        double[] counts = new double[bins];
        Decimals distinct = ranking.distinct();
        double width = (scale.right() - scale.left()) / bins;
        double most = 0;
        for (int i = 0; i < distinct.size(); i++) {
            int bin = (int) ((scale.x(distinct.toDouble(i)) - scale.left()) / width);
            int held = Math.max(0, Math.min(bins - 1, bin));
            counts[held] += ranking.weightUnits(i);
            most = Math.max(most, counts[held]);
        }
        g.setFill(ink.getValue().deriveColor(0, 1, 1, 0.75));
        for (int i = 0; i < bins; i++) {
            double height = counts[i] / most * room;
            g.fillRect(
                    scale.left() + i * width,
                    axisY() - 0.4 * size() - height,
                    Math.max(1, width - 0.6),
                    counts[i] > 0 ? Math.max(1, height) : 0);
        }
    }

    private void markers(GraphicsContext g) {
        Optional<Double> median = number("median");
        Optional<Double> mean = number("mean");
        boolean medianLeft = median.orElse(0.0) <= mean.orElse(0.0);
        // Where the outer label has no room on its side, it stands a line lower, clear of the other.
        font(g, 0.9, true);
        double medianWidth = width(Words.of("line.median", label("median")), g.getFont()) + 6;
        double medianX = median.map(scale::x).orElse(0.0);
        boolean squeezed = medianLeft ? medianX - medianWidth <= scale.left() : medianX + medianWidth >= scale.right();
        median.ifPresent(value -> {
            double x = Math.round(scale.x(value)) + 0.5;
            g.setStroke(ink.getValue());
            g.setLineWidth(1.6);
            g.strokeLine(x, 1.2 * size(), x, axisY() + 0.6 * size());
            g.setLineWidth(1);
            label(g, Words.of("line.median", label("median")), x, medianLeft, squeezed, ink.getValue());
        });
        mean.ifPresent(value -> {
            double x = scale.x(value);
            double y = axisY();
            g.setStroke(accent.getValue());
            g.setLineWidth(1.6);
            g.setLineDashes(3, 3);
            g.strokeLine(x, 1.2 * size(), x, y);
            g.setLineDashes();
            g.setLineWidth(1);
            g.setFill(accent.getValue());
            g.fillPolygon(
                    new double[] {x, x - 0.5 * size(), x + 0.5 * size()},
                    new double[] {y + 1, y + 0.8 * size(), y + 0.8 * size()},
                    3);
            label(g, Words.of("line.mean", label("mean")), x, !medianLeft, false, accent.getValue());
        });
    }

    /** A label beside a marker, on the side where there is room. */
    private void label(GraphicsContext g, String text, double x, boolean toTheLeft, boolean lower, Color colour) {
        font(g, 0.9, !colour.equals(ink.getValue()));
        double width = width(text, g.getFont());
        boolean left = toTheLeft ? x - width - 6 > scale.left() : x + width + 6 > scale.right();
        g.setFill(colour);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(left ? TextAlignment.RIGHT : TextAlignment.LEFT);
        g.fillText(text, x + (left ? -5 : 5), (lower ? 2.0 : 0.75) * size());
    }

    private static double width(String text, Font font) {
        Text measured = new Text(text);
        measured.setFont(font);
        return measured.getLayoutBounds().getWidth();
    }

    /** What the bands and the hollow dots mean, at the end that has more room. */
    private void key(GraphicsContext g) {
        List<KeyItem> items = new ArrayList<>();
        number("sd")
                .ifPresent(sd -> items.add(new KeyItem(
                        spread.getValue().deriveColor(0, 1, 1, 0.25), false, Words.of("line.spread", label("sd")))));
        if (number("quartile-1").isPresent()) {
            items.add(new KeyItem(
                    quartiles.getValue(), false, Words.of("line.quartiles", label("quartile-1"), label("quartile-3"))));
        }
        if (hasOutliers()) {
            items.add(new KeyItem(ink.getValue(), true, Words.of("line.outliers")));
        }
        font(g, 0.82, false);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.LEFT);
        double widest = items.stream()
                .mapToDouble(item -> width(item.text(), g.getFont()))
                .max()
                .orElse(0);
        double middle = (scale.left() + scale.right()) / 2;
        boolean atRight = number("mean").map(mean -> scale.x(mean) <= middle).orElse(true);
        double x = atRight ? scale.right() - widest - 1.4 * size() : scale.left() + 0.2 * size();
        double y = 0.75 * size();
        for (KeyItem item : items) {
            if (item.hollow()) {
                dot(g, x + 0.45 * size(), y, 0.34 * size(), true, false);
            } else {
                g.setFill(item.colour());
                g.fillRect(x, y - 0.3 * size(), 0.9 * size(), 0.6 * size());
            }
            g.setFill(soft.getValue());
            g.fillText(item.text(), x + 1.3 * size(), y);
            y += 1.25 * size();
        }
    }

    private record KeyItem(Color colour, boolean hollow, String text) {}

    private boolean hasOutliers() {
        Decimals distinct = figures.sample().ranking().distinct();
        double least = distinct.toDouble(0);
        double most = distinct.toDouble(distinct.size() - 1);
        return number("fence-lower").filter(fence -> least < fence).isPresent()
                || number("fence-upper").filter(fence -> most > fence).isPresent();
    }

    private void hover(double x) {
        int nearest = Double.isNaN(x) || scale == null ? -1 : nearest(x);
        if (nearest != hovered) {
            hovered = nearest;
            draw();
        }
    }

    private int nearest(double x) {
        Decimals distinct = figures.sample().ranking().distinct();
        int low = 0;
        int high = distinct.size() - 1;
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (scale.x(distinct.toDouble(middle)) < x) {
                low = middle;
            } else {
                high = middle;
            }
        }
        int near = Math.abs(scale.x(distinct.toDouble(low)) - x) <= Math.abs(scale.x(distinct.toDouble(high)) - x)
                ? low
                : high;
        return Math.abs(scale.x(distinct.toDouble(near)) - x) <= 0.6 * size() ? near : -1;
    }

    private void hoverLabel(GraphicsContext g) {
        if (hovered < 0) {
            return;
        }
        Ranking ranking = figures.sample().ranking();
        Exact times = ranking.weight(hovered);
        String value = figures.text().carried(ranking.distinct().at(hovered));
        String text = times.equals(Exact.ONE)
                ? value
                : Words.of("line.times", value, figures.text().carried(times));
        double x = scale.x(ranking.distinct().toDouble(hovered));
        font(g, 0.9, true);
        double half = width(text, g.getFont()) / 2;
        double held = Math.max(scale.left() + half, Math.min(scale.right() - half, x));
        g.setFill(accent.getValue());
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        g.fillText(text, held, axisY() + 1.9 * size());
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return STYLES.getCssMetaData();
    }
}
