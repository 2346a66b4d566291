package promedio.desktop.window;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.BooleanSupplier;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/** What the keys of the window do, wherever the cursor is; some of them only when they are not meant for a text field. */
final class Shortcuts {
    private record Action(Runnable action, BooleanSupplier here) {}

    private final Map<KeyCombination, Action> actions = new LinkedHashMap<>();

    Shortcuts always(String keys, Runnable action) {
        actions.put(KeyCombination.valueOf(keys), new Action(action, () -> true));
        return this;
    }

    /** @param here whether the keys are meant for the window at the moment */
    Shortcuts where(BooleanSupplier here, String keys, Runnable action) {
        actions.put(KeyCombination.valueOf(keys), new Action(action, here));
        return this;
    }

    /** Does what a key stands for; false when it stands for nothing here. */
    boolean handle(KeyEvent key) {
        for (Map.Entry<KeyCombination, Action> entry : actions.entrySet()) {
            if (entry.getKey().match(key) && entry.getValue().here().getAsBoolean()) {
                entry.getValue().action().run();
                return true;
            }
        }
        return false;
    }
}
