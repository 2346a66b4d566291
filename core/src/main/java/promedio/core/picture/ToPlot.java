package promedio.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;

/**
 * The table from which a picture is drawn by hand, and what is looked for in one.
 *
 * @param headings what the columns hold
 * @param rows their cells, as they are written
 * @param parts which part of the picture each row is of
 * @param looked what who marks the picture looks for
 */
public record ToPlot(List<Sentence> headings, List<List<String>> rows, List<Mark.Part> parts, List<Sentence> looked) {
    /** More points than these nobody draws by hand. */
    private static final int MOST_ROWS = 200;

    private static final int MOST_BEYOND = 12;

    /** Copies the lists. */
    public ToPlot {
        headings = List.copyOf(headings);
        rows = rows.stream().map(List::copyOf).toList();
        parts = List.copyOf(parts);
        looked = List.copyOf(looked);
    }

    /** The table of a picture. */
    public static ToPlot of(Picture picture, FigureText text) {
        Making making = new Making(picture, text);
        return picture.content().fold(making);
    }

    private static List<Sentence> heads(String... keys) {
        List<Sentence> heads = new ArrayList<>();
        for (String key : keys) {
            heads.add(Sentence.of("plot.head." + key));
        }
        return heads;
    }

    private static List<Sentence> looked(String... keys) {
        List<Sentence> looked = new ArrayList<>();
        for (String key : keys) {
            looked.add(Sentence.of("plot.look." + key));
        }
        looked.add(Sentence.of("plot.look.titles"));
        return looked;
    }

    private static final class Making implements Content.Cases<ToPlot> {
        private final Picture picture;
        private final FigureText text;
        private final List<List<String>> rows = new ArrayList<>();
        private final List<Mark.Part> parts = new ArrayList<>();
        private int series = -1;
        private int item;

        Making(Picture picture, FigureText text) {
            this.picture = picture;
            this.text = text;
        }

        /** The rows that follow are of the next series. */
        private void nextSeries() {
            series++;
            item = 0;
        }

        private String written(Figure figure) {
            return text.carried(figure);
        }

        private void row(boolean named, String name, String... cells) {
            if (rows.size() < MOST_ROWS) {
                List<String> row = new ArrayList<>();
                if (named) {
                    row.add(name);
                }
                row.addAll(List.of(cells));
                rows.add(row);
                parts.add(new Mark.Part(series, item));
                item++;
            }
        }

        private List<Sentence> headings(boolean named, String... keys) {
            List<Sentence> first =
                    picture.by().isEmpty() ? heads("sample") : List.of(Sentence.of("plot.head.by", picture.by()));
            List<Sentence> heads = new ArrayList<>(named ? first : List.of());
            heads.addAll(heads(keys));
            return heads;
        }

        @Override
        public ToPlot classes(Content.Classes classes) {
            if (classes.curve().isPresent()) {
                return curve(classes.curve().get());
            }
            boolean named = classes.series().size() > 1;
            boolean plain = classes.height() == Content.Height.FREQUENCY;
            for (Content.Classes.Series one : classes.series()) {
                nextSeries();
                for (Content.Classes.Bar bar : one.bars()) {
                    String edges = written(bar.from()) + " – " + written(bar.to());
                    if (plain) {
                        row(named, one.name(), bar.label(), edges, written(bar.frequency()));
                    } else {
                        row(
                                named,
                                one.name(),
                                edges,
                                written(bar.frequency()),
                                written(bar.to().minus(bar.from())),
                                written(bar.height()));
                    }
                }
            }
            List<Sentence> heads = plain
                    ? headings(named, "class", "boundaries", "height-frequency")
                    : headings(named, "boundaries", "f", "h", height(classes.height()));
            return new ToPlot(heads, rows, parts, plain ? looked("no-gaps", "height") : looked("no-gaps", "area"));
        }

        /** What is found beside what a normal distribution would have; the curve is drawn through the places of its SDs. */
        private ToPlot curve(Content.Normal normal) {
            series = 1;
            for (Content.Normal.Share share : normal.shares()) {
                item = share.sds();
                Figure reach = normal.sd().times(Exact.of(share.sds()));
                row(
                        false,
                        "",
                        Sentence.of("plot.within", share.sds()).toString(),
                        text.answer(normal.mean().minus(reach)) + " – "
                                + text.answer(normal.mean().plus(reach)),
                        text.rounded(share.found().times(100), 1),
                        text.rounded(share.expected().times(100), 1));
            }
            return new ToPlot(heads("within", "boundaries", "found", "expected"), rows, parts, looked("curve", "area"));
        }

        private static String height(Content.Height height) {
            return switch (height) {
                case FREQUENCY -> "height-frequency";
                case RELATIVE -> "height-relative";
                case DENSITY -> "height-density";
                case RELATIVE_DENSITY -> "height-relative-density";
            };
        }

