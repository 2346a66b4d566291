package promedio.core.slip;

import java.util.Optional;
import promedio.core.number.Figure;
import promedio.core.sentence.Sentence;

/**
 * What a mistake leads to.
 *
 * @param slip the id of the mistake
 * @param detail what happened, in one sentence
 * @param way the figure that comes of it, and how
 * @param blames the entry it blames, as it is written; empty where the mistake is in the computation
 */
public record Changed(String slip, Sentence detail, Way way, Optional<String> blames) {
    /** A changed computation. */
    static Changed of(String slip, Way way, Object... facts) {
        return new Changed(slip, Sentence.of("slip." + slip, facts), way, Optional.empty());
    }

    /** A changed computation of which only the figure is known. */
    static Changed of(String slip, Figure value, Object... facts) {
        return of(slip, Way.of(value), facts);
    }

    /** A changed entry. */
    static Changed blaming(String slip, Way way, String entry, Object... facts) {
        return new Changed(slip, Sentence.of("slip." + slip, facts), way, Optional.of(entry));
    }

    /** The figure that comes of it. */
    public Figure value() {
        return way.value();
    }
}
