package promedio.desktop.grid;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;

/**
 * Cells on ruled paper below heads, each row with a number. Only what is seen has cells, however many rows and columns there are. What keys
 * and mouse do is {@link CellsHand}.
 *
 * @param <H> the head of a column
 */
public abstract class CellsGrid<H extends Region> extends Region {
    /** How many ems high a row is. */
    public static final double ROW_EMS = 1.75;

    private static final double LETTER_EMS = 0.58;
    private static final double PADDING_EMS = 1.5;
    private static final double NUMBER_EMS = 4.6;
    private static final double USUAL_EM = 13;

    private final double headEms;
    private final CellChoice choice = new CellChoice();
    private final List<TableCell> cells = new ArrayList<>();
    private final List<Label> numbers = new ArrayList<>();
    private final List<H> heads = new ArrayList<>();
    private final ScrollBar down = new ScrollBar();
    private final ScrollBar across = new ScrollBar();
    private final Rectangle clip = new Rectangle();
    private Runnable chosenListener = () -> {};
    private Runnable menuListener = () -> {};
    private int firstRow;
    private int firstColumn;
    private int rows = 1;
    /** Whether there are parts that have no style yet. */
    private boolean grown;

    /** A grid whose heads are so many ems high. */
    public CellsGrid(double headEms) {
        this.headEms = headEms;
        getStyleClass().add("rows-grid");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TABLE_VIEW);
        setClip(clip);
        down.setOrientation(Orientation.VERTICAL);
        for (ScrollBar bar : List.of(down, across)) {
            bar.setFocusTraversable(false);
            bar.setUnitIncrement(1);
            bar.valueProperty().addListener((property, before, now) -> scrolled());
        }
        getChildren().addAll(down, across);
        new CellsHand(this);
        focusedProperty().addListener((property, before, focused) -> {
            if (focused && choice.isEmpty() && size() > 0) {
                choose(0, 0, false);
            }
            refresh();
        });
    }

    /** How many rows there are; none while there is nothing to show. */
    public abstract int size();

    /** How many columns there are. */
    public abstract int columns();

    /** How many letters wide a column is. */
    public abstract int letters(int column);

    /** A row as it is counted in the table, by its place among those that are shown. */
    public abstract int row(int place);

    /** What stands before a row: its number. */
    public String label(int place) {
        return Integer.toString(row(place) + 1);
    }

    /** How many ems wide that is. */
    public double numberEms() {
        return NUMBER_EMS;
    }

    /** The text of a cell, by its place among those that are shown. */
    public abstract String text(int place, int column);

    /** All digits of a cell of which some are not shown; empty where it is shown whole. */
    public Optional<String> inFull(int place, int column) {
        return Optional.empty();
    }

    /** What is to be seen of a cell besides. */
    public abstract void look(int place, int column, Set<TableCell.Trait> traits);

    public abstract H head();

    public abstract void show(H head, int column);

    /** Does what a key does here and nowhere else; false where that is nothing. */
    public boolean does(KeyEvent key) {
        return false;
    }

    /** Does what two clicks on a cell do. */
    public void open() {}

    /** Whether keys and drags belong to something that lies over the grid. */
    public boolean isBusy() {
        return false;
    }

    /** How wide what stands at the right of all columns is. */
    public double besideWidth() {
        return 0;
    }

    /** Lays out what stands at the right of all columns, and over the cells. */
    public void placeBeside(double left, double headHeight, double rowHeight, int seen) {}

    /** Brings what stands at the right of all columns up to date. */
    public void refreshBeside() {}

    /** Who is told when others are chosen. */
    public final void onChosen(Runnable listener) {
        chosenListener = listener;
    }

    /** Who is told that a menu is asked for chosen cells. */
    public final void onMenu(Runnable listener) {
        menuListener = listener;
    }

    public final CellChoice choice() {
        return choice;
    }

    /** The row of the table that keys go on from. */
    public final int row() {
        return row(choice.row());
    }

    public final int firstRow() {
        return firstRow;
    }

    /** The rows that are chosen, in the order in which they are shown. */
    public final int[] chosenRows() {
        if (choice.isEmpty()) {
            return new int[0];
        }
        int[] chosen = new int[choice.bottom() - choice.top() + 1];
        for (int i = 0; i < chosen.length; i++) {
            chosen[i] = row(choice.top() + i);
        }
        return chosen;
    }

    /** Goes to a cell by its row in the table. */
    public void goTo(int row, int column) {
        choose(row, column, false);
        requestFocus();
    }

    /** Begins at the upper left corner, nothing chosen. */
    public final void begin() {
        choice.none();
        firstRow = 0;
        firstColumn = 0;
    }

    /** Begins at the first row, nothing chosen. */
    public final void beginRows() {
        choice.none();
        firstRow = 0;
    }

    /** Has a row at the top. */
    public final void beginAt(int row) {
        firstRow = row;
        requestLayout();
    }

    /** Has a row and a column in view. */
    public final void bringIntoView(int row, int column) {
        reveal(Math.max(0, row), Math.max(0, column));
    }

    /** Shows what has changed. */
    public final void changed() {
        choice.within(size(), columns());
        if (isFocused() && choice.isEmpty() && size() > 0) {
            choice.to(0, 0, false);
        }
        requestLayout();
        refresh();
        chosenListener.run();
    }

    public final void choose(int row, int column, boolean stretched) {
        int held = Math.max(0, Math.min(size() - 1, row));
        int heldColumn = Math.max(0, Math.min(columns() - 1, column));
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

    public final double em() {
        return cells.isEmpty() ? USUAL_EM : cells.get(0).getFont().getSize();
    }

    private double width(int column) {
        return Math.floor((letters(column) * LETTER_EMS + PADDING_EMS) * em());
    }

    private double numbersWidth() {
        return Math.floor(numberEms() * em());
    }

    /** How many columns from one on are seen whole. */
    private int whole(int from) {
        double room = getWidth() - numbersWidth() - down.prefWidth(-1) - besideWidth();
        int whole = 0;
        for (int i = from; i < columns() && width(i) <= room; i++) {
            room -= width(i);
            whole++;
        }
        return whole;
    }

    @Override
    protected void layoutChildren() {
        if (columns() == 0 || getWidth() <= 0) {
            return;
        }
        if (cells.isEmpty()) {
            add(cells, new TableCell());
            cells.get(0).applyCss();
        }
        double em = em();
        double height = Math.floor(ROW_EMS * em);
        double headHeight = Math.floor(headEms * em);
        int all = columns();
        boolean wide = whole(0) < all;
        double acrossHeight = wide ? across.prefHeight(-1) : 0;
        double room = getHeight() - headHeight - acrossHeight;
        rows = Math.max(1, (int) (room / height));
        boolean tall = size() > rows;
        double downWidth = tall ? down.prefWidth(-1) : 0;
        firstRow = Math.max(0, Math.min(firstRow, size() - rows));
        firstColumn = Math.max(0, Math.min(firstColumn, all - 1));
        bar(down, tall, firstRow, size() - rows, rows, size());
        bar(across, wide, firstColumn, lastFirst(all), Math.max(1, whole(firstColumn)), all);
        down.resizeRelocate(getWidth() - downWidth, headHeight, downWidth, getHeight() - headHeight - acrossHeight);
        double left = numbersWidth();
        double right = getWidth() - downWidth - besideWidth();
        across.resizeRelocate(left, getHeight() - acrossHeight, right - left, acrossHeight);
        place(left, right, height, headHeight);
        placeBeside(right, headHeight, height, Math.min(rows, size() - firstRow));
        clip.setWidth(getWidth());
        clip.setHeight(getHeight());
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
        int all = columns();
        int columns = 0;
        int seen = Math.min(rows, size() - firstRow);
        int used = 0;
        for (double x = left; firstColumn + columns < all && x < right; columns++) {
            int column = firstColumn + columns;
            double width = width(column);
            H head = at(heads, columns, this::head);
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
            Label number = at(numbers, i, CellsGrid::rowNumber);
            number.setVisible(true);
            number.resizeRelocate(0, headHeight + i * height, left, height);
        }
        hide(heads, columns);
        hide(cells, used);
        hide(numbers, seen);
        refresh();
        if (grown) {
            // Else what is new would be seen for a moment as the style sheet does not have it.
            grown = false;
            applyCss();
        }
    }

    private static Label rowNumber() {
        Label number = new Label();
        number.getStyleClass().add("row-number");
        return number;
    }

    private static void hide(List<? extends Node> nodes, int from) {
        nodes.subList(Math.min(from, nodes.size()), nodes.size()).forEach(node -> node.setVisible(false));
    }

    private <N extends Node> N at(List<N> nodes, int index, Supplier<N> make) {
        if (index == nodes.size()) {
            add(nodes, make.get());
        }
        return nodes.get(index);
    }

    private <N extends Node> void add(List<N> nodes, N node) {
        nodes.add(node);
        getChildren().add(0, node);
        grown = true;
    }

    /** Brings what is seen up to date. */
    public final void refresh() {
        int all = columns();
        for (int i = 0; i < heads.size() && heads.get(i).isVisible(); i++) {
            if (firstColumn + i < all) {
                show(heads.get(i), firstColumn + i);
            }
        }
        for (TableCell cell : cells) {
            boolean some = cell.isVisible() && cell.row() >= 0 && cell.row() < size() && cell.column() < all;
            if (some) {
                refresh(cell);
            }
        }
        for (int i = 0; i < numbers.size() && numbers.get(i).isVisible(); i++) {
            if (firstRow + i < size()) {
                numbers.get(i).setText(label(firstRow + i));
            }
        }
        refreshBeside();
    }

    private void refresh(TableCell cell) {
        Set<TableCell.Trait> traits = EnumSet.noneOf(TableCell.Trait.class);
        if (choice.has(cell.row(), cell.column())) {
            traits.add(TableCell.Trait.CHOSEN);
        }
        if (isFocused() && cell.row() == choice.row() && cell.column() == choice.column()) {
            traits.add(TableCell.Trait.IN_FOCUS);
        }
        look(cell.row(), cell.column(), traits);
        cell.show(text(cell.row(), cell.column()), traits, () -> inFull(cell.row(), cell.column()));
    }

    /** The cell that keys go on from, if it is seen. */
    public final Optional<TableCell> cell() {
        return cells.stream()
                .filter(cell -> cell.isVisible() && cell.row() == choice.row() && cell.column() == choice.column())
                .findFirst();
    }

    /** The cell at a place; empty where there is none. */
    public final Optional<TableCell> at(double x, double y) {
        return cells.stream()
                .filter(cell -> cell.isVisible() && cell.getBoundsInParent().contains(x, y))
                .findFirst();
    }

    /** The place of the row whose number stands at a place; empty where there is none. */
    public final OptionalInt rowNumberAt(double x, double y) {
        return x >= numbersWidth()
                ? OptionalInt.empty()
                : IntStream.range(0, numbers.size())
                        .filter(i -> numbers.get(i).isVisible()
                                && numbers.get(i).getBoundsInParent().contains(x, y))
                        .map(i -> firstRow + i)
                        .findFirst();
    }

    /** How many rows are seen at once. */
    public final int seenRows() {
        return rows;
    }

    /** Chooses all cells of a stretch. */
    public final void chooseAll(int top, int left, int bottom, int right) {
        choice.all(top, left, bottom, right);
        refresh();
        chosenListener.run();
    }

    /** Asks whoever is told of it for a menu of the chosen cells. */
    public final void askForMenu() {
        menuListener.run();
    }

    /** Scrolls by so many steps, along the rows or across them; false where all of it is seen. */
    public final boolean scrollBy(double steps, boolean sideways) {
        ScrollBar bar = sideways ? across : down;
        bar.setValue(Math.max(0, Math.min(bar.getMax(), bar.getValue() + steps)));
        return bar.isVisible();
    }
}
