package promedio.desktop.ownwork;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import promedio.core.number.Numerals;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnCell;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.Quantity;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.control.Press;
import promedio.desktop.grid.Aligned;
import promedio.desktop.grid.CellEditor;
import promedio.desktop.grid.CellsGrid;
import promedio.desktop.grid.TableCell.Trait;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.own.OwnMarked;
import promedio.desktop.model.own.OwnWork;
import promedio.desktop.text.Words;

/**
 * The table that a student fills in, as a hand does: Enter goes down a column and on to the next one, Tab along a row and on to the next one. The last
 * row has the totals.
 */
final class OwnGrid extends CellsGrid<OwnHead> {
    static final double HEAD_EMS = 2.7;
    /** So many rows are seen at once; longer tables scroll by themselves. */
    private static final int MOST_SEEN = 40;
    /** For the bar below, where not all columns are seen. */
    private static final double SPARE_EMS = 1.2;

    private static final double LABEL_EMS = 2.6;
    private static final int NARROWEST = 7;
    private static final int WIDEST = 24;
    private static final int BESIDE = 3;
    private static final int UNKNOWN_LETTERS = 10;

    private final DeskModel model;
    private final OwnWork work;
    private final CellEditor editor;
    private Optional<OwnSheet> sheet = Optional.empty();
    private Optional<OwnMarked> marked = Optional.empty();
    private int[] places = new int[0];

    OwnGrid(DeskModel model) {
        super(HEAD_EMS);
        this.model = model;
        this.work = model.ownWork();
        setId("own-grid");
        getStyleClass().add("own-grid");
        editor = new CellEditor(new CellEditor.Desk() {
            @Override
            public void goOn(int rows, int columns) {
                requestFocus();
                go(rows, columns);
            }

            @Override
            public void left() {
                requestFocus();
            }
        });
        getChildren().add(editor);
        addEventHandler(KeyEvent.KEY_TYPED, this::typed);
        onMenu(this::offer);
    }

    void show(OwnSheet now, Optional<OwnMarked> marks) {
        boolean other = sheet.filter(now::equals).isEmpty();
        if (other) {
            sheet = Optional.of(now);
            char mark = mark();
            places = IntStream.range(0, now.columns().size())
                    .map(column -> IntStream.rangeClosed(0, now.rows().size())
                            .mapToObj(row -> shown(new CellPlace(row, column)))
                            .filter(OwnGrid::isFigure)
                            .mapToInt(text -> Aligned.places(mark, text))
                            .max()
                            .orElse(0))
                    .toArray();
        }
        marked = marks;
        changed();
    }

    private char mark() {
        return numerals().decimalMark();
    }

    private Numerals numerals() {
        return model.assignment().card().numerals();
    }

    private static boolean isFigure(String text) {
        return text.matches("[-+−]?[0-9]+(?:[.,][0-9]+)?");
    }

