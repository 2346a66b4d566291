package promedio.core.slip;

import static promedio.core.slip.Asked.bare;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.formula.Formula;
import promedio.core.formula.Operator;
import promedio.core.formula.Row;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;

/** What goes wrong with pairs. */
final class PairSlips {
    /** Longer lists are not worked by hand. */
    private static final int MOST_ROWS = 200;

    private PairSlips() {}

    private static boolean isHandSized(Sample sample) {
        return sample.rows() > 1 && sample.rows() <= MOST_ROWS && !sample.weighted();
    }

    private static Sample of(List<BigDecimal> xs, List<BigDecimal> ys) {
        return Sample.pairs(Decimals.from(xs), Decimals.from(ys));
    }

    private static List<BigDecimal> xs(Sample sample) {
        return all(sample.values());
    }

    private static List<BigDecimal> ys(Sample sample) {
        return all(sample.paired().orElseThrow().second().values());
    }

    private static List<BigDecimal> all(Decimals column) {
        return new ArrayList<>(
                IntStream.range(0, column.size()).mapToObj(column::decimal).toList());
    }

    /** One pair more or less. */
    static List<Changed> counted(Asked asked, String slip, int more) {
        Sample sample = asked.sample();
        if (!isHandSized(sample)) {
            return List.of();
        }
        List<Changed> changed = new ArrayList<>();
        for (int row = 0; row < sample.rows(); row++) {
            List<BigDecimal> xs = xs(sample);
            List<BigDecimal> ys = ys(sample);
            String pair = "(" + xs.get(row).toPlainString() + "; " + ys.get(row).toPlainString() + ")";
            if (more > 0) {
                xs.add(row, xs.get(row));
                ys.add(row, ys.get(row));
            } else {
                xs.remove(row);
                ys.remove(row);
            }
            asked.under(of(xs, ys))
                    .ifPresent(way ->
                            changed.add(new Changed(slip, Sentence.of("slip." + slip, pair), way, Optional.of(pair))));
        }
        return changed;
    }

    /** One x or one y written as another number. */
    static List<Changed> copied(Asked asked, String slip, Copied.Miswriting miswriting) {
        Sample sample = asked.sample();
        if (!isHandSized(sample)) {
            return List.of();
        }
        List<Changed> changed = new ArrayList<>();
        for (boolean second : new boolean[] {false, true}) {
            List<BigDecimal> column = second ? ys(sample) : xs(sample);
            for (int row = 0; row < sample.rows(); row++) {
                BigDecimal value = column.get(row);
                for (BigDecimal other : miswriting.of(value)) {
                    List<BigDecimal> written = new ArrayList<>(column);
                    written.set(row, other);
                    Sample as = second ? of(xs(sample), written) : of(written, ys(sample));
                    String from = value.toPlainString();
                    asked.under(as)
                            .ifPresent(
                                    way -> changed.add(Changed.blaming(slip, way, from, from, other.toPlainString())));
                }
            }
        }
        return changed;
    }

    /** Σxy, Σx² and Σy² taken for Sxy, Sxx and Syy: nothing was taken off. */
    static List<Changed> uncorrected(Asked asked) {
        return asked
                .everywhere(part -> part instanceof Formula.Named named ? bareTotal(named) : Optional.empty())
                .map(way -> Changed.of("products-not-corrected", way))
                .stream()
                .toList();
    }

    private static Optional<Formula> bareTotal(Formula.Named products) {
        return switch (products.symbol().id()) {
            case "sxy" -> Optional.of(Formula.total(Row.X.times(Row.Y)));
            case "sxx" -> Optional.of(Formula.total(Row.X.squared()));
            case "syy" -> Optional.of(Formula.total(Row.Y.squared()));
            default -> Optional.empty();
        };
    }

    /** The means of x and y exchanged where a line goes through them. */
    static List<Changed> meansExchanged(Asked asked) {
        if (!asked.asks("intercept", "intercept/x-on-y")
                || bare(asked.formula()).parts().size() != 2) {
            return List.of();
        }
        Formula difference = bare(asked.formula());
        Formula own = difference.parts().get(0);
        Formula product = difference.parts().get(1);
        Formula changed = product.parts().get(1).minus(product.parts().get(0).times(own));
        return asked.value(changed).map(way -> Changed.of("means-exchanged", way)).stream()
                .toList();
    }

    /** The “1 −” of Spearman's formula forgotten. */
    static List<Changed> complementForgotten(Asked asked) {
        Formula formula = bare(asked.formula());
        boolean complement = formula instanceof Formula.Operation difference
                && difference.operator() == Operator.MINUS
                && difference.operands().get(0) instanceof Formula.Constant one
                && one.value().equals(Exact.ONE);
        return complement
                ? asked.value(formula.parts().get(1)).map(way -> Changed.of("complement-forgotten", way)).stream()
                        .toList()
                : List.of();
    }

    /** The differences of ranks added up without being squared. */
    static List<Changed> ranksNotSquared(Asked asked) {
        Formula squared = Row.RANK_OF_X.minus(Row.RANK_OF_Y).squared();
        Formula size = Row.RANK_OF_X.minus(Row.RANK_OF_Y).abs();
        return asked
                .everywhere(part ->
                        part.equals(Formula.total(squared)) ? Optional.of(Formula.total(size)) : Optional.empty())
                .map(way -> Changed.of("absolute-for-square", way))
                .stream()
                .toList();
    }
}
