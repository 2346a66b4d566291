package promedio.core.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FiguresTest {
    @ParameterizedTest(name = "{0} to {1} places is {2} by the school rule and {3} to the even digit")
    @CsvSource(
            textBlock =
                    """
            2.5,     0,  3,     2
            3.5,     0,  4,     4
            -2.5,    0,  -3,    -2
            1.005,   2,  1.01,  1.00
            0.125,   2,  0.13,  0.12
            -0.125,  2,  -0.13, -0.12
            149,    -2,  1E+2,  1E+2
            150,    -2,  2E+2,  2E+2
            250,    -2,  3E+2,  2E+2
            0,       3,  0.000, 0.000
            """)
    void ratios_are_rounded_once_and_correctly(String value, int places, String up, String even) {
        Exact exact = Exact.from(new BigDecimal(value));
        assertThat(exact.toPlaces(places, HalfRule.HALF_UP)).isEqualTo(new BigDecimal(up));
        assertThat(exact.toPlaces(places, HalfRule.HALF_EVEN)).isEqualTo(new BigDecimal(even));
    }

    @ParameterizedTest(name = "{0}/{1} to {2} figures is {3}")
    @CsvSource(
            textBlock =
                    """
            1,      3,     5,  0.33333
            2,      3,     3,  0.667
            9996,   1000,  3,  10.0
            9994,   1000,  3,  9.99
            99951,  100,   4,  999.5
            999951, 1000,  4,  1000
            1,      8,     2,  0.12
            3,      8,     2,  0.38
            -1,     7,     4,  -0.1429
            123456, 1,     2,  1.2E+5
            """)
    void significant_figures_count_from_the_first_digit_after_rounding(
            long top, long bottom, int figures, String text) {
        assertThat(Exact.ratio(top, bottom).toFigures(figures, HalfRule.HALF_EVEN))
                .isEqualByComparingTo(text);
        assertThat(Exact.ratio(top, bottom)
                        .toFigures(figures, HalfRule.HALF_EVEN)
                        .precision())
                .isLessThanOrEqualTo(figures);
    }

    @Property
    void rounding_a_ratio_agrees_with_a_long_division(
            @ForAll long top,
            @ForAll @LongRange(min = 1, max = 1_000_000_000_000L) long bottom,
            @ForAll @IntRange(min = 0, max = 12) int places) {
        BigDecimal divided = new BigDecimal(top).divide(new BigDecimal(bottom), places, RoundingMode.HALF_UP);
        assertThat(Exact.ratio(top, bottom).toPlaces(places, HalfRule.HALF_UP)).isEqualByComparingTo(divided);
    }

    @Property
    void a_rounded_root_is_never_farther_off_than_half_a_unit(
            @ForAll @LongRange(min = 1) long top,
            @ForAll @LongRange(min = 1, max = 1_000_000) long bottom,
            @ForAll @IntRange(min = -3, max = 30) int places) {
        Figure root = Root.of(1, Exact.ratio(top, bottom));
        BigDecimal rounded = root.toPlaces(places, HalfRule.HALF_UP);
        BigDecimal half = BigDecimal.ONE.movePointLeft(places).divide(BigDecimal.valueOf(2));
        Exact low = Exact.from(rounded.subtract(half).max(BigDecimal.ZERO));
        Exact high = Exact.from(rounded.add(half));
        assertThat(low.squared().compareTo(Exact.ratio(top, bottom))).isLessThanOrEqualTo(0);
        assertThat(high.squared().compareTo(Exact.ratio(top, bottom))).isGreaterThanOrEqualTo(0);
    }

    @Property
    void the_magnitude_is_the_exponent_of_the_first_digit(
            @ForAll @LongRange(min = 1) long top, @ForAll @LongRange(min = 1) long bottom) {
        Exact value = Exact.ratio(top, bottom);
        int e = value.magnitude();
        assertThat(value.compareTo(Exact.of(10).power(e))).isGreaterThanOrEqualTo(0);
        assertThat(value.compareTo(Exact.of(10).power(e + 1))).isLessThan(0);
        Figure root = Root.of(1, value);
        assertThat(root.squared().compare(Exact.of(10).power(2 * root.magnitude())))
                .isGreaterThanOrEqualTo(0);
    }

    @Test
    void products_and_quotients_of_roots_stay_exact() {
        Figure rootOfTwo = Root.of(1, Exact.TWO);
        Figure rootOfEight = Root.of(1, Exact.of(8));
        assertThat(rootOfTwo.times(rootOfEight)).isEqualTo(Exact.of(4));
        assertThat(rootOfEight.over(rootOfTwo)).isEqualTo(Exact.TWO);
        assertThat(rootOfTwo.plus(rootOfEight)).isEqualTo(Root.of(1, Exact.of(18)));
        assertThat(rootOfTwo.negated().times(Exact.of(3))).isEqualTo(Root.of(-1, Exact.of(18)));
        assertThat(rootOfTwo.power(4)).isEqualTo(Exact.of(4));
        assertThat(rootOfTwo.minus(rootOfTwo)).isEqualTo(Exact.ZERO);
        assertThat(Root.of(1, Exact.ratio(9, 16))).isEqualTo(Exact.ratio(3, 4));
    }

    @Test
    void sums_of_unlike_roots_lie_between_bounds_of_many_digits() {
        Figure sum = Root.of(1, Exact.TWO).plus(Root.of(1, Exact.of(3)));
        // √2 + √3, from 40 digits of each root.
        BigDecimal expected =
                new BigDecimal(2).sqrt(new MathContext(40)).add(new BigDecimal(3).sqrt(new MathContext(40)));
        assertThat(sum.isExact()).isFalse();
        assertThat(sum.toPlaces(30, HalfRule.HALF_EVEN)).isEqualTo(expected.setScale(30, RoundingMode.HALF_EVEN));
        assertThat(sum.compare(Exact.of(3))).isPositive();
    }

    @Test
    void a_number_ends_after_some_places_or_never() {
        assertThat(Exact.ratio(3, 8).placesInFull()).hasValue(3);
        assertThat(Exact.ratio(7, 50).placesInFull()).hasValue(2);
        assertThat(Exact.of(12).placesInFull()).hasValue(0);
        assertThat(Exact.ratio(1, 3).placesInFull()).isEmpty();
        assertThat(Exact.ratio(-5, 2).floor()).isEqualTo(BigInteger.valueOf(-3));
        assertThat(Exact.ratio(-5, 2).ceiling()).isEqualTo(BigInteger.valueOf(-2));
    }

    @Test
    void what_is_not_a_number_is_refused_at_once() {
        assertThatThrownBy(() -> Root.of(1, Exact.of(-1)))
                .isInstanceOf(ArithmeticException.class)
                .hasMessageContaining("-1");
        assertThatThrownBy(() -> Exact.ONE.over(Exact.ZERO)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> new Root(2, Exact.TWO)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Approximation(BigDecimal.ONE, BigDecimal.ZERO))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
