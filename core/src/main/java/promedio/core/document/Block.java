package promedio.core.document;

import java.util.List;
import promedio.core.formula.Notation;
import promedio.core.marking.Mark;
import promedio.core.picture.Picture;
import promedio.core.working.FigureText;

/** A part of a document that begins on a line of its own. */
public sealed interface Block {
    /**
     * A heading.
     *
     * @param level how deep it stands, from 1
     */
    record Heading(int level, Phrase words) implements Block {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.heading(this);
        }
    }

    /** Sentences. */
    record Paragraph(Phrase words) implements Block {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.paragraph(this);
        }
    }

    /**
     * A line of mathematics.
     *
     * @param beside what stands behind it: a unit, a remark; may be empty
     */
    record Mathematics(Notation line, Phrase beside) implements Block {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.mathematics(this);
        }
    }

    /**
     * A table.
     *
     * @param caption what it is; may be empty
     * @param heads the heads of its columns; none where it has none
     * @param rows its rows, each with a cell for each column
     * @param totals the last row, which sums up; none where it has none
     */
    record Table(Phrase caption, List<Phrase> heads, List<List<Phrase>> rows, List<Phrase> totals) implements Block {
        /** Copies the lists. */
        public Table {
            heads = List.copyOf(heads);
            rows = rows.stream().map(List::copyOf).toList();
            totals = List.copyOf(totals);
        }

        /** Rows of texts, and nothing else. */
        public static Table of(List<List<String>> rows) {
            return new Table(
                    Phrase.EMPTY,
                    List.of(),
                    rows.stream()
                            .map(row -> row.stream().map(Phrase::of).toList())
                            .toList(),
                    List.of());
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.table(this);
        }
    }

    /**
     * A picture.
     *
     * @param text how its figures are written
     * @param alternative what it shows, in words
     * @param width how wide it stands there, in pixels at 96 an inch
     * @param height how high
     */
    record Drawn(Picture picture, FigureText text, Phrase alternative, int width, int height) implements Block {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.drawn(this);
        }
    }

    /**
     * An answer with its mark.
     *
     * @param who whose answer it is; empty where nobody has to be told apart
     * @param asked what was asked
     * @param answer as it was written
     */
    record Marked(String who, Phrase asked, String answer, Mark mark) implements Block {
        /** Whose answer it is, with a colon behind; nothing where nobody has to be told apart. */
        public Phrase named() {
            return Phrase.of(who.isEmpty() ? "" : who + ":");
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.marked(this);
        }
    }

    /** What follows begins on a new page. */
    record PageBreak() implements Block {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.pageBreak(this);
        }
    }

    /** The answer of the case for this block. */
    <R> R fold(Cases<R> cases);

    /** An answer for each kind of block: what a writer of a format is made of. */
    interface Cases<R> {
        /** Of a heading. */
        R heading(Heading heading);

        /** Of a paragraph. */
        R paragraph(Paragraph paragraph);

        /** Of a line of mathematics. */
        R mathematics(Mathematics mathematics);

        /** Of a table. */
        R table(Table table);

        /** Of a picture. */
        R drawn(Drawn drawn);

        /** Of an answer with its mark. */
        R marked(Marked marked);

        /** Of a page break. */
        R pageBreak(PageBreak pageBreak);
    }
}
