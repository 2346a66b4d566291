package promedio.desktop.measures;

import java.util.List;
import javafx.css.CssMetaData;
import javafx.css.PseudoClass;
import javafx.css.Styleable;
import javafx.css.StyleableProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import promedio.desktop.control.Tip;

/**
 * A figure aligned on its decimal mark with the figures above and below, and its unit. Several figures, or words where there
 * is none, take the whole room.
 */
final class FigureLabel extends Region {
    private static final StyleablePropertyFactory<FigureLabel> STYLES =
            new StyleablePropertyFactory<>(Region.getClassCssMetaData());
    private static final PseudoClass SEVERAL = PseudoClass.getPseudoClass("several");

    /** How far from the left the decimal marks stand. */
    private final StyleableProperty<Number> markAt =
            STYLES.createStyleableNumberProperty(this, "markAt", "-mark-at", label -> label.markAt, 85);

    /** How far from the left the units stand. */
    private final StyleableProperty<Number> unitAt =
            STYLES.createStyleableNumberProperty(this, "unitAt", "-unit-at", label -> label.unitAt, 133);

    private final Text whole = text("figure-whole");
    private final Text part = text("figure-part");
    private final Text unit = text("figure-unit");
    private String unitInFull = "";
    private Label several;

    FigureLabel() {
        getStyleClass().add("figure");
        getChildren().addAll(whole, part, unit);
    }

    private static Text text(String style) {
        Text text = new Text();
        text.getStyleClass().add(style);
        text.setTextOrigin(VPos.BASELINE);
        return text;
    }

    /** Shows one figure, or several, with their unit behind them. */
    void show(String figure, String itsUnit) {
        int mark = Math.max(figure.lastIndexOf('.'), figure.lastIndexOf(','));
        boolean many = figure.contains(";");
        pseudoClassStateChanged(SEVERAL, many);
        whole.setText(many ? "" : mark < 0 ? figure : figure.substring(0, mark));
        part.setText(many || mark < 0 ? "" : figure.substring(mark));
        unitInFull = many ? "" : itsUnit;
        unit.setText(unitInFull);
        getChildren().remove(several);
        if (many) {
            several = new Label(figure + "\u00a0" + itsUnit);
            several.getStyleClass().add("figure-several");
            Tip.whenCut(several);
            getChildren().add(several);
        }
        requestLayout();
    }

    @Override
    protected double computePrefHeight(double width) {
        return snapSizeY(whole.getLayoutBounds().getHeight());
    }

    /** A unit that has no room is cut, so that it does not run into the words behind it. */
    private void fitUnit(double room) {
        String shown = unitInFull;
        unit.setText(shown);
        while (shown.length() > 1 && unit.getLayoutBounds().getWidth() > room) {
            shown = shown.substring(0, shown.length() - 1);
            unit.setText(shown + "…");
        }
    }

    @Override
    protected void layoutChildren() {
        double baseline = Math.round((getHeight() + whole.getFont().getSize() * 0.72) / 2);
        double mark = markAt.getValue().doubleValue();
        put(whole, snapPositionX(mark - whole.getLayoutBounds().getWidth()), baseline);
        put(part, snapPositionX(mark), baseline);
        fitUnit(getWidth() - unitAt.getValue().doubleValue() - whole.getFont().getSize() / 2);
        put(unit, snapPositionX(unitAt.getValue().doubleValue()), baseline);
        if (several != null) {
            layoutInArea(several, 0, 0, getWidth(), getHeight(), 0, javafx.geometry.HPos.LEFT, VPos.CENTER);
        }
    }

    private static void put(Text text, double x, double baseline) {
        text.setLayoutX(x);
        text.setLayoutY(baseline);
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return STYLES.getCssMetaData();
    }
}
