package promedio.desktop.line;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import promedio.core.number.Decimals;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/**
 * What pairs have in place of the Line: their points between two axes, with a cross-hair through the point of means and the line of y on
 * x. {@link CrossHand} moves, adds and switches points; while one is in hand the scales stand still.
 */
public final class CrossView extends FiguresInk {
    private static final double LEFT_EMS = 4.2;
    private static final double BELOW_EMS = 2.9;
    private static final double ABOVE_EMS = 1.5;
    private static final double KEY_EMS = 13;
    private static final double RADIUS = 0.27;
    /** Of more points only so many are drawn, evenly chosen. */
    private static final int MOST_POINTS = 4_000;

    private SheetFigures scaled;
    private NumberScale across;
    private NumberScale up;

    /** The cross-hair of a desk. */
    public CrossView(DeskModel model) {
        super(model, "cross", "cross.help");
        getStyleClass().add("cross");
        model.looking().litEntryProperty().addListener((property, before, now) -> draw());
        new CrossHand(this, model);
    }

    @Override
    void lightNothing() {
        light(null);
    }

    @Override
    String spoken() {
        return Words.of("cross.spoken", figures().name(), told("mean/x"), told("mean/y"), told("correlation-pearson"));
    }

    /** Whether there are pairs to touch. */
    boolean isLive() {
        return across != null && figures() != null;
    }

    private Decimals ys() {
        return figures().sample().paired().orElseThrow().second().values();
    }

    /** The row of the sample whose point is next to a place, and not far from it; −1 for none. */
    int nearest(double x, double y) {
        if (!isLive()) {
            return -1;
        }
        Sample sample = figures().sample();
        int nearest = -1;
        double reach = Math.pow(0.9 * em(), 2);
        for (int row = 0; row < sample.rows(); row += step()) {
            double far = Math.pow(x(row) - x, 2) + Math.pow(y(row) - y, 2);
            if (far <= reach) {
                reach = far;
                nearest = row;
            }
        }
        return nearest;
    }

    /** Of very many points every so-many-th is seen, and can be pointed at. */
    int step() {
        return 1 + (figures().sample().rows() - 1) / MOST_POINTS;
    }

    private double x(int row) {
        return across.x(figures().sample().values().toDouble(row));
    }

    private double y(int row) {
        return y(ys().toDouble(row));
    }

    private double y(double number) {
        return getHeight() - up.x(number);
    }

    /** The row of the sample that is lit up; −1 for none. */
    int lit() {
        Integer entry = model().looking().litEntryProperty().get();
        Sample sample = figures() == null ? null : figures().sample();
        for (int row = 0; entry != null && sample != null && row < sample.rows(); row++) {
            if (sample.entry(row) == entry) {
                return row;
            }
        }
        return -1;
    }

    /** Lights up an entry; null for none. */
    void light(Integer entry) {
        model().looking().litEntryProperty().set(entry);
    }

    /** The x at a place, to the finest decimal place used for x. */
    BigDecimal snappedX(double x) {
        return snapped(across.number(x), figures().sample().values());
    }

    /** The y at a place, to the finest decimal place used for y. */
    BigDecimal snappedY(double y) {
        return snapped(up.number(getHeight() - y), ys());
    }

    private static BigDecimal snapped(double number, Decimals of) {
        return BigDecimal.valueOf(number).setScale(of.places(), RoundingMode.HALF_EVEN);
    }

    @Override
    double toldAt() {
        return LEFT_EMS * em();
    }

    @Override
    boolean draw(GraphicsContext g) {
        boolean room = canvas().getWidth() >= 50 && canvas().getHeight() >= 50;
        if (figures() == null || figures().sample().isEmpty() || !room) {
            across = null;
            return false;
        }
        scale();
        axes(g);
        lines(g);
        points(g);
        litPoint(g);
        key(g);
        return true;
    }

    private void scale() {
        double right = canvas().getWidth() - KEY_EMS * em();
        double top = canvas().getHeight() - ABOVE_EMS * em();
        boolean fits = across != null && across.right() == right && up.right() == top;
        if (fits && (settled().isPresent() || scaled == figures())) {
            return;
        }
        up = scale(figures().sample().paired().orElseThrow().second(), BELOW_EMS * em(), top);
        across = scale(figures().sample(), Math.min(right / 2, left()), right);
        scaled = figures();
    }

