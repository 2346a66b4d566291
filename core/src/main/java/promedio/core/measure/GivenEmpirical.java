package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.GivenName;
import promedio.core.sample.Givens;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/**
 * The third of mean, median and mode out of the other two, by the relation that holds nearly where a distribution is not very skew:
 * mode = 3·median − 2·mean.
 *
 * <p><b>By hand.</b> Mean 26 and median 25 give 3·25 − 2·26 = 23.
 * <p><b>Source.</b> Pearson’s empirical relation, as the first textbooks have it.
 */
final class GivenEmpirical {
    private static final SampleKind KIND = SampleKind.EMPIRICAL;
    private static final Symbol MEAN = Symbol.of("empirical-mean", Notation.word("mean"));
    private static final Symbol MEDIAN = Symbol.of("empirical-median", Notation.word("median"));
    private static final Symbol MODE = Symbol.of("empirical-mode", Notation.word("mode"));

    private GivenEmpirical() {}

    private static Optional<Formula> given(Givens givens, GivenName name, Symbol symbol) {
        return givens.figure(name).map(figure -> GivenLetters.given(symbol, figure));
    }

    static List<Entry> of(Givens givens) {
        Optional<Formula> mean = given(givens, GivenName.MEAN, MEAN);
        Optional<Formula> median = given(givens, GivenName.MEDIAN, MEDIAN);
        Optional<Formula> mode = given(givens, GivenName.MODE, MODE);
        List<GivenMeasure> found = new ArrayList<>();
        int known = (int)
                List.of(mean, median, mode).stream().filter(Optional::isPresent).count();
        if (known == 3) {
            Exact third = Exact.of(3)
                    .times(givens.figure(GivenName.MEDIAN).get())
                    .minus(givens.figure(GivenName.MEAN).get().times(2));
            Exact said = givens.figure(GivenName.MODE).get();
            GivenResult all = GivenResult.of(KIND, "mode", MODE).as(relation(mean.get(), median.get()));
            if (!GivenBase.isRounded(said, third)) {
                all.without(GivenResult.impossible("empirical", said, third));
            }
            found.add(all.made());
        } else if (known < 2) {
            found.add(GivenResult.of(KIND, "mode", MODE)
                    .without(Sentence.of("given.two-of-three"))
                    .made());
        } else if (mode.isEmpty()) {
            found.add(mode(mean.get(), median.get(), givens));
        } else if (mean.isEmpty()) {
            found.add(mean(median.get(), mode.get(), givens));
        } else {
            found.add(median(mean.get(), mode.get(), givens));
        }
        return found.stream().map(Entry::one).toList();
    }

    private static Formula relation(Formula mean, Formula median) {
        return number(3).times(median).minus(number(2).times(mean));
    }

    private static GivenMeasure mode(Formula mean, Formula median, Givens givens) {
        Formula.Named found = relation(mean, median).named(MODE);
        return GivenResult.of(KIND, "mode", MODE)
                .as(found.body())
                .checked(
                        number(3).times(median).minus(found).over(number(2)),
                        MEAN,
                        givens.figure(GivenName.MEAN).get())
                .slip(
                        "empirical-swapped",
                        number(2).times(median).minus(number(3).times(mean)))
                .slip("empirical-swapped", number(3).times(mean).minus(number(2).times(median)))
                .made();
    }

    private static GivenMeasure mean(Formula median, Formula mode, Givens givens) {
        Formula body = number(3).times(median).minus(mode).over(number(2));
        return GivenResult.of(KIND, "mean", MEAN)
                .as(body)
                .checked(
                        relation(body.named(MEAN), median),
                        MODE,
                        givens.figure(GivenName.MODE).get())
                .slip("empirical-swapped", number(2).times(median).minus(mode).over(number(3)))
                .slip("empirical-swapped", number(2).times(median).plus(mode).over(number(3)))
                .made();
    }

    private static GivenMeasure median(Formula mean, Formula mode, Givens givens) {
        Formula body = mode.plus(number(2).times(mean)).over(number(3));
        return GivenResult.of(KIND, "median", MEDIAN)
                .as(body)
                .checked(
                        relation(mean, body.named(MEDIAN)),
                        MODE,
                        givens.figure(GivenName.MODE).get())
                .slip("empirical-swapped", mode.plus(number(3).times(mean)).over(number(2)))
                .made();
    }
}
