package promedio.desktop.table;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.number.Figure;
import promedio.core.sentence.Visible;
import promedio.core.trail.Prepared;
import promedio.core.trail.TwoTrails;
import promedio.core.working.FigureText;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.table.TrailsCompared;
import promedio.desktop.text.Words;

/** Two trails on one table: what each keeps, its measures side by side, and the steps that only one of them has. */
final class ContrastPane extends VBox {
    private static final PseudoClass DIFFERS = PseudoClass.getPseudoClass("differs");
    private static final int LONGEST = 40;
    private static final int DATA_PLACES = 2;

    private final DeskModel model;
    private final Label title = new Label();
    private final Button close = new Button(Words.of("lexicon.close"));
    private final VBox body = new VBox();

    ContrastPane(DeskModel model) {
        this.model = model;
        getStyleClass().addAll("lexicon", "contrast");
        setId("contrast");
        title.getStyleClass().add("trail-head");
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        close.setId("contrast-close");
        close.getStyleClass().add("quiet-button");
        close.setOnAction(press -> model.contrast().close());
        HBox head = new HBox(title, between, close);
        head.setAlignment(Pos.CENTER_LEFT);
        body.getStyleClass().add("contrast-body");
        ScrollPane scroll = new ScrollPane(body);
        scroll.getStyleClass().add("reading-scroll");
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, scroll);
        addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                model.contrast().close();
                key.consume();
            }
        });
        model.contrast().shownProperty().addListener((property, before, now) -> {
            show(now);
            if (before == null && now != null) {
                close.requestFocus();
            }
        });
        show(model.contrast().shownProperty().get());
    }

    private void show(TrailsCompared.Contrasted now) {
        setVisible(now != null);
        if (now == null) {
            return;
        }
        String other = Visible.line(now.name(), LONGEST);
        title.setText(Words.of("contrast.title", other));
        body.getChildren().setAll(figures(now.trails(), other), head("contrast.steps"), steps(now.trails(), other));
    }

    private static Label head(String key) {
        Label head = new Label(Words.of(key));
        head.getStyleClass().add("column-name");
        return head;
    }

    private GridPane figures(TwoTrails trails, String other) {
        GridPane grid = new GridPane();
        grid.getStyleClass().addAll("working-table", "contrast-table");
        cells(grid, 0, "table-column", "", "", Words.of("contrast.here"), other);
        Prepared one = trails.one();
        Prepared two = trails.other();
        line(grid, 1, Words.of("contrast.table"), Words.of("contrast.rows"), number(one.rows()), number(two.rows()));
        line(
                grid,
                2,
                "",
                Words.of("contrast.columns"),
                number(one.fields().size()),
                number(two.fields().size()));
        int at = 3;
        FigureText text = new FigureText(model.assignment().card(), DATA_PLACES);
        for (TwoTrails.Column column : trails.columns()) {
            for (int i = 0; i < TwoTrails.MEASURES.size(); i++) {
                boolean counts = i == 0;
                line(
                        grid,
                        at++,
                        counts ? Visible.line(column.name(), LONGEST) : "",
                        counts ? "n" : TwoTrails.MEASURES.get(i),
                        figure(column.one(), i, counts, text),
                        figure(column.other(), i, counts, text));
            }
        }
        return grid;
    }

    private static String number(int number) {
        return Integer.toString(number);
    }

    private static String figure(List<Optional<Figure>> figures, int at, boolean counts, FigureText text) {
        if (figures.isEmpty()) {
            return Words.of("contrast.gone");
        }
        return figures.get(at)
                .map(figure -> counts ? figure.toString() : text.answer(figure))
                .orElse(Words.of("groups.undefined"));
    }

    private static void line(GridPane grid, int at, String of, String measure, String one, String other) {
        cells(grid, at, "table-cell", of, measure, one, other);
        boolean differs = !one.equals(other);
        grid.getChildren()
                .subList(grid.getChildren().size() - 2, grid.getChildren().size())
                .forEach(cell -> cell.pseudoClassStateChanged(DIFFERS, differs));
    }

    private static void cells(GridPane grid, int at, String style, String... texts) {
        for (int i = 0; i < texts.length; i++) {
            Label cell = new Label(texts[i]);
            cell.getStyleClass().add(style);
            cell.setMaxWidth(Double.MAX_VALUE);
            cell.setAlignment(i < 2 ? Pos.CENTER_LEFT : Pos.CENTER_RIGHT);
            grid.add(cell, i, at);
        }
    }

    private static VBox steps(TwoTrails trails, String other) {
        VBox box = new VBox();
        box.getStyleClass().add("contrast-steps");
        for (TwoTrails.Step step : trails.steps()) {
            String whose = step.ofOne() && step.ofOther()
                    ? Words.of("contrast.both")
                    : step.ofOne() ? Words.of("contrast.only-here") : Words.of("contrast.only", other);
            Label label = new Label(whose + "  " + step.text().replaceAll("\\s*\\R\\s*", " "));
            label.setWrapText(true);
            label.setMinHeight(USE_PREF_SIZE);
            label.pseudoClassStateChanged(DIFFERS, !(step.ofOne() && step.ofOther()));
            box.getChildren().add(label);
        }
        return box;
    }
}
