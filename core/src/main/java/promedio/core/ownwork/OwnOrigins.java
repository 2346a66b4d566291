package promedio.core.ownwork;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.number.Exact;

/** What a student chose that is not in the data: A and h of d and u, and what sizes of deviations are taken from; found from the figures of a column. */
final class OwnOrigins {
    /** h shows in so many rows already. */
    private static final int MOST_COMPARED = 40;

    private final OwnColumns own;
    private final DataRows data;

    OwnOrigins(OwnColumns own) {
        this.own = own;
        this.data = own.data();
    }

    /** What a column would tell of them, if it were something. */
    Map<Quantity, Exact> of(int column, Quantity one, Headings.Meaning meaning) {
        Map<Quantity, Exact> found = new EnumMap<>(Quantity.class);
        meaning.origin()
                .filter(origin -> one.compareTo(Quantity.DEVIATION) < 0)
                .ifPresent(origin -> found.put(Quantity.ORIGIN, origin));
        meaning.step().ifPresent(step -> found.put(Quantity.STEP, step));
        if (one == Quantity.D && found.isEmpty() && !own.whole().containsKey(Quantity.ORIGIN)) {
            commonest(IntStream.range(0, own.table().rows().size())
                            .mapToObj(row ->
                                    x(row).flatMap(x -> value(row, column).map(x::minus)))
                            .flatMap(Optional::stream)
                            .toList())
                    .ifPresent(origin -> found.put(Quantity.ORIGIN, origin));
        }
        if (one == Quantity.U && found.size() < 2) {
            steps(column, found);
        }
        if (one == Quantity.CENTRE) {
            return found;
        }
        if ((one == Quantity.ABS_DEVIATION || one == Quantity.F_ABS_DEVIATION)
                && !own.whole().containsKey(Quantity.CENTRE)) {
            centre(column, one).ifPresent(centre -> found.put(Quantity.CENTRE, centre));
        }
        return found;
    }

    /** h from what lies between two figures, A from h. */
    private void steps(int column, Map<Quantity, Exact> found) {
        List<Exact> steps = new ArrayList<>();
        int compared = Math.min(own.table().rows().size(), MOST_COMPARED);
        for (int row = 0; row < compared; row++) {
            for (int next = row + 1; next < compared; next++) {
                step(row, next, column).ifPresent(steps::add);
            }
        }
        Optional<Exact> step = Optional.ofNullable(own.whole().get(Quantity.STEP))
                .or(() -> commonest(steps).filter(one -> one.signum() > 0));
        step.ifPresent(h -> {
            found.putIfAbsent(Quantity.STEP, h);
            if (!own.whole().containsKey(Quantity.ORIGIN)) {
                commonest(IntStream.range(0, own.table().rows().size())
                                .mapToObj(row ->
                                        x(row).flatMap(x -> value(row, column).map(u -> x.minus(h.times(u)))))
                                .flatMap(Optional::stream)
                                .toList())
                        .ifPresent(origin -> found.putIfAbsent(Quantity.ORIGIN, origin));
            }
        });
    }

    private Optional<Exact> step(int row, int next, int column) {
        Optional<Exact> apart = x(row).flatMap(x -> x(next).map(other -> other.minus(x)));
        Optional<Exact> apartU =
                value(row, column).flatMap(u -> value(next, column).map(other -> other.minus(u)));
        return apartU.filter(u -> u.signum() != 0).flatMap(u -> apart.map(x -> x.over(u)));
    }

    /** The mean or the median, whichever more of the sizes are taken from. */
    private Optional<Exact> centre(int column, Quantity one) {
        Optional<Exact> mean = data.whole(Quantity.MEAN);
        Optional<Exact> median = data.median();
        Optional<Exact> best = mean;
        int most = -1;
        for (Optional<Exact> centre : List.of(mean, median)) {
            if (centre.isEmpty()) {
                continue;
            }
            Map<Quantity, Exact> of = new EnumMap<>(own.whole());
            of.put(Quantity.CENTRE, centre.get());
            int right = (int) IntStream.range(0, own.table().rows().size())
                    .filter(row -> own.datum(row)
                            .flatMap(at -> data.figure(at, one, of))
                            .filter(figure -> own.written(own.cell(row, column))
                                    .filter(own -> own.isRounded(figure))
                                    .isPresent())
                            .isPresent())
                    .count();
            if (right > most) {
                most = right;
                best = centre;
            }
        }
        return best;
    }

    private Optional<Exact> x(int row) {
        return own.datum(row).flatMap(at -> data.figure(at, Quantity.X, own.whole()));
    }

    private Optional<Exact> value(int row, int column) {
        return own.written(own.cell(row, column)).map(Written::value);
    }

    /** The figure that comes most often, at least twice and in a third of all. */
    static Optional<Exact> commonest(List<Exact> figures) {
        Map<Exact, Integer> counts = new LinkedHashMap<>();
        figures.forEach(one -> counts.merge(one, 1, Integer::sum));
        return counts.entrySet().stream()
                .filter(entry -> entry.getValue() >= 2 && 3 * entry.getValue() >= figures.size())
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey);
    }
}
