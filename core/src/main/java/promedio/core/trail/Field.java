package promedio.core.trail;

import java.util.Optional;
import promedio.core.data.Column;
import promedio.core.data.ColumnVectors;
import promedio.core.vector.Kind;
import promedio.core.vector.Texts;
import promedio.core.vector.Vector;
import promedio.core.vector.Vectors;

/**
 * A column of a table as it is after some steps: some rows of a column of the original, which are taken apart only when they are
 * needed, or what was worked out.
 */
public final class Field {
    private final String name;
    private final String unit;
    private final Origin origin;
    private final int[] rows;
    private Vector vector;
    private Texts others;
    private Column column;

    private Field(String name, String unit, Origin origin, int[] rows, Vector vector, Texts others) {
        this.name = name;
        this.unit = unit;
        this.origin = origin;
        this.rows = rows;
        this.vector = vector;
        this.others = others;
    }

    /** A column of the original, taken apart once for all that comes of it. */
    private static final class Origin {
        private final Column column;
        private Vector vector;
        private Texts others;

        Origin(Column column) {
            this.column = column;
        }

        synchronized Vector vector() {
            if (vector == null) {
                vector = ColumnVectors.of(column);
            }
            return vector;
        }

        /** Cells that are neither missing nor of the kind of the column, as they are written. */
        synchronized Texts others() {
            if (others == null && column.others() == 0) {
                others = Texts.constant(Optional.empty(), column.size());
            } else if (others == null) {
                Texts.Builder builder = new Texts.Builder(column.size());
                for (int row = 0; row < column.size(); row++) {
                    boolean other = vector().isMissing(row) && !column.isMissing(row);
                    if (other) {
                        builder.add(column.entries().text(row).strip());
                    } else {
                        builder.missing();
                    }
                }
                others = builder.build();
            }
            return others;
        }
    }

    /** A column of the original. */
    static Field of(Column column) {
        return new Field(column.name(), column.unit(), new Origin(column), null, null, null);
    }

    /** What was worked out. */
    static Field of(String name, String unit, Vector vector) {
        return new Field(name, unit, null, null, vector, Texts.constant(Optional.empty(), vector.size()));
    }

    /** What was worked out, with cells that are none of its kind. */
    static Field of(String name, String unit, Vector vector, Texts others) {
        return new Field(name, unit, null, null, vector, others);
    }

    /** Its name. */
    public String name() {
        return name;
    }

    /** The unit of its numbers; empty where there is none. */
    public String unit() {
        return unit;
    }

    /** The same under another name. */
    Field renamed(String other, String otherUnit) {
        return new Field(other, otherUnit, origin, rows, vector, others);
    }

    /** Some of its rows, −1 for a missing cell; with the rows of the origin worked out by whoever knows them already. */
    Field picked(int[] picked, int[] ofOrigin) {
        return origin == null
                ? new Field(name, unit, null, null, vector.pick(picked), others.pick(picked))
                : new Field(name, unit, origin, ofOrigin, null, null);
    }

    /** The rows of its origin, where it is of the original and some were left out. */
    int[] rows() {
        return rows;
    }

    /** Whether its cells are those of the original. */
    public boolean isOfOriginal() {
        return origin != null;
    }

    /** Whether its cells are those of the same column of the original as another one's. */
    boolean hasOriginOf(Field other) {
        return origin != null && origin == other.origin;
    }

    /** What it is computed with. */
    public synchronized Vector vector() {
        if (vector == null) {
            vector = rows == null ? origin.vector() : origin.vector().pick(rows);
        }
        return vector;
    }

    /** Cells that are none of its kind, as they are written; missing elsewhere. */
    public synchronized Texts others() {
        if (others == null) {
            others = rows == null ? origin.others() : origin.others().pick(rows);
        }
        return others;
    }

    /** How many cells are none of its kind. */
    long countOthers() {
        if (origin != null && origin.column.others() == 0) {
            return 0;
        }
        long count = 0;
        for (int row = 0; row < others().size(); row++) {
            count += others().isMissing(row) ? 0 : 1;
        }
        return count;
    }

    /** What its cells are. */
    public Kind kind() {
        return vector().kind();
    }

    /**
     * What groups of rows are told apart by: numbers that are written as codes, such as 007, are as different as their texts; all
     * else is as different as what it is computed with.
     */
    Vector key() {
        if (origin == null || !(origin.column instanceof Column.OfNumbers numbers) || !numbers.areCodes()) {
            return vector();
        }
        Texts.Builder texts = new Texts.Builder(vector().size());
        for (int row = 0; row < vector().size(); row++) {
            if (vector().isMissing(row)) {
                texts.missing();
            } else {
                texts.add(shown(row).strip());
            }
        }
        return texts.build();
    }

    /** The column as it is looked at: cells of the original as they are written there. */
    public synchronized Column column() {
        if (column == null) {
            Column made = origin == null
                    ? ColumnVectors.made(name, unit, vector(), others())
                    : rows == null ? origin.column : ColumnVectors.pick(origin.column, rows);
            column = made.name().equals(name) && made.unit().equals(unit) ? made : made.renamed(name, unit);
        }
        return column;
    }

    /**
     * A cell as it is written out, a missing one empty. What no step computed is as it was read, but for what a file of its own does
     * not share: numbers have a decimal point and no marks between thousands, dates the order of ISO 8601. What was worked out is
     * exact where it ends within 34 digits, else has so many.
     */
    public String written(int row, int digits) {
        if (origin != null) {
            int at = rows == null ? row : rows[row];
            return at < 0 ? "" : ColumnVectors.written(origin.column, at);
        }
        return others().isMissing(row) ? vector().text(row, digits) : others().get(row);
    }

    /** Whether it holds numbers; told without taking a column of the original apart. */
    public boolean hasNumbers() {
        return origin == null ? vector.kind() == Kind.NUMBER : origin.column instanceof Column.OfNumbers;
    }

    /** Whether a cell is none of its kind; told without taking a column of the original apart. */
    public boolean isOther(int row) {
        if (origin == null) {
            return !others.isMissing(row);
        }
        int at = rows == null ? row : rows[row];
        return at >= 0 && origin.column instanceof Column.OfNumbers numbers && numbers.isOther(at);
    }

    /** A cell as it is looked at: one of the original as it is written there. */
    public String shown(int row) {
        if (origin == null) {
            return written(row);
        }
        int at = rows == null ? row : rows[row];
        return at < 0 ? "" : origin.column.entries().text(at);
    }

    /** A cell as it is written out, numbers with the usual digits. */
    public String written(int row) {
        return written(row, Vectors.DIGITS);
    }
}
