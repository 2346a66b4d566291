package promedio.core.slip;

import static promedio.core.slip.Asked.bare;
import static promedio.core.slip.Asked.is;
import static promedio.core.slip.Asked.operands;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import promedio.core.distribution.Curve;
import promedio.core.distribution.Side;
import promedio.core.formula.Formula;
import promedio.core.formula.Operator;

/** What goes wrong where a curve tells how sure a figure is. */
final class CertaintySlips {
    private CertaintySlips() {}

    private static List<Changed> everywhere(Asked asked, String slip, Function<Formula, Optional<Formula>> change) {
        return asked.everywhere(change).map(way -> Changed.of(slip, way)).stream()
                .toList();
    }

    /** The normal curve looked up where the deviation is the sample's own. */
    static List<Changed> normalForT(Asked asked) {
        return everywhere(asked, "normal-for-t", part -> {
            if (part instanceof Formula.Cut cut && cut.curve() == Curve.T) {
                return Optional.of(new Formula.Cut(Curve.NORMAL, cut.of().subList(0, 1)));
            }
            return part instanceof Formula.Tail tail && tail.curve() == Curve.T
                    ? Optional.of(new Formula.Tail(
                            Curve.NORMAL, tail.side(), tail.of().subList(0, 1)))
                    : Optional.empty();
        });
    }

    /** The whole share looked up where half of it lies at each end. */
    static List<Changed> notHalved(Asked asked) {
        return everywhere(asked, "tail-not-halved", part -> {
            if (!(part instanceof Formula.Cut cut)) {
                return Optional.empty();
            }
            List<Formula> halved = operands(cut.of().get(0), Operator.OVER);
            return halved.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Formula.Cut(
                            cut.curve(), List.of(halved.get(0), cut.of().get(1))));
        });
    }

    /** The share on one side where both are meant. */
    static List<Changed> oneSide(Asked asked) {
        List<Changed> changed = new ArrayList<>();
        for (Side side : List.of(Side.ABOVE, Side.BELOW)) {
            changed.addAll(
                    everywhere(asked, "one-side-for-both", part -> onSide(part, Side.BOTH::equals, any -> side)));
        }
        return changed;
    }

    /** The share on both sides where one is meant. */
    static List<Changed> bothSides(Asked asked) {
        return everywhere(
                asked, "both-sides-for-one", part -> onSide(part, side -> side != Side.BOTH, any -> Side.BOTH));
    }

    /** The other end of one side: P(T ≤ t) for P(T ≥ t). */
    static List<Changed> otherEnd(Asked asked) {
        return everywhere(
                asked,
                "ends-swapped",
                part -> onSide(part, side -> side != Side.BOTH, side -> side == Side.ABOVE ? Side.BELOW : Side.ABOVE));
    }

    private static Optional<Formula> onSide(Formula part, Predicate<Side> from, UnaryOperator<Side> to) {
        return part instanceof Formula.Tail tail && tail.curve() == Curve.T && from.test(tail.side())
                ? Optional.of(new Formula.Tail(tail.curve(), to.apply(tail.side()), tail.of()))
                : Optional.empty();
    }

    private static boolean looksUp(Formula part) {
        return part instanceof Formula.Cut || part instanceof Formula.Tail;
    }

    /** n degrees of freedom for n − 1. */
    static List<Changed> notReduced(Asked asked) {
        return everywhere(asked, "freedom-not-reduced", part -> {
            if (!looksUp(part) || part.parts().size() != 2) {
                return Optional.empty();
            }
            Formula share = part.parts().get(0);
            return operands(part.parts().get(1), Operator.MINUS).stream()
                    .findFirst()
                    .map(count -> part.with(List.of(share, count)));
        });
    }

    /** s where s/√n belongs. */
    static List<Changed> deviation(Asked asked) {
        return asked.asks("standard-error")
                ? List.of()
                : everywhere(
                        asked,
                        "deviation-for-error",
                        part -> part instanceof Formula.Named named
                                        && named.symbol().id().equals("standard-error")
                                ? Optional.of(bare(part).parts().get(0))
                                : Optional.empty());
    }

    /** s/n where s/√n belongs. */
    static List<Changed> rootForgotten(Asked asked) {
        return asked
                .replacing(
                        is(Operator.OVER).and(CertaintySlips::isOverRoot),
                        part -> Optional.of(part.parts()
                                .get(0)
                                .over(part.parts().get(1).parts().get(0))))
                .stream()
                .map(way -> Changed.of("root-of-count-forgotten", way))
                .toList();
    }

    private static boolean isOverRoot(Formula part) {
        return part.parts().get(1) instanceof Formula.Operation root
                && root.operator() == Operator.ROOT
                && bare(root.operands().get(0)) instanceof Formula.Count;
    }
}
