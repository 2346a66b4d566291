package promedio.core.language;

import promedio.core.sentence.Sentence;

/** What was written cannot be read, or makes no sense where it is applied: one sentence, and where. */
public final class Fault extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient Place at;
    private final transient Sentence sentence;

    /** A fault at a place. */
    public Fault(Place at, Sentence sentence) {
        super(sentence.toString(), null, false, false);
        this.at = at;
        this.sentence = sentence;
    }

    /** A fault at a place, by key and facts. */
    public static Fault of(Place at, String key, Object... facts) {
        return new Fault(at, Sentence.of(key, facts));
    }

    /** Where it is. */
    public Place at() {
        return at;
    }

    /** What is wrong, and what would do. */
    public Sentence sentence() {
        return sentence;
    }
}
