package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.course.CourseCard;
import promedio.core.sample.Sample;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AnswerTest {
    private static String read(String text, String unit) {
        Answer answer = Answer.parse(text, unit);
        return answer instanceof Answer.Numbers numbers
                ? numbers.numbers().stream()
                        .map(given -> given.value()
                                + given.unit()
                                        .map(read -> " " + read.name() + (read.power() == 2 ? "²" : ""))
                                        .orElse(""))
                        .collect(Collectors.joining("; "))
                : answer.getClass().getSimpleName();
    }

    @ParameterizedTest(name = "{0} in {1} is {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    7                  |             | 7
                    1.2e3              |             | 1200
                    1.2 × 10^3         |             | 1200
                    5·10⁻²             |             | 0.05
                    x̄ = 34.29          | min         | 34.29
                    ≈ 34.29 minutes    | min         | 34.29 min
                    34.29 min.         | min         | 34.29 min
                    34.29.             |             | 34.29
                    34.29 repairs      | repairs     | 34.29 repairs
                    3 repair           | repairs     | 3 repairs
                    646.69 min²        | min         | 646.69 min²
                    646.69 min^2       | min         | 646.69 min²
                    646.69 square minutes | min      | 646.69 min²
                    12 kg              | min         | 12 kg
                    € 12.50            | €           | 12.5 €
                    12.50 (kg)         | kg          | 12.5 kg
                    74.70 %            | min         | 74.7 %
                    2√3                |             | √12
                    2 sqrt 3           |             | √12
                    2 · √3             |             | √12
                    √3/2               |             | √(0.75)
                    √(3/2)             |             | √(1.5)
                    √(9)/2             |             | 1.5
                    -√2                |             | −√2
                    34 7/24            |             | 823/24
                    3/4                |             | 0.75
                    −3/4               |             | -0.75
                    15; 20             |             | 15; 20
                    15 and 20          |             | 15; 20
                    1 234.5            |             | 1234.5
                    1,234.5            |             | 1234.5
                    none               |             | None
                    7 or 8             |             | Unreadable
                    7 to 9             |             | Unreadable
                    about 7            |             | Unreadable
                    7-ish              |             | Unreadable
                    7?                 |             | Unreadable
                    7 = 8              |             | Unreadable
                    7 8                |             | Unreadable
                    3/0                |             | Unreadable
                    √                  |             | Unreadable
                    7 minuten          | min         | Unreadable
                    between 7 and 8    |             | Unreadable
                    """)
    void an_answer_is_read_whole_or_not_at_all(String text, String unit, String value) {
        assertThat(read(text, unit == null ? "" : unit)).isEqualTo(value);
    }

    @Test
    void a_wrong_unit_is_mentioned_and_a_right_one_is_not() {
        Sample sample = Sample.of("2", "3", "7");
        Marker marker =
                new Marker(sample, CourseCard.STANDARD, card -> sample, promedio.core.measure.MeasuredIn.of("min"));
        assertThat(marker.aboutUnit("mean", "4 minutes")).isEmpty();
        assertThat(marker.aboutUnit("mean", "4")).isEmpty();
        assertThat(marker.aboutUnit("mean", "4 kg").orElseThrow()).hasToString("The unit is min, not kg.");
        assertThat(marker.aboutUnit("variance", "7 min²")).isEmpty();
        assertThat(marker.aboutUnit("variance", "7 min").orElseThrow()).hasToString("The unit is min², not min.");
        assertThat(marker.aboutUnit("skewness", "1.1 min").orElseThrow())
                .hasToString("It has no unit; min does not belong there.");
        assertThat(marker.aboutUnit("cv", "66.14 %")).isEmpty();
        assertThat(new Marker(sample, CourseCard.STANDARD).aboutUnit("mean", "4 kg"))
                .as("nobody knows the unit of the sample")
                .isEmpty();
    }

    @Provide
    Arbitrary<String> hedges() {
        return Arbitraries.of(
                "%s or %s",
                "%s to %s",
                "%s - %s",
                "about %s",
                "%s?",
                "%s or so",
                "%s / or %s",
                "not %s",
                "%s, maybe %s",
                "~%s or more",
                "at least %s",
                "%s±%s",
                "%s +- 1");
    }

    /** Whoever hedges has not answered, however right one of the figures is. */
    @Property(tries = 200)
    void a_hedged_answer_never_agrees(@ForAll("hedges") String hedge, @ForAll @IntRange(min = 0, max = 50) int other) {
        Marker marker = new Marker(Sample.of("2", "3", "7"), CourseCard.STANDARD);
        for (String answer : new String[] {hedge.formatted("4", other), hedge.formatted(other, "4")}) {
            assertThat(marker.mark("mean", answer)).as(answer).isNotInstanceOfAny(Verdict.Agrees.class);
        }
    }
}
