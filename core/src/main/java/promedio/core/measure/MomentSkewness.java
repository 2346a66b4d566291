package promedio.core.measure;

import static promedio.core.formula.Formula.number;

import java.util.List;
import java.util.function.IntFunction;
import promedio.core.course.Divisor;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Coefficients of skewness by moments, m_k = Σ(x − x̄)ᵏ/n.
 *
 * <p><b>Definition.</b> g₁ = m₃/m₂^{3/2}; β₁ = m₃²/m₂³; G₁ = g₁·√(n(n − 1))/(n − 2); b₁ = m₃/s³ with s of the sample.
 * <p><b>By hand.</b> 2, 3, 7: m₂ = 14/3, m₃ = (−8 − 1 + 27)/3 = 6, g₁ = 6/(14/3)^{1.5} = 0.595.
 * <p><b>Undefined</b> when all values are equal; G₁ also for fewer than three.
 * <p><b>Source.</b> [JG] Joanes and Gill 1998 in docs/sources.md.
 *
 * @param kind which of the four
 */
public record MomentSkewness(Kind kind) implements Skew {
    @Override
    public String key() {
        return kind.id;
    }

    @Override
    public Symbol symbol() {
        return kind.symbol;
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SHAPE).in(Dimension.NONE).needing(kind.needs).from("JG");
    }

    @Override
    public List<Method> methods(Shape shape) {
        return Moments.methods(moment -> body(kind, moment).named(symbol()), shape);
    }

    private static Formula body(Kind kind, IntFunction<Formula> moment) {
        Formula m2 = moment.apply(2);
        Formula m3 = moment.apply(3);
        Formula g1 = m3.over(m2.times(m2.root()));
        return switch (kind) {
            case MOMENT -> g1;
            case BETA -> m3.squared().over(m2.power(3));
            case ADJUSTED ->
                g1.named(Kind.MOMENT.symbol)
                        .times(Symbols.N.times(Symbols.N_LESS_1).root())
                        .over(Symbols.N.minus(number(2)));
            case B1 -> m3.over(StandardDeviation.part(Divisor.SAMPLE).power(3));
        };
    }

    /** Which of the four. */
    public enum Kind {
        /** g₁. */
        MOMENT("skewness-moment", Notation.indexed("g", "1"), List.of(Need.UNEQUAL)),
        /** β₁. */
        BETA(
                "beta-1",
                new Notation.Lowered(Symbols.greek("β", "\\beta ", "beta"), Notation.numeral("1")),
                List.of(Need.UNEQUAL)),
        /** G₁. */
        ADJUSTED("skewness-adjusted", Notation.indexed("G", "1"), List.of(Need.COUNTS, Need.atLeast(3), Need.UNEQUAL)),
        /** b₁. */
        B1("skewness-b1", Notation.indexed("b", "1"), List.of(Need.COUNTS, Need.TWO, Need.UNEQUAL));

        private final String id;
        private final Symbol symbol;
        private final List<Need> needs;

        Kind(String id, Notation notation, List<Need> needs) {
            this.id = id;
            this.symbol = Symbol.of(id, notation);
            this.needs = needs;
        }
    }
}
