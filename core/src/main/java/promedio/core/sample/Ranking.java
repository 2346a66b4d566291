package promedio.core.sample;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;

/**
 * A sample in order of size: its distinct values ascending, and how much stands up to each of them. Sorted once; every
 * rank, tie and total up to a point is read from it.
 */
public final class Ranking {
    private static final int FEW = 1_000;

    private final Decimals distinct;
    /** In units of 10^−weightPlaces; index i holds the total of the first i distinct values. */
    private final long[] cumulative;

    private final Exact weightUnit;
    private final boolean counts;
    /** The values of a small sample, which many measures read again and again. */
    private final Exact[] read;

    private Ranking(Decimals distinct, long[] cumulative, int weightPlaces) {
        this.distinct = distinct;
        this.cumulative = cumulative;
        this.weightUnit = Exact.scaled(BigInteger.ONE, weightPlaces);
        this.counts = weightPlaces == 0;
        this.read = new Exact[Math.min(distinct.size(), FEW)];
    }

    static Ranking of(Decimals values, Decimals weights) {
        return weights == null ? ofList(values.ascending()) : ofTable(values, weights);
    }

    private static Ranking ofList(Decimals sorted) {
        int size = sorted.size();
        long[] cumulative = new long[size + 1];
        int[] firsts = new int[size];
        int distinct = 0;
        for (int i = 0; i < size; i++) {
            if (i == 0 || sorted.compare(i - 1, i) != 0) {
                firsts[distinct] = i;
                cumulative[distinct] = i;
                distinct++;
            }
        }
        cumulative[distinct] = size;
        Decimals values = distinct == size ? sorted : sorted.pick(Arrays.copyOf(firsts, distinct));
        return new Ranking(values, Arrays.copyOf(cumulative, distinct + 1), 0);
    }

    private static Ranking ofTable(Decimals values, Decimals weights) {
        int[] order = IntStream.range(0, values.size())
                .boxed()
                .sorted(Comparator.comparing(values::bigUnit))
                .mapToInt(Integer::intValue)
                .toArray();
        long[] cumulative = new long[order.length + 1];
        int[] firsts = new int[order.length];
        int distinct = 0;
        for (int i = 0; i < order.length; i++) {
            if (i == 0 || values.compare(order[i - 1], order[i]) != 0) {
                firsts[distinct++] = order[i];
                cumulative[distinct] = cumulative[distinct - 1];
            }
            cumulative[distinct] += weights.unit(order[i]);
        }
        return new Ranking(
                values.pick(Arrays.copyOf(firsts, distinct)),
                Arrays.copyOf(cumulative, distinct + 1),
                weights.places());
    }

    /** The distinct values, ascending. */
    public Decimals distinct() {
        return distinct;
    }

    /** The frequency of a distinct value. */
    public Exact weight(int index) {
        return weightUnit.times(cumulative[index + 1] - cumulative[index]);
    }

    /** The frequency of a distinct value in units of {@link #weightUnit}. */
    public long weightUnits(int index) {
        return cumulative[index + 1] - cumulative[index];
    }

    /** The unit of frequencies: 1 for counts, less for proportions. */
    public Exact weightUnit() {
        return weightUnit;
    }

    /** How much stands before a distinct value. */
    public Exact before(int index) {
        return weightUnit.times(cumulative[index]);
    }

    /**
     * The value at a rank, counted from 1: the first whose cumulative frequency reaches it.
     *
     * @throws IllegalArgumentException when the rank is not above 0 or is beyond n
     */
    public Exact at(Exact rank) {
        int index = indexAt(rank);
        if (index >= read.length) {
            return distinct.at(index);
        }
        if (read[index] == null) {
            read[index] = distinct.at(index);
        }
        return read[index];
    }

    /** The index of the distinct value at a rank. @throws IllegalArgumentException when there is no such rank */
    public int indexAt(Exact rank) {
        BigInteger units = counts && rank.isWhole()
                ? rank.numerator()
                : rank.over(weightUnit).ceiling();
        if (units.signum() <= 0 || units.bitLength() > 62 || units.longValue() > cumulative[cumulative.length - 1]) {
            throw new IllegalArgumentException("There is no value at rank " + rank + ".");
        }
        long wanted = units.longValue();
        int found = Arrays.binarySearch(cumulative, wanted);
        return found >= 0 ? found - 1 : -found - 2;
    }

