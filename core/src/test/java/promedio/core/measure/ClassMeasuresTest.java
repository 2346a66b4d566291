package promedio.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.OpenEnds;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Notation;
import promedio.core.formula.Outcome;
import promedio.core.marking.Marker;
import promedio.core.marking.Verdict;
import promedio.core.number.Approximation;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.HalfRule;
import promedio.core.number.Numerals;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassReading;
import promedio.core.working.CharlierCheck;
import promedio.core.working.Working;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ClassMeasuresTest {
    private static final CourseCard SAME_WIDTH = CourseCard.STANDARD.with(CardKey.OPEN_ENDS, OpenEnds.SAME_WIDTH);

    /** Rows such as {@code 0-10 4, 10-20 6}. */
    private static Sample sample(String table, CourseCard card) {
        List<ClassReading.Row> rows = new ArrayList<>();
        for (String row : table.split(",", -1)) {
            int gap = row.strip().lastIndexOf(' ');
            String label = row.strip().substring(0, gap);
            rows.add(new ClassReading.Row(
                    rows.size(),
                    label,
                    ClassLabel.parse(label, Numerals.POINT).orElseThrow(),
                    Numerals.POINT
                            .read(row.strip().substring(gap + 1))
                            .orElseThrow()
                            .exact()));
        }
        return Sample.classes(ClassReading.of(rows, card).table().orElseThrow());
    }

    private static Outcome outcome(String key, Sample sample) {
        return Catalogue.classes().find(key, CourseCard.STANDARD).orElseThrow().outcome(Evaluation.of(sample));
    }

    private static String rounded(Outcome outcome, int places) {
        return outcome.whyUndefined().map(why -> "undefined: " + why).orElseGet(() -> outcome.figures().stream()
                .map(figure -> figure.toPlaces(places, HalfRule.HALF_UP).toPlainString())
                .collect(Collectors.joining("; ")));
    }

    @ParameterizedTest(name = "{1} of {0} is {2} ({3})")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    0-10 4, 10-20 6, 20-30 2         | mean                 | 13.33 | (4·5 + 6·15 + 2·25)/12 = 160/12
                    0-10 4, 10-20 6, 20-30 2         | median/pn            | 13.33 | 10 + (6 − 4)/6·10
                    0-10 4, 10-20 6, 20-30 2         | median/pn1           | 14.17 | 10 + (6.5 − 4)/6·10
                    0-10 4, 10-20 6, 20-30 2         | quartile-1/pn        | 7.5   | 0 + (3 − 0)/4·10
                    0-10 4, 10-20 6, 20-30 2         | decile-9/pn1         | 28.5  | 20 + (11.7 − 10)/2·10
                    0-10 4, 10-20 6, 20-30 2         | percentile-99/pn1    | 30.00 | 12.87 is held at 12
                    0-10 4, 10-20 6, 20-30 2         | quantile/0.25/pn     | 7.5   | as the lower quartile
                    0-10 4, 10-20 6, 20-30 2         | mode/interpolated    | 13.33 | 10 + 2/(2 + 4)·10
                    0-10 4, 10-20 6, 20-30 2         | mode/midpoint        | 15    | of 10–20
                    0-10 4, 10-20 6, 20-30 2         | mode/neighbours      | 13.33 | 10 + 2/(4 + 2)·10
                    0-10 4, 10-20 6, 20-30 2         | mode/empirical       | 13.33 | 3·13.33 − 2·13.33
                    0-10 4, 10-20 6, 20-30 2         | variance-population  | 47.22 | 2700/12 − 177.78
                    0-10 4, 10-20 6, 20-30 2         | variance-population/sheppard | 38.89 | less 100/12
                    0-10 4, 10-20 6, 20-30 2         | sd-sample/sheppard   | 6.57  | √(51.515 − 8.333)
                    0-10 4, 10-20 6, 20-30 2         | range                | 30    | 30 − 0
                    0-10 4, 10-20 6, 20-30 2         | coefficient-of-range | 1     | 30/30
                    0-10 4, 10-20 6, 20-30 2         | percentile-rank=15   | 58.33 | 100·(4 + 0.5·6)/12
                    0-10 4, 10-20 6, 20-30 2         | percentile-rank=-3   | 0     | below all
                    0-10 4, 10-20 6, 20-30 2         | percentile-rank=30   | 100   | above all
                    0-10 4, 10-20 6, 20-30 2         | z-score=25           | 1.63  | 11.667/7.177
                    10-19 3, 20-29 5, 30-39 2        | median/pn            | 23.5  | 19.5 + (5 − 3)/5·10
                    0-5 10, 5-20 15                  | mode/interpolated    | 3.33  | densities 2 and 1: 0 + 2/(2 + 1)·5
                    0-10 4, 10-20 4, 20-30 1         | mode/interpolated    | 10    | two tied neighbours meet
                    0-10 4, 10-20 4, 20-30 4, 30-40 1 | mode/interpolated   | 15    | the middle of three
                    0-10 4, 10-20 1, 20-30 4         | mode/midpoint        | 5; 25 | two apart
                    0-10 4, 10-20 4, 20-30 1         | mode/neighbours      | 20.00 | 0 + 1/(0 + 1)·20
                    0-10 4                           | mode/interpolated    | 5     | one class alone
                    0-10 0, 10-20 4, 20-30 0         | mode/neighbours      | 15    | no neighbours to go by
                    """)
    void is_what_a_hand_works_out(String table, String key, String expected, String working) {
        int places = expected.contains(".") ? expected.length() - expected.indexOf('.') - 1 : 0;
        assertThat(rounded(outcome(key, sample(table, CourseCard.STANDARD)), places))
                .as(working)
                .isEqualTo(expected);
    }

    @ParameterizedTest(name = "{1} of {0} is undefined: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    0-10 4, 10-20 6, over 20 2       | mean                         | A class is open
                    0-10 4, 10-20 6, over 20 2       | range                        | A class is open
                    0-10 4, 10-20 2, over 20 6       | quartile-3/pn                | A class is open
                    0-10 4, 10-20 4                  | mode/interpolated            | all classes have the same
                    0-10 2, 10-20 6, over 20 2       | mode/interpolated            | may lie in the open class
                    0-10 6, 10-20 2, over 20 9       | mode/midpoint                | may lie in the open class
                    0-10 4, 10-20 1, 20-30 4         | skewness-pearson-mode/sample | There are 2 modes
                    0-10 4                           | variance-population/sheppard | larger than the variance
                    0-5 4, 5-20 6                    | sd-sample/sheppard           | one width
                    0-10 1                           | variance-sample              | at least two
                    """)
    void undefined_has_its_reason(String table, String key, String reason) {
        assertThat(rounded(outcome(key, sample(table, CourseCard.STANDARD)), 2))
                .startsWith("undefined: ")
                .contains(reason);
    }

    @Test
    void an_open_class_leaves_what_does_not_need_its_end() {
        Sample open = sample("0-10 4, 10-20 6, 20-30 3, over 30 2", CourseCard.STANDARD);
        assertThat(rounded(outcome("median/pn", open), 2)).isEqualTo("15.83");
        assertThat(rounded(outcome("mode/interpolated", open), 2)).isEqualTo("14.00");
        Sample closed = sample("0-10 4, 10-20 6, 20-30 3, over 30 2", SAME_WIDTH);
        assertThat(rounded(outcome("mean", closed), 2)).isEqualTo("17.00");
    }

    @Test
    void an_answer_may_name_the_class() {
        Marker marker = new Marker(sample("0-10 4, 10-20 6, 20-30 2", CourseCard.STANDARD), CourseCard.STANDARD);
        assertThat(marker.mark("median", "10 to under 20")).isEqualTo(new Verdict.NamesTheClass("10-20"));
        assertThat(marker.mark("median", "20–30")).isInstanceOf(Verdict.DiffersInKind.class);
        assertThat(marker.mark("median", "13.33")).isEqualTo(new Verdict.Agrees(false));
        assertThat(marker.mark("median", "14.17"))
                .isInstanceOfSatisfying(Verdict.Convention.class, convention -> assertThat(convention.slip())
                        .isEqualTo("other-position"));
        assertThat(marker.mark("mode", "15"))
                .isInstanceOfSatisfying(Verdict.Convention.class, convention -> assertThat(convention.key())
                        .isSameAs(CardKey.GROUPED_MODE));
    }

    @Test
    void an_answer_under_another_reading_of_the_classes_is_a_convention() {
        String table = "10-19 3, 20-29 5, 30-39 2";
        Marker marker =
                new Marker(sample(table, CourseCard.STANDARD), CourseCard.STANDARD, card -> sample(table, card));
        // In completed units the median is 20 + (5 − 3)/5·10 = 24, half a unit more.
        assertThat(marker.mark("median", "24.00"))
                .isInstanceOfSatisfying(Verdict.Convention.class, convention -> assertThat(convention.key())
                        .isSameAs(CardKey.BOUNDARIES));
    }

    @Test
    void charliers_checks_hold_and_show_both_sides() {
        // u = −1, 0, 1 with f = 4, 6, 2: Σfu = −2, Σfu² = 6.
        Sample sample = sample("0-10 4, 10-20 6, 20-30 2", CourseCard.STANDARD);
        assertThat(CharlierCheck.of(sample, CourseCard.STANDARD, 2))
                .extracting(Notation::text)
                .containsExactly("Σf(u + 1) = 10,   Σfu + n = 10", "Σf(u + 1)² = 14,   Σfu² + 2Σfu + n = 14");
        assertThat(CharlierCheck.of(sample("0-5 4, 5-20 6", CourseCard.STANDARD), CourseCard.STANDARD, 2))
                .isEmpty();
    }

    @Provide
    Arbitrary<ClassTable> tables() {
        Arbitrary<List<Integer>> frequencies =
                Arbitraries.integers().between(0, 12).list().ofMinSize(1).ofMaxSize(8);
        Arbitrary<List<Integer>> widths =
                Arbitraries.of(5, 10, 10, 10, 20).list().ofSize(8);
        return Combinators.combine(
                        frequencies, widths, Arbitraries.integers().between(-30, 30), Arbitraries.of(true, false))
                .as(ClassMeasuresTest::table)
                .filter(table -> table.count().signum() > 0);
    }

    private static ClassTable table(List<Integer> frequencies, List<Integer> widths, int start, boolean equal) {
        List<ClassInterval> classes = new ArrayList<>();
        int from = start;
        for (int i = 0; i < frequencies.size(); i++) {
            int to = from + (equal ? 10 : widths.get(i));
            int frequency = i == 0 ? frequencies.get(0) + 1 : frequencies.get(i);
            classes.add(new ClassInterval(
                    from + "–" + to,
                    Optional.of(Exact.of(from)),
                    Optional.of(Exact.of(to)),
                    Exact.of(frequency),
                    false,
                    i));
            from = to;
        }
        return ClassTable.of(classes, false, Exact.ONE);
    }

    @Property(tries = 120)
    void all_hand_methods_of_a_quantity_agree_exactly_and_their_workings_end_in_it(@ForAll("tables") ClassTable table) {
        Sample sample = Sample.classes(table.assuming((int) (table.count().toDouble() % table.size())));
        for (Measure measure : Catalogue.classes().all()) {
            Outcome outcome = measure.outcome(Evaluation.of(sample));
            if (outcome.single().isEmpty()) {
                continue;
            }
            for (Measure.Method method : measure.methods(sample.shape())) {
                Outcome other = Evaluation.of(sample).outcome(method.formula());
                assertThat(other.single().orElseThrow().compare(outcome.single().get()))
                        .as(measure.key() + " by " + method.id() + " of " + sample)
                        .isZero();
                List<Working.Line> lines = new Working(method, sample, CourseCard.STANDARD).lines();
                assertThat(lines.get(lines.size() - 1).last()).isTrue();
            }
        }
    }

    @Property(tries = 400)
    void every_measure_of_a_class_table_is_what_its_definition_says(@ForAll("tables") ClassTable table) {
        List<BigDecimal> edges = new ArrayList<>();
        edges.add(bound(table.at(0).lower()));
        table.classes().forEach(one -> edges.add(bound(one.upper())));
        ClassDefinitions definitions = new ClassDefinitions(
                edges,
                table.classes().stream()
                        .map(one -> one.frequency().numerator().intValue())
                        .toList());
        Evaluation evaluation = Evaluation.of(Sample.classes(table));
        for (Measure measure : Catalogue.classes().all()) {
            Outcome outcome = measure.outcome(evaluation);
            List<BigDecimal> defined = definitions.of(measure.key());
            assertThat(outcome.figures())
                    .as("%s of %s", measure.key(), definitions)
                    .hasSameSizeAs(defined);
            for (int i = 0; i < defined.size(); i++) {
                Figure figure = outcome.figures().get(i);
                int digits = figure instanceof Approximation ? 12 : 15;
                assertThat(figure.toFigures(digits, HalfRule.HALF_EVEN))
                        .as("%s of %s", measure.key(), definitions)
                        .isEqualByComparingTo(defined.get(i)
                                .setScale(40, RoundingMode.HALF_EVEN)
                                .round(new MathContext(digits, RoundingMode.HALF_EVEN)));
            }
        }
    }

    private static BigDecimal bound(Optional<Exact> bound) {
        return bound.orElseThrow().toPlaces(2, HalfRule.HALF_UP);
    }

    @Property(tries = 150)
    void quantiles_ascend_and_undo_percentile_ranks(@ForAll("tables") ClassTable table) {
        Sample sample = Sample.classes(table);
        Exact before = null;
        for (int k = 1; k <= 9; k++) {
            Exact decile =
                    (Exact) outcome("decile-" + k + "/pn", sample).single().orElseThrow();
            assertThat(before == null || before.compareTo(decile) <= 0).isTrue();
            before = decile;
            Exact rank = (Exact) new GroupedPercentileRank(decile)
                    .outcome(Evaluation.of(sample))
                    .single()
                    .orElseThrow();
            assertThat(rank).as("rank of decile " + k).isEqualTo(Exact.of(10L * k));
        }
    }

    /** What rests on midpoints is the same as of a frequency table of them; what reads within a class is not. */
    @Property(tries = 100)
    void a_class_table_equals_the_frequency_table_of_its_midpoints_only_where_it_should(
            @ForAll("tables") ClassTable table) {
        Sample classes = Sample.classes(table);
        Sample midpoints =
                Sample.frequencies(classes.values(), classes.weights().orElseThrow(), false);
        for (String key :
                List.of("sum", "mean", "variance-sample", "mean-deviation", "beta-1", "kurtosis-b2", "cv/sample")) {
            Outcome ofTable = Catalogue.lists()
                    .find(key, CourseCard.STANDARD)
                    .orElseThrow()
                    .outcome(Evaluation.of(midpoints));
            assertThat(outcome(key, classes).figures()).as(key).isEqualTo(ofTable.figures());
        }
        Exact range = (Exact) outcome("range", classes).single().orElseThrow();
        Exact between = (Exact) Catalogue.lists()
                .find("range", CourseCard.STANDARD)
                .orElseThrow()
                .outcome(Evaluation.of(midpoints))
                .single()
                .orElseThrow();
        assertThat(range).as("from boundary to boundary").isGreaterThan(between);
    }

    @Property(tries = 60)
    void joining_neighbouring_classes_keeps_the_count_and_what_lies_below_their_edges(
            @ForAll("tables") ClassTable table) {
        List<ClassInterval> joined = new ArrayList<>();
        for (int i = 0; i < table.size(); i += 2) {
            ClassInterval first = table.at(i);
            ClassInterval last = table.at(Math.min(i + 1, table.size() - 1));
            Exact frequency =
                    first == last ? first.frequency() : first.frequency().plus(last.frequency());
            joined.add(new ClassInterval("joined", first.lower(), last.upper(), frequency, false, i));
        }
        ClassTable wide = ClassTable.of(joined, false, Exact.ONE);
        assertThat(wide.count()).isEqualTo(table.count());
        for (ClassInterval one : wide.classes()) {
            Measure rank = new GroupedPercentileRank(one.upper().orElseThrow());
            assertThat(rank.outcome(Evaluation.of(Sample.classes(wide))))
                    .isEqualTo(rank.outcome(Evaluation.of(Sample.classes(table))));
        }
    }

    @ParameterizedTest(name = "{0} rests on the assumed end: {1}")
    @CsvSource({
        "mean, true",
        "range, true",
        "median/pn, false",
        "quartile-1/pn, false",
        "decile-9/pn, true",
        "mode/interpolated, false"
    })
    void what_rests_on_an_assumed_end_is_known(String key, boolean rests) {
        Sample closed = sample("0-10 4, 10-20 9, 20-30 3, over 30 2", SAME_WIDTH);
        assertThat(Catalogue.classes()
                        .find(key, CourseCard.STANDARD)
                        .orElseThrow()
                        .restsOnAssumedEnd(closed))
                .isEqualTo(rests);
        Sample stated = sample("0-10 4, 10-20 9, 20-30 3", SAME_WIDTH);
        assertThat(new Mean().restsOnAssumedEnd(stated)).isFalse();
    }
}
