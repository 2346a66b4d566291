package promedio.desktop.window;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.desktop.control.Tip;
import promedio.desktop.text.Words;

/** Every action that has a key, on one page. */
public final class KeysPane extends VBox {
    private static final int ROWS = 14;

    private Button close;

    KeysPane() {
        getStyleClass().addAll("card-pane", "keys-pane");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                setOpen(false);
                key.consume();
            }
        });
        setOpen(false);
    }

    private void build() {
        Label head = new Label(Words.of("keys.head"));
        head.getStyleClass().add("card-head");
        close = new Button(Words.of("card.close"));
        close.getStyleClass().add("quiet-button");
        close.setOnAction(click -> setOpen(false));
        Region spacer = new Region();
        HBox.setHgrow(spacer, Priority.ALWAYS);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("keys-grid");
        String[] lines = Words.of("keys.list").split(";", -1);
        for (int i = 0; i < lines.length; i++) {
            String[] parts = lines[i].strip().split("=", 2);
            Label key = new Label(parts[0]);
            key.getStyleClass().add("key-name");
            int column = i / ROWS * 2;
            grid.add(key, column, i % ROWS);
            Label does = new Label(parts[1]);
            Tip.whenCut(key);
            Tip.whenCut(does);
            grid.add(does, column + 1, i % ROWS);
        }
        getChildren().addAll(new HBox(head, spacer, close), grid);
    }

    /** Opens or closes the page. */
    public void setOpen(boolean open) {
        if (open && getChildren().isEmpty()) {
            build();
        }
        setVisible(open);
        setManaged(open);
        if (open) {
            close.requestFocus();
        }
    }
}
