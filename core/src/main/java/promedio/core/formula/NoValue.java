package promedio.core.formula;

import promedio.core.sentence.Sentence;

/** Leaves a computation that has no value; turned into {@link Outcome.Undefined} before anyone outside sees it. */
final class NoValue extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Sentence reason;

    NoValue(Sentence reason) {
        super(reason.key(), null, false, false);
        this.reason = reason;
    }

    static NoValue because(String key, Object... facts) {
        return new NoValue(Sentence.of(key, facts));
    }

    Sentence reason() {
        return reason;
    }
}
