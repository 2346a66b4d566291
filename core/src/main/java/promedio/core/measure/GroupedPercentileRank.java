package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Percentile rank of a value in a class table: what percent of the values lie below it, those of its class taken as spread
 * evenly.
 *
 * <p><b>Definition.</b> 100 · (F + (v − L)/h · f)/n in the class of v.
 * <p><b>Source.</b> [BOOKS] in docs/sources.md.
 *
 * @param value the value v
 */
public record GroupedPercentileRank(Exact value) implements Measure {
    @Override
    public String key() {
        return "percentile-rank=" + value + "/interpolated";
    }

    @Override
    public String id() {
        return "percentile-rank";
    }

    @Override
    public String question() {
        return id() + "=" + value;
    }

    @Override
    public Sentence label() {
        return Sentence.of("measure." + id(), value.toString());
    }

    @Override
    public Symbol symbol() {
        return Symbol.of("percentile-rank", Notation.word("PR"));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.POSITION).in(Dimension.PERCENT).from("BOOKS");
    }

    @Override
    public List<Method> methods(Shape shape) {
        ClassFigures found = ClassFigures.of(number(value));
        Formula below = found.before()
                .plus(number(value).minus(found.lower()).over(found.width()).times(found.frequency()));
        return Measure.only(symbol(), number(100).times(below).over(Symbols.N));
    }

    /** Below all classes it is 0, above all of them 100. */
    @Override
    public Outcome outcome(Evaluation evaluation) {
        ClassTable table = evaluation.sample().classes().orElseThrow();
        if (table.at(0).lower().filter(least -> value.compareTo(least) <= 0).isPresent()) {
            return new Outcome.Single(Exact.ZERO);
        }
        if (table.at(table.size() - 1)
                .upper()
                .filter(most -> value.compareTo(most) >= 0)
                .isPresent()) {
            return new Outcome.Single(Exact.of(100));
        }
        return Measure.super.outcome(evaluation);
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        ClassTable table = sample.classes().orElseThrow();
        return Sentence.of("note.grouped-rank", table.at(table.classOf(value)).label());
    }
}
