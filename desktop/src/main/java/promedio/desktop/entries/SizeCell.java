package promedio.desktop.entries;

import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import promedio.core.number.Exact;
import promedio.core.sample.Ranking;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** A distinct value in the order of size. */
final class SizeCell extends RowCell {
    private final DeskModel model;
    private final Label value = new Label();
    private final Label times = new Label();
    private final HBox box = new HBox(value, times);

    SizeCell(DeskModel model) {
        this.model = model;
        getStyleClass().add("entry-cell");
        value.getStyleClass().add("size-value");
        times.getStyleClass().add("entry-frequency");
    }

    @Override
    void show(int index) {
        SheetFigures figures = model.figuresProperty().get();
        boolean none = index < 0 || figures == null || figures.sample().isEmpty();
        if (none || index >= figures.sample().ranking().distinct().size()) {
            setGraphic(null);
            return;
        }
        Ranking ranking = figures.sample().ranking();
        value.setText(figures.text().carried(ranking.distinct().at(index)));
        Exact weight = ranking.weight(index);
        times.setText(
                weight.equals(Exact.ONE)
                        ? ""
                        : Words.of("entries.frequency", figures.text().carried(weight)));
        setGraphic(box);
    }
}
