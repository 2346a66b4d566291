package promedio.core.measure;

import static promedio.core.formula.Row.X;
import static promedio.core.formula.Row.Y;

import java.util.List;
import promedio.core.course.Divisor;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Covariance: the mean product of the deviations of x and y from their means.
 *
 * <p><b>Definition.</b> Σ(x − x̄)(y − ȳ) / d, where d is n − 1 or n, as the course card says.
 * <p><b>Short-cut.</b> (Σxy − Σx·Σy/n) / d.
 * <p><b>By hand.</b> The pairs (1; 2), (2; 3), (3; 5) have Sxy = 3 and, with n − 1, the covariance 3/2.
 * <p><b>Undefined</b> for the divisor n − 1 of a single pair.
 * <p><b>Source.</b> [NIST] 1.3.3.26 in docs/sources.md.
 *
 * @param divisor n − 1 or n
 */
public record Covariance(Divisor divisor) implements OfPairs {
    @Override
    public String key() {
        return "covariance-" + divisor.id();
    }

    @Override
    public String question() {
        return "covariance";
    }

    @Override
    public Symbol symbol() {
        Notation base = divisor == Divisor.SAMPLE ? Notation.letter("s") : Symbols.greek("σ", "\\sigma ", "sigma");
        return Symbol.of(key(), new Notation.Lowered(base, Notation.word("xy")));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.TOGETHER)
                .in(Dimension.PRODUCT)
                .needing(divisor == Divisor.SAMPLE ? List.of(PairParts.TWO) : List.of())
                .being(Traits.Known.USUAL);
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula below = divisor == Divisor.SAMPLE ? Symbols.N_LESS_1 : Symbols.N;
        Formula dx = X.minus(Mean.assumed(shape));
        Formula dy = Y.minus(PairParts.assumedOfY(shape));
        return List.of(
                new Method("definition", PairParts.SXY.over(below).named(symbol())),
                new Method("short-cut", PairParts.shortCut(X, Y).over(below).named(symbol())),
                new Method(
                        "assumed-mean", PairParts.shortCut(dx, dy).over(below).named(symbol())));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.divisor." + divisor.id());
    }

    @Override
    public Sentence meaning(Outcome outcome, String shown, Exact count) {
        return bySign(outcome, shown);
    }
}
