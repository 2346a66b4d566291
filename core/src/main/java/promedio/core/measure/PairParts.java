package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.X;
import static promedio.core.formula.Row.Y;

import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Row;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Paired;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/** What formulas of pairs are put together from. */
final class PairParts {
    /** x̄. */
    static final Formula.Named MEAN_OF_X = Mean.PART;
    /** ȳ. */
    static final Formula.Named MEAN_OF_Y = total(Y).over(Symbols.N).named(Symbol.of("mean/y", Notation.bar("y")));

    /** Sxy = Σ(x − x̄)(y − ȳ). */
    static final Formula.Named SXY =
            total(X.minus(MEAN_OF_X).times(Y.minus(MEAN_OF_Y))).named(products("xy"));
    /** Sxx = Σ(x − x̄)². */
    static final Formula.Named SXX = total(X.minus(MEAN_OF_X).squared()).named(products("xx"));
    /** Syy = Σ(y − ȳ)². */
    static final Formula.Named SYY = total(Y.minus(MEAN_OF_Y).squared()).named(products("yy"));

    /** At least three pairs: n − 2 is then no 0. */
    static final Need THREE =
            new Need(sample -> sample.count().compareTo(Exact.of(3)) >= 0, Sentence.of("need.pairs.three"));
    /** At least two pairs. */
    static final Need TWO =
            new Need(sample -> sample.count().compareTo(Exact.of(2)) >= 0, Sentence.of("need.pairs.two"));
    /** x that are not all equal. */
    static final Need UNEQUAL_X = new Need(PairParts::differs, Sentence.of("need.pairs.unequal", "x"));
    /** y that are not all equal. */
    static final Need UNEQUAL_Y = new Need(
            sample -> sample.paired().filter(pairs -> differs(pairs.second())).isPresent(),
            Sentence.of("need.pairs.unequal", "y"));
    /** Pairs that do not all lie on one line. */
    static final Need SCATTERED = new Need(PairParts::isScattered, Sentence.of("need.pairs.scattered"));

    private PairParts() {}

    private static Symbol products(String index) {
        return Symbol.of("s" + index, Notation.indexed("S", index));
    }

    private static boolean differs(Sample sample) {
        return sample.ranking().distinct().size() > 1;
    }

    /** Whether Sxy² is less than Sxx·Syy. */
    private static boolean isScattered(Sample sample) {
        Paired pairs = sample.paired().orElseThrow();
        Exact n = sample.count();
        Exact xy = n.times(pairs.sumOfProducts())
                .minus(sample.powerSum(1).times(pairs.second().powerSum(1)));
        return !xy.squared().equals(spread(sample).times(spread(pairs.second())));
    }

    private static Exact spread(Sample of) {
        return of.count().times(of.powerSum(2)).minus(of.powerSum(1).squared());
    }

    /** One way to find Sxy, Sxx and Syy. */
    record Products(String id, Formula xy, Formula xx, Formula yy) {}

    /** By definition. */
    static Products byDefinition() {
        return new Products("definition", SXY, SXX, SYY);
    }

    /** By totals, without deviations: n times as much, Sxy·n = n·Σxy − Σx·Σy. */
    static Products byTotals() {
        return timesN("totals", X, Y);
    }

    /** About assumed means A and B, the middle values. */
    static Products aboutAssumedMeans(Shape shape) {
        return timesN("assumed-mean", X.minus(Mean.assumed(shape)), Y.minus(assumedOfY(shape)));
    }

    private static Products timesN(String id, Formula x, Formula y) {
        Formula n = Symbols.N;
        return new Products(
                id,
                n.times(total(x.times(y))).minus(total(x).times(total(y))),
                n.times(total(x.squared())).minus(total(x).squared()),
                n.times(total(y.squared())).minus(total(y).squared()));
    }

    /** Sxy by totals, or about assumed means: Σxy − Σx·Σy/n. */
    static Formula shortCut(Formula x, Formula y) {
        return total(x.times(y)).minus(total(x).times(total(y)).over(Symbols.N));
    }

    /** B, the assumed mean of y: the middle value, of two the lower. */
    static Formula.Named assumedOfY(Shape shape) {
        Symbol b = Symbol.counting("assumed-mean/y", Notation.letter("B"));
        return new Formula.Pick(Y, number(Median.lowerMiddle(shape))).named(b);
    }

    /** The mean of all ranks, (n + 1)/2. */
    static Formula.Named meanRank() {
        return Symbols.N.plus(number(1)).over(number(2)).named(Symbol.counting("mean-rank", Notation.bar("R")));
    }

    /** The difference of a row’s ranks. */
    static Formula rankDifference() {
        return Row.RANK_OF_X.minus(Row.RANK_OF_Y);
    }
}
