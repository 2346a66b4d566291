package promedio.core.pasted;

/**
 * A piece of a line.
 *
 * @param kind what it is
 * @param text as it stands
 * @param label whether a colon or an equals sign behind it makes it the label of what follows
 */
record Item(Kind kind, String text, boolean label) {
    /** What a piece is. */
    enum Kind {
        /** A class such as 10–19. */
        CLASS,
        /** A number, a unit perhaps with it. */
        NUMBER,
        /** One or more words. */
        WORDS
    }

    boolean is(Kind other) {
        return kind == other;
    }
}
