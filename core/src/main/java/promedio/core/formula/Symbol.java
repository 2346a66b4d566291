package promedio.core.formula;

/**
 * The name of a named part: one symbol, such as x̄, n or L. What is written for it may follow the course (s or σ); what
 * it means does not.
 *
 * @param id the stable name that rewrites and overrides go by
 * @param notation how it is written unless the course says otherwise
 * @param counts whether it stands for a count or a position, which rounded working leaves as it is
 */
public record Symbol(String id, Notation notation, boolean counts) {
    /** A symbol for a figure. */
    public static Symbol of(String id, Notation notation) {
        return new Symbol(id, notation, false);
    }

    /** A symbol for a count or a position. */
    public static Symbol counting(String id, Notation notation) {
        return new Symbol(id, notation, true);
    }
}
