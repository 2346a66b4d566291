package promedio.desktop.table;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import promedio.core.assignment.DataTable;
import promedio.core.data.Column;
import promedio.desktop.grid.TableCell;
import promedio.desktop.grid.WrittenGrid;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.table.RowOrder;
import promedio.desktop.model.table.TableFigures;

/** The rows of a data table as it was read, each with its number in the file: Enter or typing writes into a cell. */
final class RowsGrid extends WrittenGrid<ColumnHead> {
    private static final double HEAD_EMS = 4.5;
    private static final double EDITOR_EMS = 8;

    private final DeskModel model;
    private final ColumnMenu menu;
    private final AlongColumn along;
    private TableFigures figures;
    private ColumnLayout layout;
    private RowOrder order = RowOrder.OF_FILE;
    private Optional<int[]> ordered = Optional.empty();
    private long desks = -1;

    RowsGrid(DeskModel model) {
        super(HEAD_EMS, EDITOR_EMS);
        this.model = model;
        menu = new ColumnMenu(model, this);
        setId("rows-grid");
        along = new AlongColumn(model.tables().ticked());
        getChildren().add(along);
        model.tables().ticked().alongProperty().addListener((property, before, now) -> {
            requestLayout();
            refresh();
        });
    }

    /** Shows a table, another or one that has changed. */
    void show(TableFigures now) {
        boolean other = figures == null
                || !figures.table().id().equals(now.table().id())
                || desks != model.tables().desks();
        desks = model.tables().desks();
        if (other) {
            order = RowOrder.OF_FILE;
            ordered = Optional.empty();
            begin();
            leaveWriting();
        }
        if (other || figures.all() != now.all()) {
            layout = new ColumnLayout(ColumnLayout.of(now.all()));
        }
        figures = now;
        changed();
    }

    /** Looks at the rows in another order. */
    void order(RowOrder other) {
        TableFigures shown = figures;
        model.tables().order(shown, other, inOrder -> {
            if (figures.table().id().equals(shown.table().id())
                    && figures.all().rows() == shown.all().rows()) {
                order = other;
                ordered = inOrder;
                beginRows();
                changed();
            }
        });
    }

    @Override
    public int size() {
        return figures == null ? 0 : figures.all().rows();
    }

    @Override
    public int columns() {
        return figures == null ? 0 : figures.all().columns().size();
    }

    @Override
    public int letters(int column) {
        return layout.letters(column);
    }

    @Override
    public int row(int place) {
        return ordered.map(rows -> rows[place]).orElse(place);
    }

    /** What offers the steps that fit a column. */
    void onSteps(StepMenu steps) {
        menu.onSteps(steps);
    }

    @Override
    public void goTo(int row, int column) {
        super.goTo(ordered.map(rows -> indexOf(rows, row)).orElse(row), column);
    }

    private static int indexOf(int[] rows, int row) {
        int at = 0;
        while (rows[at] != row) {
            at++;
        }
        return at;
    }

    @Override
    public ColumnHead head() {
        return new ColumnHead(menu);
    }

    @Override
    public void show(ColumnHead head, int column) {
        head.show(column, figures, order);
    }

    @Override
    public String text(int place, int column) {
        return layout.text(row(place), column);
    }

    @Override
    public void look(int place, int at, Set<TableCell.Trait> traits) {
        int row = row(place);
        Column column = figures.all().columns().get(at);
        boolean missing = column.isMissing(row);
        if (column instanceof Column.OfNumbers numbers) {
            traits.add(TableCell.Trait.NUMBER);
            if (!missing && numbers.isOther(row)) {
                traits.add(TableCell.Trait.OTHER);
            }
        }
        if (missing) {
            traits.add(TableCell.Trait.MISSING);
        }
        if (figures.table().off().contains(row)) {
            traits.add(TableCell.Trait.OUT);
        }
        if (figures.table().byHand().containsKey(new DataTable.Place(row, at))) {
            traits.add(TableCell.Trait.BY_HAND);
        }
    }

    @Override
    public double besideWidth() {
        return along.width(em());
    }

    @Override
    public void placeBeside(double left, double headHeight, double rowHeight, int seen) {
        along.resizeRelocate(left, 0, besideWidth(), headHeight + seen * rowHeight);
        along.place(headHeight, rowHeight, seen);
        refreshBeside();
        super.placeBeside(left, headHeight, rowHeight, seen);
    }

    @Override
    public void refreshBeside() {
        if (size() > 0) {
            along.show(i -> row(Math.min(size() - 1, firstRow() + i)));
        }
    }

    @Override
    protected String written(int place, int column) {
        return figures.all().columns().get(column).entries().text(row(place));
    }

    @Override
    protected Consumer<String> writer(int place, int column) {
        int row = row(place);
        return written -> model.amending().set(row, column, written);
    }

    @Override
    protected void empty() {
        List<Integer> rows = Arrays.stream(chosenRows()).boxed().toList();
        model.amending().empty(rows, choice().left(), choice().right());
    }

    /** Writes what lies on the clipboard over cells from the first that is chosen on; false where no cell has the cursor. */
    boolean paste(String text) {
        if (!isFocused() || choice().isEmpty() || isBusy()) {
            return false;
        }
        int[] rows = IntStream.range(choice().top(), size()).map(this::row).toArray();
        int chosen = choice().bottom() - choice().top() + 1;
        model.amending().paste(text, rows, chosen, choice().left(), choice().right() - choice().left() + 1);
        return true;
    }
}
