package promedio.core.formula;

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
        return sample.classes().orElseThrow(() -> new IllegalStateException("Classes are found in class tables only."));
    }

    /** The index of the class found; of an interval, of its first class. */
    int first(Formula.Found node) {
        ClassTable table = table();
        return switch (node.search()) {
            case POSITION -> table.classAt((Exact) value.apply(node.by().get(0)));
            case VALUE -> table.classOf((Exact) value.apply(node.by().get(0)));
            case MODAL, MODAL_INTERVAL -> table.modes().runs().get(node.which()).first();
            case ASSUMED -> table.assumed();
            case WHOLE -> 0;
        };
    }

    private int last(Formula.Found node, int first) {
        return switch (node.search()) {
            case MODAL_INTERVAL -> table().modes().runs().get(node.which()).last();
            case WHOLE -> table().size() - 1;
            default -> first;
        };
    }

    /** A figure of the class or interval found. @throws NoValue when it is an end that is missing */
    Figure read(Formula.ReadOff what, Formula.Found node) {
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
