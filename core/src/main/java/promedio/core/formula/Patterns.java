package promedio.core.formula;

import java.util.Optional;
import promedio.core.number.Exact;

/** Shapes of formulas that something is known about, by name. */
public final class Patterns {
    private Patterns() {}

    /** e of f·e: what a row adds to a total that counts it by its frequency; empty where f is no such factor. */
    public static Optional<Formula> counted(Formula each) {
        if (Row.isWeight(each)) {
            return Optional.of(Formula.number(1));
        }
        return each instanceof Formula.Operation product
                        && product.operator() == Operator.TIMES
                        && Row.isWeight(product.operands().get(0))
                ? Optional.of(product.operands().get(1))
                : Optional.empty();
    }

    /** Whether it is what was measured, and not worked out: x, f or fx. */
    public static boolean isData(Formula each) {
        return each instanceof Formula.Variable
                || counted(each).filter(Formula.Variable.class::isInstance).isPresent();
    }

    /** Whether it is 1/x. */
    static boolean isReciprocal(Formula each) {
        return each instanceof Formula.Operation quotient
                && quotient.operator() == Operator.OVER
                && quotient.operands().get(0) instanceof Formula.Constant one
                && one.value().equals(Exact.ONE)
                && Row.isValue(quotient.operands().get(1));
    }

    /** c of x − c. */
    public static Optional<Formula> deviationFrom(Formula each) {
        return each instanceof Formula.Operation difference
                        && difference.operator() == Operator.MINUS
                        && Row.isValue(difference.operands().get(0))
                        && !difference.operands().get(1).variesByRow()
                ? Optional.of(difference.operands().get(1))
                : Optional.empty();
    }

    /** c of |x − c|. */
    static Optional<Formula> distanceFrom(Formula each) {
        return each instanceof Formula.Operation abs && abs.operator() == Operator.ABS
                ? deviationFrom(abs.operands().get(0))
                : Optional.empty();
    }

    /** Whether somewhere in it a letter of a row stands that is not the value, or a cell that is somebody's own. */
    static boolean goesByRow(Formula each) {
        return each instanceof Formula.GivenCells
                || each instanceof Formula.Variable && !Row.isValue(each)
                || !(each instanceof Formula.Total || each instanceof Formula.Pick)
                        && each.parts().stream().anyMatch(Patterns::goesByRow);
    }
}
