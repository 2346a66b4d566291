package promedio.core.distribution;

/** Which share of a distribution is meant, seen from a value. */
public enum Side {
    /** What lies at the value or below: P(X ≤ x). */
    BELOW {
        @Override
        public double share(Distribution curve, double x) {
            return curve.below(x);
        }
    },
    /** What lies at the value or above: P(X ≥ x), of a curve without steps. */
    ABOVE {
        @Override
        public double share(Distribution curve, double x) {
            return curve.above(x);
        }
    },
    /** What lies as far from the middle, 0, on either side: P(|X| ≥ |x|). Of curves that are symmetric about 0. */
    BOTH {
        @Override
        public double share(Distribution curve, double x) {
            return 2 * curve.above(Math.abs(x));
        }
    };

    /** The share of a distribution on this side of a value, with at least 12 correct digits. */
    public abstract double share(Distribution curve, double x);
}
