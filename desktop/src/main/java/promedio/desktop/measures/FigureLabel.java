package promedio.desktop.measures;

import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;

/** A figure aligned on its decimal mark with the figures above and below. */
final class FigureLabel extends HBox {
    private static final PseudoClass SEVERAL = PseudoClass.getPseudoClass("several");

    private final Label whole = new Label();
    private final Label part = new Label();

    FigureLabel() {
        getStyleClass().add("figure");
        setAlignment(Pos.CENTER_LEFT);
        whole.getStyleClass().add("figure-whole");
        part.getStyleClass().add("figure-part");
        getChildren().addAll(whole, part);
    }

    /** Shows one figure, or several with their unit behind them. */
    void show(String figure, String unit) {
        int mark = Math.max(figure.lastIndexOf('.'), figure.lastIndexOf(','));
        boolean several = figure.contains(";");
        whole.setText(several ? figure + "\u00a0" + unit : mark < 0 ? figure : figure.substring(0, mark));
        part.setText(mark < 0 || several ? "" : figure.substring(mark));
        pseudoClassStateChanged(SEVERAL, several);
        part.setManaged(!several);
        whole.setTooltip(several ? new Tooltip(figure) : null);
    }
}
