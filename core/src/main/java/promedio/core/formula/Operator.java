package promedio.core.formula;

/** What can be done with operands; in {@code POWER} the second operand is a whole constant. */
public enum Operator {
    /** a + b. */
    PLUS,
    /** a − b. */
    MINUS,
    /** a · b. */
    TIMES,
    /** a / b. */
    OVER,
    /** a to the whole power b. */
    POWER,
    /** √a. */
    ROOT,
    /** |a|. */
    ABS
}
