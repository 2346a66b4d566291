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
import promedio.core.course.GroupedMode;
import promedio.core.course.GroupedPosition;
import promedio.core.course.Sheppard;

/** Every measure of a class table. */
final class ClassCatalogue extends Catalogue {
    /** The only one. */
    static final Catalogue ONLY = new ClassCatalogue();

    private final List<Measure> everything = everything();

    @Override
    public List<Measure> all() {
        return everything;
    }

    @Override
    Set<String> byCard() {
        return Set.of();
    }

    private static List<Measure> everything() {
        List<Measure> all = new ArrayList<>(
                List.of(new Sum(), new Mean(), new GeometricMean(), new HarmonicMean(), new RootMeanSquare()));
        Arrays.stream(GroupedMode.values()).forEach(way -> all.add(new ModeOfClasses(way)));
        all.add(new Range(false));
        all.add(new CoefficientOfRange());
        for (GroupedPosition rule : GroupedPosition.values()) {
            all.add(GroupedQuantile.median(rule));
            all.add(GroupedQuantile.quarter(1, rule));
            all.add(GroupedQuantile.quarter(3, rule));
            Arrays.stream(QuartileSpread.Kind.values()).forEach(kind -> all.add(new QuartileSpread(kind, rule)));
            for (int k = 1; k <= 9; k++) {
                all.add(GroupedQuantile.decile(k, rule));
            }
            all.add(new BowleySkewness(rule));
            all.add(new KellySkewness(rule));
            all.add(new PercentileKurtosis(rule));
        }
        for (DeviationCentre centre : DeviationCentre.values()) {
            all.add(new MeanDeviation(centre));
            all.add(new CoefficientOfMeanDeviation(centre));
        }
        for (Divisor divisor : Divisor.values()) {
            all.add(new Variance(divisor));
            all.add(new StandardDeviation(divisor));
            all.add(new SheppardVariance(divisor, false));
            all.add(new SheppardVariance(divisor, true));
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
        GroupedPosition rule = card.get(CardKey.GROUPED_POSITION);
        Divisor divisor = card.groupedDivisor();
        boolean corrected = card.get(CardKey.SHEPPARD) == Sheppard.YES;
        List<Measure> page = new ArrayList<>(List.of(
                new Mean(),
                GroupedQuantile.median(rule),
                new ModeOfClasses(card.get(CardKey.GROUPED_MODE)),
                new GeometricMean(),
                new HarmonicMean(),
                new RootMeanSquare(),
                new Sum(),
                GroupedQuantile.quarter(1, rule),
                GroupedQuantile.quarter(3, rule)));
        for (int k = 1; k <= 9; k++) {
            page.add(GroupedQuantile.decile(k, rule));
        }
        page.addAll(List.of(
                new Range(false),
                new QuartileSpread(QuartileSpread.Kind.RANGE, rule),
                new QuartileSpread(QuartileSpread.Kind.DEVIATION, rule),
                new MeanDeviation(DeviationCentre.MEAN),
                new MeanDeviation(DeviationCentre.MEDIAN),
                corrected ? new SheppardVariance(divisor, false) : new Variance(divisor),
                corrected ? new SheppardVariance(divisor, true) : new StandardDeviation(divisor),
                new StandardError(),
                new CoefficientOfVariation(divisor, card.get(CardKey.CV)),
                new CoefficientOfRange(),
                new QuartileSpread(QuartileSpread.Kind.COEFFICIENT, rule),
                new CoefficientOfMeanDeviation(DeviationCentre.MEAN),
                new CoefficientOfMeanDeviation(DeviationCentre.MEDIAN)));
        page.addAll(skewness(card));
        page.addAll(kurtosis(card));
        return page;
    }

    private static List<Measure> skewness(CourseCard card) {
        return skewness(
                card, card.groupedDivisor(), card.get(CardKey.GROUPED_POSITION), card.get(CardKey.GROUPED_POSITION));
    }

    private static List<Measure> kurtosis(CourseCard card) {
        return kurtosis(card, card.get(CardKey.GROUPED_POSITION));
    }

    @Override
    Optional<Measure> special(String key, CourseCard card) {
        return switch (key) {
            case "skewness" -> Optional.of(skewness(card).get(0));
            case "kurtosis" -> Optional.of(kurtosis(card).get(0));
            case "quartile-2" -> Optional.of(GroupedQuantile.median(card.get(CardKey.GROUPED_POSITION)));
            default ->
                argument(key, "z-score")
                        .<Measure>map(value -> new ZScore(value, card.groupedDivisor()))
                        .or(() -> argument(key, "percentile-rank").map(GroupedPercentileRank::new))
                        .or(() -> quantile(key, card));
        };
    }

    private static Optional<Measure> quantile(String key, CourseCard card) {
        Optional<GroupedPosition> named = ruleOf(key, CardKey.GROUPED_POSITION);
        GroupedPosition rule = named.orElse(card.get(CardKey.GROUPED_POSITION));
        String id = named.isPresent() ? key.substring(0, key.lastIndexOf('/')) : key;
        return ordinal(id, "percentile", 99)
                .<Measure>map(k -> GroupedQuantile.percentile(k, rule))
                .or(() -> ordinal(id, "decile", 9).map(k -> GroupedQuantile.decile(k, rule)))
                .or(() -> share(id).map(p -> GroupedQuantile.share(p, rule)));
    }
}
