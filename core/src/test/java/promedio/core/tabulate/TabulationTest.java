package promedio.core.tabulate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.course.CardKey;
import promedio.core.course.Closed;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TabulationTest {
    private static final Sample MARKS = Sample.of("10 12 15 19 20 20 25 29 30 39".split(" ", -1));

    private static String counted(Tabulation tabulation, Closed closed) {
        Tabulation.Counted counted = tabulation.count(MARKS, closed, Exact::toString);
        return counted.below() + " | "
                + counted.table().orElseThrow().classes().stream()
                        .map(one -> one.label() + ": " + one.frequency())
                        .collect(Collectors.joining("; "))
                + " | " + counted.above();
    }

    @Test
    void a_value_on_an_edge_goes_to_the_class_that_is_closed_there() {
        Tabulation tens = Tabulation.of(Exact.of(10), Exact.of(10), 3, false);
        assertThat(counted(tens, Closed.LEFT))
                .isEqualTo("0 | 10 to under 20: 4; 20 to under 30: 4; 30 to under 40: 2 | 0");
        assertThat(counted(tens, Closed.RIGHT)).isEqualTo("1 | 10 < x ≤ 20: 5; 20 < x ≤ 30: 3; 30 < x ≤ 40: 1 | 0");
    }

    @Test
    void inclusive_classes_have_boundaries_half_a_unit_off() {
        Tabulation tens = Tabulation.of(Exact.of(10), Exact.of(10), 3, true);
        assertThat(counted(tens, Closed.LEFT)).isEqualTo("0 | 10–19: 4; 20–29: 4; 30–39: 2 | 0");
        ClassTable table =
                tens.count(MARKS, Closed.LEFT, Exact::toString).table().orElseThrow();
        assertThat(table.at(0).lower()).contains(Exact.ratio(19, 2));
        assertThat(table.at(2).upper()).contains(Exact.ratio(79, 2));
    }

    @Test
    void values_outside_are_told_and_never_lost() {
        assertThat(counted(Tabulation.of(Exact.of(15), Exact.of(10), 1, false), Closed.LEFT))
                .isEqualTo("2 | 15 to under 25: 4 | 4");
    }

    @Test
    void edges_move_between_their_neighbours_only() {
        Tabulation tens = Tabulation.of(Exact.of(10), Exact.of(10), 3, false);
        assertThat(tens.moved(1, Exact.of(25)).map(Tabulation::edges))
                .contains(List.of(Exact.of(10), Exact.of(25), Exact.of(30), Exact.of(40)));
        assertThat(tens.moved(1, Exact.of(30))).isEmpty();
        assertThat(tens.moved(1, Exact.of(10))).isEmpty();
        assertThatThrownBy(() -> new Tabulation(List.of(Exact.TWO, Exact.ONE), false))
                .hasMessageContaining("does not lie above");
    }

    @ParameterizedTest(name = "a width of at least {1} for values recorded to {0} is {2}")
    @CsvSource({
        "1, 4.3, 5",
        "1, 2.2, 5",
        "0.1, 2.2, 2.5",
        "1, 1, 1",
        "0.5, 0.7, 1",
        "1, 23, 25",
        "10, 23, 50",
        "1, 0, 1"
    })
    void widths_are_round_and_whole_multiples_of_the_unit(String unit, String least, String width) {
        Exact found = ClassProposal.width(
                Exact.from(new java.math.BigDecimal(unit)), Exact.from(new java.math.BigDecimal(least)));
        assertThat(found).isEqualTo(Exact.from(new java.math.BigDecimal(width)));
    }

    @ParameterizedTest(name = "{0} values: {1}, {2}, {3} classes")
    @CsvSource({"1, 1, 1, 1", "8, 4, 3, 3", "9, 5, 4, 3", "100, 8, 7, 10", "101, 8, 7, 11"})
    void rules_of_thumb_say_how_many_classes(int n, int sturges, int powers, int root) {
        Exact count = Exact.of(n);
        assertThat(ClassProposal.classes(count, ClassProposal.Rule.STURGES)).isEqualTo(sturges);
        assertThat(ClassProposal.classes(count, ClassProposal.Rule.POWER_OF_TWO))
                .isEqualTo(powers);
        assertThat(ClassProposal.classes(count, ClassProposal.Rule.ROOT)).isEqualTo(root);
    }

    @Property(tries = 200)
    void every_proposal_holds_every_value(
            @ForAll @Size(min = 1, max = 40) List<@IntRange(min = -500, max = 500) Integer> values,
            @ForAll ClassProposal.Rule rule,
            @ForAll Closed closed) {
        Sample sample =
                Sample.of(values.stream().map(v -> Double.toString(v / 10.0)).toArray(String[]::new));
        CourseCard card = CourseCard.STANDARD.with(CardKey.CLOSED, closed);
        Tabulation proposal = ClassProposal.of(sample, rule, card, Optional.of(Exact.TWO));
        Tabulation.Counted counted = proposal.count(sample, closed, Exact::toString);
        assertThat(counted.isComplete()).isTrue();
        assertThat(counted.table().orElseThrow().count()).isEqualTo(sample.count());
    }

    /** Grouped mean and variance are those of the list in which each value is replaced by the midpoint of its class. */
    @Property(tries = 100)
    void a_tabulated_list_has_the_measures_of_its_midpoints(
            @ForAll @Size(min = 2, max = 30) List<@IntRange(min = 0, max = 99) Integer> values) {
        Sample sample = Sample.of(values.stream().map(Object::toString).toArray(String[]::new));
        Tabulation tens = Tabulation.of(Exact.ZERO, Exact.of(10), 10, false);
        Sample grouped = Sample.classes(
                tens.count(sample, Closed.LEFT, Exact::toString).table().orElseThrow());
        Sample midpoints = Sample.of(
                values.stream().map(v -> Integer.toString(v / 10 * 10 + 5)).toArray(String[]::new));
        for (String key : List.of("mean", "variance-sample", "mean-deviation", "kurtosis-moment", "harmonic-mean")) {
            assertThat(Catalogue.classes()
                            .find(key, CourseCard.STANDARD)
                            .orElseThrow()
                            .outcome(Evaluation.of(grouped)))
                    .as(key)
                    .isEqualTo(Catalogue.lists()
                            .find(key, CourseCard.STANDARD)
                            .orElseThrow()
                            .outcome(Evaluation.of(midpoints)));
        }
    }
}
