package promedio.desktop.window;

import javafx.beans.binding.Bindings;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.desktop.text.Words;

/** Every action that has a key, by subject; as many subjects beside one another as the window has room for, the rest scrolled. */
public final class KeysPane extends VBox {
    private static final double MARGIN = 60;
    private static final double HEIGHT_LEFT = 240;
    private static final double WIDTH_IN_EM = 96;
    private static final double KEY_PERCENT = 42;

    private final ScrollPane scroll = new ScrollPane();
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
        FlowPane subjects = new FlowPane();
        subjects.getStyleClass().add("keys-subjects");
        for (String subject : Words.of("keys.list").split("\\|", -1)) {
            subjects.getChildren().add(subject(subject.strip()));
        }
        scroll.setContent(subjects);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        // Inside the window, whatever its size and that of the text.
        scroll.prefViewportHeightProperty()
                .bind(Bindings.createDoubleBinding(
                        () -> Math.min(subjects.getHeight(), getScene().getHeight() - HEIGHT_LEFT),
                        subjects.heightProperty(),
                        getScene().heightProperty()));
        prefWidthProperty()
                .bind(Bindings.createDoubleBinding(
                        () -> Math.min(
                                WIDTH_IN_EM * close.getFont().getSize(),
                                getScene().getWidth() - MARGIN),
                        close.fontProperty(),
                        getScene().widthProperty()));
        getChildren().addAll(new HBox(head, spacer, close), scroll);
    }

    /** A subject with its keys: “Look: Ctrl+L=paper or slate; …”. */
    private static VBox subject(String written) {
        int colon = written.indexOf(':');
        Label head = new Label(written.substring(0, colon));
        head.getStyleClass().add("keys-subject-head");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("keys-grid");
        ColumnConstraints keys = new ColumnConstraints();
        keys.setPercentWidth(KEY_PERCENT);
        grid.getColumnConstraints().add(keys);
        String[] lines = written.substring(colon + 1).split(";", -1);
        for (int i = 0; i < lines.length; i++) {
            String[] parts = lines[i].strip().split("=", 2);
            grid.add(words(parts[0], "key-name"), 0, i);
            grid.add(words(parts[1], "key-does"), 1, i);
        }
        VBox subject = new VBox(head, grid);
        subject.getStyleClass().add("keys-subject");
        return subject;
    }

    /** Words that go on in the next line rather than being cut. */
    private static Label words(String text, String styleClass) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        GridPane.setValignment(label, VPos.TOP);
        label.getStyleClass().add(styleClass);
        return label;
    }

    /** Opens or closes the page. */
    public void setOpen(boolean open) {
        if (open && getChildren().isEmpty()) {
            build();
        }
        setVisible(open);
        setManaged(open);
        if (open) {
            scroll.setVvalue(0);
            close.requestFocus();
        }
    }
}
