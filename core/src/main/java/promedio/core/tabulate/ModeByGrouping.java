package promedio.core.tabulate;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import promedio.core.number.Exact;

/**
 * The mode by grouping: frequencies are added up in twos and threes, each from the first row on and leaving out the first, or first
 * two; in each of the six columns the rows of the largest total get a mark, and the row with most marks is modal. So a single high
 * frequency among low ones does not decide alone.
 *
 * @param columns the six columns of totals, that of single frequencies first
 * @param marks how many columns point at each row
 * @param modal the rows with most marks, from 0
 */
public record ModeByGrouping(List<List<Exact>> columns, List<Integer> marks, List<Integer> modal) {
    /** How many frequencies each column adds up, and how many it leaves out before. */
    private static final int[][] SIZES = {{1, 0}, {2, 0}, {2, 1}, {3, 0}, {3, 1}, {3, 2}};

    /** Copies the lists. */
    public ModeByGrouping {
        columns = List.copyOf(columns);
        marks = List.copyOf(marks);
        modal = List.copyOf(modal);
    }

    /** Groups frequencies, in the order of their values or classes. */
    public static ModeByGrouping of(List<Exact> frequencies) {
        int[] marks = new int[frequencies.size()];
        List<List<Exact>> columns = new ArrayList<>();
        for (int[] size : SIZES) {
            columns.add(column(frequencies, size[0], size[1], marks));
        }
        int most = IntStream.of(marks).max().orElse(0);
        return new ModeByGrouping(
                columns,
                IntStream.of(marks).boxed().toList(),
                IntStream.range(0, marks.length)
                        .filter(row -> marks[row] == most && most > 0)
                        .boxed()
                        .toList());
    }

    /** The totals of a column; the rows of the largest are marked. */
    private static List<Exact> column(List<Exact> frequencies, int size, int left, int... marks) {
        List<Exact> totals = new ArrayList<>();
        for (int from = left; from + size <= frequencies.size(); from += size) {
            Exact total = Exact.ZERO;
            for (int row = from; row < from + size; row++) {
                total = total.plus(frequencies.get(row));
            }
            totals.add(total);
        }
        Exact largest = totals.stream().max(Exact::compareTo).orElse(Exact.ZERO);
        for (int i = 0; i < totals.size(); i++) {
            if (totals.get(i).equals(largest)) {
                for (int row = left + i * size; row < left + (i + 1) * size; row++) {
                    marks[row]++;
                }
            }
        }
        return totals;
    }

    /** How many frequencies a column adds up. */
    public static int size(int column) {
        return SIZES[column][0];
    }

    /** How many rows a column leaves out before its first total. */
    public static int leftOut(int column) {
        return SIZES[column][1];
    }
}
