package promedio.core.measure;

import static promedio.core.formula.Row.X;
import static promedio.core.formula.Row.Y;

import java.util.List;
import promedio.core.course.Divisor;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.formula.Symbol;
import promedio.core.sample.Sample;
import promedio.core.sample.Shape;
import promedio.core.sentence.Sentence;

/**
 * The standard deviation of one variable of pairs: √(Sxx/d) or √(Syy/d), where d is n or n − 1 as the course card says.
 *
 * <p><b>By hand.</b> The pairs (1; 2), (2; 3), (3; 5) have Sxx = 2 and, with n − 1, s = √(2/2) = 1 of x.
 * <p><b>Undefined</b> for the divisor n − 1 of a single pair.
 * <p><b>Source.</b> [NIST] 1.3.5.6 in docs/sources.md.
 *
 * @param second whether it is that of y
 * @param divisor n − 1 or n
 */
public record PairDeviation(boolean second, Divisor divisor) implements OfPairs {
    @Override
    public String key() {
        return "sd-" + divisor.id() + "/" + letter();
    }

    private String letter() {
        return second ? "y" : "x";
    }

    @Override
    public String question() {
        return "sd/" + letter();
    }

    @Override
    public Symbol symbol() {
        Notation base = divisor == Divisor.SAMPLE ? Notation.letter("s") : Symbols.greek("σ", "\\sigma ", "sigma");
        return Symbol.of(key(), new Notation.Lowered(base, Notation.letter(letter())));
    }

    @Override
    public Traits traits() {
        return Traits.of(Group.EACH)
                .in(second ? Dimension.SECOND : Dimension.UNIT)
                .needing(divisor == Divisor.SAMPLE ? List.of(PairParts.TWO) : List.of())
                .being(Traits.Known.USUAL);
    }

    @Override
    public List<Method> methods(Shape shape) {
        Formula below = divisor == Divisor.SAMPLE ? Symbols.N_LESS_1 : Symbols.N;
        Formula each = second ? Y : X;
        Formula products = second ? PairParts.SYY : PairParts.SXX;
        return List.of(
                new Method("definition", products.over(below).root().named(symbol())),
                new Method(
                        "short-cut",
                        PairParts.shortCut(each, each).over(below).root().named(symbol())));
    }

    @Override
    public Sentence note(Sample sample, Outcome outcome) {
        return Sentence.of("note.divisor." + divisor.id());
    }
}
