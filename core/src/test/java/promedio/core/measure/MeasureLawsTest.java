package promedio.core.measure;

import static java.math.RoundingMode.HALF_EVEN;
import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.number.Approximation;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;

/** Laws that hold for every sample. */
class MeasureLawsTest {
    private static final List<String> IN_UNITS = List.of(
            "mean",
            "median",
            "midrange",
            "trimmed-mean/0.10",
            "minimum",
            "maximum",
            "quartile-1/hf6",
            "quartile-3/halves-exclusive",
            "decile-3/hf8",
            "fence-upper/hf7");
    private static final List<String> SPREADS = List.of(
            "range",
            "sd-sample",
            "sd-population",
            "mean-deviation",
            "mean-deviation-median",
            "median-absolute-deviation",
            "iqr/hf5",
            "standard-error");

    private record Row(BigDecimal value, int times) {}

    @Provide
    Arbitrary<List<Row>> tables() {
        Arbitrary<BigDecimal> values = Arbitraries.oneOf(
                Arbitraries.integers().between(-9, 9).map(BigDecimal::valueOf),
                Arbitraries.bigDecimals()
                        .between(new BigDecimal("0.1"), new BigDecimal("50"))
                        .ofScale(1));
        return Combinators.combine(values, Arbitraries.integers().between(1, 5))
                .as(Row::new)
                .list()
                .ofMinSize(1)
                .ofMaxSize(9);
    }

    private static Sample table(List<Row> rows) {
        return Sample.frequencies(
                Decimals.from(rows.stream().map(Row::value).toList()),
                Decimals.of(0, rows.stream().mapToLong(Row::times).toArray()),
                false);
    }

    private static Outcome outcome(String key, Sample sample) {
        return Catalogue.lists().find(key, CourseCard.STANDARD).orElseThrow().outcome(Evaluation.of(sample));
    }

    @Property(tries = 200)
    void a_frequency_table_equals_the_list_it_abbreviates_in_every_measure(@ForAll("tables") List<Row> rows) {
        Sample table = table(rows);
        Sample list = table.expanded();
        Evaluation ofTable = Evaluation.of(table);
        Evaluation ofList = Evaluation.of(list);
        for (Measure measure : Catalogue.lists().all()) {
            assertThat(same(measure.outcome(ofTable)))
                    .as("%s of %s", measure.key(), table)
                    .isEqualTo(same(measure.outcome(ofList)));
        }
    }

    @Property(tries = 300)
    void every_measure_is_what_its_definition_says(@ForAll("tables") List<Row> rows) {
        Sample sample = table(rows);
        Evaluation evaluation = Evaluation.of(sample);
        Definitions definitions = new Definitions(rows.stream()
                .flatMap(row -> java.util.Collections.nCopies(row.times(), row.value()).stream())
                .toList());
        for (Measure measure : Catalogue.lists().all()) {
            Outcome outcome = measure.outcome(evaluation);
            List<BigDecimal> defined = definitions.of(measure.key()).orElse(List.of());
            assertThat(outcome.figures()).as("%s of %s", measure.key(), sample).hasSameSizeAs(defined);
            for (int i = 0; i < defined.size(); i++) {
                Figure figure = outcome.figures().get(i);
                int digits = figure instanceof Approximation ? 12 : 15;
                assertThat(figure.toFigures(digits, HalfRule.HALF_EVEN))
                        .as("%s of %s", measure.key(), sample)
                        .isEqualByComparingTo(clean(defined.get(i)).round(new MathContext(digits, HALF_EVEN)));
            }
        }
    }

    /** Nought but for the last of sixty digits is nought. */
    private static BigDecimal clean(BigDecimal figure) {
        return figure.setScale(40, HALF_EVEN);
    }

    @Property(tries = 200)
    void proportions_give_what_the_counts_give_that_they_stand_for(@ForAll("tables") List<Row> rows) {
        Sample counts = table(rows);
        Sample proportions = Sample.frequencies(
                Decimals.from(rows.stream().map(Row::value).toList()),
                Decimals.of(2, rows.stream().mapToLong(Row::times).toArray()),
                true);
        Evaluation ofCounts = Evaluation.of(counts);
        Evaluation ofProportions = Evaluation.of(proportions);
        for (Measure measure : Catalogue.lists().all()) {
            Outcome outcome = measure.outcome(ofProportions);
            if (!outcome.figures().isEmpty() && !measure.key().equals("sum")) {
                assertThat(same(outcome))
                        .as("%s of %s", measure.key(), proportions)
                        .isEqualTo(same(measure.outcome(ofCounts)));
            }
        }
        assertThat(new Variance(promedio.core.course.Divisor.SAMPLE)
                        .outcome(ofProportions)
                        .figures())
                .isEmpty();
    }

