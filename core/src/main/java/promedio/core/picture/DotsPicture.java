package promedio.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sample.Ranking;
import promedio.core.sentence.Sentence;

/** A dot for each value, equal ones on top of one another; samples in strips over one another on one axis. */
final class DotsPicture {
    private static final int MOST_STACKED = 40;
    private static final int LEAST_PILE = 12;

    private final Subject.Samples subject;
    private final Frame frame;

    DotsPicture(Subject.Samples subject, Frame frame) {
        this.subject = subject;
        this.frame = frame;
    }

    Pictured picture() {
        List<Content.Dots.Strip> strips = new ArrayList<>();
        boolean shares = false;
        for (int i = 0; i < subject.samples().size(); i++) {
            Named one = subject.samples().get(i);
            shares |= one.sample().shape().relative();
            Ranking ranking = one.sample().ranking();
            List<Content.Dots.Dot> dots = new ArrayList<>();
            for (int k = 0; k < ranking.distinct().size(); k++) {
                dots.add(new Content.Dots.Dot(ranking.distinct().at(k), ranking.weight(k)));
            }
            strips.add(new Content.Dots.Strip(Grouped.names(subject).get(i), dots));
        }
        Exact highest = strips.stream()
                .flatMap(strip -> strip.dots().stream())
                .map(Content.Dots.Dot::count)
                .max(Exact::compareTo)
                .orElseThrow();
        Exact least = strips.stream()
                .map(strip -> strip.dots().get(0).value())
                .min(Exact::compareTo)
                .orElseThrow();
        Exact most = strips.stream()
                .map(strip -> strip.dots().get(strip.dots().size() - 1).value())
                .max(Exact::compareTo)
                .orElseThrow();
        boolean single = strips.size() == 1;
        boolean stacked = !shares && highest.compareTo(Exact.of(MOST_STACKED)) <= 0;
        Axis across = frame.values(subject.of(), least, most);
        Axis up = !single
                ? Strips.axis(frame.things(subject.by(), subject.samples().size()), Grouped.names(subject), highest)
                : stacked
                        ? pile(highest)
                        : frame.heights(
                                Frame.words(shares ? "picture.y.given-shares" : "picture.y.frequency"),
                                highest,
                                !shares);
        List<Mark> marks = new ArrayList<>(Bands.marks(frame, across, up));
        double strip = Strips.height(highest);
        for (int i = 0; i < strips.size(); i++) {
            double base = single ? 0 : (strips.size() - 1 - i) * strip;
            marks(i, strips.get(i), base, stacked, marks);
            if (!single) {
                Strips.centres(i, subject.samples().get(i).sample(), frame, base, strip, marks);
            }
        }
        return Pictured.of(new Picture(
                PictureKind.DOTS,
                frame.title(subject.name()),
                frame.wish().get(Setting.CAPTION).orElse(""),
                Optional.of(across),
                Optional.of(up),
                new Content.Dots(strips),
                marks,
                List.of(""),
                subject.by(),
                frame.colours(strips.size(), true),
                stacked ? List.of() : List.of(Sentence.of("picture.told.lines-for-dots"))));
    }

    /** Dots are counted, not measured: the upright axis of a single pile has no numbers, and few dots lie low. */
    private Axis pile(Exact highest) {
        Exact top = highest.compareTo(Exact.of(LEAST_PILE)) > 0 ? highest : Exact.of(LEAST_PILE);
        return new Axis(frame.axisTitle(Setting.Y_TITLE, subject.by()), Exact.ZERO, top, List.of(), true);
    }

    private static void marks(int series, Content.Dots.Strip strip, double base, boolean stacked, List<Mark> marks) {
        for (int k = 0; k < strip.dots().size(); k++) {
            Content.Dots.Dot dot = strip.dots().get(k);
            double x = dot.value().toDouble();
            Mark.Part part = new Mark.Part(series, k);
            if (stacked) {
                int times = dot.count().ceiling().intValue();
                double[] xs = new double[times];
                double[] ys = new double[times];
                for (int t = 0; t < times; t++) {
                    xs[t] = x;
                    ys[t] = base + t + 0.5;
                }
                marks.add(new Mark.Points(part, true, Mark.Points.Shape.DOT, Places.of(xs, ys)));
            } else {
                double top = base + dot.count().toDouble();
                marks.add(new Mark.Trace(part, Mark.Role.MAIN, Places.line(x, base, x, top)));
            }
        }
    }
}
