package promedio.core.formula;

/** How a class is found. */
public enum Search {
    /** The first non-empty class whose cumulative frequency reaches a position. */
    POSITION,
    /** The class in which a value lies. */
    VALUE,
    /** A modal class; of a modal interval its first. */
    MODAL,
    /** A modal interval, as if it were one class. */
    MODAL_INTERVAL,
    /** The class whose midpoint is the assumed mean. */
    ASSUMED,
    /** The first and last class together: the whole table. */
    WHOLE
}
