package promedio.core.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;

/**
 * Bars of categories: side by side or stacked where there are groups. In percent, a bar is the share of its group in its
 * category; without groups, of the category in all.
 */
final class BarsPicture {
    private static final int MOST_DRAWN = 60;
    private static final double HALF_WIDTH = 0.38;

    private final Subject.Categories subject;
    private final Frame frame;

    BarsPicture(Subject.Categories subject, Frame frame) {
        this.subject = subject;
        this.frame = frame;
    }

    Pictured picture() {
        boolean percent = frame.wish().is(Setting.HEIGHT, "percent");
        boolean stacked = frame.wish().is(Setting.STACKED, "yes");
        boolean grouped =
                subject.groups().size() > 1 || !subject.groups().get(0).isEmpty();
        List<Integer> order = new ArrayList<>(
                IntStream.range(0, subject.categories().size()).boxed().toList());
        if (frame.wish().is(Setting.ORDER, "size")) {
            order.sort(Comparator.comparingLong((Integer category) -> subject.total(category))
                    .reversed());
        }
        if (frame.wish().is(Setting.ORDER, "name")) {
            order.sort(Comparator.comparing(category -> subject.categories().get(category), frame.byName()));
        }
        List<Content.Bars.Column> bars = new ArrayList<>();
        for (int category : order) {
            for (int group = 0; group < subject.groups().size(); group++) {
                long frequency = subject.counts().get(category).get(group);
                long of = grouped ? subject.total(category) : subject.total();
                Exact height = !percent
                        ? Exact.of(frequency)
                        : of == 0 ? Exact.ZERO : Exact.ratio(frequency, of).times(100);
                bars.add(new Content.Bars.Column(
                        subject.categories().get(category), subject.groups().get(group), height, frequency, of));
            }
        }
        int drawn = Math.min(order.size(), MOST_DRAWN);
        List<Mark> marks = new ArrayList<>();
        Exact highest = marks(bars, drawn, stacked && grouped, marks);
        List<String> names = order.stream()
                .limit(drawn)
                .map(category -> subject.categories().get(category))
                .toList();
        String title = Frame.words(
                !percent ? "picture.y.frequency" : grouped ? "picture.y.percent-of-each" : "picture.y.percent");
        Axis up = percent && stacked && grouped
                ? new Axis(
                        frame.axisTitle(Setting.Y_TITLE, title),
                        Exact.ZERO,
                        Exact.of(100),
                        Ticks.written(Ticks.multiples(Exact.ZERO, Exact.of(100), Exact.of(20)), frame.text()),
                        false)
                : frame.heights(title, highest, !percent);
        String name = grouped && !subject.by().isEmpty()
                ? Frame.words("picture.by", subject.name(), subject.by())
                : subject.name();
        return Pictured.of(new Picture(
                PictureKind.BARS,
                frame.title(name),
                frame.wish().get(Setting.CAPTION).orElse(""),
                Optional.of(Frame.names(frame.axisTitle(Setting.X_TITLE, subject.name()), names)),
                Optional.of(up),
                new Content.Bars(percent, bars),
                marks,
                subject.groups(),
                subject.by(),
                frame.colours(subject.groups().size()),
                drawn < order.size()
                        ? List.of(Sentence.of("picture.told.categories", drawn, order.size()))
                        : List.of()));
    }

    /** The bars, and the height of the highest or the highest stack. */
    private Exact marks(List<Content.Bars.Column> bars, int drawn, boolean stacked, List<Mark> marks) {
        int groups = subject.groups().size();
        Exact highest = Exact.ZERO;
        for (int category = 0; category < drawn; category++) {
            Exact base = Exact.ZERO;
            for (int group = 0; group < groups; group++) {
                Exact height = bars.get(category * groups + group).height();
                double from = category + 1 - HALF_WIDTH;
                double width = 2 * HALF_WIDTH / (stacked ? 1 : groups);
                double left = stacked ? from : from + group * width;
                Exact top = stacked ? base.plus(height) : height;
                marks.add(new Mark.Area(
                        new Mark.Part(group, category),
                        Mark.Role.MAIN,
                        left,
                        left + width,
                        stacked ? base.toDouble() : 0,
                        top.toDouble()));
                base = top;
                highest = top.compareTo(highest) > 0 ? top : highest;
            }
        }
        return highest;
    }
}
