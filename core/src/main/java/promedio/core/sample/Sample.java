package promedio.core.sample;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;

/**
 * A sample as it is computed with: rows of a value and its frequency, in the order of entry. A plain list has frequency
 * 1 in every row. Missing entries are counted but are no rows.
 */
public final class Sample {
    private static final BigInteger MOST_COUNTED = BigInteger.ONE.shiftLeft(62);

    private final Decimals values;
    private final Decimals weights;
    private final boolean relative;
    private final int[] entries;
    private final Exact count;
    private final Exact missing;
    private final ClassTable classes;
    /** The second values of pairs; null for all other samples. */
    private final Decimals partners;
    /** What a question gives in place of data; null for samples that have data. */
    private final Givens givens;

    private Ranking ranking;
    private Paired paired;
    private Exact[] sums;

    private Sample(
            Decimals values,
            Decimals weights,
            boolean relative,
            int[] entries,
            Exact missing,
            ClassTable classes,
            Decimals partners) {
        this.partners = partners;
        this.givens = null;
        this.values = values;
        this.weights = weights;
        this.relative = relative;
        this.entries = entries;
        this.missing = missing;
        this.classes = classes;
        this.count =
                classes != null ? classes.count() : weights == null ? Exact.of(values.size()) : weights.powerSums(1)[1];
        if (count.signum() > 0 && count.times(scale()).numerator().compareTo(MOST_COUNTED) >= 0) {
            throw new IllegalArgumentException("The frequencies add up to 2^62 or more.");
        }
    }

    private Sample(Givens givens) {
        this.values = new Decimals.Builder(0).build();
        this.weights = null;
        this.relative = false;
        this.entries = null;
        this.count = Exact.of(givens.items().size());
        this.missing = Exact.ZERO;
        this.classes = null;
        this.partners = null;
        this.givens = givens;
    }

    /** What a question gives in place of data: it has no rows, and counts what is given. */
    public static Sample givens(Givens givens) {
        return new Sample(givens);
    }

    /** What a question gives in place of data; empty where there are data. */
    public Optional<Givens> givens() {
        return Optional.ofNullable(givens);
    }

    /** A list of values. */
    public static Sample list(Decimals values) {
        return new Sample(values, null, false, null, Exact.ZERO, null, null);
    }

    /** A list of values written as decimals: {@code Sample.of("12", "15", "15.5")}. For tests and examples. */
    public static Sample of(String... values) {
        return list(Decimals.from(Arrays.stream(values).map(BigDecimal::new).toList()));
    }

    /**
     * A frequency table: row i has value i with frequency i. Rows of frequency 0 count nowhere and are to be left out.
     *
     * @param relative whether the frequencies are proportions or percentages
     * @throws IllegalArgumentException when the two differ in size, a weight is not positive, or the total is 2⁶² or more
     */
    public static Sample frequencies(Decimals values, Decimals weights, boolean relative) {
        if (values.size() != weights.size()) {
            throw new IllegalArgumentException(
                    values.size() + " values cannot have " + weights.size() + " frequencies.");
        }
        for (int i = 0; i < weights.size(); i++) {
            if (weights.bigUnit(i).signum() <= 0) {
                throw new IllegalArgumentException("Row " + (i + 1) + " has the frequency " + weights.at(i) + ".");
            }
        }
        if (!weights.isCompact()) {
            throw new IllegalArgumentException("The frequencies add up to 2^62 or more.");
        }
        return new Sample(values, weights, relative, null, Exact.ZERO, null, null);
    }

    /**
     * Pairs: row i has the first value i and the second value i.
     *
     * @throws IllegalArgumentException when there are not as many of both
     */
    public static Sample pairs(Decimals first, Decimals second) {
        return list(first).with(second);
    }

    /**
     * Pairs that count with a frequency.
     *
     * @throws IllegalArgumentException when there are not as many of all, a frequency is not positive, or the total is 2⁶² or more
     */
    public static Sample pairs(Decimals first, Decimals second, Decimals weights) {
        return frequencies(first, weights, false).with(second);
    }

    private Sample with(Decimals second) {
        if (second.size() != values.size()) {
            throw new IllegalArgumentException(values.size() + " and " + second.size() + " values make no pairs.");
        }
        return new Sample(values, weights, relative, entries, missing, classes, second);
    }

