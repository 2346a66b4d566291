package promedio.core.formula;

import java.util.List;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Side;
import promedio.core.number.Approximation;
import promedio.core.number.Exact;
import promedio.core.number.Figure;

/** The share of a distribution on one side of a figure, or as far out on either. */
final class TailShare {
    /** What is known of the shares of the distributions: twelve digits. */
    private static final double ERROR = 5e-13;

    private TailShare() {}

    /** Of the figure that comes first, under the parameters that follow it; exactly 1 on both sides of the middle itself. */
    static Figure of(Formula.Tail node, List<Figure> of) {
        Figure figure = of.get(0);
        if (node.side() == Side.BOTH && figure.signum() == 0) {
            return Exact.ONE;
        }
        double[] parameters = of.stream().skip(1).mapToDouble(Figure::toDouble).toArray();
        Distribution curve = node.curve().of(parameters).orElseThrow(() -> NoValue.because("undefined.no-freedom"));
        return Approximation.near(node.side().share(curve, figure.toDouble()), ERROR);
    }
}
