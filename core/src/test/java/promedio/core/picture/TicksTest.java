package promedio.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import promedio.core.number.Exact;
import promedio.core.number.HalfRule;

/** The numbers on an upright axis. */
class TicksTest {
    private static List<BigDecimal> ticks(double high, int most, boolean whole) {
        Exact to = Exact.from(BigDecimal.valueOf(high));
        return Ticks.multiples(Exact.ZERO, to, Ticks.step(to, most, whole)).stream()
                .map(tick -> tick.toPlaces(tick.placesInFull().orElseThrow(), HalfRule.HALF_UP))
                .toList();
    }

    @Property
    void there_are_no_more_than_fit_and_they_stand_at_even_steps(
            @ForAll @DoubleRange(min = 0.01, max = 1e7) double high,
            @ForAll @IntRange(min = 2, max = 12) int most,
            @ForAll boolean whole) {
        List<BigDecimal> ticks = ticks(high, most, whole);
        assertThat(ticks.get(0)).isEqualByComparingTo(BigDecimal.ZERO);
        assertThat(ticks.size()).isLessThanOrEqualTo(most + 1);
        assertThat(ticks.get(ticks.size() - 1).doubleValue()).isLessThanOrEqualTo(high * (1 + 1e-6));
        for (int i = 2; i < ticks.size(); i++) {
            assertThat(ticks.get(i).subtract(ticks.get(i - 1)))
                    .isEqualByComparingTo(ticks.get(1).subtract(ticks.get(0)));
        }
        // A reader counts in 1, 2, 5 or 2.5 and tens of them.
        if (ticks.size() > 1) {
            String digits = ticks.get(1).stripTrailingZeros().unscaledValue().toString();
            assertThat(digits).isIn("1", "2", "5", "25");
        }
    }

    /** Nobody comes in halves: frequencies have whole numbers, however few they are. */
    @Property
    void frequencies_have_whole_numbers(
            @ForAll @DoubleRange(min = 0.5, max = 5000) double high, @ForAll @IntRange(min = 2, max = 12) int most) {
        assertThat(ticks(high, most, true))
                .allMatch(tick -> tick.stripTrailingZeros().scale() <= 0);
    }
}
