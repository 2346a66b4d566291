package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.course.Divisor;
import promedio.core.formula.Formula;
import promedio.core.formula.Symbol;
import promedio.core.measure.Measure.Dimension;
import promedio.core.measure.Measure.Group;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/**
 * A count and totals in place of the values: mean and spread follow, and the totals from mean and spread.
 *
 * <p><b>By hand.</b> n = 5, Σx = 40 and Σx² = 350 give x̄ = 8 and σ² = 350/5 − 8² = 6.
 * <p><b>Source.</b> Common practice.
 */
final class GivenTotals {
    private static final SampleKind KIND = SampleKind.TOTALS;
    private static final Formula ZERO = number(0);

    private final Givens givens;
    private final GivenBase base;
    private final Optional<Sentence> conflict;

    private GivenTotals(Givens givens) {
        this.givens = givens;
        this.base = new GivenBase(givens, "", "");
        this.conflict = base.conflict();
    }

    static List<Entry> of(Givens givens) {
        return new GivenTotals(givens).entries();
    }

    private List<Entry> entries() {
        List<Entry> entries = new ArrayList<>();
        entries.add(Entry.one(mean()));
        entries.add(Entry.one(total("sum", GivenLetters.sum(""), Dimension.UNIT, base.sum())));
        entries.add(Entry.one(total("sum-squares", GivenLetters.squares(""), Dimension.SQUARED, base.squares())));
        entries.add(Entry.one(rootMeanSquare()));
        entries.addAll(spread().entries(List.of(Divisor.SAMPLE, Divisor.POPULATION), this::assumed));
        entries.add(Entry.one(standardError()));
        return entries;
    }

    private GivenMeasure mean() {
        GivenResult result = GivenResult.of(KIND, "mean", GivenLetters.mean(""));
        missing(base.mean().isPresent(), GivenName.COUNT, GivenName.SUM).ifPresent(result::without);
        if (base.count().isPresent()) {
            Formula n = base.count().get();
            if (givens.has(GivenName.SUM)) {
                result.by("direct", base.sum().orElseThrow().over(n));
            }
            if (base.assumed().isPresent() && base.deviations().isPresent()) {
                Formula step = base.deviations().get().over(n);
                result.by("assumed-mean", base.assumed().get().plus(step)).slip("assumed-mean-not-added", step);
            }
        }
        givens.figure(GivenName.MEAN).ifPresent(said -> result.by("given", number(said)));
        return result.made();
    }

    private GivenMeasure total(String key, Symbol symbol, Dimension dimension, Optional<Formula.Named> found) {
        GivenResult result = GivenResult.of(KIND, key, symbol).in(Group.CENTRE, dimension);
        boolean squares = dimension == Dimension.SQUARED;
        missing(found.isPresent(), GivenName.COUNT, squares ? GivenName.SUM_SQUARES : GivenName.SUM)
                .ifPresent(result::without);
        found.ifPresent(formula -> result.as(formula.body()));
        return result.made();
    }

    private GivenMeasure rootMeanSquare() {
        GivenResult result = GivenResult.of(KIND, "root-mean-square", new RootMeanSquare().symbol())
                .besides();
        missing(base.squares().isPresent() && base.count().isPresent(), GivenName.COUNT, GivenName.SUM_SQUARES)
                .ifPresent(result::without);
        base.squares().ifPresent(squares -> base.count()
                .ifPresent(n -> result.as(squares.over(n).root())));
        return result.made();
    }

    private GivenMeasure standardError() {
        GivenResult result = GivenResult.of(KIND, "standard-error", new StandardError().symbol())
                .in(Group.SPREAD, Dimension.UNIT)
                .besides();
        noSpread().ifPresent(result::without);
        return result.as(spread().sd(Divisor.SAMPLE).over(orZero(base.count()).root()))
                .made();
    }

    private GivenSpread spread() {
        return new GivenSpread(
                KIND,
                orZero(base.count()),
                orZero(base.sum()),
                orZero(base.squares()),
                orZero(base.mean()),
                noSpread());
    }

    private static Formula orZero(Optional<Formula.Named> found) {
        return found.<Formula>map(formula -> formula).orElse(ZERO);
    }

    private Optional<Sentence> noSpread() {
        boolean there = base.count().isPresent()
                && base.sum().isPresent()
                && base.squares().isPresent();
        GivenName without = base.count().isPresent() && base.sum().isEmpty() ? GivenName.SUM : GivenName.SUM_SQUARES;
        return missing(there, GivenName.COUNT, without);
    }

    /** About A: (Σd² − (Σd)²/n)/(n − 1), or Σd²/n − (Σd/n)². */
    private GivenResult assumed(GivenResult result, Divisor divisor, boolean root) {
        if (base.count().isPresent()
                && base.deviations().isPresent()
                && base.deviationsSquared().isPresent()) {
            Formula n = base.count().get();
            Formula d = base.deviations().get();
            Formula dd = base.deviationsSquared().get();
            Formula square = divisor == Divisor.POPULATION
                    ? dd.over(n).minus(d.over(n).squared())
                    : dd.minus(d.squared().over(n)).over(n.minus(number(1)));
            result.by("assumed-mean", root ? square.root() : square);
        }
        return result;
    }

    /** Why something is not found: what disagrees, or which of two names is not given. */
    private Optional<Sentence> missing(boolean there, GivenName first, GivenName second) {
        if (conflict.isPresent()) {
            return conflict;
        }
        GivenName name = givens.has(first) ? second : first;
        return there ? Optional.empty() : Optional.of(Sentence.of("given.missing", name.id()));
    }
}
