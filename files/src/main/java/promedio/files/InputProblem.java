package promedio.files;

import promedio.core.sentence.Visible;

/** Something outside could not be read or written. The message is one sentence: where, what is wrong, what would do. */
public final class InputProblem extends Exception {
    private static final long serialVersionUID = 1L;

    /** A problem told in one sentence. */
    public InputProblem(String sentence) {
        super(Visible.line(sentence));
    }

    /** A problem told in one sentence, with what caused it. */
    public InputProblem(String sentence, Throwable cause) {
        super(Visible.line(sentence), cause);
    }
}
