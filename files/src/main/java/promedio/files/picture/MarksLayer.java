package promedio.files.picture;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import org.jfree.chart.annotations.AbstractXYAnnotation;
import org.jfree.chart.axis.ValueAxis;
import org.jfree.chart.plot.PlotRenderingInfo;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.ui.RectangleEdge;
import promedio.core.picture.Mark;
import promedio.core.picture.Picture;
import promedio.core.picture.PictureKind;

/** The marks of a picture, drawn between the axes of the charting library. */
final class MarksLayer extends AbstractXYAnnotation {
    private static final long serialVersionUID = 1;
    private static final int OPAQUE_FILL = 150;
    private static final double OVER_THE_EDGE = 6;
    private static final int LAID_OVER = 95;
    private static final int MANY_POINTS = 2_000;
    private static final float[] DASHES = {5, 4};

    private final transient Picture picture;
    private static final int IMAGE_SCALE = 3;

    private final transient Look look;

    private final boolean outlines;

    /** @param outlines whether what is drawn becomes a file of lines and areas, which would be huge for very many points */
    MarksLayer(Picture picture, Look look, boolean outlines) {
        this.picture = picture;
        this.look = look;
        this.outlines = outlines;
    }

    /** Whether a picture has marks of so many points that a file of lines and areas holds them as an image. */
    static boolean isOfManyPoints(Picture picture) {
        return picture.marks().stream()
                .anyMatch(mark ->
                        mark instanceof Mark.Points points && points.places().size() > MANY_POINTS);
    }

    @Override
    public void draw(
            Graphics2D g,
            XYPlot plot,
            Rectangle2D area,
            ValueAxis across,
            ValueAxis up,
            int index,
            PlotRenderingInfo info) {
        Shape clip = g.getClip();
        Surface surface = new Surface(area, across, up);
        // Points at the very ends of an axis are drawn whole.
        Rectangle2D wider = new Rectangle2D.Double(
                area.getX() - OVER_THE_EDGE,
                area.getY() - OVER_THE_EDGE,
                area.getWidth() + 2 * OVER_THE_EDGE,
                area.getHeight() + 2 * OVER_THE_EDGE);
        for (Mark mark : picture.marks()) {
            if (mark instanceof Mark.Area one && one.role() == Mark.Role.BEHIND) {
                area(g, surface, one);
            }
        }
        lines(g, surface);
        for (Mark mark : picture.marks()) {
            g.setClip(mark instanceof Mark.Points ? wider : area);
            if (mark instanceof Mark.Area one) {
                if (one.role() != Mark.Role.BEHIND) {
                    area(g, surface, one);
                }
            } else if (mark instanceof Mark.Trace one) {
                trace(g, surface, one);
            } else if (mark instanceof Mark.Points one) {
                if (outlines && one.places().size() > MANY_POINTS) {
                    imageOf(g, wider, surface, one);
                } else {
                    points(g, surface, one);
                }
            } else if (mark instanceof Mark.Words one) {
                words(g, surface, one);
            }
        }
        g.setClip(clip);
    }

    /** Where values lie on the surface. */
    private record Surface(Rectangle2D area, ValueAxis across, ValueAxis up) {
        double x(double value) {
            return across.valueToJava2D(value, area, RectangleEdge.BOTTOM);
        }

        double y(double value) {
            return up.valueToJava2D(value, area, RectangleEdge.LEFT);
        }
    }

    /** Faint lines at the heights that are marked. */
    private void lines(Graphics2D g, Surface surface) {
        Rectangle2D area = surface.area();
        g.setPaint(look.faint());
        g.setStroke(new BasicStroke(1));
        picture.up().filter(axis -> !axis.names()).ifPresent(axis -> axis.ticks()
                .forEach(tick -> {
                    double y = surface.y(tick.at().toDouble());
                    g.draw(new Line2D.Double(area.getMinX(), y, area.getMaxX(), y));
                }));
    }

    private int place(Mark mark) {
        int series = mark.part().series();
        return series < picture.colours().size() ? picture.colours().get(series) : series;
    }

    private void area(Graphics2D g, Surface surface, Mark.Area mark) {
        double left = surface.x(mark.left());
        double top = surface.y(mark.top());
        Rectangle2D bar =
                new Rectangle2D.Double(left, top, surface.x(mark.right()) - left, surface.y(mark.bottom()) - top);
        if (mark.role() == Mark.Role.BEHIND) {
            Color faint = look.faint();
            g.setPaint(new Color(
                    faint.getRed(),
                    faint.getGreen(),
                    faint.getBlue(),
                    mark.part().series() % 2 == 0 ? 190 : 80));
            g.fill(bar);
            return;
        }
        boolean over =
                picture.kind() == PictureKind.HISTOGRAM && picture.series().size() > 1;
        g.setPaint(look.fill(place(mark), over ? LAID_OVER : OPAQUE_FILL, over));
        g.fill(bar);
        g.setPaint(over && !look.patterns() ? look.colour(place(mark)).darker() : look.ink());
        g.setStroke(stroke(mark.role(), over ? 1.4f : 1));
        g.draw(bar);
    }

