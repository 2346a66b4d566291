package promedio.core.distribution;

import java.util.OptionalDouble;
import org.apache.commons.numbers.gamma.RegularizedBeta;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * Student's t with all digits near its middle, too: P(|T| ≤ t) = I(t²/(ν + t²); ½, ν/2), with I the regularized incomplete beta function
 * (Abramowitz and Stegun 1964, 26.7.1). The library begins with ν/(ν + t²), which is 1 to the last digit where t is small.
 *
 * @param freedom the degrees of freedom ν
 * @param outside what is used far from the middle
 */
record StudentT(double freedom, Smooth outside) implements Distribution {
    static StudentT of(double freedom) {
        return new StudentT(freedom, new Smooth(TDistribution.of(freedom)));
    }

    @Override
    public double below(double t) {
        return isMiddle(t) ? 0.5 + Math.copySign(middle(t) / 2, t) : outside.below(t);
    }

    @Override
    public double above(double t) {
        return below(-t);
    }

    @Override
    public double between(double low, double high) {
        if (low <= 0 && high >= 0 && isMiddle(low) && isMiddle(high)) {
            return middle(low) / 2 + middle(high) / 2;
        }
        return low > 0 ? above(low) - above(high) : below(high) - below(low);
    }

    @Override
    public OptionalDouble cutting(double share) {
        return outside.cutting(share, this);
    }

    /** Whether nothing is lost by going out from the middle: far out the rest is small. */
    private boolean isMiddle(double t) {
        return Math.abs(t) < 1 && t * t < freedom;
    }

    /** P(|T| ≤ |t|). */
    private double middle(double t) {
        double square = t * t;
        return square == 0 ? 0 : RegularizedBeta.value(square / (freedom + square), 0.5, freedom / 2);
    }
}
