package promedio.desktop.entries;

import java.util.Collections;
import java.util.Set;
import java.util.WeakHashMap;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;

/** A cell that shows a row of whatever is on the desk now; all of a list can be brought up to date without being made anew. */
abstract class RowCell extends ListCell<Integer> {
    @Override
    protected final void updateItem(Integer row, boolean empty) {
        super.updateItem(row, empty);
        show(empty || row == null ? -1 : row);
    }

    /** Shows a row; −1 for none. */
    abstract void show(int row);

    /** The cells that a list has made. */
    static final class Made {
        private final Set<RowCell> cells = Collections.newSetFromMap(new WeakHashMap<>());

        /** Fills a list with the cells that a maker makes. */
        void fill(ListView<Integer> list, java.util.function.Supplier<RowCell> maker) {
            list.setCellFactory(view -> {
                RowCell cell = maker.get();
                cells.add(cell);
                return cell;
            });
        }

        /** Brings all cells up to date. */
        void refresh() {
            cells.forEach(cell -> cell.show(cell.isEmpty() || cell.getItem() == null ? -1 : cell.getItem()));
        }
    }
}
