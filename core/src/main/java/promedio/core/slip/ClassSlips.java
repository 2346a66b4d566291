package promedio.core.slip;

import static promedio.core.slip.Asked.bare;
import static promedio.core.slip.Asked.is;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.formula.Operator;
import promedio.core.formula.ReadOff;
import promedio.core.measure.GroupedQuantile;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;

/** Mistakes in finding a value within its class. */
final class ClassSlips {
    private ClassSlips() {}

    /** Something else in place of what is read off the class, wherever the formula has it. */
    private static List<Changed> instead(
            Asked asked, String slip, ReadOff what, Function<Formula.Reading, Optional<Formula>> other) {
        return changed(
                slip,
                asked
                        .everywhere(part -> part instanceof Formula.Reading read && read.what() == what
                                ? other.apply(read)
                                : Optional.empty())
                        .stream()
                        .toList());
    }

    private static List<Changed> changed(String slip, List<Way> figures) {
        return figures.stream().map(value -> Changed.of(slip, value)).toList();
    }

    /** U for L. */
    static List<Changed> wrongLower(Asked asked) {
        List<Changed> changed = new ArrayList<>(instead(
                asked,
                "wrong-L",
                ReadOff.LOWER,
                read -> Optional.of(new Formula.Reading(ReadOff.UPPER, read.found()))));
        // Or L of the class before.
        changed.addAll(instead(asked, "wrong-L", ReadOff.LOWER, read -> lowerBefore(asked, read)));
        return changed;
    }

    private static Optional<Formula> lowerBefore(Asked asked, Formula.Reading lower) {
        Optional<Figure> here = asked.figure(lower);
        List<ClassInterval> classes =
                asked.sample().classes().map(ClassTable::classes).orElse(List.of());
        for (int i = 1; i < classes.size() && here.isPresent(); i++) {
            Optional<Exact> at = classes.get(i).lower();
            if (at.isPresent() && here.get().compare(at.get()) == 0) {
                return classes.get(i - 1).lower().map(Formula::number);
            }
        }
        return Optional.empty();
    }

    static List<Changed> through(Asked asked) {
        return instead(
                asked,
                "cumulative-through",
                ReadOff.BEFORE,
                read -> Optional.of(read.plus(new Formula.Reading(ReadOff.FREQUENCY, read.found()))));
    }

    /** The frequencies so far, before the class or through it, in place of that of the class. */
    static List<Changed> dividedByCumulative(Asked asked) {
        List<Way> figures = new ArrayList<>();
        for (boolean through : new boolean[] {true, false}) {
            figures.addAll(asked.replacing(
                    is(Operator.OVER),
                    quotient -> bare(quotient.parts().get(1)) instanceof Formula.Reading read
                                    && read.what() == ReadOff.FREQUENCY
                            ? Optional.of(quotient.parts().get(0).over(soFar(read, through)))
                            : Optional.empty()));
        }
        return changed("cumulative-for-frequency", figures);
    }

    private static Formula soFar(Formula.Reading frequency, boolean through) {
        Formula before = new Formula.Reading(ReadOff.BEFORE, frequency.found());
        return through ? before.plus(frequency) : before;
    }

    /** The class midpoint in place of the value in the class. */
    static List<Changed> midpoint(Asked asked) {
        List<Way> figures = new ArrayList<>();
        asked.formula().visit(part -> {
            if (part instanceof Formula.Reading read && read.what() == ReadOff.LOWER) {
                asked.value(new Formula.Reading(ReadOff.MIDPOINT, read.found())).ifPresent(figures::add);
            }
        });
        boolean within = asked.asks("mode") || asked.measure() instanceof GroupedQuantile;
        return within ? changed("class-midpoint-given", figures) : List.of();
    }

    /** n where n/2, n/4 … belongs. */
    static List<Changed> wholeCount(Asked asked) {
        return changed(
                "whole-n",
                asked.replacing(
                        part -> part instanceof Formula.Operation minus
                                && minus.operator() == Operator.MINUS
                                && minus.operands().get(0) instanceof Formula.Named position
                                && position.symbol().id().equals("position"),
                        part -> Optional.of(
                                new Formula.Count().minus(part.parts().get(1)))));
    }

    /** The half between stated limits and boundaries; 0 where they are the same. */
    private static Exact gap(Asked asked) {
        return asked.sample()
                .classes()
                .map(ClassTable::recordingUnit)
                .map(Exact::half)
                .orElse(Exact.ZERO);
    }

    static List<Changed> limits(Asked asked) {
        Formula gap = Formula.number(gap(asked));
        if (gap(asked).signum() == 0) {
            return List.of();
        }
        // A range goes from one boundary to the other, and both may have been taken as they are printed.
        return asked.asks("range")
                ? changed(
                        "limits-for-boundaries",
                        asked.value(asked.formula().minus(gap).minus(gap)).stream()
                                .toList())
                : instead(asked, "limits-for-boundaries", ReadOff.LOWER, read -> Optional.of(read.plus(gap)));
    }

    static List<Changed> width(Asked asked) {
        Formula gaps = Formula.number(gap(asked).times(2));
        return gap(asked).signum() == 0
                ? List.of()
                : instead(asked, "other-width", ReadOff.WIDTH, read -> Optional.of(read.minus(gaps)));
    }

    static List<Changed> neighboursSwapped(Asked asked) {
        return changed(
                "neighbours-swapped",
                asked
                        .everywhere(part -> part instanceof Formula.Reading read
                                ? swapped(read.what()).map(other -> new Formula.Reading(other, read.found()))
                                : Optional.empty())
                        .stream()
                        .toList());
    }

    private static Optional<ReadOff> swapped(ReadOff what) {
        return switch (what) {
            case FREQUENCY_BEFORE -> Optional.of(ReadOff.FREQUENCY_AFTER);
            case FREQUENCY_AFTER -> Optional.of(ReadOff.FREQUENCY_BEFORE);
            case DENSITY_BEFORE -> Optional.of(ReadOff.DENSITY_AFTER);
            case DENSITY_AFTER -> Optional.of(ReadOff.DENSITY_BEFORE);
            default -> Optional.empty();
        };
    }

    /** (f₁ − f₀) − (f₁ − f₂) in the denominator of the mode. */
    static List<Changed> denominatorSign(Asked asked) {
        return asked.asks("mode")
                ? changed(
                        "denominator-sign",
                        asked.replacing(
                                is(Operator.OVER),
                                quotient -> quotient.parts().get(1) instanceof Formula.Operation sum
                                                && sum.operator() == Operator.PLUS
                                        ? Optional.of(quotient.parts()
                                                .get(0)
                                                .over(sum.operands()
                                                        .get(0)
                                                        .minus(sum.operands().get(1))))
                                        : Optional.empty()))
                : List.of();
    }
}
