package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.X;
import static promedio.core.formula.Row.Y;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Residual standard deviation: how far y typically lies from the line of y on x.
 *
 * <p><b>Definition.</b> √(Σ(y − ŷ)²/(n − 2)), ŷ = a + bx.
 * <p><b>Short-cut.</b> √((Syy − b·Sxy)/(n − 2)).
 * <p><b>By hand.</b> The pairs (1; 2), (2; 3), (3; 5) have Σ(y − ŷ)² = 14/3 − 9/2 = 1/6 and √(1/6) = 0.41.
 * <p><b>Undefined</b> for fewer than three pairs, and where all x are equal.
 * <p><b>Source.</b> [NIST] 4.1.4.1 in docs/sources.md.
 */
public record ResidualDeviation() implements OfPairs {
    @Override
    public String key() {
        return "residual-sd";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of(key(), Notation.indexed("s", "e"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.LINE).in(Dimension.SECOND).needing(PairParts.THREE, PairParts.UNEQUAL_X);
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula line = RegressionLine.INTERCEPT_PART.plus(RegressionLine.SLOPE_PART.times(X));
        Formula squares = total(Y.minus(line).squared());
        Formula shorter = PairParts.SYY.minus(RegressionLine.SLOPE_PART.times(PairParts.SXY));
        Formula below = Symbols.N.minus(number(2));
        return List.of(
                new Method("definition", squares.over(below).root().named(symbol())),
                new Method("short-cut", shorter.over(below).root().named(symbol())));
    }
}
