package promedio.core.slip;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.ReadOff;
import promedio.core.formula.Search;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;

/** Worked within another class than the one where the value lies. */
final class OtherClass {
    private static final Set<ReadOff> HEIGHTS = Set.of(ReadOff.DENSITY, ReadOff.DENSITY_BEFORE, ReadOff.DENSITY_AFTER);

    private OtherClass() {}

    /** Interpolated in the class before or after. */
    static List<Changed> neighbour(Asked asked) {
        List<Changed> changed = new ArrayList<>();
        asked.sample().classes().ifPresent(table -> {
            for (Formula.Found found : found(asked.formula())) {
                OptionalInt at = index(asked, table, found);
                for (int by : new int[] {-1, 1}) {
                    int other = at.orElse(-2) + by;
                    if (other >= 0 && other < table.size()) {
                        within(asked, found, table.at(other)).ifPresent(changed::add);
                    }
                }
            }
        });
        return changed;
    }

    private static Set<Formula.Found> found(Formula formula) {
        Set<Formula.Found> found = new LinkedHashSet<>();
        formula.visit(part -> {
            if (part instanceof Formula.Found one) {
                found.add(one);
            }
        });
        return found;
    }

    private static OptionalInt index(Asked asked, ClassTable table, Formula.Found found) {
        if (found.search() == Search.MODAL) {
            return OptionalInt.of(table.modes().runs().get(found.which()).first());
        }
        Optional<Figure> position =
                found.search() == Search.POSITION ? asked.figure(found.by().get(0)) : Optional.empty();
        return position.orElse(null) instanceof Exact exact && exact.compareTo(table.count()) <= 0
                ? OptionalInt.of(table.classAt(exact))
                : OptionalInt.empty();
    }

    private static Optional<Changed> within(Asked asked, Formula.Found found, ClassInterval other) {
        return other.midpoint()
                .map(OtherClass::holding)
                .flatMap(instead ->
                        asked.everywhere(part -> part.equals(found) ? Optional.of(instead) : Optional.empty()))
                .map(way -> Changed.of("neighbour-class", way, other.label()));
    }

    /** The class in which a value lies. */
    private static Formula.Found holding(Exact value) {
        return new Formula.Found(Search.VALUE, List.of(Formula.number(value)), 0);
    }

    /** The modal class, or its formula too, by the frequency though widths differ. */
    static List<Changed> byFrequency(Asked asked) {
        Optional<ClassTable> table = asked.sample().classes();
        if (table.isEmpty() || table.get().commonWidth().isPresent() || !asked.asks("mode")) {
            return List.of();
        }
        List<Way> ways = new ArrayList<>();
        asked.everywhere(OtherClass::frequency).ifPresent(ways::add);
        List<ClassInterval> classes = table.get().classes();
        Exact highest = classes.stream()
                .map(ClassInterval::frequency)
                .max(Exact::compareTo)
                .orElseThrow();
        for (ClassInterval one : classes) {
            if (one.frequency().equals(highest)) {
                one.midpoint()
                        .map(OtherClass::holding)
                        .flatMap(commonest -> asked.everywhere(
                                part -> isModal(part) ? Optional.of(commonest) : frequency(part, commonest)))
                        .ifPresent(ways::add);
            }
        }
        return ways.stream()
                .map(way -> Changed.of("frequency-for-density", way))
                .toList();
    }

    private static boolean isModal(Formula part) {
        return part instanceof Formula.Found found
                && (found.search() == Search.MODAL || found.search() == Search.MODAL_INTERVAL);
    }

    private static Optional<Formula> frequency(Formula part) {
        return part instanceof Formula.Named named && named.body() instanceof Formula.Reading read
                ? frequency(part, read.found())
                : Optional.empty();
    }

    /** A frequency under its own letter in place of a density. */
    private static Optional<Formula> frequency(Formula part, Formula found) {
        if (!(part instanceof Formula.Named named)
                || !(named.body() instanceof Formula.Reading read)
                || !HEIGHTS.contains(read.what())) {
            return Optional.empty();
        }
        ReadOff what =
                switch (read.what()) {
                    case DENSITY_BEFORE -> ReadOff.FREQUENCY_BEFORE;
                    case DENSITY_AFTER -> ReadOff.FREQUENCY_AFTER;
                    default -> ReadOff.FREQUENCY;
                };
        String id = named.symbol().id();
        Symbol letter = Symbol.counting(id, Notation.indexed("f", id.substring(id.length() - 1)));
        return Optional.of(new Formula.Reading(what, found).named(letter));
    }
}
