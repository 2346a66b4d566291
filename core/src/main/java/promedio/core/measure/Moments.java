package promedio.core.measure;

import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.X;

import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;

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
}
