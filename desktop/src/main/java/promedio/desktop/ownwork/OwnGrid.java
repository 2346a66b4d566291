package promedio.desktop.ownwork;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.Quantity;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.control.Press;
import promedio.desktop.grid.TableCell.Trait;
import promedio.desktop.grid.WrittenGrid;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.own.OwnMarked;
import promedio.desktop.model.own.OwnWork;
import promedio.desktop.text.Words;

/**
 * The table that a student fills in, as a hand does: Enter goes down a column and on to the next one, Tab along a row and on to the next one. The last
 * row has the totals.
 */
final class OwnGrid extends WrittenGrid<OwnHead> {
    private static final double HEAD_EMS = 2.7;
    /** So many rows are seen at once; longer tables scroll by themselves. */
    private static final int MOST_SEEN = 40;
    /** For the bar below, where not all columns are seen. */
    private static final double SPARE_EMS = 1.2;

    private static final double LABEL_EMS = 2.6;

    private final DeskModel model;
    private final OwnWork work;
    private String sample = "";
    private Optional<OwnTexts> texts = Optional.empty();
    private Optional<OwnMarked> shown = Optional.empty();

    OwnGrid(DeskModel model) {
        super(HEAD_EMS, 0);
        this.model = model;
        this.work = model.ownWork();
        setId("own-grid");
        getStyleClass().add("own-grid");
        onMenu(this::offer);
    }

    /** Shows the working of the chosen sample with the marks that are to be shown. */
    void show(OwnSheet now) {
        if (!sample.equals(work.sample())) {
            sample = work.sample();
            leaveWriting();
            begin();
        }
        Map<String, String> results = work.known().map(OwnMarked::results).orElse(Map.of());
        List<String> meanings = IntStream.range(0, now.columns().size())
                .mapToObj(column ->
                        OwnHead.meaning(work, column, now.columns().get(column).heading()))
                .toList();
        texts = Optional.of(
                new OwnTexts(now, results, model.assignment().card().numerals().decimalMark(), meanings));
        shown = work.shown();
        changed();
    }

    private OwnTexts texts() {
        return texts.orElseThrow();
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
        return choice().isEmpty() || texts.isEmpty()
                ? Optional.empty()
                : Optional.of(new CellPlace(choice().row(), choice().column()));
    }

    @Override
    public int size() {
        return texts.map(now -> now.sheet().rows().size() + 1).orElse(0);
    }

    @Override
    public int columns() {
        return texts.map(now -> now.sheet().columns().size()).orElse(0);
    }

    @Override
    public int letters(int column) {
        return texts().letters(column);
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

    @Override
    public String text(int place, int column) {
        return texts().aligned(new CellPlace(place, column));
    }

    @Override
    public Optional<String> inFull(int place, int column) {
        CellPlace at = new CellPlace(place, column);
        return Optional.of(written(place, column)).filter(written -> !written.equals(texts().shown(at)));
    }

    @Override
    public void look(int place, int column, Set<Trait> traits) {
        OwnSheet now = texts().sheet();
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
        shown.flatMap(known -> known.at(at, now.cell(at))).ifPresent(mark -> {
            Trait.of(mark.verdict()).ifPresent(traits::add);
            if (mark.first()) {
                traits.add(Trait.FIRST);
            }
        });
    }

    @Override
    public OwnHead head() {
        return new OwnHead(model);
    }

    @Override
    public void show(OwnHead head, int column) {
        head.show(column, texts().sheet().columns().get(column).heading());
    }

    @Override
    protected String written(int place, int column) {
        return texts().sheet().cell(new CellPlace(place, column));
    }

    @Override
    protected Consumer<String> writer(int place, int column) {
        String of = sample;
        return written -> work.write(of, new CellPlace(place, column), List.of(List.of(written)));
    }

    @Override
    protected void empty() {
        if (!choice().isEmpty()) {
            List<String> blank = Collections.nCopies(choice().right() - choice().left() + 1, "");
            write(Collections.nCopies(choice().bottom() - choice().top() + 1, blank));
        }
    }

    /** Writes cells from the first chosen one on. */
    private void write(List<List<String>> cells) {
        work.write(sample, new CellPlace(choice().top(), choice().left()), cells);
    }

    @Override
    public boolean does(KeyEvent key) {
        KeyCode code = key.getCode();
        if (code == KeyCode.TAB) {
            return along(key.isShiftDown() ? -1 : 1);
        } else if (code == KeyCode.C && key.isShortcutDown() && !key.isShiftDown()) {
            if (!choice().isEmpty()) {
                CopiedCells.put(cells(choice().top(), choice().bottom(), choice().left(), choice().right()));
            }
            return true;
        }
        return super.does(key);
    }

    /** Along the row; at either end of the table Tab leaves it. */
    private boolean along(int by) {
        boolean last = by > 0
                ? choice().row() == size() - 1 && choice().column() == columns() - 1
                : choice().row() <= 0 && choice().column() <= 0;
        if (last || choice().isEmpty()) {
            return false;
        }
        goOn(0, by);
        return true;
    }

    /** As a hand goes on: below the last row at the top of the next column, behind the last column at the next row. */
    @Override
    protected void goOn(int rows, int columns) {
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

    private List<List<String>> cells(int top, int bottom, int left, int right) {
        return IntStream.rangeClosed(top, bottom)
                .mapToObj(row -> IntStream.rangeClosed(left, right)
                        .mapToObj(column -> texts().shown(new CellPlace(row, column)))
                        .toList())
                .toList();
    }

    /** The headings, every row as it is shown, and the totals. */
    List<List<String>> all() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(
                texts().sheet().columns().stream().map(OwnSheet.Column::heading).toList());
        rows.addAll(cells(0, size() - 1, 0, columns() - 1));
        return rows;
    }

    /** Writes what lies on the clipboard into the cells from the chosen one on; false where none is chosen. */
    boolean paste(String text) {
        if (!isFocused() || choice().isEmpty() || isBusy()) {
            return false;
        }
        String plain = CopiedCells.asCopied(text).orElse(text);
        write(plain.lines().map(line -> List.of(line.split("\t", -1))).toList());
        return true;
    }

    /** What can be done with the chosen cell and its row. */
    private void offer() {
        place().ifPresent(at -> {
            ContextMenu menu = new ContextMenu();
            menu.getItems()
                    .addAll(
                            Press.item("own-show", Words.of("own.show"), () -> work.fill(at)),
                            Press.item("own-row-above", Words.of("own.row.above"), () -> work.addRow(at.row())),
                            Press.item("own-row-below", Words.of("own.row.below"), () -> work.addRow(at.row() + 1)));
            if (at.row() < size() - 1) {
                menu.getItems().add(Press.item("own-row-out", Words.of("own.row.out"), () -> work.removeRow(at.row())));
            }
            cell().ifPresent(cell -> menu.show(cell, Side.BOTTOM, 0, 0));
        });
    }
}
