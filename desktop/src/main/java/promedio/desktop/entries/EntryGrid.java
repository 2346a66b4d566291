package promedio.desktop.entries;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import promedio.core.sample.SampleKind;
import promedio.desktop.model.DeskModel;

/**
 * The entries in as many columns as fit, read down and then on to the right, as on ruled paper. Only what is seen has cells.
 * Up and Down go from entry to entry, Left and Right from column to column; Shift chooses a stretch, Ctrl one more.
 */
final class EntryGrid extends Region {
    private static final double ROW_EMS = 1.75;
    private static final double LIST_EMS = 14;
    private static final double TABLE_EMS = 19;
    private static final double PAIR_EMS = 22;
    private static final double REMARK_EMS = 9.5;

    /** In fewer rows than these a column more says more than whole remarks, which are in the tips too. */
    private static final int FEW_ROWS = 6;

    private final DeskModel model;
    private final ChosenRows choice = new ChosenRows();
    private final List<EntryCell> cells = new ArrayList<>();
    private final ScrollBar bar = new ScrollBar();
    private final Rectangle clip = new Rectangle();
    private Runnable chosenListener = () -> {};
    private int size;
    private double wish = LIST_EMS;
    private boolean remarks;
    private int rows = 1;
    private int columns = 1;
    /** The first column that is seen. */
    private int first;

