package promedio.desktop.window;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import promedio.core.assignment.Edit;
import promedio.core.sentence.Visible;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** Above the paper: the title of the assignment, files, undo and redo, and the course card folded. */
final class TopBar extends HBox {
    private final TextField title = new TextField();
    private boolean chosen;

    TopBar(DeskModel model, FileActions files, Node card) {
        Label name = new Label(Words.of("app.name"));
        name.getStyleClass().add("app-name");
        name.setMinWidth(Region.USE_PREF_SIZE);
        Region spacer = new Region();
        HBox.setHgrow(spacer, Priority.ALWAYS);
        getStyleClass().add("bar");
        setAlignment(Pos.CENTER_LEFT);
        getChildren()
                .addAll(
                        name,
                        title(model),
                        BarButton.withTip("bar.new", files::fresh),
                        BarButton.withTip("bar.open", files::open),
                        BarButton.withTip("bar.save", files::save),
                        BarButton.naming("bar.undo", model::undo, model.undoNameProperty()),
                        BarButton.naming("bar.redo", model::redo, model.redoNameProperty()),
                        BarButton.withTip("bar.tutor", model.classwork()::turn),
                        spacer,
                        card);
    }

    /** Whether the cursor stands in the title only because it had to stand somewhere. */
    boolean isIdle() {
        return title.isFocused() && !chosen && !title.isFocusVisible();
    }

    private TextField title(DeskModel model) {
        title.setText(Visible.line(model.assignment().title()));
        title.setOnMousePressed(press -> chosen = true);
        title.setId("title");
        title.getStyleClass().add("title-field");
        title.setPromptText(Words.of("bar.untitled"));
        title.setAccessibleText(Words.of("bar.title.prompt"));
        Runnable commit = () -> {
            String typed = title.getText().strip();
            if (!typed.equals(Visible.line(model.assignment().title()))) {
                model.make(new Edit.Retitle(typed));
            }
        };
        title.setOnAction(entered -> commit.run());
        title.focusedProperty().addListener((property, before, focused) -> {
            if (!focused) {
                chosen = false;
                commit.run();
            }
        });
        model.assignmentProperty().addListener((property, before, now) -> {
            String shown = Visible.line(now.title());
            if (!title.getText().strip().equals(shown)) {
                title.setText(shown);
            }
        });
        return title;
    }
}
