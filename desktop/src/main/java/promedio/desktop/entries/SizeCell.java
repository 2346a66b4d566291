package promedio.desktop.entries;

import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import promedio.core.number.Exact;
import promedio.core.sample.Ranking;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.SheetFigures;
import promedio.desktop.text.Words;

/** A distinct value in the order of size. */
final class SizeCell extends ListCell<Integer> {
    private final DeskModel model;

    SizeCell(DeskModel model) {
        this.model = model;
        getStyleClass().add("entry-cell");
    }

    @Override
    protected void updateItem(Integer index, boolean empty) {
        super.updateItem(index, empty);
        SheetFigures figures = model.figuresProperty().get();
        boolean none =
                empty || index == null || figures == null || figures.sample().isEmpty();
        if (none || index >= figures.sample().ranking().distinct().size()) {
            setGraphic(null);
            return;
        }
        Ranking ranking = figures.sample().ranking();
        Label value = new Label(figures.text().carried(ranking.distinct().at(index)));
        value.getStyleClass().add("size-value");
        Exact weight = ranking.weight(index);
        Label times = new Label(
                weight.equals(Exact.ONE)
                        ? ""
                        : Words.of("entries.frequency", figures.text().carried(weight)));
        times.getStyleClass().add("entry-frequency");
        setGraphic(new HBox(value, times));
    }
}
