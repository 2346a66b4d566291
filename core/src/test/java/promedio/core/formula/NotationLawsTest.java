package promedio.core.formula;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.InputSource;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.working.Working;

/** Every line of every working, in each of its notations, can be read by what such notations are made for. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class NotationLawsTest {
    static List<Sample> samples() {
        List<ClassInterval> classes = new ArrayList<>();
        int[] edges = {0, 10, 20, 40, 50};
        int[] frequencies = {3, 8, 8, 1};
        for (int i = 0; i < frequencies.length; i++) {
            classes.add(new ClassInterval(
                    edges[i] + "–" + edges[i + 1],
                    Optional.of(Exact.of(edges[i])),
                    Optional.of(Exact.of(edges[i + 1])),
                    Exact.of(frequencies[i]),
                    false,
                    i));
        }
        return List.of(
                Sample.of("-2", "0", "3.5", "3.5", "7", "12", "40"),
                Sample.of("1", "2", "3", "4", "4", "6", "9", "11"),
                Sample.frequencies(Decimals.of(1, -5, 15, 20), Decimals.of(0, 3, 4, 2), false),
                Sample.classes(ClassTable.of(classes, false, Exact.ONE)));
    }

    /** All lines of a sample's workings, exact and rounded. */
    private static List<Notation> lines(Sample sample) {
        List<Notation> lines = new ArrayList<>();
        for (CourseCard card :
                List.of(CourseCard.STANDARD, CourseCard.STANDARD.with(CardKey.WORKING, Optional.of(1)))) {
            for (Measure measure : Catalogue.of(sample).all()) {
                for (Measure.Method method : measure.methods(sample.shape())) {
                    Working working = new Working(method, sample, card);
                    working.lines().forEach(line -> lines.add(line.notation()));
                    working.columns().forEach(column -> lines.add(working.head(column)));
                }
            }
        }
        return lines;
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("samples")
    void latex_closes_what_it_opens(Sample sample) {
        for (Notation line : lines(sample)) {
            String latex = line.latex();
            assertCloses(latex.replace("\\{", "").replace("\\}", ""), '{', '}');
            assertThat(count(latex, "\\left")).as(latex).isEqualTo(count(latex, "\\right"));
            assertThat(latex).doesNotContain("√", "Σ", "²", "₁", "…", "−", "·");
        }
    }

    private static void assertCloses(String text, char open, char close) {
        int depth = 0;
        for (int i = 0; i < text.length(); i++) {
            depth += text.charAt(i) == open ? 1 : text.charAt(i) == close ? -1 : 0;
            assertThat(depth).as(text).isNotNegative();
        }
        assertThat(depth).as(text).isZero();
    }

    private static int count(String text, String part) {
        return text.split(java.util.regex.Pattern.quote(part), -1).length - 1;
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("samples")
    void mathml_is_well_formed_and_every_element_has_the_parts_it_needs(Sample sample) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setNamespaceAware(true);
        for (Notation line : lines(sample)) {
            Document document = factory.newDocumentBuilder().parse(new InputSource(new StringReader(line.mathMl())));
            assertThat(document.getDocumentElement().getLocalName()).isEqualTo("math");
            check(document.getDocumentElement(), line.mathMl());
        }
    }

    private static void check(Element element, String whole) {
        List<Element> parts = new ArrayList<>();
        for (Node child = element.getFirstChild(); child != null; child = child.getNextSibling()) {
            if (child instanceof Element part) {
                parts.add(part);
                check(part, whole);
            }
        }
        switch (element.getLocalName()) {
            case "mfrac", "msup", "msub", "mover" ->
                assertThat(parts)
                        .as("parts of %s in %s", element.getLocalName(), whole)
                        .hasSize(2);
            case "mi", "mn", "mo", "mtext" ->
                assertThat(element.getTextContent()).as(whole).isNotBlank();
            case "math", "mrow", "msqrt", "mstyle" ->
                assertThat(parts).as(whole).isNotEmpty();
            default -> throw new AssertionError("Nobody knows “" + element.getLocalName() + "”: " + whole);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("samples")
    void plain_text_closes_its_brackets_and_words_are_spoken_without_a_sign(Sample sample) {
        for (Notation line : lines(sample)) {
            String text = line.text();
            assertCloses(text, '(', ')');
            assertThat(text).doesNotContain("null", "\\", "()", "  ");
            assertThat(line.words())
                    .as(text)
                    .isNotBlank()
                    .doesNotContain("√", "Σ", "²", "³", "₁", "…", "−", "·", "≈", "=", "+", "(", ")", "|", "\\", "null");
        }
    }
}
