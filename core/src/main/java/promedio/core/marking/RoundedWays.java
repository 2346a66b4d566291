package promedio.core.marking;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import promedio.core.formula.Estimate;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Lettering;
import promedio.core.formula.Letters;
import promedio.core.formula.LineRounding;
import promedio.core.formula.Notation;
import promedio.core.formula.Operator;
import promedio.core.formula.Symbol;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.slip.Way;

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
    private final Evaluation exact;
    private final Estimate estimate;

    RoundedWays(Sample sample, HalfRule halves) {
        this.sample = sample;
        this.halves = halves;
        this.exact = Evaluation.of(sample);
        this.estimate = Estimate.of(exact);
    }

    /**
     * One way.
     *
     * @param places the places lines are rounded to
     * @param line the one line that is rounded; empty for every line
     * @param way what it leads to, not yet rounded as an answer
     */
    record Rounded(int places, Optional<Symbol> line, Way way) {
        /** Whether the line is a quotient that has no symbol of its own. */
        static boolean isUnnamed(Symbol line) {
            return line.id().startsWith(QUOTIENT);
        }

        /** What was rounded, and how far. */
        Sentence told(Letters letters) {
            String many = places == 1 ? "one" : "many";
            return line.map(one -> isUnnamed(one)
                            ? Sentence.of("slip.early-rounding.quotient." + many, places)
                            : Sentence.of(
                                    "slip.early-rounding.line." + many,
                                    letters.of(one).text(),
                                    places))
                    .orElseGet(() -> Sentence.of("slip.early-rounding.every-line." + many, places));
        }
    }

    /** Every line rounded, by each hand method in the order of the paper. */
    List<Rounded> everyLine(Measure measure, int places) {
        List<Rounded> ways = new ArrayList<>();
        if (sample.rows() <= MOST_ROWS) {
            for (Measure.Method method : measure.methods(sample.shape())) {
                everyLine(Lettering.distinct(method.formula()), places).ifPresent(ways::add);
            }
        }
        return ways;
    }

    /** All ways with lines rounded to some range of places, those with fewer places first, in every usual order of the operations. */
    List<Rounded> all(Measure measure, int from, int to) {
        return ofOrders(
                measure.methods(sample.shape()).stream()
                        .flatMap(method -> orders(Lettering.distinct(method.formula())).stream())
                        .toList(),
                from,
                to);
    }

    /** The same of formulas as they are written. */
    List<Rounded> ofFormulas(List<Formula.Named> formulas, int from, int to) {
        return ofOrders(formulas.stream().map(Lettering::distinct).toList(), from, to);
    }

    private List<Rounded> ofOrders(List<Formula.Named> orders, int from, int to) {
        List<Rounded> ways = new ArrayList<>();
        if (sample.rows() > MOST_ROWS) {
            return ways;
        }
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

    private Optional<Rounded> everyLine(Formula.Named formula, int places) {
        LineRounding rounding = LineRounding.to(places, halves);
        Evaluation rounded = exact.rounded(rounding);
        double about = Estimate.of(rounded).value(formula.body());
        Way way = Way.of(
                        about,
                        () -> rounded.outcome(formula.body()).single(),
                        Optional.of(() -> formula),
                        Optional.empty())
                .withLines(rounding);
        return Double.isFinite(about) ? Optional.of(new Rounded(places, Optional.empty(), way)) : Optional.empty();
    }

    /** The figures that the last line puts in, each found exactly and then rounded: x̄ and s in s/x̄. */
    private Optional<Rounded> everyFigure(Formula.Named formula, int places) {
        Map<String, Formula.Named> lines = new LinkedHashMap<>();
        formula.visit(node -> node.parts().forEach(part -> {
            if (part instanceof Formula.Named line && !line.symbol().counts() && lastLine(formula, line)) {
                lines.put(line.symbol().id(), line);
            }
        }));
        return given(formula, lines, places, Optional.empty());
    }

    /** With some lines found exactly and then rounded. */
    private Optional<Rounded> given(
            Formula.Named formula, Map<String, Formula.Named> lines, int places, Optional<Symbol> line) {
        LineRounding rounding = LineRounding.to(places, halves);
        Map<String, Figure> near = new LinkedHashMap<>();
        boolean same = true;
        for (Map.Entry<String, Formula.Named> one : lines.entrySet()) {
            double about = estimate.value(one.getValue());
            if (Double.isFinite(about)) {
                near.put(one.getKey(), rounding.write(Exact.from(BigDecimal.valueOf(about))));
                same &= near.get(one.getKey()).toDouble() == about;
            }
        }
        double about =
                same ? Double.NaN : estimate.value(withGiven(formula, near).body());
        if (!Double.isFinite(about)) {
            return Optional.empty();
        }
        Supplier<Formula.Named> changed = () -> {
            Map<String, Figure> written = new LinkedHashMap<>();
            lines.forEach((id, part) ->
                    exact.outcome(part).single().ifPresent(value -> written.put(id, rounding.write(value))));
            return withGiven(formula, written);
        };
        Way way = Way.of(
                about, () -> exact.outcome(changed.get().body()).single(), Optional.of(changed::get), Optional.empty());
        return Optional.of(new Rounded(places, line, way));
    }

    /** A formula with somebody's own figures on the lines of some symbols. */
    private static Formula.Named withGiven(Formula.Named formula, Map<String, Figure> figures) {
        Formula body = formula.body()
                .rewrite(node -> node instanceof Formula.Named line
                        ? Optional.ofNullable(figures.get(line.symbol().id()))
                                .map(own -> new Formula.Given(line.body(), own).named(line.symbol()))
                        : Optional.empty());
        return body.named(formula.symbol());
    }

    private static boolean lastLine(Formula node, Formula.Named line) {
        return node.parts().stream()
                .anyMatch(part -> part == line || !(part instanceof Formula.Named) && lastLine(part, line));
    }

    private void oneLine(Formula.Named formula, int places, List<Rounded> ways) {
        Map<String, Formula.Named> lines = new LinkedHashMap<>();
        formula.visit(node -> {
            if (node instanceof Formula.Named line
                    && line != formula
                    && !line.symbol().counts()) {
                lines.put(line.symbol().id(), line);
            }
        });
        lines.forEach((id, line) -> given(formula, Map.of(id, line), places, Optional.of(line.symbol()))
                .ifPresent(ways::add));
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