    /** Whether frequencies, in units of the finest of them, add up to less than 2⁶²; only such can be ranked. */
    public static boolean canAddUp(Decimals frequencies) {
        BigInteger total = BigInteger.ZERO;
        for (int i = 0; i < frequencies.size(); i++) {
            total = total.add(frequencies.bigUnit(i));
        }
        return frequencies.isCompact() && total.compareTo(MOST_COUNTED) < 0;
    }

    /** The same of the frequencies of a class table. */
    public static boolean canAddUp(ClassTable table) {
        Decimals.Builder frequencies = new Decimals.Builder(table.size());
        table.classes().forEach(one -> frequencies.add(decimal(one.frequency())));
        return canAddUp(frequencies.build());
    }

    /**
     * A class table: each value is taken at the midpoint of its class. While an end is missing the rows are those of the
     * closed classes only, and what would need the others has no value.
     */
    public static Sample classes(ClassTable table) {
        Decimals.Builder midpoints = new Decimals.Builder(table.size());
        Decimals.Builder weights = new Decimals.Builder(table.size());
        int[] entries = new int[table.size()];
        int rows = 0;
        for (ClassInterval one : table.classes()) {
            if (!one.isOpen() && one.frequency().signum() > 0) {
                midpoints.add(decimal(one.midpoint().orElseThrow()));
                weights.add(decimal(one.frequency()));
                entries[rows++] = one.entry();
            }
        }
        return new Sample(
                midpoints.build(),
                weights.build(),
                table.isRelative(),
                Arrays.copyOf(entries, rows),
                Exact.ZERO,
                table,
                null);
    }

    private static BigDecimal decimal(Exact value) {
        return value.toPlaces(value.placesInFull().orElseThrow(), HalfRule.HALF_UP);
    }

    /** The class table whose midpoints these are; empty for a list or frequency table. */
    public Optional<ClassTable> classes() {
        return Optional.ofNullable(classes);
    }

    /** What it has besides its first values where it is a sample of pairs; empty where it is none. */
    public synchronized Optional<Paired> paired() {
        if (paired == null && partners != null) {
            paired = new Paired(this, new Sample(partners, weights, relative, entries, missing, null, null));
        }
        return Optional.ofNullable(paired);
    }

    /** What it is made of. */
    public SampleKind kind() {
        if (givens != null) {
            return givens.kind();
        }
        if (partners != null) {
            return SampleKind.PAIRS;
        }
        return classes != null ? SampleKind.CLASSES : weights != null ? SampleKind.FREQUENCIES : SampleKind.VALUES;
    }

    /** Whether it is a class table with an end that nobody has stated or assumed, so that midpoints are missing. */
    public boolean isOpenEnded() {
        return classes != null && classes.isOpen();
    }

    /** The decimal places that the data were written with. */
    public int places() {
        if (givens != null) {
            return givens.places();
        }
        int second = partners == null ? 0 : partners.places();
        return classes == null
                ? Math.max(values.places(), second)
                : classes.recordingUnit().placesInFull().orElse(0);
    }

    /** The same sample that knows from which entry each row comes: row i from entry {@code entries[i]}. */
    public Sample withEntries(int... rowEntries) {
        return new Sample(values, weights, relative, rowEntries.clone(), missing, classes, partners);
    }

    /** The same sample with a number (or total frequency) of missing values. */
    public Sample withMissing(Exact left) {
        return new Sample(values, weights, relative, entries, left, classes, partners);
    }

    /** n, the number of values; for a frequency table the total of the frequencies. */
    public Exact count() {
        return count;
    }

    /** How many values are missing. */
    public Exact missing() {
        return missing;
    }

    /** Whether there is no value at all. */
    public boolean isEmpty() {
        return count.signum() == 0;
    }

    /** The number of rows: values of a list, lines of a frequency table. */
    public int rows() {
        return values.size();
    }

    /** Whether this is a frequency table. */
    public boolean weighted() {
        return weights != null;
    }

    /** What formulas may depend on. */
    public Shape shape() {
        return new Shape(
                count,
                relative ? Exact.ONE.over(scale()) : Exact.ONE,
                recordingUnit(),
                weighted(),
                relative,
                classes().map(Grouping::of),
                givens());
    }

    /** The value of a row. */
    public Exact value(int row) {
        return values.at(row);
    }

    /** The frequency of a row; 1 in a list. */
    public Exact weight(int row) {
        return weights == null ? Exact.ONE : weights.at(row);
    }

    /** What a letter stands for in a row; empty where samples of this kind have none of that letter. */
    public Optional<Exact> letter(Letter letter, int row) {
        return switch (letter) {
            case X -> Optional.of(value(row));
            case F -> Optional.of(weight(row));
            case Y -> paired().map(pairs -> pairs.value(row));
            case RANK_OF_X -> paired().map(pairs -> pairs.firstRank(row));
            case RANK_OF_Y -> paired().map(pairs -> pairs.secondRank(row));
        };
    }