    EntryGrid(DeskModel model) {
        this.model = model;
        getStyleClass().add("entry-grid");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_VIEW);
        setClip(clip);
        bar.setOrientation(Orientation.HORIZONTAL);
        bar.setFocusTraversable(false);
        bar.setUnitIncrement(1);
        bar.valueProperty().addListener((property, before, now) -> {
            int column = (int) Math.round(now.doubleValue());
            if (column != first) {
                first = column;
                requestLayout();
            }
        });
        getChildren().add(bar);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_CLICKED, this::click);
        addEventHandler(ScrollEvent.SCROLL, scroll -> {
            double by = scroll.getDeltaY() != 0 ? scroll.getDeltaY() : scroll.getDeltaX();
            scrollTo(first - (int) Math.signum(by));
            scroll.consume();
        });
        focusedProperty().addListener((property, before, focused) -> {
            if (focused && choice.focused() < 0 && size > 0) {
                choose(() -> choice.only(0));
            }
            refresh();
        });
    }

    void onChosen(Runnable listener) {
        chosenListener = listener;
    }

    /** Shows so many entries; columns are wider where something stands beside the values, or is to be said of some. */
    void show(int entries, SampleKind kind, boolean withRemarks) {
        double wished =
                switch (kind.form()) {
                    case VALUES, CATEGORIES -> LIST_EMS;
                    case FREQUENCIES, CLASSES -> TABLE_EMS;
                    case PAIRS, GIVENS -> PAIR_EMS;
                };
        boolean other = entries != size || wished != wish || withRemarks != remarks;
        size = entries;
        wish = wished;
        remarks = withRemarks;
        choice.within(size);
        if (other) {
            requestLayout();
        }
        refresh();
    }

    int size() {
        return size;
    }

    List<Integer> chosen() {
        return choice.chosen();
    }

    /** Chooses entries, the first of them first; none where there are none. */
    void choose(int... indices) {
        choose(() -> {
            choice.none();
            for (int index : indices) {
                if (choice.focused() < 0) {
                    choice.only(index);
                } else {
                    choice.turn(index);
                }
            }
        });
    }

    private void choose(Runnable change) {
        change.run();
        reveal();
        refresh();
        chosenListener.run();
    }

    /** Brings what is seen up to date. */
    void refresh() {
        cells.forEach(this::refresh);
        int focused = choice.focused();
        setAccessibleHelp(focused < 0 ? "" : Integer.toString(focused + 1));
    }

    private void refresh(EntryCell cell) {
        int index = cell.index();
        cell.show(index, choice.isChosen(index), isFocused() && index == choice.focused());
    }

    private double em() {
        return cells.isEmpty() ? 13 : cells.get(0).em();
    }

    @Override
    protected void layoutChildren() {
        if (cells.isEmpty()) {
            addCell();
            cells.get(0).applyCss();
        }
        double em = em();
        double inner = getWidth() - 2;
        double height = Math.floor(ROW_EMS * em);
        double room = getHeight() - 2;
        rows = Math.max(1, (int) (room / height));
        double ems = wish + (remarks && rows >= FEW_ROWS ? REMARK_EMS : 0);
        columns = Math.max(1, (int) (inner / (ems * em)));
        boolean more = size > rows * columns;
        double barHeight = more ? bar.prefHeight(-1) : 0;
        rows = Math.max(1, (int) ((room - barHeight) / height));
        int all = (size + rows - 1) / rows;
        bar.setVisible(more);
        bar.setMax(Math.max(0, all - columns));
        bar.setVisibleAmount(columns * bar.getMax() / Math.max(1, all));
        bar.setBlockIncrement(columns);
        bar.resizeRelocate(1, getHeight() - 1 - barHeight, inner, barHeight);
        first = Math.max(0, Math.min(first, (int) bar.getMax()));
        bar.setValue(first);
        double width = Math.floor(inner / columns);
        int seen = Math.max(0, Math.min(size - first * rows, rows * columns));
        while (cells.size() < seen) {
            addCell();
        }
        for (int i = 0; i < cells.size(); i++) {
            EntryCell cell = cells.get(i);
            boolean used = i < seen;
            cell.setVisible(used);
            cell.setIndex(used ? first * rows + i : -1);
            if (used) {
                refresh(cell);
                int column = i / rows;
                cell.resizeRelocate(1 + column * width, 1 + i % rows * height, width, height);
            }
        }
        clip.setWidth(getWidth());
        clip.setHeight(getHeight());
    }

    private void addCell() {
        EntryCell cell = new EntryCell(model, this::requestFocus);
        cells.add(cell);
        getChildren().add(getChildren().size() - 1, cell);
    }

    private void scrollTo(int column) {
        int held = Math.max(0, Math.min(column, (int) bar.getMax()));
        if (held != first) {
            first = held;
            bar.setValue(held);
            requestLayout();
        }
    }

    /** Scrolls so far that the entry that keys go on from is seen. */
    private void reveal() {
        if (choice.focused() >= 0) {
            int column = choice.focused() / rows;
            if (column < first) {
                scrollTo(column);
            } else if (column >= first + columns) {
                scrollTo(column - columns + 1);
            }
        }
    }

    private int at(MouseEvent event) {
        for (EntryCell cell : cells) {
            if (cell.isVisible() && cell.getBoundsInParent().contains(event.getX(), event.getY())) {
                return cell.index();
            }
        }
        return -1;
    }

    private void press(MouseEvent press) {
        int index = at(press);
        if (press.getButton() != MouseButton.PRIMARY || isEditing()) {
            return;
        }
        requestFocus();
        if (index < 0) {
            return;
        }
        choose(() -> {
            if (press.isShiftDown()) {
                choice.through(index);
            } else if (press.isShortcutDown()) {
                choice.turn(index);
            } else {
                choice.only(index);
            }
        });
    }

    private void drag(MouseEvent drag) {
        int index = at(drag);
        if (index >= 0 && !isEditing() && drag.isPrimaryButtonDown()) {
            choose(() -> choice.through(index));
        }
    }

    private void click(MouseEvent click) {
        if (click.getClickCount() == 2 && click.getButton() == MouseButton.PRIMARY) {
            edit();
        }
    }

    private boolean isEditing() {
        return cells.stream().anyMatch(EntryCell::isEditing);
    }

    /** Opens the entry that keys go on from, to be typed anew. */
    private void edit() {
        reveal();
        layout();
        cells.stream()
                .filter(cell -> cell.isVisible() && cell.index() == choice.focused())
                .findFirst()
                .ifPresent(EntryCell::startEdit);
    }

    private void key(KeyEvent key) {
        if (isEditing() || size == 0) {
            return;
        }
        int from = Math.max(0, choice.focused());
        KeyCode code = key.getCode();
        if (code == KeyCode.ENTER || code == KeyCode.F2) {
            edit();
        } else if (code == KeyCode.A && key.isShortcutDown()) {
            choose(() -> choice.all(size));
        } else if (code == KeyCode.UP) {
            go(key, from - 1);
        } else if (code == KeyCode.DOWN) {
            go(key, from + 1);
        } else if (code == KeyCode.LEFT) {
            go(key, from - rows);
        } else if (code == KeyCode.RIGHT) {
            go(key, from + rows);
        } else if (code == KeyCode.PAGE_UP) {
            go(key, from - rows * columns);
        } else if (code == KeyCode.PAGE_DOWN) {
            go(key, from + rows * columns);
        } else if (code == KeyCode.HOME) {
            go(key, 0);
        } else if (code == KeyCode.END) {
            go(key, size - 1);
        } else {
            return;
        }
        key.consume();
    }

    private void go(KeyEvent key, int to) {
        int index = Math.max(0, Math.min(size - 1, to));
        choose(() -> {
            if (key.isShiftDown()) {
                choice.through(index);
            } else {
                choice.only(index);
            }
        });
    }
}
