package promedio.files.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jfree.chart.ChartRenderingInfo;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.LegendItem;
import org.jfree.chart.LegendItemCollection;
import org.jfree.chart.block.BlockBorder;
import org.jfree.chart.entity.LegendItemEntity;
import org.jfree.chart.entity.TitleEntity;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.title.LegendTitle;
import org.jfree.chart.title.TextTitle;
import org.jfree.chart.ui.HorizontalAlignment;
import org.jfree.chart.ui.RectangleEdge;
import org.jfree.chart.ui.RectangleInsets;
import promedio.core.picture.Axis;
import promedio.core.picture.Content;
import promedio.core.picture.Picture;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Ticks;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.working.FigureText;

/** A picture on a surface: the charting library lays out titles, axes and legend, and the marks are drawn between the axes. */
public final class Drawing {
    /** So much of its height a picture gives to its title, and as much to its caption. */
    private static final double WORDS_SHARE = 0.2;

    private static final int LONGEST_TITLE = 60;

    private final Picture picture;
    private final Look look;
    private final FigureText text;
    private final boolean outlines;

    /**
     * The drawing of a picture.
     *
     * @param text how numbers are written in what is said of an axis
     */
    public Drawing(Picture picture, Look look, FigureText text) {
        this.picture = picture;
        this.look = look;
        this.text = text;
        this.outlines = false;
    }

    private Drawing(Drawing drawing) {
        this.picture = drawing.picture;
        this.look = drawing.look;
        this.text = drawing.text;
        this.outlines = true;
    }

    /** The same for a file of lines and areas, in which very many points are one image. */
    Drawing inOutlines() {
        return new Drawing(this);
    }

    /** The picture. */
    public Picture picture() {
        return picture;
    }

    /** Draws it into a rectangle of a size from the corner of the surface, and tells where its parts lie. */
    public Placed draw(Graphics2D g, double width, double height) {
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setPaint(look.background());
        g.fill(new Rectangle2D.Double(0, 0, width, height));
        if (picture.content() instanceof Content.Stems stems) {
            return new StemsDrawing(picture, stems, look).draw(g, width, height);
        }
        JFreeChart chart = chart(g, width, height);
        ChartRenderingInfo info = new ChartRenderingInfo();
        chart.draw(g, new Rectangle2D.Double(0, 0, width, height), info);
        Rectangle2D data = info.getPlotInfo().getDataArea();
        Map<Placed.Spot, Rectangle2D> spots = new EnumMap<>(Placed.Spot.class);
        List<Rectangle2D> legend = new ArrayList<>();
        for (Object entity : info.getEntityCollection().getEntities()) {
            if (entity instanceof LegendItemEntity item) {
                legend.add(item.getArea().getBounds2D());
            } else if (entity instanceof TitleEntity title && title.getTitle() instanceof TextTitle words) {
                spots.put(
                        words.getPosition() == RectangleEdge.TOP ? Placed.Spot.TITLE : Placed.Spot.CAPTION,
                        wide(title.getArea().getBounds2D(), width));
            } else if (entity instanceof TitleEntity title && title.getTitle() instanceof LegendTitle) {
                spots.put(Placed.Spot.LEGEND, title.getArea().getBounds2D());
            }
        }
        double foot = spots.containsKey(Placed.Spot.LEGEND)
                ? spots.get(Placed.Spot.LEGEND).getMinY()
                : spots.containsKey(Placed.Spot.CAPTION)
                        ? spots.get(Placed.Spot.CAPTION).getMinY()
                        : height;
        double tall = look.textSize() * 1.6;
        spots.put(Placed.Spot.ACROSS_TITLE, new Rectangle2D.Double(data.getMinX(), foot - tall, data.getWidth(), tall));
        spots.put(Placed.Spot.UP_TITLE, new Rectangle2D.Double(0, data.getMinY(), tall, data.getHeight()));
        double under = Math.max(4, foot - tall - data.getMaxY());
        spots.put(Placed.Spot.FROM, new Rectangle2D.Double(data.getMinX() - tall, data.getMaxY(), 2 * tall, under));
        spots.put(Placed.Spot.TO, new Rectangle2D.Double(data.getMaxX() - tall, data.getMaxY(), 2 * tall, under));
        if (picture.up().filter(Axis::names).isPresent()) {
            spots.put(
                    Placed.Spot.NAMES,
                    new Rectangle2D.Double(tall, data.getMinY(), Math.max(1, data.getMinX() - tall), data.getHeight()));
        } else if (picture.across().filter(Axis::names).isPresent()) {
            spots.put(
                    Placed.Spot.NAMES, new Rectangle2D.Double(data.getMinX(), data.getMaxY(), data.getWidth(), under));
        }
        boolean headed = !picture.by().isEmpty() && !legend.isEmpty();
        return new Placed(picture, data, spots, headed ? legend.subList(1, legend.size()) : legend);
    }

    /** As wide as the picture: words can be clicked where they will be, too. */
    private static Rectangle2D wide(Rectangle2D words, double width) {
        return new Rectangle2D.Double(0, words.getY(), width, words.getHeight());
    }

