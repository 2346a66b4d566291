package promedio.core.slip;

import static promedio.core.slip.Asked.bare;
import static promedio.core.slip.Asked.is;
import static promedio.core.slip.Asked.operands;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Operator;
import promedio.core.formula.ReadOff;

/** A factor left out or put to the wrong quantity. */
final class Factors {
    private Factors() {}

    static List<Changed> dropped(Asked asked) {
        List<Way> figures = new ArrayList<>();
        figures.addAll(asked.replacing(is(Operator.TIMES), product -> {
            Formula first = product.parts().get(0);
            Formula second = product.parts().get(1);
            return first instanceof Formula.Constant
                    ? Optional.of(second)
                    : bare(second) instanceof Formula.Reading read && read.what() == ReadOff.WIDTH
                                    || second instanceof Formula.Constant
                            ? Optional.of(first)
                            : Optional.empty();
        }));
        figures.addAll(asked.replacing(
                is(Operator.OVER),
                quotient -> quotient.parts().get(1) instanceof Formula.Constant
                                && !(quotient.parts().get(0) instanceof Formula.Named)
                        ? Optional.of(quotient.parts().get(0))
                        : Optional.empty()));
        return figures.stream()
                .map(value -> Changed.of("factor-dropped", value))
                .toList();
    }

    /** 3 mean − 2 median in place of 3 median − 2 mean. */
    static List<Changed> empirical(Asked asked) {
        return asked
                .replacing(is(Operator.MINUS), difference -> {
                    List<Formula> first = operands(difference.parts().get(0), Operator.TIMES);
                    List<Formula> second = operands(difference.parts().get(1), Operator.TIMES);
                    boolean both = first.size() == 2
                            && second.size() == 2
                            && first.get(0).equals(Formula.number(3))
                            && second.get(0).equals(Formula.number(2));
                    return both
                            ? Optional.of(first.get(0)
                                    .times(second.get(1))
                                    .minus(second.get(0).times(first.get(1))))
                            : Optional.empty();
                })
                .stream()
                .map(value -> Changed.of("empirical-swapped", value))
                .toList();
    }
}
