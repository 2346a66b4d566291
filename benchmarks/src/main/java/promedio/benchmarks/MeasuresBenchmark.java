package promedio.benchmarks;

import java.util.Arrays;
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
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Decimals;
import promedio.core.sample.Sample;

/** All measures under all conventions: of a million values against sorting them once, and of thirty. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx2g", "-XX:+UseSerialGC"})
public class MeasuresBenchmark {
    private long[] units;
    private Decimals million;
    private Decimals thirty;

    /** Makes a million values with three decimal places, over half of them distinct. */
    @Setup
    public void values() {
        units = new SplittableRandom(1).longs(1_000_000, 1, 1_500_000).toArray();
        million = Decimals.of(3, units);
        thirty = Decimals.of(1, Arrays.copyOf(units, 30));
        long distinct = Arrays.stream(units).distinct().count();
        if (distinct <= 500_000) {
            throw new IllegalStateException("Only " + distinct + " distinct values.");
        }
    }

    /** Sorting the million once. */
    @Benchmark
    public long[] sortMillion() {
        long[] copy = units.clone();
        Arrays.sort(copy);
        return copy;
    }

    /** Every measure of the million, sorting included. */
    @Benchmark
    public int measuresOfMillion() {
        return all(million);
    }

    /** Every measure of thirty values. */
    @Benchmark
    public int measuresOfThirty() {
        return all(thirty);
    }

    private static int all(Decimals values) {
        Evaluation evaluation = Evaluation.of(Sample.list(values));
        int figures = 0;
        for (Measure measure : Catalogue.lists().all()) {
            figures += measure.outcome(evaluation).figures().size();
        }
        return figures;
    }
}
