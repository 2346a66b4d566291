package promedio.desktop.grid;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** The field in which a cell is written anew: Enter and Tab write it and go on, Escape leaves it as it was. */
public final class CellEditor extends TextField {
    /** What the grid does about it. */
    public interface Desk {
        /** Goes on to a cell so many rows and columns away; the cell that was written has the cursor until then. */
        void goOn(int rows, int columns);

        /** Takes the cursor back, since nothing was written. */
        void left();
    }

    private final Desk desk;
    private Consumer<String> written = text -> {};

    public CellEditor(Desk desk) {
        this.desk = desk;
        getStyleClass().add("cell-editor");
        setId("cell-editor");
        setVisible(false);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener((property, before, focused) -> {
            if (!focused) {
                commit();
            }
        });
    }

    /**
     * Opens the field over a cell.
     *
     * @param text what stands there
     * @param first the letter that was typed to open it; empty where what stands there is to be changed
     * @param write takes what is written in its place
     */
    public void open(String text, Optional<String> first, Consumer<String> write) {
        written = now -> {
            if (!now.equals(text)) {
                write.accept(now);
            }
        };
        setVisible(true);
        setText(first.orElse(text));
        requestFocus();
        if (first.isPresent()) {
            end();
        } else {
            selectAll();
        }
    }

    public boolean isOpen() {
        return isVisible();
    }

    /** Leaves the cell as it was. */
    public void close() {
        setVisible(false);
    }

    private void commit() {
        if (isOpen()) {
            close();
            written.accept(getText());
        }
    }

    private void key(KeyEvent key) {
        KeyCode code = key.getCode();
        if (code == KeyCode.ESCAPE) {
            close();
            desk.left();
        } else if (code == KeyCode.ENTER) {
            commit();
            desk.goOn(1, 0);
        } else if (code == KeyCode.TAB) {
            commit();
            desk.goOn(0, key.isShiftDown() ? -1 : 1);
        } else {
            return;
        }
        key.consume();
    }
}
