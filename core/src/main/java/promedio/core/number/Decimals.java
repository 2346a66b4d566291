package promedio.core.number;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Many exact decimals on one decimal scale: number i is {@code units[i]} · 10^−places. They lie in machine words where
 * they fit, not in an object each, which is what makes a million values light and their power sums fast.
 */
public final class Decimals {
    /** So many bits for each number are still quicker than putting them in order. */
    private static final int CLOSE = 256;

    private static final long MOST_BITS = 1 << 28;

    private static final BigInteger LEAST = BigInteger.valueOf(Long.MIN_VALUE + 1);
    private static final BigInteger MOST = BigInteger.valueOf(Long.MAX_VALUE);

    private final int places;
    private final long[] units;
    private final BigInteger[] wide;

    private Decimals(int places, long[] units, BigInteger[] wide) {
        this.places = places;
        this.units = units;
        this.wide = wide;
    }

    /** Whole units on a scale: {@code units[i]} · 10^−places. The array is copied. */
    public static Decimals of(int places, long... units) {
        return new Decimals(places, units.clone(), null);
    }

    /** Decimals of any size, brought to a common scale. */
    public static Decimals from(List<BigDecimal> values) {
        Builder builder = new Builder(values.size());
        values.forEach(builder::add);
        return builder.build();
    }

    /** How many there are. */
    public int size() {
        return units == null ? wide.length : units.length;
    }

    /** The decimal places of the common scale. */
    public int places() {
        return places;
    }

    /** Whether all of them fit machine words. */
    public boolean isCompact() {
        return units != null;
    }

    /** Number i, exact. */
    public Exact at(int index) {
        return Exact.from(decimal(index));
    }

    /** Number i as a decimal on the common scale. */
    public BigDecimal decimal(int index) {
        return units == null ? new BigDecimal(wide[index], places) : BigDecimal.valueOf(units[index], places);
    }

    /** Number i in units of the common scale; needs {@link #isCompact}. */
    public long unit(int index) {
        return units[index];
    }

    /** Number i in units of the common scale, of any size. */
    public BigInteger bigUnit(int index) {
        return units == null ? wide[index] : BigInteger.valueOf(units[index]);
    }

    /** Number i as the nearest double, for drawing. */
    public double toDouble(int index) {
        return units != null && places <= 22
                ? units[index] / Math.pow(10, places)
                : decimal(index).doubleValue();
    }

    /** Compares two of them by size. */
    public int compare(int left, int right) {
        return units == null ? wide[left].compareTo(wide[right]) : Long.compare(units[left], units[right]);
    }

    /** The same numbers in ascending order. */
    public Decimals ascending() {
        if (units == null) {
            BigInteger[] sorted = wide.clone();
            Arrays.sort(sorted);
            return new Decimals(places, null, sorted);
        }
        long[] sorted = units.clone();
        Arrays.sort(sorted);
        return new Decimals(places, sorted, null);
    }

    /** The index of the least of them, the first of several; 0 where there is none. */
    public int least() {
        int least = 0;
        for (int i = 1; i < size(); i++) {
            least = compare(i, least) < 0 ? i : least;
        }
        return least;
    }

    /** The index of the largest of them, the first of several; 0 where there is none. */
    public int largest() {
        int largest = 0;
        for (int i = 1; i < size(); i++) {
            largest = compare(i, largest) > 0 ? i : largest;
        }
        return largest;
    }

    /** How many of them are different: a bit for each that there can be where they lie close together, else by their order. */
    public int distinct() {
        if (units != null && units.length > 0) {
            long least = units[least()];
            long range = units[largest()] - least;
            if (range >= 0 && range < Math.min(MOST_BITS, (long) CLOSE * units.length)) {
                BitSet met = new BitSet((int) range + 1);
                for (long unit : units) {
                    met.set((int) (unit - least));
                }
                return met.cardinality();
            }
        }
        Decimals sorted = ascending();
        int distinct = Math.min(1, size());
        for (int i = 1; i < sorted.size(); i++) {
            distinct += sorted.compare(i, i - 1) == 0 ? 0 : 1;
        }
        return distinct;
    }

