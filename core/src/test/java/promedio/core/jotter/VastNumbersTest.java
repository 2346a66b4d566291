package promedio.core.jotter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.course.CourseCard;
import promedio.core.data.CellRules;
import promedio.core.data.Entries;
import promedio.core.data.Table;
import promedio.core.data.TableReading;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;
import promedio.core.trail.Prepared;
import promedio.core.trail.Sources;
import promedio.core.trail.Trail;
import promedio.core.trail.Walk;
import promedio.core.vector.Register;
import promedio.core.vector.Vector;
import promedio.core.vector.Vectors;

/** Numbers of very many digits: exact as long as that is soon done, told and approximate or missing beyond, never a standstill. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class VastNumbersTest {
    /** Far more than it takes, and far less than it once took. */
    private static final Duration SOON = Duration.ofSeconds(20);

    private static Stream<String> lines(String name) {
        return new BufferedReader(new InputStreamReader(
                        Objects.requireNonNull(VastNumbersTest.class.getResourceAsStream("/faults/" + name)),
                        StandardCharsets.UTF_8))
                .lines();
    }

    static Stream<String> jotted() {
        return lines("jotted.txt");
    }

    static Stream<String> steps() {
        return lines("steps.txt");
    }

    @ParameterizedTest
    @MethodSource("jotted")
    void a_line_that_once_stood_still_is_worked_out_shown_and_kept(String line) {
        assertTimeoutPreemptively(SOON, () -> {
            Jotter jotter = new Jotter(1, () -> {});
            Jotted jotted = jotter.ask(line, Lists.NONE, CourseCard.STANDARD);
            assertThat(jotted.result().isPresent() || jotted.fault().isPresent())
                    .isTrue();
            Jotting kept = jotted.kept(Vectors.DIGITS);
            assertThat(kept.exact().length()).isLessThanOrEqualTo(20_000);
        });
    }

    @ParameterizedTest
    @MethodSource("steps")
    void a_step_that_once_stood_still_is_walked(String step) {
        String[][] columns = {
            {"Day", "2031-04-05", "2031-04-06"},
            {"Minutes", "12.5", "40"},
            {"Bench", "Oak", "Elm"},
            {"Name", "x", "y"},
            {"Big", "1e300", "2e-300"},
            {"B", "3.5", "4.5"},
            {"A", "2", "3"},
            {"M", "7", "9"}
        };
        List<String> names = Stream.of(columns).map(one -> one[0]).toList();
        List<Entries> cells = Stream.of(columns)
                .map(one -> Entries.of(List.of(one[1], one[2])))
                .toList();
        Table read = TableReading.of(names, cells, CellRules.GUESSED, false).table();
        assertTimeoutPreemptively(SOON, () -> {
            Walk walk = Walk.of(Prepared.of(read), CourseCard.STANDARD)
                    .along(Trail.of(step), CourseCard.STANDARD, Sources.NONE, () -> {});
            for (int row = 0; row < walk.last().rows(); row++) {
                int at = row;
                walk.last().fields().forEach(field -> field.written(at, Vectors.DIGITS));
            }
        });
    }

    @ParameterizedTest
    @CsvSource({
        "12.5 ^ 1000, 8.12854862555774e+1096, false",
        "(7/3) ^ 1000 / (7/3) ^ 999, 2.33333333333333, false",
        "2 ^ 1000 - 2 ^ 1000 + 1, 1, false",
        "root(2) ^ 1000, 3.27339060789614e+150, false",
        "(1e300 ^ 10) / (1e300 ^ 10), 1, false",
        "(1.5 ^ 1000) ^ 100 / (1.5 ^ 1000) ^ 100, , true",
    })
    void what_has_up_to_ten_thousand_digits_is_exact(String asked, String value, boolean vast) {
        Jotted jotted = new Jotter(1, () -> {}).ask(asked, Lists.NONE, CourseCard.STANDARD);
        assertThat(jotted.values(Vectors.DIGITS)).containsExactly(value == null ? "" : value);
        assertThat(jotted.told()).extracting(Sentence::key).hasSize(vast ? 1 : 0);
        assertThat(jotted.isApproximate()).isFalse();
    }

    @Test
    void an_exact_result_of_many_digits_is_recalled_as_it_was() {
        Jotter jotter = new Jotter(1, () -> {});
        Jotting kept =
                jotter.ask("-(12345.678 ^ 90)", Lists.NONE, CourseCard.STANDARD).kept(Vectors.DIGITS);
        Jotter later = new Jotter(2, () -> {});
        later.recall(kept, CourseCard.STANDARD);
        assertThat(later.ask("it + 12345.678 ^ 90", Lists.NONE, CourseCard.STANDARD)
                        .values(Vectors.DIGITS))
                .containsExactly("0");
        Jotting long1 =
                jotter.ask("1.00001 ^ 900", Lists.NONE, CourseCard.STANDARD).kept(Vectors.DIGITS);
        assertThat(long1.exact().isEmpty()).isEqualTo(long1.approximate());
        later.recall(long1, CourseCard.STANDARD);
        assertThat(later.ask("it", Lists.NONE, CourseCard.STANDARD).values(3)).containsExactly("1.01");
    }

    @Test
    void what_ends_within_some_digits_is_told_by_the_number_alone() {
        Exact vast = Exact.of(BigInteger.TEN.pow(9_000).add(BigInteger.ONE));
        assertThat(vast.endsWithin(34)).isFalse();
        assertThat(Exact.of(BigInteger.TEN.pow(9_000)).endsWithin(34)).isTrue();
        assertThat(Exact.ONE.over(Exact.of(BigInteger.TEN.pow(9_000))).endsWithin(34))
                .isTrue();
        assertThat(Exact.ONE.over(vast).endsWithin(34)).isFalse();
        assertThat(Exact.ratio(1, 3).endsWithin(34)).isFalse();
        for (int digits = 1; digits <= 40; digits++) {
            Exact some = Exact.scaled(BigInteger.TEN.pow(digits).subtract(BigInteger.ONE), 7);
            assertThat(some.endsWithin(34)).as("%d digits", digits).isEqualTo(digits <= 34);
        }
    }

    @Test
    void numbers_are_the_longer_the_fewer_rows_they_meet() {
        Register one = new Register();
        one.whole(3);
        one.power(1_000);
        assertThat(one.state()).isEqualTo(Register.State.BIG);
        one.settle(50_000);
        assertThat(one.state()).isEqualTo(Register.State.BIG);
        one.times(one);
        one.times(one);
        one.settle(50_000);
        assertThat(one.hasOutgrown()).isTrue();
        assertThat(one.isMissing()).as("no floating-point number is that large").isTrue();
    }

    @Test
    void a_long_work_is_stopped_at_once() {
        int[] asked = {0};
        Jotter jotter = new Jotter(1, () -> {
            asked[0]++;
            if (asked[0] > 3) {
                throw new CancellationException();
            }
        });
        assertThatThrownBy(() -> jotter.ask("sum of ((1 to 100000) ^ 90)", Lists.NONE, CourseCard.STANDARD))
                .isInstanceOf(CancellationException.class);
    }

    /** How many values a list counted up may have falls with the square of the length of its fractions. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    (0.001 to 1000 by 0.001)  | 1000000 |
                    (1e-300 to 3)             | 3       |
                    (1e-300 to 100000)        |         | language.range-fine
                    (1 to 1000001)            |         | language.range-long
                    (3 to 1)                  |         | language.range
                    """)
    void lists_of_long_fractions_are_shorter(String line, Integer size, String fault) {
        Jotted jotted = new Jotter(1, () -> {}).ask(line, Lists.NONE, CourseCard.STANDARD);
        assertThat(jotted.result().map(Vector::size)).isEqualTo(Optional.ofNullable(size));
        assertThat(jotted.fault().map(one -> one.sentence().key())).isEqualTo(Optional.ofNullable(fault));
    }
}