    /** Exact figures as they are; an approximation by its first twelve digits. */
    private static Object same(Outcome outcome) {
        return outcome.whyUndefined().<Object>map(reason -> reason).orElseGet(() -> outcome.figures().stream()
                .<Object>map(figure -> figure instanceof Approximation
                        ? figure.toFigures(12, HalfRule.HALF_EVEN).stripTrailingZeros()
                        : figure)
                .toList());
    }

    @Property(tries = 200)
    void all_hand_methods_of_a_measure_agree_exactly(@ForAll("tables") List<Row> rows) {
        Sample sample = table(rows);
        for (String key : List.of("mean", "variance-population", "sd-population")) {
            Measure measure = Catalogue.lists().find(key, CourseCard.STANDARD).orElseThrow();
            List<Outcome> outcomes = measure.methods(sample.shape()).stream()
                    .map(method -> Evaluation.of(sample).outcome(method.formula()))
                    .toList();
            assertThat(outcomes)
                    .as("%s of %s", key, sample)
                    .hasSizeGreaterThan(1)
                    .allMatch(outcomes.get(0)::equals);
        }
    }

    @Property(tries = 200)
    void measures_move_along_and_spreads_stay_when_every_value_moves(
            @ForAll("tables") List<Row> rows, @ForAll @IntRange(min = -100, max = 100) int by) {
        Sample before = table(rows);
        Sample after = table(rows.stream()
                .map(row -> new Row(row.value().add(BigDecimal.valueOf(by)), row.times()))
                .toList());
        for (String key : IN_UNITS) {
            outcome(key, before).single().ifPresent(figure -> assertThat(
                            outcome(key, after).single().orElseThrow())
                    .as(key)
                    .isEqualTo(figure.plus(Exact.of(by))));
        }
        for (String key : SPREADS) {
            assertThat(outcome(key, after)).as(key).isEqualTo(outcome(key, before));
        }
    }

    @Property(tries = 200)
    void everything_in_units_is_multiplied_when_every_value_is(
            @ForAll("tables") List<Row> rows, @ForAll @IntRange(min = 1, max = 20) int by) {
        Sample before = table(rows);
        Sample after = table(rows.stream()
                .map(row -> new Row(row.value().multiply(BigDecimal.valueOf(by)), row.times()))
                .toList());
        for (String key : SPREADS) {
            outcome(key, before).single().ifPresent(figure -> assertThat(
                            outcome(key, after).single().orElseThrow())
                    .as(key)
                    .isEqualTo(figure.times(Exact.of(by))));
        }
        for (String key : List.of("skewness-moment", "kurtosis-moment", "cv/sample", "coefficient-of-range")) {
            assertThat(outcome(key, after)).as(key).isEqualTo(outcome(key, before));
        }
    }

    @Property(tries = 300)
    void quartiles_stand_in_order_under_every_rule(@ForAll("tables") List<Row> rows) {
        Sample sample = table(rows);
        Figure median = outcome("median", sample).single().orElseThrow();
        for (Measure measure : Catalogue.lists().all()) {
            if (measure instanceof Quartile quartile) {
                measure.outcome(Evaluation.of(sample)).single().ifPresent(figure -> {
                    int side = figure.compare(median);
                    // Definition 3 and the positions (n + 1)p may pass the median by one rank in a tiny sample.
                    if (sample.count().compareTo(Exact.of(4)) >= 0) {
                        assertThat(quartile.quarters() == 1 ? side <= 0 : side >= 0)
                                .as("%s of %s", measure.key(), sample)
                                .isTrue();
                    }
                });
            }
        }
    }

    @Property(tries = 100)
    void reciprocals_of_many_values_agree_with_exact_fractions(@ForAll @IntRange(min = 1, max = 1_000) int seed) {
        java.util.SplittableRandom random = new java.util.SplittableRandom(seed);
        long[] units = random.longs(2_300, 1, 5_000_000).distinct().toArray();
        Sample sample = Sample.list(Decimals.of(3, units));
        BigDecimal slow = BigDecimal.ZERO;
        MathContext digits = new MathContext(40);
        for (long unit : units) {
            slow = slow.add(new BigDecimal(1_000).divide(new BigDecimal(unit), digits), digits);
        }
        BigDecimal expected = new BigDecimal(units.length).divide(slow, digits);
        assertThat(outcome("harmonic-mean", sample).single().orElseThrow().toFigures(15, HalfRule.HALF_EVEN))
                .isEqualByComparingTo(expected.round(new MathContext(15, HALF_EVEN)));
    }
}
