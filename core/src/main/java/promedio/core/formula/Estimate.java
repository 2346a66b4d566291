package promedio.core.formula;

import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.function.IntToDoubleFunction;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;

/**
 * The value of formulas in floating point: good to some ten digits unless figures cancel, and made in a fraction of the time
 * that {@link Evaluation} takes, so that thousands of candidates can be looked through for the few worth working out.
 */
public final class Estimate {
    private final Evaluation exact;
    private final LineRounding rounding;
    private final double[] values;
    private final double[] weights;
    private final IdentityHashMap<Formula, Double> known = new IdentityHashMap<>();

    private Estimate(Evaluation exact) {
        this.exact = exact;
        this.rounding = exact.rounding();
        Sample sample = exact.sample();
        this.values = new double[sample.rows()];
        this.weights = new double[sample.rows()];
        for (int i = 0; i < values.length; i++) {
            values[i] = sample.values().toDouble(i);
            weights[i] = sample.weighted() ? sample.weights().orElseThrow().toDouble(i) : 1;
        }
    }

    /** Estimates from the sample of an evaluation and with its rounding; it finds what is found by position. */
    public static Estimate of(Evaluation exact) {
        return new Estimate(exact);
    }

    /** About what a formula comes to; not a number where it has no value, or more than one. */
    public double value(Formula formula) {
        Double before = known.get(formula);
        if (before == null) {
            before = formula.fold(new Value());
            known.put(formula, before);
        }
        return before;
    }

    /** What is found by position or rank is found exactly: next to a boundary a hair decides. */
    private double exactly(Formula formula) {
        return exact.outcome(formula).single().map(Figure::toDouble).orElse(Double.NaN);
    }

    /** The cells of a column by row; what does not vary is worked out once. */
    private IntToDoubleFunction cells(Formula column) {
        if (column instanceof Formula.Variable letter) {
            return Row.isWeight(letter)
                    ? row -> weights[row]
                    : Row.isValue(letter)
                            ? row -> values[row]
                            : row -> exact.cell(letter, row)
                                    .map(Figure::toDouble)
                                    .orElse(Double.NaN);
        }
        if (!column.variesByRow()) {
            double constant = value(column);
            return row -> constant;
        }
        if (column instanceof Formula.Named named) {
            return cells(named.body());
        }
        if (column instanceof Formula.GivenCells given) {
            IntToDoubleFunction ours = cells(given.column());
            return row -> Optional.ofNullable(given.figures().get(row))
                    .map(Figure::toDouble)
                    .orElseGet(() -> ours.applyAsDouble(row));
        }
        if (column instanceof Formula.Operation operation) {
            IntToDoubleFunction left = cells(operation.operands().get(0));
            IntToDoubleFunction right = operation.operands().size() == 1
                    ? left
                    : cells(operation.operands().get(1));
            IntToDoubleFunction cells = cells(operation.operator(), left, right);
            return rounding.isExact() || Patterns.isData(column)
                    ? cells
                    : row -> rounding.write(cells.applyAsDouble(row));
        }
        return row -> Double.NaN;
    }

    private static IntToDoubleFunction cells(Operator operator, IntToDoubleFunction left, IntToDoubleFunction right) {
        return switch (operator) {
            case PLUS -> row -> left.applyAsDouble(row) + right.applyAsDouble(row);
            case MINUS -> row -> left.applyAsDouble(row) - right.applyAsDouble(row);
            case TIMES -> row -> left.applyAsDouble(row) * right.applyAsDouble(row);
            case OVER -> row -> finite(left.applyAsDouble(row) / right.applyAsDouble(row));
            case POWER -> row -> finite(power(left.applyAsDouble(row), right.applyAsDouble(row)));
            case ROOT -> row -> Math.sqrt(left.applyAsDouble(row));
            case ABS -> row -> Math.abs(left.applyAsDouble(row));
        };
    }

    private static double power(double base, double exponent) {
        return exponent == 2 ? base * base : Math.pow(base, exponent);
    }

    /** A division by zero has no value. */
    private static double finite(double quotient) {
        return Double.isInfinite(quotient) ? Double.NaN : quotient;
    }

    private final class Value implements Cases<Double> {
        @Override
        public Double constant(Formula.Constant node) {
            return node.value().toDouble();
        }

        @Override
        public Double variable(Formula.Variable node) {
            return Double.NaN;
        }

        @Override
        public Double count(Formula.Count node) {
            return exactly(node);
        }

        @Override
        public Double named(Formula.Named node) {
            double figure = value(node.body());
            return node.symbol().counts() ? figure : rounding.write(figure);
        }

        @Override
        public Double operation(Formula.Operation node) {
            double left = value(node.operands().get(0));
            double right =
                    node.operands().size() == 1 ? left : value(node.operands().get(1));
            return cells(node.operator(), row -> left, row -> right).applyAsDouble(0);
        }

        @Override
        public Double total(Formula.Total node) {
            if (exact.sample().isOpenEnded() || node.rows() instanceof Rows.Ranks) {
                return exactly(node);
            }
            IntPredicate test = test(node.rows());
            IntToDoubleFunction cells = cells(node.each());
            double sum = 0;
            for (int row = 0; row < values.length; row++) {
                sum += test.test(row) ? cells.applyAsDouble(row) : 0;
            }
            return Patterns.isData(node.each()) ? finite(sum) : rounding.write(finite(sum));
        }

        private IntPredicate test(Rows rows) {
            if (!(rows instanceof Rows.Where where)) {
                return row -> true;
            }
            IntToDoubleFunction left = cells(where.left());
            IntToDoubleFunction right = cells(where.right());
            return row -> where.order().holds(Double.compare(left.applyAsDouble(row), right.applyAsDouble(row)));
        }

        @Override
        public Double given(Formula.Given node) {
            return node.figure().toDouble();
        }

        @Override
        public Double givenCells(Formula.GivenCells node) {
            return Double.NaN;
        }

        @Override
        public Double pick(Formula.Pick node) {
            return exactly(node);
        }

        @Override
        public Double commonest(Formula.Commonest node) {
            return exactly(node);
        }

        @Override
        public Double rootOfProduct(Formula.RootOfProduct node) {
            return exactly(node);
        }

        @Override
        public Double series(Formula.Series node) {
            return node.members().size() == 1 ? value(node.members().get(0)) : Double.NaN;
        }

        @Override
        public Double tail(Formula.Tail node) {
            double[] of = node.of().stream().mapToDouble(Estimate.this::value).toArray();
            double[] parameters = Arrays.copyOfRange(of, 1, of.length);
            return node.curve()
                    .of(parameters)
                    .map(curve -> node.side().share(curve, of[0]))
                    .orElse(Double.NaN);
        }

        @Override
        public Double cut(Formula.Cut node) {
            double[] of = node.of().stream().mapToDouble(Estimate.this::value).toArray();
            return of[0] > 0 && of[0] < 1
                    ? node.curve()
                            .of(Arrays.copyOfRange(of, 1, of.length))
                            .map(curve -> curve.cutting(of[0]).orElse(Double.NaN))
                            .orElse(Double.NaN)
                    : Double.NaN;
        }

        @Override
        public Double beyond(Formula.Beyond node) {
            return Double.NaN;
        }

        @Override
        public Double found(Formula.Found node) {
            return exactly(node);
        }

        @Override
        public Double reading(Formula.Reading node) {
            return exactly(node);
        }
    }
}
