package promedio.core.formula;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Letter;
import promedio.core.sample.Powers;
import promedio.core.sample.Sample;

/**
 * A row expression as a polynomial, so that its total follows from sums that samples know ({@link Powers#isKept}): Σ(x − x̄)² = Σx² − 2x̄·Σx +
 * n·x̄².
 */
final class Polynomial {
    private static final int HIGHEST = 4;

    private final Map<Powers, Exact> terms;

    private Polynomial(Map<Powers, Exact> terms) {
        this.terms = terms;
    }

    private static Polynomial constant(Exact value) {
        return term(Powers.NONE, value);
    }

    private static Polynomial term(Powers powers, Exact coefficient) {
        Map<Powers, Exact> one = new LinkedHashMap<>();
        one.put(powers, coefficient);
        return new Polynomial(one);
    }

    /** Reads a row expression; empty when it is no such polynomial with ratios as coefficients. */
    static Optional<Polynomial> of(Formula each, Function<Formula, Figure> constants) {
        if (!each.variesByRow()) {
            return constants.apply(each) instanceof Exact value ? Optional.of(constant(value)) : Optional.empty();
        }
        if (each instanceof Formula.Variable variable) {
            Letter letter = variable.letter();
            return Powers.of(letter).isKept() ? Optional.of(term(Powers.of(letter), Exact.ONE)) : Optional.empty();
        }
        if (each instanceof Formula.Named named) {
            return of(named.body(), constants);
        }
        return each instanceof Formula.Operation operation ? ofOperation(operation, constants) : Optional.empty();
    }

    private static Optional<Polynomial> ofOperation(Formula.Operation node, Function<Formula, Figure> constants) {
        Optional<Polynomial> read = of(node.operands().get(0), constants);
        if (read.isEmpty()) {
            return read;
        }
        Polynomial left = read.get();
        return switch (node.operator()) {
            case PLUS -> of(node.operands().get(1), constants).map(right -> left.plus(right, Exact.ONE));
            case MINUS -> of(node.operands().get(1), constants).map(right -> left.plus(right, Exact.of(-1)));
            case TIMES -> of(node.operands().get(1), constants).flatMap(left::times);
            case OVER ->
                of(node.operands().get(1), constants)
                        .filter(right -> right.isConstant() && right.constant().signum() != 0)
                        .flatMap(right -> left.times(constant(Exact.ONE.over(right.constant()))));
            case POWER ->
                node.operands().get(1) instanceof Formula.Constant exponent
                        ? left.power(exponent.value())
                        : Optional.empty();
            case ROOT, ABS -> Optional.empty();
        };
    }

    /** Its total over the rows of a sample, each as often as its frequency says. @throws NoValue for y where there are no pairs */
    Exact total(Sample sample) {
        Exact sum = Exact.ZERO;
        for (Map.Entry<Powers, Exact> term : terms.entrySet()) {
            if (term.getValue().signum() != 0) {
                sum = sum.plus(term.getValue().times(total(term.getKey(), sample)));
            }
        }
        return sum;
    }

    private static Exact total(Powers powers, Sample sample) {
        return sample.total(powers).orElseThrow(() -> NoValue.because("undefined.no-pairs"));
    }

    private boolean isConstant() {
        return terms.keySet().stream().allMatch(Powers.NONE::equals);
    }

    private Exact constant() {
        return terms.getOrDefault(Powers.NONE, Exact.ZERO);
    }

    private Polynomial plus(Polynomial other, Exact factor) {
        Map<Powers, Exact> sum = new LinkedHashMap<>(terms);
        other.terms.forEach((powers, coefficient) -> sum.merge(powers, coefficient.times(factor), Exact::plus));
        return new Polynomial(sum);
    }

    private Optional<Polynomial> times(Polynomial other) {
        Map<Powers, Exact> product = new LinkedHashMap<>();
        terms.forEach((powers, coefficient) -> other.terms.forEach(
                (more, factor) -> product.merge(powers.times(more), coefficient.times(factor), Exact::plus)));
        return product.keySet().stream().allMatch(Powers::isKept)
                ? Optional.of(new Polynomial(product))
                : Optional.empty();
    }

    private Optional<Polynomial> power(Exact exponent) {
        if (!exponent.isWhole() || exponent.signum() < 0 || exponent.compareTo(Exact.of(HIGHEST)) > 0) {
            return Optional.empty();
        }
        Optional<Polynomial> power = Optional.of(constant(Exact.ONE));
        for (int i = 0; i < exponent.numerator().intValue(); i++) {
            power = power.flatMap(so -> so.times(this));
        }
        return power;
    }
}
