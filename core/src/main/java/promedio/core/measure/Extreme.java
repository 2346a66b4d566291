package promedio.core.measure;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Formula.valueAt;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * The smallest or the largest value.
 *
 * <p><b>By hand.</b> 2, 3, 7 has 2 and 7.
 * <p><b>Source.</b> Common practice.
 *
 * @param largest whether it is the largest
 */
public record Extreme(boolean largest) implements Measure {
    @Override
    public String key() {
        return largest ? "maximum" : "minimum";
    }

    @Override
    public Symbol symbol() {
        return largest ? MAXIMUM : MINIMUM;
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.POSITION).from("BOOKS").being(Traits.Known.COMMONPLACE);
    }

    @Override
    public List<Method> methods(Shape shape) {
        return List.of(new Method("definition", part(largest, shape)));
    }

    private static final Symbol MINIMUM = Symbol.of("minimum", Notation.word("min"));
    private static final Symbol MAXIMUM = Symbol.of("maximum", Notation.word("max"));
    private static final Formula.Named LEAST = valueAt(number(1)).named(MINIMUM);
    private static final Formula.Named MOST = valueAt(Symbols.N).named(MAXIMUM);

    /** The extreme as a part of other formulas. */
    static Formula.Named part(boolean largest, Shape shape) {
        if (shape.grouped()) {
            return largest ? ClassFigures.whole().upper() : ClassFigures.whole().lower();
        }
        // Among proportions the first rank is the finest unit of the frequencies, not 1.
        return largest ? MOST : shape.relative() ? valueAt(number(shape.step())).named(MINIMUM) : LEAST;
    }
}
