package promedio.core.measure;

import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.X;
import static promedio.core.formula.Row.Y;

import java.util.List;
import promedio.core.formula.Formula;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * The mean of one variable of pairs: x̄ = Σx/n or ȳ = Σy/n, of the rows in which both are numbers.
 *
 * <p><b>By hand.</b> The pairs (1; 2), (2; 3), (3; 5) have x̄ = 6/3 = 2 and ȳ = 10/3.
 * <p><b>Source.</b> [NIST] 1.3.5.1 in docs/sources.md.
 *
 * @param second whether it is the mean of y
 */
public record PairMean(boolean second) implements OfPairs {
    @Override
    public String key() {
        return second ? "mean/y" : "mean/x";
    }

    private Formula.Named part() {
        return second ? PairParts.MEAN_OF_Y : PairParts.MEAN_OF_X;
    }

    @Override
    public Symbol symbol() {
        return part().symbol();
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.EACH)
                .in(second ? Dimension.SECOND : Dimension.UNIT)
                .being(Traits.Known.USUAL);
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula.Named assumed = second ? PairParts.assumedOfY(shape) : Mean.assumed(shape);
        Formula each = second ? Y : X;
        return List.of(
                new Method("direct", part()),
                new Method(
                        "assumed-mean",
                        assumed.plus(total(each.minus(assumed)).over(Symbols.N)).named(symbol())));
    }
}
