package promedio.desktop.model.table;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.trail.Field;
import promedio.core.trail.Prepared;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;

/** The columns of the chosen table as its steps leave them, for the pages that count and draw them; worked out only for those. */
public final class InSteps {
    private final Tables tables;
    private final TableTrail trail;
    private final ReadOnlyObjectWrapper<List<TableFigures.InShort>> columns = new ReadOnlyObjectWrapper<>();
    private boolean wanted;
    private Prepared known;
    private final Latest work;

    /** The columns of the chosen table of a desk. */
    public InSteps(Desk desk, Tables tables, TableTrail trail) {
        work = new Latest(desk, Lane.WALKING);
        this.tables = tables;
        this.trail = trail;
        trail.troddenProperty().addListener((property, before, now) -> work());
    }

    /** The columns; null where there are no steps, and the columns are those that were read. */
    public ReadOnlyObjectProperty<List<TableFigures.InShort>> columnsProperty() {
        return columns.getReadOnlyProperty();
    }

    /** The columns that are counted and drawn; none while there is no table. */
    public List<TableFigures.InShort> shown() {
        TableFigures read = tables.figuresProperty().get();
        return Optional.ofNullable(columns.get()).orElseGet(() -> read == null ? List.of() : read.columns());
    }

    /** Says whether a page is looked at that needs them. */
    public void want(boolean now) {
        if (wanted != now) {
            wanted = now;
            work();
        }
    }

    private void work() {
        TableTrail.Trodden trodden = trail.troddenProperty().get();
        work.stop();
        if (!wanted || trodden == null || trodden.isOriginal()) {
            known = null;
            columns.set(null);
            return;
        }
        Prepared state = trodden.state();
        if (state == known) {
            return;
        }
        work.run(
                () -> state.fields().parallelStream()
                        .map(Field::column)
                        .map(TableFigures::inShort)
                        .toList(),
                made -> {
                    known = state;
                    columns.set(made);
                });
    }
}
