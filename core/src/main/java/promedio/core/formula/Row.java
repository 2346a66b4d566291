package promedio.core.formula;

import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sample.Letter;
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
    public static final Formula X = new Formula.Variable(Letter.X);
    /** The row's frequency, f: 1 in every row of a list, where nobody writes it. */
    public static final Formula F = new Formula.Variable(Letter.F);

    /** The second value of a row of pairs, y. */
    public static final Formula Y = new Formula.Variable(Letter.Y);
    /** The rank of the row’s x among all x. */
    public static final Formula RANK_OF_X = new Formula.Variable(Letter.RANK_OF_X);
    /** The rank of the row’s y among all y. */
    public static final Formula RANK_OF_Y = new Formula.Variable(Letter.RANK_OF_Y);

    /** Whether a formula is x. */
    public static boolean isValue(Formula formula) {
        return formula instanceof Formula.Variable variable && variable.letter() == Letter.X;
    }

    /** Whether a formula is f. */
    static boolean isWeight(Formula formula) {
        return formula instanceof Formula.Variable variable && variable.letter() == Letter.F;
    }

    static Row of(Sample sample, int index) {
        return new Row(index, sample.value(index), sample.weight(index));
    }

    static Row of(Ranking ranking, int place, Exact weight) {
        return new Row(-1, ranking.distinct().at(place), weight);
    }

    /** The figure that a letter stands for here, in a row of a sample. @throws NoValue when there is none of that letter */
    Exact read(Letter letter, Sample sample) {
        return switch (letter) {
            case X -> value;
            case F -> weight;
            default ->
                Optional.of(letter)
                        .filter(any -> index >= 0)
                        .flatMap(any -> sample.letter(any, index))
                        .orElseThrow(() -> NoValue.because("undefined.no-letter", letter.written()));
        };
    }
}
