package promedio.core.distribution;

import java.util.Optional;

/** A family of distributions, by what its parameters are. */
public enum Curve {
    /** The standard normal distribution; no parameters. */
    NORMAL(0, true) {
        @Override
        Distribution made(double... parameters) {
            return Distribution.normal(0, 1);
        }
    },
    /** Student’s t; its degrees of freedom. */
    T(1, true) {
        @Override
        Distribution made(double... parameters) {
            return Distribution.t(parameters[0]);
        }
    },
    /** χ²; its degrees of freedom. */
    CHI_SQUARED(1, false) {
        @Override
        Distribution made(double... parameters) {
            return Distribution.chiSquared(parameters[0]);
        }
    },
    /** F; its degrees of freedom above the line and below it. */
    F(2, false) {
        @Override
        Distribution made(double... parameters) {
            return Distribution.f(parameters[0], parameters[1]);
        }
    };

    private final int parameters;
    private final boolean symmetric;

    Curve(int parameters, boolean symmetric) {
        this.parameters = parameters;
        this.symmetric = symmetric;
    }

    /** How many parameters it has. */
    public int parameters() {
        return parameters;
    }

    /** Whether it looks alike on both sides of 0. */
    public boolean isSymmetric() {
        return symmetric;
    }

    abstract Distribution made(double... parameters);

    /** The distribution of some parameters; empty where one of them is not above 0. */
    public Optional<Distribution> of(double... of) {
        for (double parameter : of) {
            if (!(parameter > 0)) {
                return Optional.empty();
            }
        }
        return Optional.of(made(of));
    }
}
