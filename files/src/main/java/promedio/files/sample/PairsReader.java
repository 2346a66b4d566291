package promedio.files.sample;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;
import promedio.files.table.ColumnSearch;

/** Reads pairs from two columns of numbers, and how often they count from a third where one is named. */
final class PairsReader {
    private final StrictTable table;
    private final List<String> asked;
    private final Optional<String> frequency;

    PairsReader(StrictTable table, List<String> asked, Optional<String> frequency) {
        this.table = table;
        this.asked = asked;
        this.frequency = frequency;
    }

    /** Which columns hold what. */
    private record Places(int x, int y, Optional<Integer> frequency) {
        List<Integer> all() {
            return frequency.map(at -> List.of(x, y, at)).orElse(List.of(x, y));
        }
    }

    SampleReader.Reading read() throws InputProblem {
        Places places = places();
        int rows = table.rows();
        List<Decimals.Builder> values = List.of(new Decimals.Builder(rows), new Decimals.Builder(rows));
        Decimals.Builder weights = new Decimals.Builder(rows);
        Exact missing = Exact.ZERO;
        for (int row = 0; row < rows; row++) {
            Exact weight = places.frequency().isPresent()
                    ? table.frequency(places.frequency().get(), row, false)
                    : Exact.ONE;
            Optional<BigDecimal> x = value(places.x(), row);
            Optional<BigDecimal> y = value(places.y(), row);
            if (x.isEmpty() || y.isEmpty()) {
                missing = missing.plus(weight);
            } else if (weight.signum() > 0) {
                values.get(0).add(x.get());
                values.get(1).add(y.get());
                weights.add(weight.toPlaces(0, HalfRule.HALF_UP));
            }
        }
        Decimals counts = weights.build();
        if (counts.size() == 0) {
            throw new InputProblem(Sentence.of("input.no-pair", table.source()));
        }
        table.checkTotal(Sample.canAddUp(counts));
        Decimals xs = values.get(0).build();
        Decimals ys = values.get(1).build();
        Sample pairs = places.frequency().isPresent() ? Sample.pairs(xs, ys, counts) : Sample.pairs(xs, ys);
        Optional<String> heading = table.heading(places.x())
                .map(x -> x + ", " + table.heading(places.y()).orElseThrow());
        return new SampleReader.Reading(pairs.withMissing(missing), heading, places.all());
    }

    private Places places() throws InputProblem {
        Optional<Integer> times = frequency.isPresent() ? Optional.of(table.column(frequency.get())) : Optional.empty();
        List<Integer> found = new ArrayList<>();
        for (String one : asked) {
            found.add(table.column(one));
        }
        if (asked.isEmpty()) {
            IntStream.range(0, table.columns().size())
                    .filter(i -> times.filter(at -> at == i).isEmpty())
                    .forEach(found::add);
        }
        if (found.size() != 2) {
            throw new InputProblem(Sentence.of(
                    "input.pairs",
                    table.source(),
                    Integer.toString(table.columns().size()),
                    ColumnSearch.listed(table.columns())));
        }
        return new Places(found.get(0), found.get(1), times);
    }

    private Optional<BigDecimal> value(int column, int row) throws InputProblem {
        return table.isMissing(column, row)
                ? Optional.empty()
                : Optional.of(table.number(column, row, "input.expected.number"));
    }
}
