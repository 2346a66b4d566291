package promedio.core.formula;

import java.util.ArrayList;
import java.util.List;

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
     * @param weighted whether the cell is multiplied by f
     * @param total the total of this column, where the formula uses it
     */
    public record Column(Formula expression, boolean weighted, List<Formula.Total> total) {
        /** Copies the totals. */
        public Column {
            total = List.copyOf(total);
        }
    }

    /** The columns of a formula; x itself is always the first. Empty when the formula has no total over the rows. */
    public static List<Column> of(Formula formula, boolean frequencies) {
        List<Formula.Total> totals = new ArrayList<>();
        formula.visit(node -> {
            if (node instanceof Formula.Total total && total.ranks().isEmpty()) {
                totals.add(total);
            }
        });
        List<Column> columns = new ArrayList<>();
        if (totals.isEmpty()) {
            return columns;
        }
        add(columns, Row.X, false, totals, !frequencies);
        for (Formula.Total total : totals) {
            if (total.each() instanceof Formula.Constant) {
                continue;
            }
            total.each().visit(part -> {
                if (part.variesByRow()) {
                    add(columns, part, false, totals, !frequencies);
                }
            });
            if (frequencies) {
                add(columns, total.each(), true, totals, true);
            }
        }
        return columns;
    }

    private static void add(
            List<Column> columns, Formula expression, boolean weighted, List<Formula.Total> totals, boolean totalled) {
        boolean known = columns.stream()
                .anyMatch(column ->
                        column.weighted() == weighted && column.expression().equals(expression));
        if (!known) {
            columns.add(new Column(
                    expression,
                    weighted,
                    totalled
                            ? totals.stream()
                                    .filter(total -> total.each().equals(expression))
                                    .toList()
                            : List.of()));
        }
    }
}
