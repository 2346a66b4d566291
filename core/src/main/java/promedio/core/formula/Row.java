package promedio.core.formula;

import promedio.core.number.Exact;
import promedio.core.sample.Paired;
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

    /** The second value of a row of pairs, y. */
    public static final Formula Y = new Formula.Variable("y");
    /** The rank of the row’s x among all x. */
    public static final Formula RANK_OF_X = new Formula.Variable("rank of x");
    /** The rank of the row’s y among all y. */
    public static final Formula RANK_OF_Y = new Formula.Variable("rank of y");

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

    /** Whether a formula is something that rows of pairs have besides x and f. */
    static boolean isOfPairs(Formula formula) {
        return formula instanceof Formula.Variable && !isValue(formula) && !isWeight(formula);
    }

    /** The figure that a letter stands for here, in a row of a sample. @throws NoValue when there is none of that letter */
    Exact read(Formula.Variable letter, Sample sample) {
        return switch (letter.letter()) {
            case "x" -> value;
            case "f" -> weight;
            default ->
                sample.paired()
                        .filter(pairs -> index >= 0)
                        .map(pairs -> ofPairs(letter, pairs))
                        .orElseThrow(() -> NoValue.because("undefined.no-letter", letter.letter()));
        };
    }

    private Exact ofPairs(Formula.Variable letter, Paired pairs) {
        return letter.equals(Y)
                ? pairs.value(index)
                : letter.equals(RANK_OF_X) ? pairs.firstRank(index) : pairs.secondRank(index);
    }
}
