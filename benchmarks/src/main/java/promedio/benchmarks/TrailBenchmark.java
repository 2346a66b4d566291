package promedio.benchmarks;

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
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import promedio.core.course.CourseCard;
import promedio.core.data.CellRules;
import promedio.core.data.Entries;
import promedio.core.data.Table;
import promedio.core.data.TableReading;
import promedio.core.trail.Prepared;
import promedio.core.trail.Sources;
import promedio.core.trail.Trail;
import promedio.core.trail.Walk;

/** Ten steps over 390,000 rows of 28 columns, from cells as read; the same with the last step edited; and a plain loop over arrays. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 4, time = 3)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx1g", "-XX:+UseSerialGC"})
public class TrailBenchmark {
    private static final int ROWS = 390_000;
    private static final int COLUMNS = 28;
    private static final int PLACES = 2;
    private static final String LAST =
            "one row per bench, kind: n, mean of x3, median of rate, sd of x4, quartile 3 of total";

    private static final List<String> STEPS = List.of(
            "keep rows where x3 is not missing and x4 < 90",
            "work out rate = x4 / x3",
            "work out late = if x3 > 60 then \"late\" else \"in time\"",
            "sort into bands x3 as length: under 15 \"short\", 15 to under 60 \"usual\", 60 and over \"long\"",
            "replace in kind: \"lamp\" with \"lantern\"",
            "leave out columns x20 to x25",
            "work out score = standard score of x3 within bench",
            "work out total = x6 + x7 * 2 - x8",
            "put in order by bench, x3 largest first");

    private Table table;
    private Walk walked;
    private double[] first;
    private double[] second;

    /** Makes the cells. */
    @Setup
    public void table() {
        SplittableRandom random = new SplittableRandom(1);
        List<String> names = new ArrayList<>(List.of("kind", "bench"));
        List<Entries> cells = new ArrayList<>();
        cells.add(words(random, "lamp", "radio", "bicycle", "mixer"));
        cells.add(words(random, "A", "B", "C", "D", "E", "F"));
        for (int i = names.size(); i < COLUMNS; i++) {
            names.add("x" + i);
            Entries.Builder builder = new Entries.Builder();
            for (int row = 0; row < ROWS; row++) {
                builder.add(java.math.BigDecimal.valueOf(random.nextInt(1, 10_000), PLACES)
                        .toPlainString());
            }
            cells.add(builder.build());
        }
        table = TableReading.of(names, cells, CellRules.GUESSED, true).table();
        walked = walk(Walk.of(Prepared.of(table), CourseCard.STANDARD), LAST);
        first = random.doubles(ROWS).toArray();
        second = random.doubles(ROWS).toArray();
    }

    private static Entries words(SplittableRandom random, String... words) {
        Entries.Builder builder = new Entries.Builder();
        for (int row = 0; row < ROWS; row++) {
            builder.add(words[random.nextInt(words.length)]);
        }
        return builder.build();
    }

    private static Walk walk(Walk from, String last) {
        List<String> steps = new ArrayList<>(STEPS);
        steps.add(last);
        return from.along(Trail.of(steps.toArray(String[]::new)), CourseCard.STANDARD, Sources.NONE, () -> {});
    }

    /** All ten, with columns taken apart anew. */
    @Benchmark
    public Walk tenSteps() {
        return walk(Walk.of(Prepared.of(table), CourseCard.STANDARD), LAST);
    }

    /** The last step edited. */
    @Benchmark
    public Walk lastEdited() {
        return walk(walked, LAST.replace("median", "mean"));
    }

    /** One exact quotient of two columns. */
    @Benchmark
    public Walk quotient() {
        return walked.along(
                Trail.of(STEPS.get(0), "work out rate = x4 / x5"), CourseCard.STANDARD, Sources.NONE, () -> {});
    }

    /** The same in floating-point numbers over arrays. */
    @Benchmark
    public double[] plainLoop() {
        double[] quotients = new double[ROWS];
        for (int row = 0; row < ROWS; row++) {
            quotients[row] = first[row] / second[row];
        }
        return quotients;
    }
}
