package promedio.core.slip;

import static promedio.core.slip.Asked.bare;
import static promedio.core.slip.Asked.is;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import promedio.core.formula.Formula;
import promedio.core.formula.Operator;
import promedio.core.measure.Measure;

/** Worked with u = (x − A)/h, and not brought back to x as it should be. */
final class StepDeviation {
    private StepDeviation() {}

    private static Optional<Formula> method(Asked asked, String id) {
        return asked.measure().methods(asked.sample().shape()).stream()
                .filter(method -> method.id().equals(id))
                .<Formula>map(Measure.Method::formula)
                .findFirst();
    }

    private static List<Way> replacing(
            Asked asked, String method, Predicate<Formula> at, Function<Formula, Optional<Formula>> change) {
        return method(asked, method).stream()
                .flatMap(formula -> asked.replacingIn(List.of(formula), at, change).stream())
                .toList();
    }

    private static boolean isStep(Formula part) {
        return part instanceof Formula.Named named && named.symbol().id().equals("class-h");
    }

    private static boolean isSquaredStep(Formula part) {
        return part instanceof Formula.Operation power
                && power.operator() == Operator.POWER
                && isStep(power.operands().get(0));
    }

    private static boolean isAssumed(Formula part) {
        return part instanceof Formula.Named named && named.symbol().id().equals("assumed-mean");
    }

    static List<Changed> notBack(Asked asked) {
        List<Way> figures = new ArrayList<>();
        for (String method : List.of("step-deviation", "assumed-mean")) {
            figures.addAll(replacing(asked, method, is(Operator.TIMES), product -> {
                Formula first = product.parts().get(0);
                return isStep(first) || isSquaredStep(first)
                        ? Optional.of(product.parts().get(1))
                        : Optional.empty();
            }));
            figures.addAll(replacing(
                    asked,
                    method,
                    is(Operator.PLUS),
                    sum -> isAssumed(sum.parts().get(0))
                            ? Optional.of(sum.parts().get(1))
                            : Optional.empty()));
        }
        return figures.stream()
                .map(value -> Changed.of("not-scaled-back", value))
                .toList();
    }

    static List<Changed> once(Asked asked) {
        return replacing(
                        asked,
                        "step-deviation",
                        StepDeviation::isSquaredStep,
                        power -> Optional.of(power.parts().get(0)))
                .stream()
                .map(value -> Changed.of("scaled-once", value))
                .toList();
    }

    /** A added to a spread. */
    static List<Changed> shifted(Asked asked) {
        if (!asked.asks("variance", "sd")) {
            return List.of();
        }
        List<Formula> assumed = new ArrayList<>();
        method(asked, "assumed-mean")
                .ifPresent(formula -> formula.visit(part -> {
                    if (isAssumed(part) && assumed.isEmpty()) {
                        assumed.add(bare(part));
                    }
                }));
        return assumed.stream()
                .flatMap(shift -> asked.value(asked.formula().plus(shift)).stream())
                .map(value -> Changed.of("shift-in-spread", value))
                .toList();
    }
}
