package promedio.core.assignment;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import promedio.core.sentence.Visible;

/**
 * Everything that a student did with one question. Whatever else they do with it one day belongs here: it goes with the question, and is
 * private to the student by itself.
 *
 * @param answer the answer as it stands; empty where there is none
 * @param first the answer that was given first while figures were covered, which later ones do not replace; empty where there is none
 * @param lifted whether the cover was lifted before there was an answer
 * @param hints how many hints were taken to each answer
 */
public record Attempt(String answer, String first, boolean lifted, Map<String, Integer> hints) {
    /** Nothing was done. */
    public static final Attempt NONE = new Attempt("", "", false, Map.of());

    /** The hint after which nothing is left to tell, and the figure is seen. */
    public static final int LAST_HINT = 3;

    /** Makes the texts fit to be kept, and copies the map; hints beyond the last are none. */
    public Attempt {
        answer = Visible.encodable(answer.strip());
        first = Visible.encodable(first.strip());
        Map<String, Integer> taken = new LinkedHashMap<>();
        hints.forEach((given, count) -> taken.put(Visible.encodable(given), Math.max(0, Math.min(LAST_HINT, count))));
        hints = Collections.unmodifiableMap(taken);
    }

    /** An answer, and nothing else. */
    public static Attempt of(String answer) {
        return NONE.answering(answer, false);
    }

    /** Whether there is an answer. */
    public boolean isAnswered() {
        return !answer.isEmpty();
    }

    /** Whether the figure has been seen: it is answered or was once, or its cover was lifted. */
    boolean isSeen() {
        return isAnswered() || lifted || !first.isEmpty();
    }

    /** The first answer, where it is another than the one that stands. */
    public Optional<String> otherFirst() {
        return Optional.of(first).filter(one -> !one.isEmpty() && !one.equals(answer));
    }

    /** How many hints were taken to the answer that stands. */
    public int hintsToAnswer() {
        return hints.getOrDefault(answer, 0);
    }

    /** How many hints were taken to all answers. */
    public int allHints() {
        return hints.values().stream().mapToInt(Integer::intValue).sum();
    }

    /** With another answer, or none; the first one is kept as long as figures are covered. */
    Attempt answering(String text, boolean covered) {
        return new Attempt(text, covered && first.isEmpty() ? text : first, lifted, hints);
    }

    Attempt lifting() {
        return new Attempt(answer, first, true, hints);
    }

    /** With one more hint to the answer that stands, as long as there is one to give. */
    Attempt hinted() {
        Map<String, Integer> more = new LinkedHashMap<>(hints);
        more.merge(answer, 1, Integer::sum);
        return new Attempt(answer, first, lifted, more);
    }
}
