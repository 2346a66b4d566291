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
 * Pearson's coefficient of correlation, r: how close pairs lie to a straight line, from −1 to 1; or its square.
 *
 * <p><b>Definition.</b> r = Sxy / √(Sxx·Syy).
 * <p><b>By totals.</b> (nΣxy − ΣxΣy) / √((nΣx² − (Σx)²)(nΣy² − (Σy)²)); the same of x − A and y − B.
 * <p><b>By hand.</b> The pairs (1; 2), (2; 3), (3; 5) have r = 3/√(2·14/3) = 0.98.
 * <p><b>Undefined</b> where all x or all y are equal.
 * <p><b>Source.</b> [YULE] in docs/sources.md.
 *
 * @param squared whether it is r², the coefficient of determination
 */
public record Correlation(boolean squared) implements OfPairs {
    private static final Symbol R = Symbol.of("correlation-pearson", Notation.letter("r"));

    /** r as a part of other formulas. */
    static final Formula.Named PART = quotient(PairParts.byDefinition()).named(R);

    private static Formula quotient(PairParts.Products products) {
        return products.xy().over(products.xx().times(products.yy()).root());
    }

    @Override
    public String key() {
        return squared ? "determination" : "correlation-pearson";
    }

    @Override
    public Symbol symbol() {
        return squared ? Symbol.of("determination", Notation.letter("r").raisedTo(2)) : R;
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.TOGETHER)
                .in(Dimension.NONE)
                .needing(PairParts.UNEQUAL_X, PairParts.UNEQUAL_Y)
                .from("YULE")
                .being(Traits.Known.USUAL, !squared);
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Stream.of(PairParts.byDefinition(), PairParts.byTotals(), PairParts.aboutAssumedMeans(shape))
                .map(products -> new Method(products.id(), by(products)))
                .toList();
    }

    private Formula.Named by(PairParts.Products products) {
        Formula.Named r = quotient(products).named(R);
        return squared ? r.squared().named(symbol()) : r;
    }

    @Override
    public Sentence meaning(Outcome outcome, String shown, Exact count) {
        return squared ? Sentence.of("meaning.pairs.determination", shown) : bySign(outcome, shown);
    }
}
