package promedio.core.measure;

import promedio.core.formula.Outcome;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;

/** A coefficient of skewness, whose sign is what is told. */
sealed interface Skew extends Measure permits BowleySkewness, KellySkewness, MomentSkewness, PearsonSkewness {
    @Override
    default Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.skew." + side(outcome));
    }

    @Override
    default Sentence meaning(Outcome outcome, String shown, Exact count) {
        return Sentence.of("meaning.skewness." + side(outcome));
    }

    private static String side(Outcome outcome) {
        int sign = outcome.single().map(figure -> figure.signum()).orElse(0);
        return sign > 0 ? "right" : sign < 0 ? "left" : "none";
    }
}
