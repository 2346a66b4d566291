package promedio.core.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;

/**
 * Boxes from the lower to the upper quartile, lying, under each other on one axis: the median a line in the box, the mean a
 * rhombus, whiskers to the last values inside the fences of the card and a ring for each value beyond them; or whiskers to the extremes.
 *
 * <p><b>Source.</b> [NIST] 1.3.3.7 and 7.1.6 in docs/sources.md.
 */
final class BoxesPicture {
    private static final double HALF_BOX = 0.28;
    private static final double HALF_CAP = 0.14;
    private static final int MOST_SAID = 2;

    private final Subject.Samples subject;
    private final Frame frame;
    private final List<Sentence> told = new ArrayList<>();
    /** Why boxes have no whisker at a side. */
    private final List<Sentence> bare = new ArrayList<>();

    BoxesPicture(Subject.Samples subject, Frame frame) {
        this.subject = subject;
        this.frame = frame;
    }

    Pictured picture() {
        List<Content.Boxes.Box> boxes = new ArrayList<>();
        for (Named one : subject.samples()) {
            box(one).ifPresent(boxes::add);
        }
        // Of many boxes it is said once.
        told.addAll(bare.size() <= MOST_SAID ? bare : List.of(Sentence.of("picture.told.no-whiskers", bare.size())));
        if (boxes.isEmpty()) {
            return Pictured.none("picture.no-quartiles");
        }
        if (frame.wish().is(Setting.ORDER, "size")) {
            boxes.sort(Comparator.comparing(Content.Boxes.Box::median, Figure::compare)
                    .reversed());
        }
        if (frame.wish().is(Setting.ORDER, "name")) {
            boxes.sort(Comparator.comparing(Content.Boxes.Box::name, frame.byName()));
        }
        Exact least = subject.samples().stream()
                .map(one -> extreme(one.sample(), false))
                .min(Exact::compareTo)
                .orElseThrow();
        Exact most = subject.samples().stream()
                .map(one -> extreme(one.sample(), true))
                .max(Exact::compareTo)
                .orElseThrow();
        Axis across = frame.values(subject.of(), least, most);
        List<String> fromBelow = new ArrayList<>();
        for (int i = boxes.size() - 1; i >= 0; i--) {
            fromBelow.add(boxes.size() == 1 ? "" : boxes.get(i).name());
        }
        Axis up = Frame.names(frame.things(subject.by(), boxes.size()), fromBelow);
        List<Mark> marks = new ArrayList<>(Bands.marks(frame, across, up));
        for (int i = 0; i < boxes.size(); i++) {
            marks(i, boxes.size() - i, boxes.get(i), marks);
        }
        return Pictured.of(new Picture(
                PictureKind.BOXES,
                frame.title(subject.name()),
                frame.wish().get(Setting.CAPTION).orElse(""),
                Optional.of(across),
                Optional.of(up),
                new Content.Boxes(boxes),
                marks,
                List.of(""),
                subject.by(),
                frame.colours(boxes.size(), true),
                told));
    }

    private static Exact extreme(Sample sample, boolean most) {
        Decimals distinct = sample.ranking().distinct();
        return distinct.at(most ? distinct.size() - 1 : 0);
    }

