package promedio.core.picture;

import java.util.ArrayList;
import java.util.List;
import promedio.core.number.Figure;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;

/**
 * The table from which a picture is drawn by hand, and what is looked for in one.
 *
 * @param headings what the columns hold
 * @param rows their cells, as they are written
 * @param looked what who marks the picture looks for
 */
public record ToPlot(List<Sentence> headings, List<List<String>> rows, List<Sentence> looked) {
    /** More points than these nobody draws by hand. */
    private static final int MOST_ROWS = 200;

    /** Copies the lists. */
    public ToPlot {
        headings = List.copyOf(headings);
        rows = rows.stream().map(List::copyOf).toList();
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

        Making(Picture picture, FigureText text) {
            this.picture = picture;
            this.text = text;
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
            }
        }

        private static List<Sentence> headings(boolean named, String... keys) {
            List<Sentence> heads = new ArrayList<>(named ? heads("sample") : List.of());
            heads.addAll(heads(keys));
            return heads;
        }

        @Override
        public ToPlot classes(Content.Classes classes) {
            boolean named = classes.series().size() > 1;
            boolean plain = classes.height() == Content.Height.FREQUENCY;
            for (Content.Classes.Series series : classes.series()) {
                for (Content.Classes.Bar bar : series.bars()) {
                    String edges = written(bar.from()) + " – " + written(bar.to());
                    if (plain) {
                        row(named, series.name(), bar.label(), edges, written(bar.frequency()));
                    } else {
                        row(
                                named,
                                series.name(),
                                bar.label(),
                                edges,
                                written(bar.frequency()),
                                written(bar.to().minus(bar.from())),
                                written(bar.height()));
                    }
                }
            }
            List<Sentence> heads = plain
                    ? headings(named, "class", "boundaries", "height-frequency")
                    : headings(named, "class", "boundaries", "frequency", "width", height(classes.height()));
            return new ToPlot(heads, rows, plain ? looked("no-gaps", "height") : looked("no-gaps", "area"));
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
                for (Content.Lines.Point point : line.points()) {
                    row(named, line.name(), written(point.x()), written(point.y()));
                }
            }
            return ogive
                    ? new ToPlot(headings(named, "boundary", "cumulative"), rows, looked("boundaries", "from-zero"))
                    : new ToPlot(headings(named, "midpoint", "height"), rows, looked("midpoints", "closed"));
        }

        @Override
        public ToPlot boxes(Content.Boxes boxes) {
            boolean named = boxes.boxes().size() > 1;
            for (Content.Boxes.Box box : boxes.boxes()) {
                row(
                        named,
                        box.name(),
                        written(box.low()),
                        written(box.quartile1()),
                        written(box.median()),
                        written(box.quartile3()),
                        written(box.high()),
                        String.join(
                                "; ",
                                box.outliers().stream()
                                        .limit(20)
                                        .map(this::written)
                                        .toList()));
            }
            return new ToPlot(
                    headings(named, "whisker-low", "quartile-1", "median", "quartile-3", "whisker-high", "outliers"),
                    rows,
                    looked("scale", "whiskers"));
        }

        @Override
        public ToPlot dots(Content.Dots dots) {
            boolean named = dots.strips().size() > 1;
            for (Content.Dots.Strip strip : dots.strips()) {
                for (Content.Dots.Dot dot : strip.dots()) {
                    row(named, strip.name(), written(dot.value()), written(dot.count()));
                }
            }
            return new ToPlot(headings(named, "value", "frequency"), rows, looked("scale", "dots"));
        }

        @Override
        public ToPlot stems(Content.Stems stems) {
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
                    List.of(
                            Sentence.of("plot.look.stems"),
                            Sentence.of("plot.look.leaves"),
                            Sentence.of("plot.look.key", stems.key())));
        }

        @Override
        public ToPlot bars(Content.Bars bars) {
            boolean grouped = bars.bars().stream().anyMatch(bar -> !bar.group().isEmpty());
            for (Content.Bars.Column bar : bars.bars()) {
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
                heads.addAll(heads("group"));
            }
            heads.addAll(heads("frequency"));
            if (bars.percent()) {
                heads.addAll(heads("percent"));
            }
            return new ToPlot(heads, rows, looked("gaps", "height"));
        }

        @Override
        public ToPlot scatter(Content.Scatter scatter) {
            boolean named = scatter.clouds().size() > 1;
            for (Content.Scatter.Cloud cloud : scatter.clouds()) {
                for (int i = 0; i < cloud.xs().size() && rows.size() < MOST_ROWS; i++) {
                    row(
                            named,
                            cloud.name(),
                            written(cloud.xs().at(i)),
                            written(cloud.ys().at(i)));
                }
            }
            return new ToPlot(headings(named, "x", "y"), rows, looked("scale", "points"));
        }
    }
}
