package promedio.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.course.CourseCard;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.picture.Named;
import promedio.core.picture.Subjects;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ComparisonTest {
    private static final CourseCard CARD = CourseCard.STANDARD;

    private static Named named(String name, String unit, String... values) {
        return new Named(name, unit, Sample.of(values), Optional.empty());
    }

    private static List<String> says(Named... samples) {
        Comparison comparison = Comparison.of(List.of(samples), CARD);
        return Contrast.of(comparison, 0, 1, CARD, new FigureText(CARD, 0)).stream()
                .map(Sentence::toString)
                .toList();
    }

    /** Both have mean 10 and half of their values within 1 of the median; Σ(x − 10)² is 4 and 166, over 6. */
    @Test
    void spreads_are_alike_only_where_the_standard_deviations_are_too() {
        assertThat(says(
                        named("A", "min", "9", "9", "10", "11", "11", "10", "10"),
                        named("B", "min", "9", "9", "10", "11", "11", "1", "19")))
                .first()
                .asString()
                .endsWith("values far out make the SD of A 0.82\u00a0min and that of B 5.26\u00a0min.");
    }

    @Test
    void no_coefficient_of_variation_speaks_where_0_is_no_nothing() {
        assertThat(says(named("A", "g", "-3", "1", "8"), named("B", "g", "2", "3", "4"))
                        .get(1))
                .startsWith("Values of A lie on both sides of 0");
        assertThat(says(named("A", "°C", "3", "1", "8"), named("B", "°C", "2", "3", "4"))
                        .get(1))
                .startsWith("0 °C is a place on the scale");
    }

    @Test
    void each_line_has_its_largest_its_smallest_and_what_two_differ_by() {
        Comparison comparison = Comparison.of(
                List.of(
                        named("A", "min", "2", "4", "6"),
                        named("B", "min", "1", "1", "10"),
                        named("C", "min", "4", "4", "4")),
                CARD);
        Comparison.Line mean = comparison.line("mean").orElseThrow();
        assertThat(mean.largest()).as("4, 4 and 4").isEmpty();
        Comparison.Line median = comparison.line("median").orElseThrow();
        assertThat(median.largest()).containsExactlyInAnyOrder(0, 2);
        assertThat(median.smallest()).containsExactly(1);
        assertThat(median.difference(0, 1)).contains(Exact.of(3));
        assertThat(median.ratio(0, 1)).contains(Exact.of(4));
        Comparison.Line mode = comparison.line("mode").orElseThrow();
        assertThat(mode.figure(0)).as("no mode: all values occur once").isEmpty();
        assertThat(comparison.line("cv").orElseThrow().ratio(0, 2))
                .as("C has no spread")
                .isEmpty();
        assertThat(comparison.lines().get(0).question()).isEqualTo("count");
        assertThat(comparison.lines().get(1).question()).isEqualTo("missing");
    }

    @Test
    void what_differs_though_the_mean_does_not_is_told() {
        // By hand: means 20 and 20; the median of |x − median| is 1 for A and 15 for B.
        assertThat(says(named("A", "min", "18", "19", "20", "21", "22"), named("B", "min", "0", "5", "20", "35", "40")))
                .contains(
                        "The means differ by 0.00\u00a0min, but half of A lies within 1.00\u00a0min of its median, half of B within"
                                + " 15.00\u00a0min.")
                .anyMatch(said -> said.startsWith("A is the most consistent: its coefficient of variation is 7.91"));
    }

    @Test
    void means_that_differ_are_told_in_their_unit_and_in_spreads() {
        // By hand: means 3 and 13, both with s = √10/2, apart by 10/1.58 = 6.3 of it.
        assertThat(says(named("A", "kg", "1", "2", "3", "4", "5"), named("B", "kg", "11", "12", "13", "14", "15")))
                .contains("The mean of B lies 10.00\u00a0kg above that of A, 6.3 times the usual SD.");
    }

    @Test
    void nothing_is_said_of_differences_between_units_nor_of_variation_about_0() {
        assertThat(says(named("A", "kg", "1", "2", "3"), named("B", "min", "1", "2", "3")))
                .anyMatch(said -> said.startsWith("A and B are in different units"));
        assertThat(says(named("A", "", "-1", "0", "1"), named("B", "", "1", "2", "3")))
                .anyMatch(said -> said.startsWith("The mean of A is not above 0"));
    }

    @Test
    void the_centre_that_tells_more_is_named_with_its_reason() {
        assertThat(says(
                        named("A", "", "4", "6", "6", "9", "10", "11", "12", "16", "16", "30", "75"),
                        named("B", "", "1", "2", "3", "4", "5")))
                .contains(
                        "A: the median tells more, since 75 lies beyond the fences and draws the mean.",
                        "B: the mean tells as much as the median, since nothing lies far out and the values are nearly"
                                + " symmetrical.");
    }

    @Test
    void samples_are_called_together_by_the_words_their_names_begin_with() {
        assertThat(Subjects.together(List.of(named("Minutes, 1", "min", "1"), named("Minutes, 2", "min", "2")))
                        .of())
                .isEqualTo("Minutes, min");
        assertThat(Subjects.together(List.of(named("Oakham", "", "1"), named("Oakley", "", "2")))
                        .name())
                .isEqualTo("Oakham and Oakley");
        assertThat(Subjects.together(List.of(named("Time", "min", "1"), named("Weight", "kg", "2")))
                        .of())
                .isEqualTo("each in its own unit");
    }

    @Test
    void a_sample_is_tried_without_some_values_and_with_others() {
        Named of = named("Minutes", "min", "12", "15", "15", "120");
        Named tried = Variant.of(of, "120", "5×20 7", CARD).sample().orElseThrow();
        // By hand: 12 15 15 20 20 20 20 20 7.
        assertThat(tried.sample().count()).isEqualTo(Exact.of(9));
        assertThat(tried.sample().powerSum(1)).isEqualTo(Exact.of(149));
        assertThat(tried.name()).isEqualTo("what if: Minutes");
        Named table = new Named(
                "Visitors",
                "",
                Sample.frequencies(Decimals.of(0, 1, 2), Decimals.of(0, 3, 2), false),
                Optional.empty());
        assertThat(Variant.of(table, "1; 1", "", CARD)
                        .sample()
                        .orElseThrow()
                        .sample()
                        .count())
                .isEqualTo(Exact.of(3));
        assertThat(Variant.of(of, "15 15 15", "", CARD).why().orElseThrow().toString())
                .startsWith("15 is not among the values of Minutes, or not so often.");
        assertThat(Variant.of(of, "", "late", CARD).why().orElseThrow().toString())
                .startsWith("“late” is not a number.");
        assertThat(Variant.of(of, "12 15 15 120", "", CARD).why().orElseThrow().toString())
                .startsWith("Nothing would be left");
    }

    @Property(tries = 50)
    void a_sample_moved_along_differs_by_just_that(
            @ForAll @Size(min = 2, max = 12) List<@IntRange(min = 1, max = 50) Integer> values,
            @ForAll @IntRange(min = 1, max = 30) int by) {
        Named one =
                named("A", "", values.stream().map(value -> "" + (value + by)).toArray(String[]::new));
        Named other = named("B", "", values.stream().map(value -> "" + value).toArray(String[]::new));
        Comparison comparison = Comparison.of(List.of(one, other), CARD);
        for (String question : List.of("mean", "median", "minimum", "maximum")) {
            assertThat(comparison.line(question).orElseThrow().difference(0, 1)).contains(Exact.of(by));
        }
        for (String question : List.of("range", "iqr")) {
            comparison.line(question).orElseThrow().difference(0, 1).ifPresent(difference -> assertThat(
                            difference.signum())
                    .isZero());
        }
    }
}
