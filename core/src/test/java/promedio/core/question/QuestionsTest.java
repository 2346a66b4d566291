package promedio.core.question;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.course.CourseCard;
import promedio.core.pasted.Found;
import promedio.core.pasted.Pasted;
import promedio.core.question.PrintedQuestion.Wanted;
import promedio.core.sample.SampleKind.Use;

/** Questions as they are printed, each above what must be read in it: questions.txt. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class QuestionsTest {
    /** @param expected a line each, as they stand behind the arrows */
    private record Block(String name, String text, List<String> expected) {
        @Override
        public String toString() {
            return name;
        }
    }

    static Stream<Block> blocks() throws IOException {
        try (InputStream in = QuestionsTest.class.getResourceAsStream("questions.txt")) {
            String all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return Stream.of(all.split("(?m)^### ", -1)).skip(1).map(QuestionsTest::block);
        }
    }

    private static Block block(String text) {
        List<String> lines = text.lines().skip(1).toList();
        return new Block(
                text.lines().findFirst().orElseThrow(),
                lines.stream().filter(line -> !line.startsWith("=> ")).collect(Collectors.joining("\n")),
                lines.stream()
                        .filter(line -> line.startsWith("=> "))
                        .map(line -> line.substring(3))
                        .toList());
    }

    private static List<PrintedQuestion> read(String text) {
        return QuestionReader.read(text, CourseCard.STANDARD);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("blocks")
    void is_read_as_it_is_meant(Block block) {
        List<PrintedQuestion> questions = new ArrayList<>(read(block.text()));
        for (String expected : block.expected()) {
            if (expected.equals("next")) {
                questions.remove(0);
                continue;
            }
            String what = expected.substring(0, expected.indexOf(' '));
            String value = expected.substring(expected.indexOf(' ') + 1);
            PrintedQuestion question = questions.get(0);
            if (what.equals("told")) {
                assertThat(question.told()).extracting(Object::toString).contains(value);
            } else {
                assertThat(said(question, what)).as(what).isEqualTo(value);
            }
        }
    }

    private static String said(PrintedQuestion question, String what) {
        return switch (what) {
            case "asks" ->
                question.asked().isEmpty() ? "nothing" : of(question, wanted -> Optional.of(wanted.measure()));
            case "places" -> of(question, Wanted::places);
            case "figures" -> of(question, Wanted::figures);
            case "methods" -> of(question, Wanted::method);
            case "parts" -> of(question, Wanted::part);
            case "number" -> question.number().orElse("none");
            case "open" -> String.join(" | ", question.open());
            case "given" ->
                question.given().entrySet().stream()
                        .map(one -> one.getKey() + " " + one.getValue())
                        .collect(Collectors.joining(", "));
            case "data" ->
                question.samples().isEmpty()
                        ? "none"
                        : question.samples().stream()
                                .map(QuestionsTest::written)
                                .collect(Collectors.joining(" & "));
            default -> throw new IllegalArgumentException(what);
        };
    }

    private static String of(PrintedQuestion question, Function<Wanted, Optional<?>> what) {
        return question.asked().stream()
                .map(wanted -> what.apply(wanted).map(Object::toString).orElse("-"))
                .collect(Collectors.joining(", "));
    }

    private static String written(Found found) {
        if (found.kind().can(Use.GIVEN)) {
            return found.kind().id() + ": "
                    + IntStream.range(0, found.size())
                            .mapToObj(row -> found.columns().get(0).text(row) + " "
                                    + found.columns().get(1).text(row))
                            .collect(Collectors.joining(", "));
        }
        boolean pairs = found.kind().can(Use.VARIABLES);
        String head = found.kind().id()
                + (pairs || found.name().isEmpty() ? "" : " " + found.name())
                + (pairs || found.unit().isEmpty() ? "" : " [" + found.unit() + "]") + ": ";
        if (pairs) {
            return head
                    + IntStream.range(0, found.size())
                            .mapToObj(row -> found.columns().get(0).text(row) + " "
                                    + found.columns().get(1).text(row))
                            .collect(Collectors.joining(" | "));
        }
        return head
                + found.columns().stream()
                        .map(column -> column.texts().stream()
                                .map(cell -> cell.replaceAll("(?<=[0-9])\\s*[-–]\\s*(?=[0-9])", "-"))
                                .collect(Collectors.joining(" ")))
                        .collect(Collectors.joining(" | "));
    }

    /** A sentence that asks nothing changes nothing, and neither do other numbers. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("blocks")
    void what_asks_nothing_changes_nothing(Block block) {
        PrintedQuestion before = read(block.text()).get(0);
        if (before.asked().isEmpty()
                || before.number().isPresent()
                || read(block.text()).size() > 1) {
            return;
        }
        String more = "The repair café opens at seven on Fridays.\n\n" + block.text();
        PrintedQuestion after = read(more).get(0);
        assertThat(after.asked()).isEqualTo(before.asked());
        assertThat(after.samples()).isEqualTo(before.samples());
    }

    @Test
    void the_data_of_a_question_are_what_a_paste_of_them_alone_is() {
        Map<String, String> data = Map.of(
                "0-10\t4\n10-20\t9\n20-30\t2", "Find the mean of these classes.\n",
                "x: 1 2 3\nf: 4 5 6", "Work out the median.\n",
                "4, 8, 9.5, 12", "Determine the range of the following values:\n");
        data.forEach((numbers, words) -> assertThat(read(words + numbers).get(0).samples())
                .isEqualTo(Pasted.read(numbers, CourseCard.STANDARD.numerals())
                        .get(0)
                        .samples()));
    }

    /** Very long ones of every shape: none goes deeper with each number, or looks back over everything for each. */
    @Test
    void texts_of_any_length_are_read_to_their_end() {
        String numbers = IntStream.range(0, 20_000).mapToObj(Integer::toString).collect(Collectors.joining(", "));
        List<String> texts = List.of(
                "The values are " + numbers + ". Find the mean.",
                "Find the mean.\n" + numbers + "\nTotal: 45\n",
                "a: ".repeat(30_000) + "\nFind the mean of 1, 2, 3.",
                "Find the " + "mean and ".repeat(20_000) + "mean of 3, 4, 5.",
                "On some day the counts were 3, 4, 5 and 9. ".repeat(10_000) + "Find the mean.");
        for (String text : texts) {
            List<PrintedQuestion> questions =
                    assertTimeoutPreemptively(Duration.ofSeconds(20), () -> read(text), text.substring(0, 20));
            assertThat(questions.get(0).asked())
                    .as(text.substring(0, 20))
                    .extracting(Wanted::measure)
                    .contains("mean");
        }
    }

    /** Ten thousand lines of prose are read in the time that their length asks for. */
    @Test
    void long_prose_is_read_in_a_moment() {
        String prose = "The ledger of the café says nothing about lamps, and so it goes on. ".repeat(10_000);
        PrintedQuestion question =
                assertTimeoutPreemptively(Duration.ofSeconds(20), () -> read(prose + "\nFind the mean of 3, 5 and 7.")
                        .get(0));
        assertThat(question.asked()).extracting(Wanted::measure).containsExactly("mean");
    }
}
