package promedio.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
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
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.working.FigureText;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OneScaleTest {
    private static final CourseCard CARD = CourseCard.STANDARD;

    private static OneScale.Source list(String name, boolean low, List<Integer> places, String... values) {
        return new OneScale.Source(new Named(name, "", Sample.of(values), Optional.empty()), places, low);
    }

    /** By hand: A has mean 4 and s = √(8/3), B mean 10 and s = 3; the third of B is missing. */
    @Test
    void scores_their_mean_and_rank_row_by_row() {
        OneScale scale = OneScale.of(
                        List.of(
                                list("A", false, List.of(0, 1, 2, 3), "2", "4", "6", "4"),
                                list("B", true, List.of(0, 1, 3), "13", "7", "10")),
                        CARD)
                .scale()
                .orElseThrow();
        assertThat(scale.incomplete()).isEqualTo(1);
        assertThat(scale.rows()).extracting(OneScale.Row::place).containsExactly(0, 1, 3);
        assertThat(scale.rows().stream().map(row -> OneScale.rank(row.rank()))).containsExactly("3", "1", "2");
        // Row 1: 4 is the mean of A; 7 is one s below the mean of B, and low is good.
        assertThat(scale.mean(scale.rows().get(1))).isEqualTo(Exact.ONE.half());
        assertThat(scale.explained(scale.rows().get(1), "Oak", new FigureText(CARD, 0)).stream()
                        .map(Sentence::toString))
                .containsExactly(
                        "A: (4 − 4) / 1.6329… = 0.00.",
                        "B: (7 − 10) / 3 = −1.00; low is good, so it counts 1.00.",
                        "Oak: mean score 0.50, rank 1 of 3.");
    }

    @Test
    void rows_of_equal_means_share_the_mean_of_their_ranks() {
        OneScale scale = OneScale.of(
                        List.of(
                                list("A", false, List.of(0, 1, 2, 3), "1", "2", "1", "5"),
                                list("B", false, List.of(0, 1, 2, 3), "2", "1", "2", "5")),
                        CARD)
                .scale()
                .orElseThrow();
        // 1 and 2 in one list are what 2 and 1 in the other are.
        assertThat(scale.rows().stream().map(row -> OneScale.rank(row.rank()))).containsExactly("2.5", "4", "2.5", "1");
    }

    @Test
    void what_has_no_scores_is_told() {
        OneScale.Source some = list("A", false, List.of(0, 1), "1", "2");
        assertThat(OneScale.of(List.of(some, list("B", false, List.of(0, 1), "3", "3")), CARD)
                        .why()
                        .map(Sentence::toString))
                .contains(
                        "All values of B are the same, so none of them stands above another: there are no standard scores.");
        assertThat(OneScale.of(List.of(some, list("B", false, List.of(0), "3")), CARD)
                        .why()
                        .map(Sentence::toString)
                        .orElse(""))
                .startsWith("B has too few values");
    }

    /** Laws: the counted scores of all rows add up to 0, the ranks to n(n+1)/2, and a list against its own mirror stands nowhere. */
    @Property(tries = 100)
    void laws(@ForAll @Size(min = 2, max = 12) List<@IntRange(min = -9, max = 9) Integer> values) {
        if (values.stream().distinct().count() < 2) {
            return;
        }
        List<Exact> exact = values.stream().map(Exact::of).toList();
        Named named = new Named(
                "A",
                "",
                Sample.list(Decimals.from(
                        values.stream().map(java.math.BigDecimal::valueOf).toList())),
                Optional.empty());
        List<Integer> places = IntStream.range(0, exact.size()).boxed().toList();
        OneScale scale = OneScale.of(
                        List.of(new OneScale.Source(named, places, false), new OneScale.Source(named, places, true)),
                        CARD)
                .scale()
                .orElseThrow();
        Exact half = Exact.of(exact.size() + 1L).half();
        assertThat(scale.rows())
                .allMatch(row -> scale.mean(row).signum() == 0 && row.rank().equals(half));
        OneScale alone = OneScale.of(List.of(new OneScale.Source(named, places, false)), CARD)
                .scale()
                .orElseThrow();
        Exact ranks = alone.rows().stream().map(OneScale.Row::rank).reduce(Exact.ZERO, Exact::plus);
        assertThat(ranks).isEqualTo(half.times(exact.size()));
        List<OneScale.Row> rows = new ArrayList<>(alone.rows());
        for (OneScale.Row one : rows) {
            for (OneScale.Row other : rows) {
                int byValue = one.values().get(0).compareTo(other.values().get(0));
                assertThat(other.rank().compareTo(one.rank())).isEqualTo(byValue);
            }
        }
    }
}
