package promedio.core.language;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.vector.Numbers;
import promedio.core.vector.Register;

/**
 * The sum of some cells and of their squares, exact. Cells of one denominator are added up as machine words; sums of different
 * denominators are put together two by two, so that no long number meets a short one more often than need be. Where the denominator
 * that all share would have too many digits there is no exact sum, and neither where a cell is approximate.
 *
 * @param sum the sum
 * @param squares the sum of the squares
 */
record Sums(Exact sum, Exact squares) {
    private static final BigInteger TWO_TO_64 = BigInteger.ONE.shiftLeft(64);
    /** Squares of these add up to less than 128 bits hold, in any table that there can be. */
    private static final long MOST_SQUARED = 1L << 47;

    private static final int MOST_BITS = 1 << 15;
    /** To bring two long ratios together takes time by the square of their bits; all of it is to be done within a moment. */
    private static final double MOST_WORK = 1e11;

    /** After so many cells it is asked whether to go on. */
    private static final int FEW = 1 << 8;

    /**
     * The sums of some rows; empty where they cannot be exact.
     *
     * @param squared whether squares are wanted, too; else their sum is 0
     * @param pause what is asked again and again; it stops the work by throwing
     */
    static Optional<Sums> of(Numbers numbers, int[] rows, boolean squared, Runnable pause) {
        Map<Long, Wide[]> byDenominator = new HashMap<>();
        Exact sum = Exact.ZERO;
        Exact squares = Exact.ZERO;
        Register cell = new Register();
        long common = numbers.common();
        Wide[] wides = common == 0 ? null : wides(byDenominator, common);
        int met = 0;
        double work = 0;
        for (int row : rows) {
            numbers.get(row, cell);
            if (met++ % FEW == 0) {
                pause.run();
            }
            if (cell.state() == Register.State.DOUBLE) {
                return Optional.empty();
            }
            boolean small = cell.state() == Register.State.RATIO && Math.abs(cell.n()) <= MOST_SQUARED;
            if (small) {
                Wide[] of = wides == null ? wides(byDenominator, cell.d()) : wides;
                of[0].add(cell.n());
                of[1].addSquare(cell.n());
            } else if (cell.figure() instanceof Exact exact) {
                sum = sum.plus(exact);
                squares = squared ? squares.plus(exact.squared()) : squares;
                double bits = length(squared ? squares : sum);
                work += bits * bits;
                if (sum.denominator().bitLength() > MOST_BITS || work > MOST_WORK) {
                    return Optional.empty();
                }
            } else {
                return Optional.empty();
            }
        }
        List<Ratio> sums = new ArrayList<>();
        List<Ratio> ofSquares = new ArrayList<>();
        byDenominator.forEach((below, wide) -> {
            BigInteger denominator = BigInteger.valueOf(below);
            sums.add(new Ratio(wide[0].total(), denominator));
            if (squared) {
                ofSquares.add(new Ratio(wide[1].total(), denominator.multiply(denominator)));
            }
        });
        Optional<Exact> together = together(sums);
        Optional<Exact> squaresTogether = together.isEmpty() ? together : together(ofSquares);
        if (squaresTogether.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Sums(sum.plus(together.get()), squares.plus(squaresTogether.get())));
    }

    private static double length(Exact exact) {
        return (double) exact.numerator().bitLength() + exact.denominator().bitLength();
    }

    private static Wide[] wides(Map<Long, Wide[]> known, long denominator) {
        return known.computeIfAbsent(denominator, fresh -> new Wide[] {new Wide(), new Wide()});
    }

    /** A ratio that is not in lowest terms. */
    private record Ratio(BigInteger above, BigInteger below) {
        Ratio plus(Ratio other) {
            BigInteger shared = below.gcd(other.below);
            BigInteger mine = other.below.divide(shared);
            BigInteger its = below.divide(shared);
            return new Ratio(above.multiply(mine).add(other.above.multiply(its)), below.multiply(mine));
        }
    }

    /** The sum of ratios; empty where its denominator gets too long. */
    private static Optional<Exact> together(List<Ratio> some) {
        List<Ratio> ratios = some;
        while (ratios.size() > 1) {
            List<Ratio> fewer = new ArrayList<>();
            for (int i = 0; i < ratios.size(); i += 2) {
                Ratio one = i + 1 < ratios.size() ? ratios.get(i).plus(ratios.get(i + 1)) : ratios.get(i);
                if (one.below().bitLength() > MOST_BITS) {
                    return Optional.empty();
                }
                fewer.add(one);
            }
            ratios = fewer;
        }
        return Optional.of(
                ratios.isEmpty()
                        ? Exact.ZERO
                        : Exact.ratio(ratios.get(0).above(), ratios.get(0).below()));
    }

    /** A sum of 128 bits. */
    private static final class Wide {
        private long high;
        private long low;

        void add(long number) {
            long before = low;
            low += number;
            high += (number >> 63) + (Long.compareUnsigned(low, before) < 0 ? 1 : 0);
        }

        void addSquare(long number) {
            long product = number * number;
            long before = low;
            low += product;
            high += Math.multiplyHigh(number, number) + (Long.compareUnsigned(low, before) < 0 ? 1 : 0);
        }

        BigInteger total() {
            BigInteger unsigned =
                    low >= 0 ? BigInteger.valueOf(low) : BigInteger.valueOf(low).add(TWO_TO_64);
            return BigInteger.valueOf(high).shiftLeft(64).add(unsigned);
        }
    }

    /** The sum in floating-point numbers, with what rounding lost kept aside (Neumaier 1974). */
    static double approximate(Numbers numbers, int[] rows) {
        Register cell = new Register();
        double sum = 0;
        double lost = 0;
        for (int row : rows) {
            numbers.get(row, cell);
            double x = cell.toDouble();
            double next = sum + x;
            lost += Math.abs(sum) >= Math.abs(x) ? (sum - next) + x : (x - next) + sum;
            sum = next;
        }
        return sum + lost;
    }

    /** The sum of squared deviations from a mean, in floating-point numbers. */
    static double deviations(Numbers numbers, int[] rows, double mean) {
        Register cell = new Register();
        double sum = 0;
        for (int row : rows) {
            numbers.get(row, cell);
            double deviation = cell.toDouble() - mean;
            sum += deviation * deviation;
        }
        return sum;
    }
}
