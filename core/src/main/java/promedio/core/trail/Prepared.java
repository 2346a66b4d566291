package promedio.core.trail;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import promedio.core.data.Table;

/**
 * A table as it is after some steps.
 *
 * @param fields its columns, all of one length
 * @param rows how many rows it has
 */
public record Prepared(List<Field> fields, int rows) {
    /** Copies the list. */
    public Prepared {
        fields = List.copyOf(fields);
    }

    /** A table before any step. */
    public static Prepared of(Table table) {
        return new Prepared(table.columns().stream().map(Field::of).toList(), table.rows());
    }

    /** The names of its columns. */
    public List<String> names() {
        return fields.stream().map(Field::name).toList();
    }

    /** A name that no column has: the wanted one, or with a number behind it. */
    public String fresh(String wanted) {
        List<String> taken = names();
        String name = wanted;
        for (int again = 2; taken.contains(name); again++) {
            name = wanted + " " + again;
        }
        return name;
    }

    /** The column with a name, which it has. */
    public Field field(String name) {
        return fields.get(names().indexOf(name));
    }

    /** Some of its rows in their order; −1 for a row of missing cells. */
    Prepared picked(int[] picked) {
        // Columns of the original that lost the same rows go on sharing where they come from.
        IdentityHashMap<int[], int[]> composed = new IdentityHashMap<>();
        List<Field> some = new ArrayList<>();
        for (Field field : fields) {
            int[] before = field.rows();
            int[] rowsOfOrigin = before == null || !field.isOfOriginal()
                    ? picked
                    : composed.computeIfAbsent(before, same -> composed(before, picked));
            some.add(field.picked(picked, rowsOfOrigin));
        }
        return new Prepared(some, picked.length);
    }

    private static int[] composed(int[] before, int[] picked) {
        int[] rows = new int[picked.length];
        for (int i = 0; i < rows.length; i++) {
            rows[i] = picked[i] < 0 ? -1 : before[picked[i]];
        }
        return rows;
    }

    /**
     * Which rows of this table another one, which a step made of it, does not have any more; empty where nobody can tell, since no column
     * of the original is left to tell by, or rows of it stand here more than once.
     */
    public Optional<BitSet> lost(Prepared after) {
        for (Field field : fields) {
            Optional<Field> same = after.fields().stream()
                    .filter(other -> field.isOfOriginal() && other.hasOriginOf(field))
                    .findFirst();
            if (same.isPresent()) {
                BitSet left = new BitSet();
                for (int row = 0; row < after.rows(); row++) {
                    int of = same.get().rows() == null ? row : same.get().rows()[row];
                    if (of >= 0) {
                        left.set(of);
                    }
                }
                BitSet lost = new BitSet();
                BitSet seen = new BitSet();
                for (int row = 0; row < rows; row++) {
                    int of = field.rows() == null ? row : field.rows()[row];
                    if (of < 0 || seen.get(of)) {
                        // A row that stands here twice, for several of its cells, cannot be told from the other.
                        return Optional.empty();
                    }
                    seen.set(of);
                    lost.set(row, !left.get(of));
                }
                return Optional.of(lost);
            }
        }
        return Optional.empty();
    }

    /** With another column in place of one. */
    Prepared with(int place, Field field) {
        List<Field> changed = new ArrayList<>(fields);
        changed.set(place, field);
        return new Prepared(changed, rows);
    }

    /** With another column behind the last. */
    Prepared and(Field field) {
        List<Field> more = new ArrayList<>(fields);
        more.add(field);
        return new Prepared(more, rows);
    }

    /** The table as it is looked at. */
    public Table table() {
        return new Table(fields.stream().map(Field::column).toList(), rows);
    }
}
