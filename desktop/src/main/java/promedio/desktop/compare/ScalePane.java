package promedio.desktop.compare;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.core.compare.OneScale;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Choice;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.compare.Compared;
import promedio.desktop.model.compare.Scaled;
import promedio.desktop.text.Words;

/** Standard scores row by row, with their mean and rank; the row that is chosen is explained below them. */
final class ScalePane extends VBox {
    private static final int LONGEST_NAME = 24;
    private static final int LONGEST_HEAD = 12;

    private final DeskModel model;
    private final FlowPane directions = new FlowPane();
    private final FlowPane order = new FlowPane();
    private final HBox head = new HBox();
    private final ListView<OneScale.Row> rows = new ListView<>();
    private final Label best = said("compare-scale-best");
    private final Label why = said("compare-scale-why");
    private final VBox explained = new VBox();
    private boolean byRank = true;
    private Compared shown;

    ScalePane(DeskModel model) {
        this.model = model;
        getStyleClass().add("compare-scale");
        directions.getStyleClass().add("picture-choices");
        order.getStyleClass().add("picture-choices");
        head.getStyleClass().add("scale-line");
        rows.setId("compare-scale-rows");
        rows.getStyleClass().add("scale-rows");
        rows.setAccessibleText(Words.of("compare.scale.rows"));
        rows.setCellFactory(list -> new RowCell());
        rows.getSelectionModel().selectedItemProperty().addListener((property, before, now) -> explain());
        VBox.setVgrow(rows, Priority.ALWAYS);
        explained.setId("compare-scale-explained");
        explained.getStyleClass().add("compare-says");
        getChildren().addAll(directions, why, best, order, head, rows, explained);
    }

