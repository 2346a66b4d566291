package promedio.core.number;

import java.math.BigInteger;
import java.util.Arrays;

/**
 * Exact sums of powers of many whole numbers. Numbers within ±2³¹ of a pivot are summed in machine words; each product
 * is cut into 32-bit pieces, so that two thousand million of them cannot overflow a word.
 */
final class PowerSums {
    private static final long LOW = 0xFFFFFFFFL;
    private static final long NARROW = 1L << 31;

    private PowerSums() {}

    /** Count, Σv, Σv² … up to the given degree, at most 4. */
    static BigInteger[] of(long[] values, int degree) {
        long least = Long.MAX_VALUE;
        long most = Long.MIN_VALUE;
        for (long value : values) {
            least = Math.min(least, value);
            most = Math.max(most, value);
        }
        if (values.length == 0 || (least > -NARROW && most < NARROW)) {
            return direct(values, degree);
        }
        BigInteger width = BigInteger.valueOf(most).subtract(BigInteger.valueOf(least));
        if (width.bitLength() > 31) {
            BigInteger[] wide = new BigInteger[values.length];
            for (int i = 0; i < values.length; i++) {
                wide[i] = BigInteger.valueOf(values[i]);
            }
            return of(wide, degree);
        }
        long pivot = least + (most - least) / 2;
        long[] shifted = new long[values.length];
        for (int i = 0; i < values.length; i++) {
            shifted[i] = values[i] - pivot;
        }
        return shiftedBack(direct(shifted, degree), BigInteger.valueOf(pivot));
    }

    static BigInteger[] of(BigInteger[] values, int degree) {
        BigInteger[] sums = zeros(degree);
        for (BigInteger value : values) {
            BigInteger power = BigInteger.ONE;
            for (int k = 0; k <= degree; k++) {
                sums[k] = sums[k].add(power);
                power = power.multiply(value);
            }
        }
        return sums;
    }

    /** Σ(v + pivot)^k from Σv^j by the binomial theorem. */
    private static BigInteger[] shiftedBack(BigInteger[] sums, BigInteger pivot) {
        BigInteger[] back = zeros(sums.length - 1);
        for (int k = 0; k < sums.length; k++) {
            long choose = 1;
            for (int j = k; j >= 0; j--) {
                back[k] = back[k].add(sums[j].multiply(pivot.pow(k - j)).multiply(BigInteger.valueOf(choose)));
                choose = choose * j / (k - j + 1);
            }
        }
        return back;
    }

    private static BigInteger[] direct(long[] values, int degree) {
        return degree <= 2 ? twoSums(values, degree) : fourSums(values, degree);
    }

    private static BigInteger[] twoSums(long[] values, int degree) {
        long sum = 0;
        long low = 0;
        long high = 0;
        for (long value : values) {
            sum += value;
            long square = value * value;
            low += square & LOW;
            high += square >>> 32;
        }
        BigInteger[] sums = zeros(degree);
        sums[0] = BigInteger.valueOf(values.length);
        if (degree >= 1) {
            sums[1] = BigInteger.valueOf(sum);
        }
        if (degree >= 2) {
            sums[2] = joined(high, low);
        }
        return sums;
    }

    private static BigInteger[] fourSums(long[] values, int degree) {
        long sum = 0;
        long low2 = 0;
        long high2 = 0;
        long low3 = 0;
        long middle3 = 0;
        long high3 = 0;
        long low4 = 0;
        long middle4 = 0;
        long high4 = 0;
        long top4 = 0;
        for (long value : values) {
            long square = value * value;
            sum += value;
            low2 += square & LOW;
            high2 += square >>> 32;
            // v³ = v·(high·2³² + low), each product below 2⁶³.
            long below = value * (square & LOW);
            long above = value * (square >>> 32) + (below >> 32);
            low3 += below & LOW;
            middle3 += above & LOW;
            high3 += above >> 32;
            long fourth = square * square;
            low4 += fourth & LOW;
            middle4 += fourth >>> 32;
            // Up to 2⁶⁰ each: cut once more, or nine of them no longer fit a word.
            long upper = Math.multiplyHigh(square, square);
            high4 += upper & LOW;
            top4 += upper >>> 32;
        }
        BigInteger[] sums = {
            BigInteger.valueOf(values.length),
            BigInteger.valueOf(sum),
            joined(high2, low2),
            joined(high3, middle3).shiftLeft(32).add(BigInteger.valueOf(low3)),
            joined(top4, high4).shiftLeft(64).add(joined(middle4, low4))
        };
        return Arrays.copyOf(sums, degree + 1);
    }

    private static BigInteger joined(long high, long low) {
        return BigInteger.valueOf(high).shiftLeft(32).add(BigInteger.valueOf(low));
    }

    private static BigInteger[] zeros(int degree) {
        BigInteger[] zeros = new BigInteger[degree + 1];
        Arrays.fill(zeros, BigInteger.ZERO);
        return zeros;
    }
}