        @Override
        public ToPlot lines(Content.Lines lines) {
            boolean ogive = picture.kind() == PictureKind.OGIVE;
            boolean named = lines.lines().size() > 1;
            for (Content.Lines.Line line : lines.lines()) {
                nextSeries();
                for (Content.Lines.Point point : line.points()) {
                    row(named, line.name(), written(point.x()), written(point.y()));
                }
            }
            return ogive
                    ? new ToPlot(
                            headings(named, "boundary", "cumulative"), rows, parts, looked("boundaries", "from-zero"))
                    : new ToPlot(headings(named, "midpoint", "height"), rows, parts, looked("midpoints", "closed"));
        }

        @Override
        public ToPlot boxes(Content.Boxes boxes) {
            boolean named = boxes.boxes().size() > 1;
            for (Content.Boxes.Box box : boxes.boxes()) {
                nextSeries();
                number(named, box, "whisker-low", written(box.low()));
                number(named, box, "quartile-1", written(box.quartile1()));
                number(named, box, "median", written(box.median()));
                number(named, box, "quartile-3", written(box.quartile3()));
                number(named, box, "whisker-high", written(box.high()));
                if (!box.outliers().isEmpty()) {
                    String beyond = box.outliers().stream()
                            .limit(MOST_BEYOND)
                            .map(this::written)
                            .collect(Collectors.joining("; "));
                    number(named, box, "outliers", box.outliers().size() > MOST_BEYOND ? beyond + "; …" : beyond);
                }
            }
            return new ToPlot(headings(named, "number", "place"), rows, parts, looked("scale", "whiskers"));
        }

        private void number(boolean named, Content.Boxes.Box box, String what, String written) {
            item = 0;
            row(named, box.name(), Sentence.of("plot.head." + what).toString(), written);
        }

        @Override
        public ToPlot dots(Content.Dots dots) {
            boolean named = dots.strips().size() > 1;
            for (Content.Dots.Strip strip : dots.strips()) {
                nextSeries();
                for (Content.Dots.Dot dot : strip.dots()) {
                    row(named, strip.name(), written(dot.value()), written(dot.count()));
                }
            }
            return new ToPlot(headings(named, "value", "frequency"), rows, parts, looked("scale", "dots"));
        }

        @Override
        public ToPlot stems(Content.Stems stems) {
            nextSeries();
            for (Content.Stems.Stem line : stems.lines()) {
                String right = String.join(" ", line.right());
                if (stems.backToBack()) {
                    row(true, String.join(" ", line.left()), line.stem(), right);
                } else {
                    row(false, "", line.stem(), right);
                }
            }
            List<Sentence> heads =
                    stems.backToBack() ? heads("leaves-left", "stem", "leaves") : heads("stem", "leaves");
            return new ToPlot(
                    heads,
                    rows,
                    parts,
                    List.of(
                            Sentence.of("plot.look.stems"),
                            Sentence.of("plot.look.leaves"),
                            Sentence.of("plot.look.key", stems.key())));
        }

        @Override
        public ToPlot bars(Content.Bars bars) {
            boolean grouped = bars.bars().stream().anyMatch(bar -> !bar.group().isEmpty());
            int groups = Math.max(1, picture.series().size());
            for (int i = 0; i < bars.bars().size(); i++) {
                Content.Bars.Column bar = bars.bars().get(i);
                series = i % groups;
                item = i / groups;
                List<String> cells = new ArrayList<>(List.of(bar.category()));
                if (grouped) {
                    cells.add(bar.group());
                }
                cells.add(Sentence.written(bar.frequency()));
                if (bars.percent()) {
                    cells.add(text.answer(bar.height()));
                }
                row(false, "", cells.toArray(String[]::new));
            }
            List<Sentence> heads = new ArrayList<>(heads("category"));
            if (grouped) {
                heads.add(
                        picture.by().isEmpty()
                                ? Sentence.of("plot.head.group")
                                : Sentence.of("plot.head.by", picture.by()));
            }
            heads.addAll(heads("frequency"));
            if (bars.percent()) {
                heads.addAll(heads("percent"));
            }
            return new ToPlot(heads, rows, parts, looked("gaps", "height"));
        }

        @Override
        public ToPlot scatter(Content.Scatter scatter) {
            boolean named = scatter.clouds().size() > 1;
            for (Content.Scatter.Cloud cloud : scatter.clouds()) {
                nextSeries();
                for (int i = 0; i < cloud.xs().size() && rows.size() < MOST_ROWS; i++) {
                    row(
                            named,
                            cloud.name(),
                            written(cloud.xs().at(i)),
                            written(cloud.ys().at(i)));
                }
            }
            return new ToPlot(headings(named, "x", "y"), rows, parts, looked("scale", "points"));
        }
    }
}
