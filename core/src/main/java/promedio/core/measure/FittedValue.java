package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * The y that the line of least squares of y on x has at some x.
 *
 * <p><b>Definition.</b> ŷ = a + b·v.
 * <p><b>By hand.</b> The pairs (1; 2), (2; 3), (3; 5) give ŷ = 1/3 + 3/2·4 = 6⅓ at 4.
 * <p><b>Undefined</b> where all x are equal.
 * <p><b>Source.</b> [NIST] 4.1.4.1 in docs/sources.md.
 *
 * @param at v, the x
 */
public record FittedValue(Exact at) implements OfPairs {
    @Override
    public String key() {
        return "fitted=" + at;
    }

    @Override
    public Sentence label() {
        return Sentence.of("measure.pairs.fitted", at.toString());
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("fitted", Notation.letter("ŷ", "\\hat{y}", "y hat"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.LINE).in(Dimension.SECOND).needing(PairParts.UNEQUAL_X);
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(symbol(), RegressionLine.INTERCEPT_PART.plus(RegressionLine.SLOPE_PART.times(number(at))));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        boolean within = at.compareTo(sample.ranking().distinct().at(0)) >= 0
                && at.compareTo(sample.ranking()
                                .distinct()
                                .at(sample.ranking().distinct().size() - 1))
                        <= 0;
        return Sentence.of(within ? "note.pairs.fitted.within" : "note.pairs.fitted.beyond", at);
    }

    @Override
    public Sentence meaning(Outcome outcome, String shown, Exact count) {
        return Sentence.of("meaning.pairs.fitted", shown);
    }
}
