package promedio.core.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
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
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;

/** Every measure of a list or frequency table: what {@code solve} prints, what the page shows, what a key names. */
public final class Catalogue {
    private static final Exact TENTH = Exact.ratio(1, 10);
    private static final List<Measure> EVERYTHING = everything();

    private Catalogue() {}

    /** Every measure under every convention, in the order of {@code solve}. */
    public static List<Measure> all() {
        return EVERYTHING;
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

    /** The measures of the page Measures, as a course card has them, in the order of the page. */
    public static List<Measure> page(CourseCard card) {
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

    /** The coefficients of skewness, the card’s first. */
    public static List<Measure> skewness(CourseCard card) {
        Divisor divisor = card.get(CardKey.DIVISOR);
        return cardFirst(
                card.get(CardKey.SKEWNESS).id(),
                List.of(
                        new PearsonSkewness(false, divisor),
                        new PearsonSkewness(true, divisor),
                        new BowleySkewness(card.get(CardKey.QUARTILES)),
                        new KellySkewness(card.get(CardKey.QUANTILES)),
                        new MomentSkewness(MomentSkewness.Kind.MOMENT),
                        new MomentSkewness(MomentSkewness.Kind.ADJUSTED),
                        new MomentSkewness(MomentSkewness.Kind.B1),
                        new MomentSkewness(MomentSkewness.Kind.BETA)));
    }

    /** The coefficients of kurtosis, the card’s first. */
    public static List<Measure> kurtosis(CourseCard card) {
        return cardFirst(
                card.get(CardKey.KURTOSIS).id(),
                List.of(
                        new MomentKurtosis(MomentKurtosis.Kind.MOMENT),
                        new MomentKurtosis(MomentKurtosis.Kind.EXCESS),
                        new MomentKurtosis(MomentKurtosis.Kind.ADJUSTED),
                        new MomentKurtosis(MomentKurtosis.Kind.B2),
                        new PercentileKurtosis(card.get(CardKey.QUANTILES))));
    }

    private static List<Measure> cardFirst(String id, List<Measure> measures) {
        List<Measure> ordered = new ArrayList<>(measures);
        measures.stream().filter(measure -> measure.id().equals(id)).findFirst().ifPresent(first -> {
            ordered.remove(first);
            ordered.add(0, first);
        });
        return ordered;
    }

    /**
     * The question that a measure answers: its id without any convention, so that an answer stays with its question when
     * the card changes. {@code variance-sample} answers {@code variance}.
     */
    public static String question(Measure measure) {
        String id = measure.id();
        if (measure.key().indexOf('=') >= 0) {
            return measure.key().substring(0, measure.key().lastIndexOf('/'));
        }
        return question(id);
    }

    /** The question that a named part of a formula answers: {@code sd} for s or σ. */
    public static String question(Symbol symbol) {
        return question(symbol.id());
    }

    private static String question(String id) {
        return id.startsWith("variance-") ? "variance" : id.startsWith("sd-") ? "sd" : id;
    }

    /** The conventions that a question depends on: the keys of the card with another choice that changes its measure. */
    public static List<CardKey<?>> conventions(String question, CourseCard card) {
        List<CardKey<?>> found = new ArrayList<>();
        for (CardKey<?> key : CardKey.all()) {
            if (key.subject() != CardKey.Subject.WRITING && depends(question, card, key)) {
                found.add(key);
            }
        }
        return found;
    }

    private static <T> boolean depends(String question, CourseCard card, CardKey<T> key) {
        Optional<Measure> now = find(question, card);
        return key.choices().stream()
                .anyMatch(choice -> !find(question, card.with(key, choice)).equals(now));
    }

    /**
     * The measure that a key names. A key without its convention takes the card's: {@code variance}, {@code quartile-1},
     * {@code skewness}. Also any {@code percentile-k}, {@code decile-k}, {@code quantile/p}, {@code z-score=v} and
     * {@code percentile-rank=v}.
     *
     * @return empty when there is no such measure
     */
    public static Optional<Measure> find(String key, CourseCard card) {
        Optional<Measure> exact =
                EVERYTHING.stream().filter(measure -> measure.key().equals(key)).findFirst();
        if (exact.isPresent() && !key.equals("median") && !key.equals("mode")) {
            return exact;
        }
        Divisor divisor = card.get(CardKey.DIVISOR);
        return switch (key) {
            case "variance" -> Optional.of(new Variance(divisor));
            case "sd" -> Optional.of(new StandardDeviation(divisor));
            case "skewness" -> Optional.of(skewness(card).get(0));
            case "kurtosis" -> Optional.of(kurtosis(card).get(0));
            case "quartile-2" -> Optional.of(new Median(card.get(CardKey.MEDIAN)));
            case "trimmed-mean" -> Optional.of(new TrimmedMean(TENTH));

            case "range-inclusive" -> Optional.of(new Range(true));
            default -> {
                Optional<Measure> onPage = page(card).stream()
                        .filter(measure -> measure.id().equals(key))
                        .findFirst();
                yield onPage.or(() -> withArgument(key, card));
            }
        };
    }

    private static Optional<Measure> withArgument(String key, CourseCard card) {
        int equals = key.indexOf('=');
        if (equals > 0) {
            return Numerals.POINT.read(key.substring(equals + 1)).flatMap(value -> switch (key.substring(0, equals)) {
                case "z-score" -> Optional.of(new ZScore(value.exact(), card.get(CardKey.DIVISOR)));
                case "percentile-rank" ->
                    Optional.of(new PercentileRank(value.exact(), card.get(CardKey.PERCENTILE_RANK)));
                default -> Optional.empty();
            });
        }
        int slash = key.indexOf("/hf");
        QuantileRule rule = card.get(CardKey.QUANTILES);
        String id = key;
        if (slash > 0) {
            Optional<QuantileRule> named = CardKey.QUANTILES.parse(key.substring(slash + 1));
            if (named.isEmpty()) {
                return Optional.empty();
            }
            rule = named.get();
            id = key.substring(0, slash);
        }
        if (id.matches("percentile-[1-9][0-9]?")) {
            return Optional.of(Quantile.percentile(Integer.parseInt(id.substring("percentile-".length())), rule));
        }
        String share = id.startsWith("quantile/") ? id.substring("quantile/".length()) : "";
        Optional<Exact> p = Numerals.POINT.read(share).map(Numerals.Numeral::exact);
        if (p.isPresent() && p.get().signum() > 0 && p.get().compareTo(Exact.ONE) < 0) {
            return Optional.of(Quantile.share(p.get(), rule));
        }
        if (id.matches("decile-[1-9]")) {
            return Optional.of(Quantile.decile(Integer.parseInt(id.substring("decile-".length())), rule));
        }
        return Optional.empty();
    }
}