    /** How many distinct values lie below a bound. */
    public int distinctBelow(Exact bound) {
        BigInteger units = bound.times(scale()).ceiling();
        int low = 0;
        int high = distinct.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (distinct.bigUnit(middle).compareTo(units) < 0) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** The total of the frequencies below a bound. */
    public Exact countBelow(Exact bound) {
        return before(distinctBelow(bound));
    }

    /** The frequency of one value; 0 when it does not occur. */
    public Exact countOf(Exact value) {
        int index = distinctBelow(value);
        return index < distinct.size() && distinct.at(index).equals(value) ? weight(index) : Exact.ZERO;
    }

    /** Σfx of the values below a bound. */
    public Exact sumBelow(Exact bound) {
        return sumOfFirst(distinctBelow(bound));
    }

    /** Σfx of the first few distinct values. */
    private Exact sumOfFirst(int size) {
        BigInteger sum = BigInteger.ZERO;
        boolean narrow = distinct.isCompact()
                && size > 0
                && bits(distinct.unit(0), distinct.unit(size - 1))
                                + Long.SIZE
                                - Long.numberOfLeadingZeros(cumulative[size])
                        < 62;
        if (narrow) {
            long total = 0;
            for (int i = 0; i < size; i++) {
                total += distinct.unit(i) * (cumulative[i + 1] - cumulative[i]);
            }
            sum = BigInteger.valueOf(total);
        } else {
            for (int i = 0; i < size; i++) {
                sum = sum.add(distinct.bigUnit(i).multiply(BigInteger.valueOf(cumulative[i + 1] - cumulative[i])));
            }
        }
        return Exact.scaled(sum, distinct.places()).times(weightUnit);
    }

    private static int bits(long least, long most) {
        return Long.SIZE - Long.numberOfLeadingZeros(Math.max(Math.abs(least), Math.abs(most)));
    }

    /** Σfx of the values from one rank to another, both included; whole ranks of a counted sample. */
    public Exact sumOfRanks(Exact from, Exact to) {
        return sumUpTo(to).minus(sumUpTo(from.minus(Exact.ONE)));
    }

    private Exact sumUpTo(Exact rank) {
        if (rank.signum() <= 0) {
            return Exact.ZERO;
        }
        int index = indexAt(rank);
        return sumOfFirst(index).plus(distinct.at(index).times(rank.minus(before(index))));
    }

    /** The distance |x − centre| at a rank of the distances in order of size, counted from 1. */
    public Exact distanceAt(Exact centre, Exact rank) {
        BigInteger twice = centre.times(2).times(scale()).floor();
        int right = distinctBelow(centre);
        int left = right - 1;
        Exact wanted = rank.over(weightUnit);
        long target = wanted.ceiling().longValueExact();
        long seen = 0;
        while (true) {
            boolean takeLeft = right >= distinct.size() || (left >= 0 && !sumIsAtMost(left, right, twice));
            int taken = takeLeft ? left-- : right++;
            seen += cumulative[taken + 1] - cumulative[taken];
            if (seen >= target) {
                return distinct.at(taken).minus(centre).abs();
            }
        }
    }

    /** Whether x(left) + x(right) ≤ twice: the right one is then not farther from the centre than the left one. */
    private boolean sumIsAtMost(int left, int right, BigInteger twice) {
        if (distinct.isCompact() && twice.bitLength() < 62) {
            long a = distinct.unit(left);
            long b = distinct.unit(right);
            if (Math.abs(a) < 1L << 61 && Math.abs(b) < 1L << 61) {
                return a + b <= twice.longValue();
            }
        }
        return distinct.bigUnit(left).add(distinct.bigUnit(right)).compareTo(twice) <= 0;
    }

    /**
     * The values with the highest frequency, ascending; none when all of several distinct values are equally frequent.
     */
    public List<Exact> commonest() {
        long most = 0;
        long least = Long.MAX_VALUE;
        for (int i = 0; i < distinct.size(); i++) {
            long weight = cumulative[i + 1] - cumulative[i];
            most = Math.max(most, weight);
            least = Math.min(least, weight);
        }
        List<Exact> found = new ArrayList<>();
        if (distinct.size() > 1 && most == least) {
            return found;
        }
        for (int i = 0; i < distinct.size(); i++) {
            if (cumulative[i + 1] - cumulative[i] == most) {
                found.add(distinct.at(i));
            }
        }
        return found;
    }

    /** The highest frequency. */
    public Exact highestWeight() {
        long most = 0;
        for (int i = 0; i < distinct.size(); i++) {
            most = Math.max(most, cumulative[i + 1] - cumulative[i]);
        }
        return weightUnit.times(most);
    }

    private Exact scale() {
        return Exact.of(BigInteger.TEN.pow(distinct.places()));
    }
}
