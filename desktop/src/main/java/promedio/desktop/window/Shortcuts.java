package promedio.desktop.window;

import java.util.LinkedHashMap;
import java.util.Map;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** What the keys of the window do, wherever the cursor is; some of them not while a text field has typing to take back. */
final class Shortcuts {
    private record Action(Runnable action, boolean alsoTyping) {}

    private final Map<KeyCombination, Action> actions = new LinkedHashMap<>();

    Shortcuts always(String keys, Runnable action) {
        actions.put(KeyCombination.valueOf(keys), new Action(action, true));
        return this;
    }

    Shortcuts unlessTyping(String keys, Runnable action) {
        actions.put(KeyCombination.valueOf(keys), new Action(action, false));
        return this;
    }

    /** Does what a key stands for; false when it stands for nothing here. */
    boolean handle(KeyEvent key, boolean typing) {
        for (Map.Entry<KeyCombination, Action> entry : actions.entrySet()) {
            if (entry.getKey().match(key) && (entry.getValue().alsoTyping() || !typing)) {
                entry.getValue().action().run();
                return true;
            }
        }
        return false;
    }
}
