package promedio.core.tabulate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.course.Closed;
import promedio.core.number.Exact;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Ranking;
import promedio.core.sample.Sample;

/**
 * How a list is put into classes.
 *
 * @param edges where the classes meet, ascending, at least two; of inclusive classes the lower limits, and one step on
 * @param inclusive whether classes are written with both limits in them, 10–19, for values recorded to a unit
 */
public record Tabulation(List<Exact> edges, boolean inclusive) {
    /** @throws IllegalArgumentException for fewer than two edges, or edges that do not ascend */
    public Tabulation {
        edges = List.copyOf(edges);
        if (edges.size() < 2) {
            throw new IllegalArgumentException("Classes need at least two boundaries.");
        }
        for (int i = 1; i < edges.size(); i++) {
            if (edges.get(i - 1).compareTo(edges.get(i)) >= 0) {
                throw new IllegalArgumentException(
                        "The boundary " + edges.get(i) + " does not lie above " + edges.get(i - 1) + ".");
            }
        }
    }

    /** Classes of one width. */
    public static Tabulation of(Exact start, Exact width, int classes, boolean inclusive) {
        List<Exact> edges = new ArrayList<>();
        for (int i = 0; i <= classes; i++) {
            edges.add(start.plus(width.times(i)));
        }
        return new Tabulation(edges, inclusive);
    }

    /** The number of classes. */
    public int size() {
        return edges.size() - 1;
    }

    /** The same with one edge elsewhere; empty where it would meet or pass its neighbours. */
    public Optional<Tabulation> moved(int edge, Exact to) {
        boolean below = edge == 0 || edges.get(edge - 1).compareTo(to) < 0;
        boolean above = edge == edges.size() - 1 || edges.get(edge + 1).compareTo(to) > 0;
        if (!below || !above) {
            return Optional.empty();
        }
        List<Exact> changed = new ArrayList<>(edges);
        changed.set(edge, to);
        return Optional.of(new Tabulation(changed, inclusive));
    }

    /**
     * A list counted into the classes.
     *
     * @param table the classes with their frequencies; empty when no value lies in any
     * @param below how many values lie below all classes
     * @param above how many lie above all
     */
    public record Counted(Optional<ClassTable> table, Exact below, Exact above) {
        /** Whether every value is in a class, so that Σf is the count. */
        public boolean isComplete() {
            return below.signum() == 0 && above.signum() == 0;
        }
    }

    /**
     * Counts a sample into the classes; reads only ranks, so that moving an edge costs next to nothing.
     *
     * @param closed the end that belongs to a class; inclusive classes have both
     * @param written how a number is written in the names of classes
     */
    public Counted count(Sample sample, Closed closed, Function<Exact, String> written) {
        Ranking ranking = sample.ranking();
        boolean upTo = closed == Closed.RIGHT && !inclusive;
        List<Exact> before = edges.stream()
                .map(edge -> upTo ? ranking.countBelow(edge).plus(ranking.countOf(edge)) : ranking.countBelow(edge))
                .toList();
        List<ClassInterval> classes = new ArrayList<>();
        Exact half = inclusive ? sample.recordingUnit().half() : Exact.ZERO;
        for (int i = 0; i < size(); i++) {
            classes.add(new ClassInterval(
                    name(i, closed, sample.recordingUnit(), written),
                    Optional.of(edges.get(i).minus(half)),
                    Optional.of(edges.get(i + 1).minus(half)),
                    before.get(i + 1).minus(before.get(i)),
                    false,
                    i));
        }
        Exact inside = before.get(size()).minus(before.get(0));
        Optional<ClassTable> table = inside.signum() == 0
                ? Optional.empty()
                : Optional.of(ClassTable.of(classes, sample.shape().relative(), sample.recordingUnit()));
        return new Counted(table, before.get(0), sample.count().minus(before.get(size())));
    }

    private String name(int index, Closed closed, Exact unit, Function<Exact, String> written) {
        Exact from = edges.get(index);
        Exact to = edges.get(index + 1);
        if (inclusive) {
            return written.apply(from) + "–" + written.apply(to.minus(unit));
        }
        return closed == Closed.LEFT
                ? written.apply(from) + " to under " + written.apply(to)
                : written.apply(from) + " < x ≤ " + written.apply(to);
    }
}
