package promedio.benchmarks;

import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;

/** Exact power sums of ten million values against one plain pass of a double sum. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx3g", "-XX:+UseSerialGC"})
public class PowerSumsBenchmark {
    private static final int SIZE = 10_000_000;

    private Decimals exact;
    private double[] plain;

    /** Makes ten million values with three decimal places. */
    @Setup
    public void values() {
        SplittableRandom random = new SplittableRandom(1);
        long[] units = random.longs(SIZE, 0, 2_000_000).toArray();
        exact = Decimals.of(3, units);
        plain = new double[SIZE];
        for (int i = 0; i < SIZE; i++) {
            plain[i] = units[i] / 1000.0;
        }
    }

    /** The measure of all things: one pass. */
    @Benchmark
    public double plainDoubleSum() {
        double sum = 0;
        for (double value : plain) {
            sum += value;
        }
        return sum;
    }

    /** Σx and Σx², exact. */
    @Benchmark
    public Exact[] firstTwo() {
        return exact.powerSums(2);
    }

    /** Σx to Σx⁴, exact. */
    @Benchmark
    public Exact[] firstFour() {
        return exact.powerSums(4);
    }
}
