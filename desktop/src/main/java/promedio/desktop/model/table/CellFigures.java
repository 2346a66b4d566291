package promedio.desktop.model.table;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;

/**
 * What chosen cells come to.
 *
 * @param cells how many are chosen
 * @param numbers how many of them are numbers
 * @param missing how many are missing
 * @param sum the sum of the numbers
 * @param least the least of them
 * @param largest the largest of them
 * @param all the numbers themselves, where they were asked for
 */
public record CellFigures(
        long cells,
        long numbers,
        long missing,
        Exact sum,
        Optional<Exact> least,
        Optional<Exact> largest,
        Optional<Sample> all) {
    /**
     * Some rows of some columns.
     *
     * @param keep whether the numbers are wanted, for measures that take all of them
     */
    public static CellFigures of(List<Column> columns, int[] rows, boolean keep) {
        Decimals.Builder kept = new Decimals.Builder(16);
        BigDecimal sum = BigDecimal.ZERO;
        BigDecimal least = null;
        BigDecimal largest = null;
        long numbers = 0;
        long missing = 0;
        for (Column cells : columns) {
            for (int row : rows) {
                if (cells.isMissing(row)) {
                    missing++;
                    continue;
                }
                Optional<BigDecimal> number =
                        cells instanceof Column.OfNumbers some ? some.number(row) : Optional.empty();
                if (number.isPresent()) {
                    BigDecimal value = number.get();
                    numbers++;
                    if (keep) {
                        kept.add(value);
                    }
                    sum = sum.add(value);
                    least = least == null ? value : least.min(value);
                    largest = largest == null ? value : largest.max(value);
                }
            }
        }
        long size = (long) rows.length * columns.size();
        return new CellFigures(
                size,
                numbers,
                missing,
                Exact.from(sum),
                Optional.ofNullable(least).map(Exact::from),
                Optional.ofNullable(largest).map(Exact::from),
                keep && numbers > 0 ? Optional.of(Sample.list(kept.build())) : Optional.empty());
    }

    /** A measure of the numbers under a card; empty where it has no value, or they were not kept. */
    public Optional<Figure> measure(String question, CourseCard card) {
        return all.flatMap(sample -> Catalogue.lists()
                .find(question, card)
                .flatMap(measure -> measure.outcome(Evaluation.of(sample)).single()));
    }

    /** The mean of the numbers; empty where there are none. */
    public Optional<Exact> mean() {
        return numbers == 0 ? Optional.empty() : Optional.of(sum.over(Exact.of(numbers)));
    }
}
