package promedio.core.formula;

import promedio.core.number.Exact;
import promedio.core.sample.Ranking;
import promedio.core.sample.Sample;

/**
 * A row that totals and picks run over: an entry of the sample, or all values of one size together.
 *
 * @param index the row of the sample, counted from 0; −1 for values of one size together
 * @param value x
 * @param weight f, how often it counts
 */
public record Row(int index, Exact value, Exact weight) {
    /** The row's value, x. */
    public static final Formula X = new Formula.Variable("x");
    /** The row's frequency, f: 1 in every row of a list, where nobody writes it. */
    public static final Formula F = new Formula.Variable("f");

    /** Whether a formula is x. */
    public static boolean isValue(Formula formula) {
        return formula instanceof Formula.Variable variable && variable.letter().equals("x");
    }

    /** Whether a formula is f. */
    static boolean isWeight(Formula formula) {
        return formula instanceof Formula.Variable variable && variable.letter().equals("f");
    }

    static Row of(Sample sample, int index) {
        return new Row(index, sample.value(index), sample.weight(index));
    }

    static Row of(Ranking ranking, int place, Exact weight) {
        return new Row(-1, ranking.distinct().at(place), weight);
    }

    /** The figure that a letter stands for here. @throws NoValue when there is none of that letter */
    Exact read(Formula.Variable letter) {
        return switch (letter.letter()) {
            case "x" -> value;
            case "f" -> weight;
            default -> throw NoValue.because("undefined.no-letter", letter.letter());
        };
    }
}
