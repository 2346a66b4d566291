package promedio.files.delimited;

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
import promedio.files.table.RowFile;

/** Reads pairs from two columns of numbers, and how often they count from a third where one is named. */
final class PairsReader {
    private final StrictRows strict;
    private final List<String> asked;
    private final Optional<String> frequency;

    PairsReader(StrictRows strict, List<String> asked, Optional<String> frequency) {
        this.strict = strict;
        this.asked = asked;
        this.frequency = frequency;
    }

    /** Which columns hold what. */
    private record Places(int x, int y, Optional<Integer> frequency) {}

    SampleReader.Reading read(RowFile file) throws InputProblem {
        List<RowFile.Row> rows = strict.all(file);
        Optional<RowFile.Row> heading = strict.heading(rows);
        int width = rows.stream().mapToInt(row -> row.cells().size()).max().orElse(0);
        Places places = places(heading, width);
        List<Decimals.Builder> values = List.of(new Decimals.Builder(rows.size()), new Decimals.Builder(rows.size()));
        Decimals.Builder weights = new Decimals.Builder(rows.size());
        Exact missing = Exact.ZERO;
        for (RowFile.Row row : heading.isPresent() ? rows.subList(1, rows.size()) : rows) {
            Exact weight = places.frequency().isPresent()
                    ? strict.frequency(row, places.frequency().get(), heading, false)
                    : Exact.ONE;
            Optional<BigDecimal> x = value(row, places.x(), heading);
            Optional<BigDecimal> y = value(row, places.y(), heading);
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
            throw new InputProblem(Sentence.of("input.no-pair", strict.source()));
        }
        strict.checkTotal(Sample.canAddUp(counts));
        Decimals xs = values.get(0).build();
        Decimals ys = values.get(1).build();
        Sample pairs = places.frequency().isPresent() ? Sample.pairs(xs, ys, counts) : Sample.pairs(xs, ys);
        return new SampleReader.Reading(
                pairs.withMissing(missing), heading.map(head -> head.cell(places.x()) + ", " + head.cell(places.y())));
    }

    private Places places(Optional<RowFile.Row> heading, int width) throws InputProblem {
        Optional<Integer> times =
                frequency.isPresent() ? Optional.of(place(frequency.get(), heading, width)) : Optional.empty();
        List<Integer> found = new ArrayList<>();
        for (String one : asked) {
            found.add(place(one, heading, width));
        }
        if (asked.isEmpty()) {
            IntStream.range(0, width)
                    .filter(i -> times.filter(at -> at == i).isEmpty())
                    .forEach(found::add);
        }
        if (found.size() != 2) {
            throw new InputProblem(Sentence.of(
                    "input.pairs", strict.source(), Integer.toString(width), StrictRows.names(heading, width)));
        }
        return new Places(found.get(0), found.get(1), times);
    }

    private int place(String column, Optional<RowFile.Row> heading, int width) throws InputProblem {
        return StrictRows.column(column, heading, width).orElseThrow(() -> strict.noColumn(column, heading, width));
    }

    private Optional<BigDecimal> value(RowFile.Row row, int at, Optional<RowFile.Row> heading) throws InputProblem {
        String cell = row.cell(at);
        return strict.isMissing(cell)
                ? Optional.empty()
                : Optional.of(strict.number(cell, row, heading.map(head -> head.cell(at)), "input.expected.number"));
    }
}
