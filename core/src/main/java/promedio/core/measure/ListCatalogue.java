package promedio.core.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.CvUnit;
import promedio.core.course.DeviationCentre;
import promedio.core.course.Divisor;
import promedio.core.course.MedianRule;
import promedio.core.course.ModeTies;
import promedio.core.course.OutlierRule;
import promedio.core.course.QuantileRule;
import promedio.core.course.QuartileRule;

/** Every measure of a list or frequency table. */
final class ListCatalogue extends Catalogue {
    /** The only one. */
    static final Catalogue ONLY = new ListCatalogue();

    private final List<Measure> everything = everything();

    @Override
    public List<Measure> all() {
        return everything;
    }

    @Override
    Set<String> byCard() {
        return Set.of("median", "mode");
    }

    private static List<Measure> everything() {
        List<Measure> all = new ArrayList<>(List.of(
                new Sum(),
                new Mean(),
                new Median(MedianRule.AVERAGED),
                new Mode(ModeTies.ALL),
                new Mode(ModeTies.EMPIRICAL),
                new Midrange(),
                new TrimmedMean(TENTH),
                new GeometricMean(),
                new HarmonicMean(),
                new RootMeanSquare(),
                new Distinct(),
                new Extreme(false),
                new Extreme(true),
                new Range(false)));
        for (QuartileRule rule : QuartileRule.values()) {
            all.add(new Quartile(1, rule));
            all.add(new Quartile(3, rule));
            Arrays.stream(QuartileSpread.Kind.values()).forEach(kind -> all.add(new QuartileSpread(kind, rule)));
            all.add(new Fence(false, OutlierRule.IQR_1_5, rule));
            all.add(new Fence(true, OutlierRule.IQR_1_5, rule));
            all.add(new BowleySkewness(rule));
        }
        for (QuantileRule rule : QuantileRule.values()) {
            for (int k = 1; k <= 9; k++) {
                all.add(Quantile.decile(k, rule));
            }
            all.add(new KellySkewness(rule));
            all.add(new PercentileKurtosis(rule));
        }
        for (DeviationCentre centre : DeviationCentre.values()) {
            all.add(new MeanDeviation(centre));
            all.add(new CoefficientOfMeanDeviation(centre));
        }
        all.add(new MedianAbsoluteDeviation());
        all.add(new CoefficientOfRange());
        for (Divisor divisor : Divisor.values()) {
            all.add(new Variance(divisor));
            all.add(new StandardDeviation(divisor));
            all.add(new CoefficientOfVariation(divisor, CvUnit.PERCENT));
            all.add(new PearsonSkewness(true, divisor));
            all.add(new PearsonSkewness(false, divisor));
        }
        all.add(new StandardError());
        Arrays.stream(MomentSkewness.Kind.values()).forEach(kind -> all.add(new MomentSkewness(kind)));
        Arrays.stream(MomentKurtosis.Kind.values()).forEach(kind -> all.add(new MomentKurtosis(kind)));
        return List.copyOf(all);
    }

    @Override
    public List<Measure> page(CourseCard card) {
        QuartileRule quartiles = card.get(CardKey.QUARTILES);
        OutlierRule outliers = card.get(CardKey.OUTLIERS);
        Divisor divisor = card.get(CardKey.DIVISOR);
        QuantileRule quantiles = card.get(CardKey.QUANTILES);
        List<Measure> page = new ArrayList<>(List.of(
                new Mean(),
                new Median(card.get(CardKey.MEDIAN)),
                new Mode(card.get(CardKey.MODE_TIES)),
                new Midrange(),
                new TrimmedMean(TENTH),
                new GeometricMean(),
                new HarmonicMean(),
                new RootMeanSquare(),
                new WeightedMean(),
                new Sum(),
                new Distinct(),
                new Extreme(false),
                new Quartile(1, quartiles),
                new Quartile(3, quartiles),
                new Extreme(true),
                new FiveNumber(quartiles),
                new Fence(false, outliers, quartiles),
                new Fence(true, outliers, quartiles),
                new Outliers(outliers, quartiles)));
        for (int k = 1; k <= 9; k++) {
            page.add(Quantile.decile(k, quantiles));
        }
        page.addAll(List.of(
                new Range(false),
                new Range(true),
                new QuartileSpread(QuartileSpread.Kind.RANGE, quartiles),
                new QuartileSpread(QuartileSpread.Kind.DEVIATION, quartiles),
                new MeanDeviation(DeviationCentre.MEAN),
                new MeanDeviation(DeviationCentre.MEDIAN),
                new MedianAbsoluteDeviation(),
                new Variance(divisor),
                new StandardDeviation(divisor),
                new StandardError(),
                new CoefficientOfVariation(divisor, card.get(CardKey.CV)),
                new CoefficientOfRange(),
                new QuartileSpread(QuartileSpread.Kind.COEFFICIENT, quartiles),
                new CoefficientOfMeanDeviation(DeviationCentre.MEAN),
                new CoefficientOfMeanDeviation(DeviationCentre.MEDIAN)));
        page.addAll(skewness(card));
        page.addAll(kurtosis(card));
        return page;
    }

    private static List<Measure> skewness(CourseCard card) {
        return skewness(card, card.get(CardKey.DIVISOR), card.get(CardKey.QUARTILES), card.get(CardKey.QUANTILES));
    }

    private static List<Measure> kurtosis(CourseCard card) {
        return kurtosis(card, card.get(CardKey.QUANTILES));
    }

    @Override
    Optional<Measure> special(String key, CourseCard card) {
        Divisor divisor = card.get(CardKey.DIVISOR);
        return switch (key) {
            case "skewness" -> Optional.of(skewness(card).get(0));
            case "kurtosis" -> Optional.of(kurtosis(card).get(0));
            case "quartile-2" -> Optional.of(new Median(card.get(CardKey.MEDIAN)));
            case "trimmed-mean" -> Optional.of(new TrimmedMean(TENTH));
            default ->
                argument(key, "z-score")
                        .<Measure>map(value -> new ZScore(value, divisor))
                        .or(() -> argument(key, "percentile-rank")
                                .map(value -> new PercentileRank(value, card.get(CardKey.PERCENTILE_RANK))))
                        .or(() -> quantile(key, card));
        };
    }

    private static Optional<Measure> quantile(String key, CourseCard card) {
        Optional<QuantileRule> named = ruleOf(key, CardKey.QUANTILES);
        QuantileRule rule = named.orElse(card.get(CardKey.QUANTILES));
        String id = named.isPresent() ? key.substring(0, key.lastIndexOf('/')) : key;
        return ordinal(id, "percentile", 99)
                .<Measure>map(k -> Quantile.percentile(k, rule))
                .or(() -> ordinal(id, "decile", 9).map(k -> Quantile.decile(k, rule)))
                .or(() -> share(id).map(p -> Quantile.share(p, rule)));
    }
}
