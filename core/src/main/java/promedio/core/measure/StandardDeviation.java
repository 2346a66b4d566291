package promedio.core.measure;

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
 * Standard deviation: the root of the variance, a typical distance from the mean.
 *
 * <p><b>Definition.</b> s = √s², with the divisor of the variance.
 * <p><b>By hand.</b> 2, 3, 7 gives √7 = 2.65.
 * <p><b>Source.</b> [NIST] 1.3.5.6 in docs/sources.md.
 *
 * @param divisor n − 1 or n
 */
public record StandardDeviation(Divisor divisor) implements Measure {
    private static final Symbol SAMPLE = Symbol.of("sd-sample", Notation.letter("s"));
    private static final Symbol POPULATION = Symbol.of("sd-population", Symbols.greek("σ", "\\sigma ", "sigma"));
    private static final Formula.Named OF_SAMPLE =
            Variance.part(Divisor.SAMPLE).root().named(SAMPLE);
    private static final Formula.Named OF_POPULATION =
            Variance.part(Divisor.POPULATION).root().named(POPULATION);

    /** s or σ as a part of other formulas. */
    static Formula.Named part(Divisor divisor) {
        return divisor == Divisor.SAMPLE ? OF_SAMPLE : OF_POPULATION;
    }

    @Override
    public String key() {
        return "sd-" + divisor.id();
    }

    @Override
    public String question() {
        return "sd";
    }

    @Override
    public Symbol symbol() {
        return divisor == Divisor.SAMPLE ? SAMPLE : POPULATION;
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SPREAD).needing(Variance.needs(divisor)).being(Traits.Known.USUAL);
    }

    @Override
    public List<Method> methods(Shape shape) {
        return new Variance(divisor)
                .methods(shape).stream()
                        .map(method ->
                                new Method(method.id(), method.formula().root().named(symbol())))
                        .toList();
    }

    @Override
    public Formula.Named formula(Shape shape) {
        return part(divisor);
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.divisor." + divisor.id());
    }
}
