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
 * Coefficients of kurtosis by moments, m_k = Σ(x − x̄)ᵏ/n.
 *
 * <p><b>Definition.</b> β₂ = m₄/m₂²; γ₂ = β₂ − 3; G₂ = (n − 1)/((n − 2)(n − 3))·((n + 1)γ₂ + 6); b₂ = m₄/s⁴ − 3 with s of
 * the sample.
 * <p><b>Reading it.</b> β₂ is 3 for a normal curve; more means heavier tails.
 * <p><b>Undefined</b> when all values are equal; G₂ also for fewer than four.
 * <p><b>Source.</b> [JG] Joanes and Gill 1998 in docs/sources.md.
 *
 * @param kind which of the four
 */
public record MomentKurtosis(Kind kind) implements Measure {
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
        Formula beta = moment.apply(4).over(moment.apply(2).squared()).named(Kind.MOMENT.symbol);
        Formula n = Symbols.N;
        return switch (kind) {
            case MOMENT -> beta.parts().get(0);
            case EXCESS -> beta.minus(number(3));
            case ADJUSTED ->
                Symbols.N_LESS_1
                        .over(n.minus(number(2)).times(n.minus(number(3))))
                        .times(n.plus(number(1))
                                .times(beta.minus(number(3)).named(Kind.EXCESS.symbol))
                                .plus(number(6)));
            case B2 ->
                moment.apply(4)
                        .over(StandardDeviation.part(Divisor.SAMPLE).power(4))
                        .minus(number(3));
        };
    }

    /** Which of the four. */
    public enum Kind {
        /** β₂. */
        MOMENT(
                "kurtosis-moment",
                new Notation.Lowered(Symbols.greek("β", "\\beta ", "beta"), Notation.numeral("2")),
                List.of(Need.UNEQUAL)),
        /** γ₂. */
        EXCESS(
                "kurtosis-excess",
                new Notation.Lowered(Symbols.greek("γ", "\\gamma ", "gamma"), Notation.numeral("2")),
                List.of(Need.UNEQUAL)),
        /** G₂. */
        ADJUSTED("kurtosis-adjusted", Notation.indexed("G", "2"), List.of(Need.COUNTS, Need.atLeast(4), Need.UNEQUAL)),
        /** b₂. */
        B2("kurtosis-b2", Notation.indexed("b", "2"), List.of(Need.COUNTS, Need.TWO, Need.UNEQUAL));

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
