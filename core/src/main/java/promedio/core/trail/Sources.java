package promedio.core.trail;

import promedio.core.data.Table;
import promedio.core.sentence.Sentence;

/** Where the other tables of a trail come from. */
public interface Sources {
    /** There are none. */
    Sources NONE = (file, key) -> {
        throw new NotRead(Sentence.of("step.no-sources", file));
    };

    /**
     * A table that a trail names.
     *
     * @param key a column that it is to have, which tells whether its first row is a heading
     * @throws NotRead when it cannot be read
     */
    Table table(String file, String key) throws NotRead;

    /** A table could not be read. */
    final class NotRead extends Exception {
        private static final long serialVersionUID = 1;

        private final transient Sentence sentence;

        /** Could not be read, and why. */
        public NotRead(Sentence sentence) {
            super(sentence.toString());
            this.sentence = sentence;
        }

        /** Why. */
        public Sentence sentence() {
            return sentence;
        }
    }
}
