package promedio.core.sample;

/**
 * What stands in a row of a sample, under the letter by which formulas call it. {@link Sample#letter} has its figure in a row,
 * {@link Sample#total} the totals of its powers that are known without going through the rows. A new letter is a constant here and a case in both.
 */
public enum Letter {
    /** The value of a row, x; of pairs the first. */
    X("x"),
    /** The frequency of a row, f: 1 where rows have none, and then nobody writes it. */
    F("f"),
    /** The second value of a row of pairs, y. */
    Y("y"),
    /** The rank of the row’s x among all x, counted from 1; equal ones share the mean of their ranks. */
    RANK_OF_X(X),
    /** The rank of the row’s y among all y. */
    RANK_OF_Y(Y);

    private final String written;
    private final Letter of;

    Letter(String written) {
        this.written = written;
        this.of = null;
    }

    /** The rank of a letter. */
    Letter(Letter of) {
        this.written = "R";
        this.of = of;
    }

    /** The letter itself, as it is written. */
    public String written() {
        return written;
    }

    /** Whether it is a rank, which is written with the letter it ranks as its index. */
    public boolean isRank() {
        return of != null;
    }

    /** The letter whose column stands before it in a table: that which it ranks, or itself. */
    public Letter column() {
        return of == null ? this : of;
    }
}
