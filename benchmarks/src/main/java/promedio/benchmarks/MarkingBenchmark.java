package promedio.benchmarks;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
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
import promedio.core.marking.Marker;
import promedio.core.marking.Verdict;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.Sample;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassReading;

/** Marking answers that nothing explains, pairs of mistakes included: the first to a question, and later ones. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx1g", "-XX:+UseSerialGC"})
public class MarkingBenchmark {
    /** A list of 60 values, or a table of 12 classes. */
    @Param({"list", "classes"})
    public String kind;

    /** What is asked. */
    @Param({"mean", "sd", "quartile-1", "skewness-pearson-median", "kurtosis-adjusted"})
    public String question;

    private Sample sample;
    private Marker marker;
    private int next;

    /** Makes the sample. */
    @Setup
    public void sample() {
        SplittableRandom random = new SplittableRandom(8);
        sample = kind.equals("list") ? list(random) : classes(random);
        marker = new Marker(sample, CourseCard.STANDARD);
        if (!(later() instanceof Verdict.Differs)) {
            throw new IllegalStateException("The answer was to be unexplained.");
        }
    }

    private static Sample list(SplittableRandom random) {
        List<BigDecimal> values = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            values.add(BigDecimal.valueOf(random.nextInt(50, 950), 1));
        }
        return Sample.list(Decimals.from(values));
    }

    private static Sample classes(SplittableRandom random) {
        List<ClassReading.Row> rows = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            String label = 10 * i + "-" + (10 * i + 9);
            ClassLabel read = ClassLabel.parse(label, Numerals.POINT).orElseThrow();
            rows.add(new ClassReading.Row(i, label, read, Exact.of(random.nextInt(2, 27))));
        }
        return Sample.classes(ClassReading.of(rows, CourseCard.STANDARD).table().orElseThrow());
    }

    /** The first answer to a question. */
    @Benchmark
    public Verdict first() {
        return new Marker(sample, CourseCard.STANDARD).mark(question, "7777.7123");
    }

    /** Another answer to it. */
    @Benchmark
    public Verdict later() {
        next++;
        return marker.mark(question, "7777." + (1000 + next % 9000));
    }
}
