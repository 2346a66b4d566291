package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Counted;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Kendall's coefficient of rank correlation, τ-b: of all pairs of rows, how many more are in the same order than in opposite ones.
 *
 * <p><b>Definition.</b> (C − D)/√((n₀ − n₁)(n₀ − n₂)) with n₀ = n(n − 1)/2 and n₁, n₂ the pairs of rows that are equal in x, in y.
 * <p><b>By hand.</b> The pairs (1; 2), (2; 3), (3; 5) have C = 3, D = 0, n₀ = 3, and τ = 1.
 * <p><b>Undefined</b> where all x or all y are equal.
 * <p><b>Source.</b> M. G. Kendall: The Treatment of Ties in Ranking Problems, Biometrika 33 (1945).
 */
public record KendallCorrelation() implements OfPairs {
    @Override
    public String key() {
        return "correlation-kendall";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of(key(), new Notation.Lowered(Symbols.greek("τ", "\\tau ", "tau"), Notation.letter("b")));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.TOGETHER)
                .in(Dimension.NONE)
                .needing(PairParts.UNEQUAL_X, PairParts.UNEQUAL_Y)
                .from("KENDALL");
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula all = Symbols.N
                .times(Symbols.N_LESS_1)
                .over(number(2))
                .named(Symbol.counting("pairs-of-rows", Notation.indexed("n", "0")));
        Formula excess = counted(Counted.CONCORDANT, "concordant", Notation.letter("C"))
                .minus(counted(Counted.DISCORDANT, "discordant", Notation.letter("D")));
        Formula inX = all.minus(counted(Counted.TIED_IN_X, "tied/x", Notation.indexed("n", "1")));
        Formula inY = all.minus(counted(Counted.TIED_IN_Y, "tied/y", Notation.indexed("n", "2")));
        return Measure.only(symbol(), excess.over(inX.times(inY).root()));
    }

    private static Formula counted(Counted what, String id, Notation letter) {
        return new Formula.Count(what, Exact.ZERO).named(Symbol.counting(id, letter));
    }

    @Override
    public Sentence meaning(Outcome outcome, String shown, Exact count) {
        return bySign(outcome, shown);
    }
}
