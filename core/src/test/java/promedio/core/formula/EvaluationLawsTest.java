package promedio.core.formula;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.assertj.core.data.Percentage;
import promedio.core.course.CourseCard;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.working.Working;

/** Whatever tree it is given, evaluation ends in a figure, in figures, or in a sentence that says why there is none. */
class EvaluationLawsTest {
    private static final List<Sample> SAMPLES = List.of(
            Sample.of("2", "4", "4", "7", "9", "12", "15"),
            Sample.of("-3", "0", "0", "2.5"),
            Sample.of("5"),
            Sample.list(Decimals.of(0)),
            Sample.frequencies(Decimals.of(1, -5, 0, 25), Decimals.of(0, 2, 3, 1), false),
            Sample.frequencies(Decimals.of(0, 1, 2), Decimals.of(2, 25, 75), true),
            classes(false),
            classes(true));

    private static Sample classes(boolean open) {
        List<ClassInterval> classes = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            classes.add(new ClassInterval(
                    "class " + i,
                    Optional.of(Exact.of(10L * i)),
                    open && i == 2 ? Optional.empty() : Optional.of(Exact.of(10L * i + 10)),
                    Exact.of(i == 1 ? 4 : 3),
                    false,
                    i));
        }
        return Sample.classes(ClassTable.of(classes, false, Exact.ONE));
    }

    /** Every part of every measure, and a few nobody would write. */
    private static List<Formula> parts() {
        List<Formula> parts = new ArrayList<>(List.of(
                Row.X,
                Formula.number(0),
                Formula.number(-1),
                Formula.number(Exact.ratio(1, 3)),
                Formula.number(2).root(),
                Formula.number(-2).root(),
                Formula.number(0).power(-1),
                Formula.number(1_000_000),
                new Formula.Commonest(),
                Row.F,
                new Formula.Given(Row.X, Exact.HALF),
                new Formula.GivenCells(Row.X.squared(), Map.of(0, Exact.of(5))),
                Formula.total(Row.X, new Rows.Where(Row.X, Rows.Order.FROM, Formula.number(4))),
                new Formula.Total(Row.X, new Rows.All()),
                Formula.total(Row.X.power(3), new Rows.Ranks(Exact.of(2), Exact.of(3))),
                Formula.total(Row.X, new Rows.Ranks(Exact.HALF, Exact.of(900))),
                new Formula.Found(Search.MODAL, List.of(), 7),
                new Formula.Found(Search.POSITION, List.of(), 0)));
        for (Catalogue catalogue : List.of(Catalogue.lists(), Catalogue.classes())) {
            for (Measure measure : catalogue.page(CourseCard.STANDARD)) {
                for (Sample shaped : SAMPLES) {
                    if (shaped.classes().isPresent() == (catalogue == Catalogue.classes()) && !shaped.isEmpty()) {
                        measure.formula(shaped.shape()).visit(parts::add);
                    }
                }
            }
        }
        return parts;
    }

    private static final List<Operator> OPERATORS =
            List.of(Operator.PLUS, Operator.MINUS, Operator.TIMES, Operator.OVER, Operator.POWER);
    private static final List<Formula> PARTS = parts();

    private static Formula any(Random random) {
        return PARTS.get(random.nextInt(PARTS.size()));
    }

    /** A tree in which some parts are put in the place of others, as a slip does, and worse. */
    private static Formula rewritten(Formula tree, Random random) {
        return tree.rewrite(node -> {
            int what = random.nextInt(12);
            if (what == 0) {
                return Optional.of(any(random));
            }
            if (what == 1
                    && node instanceof Formula.Operation operation
                    && operation.operands().size() == 2) {
                Operator other = OPERATORS.get(random.nextInt(OPERATORS.size()));
                return Optional.of(new Formula.Operation(other, operation.operands()));
            }
            if (what == 2 && !(node instanceof Formula.Found)) {
                return Optional.of(
                        random.nextBoolean()
                                ? node.root()
                                : node.minus(any(random)).power(-1));
            }
            return Optional.empty();
        });
    }

    @Property(tries = 1500)
    void a_rewritten_tree_has_a_value_or_a_reason_and_never_throws(@ForAll long seed) {
        Random random = new Random(seed);
        Sample sample = SAMPLES.get(random.nextInt(SAMPLES.size()));
        Formula tree = rewritten(any(random), random);
        for (LineRounding rounding : List.of(LineRounding.EXACT, LineRounding.to(2, HalfRule.HALF_UP))) {
            Evaluation evaluation = Evaluation.of(sample).rounded(rounding);
            Outcome outcome = evaluation.outcome(tree);
            assertThat(outcome.figures().isEmpty())
                    .isEqualTo(outcome.whyUndefined().isPresent());
            outcome.whyUndefined().ifPresent(why -> assertThat(why.toString()).endsWith("."));
            assertThatCode(() -> Estimate.of(Evaluation.of(sample)).value(tree)).doesNotThrowAnyException();
            for (int row = 0; row < sample.rows(); row++) {
                assertThat(evaluation.cell(tree, row)).isNotNull();
            }
        }
        Formula.Named named = tree.named(Symbol.of("anything", Notation.letter("a")));
        Working working = new Working(new Measure.Method("definition", named), sample, CourseCard.STANDARD);
        working.lines().forEach(line -> assertThat(line.notation().text()).isNotEmpty());
        working.columns()
                .forEach(column -> assertThat(working.totalText(column)).isNotNull());
    }

    @Property(tries = 1500)
    void an_estimate_is_close_to_the_figure_or_there_is_none(@ForAll long seed) {
        Random random = new Random(seed);
        Sample sample = SAMPLES.get(random.nextInt(SAMPLES.size()));
        Formula tree = random.nextBoolean() ? any(random) : rewritten(any(random), random);
        double estimate = Estimate.of(Evaluation.of(sample)).value(tree);
        Optional<Figure> figure = Evaluation.of(sample).outcome(tree).single();
        if (figure.isPresent() && !Double.isNaN(estimate) && Math.abs(estimate) > 1e-6 && Math.abs(estimate) < 1e12) {
            assertThat(estimate).as("%s", tree).isCloseTo(figure.get().toDouble(), Percentage.withPercentage(1e-6));
        }
    }

    @Property(tries = 500)
    void what_is_changed_at_a_place_stands_there_and_nothing_else_is_changed(@ForAll long seed) {
        Random random = new Random(seed);
        Formula tree = any(random);
        List<Site> all = new ArrayList<>();
        everywhere(tree, Site.ROOT, all);
        Site site = all.get(random.nextInt(all.size()));
        Formula own = new Formula.Given(tree.at(site), Exact.of(7));
        Formula changed = tree.rewriteAt(site, node -> own);
        assertThat(changed.at(site)).isSameAs(own);
        for (Site other : all) {
            if (!other.holds(site) && !site.holds(other)) {
                assertThat(changed.at(other)).isSameAs(tree.at(other));
            }
        }
    }

    private static void everywhere(Formula node, Site here, List<Site> all) {
        all.add(here);
        for (int i = 0; i < node.parts().size(); i++) {
            everywhere(node.parts().get(i), here.part(i), all);
        }
    }

    @Property(tries = 200)
    void the_rows_that_pass_a_test_are_those_counted_by_it(@ForAll long seed) {
        Random random = new Random(seed);
        Sample sample = SAMPLES.get(random.nextInt(6));
        Exact bound = Exact.ratio(random.nextInt(40) - 5, 2);
        Evaluation evaluation = Evaluation.of(sample);
        assertThat(evaluation
                        .outcome(Formula.total(
                                Formula.number(1), new Rows.Where(Row.X, Rows.Order.BELOW, Formula.number(bound))))
                        .single())
                .isEqualTo(evaluation
                        .outcome(new Formula.Count(Counted.BELOW, bound))
                        .single());
    }

    @Property(tries = 200)
    void a_total_over_ranks_is_what_is_left_of_the_whole_total(@ForAll long seed) {
        Random random = new Random(seed);
        long[] units = random.longs(2 + random.nextInt(8), -20, 20).toArray();
        Sample list = Sample.list(Decimals.of(1, units));
        Sample table = Sample.frequencies(list.ranking().distinct(), weights(list), false);
        int cut = 1 + random.nextInt(units.length - 1);
        for (Formula each :
                List.of(Row.X, Row.X.power(3), Row.X.minus(Formula.number(1)).abs())) {
            for (Sample sample : List.of(list, table)) {
                Evaluation evaluation = Evaluation.of(sample);
                Formula lower = Formula.total(each, new Rows.Ranks(Exact.ONE, Exact.of(cut)));
                Formula upper = Formula.total(each, new Rows.Ranks(Exact.of(cut + 1L), Exact.of(units.length)));
                assertThat(evaluation.outcome(lower.plus(upper))).isEqualTo(evaluation.outcome(Formula.total(each)));
            }
        }
    }

    private static Decimals weights(Sample list) {
        long[] weights = new long[list.ranking().distinct().size()];
        for (int i = 0; i < weights.length; i++) {
            weights[i] = list.ranking().weightUnits(i);
        }
        return Decimals.of(0, weights);
    }
}
