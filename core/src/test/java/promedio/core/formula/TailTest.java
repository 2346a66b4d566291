package promedio.core.formula;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.distribution.Curve;
import promedio.core.distribution.Side;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;

/** Shares of distributions as parts of a formula, against closed forms and against one another. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TailTest {
    private static final Sample ANY = Sample.of("1");

    private static Formula tail(Curve curve, Side side, double... of) {
        return new Formula.Tail(
                curve,
                side,
                Arrays.stream(of)
                        .<Formula>mapToObj(one -> Formula.number(Exact.from(new BigDecimal(one))))
                        .toList());
    }

    private static double share(Curve curve, Side side, double... of) {
        Formula tail = tail(curve, side, of);
        double share = Evaluation.of(ANY).outcome(tail).single().orElseThrow().toDouble();
        assertThat(Estimate.of(Evaluation.of(ANY)).value(tail)).as("estimated").isCloseTo(share, within(share * 1e-11));
        return share;
    }

    private static void same(double share, double expected) {
        assertThat(share).isCloseTo(expected, within(Math.max(expected * 1e-11, 1e-300)));
    }

    /** χ² of 2 is e^(−x/2); F of 2 and d is (1 + 2x/d)^(−d/2); t of 1 is Cauchy’s. */
    @Property(tries = 200)
    void shares_with_a_closed_form_are_that(
            @ForAll @DoubleRange(min = 0.01, max = 60) double x, @ForAll @IntRange(min = 1, max = 90) int d) {
        same(share(Curve.CHI_SQUARED, Side.ABOVE, x, 2), Math.exp(-x / 2));
        same(share(Curve.F, Side.ABOVE, x, 2, d), Math.exp(-d / 2.0 * Math.log1p(2 * x / d)));
        same(share(Curve.T, Side.BOTH, x, 1), 2 / Math.PI * Math.atan2(1, x));
    }

    /** z² is χ² of 1, t² is F of 1 and ν, and F the other way round is the other side of 1/F. */
    @Property(tries = 200)
    void squares_and_reciprocals_lead_from_one_curve_to_the_other(
            @ForAll @DoubleRange(min = 0.05, max = 8) double x,
            @ForAll @IntRange(min = 1, max = 60) int above,
            @ForAll @IntRange(min = 1, max = 60) int below) {
        same(share(Curve.CHI_SQUARED, Side.ABOVE, x * x, 1), share(Curve.NORMAL, Side.BOTH, x));
        same(share(Curve.F, Side.ABOVE, x * x, 1, below), share(Curve.T, Side.BOTH, -x, below));
        double turned = share(Curve.F, Side.BELOW, 1 / x, below, above);
        assertThat(share(Curve.F, Side.ABOVE, x, above, below)).isCloseTo(turned, within(1e-11));
        same(share(Curve.NORMAL, Side.BELOW, -x), share(Curve.NORMAL, Side.ABOVE, x));
        assertThat(share(Curve.T, Side.BELOW, x, above) + share(Curve.T, Side.ABOVE, x, above))
                .isCloseTo(1, within(1e-12));
    }

    @ParameterizedTest(name = "{0} {1} {2}: {3}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    NORMAL      | ABOVE | 2     | P(Z ≥ 2)
                    T           | BOTH  | 2 9   | 'P(|T₉| ≥ |2|)'
                    T           | BELOW | 2 9   | P(T₉ ≤ 2)
                    CHI_SQUARED | ABOVE | 5 3   | P(χ²₃ ≥ 5)
                    F           | ABOVE | 4 2 9 | P(F(2; 9) ≥ 4)
                    """)
    void it_is_written_with_its_side_and_its_parameters(Curve curve, Side side, String of, String written) {
        double[] figures =
                Stream.of(of.split(" ")).mapToDouble(Double::parseDouble).toArray();
        assertThat(Writer.plain(tail(curve, side, figures))).isEqualTo(written);
    }

    @Test
    void what_cannot_be_is_refused_and_what_has_no_value_says_why() {
        assertThatThrownBy(() -> tail(Curve.F, Side.ABOVE, 1, 2)).hasMessageContaining("no ABOVE of F of 2");
        assertThatThrownBy(() -> tail(Curve.CHI_SQUARED, Side.BOTH, 1, 2)).hasMessageContaining("BOTH");
        Formula none = tail(Curve.T, Side.BOTH, 1, 0);
        assertThat(Evaluation.of(ANY).outcome(none)).isInstanceOf(Outcome.Undefined.class);
        assertThat(Estimate.of(Evaluation.of(ANY)).value(none)).isNaN();
        assertThat(Evaluation.of(ANY).outcome(tail(Curve.T, Side.BOTH, 0, 5)).single())
                .as("the whole, exactly")
                .contains(Exact.ONE);
        Formula moved = tail(Curve.T, Side.BOTH, 1, 5).with(List.of(Formula.number(1), Formula.number(1)));
        assertThat(Evaluation.of(ANY).outcome(moved).single().orElseThrow().toDouble())
                .isCloseTo(0.5, within(1e-12));
    }
}
