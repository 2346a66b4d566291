package promedio.desktop.grid;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;

/**
 * Cells that are written into: Enter, typing or two clicks open the one that keys go on from, Enter and Tab write it and go on.
 *
 * @param <H> the head of a column
 */
public abstract class WrittenGrid<H extends Region> extends CellsGrid<H> {
    private final double editorEms;
    private final CellEditor editor;

    /**
     * A grid.
     *
     * @param headEms how high its heads are
     * @param editorEms how wide what is written has room at least
     */
    protected WrittenGrid(double headEms, double editorEms) {
        super(headEms);
        this.editorEms = editorEms;
        editor = new CellEditor(new CellEditor.Desk() {
            @Override
            public void goOn(int rows, int columns) {
                requestFocus();
                WrittenGrid.this.goOn(rows, columns);
            }

            @Override
            public void left() {
                requestFocus();
            }
        });
        getChildren().add(editor);
        addEventHandler(KeyEvent.KEY_TYPED, this::typed);
    }

    /** What stands in a cell, by its place among those that are shown. */
    protected abstract String written(int place, int column);

    /** What takes the text that is written in its place; asked for when writing begins, since something else may be shown when it ends. */
    protected abstract Consumer<String> writer(int place, int column);

    /** Empties the chosen cells. */
    protected abstract void empty();

    /** Goes on from the cell that was written, so many rows and columns. */
    protected void goOn(int rows, int columns) {
        choose(choice().row() + rows, choice().column() + columns, false);
    }

    /** Leaves the cell that is written as it was. */
    protected final void leaveWriting() {
        editor.close();
    }

    @Override
    public void placeBeside(double left, double headHeight, double rowHeight, int seen) {
        if (editor.isOpen()) {
            cell().ifPresent(cell -> editor.resizeRelocate(
                    cell.getLayoutX(),
                    cell.getLayoutY(),
                    Math.max(cell.getWidth(), editorEms * em()),
                    cell.getHeight()));
        }
    }

    @Override
    public final boolean isBusy() {
        return editor.isOpen();
    }

    @Override
    public final void open() {
        edit(Optional.empty());
    }

    @Override
    public boolean does(KeyEvent key) {
        KeyCode code = key.getCode();
        if (code == KeyCode.ENTER || code == KeyCode.F2) {
            edit(Optional.empty());
            return true;
        } else if (code == KeyCode.DELETE || code == KeyCode.BACK_SPACE) {
            empty();
            return true;
        }
        return false;
    }

    private void typed(KeyEvent typed) {
        String text = typed.getCharacter();
        boolean letter = !text.isEmpty() && !Character.isISOControl(text.charAt(0));
        if (letter && !typed.isShortcutDown() && !typed.isAltDown() && !editor.isOpen() && !choice().isEmpty()) {
            edit(Optional.of(text));
            typed.consume();
        }
    }

    /** Opens the cell that keys go on from, to be written anew; with a first letter or with what stands there. */
    private void edit(Optional<String> first) {
        if (choice().isEmpty()) {
            return;
        }
        int place = choice().row();
        int column = choice().column();
        editor.open(written(place, column), first, writer(place, column));
        bringIntoView(place, column);
        requestLayout();
    }
}
