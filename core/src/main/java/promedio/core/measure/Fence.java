package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.course.Divisor;
import promedio.core.course.OutlierRule;
import promedio.core.course.QuartileRule;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Lower and upper fence: values beyond them are called outliers.
 *
 * <p><b>Definition.</b> Q₁ − 1.5·IQR and Q₃ + 1.5·IQR; other courses take 3·IQR, or x̄ ± 2s or 3s with s of the sample.
 * <p><b>By hand.</b> Q₁ = 4, Q₃ = 12 give −8 and 24.
 * <p><b>Source.</b> [NIST] 7.1.6 in docs/sources.md.
 *
 * @param upper whether it is the upper one
 * @param outliers how far out it stands
 * @param rule how the quartiles are read
 */
public record Fence(boolean upper, OutlierRule outliers, QuartileRule rule) implements Measure {
    @Override
    public String key() {
        return id() + "/" + (byQuartiles() ? rule.id() : outliers.id())
                + (outliers == OutlierRule.IQR_3 ? "/3iqr" : "");
    }

    @Override
    public Symbol symbol() {
        return Symbol.of(id(), Symbols.indexed(Notation.word("fence"), upper ? "up" : "low"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.POSITION).needing(byQuartiles() ? Quartile.needs(rule) : Variance.needs(Divisor.SAMPLE));
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula from = byQuartiles() ? new Quartile(upper ? 3 : 1, rule).formula(shape) : Mean.PART;
        Formula step = byQuartiles() ? QuartileSpread.range(rule, shape) : StandardDeviation.part(Divisor.SAMPLE);
        Formula far = number(
                        switch (outliers) {
                            case IQR_1_5 -> Exact.ratio(3, 2);
                            case IQR_3, S_3 -> Exact.of(3);
                            case S_2 -> Exact.TWO;
                        })
                .times(step);
        return Measure.only(symbol(), upper ? from.plus(far) : from.minus(far));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.fence." + outliers.id());
    }

    @Override
    public String id() {
        return upper ? "fence-upper" : "fence-lower";
    }

    private boolean byQuartiles() {
        return outliers == OutlierRule.IQR_1_5 || outliers == OutlierRule.IQR_3;
    }
}
