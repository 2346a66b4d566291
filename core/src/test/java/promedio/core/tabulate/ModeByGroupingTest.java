package promedio.core.tabulate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.number.Exact;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ModeByGroupingTest {
    private static ModeByGrouping of(int... frequencies) {
        return ModeByGrouping.of(IntStream.of(frequencies).mapToObj(Exact::of).toList());
    }

    /** A high frequency among low ones does not decide: its neighbours are no help to it. */
    @Test
    void a_high_frequency_among_low_ones_is_not_the_mode() {
        ModeByGrouping grouping = of(3, 8, 10, 12, 16, 14, 10, 8, 17, 5, 4, 1);
        assertThat(grouping.modal()).as("not row 8, where 17 stands").containsExactly(4);
        assertThat(grouping.marks()).containsExactly(0, 0, 1, 3, 5, 3, 1, 0, 1, 0, 0, 0);
    }

    /** Row by row: a row gets a mark from a column when the group that it lies in there is as large as any. */
    @Property(tries = 300)
    void marks_are_counted_row_by_row(@ForAll long seed) {
        Random random = new Random(seed);
        int[] frequencies = random.ints(1 + random.nextInt(14), 0, 12).toArray();
        ModeByGrouping grouping = of(frequencies);
        List<Integer> marks = new ArrayList<>();
        for (int row = 0; row < frequencies.length; row++) {
            int mark = 0;
            for (int size = 1; size <= 3; size++) {
                for (int left = 0; left < size; left++) {
                    int from = left + (row - left) / size * size;
                    boolean grouped = row >= left && from + size <= frequencies.length;
                    mark += grouped && sum(frequencies, from, size) == largest(frequencies, size, left) ? 1 : 0;
                }
            }
            marks.add(mark);
        }
        assertThat(grouping.marks()).isEqualTo(marks);
        int most = marks.stream().mapToInt(Integer::intValue).max().orElse(0);
        assertThat(grouping.modal()).allMatch(row -> marks.get(row) == most).isNotEmpty();
        for (int column = 0; column < grouping.columns().size(); column++) {
            int whole = frequencies.length - ModeByGrouping.leftOut(column);
            assertThat(grouping.columns().get(column)).hasSize(Math.max(0, whole) / ModeByGrouping.size(column));
        }
    }

    private static int sum(int[] frequencies, int from, int size) {
        return IntStream.range(from, from + size).map(row -> frequencies[row]).sum();
    }

    private static int largest(int[] frequencies, int size, int left) {
        int largest = 0;
        for (int from = left; from + size <= frequencies.length; from += size) {
            largest = Math.max(largest, sum(frequencies, from, size));
        }
        return largest;
    }
}
