package promedio.core.formula;

/** What a {@link Count} counts. */
public enum Counted {
    /** All values, n. */
    VALUES,
    /** The different values among them. */
    DISTINCT,
    /** The missing ones. */
    MISSING,
    /** Those below a bound. */
    BELOW,
    /** Those equal to a bound. */
    EQUAL
}
