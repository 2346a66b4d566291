package promedio.core.formula;

import java.util.List;
import promedio.core.distribution.Curve;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Side;
import promedio.core.number.Approximation;
import promedio.core.number.Exact;
import promedio.core.number.Figure;

/** The share of a distribution on one side of a figure, or as far out on either; and the figure that cuts off a share. */
final class TailShare {
    /** What is known of the shares of the distributions: twelve digits. */
    private static final double ERROR = 5e-13;

    private static final Exact HALF = Exact.ratio(1, 2);

    private TailShare() {}

    /** Of the figure that comes first, under the parameters that follow it; exactly 1 on both sides of the middle itself. */
    static Figure of(Formula.Tail node, List<Figure> of) {
        Figure figure = of.get(0);
        if (node.side() == Side.BOTH && figure.signum() == 0) {
            return Exact.ONE;
        }
        return Approximation.near(node.side().share(curve(node.curve(), of), figure.toDouble()), ERROR);
    }

    /** The figure that cuts off the share that comes first, under the parameters that follow it; exactly 0 where that is the middle. */
    static Figure of(Formula.Cut node, List<Figure> of) {
        Figure share = of.get(0);
        if (share.signum() <= 0 || share.compare(Exact.ONE) >= 0) {
            throw NoValue.because("undefined.no-share", share);
        }
        if (node.curve().isSymmetric() && share.compare(HALF) == 0) {
            return Exact.ZERO;
        }
        double value = curve(node.curve(), of)
                .cutting(share.toDouble())
                .orElseThrow(() -> NoValue.because("undefined.no-cut", share));
        return Approximation.near(value, ERROR);
    }

    private static Distribution curve(Curve family, List<Figure> of) {
        double[] parameters = of.stream().skip(1).mapToDouble(Figure::toDouble).toArray();
        return family.of(parameters).orElseThrow(() -> NoValue.because("undefined.no-freedom"));
    }
}
