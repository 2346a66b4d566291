package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import promedio.core.course.CardKey;
import promedio.core.course.CvUnit;
import promedio.core.course.Divisor;
import promedio.core.formula.Formula;
import promedio.core.measure.Measure.Dimension;
import promedio.core.measure.Measure.Group;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

/** Variance, standard deviation and coefficient of variation out of n, Σx and Σx². */
final class GivenSpread {
    private final SampleKind kind;
    private final Formula n;
    private final Formula sum;
    private final Formula squares;
    private final Formula mean;
    private final Optional<Sentence> why;

    /** @param why why they have no value; empty where they have one */
    GivenSpread(SampleKind kind, Formula n, Formula sum, Formula squares, Formula mean, Optional<Sentence> why) {
        this.kind = kind;
        this.n = n;
        this.sum = sum;
        this.squares = squares;
        this.mean = mean;
        this.why = why;
    }

    /** The sum of squared deviations: Σx² − (Σx)²/n. */
    private Formula deviations(Formula of, Formula total) {
        return of.minus(total.squared().over(n));
    }

    /** Σx²/n − x̄², or (Σx² − (Σx)²/n)/(n − 1). */
    Formula variance(Divisor divisor) {
        return variance(divisor, squares, sum, mean);
    }

    /** The same with other totals. */
    Formula variance(Divisor divisor, Formula of, Formula total, Formula centre) {
        return divisor == Divisor.POPULATION
                ? of.over(n).minus(centre.squared())
                : deviations(of, total).over(n.minus(number(1)));
    }

    Formula.Named sd(Divisor divisor) {
        return variance(divisor).root().named(GivenLetters.sd(divisor, ""));
    }

    /** What is done to each of them besides: more ways, mistakes. */
    interface More {
        /**
         * Adds to a result.
         *
         * @param root whether it is the root of the variance
         */
        GivenResult to(GivenResult result, Divisor divisor, boolean root);
    }

    /** All three, by some divisors. */
    List<Entry> entries(List<Divisor> divisors, More more) {
        Rule<Divisor> rule = new Rule<>(
                divisors,
                card -> divisors.size() == 1
                        ? divisors.get(0)
                        : Rule.DIVISOR.chosen().apply(card));
        BiFunction<Divisor, Boolean, Measure> making = (divisor, root) -> {
            GivenResult result = GivenResult.of(
                            kind,
                            (root ? "sd-" : "variance-") + divisor.id(),
                            root ? GivenLetters.sd(divisor, "") : GivenLetters.variance(divisor, ""))
                    .answering(root ? "sd" : "variance")
                    .in(Group.SPREAD, root ? Dimension.UNIT : Dimension.SQUARED);
            why.ifPresent(result::without);
            Formula square = variance(divisor);
            result.by("short-cut", root ? square.root() : square);
            mistaken(result, divisor, root);
            return more.to(result, divisor, root).made();
        };
        List<Entry> entries = new ArrayList<>();
        entries.add(Entry.by(rule, divisor -> making.apply(divisor, false)));
        entries.add(Entry.by(rule, divisor -> making.apply(divisor, true)));
        entries.add(Entry.variants(
                divisors.stream()
                        .<Measure>map(divisor -> cv(divisor, CvUnit.PERCENT))
                        .toList(),
                card -> cv(rule.chosen().apply(card), card.get(CardKey.CV))));
        return entries;
    }

    private void mistaken(GivenResult result, Divisor divisor, boolean root) {
        slip(result, root, "mean-not-squared", squares.over(n).minus(mean));
        slip(result, root, "correction-omitted", squares.over(divisor == Divisor.POPULATION ? n : n.minus(number(1))));
    }

    /** A mistaken variance, with its root where the root is asked for. */
    static void slip(GivenResult result, boolean root, String id, Formula variance) {
        result.slip(id, root ? variance.root() : variance);
    }

    private GivenMeasure cv(Divisor divisor, CvUnit unit) {
        GivenResult result = GivenResult.of(
                        kind,
                        "cv/" + divisor.id() + (unit == CvUnit.RATIO ? "/ratio" : ""),
                        new CoefficientOfVariation(divisor, unit).symbol())
                .answering("cv")
                .in(Group.SPREAD, unit == CvUnit.PERCENT ? Dimension.PERCENT : Dimension.NONE);
        why.ifPresent(result::without);
        Formula top = unit == CvUnit.PERCENT ? number(100).times(sd(divisor)) : sd(divisor);
        return result.as(top.over(mean))
                .slip("cv-inverted", mean.over(sd(divisor)))
                .made();
    }
}
