package promedio.core.language;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import promedio.core.vector.Vector;

/** Rows parted into groups. */
public final class Groups {
    private final int[] of;
    private final int count;
    private final boolean one;

    /**
     * Groups.
     *
     * @param of for each row the number of its group
     * @param one whether all rows are one group, so that there is one answer for all of them
     */
    Groups(int[] of, int count, boolean one) {
        this.of = of;
        this.count = count;
        this.one = one;
    }

    /** For each row the number of its group, in the order of first appearance. */
    public int[] of() {
        return of;
    }

    /** How many groups there are. */
    public int count() {
        return count;
    }

    /** Whether all rows are one group. */
    boolean one() {
        return one;
    }

    /** All rows in one group, even if there is none. */
    public static Groups all(int rows) {
        return new Groups(new int[rows], 1, true);
    }

    /** Rows that agree in some columns. */
    public static Groups of(List<Vector> columns, int rows) {
        int[] groups = new int[rows];
        int count = rows == 0 ? 0 : 1;
        for (Vector column : columns) {
            int[] parts = column.groups();
            Map<Long, Integer> pairs = new HashMap<>();
            for (int row = 0; row < rows; row++) {
                long pair = (long) groups[row] << 32 | parts[row];
                Integer known = pairs.get(pair);
                if (known == null) {
                    known = pairs.size();
                    pairs.put(pair, known);
                }
                groups[row] = known;
            }
            count = pairs.size();
        }
        return new Groups(groups, count, false);
    }

    /** The first row of each group. */
    public int[] firstRows() {
        int[] first = new int[count];
        java.util.Arrays.fill(first, -1);
        for (int row = of.length - 1; row >= 0; row--) {
            first[of[row]] = row;
        }
        return first;
    }

    /** The rows of each group, one group after another, and where each begins. */
    Laid laid() {
        int[] starts = new int[count + 1];
        for (int group : of) {
            starts[group + 1]++;
        }
        for (int i = 0; i < count; i++) {
            starts[i + 1] += starts[i];
        }
        int[] next = starts.clone();
        int[] rows = new int[of.length];
        for (int row = 0; row < of.length; row++) {
            rows[next[of[row]]++] = row;
        }
        return new Laid(rows, starts);
    }

    /** Rows one group after another. */
    static final class Laid {
        private final int[] rows;
        private final int[] starts;

        private Laid(int[] rows, int[] starts) {
            this.rows = rows;
            this.starts = starts;
        }

        /** The rows. */
        int[] rows() {
            return rows;
        }

        /** Where each group begins, and behind the last the end. */
        int[] starts() {
            return starts;
        }
    }
}
