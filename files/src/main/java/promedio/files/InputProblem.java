package promedio.files;

import promedio.core.sentence.Sentence;

/** Something outside could not be read or written. One sentence tells it: where, what is wrong, what would do. */
public class InputProblem extends Exception {
    private static final long serialVersionUID = 1L;

    private final transient Sentence sentence;

    /** A problem told in one sentence. */
    public InputProblem(Sentence sentence) {
        this(sentence, null);
    }

    /** A problem told in one sentence, with what caused it. */
    public InputProblem(Sentence sentence, Throwable cause) {
        super(sentence.toString(), cause);
        this.sentence = sentence;
    }

    /** The sentence. */
    public Sentence sentence() {
        return sentence;
    }
}
