package promedio.core.measure;

import java.util.List;
import java.util.stream.Stream;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * What a line of least squares is given by: of y on x, ŷ = a + bx, or of x on y, x̂ = a′ + b′y.
 *
 * <p><b>Definition.</b> b = Sxy/Sxx and a = ȳ − b·x̄; b′ = Sxy/Syy and a′ = x̄ − b′·ȳ.
 * <p><b>By totals.</b> b = (nΣxy − ΣxΣy)/(nΣx² − (Σx)²); the same of x − A and y − B.
 * <p><b>By hand.</b> The pairs (1; 2), (2; 3), (3; 5) have b = 3/2 and a = 10/3 − 3 = 1/3.
 * <p><b>Undefined</b> where all values of the variable that the line goes by are equal.
 * <p><b>Source.</b> [NIST] 4.1.4.1 in docs/sources.md.
 *
 * @param slope whether it is the slope, else the intercept
 * @param ofX whether it is the line of x on y
 */
public record RegressionLine(boolean slope, boolean ofX) implements OfPairs {
    private static final Symbol SLOPE = Symbol.of("slope", Notation.letter("b"));
    private static final Symbol INTERCEPT = Symbol.of("intercept", Notation.letter("a"));
    private static final Symbol SLOPE_OF_X = Symbol.of("slope/x-on-y", Notation.letter("b′", "b'", "b prime"));
    private static final Symbol INTERCEPT_OF_X = Symbol.of("intercept/x-on-y", Notation.letter("a′", "a'", "a prime"));

    /** b of y on x as a part of other formulas. */
    static final Formula.Named SLOPE_PART = PairParts.SXY.over(PairParts.SXX).named(SLOPE);

    /** a of y on x as a part of other formulas. */
    static final Formula.Named INTERCEPT_PART =
            PairParts.MEAN_OF_Y.minus(SLOPE_PART.times(PairParts.MEAN_OF_X)).named(INTERCEPT);

    @Override
    public String key() {
        return (slope ? "slope" : "intercept") + (ofX ? "/x-on-y" : "");
    }

    @Override
    public Symbol symbol() {
        return slope ? (ofX ? SLOPE_OF_X : SLOPE) : (ofX ? INTERCEPT_OF_X : INTERCEPT);
    }

    @Override
    public Traits traits() {
        Dimension dimension =
                slope ? (ofX ? Dimension.PER_SECOND : Dimension.PER_FIRST) : (ofX ? Dimension.UNIT : Dimension.SECOND);
        return Traits.of(Group.LINE)
                .in(dimension)
                .needing(ofX ? PairParts.UNEQUAL_Y : PairParts.UNEQUAL_X)
                .being(Traits.Known.USUAL, !ofX);
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Stream.of(PairParts.byDefinition(), PairParts.byTotals(), PairParts.aboutAssumedMeans(shape))
                .map(products -> new Method(products.id(), by(products)))
                .toList();
    }

    @Override
    public Formula.Named formula(Shape shape) {
        return by(PairParts.byDefinition());
    }

    private Formula.Named by(PairParts.Products products) {
        Formula.Named b =
                products.xy().over(ofX ? products.yy() : products.xx()).named(ofX ? SLOPE_OF_X : SLOPE);
        if (slope) {
            return b;
        }
        Formula own = ofX ? PairParts.MEAN_OF_X : PairParts.MEAN_OF_Y;
        Formula other = ofX ? PairParts.MEAN_OF_Y : PairParts.MEAN_OF_X;
        return own.minus(b.times(other)).named(symbol());
    }

    @Override
    public Sentence meaning(Outcome outcome, String shown, Exact count) {
        return slope ? bySign(outcome, shown) : Sentence.of("meaning.pairs." + key(), shown);
    }
}
