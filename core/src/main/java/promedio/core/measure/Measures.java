package promedio.core.measure;

import static promedio.core.measure.Entry.by;
import static promedio.core.measure.Entry.one;
import static promedio.core.measure.Entry.variants;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.CvUnit;
import promedio.core.course.DeviationCentre;
import promedio.core.course.Divisor;
import promedio.core.course.MedianRule;
import promedio.core.course.ModeTies;
import promedio.core.course.OutlierRule;
import promedio.core.course.PositionRule;
import promedio.core.course.QuartileRule;
import promedio.core.course.Sheppard;
import promedio.core.number.Exact;

/** Every measure, a line each, in the order of the page; those of lists, of class tables, and of both in one list. */
final class Measures {
    /** A tenth: what a trimmed mean leaves out at each end. */
    private static final Exact TENTH = Exact.ratio(1, 10);

    private final List<Entry> lines = new ArrayList<>();
    private final boolean grouped;
    private final Rule<Divisor> divisors;
    private final Rule<PositionRule> quartiles;
    private final Rule<PositionRule> quantiles;

    private Measures(boolean grouped) {
        this.grouped = grouped;
        this.divisors = grouped ? Rule.GROUPED_DIVISOR : Rule.DIVISOR;
        this.quartiles = grouped ? Rule.GROUPED : Rule.QUARTILES;
        this.quantiles = grouped ? Rule.GROUPED : Rule.QUANTILES;
        centre();
        position();
        spread();
        shape();
        certainty();
    }

    /** The lines of lists and frequency tables. */
    static List<Entry> ofLists() {
        return new Measures(false).lines;
    }

    /** The lines of class tables. */
    static List<Entry> ofClasses() {
        return new Measures(true).lines;
    }

    private void both(Entry line) {
        lines.add(line);
    }

    private void lists(Entry line) {
        if (!grouped) {
            lines.add(line);
        }
    }

    private void classes(Entry line) {
        if (grouped) {
            lines.add(line);
        }
    }

    private void centre() {
        both(one(new Mean()));
        lists(variants(List.of(new Median(MedianRule.AVERAGED)), card -> new Median(card.get(CardKey.MEDIAN)))
                .bare());
        classes(by(Rule.of(CardKey.GROUPED_POSITION), GroupedQuantile::median));
        lists(variants(
                        List.of(new Mode(ModeTies.ALL), new Mode(ModeTies.EMPIRICAL)),
                        card -> new Mode(card.get(CardKey.MODE_TIES)))
                .bare());
        classes(by(Rule.of(CardKey.GROUPED_MODE), ModeOfClasses::new));
        lists(one(new Midrange()));
        lists(one(new TrimmedMean(TENTH)));
        both(one(new GeometricMean()));
        both(one(new HarmonicMean()));
        both(one(new RootMeanSquare()));
        lists(variants(List.of(), card -> new WeightedMean()));
        both(one(new Sum()));
        both(one(new NumberOfValues()));
        lists(one(new Distinct()));
    }

    private void position() {
        lists(one(new Extreme(false)));
        both(by(quartiles, rule -> Positions.quarter(1, rule)));
        both(by(quartiles, rule -> Positions.quarter(3, rule)));
        both(Entry.asked((key, card) -> key.equals("quartile-2") ? middle(card) : Optional.empty()));
        lists(one(new Extreme(true)));
        lists(variants(List.of(), card -> new FiveNumber(card.get(CardKey.QUARTILES))));
        for (boolean upper : new boolean[] {false, true}) {
            lists(variants(
                    Arrays.stream(QuartileRule.values())
                            .<Measure>map(rule -> new Fence(upper, OutlierRule.IQR_1_5, rule))
                            .toList(),
                    card -> new Fence(upper, card.get(CardKey.OUTLIERS), card.get(CardKey.QUARTILES))));
        }
        lists(variants(List.of(), card -> new Outliers(card.get(CardKey.OUTLIERS), card.get(CardKey.QUARTILES))));
        for (int k = 1; k <= 9; k++) {
            int tenths = k;
            both(by(quantiles, rule -> Fractile.decile(tenths, rule)));
        }
        both(Entry.asked((key, card) -> Asked.quantile(key, quantiles, card)));
        both(Entry.asked((key, card) -> Asked.value(key, "z-score")
                .map(value -> new ZScore(value, divisors.chosen().apply(card)))));
        for (Within.What what : Within.What.values()) {
            lists(Entry.asked((key, card) -> Asked.value(key, what.id() + "-within")
                    .filter(k -> k.signum() > 0)
                    .map(k -> new Within(what, k, divisors.chosen().apply(card)))));
        }
        lists(Entry.asked((key, card) -> Asked.value(key, "percentile-rank")
                .map(value -> new PercentileRank(value, card.get(CardKey.PERCENTILE_RANK)))));
        classes(Entry.asked((key, card) -> Asked.value(key, "percentile-rank").map(GroupedPercentileRank::new)));
    }

