package promedio.core.ownwork;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.tabulate.ClassLabel;

/** Which row of a student's table is of which datum, by the columns that name it. */
final class OwnRows {
    private final OwnColumns own;
    private final DataRows data;

    private OwnRows(OwnColumns own) {
        this.own = own;
        this.data = own.data();
    }

    /** The datum of each row, once it is known which columns name it. */
    static List<Optional<Integer>> of(OwnColumns own) {
        return new OwnRows(own).match();
    }

    /** Rows that say whose they are first; those left over in their order, with the data left over. */
    private List<Optional<Integer>> match() {
        Integer[] of = new Integer[own.table().rows().size()];
        Set<Integer> taken = new TreeSet<>();
        for (boolean exactly : new boolean[] {true, false}) {
            for (int row = 0; row < of.length; row++) {
                int one = row;
                if (of[row] == null) {
                    of[row] = IntStream.range(0, data.rows().size())
                            .boxed()
                            .filter(at -> !taken.contains(at) && isOf(one, at, exactly))
                            .findFirst()
                            .orElse(null);
                    if (of[row] != null) {
                        taken.add(of[row]);
                    }
                }
            }
        }
        int next = 0;
        for (int row = 0; row < of.length; row++) {
            if (of[row] == null) {
                while (taken.contains(next)) {
                    next++;
                }
                if (next < data.rows().size()) {
                    of[row] = next;
                    taken.add(next);
                }
            }
        }
        return Arrays.stream(of).map(Optional::ofNullable).toList();
    }

    /** Whether a row says that it is of a datum: by all that names it, or by one of these. */
    private boolean isOf(int row, int at, boolean exactly) {
        DataRows.Row datum = data.rows().get(at);
        if (own.column(Quantity.CLASS).isPresent()) {
            return isClass(own.cell(row, own.column(Quantity.CLASS).orElseThrow()), datum, exactly, own.numerals());
        }
        int agree = 0;
        int keys = 0;
        for (Quantity key : List.of(Quantity.LOWER, Quantity.UPPER, Quantity.MIDPOINT, Quantity.X, Quantity.Y)) {
            Integer column = data.meant(key) == key ? own.column(key).orElse(null) : null;
            if (column != null) {
                keys++;
                Optional<Exact> right = data.figure(at, key, own.whole());
                agree += own.written(own.cell(row, column))
                                .filter(one -> right.isPresent() && one.is(right.get()))
                                .isPresent()
                        ? 1
                        : 0;
            }
        }
        return keys > 0 && (exactly ? agree == keys : agree > 0);
    }

    /** Whether a cell names the class of a datum: by its limits or its boundaries. */
    static boolean isClassOf(String cell, DataRows.Row datum, Numerals numerals) {
        return isClass(cell, datum, true, numerals)
                || ClassLabel.parse(cell, numerals)
                        .filter(one -> isBounds(one, datum))
                        .isPresent();
    }

    private static boolean isClass(String cell, DataRows.Row datum, boolean exactly, Numerals numerals) {
        Optional<ClassLabel> label = ClassLabel.parse(cell, numerals);
        return cell.equals(datum.label())
                || label.isPresent()
                        && datum.stated().isPresent()
                        && alike(label.get(), datum.stated().get(), exactly)
                || !exactly && label.filter(one -> isBounds(one, datum)).isPresent();
    }

    private static boolean alike(ClassLabel one, ClassLabel other, boolean exactly) {
        return one.from().equals(other.from()) && (!exactly || one.to().equals(other.to()));
    }

    private static boolean isBounds(ClassLabel label, DataRows.Row datum) {
        return label.from().equals(Optional.ofNullable(datum.given().get(Quantity.LOWER)))
                && label.to().equals(Optional.ofNullable(datum.given().get(Quantity.UPPER)));
    }
}
