package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Row.X;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Rows;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Trimmed mean: the mean of what is left when ⌊pn⌋ values are dropped from each end of the sorted list.
 *
 * <p><b>By hand.</b> Of ten values with p = 0.10, the smallest and the largest are dropped and eight are averaged.
 * <p><b>Source.</b> [NIST] 1.3.5.1 in docs/sources.md.
 *
 * @param share p, the share dropped from each end, below one half
 */
public record TrimmedMean(Exact share) implements Measure {
    @Override
    public String key() {
        return "trimmed-mean/" + share.toPlaces(2, promedio.core.number.HalfRule.HALF_UP);
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("trimmed-mean", Symbols.indexed(Notation.bar("x"), "trim"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE).needing(Need.COUNTS);
    }

    @Override
    public List<Method> methods(Shape shape) {
        Exact dropped = dropped(shape.count());
        Formula kept = Formula.total(
                X, new Rows.Ranks(dropped.plus(Exact.ONE), shape.count().minus(dropped)));
        return Measure.only(symbol(), kept.over(Symbols.N.minus(number(dropped.times(2)))));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.trimmed-mean", dropped(sample.count()));
    }

    private Exact dropped(Exact count) {
        return Exact.of(count.times(share).floor());
    }
}
