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
        return Sentence.of("measure." + id);
    }
}
