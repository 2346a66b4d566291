package promedio.files.picture;

import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.Paint;
import java.awt.RenderingHints;
import java.awt.TexturePaint;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;

/**
 * How a picture looks.
 *
 * @param background behind all
 * @param ink lines and titles
 * @param soft numbers at axes
 * @param faint lines across the picture, and stretches of the scale
 * @param accent what is pointed at
 * @param palette the colours of series, each lighter or darker than its neighbours
 * @param patterns whether series are told apart by hatching and not by colour
 * @param textSize the size of text, in pixels
 */
public record Look(
        Color background,
        Color ink,
        Color soft,
        Color faint,
        Color accent,
        List<Color> palette,
        boolean patterns,
        double textSize) {
    /** The size of text unless another is said. */
    public static final double TEXT_SIZE = 13;

    private static final String FOLDER = "/promedio/files/fonts/";
    private static final Font REGULAR = font("Roboto-Regular");
    private static final Font MEDIUM = font("Roboto-Medium");

    /** On warm paper. */
    public static final Look PAPER = new Look(
            new Color(0xfdfbf5),
            new Color(0x22304a),
            new Color(0x5b6472),
            new Color(0xe6dfd0),
            new Color(0xa6501e),
            List.of(
                    new Color(0x2f6f73),
                    new Color(0xc9a24b),
                    new Color(0x4a4e9e),
                    new Color(0xd88c6a),
                    new Color(0x8a2f4a),
                    new Color(0x8fb3a8)),
            false,
            TEXT_SIZE);

    /** On dark slate. */
    public static final Look SLATE = new Look(
            new Color(0x20262e),
            new Color(0xe9e4d8),
            new Color(0xa9b0ba),
            new Color(0x39424d),
            new Color(0xe59a63),
            List.of(
                    new Color(0x6fb7b3),
                    new Color(0xe0c277),
                    new Color(0x9aa0ea),
                    new Color(0xb9694a),
                    new Color(0xd98aa2),
                    new Color(0x4f7d73)),
            false,
            TEXT_SIZE);

    /** In black on white, for a printer without colours. */
    public static final Look PRINT = new Look(
            Color.WHITE,
            Color.BLACK,
            new Color(0x333333),
            new Color(0xdddddd),
            Color.BLACK,
            List.of(
                    new Color(0x555555),
                    new Color(0xbbbbbb),
                    new Color(0x222222),
                    new Color(0x999999),
                    new Color(0x000000),
                    new Color(0xdddddd)),
            true,
            TEXT_SIZE);

    /** Copies the palette. */
    public Look {
        palette = List.copyOf(palette);
    }

    /** The same on another ground. */
    public Look on(Color ground) {
        return new Look(ground, ink, soft, faint, accent, palette, patterns, textSize);
    }

    /** The same with text of another size. */
    public Look sized(double size) {
        return new Look(background, ink, soft, faint, accent, palette, patterns, size);
    }

    private static Font font(String name) {
        try (InputStream in = Look.class.getResourceAsStream(FOLDER + name + ".ttf")) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException broken) {
            throw new UncheckedIOException("The font " + name + " could not be read.", broken);
        } catch (FontFormatException broken) {
            throw new IllegalStateException("The font " + name + " is none.", broken);
        }
    }

    /** The file of the font of text, for who puts it into a document. */
    static InputStream fontFile(boolean heavy) {
        return Look.class.getResourceAsStream(FOLDER + (heavy ? "Roboto-Medium" : "Roboto-Regular") + ".ttf");
    }

    Font text(double size) {
        return REGULAR.deriveFont((float) (textSize * size));
    }

    Font heavy(double size) {
        return MEDIUM.deriveFont((float) (textSize * size));
    }

    Color colour(int place) {
        return palette.get(Math.floorMod(place, palette.size()));
    }

    /** What a bar of a series is filled with. */
    Paint fill(int place, int alpha) {
        return fill(place, alpha, false);
    }

    /** The same, so that what is behind stays to be seen. */
    Paint fill(int place, int alpha, boolean through) {
        Color colour = colour(place);
        return patterns
                ? hatching(place, through)
                : new Color(colour.getRed(), colour.getGreen(), colour.getBlue(), alpha);
    }

    /** Lines of different slants, or dots, in a small square that is laid out again and again. */
    private Paint hatching(int place, boolean through) {
        int size = 12;
        int finer = 4;
        BufferedImage tile = new BufferedImage(size * finer, size * finer, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = tile.createGraphics();
        g.scale(finer, finer);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        if (!through) {
            g.setColor(place % 6 == 1 ? new Color(0xeeeeee) : Color.WHITE);
            g.fill(new Rectangle2D.Double(0, 0, size, size));
        }
        g.setColor(ink);
        for (int at = -size; at < 2 * size; at += 6) {
            switch (Math.floorMod(place, 6)) {
                case 0 -> g.draw(new Line2D.Double(at, size, at + size, 0));
                case 1 -> g.fill(new Ellipse2D.Double(at + 2, 2, 1.6, 1.6));
                case 2 -> g.draw(new Line2D.Double(at, 0, at + size, size));
                case 3 -> g.draw(new Line2D.Double(0, at + 2, size, at + 2));
                case 4 -> {
                    g.draw(new Line2D.Double(at, size, at + size, 0));
                    g.draw(new Line2D.Double(at, 0, at + size, size));
                }
                default -> g.draw(new Line2D.Double(at + 2, 0, at + 2, size));
            }
        }
        g.dispose();
        return new TexturePaint(tile, new Rectangle2D.Double(0, 0, size, size));
    }
}
