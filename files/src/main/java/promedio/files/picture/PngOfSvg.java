package promedio.files.picture;

import java.awt.image.RenderedImage;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.ImageIO;
import org.apache.batik.ext.awt.image.spi.ImageWriter;
import org.apache.batik.ext.awt.image.spi.ImageWriterParams;
import org.apache.batik.ext.awt.image.spi.ImageWriterRegistry;

/** Writes the small squares of hatching that an SVG holds, which the library for SVG leaves to others. */
final class PngOfSvg implements ImageWriter {
    private static final String TYPE = "image/png";

    private PngOfSvg() {}

    /** Makes it known to the library, once. */
    static void register() {
        ImageWriterRegistry registry = ImageWriterRegistry.getInstance();
        if (registry.getWriterFor(TYPE) == null) {
            registry.register(new PngOfSvg());
        }
    }

    @Override
    public void writeImage(RenderedImage image, OutputStream out) throws IOException {
        ImageIO.write(image, "png", out);
    }

    @Override
    public void writeImage(RenderedImage image, OutputStream out, ImageWriterParams params) throws IOException {
        writeImage(image, out);
    }

    @Override
    public String getMIMEType() {
        return TYPE;
    }
}
