package promedio.desktop.table;

import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Choice;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.table.SideBySide;
import promedio.desktop.text.Words;

/** Measures of the ticked columns beside each other. A figure opens into its working; a measure more is one press away. */
final class SideBySidePane extends VBox {
    private static final int LONGEST = 40;

    private final DeskModel model;
    private final ScrollPane scroll = new ScrollPane();
    private final FlowPane head = new FlowPane();

    SideBySidePane(DeskModel model) {
        this.model = model;
        getStyleClass().add("side-by-side");
        setId("side-by-side");
        head.getStyleClass().add("side-head");
        head.setRowValignment(VPos.BASELINE);
        scroll.getStyleClass().add("reading-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, scroll);
        model.tables().ticked().sideBySideProperty().addListener((property, before, now) -> show(now));
        show(model.tables().ticked().sideBySideProperty().get());
    }

    private void show(SideBySide figures) {
        if (figures == null) {
            head.getChildren().clear();
            scroll.setContent(null);
            return;
        }
        Label title = new Label(Words.of("table.side-by-side"));
        title.getStyleClass().add("list-head");
        Label rules = new Label(Words.of("table.side.rules"));
        rules.getStyleClass().add("soft");
        head.getChildren().setAll(title, more(figures), rules);
        if (figures.columns().size() > 1) {
            Hyperlink groups = new Hyperlink(Words.of("table.groups"));
            groups.setId("side-groups");
            groups.setOnAction(press -> model.groups().take(figures.columns()));
            Tip.on(groups, Words.of("table.groups.tip"));
            head.getChildren().add(2, groups);
        }
        if (figures.columns().size() == 2) {
            Hyperlink pairs = new Hyperlink(Words.of("table.pairs"));
            pairs.setId("side-pairs");
            pairs.setOnAction(press -> model.pairs()
                    .take(figures.columns().get(0), figures.columns().get(1)));
            Tip.on(pairs, Words.of("table.pairs.tip"));
            head.getChildren().add(2, pairs);
        }
        if (figures.columns().isEmpty()) {
            Label none = new Label(Words.of("table.side.none"));
            none.getStyleClass().add("soft");
            scroll.setContent(none);
            return;
        }
        GridPane grid = new GridPane();
        grid.getStyleClass().add("working-table");
        for (int i = 0; i < figures.columns().size(); i++) {
            Label name = new Label(Visible.line(figures.names().get(i), LONGEST));
            name.getStyleClass().addAll("table-column", "side-column");
            name.setMaxWidth(Double.MAX_VALUE);
            name.setAlignment(Pos.CENTER_RIGHT);
            Tip.whenCut(name);
            grid.add(name, i + 1, 0);
        }
        for (int line = 0; line < figures.lines().size(); line++) {
            line(grid, figures, line);
        }
        scroll.setContent(grid);
    }

    private void line(GridPane grid, SideBySide figures, int at) {
        SideBySide.Line line = figures.lines().get(at);
        Label label = new Label(line.label());
        label.getStyleClass().addAll("table-cell", "side-label");
        label.setMaxWidth(Double.MAX_VALUE);
        grid.add(label, 0, at + 1);
        for (int i = 0; i < line.figures().size(); i++) {
            String text = line.figures().get(i);
            Hyperlink figure = new Hyperlink(text.isEmpty() ? "–" : text);
            figure.getStyleClass().addAll("table-cell", "side-figure");
            figure.setMaxWidth(Double.MAX_VALUE);
            figure.setId("side-" + line.question() + "-" + figures.columns().get(i));
            int column = figures.columns().get(i);
            figure.setOnAction(press -> model.taking().open(column, line.question()));
            Tip.on(figure, Words.of("table.side.open"));
            grid.add(figure, i + 1, at + 1);
        }
        Hyperlink away = new Hyperlink(Words.of("table.side.away"));
        away.getStyleClass().add("side-away");
        away.setOnAction(press -> model.tables().ticked().compareBy(line.question(), false));
        grid.add(away, line.figures().size() + 1, at + 1);
    }

    private Choice<String> more(SideBySide figures) {
        Choice<String> more = new Choice<>("side-more", Words.of("table.side.more"), question -> model.tables()
                .ticked()
                .compareBy(question, true));
        for (Measure measure : Catalogue.lists().page(model.assignment().card())) {
            boolean there =
                    figures.lines().stream().anyMatch(line -> line.question().equals(measure.question()));
            if (!there) {
                more.or(Words.of(measure.label()), measure.question());
            }
        }
        return more;
    }
}
