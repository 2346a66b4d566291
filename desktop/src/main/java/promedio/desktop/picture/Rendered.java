package promedio.desktop.picture;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import promedio.files.picture.Drawing;
import promedio.files.picture.Placed;

/**
 * A picture drawn for the screen, by the same hand that draws it into files; made off the thread of the window.
 *
 * @param image its points
 * @param placed where its parts lie
 */
record Rendered(WritableImage image, Placed placed) {
    static Rendered of(Drawing drawing, double width, double height, double scale) {
        int wide = (int) Math.max(1, Math.round(width * scale));
        int high = (int) Math.max(1, Math.round(height * scale));
        BufferedImage drawn = new BufferedImage(wide, high, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = drawn.createGraphics();
        g.scale(scale, scale);
        Placed placed = drawing.draw(g, width, height);
        g.dispose();
        int[] points = ((DataBufferInt) drawn.getRaster().getDataBuffer()).getData();
        WritableImage image = new WritableImage(wide, high);
        image.getPixelWriter().setPixels(0, 0, wide, high, PixelFormat.getIntArgbPreInstance(), points, 0, wide);
        return new Rendered(image, placed);
    }
}