    private static BasicStroke stroke(Mark.Role role, float width) {
        return role == Mark.Role.DASHED
                ? new BasicStroke(width, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1, DASHES, 0)
                : new BasicStroke(width, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND);
    }

    private void trace(Graphics2D g, Surface surface, Mark.Trace mark) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < mark.places().size(); i++) {
            double x = surface.x(mark.places().x(i));
            double y = surface.y(mark.places().y(i));
            if (i == 0) {
                path.moveTo(x, y);
            } else {
                path.lineTo(x, y);
            }
        }
        boolean lines = picture.kind() == PictureKind.POLYGON || picture.kind() == PictureKind.OGIVE;
        boolean box = picture.kind() == PictureKind.BOXES;
        boolean needle = picture.kind() == PictureKind.DOTS;
        if (mark.role() == Mark.Role.MEASURE) {
            g.setPaint(look.ink());
            g.setStroke(stroke(mark.role(), 1.6f));
        } else if (mark.role() == Mark.Role.OVER) {
            g.setPaint(box ? look.ink() : over(picture, look, mark.part().series()));
            g.setStroke(stroke(mark.role(), 2.2f));
        } else {
            g.setPaint(lines || needle ? look.colour(place(mark)) : look.ink());
            g.setStroke(stroke(mark.role(), lines ? 2 : needle ? 1.6f : 1.1f));
        }
        g.draw(path);
    }

    /** The colour of a line over everything: the last of several is dark, so that two can be told apart. */
    static Color over(Picture picture, Look look, int series) {
        boolean second = series > 0
                && series == picture.series().size() - 1
                && picture.marks().stream()
                                .filter(mark -> mark instanceof Mark.Trace line
                                        && line.role() == Mark.Role.OVER
                                        && line.part().series() < series)
                                .count()
                        > 0;
        return second ? look.ink() : look.accent();
    }

    /** Very many points as one image of them, as large as where they lie. */
    private void imageOf(Graphics2D g, Rectangle2D within, Surface surface, Mark.Points mark) {
        BufferedImage image = new BufferedImage(
                (int) Math.ceil(within.getWidth() * IMAGE_SCALE),
                (int) Math.ceil(within.getHeight() * IMAGE_SCALE),
                BufferedImage.TYPE_INT_ARGB);
        Graphics2D inner = image.createGraphics();
        inner.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        inner.scale(IMAGE_SCALE, IMAGE_SCALE);
        inner.translate(-within.getX(), -within.getY());
        points(inner, surface, mark);
        inner.dispose();
        AffineTransform to = AffineTransform.getTranslateInstance(within.getX(), within.getY());
        to.scale(1.0 / IMAGE_SCALE, 1.0 / IMAGE_SCALE);
        g.drawImage(image, to, null);
    }

    private void points(Graphics2D g, Surface surface, Mark.Points mark) {
        Color colour = look.colour(place(mark));
        int many = mark.places().size();
        double radius = many > MANY_POINTS ? 1.3 : picture.kind() == PictureKind.DOTS ? dot(surface) : 3.4;
        int alpha = many > 20_000 ? 70 : many > MANY_POINTS ? 120 : picture.kind() == PictureKind.SCATTER ? 190 : 255;
        g.setPaint(
                mark.shape() == Mark.Points.Shape.RHOMBUS
                        ? look.accent()
                        : new Color(colour.getRed(), colour.getGreen(), colour.getBlue(), alpha));
        g.setStroke(new BasicStroke(1.5f));
        for (int i = 0; i < many; i++) {
            double x = surface.x(mark.places().x(i));
            double y = surface.y(mark.places().y(i));
            boolean outside =
                    x < surface.area().getMinX() - 0.5 || x > surface.area().getMaxX() + 0.5;
            if (outside) {
                continue;
            }
            switch (mark.shape()) {
                case DOT -> {
                    if (many > MANY_POINTS) {
                        g.fill(new Rectangle2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
                    } else {
                        g.fill(new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
                    }
                }
                case RING -> g.draw(new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
                case RHOMBUS -> g.fill(rhombus(x, y, 4.6));
            }
        }
    }

    /** Dots touch when they are stacked, and are never larger than is good to look at. */
    private static double dot(Surface surface) {
        double step = Math.abs(surface.y(1) - surface.y(0));
        return Math.max(1, Math.min(6, step * 0.46));
    }

    private static Path2D rhombus(double x, double y, double reach) {
        Path2D path = new Path2D.Double();
        path.moveTo(x - reach, y);
        path.lineTo(x, y - reach);
        path.lineTo(x + reach, y);
        path.lineTo(x, y + reach);
        path.closePath();
        return path;
    }

    private void words(Graphics2D g, Surface surface, Mark.Words mark) {
        g.setFont(look.text(0.92));
        g.setPaint(look.soft());
        double width = g.getFontMetrics().stringWidth(mark.text());
        double y = Double.isNaN(mark.y())
                ? surface.area().getMinY() + g.getFontMetrics().getAscent() + 3
                : surface.y(mark.y());
        g.drawString(mark.text(), (float) (surface.x(mark.x()) - width / 2), (float) y);
    }
}
