package promedio.desktop.model.table;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyObjectProperty;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.TableEdit;
import promedio.core.data.Column;
import promedio.core.sentence.Visible;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.text.Words;

/** What is changed by hand in the chosen table: cells, rows, names of columns and the table itself. */
public final class Amending {
    private static final int LONGEST_NAME = 60;
    private static final int MOST_EMPTIED = 2_000;

    private final Desk desk;
    private final ReadOnlyObjectProperty<TableFigures> figures;

    /** What is done on a desk, to the table that is shown. */
    public Amending(Desk desk, Tables tables) {
        this.desk = desk;
        this.figures = tables.figuresProperty();
    }

    private void withTable(Consumer<DataTable> use) {
        desk.table().ifPresent(use);
    }

    /** Writes something else into a cell. */
    public void set(int row, int column, String typed) {
        withTable(table -> desk.make(new TableEdit.SetCells(table.id(), column, row, typed)));
    }

    /** Writes something else into every cell of a column that holds a text: one edit. */
    public void replace(String column, String text, String with) {
        TableFigures shown = figures.get();
        int index = shown == null ? -1 : shown.all().indexOf(column);
        if (index < 0) {
            return;
        }
        Column cells = shown.all().columns().get(index);
        List<Integer> rows = IntStream.range(0, cells.size())
                .filter(row -> cells.entries().text(row).strip().equals(text))
                .boxed()
                .toList();
        desk.make(new TableEdit.SetCells(shown.table().id(), index, rows, with));
    }

    /** Empties cells: one edit; says so where they are more than a hand would. */
    public void empty(List<Integer> rows, int firstColumn, int lastColumn) {
        int columns = lastColumn - firstColumn + 1;
        if ((long) rows.size() * columns > MOST_EMPTIED) {
            desk.say(Words.of("message.empty.too-many", MOST_EMPTIED));
            return;
        }
        withTable(table -> {
            List<Edit> edits = IntStream.rangeClosed(firstColumn, lastColumn)
                    .<Edit>mapToObj(column -> new TableEdit.SetCells(table.id(), column, rows, ""))
                    .toList();
            desk.make(columns == 1 ? edits.get(0) : new Edit.Together("change-cells", edits));
        });
    }

    /**
     * Writes what lies on the clipboard over cells: one edit. One cell fills all that are chosen; what does not fit changes nothing.
     *
     * @param rows the rows from the first that is chosen on, as they are shown
     * @param chosen how many rows are chosen
     * @param left the first column that is chosen
     * @param columns how many columns are chosen
     */
    public void paste(String text, int[] rows, int chosen, int left, int columns) {
        PastedCells cells = PastedCells.of(text).over(chosen, columns);
        withTable(table -> {
            int across = table.all().columns().size() - left;
            if (cells.isTooMany()) {
                desk.say(Words.of("message.paste.too-many", PastedCells.MOST));
            } else if (cells.lines().size() > rows.length || cells.width() > across) {
                desk.say(Words.of("message.paste.no-room", cells.lines().size(), cells.width(), rows.length, across));
            } else {
                desk.make(new Edit.Together("change-cells", cells.edits(table.id(), rows, left)));
                desk.say(Words.of("message.paste.done", cells.lines().size(), cells.width()));
            }
        });
    }

    /** Puts back what stood in a cell of the original. */
    public void putBack(DataTable.Place place) {
        withTable(table -> set(place.row(), place.column(), table.before(place)));
    }

    /** Leaves rows out, or takes them after all. */
    public void leaveOut(List<Integer> rows, boolean out) {
        withTable(table -> desk.make(new TableEdit.LeaveOutRows(table.id(), rows, out)));
    }

    /** Gives a column another name, unit and label; says why where that cannot be. */
    public void name(int column, String name, String unit, String label) {
        withTable(table -> {
            int taken = table.all().indexOf(name.strip());
            if (name.isBlank()) {
                desk.say(Words.of("message.column.no-name"));
            } else if (taken >= 0 && taken != column) {
                desk.say(Words.of("message.column.taken", Visible.line(name, LONGEST_NAME)));
            } else {
                desk.make(new TableEdit.NameColumn(table.id(), column, name, unit, label));
            }
        });
    }

    /** Calls a table otherwise. */
    public void rename(String tableId, String name) {
        if (!name.isBlank()) {
            desk.make(new TableEdit.RenameTable(tableId, name.strip()));
        }
    }

    /** Takes the table off the shelf; samples of its columns keep their entries. */
    public void remove() {
        withTable(table -> desk.make(new TableEdit.RemoveTable(table.id())));
    }
}
