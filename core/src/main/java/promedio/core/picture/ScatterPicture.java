package promedio.core.picture;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;

/** A point for each pair; the least-squares line and a smooth line through the middle of the points on demand. */
final class ScatterPicture {
    private final Subject.Pairs subject;
    private final Frame frame;
    private final List<Sentence> told = new ArrayList<>();

    ScatterPicture(Subject.Pairs subject, Frame frame) {
        this.subject = subject;
        this.frame = frame;
    }

    Pictured picture() {
        List<Content.Scatter.Cloud> clouds = subject.groups().stream()
                .map(group -> new Content.Scatter.Cloud(group.name(), group.xs(), group.ys()))
                .toList();
        Axis across = axis(true, frame.axisTitle(Setting.X_TITLE, subject.x()));
        Axis up = axis(false, frame.axisTitle(Setting.Y_TITLE, subject.y()));
        Optional<Content.Scatter.Fit> line = frame.wish().is(Setting.LINE, "yes") ? fit() : Optional.empty();
        if (frame.wish().is(Setting.LINE, "yes") && line.isEmpty()) {
            told.add(Sentence.of("picture.told.no-line"));
        }
        List<Mark> marks = new ArrayList<>(Bands.marks(frame, across, up));
        for (int i = 0; i < clouds.size(); i++) {
            marks.add(new Mark.Points(
                    new Mark.Part(i, 0),
                    false,
                    Mark.Points.Shape.DOT,
                    Places.of(doubles(clouds.get(i).xs()), doubles(clouds.get(i).ys()))));
        }
        List<String> names =
                new ArrayList<>(clouds.stream().map(Content.Scatter.Cloud::name).toList());
        line.ifPresent(one -> {
            marks.add(line(names.size(), one, across));
            names.add(Frame.words("picture.least-squares-line"));
        });
        if (frame.wish().is(Setting.SMOOTH, "yes")) {
            Optional<Mark.Trace> smooth = Smooth.of(Mark.Part.all(names.size()), clouds);
            smooth.ifPresentOrElse(
                    one -> {
                        marks.add(one);
                        names.add(Frame.words("picture.smooth-line"));
                    },
                    () -> told.add(Sentence.of("picture.told.no-smooth")));
        }
        return Pictured.of(new Picture(
                PictureKind.SCATTER,
                frame.title(Frame.words("picture.against", subject.y(), subject.x())),
                frame.wish().get(Setting.CAPTION).orElse(""),
                Optional.of(across),
                Optional.of(up),
                new Content.Scatter(clouds, line),
                marks,
                names,
                subject.by(),
                frame.colours(names.size()),
                told));
    }

    private static double[] doubles(Decimals values) {
        double[] all = new double[values.size()];
        for (int i = 0; i < all.length; i++) {
            all[i] = values.toDouble(i);
        }
        return all;
    }

    private Axis axis(boolean across, String title) {
        Exact least = null;
        Exact most = null;
        for (Subject.Pairs.Group group : subject.groups()) {
            Decimals values = across ? group.xs() : group.ys();
            if (values.size() > 0) {
                int low = 0;
                int high = 0;
                for (int i = 1; i < values.size(); i++) {
                    low = values.compare(i, low) < 0 ? i : low;
                    high = values.compare(i, high) > 0 ? i : high;
                }
                least = least == null || values.at(low).compareTo(least) < 0 ? values.at(low) : least;
                most = most == null || values.at(high).compareTo(most) > 0 ? values.at(high) : most;
            }
        }
        return Ticks.axis(title, least, most, across ? 10 : 8, false, frame, across);
    }

    /** Sxy/Sxx and ȳ − slope · x̄ of all pairs together, exact; empty where all x are equal. */
    private Optional<Content.Scatter.Fit> fit() {
        Exact n = Exact.of(subject.size());
        Exact x = Exact.ZERO;
        Exact y = Exact.ZERO;
        Exact xx = Exact.ZERO;
        Exact xy = Exact.ZERO;
        for (Subject.Pairs.Group group : subject.groups()) {
            Exact[] ofX = group.xs().powerSums(2);
            x = x.plus(ofX[1]);
            xx = xx.plus(ofX[2]);
            y = y.plus(group.ys().powerSums(1)[1]);
            xy = xy.plus(products(group));
        }
        Exact across = n.times(xx).minus(x.squared());
        if (across.signum() == 0) {
            return Optional.empty();
        }
        Exact slope = n.times(xy).minus(x.times(y)).over(across);
        return Optional.of(
                new Content.Scatter.Fit(slope, y.minus(slope.times(x)).over(n)));
    }

    private static Exact products(Subject.Pairs.Group group) {
        BigInteger total = BigInteger.ZERO;
        for (int i = 0; i < group.xs().size(); i++) {
            total = total.add(group.xs().bigUnit(i).multiply(group.ys().bigUnit(i)));
        }
        return Exact.scaled(total, group.xs().places() + group.ys().places());
    }

    private static Mark line(int series, Content.Scatter.Fit line, Axis across) {
        double from = across.from().toDouble();
        double to = across.to().toDouble();
        double slope = line.slope().toDouble();
        double intercept = line.intercept().toDouble();
        return new Mark.Trace(
                Mark.Part.all(series),
                Mark.Role.OVER,
                Places.line(from, intercept + slope * from, to, intercept + slope * to));
    }
}
