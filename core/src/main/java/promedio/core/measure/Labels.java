package promedio.core.measure;

import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;

/** The names of measures as they stand on the page. */
public final class Labels {
    private Labels() {}

    /** “Upper quartile”, “3rd decile”. */
    public static Sentence of(Measure measure) {
        String id = measure.id();
        for (String family : new String[] {"decile", "percentile"}) {
            if (id.startsWith(family + "-") && !id.startsWith("percentile-rank")) {
                Exact k = Exact.of(Long.parseLong(id.substring(family.length() + 1)));
                return Sentence.of("measure." + family, Ordinal.of(k));
            }
        }
        int argument = measure.key().indexOf('=');
        if (argument >= 0) {
            return Sentence.of("measure." + id, Catalogue.question(measure).substring(argument + 1));
        }
        if (id.startsWith("quantile/")) {
            return Sentence.of("measure.quantile", id.substring("quantile/".length()));
        }
        return Sentence.of("measure." + id);
    }
}
