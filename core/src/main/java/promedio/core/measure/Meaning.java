package promedio.core.measure;

import promedio.core.formula.Outcome;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;

/** What a figure tells about the data, in one sentence and in their unit. */
public final class Meaning {
    private Meaning() {}

    /**
     * The sentence for a measure that has a value.
     *
     * @param shown the figure as it is shown, with its unit
     * @param count n
     */
    public static Sentence of(Measure measure, Outcome outcome, String shown, Exact count) {
        String id = measure.id();
        if (id.startsWith("skewness-")) {
            int sign = outcome.single().map(figure -> figure.signum()).orElse(0);
            return Sentence.of("meaning.skewness." + (sign > 0 ? "right" : sign < 0 ? "left" : "none"));
        }
        for (String family : new String[] {"decile-", "percentile-", "quantile/"}) {
            if (id.startsWith(family) && !id.equals("percentile-rank")) {
                return Sentence.of("meaning." + family.substring(0, family.length() - 1), shown, count);
            }
        }
        if (measure instanceof ModeOfClasses) {
            return Sentence.of("meaning.grouped-mode", shown);
        }
        return Sentence.of("meaning." + id, shown, count);
    }
}
