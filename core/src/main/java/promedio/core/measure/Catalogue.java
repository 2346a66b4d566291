package promedio.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Divisor;
import promedio.core.course.PositionRule;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.Sample;

/** The measures of a kind of sample: what {@code solve} prints, what the page shows, what a key names. */
public abstract class Catalogue {
    /** The coefficients of skewness, the card’s first. */
    static List<Measure> skewness(CourseCard card, Divisor divisor, PositionRule quartiles, PositionRule quantiles) {
        return cardFirst(
                card.get(CardKey.SKEWNESS).id(),
                List.of(
                        new PearsonSkewness(false, divisor),
                        new PearsonSkewness(true, divisor),
                        new BowleySkewness(quartiles),
                        new KellySkewness(quantiles),
                        new MomentSkewness(MomentSkewness.Kind.MOMENT),
                        new MomentSkewness(MomentSkewness.Kind.ADJUSTED),
                        new MomentSkewness(MomentSkewness.Kind.B1),
                        new MomentSkewness(MomentSkewness.Kind.BETA)));
    }

    /** The coefficients of kurtosis, the card’s first. */
    static List<Measure> kurtosis(CourseCard card, PositionRule quantiles) {
        return cardFirst(
                card.get(CardKey.KURTOSIS).id(),
                List.of(
                        new MomentKurtosis(MomentKurtosis.Kind.MOMENT),
                        new MomentKurtosis(MomentKurtosis.Kind.EXCESS),
                        new MomentKurtosis(MomentKurtosis.Kind.ADJUSTED),
                        new MomentKurtosis(MomentKurtosis.Kind.B2),
                        new PercentileKurtosis(quantiles)));
    }

    /** A tenth: what a trimmed mean leaves out at each end. */
    static final Exact TENTH = Exact.ratio(1, 10);

    Catalogue() {}

    /** The measures of lists and frequency tables. */
    public static Catalogue lists() {
        return ListCatalogue.ONLY;
    }

    /** The measures of class tables. */
    public static Catalogue classes() {
        return ClassCatalogue.ONLY;
    }

    /** The catalogue for a sample. */
    public static Catalogue of(Sample sample) {
        return sample.classes().isPresent() ? classes() : lists();
    }

    /** Every measure under every convention, in the order of {@code solve}. */
    public abstract List<Measure> all();

    /** The measures of the page Measures, as a course card has them, in the order of the page. */
    public abstract List<Measure> page(CourseCard card);

    /** The measure of a question that the page does not have as it stands: another name, or an argument in it. */
    abstract Optional<Measure> special(String key, CourseCard card);

    /** The keys that name what the card says, although a measure has that very key. */
    abstract Set<String> byCard();

    static List<Measure> cardFirst(String id, List<Measure> measures) {
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
    public List<CardKey<?>> conventions(String question, CourseCard card) {
        List<CardKey<?>> found = new ArrayList<>();
        for (CardKey<?> key : CardKey.all()) {
            if (key.subject() != CardKey.Subject.WRITING && depends(question, card, key)) {
                found.add(key);
            }
        }
        return found;
    }

    private <T> boolean depends(String question, CourseCard card, CardKey<T> key) {
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
    public Optional<Measure> find(String key, CourseCard card) {
        Optional<Measure> exact =
                all().stream().filter(measure -> measure.key().equals(key)).findFirst();
        if (exact.isPresent() && !byCard().contains(key)) {
            return exact;
        }
        return special(key, card).or(() -> page(card).stream()
                .filter(measure -> measure.id().equals(key) || question(measure).equals(key))
                .findFirst());
    }

    /** The argument of a key such as {@code z-score=12.5}; empty when it is none, or no number. */
    static Optional<Exact> argument(String key, String id) {
        return key.startsWith(id + "=")
                ? Numerals.POINT.read(key.substring(id.length() + 1)).map(Numerals.Numeral::exact)
                : Optional.empty();
    }

    /** The whole number at the end of a key such as {@code percentile-37}. */
    static Optional<Integer> ordinal(String key, String family, int most) {
        if (!key.matches(family + "-[1-9][0-9]?")) {
            return Optional.empty();
        }
        int k = Integer.parseInt(key.substring(family.length() + 1));
        return k <= most ? Optional.of(k) : Optional.empty();
    }

    /** The share of a key such as {@code quantile/0.625}: above 0 and below 1. */
    static Optional<Exact> share(String key) {
        String text = key.startsWith("quantile/") ? key.substring("quantile/".length()) : "";
        return Numerals.POINT
                .read(text)
                .map(Numerals.Numeral::exact)
                .filter(p -> p.signum() > 0 && p.compareTo(Exact.ONE) < 0);
    }

    /** A key without the rule behind its last slash, where that is one. */
    static <T> Optional<T> ruleOf(String key, CardKey<T> rules) {
        int slash = key.lastIndexOf('/');
        return slash < 0 ? Optional.empty() : rules.parse(key.substring(slash + 1));
    }
}