    private Optional<Content.Boxes.Box> box(Named named) {
        Sample sample = named.sample();
        Evaluation evaluation = Evaluation.of(sample);
        Optional<Figure> quartile1 = figure(sample, evaluation, "quartile-1");
        Optional<Figure> quartile3 = figure(sample, evaluation, "quartile-3");
        Optional<Figure> median = figure(sample, evaluation, "median");
        Optional<Figure> mean = figure(sample, evaluation, "mean");
        if (quartile1.isEmpty() || quartile3.isEmpty() || median.isEmpty() || mean.isEmpty()) {
            told.add(Sentence.of("picture.told.no-box", named.name()));
            return Optional.empty();
        }
        boolean fences = !frame.wish().is(Setting.WHISKERS, "extremes");
        List<Figure> outliers = fences
                ? Catalogue.of(sample)
                        .find("outliers", frame.card())
                        .map(measure -> measure.outcome(evaluation).figures())
                        .orElse(List.of())
                : List.of();
        Optional<Figure> lower = figure(sample, evaluation, "fence-lower").filter(found -> fences);
        Optional<Figure> upper = figure(sample, evaluation, "fence-upper").filter(found -> fences);
        Decimals distinct = sample.ranking().distinct();
        int below = lower.isEmpty()
                ? 0
                : (int) outliers.stream()
                        .filter(one -> one.compare(lower.get()) < 0)
                        .count();
        int above = outliers.size() - below;
        // A whisker never ends within its box.
        Figure low = smaller(distinct.at(Math.min(below, distinct.size() - 1)), quartile1.get());
        Figure high = larger(distinct.at(Math.max(0, distinct.size() - 1 - above)), quartile3.get());
        tellWhisker(named, low.compare(quartile1.get()) == 0, "low", below > 0);
        tellWhisker(named, high.compare(quartile3.get()) == 0, "high", above > 0);
        return Optional.of(new Content.Boxes.Box(
                named.name(),
                sample.count(),
                low,
                quartile1.get(),
                median.get(),
                quartile3.get(),
                high,
                outliers,
                mean.get(),
                lower.flatMap(one -> upper.map(other -> List.of(one, other)))));
    }

    /** Says why a box has no whisker at a side: all values there lie beyond the fence, or the end of the box is the last of them. */
    private void tellWhisker(Named named, boolean none, String side, boolean beyond) {
        if (none) {
            String name = named.name().isEmpty() ? Frame.words("picture.the-box") : named.name();
            bare.add(Sentence.of("picture.told.no-whisker." + side + (beyond ? ".fence" : ".end"), name));
        }
    }

    private Optional<Figure> figure(Sample sample, Evaluation evaluation, String question) {
        return Catalogue.of(sample).find(question, frame.card()).flatMap(measure -> measure.outcome(evaluation)
                .single());
    }

    private static Figure smaller(Figure one, Figure other) {
        return one.compare(other) <= 0 ? one : other;
    }

    private static Figure larger(Figure one, Figure other) {
        return one.compare(other) >= 0 ? one : other;
    }

    private static void marks(int index, double y, Content.Boxes.Box box, List<Mark> marks) {
        double q1 = box.quartile1().toDouble();
        double q3 = box.quartile3().toDouble();
        double low = box.low().toDouble();
        double high = box.high().toDouble();
        double median = box.median().toDouble();
        Mark.Part all = new Mark.Part(index, 0);
        marks.add(line(all, Mark.Role.MAIN, low, q1, y, y));
        marks.add(line(all, Mark.Role.MAIN, q3, high, y, y));
        marks.add(line(all, Mark.Role.MAIN, low, low, y - HALF_CAP, y + HALF_CAP));
        marks.add(line(all, Mark.Role.MAIN, high, high, y - HALF_CAP, y + HALF_CAP));
        marks.add(new Mark.Area(all, Mark.Role.MAIN, q1, q3, y - HALF_BOX, y + HALF_BOX));
        marks.add(line(all, Mark.Role.OVER, median, median, y - HALF_BOX, y + HALF_BOX));
        double[] outliers =
                box.outliers().stream().mapToDouble(Figure::toDouble).toArray();
        double[] ys = new double[outliers.length];
        java.util.Arrays.fill(ys, y);
        marks.add(new Mark.Points(new Mark.Part(index, 1), false, Mark.Points.Shape.RING, Places.of(outliers, ys)));
        marks.add(new Mark.Points(
                all,
                true,
                Mark.Points.Shape.RHOMBUS,
                Places.of(new double[] {box.mean().toDouble()}, new double[] {y})));
    }

    private static Mark line(Mark.Part part, Mark.Role role, double x1, double x2, double y1, double y2) {
        return new Mark.Trace(part, role, Places.line(x1, y1, x2, y2));
    }
}
