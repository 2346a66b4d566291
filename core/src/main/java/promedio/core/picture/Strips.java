package promedio.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;

/** Samples in strips over one another on one axis, the first on top. */
final class Strips {
    private static final Exact ROOM = Exact.ratio(4, 3);
    /** Where the measures of a strip stand below its values, as shares of its height. */
    private static final double BELOW = 0.09;

    private Strips() {}

    /** How high a strip is when its values reach up to some height. */
    static double height(Exact highest) {
        return highest.times(ROOM).toDouble();
    }

    /** The names of the strips, each beside its own. */
    static Axis axis(String title, List<String> names, Exact highest) {
        Exact strip = highest.times(ROOM);
        List<Axis.Tick> ticks = new ArrayList<>();
        for (int i = names.size() - 1; i >= 0; i--) {
            ticks.add(new Axis.Tick(strip.times(names.size() - 1L - i).plus(highest.half()), names.get(i)));
        }
        Exact below = strip.times(Exact.ratio(1, 6));
        return new Axis(title, below.negated(), strip.times(names.size()).minus(below), ticks, true);
    }

    /** Below a strip of values: one SD to each side of the mean as a line, the quartiles as a bar, the median across it, the mean. */
    static void centres(int series, Sample sample, Frame frame, double base, double strip, List<Mark> marks) {
        Evaluation evaluation = Evaluation.of(sample);
        Optional<Double> mean = figure(sample, frame, evaluation, "mean");
        Optional<Double> sd = figure(sample, frame, evaluation, "sd");
        Optional<Double> median = figure(sample, frame, evaluation, "median");
        Optional<Double> low = figure(sample, frame, evaluation, "quartile-1");
        Optional<Double> high = figure(sample, frame, evaluation, "quartile-3");
        double y = base - BELOW * strip;
        double half = BELOW * strip * 0.45;
        Mark.Part part = Mark.Part.all(series);
        if (mean.isPresent() && sd.isPresent()) {
            marks.add(new Mark.Trace(
                    part, Mark.Role.MEASURE, Places.line(mean.get() - sd.get(), y, mean.get() + sd.get(), y)));
        }
        if (low.isPresent() && high.isPresent()) {
            marks.add(new Mark.Area(part, Mark.Role.MEASURE, low.get(), high.get(), y - half, y + half));
        }
        median.ifPresent(at ->
                marks.add(new Mark.Trace(part, Mark.Role.MEASURE, Places.line(at, y - 2 * half, at, y + 2 * half))));
        mean.ifPresent(at -> marks.add(new Mark.Points(
                part, true, Mark.Points.Shape.RHOMBUS, Places.of(new double[] {at}, new double[] {y}))));
    }

    private static Optional<Double> figure(Sample sample, Frame frame, Evaluation evaluation, String question) {
        return Catalogue.of(sample)
                .find(question, frame.card())
                .flatMap(measure -> measure.outcome(evaluation).single())
                .map(Figure::toDouble);
    }
}
