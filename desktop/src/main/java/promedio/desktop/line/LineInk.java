package promedio.desktop.line;

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

/** The colours and the text size of the Line, from the style sheet. */
abstract class LineInk extends Region {
    private static final StyleablePropertyFactory<LineInk> STYLES =
            new StyleablePropertyFactory<>(Region.getClassCssMetaData());

    private final StyleableProperty<Color> ink = colour("ink", view -> view.ink);
    private final StyleableProperty<Color> soft = colour("soft", view -> view.soft);
    private final StyleableProperty<Color> accent = colour("accent", view -> view.accent);
    private final StyleableProperty<Color> spread = colour("spread", view -> view.spread);
    private final StyleableProperty<Color> paper = colour("paper", view -> view.paper);
    private final StyleableProperty<Color> quartiles = colour("quartiles", view -> view.quartiles);
    private final StyleableProperty<Number> em =
            STYLES.createStyleableNumberProperty(this, "lineEm", "-line-em", view -> view.em, 13);

    LineInk() {
        for (StyleableProperty<?> property : List.of(ink, soft, accent, spread, paper, quartiles, em)) {
            ((ObservableValue<?>) property).addListener(changed -> draw());
        }
    }

    private StyleableProperty<Color> colour(String name, Function<LineInk, StyleableProperty<Color>> self) {
        return STYLES.createStyleableColorProperty(this, name, "-line-" + name, self, Color.BLACK);
    }

    /** Draws everything anew. */
    abstract void draw();

    Color ink() {
        return ink.getValue();
    }

    Color soft() {
        return soft.getValue();
    }

    Color accent() {
        return accent.getValue();
    }

    Color spread() {
        return spread.getValue();
    }

    Color paper() {
        return paper.getValue();
    }

    Color quartiles() {
        return quartiles.getValue();
    }

    /** The size of the text around it, in pixels; every length is a multiple of it. */
    double em() {
        return em.getValue().doubleValue();
    }

    Font font(double share, boolean bold) {
        return Font.font(bold ? "Roboto Medium" : "Roboto", em() * share);
    }

    static double width(String text, Font font) {
        Text measured = new Text(text);
        measured.setFont(font);
        return measured.getLayoutBounds().getWidth();
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return STYLES.getCssMetaData();
    }
}
