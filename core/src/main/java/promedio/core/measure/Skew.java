package promedio.core.measure;

import promedio.core.formula.Outcome;
import promedio.core.sentence.Sentence;

/** What the sign of a coefficient of skewness says. */
final class Skew {
    private Skew() {}

    static Sentence note(Outcome outcome) {
        int sign = outcome.single().map(figure -> figure.signum()).orElse(0);
        return Sentence.of(sign > 0 ? "note.skew.right" : sign < 0 ? "note.skew.left" : "note.skew.none");
    }
}
