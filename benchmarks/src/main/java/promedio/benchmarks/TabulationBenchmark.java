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
import promedio.core.course.Closed;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.tabulate.Tabulation;

/** Classes of a million values, sorted once, counted anew after an edge was moved. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx2g", "-XX:+UseSerialGC"})
public class TabulationBenchmark {
    private Sample million;
    private Tabulation classes;
    private int moved;

    /** Makes and sorts a million values; twenty classes hold them. */
    @Setup
    public void values() {
        million = Sample.list(Decimals.of(
                3, new SplittableRandom(1).longs(1_000_000, 1, 1_500_000).toArray()));
        million.ranking();
        classes = Tabulation.of(Exact.ZERO, Exact.of(75), 20, false);
    }

    /** Moves an edge a little and counts all classes. */
    @Benchmark
    public Tabulation.Counted moveAnEdge() {
        moved = (moved + 1) % 50;
        return classes.moved(7, Exact.of(500 + moved)).orElseThrow().count(million, Closed.LEFT, Exact::toString);
    }
}
