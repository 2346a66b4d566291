package promedio.core.slip;

import java.util.List;
import java.util.function.Function;

/**
 * One kind of mistake, as definitions, section 6, lists them: what it makes of a question.
 *
 * @param id its stable id
 * @param commonness how common it is among students, from 1 (rare) to 5
 * @param kind what kind of mistake it is, for a hint that does not give it away
 * @param changes what a student who makes it may have written down for a question
 */
public record Slip(String id, int commonness, Kind kind, Function<Asked, List<Changed>> changes) {
    /** What a hint tells of a mistake before it is named. */
    public enum Kind {
        /** A part of the formula. */
        FORMULA,
        /** What was divided by what. */
        DIVISION,
        /** The root. */
        ROOT,
        /** Squares and their sums. */
        SQUARES,
        /** The place at which a value was read. */
        PLACE,
        /** What was read off a class. */
        CLASS,
        /** The rows or columns that were used. */
        COLUMN,
        /** One entry. */
        ENTRY,
        /** Steps that were not brought back to values. */
        SCALE;

        /** Whether it is made with rows, which are not there where a question gives figures in place of data. */
        private boolean needsRows() {
            return this == PLACE || this == CLASS || this == COLUMN || this == ENTRY;
        }
    }

    /** Makes nothing of what has no rows where there have to be some. */
    public Slip {
        Function<Asked, List<Changed>> all = changes;
        changes = kind.needsRows() ? asked -> asked.hasRows() ? all.apply(asked) : List.of() : all;
    }

    /** Whether it is in how one entry was copied. */
    public boolean blames() {
        return kind == Kind.ENTRY;
    }
}
