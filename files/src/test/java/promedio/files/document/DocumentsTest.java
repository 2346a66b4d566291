package promedio.files.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import javax.xml.parsers.DocumentBuilderFactory;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.data.Guarded;
import promedio.core.document.Block;
import promedio.core.document.Document;
import promedio.core.document.Phrase;
import promedio.core.formula.Evaluation;
import promedio.core.marking.Mark;
import promedio.core.measure.Catalogue;
import promedio.core.measure.MeasuredIn;
import promedio.core.picture.Named;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Pictures;
import promedio.core.picture.Subject;
import promedio.core.picture.ToPlot;
import promedio.core.picture.Wish;
import promedio.core.report.MeasureLine;
import promedio.core.report.MeasuresReport;
import promedio.core.report.PictureReport;
import promedio.core.report.WorkingReport;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;
import promedio.core.working.Working;

/** Documents made of what is shown, and what their writers make of them; HTML is read by a parser that knows none of this. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class DocumentsTest {
    static {
        System.setProperty("java.awt.headless", "true");
    }

    private static final CourseCard CARD = CourseCard.STANDARD;
    private static final Sample SAMPLE = Sample.of("2", "3", "7");
    private static final FigureText TEXT = new FigureText(CARD, 0);
    private static final TabbedText TABBED = TabbedText.guarded(Sentence::toString);
    private static final HtmlText HTML = new HtmlText(Sentence::toString);

    private static MeasureLine line(String measure) {
        var found = Catalogue.of(SAMPLE).find(measure, CARD).orElseThrow();
        return MeasureLine.of(found, found.outcome(Evaluation.of(SAMPLE)), SAMPLE, CARD, TEXT, MeasuredIn.of("min"));
    }

    private static Working working(String measure) {
        var found = Catalogue.of(SAMPLE).find(measure, CARD).orElseThrow();
        return new Working(found.methods(SAMPLE.shape()).get(0), SAMPLE, CARD);
    }

    private static Element parsed(String fragment) throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader("<all>" + fragment + "</all>")))
                .getDocumentElement();
    }

    /** s² of 2, 3, 7 is 14/2 = 7, by hand. */
    @Test
    void a_working_is_its_lines_with_the_unit_at_the_end_and_its_table_with_totals() throws Exception {
        Document document = WorkingReport.of(working("variance"), "min²");
        assertThat(TABBED.of(document).lines())
                .contains("2\t−2\t4", "3\t−1\t1", "7\t3\t9")
                .endsWith("12\t0\t14")
                .anyMatch(line -> line.startsWith("s² = ") && line.endsWith(" = 7.00 min²"));
        Element html = parsed(HTML.fragment(document));
        assertThat(html.getElementsByTagName("math").getLength()).isGreaterThan(4);
        assertThat(html.getElementsByTagName("tfoot").item(0).getTextContent()).isEqualTo("12014");
        CourseCard rounded = CARD.with(CardKey.WORKING, Optional.of(1));
        Document roughly = WorkingReport.of(
                new Working(
                        Catalogue.lists()
                                .find("sd", rounded)
                                .orElseThrow()
                                .methods(SAMPLE.shape())
                                .get(0),
                        Sample.of("2", "3", "8"),
                        rounded),
                "min");
        assertThat(TABBED.of(roughly))
                .as("what exact working has stands behind rounded lines: 13/3 is 4.333…")
                .containsPattern("≈ 4[.]3 \\(exactly 4[.]33+…\\)\n");
    }

    @Test
    void measures_are_rows_and_one_without_a_value_says_so() {
        Document measures = MeasuresReport.of("Lamps", List.of(line("mean"), line("mode"), line("variance")));
        assertThat(TABBED.of(measures))
                .isEqualTo("Mean\tx\u0304\t4.00\tmin\nMode\tMo\tnone\t\nVariance\ts²\t7.00\tmin²\n");
        assertThat(HTML.fragment(measures)).contains("<caption>Lamps</caption>").contains("<td>none</td>");
        assertThat(line("mode").meaning(TEXT, SAMPLE.count())).isEmpty();
        assertThat(line("mean").meaning(TEXT, SAMPLE.count()))
                .singleElement()
                .asString()
                .contains("4.00\u00a0min");
    }

    @Test
    void pictures_stand_in_a_page_of_their_own_each_under_its_own_names() throws Exception {
        Subject subject = new Subject.Samples(
                new Named("Lamps <b>", "min", Sample.of("12", "15", "15", "18", "20", "31", "75"), Optional.empty()));
        List<Block> blocks = new ArrayList<>(List.of(new Block.Heading(1, Phrase.of("Sheet & more"))));
        for (PictureKind kind : List.of(PictureKind.DOTS, PictureKind.BOXES)) {
            var picture = Pictures.of(subject, Wish.of(kind), CARD).picture().orElseThrow();
            blocks.add(new Block.PageBreak());
            blocks.addAll(PictureReport.of(picture, TEXT, 640, 400).blocks());
            blocks.addAll(PictureReport.of(ToPlot.of(picture, TEXT)).blocks());
        }
        String page = HTML.page("Sheet & more", Locale.ENGLISH, new Document(blocks));
        Element body = parsed(page.substring(page.indexOf("<body>"), page.indexOf("</html>")));
        NodeList all = body.getElementsByTagName("*");
        List<String> ids = IntStream.range(0, all.getLength())
                .mapToObj(i -> ((Element) all.item(i)).getAttribute("id"))
                .filter(id -> id.startsWith("title") || id.startsWith("description"))
                .toList();
        assertThat(ids).hasSize(4).doesNotHaveDuplicates();
        assertThat(body.getElementsByTagName("figure").getLength()).isEqualTo(2);
        assertThat(((Element) body.getElementsByTagName("figure").item(1)).getAttribute("class"))
                .isEqualTo("new-page");
        assertThat(body.getElementsByTagName("thead").getLength()).isEqualTo(2);
        assertThat(page)
                .startsWith("<!DOCTYPE html>")
                .contains("<html lang=\"en\">")
                .contains("Sheet &amp; more");
        assertThat(TABBED.of(new Document(blocks)))
                .as("told in words")
                .contains("75")
                .contains("\f");
    }

    @Test
    void a_mark_is_a_line_with_what_is_to_be_said_of_it() {
        Mark mark = new Mark(
                Mark.Kind.DIFFERS,
                Sentence.of("mark.differs"),
                List.of(Sentence.of("mark.agrees.beyond")),
                Optional.empty(),
                Optional.empty());
        Document document = Document.of(
                new Block.Marked("Ada\u202e\nBo", Phrase.of("mean"), "=5", mark),
                new Block.Marked("", Phrase.of("sd"), "2", mark));
        List<String> console =
                new ConsoleText(Sentence::toString).of(document).lines().toList();
        assertThat(console).hasSize(4);
        assertThat(console.get(0)).matches("Ada.* Bo: mean {20} =5 {12} " + Sentence.of("mark.differs"));
        assertThat(console.get(1)).startsWith("    ").doesNotContain("\u202e");
        assertThat(console.get(2)).matches("sd {22} 2 {13} .*");
        assertThat(TABBED.of(document).lines()).hasSize(3);
    }

    /** Whatever stands in cells: as many rows and cells come out of each format as went in, and none computes elsewhere. */
    @Property(tries = 300)
    void cells_of_any_text_stay_cells(@ForAll @Size(min = 1, max = 12) List<String> texts) throws Exception {
        List<List<String>> rows = List.of(texts, texts);
        Document table = Document.table(rows);
        String tabbed = TABBED.of(table);
        List<String> lines = List.of(tabbed.substring(0, tabbed.length() - 1).split("\n", -1));
        assertThat(lines).hasSize(2).allMatch(line -> line.split("\t", -1).length == texts.size());
        assertThat(lines.get(0).split("\t", -1)).noneMatch(Guarded::isFormula);
        Element html = parsed(HTML.fragment(table));
        NodeList cells = html.getElementsByTagName("td");
        assertThat(cells.getLength()).isEqualTo(2 * texts.size());
        for (int i = 0; i < texts.size(); i++) {
            assertThat(cells.item(i).getTextContent())
                    .satisfies(cell -> assertThat(Guarded.isFormula(cell)).isFalse());
        }
    }
}
