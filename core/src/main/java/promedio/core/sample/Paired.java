package promedio.core.sample;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.function.Function;
import java.util.stream.IntStream;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;

/**
 * What a sample of pairs has besides its first values x: the second ones y, row by row, the ranks of both, and how far the rows
 * agree in order. Frequencies count as if every pair stood there as often (definitions for relations, section 12).
 */
public final class Paired {
    private final Sample first;
    private final Sample second;
    private Exact products;
    private Concordance concordance;
    private long[] firstRanks;
    private long[] secondRanks;

    Paired(Sample first, Sample second) {
        this.first = first;
        this.second = second;
    }

    /**
     * How the pairs of rows agree in order; a pair of rows that is equal in x or in y does neither agree nor disagree.
     *
     * @param concordant C, how many pairs of rows have the greater y where the greater x is
     * @param discordant D, how many have it the other way round
     */
    public record Concordance(Exact concordant, Exact discordant) {}

    /** The second values alone, with the frequencies of the rows. */
    public Sample second() {
        return second;
    }

    /** The second value of a row. */
    public Exact value(int row) {
        return second.value(row);
    }

    /** Σxy over all pairs. */
    public synchronized Exact sumOfProducts() {
        if (products == null) {
            Decimals xs = first.values();
            Decimals ys = second.values();
            BigInteger sum = BigInteger.ZERO;
            for (int row = 0; row < xs.size(); row++) {
                BigInteger product = xs.bigUnit(row).multiply(ys.bigUnit(row));
                sum = sum.add(first.weighted() ? product.multiply(weight(row)) : product);
            }
            products = Exact.scaled(sum, xs.places() + ys.places());
        }
        return products;
    }

    private BigInteger weight(int row) {
        return first.weight(row).numerator();
    }

    /** The rank of a row’s x among all x, counted from 1; equal ones share the mean of their ranks. */
    public Exact firstRank(int row) {
        return Exact.of(doubledFirst()[row]).half();
    }

    /** The rank of a row’s y among all y. */
    public Exact secondRank(int row) {
        return Exact.of(doubledSecond()[row]).half();
    }

    private synchronized long[] doubledFirst() {
        if (firstRanks == null) {
            firstRanks = doubled(first);
        }
        return firstRanks;
    }

    private synchronized long[] doubledSecond() {
        if (secondRanks == null) {
            secondRanks = doubled(second);
        }
        return secondRanks;
    }

    /** Twice the ranks: mean ranks of ties may end in a half. */
    private static long[] doubled(Sample of) {
        Ranking ranking = of.ranking();
        long[] byDistinct = new long[ranking.distinct().size()];
        long before = 0;
        for (int i = 0; i < byDistinct.length; i++) {
            byDistinct[i] = 2 * before + ranking.weightUnits(i) + 1;
            before += ranking.weightUnits(i);
        }
        return Arrays.stream(places(of)).mapToLong(place -> byDistinct[place]).toArray();
    }

    /**
     * Σ of products of the ranks of all pairs: of x so often, of y so often, two together at most.
     *
     * @throws IllegalArgumentException for more
     */
    public Exact sumOfRanks(int ofFirst, int ofSecond) {
        if (ofFirst < 0 || ofSecond < 0 || ofFirst + ofSecond > 2) {
            throw new IllegalArgumentException("There is no sum of " + ofFirst + " and " + ofSecond + " ranks.");
        }
        long[] xs = doubledFirst();
        long[] ys = doubledSecond();
        BigInteger sum = BigInteger.ZERO;
        for (int row = 0; row < xs.length; row++) {
            long one = ofFirst > 0 ? xs[row] : ofSecond > 0 ? ys[row] : 1;
            long other = ofFirst == 2 ? xs[row] : ofFirst + ofSecond == 2 ? ys[row] : 1;
            BigInteger product = BigInteger.valueOf(one).multiply(BigInteger.valueOf(other));
            sum = sum.add(first.weighted() ? product.multiply(weight(row)) : product);
        }
        return Exact.ratio(sum, BigInteger.ONE.shiftLeft(ofFirst + ofSecond));
    }

