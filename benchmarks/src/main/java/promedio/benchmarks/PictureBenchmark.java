package promedio.benchmarks;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
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
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.picture.Named;
import promedio.core.picture.Picture;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Pictures;
import promedio.core.picture.Subject;
import promedio.core.picture.Wish;
import promedio.core.sample.Sample;
import promedio.core.tabulate.Tabulation;
import promedio.core.working.FigureText;
import promedio.files.picture.Drawing;
import promedio.files.picture.Look;
import promedio.files.picture.Placed;

/** Pictures from a sample to points of colour, as while an edge is dragged: the classes are other ones each time. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx2g", "-XX:+UseSerialGC", "-Djava.awt.headless=true"})
public class PictureBenchmark {
    /** How many values, or pairs. */
    @Param({"24", "100000", "390000"})
    public int size;

    /** What is drawn. */
    @Param({"HISTOGRAM", "OGIVE", "BOXES", "SCATTER"})
    public PictureKind kind;

    private Subject subject;
    private Sample sample;
    private int step;

    /** Makes the sample, in order already. */
    @Setup
    public void sample() {
        SplittableRandom random = new SplittableRandom(15);
        Decimals xs = random(random);
        sample = Sample.list(xs);
        sample.ranking();
        subject = kind == PictureKind.SCATTER
                ? new Subject.Pairs("x", "y", "", List.of(new Subject.Pairs.Group("", xs, random(random))))
                : new Subject.Samples(new Named("Minutes", "min", sample, Optional.empty()));
    }

    private Decimals random(SplittableRandom random) {
        Decimals.Builder values = new Decimals.Builder(size);
        for (int i = 0; i < size; i++) {
            values.add(random.nextInt(1, 10_000), 1);
        }
        return values.build();
    }

    /** The picture, drawn on 760 by 420 pixels. */
    @Benchmark
    public Placed drawn() {
        if (kind == PictureKind.HISTOGRAM || kind == PictureKind.OGIVE) {
            step = (step + 1) % 40;
            Tabulation dragged = Tabulation.of(Exact.ZERO, Exact.of(100), 10, false)
                    .moved(3, Exact.of(280L + step))
                    .orElseThrow();
            subject = new Subject.Samples(new Named("Minutes", "min", sample, Optional.of(dragged)));
        }
        Picture picture = Pictures.of(subject, Wish.of(kind), CourseCard.STANDARD)
                .picture()
                .orElseThrow();
        BufferedImage image = new BufferedImage(760, 420, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        Placed placed = new Drawing(picture, Look.PAPER, new FigureText(CourseCard.STANDARD, 1)).draw(g, 760, 420);
        g.dispose();
        return placed;
    }
}
