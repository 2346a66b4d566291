package promedio.files.typeset;

import java.awt.Color;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics;
import java.awt.GraphicsConfiguration;
import java.awt.Image;
import java.awt.Shape;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ImageObserver;
import java.awt.image.RenderedImage;
import java.awt.image.renderable.RenderableImage;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.apache.xmlgraphics.java2d.AbstractGraphics2D;
import org.apache.xmlgraphics.java2d.GraphicContext;

/** Collects the outlines of whatever is drawn as SVG path data, and draws nothing. */
final class OutlineGraphics extends AbstractGraphics2D {
    private final StringBuilder path = new StringBuilder();
    private final Map<Integer, Rectangle2D> places = new HashMap<>();
    private int colour;

    OutlineGraphics() {
        super(false);
        gc = new GraphicContext();
    }

    String path() {
        return path.toString();
    }

    /** What was drawn in each colour lies here; the colour is its number, 0 for black. */
    Map<Integer, Rectangle2D> places() {
        return places;
    }

    @Override
    public void setColor(Color now) {
        colour = now == null ? 0 : now.getRGB() & 0xffffff;
        super.setColor(now);
    }

    @Override
    public void drawString(String text, float x, float y) {
        GlyphVector glyphs = getFont().createGlyphVector(getFontRenderContext(), text);
        add(glyphs.getOutline(x, y));
    }

    @Override
    public void drawString(String text, int x, int y) {
        drawString(text, (float) x, (float) y);
    }

    @Override
    public void drawChars(char[] data, int offset, int length, int x, int y) {
        drawString(new String(data, offset, length), (float) x, (float) y);
    }

    @Override
    public void drawGlyphVector(GlyphVector glyphs, float x, float y) {
        add(glyphs.getOutline(x, y));
    }

    @Override
    public void fill(Shape shape) {
        add(shape);
    }

    @Override
    public void draw(Shape shape) {
        add(getStroke().createStrokedShape(shape));
    }

    @Override
    public void setFont(Font font) {
        if (font != null) {
            super.setFont(font);
        }
    }

    @Override
    public FontMetrics getFontMetrics(Font font) {
        return new BufferedImage(1, 1, BufferedImage.TYPE_INT_ARGB)
                .createGraphics()
                .getFontMetrics(font);
    }

    @Override
    public GraphicsConfiguration getDeviceConfiguration() {
        return new BufferedImage(1, 1, BufferedImage.TYPE_INT_ARGB)
                .createGraphics()
                .getDeviceConfiguration();
    }

    /** Formulas are drawn on one surface. */
    @Override
    public Graphics create() {
        return this;
    }

    @Override
    public void dispose() {
        // Nothing is held.
    }

    @Override
    public void setXORMode(Color other) {
        // Outlines have one colour.
    }

    // Formulas hold no pictures, and none is taken into an outline.

    @Override
    public void copyArea(int x, int y, int width, int height, int dx, int dy) {
        // No pictures.
    }

    @Override
    public boolean drawImage(Image image, int x, int y, ImageObserver observer) {
        return true;
    }

    @Override
    public boolean drawImage(Image image, int x, int y, int width, int height, ImageObserver observer) {
        return true;
    }

    @Override
    public void drawRenderedImage(RenderedImage image, AffineTransform transform) {
        // No pictures.
    }

    @Override
    public void drawRenderableImage(RenderableImage image, AffineTransform transform) {
        // No pictures.
    }

    private void add(Shape shape) {
        AffineTransform transform = getTransform();
        if (colour > 0) {
            Rectangle2D bounds = transform.createTransformedShape(shape).getBounds2D();
            places.merge(colour, bounds, Rectangle2D::createUnion);
        }
        double[] at = new double[6];
        for (PathIterator steps = shape.getPathIterator(transform); !steps.isDone(); steps.next()) {
            int kind = steps.currentSegment(at);
            switch (kind) {
                case PathIterator.SEG_MOVETO -> points('M', at, 2);
                case PathIterator.SEG_LINETO -> points('L', at, 2);
                case PathIterator.SEG_QUADTO -> points('Q', at, 4);
                case PathIterator.SEG_CUBICTO -> points('C', at, 6);
                default -> path.append('Z');
            }
        }
    }

    private void points(char command, double[] at, int count) {
        path.append(command);
        for (int i = 0; i < count; i++) {
            path.append(i == 0 ? "" : " ").append(String.format(Locale.ROOT, "%.3f", at[i]));
        }
    }
}
