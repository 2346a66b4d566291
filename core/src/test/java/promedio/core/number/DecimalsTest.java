package promedio.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

class DecimalsTest {
    /** Decimals small and large, so that words, pivots and wide numbers all occur. */
    @Provide
    Arbitrary<List<BigDecimal>> samples() {
        Arbitrary<BigDecimal> small = Arbitraries.bigDecimals()
                .between(new BigDecimal("-999"), new BigDecimal("999"))
                .ofScale(3);
        Arbitrary<BigDecimal> shifted = Arbitraries.bigDecimals()
                .between(new BigDecimal("900000000000.0"), new BigDecimal("900000000100.0"))
                .ofScale(2);
        Arbitrary<BigDecimal> large = Arbitraries.bigDecimals()
                .between(new BigDecimal("-1e30"), new BigDecimal("1e30"))
                .ofScale(5);
        Arbitrary<BigDecimal> edge =
                Arbitraries.of(Integer.MIN_VALUE, Integer.MAX_VALUE, 0, -1).map(BigDecimal::new);
        return Arbitraries.oneOf(
                small.list().ofMaxSize(30),
                shifted.list().ofMaxSize(30),
                large.list().ofMaxSize(10),
                edge.list().ofMaxSize(40));
    }

    @Property
    void power_sums_are_those_of_plain_arithmetic(@ForAll("samples") List<BigDecimal> values) {
        Exact[] sums = Decimals.from(values).powerSums(4);
        for (int k = 0; k <= 4; k++) {
            BigDecimal slow = BigDecimal.ZERO;
            for (BigDecimal value : values) {
                slow = slow.add(value.pow(k));
            }
            assertThat(sums[k]).as("k = %d", k).isEqualTo(Exact.from(slow));
        }
        assertThat(Decimals.from(values).powerSums(2)[2]).isEqualTo(sums[2]);
    }

    /** Where each piece of a product is largest: just below the bound of the machine words, on both sides and on one. */
    @Property(tries = 60)
    void power_sums_of_many_large_values_do_not_overflow(@ForAll long seed) {
        Random random = new Random(seed);
        long bound = 1L << (20 + random.nextInt(15));
        List<BigDecimal> values = random.longs(2_000, random.nextBoolean() ? -bound : bound / 2, bound)
                .mapToObj(BigDecimal::valueOf)
                .toList();
        power_sums_are_those_of_plain_arithmetic(values);
    }

    @Property
    void values_come_back_as_they_went_in_and_in_order_when_sorted(@ForAll("samples") List<BigDecimal> values) {
        Decimals decimals = Decimals.from(values);
        Decimals sorted = decimals.ascending();
        List<BigDecimal> slow = values.stream().sorted().toList();
        for (int i = 0; i < values.size(); i++) {
            assertThat(decimals.decimal(i)).isEqualByComparingTo(values.get(i));
            assertThat(sorted.decimal(i)).isEqualByComparingTo(slow.get(i));
        }
    }

    @Property
    void a_finer_value_widens_the_scale_of_all(@ForAll("samples") List<BigDecimal> values) {
        Decimals.Builder builder = new Decimals.Builder(4);
        values.forEach(builder::add);
        builder.add(new BigDecimal(BigInteger.ONE, 25));
        Decimals decimals = builder.build();
        assertThat(decimals.places()).isEqualTo(25);
        assertThat(decimals.isCompact()).isFalse();
        for (int i = 0; i < values.size(); i++) {
            assertThat(decimals.at(i)).isEqualTo(Exact.from(values.get(i)));
        }
    }
}
