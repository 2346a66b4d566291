package promedio.core.vector;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Columns made of columns. */
public final class Vectors {
    /** Digits that a number is written with where it does not end. */
    public static final int DIGITS = 15;

    private Vectors() {}

    /** So many missing cells of a kind. */
    public static Vector missing(Kind kind, int size) {
        return switch (kind) {
            case NUMBER -> Numbers.constant(Optional.empty(), size);
            case TEXT -> Texts.constant(Optional.empty(), size);
            case DATE -> new Dates.Builder(1).missing().build().stretched(size);
            case TRUTH -> Truths.constant(Truths.MISSING, size);
            case NOTHING -> new Nothing(size);
        };
    }

    /** Yes and no as they stand in a column, or as the texts yes and no; empty for anything else. */
    public static Optional<Truths> truths(Vector vector) {
        if (vector instanceof Truths truths) {
            return Optional.of(truths);
        }
        if (vector.kind() == Kind.NOTHING) {
            return Optional.of(Truths.constant(Truths.MISSING, vector.size()));
        }
        if (!(vector instanceof Texts texts)
                || !texts.pool().stream().allMatch(text -> text.equals("yes") || text.equals("no"))) {
            return Optional.empty();
        }
        byte[] known = new byte[texts.pool().size()];
        for (int i = 0; i < known.length; i++) {
            known[i] = texts.pool().get(i).equals("yes") ? Truths.YES : Truths.NO;
        }
        byte[] cells = new byte[texts.isConstant() ? 1 : texts.size()];
        for (int row = 0; row < cells.length; row++) {
            cells[row] = texts.code(row) < 0 ? Truths.MISSING : known[texts.code(row)];
        }
        return Optional.of(texts.isConstant() ? Truths.constant(cells[0], texts.size()) : Truths.of(cells));
    }

    /** A column of a single row, the same in so many. */
    public static Vector constant(Vector single, int size) {
        return single.stretched(size);
    }

    /**
     * Cells of several columns of kinds that go with one another.
     *
     * @param which for each row the column that its cell is taken from, in the same row; −1 for a missing cell
     */
    public static Vector chosen(List<Vector> columns, int[] which) {
        Kind kind = columns.stream()
                .map(Vector::kind)
                .filter(one -> one != Kind.NOTHING)
                .findFirst()
                .orElse(Kind.NOTHING);
        return made(kind, which.length, row -> which[row] < 0 ? null : columns.get(which[row]), row -> row);
    }

    /** Columns one after another in one; empty where their kinds do not go with one another. */
    public static Optional<Vector> oneAfterAnother(List<Vector> columns, int rows) {
        return kind(columns)
                .map(kind -> made(kind, columns.size() * rows, at -> columns.get(at / rows), at -> at % rows));
    }

    /** Values and lists of values together in one list; empty where their kinds do not go with one another. */
    public static Optional<Vector> together(List<Vector> items) {
        int[] starts = new int[items.size() + 1];
        for (int i = 0; i < items.size(); i++) {
            starts[i + 1] = starts[i] + items.get(i).size();
        }
        int[] from = new int[starts[items.size()]];
        for (int i = 0; i < items.size(); i++) {
            Arrays.fill(from, starts[i], starts[i + 1], i);
        }
        return kind(items).map(kind -> made(kind, from.length, at -> items.get(from[at]), at -> at - starts[from[at]]));
    }

    private static Optional<Kind> kind(List<Vector> columns) {
        List<Kind> kinds = new ArrayList<>(columns.stream()
                .map(Vector::kind)
                .filter(one -> one != Kind.NOTHING)
                .distinct()
                .toList());
        return kinds.size() > 1 ? Optional.empty() : Optional.of(kinds.isEmpty() ? Kind.NOTHING : kinds.get(0));
    }

    private static Vector made(
            Kind kind,
            int size,
            java.util.function.IntFunction<Vector> column,
            java.util.function.IntUnaryOperator row) {
        switch (kind) {
            case NUMBER -> {
                Numbers.Builder builder = new Numbers.Builder(size);
                Register register = new Register();
                for (int i = 0; i < size; i++) {
                    register.clear();
                    if (column.apply(i) instanceof Numbers numbers) {
                        numbers.get(row.applyAsInt(i), register);
                    }
                    builder.add(register);
                }
                return builder.build();
            }
            case TEXT -> {
                Texts.Builder builder = new Texts.Builder(size);
                for (int i = 0; i < size; i++) {
                    int at = row.applyAsInt(i);
                    if (column.apply(i) instanceof Texts texts && !texts.isMissing(at)) {
                        builder.add(texts.get(at));
                    } else {
                        builder.missing();
                    }
                }
                return builder.build();
            }
            case DATE -> {
                Dates.Builder builder = new Dates.Builder(size);
                for (int i = 0; i < size; i++) {
                    int at = row.applyAsInt(i);
                    if (column.apply(i) instanceof Dates dates && !dates.isMissing(at)) {
                        builder.add(Optional.of(dates.get(at)), dates.hasTime(at));
                    } else {
                        builder.missing();
                    }
                }
                return builder.build();
            }
            case TRUTH -> {
                byte[] cells = new byte[size];
                for (int i = 0; i < size; i++) {
                    cells[i] =
                            column.apply(i) instanceof Truths truths ? truths.get(row.applyAsInt(i)) : Truths.MISSING;
                }
                return Truths.of(cells);
            }
            default -> {
                return new Nothing(size);
            }
        }
    }
}
