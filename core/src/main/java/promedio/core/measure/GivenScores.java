package promedio.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.measure.Measure.Dimension;
import promedio.core.measure.Measure.Group;
import promedio.core.number.Figure;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.Givens.Item;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/**
 * Values out of several distributions, made comparable: each by how many standard deviations it lies above its mean.
 *
 * <p><b>By hand.</b> 62 out of a distribution with mean 50 and standard deviation 8 has z = (62 − 50)/8 = 1.5.
 * <p><b>Source.</b> [NIST] 1.3.5.17 in docs/sources.md.
 */
final class GivenScores {
    private static final SampleKind KIND = SampleKind.SCORES;
    private static final int VALUE = 0;
    private static final int MEAN = 1;
    private static final int SD = 2;

    private GivenScores() {}

    static List<Entry> of(Givens givens) {
        List<Item> items = givens.all(GivenName.SCORE);
        List<String> indices =
                GivenCombination.indices(items.stream().map(Item::label).toList());
        List<Entry> entries = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            entries.add(Entry.one(score(items.get(i), indices.get(i))));
        }
        return entries;
    }

    private static Measure score(Item item, String index) {
        Symbol symbol = GivenLetters.of("z-score", Notation.letter("z"), index);
        GivenResult result = GivenResult.of(KIND, "z/" + item.label(), symbol)
                .called(Sentence.of("measure.given.z", item.label()))
                .in(Group.POSITION, Dimension.NONE);
        for (int place = VALUE; place <= SD; place++) {
            if (item.figure(place).isEmpty()) {
                return result.without(Sentence.of(
                                "given.missing-of."
                                        + List.of("value", "mean", "sd").get(place),
                                item.label()))
                        .made();
            }
        }
        if (item.figure(SD).get().signum() <= 0) {
            return result.without(GivenResult.impossible(
                            "no-spread", item.label(), item.figure(SD).get()))
                    .made();
        }
        Formula value = GivenLetters.given(
                GivenLetters.of("value", Notation.letter("x"), index),
                item.figure(VALUE).get());
        Formula mean =
                GivenLetters.given(GivenLetters.mean(index), item.figure(MEAN).get());
        Formula sd = GivenLetters.given(
                GivenLetters.of("sd", Notation.letter("s"), index),
                item.figure(SD).get());
        Formula.Named z = value.minus(mean).over(sd).named(symbol);
        return result.as(z.body())
                .checked(
                        mean.plus(z.times(sd)),
                        GivenLetters.of("value", Notation.letter("x"), index),
                        item.figure(VALUE).get())
                .slip("mean-less-value", mean.minus(value).over(sd))
                .slip("divided-by-variance", value.minus(mean).over(sd.squared()))
                .made();
    }

    /** The labels of those whose value lies highest above its mean; several where they lie equally high, none where one has no score. */
    static List<String> best(Givens givens) {
        Evaluation evaluation = Evaluation.of(Sample.givens(givens));
        List<String> best = new ArrayList<>();
        Figure highest = null;
        for (Entry entry : of(givens)) {
            Measure measure = entry.all().get(0);
            Optional<Figure> found = measure.outcome(evaluation).single();
            if (found.isEmpty()) {
                return List.of();
            }
            int order = highest == null ? 1 : found.get().compare(highest);
            if (order > 0) {
                best.clear();
                highest = found.get();
            }
            if (order >= 0) {
                best.add(measure.key().substring(2));
            }
        }
        return best;
    }
}
