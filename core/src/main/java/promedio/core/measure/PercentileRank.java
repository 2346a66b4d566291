package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.course.PercentileRankRule;
import promedio.core.formula.Counted;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Percentile rank of a value: the percentage of the values that lie below it.
 *
 * <p><b>Definition.</b> 100·(B + ½E)/n with B below and E equal to it; other courses count all or none of E.
 * <p><b>By hand.</b> 2, 3, 3, 7: 3 has 100·(1 + 1)/4 = 50.
 * <p><b>Source.</b> [BOOKS] in docs/sources.md.
 *
 * @param value the value
 * @param rule how values equal to it count
 */
public record PercentileRank(Exact value, PercentileRankRule rule) implements Measure {
    @Override
    public String key() {
        return "percentile-rank=" + value + "/" + rule.id();
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
        Formula below = new Formula.Count(Counted.BELOW, value).named(Symbol.counting("below", Notation.letter("B")));
        Formula equal = new Formula.Count(Counted.EQUAL, value).named(Symbol.counting("equal", Notation.letter("E")));
        Formula counted =
                switch (rule) {
                    case HALF -> below.plus(equal.over(number(2)));
                    case AT_OR_BELOW -> below.plus(equal);
                    case BELOW -> below;
                };
        return Measure.only(symbol(), number(100).times(counted).over(Symbols.N));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.percentile-rank", value);
    }

    @Override
    public String id() {
        return "percentile-rank";
    }
}
