package promedio.files.picture;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.batik.svggen.SVGGeneratorContext;
import org.apache.batik.svggen.SVGGraphics2D;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.StandardStructureTypes;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.files.AtomicFile;

/** Pictures as files, the same as on the screen; each has its title as text, and says in words what it shows. */
public final class PictureFiles {
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final double POINTS_PER_PIXEL = 0.75;
    private static final Pattern DOCTYPE = Pattern.compile("<!DOCTYPE[^>]*>\\s*");

    private final Drawing drawing;
    private final String alternative;
    private final String title;
    private final int width;
    private final int height;

    /**
     * Files of a drawing.
     *
     * @param alternative what it shows, in words
     * @param width in pixels, at 96 an inch
     * @param height in pixels
     */
    public PictureFiles(Drawing drawing, String alternative, int width, int height) {
        this.drawing = drawing;
        // No hidden character of a name makes a file that nobody can read.
        this.alternative = Visible.line(alternative);
        this.title = Visible.line(drawing.picture().title());
        this.width = width;
        this.height = height;
    }

    /** The formats of files. */
    public enum Format {
        /** Points of colour. */
        PNG,
        /** Lines and areas, for pages and further drawing. */
        SVG,
        /** Lines and areas, for printing. */
        PDF;

        /** The format that the end of a file’s name tells; empty where it tells none of them. */
        public static Optional<Format> of(String fileName) {
            String name = fileName.toLowerCase(Locale.ROOT);
            return Arrays.stream(values())
                    .filter(one -> name.endsWith(one.ending()))
                    .findFirst();
        }

