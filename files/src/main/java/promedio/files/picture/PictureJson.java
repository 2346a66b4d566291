package promedio.files.picture;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.SignificantText;
import promedio.core.picture.Content;
import promedio.core.picture.Picture;

/** The content of a picture as JSON: definitions for relations, section 15. Numbers are texts of at most 15 digits. */
public final class PictureJson {
    private static final int DIGITS = 15;
    private static final int MOST_POINTS = 5_000;

    private PictureJson() {}

    /** The object of a picture. */
    public static ObjectNode of(Picture picture) {
        ObjectNode object = new ObjectMapper().createObjectNode();
        object.put("kind", picture.kind().id()).put("title", picture.title());
        picture.across().ifPresent(axis -> object.put("x-title", axis.title()));
        picture.up().ifPresent(axis -> object.put("y-title", axis.title()));
        if (!picture.caption().isEmpty()) {
            object.put("caption", picture.caption());
        }
        picture.content().fold(new Writing(object));
        if (!picture.told().isEmpty()) {
            ArrayNode told = object.putArray("told");
            picture.told().forEach(sentence -> told.add(sentence.toString()));
        }
        return object;
    }

    private static String written(Figure figure) {
        return SignificantText.of(figure, DIGITS);
    }

    private static final class Writing implements Content.Cases<ObjectNode> {
        private final ObjectNode object;

        Writing(ObjectNode object) {
            this.object = object;
        }

        @Override
        public ObjectNode classes(Content.Classes classes) {
            ArrayNode all = object.putArray("series");
            for (Content.Classes.Series series : classes.series()) {
                ArrayNode bars = all.addObject().put("name", series.name()).putArray("bars");
                for (Content.Classes.Bar bar : series.bars()) {
                    bars.addObject()
                            .put("from", written(bar.from()))
                            .put("to", written(bar.to()))
                            .put("frequency", written(bar.frequency()))
                            .put("height", written(bar.height()))
                            .put("assumed-end", bar.assumedEnd());
                }
            }
            classes.curve().ifPresent(normal -> {
                object.putObject("curve").put("mean", written(normal.mean())).put("sd", written(normal.sd()));
                ArrayNode shares = object.putArray("shares");
                for (Content.Normal.Share share : normal.shares()) {
                    ObjectNode one = shares.addObject().put("sd", share.sds());
                    one.putObject("within")
                            .put("expected", written(share.expected()))
                            .put("found", written(share.found()));
                    one.putObject("beyond")
                            .put("expected", written(Exact.ONE.minus(share.expected())))
                            .put("found", written(Exact.ONE.minus(share.found())));
                }
            });
            return object;
        }

        private static void pair(ArrayNode points, Figure x, Figure y) {
            points.addArray().add(written(x)).add(written(y));
        }

        @Override
        public ObjectNode lines(Content.Lines lines) {
            ArrayNode all = object.putArray("series");
            for (Content.Lines.Line line : lines.lines()) {
                ArrayNode points = all.addObject().put("name", line.name()).putArray("points");
                line.points().forEach(point -> pair(points, point.x(), point.y()));
            }
            return object;
        }

        @Override
        public ObjectNode boxes(Content.Boxes boxes) {
            ArrayNode all = object.putArray("boxes");
            for (Content.Boxes.Box box : boxes.boxes()) {
                ArrayNode outliers = all.addObject()
                        .put("name", box.name())
                        .put("low", written(box.low()))
                        .put("quartile-1", written(box.quartile1()))
                        .put("median", written(box.median()))
                        .put("quartile-3", written(box.quartile3()))
                        .put("high", written(box.high()))
                        .put("mean", written(box.mean()))
                        .putArray("outliers");
                box.outliers().forEach(outlier -> outliers.add(written(outlier)));
            }
            return object;
        }

        @Override
        public ObjectNode dots(Content.Dots dots) {
            for (int i = 0; i < dots.strips().size(); i++) {
                Content.Dots.Strip strip = dots.strips().get(i);
                ArrayNode points = points(dots.strips().size() > 1, strip.name());
                strip.dots().forEach(dot -> pair(points, dot.value(), dot.count()));
            }
            return object;
        }

        /** Where points go: in a series of a name, or by themselves where there is one. */
        private ArrayNode points(boolean several, String name) {
            return several
                    ? object.withArrayProperty("series")
                            .addObject()
                            .put("name", name)
                            .putArray("points")
                    : object.putArray("points");
        }

        @Override
        public ObjectNode stems(Content.Stems stems) {
            ArrayNode lines = object.putArray("stems");
            for (Content.Stems.Stem line : stems.lines()) {
                ObjectNode one = lines.addObject().put("stem", line.stem());
                if (stems.backToBack()) {
                    leaves(one, "left", line.left());
                    leaves(one, "right", line.right());
                } else {
                    leaves(one, "leaves", line.right());
                }
            }
            object.put("key", stems.key());
            return object;
        }

        private static void leaves(ObjectNode line, String name, List<String> leaves) {
            ArrayNode all = line.putArray(name);
            leaves.forEach(all::add);
        }

        @Override
        public ObjectNode bars(Content.Bars bars) {
            ArrayNode all = object.putArray("bars");
            for (Content.Bars.Column bar : bars.bars()) {
                ObjectNode one = all.addObject().put("category", bar.category());
                if (!bar.group().isEmpty()) {
                    one.put("group", bar.group());
                }
                one.put("height", written(bar.height()));
            }
            return object;
        }

        @Override
        public ObjectNode scatter(Content.Scatter scatter) {
            int every = Math.max(1, (scatter.size() + MOST_POINTS - 1) / MOST_POINTS);
            int seen = 0;
            int given = 0;
            for (Content.Scatter.Cloud cloud : scatter.clouds()) {
                ArrayNode points = points(scatter.clouds().size() > 1, cloud.name());
                for (int i = 0; i < cloud.xs().size(); i++) {
                    if (seen++ % every == 0) {
                        given++;
                        pair(points, cloud.xs().at(i), cloud.ys().at(i));
                    }
                }
            }
            object.put("left-out", scatter.size() - given);
            scatter.line().ifPresent(line -> object.putObject("line")
                    .put("slope", written(line.slope()))
                    .put("intercept", written(line.intercept())));
            return object;
        }
    }
}
