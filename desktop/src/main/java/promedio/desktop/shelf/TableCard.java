package promedio.desktop.shelf;

import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import promedio.core.assignment.DataTable;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Tip;
import promedio.desktop.text.Words;

/** A data table on the shelf: a ruled card, so that it is told from a sample at a glance. */
final class TableCard extends Button {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final int LONGEST_NAME = 200;

    private final Label name = new Label();
    private final Label facts = new Label();

    TableCard(String tableId) {
        Label kind = new Label(Words.of("shelf.data-table"));
        kind.getStyleClass().add("shelf-kind");
        name.getStyleClass().add("shelf-name");
        facts.getStyleClass().add("shelf-facts");
        Tip.whenCut(name);
        Tip.whenCut(facts);
        VBox box = new VBox(kind, name, facts);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setMinWidth(0);
        setGraphic(box);
        setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        getStyleClass().addAll("shelf-card", "shelf-table");
        setMaxWidth(Double.MAX_VALUE);
        setMinHeight(USE_PREF_SIZE);
        setId("table-" + tableId);
    }

    void show(DataTable table, boolean chosen) {
        String shown = Visible.line(table.name(), LONGEST_NAME);
        name.setText(shown);
        setAccessibleText(Words.of("shelf.data-table") + " " + shown);
        facts.setText(Words.size(
                table.size() - table.off().size(),
                table.original().read().table().columns().size()));
        pseudoClassStateChanged(CHOSEN, chosen);
    }
}
