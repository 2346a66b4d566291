package promedio.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;

/** What a part of a picture is, in a sentence. */
public final class Telling {
    private static final int MOST_LISTED = 5;
    private static final int MOST_TOLD = 40;

    private final FigureText text;

    /** Tells with numbers written in a way. */
    public Telling(FigureText text) {
        this.text = text;
    }

    /** The sentence for a part; of a whole series, what the series is. */
    public Sentence of(Picture picture, Mark.Part part) {
        return picture.content().fold(new Content.Cases<>() {
            @Override
            public Sentence classes(Content.Classes classes) {
                return part.series() >= classes.series().size()
                        ? curve(classes.curve().orElseThrow(), part)
                        : bar(classes.series().get(part.series()), part);
            }

            @Override
            public Sentence lines(Content.Lines lines) {
                return point(picture, lines.lines().get(part.series()), part);
            }

            @Override
            public Sentence boxes(Content.Boxes boxes) {
                return box(boxes.boxes().get(part.series()), part);
            }

            @Override
            public Sentence dots(Content.Dots dots) {
                Content.Dots.Strip strip = dots.strips().get(part.series());
                if (part.item() < 0) {
                    return Sentence.of("picture.tell.measures", strip.name());
                }
                Content.Dots.Dot dot = strip.dots().get(Math.max(0, part.item()));
                boolean once = dot.count().equals(Exact.ONE);
                return named(
                        strip.name(),
                        once
                                ? Sentence.of("picture.tell.dot.once", figure(dot.value()))
                                : Sentence.of("picture.tell.dot", figure(dot.value()), figure(dot.count())));
            }

            @Override
            public Sentence stems(Content.Stems stems) {
                return Sentence.of("picture.tell.stems", stems.key());
            }

            @Override
            public Sentence bars(Content.Bars bars) {
                int groups = Math.max(1, picture.series().size());
                Content.Bars.Column bar = bars.bars().get(Math.max(0, part.item()) * groups + part.series());
                String name = bar.group().isEmpty() ? bar.category() : bar.category() + ", " + bar.group();
                return Sentence.of(
                        "picture.tell.category",
                        name,
                        bar.frequency(),
                        bar.of(),
                        bar.of() == 0 ? "0" : percent(Exact.ratio(bar.frequency(), bar.of()), text));
            }

            @Override
            public Sentence scatter(Content.Scatter scatter) {
                if (part.series() >= scatter.clouds().size()) {
                    boolean line = scatter.line().isPresent()
                            && part.series() == scatter.clouds().size();
                    return line
                            ? Sentence.of(
                                    "picture.tell.least-squares",
                                    text.answer(scatter.line().get().intercept()),
                                    text.answer(scatter.line().get().slope()))
                            : Sentence.of("picture.tell.smooth");
                }
                Content.Scatter.Cloud cloud = scatter.clouds().get(part.series());
                int item = Math.max(0, part.item());
                return named(
                        cloud.name(),
                        Sentence.of(
                                "picture.tell.pair",
                                figure(cloud.xs().at(item)),
                                figure(cloud.ys().at(item))));
            }
        });
    }

    /** The whole picture in words, for who does not see it: its title, its axes, and its parts as far as they are few. */
    public String all(Picture picture) {
        StringBuilder words = new StringBuilder(picture.title()).append('.');
        picture.across().filter(axis -> !axis.title().isEmpty()).ifPresent(axis -> words.append(' ')
                .append(Sentence.of("picture.alt.across", axis.title())));
        picture.up().filter(axis -> !axis.title().isEmpty()).ifPresent(axis -> words.append(' ')
                .append(Sentence.of("picture.alt.up", axis.title())));
        List<Mark.Part> parts = picture.marks().stream()
                .filter(mark -> !(mark instanceof Mark.Words)
                        && !(mark instanceof Mark.Area area && area.role() == Mark.Role.BEHIND))
                .flatMap(Telling::parts)
                .distinct()
                .toList();
        parts.stream().limit(MOST_TOLD).forEach(part -> words.append(' ').append(of(picture, part)));
        if (picture.content() instanceof Content.Stems stems) {
            words.append(' ').append(of(picture, Mark.Part.all(0)));
            stems.lines().stream().limit(MOST_TOLD).forEach(line -> words.append(' ')
                    .append(String.join(" ", line.left()))
                    .append(stems.backToBack() ? " | " : "")
                    .append(line.stem())
                    .append(" | ")
                    .append(String.join(" ", line.right()))
                    .append('.'));
        }
        return words.toString();
    }

