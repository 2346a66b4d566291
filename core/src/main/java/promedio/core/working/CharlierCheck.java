package promedio.core.working;

import static promedio.core.formula.Formula.number;
import static promedio.core.formula.Formula.total;
import static promedio.core.formula.Row.X;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.formula.Symbol;
import promedio.core.formula.Writer;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;

/**
 * Charlier’s checks of a table of step deviations u = (x − A)/h: Σf(u + 1) = Σfu + n, Σf(u + 1)² = Σfu² + 2Σfu + n, and so
 * on. A slip in one of the columns shows, since the two sides then differ.
 */
public final class CharlierCheck {
    private static final int[][] BINOMIAL = {{1, 1}, {1, 2, 1}, {1, 3, 3, 1}, {1, 4, 6, 4, 1}};

    private CharlierCheck() {}

    /**
     * The checks of a class table with classes of one width.
     *
     * @param highest up to which power, 1 to 4
     * @return a line each; none where widths differ or an end is missing
     */
    public static List<Notation> of(Sample sample, CourseCard card, int highest) {
        Optional<ClassTable> table = sample.classes().filter(classes -> !classes.isOpen());
        Optional<Exact> width = table.flatMap(ClassTable::commonWidth);
        if (width.isEmpty()) {
            return List.of();
        }
        Exact origin = table.get().at(table.get().assumed()).midpoint().orElseThrow();
        Formula u = X.minus(number(origin)).over(number(width.get())).named(Symbol.of("u", Notation.letter("u")));
        Evaluation evaluation = Evaluation.of(sample);
        Writer writer = new Writer(card.letters(), true, Writer.SYMBOLS);
        FigureText text = new FigureText(card, sample.places());
        List<Notation> checks = new ArrayList<>();
        for (int k = 1; k <= highest; k++) {
            Formula raised = u.plus(number(1));
            Formula left = total(k == 1 ? raised : raised.power(k));
            Formula right = right(u, k);
            checks.add(Notation.row(
                    writer.write(left),
                    Writer.EQUALS,
                    figure(evaluation, left, text),
                    Notation.word(",   "),
                    writer.write(right),
                    Writer.EQUALS,
                    figure(evaluation, right, text)));
        }
        return checks;
    }

    private static Formula right(Formula u, int k) {
        Formula sum = null;
        for (int power = k; power >= 0; power--) {
            int factor = BINOMIAL[k - 1][power];
            Formula term = power == 0
                    ? new Formula.Count().named(Symbol.counting("n", Notation.letter("n")))
                    : total(power == 1 ? u : u.power(power));
            Formula weighted = factor == 1 ? term : number(factor).times(term);
            sum = sum == null ? weighted : sum.plus(weighted);
        }
        return sum;
    }

    private static Notation figure(Evaluation evaluation, Formula formula, FigureText text) {
        return Notation.numeral(
                text.carried(evaluation.outcome(formula).single().orElseThrow()));
    }
}
