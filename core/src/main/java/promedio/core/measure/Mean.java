package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.X;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.sample.Grouping;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * Arithmetic mean: the total shared out equally.
 *
 * <p><b>Definition.</b> x̄ = Σx / n; of a frequency table Σfx / Σf.
 * <p><b>Assumed mean.</b> A + Σ(x − A)/n for any A; here A is the middle value, so that the differences are small.
 * <p><b>Step deviation,</b> for classes of one width h: A + h·Σfu/n with u = (x − A)/h.
 * <p><b>By hand.</b> 2, 3, 7 gives 12/3 = 4.
 * <p><b>Source.</b> [NIST] 1.3.5.1 in docs/sources.md.
 */
public record Mean() implements Measure {
    private static final Symbol SYMBOL = Symbol.of("mean", Notation.bar("x"));
    /** x̄ as a part of other formulas. */
    static final Formula.Named PART = total(X).over(Symbols.N).named(SYMBOL);

    /** A. */
    static final Symbol ASSUMED = Symbol.counting("assumed-mean", Notation.letter("A"));

    @Override
    public String key() {
        return "mean";
    }

    @Override
    public Symbol symbol() {
        return SYMBOL;
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.CENTRE).being(Traits.Known.USUAL);
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula.Named assumed = assumed(shape);
        List<Method> methods = new ArrayList<>(List.of(
                new Method("direct", PART),
                new Method(
                        "assumed-mean",
                        assumed.plus(total(X.minus(assumed)).over(Symbols.N)).named(SYMBOL))));
        step(shape)
                .ifPresent(h -> methods.add(new Method(
                        "step-deviation",
                        assumed.plus(h.times(total(X.minus(assumed).over(h)).over(Symbols.N)))
                                .named(SYMBOL))));
        return methods;
    }

    /** A, the assumed mean: the middle value, of two the lower. */
    static Formula.Named assumed(Shape shape) {
        if (shape.grouped()) {
            return ClassFigures.assumed().midpoint().named(ASSUMED);
        }
        return Formula.valueAt(Formula.number(Median.lowerMiddle(shape))).named(ASSUMED);
    }

    /** h, the common width of the classes; empty for lists and where widths differ. */
    static Optional<Formula> step(Shape shape) {
        return shape.grouping().flatMap(Grouping::width).map(width -> number(width)
                .named(Symbol.counting("class-h", Notation.letter("h"))));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.mean", sample.powerSum(1), sample.count());
    }
}
