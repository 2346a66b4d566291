package promedio.desktop.grid;

import java.util.Optional;
import java.util.function.IntUnaryOperator;
import javafx.scene.input.ContextMenuEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;

/**
 * The hand on a grid of cells: arrows go from cell to cell, Shift stretches the choice, a drag too; a press on a row's number chooses the
 * row, a wheel scrolls.
 */
final class CellsHand {
    private static final int WHEEL_ROWS = 3;

    private final CellsGrid<?> grid;
    private final CellChoice choice;

    CellsHand(CellsGrid<?> grid) {
        this.grid = grid;
        this.choice = grid.choice();
        grid.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        grid.addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        grid.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        grid.addEventHandler(ScrollEvent.SCROLL, this::scroll);
        grid.addEventHandler(ContextMenuEvent.CONTEXT_MENU_REQUESTED, this::ask);
    }

    private void press(MouseEvent press) {
        if (press.getButton() != MouseButton.PRIMARY || grid.size() == 0) {
            return;
        }
        grid.requestFocus();
        // Or a page around it that scrolls would take the focus for itself.
        press.consume();
        Optional<TableCell> cell = grid.at(press.getX(), press.getY());
        if (cell.isPresent()) {
            grid.choose(cell.get().row(), cell.get().column(), press.isShiftDown());
            if (press.getClickCount() == 2) {
                grid.open();
            }
        } else {
            grid.rowNumberAt(press.getX(), press.getY()).ifPresent(place -> chooseRow(place, press.isShiftDown()));
        }
    }

    private void chooseRow(int place, boolean stretched) {
        int from = stretched && !choice.isEmpty() ? choice.top() : place;
        grid.chooseAll(Math.min(from, place), 0, Math.max(from, place), grid.columns() - 1);
    }

    private void drag(MouseEvent drag) {
        if (drag.isPrimaryButtonDown() && !choice.isEmpty() && !grid.isBusy()) {
            grid.at(drag.getX(), drag.getY()).ifPresent(cell -> grid.choose(cell.row(), cell.column(), true));
        }
    }

    /** Asks for a menu of the chosen cells; of another one that was pointed at, of that. */
    private void ask(ContextMenuEvent ask) {
        Optional<TableCell> cell = ask.isKeyboardTrigger() ? grid.cell() : grid.at(ask.getX(), ask.getY());
        cell.filter(one -> !grid.isBusy()).ifPresent(one -> {
            if (!choice.has(one.row(), one.column())) {
                grid.requestFocus();
                grid.choose(one.row(), one.column(), false);
            }
            grid.askForMenu();
            ask.consume();
        });
    }

    private void scroll(ScrollEvent scroll) {
        boolean sideways = scroll.isShiftDown() || Math.abs(scroll.getDeltaX()) > Math.abs(scroll.getDeltaY());
        double by = scroll.getDeltaY() != 0 ? scroll.getDeltaY() : scroll.getDeltaX();
        // Where there is nothing to scroll, a page around it does.
        if (grid.scrollBy(-Math.signum(by) * (sideways ? 1 : WHEEL_ROWS), sideways)) {
            scroll.consume();
        }
    }

    private void key(KeyEvent key) {
        if (grid.isBusy() || grid.size() == 0) {
            return;
        }
        boolean jump = key.isShortcutDown();
        int last = grid.size() - 1;
        if (grid.does(key)) {
            key.consume();
            return;
        } else if (key.getCode() == KeyCode.A && jump) {
            grid.chooseAll(0, Math.max(0, choice.left()), last, Math.max(0, choice.right()));
            key.consume();
            return;
        }
        switch (key.getCode()) {
            case UP -> go(key, row -> row - 1, column -> column);
            case DOWN -> go(key, row -> row + 1, column -> column);
            case LEFT -> go(key, row -> row, column -> column - 1);
            case RIGHT -> go(key, row -> row, column -> column + 1);
            case PAGE_UP -> go(key, row -> row - grid.seenRows(), column -> column);
            case PAGE_DOWN -> go(key, row -> row + grid.seenRows(), column -> column);
            case HOME -> go(key, row -> jump ? 0 : row, column -> 0);
            case END -> go(key, row -> jump ? last : row, column -> grid.columns() - 1);
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void go(KeyEvent key, IntUnaryOperator row, IntUnaryOperator column) {
        grid.choose(
                row.applyAsInt(Math.max(0, choice.row())),
                column.applyAsInt(Math.max(0, choice.column())),
                key.isShiftDown());
    }
}
