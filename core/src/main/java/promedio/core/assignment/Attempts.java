package promedio.core.assignment;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Attempt first: whether the program's figures are covered until there is an answer, which covers were lifted without one,
 * and the first answer to each question, which later answers do not replace.
 *
 * @param first whether figures are covered
 * @param lifted the questions whose cover was lifted before there was an answer
 * @param firstAnswers the first answer to each question that was answered while figures were covered
 * @param hints whether marks give hints, and how many were taken
 */
public record Attempts(
        boolean first, Set<Assignment.Question> lifted, Map<Assignment.Question, String> firstAnswers, Hints hints) {
    /** Figures lie open, and nothing has been attempted. */
    public static final Attempts OPEN = new Attempts(false, Set.of(), Map.of(), Hints.OFF);

    /** Copies what it is given. */
    public Attempts {
        lifted = Collections.unmodifiableSet(new LinkedHashSet<>(lifted));
        firstAnswers = Collections.unmodifiableMap(new LinkedHashMap<>(firstAnswers));
    }

    /** Whether a figure has been seen: its cover was lifted, or it was answered once. */
    boolean seen(Assignment.Question question) {
        return lifted.contains(question) || firstAnswers.containsKey(question);
    }

    /** The first answer to a question, where one is kept. */
    public Optional<String> firstAnswer(Assignment.Question question) {
        return Optional.ofNullable(firstAnswers.get(question));
    }

    Attempts covering(boolean cover) {
        return new Attempts(cover, lifted, firstAnswers, hints);
    }

    Attempts lifting(Assignment.Question question) {
        Set<Assignment.Question> more = new LinkedHashSet<>(lifted);
        more.add(question);
        return new Attempts(first, more, firstAnswers, hints);
    }

    /** An answer was written; the first one is kept as long as figures are covered. */
    Attempts answered(Assignment.Question question, String text) {
        if (!first || text.isEmpty() || firstAnswers.containsKey(question)) {
            return this;
        }
        Map<Assignment.Question, String> more = new LinkedHashMap<>(firstAnswers);
        more.put(question, text);
        return new Attempts(first, lifted, more, hints);
    }

    Attempts hinting(Hints other) {
        return new Attempts(first, lifted, firstAnswers, other);
    }
}
