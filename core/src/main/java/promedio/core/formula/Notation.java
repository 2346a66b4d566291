package promedio.core.formula;

import java.util.Arrays;
import java.util.List;

/**
 * How a formula looks, before it becomes LaTeX, MathML, plain text or spoken words: letters, numerals and signs in rows,
 * fractions, roots, raised and lowered parts. {@link NotationText} has the four ways out.
 */
public sealed interface Notation {

    /** A letter or short word. {@code upright} is for words such as “mode”; {@code spoken} is what a screen reader says. */
    record Letter(String text, String latex, String spoken, boolean upright) implements Notation {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.letter(this);
        }
    }

    /** Digits, with their sign, marks and unit of rounding, as they are to be shown. */
    record Numeral(String text) implements Notation {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.numeral(this);
        }
    }

    /** An operator or relation sign. */
    record Sign(String text, String latex, String spoken, boolean spaced) implements Notation {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.sign(this);
        }
    }

    /** Things side by side. */
    record Row(List<Notation> items) implements Notation {
        /** Copies the items. */
        public Row {
            items = List.copyOf(items);
        }

        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.row(this);
        }
    }

    /** One above another. */
    record Fraction(Notation top, Notation bottom) implements Notation {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.fraction(this);
        }
    }

    /** A square root. */
    record RootSign(Notation body) implements Notation {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.rootSign(this);
        }
    }

    /** A raised part. */
    record Raised(Notation base, Notation exponent) implements Notation {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.raised(this);
        }
    }

    /** A lowered part. */
    record Lowered(Notation base, Notation index) implements Notation {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.lowered(this);
        }
    }

    /** A bar or tilde over a letter. */
    record Accented(Letter base, Accent accent) implements Notation {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.accented(this);
        }
    }

    /** Something in brackets or bars. */
    record Fenced(String open, Notation body, String close) implements Notation {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.fenced(this);
        }
    }

    /** A part of the look that stands for a node of the tree, so that a screen can light it up. */
    record Marked(Site site, Formula origin, Notation body) implements Notation {
        @Override
        public <R> R fold(Cases<R> cases) {
            return cases.marked(this);
        }
    }

    /** What can stand over a letter. */
    enum Accent {
        /** x̄. */
        BAR,
        /** x̃. */
        TILDE
    }

    /** One answer for each kind. */
    interface Cases<R> {
        /** A letter. */
        R letter(Letter letter);

        /** A numeral. */
        R numeral(Numeral numeral);

        /** A sign. */
        R sign(Sign sign);

        /** A row. */
        R row(Row row);

        /** A fraction. */
        R fraction(Fraction fraction);

        /** A root. */
        R rootSign(RootSign root);

        /** A raised part. */
        R raised(Raised raised);

        /** A lowered part. */
        R lowered(Lowered lowered);

        /** A letter with a bar or tilde. */
        R accented(Accented accented);

        /** Something in brackets. */
        R fenced(Fenced fenced);

        /** A part that stands for a node. */
        R marked(Marked marked);
    }

    /** The answer of this kind's case. */
    <R> R fold(Cases<R> cases);

    /** A Latin letter, in italics. */
    static Letter letter(String text) {
        return new Letter(text, text, text, false);
    }

    /** A Greek or other letter. */
    static Letter letter(String text, String latex, String spoken) {
        return new Letter(text, latex, spoken, false);
    }

    /** A short upright word. */
    static Letter word(String text) {
        return new Letter(text, "\\mathrm{" + text.replace(" ", "\\ ") + "}", text, true);
    }

    /** Digits as they stand. */
    static Numeral numeral(String text) {
        return new Numeral(text);
    }

    /** Things side by side. */
    static Row row(Notation... items) {
        return new Row(Arrays.asList(items));
    }

    /** A letter with a bar. */
    static Notation bar(String letter) {
        return new Accented(letter(letter), Accent.BAR);
    }

    /** A letter with a tilde. */
    static Notation tilde(String letter) {
        return new Accented(letter(letter), Accent.TILDE);
    }

    /** A letter with an index. */
    static Notation indexed(String letter, String index) {
        boolean digits = index.chars().allMatch(Character::isDigit);
        return new Lowered(letter(letter), digits ? numeral(index) : word(index));
    }

    /** This with an exponent. */
    default Notation raisedTo(int exponent) {
        return new Raised(this, numeral(Integer.toString(exponent)));
    }

    /** As LaTeX, for mathematics mode. */
    default String latex() {
        return NotationText.latex(this);
    }

    /**
     * As LaTeX in which each part that stands for a node has a colour of its own: the colour’s number is the node’s place in
     * the list, counted from 1. A typesetter’s outlines sorted by colour are then the places of the nodes.
     *
     * @param origins where the nodes are added
     */
    default String latex(List<Formula> origins) {
        return NotationText.latex(this, origins);
    }

    /** As presentation MathML, a whole {@code <math>} element. */
    default String mathMl() {
        return NotationText.mathMl(this);
    }

    /** As one line of Unicode text. */
    default String text() {
        return NotationText.plain(this);
    }

    /** As words for a screen reader. */
    default String words() {
        return NotationText.words(this);
    }
}