    private Optional<Measure> middle(CourseCard card) {
        return Optional.of(
                grouped
                        ? GroupedQuantile.median(card.get(CardKey.GROUPED_POSITION))
                        : new Median(card.get(CardKey.MEDIAN)));
    }

    private void spread() {
        both(one(new Range(false)));
        lists(variants(List.of(), card -> new Range(true)));
        both(by(quartiles, rule -> new QuartileSpread(QuartileSpread.Kind.RANGE, rule)));
        both(by(quartiles, rule -> new QuartileSpread(QuartileSpread.Kind.DEVIATION, rule)));
        both(one(new MeanDeviation(DeviationCentre.MEAN)));
        both(one(new MeanDeviation(DeviationCentre.MEDIAN)));
        lists(one(new MedianAbsoluteDeviation()));
        lists(by(divisors, Variance::new));
        classes(variants(withSheppard(false), card -> sheppard(card, false)));
        lists(by(divisors, StandardDeviation::new));
        classes(variants(withSheppard(true), card -> sheppard(card, true)));
        both(one(new StandardError()));
        both(variants(
                divisors.choices().stream()
                        .<Measure>map(divisor -> new CoefficientOfVariation(divisor, CvUnit.PERCENT))
                        .toList(),
                card -> new CoefficientOfVariation(divisors.chosen().apply(card), card.get(CardKey.CV))));
        both(one(new CoefficientOfRange()));
        both(by(quartiles, rule -> new QuartileSpread(QuartileSpread.Kind.COEFFICIENT, rule)));
        both(one(new CoefficientOfMeanDeviation(DeviationCentre.MEAN)));
        both(one(new CoefficientOfMeanDeviation(DeviationCentre.MEDIAN)));
    }

    private static List<Measure> withSheppard(boolean root) {
        return Arrays.stream(Divisor.values())
                .flatMap(divisor -> Stream.of(plain(divisor, root), new SheppardVariance(divisor, root)))
                .toList();
    }

    private static Measure plain(Divisor divisor, boolean root) {
        return root ? new StandardDeviation(divisor) : new Variance(divisor);
    }

    private static Measure sheppard(CourseCard card, boolean root) {
        return card.get(CardKey.SHEPPARD) == Sheppard.YES
                ? new SheppardVariance(card.groupedDivisor(), root)
                : plain(card.groupedDivisor(), root);
    }

    private void shape() {
        both(Entry.coefficients(
                CardKey.SKEWNESS,
                List.of(
                        by(divisors, divisor -> new PearsonSkewness(false, divisor)),
                        by(divisors, divisor -> new PearsonSkewness(true, divisor)),
                        by(quartiles, BowleySkewness::new),
                        by(quantiles, KellySkewness::new),
                        one(new MomentSkewness(MomentSkewness.Kind.MOMENT)),
                        one(new MomentSkewness(MomentSkewness.Kind.ADJUSTED)),
                        one(new MomentSkewness(MomentSkewness.Kind.B1)),
                        one(new MomentSkewness(MomentSkewness.Kind.BETA)))));
        both(Entry.coefficients(
                CardKey.KURTOSIS,
                List.of(
                        one(new MomentKurtosis(MomentKurtosis.Kind.MOMENT)),
                        one(new MomentKurtosis(MomentKurtosis.Kind.EXCESS)),
                        one(new MomentKurtosis(MomentKurtosis.Kind.ADJUSTED)),
                        one(new MomentKurtosis(MomentKurtosis.Kind.B2)),
                        by(quantiles, PercentileKurtosis::new))));
    }

    /** Where the mean of the whole may lie, and whether it may be some value. */
    private void certainty() {
        both(Entry.asked((key, card) -> MeanInterval.asked(key)));
        both(Entry.asked((key, card) -> TestOfMean.asked(key)));
    }
}
