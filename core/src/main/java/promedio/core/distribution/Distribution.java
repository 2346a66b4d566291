package promedio.core.distribution;

import java.util.OptionalDouble;
import org.apache.commons.statistics.distribution.BinomialDistribution;
import org.apache.commons.statistics.distribution.ChiSquaredDistribution;
import org.apache.commons.statistics.distribution.ContinuousDistribution;
import org.apache.commons.statistics.distribution.FDistribution;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * A distribution with its parameters: definitions for relations, section 14. Probabilities and values are floating-point numbers with at
 * least 12 correct digits.
 */
public sealed interface Distribution permits Distribution.Smooth, Distribution.Stepped, StudentT {
    /** P(X ≤ x). */
    double below(double x);

    /** P(X > x). */
    double above(double x);

    /** P(low ≤ X ≤ high). */
    double between(double low, double high);

    /**
     * The value that cuts off a share above it: P(X > x) is the share; of a binomial distribution the smallest k with P(X ≥ k) at most the
     * share.
     *
     * @param share between 0 and 1, both excluded
     * @return empty where the value is too large for its square to be a floating-point number, or closer to 0 than any
     */
    OptionalDouble cutting(double share);

    /** Normal, of a mean and a standard deviation above 0. */
    static Distribution normal(double mean, double sd) {
        return new Smooth(NormalDistribution.of(mean, sd));
    }

    /** Student's t, of degrees of freedom above 0. */
    static Distribution t(double freedom) {
        return StudentT.of(freedom);
    }

    /** χ², of degrees of freedom above 0. */
    static Distribution chiSquared(double freedom) {
        return new Smooth(ChiSquaredDistribution.of(freedom));
    }

    /** F, of degrees of freedom above 0 above and below. */
    static Distribution f(double above, double below) {
        return new Smooth(FDistribution.of(above, below));
    }

    /** Binomial, of so many trials with a chance from 0 to 1. */
    static Distribution binomial(int trials, double chance) {
        return new Stepped(BinomialDistribution.of(trials, chance), trials);
    }

    /** One without steps. */
    record Smooth(ContinuousDistribution of) implements Distribution {
        private static final int STEPS = 4;
        private static final double CLOSE = 1e-12;
        /** Beyond it squares are none. */
        private static final double LARGEST = 1e150;

        // Of the two shares the smaller is exact to the last digits, even far out.

        @Override
        public double below(double x) {
            double share = of.cumulativeProbability(x);
            double rest = of.survivalProbability(x);
            return rest < share ? 1 - rest : share;
        }

        @Override
        public double above(double x) {
            double share = of.survivalProbability(x);
            double rest = of.cumulativeProbability(x);
            return rest < share ? 1 - rest : share;
        }

        @Override
        public double between(double low, double high) {
            return of.survivalProbability(low) < of.cumulativeProbability(low)
                    ? above(low) - above(high)
                    : below(high) - below(low);
        }

        @Override
        public OptionalDouble cutting(double share) {
            return cutting(share, this);
        }

        /** The same where its probabilities are known to more digits. */
        OptionalDouble cutting(double share, Distribution finer) {
            double x = of.inverseSurvivalProbability(share);
            // The library stops early in the tails; Newton's steps go on to the last digits.
            for (int step = 0; step < STEPS; step++) {
                double next = x + (finer.above(x) - share) / of.density(x);
                if (!Double.isFinite(next) || next == x) {
                    break;
                }
                x = next;
            }
            return cuts(x, share, finer) ? OptionalDouble.of(x) : OptionalDouble.empty();
        }

        /** Whether a value cuts off a share, itself or within its twelfth digit: the end of a search that found nothing does not. */
        private static boolean cuts(double x, double share, Distribution finer) {
            double off = finer.above(x) - share;
            double more = finer.above(x - CLOSE * Math.abs(x)) - share;
            double less = finer.above(x + CLOSE * Math.abs(x)) - share;
            return Math.abs(x) < LARGEST && (Math.abs(off) <= CLOSE * share || more >= 0 && less <= 0);
        }
    }

    /** One of whole numbers. */
    record Stepped(BinomialDistribution of, int trials) implements Distribution {
        @Override
        public double below(double x) {
            return of.cumulativeProbability(floor(x));
        }

        @Override
        public double above(double x) {
            return of.survivalProbability(floor(x));
        }

        @Override
        public double between(double low, double high) {
            int from = floor(Math.ceil(low)) - 1;
            int to = floor(high);
            return to <= from ? 0 : of.probability(from, to);
        }

        private static int floor(double x) {
            return (int) Math.max(-2, Math.min(Integer.MAX_VALUE - 1.0, Math.floor(x)));
        }

        @Override
        public OptionalDouble cutting(double share) {
            int k = of.inverseSurvivalProbability(share) + 1;
            while (k > 0 && of.survivalProbability(k - 2) <= share) {
                k--;
            }
            while (k <= trials && of.survivalProbability(k - 1) > share) {
                k++;
            }
            return OptionalDouble.of(k);
        }
    }
}
