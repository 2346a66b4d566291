package promedio.core.answers;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.Task;
import promedio.core.assignment.Tasks;
import promedio.core.data.Entries;
import promedio.core.marking.Told;

/** By hand of 2, 3, 7: x̄ = 4, s² = 7, s = 2.65, σ² = 4.67. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class MarkedSetTest {
    private static final Assignment.Question MEAN = new Assignment.Question("s1", "mean");
    private static final Assignment.Question SD = new Assignment.Question("s1", "sd");
    private static final Assignment.Question VARIANCE = new Assignment.Question("s1", "variance");

    private static final Assignment ASSIGNMENT = Assignment.of(
                    "Sheet",
                    SampleSheet.list("s1", "Lamps", "min", Entries.of("2", "3", "7")),
                    SampleSheet.list("s2", "Radios", "min", Entries.of("1", "4")))
            .with(all -> all.tasks(new Tasks(
                    Optional.empty(),
                    List.of(
                            new Task(
                                    SD,
                                    "Find s of the lamps",
                                    Optional.of(1),
                                    Optional.of(new BigDecimal("2.50")),
                                    Optional.of(1)),
                            new Task(MEAN, "", Optional.empty(), Optional.of(BigDecimal.ONE), Optional.empty())))));

    private static Given given(String who, Assignment.Question question, String answer) {
        return new Given(who, question, answer, Optional.empty(), List.of());
    }

    private static final List<Given> GIVEN = List.of(
            given("Ada", MEAN, "4"),
            given("Ada", SD, "2.7"),
            given("Bo", SD, "7.0"),
            given("Bo", MEAN, "5"),
            given("Carla", SD, "7.00"),
            given("Carla", VARIANCE, "4.67"),
            given("Dinh", SD, "2.3"));

    private static MarkedSet marked(List<Given> given) {
        return new MarkedSet(
                ASSIGNMENT.tasks(),
                new SetMarker(ASSIGNMENT).mark(given, done -> true).orElseThrow());
    }

    @ParameterizedTest
    @CsvSource({
        "'', 1, sd",
        "'', Q2, mean",
        "'', 3, none",
        "'', find s  of the LAMPS, sd",
        "'', Standard deviation, sd",
        "'', x̄, mean",
        "'', variance-sample, variance",
        "'', Lamps: median, median",
        "Lamps, mean, mean",
        "Clocks, mean, none",
        "'', speed, none"
    })
    void a_question_is_known_by_number_text_key_name_and_symbol(String sample, String name, String measure) {
        Optional<Assignment.Question> found = new QuestionNames(ASSIGNMENT).find(sample, name, "s1");
        assertThat(found.map(Assignment.Question::measure).orElse("none")).isEqualTo(measure);
        assertThat(found.stream().allMatch(question -> question.sheetId().equals("s1")))
                .isTrue();
    }

    @Test
    void what_was_asked_of_one_sample_is_meant_though_another_is_usual() {
        QuestionNames names = new QuestionNames(ASSIGNMENT);
        assertThat(names.find("", "sd", "s2")).contains(SD);
        assertThat(names.find("", "median", "s2")).contains(new Assignment.Question("s2", "median"));
        assertThat(names.called(SD)).isEqualTo("Lamps: Standard deviation");
    }

    @Test
    void points_mistakes_and_difficulty_are_told_of_all() {
        MarkedSet set = marked(GIVEN);
        assertThat(set.students()).containsExactly("Ada", "Bo", "Carla", "Dinh");
        assertThat(set.questions()).containsExactly(SD, MEAN, VARIANCE);
        // Off by one unit of the place that is asked is granted.
        assertThat(set.students().stream().map(who -> Task.plain(set.points(who))))
                .containsExactly("3.5", "0", "0", "0");
        assertThat(Task.plain(set.allPoints())).isEqualTo("3.5");
        assertThat(set.misconceptions().get(0).slip()).isEqualTo("no-root");
        assertThat(set.misconceptions().get(0).who()).containsExactly("Bo", "Carla");
        assertThat(set.misconceptions().get(0).name()).hasToString("root not drawn");
        assertThat(set.misconceptions())
                .extracting(MarkedSet.Misconception::slip)
                .contains("other-divisor");
        assertThat(set.difficulties().get(0).right()).isZero();
        assertThat(set.note("Bo", new QuestionNames(ASSIGNMENT)))
                .startsWith("Bo\n0 of 3.5 points\n")
                .contains(
                        "1. Find s of the lamps · one decimal place · 2.5 points\n  7.0: a slip\n  It could be this: The root was not drawn.\n")
                .contains("Lamps: Variance\n  no answer\n");
    }

    @Test
    void marks_do_not_depend_on_the_order_of_answers_and_the_last_answer_counts() {
        List<Given> given = new ArrayList<>(GIVEN);
        List<String> first = verdicts(marked(given));
        for (int i = 0; i < 5; i++) {
            Collections.shuffle(given, new Random(i));
            assertThat(verdicts(marked(given))).containsExactlyInAnyOrderElementsOf(first);
        }
        given.add(given("Bo", MEAN, "4.00"));
        assertThat(Task.plain(marked(given).points("Bo"))).isEqualTo("1");
        assertThat(new SetMarker(ASSIGNMENT).mark(given, done -> done < 3))
                .as("stopped")
                .isEmpty();
    }

    private static List<String> verdicts(MarkedSet set) {
        return set.all().stream()
                .map(one -> one.given().who()
                        + one.given().question().measure()
                        + Told.of(one.verdict()).id())
                .toList();
    }
}
