package promedio.core.marking;

import java.util.Optional;
import promedio.core.sentence.Sentence;
import promedio.core.slip.Changed;
import promedio.core.slip.Way;

/**
 * A mistake, or two of them, how common it is, and what it leads to.
 *
 * @param commonness how common, the greater the commoner
 * @param slip the id of the mistake
 * @param also the id of a second one
 * @param detail what happened
 * @param way the figure that comes of it, and how
 * @param blames the entry it blames, where it blames one
 */
record Tried(int commonness, String slip, Optional<String> also, Sentence detail, Way way, Optional<String> blames) {
    /** One mistake. */
    static Tried of(int commonness, Changed changed) {
        Way way = changed.way();
        return new Tried(commonness, changed.slip(), Optional.empty(), changed.detail(), way, changed.blames());
    }

    /** A mistake made after another. */
    static Tried pair(int commonness, Changed first, Changed second, Way way) {
        Optional<String> blames = first.blames().or(second::blames);
        return new Tried(
                commonness,
                first.slip(),
                Optional.of(second.slip()),
                Sentence.of("slip.pair", first.detail(), second.detail()),
                way,
                blames);
    }

    /** The figure in floating point. */
    double about() {
        return way.about();
    }

    /** The mistake or the two of them, whichever is first. */
    String kind() {
        return also.map(other -> slip.compareTo(other) < 0 ? slip + " " + other : other + " " + slip)
                .orElse(slip);
    }

    Explanation explanation(boolean chance) {
        return new Explanation(slip, also, detail, way, chance && !slip.equals("one-of-modes"), blames);
    }
}
