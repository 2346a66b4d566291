package promedio.core.slip;

import static promedio.core.slip.Asked.is;
import static promedio.core.slip.Asked.operands;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Operator;
import promedio.core.measure.Measure;

/** The root forgotten, drawn once too often, or drawn of the numerator alone. */
final class Roots {
    private Roots() {}

    static List<Changed> none(Asked asked) {
        return asked
                .replacing(is(Operator.ROOT), root -> Optional.of(root.parts().get(0)))
                .stream()
                .map(value -> Changed.of("no-root", value))
                .toList();
    }

    static List<Changed> extra(Asked asked) {
        boolean possible = asked.measure().traits().group() == Measure.Group.SPREAD && !asked.asks("range", "iqr");
        return possible
                ? asked.value(asked.formula().root()).stream()
                        .map(value -> Changed.of("extra-root", value))
                        .toList()
                : List.of();
    }

    static List<Changed> ofNumerator(Asked asked) {
        return asked.replacing(is(Operator.ROOT), Roots::numerator).stream()
                .map(value -> Changed.of("root-of-numerator", value))
                .toList();
    }

    private static Optional<Formula> numerator(Formula root) {
        List<Formula> quotient = operands(root.parts().get(0), Operator.OVER);
        return quotient.isEmpty()
                ? Optional.empty()
                : Optional.of(quotient.get(0).root().over(quotient.get(1)));
    }
}
