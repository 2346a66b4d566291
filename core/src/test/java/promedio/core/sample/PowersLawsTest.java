package promedio.core.sample;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;

/** Totals that samples know are those that one gets row by row. */
class PowersLawsTest {
    private record Line(int first, int second, int often) {}

    @Provide
    Arbitrary<List<Line>> lines() {
        Arbitrary<Integer> value = Arbitraries.integers().between(-40, 40);
        return Arbitraries.integers()
                .between(1, 5)
                .flatMap(often -> value.flatMap(first -> value.map(second -> new Line(first, second, often))))
                .list()
                .ofMinSize(1)
                .ofMaxSize(12);
    }

    private static Decimals tenths(List<Integer> of) {
        return Decimals.from(of.stream().map(one -> BigDecimal.valueOf(one, 1)).toList());
    }

    private static Exact byRow(Sample sample, Powers powers) {
        Exact sum = Exact.ZERO;
        for (int row = 0; row < sample.rows(); row++) {
            Exact product = sample.weight(row);
            for (Map.Entry<Letter, Integer> one : powers.of().entrySet()) {
                for (int i = 0; i < one.getValue(); i++) {
                    product = product.times(sample.letter(one.getKey(), row).orElseThrow());
                }
            }
            sum = sum.plus(product);
        }
        return sum;
    }

    /** All products of up to four letters, of which those that are kept are as they should be and the others are refused. */
    private static List<Powers> products() {
        List<Powers> all = new ArrayList<>(List.of(Powers.NONE));
        for (int from = 0, degree = 0; degree < 4; degree++) {
            int to = all.size();
            for (; from < to; from++) {
                for (Letter letter : Letter.values()) {
                    all.add(all.get(from).times(Powers.of(letter)));
                }
            }
        }
        return all.stream().distinct().toList();
    }

    @Property(tries = 60)
    void totals_that_are_known_are_those_of_the_rows(@ForAll("lines") @Size(min = 1) List<Line> lines) {
        Decimals first = tenths(lines.stream().map(Line::first).toList());
        Decimals second = tenths(lines.stream().map(Line::second).toList());
        Decimals often = Decimals.from(
                lines.stream().map(line -> BigDecimal.valueOf(line.often())).toList());
        Sample pairs = Sample.pairs(first, second, often);
        Sample single = Sample.frequencies(first, often, false);
        Map<Integer, Integer> kept = new java.util.TreeMap<>();
        for (Powers powers : products()) {
            if (powers.isKept()) {
                assertThat(pairs.total(powers)).as("%s", powers).contains(byRow(pairs, powers));
                boolean ofOne = powers.of().keySet().stream().allMatch(letter -> letter == Letter.X);
                assertThat(single.total(powers).isPresent()).as("%s", powers).isEqualTo(ofOne);
                kept.merge(
                        powers.of().values().stream()
                                .mapToInt(Integer::intValue)
                                .sum(),
                        1,
                        Integer::sum);
            } else {
                assertThatThrownBy(() -> pairs.total(powers)).isInstanceOf(IllegalArgumentException.class);
            }
        }
        // 1; x, y, R of both; their products of two within each, and x to the fourth.
        assertThat(kept).isEqualTo(Map.of(0, 1, 1, 4, 2, 6, 3, 1, 4, 1));
        Map<Letter, Boolean> has = new EnumMap<>(Letter.class);
        for (Letter letter : Letter.values()) {
            has.put(letter, single.letter(letter, 0).isPresent());
        }
        assertThat(has)
                .containsEntry(Letter.X, true)
                .containsEntry(Letter.F, true)
                .containsEntry(Letter.Y, false);
    }
}
