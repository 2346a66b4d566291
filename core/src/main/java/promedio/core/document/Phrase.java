package promedio.core.document;

import java.util.ArrayList;
import java.util.List;
import promedio.core.formula.Notation;
import promedio.core.sentence.Sentence;

/**
 * A line of a document, or what stands in a cell of a table: pieces without room between them.
 *
 * @param parts the pieces in their order
 */
public record Phrase(List<Inline> parts) {
    /** Nothing. */
    public static final Phrase EMPTY = new Phrase(List.of());

    /** Copies the list. */
    public Phrase {
        parts = List.copyOf(parts);
    }

    /** A text as it is; nothing where it is empty. */
    public static Phrase of(String text) {
        return text.isEmpty() ? EMPTY : new Phrase(List.of(new Inline.Text(text)));
    }

    /** What the program says. */
    public static Phrase of(Sentence sentence) {
        return new Phrase(List.of(new Inline.Said(sentence)));
    }

    /** Mathematics. */
    public static Phrase of(Notation notation) {
        return new Phrase(List.of(new Inline.Maths(notation)));
    }

    /** Sentences one after another. */
    public static Phrase of(List<Sentence> sentences) {
        Phrase all = EMPTY;
        for (Sentence sentence : sentences) {
            all = all.and(of(sentence));
        }
        return all;
    }

    /** Whether there is nothing. */
    public boolean isEmpty() {
        return parts.isEmpty();
    }

    /** This and another, with a blank between where both are something. */
    public Phrase and(Phrase other) {
        return isEmpty() || other.isEmpty()
                ? directly(other)
                : directly(of(" ")).directly(other);
    }

    /** This and another with nothing between. */
    public Phrase directly(Phrase other) {
        List<Inline> all = new ArrayList<>(parts);
        all.addAll(other.parts);
        return new Phrase(all);
    }
}
