package promedio.core.slip;

import static promedio.core.slip.Asked.bare;
import static promedio.core.slip.Asked.is;
import static promedio.core.slip.Asked.operands;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Counted;
import promedio.core.formula.Formula;
import promedio.core.formula.Operator;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;

/** Nothing divided, divided by something else, or only a part of it divided. */
final class Divisors {
    private static final double NEAR = 1e-12;

    private Divisors() {}

    private static boolean isCount(Formula part) {
        return bare(part) instanceof Formula.Count count && count.what() == Counted.VALUES;
    }

    /** n or n − 1. */
    private static boolean counts(Formula divisor) {
        List<Formula> less = operands(divisor, Operator.MINUS);
        return isCount(divisor) || !less.isEmpty() && isCount(less.get(0));
    }

    private static boolean hasTotal(Formula part) {
        return bare(part) instanceof Formula.Total
                || operands(part, Operator.MINUS).stream().anyMatch(Divisors::hasTotal);
    }

    private static boolean isAverage(Formula part) {
        List<Formula> quotient = operands(part, Operator.OVER);
        return part instanceof Formula.Operation
                && !quotient.isEmpty()
                && hasTotal(quotient.get(0))
                && counts(quotient.get(1));
    }

    static List<Changed> none(Asked asked) {
        return asked
                .replacingInAll(
                        Divisors::isAverage, part -> Optional.of(part.parts().get(0)))
                .stream()
                .map(value -> Changed.of("not-divided", value))
                .toList();
    }

    /** n for n − 1 or the reverse under the squares, where no convention says that both are right. */
    static List<Changed> other(Asked asked) {
        boolean sample = !asked.formula().find("variance-sample").isEmpty();
        return asked
                .everywhere(part -> part instanceof Formula.Named named ? otherDivisor(named) : Optional.empty())
                .map(way -> new Changed(
                        "other-divisor",
                        Sentence.of(sample ? "slip.other-divisor" : "slip.other-divisor.less"),
                        way,
                        Optional.empty()))
                .stream()
                .toList();
    }

    private static Optional<Formula> otherDivisor(Formula.Named named) {
        Formula n = new Formula.Count();
        return operands(named.body(), Operator.OVER).stream().findFirst().flatMap(squares -> switch (named.symbol()
                .id()) {
            case "variance-sample" -> Optional.of(squares.over(n));
            case "variance-population" -> Optional.of(squares.over(n.minus(Formula.number(1))));
            default -> Optional.empty();
        });
    }

    /** One more or one fewer than there are; where that is the other divisor, it is that. */
    static List<Changed> miscounted(Asked asked) {
        List<Changed> changed = new ArrayList<>();
        List<Changed> other = other(asked);
        for (int more : asked.hasRows() ? new int[] {1, -1} : new int[0]) {
            asked
                    .replacing(
                            Divisors::isAverage,
                            part -> Optional.of(
                                    part.parts().get(0).over(part.parts().get(1).plus(Formula.number(more)))))
                    .stream()
                    .filter(value -> other.stream().noneMatch(one -> same(one.way(), value)))
                    .forEach(value -> changed.add(Changed.of("miscounted", value, asked.count())));
        }
        return changed;
    }

    private static boolean same(Way one, Way other) {
        return Math.abs(one.about() - other.about()) <= NEAR * Math.abs(one.about());
    }

    static List<Changed> byRows(Asked asked) {
        if (!asked.hasRows()) {
            return List.of();
        }
        Exact rows = Exact.of(
                asked.sample().weighted()
                        ? asked.sample().rows()
                        : asked.sample().ranking().distinct().size());
        if (rows.equals(asked.count())) {
            return List.of();
        }
        Formula count = Formula.number(rows);
        List<Way> figures = new ArrayList<>(asked.replacing(
                Divisors::isAverage, part -> Optional.of(part.parts().get(0).over(count))));
        figures.addAll(asked.replacing(
                part -> isAverage(part) && !isCount(part.parts().get(1)),
                part -> Optional.of(part.parts().get(0).over(count.minus(Formula.number(1))))));
        return figures.stream()
                .map(value -> Changed.of("divided-by-classes", value, rows))
                .toList();
    }

    static List<Changed> bracketsLost(Asked asked) {
        List<Way> figures = new ArrayList<>(asked.replacingInAll(is(Operator.OVER), Divisors::withoutBrackets));
        // Of a sum typed without its bar only the last number is divided.
        if (asked.asks("mean") && !asked.sample().weighted() && asked.sample().rows() > 1) {
            Exact last = asked.sample().value(asked.sample().rows() - 1);
            figures.add(Way.of(asked.sample().powerSum(1).minus(last).plus(last.over(asked.count()))));
        }
        return figures.stream().map(value -> Changed.of("brackets-lost", value)).toList();
    }

    /** a/(b − c) as a/b − c, (a − b)/c as a − b/c, (a + b)/c as a + b/c. */
    private static Optional<Formula> withoutBrackets(Formula quotient) {
        Formula top = quotient.parts().get(0);
        Formula below = quotient.parts().get(1);
        List<Formula> less = operands(below, Operator.MINUS);
        if (below instanceof Formula.Operation && !less.isEmpty()) {
            return Optional.of(top.over(less.get(0)).minus(less.get(1)));
        }
        if (top instanceof Formula.Operation operation && operation.operator() == Operator.MINUS) {
            return Optional.of(operation
                    .operands()
                    .get(0)
                    .minus(operation.operands().get(1).over(below)));
        }
        if (top instanceof Formula.Operation operation && operation.operator() == Operator.PLUS) {
            return Optional.of(
                    operation.operands().get(0).plus(operation.operands().get(1).over(below)));
        }
        if (top instanceof Formula.Operation operation
                && operation.operator() == Operator.TIMES
                && bare(operation.operands().get(1)) instanceof Formula.Operation difference
                && difference.operator() == Operator.MINUS) {
            Formula first =
                    operation.operands().get(0).times(difference.operands().get(0));
            return Optional.of(first.minus(difference.operands().get(1).over(below)));
        }
        return Optional.empty();
    }
}
