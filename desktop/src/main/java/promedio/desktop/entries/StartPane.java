package promedio.desktop.entries;

import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** The empty paper: a line that takes typing or a paste at once, and two other ways to begin. */
final class StartPane extends VBox {
    private final EntryField field;

    StartPane(DeskModel model, Runnable openDemo, Runnable openFile) {
        getStyleClass().add("start");
        Label head = new Label(Words.of("entries.start"));
        head.getStyleClass().add("start-head");
        field = new EntryField(model::type);
        field.setId("start-field");
        field.getStyleClass().add("start-field");
        field.setPromptText(Words.of("entries.start.prompt"));
        field.setAccessibleText(Words.of("entries.start"));
        Label hint = new Label(Words.of("entries.start.hint"));
        hint.setWrapText(true);
        hint.getStyleClass().add("start-hint");
        Hyperlink demo = new Hyperlink(Words.of("entries.start.demo"));
        demo.setId("open-demo");
        demo.setOnAction(click -> openDemo.run());
        Hyperlink open = new Hyperlink(Words.of("entries.start.open"));
        open.setOnAction(click -> openFile.run());
        VBox others = new VBox(demo, open);
        others.getStyleClass().add("start-others");
        getChildren().addAll(head, field, hint, others);
    }

    void focusField() {
        field.requestFocus();
    }
}
