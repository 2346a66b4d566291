package promedio.core.formula;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import promedio.core.sample.Letter;

/**
 * The columns of a working table: each distinct row expression inside a Σ, and what leads up to it, in the order in which
 * one would write them.
 */
public final class Columns {
    private Columns() {}

    /**
     * A column.
     *
     * @param expression the row expression; cells are {@link Evaluation#cell}
     * @param totals the totals of this column, where the formula uses them
     */
    public record Column(Formula expression, List<Formula.Total> totals) {
        /** Copies the totals. */
        public Column {
            totals = List.copyOf(totals);
        }
    }

    /**
     * The columns of a formula; x itself is always the first, then the other letters of rows, then what is worked out of them. Empty when the formula has no total over all rows.
     *
     * @param frequencies whether rows have frequencies; otherwise f is 1, and f·e no other column than e
     */
    public static List<Column> of(Formula formula, boolean frequencies) {
        List<Formula.Total> totals = new ArrayList<>();
        formula.visit(node -> {
            if (node instanceof Formula.Total total && total.rows() instanceof Rows.All) {
                totals.add(total);
            }
        });
        List<Column> columns = new ArrayList<>();
        if (totals.isEmpty()) {
            return columns;
        }
        Set<Letter> letters = EnumSet.of(Letter.X);
        totals.forEach(total -> total.each().visit(part -> {
            if (part instanceof Formula.Variable variable) {
                letters.add(variable.letter().column());
            }
        }));
        letters.forEach(letter -> add(columns, new Formula.Variable(letter), totals, frequencies));
        for (Formula.Total total : totals) {
            total.each().visit(part -> {
                if (part.variesByRow() && (frequencies || Patterns.counted(part).isEmpty())) {
                    add(columns, part, totals, frequencies);
                }
            });
        }
        return columns;
    }

    private static void add(List<Column> columns, Formula expression, List<Formula.Total> totals, boolean frequencies) {
        if (!Row.isWeight(expression)
                && columns.stream().noneMatch(column -> column.expression().equals(expression))) {
            columns.add(new Column(
                    expression,
                    totals.stream()
                            .filter(total -> written(total.each(), frequencies).equals(expression))
                            .toList()));
        }
    }

    /** What is written of a row expression: e for f·e where there are no frequencies. */
    private static Formula written(Formula each, boolean frequencies) {
        return frequencies ? each : Patterns.counted(each).orElse(each);
    }
}
