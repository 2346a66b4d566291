package promedio.desktop.tutor;

import java.util.function.DoubleSupplier;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.util.Duration;
import promedio.desktop.text.Words;

/** How far some work is, and a way to stop it; shown as long as there is any. */
final class BusyBox extends HBox {
    private final String words;
    private final DoubleSupplier share;
    private final Label progress = new Label();
    private final Timeline clock = new Timeline(new KeyFrame(Duration.millis(150), tick -> show()));

    /**
     * For some work.
     *
     * @param id of the button that stops it
     * @param words the key of what is said while nobody knows how much there is; with {@code .part} behind it, of the same with a share
     * @param share how much is done, from 0 to 1; negative where that is not known
     */
    BusyBox(String id, String words, DoubleSupplier share, Runnable stop) {
        this.words = words;
        this.share = share;
        Button button = new Button(Words.of("bar.stop"));
        button.setId(id);
        button.getStyleClass().add("quiet-button");
        button.setOnAction(press -> stop.run());
        getChildren().addAll(progress, button);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("tutor-buttons");
        clock.setCycleCount(Animation.INDEFINITE);
        managedProperty().bind(visibleProperty());
    }

    void show(boolean busy) {
        setVisible(busy);
        if (busy) {
            clock.play();
            show();
        } else {
            clock.stop();
        }
    }

    private void show() {
        double part = share.getAsDouble();
        progress.setText(part < 0 ? Words.of(words) : Words.of(words + ".part", (int) (100 * part)));
    }
}
