package promedio.benchmarks;

import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Decimals;
import promedio.core.sample.Sample;

/** All measures of pairs, ranks and Kendall's counts included. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx2g", "-XX:+UseSerialGC"})
public class PairsBenchmark {
    /** How many pairs there are. */
    @Param({"30", "10000", "390000"})
    public int pairs;

    private Decimals xs;
    private Decimals ys;

    /** Makes pairs that rise on the whole, with ties. */
    @Setup
    public void values() {
        SplittableRandom random = new SplittableRandom(1);
        long[] first = random.longs(pairs, 0, 100_000).toArray();
        long[] second = new long[pairs];
        for (int i = 0; i < pairs; i++) {
            second[i] = first[i] / 3 + random.nextInt(30_000);
        }
        xs = Decimals.of(2, first);
        ys = Decimals.of(1, second);
    }

    /** Every measure of the page. */
    @Benchmark
    public int measures() {
        Evaluation evaluation = Evaluation.of(Sample.pairs(xs, ys));
        int figures = 0;
        for (Measure measure : Catalogue.pairs().page(CourseCard.STANDARD)) {
            figures += measure.outcome(evaluation).figures().size();
        }
        return figures;
    }
}
