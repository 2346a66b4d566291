package promedio.core.assignment;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * The hints way: a mark of a covered figure says at first only that an answer differs, and a learner asks for one hint after the
 * other. How many were taken is kept for each answer.
 *
 * @param on whether marks give hints
 * @param taken how many hints were taken to an answer
 */
public record Hints(boolean on, Map<Given, Integer> taken) {
    /** Marks say at once what happened. */
    public static final Hints OFF = new Hints(false, Map.of());

    /** The hint after which nothing is left to tell, and the figure is seen. */
    public static final int LAST = 3;

    /** An answer to a question. */
    public record Given(Assignment.Question question, String answer) {}

    /** Copies the map. */
    public Hints {
        taken = Collections.unmodifiableMap(new LinkedHashMap<>(taken));
    }

    /** How many were taken to an answer. */
    public int to(Assignment.Question question, String answer) {
        return taken.getOrDefault(new Given(question, answer), 0);
    }

    /** How many were taken to all answers to a question. */
    public int to(Assignment.Question question) {
        return taken.entrySet().stream()
                .filter(one -> one.getKey().question().equals(question))
                .mapToInt(Map.Entry::getValue)
                .sum();
    }

    Hints giving(boolean give) {
        return new Hints(give, taken);
    }

    Hints another(Assignment.Question question, String answer) {
        Map<Given, Integer> more = new LinkedHashMap<>(taken);
        more.merge(new Given(question, answer), 1, Integer::sum);
        return to(question, answer) >= LAST ? this : new Hints(on, more);
    }
}
