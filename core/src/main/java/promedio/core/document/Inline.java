package promedio.core.document;

import promedio.core.formula.Notation;
import promedio.core.sentence.Sentence;

/** A piece of a line of a document. */
public sealed interface Inline {
    /** A text as it is: a name, a figure, an answer. */
    record Text(String text) implements Inline {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.text(this);
        }
    }

    /** What the program says, in whatever language it is written down. */
    record Said(Sentence sentence) implements Inline {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.said(this);
        }
    }

    /** Mathematics within the line. */
    record Maths(Notation notation) implements Inline {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.maths(this);
        }
    }

    /** The answer of the case for this piece. */
    <R> R fold(Cases<R> cases);

    /** An answer for each kind of piece. */
    interface Cases<R> {
        /** Of a text. */
        R text(Text text);

        /** Of a sentence. */
        R said(Said said);

        /** Of mathematics. */
        R maths(Maths maths);
    }
}
