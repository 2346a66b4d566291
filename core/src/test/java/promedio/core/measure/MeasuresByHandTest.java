package promedio.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Locale;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;

/** Each measure against a figure that somebody worked out by hand; the working stands beside it. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class MeasuresByHandTest {
    private static Outcome outcome(String values, String key) {
        Sample sample = Sample.of(values.split(" ", -1));
        return Catalogue.lists().find(key, CourseCard.STANDARD).orElseThrow().outcome(Evaluation.of(sample));
    }

    private static String rounded(String values, String key, int places) {
        return outcome(values, key).figures().stream()
                .map(figure -> figure.toPlaces(places, HalfRule.HALF_UP).toPlainString())
                .collect(Collectors.joining("; "));
    }

    @ParameterizedTest(name = "{1} of {0} is {2} ({3})")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    2 3 7                 | sum                                    | 12    | added up
                    2 3 7                 | mean                                   | 4     | 12/3
                    2 3 7                 | median                                 | 3     | the 2nd of 3
                    2 3 7 8               | median                                 | 5     | (3 + 7)/2
                    12 15 15 18           | mode                                   | 15    | occurs twice
                    2 2 7 7 9             | mode                                   | 2; 7  | both twice
                    5                     | mode                                   | 5     | the only value
                    2 3 7                 | mode/empirical                         | 1     | 3·3 − 2·4
                    2 3 7                 | midrange                               | 4.5   | (2 + 7)/2
                    1 2 3 4 5 6 7 8 9 100 | trimmed-mean/0.10                      | 5.5   | 44/8
                    2 8                   | geometric-mean                         | 4     | √16
                    2 6                   | harmonic-mean                          | 3     | 2/(1/2 + 1/6)
                    1 7                   | root-mean-square                       | 5     | √(50/2)
                    12 15 15 18           | distinct                               | 3     | 12, 15, 18
                    2 3 7                 | range                                  | 5     | 7 − 2
                    2 3 7                 | range-inclusive                        | 6     | 7 − 2 + 1
                    2.5 3 7.1             | range-inclusive                        | 4.7   | 7.1 − 2.5 + 0.1
                    2 4 4 7 9 12 15       | iqr/halves-exclusive                   | 8     | 12 − 4
                    2 4 4 7 9 12 15       | quartile-deviation/halves-exclusive    | 4     | 8/2
                    2 4 4 7 9 12 15       | coefficient-of-quartile-deviation/halves-exclusive | 0.5 | 8/16
                    2 4 4 7 9 12 15       | fence-lower/halves-exclusive           | -8    | 4 − 1.5·8
                    2 4 4 7 9 12 15       | fence-upper/halves-exclusive           | 24    | 12 + 1.5·8
                    2 4 4 7 9 12 15       | five-number                            | 2; 4; 7; 12; 15 | quartiles by halves
                    2 4 4 7 9 12 30       | outliers                               | 30    | beyond 12 + 1.5·8 = 24
                    -50 2 4 4 7 9 12 13 60 | outliers                              | -50; 60 | Q₁ = 3, Q₃ = 12.5: beyond −11.25 and 26.75
                    2 4 4 7 9 12 15       | skewness-bowley/halves-exclusive       | 0.25  | (12 + 4 − 14)/8
                    2 3 7                 | mean-deviation                         | 2     | (2 + 1 + 3)/3
                    2 3 7                 | mean-deviation-median                  | 1.6667 | (1 + 0 + 4)/3
                    2 3 7                 | median-absolute-deviation              | 1     | of 1, 0, 4
                    2 3 7                 | coefficient-of-range                   | 0.5556 | 5/9
                    2 3 7                 | coefficient-of-mean-deviation          | 0.5   | 2/4
                    2 3 7                 | coefficient-of-mean-deviation-median   | 0.5556 | (5/3)/3
                    2 3 7                 | variance-sample                        | 7     | 14/2
                    2 3 7                 | variance-population                    | 4.6667 | 14/3
                    2 3 7                 | sd-sample                              | 2.6458 | √7
                    2 3 7                 | sd-population                          | 2.1602 | √(14/3)
                    2 3 7                 | standard-error                         | 1.5275 | √7/√3
                    2 3 7                 | cv/sample                              | 66.1438 | 100·2.64575/4
                    -2 -3 -7              | cv/sample                              | -66.1438 | keeps the sign of the mean
                    2 3 7                 | skewness-pearson-median/sample         | 1.1339 | 3/√7
                    2 2 8                 | skewness-pearson-mode/sample           | 0.5774 | 2/√12
                    2 3 7                 | skewness-moment                        | 0.5952 | 6/(14/3)^1.5
                    2 3 7                 | beta-1                                 | 0.3542 | 36/(14/3)³
                    2 3 7                 | skewness-adjusted                      | 1.4579 | 0.59517·√6/1
                    2 3 7                 | skewness-b1                            | 0.3240 | 6/7^1.5
                    1 2 3 4               | kurtosis-moment                        | 1.64  | m₄ = 2.5625, m₂ = 1.25
                    1 2 3 4               | kurtosis-excess                        | -1.36 | 1.64 − 3
                    1 2 3 4               | kurtosis-adjusted                      | -1.2  | 3/2·(5·(−1.36) + 6)
                    1 2 3 4               | kurtosis-b2                            | -2.0775 | 2.5625/(5/3)² − 3
                    2 3 7                 | z-score=7                              | 1.1339 | 3/√7
                    2 3 3 7               | percentile-rank=3                      | 50    | 100·(1 + 1)/4
                    1 2 3 4 5 6 7 8 9     | percentile-37                          | 3.7   | position 10·0.37
                    1 2 3 4 5 6 7 8 9     | decile-3                               | 3     | position 10·0.3
                    1 2 3 4 5 6 7 8 9     | quantile/0.25                          | 2.5   | position 10·0.25
                    """)
    void is_what_a_hand_works_out(String values, String key, String expected, String working) {
        int places = expected.contains(".") ? expected.length() - expected.indexOf('.') - 1 : 0;
        assertThat(rounded(values, key, places)).as(working).isEqualTo(expected);
    }

    @ParameterizedTest(name = "Q1 and Q3 of {0} by {1}: {2} and {3}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    2 4 4 7 9 12 15     | halves-exclusive | 4    | 12    | halves 2 4 4 and 9 12 15
                    2 4 4 7 9 12 15     | halves-inclusive | 4    | 10.5  | halves 2 4 4 7 and 7 9 12 15
                    2 4 4 7 9 12 15     | hf6              | 4    | 12    | positions 2 and 6
                    2 4 4 7 9 12 15     | hf7              | 4    | 10.5  | positions 2.5 and 5.5
                    1 2 3 4 5 6         | halves-exclusive | 2    | 5     | halves 1 2 3 and 4 5 6
                    1 2 3 4 5 6         | hf1              | 2    | 5     | ⌈1.5⌉ and ⌈4.5⌉
                    1 2 3 4 5 6 7 8     | hf2              | 2.5  | 6.5   | 2 and 6 are whole: averages
                    1 2 3 4 5 6         | hf3              | 2    | 4     | 1.5 to even 2, 4.5 to even 4
                    1 2 3 4 5 6         | hf4              | 1.5  | 4.5   | 1.5 and 4.5
                    1 2 3 4 5 6         | hf5              | 2    | 5     | 2 and 5
                    1 2 3 4 5 6         | n1-up            | 2    | 6     | ⌈1.75⌉ and ⌈5.25⌉
                    1 2 3 4 5 6         | n1-nearest       | 2    | 5     | 1.75 and 5.25
                    1 2 3 4 5           | n1-nearest       | 1.5  | 4.5   | a half averages
                    1 2 3 4 5           | n1-inward        | 2    | 4     | a half goes inward
                    1 2 3 4 5 6         | n1-midway        | 1.5  | 5.5   | not whole: midway
                    1 2 3 4 5 6 7       | n1-midway        | 2    | 6     | whole
                    7                   | halves-inclusive | 7    | 7     | counted in both
                    """)
    void quartiles_follow_their_rule(String values, String rule, String q1, String q3, String working) {
        int places = Math.max(1, q1.length() - q1.indexOf('.') - 1);
        assertThat(Double.parseDouble(rounded(values, "quartile-1/" + rule, places + 2)))
                .as(working)
                .isEqualTo(Double.parseDouble(q1));
        assertThat(Double.parseDouble(rounded(values, "quartile-3/" + rule, places + 2)))
                .as(working)
                .isEqualTo(Double.parseDouble(q3));
    }

    @ParameterizedTest(name = "{1} of {0}: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    5        | variance-sample                 | It needs at least two values.
                    5        | quartile-1/halves-exclusive     | It needs at least two values.
                    5 5 5    | skewness-moment                 | All values are equal, so there is no spread to divide by.
                    1 2      | skewness-adjusted               | It needs at least three values.
                    1 2 3    | kurtosis-adjusted               | It needs at least four values.
                    0 2 8    | geometric-mean                  | It needs positive values only.
                    -1 2 8   | harmonic-mean                   | It needs positive values only.
                    1 2 3    | mode                            | There is no mode: all values occur equally often.
                    1 1 2 2 5 | skewness-pearson-mode/sample   | There are 2 modes, so the mode is not one number.
                    -1 0 1   | cv/sample                       | The divisor x̄ is 0.
                    -2 2     | coefficient-of-range            | The divisor max + min is 0.
                    1 3 3 3 3 3 3 9 | skewness-bowley/halves-exclusive | The divisor Q₃ − Q₁ is 0.
                    """)
    void is_undefined_with_a_reason(String values, String key, String reason) {
        assertThat(outcome(values, key).whyUndefined().map(Sentence::toString))
                .contains(reason.replace("x̄", "x\u0304"));
    }

    @Test
    void certified_values_of_the_nist_univariate_series_hold_to_fifteen_digits() {
        // NIST StRD NumAcc1–4: mean and sample SD; the series are made by formula.
        assertSeries(new String[] {"10000001", "10000003", "10000002"}, "10000002", "1");
        assertSeries(series("1.2", "1.1", "1.3", 1001), "1.2", "0.1");
        assertSeries(series("1000000.2", "1000000.1", "1000000.3", 1001), "1000000.2", "0.1");
        assertSeries(series("10000000.2", "10000000.1", "10000000.3", 1001), "10000000.2", "0.1");
    }

    private static void assertSeries(String[] values, String mean, String sd) {
        Evaluation evaluation = Evaluation.of(Sample.of(values));
        for (String[] pair : new String[][] {{"mean", mean}, {"sd-sample", sd}}) {
            assertThat(Catalogue.lists()
                            .find(pair[0], CourseCard.STANDARD)
                            .orElseThrow()
                            .outcome(evaluation)
                            .single()
                            .orElseThrow()
                            .toFigures(15, HalfRule.HALF_EVEN))
                    .isEqualByComparingTo(pair[1]);
        }
    }

    /** First value once, then the two others in turn. */
    private static String[] series(String first, String odd, String even, int size) {
        String[] values = new String[size];
        for (int i = 0; i < size; i++) {
            values[i] = i == 0 ? first : i % 2 == 1 ? odd : even;
        }
        return values;
    }

    @Test
    void every_key_is_its_own_and_every_measure_has_a_label_and_a_note() {
        Sample sample = Sample.of("2", "3", "3", "7", "11");
        Evaluation evaluation = Evaluation.of(sample);
        HashSet<String> keys = new HashSet<>();
        for (Measure measure : Catalogue.lists().all()) {
            assertThat(keys.add(measure.key())).as(measure.key()).isTrue();
            assertThat(measure.label().text(Locale.ROOT)).isNotBlank();
            assertThat(measure.note(sample, measure.outcome(evaluation)).text(Locale.ROOT))
                    .as(measure.key())
                    .isNotBlank()
                    .doesNotContain("{");
            assertThat(Catalogue.lists().find(measure.key(), CourseCard.STANDARD))
                    .as(measure.key())
                    .isPresent();
            assertThat(Catalogue.lists().find(measure.question(), CourseCard.STANDARD))
                    .as("the question of " + measure.key())
                    .isPresent();
        }
        assertThat(Catalogue.lists().find("no-such-measure", CourseCard.STANDARD))
                .isEmpty();
        assertThat(Catalogue.lists().find("percentile-100", CourseCard.STANDARD))
                .isEmpty();
        assertThat(Catalogue.lists().find("decile-3/hf12", CourseCard.STANDARD)).isEmpty();
    }
}
