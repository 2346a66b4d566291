package promedio.core.formula;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import promedio.core.number.Approximation;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Ranking;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;

/** Totals that power sums do not give, value by value: rounded cells, reciprocals. */
final class RowTotals {
    /** Up to so many distinct values a sum of unlike fractions is carried exactly; its denominator grows with each. */
    private static final int FEW = 2_000;

    private static final int FIRST_BITS = 62;

    private RowTotals() {}

    /** Σ of a cell over all values, those of one size together. */
    static Figure ofValues(Sample sample, Function<Row, Figure> cell) {
        Ranking ranking = sample.ranking();
        return sum(
                i -> cell.apply(Row.of(ranking, i, ranking.weight(i))),
                0,
                ranking.distinct().size());
    }

    /** The same of the values from one rank to another, both included. */
    static Figure ofRanks(Sample sample, Function<Row, Figure> cell, Exact from, Exact to) {
        Ranking ranking = sample.ranking();
        Exact before = from.minus(ranking.weightUnit());
        int first = ranking.indexAt(from);
        int last = ranking.indexAt(to);
        return sum(
                i -> {
                    Exact begin = i == first ? before : ranking.before(i);
                    Exact end = i == last ? to : ranking.before(i).plus(ranking.weight(i));
                    return cell.apply(Row.of(ranking, i, end.minus(begin)));
                },
                first,
                last + 1);
    }

    /** Σ of a cell over the rows of the sample that pass a test. */
    static Figure ofRows(Sample sample, Predicate<Row> test, Function<Row, Figure> cell) {
        return sum(
                i -> {
                    Row row = Row.of(sample, i);
                    return test.test(row) ? cell.apply(row) : Exact.ZERO;
                },
                0,
                sample.rows());
    }

    /** The cell at a rank of the cells in order of size, counted from 1. */
    static Figure cellAt(Sample sample, Function<Row, Figure> cell, Exact rank) {
        Ranking ranking = sample.ranking();
        record Cell(Figure figure, Exact weight) {}
        List<Cell> cells = new ArrayList<>();
        for (int i = 0; i < ranking.distinct().size(); i++) {
            cells.add(new Cell(cell.apply(Row.of(ranking, i, ranking.weight(i))), ranking.weight(i)));
        }
        cells.sort((a, b) -> a.figure().compare(b.figure()));
        Exact seen = Exact.ZERO;
        for (Cell one : cells) {
            seen = seen.plus(one.weight());
            if (seen.compareTo(rank) >= 0) {
                return one.figure();
            }
        }
        throw new NoValue(Sentence.of("undefined.no-rank", rank));
    }

    /** Halves add up faster than one by one: the large denominators meet only once. */
    private static Figure sum(IntFunction<Figure> term, int from, int to) {
        if (to - from <= 8) {
            Figure sum = Exact.ZERO;
            for (int i = from; i < to; i++) {
                sum = sum.plus(term.apply(i));
            }
            return sum;
        }
        int middle = (from + to) >>> 1;
        return sum(term, from, middle).plus(sum(term, middle, to));
    }

    /** Σf/x of positive values: exact for few distinct values, else between bounds of more than eighteen digits. */
    static Figure ofReciprocals(Sample sample) {
        Ranking ranking = sample.ranking();
        Decimals distinct = ranking.distinct();
        if (distinct.size() <= FEW) {
            return ofValues(sample, row -> Exact.ONE.over(row.value()).times(row.weight()));
        }
        if (!distinct.isCompact()) {
            // Each term lies between bounds of sixty digits, so that the sum does not drag a denominator along.
            return ofValues(
                    sample, row -> Exact.ONE.over(row.value()).toApproximation().times(row.weight()));
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
