package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Formula.valueAt;

import java.util.List;
import java.util.Optional;
import promedio.core.course.GroupedPosition;
import promedio.core.course.MedianRule;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Median: the value in the middle of the list in order of size.
 *
 * <p><b>Definition.</b> For odd n the value at (n + 1)/2; for even n the average of the values at n/2 and n/2 + 1, or
 * the lower or upper of the two where the course reads it so.
 * <p><b>By hand.</b> 2, 3, 7, 8 gives (3 + 7)/2 = 5.
 * <p><b>Source.</b> [NIST] 1.3.5.1 in docs/sources.md.
 *
 * @param rule what is done with two middle values
 */
public record Median(MedianRule rule) implements Measure {
    private static final Symbol SYMBOL = Symbol.of("median", Notation.tilde("x"));

    /** The averaged median, which every coefficient uses. */
    static Formula.Named part(Shape shape) {
        return shape.grouped()
                ? GroupedQuantile.median(GroupedPosition.PN).formula(shape)
                : new Median(MedianRule.AVERAGED).formula(shape);
    }

    @Override
    public String key() {
        return rule == MedianRule.AVERAGED ? "median" : "median/" + rule.id();
    }

    @Override
    public Symbol symbol() {
        return SYMBOL;
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE).being(Traits.Known.USUAL);
    }

    /** The lower of the two middle ranks; for an odd n, the middle one. */
    static Exact lowerMiddle(Shape shape) {
        return shape.odd()
                ? shape.count().plus(shape.step()).half()
                : shape.count().half();
    }

    @Override
    public Formula.Named formula(Shape shape) {
        return Shared.formula(key(), shape, () -> methods(shape).get(0).formula());
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula half = Symbols.N.over(number(2));
        if (shape.odd()) {
            return Measure.only(
                    SYMBOL, valueAt(Symbols.N.plus(number(shape.step())).over(number(2))));
        }
        Formula lower = valueAt(half);
        Formula upper = valueAt(half.plus(number(shape.step())));
        return Measure.only(
                SYMBOL,
                switch (rule) {
                    case AVERAGED -> lower.plus(upper).over(number(2));
                    case LOWER -> lower;
                    case UPPER -> upper;
                });
    }

    @Override
    public Optional<Sentence> because(Shape shape) {
        if (shape.relative()) {
            return Optional.empty();
        }
        return Optional.of(Sentence.of(shape.odd() ? "because.median-odd" : "because.median-even", shape.count()));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        Shape shape = sample.shape();
        Exact rank = lowerMiddle(shape);
        Exact lower = sample.ranking().at(rank);
        if (shape.relative()) {
            return Sentence.of("note.median.relative");
        }
        if (shape.odd()) {
            return Sentence.of("note.median.odd", Ordinal.of(rank), sample.count());
        }
        Exact upper = sample.ranking().at(rank.plus(shape.step()));
        return Sentence.of(
                "note.median." + rule.id(), Ordinal.of(rank), Ordinal.of(rank.plus(Exact.ONE)), lower, upper);
    }
}
