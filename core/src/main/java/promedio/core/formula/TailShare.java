package promedio.core.formula;

import promedio.core.distribution.Distribution;
import promedio.core.number.Approximation;
import promedio.core.number.Exact;
import promedio.core.number.Figure;

/** The share of a distribution that lies as far out as a figure, or further. */
final class TailShare {
    /** What is known of the shares of the distributions: twelve digits. */
    private static final double ERROR = 5e-13;

    private TailShare() {}

    /** P(|T| ≥ |t|) of Student's t; 1 for a t of 0. */
    static Figure ofT(Figure t, Figure freedom) {
        if (t.signum() == 0) {
            return Exact.ONE;
        }
        if (freedom.signum() <= 0) {
            throw NoValue.because("undefined.no-freedom");
        }
        double share = 2 * Distribution.t(freedom.toDouble()).above(Math.abs(t.toDouble()));
        return Approximation.near(share, ERROR);
    }
}
