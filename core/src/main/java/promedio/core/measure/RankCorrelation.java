package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.RANK_OF_X;
import static promedio.core.formula.Row.RANK_OF_Y;

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
 * Spearman's coefficient of rank correlation: how well y rises with x, whatever the shape of the curve.
 *
 * <p><b>Definition.</b> Pearson's coefficient of the ranks, equal values sharing the mean of their ranks.
 * <p><b>By the formula.</b> 1 − 6Σd²/(n³ − n), d the difference of a row's ranks: the same without ties, and about the same with few.
 * <p><b>Corrected for ties.</b> 1 − 6(Σd² + Σ(m³ − m)/12)/(n³ − n), m the sizes of ties in x and in y.
 * <p><b>By hand.</b> The pairs (1; 2), (2; 3), (3; 5) have equal ranks: Σd² = 0, and the coefficient is 1.
 * <p><b>Undefined</b> where all x or all y are equal.
 * <p><b>Source.</b> C. Spearman: The Proof and Measurement of Association between Two Things, American Journal of Psychology 15 (1904).
 *
 * @param by which of the three
 */
public record RankCorrelation(By by) implements OfPairs {
    /** How it is found. */
    public enum By {
        /** Pearson's coefficient of the ranks. */
        RANKS("correlation-spearman", ""),
        /** The short formula. */
        FORMULA("correlation-spearman-formula", "formula"),
        /** The formula with the correction for ties. */
        CORRECTED("correlation-spearman-corrected", "ties");

        private final String key;
        private final String index;

        By(String key, String index) {
            this.key = key;
            this.index = index;
        }
    }

    @Override
    public String key() {
        return by.key;
    }

    @Override
    public Symbol symbol() {
        Notation rho = Symbols.greek("ρ", "\\rho ", "rho");
        return Symbol.of(by.key, by.index.isEmpty() ? rho : new Notation.Lowered(rho, Notation.word(by.index)));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.TOGETHER)
                .in(Dimension.NONE)
                .needing(PairParts.UNEQUAL_X, PairParts.UNEQUAL_Y)
                .from("SPEARMAN")
                .being(Traits.Known.USUAL, by == By.RANKS);
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(symbol(), by == By.RANKS ? ofRanks() : ofDifferences());
    }

    private static Formula ofRanks() {
        Formula dx = RANK_OF_X.minus(PairParts.meanRank());
        Formula dy = RANK_OF_Y.minus(PairParts.meanRank());
        return total(dx.times(dy))
                .over(total(dx.squared()).times(total(dy.squared())).root());
    }

    private Formula ofDifferences() {
        Formula squares = total(PairParts.rankDifference().squared());
        Formula six = by == By.FORMULA ? squares : squares.plus(ties().over(number(12)));
        Formula below = Symbols.N.power(3).minus(Symbols.N);
        return number(1).minus(number(6).times(six).over(below));
    }

    private static Formula ties() {
        return cubes(Counted.TIE_CUBES_IN_X, "x").plus(cubes(Counted.TIE_CUBES_IN_Y, "y"));
    }

    private static Formula cubes(Counted what, String letter) {
        return new Formula.Count(what, Exact.ZERO)
                .named(Symbol.counting("tie-cubes/" + letter, Notation.indexed("M", letter)));
    }

    @Override
    public Sentence meaning(Outcome outcome, String shown, Exact count) {
        return by == By.RANKS ? bySign(outcome, shown) : Sentence.of("meaning.pairs." + key(), shown);
    }
}