    /** A table that a hand writes is all seen, on a page that scrolls: nobody looks for the totals of what they are adding up. */
    @Override
    protected double computePrefHeight(double width) {
        return Math.floor(HEAD_EMS * em())
                + Math.min(size(), MOST_SEEN) * Math.floor(ROW_EMS * em())
                + SPARE_EMS * em();
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    /** Where keys go on; empty where nothing is chosen. */
    Optional<CellPlace> place() {
        return choice().isEmpty() || sheet.isEmpty()
                ? Optional.empty()
                : Optional.of(new CellPlace(choice().row(), choice().column()));
    }

    @Override
    public int size() {
        return sheet.map(now -> now.rows().size() + 1).orElse(0);
    }

    @Override
    public int columns() {
        return sheet.map(now -> now.columns().size()).orElse(0);
    }

    @Override
    public int letters(int column) {
        OwnSheet now = sheet.orElseThrow();
        int taken = work.is(column).map(work::heading).map(String::length).orElse(UNKNOWN_LETTERS);
        int longest = Math.max(now.columns().get(column).heading().length(), taken) + 1;
        for (int row = 0; row < size(); row++) {
            longest = Math.max(longest, text(row, column).length() + BESIDE);
        }
        return Math.max(NARROWEST, Math.min(WIDEST, longest));
    }

    @Override
    public int row(int place) {
        return place;
    }

    @Override
    public String label(int place) {
        return place == size() - 1 ? "Σ" : super.label(place);
    }

    @Override
    public double numberEms() {
        return LABEL_EMS;
    }

    /** A cell as it is shown: arithmetic as what comes of it. */
    private String shown(CellPlace place) {
        String written = sheet.map(now -> now.cell(place)).orElse("");
        boolean figure =
                work.is(place.column()).filter(what -> what != Quantity.CLASS).isPresent();
        return figure ? OwnCell.worked(written, numerals()).orElse(written) : written;
    }

    @Override
    public String text(int place, int column) {
        String text = shown(new CellPlace(place, column));
        return isFigure(text) ? Aligned.padded(text, Aligned.places(mark(), text), places[column]) : text;
    }

    @Override
    public Optional<String> inFull(int place, int column) {
        CellPlace at = new CellPlace(place, column);
        return sheet.map(now -> now.cell(at)).filter(written -> !written.equals(shown(at)));
    }

    @Override
    public void look(int place, int column, Set<Trait> traits) {
        OwnSheet now = sheet.orElseThrow();
        CellPlace at = new CellPlace(place, column);
        boolean words = work.is(column).filter(Quantity.CLASS::equals).isPresent();
        if (!words) {
            traits.add(Trait.NUMBER);
        }
        traits.add(Trait.MARKABLE);
        if (now.isTotal(at)) {
            traits.add(Trait.TOTAL);
        }
        if (now.help(at).shown()) {
            traits.add(Trait.SHOWN);
        }
        marked.flatMap(known -> known.at(at, now.cell(at))).ifPresent(mark -> {
            Trait.of(mark.verdict()).ifPresent(traits::add);
            if (mark.first()) {
                traits.add(Trait.FIRST);
            }
        });
    }

    @Override
    public OwnHead head() {
        return new OwnHead(work);
    }

    @Override
    public void show(OwnHead head, int column) {
        head.show(column, sheet.orElseThrow().columns().get(column).heading());
    }

    @Override
    public void placeBeside(double left, double headHeight, double rowHeight, int seen) {
        if (editor.isOpen()) {
            cell().ifPresent(cell ->
                    editor.resizeRelocate(cell.getLayoutX(), cell.getLayoutY(), cell.getWidth(), cell.getHeight()));
        }
    }

    @Override
    public boolean isBusy() {
        return editor.isOpen();
    }

    @Override
    public void open() {
        edit(Optional.empty());
    }

    @Override
    public boolean does(KeyEvent key) {
        KeyCode code = key.getCode();
        if (code == KeyCode.ENTER || code == KeyCode.F2) {
            edit(Optional.empty());
        } else if (code == KeyCode.DELETE || code == KeyCode.BACK_SPACE) {
            empty();
        } else if (code == KeyCode.TAB) {
            return along(key.isShiftDown() ? -1 : 1);
        } else if (code == KeyCode.C && key.isShortcutDown() && !key.isShiftDown()) {
            copy();
        } else {
            return false;
        }
        return true;
    }

    /** Along the row; at either end of the table Tab leaves it. */
    private boolean along(int by) {
        boolean last = by > 0
                ? choice().row() == size() - 1 && choice().column() == columns() - 1
                : choice().row() <= 0 && choice().column() <= 0;
        if (last || choice().isEmpty()) {
            return false;
        }
        go(0, by);
        return true;
    }

    /** As a hand goes on: below the last row at the top of the next column, behind the last column at the next row. */
    private void go(int rows, int columns) {
        int row = choice().row() + rows;
        int column = choice().column() + columns;
        if (row >= size()) {
            row = column + 1 < columns() ? 0 : size() - 1;
            column = Math.min(column + 1, columns() - 1);
        } else if (column >= columns()) {
            column = row + 1 < size() ? 0 : columns() - 1;
            row = Math.min(row + 1, size() - 1);
        } else if (column < 0) {
            column = row > 0 ? columns() - 1 : 0;
            row = Math.max(0, row - 1);
        }
        choose(row, column, false);
    }

    private void empty() {
        if (!choice().isEmpty()) {
            List<String> blank = Collections.nCopies(choice().right() - choice().left() + 1, "");
            work.write(
                    new CellPlace(choice().top(), choice().left()),
                    Collections.nCopies(choice().bottom() - choice().top() + 1, blank));
        }
    }

    private void copy() {
        if (choice().isEmpty()) {
            return;
        }
        List<List<String>> rows = new ArrayList<>();
        for (int row = choice().top(); row <= choice().bottom(); row++) {
            int at = row;
            rows.add(IntStream.rangeClosed(choice().left(), choice().right())
                    .mapToObj(column -> shown(new CellPlace(at, column)))
                    .collect(Collectors.toList()));
        }
        CopiedCells.put(rows);
    }

    /** The headings, every row as it is shown, and the totals. */
    List<List<String>> all() {
        List<List<String>> rows = new ArrayList<>();
        sheet.ifPresent(now ->
                rows.add(now.columns().stream().map(OwnSheet.Column::heading).toList()));
        for (int row = 0; row < size(); row++) {
            int at = row;
            rows.add(IntStream.range(0, columns())
                    .mapToObj(column -> shown(new CellPlace(at, column)))
                    .toList());
        }
        return rows;
    }

    /** Writes what lies on the clipboard into the cells from the chosen one on; false where none is chosen. */
    boolean paste(String text) {
        if (!isFocused() || choice().isEmpty() || isBusy()) {
            return false;
        }
        String plain = CopiedCells.asCopied(text).orElse(text);
        List<List<String>> cells =
                plain.lines().map(line -> List.of(line.split("\t", -1))).toList();
        work.write(new CellPlace(choice().top(), choice().left()), cells);
        return true;
    }

    private void typed(KeyEvent typed) {
        String text = typed.getCharacter();
        boolean letter = !text.isEmpty() && !Character.isISOControl(text.charAt(0));
        if (letter && !typed.isShortcutDown() && !typed.isAltDown() && !editor.isOpen() && !choice().isEmpty()) {
            edit(Optional.of(text));
            typed.consume();
        }
    }

    /** Opens the cell that keys go on from, to be written. */
    private void edit(Optional<String> first) {
        place().ifPresent(at -> {
            editor.open(sheet.orElseThrow().cell(at), first, written -> work.write(at, written));
            bringIntoView(at.row(), at.column());
            requestLayout();
        });
    }

    /** What can be done with the chosen cell and its row. */
    private void offer() {
        place().ifPresent(at -> {
            ContextMenu menu = new ContextMenu();
            menu.getItems().add(Press.item("own-show", Words.of("own.show"), () -> work.fill(at)));
            menu.getItems()
                    .addAll(
                            Press.item("own-row-above", Words.of("own.row.above"), () -> work.addRow(at.row())),
                            Press.item("own-row-below", Words.of("own.row.below"), () -> work.addRow(at.row() + 1)));
            if (at.row() < size() - 1) {
                menu.getItems().add(Press.item("own-row-out", Words.of("own.row.out"), () -> work.removeRow(at.row())));
            }
            cell().ifPresent(cell -> menu.show(cell, Side.BOTTOM, 0, 0));
        });
    }
}
