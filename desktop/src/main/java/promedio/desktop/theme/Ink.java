package promedio.desktop.theme;

import java.util.List;
import java.util.function.Function;
import javafx.beans.value.ObservableValue;
import javafx.css.CssMetaData;
import javafx.css.Styleable;
import javafx.css.StyleableProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/** A picture drawn by hand on a canvas, with the colours and the text size of the style sheet. */
public abstract class Ink extends Region {
    private static final StyleablePropertyFactory<Ink> STYLES =
            new StyleablePropertyFactory<>(Region.getClassCssMetaData());

    private final StyleableProperty<Color> ink = colour("ink", view -> view.ink);
    private final StyleableProperty<Color> soft = colour("soft", view -> view.soft);
    private final StyleableProperty<Color> accent = colour("accent", view -> view.accent);
    private final StyleableProperty<Color> spread = colour("spread", view -> view.spread);
    private final StyleableProperty<Color> paper = colour("paper", view -> view.paper);
    private final StyleableProperty<Color> quartiles = colour("quartiles", view -> view.quartiles);
    private final StyleableProperty<Number> em =
            STYLES.createStyleableNumberProperty(this, "lineEm", "-line-em", view -> view.em, 13);

    /** A picture without anything on it. */
    protected Ink() {
        for (StyleableProperty<?> property : List.of(ink, soft, accent, spread, paper, quartiles, em)) {
            ((ObservableValue<?>) property).addListener(changed -> requestLayout());
        }
    }

    private StyleableProperty<Color> colour(String name, Function<Ink, StyleableProperty<Color>> self) {
        return STYLES.createStyleableColorProperty(this, name, "-line-" + name, self, Color.BLACK);
    }

    /** Draws everything anew. */
    protected abstract void draw();

    /** The colour of that name in the style sheet. */
    public Color ink() {
        return ink.getValue();
    }

    /** The colour of that name in the style sheet. */
    public Color soft() {
        return soft.getValue();
    }

    /** The colour of that name in the style sheet. */
    public Color accent() {
        return accent.getValue();
    }

    /** The colour of that name in the style sheet. */
    public Color spread() {
        return spread.getValue();
    }

    /** The colour of that name in the style sheet. */
    public Color paper() {
        return paper.getValue();
    }

    /** The colour of that name in the style sheet. */
    public Color quartiles() {
        return quartiles.getValue();
    }

    /** The size of the text around it, in pixels; every length is a multiple of it. */
    public double em() {
        return em.getValue().doubleValue();
    }

    /** The font of the text around it, at a share of its size. */
    public Font font(double share, boolean bold) {
        return Font.font(bold ? "Roboto Medium" : "Roboto", em() * share);
    }

    /** The width of a text in pixels. */
    public static double width(String text, Font font) {
        Text measured = new Text(text);
        measured.setFont(font);
        return measured.getLayoutBounds().getWidth();
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return STYLES.getCssMetaData();
    }
}
