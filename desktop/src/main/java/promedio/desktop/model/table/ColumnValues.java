package promedio.desktop.model.table;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import promedio.core.language.Awaited;
import promedio.core.trail.Prepared;
import promedio.core.trail.Recoding;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lane;

/** The values of the columns of the table that is looked at, counted off the thread of the window when they are first asked for. */
public final class ColumnValues {
    private final Desk desk;
    private final ReadOnlyIntegerWrapper counted = new ReadOnlyIntegerWrapper();
    private final Map<String, Optional<Recoding>> known = new HashMap<>();
    private Prepared of;

    ColumnValues(Desk desk) {
        this.desk = desk;
    }

    /** How often something was counted: changes when there is more to be told. */
    public ReadOnlyIntegerProperty countedProperty() {
        return counted.getReadOnlyProperty();
    }

    /** The values that a step can name where one is awaited; none as long as they are being counted. */
    public List<String> named(Prepared table, Awaited awaited) {
        String column = awaited.column();
        if (!table.names().contains(column)) {
            return List.of();
        }
        if (table != of) {
            of = table;
            known.clear();
        }
        if (!known.containsKey(column)) {
            known.put(column, Optional.empty());
            desk.inBackground(
                    Lane.WALKING,
                    () -> Recoding.of(table, column),
                    found -> {
                        if (of == table) {
                            known.put(column, Optional.of(found));
                            counted.set(counted.get() + 1);
                        }
                    },
                    () -> {});
        }
        return known.get(column).map(found -> found.named(awaited.cell())).orElse(List.of());
    }

    /** Lets go of the table. */
    void forget() {
        of = null;
        known.clear();
    }
}
