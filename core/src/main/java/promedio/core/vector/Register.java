package promedio.core.vector;

import java.math.BigDecimal;
import java.math.BigInteger;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.Root;

/**
 * A number in hand while columns are gone through: a ratio of two machine words as long as it fits, else an exact figure; a
 * floating-point number where a function left the ratios; or missing. Exact as long as nothing but ratios meet. Not for several
 * threads.
 */
public final class Register {
    /** Exact numbers have at most so many digits, above or below the line. */
    public static final int MOST_DIGITS = 10_000;

    private static final double BITS_OF_DIGIT = Math.log(10) / Math.log(2);
    private static final int MOST_BITS = 62;
    private static final long MOST_PADDED = 1_000_000;
    /** With so many rows a number has fewer digits, so that a step takes no minutes. */
    private static final int SOME_ROWS = 100;

    private static final int MANY_ROWS = 10_000;
    private static final int VAST_IN_SOME = (int) (2_500 * BITS_OF_DIGIT);
    private static final int VAST_IN_MANY = (int) (600 * BITS_OF_DIGIT);
    private static final int VAST = (int) (MOST_DIGITS * BITS_OF_DIGIT);

    /** What is in it. */
    public enum State {
        /** Nothing. */
        MISSING,
        /** {@code n/d}, d above 0; not always in lowest terms. */
        RATIO,
        /** An approximate number. */
        DOUBLE,
        /** A figure that is no ratio of two machine words. */
        BIG
    }

    private State state = State.MISSING;
    private long n;
    private long d = 1;
    private double x;
    private Figure big;
    private int vast = VAST;
    private boolean grown;

    /** What is in it. */
    public State state() {
        return state;
    }

    /** Whether nothing is in it. */
    public boolean isMissing() {
        return state == State.MISSING;
    }

    /** Whether what is in it is only approximate. */
    public boolean isApproximate() {
        return state == State.DOUBLE || state == State.BIG && !(big instanceof Exact);
    }

    /** The numerator of a ratio. */
    public long n() {
        return n;
    }

    /** The denominator of a ratio, above 0. */
    public long d() {
        return d;
    }

    double x() {
        return x;
    }

    Figure big() {
        return big;
    }

    /** Empties it. */
    public void clear() {
        state = State.MISSING;
        big = null;
    }

    /** Takes a ratio; the denominator is above 0. */
    public void ratio(long numerator, long denominator) {
        state = numerator == Long.MIN_VALUE ? State.BIG : State.RATIO;
        n = numerator;
        d = denominator;
        big = state == State.BIG ? Exact.ratio(BigInteger.valueOf(numerator), BigInteger.valueOf(denominator)) : null;
    }

    /** Takes a whole number. */
    public void whole(long number) {
        ratio(number, 1);
    }

    /** Takes an approximate number; one that is none, or without end, counts as missing. */
    public void approximate(double number) {
        state = Double.isFinite(number) ? State.DOUBLE : State.MISSING;
        x = number == 0 ? 0 : number;
        big = null;
    }

    /** Takes a figure; one of very many digits becomes approximate, or missing where it is beyond those numbers too. */
    public void figure(Figure figure) {
        if (figure instanceof Exact exact) {
            BigInteger above = exact.numerator();
            BigInteger below = exact.denominator();
            if (above.bitLength() <= MOST_BITS && below.bitLength() <= MOST_BITS) {
                ratio(above.longValue(), below.longValue());
                return;
            }
        }
        if (isVast(figure)) {
            double nearest = figure.toDouble();
            outgrown(nearest == 0 ? Double.NaN : nearest);
            return;
        }
        state = State.BIG;
        big = figure;
    }

    private boolean isVast(Figure figure) {
        return figure.isExact() ? bits(figure) > vast : Math.abs(figure.magnitude()) > MOST_DIGITS;
    }