        /** What names of such files end in. */
        public String ending() {
            return "." + name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * Writes a file; one that is there is replaced once the new one is whole.
     *
     * @param scale how many points of a PNG stand for a pixel in each direction
     * @throws IOException when it cannot be written
     */
    public void write(Path file, Format format, double scale) throws IOException {
        byte[] made = bytes(format, scale);
        AtomicFile.write(file, out -> out.write(made));
    }

    /** What should be known of a file of a format: whether points in it are not drawn one by one. */
    public Optional<Sentence> told(Format format) {
        return format != Format.PNG && MarksLayer.isOfManyPoints(drawing.picture())
                ? Optional.of(Sentence.of("picture.points-as-image"))
                : Optional.empty();
    }

    /** The contents of a file. @throws IOException when it cannot be made */
    public byte[] bytes(Format format, double scale) throws IOException {
        return switch (format) {
            case PNG -> png(scale);
            case SVG -> svg();
            case PDF -> pdf();
        };
    }

    /** The picture as points of colour. */
    public BufferedImage image(double scale) {
        BufferedImage image = new BufferedImage(
                (int) Math.round(width * scale), (int) Math.round(height * scale), BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.scale(scale, scale);
        drawing.draw(g, width, height);
        g.dispose();
        return image;
    }

    private byte[] png(double scale) throws IOException {
        BufferedImage image = image(scale);
        ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            IIOMetadata data = writer.getDefaultImageMetadata(new ImageTypeSpecifier(image), null);
            IIOMetadataNode words = new IIOMetadataNode("iTXt");
            words.appendChild(words("Title", title));
            words.appendChild(words("Description", alternative));
            IIOMetadataNode root = new IIOMetadataNode(data.getNativeMetadataFormatName());
            root.appendChild(words);
            data.mergeTree(data.getNativeMetadataFormatName(), root);
            writer.setOutput(out);
            writer.write(new IIOImage(image, null, data));
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    private static IIOMetadataNode words(String keyword, String text) {
        IIOMetadataNode node = new IIOMetadataNode("iTXtEntry");
        node.setAttribute("keyword", keyword);
        node.setAttribute("compressionFlag", "FALSE");
        node.setAttribute("compressionMethod", "0");
        node.setAttribute("languageTag", "en");
        node.setAttribute("translatedKeyword", "");
        node.setAttribute("text", text);
        return node;
    }

    private byte[] svg() throws IOException {
        Document document;
        try {
            document = DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .getDOMImplementation()
                    .createDocument(SVG, "svg", null);
        } catch (ParserConfigurationException never) {
            throw new IOException(never);
        }
        PngOfSvg.register();
        // Letters as outlines: no reader of the file needs the font.
        SVGGraphics2D g = new SVGGraphics2D(SVGGeneratorContext.createDefault(document), true);
        drawing.inOutlines().draw(g, width, height);
        Element root = g.getRoot();
        root.setAttribute("width", Integer.toString(width));
        root.setAttribute("height", Integer.toString(height));
        root.setAttribute("viewBox", "0 0 " + width + " " + height);
        root.setAttribute("role", "img");
        root.setAttribute("aria-labelledby", "title description");
        root.insertBefore(element(document, "desc", "description", alternative), root.getFirstChild());
        root.insertBefore(element(document, "title", "title", title), root.getFirstChild());
        StringWriter writer = new StringWriter();
        g.stream(root, writer, true, false);
        // The file stands for itself: no declaration that a reader might look up elsewhere.
        return DOCTYPE.matcher(writer.toString()).replaceFirst("").getBytes(StandardCharsets.UTF_8);
    }

    private static Element element(Document document, String name, String id, String text) {
        Element element = document.createElementNS(SVG, name);
        element.setAttribute("id", id);
        element.setTextContent(text);
        return element;
    }

    /** One page of the size of the picture; its letters can be selected, and it is tagged as a figure with its words. */
    private byte[] pdf() throws IOException {
        try (FontFiles fonts = new FontFiles();
                PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            float wide = (float) (width * POINTS_PER_PIXEL);
            float high = (float) (height * POINTS_PER_PIXEL);
            PDPage page = new PDPage(new PDRectangle(wide, high));
            document.addPage(page);
            document.getDocumentInformation().setTitle(title);
            document.getDocumentInformation().setSubject(alternative);
            document.getDocumentInformation().setCreator("Promedio");
            PdfBoxGraphics2D g = new PdfBoxGraphics2D(document, wide, high);
            g.setFontTextDrawer(fonts.drawer());
            g.scale(POINTS_PER_PIXEL, POINTS_PER_PIXEL);
            drawing.inOutlines().draw(g, width, height);
            g.dispose();
            PDStructureElement figure = tag(document, page);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.beginMarkedContent(COSName.getPDFName("Figure"), marked());
                content.drawForm(g.getXFormObject());
                content.endMarkedContent();
            }
            figure.appendKid(0);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static PDPropertyList marked() {
        PDPropertyList marked = PDPropertyList.create(new org.apache.pdfbox.cos.COSDictionary());
        marked.getCOSObject().setInt(COSName.MCID, 0);
        return marked;
    }

    private PDStructureElement tag(PDDocument document, PDPage page) {
        PDStructureTreeRoot tree = new PDStructureTreeRoot();
        document.getDocumentCatalog().setStructureTreeRoot(tree);
        document.getDocumentCatalog().setLanguage("en");
        PDMarkInfo info = new PDMarkInfo();
        info.setMarked(true);
        document.getDocumentCatalog().setMarkInfo(info);
        PDViewerPreferences shown = new PDViewerPreferences(new org.apache.pdfbox.cos.COSDictionary());
        shown.setDisplayDocTitle(true);
        document.getDocumentCatalog().setViewerPreferences(shown);
        PDStructureElement whole = new PDStructureElement(StandardStructureTypes.DOCUMENT, tree);
        tree.appendKid(whole);
        PDStructureElement figure = new PDStructureElement(StandardStructureTypes.Figure, whole);
        figure.setPage(page);
        figure.setTitle(title);
        figure.setAlternateDescription(alternative);
        whole.appendKid(figure);
        return figure;
    }
}
