package promedio.desktop.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import promedio.core.assignment.DataTable;
import promedio.core.data.Column;
import promedio.core.data.Table;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.RowOrder;
import promedio.desktop.model.TableFigures;

/**
 * The rows of a data table on ruled paper, each with its number in the file. Only what is seen has cells. Arrows go from cell to
 * cell, Shift stretches the choice, Enter or typing writes into a cell.
 */
final class RowsGrid extends Region {
    private static final double ROW_EMS = 1.75;
    private static final double HEAD_EMS = 4.5;
    private static final double LETTER_EMS = 0.58;
    private static final double PADDING_EMS = 1.5;
    private static final double NUMBER_EMS = 4.6;

    private final DeskModel model;
    private final ColumnMenu menu;
    private final CellChoice choice = new CellChoice();
    private final List<TableCell> cells = new ArrayList<>();
    private final List<Label> numbers = new ArrayList<>();
    private final List<ColumnHead> heads = new ArrayList<>();
    private final ScrollBar down = new ScrollBar();
    private final ScrollBar across = new ScrollBar();
    private final AlongColumn along;
    private final CellEditor editor;
    private final Rectangle clip = new Rectangle();
    private Runnable chosenListener = () -> {};
    private TableFigures figures;
    private ColumnLayout layout;
    private RowOrder order = RowOrder.OF_FILE;
    private Optional<int[]> ordered = Optional.empty();
    private long desks = -1;
    private int firstRow;
    private int firstColumn;
    private int rows = 1;
    /** How many columns are seen, the last of them maybe in part. */
    private int columns;

    private int wholeColumns = 1;

