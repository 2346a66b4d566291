package promedio.core.trail;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.course.CardKey;
import promedio.core.course.Closed;
import promedio.core.course.CourseCard;
import promedio.core.language.Grammar;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;

/**
 * Bands of a column while they are being cut: the edges between them and what they are called. The first band has no lower end, the last
 * no upper one.
 *
 * @param column the column
 * @param name what the column of bands is to be called
 * @param edges the edges, ascending and all different; at least one
 * @param labels what the bands are called, one more than edges; empty for a band called as it is written
 * @param upper whether a number on an edge belongs to the band below it
 */
public record Cuts(String column, String name, List<Exact> edges, List<String> labels, boolean upper) {
    private static final int SHARES = 3;
    private static final int FINE = 200;

    /** Copies the lists. @throws IllegalArgumentException for other numbers of labels, or edges out of order */
    public Cuts {
        edges = List.copyOf(edges);
        labels = List.copyOf(labels);
        if (edges.isEmpty() || labels.size() != edges.size() + 1 || !edges.equals(List.copyOf(new TreeSet<>(edges)))) {
            throw new IllegalArgumentException("Bands need edges in order, and a label each.");
        }
    }

    /** Two edges that part the numbers of a column in three of about the same width; empty where its numbers are all the same. */
    public static Optional<Cuts> of(Prepared table, String column, String name, CourseCard card) {
        Optional<Range> range = Range.of(table.field(column));
        return range.map(ends -> {
            List<Exact> edges = IntStream.range(1, SHARES)
                    .mapToObj(share -> ends.rounded(
                            ends.from().plus(ends.width().times(share).over(SHARES))))
                    .distinct()
                    .sorted()
                    .toList();
            return new Cuts(
                    column,
                    name,
                    edges,
                    Collections.nCopies(edges.size() + 1, ""),
                    card.get(CardKey.CLOSED) == Closed.RIGHT);
        });
    }

    /**
     * From the smallest number of a column to the largest.
     *
     * @param from the smallest
     * @param to the largest; above it
     * @param finest the decimal places that its numbers have at the most
     */
    public record Range(Exact from, Exact to, int finest) {
        private static final int MOST_PLACES = 9;

        /** The range of a column; empty where it has not two different numbers. */
        public static Optional<Range> of(Field field) {
            if (!(field.vector() instanceof Numbers numbers)) {
                return Optional.empty();
            }
            int least = -1;
            int most = -1;
            int places = 0;
            for (int row = 0; row < numbers.size(); row++) {
                if (!numbers.isMissing(row)) {
                    least = least < 0 || numbers.compare(row, least) < 0 ? row : least;
                    most = most < 0 || numbers.compare(row, most) > 0 ? row : most;
                    places = places == MOST_PLACES ? places : Math.max(places, places(numbers, row));
                }
            }
            if (least < 0 || numbers.compare(least, most) == 0) {
                return Optional.empty();
            }
            return Optional.of(new Range(exact(numbers, least), exact(numbers, most), places));
        }

        private static int places(Numbers numbers, int row) {
            return numbers.figure(row)
                    .map(figure -> figure instanceof Exact exact
                            ? Math.min(MOST_PLACES, exact.placesInFull().orElse(MOST_PLACES))
                            : MOST_PLACES)
                    .orElse(0);
        }

        private static Exact exact(Numbers numbers, int row) {
            return numbers.figure(row)
                    .map(figure -> figure instanceof Exact exact
                            ? exact
                            : Exact.from(figure.toFigures(12, HalfRule.HALF_EVEN)))
                    .orElseThrow();
        }

        /** How far it is from one to the other. */
        public Exact width() {
            return to.minus(from);
        }

        /** The decimal places of an edge that is cut by hand. */
        public int places() {
            return Math.min(finest, Math.max(0, -width().over(FINE).magnitude()));
        }

        /** A number that an edge can be cut at by hand. */
        public Exact rounded(Exact number) {
            return Exact.from(number.toPlaces(places(), HalfRule.HALF_UP));
        }
    }

    /** With an edge elsewhere; the same where another one stands there, or would be passed. */
    public Cuts moved(int edge, Exact to) {
        boolean fits = (edge == 0 || to.compareTo(edges.get(edge - 1)) > 0)
                && (edge == edges.size() - 1 || to.compareTo(edges.get(edge + 1)) < 0);
        List<Exact> moved = new ArrayList<>(edges);
        moved.set(edge, to);
        return fits ? new Cuts(column, name, moved, labels, upper) : this;
    }

    /** With one more edge, which parts a band in two; the same where there is one. */
    public Cuts cut(Exact at) {
        if (edges.contains(at)) {
            return this;
        }
        List<Exact> more = new ArrayList<>(edges);
        List<String> named = new ArrayList<>(labels);
        int place = (int) edges.stream().filter(edge -> edge.compareTo(at) < 0).count();
        more.add(place, at);
        named.add(place + 1, "");
        return new Cuts(column, name, more, named, upper);
    }

    /** Without an edge: the bands at its sides become one, called as the lower one; the same where it is the only one. */
    public Cuts joined(int edge) {
        if (edges.size() == 1) {
            return this;
        }
        List<Exact> fewer = new ArrayList<>(edges);
        List<String> named = new ArrayList<>(labels);
        fewer.remove(edge);
        named.remove(edge + 1);
        return new Cuts(column, name, fewer, named, upper);
    }

    /** With a band called otherwise. */
    public Cuts called(int band, String label) {
        List<String> named = new ArrayList<>(labels);
        named.set(band, label);
        return new Cuts(column, name, edges, named, upper);
    }

    /** With the column of bands called otherwise. */
    public Cuts named(String other) {
        return new Cuts(column, other, edges, labels, upper);
    }

    /** A band as it is written in a step. */
    public String band(int band) {
        String low = band == 0 ? "" : written(edges.get(band - 1));
        String high = band == edges.size() ? "" : written(edges.get(band));
        if (low.isEmpty()) {
            return (upper ? "up to " : "under ") + high;
        } else if (high.isEmpty()) {
            return upper ? "over " + low : low + " and over";
        }
        return upper ? "over " + low + " up to " + high : low + " to under " + high;
    }

    /** An edge as it is written in a step. */
    public static String written(Exact edge) {
        Register register = new Register();
        register.figure(edge);
        return Numbers.text(register, promedio.core.vector.Vectors.DIGITS);
    }

    /** The step. */
    public String step() {
        return "sort into bands " + Grammar.name(column) + " as " + Grammar.name(name) + ": "
                + IntStream.range(0, labels.size())
                        .mapToObj(band ->
                                band(band) + (labels.get(band).isBlank() ? "" : " " + Grammar.text(labels.get(band))))
                        .collect(Collectors.joining(", "));
    }

    /** How many numbers of the column fall into each band. */
    public List<Integer> counts(Field field) {
        int[] counts = new int[labels.size()];
        if (field.vector() instanceof Numbers numbers) {
            List<Register> ends = edges.stream()
                    .map(edge -> {
                        Register register = new Register();
                        register.figure(edge);
                        return register;
                    })
                    .toList();
            Register cell = new Register();
            for (int row = 0; row < numbers.size(); row++) {
                numbers.get(row, cell);
                if (!cell.isMissing()) {
                    int band = 0;
                    while (band < ends.size()
                            && (upper ? cell.compare(ends.get(band)) > 0 : cell.compare(ends.get(band)) >= 0)) {
                        band++;
                    }
                    counts[band]++;
                }
            }
        }
        return IntStream.of(counts).boxed().toList();
    }
}
