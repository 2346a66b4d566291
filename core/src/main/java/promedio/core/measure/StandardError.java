package promedio.core.measure;

import java.util.List;
import promedio.core.course.Divisor;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Standard error of the mean: s/√n, with s of the sample.
 *
 * <p><b>By hand.</b> 2, 3, 7: √7/√3 = 1.53.
 * <p><b>Source.</b> [NIST] 7.1.4 in docs/sources.md.
 */
public record StandardError() implements Measure {
    @Override
    public String key() {
        return "standard-error";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("standard-error", Notation.word("SE"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SPREAD).needing(Variance.needs(Divisor.SAMPLE));
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Measure.only(symbol(), StandardDeviation.part(Divisor.SAMPLE).over(Symbols.N.root()));
    }
}