    /** How long an exact figure is; of a root half of what stands under it, of an approximation nothing. */
    private static int bits(Figure figure) {
        Exact of = figure instanceof Root root ? root.square() : figure instanceof Exact exact ? exact : Exact.ONE;
        int bits = Math.max(of.numerator().bitLength(), of.denominator().bitLength());
        return figure instanceof Root ? bits / 2 : bits;
    }

    private void outgrown(double nearest) {
        grown = true;
        approximate(nearest);
    }

    /** Whether an exact number has come to have too many digits since this was asked last, and is only approximate, or missing. */
    public boolean hasOutgrown() {
        boolean so = grown;
        grown = false;
        return so;
    }

    /** The same, to be asked again. */
    public boolean isOutgrown() {
        return grown;
    }

    /** Before it meets each of so many rows: how many digits are many depends on how often they are gone through. */
    public void among(int rows) {
        vast = rows > MANY_ROWS ? VAST_IN_MANY : rows > SOME_ROWS ? VAST_IN_SOME : VAST;
    }

    /** Raises it to a whole power; exact as long as that has not too many digits. It is neither missing nor approximate, nor 0 to less than 0. */
    public void power(int exponent) {
        Figure base = figure();
        // A number of so many bits is at least two to one less of them.
        double least = (bits(base) - 1.0) * Math.abs(exponent);
        if (least > vast) {
            double nearest = Math.pow(base.toDouble(), exponent);
            outgrown(nearest == 0 ? Double.NaN : nearest);
        } else {
            figure(base.power(exponent));
        }
    }

    /** Takes what another has. */
    public void copy(Register other) {
        state = other.state;
        n = other.n;
        d = other.d;
        x = other.x;
        big = other.big;
    }

    /** An irrational figure becomes an approximate number, as every such cell of a column is. */
    public void settle() {
        if (state == State.BIG && !(big instanceof Exact)) {
            approximate(big.toDouble());
        }
    }

    /**
     * Before it meets each of so many rows: an exact number of very many digits becomes approximate where that would take minutes.
     */
    public void settle(int rows) {
        settle();
        among(rows);
        if (state == State.BIG) {
            figure(big);
        }
    }

    /**
     * The figure in it; an approximate number as the decimal it stands for.
     *
     * @throws IllegalStateException when nothing is in it
     */
    public Figure figure() {
        return switch (state) {
            case RATIO -> d == 1 ? Exact.of(n) : Exact.ratio(BigInteger.valueOf(n), BigInteger.valueOf(d));
            case DOUBLE -> Exact.from(new BigDecimal(x));
            case BIG -> big;
            case MISSING -> throw new IllegalStateException("There is no number.");
        };
    }

    /** The nearest floating-point number; not a number where nothing is in it. */
    public double toDouble() {
        return switch (state) {
            case RATIO -> (double) n / d;
            case DOUBLE -> x;
            case BIG -> big.toDouble();
            case MISSING -> Double.NaN;
        };
    }

    /** −1, 0 or 1. */
    public int signum() {
        return switch (state) {
            case RATIO -> Long.signum(n);
            case DOUBLE -> (int) Math.signum(x);
            case BIG -> big.signum();
            case MISSING -> 0;
        };
    }

    /** Turns the sign round. */
    public void negate() {
        switch (state) {
            case RATIO -> n = -n;
            case DOUBLE -> x = x == 0 ? 0 : -x;
            case BIG -> figure(big.negated());
            case MISSING -> {}
        }
    }

    private boolean bothRatios(Register other) {
        return state == State.RATIO && other.state == State.RATIO;
    }

    /** Whether the outcome with another is missing, or approximate; then it is seen to here. */
    private boolean settled(Register other, char operation) {
        if (state == State.MISSING || other.state == State.MISSING) {
            clear();
            return true;
        }
        if (state == State.DOUBLE || other.state == State.DOUBLE) {
            double one = toDouble();
            double two = other.toDouble();
            approximate(
                    switch (operation) {
                        case '+' -> one + two;
                        case '*' -> one * two;
                        default -> one / two;
                    });
            return true;
        }
        return false;
    }