    /**
     * The total of a product of powers over all rows, each as often as its frequency says; empty where samples of this kind have none of
     * its letters.
     *
     * @throws IllegalArgumentException for a product whose total is not kept
     */
    public Optional<Exact> total(Powers powers) {
        if (!powers.isKept()) {
            throw new IllegalArgumentException("No total is kept of " + powers + ".");
        }
        int ofX = powers.power(Letter.X);
        int ofY = powers.power(Letter.Y);
        int ranksOfX = powers.power(Letter.RANK_OF_X);
        int ranksOfY = powers.power(Letter.RANK_OF_Y);
        if (ranksOfX + ranksOfY > 0) {
            return paired().map(pairs -> pairs.sumOfRanks(ranksOfX, ranksOfY));
        }
        if (ofY == 0) {
            return Optional.of(powerSum(ofX));
        }
        return paired().map(pairs -> ofX == 0 ? pairs.second().powerSum(ofY) : pairs.sumOfProducts());
    }

    /** The entry that a row comes from; a sample made without entries counts its rows. */
    public int entry(int row) {
        return entries == null ? row : entries[row];
    }

    /** The values in order of entry. */
    public Decimals values() {
        return values;
    }

    /** The weights in order of entry; empty for a list. */
    public Optional<Decimals> weights() {
        return Optional.ofNullable(weights);
    }

    /** The unit in which values were recorded: 1 at the finest decimal place used. */
    public Exact recordingUnit() {
        return classes == null ? Exact.scaled(BigInteger.ONE, values.places()) : classes.recordingUnit();
    }

    /** The values in order of size, sorted when first asked for. */
    public synchronized Ranking ranking() {
        if (ranking == null) {
            ranking = Ranking.of(values, weights);
        }
        return ranking;
    }

    /**
     * The sum of the k-th powers of the values, Σfxᵏ, exact; Σf for k = 0. The first four are kept once computed.
     *
     * @throws IllegalArgumentException for a k below 0 or above 4
     */
    public synchronized Exact powerSum(int k) {
        if (k < 0 || k > 4) {
            throw new IllegalArgumentException("Power sums are kept for powers 0 to 4, not " + k + ".");
        }
        if (sums == null || sums.length <= k) {
            sums = weights == null ? values.powerSums(k <= 2 ? 2 : 4) : weightedSums();
        }
        return sums[k];
    }

    private Exact[] weightedSums() {
        BigInteger[] totals = new BigInteger[5];
        Arrays.fill(totals, BigInteger.ZERO);
        for (int i = 0; i < values.size(); i++) {
            BigInteger term = weights.bigUnit(i);
            for (int k = 0; k <= 4; k++) {
                totals[k] = totals[k].add(term);
                term = term.multiply(values.bigUnit(i));
            }
        }
        Exact[] exact = new Exact[5];
        for (int k = 0; k <= 4; k++) {
            exact[k] = Exact.scaled(totals[k], k * values.places() + weights.places());
        }
        return exact;
    }

    /**
     * The sample with every value as often as its frequency says.
     *
     * @throws IllegalStateException when that is more than ten million values, or frequencies are proportions
     */
    public Sample expanded() {
        if (relative || count.compareTo(Exact.of(10_000_000)) > 0) {
            throw new IllegalStateException("A sample of " + count + " cannot be written out as a list.");
        }
        int[] rows = new int[count.numerator().intValueExact()];
        int next = 0;
        for (int row = 0; row < rows(); row++) {
            int times = weight(row).numerator().intValueExact();
            Arrays.fill(rows, next, next + times, row);
            next += times;
        }
        Sample written = list(values.pick(rows)).withMissing(missing);
        return partners == null ? written : written.with(partners.pick(rows));
    }

    private Exact scale() {
        return weights == null ? Exact.ONE : Exact.of(BigInteger.TEN.pow(weights.places()));
    }

    /** The values as text, for messages of tests. */
    @Override
    public String toString() {
        List<String> texts = java.util.stream.IntStream.range(0, Math.min(rows(), 20))
                .mapToObj(i -> values.decimal(i).toPlainString() + (weighted() ? " × " + weight(i) : ""))
                .toList();
        return String.join(" ", texts) + (rows() > 20 ? " … (" + rows() + " rows)" : "");
    }
}
