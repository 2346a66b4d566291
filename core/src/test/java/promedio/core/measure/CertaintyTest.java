package promedio.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.course.CourseCard;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.marking.Marker;
import promedio.core.number.Decimals;
import promedio.core.number.HalfRule;
import promedio.core.sample.Sample;

/** The interval of a mean, its t and its p: against printed tables of t, and against one another. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CertaintyTest {
    private static Outcome outcome(Sample sample, String key) {
        return Catalogue.of(sample).find(key, CourseCard.STANDARD).orElseThrow().outcome(Evaluation.of(sample));
    }

    private static double value(Sample sample, String key) {
        return outcome(sample, key).single().orElseThrow().toDouble();
    }

    private static Sample list(List<Integer> values) {
        return Sample.list(
                Decimals.from(values.stream().map(BigDecimal::valueOf).toList()));
    }

    /** The t that stands in the printed tables: (end − mean)·√n/s. */
    @ParameterizedTest(name = "{0} values at {1}: t is {2}")
    @CsvSource({
        "2, 0.95, 12.706",
        "3, 0.95, 4.303",
        "3, 0.99, 9.925",
        "10, 0.95, 2.262",
        "10, 0.90, 1.833",
        "16, 0.99, 2.947",
        "31, 0.95, 2.042",
        "61, 0.999, 3.460",
        "121, 0.98, 2.358"
    })
    void the_t_of_an_interval_stands_in_the_tables(int n, String level, double t) {
        Sample sample = list(Stream.iterate(1, i -> i + 1).limit(n).toList());
        double reach = value(sample, "interval-upper=" + level) - value(sample, "mean");
        assertThat(reach / value(sample, "standard-error")).isCloseTo(t, within(0.0005));
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "interval-lower=0.95, -2.5724",
        "interval-upper=0.95, 10.5724",
        "t=1, 1.9640",
        "p=4, 1",
        "t=4, 0",
        "p=1, 0.1885",
        "p-greater=1, 0.0942",
        "p-less=1, 0.9058"
    })
    void of_2_3_7_it_is_what_a_hand_works_out(String key, String expected) {
        assertThat(outcome(Sample.of("2", "3", "7"), key).single().orElseThrow().toPlaces(4, HalfRule.HALF_UP))
                .isEqualByComparingTo(expected);
    }

    /** The ends of an interval are the values that are just thrown out: their p is what the interval leaves. */
    @Property(tries = 200)
    void ends_and_p_say_the_same(
            @ForAll @Size(min = 3, max = 30) List<@IntRange(min = -500, max = 500) Integer> values,
            @ForAll @IntRange(min = 1, max = 999) int level,
            @ForAll @IntRange(min = -600, max = 600) int against) {
        Sample sample = list(values);
        String share = BigDecimal.valueOf(level, 3).toPlainString();
        if (values.stream().distinct().count() == 1) {
            assertThat(outcome(sample, "interval-lower=" + share)).isInstanceOf(Outcome.Undefined.class);
            assertThat(outcome(sample, "p=" + against)).isInstanceOf(Outcome.Undefined.class);
            return;
        }
        double lower = value(sample, "interval-lower=" + share);
        double upper = value(sample, "interval-upper=" + share);
        assertThat(lower + upper).isCloseTo(2 * value(sample, "mean"), within(1e-8));
        for (double end : new double[] {lower, upper}) {
            assertThat(value(sample, "p=" + BigDecimal.valueOf(end).toPlainString()))
                    .isCloseTo(1 - level / 1000.0, within(1e-8));
        }
        double both = value(sample, "p=" + against);
        double greater = value(sample, "p-greater=" + against);
        double less = value(sample, "p-less=" + against);
        assertThat(greater + less).isCloseTo(1, within(1e-10));
        assertThat(both).isCloseTo(2 * Math.min(greater, less), within(1e-10));
        assertThat(both > 1 - level / 1000.0).as("within").isEqualTo(lower < against && against < upper);
    }

    @Property(tries = 100)
    void a_frequency_table_is_its_list(
            @ForAll @Size(min = 2, max = 8) List<@IntRange(min = 1, max = 9) Integer> frequencies) {
        List<BigDecimal> values = new ArrayList<>();
        List<Integer> written = new ArrayList<>();
        for (int i = 0; i < frequencies.size(); i++) {
            values.add(BigDecimal.valueOf(3L * i));
            for (int j = 0; j < frequencies.get(i); j++) {
                written.add(3 * i);
            }
        }
        Sample table = Sample.frequencies(
                Decimals.from(values),
                Decimals.from(frequencies.stream().map(BigDecimal::valueOf).toList()),
                false);
        for (String key : List.of("interval-lower=0.9", "interval-upper=0.99", "t=5", "p=5", "p-less=5")) {
            assertThat(value(table, key)).as(key).isCloseTo(value(list(written), key), within(1e-9));
        }
    }

    /** Of 12 15 11 14 13 16: mean 13.5, s = 1.8708, s/√6 = 0.7638, t(0.025; 5) = 2.5706. */
    @ParameterizedTest(name = "{0} of {1}: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    interval-lower=0.95 | 12.0031 | normal-for-t            | 13.5 − 1.95996·0.76376
                    interval-lower=0.95 | 11.9610 | tail-not-halved         | 13.5 − 2.01505·0.76376
                    interval-upper=0.95 | 15.3689 | freedom-not-reduced     | 13.5 + 2.44691·0.76376
                    interval-upper=0.95 | 18.3091 | deviation-for-error     | 13.5 + 2.57058·1.87083
                    interval-upper=0.95 | 14.3015 | root-of-count-forgotten | 13.5 + 2.57058·1.87083/6
                    interval-upper=0.95 | 15.2923 | other-divisor           | 13.5 + 2.57058·1.70783/√6
                    t=12                | 0.8018  | deviation-for-error     | 1.5/1.87083
                    p=12                | 0.0534  | one-side-for-both       | P(T ≥ 1.964)
                    p-greater=12        | 0.1067  | both-sides-for-one      | P(|T| ≥ 1.964)
                    p-greater=12        | 0.9466  | ends-swapped            | P(T ≤ 1.964)
                    p=12                | 0.0495  | normal-for-t            | P(|Z| ≥ 1.964)
                    """)
    void its_mistakes_are_known_by_name(String key, String answer, String slip, String working) {
        Sample sample = Sample.of("12", "15", "11", "14", "13", "16");
        assertThat(new Marker(sample, CourseCard.STANDARD).mark(key, answer).toString())
                .as(working)
                .contains(slip);
    }
}
