package promedio.desktop.window;

import java.util.List;
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
import promedio.desktop.text.Words;

/**
 * A line over the paper to find something by typing part of what it is called: a measure, by its name, its symbol or an everyday word; a
 * sample, a table or a question. Enter goes there.
 */
public final class FindPane extends VBox {
    private static final int MOST_SHOWN = 9;
    private static final double CELL_EMS = 2.2;

    private final Finding finding;
    private final TextField field = new TextField();
    private final ListView<Findable> found = new ListView<>();
    private final Label none = new Label();

    FindPane(DeskModel model, Consumer<String> go) {

        this.finding = new Finding(model, go);
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

    /** What was found, with the symbol and, unless covered, the figure of a measure; of anything else what it is. */
    private static final class Line extends ListCell<Findable> {
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
        protected void updateItem(Findable item, boolean empty) {
            super.updateItem(item, empty);
            if (empty) {
                setGraphic(null);
                return;
            }
            name.setText(item.name());
            symbol.setVisible(item.measure().isPresent());
            symbol.setManaged(item.measure().isPresent());
            item.measure().ifPresent(line -> symbol.show(line.symbol()));
            figure.setText(item.says());
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
        Findable item = found.getSelectionModel().getSelectedItem();
        if (item != null) {
            setOpen(false);
            item.go().run();
        }
    }

    private void search() {
        List<Findable> items = finding.of(field.getText(), MOST_SHOWN);
        found.setItems(FXCollections.observableList(items));
        found.setPrefHeight((items.size() * CELL_EMS + 0.6) * field.getFont().getSize());
        found.setMinHeight(USE_PREF_SIZE);
        found.setVisible(!items.isEmpty());
        found.setManaged(!items.isEmpty());
        found.getSelectionModel().selectFirst();
        none.setText(Words.of(finding.isEmpty() ? "find.no-sample" : "find.none", field.getText()));
        none.setVisible(items.isEmpty());
        none.setManaged(items.isEmpty());
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
