package promedio.core.measure;

import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.X;

import java.util.ArrayList;
import java.util.List;
import promedio.core.course.Divisor;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Variance: the mean squared distance of the values from their mean.
 *
 * <p><b>Definition.</b> Σ(x − x̄)² / d, where d is n (population) or n − 1 (sample), as the course card says.
 * <p><b>Short-cut.</b> (Σx² − (Σx)²/n) / d, without a table of deviations.
 * <p><b>About an assumed mean.</b> (Σ(x − A)² − (Σ(x − A))²/n) / d for any A.
 * <p><b>Reading it.</b> In the square of the values' unit; 0 only when all values are equal.
 * <p><b>By hand.</b> 2, 3, 7 gives x̄ = 4, Σ(x − x̄)² = 14 and s² = 14/2 = 7.
 * <p><b>Undefined</b> for the sample divisor when n = 1.
 * <p><b>Source.</b> [NIST] 1.3.5.6 in docs/sources.md.
 *
 * @param divisor n − 1 or n
 */
public record Variance(Divisor divisor) implements Measure {
    private static final Formula DEVIATIONS = total(X.minus(Mean.PART).squared());
    private static final Symbol SAMPLE =
            Symbol.of("variance-sample", Notation.letter("s").raisedTo(2));
    private static final Symbol POPULATION = Symbol.of(
            "variance-population", Symbols.greek("σ", "\\sigma ", "sigma").raisedTo(2));

    private static final Formula.Named OF_SAMPLE =
            DEVIATIONS.over(Symbols.N_LESS_1).named(SAMPLE);
    private static final Formula.Named OF_POPULATION =
            DEVIATIONS.over(Symbols.N).named(POPULATION);

    /** The variance by definition, as a part of other formulas. */
    static Formula.Named part(Divisor divisor) {
        return divisor == Divisor.SAMPLE ? OF_SAMPLE : OF_POPULATION;
    }

    @Override
    public String key() {
        return "variance-" + divisor.id();
    }

    @Override
    public String question() {
        return "variance";
    }

    @Override
    public Symbol symbol() {
        return divisor == Divisor.SAMPLE ? SAMPLE : POPULATION;
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SPREAD)
                .in(Dimension.SQUARED)
                .needing(needs(divisor))
                .being(Traits.Known.USUAL);
    }

    static List<Need> needs(Divisor divisor) {
        return divisor == Divisor.SAMPLE ? List.of(Need.COUNTS, Need.TWO) : List.of();
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula below = divisor == Divisor.SAMPLE ? Symbols.N_LESS_1 : Symbols.N;
        Formula difference = X.minus(Mean.assumed(shape));
        List<Method> methods = new ArrayList<>(List.of(
                new Method("definition", part(divisor)),
                new Method("short-cut", shortCut(X, below).named(symbol())),
                new Method("assumed-mean", shortCut(difference, below).named(symbol()))));
        Mean.step(shape)
                .ifPresent(h -> methods.add(new Method(
                        "step-deviation",
                        h.squared().times(shortCut(difference.over(h), below)).named(symbol()))));
        return methods;
    }

    private static Formula shortCut(Formula each, Formula below) {
        return total(each.squared())
                .minus(total(each).squared().over(Symbols.N))
                .over(below);
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.divisor." + divisor.id());
    }
}
