package promedio.desktop.formula;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.css.CssMetaData;
import javafx.css.Styleable;
import javafx.css.StyleableProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Region;
import javafx.scene.shape.SVGPath;
import javafx.scene.text.Text;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.files.typeset.Outline;

/**
 * A formula as a node: plain text at first, typeset as soon as the typesetter has it. It is coloured by {@code -fx-fill}
 * of {@code .formula-ink}, sized by {@code -formula-size}, and read out as words.
 */
public final class FormulaView extends Region {
    private static final StyleablePropertyFactory<FormulaView> STYLES =
            new StyleablePropertyFactory<>(Region.getClassCssMetaData());

    private static final double ROOM = 2;

    private final StyleableProperty<Number> size =
            STYLES.createStyleableNumberProperty(this, "formulaSize", "-formula-size", view -> view.size, 18);
    private final SVGPath ink = new SVGPath();
    private final Text plain = new Text();
    private Outline outline;
    private String latex = "";

    /** An empty formula. */
    public FormulaView() {
        getStyleClass().add("formula");
        ink.getStyleClass().add("formula-ink");
        plain.getStyleClass().add("formula-plain");
        plain.setTextOrigin(VPos.BASELINE);
        getChildren().addAll(plain, ink);
        setAccessibleRole(AccessibleRole.TEXT);
        ((ObservableValue<?>) size).addListener(changed -> requestLayout());
        setMinSize(USE_PREF_SIZE, USE_PREF_SIZE);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
    }

    /** A formula. */
    public FormulaView(Notation notation) {
        this();
        show(notation);
    }

    /** Shows a formula. */
    public void show(Notation notation) {
        show(notation, notation.latex());
    }

    private void show(Notation notation, String wanted) {
        if (wanted.equals(latex)) {
            return;
        }
        latex = wanted;
        outline = null;
        plain.setText(notation.text());
        plain.setVisible(true);
        ink.setContent("");
        setAccessibleText(notation.words());
        Typesetter.typeset(wanted, ready -> {
            if (wanted.equals(latex)) {
                outline = ready;
                ink.setContent(ready.path());
                plain.setVisible(false);
                requestLayout();
            }
        });
        requestLayout();
    }

    /** Shows a formula whose terms can be pointed at: the node under the pointer is handed over, none when it leaves. */
    public FormulaView pointing(Notation notation, Consumer<Optional<Formula>> pointed) {
        List<Formula> origins = new ArrayList<>();
        show(notation, notation.latex(origins));
        setPickOnBounds(true);
        setOnMouseMoved(move -> pointed.accept(at(move.getX() / scale(), move.getY() / scale(), origins)));
        setOnMouseExited(leave -> pointed.accept(Optional.empty()));
        return this;
    }

    /** The smallest part around a place, with a little room about it. */
    private Optional<Formula> at(double x, double y, List<Formula> origins) {
        if (outline == null) {
            return Optional.empty();
        }
        return outline.places().entrySet().stream()
                .filter(place -> place.getValue().getMinX() - ROOM <= x
                        && place.getValue().getMaxX() + ROOM >= x
                        && place.getValue().getMinY() - ROOM <= y
                        && place.getValue().getMaxY() + ROOM >= y)
                .min(Comparator.comparingDouble(
                        place -> place.getValue().getWidth() * place.getValue().getHeight()))
                .map(place -> origins.get(place.getKey() - 1));
    }

    private double scale() {
        return size.getValue().doubleValue() / Outline.SIZE;
    }

    @Override
    protected double computePrefWidth(double height) {
        return snapSizeX(outline == null ? plain.getLayoutBounds().getWidth() : outline.width() * scale());
    }

    @Override
    protected double computePrefHeight(double width) {
        return snapSizeY(outline == null ? plain.getLayoutBounds().getHeight() * 1.1 : outline.height() * scale());
    }

    @Override
    public double getBaselineOffset() {
        return outline == null ? plain.getLayoutBounds().getHeight() * 0.8 : outline.baseline() * scale();
    }

    @Override
    protected void layoutChildren() {
        plain.setLayoutY(plain.getLayoutBounds().getHeight() * 0.8);
        double scale = scale();
        ink.getTransforms().setAll(new javafx.scene.transform.Scale(scale, scale));
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return STYLES.getCssMetaData();
    }
}
