package promedio.core.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;

class RankingTest {
    private static Sample sample(List<Integer> values) {
        return Sample.list(
                Decimals.of(1, values.stream().mapToLong(Integer::longValue).toArray()));
    }

    private static List<Exact> sorted(Sample sample) {
        List<Exact> all = new ArrayList<>();
        for (int i = 0; i < sample.rows(); i++) {
            all.add(sample.value(i));
        }
        all.sort(null);
        return all;
    }

    @Property
    void ranks_counts_and_sums_are_those_of_the_sorted_list(
            @ForAll @Size(min = 1, max = 40) List<@IntRange(min = -30, max = 30) Integer> values,
            @ForAll @IntRange(min = -40, max = 40) int bound) {
        Sample sample = sample(values);
        Ranking ranking = sample.ranking();
        List<Exact> sorted = sorted(sample);
        for (int k = 1; k <= sorted.size(); k++) {
            assertThat(ranking.at(Exact.of(k))).isEqualTo(sorted.get(k - 1));
        }
        Exact at = Exact.ratio(bound, 7);
        List<Exact> below = sorted.stream().filter(x -> x.compareTo(at) < 0).toList();
        assertThat(ranking.countBelow(at)).isEqualTo(Exact.of(below.size()));
        assertThat(ranking.sumBelow(at)).isEqualTo(below.stream().reduce(Exact.ZERO, Exact::plus));
        assertThat(ranking.sumOfRanks(Exact.TWO, Exact.of(sorted.size())))
                .isEqualTo(sorted.stream().skip(1).reduce(Exact.ZERO, Exact::plus));
    }

    @Property
    void distances_at_a_rank_are_those_of_the_sorted_distances(
            @ForAll @Size(min = 1, max = 30) List<@IntRange(min = -30, max = 30) Integer> values,
            @ForAll @IntRange(min = -50, max = 50) int centre) {
        Sample sample = sample(values);
        Exact from = Exact.ratio(centre, 3);
        List<Exact> distances =
                sorted(sample).stream().map(x -> x.minus(from).abs()).sorted().toList();
        for (int k = 1; k <= distances.size(); k++) {
            assertThat(sample.ranking().distanceAt(from, Exact.of(k))).isEqualTo(distances.get(k - 1));
        }
    }

    @Test
    void there_is_no_rank_beyond_the_ends() {
        Ranking ranking = Sample.of("3", "1", "2").ranking();
        assertThatThrownBy(() -> ranking.at(Exact.ZERO)).hasMessageContaining("rank 0");
        assertThatThrownBy(() -> ranking.at(Exact.of(4))).hasMessageContaining("rank 4");
    }

    @Test
    void frequencies_must_be_positive_and_few_enough_to_add_up() {
        Decimals one = Decimals.of(0, 5);
        assertThatThrownBy(() -> Sample.frequencies(one, Decimals.of(0, 0), false))
                .hasMessageContaining("Row 1");
        assertThatThrownBy(() -> Sample.frequencies(one, Decimals.of(0, Long.MAX_VALUE), false))
                .hasMessageContaining("2^62");
        assertThatThrownBy(() -> Sample.frequencies(one, Decimals.of(0, 1, 2), false))
                .hasMessageContaining("1 values");
    }
}