    RowsGrid(DeskModel model) {
        this.model = model;
        menu = new ColumnMenu(model, this);
        getStyleClass().add("rows-grid");
        setId("rows-grid");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TABLE_VIEW);
        setClip(clip);
        down.setOrientation(Orientation.VERTICAL);
        for (ScrollBar bar : List.of(down, across)) {
            bar.setFocusTraversable(false);
            bar.setUnitIncrement(1);
            bar.valueProperty().addListener((property, before, now) -> scrolled());
        }
        along = new AlongColumn(model.tables());
        editor = new CellEditor(new CellEditor.Desk() {
            @Override
            public void goOn(int rows, int columns) {
                requestFocus();
                choose(choice.row() + rows, choice.column() + columns, false);
            }

            @Override
            public void left() {
                requestFocus();
            }
        });
        getChildren().addAll(along, down, across, editor);
        model.tables().alongProperty().addListener((property, before, now) -> {
            requestLayout();
            refresh();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        addEventHandler(KeyEvent.KEY_TYPED, this::typed);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(ScrollEvent.SCROLL, this::scroll);
        focusedProperty().addListener((property, before, focused) -> {
            if (focused && choice.isEmpty() && size() > 0) {
                choose(0, 0, false);
            }
            refresh();
        });
    }

    void onChosen(Runnable listener) {
        chosenListener = listener;
    }

    /** Shows a table, another or one that has changed. */
    void show(TableFigures now) {
        boolean other = figures == null
                || !figures.table().id().equals(now.table().id())
                || desks != model.tables().desks();
        desks = model.tables().desks();
        if (other) {
            choice.none();
            order = RowOrder.OF_FILE;
            ordered = Optional.empty();
            firstRow = 0;
            firstColumn = 0;
            editor.close();
        }
        if (other || figures.all() != now.all()) {
            layout = new ColumnLayout(now.all());
        }
        figures = now;
        choice.within(size(), now.all().columns().size());
        if (isFocused() && choice.isEmpty() && size() > 0) {
            choice.to(0, 0, false);
        }
        requestLayout();
        refresh();
        chosenListener.run();
    }

    /** Looks at the rows in another order. */
    void order(RowOrder other) {
        TableFigures shown = figures;
        model.tables().order(shown, other, inOrder -> {
            if (figures.table().id().equals(shown.table().id())
                    && figures.all().rows() == shown.all().rows()) {
                order = other;
                ordered = inOrder;
                choice.none();
                firstRow = 0;
                requestLayout();
                refresh();
                chosenListener.run();
            }
        });
    }

    private int size() {
        return figures == null ? 0 : figures.all().rows();
    }

    /** The row of the table at a place in the order in which they are shown. */
    private int row(int place) {
        return ordered.map(rows -> rows[place]).orElse(place);
    }

    /** The row of the table that keys go on from. */
    int row() {
        return row(choice.row());
    }

    CellChoice choice() {
        return choice;
    }

    /** What offers the steps that fit a column. */
    void onSteps(StepMenu steps) {
        menu.onSteps(steps);
    }

    /** The rows that are chosen, in the order in which they are shown. */
    int[] chosenRows() {
        if (choice.isEmpty()) {
            return new int[0];
        }
        int[] chosen = new int[choice.bottom() - choice.top() + 1];
        Arrays.setAll(chosen, i -> row(choice.top() + i));
        return chosen;
    }

    /** Goes to a cell by its row in the table. */
    void goTo(int row, int column) {
        int place = ordered.map(rows -> indexOf(rows, row)).orElse(row);
        choose(place, column, false);
        requestFocus();
    }

    private static int indexOf(int[] rows, int row) {
        int at = 0;
        while (rows[at] != row) {
            at++;
        }
        return at;
    }

    private void choose(int row, int column, boolean stretched) {
        int held = Math.max(0, Math.min(size() - 1, row));
        int heldColumn = Math.max(0, Math.min(figures.all().columns().size() - 1, column));
        choice.to(held, heldColumn, stretched);
        reveal(held, heldColumn);
        refresh();
        chosenListener.run();
    }

    private void reveal(int row, int column) {
        if (row < firstRow) {
            firstRow = row;
        } else if (row >= firstRow + rows) {
            firstRow = row - rows + 1;
        }
        if (column < firstColumn) {
            firstColumn = column;
        }
        while (column >= firstColumn + Math.max(1, whole(firstColumn)) && firstColumn < column) {
            firstColumn++;
        }
        requestLayout();
    }

    private void scrolled() {
        int row = (int) Math.round(down.getValue());
        int column = (int) Math.round(across.getValue());
        if (row != firstRow || column != firstColumn) {
            firstRow = row;
            firstColumn = column;
            requestLayout();
        }
    }

    private double em() {
        return cells.isEmpty() ? 13 : cells.get(0).getFont().getSize();
    }

    private double width(int column) {
        return Math.floor((layout.letters(column) * LETTER_EMS + PADDING_EMS) * em());
    }

    private double numbersWidth() {
        return Math.floor(NUMBER_EMS * em());
    }

    private double alongWidth() {
        return along.width(em());
    }

    /** How many columns from one on are seen whole. */
    private int whole(int from) {
        double room = getWidth() - numbersWidth() - down.prefWidth(-1) - alongWidth();
        int whole = 0;
        for (int i = from; i < figures.all().columns().size() && width(i) <= room; i++) {
            room -= width(i);
            whole++;
        }
        return whole;
    }

    @Override
    protected void layoutChildren() {
        if (figures == null || getWidth() <= 0) {
            return;
        }
        if (cells.isEmpty()) {
            add(cells, new TableCell());
            cells.get(0).applyCss();
        }
        double em = em();
        double height = Math.floor(ROW_EMS * em);
        double headHeight = Math.floor(HEAD_EMS * em);
        int all = figures.all().columns().size();
        boolean wide = whole(0) < all;
        double acrossHeight = wide ? across.prefHeight(-1) : 0;
        double room = getHeight() - headHeight - acrossHeight;
        rows = Math.max(1, (int) (room / height));
        boolean tall = size() > rows;
        double downWidth = tall ? down.prefWidth(-1) : 0;
        wholeColumns = Math.max(1, whole(firstColumn));
        firstRow = Math.max(0, Math.min(firstRow, size() - rows));
        firstColumn = Math.max(0, Math.min(firstColumn, all - 1));
        bar(down, tall, firstRow, size() - rows, rows, size());
        bar(across, wide, firstColumn, lastFirst(all), wholeColumns, all);
        down.resizeRelocate(getWidth() - downWidth, headHeight, downWidth, getHeight() - headHeight - acrossHeight);
        double left = numbersWidth();
        double right = getWidth() - downWidth - alongWidth();
        across.resizeRelocate(left, getHeight() - acrossHeight, right - left, acrossHeight);
        place(left, right, height, headHeight);
        int seen = Math.min(rows, size() - firstRow);
        along.resizeRelocate(right, 0, alongWidth(), headHeight + seen * height);
        along.place(headHeight, height, seen);
        refreshAlong();
        clip.setWidth(getWidth());
        clip.setHeight(getHeight());
        placeEditor();
    }

    /** The first column from which on the last one is seen whole. */
    private int lastFirst(int all) {
        int from = all - 1;
        while (from > 0 && from - 1 + whole(from - 1) >= all) {
            from--;
        }
        return from;
    }

    private static void bar(ScrollBar bar, boolean shown, int at, int most, int seen, int all) {
        bar.setVisible(shown);
        bar.setMax(Math.max(0, most));
        bar.setVisibleAmount(seen * bar.getMax() / Math.max(1, all));
        bar.setBlockIncrement(Math.max(1, seen));
        bar.setValue(at);
    }

    private void place(double left, double right, double height, double headHeight) {
        int all = figures.all().columns().size();
        columns = 0;
        int seen = Math.min(rows, size() - firstRow);
        int used = 0;
        for (double x = left; firstColumn + columns < all && x < right; columns++) {
            int column = firstColumn + columns;
            double width = width(column);
            ColumnHead head = at(heads, columns, () -> new ColumnHead(menu));
            head.setVisible(true);
            head.resizeRelocate(x, 0, width, headHeight);
            for (int i = 0; i < seen; i++) {
                TableCell cell = at(cells, used++, TableCell::new);
                cell.setVisible(true);
                cell.at(firstRow + i, column);
                cell.resizeRelocate(x, headHeight + i * height, width, height);
            }
            x += width;
        }
        for (int i = 0; i < seen; i++) {
            Label number = at(numbers, i, RowsGrid::rowNumber);
            number.setVisible(true);
            number.resizeRelocate(0, headHeight + i * height, left, height);
        }
        hide(heads, columns);
        hide(cells, used);
        hide(numbers, seen);
        refresh();
    }

    private void refreshAlong() {
        along.show(i -> row(Math.min(size() - 1, firstRow + i)));
    }

    private static Label rowNumber() {
        Label number = new Label();
        number.getStyleClass().add("row-number");
        return number;
    }

    private static void hide(List<? extends Node> nodes, int from) {
        nodes.subList(Math.min(from, nodes.size()), nodes.size()).forEach(node -> node.setVisible(false));
    }

    private <N extends Node> N at(List<N> nodes, int index, java.util.function.Supplier<N> make) {
        if (index == nodes.size()) {
            add(nodes, make.get());
        }
        return nodes.get(index);
    }

    private <N extends Node> void add(List<N> nodes, N node) {
        nodes.add(node);
        getChildren().add(0, node);
    }

    /** Brings what is seen up to date. */
    private void refresh() {
        if (figures == null) {
            return;
        }
        for (int i = 0; i < heads.size() && heads.get(i).isVisible(); i++) {
            if (firstColumn + i < figures.all().columns().size()) {
                heads.get(i).show(firstColumn + i, figures, order);
            }
        }
        for (TableCell cell : cells) {
            if (cell.isVisible()
                    && cell.row() < size()
                    && cell.column() < figures.all().columns().size()
                    && cell.row() >= 0) {
                refresh(cell);
            }
        }
        for (int i = 0; i < numbers.size() && numbers.get(i).isVisible(); i++) {
            if (firstRow + i < size()) {
                numbers.get(i).setText(Integer.toString(row(firstRow + i) + 1));
            }
        }
        refreshAlong();
    }

    private void refresh(TableCell cell) {
        Table table = figures.all();
        int row = row(cell.row());
        Column column = table.columns().get(cell.column());
        boolean number = column instanceof Column.OfNumbers;
        boolean missing = column.isMissing(row);
        cell.show(
                layout.text(table, row, cell.column()),
                new TableCell.Look(
                        number,
                        choice.has(cell.row(), cell.column()),
                        isFocused() && cell.row() == choice.row() && cell.column() == choice.column(),
                        number && !missing && ((Column.OfNumbers) column).isOther(row),
                        missing,
                        figures.table().off().contains(row),
                        figures.table().byHand().containsKey(new DataTable.Place(row, cell.column()))));
    }

    private Optional<TableCell> at(MouseEvent event) {
        return cells.stream()
                .filter(cell -> cell.isVisible() && cell.getBoundsInParent().contains(event.getX(), event.getY()))
                .findFirst();
    }

    private void press(MouseEvent press) {
        if (press.getButton() != MouseButton.PRIMARY || size() == 0) {
            return;
        }
        requestFocus();
        Optional<TableCell> cell = at(press);
        if (cell.isPresent()) {
            choose(cell.get().row(), cell.get().column(), press.isShiftDown());
            if (press.getClickCount() == 2) {
                edit(Optional.empty());
            }
        } else if (press.getX() < numbersWidth()) {
            numbers.stream()
                    .filter(number ->
                            number.isVisible() && number.getBoundsInParent().contains(press.getX(), press.getY()))
                    .findFirst()
                    .ifPresent(number -> chooseRow(firstRow + numbers.indexOf(number), press.isShiftDown()));
        }
    }

    private void chooseRow(int place, boolean stretched) {
        int last = figures.all().columns().size() - 1;
        int from = stretched && !choice.isEmpty() ? choice.top() : place;
        choice.all(Math.min(from, place), 0, Math.max(from, place), last);
        refresh();
        chosenListener.run();
    }

    private void drag(MouseEvent drag) {
        if (drag.isPrimaryButtonDown() && !choice.isEmpty() && !editor.isOpen()) {
            at(drag).ifPresent(cell -> choose(cell.row(), cell.column(), true));
        }
    }

    private void scroll(ScrollEvent scroll) {
        boolean sideways = scroll.isShiftDown() || Math.abs(scroll.getDeltaX()) > Math.abs(scroll.getDeltaY());
        double by = scroll.getDeltaY() != 0 ? scroll.getDeltaY() : scroll.getDeltaX();
        ScrollBar bar = sideways ? across : down;
        double step = sideways ? 1 : 3;
        bar.setValue(Math.max(0, Math.min(bar.getMax(), bar.getValue() - Math.signum(by) * step)));
        scroll.consume();
    }

    private void key(KeyEvent key) {
        if (editor.isOpen() || size() == 0) {
            return;
        }
        KeyCode code = key.getCode();
        boolean jump = key.isShortcutDown();
        if (code == KeyCode.ENTER || code == KeyCode.F2) {
            edit(Optional.empty());
        } else if (code == KeyCode.A && jump) {
            choice.all(0, Math.max(0, choice.left()), size() - 1, Math.max(0, choice.right()));
            refresh();
            chosenListener.run();
        } else if (code == KeyCode.DELETE || code == KeyCode.BACK_SPACE) {
            List<Integer> rows = Arrays.stream(chosenRows()).boxed().toList();
            model.tables().empty(rows, choice.left(), choice.right());
        } else if (code == KeyCode.UP) {
            go(key, row -> row - 1, column -> column);
        } else if (code == KeyCode.DOWN) {
            go(key, row -> row + 1, column -> column);
        } else if (code == KeyCode.LEFT) {
            go(key, row -> row, column -> column - 1);
        } else if (code == KeyCode.RIGHT) {
            go(key, row -> row, column -> column + 1);
        } else if (code == KeyCode.PAGE_UP) {
            go(key, row -> row - rows, column -> column);
        } else if (code == KeyCode.PAGE_DOWN) {
            go(key, row -> row + rows, column -> column);
        } else if (code == KeyCode.HOME) {
            go(key, row -> jump ? 0 : row, column -> 0);
        } else if (code == KeyCode.END) {
            int last = figures.all().columns().size() - 1;
            go(key, row -> jump ? size() - 1 : row, column -> last);
        } else {
            return;
        }
        key.consume();
    }

    private void go(KeyEvent key, IntUnaryOperator row, IntUnaryOperator column) {
        choose(
                row.applyAsInt(Math.max(0, choice.row())),
                column.applyAsInt(Math.max(0, choice.column())),
                key.isShiftDown());
    }

    private void typed(KeyEvent typed) {
        String text = typed.getCharacter();
        boolean letter = !text.isEmpty() && !Character.isISOControl(text.charAt(0));
        if (letter && !typed.isShortcutDown() && !typed.isAltDown() && !editor.isOpen() && !choice.isEmpty()) {
            edit(Optional.of(text));
            typed.consume();
        }
    }

    /** Opens the cell that keys go on from, to be written anew; with a first letter or with what stands there. */
    private void edit(Optional<String> first) {
        if (choice.isEmpty()) {
            return;
        }
        int row = row(choice.row());
        int column = choice.column();
        String text = figures.all().columns().get(column).entries().text(row);
        editor.open(text, first, written -> model.tables().set(row, column, written));
        reveal(choice.row(), column);
        requestLayout();
    }

    private void placeEditor() {
        if (!editor.isOpen()) {
            return;
        }
        cells.stream()
                .filter(cell -> cell.isVisible() && cell.row() == choice.row() && cell.column() == choice.column())
                .findFirst()
                .ifPresent(cell -> editor.resizeRelocate(
                        cell.getLayoutX(), cell.getLayoutY(), Math.max(cell.getWidth(), 8 * em()), cell.getHeight()));
    }
}
