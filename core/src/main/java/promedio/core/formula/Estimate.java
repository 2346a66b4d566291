package promedio.core.formula;

import java.util.IdentityHashMap;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;

/**
 * The value of formulas in floating point: good to some ten digits unless figures cancel, and made in a fraction of the time
 * that {@link Evaluation} takes, so that thousands of candidates can be looked through for the few worth working out.
 */
public final class Estimate {
    private final Evaluation exact;
    private final double[] values;
    private final double[] weights;
    private final IdentityHashMap<Formula, Double> known = new IdentityHashMap<>();

    private Estimate(Sample sample) {
        this.exact = Evaluation.of(sample);
        this.values = new double[sample.rows()];
        this.weights = new double[sample.rows()];
        for (int i = 0; i < values.length; i++) {
            values[i] = sample.values().toDouble(i);
            weights[i] = sample.weighted() ? sample.weights().orElseThrow().toDouble(i) : 1;
        }
    }

    /** Estimates from one sample. */
    public static Estimate of(Sample sample) {
        return new Estimate(sample);
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

    private double cell(Formula column, int row) {
        if (column instanceof Formula.Variable letter) {
            return Row.isWeight(letter) ? weights[row] : Row.isValue(letter) ? values[row] : Double.NaN;
        }
        if (!column.variesByRow()) {
            return value(column);
        }
        if (column instanceof Formula.Named named) {
            return cell(named.body(), row);
        }
        if (column instanceof Formula.GivenCells given) {
            return Optional.ofNullable(given.figures().get(row))
                    .map(Figure::toDouble)
                    .orElseGet(() -> cell(given.column(), row));
        }
        return column instanceof Formula.Operation operation
                ? apply(operation, part -> cell(operation.operands().get(part), row))
                : Double.NaN;
    }

    private static double apply(Formula.Operation node, IntToDoubleFunction operand) {
        double left = operand.applyAsDouble(0);
        return switch (node.operator()) {
            case PLUS -> left + operand.applyAsDouble(1);
            case MINUS -> left - operand.applyAsDouble(1);
            case TIMES -> left * operand.applyAsDouble(1);
            case OVER -> finite(left / operand.applyAsDouble(1));
            case POWER -> finite(power(left, operand.applyAsDouble(1)));
            case ROOT -> Math.sqrt(left);
            case ABS -> Math.abs(left);
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
            return value(node.body());
        }

        @Override
        public Double operation(Formula.Operation node) {
            return apply(node, part -> value(node.operands().get(part)));
        }

        @Override
        public Double total(Formula.Total node) {
            if (exact.sample().isOpenEnded() || node.rows() instanceof Rows.Ranks) {
                return exactly(node);
            }
            double sum = 0;
            for (int row = 0; row < values.length; row++) {
                sum += passes(node.rows(), row) ? cell(node.each(), row) : 0;
            }
            return finite(sum);
        }

        private boolean passes(Rows rows, int row) {
            return !(rows instanceof Rows.Where where)
                    || where.order().holds(Double.compare(cell(where.left(), row), cell(where.right(), row)));
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
