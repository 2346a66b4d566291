package promedio.core.number;

/** What rounding does with an exact half: definitions, section 1. */
public enum HalfRule {
    /** The school rule: a half goes away from zero, 2.5 to 3 and −2.5 to −3. */
    HALF_UP,
    /** A half goes to the even neighbour, 2.5 to 2 and 3.5 to 4. */
    HALF_EVEN
}
