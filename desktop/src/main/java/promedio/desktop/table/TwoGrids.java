package promedio.desktop.table;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.scene.layout.StackPane;
import promedio.core.course.Accuracy;
import promedio.core.course.CardKey;
import promedio.core.data.Column;
import promedio.core.trail.Prepared;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.grid.CellChoice;
import promedio.desktop.grid.CellsGrid;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.table.TableFigures;
import promedio.desktop.model.table.TableTrail;
import promedio.desktop.text.Words;

/**
 * The rows of a table as they were read, or as the steps leave them: one of both is seen. The table is shown as it is at the step that is
 * looked at, or as one that is being written would make it.
 */
final class TwoGrids extends StackPane {
    private static final int MOST_COPIED = 2_000_000;

    private final DeskModel model;
    private final RowsGrid read;
    private final PreparedGrid prepared = new PreparedGrid();
    private Runnable shownListener = () -> {};
    /** The rows that the step which is looked at has taken away. */
    private Optional<BitSet> lost = Optional.empty();
    /** Whether they are shown, struck out. */
    private boolean showLost;

    TwoGrids(DeskModel model) {
        this.model = model;
        read = new RowsGrid(model);
        getChildren().addAll(read, prepared.withNotice());
        prepared.setVisible(false);
        model.trail().troddenProperty().addListener((property, before, now) -> {
            showLost = false;
            show();
        });
        model.trail().triedProperty().addListener((property, before, now) -> show());
    }

    /** Who is told that another table is shown, or other cells are chosen. */
    void onShown(Runnable listener) {
        shownListener = listener;
        read.onChosen(listener);
        prepared.onChosen(listener);
    }

    /** What offers the steps that fit a column, and who is told that a menu is asked for chosen cells. */
    void onSteps(StepMenu steps, Runnable menu) {
        prepared.onHead(steps::show);
        read.onSteps(steps);
        read.onMenu(menu);
        prepared.onMenu(menu);
    }

    RowsGrid read() {
        return read;
    }

    /** The grid that is seen. */
    CellsGrid<?> seen() {
        return prepared.isVisible() ? prepared : read;
    }

    /** Shows a table that was read, another or one that has changed. */
    void show(TableFigures figures) {
        read.show(figures);
        show();
    }

    private void show() {
        TableTrail.Trodden trodden = model.trail().troddenProperty().get();
        TableTrail.Tried tried = model.trail().triedProperty().get();
        Optional<Prepared> would = Optional.ofNullable(tried).flatMap(TableTrail.Tried::after);
        boolean other = trodden != null && (would.isPresent() || !trodden.isOriginal());
        prepared.setVisible(other);
        read.setVisible(!other);
        lost = other && would.isEmpty()
                ? before(trodden).lost(trodden.state()).filter(rows -> !rows.isEmpty())
                : Optional.empty();
        showLost &= lost.isPresent();
        if (other) {
            Accuracy accuracy = model.assignment().card().get(CardKey.ACCURACY);
            prepared.showPlaces(
                    accuracy.kind() == Accuracy.Kind.PLACES ? accuracy.digits() : Accuracy.TWO_PLACES.digits());
            char mark = trodden.table().original().read().decimalMark();
            if (showLost) {
                prepared.show(before(trodden), lost.get(), mark);
            } else {
                prepared.show(
                        would.orElseGet(trodden::state), would.isPresent() ? tried.before() : before(trodden), mark);
            }
        }
        shownListener.run();
    }

    private static Prepared before(TableTrail.Trodden trodden) {
        return trodden.walk().states().get(trodden.looked() - 1);
    }

    /** How many rows the step that is looked at has taken away; 0 where nobody can tell. */
    int rowsLost() {
        return lost.map(BitSet::cardinality).orElse(0);
    }

    /** Whether those are shown, struck out. */
    boolean showsLost() {
        return showLost;
    }

    /** Shows them, or shows them no more. */
    void turnLost() {
        showLost = !showLost;
        show();
    }

    /** What the steps make, where that is seen, all of it or only tried. */
    Optional<Prepared> made() {
        if (showsRead()) {
            return Optional.empty();
        }
        return Optional.of(showLost ? model.trail().troddenProperty().get().state() : prepared.shown());
    }

    /** Whether a step can be made for the cells that are seen: they are what it would begin with. */
    boolean takesSteps() {
        TableTrail.Trodden trodden = model.trail().troddenProperty().get();
        return !prepared.isVisible() || trodden != null && prepared.shown() == trodden.state();
    }

    /** Whether the table is seen as it was read. */
    boolean showsRead() {
        return !prepared.isVisible();
    }

    private TableFigures figures() {
        return model.tables().figuresProperty().get();
    }

    /** The name of a column that is seen. */
    String name(int column) {
        return showsRead()
                ? figures().all().columns().get(column).name()
                : prepared.shown().fields().get(column).name();
    }

    /** Columns that are seen, side by side; one that steps have made may take a moment when it is asked for. */
    List<Supplier<Column>> columns(int left, int right) {
        return showsRead()
                ? figures().all().columns().subList(left, right + 1).stream()
                        .<Supplier<Column>>map(column -> () -> column)
                        .toList()
                : prepared.shown().fields().subList(left, right + 1).stream()
                        .<Supplier<Column>>map(field -> field::column)
                        .toList();
    }

    /** The cells that are seen, as they are looked at. */
    ColumnLayout.Cells cells() {
        return showsRead()
                ? ColumnLayout.of(figures().all())
                : ColumnLayout.of(
                        prepared.shown(), figures().table().original().read().decimalMark());
    }

    /** Puts the chosen cells on the clipboard, a line a row, tabs between. */
    void copy() {
        CellChoice choice = seen().choice();
        if (choice.isEmpty()) {
            return;
        }
        int[] rows = seen().chosenRows();
        if ((long) rows.length * (choice.right() - choice.left() + 1) > MOST_COPIED) {
            model.say(Words.of("message.copy.too-many"));
            return;
        }
        ColumnLayout.Cells cells = cells();
        CopiedCells.put(Arrays.stream(rows)
                .mapToObj(row -> IntStream.rangeClosed(choice.left(), choice.right())
                        .mapToObj(column -> cells.text().at(row, column))
                        .toList())
                .toList());
        model.say(Words.of("message.cells-copied", rows.length));
    }
}
