package promedio.core.measure;

import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;

/** Symbols that several measures share, and n itself. */
final class Symbols {
    /** n, the number of values. */
    static final Formula.Named N = new Formula.Count().named(Symbol.counting("n", Notation.letter("n")));

    /** n − 1. */
    static final Formula N_LESS_1 = N.minus(Formula.number(1));

    private Symbols() {}

    static Notation greek(String letter, String latex, String spoken) {
        return Notation.letter(letter, latex, spoken);
    }

    static Notation indexed(Notation base, String index) {
        return new Notation.Lowered(base, Notation.word(index));
    }
}