    /** Where the axis of y stands: long numbers have room before it. */
    private double left() {
        double widest = ticksUp().stream()
                .mapToDouble(tick -> width(written(tick), font(0.86, false)))
                .max()
                .orElse(0);
        return Math.max(LEFT_EMS * em(), widest + em());
    }

    private List<BigDecimal> ticksUp() {
        return up.ticks(2 * em(), Math.pow(10, -ys().places()));
    }

    private static NumberScale scale(Sample of, double from, double to) {
        Decimals distinct = of.ranking().distinct();
        return NumberScale.around(distinct.toDouble(0), distinct.toDouble(distinct.size() - 1), from, to);
    }

    private void axes(GraphicsContext g) {
        double bottom = canvas().getHeight() - BELOW_EMS * em();
        g.setStroke(soft());
        g.setLineWidth(1);
        g.strokeLine(across.left(), bottom, across.right(), bottom);
        g.strokeLine(across.left(), bottom, across.left(), ABOVE_EMS * em());
        g.setFont(font(0.86, false));
        g.setFill(soft());
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        for (BigDecimal tick :
                across.ticks(5 * em(), Math.pow(10, -figures().sample().values().places()))) {
            double x = across.x(tick.doubleValue());
            g.strokeLine(x, bottom, x, bottom + 0.3 * em());
            g.fillText(written(tick), x, bottom + 0.45 * em());
        }
        g.setTextAlign(TextAlignment.RIGHT);
        g.setTextBaseline(VPos.CENTER);
        for (BigDecimal tick : ticksUp()) {
            double y = y(tick.doubleValue());
            g.strokeLine(across.left() - 0.3 * em(), y, across.left(), y);
            g.fillText(written(tick), across.left() - 0.5 * em(), y);
        }
        g.setTextBaseline(VPos.TOP);
        g.setFont(font(0.9, true));
        g.fillText(cut(titled("x", figures().variable(false))), across.right(), bottom + 1.5 * em());
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(cut(titled("y", figures().variable(true))), 0.4 * em(), 0.15 * em());
    }

    private static String titled(String letter, String called) {
        return called.equals(letter) ? letter : Words.of("cross.axis", letter, called);
    }

    private String cut(String text) {
        Font font = font(0.9, true);
        double room = (across.right() - across.left()) / 2;
        String shown = text;
        while (width(shown, font) > room && shown.length() > 8) {
            shown = shown.substring(0, shown.length() - 3).strip() + "…";
        }
        return shown;
    }

    private String written(BigDecimal number) {
        return model().assignment().card().numerals().write(number).replace('-', '−');
    }

    /** The cross-hair through the means, where they were before a point was taken in hand, and the line of y on x. */
    private void lines(GraphicsContext g) {
        settled().ifPresent(settled -> {
            g.setLineDashes(2, 4);
            cross(g, settled, soft());
            g.setLineDashes();
        });
        cross(g, figures(), accent());
        line(g);
        g.setFont(font(0.9, true));
        g.setFill(accent());
        seen("mean/x").ifPresent(mean -> {
            g.setTextAlign(TextAlignment.CENTER);
            g.setTextBaseline(VPos.BOTTOM);
            String text = called("x", mean);
            double most = across.right() - width(text, font(0.9, true)) / 2;
            g.fillText(text, Math.min(most, across.x(mean.toDouble())), ABOVE_EMS * em() - 0.1 * em());
        });
        seen("mean/y").ifPresent(mean -> {
            g.setTextAlign(TextAlignment.LEFT);
            g.setTextBaseline(VPos.CENTER);
            g.fillText(called("y", mean), across.right() + 0.5 * em(), y(mean.toDouble()));
        });
    }

    /** A mean as it is written at its line; in words while it is pointed at. */
    private String called(String letter, Figure mean) {
        boolean pointed = model().looking().pointedProperty().get().equals("mean/" + letter);
        return (pointed ? Words.of("cross.mean", letter) : letter.equals("x") ? "x̄" : "ȳ") + " " + answer(mean);
    }

    private String answer(Figure figure) {
        return figures().text().answer(figure);
    }

    private void cross(GraphicsContext g, SheetFigures of, Color colour) {
        g.setStroke(colour);
        g.setLineWidth(1);
        Optional<Figure> x = model().margin().covers("mean/x") ? Optional.empty() : of.figure("mean/x");
        Optional<Figure> y = model().margin().covers("mean/y") ? Optional.empty() : of.figure("mean/y");
        x.ifPresent(mean -> g.strokeLine(
                across.x(mean.toDouble()),
                ABOVE_EMS * em(),
                across.x(mean.toDouble()),
                canvas().getHeight() - BELOW_EMS * em()));
        y.ifPresent(mean -> g.strokeLine(across.left(), y(mean.toDouble()), across.right(), y(mean.toDouble())));
    }

