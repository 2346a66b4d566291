package promedio.desktop.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Interpretation;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.TablePage;

/** Every key that the program can ask for has a text, and every text can be asked for. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WordsTest {
    private static final ResourceBundle OF_CORE =
            ResourceBundle.getBundle("promedio.core.sentence.sentences", Locale.ROOT);
    private static final ResourceBundle OF_WINDOW =
            ResourceBundle.getBundle("promedio.desktop.text.words", Locale.ROOT);
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"");
    private static final Pattern CONSTANT = Pattern.compile("\\b[A-Z][A-Z0-9_]+\\b");

    private static final Set<String> LITERALS = new TreeSet<>();
    private static final Set<String> CONSTANTS = new TreeSet<>();

    @BeforeAll
    static void read_the_program() throws IOException {
        for (String module : List.of("core", "files", "desktop")) {
            try (Stream<Path> files = Files.walk(Path.of("..", module, "src", "main", "java"))) {
                for (Path file :
                        files.filter(path -> path.toString().endsWith(".java")).toList()) {
                    String text = Files.readString(file);
                    LITERAL.matcher(text).results().map(match -> match.group(1)).forEach(LITERALS::add);
                    CONSTANT.matcher(text).results().map(MatchResult::group).forEach(CONSTANTS::add);
                }
            }
        }
    }

    private static Stream<String> keys() {
        return Stream.concat(OF_CORE.keySet().stream(), OF_WINDOW.keySet().stream());
    }

    @Test
    void no_text_is_left_over() {
        List<String> unused = keys().filter(key -> !LITERALS.contains(key) && !canBePutTogether(key))
                .sorted()
                .toList();
        assertThat(unused).isEmpty();
    }

    @Test
    void no_key_stands_twice() throws Exception {
        for (String bundle :
                List.of("/promedio/desktop/text/words.properties", "/promedio/core/sentence/sentences.properties")) {
            try (var in = WordsTest.class.getResourceAsStream(bundle)) {
                assertThat(new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8)
                                .lines()
                                .filter(line -> line.indexOf('=') > 0 && !line.startsWith("#"))
                                .map(line -> line.substring(0, line.indexOf('='))))
                        .as(bundle)
                        .doesNotHaveDuplicates();
            }
        }
    }

    /** Whether a key is a beginning that stands in the program, followed by words of the program: {@code edit.} and {@code switch-on}. */
    private static boolean canBePutTogether(String key) {
        return LITERALS.stream()
                .filter(begin -> key.startsWith(begin))
                .filter(begin -> begin.endsWith(".") || key.startsWith(".", begin.length()))
                .anyMatch(begin -> isOfTheProgram(key.substring(begin.length())));
    }

    private static boolean isOfTheProgram(String rest) {
        boolean[] reached = new boolean[rest.length() + 1];
        reached[0] = true;
        for (int from = 0; from < rest.length(); from++) {
            for (int to = from + 1; reached[from] && to <= rest.length(); to++) {
                String word = rest.substring(from, to);
                // Ids of choices are often their names in small letters.
                boolean known = LITERALS.contains(word)
                        || CONSTANTS.contains(word)
                        || CONSTANTS.contains(word.toUpperCase(Locale.ROOT).replace('-', '_'))
                        || word.matches("\\d+|-");
                reached[to] |= known;
            }
        }
        return reached[rest.length()];
    }

    @Test
    void every_key_that_stands_in_the_program_has_a_text() {
        Set<String> families =
                keys().map(key -> key.substring(0, key.indexOf('.') + 1)).collect(Collectors.toSet());
        List<String> missing = LITERALS.stream()
                .filter(literal -> literal.matches("[a-z-]+(\\.[a-zA-Z0-9_-]+)+"))
                .filter(literal -> families.contains(literal.substring(0, literal.indexOf('.') + 1)))
                .filter(literal -> keys().noneMatch(literal::equals))
                .toList();
        assertThat(missing).isEmpty();
    }

    @Test
    void every_choice_of_the_card_has_its_words() {
        for (CardKey<?> key : CardKey.all()) {
            assertThat(OF_CORE.containsKey("card." + key.id())).as(key.id()).isTrue();
            choices(key);
            assertThat(OF_WINDOW.containsKey("card.subject." + key.subject())).isTrue();
        }
    }

    private static <T> void choices(CardKey<T> key) {
        key.choices().forEach(choice -> assertThat(
                        CourseCard.wordsOf(key, key.idOf(choice)).toString())
                .isNotBlank());
    }

    private static List<CourseCard> cards() {
        List<CourseCard> cards = new ArrayList<>();
        CardKey.all().forEach(key -> each(key, cards));
        return cards;
    }

    private static <T> void each(CardKey<T> key, List<CourseCard> cards) {
        key.choices().forEach(choice -> cards.add(CourseCard.STANDARD.with(key, choice)));
    }

    private static final List<Sample> SAMPLES = List.of(
            Sample.of("2", "4", "4", "7", "9", "12", "15"),
            Sample.of("1", "2", "9", "9", "3.5", "2"),
            Sample.of("9", "8", "8", "1"),
            Sample.of("5"),
            Sample.of("-5", "0"),
            Sample.pairs(Decimals.of(0, 1, 2, 3, 5), Decimals.of(0, 2, 3, 5, 4)),
            Sample.pairs(Decimals.of(0, 1, 2, 3, 5), Decimals.of(0, 9, 7, 7, 4)),
            Sample.pairs(Decimals.of(0, 1, 2, 3), Decimals.of(0, 4, 1, 4)),
            Sample.pairs(Decimals.of(0, 1, 1, 1), Decimals.of(0, 4, 1, 4)),
            Sample.pairs(Decimals.of(0, 1), Decimals.of(0, 4)),
            Sample.frequencies(Decimals.of(0, 1, 2), Decimals.of(2, 25, 75), true),
            Sample.classes(ClassTable.of(
                    List.of(one("0-10", 0, 3, Optional.of(10L), 0), one("10-20", 10, 5, Optional.of(20L), 1)),
                    false,
                    Exact.ONE)),
            Sample.classes(ClassTable.of(
                    List.of(one("0-10", 0, 3, Optional.of(10L), 0), one("10 and over", 10, 5, Optional.empty(), 1)),
                    false,
                    Exact.ONE)));

    private static ClassInterval one(String label, long from, long frequency, Optional<Long> to, int entry) {
        return new ClassInterval(
                label, Optional.of(Exact.of(from)), to.map(Exact::of), Exact.of(frequency), false, entry);
    }

    @Test
    void every_measure_has_a_label_a_note_a_meaning_a_source_and_named_methods() {
        List<CourseCard> cards = cards();
        for (Sample sample : SAMPLES) {
            Set<Measure> measures =
                    new java.util.LinkedHashSet<>(Catalogue.of(sample).all());
            cards.forEach(card -> measures.addAll(Catalogue.of(sample).page(card)));
            for (String key : List.of(
                    "percentile-37",
                    "quantile/0.3",
                    "z-score=4",
                    "percentile-rank=4",
                    "fitted=2",
                    "fitted=99",
                    "interval-lower=0.95",
                    "interval-upper=0.9",
                    "t=4",
                    "p=4",
                    "p-greater=4",
                    "p-less=4")) {
                Catalogue.of(sample).find(key, CourseCard.STANDARD).ifPresent(measures::add);
            }
            for (Measure measure : measures) {
                Outcome outcome = measure.outcome(Evaluation.of(sample));
                assertThat(measure.label().toString()).isNotBlank();
                assertThat(Sentence.of("source." + measure.traits().source()).toString())
                        .isNotBlank();
                assertThat(OF_WINDOW.containsKey("group." + measure.traits().group()))
                        .isTrue();
                measure.traits()
                        .needs()
                        .forEach(need -> assertThat(need.otherwise().toString()).endsWith("."));
                measure.methods(sample.shape()).forEach(method -> assertThat(
                                Sentence.of("method." + method.id()).toString())
                        .isNotBlank());
                measure.because(sample.shape())
                        .ifPresent(why -> assertThat(why.toString()).isNotBlank());
                outcome.whyUndefined()
                        .ifPresent(why -> assertThat(why.toString()).endsWith("."));
                if (!outcome.figures().isEmpty()) {
                    assertThat(measure.note(sample, outcome).toString())
                            .as(measure.key())
                            .isNotNull();
                    assertThat(measure.meaning(outcome, "7 min", sample.count()).toString())
                            .as(measure.key())
                            .endsWith(".");
                }
            }
        }
    }

    @Test
    void every_state_and_page_that_is_named_has_its_words() {
        for (Interpretation.Status status : Interpretation.Status.values()) {
            // An open frequency leaves nothing out: everything waits for it.
            boolean counts = status == Interpretation.Status.NUMBER || status == Interpretation.Status.OPEN_FREQUENCY;
            if (!counts) {
                assertThat(OF_CORE.containsKey("left-out." + status + ".one")).isTrue();
                assertThat(OF_CORE.containsKey("left-out." + status + ".many")).isTrue();
            }
        }
        assertThat(Arrays.stream(Page.values())).allMatch(page -> OF_WINDOW.containsKey("page." + page));
        assertThat(Arrays.stream(TablePage.values())).allMatch(page -> OF_WINDOW.containsKey("page." + page));
    }
}
