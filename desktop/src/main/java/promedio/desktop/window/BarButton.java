package promedio.desktop.window;

import javafx.beans.binding.Bindings;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.scene.control.Button;
import javafx.scene.layout.Region;
import promedio.desktop.control.Tip;
import promedio.desktop.text.Words;

/** A button of the bar or the foot, whose words and tip stand in the bundle under its key. */
final class BarButton extends Button {
    BarButton(String key, Runnable action) {
        super(Words.of(key));
        getStyleClass().add("bar-button");
        setMinWidth(Region.USE_PREF_SIZE);
        setId(key.replace('.', '-'));
        setOnAction(click -> action.run());
    }

    /** A button with a tip. */
    static BarButton withTip(String key, Runnable action) {
        BarButton button = new BarButton(key, action);
        Tip.on(button, Words.of(key + ".tip"));
        return button;
    }

    /** A button whose tip names what it would do; disabled while that is nothing. */
    static BarButton naming(String key, Runnable action, ReadOnlyStringProperty what) {
        BarButton button = new BarButton(key, action);
        button.disableProperty().bind(what.isEmpty());
        Tip.on(button, Bindings.createStringBinding(() -> Words.of(key + ".tip", what.get()), what));
        return button;
    }
}
