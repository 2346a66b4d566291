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
    EQUAL,
    /** Of pairs: the pairs of rows in the same order in x and in y. */
    CONCORDANT,
    /** Of pairs: the pairs of rows in opposite orders. */
    DISCORDANT,
    /** Of pairs: the pairs of rows that are equal in x. */
    TIED_IN_X,
    /** Of pairs: the pairs of rows that are equal in y. */
    TIED_IN_Y,
    /** Of pairs: Σ(m³ − m) over the sizes m of ties in x. */
    TIE_CUBES_IN_X,
    /** Of pairs: Σ(m³ − m) over the sizes m of ties in y. */
    TIE_CUBES_IN_Y
}
