package promedio.core.formula;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.function.Function;
import promedio.core.number.Approximation;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Ranking;
import promedio.core.sample.Sample;

/** Totals that power sums do not give, value by value: rounded cells, reciprocals. */
final class RowTotals {
    /** Up to so many distinct values a sum of unlike fractions is carried exactly; its denominator grows with each. */
    private static final int FEW = 2_000;

    private static final int FIRST_BITS = 62;

    private RowTotals() {}

    /** Σf·cell(x), exact when the cells are. */
    static Figure of(Sample sample, Function<Exact, Figure> cell) {
        Ranking ranking = sample.ranking();
        return sum(ranking, cell, 0, ranking.distinct().size());
    }

    /** Halves add up faster than one by one: the large denominators meet only once. */
    private static Figure sum(Ranking ranking, Function<Exact, Figure> cell, int from, int to) {
        if (to - from <= 8) {
            Figure sum = Exact.ZERO;
            for (int i = from; i < to; i++) {
                sum = sum.plus(cell.apply(ranking.distinct().at(i)).times(ranking.weight(i)));
            }
            return sum;
        }
        int middle = (from + to) >>> 1;
        return sum(ranking, cell, from, middle).plus(sum(ranking, cell, middle, to));
    }

    /** Σf/x of positive values: exact for few distinct values, else between bounds of more than eighteen digits. */
    static Figure ofReciprocals(Sample sample) {
        Ranking ranking = sample.ranking();
        Decimals distinct = ranking.distinct();
        if (distinct.size() <= FEW) {
            return of(sample, Exact.ONE::over);
        }
        if (!distinct.isCompact()) {
            // Each term lies between bounds of sixty digits, so that the sum does not drag a denominator along.
            return of(sample, x -> Exact.ONE.over(x).toApproximation());
        }
        int more = FIRST_BITS - (Long.SIZE - Long.numberOfLeadingZeros(distinct.unit(distinct.size() - 1)));
        Wide first = new Wide();
        Wide second = new Wide();
        long counted = 0;
        for (int i = 0; i < distinct.size(); i++) {
            long unit = distinct.unit(i);
            long weight = ranking.weightUnits(i);
            // 2^62/unit, then `more` bits further of what remains: f/x is at most one in the last bit larger.
            first.add((1L << FIRST_BITS) / unit, weight);
            second.add((((1L << FIRST_BITS) % unit) << more) / unit, weight);
            counted += weight;
        }
        BigInteger low = first.total().shiftLeft(more).add(second.total());
        BigInteger high = low.add(BigInteger.valueOf(counted));
        BigDecimal ulp = BigDecimal.ONE.divide(new BigDecimal(BigInteger.ONE.shiftLeft(FIRST_BITS + more)));
        Approximation bounds = new Approximation(new BigDecimal(low).multiply(ulp), new BigDecimal(high).multiply(ulp));
        return bounds.times(ranking.weightUnit()).times(Exact.of(BigInteger.TEN.pow(distinct.places())));
    }

    /** A sum of products in 128 bits. */
    private static final class Wide {
        private long high;
        private long low;

        void add(long factor, long weight) {
            long product = factor * weight;
            low += product;
            high += Math.multiplyHigh(factor, weight) + (Long.compareUnsigned(low, product) < 0 ? 1 : 0);
        }

        BigInteger total() {
            return BigInteger.valueOf(high).shiftLeft(Long.SIZE).add(new BigInteger(Long.toUnsignedString(low)));
        }
    }
}
