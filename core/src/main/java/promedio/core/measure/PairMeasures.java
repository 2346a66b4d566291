package promedio.core.measure;

import static promedio.core.measure.Entry.by;
import static promedio.core.measure.Entry.one;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Every measure of pairs, a line each, in the order of the page. */
final class PairMeasures {
    private PairMeasures() {}

    static List<Entry> all() {
        List<Entry> lines = new ArrayList<>();
        Arrays.stream(PairTotal.What.values())
                .map(what -> one(new PairTotal(what)))
                .forEach(lines::add);
        for (boolean second : new boolean[] {false, true}) {
            lines.add(one(new PairMean(second)));
        }
        for (boolean second : new boolean[] {false, true}) {
            lines.add(by(Rule.DIVISOR, divisor -> new PairDeviation(second, divisor)));
        }
        lines.add(by(Rule.DIVISOR, Covariance::new));
        lines.add(one(new Correlation(false)));
        lines.add(one(new Correlation(true)));
        Arrays.stream(RankCorrelation.By.values())
                .map(way -> one(new RankCorrelation(way)))
                .forEach(lines::add);
        lines.add(one(new KendallCorrelation()));
        for (boolean ofX : new boolean[] {false, true}) {
            lines.add(one(new RegressionLine(true, ofX)));
            lines.add(one(new RegressionLine(false, ofX)));
        }
        lines.add(one(new ResidualDeviation()));
        lines.add(Entry.asked((key, card) -> Asked.value(key, "fitted").map(FittedValue::new)));
        Arrays.stream(TestOfCorrelation.What.values())
                .map(what -> one(new TestOfCorrelation(what)))
                .forEach(lines::add);
        return lines;
    }
}