    private static Label said(String id) {
        Label label = new Label();
        label.setId(id);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    void show(Compared compared) {
        shown = compared;
        Optional<Scaled> scaled = compared.scaled();
        setVisible(scaled.isPresent());
        setManaged(scaled.isPresent());
        scaled.ifPresent(this::show);
    }

    private void show(Scaled scaled) {
        showDirections(scaled);
        why.setText(scaled.why().map(Words::of).orElse(""));
        some(why, scaled.why().isPresent());
        boolean ranked = !scaled.rows().isEmpty();
        for (Node node : List.of(best, order, head, rows, explained)) {
            some(node, ranked);
        }
        if (!ranked) {
            rows.getItems().clear();
            return;
        }
        OneScale scale = scaled.scale().orElseThrow();
        best.setText(scale.best(scaled.names(), shown.text()).map(Words::of).orElse("")
                + (scale.incomplete() == 0
                        ? ""
                        : "  "
                                + Words.of(Sentence.of(
                                        "compare.scale.incomplete." + (scale.incomplete() == 1 ? "one" : "many"),
                                        scale.incomplete()))));
        Choice<Boolean> by = new Choice<>(
                "compare-scale-order", Words.of(byRank ? "compare.scale.by-rank" : "compare.scale.by-row"), rank -> {
                    byRank = rank;
                    show(shown);
                });
        by.or(Words.of("compare.scale.by-rank"), true).or(Words.of("compare.scale.by-row"), false);
        order.getChildren().setAll(soft("compare.scale.in-order"), by);
        head.getChildren().setAll(cells(headings(scale), "compared-head"));
        List<OneScale.Row> ordered = new ArrayList<>(scaled.rows());
        if (byRank) {
            ordered.sort(Comparator.comparing(OneScale.Row::rank));
        }
        OneScale.Row chosen = rows.getSelectionModel().getSelectedItem();
        rows.getItems().setAll(ordered);
        int again = chosen == null
                ? 0
                : ordered.stream().map(OneScale.Row::place).toList().indexOf(chosen.place());
        rows.getSelectionModel().clearAndSelect(Math.max(0, again));
        explain();
    }

    private static void some(Node node, boolean visible) {
        node.setVisible(visible);
        node.setManaged(visible);
    }

    private static Label soft(String key) {
        Label label = new Label(Words.of(key));
        label.getStyleClass().add("soft");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    /** For each sample whether its high or its low values are good, to be changed. */
    private void showDirections(Scaled scaled) {
        directions.getChildren().clear();
        for (Compared.Item item : shown.items()) {
            String id = item.sheetId();
            boolean low = scaled.low().contains(id);
            Label name = new Label(Visible.line(item.name(), LONGEST_NAME) + ":");
            name.getStyleClass().add("soft");
            name.setMinWidth(USE_PREF_SIZE);
            Choice<Boolean> choice = new Choice<>(
                    "compare-good-" + id,
                    Words.of(low ? "compare.scale.low" : "compare.scale.high"),
                    to -> model.comparing().lowIsGood(id, to));
            choice.or(Words.of("compare.scale.high"), false).or(Words.of("compare.scale.low"), true);
            HBox together = new HBox(name, choice);
            together.setAlignment(Pos.BASELINE_LEFT);
            together.getStyleClass().add("scale-direction");
            directions.getChildren().add(together);
        }
    }

    private static List<String> headings(OneScale scale) {
        List<String> names = new ArrayList<>();
        names.add("");
        scale.parts()
                .forEach(part -> names.add(Words.of(
                        "compare.scale.of", Visible.line(part.source().named().name(), LONGEST_HEAD))));
        names.add(Words.of("compare.scale.mean"));
        names.add(Words.of("compare.scale.rank"));
        return names;
    }

    private List<String> texts(Scaled scaled, OneScale.Row row) {
        OneScale scale = scaled.scale().orElseThrow();
        List<String> texts = new ArrayList<>();
        texts.add(scaled.names().apply(row.place()));
        for (int i = 0; i < scale.parts().size(); i++) {
            texts.add(
                    shown.text().rounded(scale.parts().get(i).score(row.values().get(i)), OneScale.SCORE_PLACES));
        }
        texts.add(shown.text().rounded(scale.mean(row), OneScale.SCORE_PLACES));
        texts.add(OneScale.rank(row.rank()));
        return texts;
    }

    private static List<Label> cells(List<String> texts, String style) {
        List<Label> cells = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            Label cell = new Label(i == 0 ? Visible.line(texts.get(i), LONGEST_NAME) : texts.get(i));
            cell.getStyleClass().addAll(style, i == 0 ? "scale-name" : "scale-score");
            // All columns give way alike where the page is narrow.
            HBox.setHgrow(cell, Priority.ALWAYS);
            cell.setMaxWidth(Double.MAX_VALUE);
            cell.setAlignment(i == 0 ? Pos.CENTER_LEFT : Pos.CENTER_RIGHT);
            cells.add(cell);
        }
        return cells;
    }

    private void explain() {
        OneScale.Row row = rows.getSelectionModel().getSelectedItem();
        List<Label> lines =
                row == null || shown == null || shown.scaled().isEmpty()
                        ? List.of()
                        : shown.scaled().stream()
                                .flatMap(scaled -> scaled
                                        .scale()
                                        .orElseThrow()
                                        .explained(row, scaled.names().apply(row.place()), shown.text())
                                        .stream())
                                .map(sentence -> {
                                    Label line = said(null);
                                    line.setText(Words.of(sentence));
                                    return line;
                                })
                                .toList();
        explained.getChildren().setAll(lines);
    }

    /** The table as texts, in the order in which it stands. */
    List<List<String>> texts() {
        return shown.scaled()
                .filter(scaled -> !scaled.rows().isEmpty())
                .map(scaled -> {
                    List<List<String>> all = new ArrayList<>();
                    List<String> names = new ArrayList<>();
                    names.add(Words.of("compare.scale.row"));
                    scaled.scale()
                            .orElseThrow()
                            .parts()
                            .forEach(part -> names.add(Words.of(
                                    "compare.scale.of", part.source().named().name())));
                    names.add(Words.of("compare.scale.mean"));
                    names.add(Words.of("compare.scale.rank"));
                    all.add(names);
                    rows.getItems().forEach(row -> all.add(texts(scaled, row)));
                    return all;
                })
                .orElse(List.of());
    }

    /** A row with its scores. */
    private final class RowCell extends ListCell<OneScale.Row> {
        private final HBox line = new HBox();

        RowCell() {
            line.getStyleClass().add("scale-line");
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(OneScale.Row row, boolean empty) {
            super.updateItem(row, empty);
            boolean some =
                    !empty && row != null && shown != null && shown.scaled().isPresent();
            if (some) {
                List<String> texts = texts(shown.scaled().get(), row);
                line.getChildren().setAll(cells(texts, "compared-cell"));
                setAccessibleText(texts.stream().collect(Collectors.joining(", ")));
            }
            setGraphic(some ? line : null);
        }
    }
}
