package promedio.desktop.measures;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import promedio.core.number.Exact;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** A sample of words: how often each occurs, its share, and the mode; nothing else applies. */
final class CategoriesPane extends VBox {
    private static final int MOST_ROWS = 200;

    CategoriesPane(SheetFigures figures) {
        getStyleClass().add("categories");
        Map<String, Long> counts = new TreeMap<>(figures.interpretation().categories());
        long total = counts.values().stream().mapToLong(Long::longValue).sum();
        Label head = new Label(Words.of("categories.head"));
        head.getStyleClass().add("empty-head");
        getChildren().addAll(head, new Label(mode(counts)), table(counts, total, figures));
    }

    private static String mode(Map<String, Long> counts) {
        long most = counts.values().stream().mapToLong(Long::longValue).max().orElse(0);
        List<String> modes = counts.entrySet().stream()
                .filter(entry -> entry.getValue() == most)
                .map(Map.Entry::getKey)
                .toList();
        return modes.size() == counts.size() && counts.size() > 1
                ? Words.of("categories.no-mode")
                : Words.of("categories.mode", String.join("; ", modes));
    }

    private static GridPane table(Map<String, Long> counts, long total, SheetFigures figures) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("working-table");
        row(
                grid,
                0,
                "table-column",
                Words.of("categories.word"),
                Words.of("categories.count"),
                Words.of("categories.share"));
        int line = 1;
        for (Map.Entry<String, Long> entry : counts.entrySet()) {
            if (line > MOST_ROWS) {
                break;
            }
            Exact share = Exact.ratio(100L * entry.getValue(), total);
            row(
                    grid,
                    line++,
                    "table-cell",
                    entry.getKey(),
                    entry.getValue().toString(),
                    figures.text().answer(share));
        }
        row(grid, line, "table-total", Words.of("categories.total"), Long.toString(total), "100");
        return grid;
    }

    private static void row(GridPane grid, int line, String style, String... cells) {
        for (int i = 0; i < cells.length; i++) {
            Label cell = new Label(cells[i]);
            cell.getStyleClass().add(style);
            cell.setMaxWidth(Double.MAX_VALUE);
            cell.setAlignment(i == 0 ? Pos.CENTER_LEFT : Pos.CENTER_RIGHT);
            grid.add(cell, i, line);
        }
    }
}
