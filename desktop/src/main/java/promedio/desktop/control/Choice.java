package promedio.desktop.control;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.MenuItem;
import promedio.core.sentence.Visible;

/** A part of a sentence that can be changed on the spot: pressed, it shows what else could stand there. */
public final class Choice<T> extends Hyperlink {
    private static final int LONGEST = 90;

    private final Map<String, T> others = new LinkedHashMap<>();
    private final Consumer<T> choose;

    /**
     * A part of a sentence.
     *
     * @param words what stands there now
     * @param choose what follows when something else is chosen
     */
    public Choice(String id, String words, Consumer<T> choose) {
        super(Visible.line(words, LONGEST));
        this.choose = choose;
        setId(id);
        getStyleClass().add("reading-choice");
        setMinWidth(USE_PREF_SIZE);
        setOnAction(press -> menu().show(this, Side.BOTTOM, 0, 0));
    }

    /** Something that could stand there. */
    public Choice<T> or(String words, T value) {
        others.put(words, value);
        return this;
    }

    /** Shows what could stand there below something else. */
    public void showUnder(Node place) {
        menu().show(place, Side.BOTTOM, 0, 0);
    }

    private ContextMenu menu() {
        ContextMenu menu = new ContextMenu();
        others.forEach((words, value) -> {
            MenuItem item = new MenuItem(Visible.line(words, LONGEST));
            item.setMnemonicParsing(false);
            item.setOnAction(press -> choose.accept(value));
            menu.getItems().add(item);
        });
        return menu;
    }
}
