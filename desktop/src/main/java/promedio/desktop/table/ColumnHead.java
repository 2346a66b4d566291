package promedio.desktop.table;

import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;
import promedio.core.data.Column;
import promedio.core.data.ColumnKind;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Tip;
import promedio.desktop.model.table.RowOrder;
import promedio.desktop.model.table.TableFigures;
import promedio.desktop.shelf.ShelfView;
import promedio.desktop.text.Words;

/** The head of a column: its name, kind and unit, and a small picture. A press offers what can be done with the column. */
final class ColumnHead extends Button {
    private static final PseudoClass NUMBER = PseudoClass.getPseudoClass("number");
    private static final int LONGEST = 120;
    private static final double BAR = 5;
    private static final double HIGH = 13;

    private final Label name = new Label();
    private final Label facts = new Label();
    private final SVGPath picture = new SVGPath();
    private int column = -1;

    ColumnHead(ColumnMenu menu) {
        getStyleClass().add("column-head");
        name.getStyleClass().add("column-name");
        facts.getStyleClass().add("column-facts");
        picture.getStyleClass().add("column-picture");
        VBox box = new VBox(name, facts, picture);
        box.setMinWidth(0);
        setGraphic(box);
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        setFocusTraversable(false);
        Tip.whenCut(name);
        Tip.on(this, Words.of("table.head.tip"));
        setOnAction(press -> menu.show(this, column));
        setOnContextMenuRequested(ask -> {
            menu.show(this, column);
            ask.consume();
        });
        setOnDragDetected(drag -> {
            ClipboardContent content = new ClipboardContent();
            content.put(ShelfView.COLUMN, column);
            startDragAndDrop(TransferMode.LINK).setContent(content);
            drag.consume();
        });
    }

    void show(int index, TableFigures figures, RowOrder order) {
        column = index;
        Column shown = figures.all().columns().get(index);
        name.setText(Visible.line(shown.name(), LONGEST));
        setId("column-" + index);
        String label = figures.table().label(index);
        setAccessibleText(label.isEmpty() ? name.getText() : name.getText() + ", " + label);
        String kind = Words.of("reading.kind." + shown.kind().id());
        String unit = shown.unit().isEmpty() ? kind : kind + " · " + Visible.line(shown.unit(), LONGEST);
        facts.setText(
                order.column() == index
                        ? Words.of(order.largestFirst() ? "table.order.largest" : "table.order.least")
                        : unit);
        picture.setContent(bars(figures.columns().get(index).picture()));
        pseudoClassStateChanged(NUMBER, shown.kind() == ColumnKind.NUMBER);
    }

    /** Bars side by side on one line, the highest as high as there is room. */
    static String bars(List<Double> heights) {
        StringBuilder path = new StringBuilder("M0 " + HIGH + "h" + BAR * 16);
        for (int i = 0; i < heights.size(); i++) {
            path.append(String.format(
                    Locale.ROOT,
                    "M%.1f %.1fv-%.1fh%.1fv%.1fz",
                    i * BAR,
                    HIGH,
                    heights.get(i) * (HIGH - 1),
                    BAR - 1,
                    heights.get(i) * (HIGH - 1)));
        }
        return path.toString();
    }
}
