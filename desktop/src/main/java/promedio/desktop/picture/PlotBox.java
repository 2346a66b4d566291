package promedio.desktop.picture;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.document.Document;
import promedio.core.picture.Mark;
import promedio.core.picture.ToPlot;
import promedio.core.report.PictureReport;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.desktop.text.Words;

/** The table from which the picture is drawn by hand, and what is looked for in one. */
final class PlotBox extends VBox {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final int LONGEST = 34;
    private static final int MOST_SHOWN = 60;

    private final Consumer<Optional<Mark.Part>> pointed;
    private GridPane grid = new GridPane();
    private ToPlot shown;

    /** A box that tells which row is pointed at. */
    PlotBox(Consumer<Optional<Mark.Part>> pointed) {
        this.pointed = pointed;
        getStyleClass().add("plot-box");
        setId("plot-box");
    }

    void show(ToPlot table) {
        if (table.equals(shown)) {
            return;
        }
        shown = table;
        Label head = new Label(Words.of("picture.by-hand"));
        head.getStyleClass().add("plot-title");
        grid = new GridPane();
        grid.getStyleClass().add("plot-table");
        for (int c = 0; c < table.headings().size(); c++) {
            grid.add(cell(Words.of(table.headings().get(c)), "plot-head", c), c, 0);
        }
        for (int r = 0; r < Math.min(MOST_SHOWN, table.rows().size()); r++) {
            List<String> row = table.rows().get(r);
            Mark.Part part = table.parts().get(r);
            for (int c = 0; c < row.size(); c++) {
                Label cell = cell(Visible.line(row.get(c), LONGEST), "plot-cell", c);
                cell.setUserData(part);
                cell.setOnMouseEntered(enter -> pointed.accept(Optional.of(part)));
                cell.setOnMouseExited(leave -> pointed.accept(Optional.empty()));
                grid.add(cell, c, r + 1);
            }
        }
        getChildren().setAll(head, grid);
        if (table.rows().size() > MOST_SHOWN) {
            getChildren().add(soft(Words.of("picture.rows-more", table.rows().size() - MOST_SHOWN)));
        }
        Label looked = new Label(Words.of("picture.looked-for"));
        looked.getStyleClass().add("plot-title");
        getChildren().add(looked);
        for (Sentence sentence : table.looked()) {
            getChildren().add(soft("·  " + Words.of(sentence)));
        }
    }

    private static Label soft(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("plot-look");
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    private static Label cell(String words, String style, int column) {
        Label cell = new Label(words);
        cell.getStyleClass().add(style);
        cell.setMaxWidth(Double.MAX_VALUE);
        cell.setMinWidth(Region.USE_PREF_SIZE);
        cell.setAlignment(column == 0 ? Pos.CENTER_LEFT : Pos.CENTER_RIGHT);
        return cell;
    }

    /** Lights up the row of a part; empty for none. */
    void light(Optional<Mark.Part> part) {
        for (Node node : grid.getChildren()) {
            node.pseudoClassStateChanged(LIT, part.isPresent() && part.get().equals(node.getUserData()));
        }
    }

    /** The table as it is handed out; nothing where none is shown. */
    Optional<Document> document() {
        return Optional.ofNullable(shown).map(PictureReport::of);
    }
}
