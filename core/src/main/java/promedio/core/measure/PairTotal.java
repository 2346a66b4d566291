package promedio.core.measure;

import static promedio.core.formula.Row.X;
import static promedio.core.formula.Row.Y;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * A total over pairs: Σx, Σy, Σx², Σy² or Σxy.
 *
 * <p><b>By hand.</b> The pairs (1; 2), (2; 3), (3; 5) have Σx = 6, Σy = 10, Σx² = 14, Σy² = 38 and Σxy = 23.
 * <p><b>Source.</b> Common practice.
 *
 * @param what which of them
 */
public record PairTotal(What what) implements OfPairs {
    /** What is added up. */
    public enum What {
        /** Σx. */
        X("x", Dimension.UNIT),
        /** Σy. */
        Y("y", Dimension.SECOND),
        /** Σx². */
        XX("xx", Dimension.SQUARED),
        /** Σy². */
        YY("yy", Dimension.SECOND_SQUARED),
        /** Σxy. */
        XY("xy", Dimension.PRODUCT);

        private final String id;
        private final Dimension dimension;

        What(String id, Dimension dimension) {
            this.id = id;
            this.dimension = dimension;
        }
    }

    @Override
    public String key() {
        return "sum/" + what.id;
    }

    @Override
    public Symbol symbol() {
        return Symbol.of(key(), Notation.indexed("T", what.id));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.EACH).in(what.dimension).from("BOOKS");
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula each =
                switch (what) {
                    case X -> X;
                    case Y -> Y;
                    case XX -> X.squared();
                    case YY -> Y.squared();
                    case XY -> X.times(Y);
                };
        return Measure.only(symbol(), Formula.total(each));
    }
}
