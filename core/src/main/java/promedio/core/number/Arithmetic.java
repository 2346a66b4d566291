package promedio.core.number;

/** Arithmetic across the kinds of figure: exact as long as the outcome is a ratio or a root of one. */
final class Arithmetic {
    private Arithmetic() {}

    static Figure plus(Figure a, Figure b) {
        if (a instanceof Exact left && b instanceof Exact right) {
            return left.plus(right);
        }
        if (a.signum() == 0 && a.isExact()) {
            return b;
        }
        if (b.signum() == 0 && b.isExact()) {
            return a;
        }
        if (a instanceof Root left && b instanceof Root right) {
            // √8 + √2 = √2·(2 + 1): roots whose quotient is a ratio add up exactly.
            Figure quotient = left.over(right);
            if (quotient instanceof Exact times) {
                return right.times(times.plus(Exact.ONE));
            }
        }
        return a.toApproximation().plus(b.toApproximation());
    }

    static Figure times(Figure a, Figure b) {
        if (a instanceof Exact left && b instanceof Exact right) {
            return left.times(right);
        }
        if (a.isExact() && b.isExact()) {
            return Root.of(a.signum() * b.signum(), square(a).times(square(b)));
        }
        return a.toApproximation().times(b.toApproximation());
    }

    static Figure over(Figure a, Figure b) {
        if (b.isExact() && b.signum() == 0) {
            throw new ArithmeticException("The divisor is 0.");
        }
        if (a instanceof Exact left && b instanceof Exact right) {
            return left.over(right);
        }
        if (a.isExact() && b.isExact()) {
            return Root.of(a.signum() * b.signum(), square(a).over(square(b)));
        }
        return a.toApproximation().times(b.toApproximation().inverse());
    }

    static Figure power(Figure base, int exponent) {
        if (exponent < 0) {
            return over(Exact.ONE, power(base, -exponent));
        }
        if (base instanceof Root root) {
            Figure even = root.squared().power(exponent / 2);
            return exponent % 2 == 0 ? even : even.times(root);
        }
        Figure result = Exact.ONE;
        for (int i = 0; i < exponent; i++) {
            result = result.times(base);
        }
        return result;
    }

    static Figure root(Figure square) {
        return square instanceof Exact ratio ? Root.of(1, ratio) : Approximation.rootOf(square.toApproximation());
    }

    private static Exact square(Figure exact) {
        return (Exact) exact.squared();
    }
}
