package promedio.core.formula;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;

/** Finds classes of a class table and reads figures off them. */
final class ClassLookup {
    private final Sample sample;
    private final Function<Formula, Figure> value;

    ClassLookup(Sample sample, Function<Formula, Figure> value) {
        this.sample = sample;
        this.value = value;
    }

    private ClassTable table() {
        return sample.classes().orElseThrow(ClassLookup::noClass);
    }

    /** The index of the class found; of an interval, of its first class. */
    int first(Formula.Found node) {
        ClassTable table = table();
        return switch (node.search()) {
            case POSITION -> {
                Exact position = exact(node);
                if (position.compareTo(table.count()) > 0) {
                    throw new NoValue(Sentence.of("undefined.no-rank", position));
                }
                yield table.classAt(position);
            }
            case VALUE -> table.classOf(exact(node));
            case MODAL, MODAL_INTERVAL -> run(node).first();
            case ASSUMED -> table.assumed();
            case WHOLE -> 0;
        };
    }

    private static NoValue noClass() {
        return new NoValue(Sentence.of("undefined.no-class"));
    }

    /** The position or value that a class is found by, which must be a ratio. */
    private Exact exact(Formula.Found node) {
        if (node.by().isEmpty() || !(value.apply(node.by().get(0)) instanceof Exact by)) {
            throw noClass();
        }
        return by;
    }

    private ClassTable.Modes.Run run(Formula.Found node) {
        List<ClassTable.Modes.Run> runs = table().modes().runs();
        if (node.which() < 0 || node.which() >= runs.size()) {
            throw noClass();
        }
        return runs.get(node.which());
    }

    private int last(Formula.Found node, int first) {
        return switch (node.search()) {
            case MODAL_INTERVAL -> run(node).last();
            case WHOLE -> table().size() - 1;
            default -> first;
        };
    }

    /** A figure of the class or interval found. @throws NoValue when it is an end that is missing */
    Figure read(ReadOff what, Formula.Found node) {
        int first = first(node);
        int last = last(node, first);
        ClassTable table = table();
        return switch (what) {
            case LOWER -> lower(first);
            case UPPER -> upper(last);
            case WIDTH -> upper(last).minus(lower(first));
            case MIDPOINT -> lower(first).plus(upper(last)).half();
            case FREQUENCY -> table.at(first).frequency();
            case BEFORE -> table.before(first);
            case FREQUENCY_BEFORE ->
                neighbour(first - 1).map(ClassInterval::frequency).orElse(Exact.ZERO);
            case FREQUENCY_AFTER ->
                neighbour(last + 1).map(ClassInterval::frequency).orElse(Exact.ZERO);
            case DENSITY -> table.at(first).density().orElseThrow(ClassLookup::open);
            case DENSITY_BEFORE ->
                neighbour(first - 1).flatMap(ClassInterval::density).orElse(Exact.ZERO);
            case DENSITY_AFTER ->
                neighbour(last + 1).flatMap(ClassInterval::density).orElse(Exact.ZERO);
        };
    }

    private Exact lower(int index) {
        return table().at(index).lower().orElseThrow(ClassLookup::open);
    }

    private Exact upper(int index) {
        return table().at(index).upper().orElseThrow(ClassLookup::open);
    }

    private static NoValue open() {
        return new NoValue(Sentence.of("undefined.open-class"));
    }

    private Optional<ClassInterval> neighbour(int index) {
        return index < 0 || index >= table().size() ? Optional.empty() : Optional.of(table().at(index));
    }
}
