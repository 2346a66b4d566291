package promedio.core.slip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.measure.Catalogue;
import promedio.core.measure.GroupedQuantile;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;

/** The wrong value picked: read in the order of entry, the position in its place, the other end. */
final class WrongPositions {
    private WrongPositions() {}

    /** The value that stands at a place of the list as it was entered. */
    static List<Changed> unsorted(Asked asked) {
        Sample sample = asked.sample();
        if (sample.weighted() || sample.classes().isPresent()) {
            return List.of();
        }
        return asked
                .everywhere(part -> part instanceof Formula.Pick pick ? asEntered(asked, pick) : Optional.empty())
                .map(value -> Changed.of("unsorted", value))
                .stream()
                .toList();
    }

    private static Optional<Formula> asEntered(Asked asked, Formula.Pick pick) {
        return asked.figure(pick.rank())
                .filter(rank -> rank instanceof Exact exact && exact.isWhole())
                .map(rank -> ((Exact) rank).numerator().intValue())
                .filter(rank -> rank >= 1 && rank <= asked.sample().rows())
                .map(rank -> Formula.number(asked.sample().value(rank - 1)));
    }

    static List<Changed> forValue(Asked asked) {
        if (asked.sample().shape().relative()) {
            // Shares have no positions that could be counted.
            return List.of();
        }
        Exact n = asked.count();
        List<Exact> positions = new ArrayList<>();
        if (asked.asks("median")) {
            positions.add(n.half());
            positions.add(n.plus(Exact.ONE).half());
        } else if (asked.asks("quartile-1", "quartile-3")) {
            long k = asked.asks("quartile-1") ? 1 : 3;
            positions.add(n.times(k).over(4));
            positions.add(n.plus(Exact.ONE).times(k).over(4));
        } else if (asked.measure() instanceof GroupedQuantile quantile) {
            positions.add(n.times(quantile.p()));
            positions.add(n.plus(Exact.ONE).times(quantile.p()));
        }
        return positions.stream()
                .map(position -> Changed.of("position-for-value", position))
                .toList();
    }

    /** One of the two middle values in what builds on the median. */
    static List<Changed> oneMiddle(Asked asked, boolean lower) {
        Sample sample = asked.sample();
        boolean counted = sample.classes().isEmpty() && !sample.shape().relative();
        if (asked.asks("median") || sample.shape().odd() || !counted) {
            return List.of();
        }
        Exact half = asked.count().half();
        Exact middle = sample.ranking().at(lower ? half : half.plus(Exact.ONE));
        String slip = lower ? "lower-middle" : "upper-middle";
        return asked
                .everywhere(part -> part instanceof Formula.Named named
                                && named.symbol().id().equals("median")
                        ? Optional.of(Formula.number(middle))
                        : Optional.empty())
                .map(value -> Changed.of(slip, value, middle))
                .stream()
                .toList();
    }

    static List<Changed> endsSwapped(Asked asked) {
        String other =
                switch (asked.measure().question()) {
                    case "quartile-1" -> "quartile-3";
                    case "quartile-3" -> "quartile-1";
                    case "minimum" -> "maximum";
                    case "maximum" -> "minimum";
                    default -> "";
                };
        if (other.isEmpty()) {
            return asked.asks("range", "iqr")
                    ? asked.value(Formula.number(0).minus(asked.formula())).stream()
                            .map(value -> Changed.of("ends-swapped", value))
                            .toList()
                    : List.of();
        }
        String key = asked.measure().key().replace(asked.measure().question(), other);
        return Catalogue.of(asked.sample()).all().stream()
                .filter(measure -> measure.key().equals(key))
                .map(measure -> measure.outcome(asked.evaluation()).single())
                .flatMap(Optional::stream)
                .map(value -> Changed.of("ends-swapped", value))
                .toList();
    }

    private static boolean asksMode(Asked asked) {
        return asked.asks("mode") && asked.sample().classes().isEmpty();
    }

    /** How often the mode occurs. */
    static List<Changed> frequencyOfMode(Asked asked) {
        Optional<ClassTable> classes = asked.sample().classes().filter(table -> asked.asks("mode"));
        if (classes.isPresent()) {
            return classes.get().classes().stream()
                    .map(ClassInterval::frequency)
                    .max(Comparator.naturalOrder())
                    .map(most -> Changed.of("frequency-for-mode", most))
                    .stream()
                    .toList();
        }
        return asksMode(asked)
                ? List.of(Changed.of(
                        "frequency-for-mode", asked.sample().ranking().highestWeight()))
                : List.of();
    }

    /** One mode of several. */
    static List<Changed> oneOfModes(Asked asked) {
        List<? extends Figure> modes =
                asksMode(asked) ? asked.measure().outcome(asked.evaluation()).figures() : List.of();
        return modes.size() < 2
                ? List.of()
                : modes.stream()
                        .map(one -> Changed.of("one-of-modes", one, modes.size()))
                        .toList();
    }
}
