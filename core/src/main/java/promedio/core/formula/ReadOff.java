package promedio.core.formula;

/** What is read off a class. */
public enum ReadOff {
    /** L, the lower boundary. */
    LOWER,
    /** U, the upper boundary. */
    UPPER,
    /** h, the width. */
    WIDTH,
    /** The midpoint. */
    MIDPOINT,
    /** f, the frequency. */
    FREQUENCY,
    /** F, the cumulative frequency before it. */
    BEFORE,
    /** The frequency of the class before; 0 where there is none. */
    FREQUENCY_BEFORE,
    /** The frequency of the class after; 0 where there is none. */
    FREQUENCY_AFTER,
    /** The frequency density f/h. */
    DENSITY,
    /** The density of the class before; 0 where there is none. */
    DENSITY_BEFORE,
    /** The density of the class after; 0 where there is none. */
    DENSITY_AFTER
}
