package promedio.core.marking;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Lettering;
import promedio.core.formula.LineRounding;
import promedio.core.formula.Notation;
import promedio.core.formula.Operator;
import promedio.core.formula.Symbol;
import promedio.core.measure.Measure;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;

/**
 * What a hand arrives at that rounds on the way (definitions, section 7): by every method and usual order of the operations,
 * with every line rounded, or one line alone.
 */
final class RoundedWays {
    /** Larger samples are not worked by hand line by line. */
    private static final int MOST_ROWS = 5_000;

    /** Up to so many rows every usual order is tried with all its cells rounded; that takes a moment each. */
    private static final int FEW_ROWS = 80;

    private static final String QUOTIENT = "quotient-";

    private final Sample sample;
    private final HalfRule halves;

    RoundedWays(Sample sample, HalfRule halves) {
        this.sample = sample;
        this.halves = halves;
    }

    /**
     * One way.
     *
     * @param places the places lines are rounded to
     * @param line the one line that is rounded; empty for every line
     * @param value what it leads to, not yet rounded as an answer
     */
    record Way(int places, Optional<Symbol> line, Figure value) {
        /** Whether the line is a quotient that has no symbol of its own. */
        static boolean isUnnamed(Symbol line) {
            return line.id().startsWith(QUOTIENT);
        }
    }

    /** Every line rounded, by each hand method in the order of the paper. */
    List<Way> everyLine(Measure measure, int places) {
        List<Way> ways = new ArrayList<>();
        if (sample.rows() <= MOST_ROWS) {
            for (Measure.Method method : measure.methods(sample.shape())) {
                everyLine(Lettering.distinct(method.formula()), places).ifPresent(ways::add);
            }
        }
        return ways;
    }

    /** All ways with lines rounded to some range of places, those with fewer places first. */
    List<Way> all(Measure measure, int from, int to) {
        List<Way> ways = new ArrayList<>();
        if (sample.rows() > MOST_ROWS) {
            return ways;
        }
        List<Formula.Named> orders = measure.methods(sample.shape()).stream()
                .flatMap(method -> orders(Lettering.distinct(method.formula())).stream())
                .toList();
        for (int places = Math.max(0, from); places <= to; places++) {
            for (Formula.Named order : orders) {
                oneLine(order, places, ways);
            }
            for (Formula.Named order : orders) {
                everyFigure(order, places).ifPresent(ways::add);
                if (sample.rows() <= FEW_ROWS) {
                    everyLine(order, places).ifPresent(ways::add);
                }
            }
        }
        return ways;
    }

    private Optional<Way> everyLine(Formula.Named formula, int places) {
        return Evaluation.of(sample)
                .rounded(LineRounding.to(places, halves))
                .outcome(formula.body())
                .single()
                .map(value -> new Way(places, Optional.empty(), value));
    }

    /** The figures that the last line puts in, each found exactly and then rounded: x̄ and s in s/x̄. */
    private Optional<Way> everyFigure(Formula.Named formula, int places) {
        Evaluation exact = Evaluation.of(sample);
        Map<String, Figure> figures = new LinkedHashMap<>();
        formula.visit(node -> node.parts().forEach(part -> {
            if (part instanceof Formula.Named line && !line.symbol().counts() && lastLine(formula, line)) {
                exact.outcome(line)
                        .single()
                        .ifPresent(value -> figures.put(
                                line.symbol().id(),
                                LineRounding.to(places, halves).write(value)));
            }
        }));
        return exact.outcome(withGiven(formula.body(), figures))
                .single()
                .map(value -> new Way(places, Optional.empty(), value));
    }

    /** A formula with somebody's own figures wherever the lines of some symbols stand. */
    private static Formula withGiven(Formula formula, Map<String, Figure> figures) {
        return formula.rewrite(node -> node instanceof Formula.Named line
                ? Optional.ofNullable(figures.get(line.symbol().id())).map(own -> new Formula.Given(line, own))
                : Optional.empty());
    }

    private static boolean lastLine(Formula node, Formula.Named line) {
        return node.parts().stream()
                .anyMatch(part -> part == line || !(part instanceof Formula.Named) && lastLine(part, line));
    }

    private void oneLine(Formula.Named formula, int places, List<Way> ways) {
        Evaluation exact = Evaluation.of(sample);
        Map<String, Formula.Named> lines = new LinkedHashMap<>();
        formula.visit(node -> {
            if (node instanceof Formula.Named line
                    && line != formula
                    && !line.symbol().counts()) {
                lines.put(line.symbol().id(), line);
            }
        });
        lines.forEach((id, line) -> exact.outcome(line).single().ifPresent(value -> {
            Figure written = LineRounding.to(places, halves).write(value);
            if (written.compare(value) != 0) {
                exact.outcome(withGiven(formula.body(), Map.of(id, written)))
                        .single()
                        .ifPresent(result -> ways.add(new Way(places, Optional.of(line.symbol()), result)));
            }
        }));
    }

    /** The usual orders of the operations: quotients written down on the way, and higher powers by multiplying. */
    private static List<Formula.Named> orders(Formula.Named formula) {
        Set<Formula> written = Collections.newSetFromMap(new IdentityHashMap<>());
        formula.visit(node -> {
            if (node instanceof Formula.Named named) {
                written.add(named.body());
            }
        });
        List<Formula.Named> orders = new ArrayList<>(List.of(formula));
        Quotients quotients = new Quotients();
        add(orders, formula.rewrite(node -> written.contains(node) ? Optional.empty() : quotients.writtenDown(node)));
        add(orders, formula.rewrite(node -> quotients.regrouped(node, 0)));
        add(orders, formula.rewrite(node -> quotients.regrouped(node, 1)));
        add(orders, formula.rewrite(RoundedWays::multiplied));
        return orders;
    }

    private static void add(List<Formula.Named> orders, Formula order) {
        if (orders.stream().noneMatch(order::equals)) {
            orders.add((Formula.Named) order);
        }
    }

    /** Quotients that have no symbol, written down on a line of their own; each is a line apart. */
    private static final class Quotients {
        private int count;

        private Formula.Named line(Formula quotient) {
            count++;
            return quotient.named(Symbol.of(QUOTIENT + count, Notation.letter("q")));
        }

        private static boolean isQuotient(Formula node) {
            return node instanceof Formula.Operation operation
                    && operation.operator() == Operator.OVER
                    && !operation.variesByRow();
        }

        Optional<Formula> writtenDown(Formula node) {
            return isQuotient(node) ? Optional.of(line(node)) : Optional.empty();
        }

        /** (a·b)/c as a·(b/c) or b·(a/c). */
        Optional<Formula> regrouped(Formula node, int kept) {
            if (isQuotient(node)
                    && node.parts().get(0) instanceof Formula.Operation product
                    && product.operator() == Operator.TIMES) {
                Formula first = product.operands().get(kept);
                Formula second = product.operands().get(1 - kept);
                return Optional.of(first.times(line(second.over(node.parts().get(1)))));
            }
            return Optional.empty();
        }
    }

    /** A cube as the square times the value, a fourth power as the square of the square. */
    private static Optional<Formula> multiplied(Formula node) {
        if (node instanceof Formula.Operation power
                && power.operator() == Operator.POWER
                && power.variesByRow()
                && power.operands().get(1) instanceof Formula.Constant exponent) {
            Formula base = power.operands().get(0);
            return switch (exponent.value().toString()) {
                case "3" -> Optional.of(base.squared().times(base));
                case "4" -> Optional.of(base.squared().squared());
                default -> Optional.empty();
            };
        }
        return Optional.empty();
    }
}
