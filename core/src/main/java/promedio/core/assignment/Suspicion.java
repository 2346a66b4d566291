package promedio.core.assignment;

import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;

/**
 * An entry that seems to be no datum but a total or a mean of those above it, copied along with them.
 *
 * @param entry which entry
 * @param sentence what to say of it
 */
public record Suspicion(int entry, Sentence sentence) {
    private static final int FEWEST_ABOVE = 3;
    private static final int MOST_LOOKED_AT = 20_000;

    /** Looks at the last row of a sample; empty when nothing is odd about it. */
    static Optional<Suspicion> of(SampleSheet sheet, Sample sample) {
        int last = sample.rows() - 1;
        if (last < FEWEST_ABOVE || last > MOST_LOOKED_AT || sample.entry(last) != lastFilled(sheet)) {
            return Optional.empty();
        }
        return sample.weighted() ? ofTable(sample, last) : ofList(sheet, sample, last);
    }

    private static int lastFilled(SampleSheet sheet) {
        int row = sheet.size() - 1;
        while (row > 0 && sheet.values().text(row).isBlank()) {
            row--;
        }
        return row;
    }

    private static Optional<Suspicion> ofTable(Sample sample, int last) {
        Exact above = sample.count().minus(sample.weight(last));
        return above.equals(sample.weight(last))
                ? suspect(sample, last, "suspicion.total-row", above)
                : Optional.empty();
    }

    private static Optional<Suspicion> ofList(SampleSheet sheet, Sample sample, int last) {
        Exact value = sample.value(last);
        Exact sum = sample.powerSum(1).minus(value);
        if (sum.equals(value) && value.signum() != 0) {
            return suspect(sample, last, "suspicion.total", value);
        }
        // A mean is written with more places than the data; without them the match could be chance.
        int places = places(sheet, sample.entry(last));
        for (int row = 0; row < last; row++) {
            if (places(sheet, sample.entry(row)) >= places) {
                return Optional.empty();
            }
        }
        boolean mean =
                Exact.from(sum.over(last).toPlaces(places, HalfRule.HALF_UP)).equals(value);
        return mean ? suspect(sample, last, "suspicion.mean", value) : Optional.empty();
    }

    private static int places(SampleSheet sheet, int entry) {
        String text = sheet.values().text(entry);
        int mark = Math.max(text.indexOf('.'), text.indexOf(','));
        return mark < 0 ? 0 : text.strip().length() - mark - 1;
    }

    private static Optional<Suspicion> suspect(Sample sample, int row, String key, Exact value) {
        return Optional.of(new Suspicion(sample.entry(row), Sentence.of(key, value)));
    }
}
