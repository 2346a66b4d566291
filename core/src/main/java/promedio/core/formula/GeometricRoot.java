package promedio.core.formula;

import java.math.BigInteger;
import promedio.core.number.Approximation;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Ranking;
import promedio.core.sample.Sample;

/**
 * The nth root of the product of positive values. The product is kept as a mantissa and a power of two, so that it never
 * overflows; n products lose n units in the last place, of which the nth root leaves one.
 */
final class GeometricRoot {
    private static final double ERROR = 1e-15;

    private double mantissa = 1;
    private long exponent;
    private long whole;

    private GeometricRoot() {}

    static Figure of(Sample sample) {
        Ranking ranking = sample.ranking();
        Decimals distinct = ranking.distinct();
        if (distinct.size() == 1) {
            return distinct.at(0);
        }
        GeometricRoot product = new GeometricRoot();
        for (int i = 0; i < distinct.size(); i++) {
            product.multiply(distinct, i, ranking.weightUnits(i));
        }
        BigInteger count = sample.count().over(ranking.weightUnit()).numerator();
        double root = product.root(count.longValueExact());
        Exact shift = Exact.TWO.power((int) product.whole);
        return Approximation.near(root, ERROR).times(shift).times(Exact.scaled(BigInteger.ONE, distinct.places()));
    }

    /** 2^(exponent mod n / n) · mantissa^(1/n); the whole power of two is left in {@link #whole}. */
    private double root(long count) {
        whole = Math.floorDiv(exponent, count);
        long rest = Math.floorMod(exponent, count);
        return Math.exp((Math.log(mantissa) + rest * Math.log(2)) / count);
    }

    private void multiply(Decimals distinct, int index, long times) {
        double factor;
        long twos = 0;
        if (distinct.isCompact()) {
            factor = distinct.unit(index);
        } else {
            BigInteger unit = distinct.bigUnit(index);
            int cut = Math.max(0, unit.bitLength() - 62);
            factor = unit.shiftRight(cut).doubleValue();
            twos = cut;
        }
        int own = Math.getExponent(factor);
        double base = Math.scalb(factor, -own);
        long baseTwos = twos + own;
        for (long left = times; left > 0; left >>= 1) {
            if ((left & 1) == 1) {
                mantissa *= base;
                exponent += baseTwos;
                normalize();
            }
            base *= base;
            baseTwos *= 2;
            if (base >= 2) {
                base /= 2;
                baseTwos++;
            }
        }
    }

    private void normalize() {
        if (mantissa >= 2) {
            mantissa /= 2;
            exponent++;
        }
    }
}
