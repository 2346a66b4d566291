package promedio.desktop.measures;

import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;

/** A figure aligned on its decimal mark with the figures above and below. */
final class FigureLabel extends HBox {
    private final Label whole = new Label();
    private final Label part = new Label();

    FigureLabel() {
        getStyleClass().add("figure");
        setAlignment(Pos.CENTER_LEFT);
        whole.getStyleClass().add("figure-whole");
        part.getStyleClass().add("figure-part");
        getChildren().addAll(whole, part);
    }

    void show(String figure) {
        int mark = Math.max(figure.lastIndexOf('.'), figure.lastIndexOf(','));
        boolean several = figure.contains(";");
        whole.setText(mark < 0 || several ? figure : figure.substring(0, mark));
        part.setText(mark < 0 || several ? "" : figure.substring(mark));
        whole.setTooltip(several ? new Tooltip(figure) : null);
    }
}
