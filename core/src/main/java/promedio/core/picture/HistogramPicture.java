package promedio.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Ranking;
import promedio.core.sample.Sample;

/**
 * Bars over classes, their areas true to the frequencies; of several samples over one another, or under the normal curve of
 * the same mean and standard deviation, each bar is f/(n·h) high.
 */
final class HistogramPicture {
    private static final int CURVE_STEPS = 160;
    private static final double CURVE_REACH = 3.5;
    /** The area under the normal curve within 1, 2, 3 standard deviations of its mean: erf(k/√2). */
    private static final List<Exact> WITHIN = List.of(
            Exact.ratio(682689492137086L, 1_000_000_000_000_000L),
            Exact.ratio(954499736103642L, 1_000_000_000_000_000L),
            Exact.ratio(997300203936740L, 1_000_000_000_000_000L));

    private final Subject.Samples subject;
    private final Frame frame;
    private final boolean curve;

    HistogramPicture(Subject.Samples subject, Frame frame, boolean curve) {
        this.subject = subject;
        this.frame = frame;
        this.curve = curve;
    }

    Pictured picture() {
        Grouped grouped = Grouped.of(subject, frame);
        if (grouped.why().isPresent()) {
            return Pictured.none(grouped.why().get());
        }
        Optional<Content.Normal> normal = Optional.empty();
        if (curve) {
            Sample sample = subject.samples().get(0).sample();
            Optional<Figure> mean = figure(sample, "mean");
            Optional<Figure> sd = figure(sample, "sd").filter(found -> found.signum() > 0);
            if (mean.isEmpty() || sd.isEmpty()) {
                return Pictured.none("picture.no-spread");
            }
            normal = Optional.of(normal(sample, mean.get(), sd.get()));
        }
        Content.Height height = grouped.height(frame, curve);
        Content.Classes content = content(grouped, height, normal);
        Exact least = grouped.from();
        Exact most = grouped.to();
        Axis across = grouped.across(subject, frame, least, most);
        Exact highest = content.series().stream()
                .flatMap(series -> series.bars().stream())
                .map(Content.Classes.Bar::height)
                .max(Exact::compareTo)
                .orElseThrow();
        if (normal.isPresent()) {
            double peak = density(normal.get(), normal.get().mean().toDouble());
            highest = Exact.from(java.math.BigDecimal.valueOf(Math.max(peak, highest.toDouble())));
        }
        boolean stacked =
                frame.wish().is(Setting.STACKED, "yes") && subject.samples().size() > 1;
        Axis up = stacked
                ? Strips.axis(frame.things(subject.by(), subject.samples().size()), Grouped.names(subject), highest)
                : frame.heights(grouped.heightTitle(height, subject), highest, grouped.countWhole(height));
        List<Mark> marks = new ArrayList<>(Bands.marks(frame, across, up));
        bars(content, stacked ? Strips.height(highest) : 0, marks);
        normal.ifPresent(one -> curve(one, across, marks));
        List<String> names = stacked
                ? List.of("")
                : normal.isPresent() ? List.of("", Frame.words("picture.normal-curve")) : Grouped.names(subject);
        return Pictured.of(new Picture(
                frame.wish().kind(),
                frame.title(subject.name()),
                frame.wish().get(Setting.CAPTION).orElse(""),
                Optional.of(across),
                Optional.of(up),
                content,
                marks,
                names,
                subject.by(),
                frame.colours(subject.samples().size() + 1, stacked),
                grouped.told(frame, curve)));
    }

    private Content.Classes content(Grouped grouped, Content.Height height, Optional<Content.Normal> normal) {
        List<Content.Classes.Series> all = new ArrayList<>();
        for (int i = 0; i < grouped.tables().size(); i++) {
            ClassTable table = grouped.tables().get(i);
            List<Content.Classes.Bar> bars = new ArrayList<>();
            for (ClassInterval one : table.classes()) {
                bars.add(new Content.Classes.Bar(
                        one.label(),
                        one.lower().orElseThrow(),
                        one.upper().orElseThrow(),
                        one.frequency(),
                        Grouped.height(height, table, one),
                        one.assumed()));
            }
            all.add(new Content.Classes.Series(Grouped.names(subject).get(i), table.count(), bars));
        }
        return new Content.Classes(height, all, normal);
    }

