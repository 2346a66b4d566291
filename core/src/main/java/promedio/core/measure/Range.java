package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Range: from the smallest to the largest value.
 *
 * <p><b>Definition.</b> max − min; inclusive, one recording unit more, since each value stands for a stretch of that length.
 * <p><b>By hand.</b> 2, 3, 7 gives 5, inclusive 6.
 * <p><b>Source.</b> [NIST] 1.3.5.6 in docs/sources.md.
 *
 * @param inclusive whether one recording unit is added
 */
public record Range(boolean inclusive) implements Measure {
    @Override
    public String key() {
        return inclusive ? "range-inclusive" : "range";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of(key(), Notation.letter("R"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SPREAD).being(Traits.Known.USUAL, !inclusive);
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula range = Extreme.part(true, shape).minus(Extreme.part(false, shape));
        return Measure.only(symbol(), inclusive ? range.plus(number(shape.recordingUnit())) : range);
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        if (sample.classes().isPresent()) {
            ClassTable table = sample.classes().get();
            return Sentence.of(
                    "note.range",
                    table.at(table.size() - 1).upper().orElseThrow(),
                    table.at(0).lower().orElseThrow());
        }
        return Sentence.of(
                "note." + key(),
                sample.ranking().at(sample.count()),
                sample.ranking().at(sample.shape().step()),
                sample.recordingUnit());
    }
}
