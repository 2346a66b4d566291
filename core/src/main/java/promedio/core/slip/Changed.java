package promedio.core.slip;

import java.util.Optional;
import promedio.core.number.Figure;
import promedio.core.sentence.Sentence;

/**
 * What a mistake leads to.
 *
 * @param slip the id of the mistake
 * @param detail what happened, in one sentence
 * @param value the figure that comes of it
 * @param blames the entry it blames, as it is written; empty where the mistake is in the computation
 */
public record Changed(String slip, Sentence detail, Figure value, Optional<String> blames) {
    /** A changed computation. */
    static Changed of(String slip, Figure value, Object... facts) {
        return new Changed(slip, Sentence.of("slip." + slip, facts), value, Optional.empty());
    }

    /** A changed entry. */
    static Changed blaming(String slip, Figure value, String entry, Object... facts) {
        return new Changed(slip, Sentence.of("slip." + slip, facts), value, Optional.of(entry));
    }
}