    /** For each row, which of the distinct values it has, ascending. */
    private static int[] places(Sample of) {
        Decimals values = of.values();
        Decimals distinct = of.ranking().distinct();
        boolean compact = values.isCompact() && distinct.isCompact() && values.places() == distinct.places();
        long[] units = compact
                ? IntStream.range(0, distinct.size()).mapToLong(distinct::unit).toArray()
                : new long[0];
        return IntStream.range(0, values.size())
                .map(row -> compact
                        ? Arrays.binarySearch(units, values.unit(row))
                        : of.ranking().distinctBelow(values.at(row)))
                .toArray();
    }

    /** The rows by their place among the distinct values, those of one place in their order. */
    private static int[] order(int[] places, int distinct) {
        int[] next = new int[distinct + 1];
        for (int place : places) {
            next[place + 1]++;
        }
        for (int place = 0; place < distinct; place++) {
            next[place + 1] += next[place];
        }
        int[] order = new int[places.length];
        for (int row = 0; row < places.length; row++) {
            order[next[places[row]]++] = row;
        }
        return order;
    }

    /** Σm(m − 1)/2 over the sizes m of ties in x: how many pairs of rows are equal there. */
    public Exact tiedInFirst() {
        return ofTies(first, Paired::pairs);
    }

    /** The same in y. */
    public Exact tiedInSecond() {
        return ofTies(second, Paired::pairs);
    }

    /** Σ(m³ − m) over the sizes m of ties in x. */
    public Exact cubesInFirst() {
        return ofTies(first, Paired::cubes);
    }

    /** The same in y. */
    public Exact cubesInSecond() {
        return ofTies(second, Paired::cubes);
    }

    private static Exact pairs(Exact size) {
        return size.times(size.minus(Exact.ONE)).half();
    }

    private static Exact cubes(Exact size) {
        return size.power(3).minus(size);
    }

    private static Exact ofTies(Sample of, Function<Exact, Exact> size) {
        Ranking ranking = of.ranking();
        Exact sum = Exact.ZERO;
        for (int i = 0; i < ranking.distinct().size(); i++) {
            sum = sum.plus(size.apply(ranking.weight(i)));
        }
        return sum;
    }

    /** C and D. */
    public synchronized Concordance concordance() {
        if (concordance == null) {
            concordance = counted();
        }
        return concordance;
    }

    /** Rows are taken by ascending x; how many y of smaller x lie below and above is read from partial sums. */
    private Concordance counted() {
        int[] across = places(first);
        int[] order = order(across, first.ranking().distinct().size());
        int[] places = places(second);
        Sums below = new Sums(second.ranking().distinct().size());
        BigInteger concordant = BigInteger.ZERO;
        BigInteger discordant = BigInteger.ZERO;
        int from = 0;
        while (from < order.length) {
            int to = from;
            while (to < order.length && across[order[from]] == across[order[to]]) {
                int row = order[to++];
                BigInteger weight = weight(row);
                concordant = concordant.add(weight.multiply(BigInteger.valueOf(below.before(places[row]))));
                discordant = discordant.add(weight.multiply(BigInteger.valueOf(below.after(places[row]))));
            }
            for (int i = from; i < to; i++) {
                below.add(places[order[i]], weight(order[i]).longValueExact());
            }
            from = to;
        }
        return new Concordance(Exact.of(concordant), Exact.of(discordant));
    }

    /** Partial sums that can be added to: a tree of them in an array (Fenwick 1994). */
    private static final class Sums {
        private final long[] tree;
        private long total;

        Sums(int size) {
            this.tree = new long[size + 1];
        }

        void add(int place, long weight) {
            total += weight;
            for (int i = place + 1; i < tree.length; i += i & -i) {
                tree[i] += weight;
            }
        }

        private long upTo(int size) {
            long sum = 0;
            for (int i = size; i > 0; i -= i & -i) {
                sum += tree[i];
            }
            return sum;
        }

        long before(int place) {
            return upTo(place);
        }

        long after(int place) {
            return total - upTo(place + 1);
        }
    }
}
