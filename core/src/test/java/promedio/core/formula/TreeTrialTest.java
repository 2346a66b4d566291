package promedio.core.formula;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.course.Divisor;
import promedio.core.course.MedianRule;
import promedio.core.measure.Mean;
import promedio.core.measure.Median;
import promedio.core.measure.PearsonSkewness;
import promedio.core.measure.StandardDeviation;
import promedio.core.measure.Variance;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.Root;
import promedio.core.sample.Sample;

/** What later marking will ask of the tree: rewrites at a node, overrides, and notation that stays true after them. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TreeTrialTest {
    /** x̄ = 4, median 3, Σ(x − x̄)² = 14, n = 3. */
    private final Sample sample = Sample.of("2", "3", "7");

    private final Formula.Named variance = new Variance(Divisor.SAMPLE).formula(sample.shape());
    private final Formula.Named sd = new StandardDeviation(Divisor.SAMPLE).formula(sample.shape());

    private Figure value(Formula formula) {
        return Evaluation.of(sample).outcome(formula).single().orElseThrow();
    }

    private static String text(Formula formula) {
        return new Writer(Letters.AS_THEY_COME, false, Writer.SYMBOLS)
                .write(formula)
                .text();
    }

    @Test
    void the_other_divisor_is_a_rewrite_of_n_minus_1() {
        Formula other = variance.rewrite(node -> isNLess1(node)
                ? Optional.of(((Formula.Operation) node).operands().get(0))
                : Optional.empty());
        assertThat(value(variance)).isEqualTo(Exact.of(7));
        assertThat(value(other)).isEqualTo(Exact.ratio(14, 3));
        assertThat(text(((Formula.Named) other).body())).isEqualTo("Σ(x − x̄)²/n");
    }

    private static boolean isNLess1(Formula node) {
        return node instanceof Formula.Operation operation
                && operation.operator() == Formula.Operator.MINUS
                && operation.operands().get(1) instanceof Formula.Constant one
                && one.value().equals(Exact.ONE);
    }

    @Test
    void a_dropped_root_is_a_rewrite_of_the_root_node() {
        Formula dropped = sd.rewrite(
                node -> node instanceof Formula.Operation operation && operation.operator() == Formula.Operator.ROOT
                        ? Optional.of(operation.operands().get(0))
                        : Optional.empty());
        assertThat(value(sd)).isEqualTo(Root.of(1, Exact.of(7)));
        assertThat(value(dropped)).isEqualTo(Exact.of(7));
    }

    @Test
    void deviations_from_the_median_are_a_rewrite_of_one_use_of_the_mean() {
        Formula median = new Median(MedianRule.AVERAGED).formula(sample.shape());
        Formula about = variance.rewrite(node ->
                node instanceof Formula.Named named && named.symbol().id().equals("mean")
                        ? Optional.of(median)
                        : Optional.empty());
        // (2−3)² + (3−3)² + (7−3)² = 17, over 2.
        assertThat(value(about)).isEqualTo(Exact.ratio(17, 2));
        assertThat(text(((Formula.Named) about).body())).isEqualTo("Σ(x − x\u0303)²/(n − 1)");
    }

    @Test
    void one_use_can_be_changed_and_the_other_kept() {
        Formula.Named skewness = new PearsonSkewness(false, Divisor.SAMPLE).formula(sample.shape());
        Formula.Operation quotient = (Formula.Operation) skewness.body();
        Formula s = quotient.operands().get(1);
        Formula overVariance =
                skewness.replace(s, ((Formula.Named) s).body().parts().get(0));
        // 3(4 − 3)/7 with the variance in place of s; x̄ in the numerator and in the variance are untouched.
        assertThat(value(overVariance)).isEqualTo(Exact.ratio(3, 7));
        assertThat(value(skewness)).isEqualTo(Root.of(1, Exact.ratio(9, 7)));
    }

    @Test
    void the_students_own_mean_takes_the_place_of_the_mean_everywhere() {
        Evaluation own = Evaluation.of(sample).with(Map.of("mean", Exact.of(5)));
        // (2−5)² + (3−5)² + (7−5)² = 17, over 2.
        assertThat(own.outcome(variance).single()).contains(Exact.ratio(17, 2));
    }

    @Test
    void what_was_shared_stays_shared_and_what_was_not_touched_is_the_same_object() {
        assertThat(variance.rewrite(node -> Optional.empty())).isSameAs(variance);
        Formula.Named skewness = new PearsonSkewness(false, Divisor.SAMPLE).formula(sample.shape());
        Formula mean = skewness.find("mean").orElseThrow();
        Formula renamed = ((Formula.Named) mean).body().named(Symbol.of("mean", Notation.letter("m")));
        Formula rewritten = skewness.rewrite(node -> node == mean ? Optional.of(renamed) : Optional.empty());
        int[] uses = new int[1];
        rewritten.visit(node -> uses[0] += node == renamed ? 1 : 0);
        assertThat(uses[0]).as("the visitor meets a shared part once").isEqualTo(1);
    }

    @Test
    void rounded_lines_round_named_figures_cells_and_totals_but_not_counts() {
        Sample thirds = Sample.of("1", "1", "2");
        Evaluation rounded = Evaluation.of(thirds).rounded(LineRounding.to(2, promedio.core.number.HalfRule.HALF_UP));
        // x̄ = 4/3 → 1.33; deviations −0.33, −0.33, 0.67; squares 0.11, 0.11, 0.45 → Σ = 0.67; s² = 0.335 → 0.34.
        assertThat(rounded.outcome(new Mean().formula(thirds.shape())).single()).contains(Exact.ratio(133, 100));
        assertThat(rounded.outcome(new Variance(Divisor.SAMPLE).formula(thirds.shape()))
                        .single())
                .contains(Exact.ratio(34, 100));
    }
}
