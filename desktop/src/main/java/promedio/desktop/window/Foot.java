package promedio.desktop.window;

import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.util.Duration;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** Below the paper: what the program has to say, and what is always at hand. */
final class Foot extends HBox {
    private final DeskModel model;

    Foot(DeskModel model, Node jotter, Button... atHand) {
        this.model = model;
        Region spacer = new Region();
        HBox.setHgrow(spacer, Priority.ALWAYS);
        Label unsaved = new Label(Words.of("bar.unsaved"));
        unsaved.getStyleClass().add("unsaved");
        unsaved.setMinWidth(USE_PREF_SIZE);
        unsaved.visibleProperty().bind(model.saving().unsavedProperty());
        Button stop = new BarButton("bar.stop", model.intake()::stop);
        stop.visibleProperty().bind(model.intake().busyProperty());
        stop.managedProperty().bind(model.intake().busyProperty());
        getStyleClass().add("foot");
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(jotter, message(), stop, spacer, unsaved);
        getChildren().addAll(atHand);
    }

    private Node message() {
        Label message = new Label(model.messageProperty().get());
        message.setId("message");
        message.getStyleClass().add("message");
        message.setWrapText(true);
        message.setMinWidth(0);
        // Short work says nothing; a word appears only for what takes over half a second.
        PauseTransition patience = new PauseTransition(Duration.millis(500));
        patience.setOnFinished(late -> message.setText(Words.of("message.busy")));
        model.busyProperty().addListener((property, before, busy) -> {
            if (busy) {
                patience.playFromStart();
            } else {
                patience.stop();
                message.setText(model.messageProperty().get());
            }
        });
        model.messageProperty().addListener((property, before, now) -> message.setText(now));
        return message;
    }
}
