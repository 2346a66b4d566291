package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.QuartileRule;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasuredIn;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassReading;
import promedio.core.working.FigureText;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class MarkerTest {
    /** x̄ = 823/24 = 34.291666…, median 26.5, mode 15, Q₁ = 16.5, Q₃ = 42.5, s² = 656.128623…, s = 25.61500…, σ = 25.0757… */
    private static final Sample MINUTES =
            Sample.of("8 12 12 15 15 15 18 20 20 22 25 25 28 30 30 35 38 40 45 50 55 65 80 120".split(" ", -1));

    private static final Marker MARKER = new Marker(MINUTES, CourseCard.STANDARD);

    /** A verdict as a short word, with what it names. */
    private static String told(Verdict verdict) {
        return verdict.fold(new Verdict.Cases<>() {
            @Override
            public String agrees(Verdict.Agrees agrees) {
                return agrees.beyond() ? "agrees, digits beyond" : "agrees";
            }

            @Override
            public String agreesRounded(Verdict.AgreesRounded rounded) {
                return "rounded to " + rounded.places();
            }

            @Override
            public String convention(Verdict.Convention convention) {
                return convention.slip() + " " + convention.choiceId();
            }

            @Override
            public String namesTheClass(Verdict.NamesTheClass names) {
                return "names " + names.label();
            }

            @Override
            public String drift(Verdict.Drift drift) {
                return "drift " + drift.places() + " "
                        + drift.line().map(line -> line.id()).orElse("every line");
            }

            @Override
            public String follows(Verdict.Follows v) {
                return "follows " + v.from().stream().map(Measure::question).toList();
            }

            @Override
            public String slipped(Verdict.Slipped v) {
                return "slip "
                        + v.likely().stream()
                                .map(one -> (one.chance() ? "perhaps " : "")
                                        + one.slip()
                                        + one.also().map(also -> " + " + also).orElse("")
                                        + one.where().map(where -> " " + where).orElse(""))
                                .collect(Collectors.joining(", "));
            }

            @Override
            public String otherMeasure(Verdict.OtherMeasure other) {
                return "other-measure " + other.measure().id();
            }

            @Override
            public String differs(Verdict.Differs differs) {
                return "differs by " + differs.difference();
            }

            @Override
            public String differsInKind(Verdict.DiffersInKind kind) {
                return "differs: " + kind.why();
            }

            @Override
            public String unreadable(Verdict.Unreadable unreadable) {
                return "unreadable";
            }
        });
    }

    @ParameterizedTest(name = "{1} for the {0}: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    mean       | 34.29          | agrees
                    mean       | 34.2917        | agrees
                    mean       | 34.2949        | agrees, digits beyond
                    mean       | 34.3           | rounded to 1
                    mean       | 34             | rounded to 0
                    mean       | 34.28          | differs by -7/600
                    mean       | 823/24         | agrees
                    mean       | 34 7/24        | agrees
                    mean       | 34,29          | agrees
                    mean       | x̄ = 34.29 min  | agrees
                    mean       | ≈ 34.29 minutes | agrees
                    mean       | 30             | differs by -103/24
                    mean       | 3              | differs by -751/24
                    mean       | 26.5           | other-measure median
                    median     | 26.5           | agrees
                    median     | 26.50          | agrees
                    median     | 26.500         | agrees
                    median     | 27             | rounded to 0
                    median     | 25             | other-convention lower
                    median     | 28             | other-convention upper
                    mode       | 15             | agrees
                    mode       | 15 min         | agrees
                    mode       | 15; 20         | differs: There is one value here.
                    mode       | none           | differs: There is one value here.
                    quartile-1 | 16.5           | agrees
                    quartile-1 | 17.25          | other-quartile-rule hf7
                    quartile-1 | 15.75          | other-quartile-rule hf6
                    sd         | 25.61          | drift
                    sd         | 25.62          | agrees
                    sd         | 25.08          | other-divisor population
                    sd         | √656.128623188 | agrees
                    sd         | 25.6           | rounded to 1
                    variance   | 656.13         | agrees
                    variance   | 628.79         | other-divisor population
                    cv         | 74.70 %        | agrees
                    cv         | 0.747          | other-convention ratio
                    skewness   | 0.91           | agrees
                    skewness   | 1.95           | other-skewness skewness-adjusted
                    range      | about a lot    | unreadable
                    range      | 1/0            | unreadable
                    range      | 112            | agrees
                    """)
    void answers_get_the_mark_of_a_tutor(String question, String answer, String mark) {
        assertThat(told(MARKER.mark(question, answer))).startsWith(mark);
    }

    @ParameterizedTest(name = "{1} for the {0}: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    cv         | 74.71 % | drift 2 sd-sample   | 100·25.62/34.2917 = 74.712, exactly 74.697
                    cv         | 74.72   | drift 2 every line  | 100·25.62/34.29 = 74.716
                    cv         | 75.00   | drift 2 quotient-1  | 25.615/34.292 = 0.75, times 100
                    variance   | 656.12  | drift 2 every line  | cells (8 − 34.29)² = 691.16 …, 15090.86/23 = 656.124
                    skewness   | 0.90    | drift 2 quotient    | 7.792/25.615 = 0.30, times 3
                    variance   | 656.11  | differs             | nothing leads there
                    """)
    void rounding_on_the_way_is_recognised_and_is_no_fault(String question, String answer, String mark, String byHand) {
        assertThat(told(MARKER.mark(question, answer))).as(byHand).startsWith(mark);
    }

    @Test
    void where_the_course_rounds_every_line_both_the_rounded_and_the_exact_answer_agree() {
        Marker rounding = new Marker(MINUTES, CourseCard.STANDARD.with(CardKey.WORKING, Optional.of(2)));
        assertThat(told(rounding.mark("variance", "656.12"))).isEqualTo("agrees");
        assertThat(told(rounding.mark("variance", "656.13"))).isEqualTo("agrees");
    }

    @Test
    void the_value_under_another_rule_is_named_with_its_measure() {
        Verdict verdict = MARKER.mark("quartile-1", "17.25");
        assertThat(verdict).isInstanceOfSatisfying(Verdict.Convention.class, convention -> {
            assertThat(convention.key()).isSameAs(CardKey.QUARTILES);
            assertThat(convention.measure().key()).isEqualTo("quartile-1/hf7");
            assertThat(convention.value()).isEqualTo(Exact.ratio(69, 4));
        });
    }

    @Test
    void under_the_other_rule_the_same_answer_is_right() {
        Marker other = new Marker(MINUTES, CourseCard.STANDARD.with(CardKey.QUARTILES, QuartileRule.HF7));
        assertThat(told(other.mark("quartile-1", "17.25"))).isEqualTo("agrees");
        assertThat(told(other.mark("quartile-1", "16.5"))).startsWith("other-quartile-rule halves");
    }

    @Test
    void none_is_right_where_there_is_no_value() {
        Marker marker = new Marker(Sample.of("1", "2", "3"), CourseCard.STANDARD);
        assertThat(told(marker.mark("mode", "none"))).isEqualTo("agrees");
        assertThat(told(marker.mark("mode", "no mode"))).isEqualTo("agrees");
        assertThat(told(marker.mark("mode", "2"))).startsWith("other-");
        Marker one = new Marker(Sample.of("5"), CourseCard.STANDARD);
        assertThat(told(one.mark("variance", "undefined"))).isEqualTo("agrees");
        assertThat(told(one.mark("sd", "3"))).isEqualTo("differs: It needs at least two values.");
    }

    @Test
    void several_modes_agree_in_any_order_and_only_when_all_are_there() {
        Marker marker = new Marker(Sample.of("2", "2", "7", "7", "9"), CourseCard.STANDARD);
        assertThat(told(marker.mark("mode", "7; 2"))).isEqualTo("agrees");
        assertThat(told(marker.mark("mode", "2 and 7"))).isEqualTo("agrees");
        assertThat(told(marker.mark("mode", "2; 2"))).startsWith("differs");
        assertThat(told(marker.mark("mode", "2"))).isEqualTo("slip one-of-modes, perhaps frequency-for-mode");
    }

    /**
     * By hand of 8 … 120: Σx = 823, Σ(x − x̄)² = 15090.958…, Σx² = 43313; in entry order the 12th and 13th are sorted already. Without 120
     * the mean is 703/23; with 21 for 12 it is 832/24.
     */
    @ParameterizedTest(name = "{1} for the {0}: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    sd         | 656.13   | slip no-root
                    mean       | 823      | slip not-divided
                    variance   | 15090.96 | slip not-divided
                    variance   | 1883.17  | slip correction-omitted
                    variance   | 1804.71  | slip correction-omitted, square-of-sum
                    mean       | 30.57    | slip value-dropped 120
                    mean       | 34.67    | slip digits-swapped 12, digits-swapped 45
                    mean       | 43.29    | slip digits-swapped answer
                    mean       | 342.92   | slip point-moved answer
                    range      | -112     | slip sign-lost answer, perhaps ends-swapped
                    median     | 12.5     | slip position-for-value
                    mode       | 3        | slip perhaps frequency-for-mode
                    """)
    void a_known_mistake_is_named(String question, String answer, String mark) {
        assertThat(told(MARKER.mark(question, answer))).isEqualTo(mark);
    }

    @Test
    void what_follows_from_an_answer_of_ones_own_is_no_mistake() {
        assertThat(told(MARKER.mark("sd", "25.99", Map.of("variance", "675.40"))))
                .isEqualTo("follows [variance]");
        assertThat(told(MARKER.mark("iqr", "24.5", Map.of("quartile-1", "18", "mean", "3"))))
                .isEqualTo("follows [quartile-1]");
        assertThat(told(MARKER.mark("sd", "25.99", Map.of("variance", "656.13"))))
                .startsWith("differs");
    }

    /**
     * Whatever is answered about shares of any values, it is marked: nothing counts what has no number. (Who takes the
     * shares for the values has numbers to count.)
     */
    @Property(tries = 300)
    void answers_about_shares_are_marked(@ForAll long seed) {
        java.util.Random random = new java.util.Random(seed);
        int rows = 1 + random.nextInt(6);
        int whole = random.nextBoolean() ? 1 : 100;
        Decimals.Builder values = new Decimals.Builder(rows);
        Decimals.Builder shares = new Decimals.Builder(rows);
        long left = 100;
        for (int i = 0; i < rows; i++) {
            long share = i == rows - 1 ? left : 1 + random.nextInt((int) Math.max(1, left - (rows - i)));
            left -= share;
            values.add(random.nextInt(40), random.nextInt(2));
            shares.add(share, whole == 1 ? 2 : 0);
        }
        CourseCard card =
                CourseCard.STANDARD.withRule("frequencies", "relative").orElseThrow();
        Marker marker = new Marker(Sample.frequencies(values.build(), shares.build(), true), card);
        for (String question :
                List.of("mean", "median", "mode", "maximum", "range", "variance-population", "sd-population")) {
            String answer =
                    Integer.toString(random.nextInt(60)) + (random.nextBoolean() ? "" : "." + random.nextInt(100));
            String mark = told(marker.mark(question, answer));
            assertThat(mark.contains("frequencies-as-data") ? "" : mark)
                    .as("%s of %s", question, seed)
                    .doesNotContain("value-dropped", "position-for-value");
        }
    }

    /** x̄ = 32.92 and s = 25.60 of the values; 3(30 − 20)/25 = 1.2 needs all three answers of the student, 3(30 − 20)/25.60 two. */
    /**
     * Of 2 4 4 4 5 5 7 9: the mean is 5, the squares add up to 32, s = 2.138, the median is 4.5. By hand: 44/8, 5.5·8, √5, 2.5², 100·2.138/5.7,
     * 3(5.7 − 4.5)/2.138, 3/2, (5.7 − 4)/2.138.
     */
    @ParameterizedTest
    @CsvSource({
        "sum, 44, mean, 5.5",
        "mean, 5.7, sum, 45.6",
        "variance-population, 5, sd-population, 2.236",
        "variance, 5.2, sd, 2.28",
        "sd, 2.5, variance, 6.25",
        "mean, 5.7, cv, 37.51",
        "mean, 5.7, skewness-pearson-median, 1.68",
        "mean, 5.7, skewness-pearson-mode, 0.80",
        "iqr, 3.3, quartile-deviation, 1.65"
    })
    void an_answer_follows_by_every_relation_between_two_measures(
            String earlier, String wrong, String question, String answer) {
        Marker marker = new Marker(Sample.of("2", "4", "4", "4", "5", "5", "7", "9"), CourseCard.STANDARD);
        Verdict verdict = marker.mark(question, answer, Map.of(earlier, wrong));
        String bare = earlier.replaceFirst("-population", "");
        assertThat(told(verdict)).isEqualTo("follows [" + bare + "]");
    }

    /**
     * Of 10–19: 3, 20–29: 7, 30–39: 12, 40–49: 8, 50–59: 5. Σfx = 1257.5, Σf(x − x̄)² = 4628.57; the median is 29.5 + (17.5 − 10)/12 · 10 = 35.75. By hand:
     * 29.5 + 7.5/22 · 10, 29.5 + 7.5/10 · 10, 29.5 + 2.95/22 · 10, 29.5 + 0.5/22 · 10, 59 − 10, the highest f, midpoints, 1257.5/5, 4628.57/4 and /5,
     * (4628.57 + 35 · 0.1786²)/34, 29.5 + 7.5/12, 0.37 · 35, 0.9 · 35.
     */
    @ParameterizedTest
    @CsvSource({
        "median, 32.91, cumulative-for-frequency",
        "median, 37.00, cumulative-for-frequency",
        "percentile-37, 30.84, cumulative-for-frequency",
        "decile-3, 29.73, cumulative-for-frequency",
        "range, 49, limits-for-boundaries",
        "mode, 12, frequency-for-mode",
        "percentile-37, 34.5, class-midpoint-given",
        "decile-9, 54.5, class-midpoint-given",
        "mean, 251.5, divided-by-classes",
        "variance, 1157.14, divided-by-classes",
        "variance, 925.71, divided-by-classes",
        "variance, 136.17, about-median",
        "median, 30.13, factor-dropped",
        "percentile-37, 12.95, position-for-value",
        "decile-9, 31.5, position-for-value"
    })
    void a_mistake_about_classes_is_told_first(String question, String answer, String slip) {
        Verdict verdict = ofClasses().mark(question, answer);
        assertThat(verdict).isInstanceOf(Verdict.Slipped.class);
        assertThat(((Verdict.Slipped) verdict).likely())
                .extracting(Explanation::slip)
                .first()
                .isEqualTo(slip);
    }

    private static Marker ofClasses() {
        List<ClassReading.Row> rows = new ArrayList<>();
        int[] frequencies = {3, 7, 12, 8, 5};
        for (int i = 0; i < frequencies.length; i++) {
            String label = 10 * (i + 1) + "-" + (10 * (i + 1) + 9);
            rows.add(new ClassReading.Row(
                    i, label, ClassLabel.parse(label, Numerals.POINT).orElseThrow(), Exact.of(frequencies[i])));
        }
        return new Marker(
                Sample.classes(
                        ClassReading.of(rows, CourseCard.STANDARD).table().orElseThrow()),
                CourseCard.STANDARD);
    }

    /** Σf|x − x̄|/n is 9.22, Σf|x − 35.75|/n is 9.18: where it is taken from is not said by the name alone. */
    @Test
    void the_mean_deviation_from_the_other_centre_is_right_under_another_rule() {
        assertThat(told(ofClasses().mark("mean-deviation", "9.18"))).isEqualTo("other-convention median");
        assertThat(told(ofClasses().mark("mean-deviation", "9.22"))).startsWith("agrees");
    }

    /** The ten add up to 144: (144 − 2)/9, (144 − 60)/9, (144 − 62)/10; twice each 2 of 20 are left out. */
    @Test
    void a_mean_that_was_trimmed_at_one_end_or_divided_by_all_is_told_also_of_frequencies() {
        String[] values = {"2", "3", "5", "8", "9", "10", "12", "15", "20", "60"};
        Sample list = Sample.of(values);
        Sample twice = Sample.frequencies(
                list.values(),
                Sample.of("2", "2", "2", "2", "2", "2", "2", "2", "2", "2").values(),
                false);
        for (Sample sample : List.of(list, twice)) {
            Marker marker = new Marker(sample, CourseCard.STANDARD);
            assertThat(told(marker.mark("trimmed-mean/0.10", "15.78"))).contains("trim-one-end");
            assertThat(told(marker.mark("trimmed-mean/0.10", "9.33"))).contains("trim-one-end");
            assertThat(told(marker.mark("trimmed-mean/0.10", "8.20"))).contains("trim-count-kept");
        }
    }

    @Test
    void a_range_that_names_its_ends_is_told_so_and_the_number_of_values_can_be_asked() {
        Marker marker = new Marker(Sample.of("2", "4", "4", "4", "5", "5", "7", "9"), CourseCard.STANDARD);
        for (String ends : List.of("2 to 9", "2-9", "2 – 9")) {
            assertThat(marker.mark("range", ends))
                    .as(ends)
                    .isEqualTo(new Verdict.DiffersInKind(Sentence.of("differs.ends")));
        }
        assertThat(marker.mark("range", "2 to 8"))
                .isEqualTo(new Verdict.DiffersInKind(Sentence.of("differs.other-ends")));
        assertThat(marker.mark("range", "7")).isInstanceOf(Verdict.Agrees.class);
        assertThat(marker.mark("count", "8")).isInstanceOf(Verdict.Agrees.class);
        assertThat(marker.mark("count", "7")).isInstanceOf(Verdict.Differs.class);
    }

    /** With n for n − 1 the variance is 4, with n − 1 for n it is 32/7. */
    @Test
    void a_question_that_names_its_divisor_and_gets_the_other_one_is_that_and_nothing_miscounted() {
        Marker marker = new Marker(Sample.of("2", "4", "4", "4", "5", "5", "7", "9"), CourseCard.STANDARD);
        for (String[] one : new String[][] {
            {"variance-sample", "4.00"},
            {"variance-population", "4.57"},
            {"sd-sample", "2.00"},
            {"sd-population", "2.14"}
        }) {
            Verdict verdict = marker.mark(one[0], one[1]);
            assertThat(verdict).as(one[0]).isInstanceOf(Verdict.Slipped.class);
            assertThat(((Verdict.Slipped) verdict).likely())
                    .as(one[0])
                    .extracting(Explanation::slip)
                    .first()
                    .isEqualTo("other-divisor");
            assertThat(((Verdict.Slipped) verdict).likely())
                    .extracting(Explanation::slip)
                    .doesNotContain("miscounted");
        }
        assertThat(marker.mark("variance", "4.00")).isInstanceOf(Verdict.Convention.class);
    }

    @Test
    void what_follows_names_all_its_sources_and_only_such_as_stand_above() {
        Map<String, String> wrong = new java.util.LinkedHashMap<>();
        wrong.put("mean", "30");
        wrong.put("median", "20");
        wrong.put("sd", "25");
        Verdict three = MARKER.mark("skewness", "1.20", wrong);
        assertThat(told(three)).isEqualTo("follows [mean, median, sd]");
        assertThat(Mark.of(three, CourseCard.STANDARD, new FigureText(CourseCard.STANDARD, 0))
                        .details())
                .first()
                .asString()
                .isEqualTo("It follows from your own answer to: Mean, Median and Standard deviation.");
        wrong.put("skewness", "1.20");
        assertThat(MARKER.above("sd", wrong).keySet()).containsExactly("mean", "median");
        assertThat(MARKER.above("mean", wrong)).isEmpty();
    }

    /** Each stands alone and behind “It could be this:”, so each is a sentence about what was done. */
    @Test
    void slips_are_told_in_sentences_about_what_was_done() {
        var words = java.util.ResourceBundle.getBundle("promedio.core.sentence.sentences");
        for (String key : words.keySet()) {
            if (key.startsWith("slip.")
                    && !List.of("slip.or", "slip.could-be", "slip.pair").contains(key)) {
                assertThat(words.getString(key))
                        .as(key)
                        .endsWith(".")
                        .doesNotStartWith("That is")
                        .doesNotStartWith("As if");
            }
        }
    }

    /** σ² = 628.79; Σ(x − 34)²/24 = 628.79 + 0.29² = 628.875. */
    @Test
    void two_mistakes_in_one_answer_are_told_together() {
        assertThat(told(MARKER.mark("sd", "628.79"))).startsWith("slip other-divisor + no-root");
        assertThat(told(MARKER.mark("variance", "628.88"))).startsWith("slip other-divisor + early-rounding");
    }

    /**
     * f/h is 1.2, 2, 0.6: the mode lies from 10 to 15. By frequency: 0 + 12/(12 + 2) · 10 = 8.57. The median is 10 + 3.5/10 · 5 = 11.75; in
     * the class after 15 + (15.5 − 22)/9 · 15 = 4.17, with F through it 15 + (15.5 − 31)/9 · 15 = −10.83.
     */
    @Test
    void another_class_is_told_where_one_was_taken() {
        List<ClassReading.Row> rows = List.of(row(0, "0-10", 12), row(1, "10-15", 10), row(2, "15-30", 9));
        Marker marker = new Marker(
                Sample.classes(
                        ClassReading.of(rows, CourseCard.STANDARD).table().orElseThrow()),
                CourseCard.STANDARD);
        assertThat(told(marker.mark("mode", "8.57"))).startsWith("slip frequency-for-density");
        assertThat(told(marker.mark("median", "4.17"))).startsWith("slip neighbour-class");
        assertThat(told(marker.mark("median", "-10.83"))).contains("neighbour-class", " + ", "cumulative-through");
    }

    private static ClassReading.Row row(int entry, String label, int frequency) {
        return new ClassReading.Row(
                entry, label, ClassLabel.parse(label, Numerals.POINT).orElseThrow(), Exact.of(frequency));
    }

    /** By hand: x̄ = 23/6, ȳ = 5, Sxx = 161/6, Syy = 34, Sxy = 27; Σd² of the ranks is 4. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "covariance, 5.40, agrees",
        "covariance, 4.50, other-divisor population",
        "slope, 1.01, agrees",
        "slope, 1.2348, slip products-not-corrected",
        "slope, 0.79, other-measure slope/x-on-y",
        "intercept, -1.198, slip means-exchanged",
        "correlation-pearson, 0.80, other-measure determination",
        "correlation-spearman-formula, 0.1143, slip complement-forgotten",
        "residual-sd, 1.7081, slip no-root",
        "fitted=5, 6.17, agrees",
        "p, 0.02, agrees"
    })
    void answers_about_pairs_are_told_what_they_are(String question, String answer, String mark) {
        Sample pairs = Sample.pairs(Decimals.of(0, 1, 2, 3, 4, 6, 7), Decimals.of(0, 2, 3, 5, 4, 9, 7));
        Marker marker = new Marker(pairs, CourseCard.STANDARD, card -> pairs, new MeasuredIn("h", "points"));
        assertThat(told(marker.mark(question, answer))).startsWith(mark);
        assertThat(told(marker.mark("intercept", "-2.67", Map.of("slope", "2"))))
                .as("5 − 2·23/6")
                .startsWith("follows");
        assertThat(marker.aboutUnit("slope", "1.01 points/h")).isEmpty();
        assertThat(marker.aboutUnit("mean/y", "5 h")).isPresent();
        Marker inKilograms = new Marker(pairs, CourseCard.STANDARD, card -> pairs, new MeasuredIn("kg", "kg"));
        assertThat(inKilograms.aboutUnit("covariance", "5.40 kg²")).isEmpty();
        assertThat(inKilograms.aboutUnit("slope", "1.01 kg")).isPresent();
    }

    @Test
    void a_tolerance_lets_the_last_place_be_off() {
        CourseCard lenient = CourseCard.STANDARD.with(CardKey.TOLERANCE, 1);
        assertThat(told(new Marker(MINUTES, lenient).mark("mean", "34.28"))).isEqualTo("agrees");
        assertThat(told(new Marker(MINUTES, lenient).mark("mean", "34.27"))).startsWith("differs");
    }

    @Property(tries = 300)
    void the_value_itself_at_any_places_always_agrees(
            @ForAll @IntRange(min = 0, max = 9) int places, @ForAll @IntRange(min = -500, max = 500) int tenths) {
        Sample sample = Sample.of(Integer.toString(tenths), "3.7", "11", "2.25");
        Marker marker = new Marker(sample, CourseCard.STANDARD);
        String written = promedio.core.measure.Catalogue.lists()
                .find("mean", CourseCard.STANDARD)
                .orElseThrow()
                .outcome(promedio.core.formula.Evaluation.of(sample))
                .single()
                .orElseThrow()
                .toPlaces(places, promedio.core.number.HalfRule.HALF_UP)
                .toPlainString();
        Optional<String> told = Optional.of(told(marker.mark("mean", written)));
        if (places >= 2) {
            assertThat(told).as(written).contains("agrees");
        } else {
            assertThat(told.orElseThrow())
                    .as(written)
                    .doesNotStartWith("differs: ")
                    .doesNotStartWith("unreadable");
        }
    }
}
