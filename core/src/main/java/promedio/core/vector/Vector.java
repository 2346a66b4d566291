package promedio.core.vector;

/** A column to compute with. Immutable; a column that is the same in every row holds its cell once. */
public sealed interface Vector permits Numbers, Texts, Dates, Truths, Nothing {
    /** How many rows it has. */
    int size();

    /** What its cells are. */
    Kind kind();

    /** Whether a cell is missing. */
    boolean isMissing(int row);

    /** Whether it is the same in every row, and known to be. */
    boolean isConstant();

    /** The cells of some rows, in their order; −1 stands for a missing cell. */
    Vector pick(int[] rows);

    /** The same for so many rows, of a column that is the same in every row. */
    Vector stretched(int rows);

    /** How two cells stand in order, missing ones last. */
    int compare(int row, int other);

    /** A number below {@link #size()} for each row, the same for equal cells, ascending in the order of first appearance. */
    int[] groups();

    /** The cell as it is written out, empty for a missing one. */
    String text(int row, int digits);
}
