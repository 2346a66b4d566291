package promedio.core.measure;

import java.util.List;
import promedio.core.course.GroupedPosition;
import promedio.core.course.PositionRule;
import promedio.core.course.QuantileRule;
import promedio.core.course.QuartileRule;
import promedio.core.formula.Formula;
import promedio.core.sample.Shape;

/** Quartiles and percentiles as parts of other formulas, whatever rule they are read by. */
final class Positions {
    private Positions() {}

    private static Measure measure(int percent, PositionRule rule) {
        if (rule instanceof QuartileRule quartiles && percent != 50) {
            return new Quartile(percent / 25, quartiles);
        }
        if (rule instanceof GroupedPosition grouped) {
            return percent % 25 == 0
                    ? GroupedQuantile.quarter(percent / 25, grouped)
                    : GroupedQuantile.percentile(percent, grouped);
        }
        return Quantile.percentile(percent, (QuantileRule) rule);
    }

    /** Q₁ or Q₃ as measures. */
    static Measure quarter(int quarters, PositionRule rule) {
        return measure(25 * quarters, rule);
    }

    /** Q₁ or Q₃. */
    static Formula quartile(int quarters, PositionRule rule, Shape shape) {
        return measure(25 * quarters, rule).formula(shape);
    }

    /** A percentile. */
    static Formula percentile(int percent, PositionRule rule, Shape shape) {
        return measure(percent, rule).formula(shape);
    }

    /** The quartile in the middle, which goes with the two others: by the same rule, or the median. */
    static Formula middle(PositionRule rule, Shape shape) {
        return rule instanceof QuartileRule quartiles
                ? Quartile.middle(quartiles, shape)
                : measure(50, rule).formula(shape);
    }

    /** What the quartiles need of a sample. */
    static List<Need> needs(PositionRule rule) {
        if (rule instanceof QuartileRule quartiles) {
            return Quartile.needs(quartiles);
        }
        return rule instanceof GroupedPosition grouped
                ? GroupedQuantile.needs(grouped)
                : Quantile.percentile(50, (QuantileRule) rule).traits().needs();
    }

    /** Where the rule is from. */
    static String source(PositionRule rule) {
        return rule instanceof QuantileRule
                        || rule instanceof QuartileRule quartiles
                                && quartiles.quantileRule().isPresent()
                ? "HF"
                : "BOOKS";
    }
}
