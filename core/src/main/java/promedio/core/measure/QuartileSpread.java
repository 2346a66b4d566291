package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import promedio.core.course.PositionRule;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * The spread of the middle half, three ways: interquartile range, quartile deviation, and its coefficient.
 *
 * <p><b>Definition.</b> Q₃ − Q₁; (Q₃ − Q₁)/2; (Q₃ − Q₁)/(Q₃ + Q₁).
 * <p><b>By hand.</b> Q₁ = 4 and Q₃ = 12 give 8, 4 and 0.5.
 * <p><b>Source.</b> [NIST] 1.3.5.6 in docs/sources.md.
 *
 * @param kind which of the three
 * @param rule how the quartiles are read
 */
public record QuartileSpread(Kind kind, PositionRule rule) implements Measure {
    @Override
    public String key() {
        return kind.id + "/" + rule.id();
    }

    @Override
    public Symbol symbol() {
        return kind.symbol;
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SPREAD)
                .in(kind == Kind.COEFFICIENT ? Dimension.NONE : Dimension.UNIT)
                .needing(Positions.needs(rule))
                .from(Positions.source(rule))
                .being(Traits.Known.USUAL, kind == Kind.RANGE);
    }

    @Override
    public Formula.Named formula(Shape shape) {
        return Shared.formula(key(), shape, () -> methods(shape).get(0).formula());
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula upper = Positions.quartile(3, rule, shape);
        Formula lower = Positions.quartile(1, rule, shape);
        Formula difference = upper.minus(lower);
        return Measure.only(
                symbol(),
                switch (kind) {
                    case RANGE -> difference;
                    case DEVIATION -> difference.over(number(2));
                    case COEFFICIENT -> difference.over(upper.plus(lower));
                });
    }

    /** Which of the three. */
    public enum Kind {
        /** Q₃ − Q₁. */
        RANGE("iqr", Notation.word("IQR")),
        /** Half of it. */
        DEVIATION("quartile-deviation", Notation.word("QD")),
        /** As a share of the sum of the quartiles. */
        COEFFICIENT("coefficient-of-quartile-deviation", Symbols.indexed(Notation.word("coeff"), "QD"));

        private final String id;
        private final Symbol symbol;

        Kind(String id, Notation notation) {
            this.id = id;
            this.symbol = Symbol.of(id, notation);
        }
    }

    /** The interquartile range as a part of other formulas. */
    static Formula.Named range(PositionRule rule, Shape shape) {
        return new QuartileSpread(Kind.RANGE, rule).formula(shape);
    }
}
