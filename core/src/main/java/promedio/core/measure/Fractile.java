package promedio.core.measure;

import promedio.core.course.GroupedPosition;
import promedio.core.course.PositionRule;
import promedio.core.course.QuantileRule;
import promedio.core.formula.Outcome;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;

/** Deciles, percentiles and quantiles of any share, of lists and of class tables alike. */
sealed interface Fractile extends Measure permits Quantile, GroupedQuantile {
    /** The kth decile, k from 1 to 9. */
    static Measure decile(int k, PositionRule rule) {
        return rule instanceof GroupedPosition grouped
                ? GroupedQuantile.decile(k, grouped)
                : Quantile.decile(k, (QuantileRule) rule);
    }

    /** The kth percentile, k from 1 to 99. */
    static Measure percentile(int k, PositionRule rule) {
        return rule instanceof GroupedPosition grouped
                ? GroupedQuantile.percentile(k, grouped)
                : Quantile.percentile(k, (QuantileRule) rule);
    }

    /** The quantile of a share, above 0 and below 1. */
    static Measure share(Exact p, PositionRule rule) {
        return rule instanceof GroupedPosition grouped
                ? GroupedQuantile.share(p, grouped)
                : Quantile.share(p, (QuantileRule) rule);
    }

    /** {@code decile} of {@code decile-3}, {@code quantile} of {@code quantile/0.62}; the id itself of median and quartiles. */
    private String family() {
        String id = id();
        return id.startsWith("decile-") || id.startsWith("percentile-")
                ? id.substring(0, id.indexOf('-'))
                : id.startsWith("quantile/") ? "quantile" : id;
    }

    @Override
    default Sentence label() {
        String family = family();
        if (family.equals(id())) {
            return Sentence.of("measure." + family);
        }
        String which = id().substring(family.length() + 1);
        return Sentence.of(
                "measure." + family, family.equals("quantile") ? which : Ordinal.of(Exact.of(Long.parseLong(which))));
    }

    @Override
    default Sentence meaning(Outcome outcome, String shown, Exact count) {
        return Sentence.of("meaning." + family(), shown, count);
    }
}
