package promedio.core.distribution;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Held against series summed to sixty digits, worked out elsewhere. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class DistributionTest {
    /** Twelve digits are asked for. */
    private static final Percentage DIGITS = Percentage.withPercentage(1e-10);

    private static void is(double value, String expected) {
        assertThat(value).isCloseTo(Double.parseDouble(expected), DIGITS);
    }

    @Test
    void critical_values_have_twelve_digits_in_the_tails_too() {
        is(Distribution.t(10).cutting(0.05).orElseThrow(), "1.81246112281167641");
        is(Distribution.t(1).cutting(0.000001).orElseThrow(), "318309.886182743473987");
        is(Distribution.t(30).cutting(0.01).orElseThrow(), "2.45726154240059137");
        is(Distribution.f(5, 12).cutting(0.05).orElseThrow(), "3.10587523908412446");
        is(Distribution.f(1, 7).cutting(0.01).orElseThrow(), "12.2463833484350855");
        is(Distribution.chiSquared(7).cutting(0.01).orElseThrow(), "18.4753069065823637");
        is(Distribution.chiSquared(1).cutting(0.999).orElseThrow(), "0.00000157079714926248988");
        is(Distribution.normal(0, 1).cutting(0.025).orElseThrow(), "1.95996398454005424");
        is(Distribution.normal(100, 15).cutting(1e-9).orElseThrow(), "189.967105225115303");
        assertThat(Distribution.binomial(40, 0.3).cutting(0.05).orElseThrow()).isEqualTo(18);
    }

    @Test
    void shares_have_twelve_digits() {
        is(Distribution.chiSquared(3).above(7.815), "0.0499939029748838958");
        is(Distribution.t(10).above(6), "0.0000660544301773928021");
        is(Distribution.normal(0, 1).above(8), "6.22096057427178412e-16");
        is(Distribution.binomial(10, 0.5).between(4, 6), "0.65625");
        is(Distribution.binomial(40, 0.3).above(15), "0.115146650581388370");
        is(Distribution.normal(0, 1).between(8, 9), "6.21983198586583028e-16");
    }

    /** With 1 and 2 degrees of freedom the share is 2/π·atan t and t/√(2 + t²). */
    @Property(tries = 300)
    void near_the_middle_of_t_there_are_twelve_digits_too(@ForAll @DoubleRange(min = -14, max = 3) double magnitude) {
        double t = Math.pow(10, magnitude);
        double ofOne = 2 / Math.PI * Math.atan(t);
        double ofTwo = t / Math.sqrt(2 + t * t);
        assertThat(Distribution.t(1).between(-t, t)).isCloseTo(ofOne, DIGITS);
        assertThat(Distribution.t(2).between(-t, t)).isCloseTo(ofTwo, DIGITS);
        assertThat(2 * Distribution.t(1).above(t)).isCloseTo(1 - ofOne, Percentage.withPercentage(1e-9));
        assertThat(Distribution.t(2).below(-t)).isEqualTo(Distribution.t(2).above(t));
    }

    @Test
    void a_value_beyond_all_numbers_is_not_told_as_one() {
        assertThat(Distribution.t(0.001).cutting(0.000_01)).isEmpty();
        assertThat(Distribution.f(2, 0.001).cutting(0.000_01)).isEmpty();
        assertThat(Distribution.chiSquared(0.001).cutting(0.999_999)).isEmpty();
        assertThat(Distribution.normal(1e15, 1).cutting(0.025)).hasValue(1e15 + 2);
        assertThat(Distribution.t(0.5).cutting(0.5)).hasValue(0);
    }

    @Property(tries = 300)
    void a_value_cuts_off_the_share_it_was_asked_for(
            @ForAll @IntRange(min = 1, max = 99_999_000) int hundredMillionths,
            @ForAll @DoubleRange(min = 0.5, max = 300) double freedom,
            @ForAll @DoubleRange(min = 0.5, max = 60) double other,
            @ForAll @IntRange(min = 1, max = 200) int trials) {
        double share = hundredMillionths / 1e8;
        Percentage close = Percentage.withPercentage(1e-8);
        for (Distribution one : List.of(
                Distribution.normal(freedom, other),
                Distribution.t(freedom),
                Distribution.chiSquared(freedom),
                Distribution.f(freedom, other))) {
            double x = one.cutting(share).orElseThrow();
            assertThat(one.above(x)).as("%s %s", one, x).isCloseTo(share, close);
            assertThat(one.below(x)).isCloseTo(1 - share, close);
        }
        Distribution steps = Distribution.binomial(trials, freedom / 301);
        double k = steps.cutting(share).orElseThrow();
        assertThat(steps.above(k - 1)).isLessThanOrEqualTo(share);
        assertThat(k == 0 || steps.above(k - 2) > share).as("the smallest").isTrue();
    }
}
