package promedio.desktop.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class NumberScaleTest {
    @Test
    void ticks_are_round_numbers_and_not_finer_than_the_data() {
        NumberScale scale = NumberScale.around(8, 120, 0, 1000);
        assertThat(scale.ticks(70, 1))
                .extracting(BigDecimal::toPlainString)
                .startsWith("10", "20", "30")
                .endsWith("120");
        NumberScale narrow = NumberScale.around(11, 17, 0, 1000);
        assertThat(narrow.ticks(70, 1))
                .extracting(BigDecimal::toPlainString)
                .containsExactly("11", "12", "13", "14", "15", "16", "17");
        assertThat(narrow.ticks(70, 0.1)).extracting(BigDecimal::toPlainString).contains("11.5");
    }

    @Test
    void a_single_value_has_room_on_both_sides() {
        NumberScale scale = NumberScale.around(42, 42, 0, 100);
        assertThat(scale.x(42)).isCloseTo(50, within(1e-9));
        assertThat(scale.ticks(20, 1)).isNotEmpty();
    }

    @Property
    void places_and_numbers_are_each_others_inverse_and_ticks_keep_their_distance(
            @ForAll @DoubleRange(min = -1e6, max = 1e6) double least,
            @ForAll @DoubleRange(min = 0.01, max = 1e6) double width) {
        NumberScale scale = NumberScale.around(least, least + width, 10, 900);
        assertThat(scale.number(scale.x(least))).isCloseTo(least, within(1e-6 * Math.max(1, Math.abs(least))));
        List<BigDecimal> ticks = scale.ticks(60, 0);
        for (int i = 1; i < ticks.size(); i++) {
            double apart = scale.x(ticks.get(i).doubleValue())
                    - scale.x(ticks.get(i - 1).doubleValue());
            assertThat(apart).isGreaterThanOrEqualTo(60 - 1e-6);
        }
    }

    @Test
    void the_axis_is_broken_where_one_stretch_would_squeeze_the_rest() {
        double[] values = {8, 12, 15, 22, 30, 1200};
        NumberScale scale = NumberScale.of(values, 0, 1000);
        assertThat(scale.gap()).isPresent();
        assertThat(scale.x(30)).as("the rest has most of the room").isGreaterThan(700);
        assertThat(scale.x(1200)).isBetween(scale.x(30) + 20, 1000.0);
        for (double number : new double[] {8, 22, 30, 600, 1200}) {
            assertThat(scale.number(scale.x(number))).isCloseTo(number, within(1e-6));
        }
        assertThat(scale.ticks(60, 1)).noneMatch(tick -> tick.doubleValue() > 40 && tick.doubleValue() < 1190);
        assertThat(NumberScale.of(new double[] {8, 12, 15, 22, 30, 80}, 0, 1000).gap())
                .isEmpty();
        assertThat(NumberScale.of(new double[] {1, 1000}, 0, 1000).gap()).isEmpty();
    }
}
