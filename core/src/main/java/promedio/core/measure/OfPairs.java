package promedio.core.measure;

import promedio.core.formula.Outcome;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;

/** A measure of pairs: what stands behind the slash of its key is one of the two variables, not a convention. */
interface OfPairs extends Measure {
    @Override
    default String id() {
        return key();
    }

    @Override
    default Sentence label() {
        return Sentence.of("measure.pairs." + question());
    }

    @Override
    default Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.pairs." + question());
    }

    @Override
    default Sentence meaning(Outcome outcome, String shown, Exact count) {
        return Sentence.of("meaning.pairs." + question(), shown, count);
    }

    /** One of three meanings, by the sign of the figure: rising, falling or level. */
    default Sentence bySign(Outcome outcome, String shown) {
        int sign = outcome.single().map(figure -> figure.signum()).orElse(0);
        String way = sign > 0 ? "rising" : sign < 0 ? "falling" : "level";
        return Sentence.of("meaning.pairs." + question() + "." + way, shown);
    }
}
