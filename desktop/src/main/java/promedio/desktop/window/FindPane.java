package promedio.desktop.window;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import promedio.desktop.formula.FormulaView;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.MeasureLine;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** A line over the paper to find a measure by typing part of its name or symbol; Enter goes there. */
public final class FindPane extends VBox {
    private static final int MOST_SHOWN = 9;
    private static final double CELL_EMS = 2.2;

    private final DeskModel model;
    private final Consumer<String> go;
    private final TextField field = new TextField();
    private final ListView<MeasureLine> found = new ListView<>();
    private final Label none = new Label();

    FindPane(DeskModel model, Consumer<String> go) {
        this.model = model;
        this.go = go;
        getStyleClass().addAll("card-pane", "find-pane");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        field.setId("find-field");
        field.setPromptText(Words.of("find.prompt"));
        field.setAccessibleText(Words.of("find.prompt"));
        field.textProperty().addListener((property, before, now) -> search());
        found.setId("find-list");
        found.setFocusTraversable(false);
        found.setCellFactory(list -> new Line());
        found.setOnMouseClicked(click -> choose());
        none.getStyleClass().add("soft");
        none.setWrapText(true);
        getChildren().addAll(field, found, none);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        // On release, so that a key held down does not go on to close the row it has opened.
        addEventFilter(KeyEvent.KEY_RELEASED, key -> {
            if (key.getCode() == KeyCode.ENTER) {
                choose();
                key.consume();
            }
        });
        focusWithinProperty().addListener((property, before, within) -> {
            if (!within) {
                setOpen(false);
            }
        });
        model.shownProperty().addListener((property, before, now) -> {
            if (isVisible()) {
                search();
            }
        });
        StackPane.setAlignment(this, Pos.TOP_CENTER);
        setOpen(false);
    }

    /** A measure with its symbol and, unless covered, its figure. */
    private final class Line extends ListCell<MeasureLine> {
        private final Label name = new Label();
        private final FormulaView symbol = new FormulaView();
        private final Label figure = new Label();
        private final HBox box = new HBox(name, symbol, figure);

        Line() {
            name.setMinWidth(USE_PREF_SIZE);
            box.setAlignment(Pos.CENTER_LEFT);
            box.getStyleClass().add("find-line");
        }

        @Override
        protected void updateItem(MeasureLine line, boolean empty) {
            super.updateItem(line, empty);
            if (empty) {
                setGraphic(null);
                return;
            }
            boolean covered = model.margin().covers(line.question());
            name.setText(line.label());
            symbol.show(line.symbol());
            figure.setText(covered ? "" : line.shown() + " " + line.unit());
            setAccessibleText(name.getText() + " " + figure.getText());
            setGraphic(box);
        }
    }

    private void key(KeyEvent key) {
        KeyCode code = key.getCode();
        int step = code == KeyCode.DOWN ? 1 : code == KeyCode.UP ? -1 : 0;
        if (step != 0) {
            int next = found.getSelectionModel().getSelectedIndex() + step;
            found.getSelectionModel()
                    .select(Math.max(0, Math.min(found.getItems().size() - 1, next)));
        } else if (code == KeyCode.ESCAPE) {
            setOpen(false);
        } else {
            return;
        }
        key.consume();
    }

    private void choose() {
        MeasureLine line = found.getSelectionModel().getSelectedItem();
        if (line != null) {
            setOpen(false);
            go.accept(line.question());
        }
    }

    private void search() {
        SheetFigures figures = model.figuresProperty().get();
        String typed = field.getText().strip().toLowerCase(Locale.getDefault());
        List<MeasureLine> lines = figures == null
                ? List.of()
                : figures.lines().stream()
                        .filter(line -> matches(line, typed))
                        .limit(MOST_SHOWN)
                        .toList();
        found.setItems(FXCollections.observableList(lines));
        found.setPrefHeight((lines.size() * CELL_EMS + 0.6) * field.getFont().getSize());
        found.setMinHeight(USE_PREF_SIZE);
        found.setVisible(!lines.isEmpty());
        found.setManaged(!lines.isEmpty());
        found.getSelectionModel().selectFirst();
        none.setText(Words.of(figures == null ? "find.no-sample" : "find.none", field.getText()));
        none.setVisible(lines.isEmpty());
        none.setManaged(lines.isEmpty());
    }

    /** Every word typed begins a word of the name, or the whole is the symbol or an abbreviation. */
    private static boolean matches(MeasureLine line, String typed) {
        String name = line.label().toLowerCase(Locale.getDefault());
        boolean named = List.of(typed.split("\\s+", -1)).stream()
                .allMatch(word -> name.startsWith(word) || name.contains(" " + word) || name.contains("-" + word));
        String plain = line.symbol().text().toLowerCase(Locale.getDefault());
        return named || plain.equals(typed) || line.question().equals(typed.replace(' ', '-'));
    }

    /** Opens the line, empty. */
    public void open() {
        field.clear();
        search();
        setOpen(true);
    }

    /** Closes the line. */
    public void close() {
        setOpen(false);
    }

    /** Types into the line. */
    public void type(String text) {
        field.setText(text);
    }

    private void setOpen(boolean open) {
        setVisible(open);
        setManaged(open);
        if (open) {
            field.requestFocus();
        }
    }
}
