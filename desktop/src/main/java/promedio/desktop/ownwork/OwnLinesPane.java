package promedio.desktop.ownwork;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.ownwork.OwnSheet;
import promedio.core.report.MeasureLine;
import promedio.desktop.control.Press;
import promedio.desktop.margin.AnswerBox;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** The lines below an own table: mean, variance and so on, each an answer like any other, which is marked from the table too. */
final class OwnLinesPane extends VBox {
    private final DeskModel model;
    private final Map<String, AnswerBox> boxes = new LinkedHashMap<>();
    private final Hyperlink more = Press.link("own.lines.more", "own-lines", this::offer);
    private String sample = "";
    private List<String> shown = List.of();

    OwnLinesPane(DeskModel model) {
        this.model = model;
        getStyleClass().add("own-lines");
    }

    void show(OwnSheet sheet, Optional<SheetFigures> figures) {
        String now = model.selectedProperty().get();
        List<String> lines = sheet.lines().stream()
                .filter(line -> figures.flatMap(all -> all.line(line)).isPresent())
                .toList();
        if (!now.equals(sample) || !lines.equals(shown)) {
            if (!now.equals(sample)) {
                boxes.clear();
            }
            sample = now;
            shown = lines;
            List<Node> rows = new ArrayList<>();
            for (String line : lines) {
                rows.add(row(figures.orElseThrow().line(line).orElseThrow()));
            }
            rows.add(more);
            getChildren().setAll(rows);
        }
        boxes.values().forEach(AnswerBox::show);
    }

    private HBox row(MeasureLine line) {
        Label name = new Label(Words.of(line.label()));
        name.getStyleClass().add("own-line-name");
        name.setWrapText(true);
        AnswerBox box = boxes.computeIfAbsent(
                line.question(),
                question -> new AnswerBox(model, question, Words.of(line.label()), () -> model.open(sample, question)));
        HBox row = new HBox(name, box);
        row.setAlignment(Pos.TOP_LEFT);
        row.getStyleClass().add("own-line");
        name.setMinHeight(Region.USE_PREF_SIZE);
        return row;
    }

    /** The figures that a line can be about; those that have one are ticked. */
    private void offer() {
        SheetFigures figures = model.figuresProperty().get();
        if (figures == null) {
            return;
        }
        ContextMenu menu = new ContextMenu();
        for (MeasureLine line : figures.lines()) {
            if (line.usual(figures.firstSkewness()) || shown.contains(line.question())) {
                CheckMenuItem item = new CheckMenuItem(Words.of(line.label()));
                item.setMnemonicParsing(false);
                item.setId("own-line-" + line.question());
                item.setSelected(shown.contains(line.question()));
                item.setOnAction(press -> model.ownWork().line(line.question(), item.isSelected()));
                menu.getItems().add(item);
            }
        }
        menu.show(more, Side.BOTTOM, 0, 0);
    }
}
