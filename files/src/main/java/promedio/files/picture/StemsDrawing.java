package promedio.files.picture;

import java.awt.BasicStroke;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import promedio.core.picture.Content;
import promedio.core.picture.Picture;
import promedio.core.sentence.Sentence;

/** Stems and leaves, which are no chart but digits at even distances. */
final class StemsDrawing {
    private static final double LINE = 1.75;
    private static final double LEAF = 1.05;

    private final Picture picture;
    private final Content.Stems stems;
    private final Look look;

    StemsDrawing(Picture picture, Content.Stems stems, Look look) {
        this.picture = picture;
        this.stems = stems;
        this.look = look;
    }

    Placed draw(Graphics2D g, double width, double height) {
        double size = look.textSize();
        g.setFont(look.heavy(1.2));
        g.setPaint(look.ink());
        g.drawString(picture.title(), (float) (0.8 * size), (float) (1.6 * size));
        double top = size * (stems.backToBack() ? 4.6 : 3.2);
        double foot = size * (picture.caption().isEmpty() ? 2.4 : 4.2);
        int lines = stems.lines().size();
        double step = Math.min(size * LINE * 1.15, Math.max(6, (height - top - foot) / lines));
        double scale = Math.min(1.15, step / (size * LINE));
        Font font = look.text(scale);
        g.setFont(font);
        FontMetrics metrics = g.getFontMetrics();
        double stemWidth = stems.lines().stream()
                .mapToDouble(line -> metrics.stringWidth(shown(line.stem())))
                .max()
                .orElse(0);
        double pad = 0.7 * size * scale;
        double leaf = size * scale * LEAF * 0.9;
        double left = stems.backToBack() ? (width - stemWidth) / 2 - pad : 1.4 * size;
        double right = left + stemWidth + 2 * pad;
        for (int i = 0; i < lines; i++) {
            Content.Stems.Stem line = stems.lines().get(i);
            double y = top + step * (i + 0.75);
            g.setPaint(look.ink());
            String stem = shown(line.stem());
            g.drawString(stem, (float) (right - pad - metrics.stringWidth(stem)), (float) y);
            g.setPaint(look.colour(picture.colours().get(0)));
            leaves(g, line.right(), right + pad, y, leaf, width - right - 2 * pad);
            for (int k = 0; k < line.left().size(); k++) {
                double x = left - pad - leaf * (k + 1);
                if (x > pad) {
                    g.drawString(line.left().get(k), (float) x, (float) y);
                }
            }
        }
        g.setPaint(look.soft());
        g.setStroke(new BasicStroke(1));
        double end = top + step * lines;
        g.draw(new Line2D.Double(right, top, right, end));
        if (stems.backToBack()) {
            g.draw(new Line2D.Double(left, top, left, end));
            g.setFont(look.heavy(0.96));
            g.setPaint(look.ink());
            double names = top - 0.8 * size;
            double wide = g.getFontMetrics().stringWidth(stems.names().get(0));
            g.drawString(stems.names().get(0), (float) (left - pad - wide), (float) names);
            g.drawString(stems.names().get(1), (float) (right + pad), (float) names);
        }
        g.setFont(look.text(0.96));
        g.setPaint(look.soft());
        g.drawString(
                Sentence.of("picture.key", stems.key()).toString(), (float) (0.8 * size), (float) (end + 1.6 * size));
        Map<Placed.Spot, Rectangle2D> spots = new EnumMap<>(Placed.Spot.class);
        spots.put(Placed.Spot.TITLE, new Rectangle2D.Double(0, 0, width, 2.2 * size));
        if (!picture.caption().isEmpty()) {
            g.drawString(picture.caption(), (float) (0.8 * size), (float) (end + 3.2 * size));
            spots.put(Placed.Spot.CAPTION, new Rectangle2D.Double(0, end + 2 * size, width, 2 * size));
        }
        return new Placed(picture, new Rectangle2D.Double(0, top, width, end - top), spots, List.of());
    }

    /** The leaves that there is room for; the number of those left over after them. */
    private static void leaves(Graphics2D g, List<String> leaves, double from, double y, double leaf, double room) {
        int fit = (int) Math.max(1, room / leaf);
        boolean all = leaves.size() <= fit;
        int shown = all ? leaves.size() : Math.max(0, fit - 5);
        for (int k = 0; k < shown; k++) {
            g.drawString(leaves.get(k), (float) (from + k * leaf), (float) y);
        }
        if (!all) {
            g.drawString("… +" + (leaves.size() - shown), (float) (from + shown * leaf), (float) y);
        }
    }

    private static String shown(String stem) {
        return stem.replace('-', '−');
    }
}