    /** The numbers at some indices, in that order. */
    public Decimals pick(int... indices) {
        if (units == null) {
            return new Decimals(
                    places, null, Arrays.stream(indices).mapToObj(i -> wide[i]).toArray(BigInteger[]::new));
        }
        return new Decimals(
                places, Arrays.stream(indices).mapToLong(i -> units[i]).toArray(), null);
    }

    /** The first few of them; what {@link Builder} over-allocates is cut with it. */
    public Decimals first(int count) {
        return units == null
                ? new Decimals(places, null, Arrays.copyOf(wide, count))
                : new Decimals(places, Arrays.copyOf(units, count), null);
    }

    /**
     * The sums of the powers 1 to {@code degree}: Σx, Σx², … exact.
     *
     * @return at index k the sum of k-th powers; index 0 holds the count
     */
    public Exact[] powerSums(int degree) {
        BigInteger[] sums = units == null ? PowerSums.of(wide, degree) : PowerSums.of(units, degree);
        Exact[] exact = new Exact[degree + 1];
        for (int k = 0; k <= degree; k++) {
            exact[k] = Exact.scaled(sums[k], k * places);
        }
        return exact;
    }

    /** Collects decimals one by one and widens the scale as needed. */
    public static final class Builder {
        private static final int MOST_COMPACT_PLACES = 18;
        private static final long[] TENS =
                IntStream.rangeClosed(0, 18).mapToLong(Builder::ten).toArray();

        private int size;
        private int places;
        private long[] units;
        private BigInteger[] wide;

        /** A builder with room for some. */
        public Builder(int expected) {
            units = new long[Math.max(8, expected)];
        }

        /** Adds {@code unit} · 10^−unitPlaces. */
        public void add(long unit, int unitPlaces) {
            if (wide != null || unitPlaces > places || !addScaled(unit, places - unitPlaces)) {
                add(BigDecimal.valueOf(unit, unitPlaces));
            }
        }

        private static long ten(int power) {
            return BigInteger.TEN.pow(power).longValueExact();
        }

        /** Adds a unit times a power of ten, when that fits. */
        private boolean addScaled(long unit, int more) {
            long factor = more < TENS.length ? TENS[more] : Long.MAX_VALUE;
            long most = Long.MAX_VALUE / factor;
            if (unit > most || unit < -most) {
                return false;
            }
            room();
            units[size++] = unit == 0 ? 0 : unit * factor;
            return true;
        }

        /** Adds one decimal. */
        public void add(BigDecimal value) {
            int needed = Math.max(0, value.scale());
            if (needed > places) {
                rescale(needed);
            }
            BigInteger unit = value.setScale(places).unscaledValue();
            if (wide == null && (unit.compareTo(LEAST) < 0 || unit.compareTo(MOST) > 0)) {
                widen();
            }
            room();
            if (wide == null) {
                units[size++] = unit.longValueExact();
            } else {
                wide[size++] = unit;
            }
        }

        private void room() {
            if (wide == null && size == units.length) {
                units = Arrays.copyOf(units, size * 2);
            } else if (wide != null && size == wide.length) {
                wide = Arrays.copyOf(wide, size * 2);
            }
        }

        private void rescale(int needed) {
            int more = needed - places;
            if (wide == null && (needed > MOST_COMPACT_PLACES || !fitsTimes(more))) {
                widen();
            }
            places = needed;
            if (wide == null) {
                long factor = BigInteger.TEN.pow(more).longValueExact();
                for (int i = 0; i < size; i++) {
                    units[i] *= factor;
                }
            } else {
                BigInteger factor = BigInteger.TEN.pow(more);
                for (int i = 0; i < size; i++) {
                    wide[i] = wide[i].multiply(factor);
                }
            }
        }

        private boolean fitsTimes(int more) {
            long limit = MOST.divide(BigInteger.TEN.pow(more)).longValueExact();
            for (int i = 0; i < size; i++) {
                if (units[i] > limit || units[i] < -limit) {
                    return false;
                }
            }
            return true;
        }

        private void widen() {
            wide = new BigInteger[units.length];
            for (int i = 0; i < size; i++) {
                wide[i] = BigInteger.valueOf(units[i]);
            }
            units = null;
        }

        /** All that was added. */
        public Decimals build() {
            return wide == null
                    ? new Decimals(places, Arrays.copyOf(units, size), null)
                    : new Decimals(places, null, Arrays.copyOf(wide, size));
        }
    }
}
