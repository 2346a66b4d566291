package promedio.desktop.line;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Ranking;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.ClassEdges;
import promedio.desktop.model.desk.Looking;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/**
 * The Line: the values of a sample as dots on a number line with the measures on it. {@link LineHand} moves, adds and
 * switches values; while a value is in hand the scale stands still and the measures' earlier places are drawn as ghosts.
 */
public final class LineView extends FiguresInk {
    private static final double RIGHT_ROOM = 1.4;

    private LineMarkers markers;
    private NumberScale scale;
    /** The figures that the scale was made for. */
    private SheetFigures scaled;

    private Dots dots;

    /** The Line of a desk. */
    public LineView(DeskModel model) {
        super(model, "line", "line.help");
        model.looking().litProperty().addListener((property, before, now) -> draw());
        model.looking().spanProperty().addListener((property, before, now) -> draw());
        new LineHand(this, model);
    }

    @Override
    void lightNothing() {
        light((Exact) null);
    }

    @Override
    String spoken() {
        return Words.of(
                "line.spoken", figures().name(), told("minimum"), told("maximum"), told("mean"), told("median"));
    }

    /** Whether there is a sample to touch. */
    boolean isLive() {
        return scale != null;
    }

    /** The distinct value near a place, or −1. */
    int nearest(double x) {
        return dots == null ? -1 : dots.nearest(x);
    }

    /** The distinct value that is lit up, or −1. */
    int lit() {
        Exact lit = litValue();
        if (lit == null || figures() == null || figures().sample().rows() == 0) {
            return -1;
        }
        Ranking ranking = figures().sample().ranking();
        int index = ranking.distinctBelow(lit);
        return index < ranking.distinct().size() && ranking.distinct().at(index).equals(lit) ? index : -1;
    }

    /** The number that is lit up; null for none. */
    Exact litValue() {
        return model().looking().litProperty().get();
    }

    void light(int distinct) {
        model().looking()
                .litProperty()
                .set(
                        distinct < 0
                                ? null
                                : figures().sample().ranking().distinct().at(distinct));
    }

    /** Lights up the values equal to a number, as soon as there are some; null for none. */
    void light(Exact value) {
        model().looking().litProperty().set(value);
    }

    /** The number at a place, snapped to the finest decimal place used in the sample. */
    BigDecimal snapped(double x) {
        int places = figures().sample().values().places();
        return BigDecimal.valueOf(scale.number(x)).setScale(places, java.math.RoundingMode.HALF_EVEN);
    }

    @Override
    double toldAt() {
        return 0;
    }

    @Override
    boolean draw(GraphicsContext g) {
        SheetFigures figures = figures();
        if (figures == null || figures.sample().isEmpty() || canvas().getWidth() < 50) {
            scale = null;
            dots = null;
            return false;
        }
        Optional<SheetFigures> before = settled();
        double right = canvas().getWidth() - RIGHT_ROOM * em();
        if (scale == null || before.isEmpty() && (scaled != figures || scale.right() != right)) {
            scale = scale(right);
            scaled = figures;
        }
        double axis = getHeight() - 3.3 * em();
        markers = new LineMarkers(this, figures(), scale, axis, model().margin()::covers);
        Optional<ClassTable> classes = figures().sample().classes();
        dots = classes.isPresent() ? null : new Dots(this, figures().sample(), scale, axis);
        markers.drawBehind(g);
        span(g, axis);
        before.ifPresent(settled -> markers.drawGhosts(g, settled));
        Optional<Blocks> blocks = classes.map(table -> new Blocks(this, table, scale, axis));
        blocks.ifPresent(shown -> shown.draw(g));
        if (dots != null) {
            dots.draw(
                    g,
                    markers.number("fence-lower").orElse(Double.NEGATIVE_INFINITY),
                    markers.number("fence-upper").orElse(Double.POSITIVE_INFINITY),
                    lit());
        }
        markers.drawBefore(g, blocks.<LineKey.Contents>map(shown -> shown::top).orElseGet(() -> dots::top));
        if (dots != null) {
            model().trial().addedProperty().get().forEach(edit -> WhatIfBar.value(edit, figures())
                    .ifPresent(value -> dots.ring(g, value)));
        }
        litLabel(g, axis);
        pointedLabel(g, axis);
        return true;
    }