    private JFreeChart chart(Graphics2D g, double width, double height) {
        Axis across = picture.across().orElseThrow();
        Axis up = picture.up().orElseThrow();
        GivenAxis acrossAxis = new GivenAxis(across, titled(across));
        GivenAxis upAxis = new GivenAxis(up, titled(up));
        for (GivenAxis axis : new GivenAxis[] {acrossAxis, upAxis}) {
            axis.setLabelFont(look.text(0.96));
            axis.setLabelPaint(look.ink());
            axis.setTickLabelFont(look.text(0.9));
            axis.setTickLabelPaint(look.soft());
            axis.setAxisLinePaint(look.ink());
            axis.setAxisLineStroke(new BasicStroke(1));
            axis.setTickMarkPaint(look.ink());
            axis.setTickMarkStroke(new BasicStroke(1));
            axis.setTickMarkOutsideLength(4);
        }
        upAxis.setAxisLineVisible(!up.names() || !up.ticks().isEmpty());
        acrossAxis.fit(g, width * 0.85);
        XYPlot plot = new XYPlot(null, acrossAxis, upAxis, null);
        plot.setBackgroundPaint(null);
        plot.setOutlineVisible(false);
        plot.setDomainGridlinesVisible(false);
        plot.setRangeGridlinesVisible(false);
        plot.setAxisOffset(RectangleInsets.ZERO_INSETS);
        plot.setInsets(new RectangleInsets(6, 4, 2, 14));
        plot.addAnnotation(new MarksLayer(picture, look, outlines));
        JFreeChart chart = new JFreeChart(null, look.heavy(1.2), plot, false);
        chart.setBackgroundPaint(null);
        chart.setAntiAlias(true);
        chart.setTitle(title(picture.title(), look.heavy(1.2), look.ink(), RectangleEdge.TOP, height));
        if (picture.hasLegend()) {
            plot.setFixedLegendItems(legend());
            LegendTitle legend = new LegendTitle(plot);
            legend.setItemFont(look.text(0.92));
            legend.setItemPaint(look.ink());
            legend.setBackgroundPaint(null);
            legend.setFrame(BlockBorder.NONE);
            legend.setPosition(RectangleEdge.BOTTOM);
            chart.addSubtitle(legend);
        }
        if (!picture.caption().isEmpty()) {
            chart.addSubtitle(title(picture.caption(), look.text(0.96), look.soft(), RectangleEdge.BOTTOM, height));
        }
        return chart;
    }

    private static TextTitle title(String words, Font font, Color colour, RectangleEdge edge, double height) {
        TextTitle title = new TextTitle(words, font);
        // Words must leave room for what they are of.
        title.setMaximumLinesToDisplay(Math.max(1, (int) (WORDS_SHARE * height / (1.3 * font.getSize2D()))));
        title.setPaint(colour);
        title.setPosition(edge);
        title.setTextAlignment(HorizontalAlignment.LEFT);
        title.setHorizontalAlignment(HorizontalAlignment.LEFT);
        title.setPadding(new RectangleInsets(4, 8, 4, 8));
        return title;
    }

    /** The title of an axis; one that does not begin at 0 says so. */
    private String titled(Axis axis) {
        String note = axis.beginsElsewhere()
                .map(sentence -> new Sentence(sentence.key(), List.of(Ticks.written(axis.from(), text))).toString())
                .orElse("");
        // A long name must not push out where the axis begins.
        String title = Visible.line(axis.title(), LONGEST_TITLE);
        return title.isEmpty() || note.isEmpty() ? title + note : title + "  (" + note + ")";
    }

    private LegendItemCollection legend() {
        LegendItemCollection items = new LegendItemCollection();
        if (!picture.by().isEmpty()) {
            // What the names are of stands before them: a bare 1, 2, 3 would say nothing.
            items.add(new LegendItem(
                    picture.by() + ":",
                    null,
                    null,
                    null,
                    new Rectangle2D.Double(),
                    new BasicStroke(0),
                    new Color(0, 0, 0, 0)));
        }
        boolean lines = picture.kind() == PictureKind.POLYGON || picture.kind() == PictureKind.OGIVE;
        int things = picture.content().fold(new Laid());
        for (int i = 0; i < picture.series().size(); i++) {
            String name = picture.series().get(i);
            if (!name.isEmpty()) {
                int place = picture.colours().get(i);
                boolean over = i >= things;
                Shape shape = lines || over
                        ? new Line2D.Double(-9, 0, 9, 0)
                        : picture.kind() == PictureKind.SCATTER
                                ? new Ellipse2D.Double(-4, -4, 8, 8)
                                : new Rectangle2D.Double(-6, -6, 12, 12);
                LegendItem item = lines || over
                        ? new LegendItem(
                                name,
                                null,
                                null,
                                null,
                                shape,
                                new BasicStroke(2.2f),
                                over ? MarksLayer.over(picture, look, i) : look.colour(place))
                        : new LegendItem(
                                name,
                                null,
                                null,
                                null,
                                shape,
                                picture.kind() == PictureKind.SCATTER ? look.colour(place) : look.fill(place, 200),
                                new BasicStroke(1),
                                look.ink());
                items.add(item);
            }
        }
        return items;
    }

    /** How many of the series are things laid over one another; the others are lines over them. */
    private static final class Laid implements Content.Cases<Integer> {
        @Override
        public Integer classes(Content.Classes classes) {
            return classes.series().size();
        }

        @Override
        public Integer lines(Content.Lines lines) {
            return lines.lines().size();
        }

        @Override
        public Integer boxes(Content.Boxes boxes) {
            return boxes.boxes().size();
        }

        @Override
        public Integer dots(Content.Dots dots) {
            return dots.strips().size();
        }

        @Override
        public Integer stems(Content.Stems stems) {
            return 1;
        }

        @Override
        public Integer bars(Content.Bars bars) {
            return Integer.MAX_VALUE;
        }

        @Override
        public Integer scatter(Content.Scatter scatter) {
            return scatter.clouds().size();
        }
    }
}
