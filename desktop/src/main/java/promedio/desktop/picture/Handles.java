package promedio.desktop.picture;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.shape.Rectangle;

/** What shows that the edges of classes can be dragged: a small grip at each. */
final class Handles extends Group {
    Handles() {
        setMouseTransparent(true);
        setManaged(false);
    }

    /** Shows a grip at each place along the foot of a picture. */
    void show(List<Double> places, double foot, double em) {
        List<Node> grips = new ArrayList<>();
        for (double place : places) {
            Rectangle grip = new Rectangle(place - 0.25 * em, foot - 0.4 * em, 0.5 * em, 0.8 * em);
            grip.setArcWidth(0.35 * em);
            grip.setArcHeight(0.35 * em);
            grip.getStyleClass().add("picture-grip");
            grips.add(grip);
        }
        getChildren().setAll(grips);
    }
}