    /** The parts that a mark shows: each of its points, where they are parts of their own. */
    private static Stream<Mark.Part> parts(Mark mark) {
        if (mark instanceof Mark.Points points && !points.oneItem()) {
            return IntStream.range(0, points.places().size())
                    .limit(MOST_TOLD)
                    .mapToObj(i ->
                            new Mark.Part(points.part().series(), points.part().item() + i));
        }
        // A line through points is told by its points.
        boolean whole = mark.part().item() < 0 && mark instanceof Mark.Trace trace && trace.role() != Mark.Role.OVER;
        return whole ? Stream.empty() : Stream.of(mark.part());
    }

    private Sentence bar(Content.Classes.Series series, Mark.Part part) {
        Content.Classes.Bar bar = series.bars().get(Math.max(0, part.item()));
        Sentence told = bar.frequency().equals(Exact.ONE)
                ? Sentence.of("picture.tell.bar.one", figure(series.count()), bar.label())
                : Sentence.of("picture.tell.bar", figure(bar.frequency()), figure(series.count()), bar.label());
        return named(series.name(), bar.assumedEnd() ? Sentence.of("picture.tell.assumed", told) : told);
    }

    private Sentence curve(Content.Normal normal, Mark.Part part) {
        return part.item() <= 0
                ? Sentence.of("picture.tell.curve", text.answer(normal.mean()), text.answer(normal.sd()))
                : shares(normal, text).get(Math.min(part.item(), normal.shares().size()) - 1);
    }

    /** What the shares within 1, 2 and 3 standard deviations are, and would be in a normal distribution. */
    private static List<Sentence> shares(Content.Normal normal, FigureText text) {
        List<Sentence> told = new ArrayList<>();
        for (Content.Normal.Share share : normal.shares()) {
            told.add(Sentence.of(
                    "picture.share." + share.sds(), percent(share.found(), text), percent(share.expected(), text)));
        }
        return told;
    }

    private static String percent(Exact share, FigureText text) {
        return text.rounded(share.times(100), 1);
    }

    private Sentence point(Picture picture, Content.Lines.Line line, Mark.Part part) {
        Content.Lines.Point point = line.points().get(Math.max(0, part.item()));
        boolean ogive = picture.kind() == PictureKind.OGIVE;
        boolean falls = line.points().get(0).y().signum() > 0;
        String key = !ogive ? "picture.tell.polygon" : falls ? "picture.tell.more-than" : "picture.tell.less-than";
        return named(line.name(), Sentence.of(key, figure(point.x()), figure(point.y())));
    }

    private Sentence box(Content.Boxes.Box box, Mark.Part part) {
        if (part.item() > 0) {
            return named(
                    box.name(),
                    Sentence.of(
                            "picture.tell.outlier",
                            figure(box.outliers()
                                    .get(Math.min(part.item(), box.outliers().size()) - 1))));
        }
        Sentence middle = Sentence.of(
                "picture.tell.box",
                figure(box.quartile1()),
                figure(box.quartile3()),
                figure(box.median()),
                text.answer(box.mean()));
        return named(box.name(), Sentence.of("picture.tell.joined", middle, whiskers(box)));
    }

    private Sentence whiskers(Content.Boxes.Box box) {
        if (box.fences().isEmpty() || box.outliers().isEmpty()) {
            return Sentence.of("picture.tell.whiskers.all", figure(box.low()), figure(box.high()));
        }
        List<Figure> fences = box.fences().get();
        List<Figure> below = box.outliers().stream()
                .filter(one -> one.compare(fences.get(0)) < 0)
                .toList();
        List<Figure> above = box.outliers().stream()
                .filter(one -> one.compare(fences.get(1)) > 0)
                .toList();
        Sentence low = below.isEmpty()
                ? Sentence.of("picture.tell.low.all", figure(box.low()))
                : Sentence.of("picture.tell.low", figure(box.low()), figure(fences.get(0)), listed(below));
        Sentence high = above.isEmpty()
                ? Sentence.of("picture.tell.high.all", figure(box.high()))
                : Sentence.of("picture.tell.high", figure(box.high()), figure(fences.get(1)), listed(above));
        return Sentence.of("picture.tell.joined", low, high);
    }

    private Sentence listed(List<Figure> figures) {
        String all = figures.stream().limit(MOST_LISTED).map(this::figure).collect(Collectors.joining(", "));
        return figures.size() == 1
                ? Sentence.of("picture.tell.beyond.one", all)
                : Sentence.of("picture.tell.beyond", figures.size() > MOST_LISTED ? all + " …" : all, figures.size());
    }

    private static Sentence named(String name, Sentence told) {
        return name.isEmpty() ? told : Sentence.of("picture.tell.named", name, told);
    }

    private String figure(Figure figure) {
        return text.carried(figure);
    }
}
