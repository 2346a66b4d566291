package promedio.core.measure;

import java.util.Collection;
import java.util.Iterator;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.number.Exact;

/** The letters under which what a question gives stands in formulas, and sums of few parts. */
final class GivenLetters {
    private static final Notation.Sign SIGMA = new Notation.Sign("Σ", "\\textstyle\\sum ", "the sum of", false);
    private static final Notation MEAN = Notation.bar("x");

    private GivenLetters() {}

    /** A figure under a letter. */
    static Formula.Named given(Symbol symbol, Exact figure) {
        return Formula.number(figure).named(symbol);
    }

    /** A letter with an index, or without one where that is empty. */
    private static Notation with(Notation letter, String index) {
        return index.isEmpty()
                ? letter
                : new Notation.Lowered(
                        letter,
                        index.chars().allMatch(Character::isDigit) ? Notation.numeral(index) : Notation.word(index));
    }

    private static Symbol symbol(String id, Notation letter, String index) {
        return Symbol.of(index.isEmpty() ? id : id + "-" + index, with(letter, index));
    }

    /** n. */
    static Symbol count(String index) {
        return Symbol.counting(index.isEmpty() ? "n" : "n-" + index, with(Notation.letter("n"), index));
    }

    /** x̄. */
    static Symbol mean(String index) {
        return symbol("mean", MEAN, index);
    }

    /** Σx. */
    static Symbol sum(String index) {
        return symbol("sum", Notation.row(SIGMA, Notation.letter("x")), index);
    }

    /** Σx². */
    static Symbol squares(String index) {
        return symbol("sum-squares", Notation.row(SIGMA, Notation.letter("x").raisedTo(2)), index);
    }

    /** s or σ. */
    static Symbol sd(promedio.core.course.Divisor divisor, String index) {
        Symbol bare = new StandardDeviation(divisor).symbol();
        return symbol(bare.id(), bare.notation(), index);
    }

    /** s² or σ². */
    static Symbol variance(promedio.core.course.Divisor divisor, String index) {
        Symbol bare = new StandardDeviation(divisor).symbol();
        return Symbol.of(
                new Variance(divisor).symbol().id() + (index.isEmpty() ? "" : "-" + index),
                with(bare.notation(), index).raisedTo(2));
    }

    /** Any letter or word with an index. */
    static Symbol of(String id, Notation letter, String index) {
        return symbol(id, letter, index);
    }

    /** Σ before something. */
    static Notation sumOf(Notation... of) {
        Notation[] all = new Notation[of.length + 1];
        all[0] = SIGMA;
        System.arraycopy(of, 0, all, 1, of.length);
        return Notation.row(all);
    }

    /** The sum of some parts, one at least. */
    static Formula added(Collection<? extends Formula> parts) {
        Iterator<? extends Formula> all = parts.iterator();
        Formula sum = all.next();
        while (all.hasNext()) {
            sum = sum.plus(all.next());
        }
        return sum;
    }
}
