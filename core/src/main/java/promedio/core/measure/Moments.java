package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.X;

import java.util.List;
import java.util.function.Function;
import java.util.function.IntFunction;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/** Central moments m_k = Σ(x − x̄)ᵏ/n, with divisor n whatever the course card says. */
final class Moments {
    private static final Formula.Named SECOND = moment(2);
    private static final Formula.Named THIRD = moment(3);
    private static final Formula.Named FOURTH = moment(4);

    private Moments() {}

    /** m₂, m₃ or m₄ as a part of other formulas. */
    static Formula.Named central(int k) {
        return switch (k) {
            case 2 -> SECOND;
            case 3 -> THIRD;
            case 4 -> FOURTH;
            default -> throw new IllegalArgumentException("There is no central moment " + k + " here.");
        };
    }

    private static Formula.Named moment(int k) {
        return total(X.minus(Mean.PART).power(k))
                .over(Symbols.N)
                .named(Symbol.of("moment-" + k, Notation.indexed("m", Integer.toString(k))));
    }

    /** μ′_k, a moment about the assumed mean: Σ(x − A)ᵏ/n. */
    private static Formula.Named about(int k, Shape shape) {
        Notation prime = new Notation.Lowered(
                Notation.letter("μ′", "\\mu' ", "mu prime"), Notation.numeral(Integer.toString(k)));
        return total(X.minus(Mean.assumed(shape)).power(k))
                .over(Symbols.N)
                .named(Symbol.of("moment-about-A-" + k, prime));
    }

    /**
     * m₂, m₃ or m₄ turned from moments about A: m₂ = μ′₂ − μ′₁², m₃ = μ′₃ − 3μ′₂μ′₁ + 2μ′₁³,
     * m₄ = μ′₄ − 4μ′₃μ′₁ + 6μ′₂μ′₁² − 3μ′₁⁴.
     */
    static Formula.Named turned(int k, Shape shape) {
        Formula one = about(1, shape);
        Formula two = about(2, shape);
        Formula body =
                switch (k) {
                    case 2 -> two.minus(one.squared());
                    case 3 ->
                        about(3, shape)
                                .minus(number(3).times(two).times(one))
                                .plus(number(2).times(one.power(3)));
                    case 4 ->
                        about(4, shape)
                                .minus(number(4).times(about(3, shape)).times(one))
                                .plus(number(6).times(two).times(one.squared()))
                                .minus(number(3).times(one.power(4)));
                    default -> throw new IllegalArgumentException("There is no central moment " + k + " here.");
                };
        return body.named(central(k).symbol());
    }

    /** The two hand methods of a coefficient of moments: from central moments, and from moments about A. */
    static List<Measure.Method> methods(Function<IntFunction<Formula>, Formula.Named> coefficient, Shape shape) {
        return List.of(
                new Measure.Method("definition", coefficient.apply(Moments::central)),
                new Measure.Method("moments-about-A", coefficient.apply(k -> turned(k, shape))));
    }
}