    /** The bars; each sample in a strip of its own, where strips have a height. */
    private static void bars(Content.Classes content, double strip, List<Mark> marks) {
        for (int s = 0; s < content.series().size(); s++) {
            List<Content.Classes.Bar> bars = content.series().get(s).bars();
            double base = strip * (content.series().size() - 1 - s);
            for (int i = 0; i < bars.size(); i++) {
                Content.Classes.Bar bar = bars.get(i);
                marks.add(new Mark.Area(
                        new Mark.Part(s, i),
                        bar.assumedEnd() ? Mark.Role.DASHED : Mark.Role.MAIN,
                        bar.from().toDouble(),
                        bar.to().toDouble(),
                        base,
                        base + bar.height().toDouble()));
            }
        }
    }

    private Optional<Figure> figure(Sample sample, String question) {
        return Catalogue.of(sample)
                .find(question, frame.card())
                .flatMap(measure -> measure.outcome(Evaluation.of(sample)).single());
    }

    private Content.Normal normal(Sample sample, Figure mean, Figure sd) {
        List<Content.Normal.Share> shares = new ArrayList<>();
        for (int k = 1; k <= WITHIN.size(); k++) {
            Exact found = within(sample, mean, sd, k).over(sample.count());
            shares.add(new Content.Normal.Share(k, WITHIN.get(k - 1), found));
        }
        return new Content.Normal(mean, sd, shares);
    }

    /** How many values lie within k standard deviations of the mean, ends and all; compared exactly, by the squares. */
    private static Exact within(Sample sample, Figure mean, Figure sd, int k) {
        Ranking ranking = sample.ranking();
        Figure reach = sd.times(Exact.of(k));
        int size = ranking.distinct().size();
        int low = first(
                size, i -> ranking.distinct().at(i).minus(mean).plus(reach).signum() >= 0);
        int high = first(
                size, i -> ranking.distinct().at(i).minus(mean).minus(reach).signum() > 0);
        Exact below = low == size ? sample.count() : ranking.before(low);
        Exact upTo = high == size ? sample.count() : ranking.before(high);
        return upTo.minus(below);
    }

    /** The first index for which something holds that holds for all after it. */
    private static int first(int size, java.util.function.IntPredicate holds) {
        int low = 0;
        int high = size;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (holds.test(middle)) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    private static double density(Content.Normal normal, double x) {
        double sd = normal.sd().toDouble();
        double z = (x - normal.mean().toDouble()) / sd;
        return Math.exp(-z * z / 2) / (sd * Math.sqrt(2 * Math.PI));
    }

    private void curve(Content.Normal normal, Axis across, List<Mark> marks) {
        double mean = normal.mean().toDouble();
        double sd = normal.sd().toDouble();
        double from = Math.max(across.from().toDouble(), mean - CURVE_REACH * sd);
        double to = Math.min(across.to().toDouble(), mean + CURVE_REACH * sd);
        double[] xs = new double[CURVE_STEPS + 1];
        double[] ys = new double[CURVE_STEPS + 1];
        for (int i = 0; i <= CURVE_STEPS; i++) {
            xs[i] = from + (to - from) * i / CURVE_STEPS;
            ys[i] = density(normal, xs[i]);
        }
        marks.add(new Mark.Trace(Mark.Part.all(1), Mark.Role.OVER, Places.of(xs, ys)));
        for (int k = -3; k <= 3; k++) {
            double x = mean + k * sd;
            if (x > across.from().toDouble() && x < across.to().toDouble()) {
                marks.add(new Mark.Trace(
                        new Mark.Part(1, Math.abs(k)), Mark.Role.DASHED, Places.line(x, 0, x, density(normal, x))));
            }
        }
    }
}
