package promedio.core.formula;

import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sentence.Sentence;

/** Operators on figures, and why there is no result where there is none. */
final class Operating {
    /** Powers beyond this are no statistics, and too long to be written down. */
    private static final Exact MOST_POWER = Exact.of(1_000);

    private Operating() {}

    /** The operator on its operands; one with a single operand does not look at the right one. */
    static Figure on(Formula.Operation node, Figure left, Figure right) {
        return switch (node.operator()) {
            case PLUS -> left.plus(right);
            case MINUS -> left.minus(right);
            case TIMES -> left.times(right);
            case OVER -> divided(node, left, right);
            case POWER -> raised(node, left, right);
            case ROOT -> rooted(left);
            case ABS -> left.abs();
        };
    }

    private static Figure divided(Formula.Operation node, Figure left, Figure divisor) {
        if (divisor.signum() == 0) {
            throw noDivisor(node, 1);
        }
        try {
            return left.over(divisor);
        } catch (ArithmeticException mayBeZero) {
            throw noDivisor(node, 1);
        }
    }

    private static NoValue noDivisor(Formula.Operation node, int operand) {
        return new NoValue(Sentence.of(
                "undefined.divisor-zero", Writer.plain(node.operands().get(operand))));
    }

    private static Figure rooted(Figure square) {
        try {
            return square.root();
        } catch (ArithmeticException negative) {
            throw new NoValue(Sentence.of("undefined.negative-root"));
        }
    }

    private static Figure raised(Formula.Operation node, Figure base, Figure exponent) {
        if (!(exponent instanceof Exact power)
                || !power.isWhole()
                || power.abs().compareTo(MOST_POWER) > 0) {
            throw new NoValue(Sentence.of("undefined.power"));
        }
        if (power.signum() < 0 && base.signum() == 0) {
            throw noDivisor(node, 0);
        }
        try {
            return base.power(power.numerator().intValueExact());
        } catch (ArithmeticException mayBeZero) {
            throw noDivisor(node, 0);
        }
    }
}