    /** Adds another. */
    public void plus(Register other) {
        if (settled(other, '+')) {
            return;
        }
        if (bothRatios(other)) {
            if (d == other.d) {
                long sum = n + other.n;
                boolean fits = ((n ^ sum) & (other.n ^ sum)) >= 0;
                if (fits) {
                    ratio(sum, d);
                    return;
                }
            } else if (plusUnlike(other)) {
                return;
            }
        }
        figure(figure().plus(other.figure()));
    }

    private boolean plusUnlike(Register other) {
        long shared = gcd(d, other.d);
        long mine = other.d / shared;
        long its = d / shared;
        if (fits(n, mine) && fits(other.n, its) && fits(d, mine)) {
            long one = n * mine;
            long two = other.n * its;
            long sum = one + two;
            if (((one ^ sum) & (two ^ sum)) >= 0) {
                ratio(sum, d * mine);
                return true;
            }
        }
        return false;
    }

    /** Multiplies with another. */
    public void times(Register other) {
        if (settled(other, '*')) {
            return;
        }
        if (bothRatios(other)) {
            if (fits(n, other.n) && fits(d, other.d)) {
                ratio(n * other.n, d * other.d);
                return;
            }
        }
        figure(figure().times(other.figure()));
    }

    /** Divides by another; missing where that is 0. */
    public void over(Register other) {
        if (!other.isMissing() && other.signum() == 0) {
            clear();
            return;
        }
        if (settled(other, '/')) {
            return;
        }
        if (bothRatios(other) && fits(n, other.d) && fits(d, other.n)) {
            long above = n * other.d;
            long below = d * other.n;
            if (below != Long.MIN_VALUE && above != Long.MIN_VALUE) {
                lowest(below < 0 ? -above : above, Math.abs(below));
                return;
            }
        }
        figure(figure().over(other.figure()));
    }

    /** Takes a ratio in lowest terms, or over a power of ten where it ends soon: so are most cells of a column. */
    private void lowest(long above, long below) {
        long shared = gcd(Math.abs(above), below);
        long numerator = above / shared;
        long denominator = below / shared;
        for (long padded = 10; denominator > 1 && padded <= MOST_PADDED; padded *= 10) {
            if (padded % denominator == 0 && fits(numerator, padded / denominator)) {
                ratio(numerator * (padded / denominator), padded);
                return;
            }
        }
        ratio(numerator, denominator);
    }

    /** Takes the square root, where that is a ratio of machine words again; leaves it as it is where not. */
    public boolean rootOfRatio() {
        if (state != State.RATIO || n < 0) {
            return false;
        }
        long shared = gcd(n, d);
        long numerator = n / shared;
        long denominator = d / shared;
        long above = Math.round(Math.sqrt((double) numerator));
        long below = Math.round(Math.sqrt((double) denominator));
        boolean square = above * above == numerator && below * below == denominator;
        if (square) {
            ratio(above, below);
        }
        return square;
    }

    /** How it stands to another; neither is missing. */
    public int compare(Register other) {
        if (bothRatios(other)) {
            if (d == other.d) {
                return Long.compare(n, other.n);
            }
            long high = Math.multiplyHigh(n, other.d);
            long its = Math.multiplyHigh(other.n, d);
            return high != its ? Long.compare(high, its) : Long.compareUnsigned(n * other.d, other.n * d);
        }
        if (state == State.DOUBLE || other.state == State.DOUBLE) {
            return Double.compare(toDouble(), other.toDouble());
        }
        return figure().compare(other.figure());
    }

    private static boolean fits(long one, long two) {
        long high = Math.multiplyHigh(one, two);
        long low = one * two;
        return high == 0 && low >= 0 || high == -1 && low < 0;
    }

    static long gcd(long one, long two) {
        long a = one;
        long b = two;
        while (b != 0) {
            long rest = a % b;
            a = b;
            b = rest;
        }
        return a == 0 ? 1 : a;
    }
}
