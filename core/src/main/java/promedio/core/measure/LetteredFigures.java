package promedio.core.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.Root;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.Lettered;

/** What a list or table with letters comes to where each letter is a number, by the definitions themselves; whether it is as given. */
final class LetteredFigures {
    /** A value, or the bounds of a class, with how often it counts. */
    private record Counted(Exact value, Exact frequency, Optional<Lettered.Bounds> bounds) {}

    private final Lettered data;
    private final List<Counted> rows = new ArrayList<>();
    private final Exact count;

    LetteredFigures(Lettered data, Map<String, Exact> letters) {
        this.data = data;
        Exact sum = Exact.ZERO;
        for (Lettered.Row row : data.rows()) {
            Exact frequency = row.frequency().at(letters);
            rows.add(new Counted(row.value().at(letters), frequency, row.bounds()));
            sum = sum.plus(frequency);
        }
        this.count = sum;
    }

    /** Whether a frequency is below 0, or nothing is counted. */
    boolean isNegative() {
        return count.signum() <= 0
                || rows.stream().anyMatch(row -> row.frequency().signum() < 0);
    }

    /** Whether every frequency is a whole number. */
    boolean isWhole() {
        return rows.stream().allMatch(row -> row.frequency().isWhole());
    }

    private Exact power(int power) {
        Exact sum = Exact.ZERO;
        for (Counted row : rows) {
            sum = sum.plus(row.frequency().times(row.value().power(power)));
        }
        return sum;
    }

    /** The variance less a given one, times n² or n(n − 1): of second degree in the letters. */
    Exact beyond(Exact variance) {
        Exact below = data.rules().lessOne() ? count.minus(Exact.ONE) : count;
        return count.times(power(2))
                .minus(power(1).squared())
                .minus(variance.times(count).times(below));
    }

    private Optional<Exact> variance() {
        Exact below = data.rules().lessOne() ? count.minus(Exact.ONE) : count;
        return below.signum() <= 0
                ? Optional.empty()
                : Optional.of(power(2).minus(power(1).squared().over(count)).over(below));
    }

    /**
     * Whether all is as given, as far as the places of what is given go.
     *
     * @param met whether median and mode have to be met exactly
     */
    boolean agree(Givens givens, boolean met) {
        Optional<Exact> n = givens.figure(GivenName.COUNT);
        Optional<Exact> sum = givens.figure(GivenName.SUM);
        boolean totals = n.filter(said -> !said.equals(count)).isEmpty()
                && sum.filter(said -> !said.equals(power(1))).isEmpty();
        return totals
                && isAs(givens, GivenName.MEAN, Optional.of(power(1).over(count)))
                && isAs(givens, GivenName.VARIANCE, variance())
                && isAs(
                        givens,
                        GivenName.SD,
                        variance().filter(v -> v.signum() >= 0).map(v -> Root.of(1, v)))
                && isMet(givens, GivenName.MEDIAN, data.classed() ? classMedian() : median(), met)
                && isMet(givens, GivenName.MODE, data.classed() ? classMode() : mode(), met);
    }

    private static boolean isMet(Givens givens, GivenName name, Optional<Exact> found, boolean exactly) {
        return exactly
                ? givens.figure(name)
                        .map(said -> found.equals(Optional.of(said)))
                        .orElse(true)
                : isAs(givens, name, found);
    }

    private static boolean isAs(Givens givens, GivenName name, Optional<? extends Figure> found) {
        return givens.figure(name)
                .map(said -> found.filter(figure -> GivenBase.isRounded(said, figure))
                        .isPresent())
                .orElse(true);
    }

    /** The values in order, each with the frequencies of all rows that have it. */
    private SortedMap<Exact, Exact> inOrder() {
        SortedMap<Exact, Exact> counts = new TreeMap<>();
        rows.stream()
                .filter(row -> row.frequency().signum() > 0)
                .forEach(row -> counts.merge(row.value(), row.frequency(), Exact::plus));
        return counts;
    }

    private Optional<Exact> median() {
        Exact half = count.half();
        Exact before = Exact.ZERO;
        Optional<Exact> lower = Optional.empty();
        for (Map.Entry<Exact, Exact> one : inOrder().entrySet()) {
            if (lower.isPresent()) {
                return lower.map(low -> low.plus(one.getKey()).half());
            }
            before = before.plus(one.getValue());
            if (before.compareTo(half) > 0) {
                return Optional.of(one.getKey());
            }
            if (before.equals(half)) {
                lower = Optional.of(one.getKey());
            }
        }
        return Optional.empty();
    }

    private Optional<Exact> mode() {
        SortedMap<Exact, Exact> counts = inOrder();
        Exact most = counts.values().stream().max(Comparator.naturalOrder()).orElse(Exact.ZERO);
        List<Exact> modes = counts.keySet().stream()
                .filter(value -> counts.get(value).equals(most))
                .toList();
        return modes.size() == 1 && counts.size() > 1 ? Optional.of(modes.get(0)) : Optional.empty();
    }

    private Optional<Exact> classMedian() {
        Exact position = (data.rules().plusOne() ? count.plus(Exact.ONE) : count).half();
        Exact before = Exact.ZERO;
        for (Counted row : rows) {
            Exact with = before.plus(row.frequency());
            if (with.compareTo(position) >= 0 && row.frequency().signum() > 0) {
                Lettered.Bounds bounds = row.bounds().orElseThrow();
                Exact into = position.minus(before).over(row.frequency());
                return Optional.of(bounds.lower().plus(into.times(bounds.width())));
            }
            before = with;
        }
        return Optional.empty();
    }

    private Optional<Exact> classMode() {
        Exact most = rows.stream()
                .map(Counted::frequency)
                .max(Comparator.naturalOrder())
                .orElse(Exact.ZERO);
        List<Integer> modal = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i).frequency().equals(most)) {
                modal.add(i);
            }
        }
        int first = modal.get(0);
        int last = modal.get(modal.size() - 1);
        if (last - first >= modal.size() || modal.size() == rows.size() && rows.size() > 1) {
            return Optional.empty();
        }
        if (last > first) {
            // Two meet where they touch; of more it is the middle of their stretch.
            return Optional.of(rows.get(first)
                    .bounds()
                    .orElseThrow()
                    .lower()
                    .plus(rows.get(last).bounds().orElseThrow().upper())
                    .half());
        }
        int at = first;
        Exact rise = most.minus(at > 0 ? rows.get(at - 1).frequency() : Exact.ZERO);
        Exact fall = most.minus(at + 1 < rows.size() ? rows.get(at + 1).frequency() : Exact.ZERO);
        Lettered.Bounds bounds = rows.get(at).bounds().orElseThrow();
        return Optional.of(bounds.lower().plus(rise.over(rise.plus(fall)).times(bounds.width())));
    }
}
