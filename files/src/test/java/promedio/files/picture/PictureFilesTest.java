package promedio.files.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.w3c.dom.Document;
import org.w3c.dom.NodeList;
import promedio.core.course.CourseCard;
import promedio.core.number.Decimals;
import promedio.core.picture.Mark;
import promedio.core.picture.Named;
import promedio.core.picture.Picture;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Pictures;
import promedio.core.picture.Setting;
import promedio.core.picture.Subject;
import promedio.core.picture.Wish;
import promedio.core.sample.Sample;
import promedio.core.sentence.Visible;
import promedio.core.working.FigureText;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PictureFilesTest {
    static {
        System.setProperty("java.awt.headless", "true");
    }

    private static final FigureText TEXT = new FigureText(CourseCard.STANDARD, 0);

    private static Picture picture(PictureKind kind) {
        Subject subject =
                switch (kind) {
                    case BARS ->
                        new Subject.Categories(
                                "Kind", "Bench", List.of("Lamp"), List.of("Oak", "Elm"), List.of(List.of(3L, 4L)));
                    case SCATTER ->
                        new Subject.Pairs(
                                "x",
                                "y",
                                "",
                                List.of(new Subject.Pairs.Group("", Decimals.of(0, 1, 2, 3), Decimals.of(0, 5, 7, 6))));
                    default ->
                        new Subject.Samples(new Named(
                                "Minutes <b> & more\u0001\u202e",
                                "min",
                                Sample.of("12", "15", "15", "18", "20", "31", "75"),
                                Optional.empty()));
                };
        return Pictures.of(
                        subject,
                        Wish.of(kind)
                                .with(Setting.CAPTION, "Made up")
                                .with(Setting.TITLE, kind == PictureKind.DOTS ? "Odd \u0001 one" : ""),
                        CourseCard.STANDARD)
                .picture()
                .orElseThrow();
    }

    private static PictureFiles files(PictureKind kind, Look look) {
        return new PictureFiles(new Drawing(picture(kind), look, TEXT), "What it shows, in words.", 640, 400);
    }

    @ParameterizedTest
    @EnumSource(PictureKind.class)
    void an_svg_is_well_formed_has_its_words_and_refers_to_nothing_outside(PictureKind kind) throws Exception {
        byte[] bytes = files(kind, Look.PRINT).bytes(PictureFiles.Format.SVG, 1);
        String text = new String(bytes, StandardCharsets.UTF_8);
        Document document =
                DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new ByteArrayInputStream(bytes));
        assertThat(document.getElementsByTagName("title").item(0).getTextContent())
                .isEqualTo(Visible.line(picture(kind).title()));
        assertThat(document.getElementsByTagName("desc").item(0).getTextContent())
                .isEqualTo("What it shows, in words.");
        assertThat(text).doesNotContain("DOCTYPE").doesNotContain("<text");
        NodeList all = document.getElementsByTagName("*");
        List<String> links = IntStream.range(0, all.getLength())
                .mapToObj(i -> all.item(i).getAttributes().getNamedItem("xlink:href"))
                .filter(java.util.Objects::nonNull)
                .map(link -> link.getNodeValue())
                .filter(link -> !link.startsWith("data:") && !link.startsWith("#"))
                .toList();
        assertThat(links).isEmpty();
        assertThat(document.getElementsByTagName("path").getLength()).isGreaterThan(5);
    }

    @Test
    void very_many_points_are_one_image_where_each_would_be_a_shape() throws Exception {
        java.util.Random random = new java.util.Random(5);
        Decimals.Builder x = new Decimals.Builder(30_000);
        Decimals.Builder y = new Decimals.Builder(30_000);
        for (int i = 0; i < 30_000; i++) {
            x.add(random.nextInt(10_000), 2);
            y.add(random.nextInt(10_000), 2);
        }
        Picture many = Pictures.of(
                        new Subject.Pairs("x", "y", "", List.of(new Subject.Pairs.Group("", x.build(), y.build()))),
                        Wish.of(PictureKind.SCATTER),
                        CourseCard.STANDARD)
                .picture()
                .orElseThrow();
        PictureFiles files = new PictureFiles(new Drawing(many, Look.PAPER, TEXT), "What it shows.", 640, 400);
        for (PictureFiles.Format format : List.of(PictureFiles.Format.SVG, PictureFiles.Format.PDF)) {
            assertThat(files.bytes(format, 1).length).as("%s", format).isLessThan(2_000_000);
            assertThat(files.told(format)).isPresent();
        }
        assertThat(new String(files.bytes(PictureFiles.Format.SVG, 1), StandardCharsets.UTF_8))
                .contains("data:image/png;base64");
        assertThat(files.told(PictureFiles.Format.PNG)).isEmpty();
    }

    @Test
    void a_pdf_is_tagged_and_its_letters_can_be_selected() throws Exception {
        byte[] bytes = files(PictureKind.HISTOGRAM, Look.PAPER).bytes(PictureFiles.Format.PDF, 1);
        try (PDDocument document = Loader.loadPDF(bytes)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Histogram of Minutes")
                    .contains("Made up");
            assertThat(document.getDocumentInformation().getTitle()).startsWith("Histogram of Minutes");
            assertThat(document.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
        }
    }

    @Test
    void a_png_has_the_size_asked_for_and_its_words() throws Exception {
        byte[] bytes = files(PictureKind.BOXES, Look.SLATE).bytes(PictureFiles.Format.PNG, 2);
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(bytes));
        assertThat(image.getWidth()).isEqualTo(1280);
        assertThat(image.getHeight()).isEqualTo(800);
        assertThat(new String(bytes, StandardCharsets.UTF_8)).contains("Title").contains("What it shows, in words.");
    }

    @Test
    void what_stands_at_a_place_is_found_again() {
        Picture picture = picture(PictureKind.HISTOGRAM);
        BufferedImage image = new BufferedImage(640, 400, BufferedImage.TYPE_INT_ARGB);
        Placed placed = new Drawing(picture, Look.PAPER, TEXT).draw(image.createGraphics(), 640, 400);
        for (Mark mark : picture.marks()) {
            if (mark instanceof Mark.Area bar && bar.top() > 0) {
                double x = placed.x((bar.left() + bar.right()) / 2);
                double y = placed.y(bar.top() / 2);
                assertThat(placed.part(x, y)).contains(bar.part());
                assertThat(image.getRGB((int) x, (int) y))
                        .isNotEqualTo(image.getRGB((int) x, (int) placed.y(bar.top()) - 6));
                // The edges of a bar fall on its boundaries: a line is drawn there.
                assertThat(placed.valueAt(placed.x(bar.left())))
                        .isCloseTo(bar.left(), org.assertj.core.data.Offset.offset(1e-9));
            }
        }
        assertThat(placed.spot(40, 14)).contains(Placed.Spot.TITLE);
        assertThat(placed.spot(320, 395)).contains(Placed.Spot.CAPTION);
    }
}
