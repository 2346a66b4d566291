package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.distribution.Curve;
import promedio.core.distribution.Side;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * The test of no correlation: Student's t, its degrees of freedom, and how often a t as far from 0 comes by chance.
 *
 * <p><b>Definition.</b> t = r·√((n − 2)/(1 − r²)) with n − 2 degrees of freedom; p = P(|T| ≥ |t|), on both sides.
 * <p><b>By hand.</b> r = 0.6 of 18 pairs gives t = 0.6·√(16/0.64) = 3 with 16 degrees of freedom.
 * <p><b>Undefined</b> for fewer than three pairs, for pairs on a line, and where all x or all y are equal.
 * <p><b>Source.</b> Student: Probable Error of a Correlation Coefficient, Biometrika 6 (1908).
 *
 * @param what which of the three
 */
public record TestOfCorrelation(What what) implements OfPairs {
    /** What there is of it. */
    public enum What {
        /** t. */
        T("t"),
        /** n − 2. */
        FREEDOM("degrees-of-freedom"),
        /** p. */
        P("p");

        private final String key;

        What(String key) {
            this.key = key;
        }
    }

    private static final Formula.Named FREEDOM = Symbols.N
            .minus(number(2))
            .named(Symbol.counting("degrees-of-freedom", Notation.letter("ν", "\\nu ", "nu")));
    private static final Formula.Named T = Correlation.PART
            .times(FREEDOM.over(number(1).minus(Correlation.PART.squared())).root())
            .named(Symbol.of("t", Notation.letter("t")));

    @Override
    public String key() {
        return what.key;
    }

    private Formula.Named part() {
        return switch (what) {
            case T -> T;
            case FREEDOM -> FREEDOM;
            case P ->
                new Formula.Tail(Curve.T, Side.BOTH, List.of(T, FREEDOM)).named(Symbol.of("p", Notation.letter("p")));
        };
    }

    @Override
    public Symbol symbol() {
        return part().symbol();
    }

    @Override
    public Traits traits() {
        Traits traits = Traits.of(Group.TEST).in(Dimension.NONE).from("STUDENT");
        return what == What.FREEDOM
                ? traits.needing(PairParts.THREE)
                : traits.needing(PairParts.THREE, PairParts.UNEQUAL_X, PairParts.UNEQUAL_Y, PairParts.SCATTERED);
    }

    @Override
    public List<Method> methods(Shape shape) {
        return List.of(new Method("definition", part()));
    }
}
