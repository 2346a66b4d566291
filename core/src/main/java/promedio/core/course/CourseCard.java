package promedio.core.course;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.formula.Letters;
import promedio.core.formula.LineRounding;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.number.HalfRule;
import promedio.core.number.Numerals;
import promedio.core.sentence.Sentence;

/**
 * The conventions of a course, set once for an assignment: a choice for every {@link CardKey}. Two cards are equal when
 * every choice is.
 */
public final class CourseCard {
    /** The card where nothing is said. */
    public static final CourseCard STANDARD = new CourseCard(Map.of());

    /** Only the choices that differ from the standard. */
    private final Map<String, Object> choices;

    private CourseCard(Map<String, Object> choices) {
        this.choices = choices;
    }

    /** The choice for a key. */
    public <T> T get(CardKey<T> key) {
        @SuppressWarnings("unchecked") // with() puts only choices of the key's own type
        T chosen = (T) choices.get(key.id());
        return chosen == null ? key.standard() : chosen;
    }

    /** The same card with another choice. */
    public <T> CourseCard with(CardKey<T> key, T choice) {
        Map<String, Object> changed = new LinkedHashMap<>(choices);
        if (choice.equals(key.standard())) {
            changed.remove(key.id());
        } else {
            changed.put(key.id(), choice);
        }
        return new CourseCard(changed);
    }

    /** The same card with a rule as on the command line, {@code quartiles}, {@code hf7}; empty when there is no such. */
    public Optional<CourseCard> withRule(String key, String value) {
        String text = key.equals("figures") ? value + " figures" : value;
        return CardKey.find(key).flatMap(known -> parsed(known, text));
    }

    private <T> Optional<CourseCard> parsed(CardKey<T> key, String text) {
        return key.parse(text).map(choice -> with(key, choice));
    }

    /** The choices that differ from the standard, by key id. */
    public Map<String, String> differences() {
        return CardKey.all().stream()
                .filter(key -> choices.containsKey(key.id()))
                .collect(Collectors.toMap(CardKey::id, this::idOf, (a, b) -> a, LinkedHashMap::new));
    }

    /** The id of the choice for a key. */
    public <T> String idOf(CardKey<T> key) {
        return key.idOf(get(key));
    }

    /** The choice for a key in words: “divided by n − 1”. */
    public Sentence words(CardKey<?> key) {
        return wordsOf(key, idOf(key));
    }

    /** A choice of a key, by its id, in words. */
    public static Sentence wordsOf(CardKey<?> key, String choiceId) {
        if (key == CardKey.ACCURACY) {
            return Accuracy.parse(choiceId.replace(" figures", ""), choiceId.endsWith("figures"))
                    .map(accuracy -> Sentence.of("card.places." + accuracy.kind(), accuracy.digits()))
                    .orElseThrow();
        }
        if (key == CardKey.WORKING || key == CardKey.TOLERANCE) {
            return choiceId.equals("exact")
                    ? Sentence.of("card.working.exact")
                    : Sentence.of(key == CardKey.WORKING ? "card.working.rounded" : "card.tolerance.units", choiceId);
        }
        return Sentence.of("card." + key.id() + "." + choiceId);
    }

    /** What sums of squares of class tables are divided by. */
    public Divisor groupedDivisor() {
        return switch (get(CardKey.GROUPED_DIVISOR)) {
            case SAME -> get(CardKey.DIVISOR);
            case SAMPLE -> Divisor.SAMPLE;
            case POPULATION -> Divisor.POPULATION;
        };
    }

    /** The rounding of halves. */
    public HalfRule halves() {
        return get(CardKey.ROUNDING) == Rounding.HALF_UP ? HalfRule.HALF_UP : HalfRule.HALF_EVEN;
    }

    /** How lines of working are carried. */
    public LineRounding lines() {
        return new LineRounding(get(CardKey.WORKING), halves());
    }

    /** How numbers are read. */
    public Numerals numerals() {
        return get(CardKey.DECIMAL_MARK) == DecimalMark.COMMA ? Numerals.COMMA : Numerals.POINT;
    }

    /** The letters of the course. */
    public Letters letters() {
        return this::letter;
    }

    private Notation letter(Symbol symbol) {
        return switch (symbol.id()) {
            case "mean" ->
                get(CardKey.MEAN_LETTER) == MeanLetter.MU ? Notation.letter("μ", "\\mu ", "mu") : symbol.notation();
            case "median" ->
                switch (get(CardKey.MEDIAN_LETTER)) {
                    case X_TILDE -> symbol.notation();
                    case M -> Notation.letter("M");
                    case ME -> Notation.word("Me");
                    case MD -> Notation.word("Md");
                    case Q2 -> Notation.indexed("Q", "2");
                };
            case "mode" -> Notation.word(get(CardKey.MODE_LETTER).id());
            default -> symbol.notation();
        };
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof CourseCard card && choices.equals(card.choices);
    }

    @Override
    public int hashCode() {
        return choices.hashCode();
    }

    @Override
    public String toString() {
        return differences().toString();
    }
}
