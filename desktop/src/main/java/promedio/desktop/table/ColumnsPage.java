package promedio.desktop.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.core.data.Column;
import promedio.core.number.SignificantText;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.TablePage;
import promedio.desktop.model.table.TableFigures;
import promedio.desktop.text.Words;

/** The columns of a table, a line each, and below them measures of those that are ticked beside each other. */
public final class ColumnsPage extends VBox {
    private static final List<String> HEADS = List.of(
            "tick",
            "name",
            "unit",
            "kind",
            "drawn",
            "count",
            "missing",
            "others",
            "distinct",
            "least",
            "mean",
            "largest");
    private static final int COPIED_DIGITS = 15;
    private static final double ROW_EMS = 3.6;
    private static final double MOST_ROWS = 7.4;

    private final DeskModel model;
    private final RowsPage rows;
    private final ListView<Integer> lines = new ListView<>();
    private final ObservableList<Integer> indices = FXCollections.observableArrayList();
    private final SideBySidePane sideBySide;
    private final CheckBox all = new CheckBox();

    /** The page of a desk, and the page to go to where a cell is to be looked at. */
    public ColumnsPage(DeskModel model, RowsPage rows) {
        this.model = model;
        this.rows = rows;
        this.sideBySide = new SideBySidePane(model);
        getStyleClass().add("columns-page");
        all.setId("tick-all");
        all.setOnAction(press -> tickAll());
        Tip.on(all, Words.of("columns.all.tip"));
        lines.setId("columns-list");
        lines.setItems(indices);
        lines.setCellFactory(list -> new ColumnRow(model, this::lookAtOthers));
        lines.getStyleClass().add("columns-list");
        lines.setAccessibleText(Words.of("page.COLUMNS"));
        VBox.setVgrow(sideBySide, Priority.ALWAYS);
        VBox inner = new VBox(heads(), lines);
        inner.getStyleClass().add("columns-inner");
        ScrollPane across = new ScrollPane(inner);
        across.setFitToWidth(true);
        across.setFitToHeight(true);
        across.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        across.setMinHeight(USE_PREF_SIZE);
        across.getStyleClass().add("reading-scroll");
        Label asRead = new Label(Words.of("columns.as-read"));
        asRead.getStyleClass().add("soft");
        Runnable say = () -> {
            boolean steps = model.table()
                    .filter(table -> !table.trail().steps().isEmpty())
                    .isPresent();
            asRead.setVisible(steps);
            asRead.setManaged(steps);
        };
        model.trail().troddenProperty().addListener((property, before, now) -> say.run());
        say.run();
        getChildren().addAll(asRead, across, sideBySide);
        visibleProperty().addListener((property, before, now) -> show());
        model.tables().figuresProperty().addListener((property, before, now) -> show());
        show();
    }

    private HBox heads() {
        HBox heads = new HBox();
        heads.getStyleClass().addAll("column-line", "column-heads");
        heads.setAlignment(Pos.BASELINE_LEFT);
        for (String head : HEADS) {
            Label label = new Label(head.equals("tick") ? "" : Words.of("table.column." + head));
            label.getStyleClass()
                    .add(
                            switch (head) {
                                case "tick" -> "column-tick";
                                case "name" -> "column-name-field";
                                case "unit" -> "column-unit-field";
                                case "kind" -> "column-kind";
                                case "drawn" -> "column-drawn";
                                case "least", "mean" -> "column-wide";
                                case "largest" -> "column-most";
                                default -> "column-figure";
                            });
            heads.getChildren().add(head.equals("tick") ? all : label);
        }
        Hyperlink copy = new Hyperlink(Words.of("columns.copy"));
        copy.setId("columns-copy");
        copy.setMinWidth(USE_PREF_SIZE);
        Tip.on(copy, Words.of("columns.copy.tip"));
        copy.setOnAction(press -> copy());
        heads.getChildren().add(copy);
        return heads;
    }

    /** What is known of all columns, onto the clipboard as a table. */
    private void copy() {
        TableFigures figures = model.tables().figuresProperty().get();
        if (figures == null) {
            return;
        }
        List<List<String>> table = new ArrayList<>();
        table.add(HEADS.stream()
                .filter(head -> !head.equals("tick") && !head.equals("drawn"))
                .map(head -> Words.of("table.column." + head))
                .toList());
        figures.columns()
                .forEach(column -> table.add(ColumnWords.of(column, figure -> SignificantText.of(figure, COPIED_DIGITS))
                        .all()));
        CopiedCells.putTable(table);
        model.say(Words.of("columns.copied", figures.columns().size()));
    }

    /** Ticks every column of numbers, or none. */
    private void tickAll() {
        TableFigures figures = model.tables().figuresProperty().get();
        if (figures != null) {
            model.tables().ticked().tickAll(all.isSelected() ? numbers(figures) : Set.of());
        }
        lines.refresh();
    }

    private void show() {
        TableFigures figures = model.tables().figuresProperty().get();
        if (!isVisible() || figures == null) {
            return;
        }
        int columns = figures.columns().size();
        if (indices.size() == columns) {
            lines.refresh();
        } else {
            indices.setAll(IntStream.range(0, columns).boxed().toList());
        }
        all.setSelected(model.tables().ticked().columns().containsAll(numbers(figures)));
        double em =
                lines.lookup(".label") instanceof Label label ? label.getFont().getSize() : 13;
        lines.setPrefHeight(Math.min(columns, MOST_ROWS) * ROW_EMS * em + 4);
        lines.setMinHeight(Math.min(columns, 4) * ROW_EMS * em);
    }

    private static Set<Integer> numbers(TableFigures figures) {
        return IntStream.range(0, figures.columns().size())
                .filter(one -> figures.columns().get(one).column() instanceof Column.OfNumbers)
                .boxed()
                .collect(Collectors.toSet());
    }

    /** Goes to the first cell of a column that is not of its kind. */
    private void lookAtOthers(int index) {
        TableFigures figures = model.tables().figuresProperty().get();
        Column column = figures.all().columns().get(index);
        int row = IntStream.range(0, column.size())
                .filter(one -> !figures.table().off().contains(one))
                .filter(one -> column instanceof Column.OfNumbers numbers
                        ? numbers.isOther(one)
                        : column instanceof Column.OfDates dates
                                && !dates.isMissing(one)
                                && dates.date(one).isEmpty())
                .findFirst()
                .orElse(0);
        model.looking().tablePageProperty().set(TablePage.ROWS);
        rows.goTo(row, index);
    }
}
