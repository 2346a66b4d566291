package promedio.core.tabulate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.course.Boundaries;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.OpenEnds;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.ClassTable;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ClassReadingTest {
    /** Rows such as {@code 10-19: 4; 20-29: 9}. */
    private static ClassReading read(String table, CourseCard card) {
        List<ClassReading.Row> rows = new ArrayList<>();
        for (String row : table.split(";", -1)) {
            int colon = row.lastIndexOf(':');
            String label = row.substring(0, colon).strip();
            rows.add(new ClassReading.Row(
                    rows.size(),
                    label,
                    ClassLabel.parse(label, Numerals.POINT).orElseThrow(),
                    Numerals.POINT
                            .read(row.substring(colon + 1).strip())
                            .orElseThrow()
                            .exact()));
        }
        return ClassReading.of(rows, card);
    }

    private static String boundaries(ClassTable table) {
        return table.classes().stream()
                .map(one -> one.lower().map(Exact::toString).orElse("…") + " "
                        + one.upper().map(Exact::toString).orElse("…") + " " + one.frequency())
                .collect(Collectors.joining(", "));
    }

    @ParameterizedTest(name = "{0} is {1} to {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    10-19             | 10 | 19 | LIMITS
                    10–19             | 10 | 19 | LIMITS
                    10 - 19           | 10 | 19 | LIMITS
                    10 to 19          | 10 | 19 | LIMITS
                    -5 to -1          | -5 | -1 | LIMITS
                    -10--6            | -10 | -6 | LIMITS
                    0.5–1.5           | 0.5 | 1.5 | LIMITS
                    10 to under 20    | 10 | 20 | INTERVAL
                    10 to below 20    | 10 | 20 | INTERVAL
                    10 but less than 20 | 10 | 20 | INTERVAL
                    [10, 20)          | 10 | 20 | INTERVAL
                    (10, 20]          | 10 | 20 | INTERVAL
                    10 ≤ x < 20       | 10 | 20 | INTERVAL
                    10 < x ≤ 20       | 10 | 20 | INTERVAL
                    under 10          | …  | 10 | OPEN
                    less than 10      | …  | 10 | OPEN
                    up to 10          | …  | 10 | OPEN
                    ≤10               | …  | 10 | OPEN
                    <10               | …  | 10 | OPEN
                    50 and over       | 50 | …  | OPEN
                    50 or more        | 50 | …  | OPEN
                    50+               | 50 | …  | OPEN
                    over 50           | 50 | …  | OPEN
                    more than 50      | 50 | …  | OPEN
                    ≥50               | 50 | …  | OPEN
                    7                 | 7  | 7  | SINGLE
                    """)
    void classes_are_read_as_people_write_them(String text, String from, String to, ClassLabel.Kind kind) {
        ClassLabel label = ClassLabel.parse(text, Numerals.POINT).orElseThrow();
        assertThat(label.from().map(Exact::toString).orElse("…")).isEqualTo(from);
        assertThat(label.to().map(Exact::toString).orElse("…")).isEqualTo(to);
        assertThat(label.kind()).isEqualTo(kind);
    }

    @ParameterizedTest(name = "“{0}” is no class")
    @CsvSource({"ten to twenty", "'[10, 20]'", "10 < x < 20", "5 -2", "''", "10-", "about 10"})
    void what_is_no_class_is_not_read_as_one(String text) {
        assertThat(ClassLabel.parse(text, Numerals.POINT)).isEmpty();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    10-19: 4; 20-29: 9                   | 9.5 19.5 4, 19.5 29.5 9                 | gaps of 1
                    0-9: 4; 10-19: 9                     | -0.5 9.5 4, 9.5 19.5 9                  | a device of the method
                    0.5-0.9: 1; 1.0-1.4: 2               | 0.45 0.95 1, 0.95 1.45 2                | gaps of a tenth
                    10-20: 4; 20-30: 9                   | 10 20 4, 20 30 9                        | no gaps
                    20 to under 30: 9; 10 to under 20: 4 | 10 20 4, 20 30 9                        | put in order
                    0: 3; 1: 5; 2-4: 2; 5+: 1            | -0.5 0.5 3, 0.5 1.5 5, 1.5 4.5 2, 4.5 … 1 | single numbers among classes
                    under 10: 2; 10-19: 4; 20-29: 9      | … 9.5 2, 9.5 19.5 4, 19.5 29.5 9        | open below
                    10-19: 4; 20-29: 9; 30 and over: 0   | 9.5 19.5 4, 19.5 29.5 9                 | an empty open class is none
                    10-19: 4; 20-29: 9; 30 and over (to 50): 2 | 9.5 19.5 4, 19.5 29.5 9, 29.5 50 2 | a stated end
                    10-19: 4                             | 10 19 4                                 | a class alone takes its limits
                    """)
    void boundaries_follow_from_the_limits(String table, String boundaries, String why) {
        ClassReading reading = read(table, CourseCard.STANDARD);
        assertThat(boundaries(reading.table().orElseThrow())).as(why).isEqualTo(boundaries);
    }

    @Test
    void the_card_takes_gaps_as_completed_units_and_closes_open_classes() {
        CourseCard card = CourseCard.STANDARD
                .with(CardKey.BOUNDARIES, Boundaries.COMPLETED_UNITS)
                .with(CardKey.OPEN_ENDS, OpenEnds.SAME_WIDTH);
        ClassTable table =
                read("under 10: 2; 10-19: 4; 20-24: 9; 25+: 1", card).table().orElseThrow();
        assertThat(boundaries(table)).isEqualTo("0 10 2, 10 20 4, 20 25 9, 25 30 1");
        assertThat(table.at(0).assumed()).isTrue();
        assertThat(table.at(1).assumed()).isFalse();
    }

    @ParameterizedTest(name = "{0}: row {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    0-10: 4; 5-15: 2                   | 1 | The classes 0-10 and 5-15 overlap
                    10-19: 4; 10-19: 2                 | 1 | overlap
                    10-19: 4; 21-29: 2; 30-39: 1       | 2 | the gap is 1, elsewhere 2
                    [0,10): 4; [15,25): 2              | 1 | there is a gap
                    19-10: 4; 20-29: 1                 | 0 | ends before it begins
                    0-10: -1; 10-20: 4                 | 0 | not negative
                    0-10: 1.5; 10-20: 4                | 0 | whole number
                    0-10: 0; 10-20: 0                  | 0 | add up to 0
                    0-10: 1; 10-10: 3; 10-20: 2        | 1 | no width
                    under 10: 1; over 10: 3            | 0 | no class with two ends
                    0-10: 1; over 5: 3; 10-20: 2       | 1 | the first and the last can be open
                    0-10: 1; 10-20: 2; 30 and over: 4  | 2 | there is a gap
                    0-10: 1; 10-20: 2; over 20 (to 15): 4 | 2 | does not lie beyond
                    """)
    void faults_name_their_row(String table, int row, String sentence) {
        ClassReading reading = read(table, CourseCard.STANDARD);
        assertThat(reading.table()).isEmpty();
        assertThat(reading.problems().get(0).row()).isEqualTo(row);
        assertThat(reading.problems().get(0).sentence().toString()).contains(sentence);
    }
}
