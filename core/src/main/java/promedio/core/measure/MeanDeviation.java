package promedio.core.measure;

import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.X;

import java.util.List;
import promedio.core.course.DeviationCentre;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.sample.Shape;

/**
 * Mean deviation: the mean distance from the mean, or from the median.
 *
 * <p><b>Definition.</b> Σ|x − x̄|/n, or Σ|x − x̃|/n.
 * <p><b>By hand.</b> 2, 3, 7: (2 + 1 + 3)/3 = 2 from the mean, (1 + 0 + 4)/3 = 1.67 from the median.
 * <p><b>Source.</b> [NIST] 1.3.5.6 in docs/sources.md.
 *
 * @param centre what the distances are taken from
 */
public record MeanDeviation(DeviationCentre centre) implements Measure {
    @Override
    public String key() {
        return centre == DeviationCentre.MEAN ? "mean-deviation" : "mean-deviation-median";
    }

    @Override
    public Symbol symbol() {
        return Symbol.of(
                key(),
                centre == DeviationCentre.MEAN
                        ? Notation.word("MD")
                        : new Notation.Lowered(Notation.word("MD"), Notation.tilde("x")));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.SPREAD);
    }

    @Override
    public List<Method> methods(Shape shape) {
        return List.of(new Method("definition", part(centre, shape)));
    }

    /** The centre as a part of formulas. */
    static Formula.Named centre(DeviationCentre centre, Shape shape) {
        return centre == DeviationCentre.MEAN ? Mean.PART : Median.part(shape);
    }

    /** The mean deviation as a part of other formulas. */
    static Formula.Named part(DeviationCentre centre, Shape shape) {
        return total(X.minus(centre(centre, shape)).abs()).over(Symbols.N).named(new MeanDeviation(centre).symbol());
    }
}
