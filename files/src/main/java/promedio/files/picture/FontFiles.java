package promedio.files.picture;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2DFontTextDrawer;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The fonts of pictures as files, which a PDF takes them from: they are gone when it is written. */
final class FontFiles implements AutoCloseable {
    private final PdfBoxGraphics2DFontTextDrawer drawer = new PdfBoxGraphics2DFontTextDrawer();
    private final List<Path> copies = new ArrayList<>();

    FontFiles() throws IOException {
        for (boolean heavy : new boolean[] {false, true}) {
            Path copy = Files.createTempFile("promedio", ".ttf");
            copies.add(copy);
            try (InputStream in = Look.fontFile(heavy)) {
                Files.write(copy, in.readAllBytes());
                drawer.registerFont(copy.toFile());
            } catch (IOException full) {
                close();
                throw full;
            }
        }
    }

    PdfBoxGraphics2DFontTextDrawer drawer() {
        return drawer;
    }

    @Override
    public void close() throws IOException {
        for (Path copy : copies) {
            Files.deleteIfExists(copy);
        }
    }
}
