package promedio.core.marking;

import java.util.Optional;
import promedio.core.number.Figure;
import promedio.core.sentence.Sentence;
import promedio.core.slip.Way;

/**
 * What may have happened.
 *
 * @param slip the id of the mistake
 * @param also the id of a second mistake made with it
 * @param detail what happened, in one sentence
 * @param way the figure that comes of it, not yet rounded as an answer, and how
 * @param chance whether so few digits match that it may as well be chance
 * @param where of something copied wrong: {@code answer}, or the value it blames
 */
public record Explanation(
        String slip, Optional<String> also, Sentence detail, Way way, boolean chance, Optional<String> where) {
    /** One mistake. */
    public Explanation(String slip, Sentence detail, Way way, boolean chance, Optional<String> where) {
        this(slip, Optional.empty(), detail, way, chance, where);
    }

    /** The figure that comes of it, not yet rounded as an answer. */
    public Figure value() {
        return way.value();
    }

    /** What happened, with “could be” before it where it may be chance. */
    public Sentence told() {
        return chance ? Sentence.of("slip.could-be", detail) : detail;
    }
}
