package promedio.core.formula;

/** The row that totals and picks run over. */
public final class Row {
    /** The row's value, x. */
    public static final Formula X = new Formula.Variable();

    private Row() {}
}
