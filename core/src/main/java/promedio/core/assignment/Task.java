package promedio.core.assignment;

import java.math.BigDecimal;
import java.util.Optional;
import promedio.core.course.Accuracy;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;

/**
 * A question as the tutor poses it.
 *
 * @param question what is asked
 * @param text in the tutor’s words; empty where the name of the measure says it
 * @param places the decimal places asked; empty where the card says it
 * @param points what a right answer is worth
 * @param tolerance how many units of the last place an answer may be off; empty where the card says it
 */
public record Task(
        Assignment.Question question,
        String text,
        Optional<Integer> places,
        Optional<BigDecimal> points,
        Optional<Integer> tolerance) {
    private static final int MOST_PLACES = 12;

    /** @throws IllegalArgumentException for places or a tolerance that cannot be, or points below 0 */
    public Task {
        text = Visible.encodable(text.strip());
        boolean possible = places.orElse(0) >= 0
                && places.orElse(0) <= MOST_PLACES
                && tolerance.orElse(0) >= 0
                && points.orElse(BigDecimal.ZERO).signum() >= 0;
        if (!possible) {
            throw new IllegalArgumentException("There is no such question: " + places + ", " + points + ".");
        }
    }

    /** A question of which nothing more is said. */
    public static Task of(Assignment.Question question) {
        return new Task(question, "", Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** The card under which answers to it are marked. */
    public CourseCard card(CourseCard of) {
        CourseCard card = places.map(many -> of.with(CardKey.ACCURACY, Accuracy.places(many)))
                .orElse(of);
        return tolerance.map(units -> card.with(CardKey.TOLERANCE, units)).orElse(card);
    }

    /** The question in few words: its number, its text, and the places it asks for where a card has others. */
    public Sentence brief(int number, CourseCard card) {
        boolean usual = places.isEmpty() || card(card).get(CardKey.ACCURACY).equals(card.get(CardKey.ACCURACY));
        Task bare = new Task(question, text, usual ? Optional.empty() : places, Optional.empty(), tolerance);
        return bare.told(number);
    }

    /** The question in words: its number, its text, the places it asks for and what it is worth. */
    public Sentence told(int number) {
        Sentence told = text.isEmpty() ? Sentence.of("task.number", number) : Sentence.of("task.text", number, text);
        if (places.isPresent()) {
            told = Sentence.of(
                    "task.and", told, Sentence.of(places.get() == 1 ? "task.place" : "task.places", places.get()));
        }
        if (points.isPresent()) {
            String key = points.get().compareTo(BigDecimal.ONE) == 0 ? "task.point" : "task.points";
            told = Sentence.of("task.and", told, Sentence.of(key, plain(points.get())));
        }
        return told;
    }

    /** Points without zeros that say nothing. */
    public static String plain(BigDecimal points) {
        return points.signum() == 0 ? "0" : points.stripTrailingZeros().toPlainString();
    }
}