    private void line(GraphicsContext g) {
        Optional<Figure> slope = seen("slope");
        Optional<Figure> intercept = seen("intercept");
        if (slope.isEmpty() || intercept.isEmpty()) {
            return;
        }
        double b = slope.get().toDouble();
        double a = intercept.get().toDouble();
        g.save();
        g.beginPath();
        g.rect(
                across.left(),
                ABOVE_EMS * em(),
                across.right() - across.left(),
                canvas().getHeight() - (ABOVE_EMS + BELOW_EMS) * em());
        g.clip();
        g.setStroke(spread());
        String pointed = model().looking().pointedProperty().get();
        g.setLineWidth(List.of("slope", "intercept", "residual-sd").contains(pointed) ? 3 : 1.6);
        g.strokeLine(across.left(), y(a + b * across.low()), across.right(), y(a + b * across.high()));
        g.restore();
    }

    private void points(GraphicsContext g) {
        Sample sample = figures().sample();
        boolean many = sample.rows() > MOST_POINTS / 8;
        double radius = (many ? 0.6 : 1) * RADIUS * em();
        g.setFill(many ? ink().deriveColor(0, 1, 1, 0.45) : ink());
        for (int row = 0; row < sample.rows(); row += step()) {
            g.fillOval(x(row) - radius, y(row) - radius, 2 * radius, 2 * radius);
        }
        model().trial().addedProperty().get().forEach(edit -> WhatIfBar.pair(edit, figures())
                .ifPresent(pair -> {
                    double ring = 2 * RADIUS * em();
                    g.setStroke(accent());
                    g.strokeOval(
                            across.x(pair.get(0).toDouble()) - ring,
                            y(pair.get(1).toDouble()) - ring,
                            2 * ring,
                            2 * ring);
                }));
    }

    /** The point that is lit up, with its way to both axes. */
    private void litPoint(GraphicsContext g) {
        int row = lit();
        if (row < 0) {
            return;
        }
        double radius = 1.4 * RADIUS * em();
        double bottom = canvas().getHeight() - BELOW_EMS * em();
        g.setStroke(accent());
        g.setLineDashes(4, 3);
        g.setLineWidth(1);
        g.strokeLine(x(row), y(row), x(row), bottom);
        g.strokeLine(across.left(), y(row), x(row), y(row));
        g.setLineDashes();
        g.setFill(accent());
        g.fillOval(x(row) - radius, y(row) - radius, 2 * radius, 2 * radius);
        String text = Words.of(
                "cross.pair",
                Integer.toString(figures().sample().entry(row) + 1),
                figures().text().carried(figures().sample().value(row)),
                figures()
                        .text()
                        .carried(figures().sample().paired().orElseThrow().value(row)));
        Font font = font(0.9, true);
        boolean right = x(row) + width(text, font) + em() < across.right();
        g.setFont(font);
        g.setTextAlign(right ? TextAlignment.LEFT : TextAlignment.RIGHT);
        g.setTextBaseline(y(row) > ABOVE_EMS * em() + 1.6 * em() ? VPos.BOTTOM : VPos.TOP);
        double aside = right ? 0.6 * em() : -0.6 * em();
        g.fillText(text, x(row) + aside, y(row) + (y(row) > (ABOVE_EMS + 1.6) * em() ? -0.3 : 0.5) * em());
    }

    /** What the lines mean, at the right. */
    private void key(GraphicsContext g) {
        double left = across.right() + 1.2 * em();
        double top = 0.3 * em();
        g.setFont(font(0.86, false));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.TOP);
        if (seen("slope").isPresent()) {
            g.setStroke(spread());
            g.setLineWidth(1.6);
            g.strokeLine(left, top + 0.55 * em(), left + 1.4 * em(), top + 0.55 * em());
            g.setFill(soft());
            g.fillText(Words.of("cross.key.line"), left + 1.9 * em(), top);
        }
        seen("correlation-pearson").ifPresent(r -> {
            g.setFill(ink());
            g.fillText(Words.of("cross.key.r", answer(r)), left + 1.9 * em(), top + 1.3 * em());
        });
    }
}
