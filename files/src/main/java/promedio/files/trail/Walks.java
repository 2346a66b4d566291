package promedio.files.trail;

import java.util.HashMap;
import java.util.Map;
import promedio.core.assignment.DataTable;
import promedio.core.course.CourseCard;
import promedio.core.data.Table;
import promedio.core.trail.Prepared;
import promedio.core.trail.Sources;
import promedio.core.trail.Walk;

/** Trails of tables as they were walked last, so that each is walked again only from the first step that differs. */
public final class Walks {
    private final Map<String, Known> known = new HashMap<>();

    private record Known(Table base, Walk walk) {}

    /**
     * What the steps of a table make. May take a moment.
     *
     * @param pause what is asked every few thousand rows; it stops the work by throwing, and what was known stays known
     */
    public synchronized Walk of(DataTable table, CourseCard card, Sources sources, Runnable pause) {
        Table base = table.table();
        Known last = known.get(table.id());
        Walk before = last != null && last.base() == base ? last.walk() : Walk.of(Prepared.of(base), card);
        Walk walk = before.along(table.trail(), card, sources, pause);
        known.put(table.id(), new Known(base, walk));
        return walk;
    }

    /** Forgets what was walked of other tables than those of some ids. */
    public synchronized void keep(Iterable<String> ids) {
        Map<String, Known> kept = new HashMap<>();
        ids.forEach(id -> {
            if (known.containsKey(id)) {
                kept.put(id, known.get(id));
            }
        });
        known.clear();
        known.putAll(kept);
    }
}
