package promedio.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;

/** Frequency polygons, closed at the midpoints of empty classes beyond the ends; and ogives. */
final class LinesPicture {
    private final Subject.Samples subject;
    private final Frame frame;
    private final boolean ogive;

    LinesPicture(Subject.Samples subject, Frame frame, boolean ogive) {
        this.subject = subject;
        this.frame = frame;
        this.ogive = ogive;
    }

    Pictured picture() {
        Grouped grouped = Grouped.of(subject, frame);
        if (grouped.why().isPresent()) {
            return Pictured.none(grouped.why().get());
        }
        Content.Height height = ogive
                ? frame.wish().is(Setting.HEIGHT, "relative") ? Content.Height.RELATIVE : Content.Height.FREQUENCY
                : grouped.height(frame, false);
        List<Content.Lines.Line> lines = new ArrayList<>();
        for (int i = 0; i < grouped.tables().size(); i++) {
            String name = Grouped.names(subject).get(i);
            ClassTable table = grouped.tables().get(i);
            if (ogive) {
                ogives(table, name, height, lines);
            } else {
                lines.add(new Content.Lines.Line(name, polygon(table, height)));
            }
        }
        Content.Lines content = new Content.Lines(lines);
        Exact least = content.lines().stream()
                .map(line -> line.points().get(0).x())
                .min(Exact::compareTo)
                .orElseThrow();
        Exact most = content.lines().stream()
                .map(line -> line.points().get(line.points().size() - 1).x())
                .max(Exact::compareTo)
                .orElseThrow();
        Axis across = grouped.across(subject, frame, least, most);
        Exact highest = content.lines().stream()
                .flatMap(line -> line.points().stream())
                .map(Content.Lines.Point::y)
                .max(Exact::compareTo)
                .orElseThrow();
        String title = ogive
                ? Frame.words(
                        height == Content.Height.RELATIVE ? "picture.y.cumulative-relative" : "picture.y.cumulative")
                : grouped.heightTitle(height, subject);
        Axis up = frame.heights(title, highest, grouped.countWhole(height));
        List<Mark> marks = new ArrayList<>(Bands.marks(frame, across, up));
        for (int i = 0; i < lines.size(); i++) {
            marks(i, lines.get(i).points(), marks);
        }
        List<String> names = lines.stream().map(Content.Lines.Line::name).toList();
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
                frame.colours(names.size()),
                ogive ? List.of() : grouped.told(frame, false)));
    }

    private static List<Content.Lines.Point> polygon(ClassTable table, Content.Height height) {
        List<Content.Lines.Point> points = new ArrayList<>();
        ClassInterval first = table.at(0);
        ClassInterval last = table.at(table.size() - 1);
        points.add(new Content.Lines.Point(
                first.lower().orElseThrow().minus(first.width().orElseThrow().half()), Exact.ZERO, first.assumed()));
        for (ClassInterval one : table.classes()) {
            points.add(new Content.Lines.Point(
                    one.midpoint().orElseThrow(), Grouped.height(height, table, one), one.assumed()));
        }
        points.add(new Content.Lines.Point(
                last.upper().orElseThrow().plus(last.width().orElseThrow().half()), Exact.ZERO, last.assumed()));
        return points;
    }

    private void ogives(ClassTable table, String name, Content.Height height, List<Content.Lines.Line> lines) {
        String direction = frame.wish().get(Setting.DIRECTION).orElse("less-than");
        boolean both = direction.equals("both");
        if (both || direction.equals("less-than")) {
            lines.add(new Content.Lines.Line(named(name, both ? "less-than" : ""), cumulative(table, height, false)));
        }
        if (both || direction.equals("more-than")) {
            lines.add(new Content.Lines.Line(named(name, both ? "more-than" : ""), cumulative(table, height, true)));
        }
    }

    private static String named(String name, String direction) {
        String way = direction.isEmpty() ? "" : Frame.words("picture.direction." + direction);
        return name.isEmpty() || way.isEmpty() ? name + way : name + ", " + way;
    }

    private static List<Content.Lines.Point> cumulative(ClassTable table, Content.Height height, boolean moreThan) {
        Exact unit = height == Content.Height.RELATIVE ? Exact.ONE.over(table.count()) : Exact.ONE;
        List<Content.Lines.Point> points = new ArrayList<>();
        points.add(new Content.Lines.Point(
                table.at(0).lower().orElseThrow(), moreThan ? table.count().times(unit) : Exact.ZERO, false));
        for (int i = 0; i < table.size(); i++) {
            Exact through = table.before(i).plus(table.at(i).frequency());
            Exact count = moreThan ? table.count().minus(through) : through;
            points.add(new Content.Lines.Point(
                    table.at(i).upper().orElseThrow(),
                    count.times(unit),
                    table.at(i).assumed()));
        }
        return points;
    }

    /** The line in pieces, dashed where it leads over an end that is only assumed; then its points. */
    private static void marks(int series, List<Content.Lines.Point> points, List<Mark> marks) {
        int from = 0;
        for (int i = 1; i < points.size(); i++) {
            boolean last = i == points.size() - 1;
            if (last || points.get(i + 1).assumed() != points.get(i).assumed()) {
                List<Content.Lines.Point> piece = points.subList(from, i + 1);
                marks.add(new Mark.Trace(
                        Mark.Part.all(series),
                        points.get(i).assumed() ? Mark.Role.DASHED : Mark.Role.MAIN,
                        places(piece)));
                from = i;
            }
        }
        marks.add(new Mark.Points(new Mark.Part(series, 0), false, Mark.Points.Shape.DOT, places(points)));
    }

    private static Places places(List<Content.Lines.Point> points) {
        return Places.of(
                points, point -> point.x().toDouble(), point -> point.y().toDouble());
    }
}
