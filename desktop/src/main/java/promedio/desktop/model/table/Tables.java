package promedio.desktop.model.table;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleIntegerProperty;
import promedio.core.assignment.DataTable;
import promedio.core.course.CourseCard;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Part;
import promedio.desktop.model.desk.TablePage;

/** The data table that is chosen: what its pages show. */
public final class Tables implements Part {
    private final Desk desk;
    private final ReadOnlyObjectWrapper<TableFigures> figures = new ReadOnlyObjectWrapper<>();
    private final IntegerProperty counted = new SimpleIntegerProperty(-1);
    private final Ticked ticked;
    /** What was worked out last, of whichever table; null for nothing. */
    private TableFigures last;

    private long desks;
    private DataTable asked;

    /** The tables of a desk. */
    public Tables(Desk desk) {
        this.desk = desk;
        ticked = new Ticked(desk, figures.getReadOnlyProperty());
    }

    /** What is shown of the chosen table; null while there is nothing. */
    public ReadOnlyObjectProperty<TableFigures> figuresProperty() {
        return figures.getReadOnlyProperty();
    }

    /** The column whose words are counted on the page Counts; −1 for the first that can be. */
    public IntegerProperty countedProperty() {
        return counted;
    }

    /** The columns that are ticked, and what is shown of them. */
    public Ticked ticked() {
        return ticked;
    }

    /** Forgets what was shown of another assignment. */
    @Override
    public void forget() {
        last = null;
        desks++;
        leave();
    }

    /** How many assignments have lain on the desk: a table of another one is another, whatever it is called. */
    public long desks() {
        return desks;
    }

    private void leave() {
        asked = null;
        figures.set(null);
    }

    /** Brings what is shown up to date with the assignment. */
    @Override
    public void refresh() {
        Optional<DataTable> now = desk.table();
        if (now.isEmpty()) {
            leave();
            return;
        }
        DataTable table = now.get();
        CourseCard card = desk.assignment().card();
        if (asked == table) {
            ticked.follow(card);
            return;
        }
        asked = table;
        boolean same = last != null && last.table().id().equals(table.id());
        if (same && last.table() == table) {
            figures.set(last);
            ticked.compare();
            return;
        }
        if (!same) {
            figures.set(null);
            ticked.forget();
            counted.set(-1);
        }
        Optional<TableFigures> before = same ? Optional.of(last) : Optional.empty();
        desk.inBackground(
                Lane.WALKING,
                () -> TableFigures.of(table, before),
                made -> {
                    if (asked == table) {
                        if (!same) {
                            ticked.tickFirst(made);
                        }
                        last = made;
                        figures.set(made);
                        ticked.compare();
                    }
                },
                () -> asked = null);
    }

    /** Puts the rows of a table in an order to look at them, off the thread of the window; none for the order of the file. */
    public void order(TableFigures shown, RowOrder order, Consumer<Optional<int[]>> done) {
        if (order.column() < 0) {
            done.accept(Optional.empty());
            return;
        }
        desk.inBackground(
                Lane.WALKING,
                () -> order.of(shown.all().columns().get(order.column())),
                rows -> done.accept(Optional.of(rows)),
                () -> {});
    }

    /** Turns to the counts of a column. */
    public void count(int column) {
        counted.set(column);
        desk.looking().tablePageProperty().set(TablePage.COUNTS);
    }
}
