package promedio.core.measure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Symbol;
import promedio.core.sample.Givens;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;

/** The measures of a kind of sample: what {@code solve} prints, what the page shows, what a key names. */
public final class Catalogue {
    private static final Catalogue LISTS = new Catalogue(Measures.ofLists());
    private static final Catalogue CLASSES = new Catalogue(Measures.ofClasses());

    private static final Catalogue PAIRS = new Catalogue(PairMeasures.all());
    private static final Catalogue NONE = new Catalogue(List.of());

    private static final int MOST_GIVENS = 200;
    private static final Map<Givens, Catalogue> OF_GIVENS = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Givens, Catalogue> eldest) {
            return size() > MOST_GIVENS;
        }
    };

    private final List<Entry> entries;
    private final List<Measure> everything;

    private Catalogue(List<Entry> entries) {
        this.entries = entries;
        this.everything =
                entries.stream().flatMap(entry -> entry.all().stream()).toList();
    }

    /** The measures of lists and frequency tables. */
    public static Catalogue lists() {
        return LISTS;
    }

    /** The measures of class tables. */
    public static Catalogue classes() {
        return CLASSES;
    }

    /** The measures of pairs. */
    public static Catalogue pairs() {
        return PAIRS;
    }

    /** The catalogue for a sample. */
    public static Catalogue of(Sample sample) {
        return sample.givens().map(Catalogue::of).orElseGet(() -> of(sample.kind()));
    }

    /** What follows from what a question gives. */
    private static Catalogue of(Givens givens) {
        synchronized (OF_GIVENS) {
            return OF_GIVENS.computeIfAbsent(givens, some -> new Catalogue(GivenMeasures.of(some)));
        }
    }

    /** The catalogue for a kind of sample. */
    public static Catalogue of(SampleKind kind) {
        return switch (kind.form()) {
            case VALUES, FREQUENCIES -> LISTS;
            case CLASSES -> CLASSES;
            case PAIRS -> PAIRS;
            // What follows from givens depends on what is given.
            case CATEGORIES, GIVENS -> NONE;
        };
    }

    /** Every measure under every convention, in the order of {@code solve}. */
    public List<Measure> all() {
        return everything;
    }

    /** The measures of the page Measures, as a course card has them, in the order of the page. */
    public List<Measure> page(CourseCard card) {
        return entries.stream()
                .flatMap(entry -> entry.page().apply(card).stream())
                .toList();
    }

    /** Those of the page that a first course asks for, with the coefficient of skewness that the card puts first. */
    public List<Measure> usual(CourseCard card) {
        return page(card).stream()
                .filter(measure -> measure.traits().is(Traits.Known.USUAL)
                        || measure.id().equals(card.get(CardKey.SKEWNESS).id()))
                .toList();
    }

    /** The question that a named part of a formula answers: {@code sd} for s or σ. */
    public String question(Symbol symbol) {
        return everything.stream()
                .filter(measure -> measure.symbol().id().equals(symbol.id()))
                .findFirst()
                .map(Measure::question)
                .orElse(symbol.id());
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
        return exactly(key)
                .or(() -> entries.stream()
                        .flatMap(entry -> entry.asked().apply(key, card).stream())
                        .findFirst())
                .or(() -> entries.stream()
                        .flatMap(entry -> entry.page().apply(card).stream())
                        .filter(measure ->
                                measure.id().equals(key) || measure.question().equals(key))
                        .findFirst());
    }

    /** The measure under a convention that has this very key, unless it is left to the card. */
    private Optional<Measure> exactly(String key) {
        return entries.stream()
                .filter(entry -> !entry.bareByCard() || key.indexOf('/') >= 0)
                .flatMap(entry -> entry.all().stream())
                .filter(measure -> measure.key().equals(key))
                .findFirst();
    }
}
