package promedio.files.trail;

import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Original;
import promedio.core.course.CourseCard;
import promedio.core.data.Table;
import promedio.core.trail.Prepared;
import promedio.core.trail.Walk;

/**
 * Trails of tables as they were walked last, so that each is walked again only from the first step that differs. Nobody waits for a
 * walk here but who has asked for it.
 */
public final class Walks {
    private final Map<String, Known> known = new ConcurrentHashMap<>();

    private record Known(Table base, Map<String, Original> joined, Walk walk) {}

    /**
     * What the steps of a table make; what they join is kept with it. May take a moment.
     *
     * @param pause what is asked every few thousand rows; it stops the work by throwing, and what was known stays known
     */
    public Walk of(DataTable table, CourseCard card, Runnable pause) {
        Table base = table.table();
        Known last = known.get(table.id());
        boolean same = last != null && last.base() == base && table.joined().equals(last.joined());
        Walk before = same ? last.walk() : Walk.of(Prepared.of(base), card);
        Walk walk = before.along(table.trail(), card, table.sources(), pause);
        known.put(table.id(), new Known(base, table.joined(), walk));
        return walk;
    }

    /** Forgets what was walked of other tables than those of some ids. */
    public void keep(Iterable<String> ids) {
        Set<String> kept = new HashSet<>();
        ids.forEach(kept::add);
        known.keySet().retainAll(kept);
    }
}
