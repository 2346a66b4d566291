package promedio.core.distribution;

import org.apache.commons.numbers.gamma.RegularizedBeta;
import org.apache.commons.statistics.distribution.ContinuousDistribution;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * Student's t with all digits near its middle, too: P(|T| ≤ t) = I(t²/(ν + t²); ½, ν/2), with I the regularized incomplete beta function
 * (Abramowitz and Stegun 1964, 26.7.1). The library begins with ν/(ν + t²), which is 1 to the last digit where t is small.
 */
final class StudentT implements ContinuousDistribution {
    private final TDistribution library;
    private final double freedom;

    StudentT(double freedom) {
        this.library = TDistribution.of(freedom);
        this.freedom = freedom;
    }

    @Override
    public double density(double t) {
        return library.density(t);
    }

    @Override
    public double cumulativeProbability(double t) {
        return isMiddle(t) ? 0.5 + Math.copySign(middle(t) / 2, t) : library.cumulativeProbability(t);
    }

    @Override
    public double survivalProbability(double t) {
        return isMiddle(t) ? 0.5 - Math.copySign(middle(t) / 2, t) : library.survivalProbability(t);
    }

    /** Whether nothing is lost by going out from the middle: far out the rest is small. */
    private boolean isMiddle(double t) {
        return Math.abs(t) < 1 && t * t < freedom;
    }

    @Override
    public double probability(double from, double to) {
        if (from <= 0 && to >= 0 && isMiddle(from) && isMiddle(to)) {
            return middle(from) / 2 + middle(to) / 2;
        }
        return from > 0
                ? survivalProbability(from) - survivalProbability(to)
                : cumulativeProbability(to) - cumulativeProbability(from);
    }

    /** P(|T| ≤ |t|). */
    private double middle(double t) {
        double square = t * t;
        return square == 0 ? 0 : RegularizedBeta.value(square / (freedom + square), 0.5, freedom / 2);
    }

    @Override
    public double inverseCumulativeProbability(double share) {
        return library.inverseCumulativeProbability(share);
    }

    @Override
    public double inverseSurvivalProbability(double share) {
        return library.inverseSurvivalProbability(share);
    }

    @Override
    public double getMean() {
        return library.getMean();
    }

    @Override
    public double getVariance() {
        return library.getVariance();
    }

    @Override
    public double getSupportLowerBound() {
        return library.getSupportLowerBound();
    }

    @Override
    public double getSupportUpperBound() {
        return library.getSupportUpperBound();
    }

    @Override
    public Sampler createSampler(org.apache.commons.rng.UniformRandomProvider source) {
        return library.createSampler(source);
    }
}
