package promedio.desktop.line;

import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import promedio.core.number.Figure;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;
import promedio.desktop.theme.Ink;

/** What is drawn above the paper of the figures of a sample, and can be touched: the Line, and the cross-hair of pairs. */
abstract class FiguresInk extends Ink {
    private final DeskModel model;
    private final Canvas canvas = new Canvas();
    private final WhatIfBar whatIf;
    private SheetFigures figures;

    FiguresInk(DeskModel model, String id, String help) {
        this.model = model;
        whatIf = new WhatIfBar(model);
        setId(id);
        getStyleClass().add("line");
        getChildren().addAll(canvas, whatIf);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleHelp(Words.of(help));
        setFocusTraversable(true);
        focusVisibleProperty().addListener((property, before, focused) -> draw());
        model.looking().pointedProperty().addListener((property, before, now) -> draw());
    }

    /** Shows the figures of a sample; null for none. */
    public final void show(SheetFigures shown) {
        boolean other = figures == null
                || shown == null
                || !figures.sheet().id().equals(shown.sheet().id());
        figures = shown;
        if (other) {
            lightNothing();
        }
        whatIf.show(shown);
        setAccessibleText(shown == null ? "" : spoken());
        draw();
    }

    /** Nothing is lit up any more. */
    abstract void lightNothing();

    /** What is drawn, in words. */
    abstract String spoken();

    /** Draws the figures on paper that is clean; false where there are none to be drawn. */
    abstract boolean draw(GraphicsContext g);

    /** How far from the left what was added for a moment is told. */
    abstract double toldAt();

    /** The figures that are drawn; null for none. */
    final SheetFigures figures() {
        return figures;
    }

    final DeskModel model() {
        return model;
    }

    /** How much room there is to draw on. */
    final Canvas canvas() {
        return canvas;
    }

    /** Whether what was added for a moment is told at the foot. */
    final boolean isTelling() {
        return whatIf.isVisible();
    }

    /** A figure that is not covered. */
    final Optional<Figure> seen(String question) {
        return model.margin().covers(question) ? Optional.empty() : figures.figure(question);
    }

    /** A figure as it is answered; a dash where there is none, or it is covered. */
    final String told(String question) {
        return seen(question).map(figures.text()::answer).orElse("–");
    }

    /** The figures as they stand, while something of the sample is in hand. */
    final Optional<SheetFigures> settled() {
        return Optional.ofNullable(model.settledProperty().get())
                .filter(settled -> settled != figures
                        && settled.sheet().id().equals(figures.sheet().id()));
    }

    @Override
    protected final void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        whatIf.autosize();
        whatIf.relocate(toldAt(), getHeight() - whatIf.getHeight() + 0.15 * em());
        draw();
    }

    @Override
    protected final void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (draw(g) && isFocusVisible()) {
            g.setStroke(accent());
            g.strokeRoundRect(0.5, 0.5, canvas.getWidth() - 1, canvas.getHeight() - 1, 6, 6);
        }
    }
}
