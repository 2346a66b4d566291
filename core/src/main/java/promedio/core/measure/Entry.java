package promedio.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import promedio.core.course.CardKey;
import promedio.core.course.Choice;
import promedio.core.course.CourseCard;

/**
 * A line of the catalogue.
 *
 * @param all the measure under every convention, as {@code solve} prints it
 * @param page what the page has of it under a card
 * @param asked what a key that neither of them has means here, such as {@code percentile-37}
 * @param bareByCard whether a key without a convention means what the card says, although a convention has that very key
 */
record Entry(
        List<Measure> all,
        Function<CourseCard, List<Measure>> page,
        BiFunction<String, CourseCard, Optional<Measure>> asked,
        boolean bareByCard) {
    private Entry(List<Measure> all, Function<CourseCard, List<Measure>> page) {
        this(List.copyOf(all), page, (key, card) -> Optional.empty(), false);
    }

    /** A measure that no convention changes. */
    static Entry one(Measure measure) {
        return new Entry(List.of(measure), card -> List.of(measure));
    }

    /** A measure by a rule. */
    static <T> Entry by(Rule<T> rule, Function<T, Measure> making) {
        return new Entry(
                rule.choices().stream().map(making).toList(),
                card -> List.of(making.apply(rule.chosen().apply(card))));
    }

    /** A measure of which the page may have another variant than those of {@code solve}; none of them for the page alone. */
    static Entry variants(List<Measure> all, Function<CourseCard, Measure> page) {
        return new Entry(all, card -> List.of(page.apply(card)));
    }

    /** No line of its own: what a key means. */
    static Entry asked(BiFunction<String, CourseCard, Optional<Measure>> meaning) {
        return new Entry(List.of(), card -> List.of(), meaning, false);
    }

    /** Several coefficients of one thing: the card's choice comes first, and is what the name of the thing means. */
    static Entry coefficients(CardKey<? extends Choice> choice, List<Entry> entries) {
        Function<CourseCard, List<Measure>> page = card -> {
            List<Measure> ordered = new ArrayList<>();
            for (Entry entry : entries) {
                for (Measure measure : entry.page.apply(card)) {
                    boolean first = measure.id().equals(card.get(choice).id());
                    ordered.add(first ? 0 : ordered.size(), measure);
                }
            }
            return ordered;
        };
        return new Entry(
                entries.stream().flatMap(entry -> entry.all.stream()).toList(),
                page,
                (key, card) ->
                        key.equals(choice.id()) ? Optional.of(page.apply(card).get(0)) : Optional.empty(),
                false);
    }

    /** The same, its bare key meaning what the card says. */
    Entry bare() {
        return new Entry(all, page, asked, true);
    }
}
