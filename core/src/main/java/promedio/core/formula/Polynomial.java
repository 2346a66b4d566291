package promedio.core.formula;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.number.Exact;
import promedio.core.number.Figure;

/**
 * A row expression as a polynomial in x of degree 4 at most, so that its total follows from the power sums:
 * Σ(x − x̄)² = Σx² − 2x̄·Σx + n·x̄².
 */
final class Polynomial {
    private static final int HIGHEST = 4;

    private final List<Exact> coefficients;

    private Polynomial(List<Exact> coefficients) {
        this.coefficients = coefficients;
    }

    /** The coefficient of each power, from the constant up. */
    List<Exact> coefficients() {
        return coefficients;
    }

    /** Reads a row expression; empty when it is no such polynomial with ratios as coefficients. */
    static Optional<Polynomial> of(Formula each, Function<Formula, Figure> constants) {
        if (!each.variesByRow()) {
            return constants.apply(each) instanceof Exact value
                    ? Optional.of(new Polynomial(List.of(value)))
                    : Optional.empty();
        }
        if (Row.isValue(each)) {
            return Optional.of(new Polynomial(List.of(Exact.ZERO, Exact.ONE)));
        }
        if (each instanceof Formula.Named named) {
            return of(named.body(), constants);
        }
        return each instanceof Formula.Operation operation ? ofOperation(operation, constants) : Optional.empty();
    }

    private static Optional<Polynomial> ofOperation(Formula.Operation node, Function<Formula, Figure> constants) {
        List<Formula> operands = node.operands();
        Optional<Polynomial> left = of(operands.get(0), constants);
        if (left.isEmpty()) {
            return left;
        }
        return switch (node.operator()) {
            case PLUS -> of(operands.get(1), constants).map(right -> left.get().plus(right, Exact.ONE));
            case MINUS -> of(operands.get(1), constants).map(right -> left.get().plus(right, Exact.of(-1)));
            case TIMES ->
                of(operands.get(1), constants).flatMap(right -> left.get().times(right));
            case OVER ->
                of(operands.get(1), constants)
                        .filter(right ->
                                right.isConstant() && right.coefficients.get(0).signum() != 0)
                        .flatMap(right ->
                                left.get().times(new Polynomial(List.of(Exact.ONE.over(right.coefficients.get(0))))));
            case POWER ->
                operands.get(1) instanceof Formula.Constant exponent
                        ? left.get().power(exponent.value())
                        : Optional.empty();
            case ROOT, ABS -> Optional.empty();
        };
    }

    private boolean isConstant() {
        return coefficients.size() == 1;
    }

    private Polynomial plus(Polynomial other, Exact factor) {
        List<Exact> sum = new ArrayList<>();
        for (int k = 0; k < Math.max(coefficients.size(), other.coefficients.size()); k++) {
            sum.add(coefficient(k).plus(other.coefficient(k).times(factor)));
        }
        return new Polynomial(sum);
    }

    private Optional<Polynomial> times(Polynomial other) {
        int degree = coefficients.size() + other.coefficients.size() - 2;
        if (degree > HIGHEST) {
            return Optional.empty();
        }
        List<Exact> product = new ArrayList<>();
        for (int k = 0; k <= degree; k++) {
            Exact sum = Exact.ZERO;
            for (int i = 0; i <= k; i++) {
                sum = sum.plus(coefficient(i).times(other.coefficient(k - i)));
            }
            product.add(sum);
        }
        return Optional.of(new Polynomial(product));
    }

    private Optional<Polynomial> power(Exact exponent) {
        Optional<Polynomial> power = Optional.of(new Polynomial(List.of(Exact.ONE)));
        if (!exponent.isWhole() || exponent.signum() < 0 || exponent.compareTo(Exact.of(HIGHEST)) > 0) {
            return Optional.empty();
        }
        for (int i = 0; i < exponent.numerator().intValue(); i++) {
            power = power.flatMap(so -> so.times(this));
        }
        return power;
    }

    private Exact coefficient(int k) {
        return k < coefficients.size() ? coefficients.get(k) : Exact.ZERO;
    }
}