    /** The stretch that is pointed at in a picture. */
    private void span(GraphicsContext g, double axis) {
        Looking.Span span = model().looking().spanProperty().get();
        if (span != null) {
            double from = Math.max(scale.left(), scale.x(span.from().toDouble()));
            double to = Math.min(scale.right(), scale.x(span.to().toDouble()));
            g.setFill(accent().deriveColor(0, 1, 1, 0.16));
            g.fillRect(from, 0.6 * em(), Math.max(1, to - from), axis - 0.6 * em());
        }
    }

    private NumberScale scale(double right) {
        Optional<ClassEdges> edges = figures().sample().classes().map(ClassEdges::new);
        if (edges.isPresent()) {
            return NumberScale.around(edges.get().least(), edges.get().most(), 0.4 * em(), right);
        }
        Decimals distinct = figures().sample().ranking().distinct();
        double[] ascending = IntStream.range(0, distinct.size())
                .mapToDouble(distinct::toDouble)
                .toArray();
        return NumberScale.of(ascending, 0.4 * em(), right);
    }

    /** What the measure that is pointed at says of the sample, below the axis. */
    private void pointedLabel(GraphicsContext g, double axis) {
        String question = model().looking().pointedProperty().get();
        if (lit() >= 0 || isTelling() || !markers.questions().contains(question)) {
            return;
        }
        String said = figures()
                .line(question)
                .map(line -> Words.of(line.label()) + " " + line.figure() + ": "
                        + figures().meaning(line))
                .orElse("");
        Font font = font(0.9, false);
        double left = Math.max(scale.left(), markers.keyBelow() + em());
        double room = scale.right() - left - width(LineMarkers.name(figures()), font(0.86, false)) - 2 * em();
        String text = said;
        while (width(text, font) > room && text.length() > 20) {
            text = text.substring(0, text.length() - 6).strip() + " …";
        }
        g.setFont(font);
        g.setFill(question.equals("mean") ? accent() : ink());
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.TOP);
        g.fillText(text, left, axis + 1.9 * em());
    }

    /** Points at what is at a place: a measure, else the value near it, else a band. */
    void point(double x, double y) {
        Optional<String> marker = markers.at(x, y);
        int near = marker.isPresent() ? -1 : nearest(x);
        light(near);
        model().looking()
                .pointedProperty()
                .set(near >= 0 ? "" : marker.or(() -> markers.bandAt(x, y)).orElse(""));
    }

    /** Points at the next measure on the Line. */
    void pointNext(int step) {
        List<String> questions = markers.questions();
        if (!questions.isEmpty()) {
            light(-1);
            int now = questions.indexOf(model().looking().pointedProperty().get());
            int next = now < 0 ? (step > 0 ? 0 : questions.size() - 1) : Math.floorMod(now + step, questions.size());
            model().looking().pointedProperty().set(questions.get(next));
            figures()
                    .line(questions.get(next))
                    .ifPresent(line -> setAccessibleText(Words.of(line.label()) + " " + line.figure() + ". "
                            + figures().meaning(line)));
        }
    }

    private void litLabel(GraphicsContext g, double axis) {
        if (lit() < 0) {
            return;
        }
        Ranking ranking = figures().sample().ranking();
        Exact times = ranking.weight(lit());
        String value = figures().text().carried(ranking.distinct().at(lit()));
        String text = times.equals(Exact.ONE)
                ? value
                : Words.of("line.times", value, figures().text().carried(times));
        Font font = font(0.9, true);
        double half = width(text, font) / 2;
        double x = scale.x(ranking.distinct().toDouble(lit()));
        g.setFont(font);
        g.setFill(accent());
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.TOP);
        g.fillText(text, Math.max(scale.left() + half, Math.min(scale.right() - half, x)), axis + 1.9 * em());
    }
}
