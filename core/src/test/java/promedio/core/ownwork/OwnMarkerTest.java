package promedio.core.ownwork;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.course.CourseCard;
import promedio.core.marking.Marker;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassReading;

/** Own tables of which somebody knows what is to be said. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OwnMarkerTest {
    /** Rows are parted by bars, cells by blanks; a dot is an empty cell. */
    private static OwnTable table(String rows) {
        List<List<String>> all = new ArrayList<>();
        for (String row : rows.split(" / ", -1)) {
            all.add(Arrays.stream(row.strip().split(" +", -1))
                    .map(cell -> cell.equals(".") ? "" : cell)
                    .toList());
        }
        return OwnTable.of(all);
    }

    private static Sample sample(String data) {
        if (data.contains("-") && data.contains(":")) {
            List<ClassReading.Row> rows = new ArrayList<>();
            for (String one : data.split(" ", -1)) {
                String[] parts = one.split(":", -1);
                rows.add(new ClassReading.Row(
                        rows.size(),
                        parts[0],
                        ClassLabel.parse(parts[0], Numerals.POINT).orElseThrow(),
                        Exact.of(Long.parseLong(parts[1]))));
            }
            return Sample.classes(
                    ClassReading.of(rows, CourseCard.STANDARD).table().orElseThrow());
        }
        if (data.contains(":")) {
            Decimals.Builder values = new Decimals.Builder(8);
            Decimals.Builder frequencies = new Decimals.Builder(8);
            for (String one : data.split(" ", -1)) {
                Numerals.POINT.addPlain(one.split(":", -1)[0], values);
                Numerals.POINT.addPlain(one.split(":", -1)[1], frequencies);
            }
            return Sample.frequencies(values.build(), frequencies.build(), false);
        }
        return Sample.of(data.split(" ", -1));
    }

    private static OwnMarks mark(String data, String rows) {
        return OwnMarker.mark(table(rows), sample(data), CourseCard.STANDARD);
    }

    /** Each cell that is not right, as “row column verdict slip”, the first of a chain with an exclamation mark. */
    private static String told(OwnMarks marks) {
        List<String> told = new ArrayList<>();
        for (int row = 0; row <= marks.cells().size(); row++) {
            List<Optional<CellMark>> line =
                    row < marks.cells().size() ? marks.cells().get(row) : marks.totals();
            for (int column = 0; column < line.size(); column++) {
                String place = (row < marks.cells().size() ? Integer.toString(row + 1) : "Σ") + " "
                        + marks.table().headings().get(column);
                line.get(column)
                        .filter(cell -> !cell.verdict().isGood())
                        .ifPresent(cell -> told.add(place + " " + cell.verdict().id() + (cell.first() ? "!" : "")
                                + cell.slip().map(slip -> " " + slip.id()).orElse("")));
            }
        }
        return told.isEmpty() ? "right" : String.join(", ", told);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = ';',
            textBlock =
                    """
                    2 5 7 8 11 15;x x−x̄ (x−x̄)² / 2 -6 36 / 5 -3 6 / 7 -1 1 / 8 0 0 / 11 3 9 / 15 7 49 / Σ48 0 101;'2 (x−x̄)² wrong! doubled-for-square, Σ (x−x̄)² follows'
                    2 3 7;x x² / 2 4 / 3 9 / 7 49 / Σ12 144;'Σ x² wrong! square-of-sum'
                    2 3 7;x x² / 2 4 / 3 9 / 7 94 / Σ12 107;'3 x² wrong! digits-swapped, Σ x² follows'
                    2 3 7;x x² / 2 2² / 3 3*3 / 7 . / Σ12 13;'3 x² empty, Σ x² follows'
                    2 3 7;x x² / 2 four / 3 9 / 7 49 / Σ12 62;'1 x² unreadable'
                    2 3 7;x x−x̄ / 2 2 / 3 -1 / 7 3 / Σ12 4;'1 x−x̄ wrong! sign-lost, Σ x−x̄ follows'
                    1:4 2:5 6:1;x f fx fx² / 1 4 4 16 / 2 5 10 100 / 6 1 6 36 / Σ 10 20 152;'1 fx² wrong! fx-squared, 2 fx² wrong! fx-squared, Σ fx² follows'
                    1:4 2:5 6:1;x f fx / 1 4 4 / 2 5 2 / 6 1 6 / Σ 10 12;'2 fx wrong! unweighted, Σ fx follows'
                    1:4 2:5 6:1;x f % / 1 4 0.4 / 2 5 0.5 / 6 1 0.1 / Σ 10 1;'1 % wrong! factor-dropped, 2 % wrong! factor-dropped, 3 % wrong! factor-dropped, Σ % follows'
                    0-10:3 10-20:5 20-30:2;class f cf / 0-10 3 3 / 10-20 5 9 / 20-30 2 11;'2 cf wrong!, 3 cf follows'
                    0-10:3 10-20:5 20-30:2;class f x / 0-10 3 0 / 10-20 5 10 / 20-30 2 20;'1 x wrong! lower-limits, 2 x wrong! lower-limits, 3 x wrong! lower-limits'
                    10-19:3 20-29:5 30-39:2;class lower upper / 10-19 10 19.5 / 20-29 19.5 29.5 / 30-39 29.5 39.5;'1 lower wrong! limits-for-boundaries'
                    0-10:3 10-20:5 20-30:2;class f x u fu / 0-10 3 5 -1 -3 / 10-20 5 15 0 0 / 20-30 2 25 1 2 / Total 10 . . -1;right
                    2 3 3 7;x f fx / 2 1 2 / 3 2 6 / 7 1 7 / Σ 4 15;right
                    2 3 3 7 12 15;class f / 0-10 4 / 10-20 2 / . 6;right
                    """)
    void says_where_it_goes_wrong(String data, String rows, String expected) {
        assertThat(told(mark(data, rows))).isEqualTo(expected);
    }

    /** 48/6 is 8; with 47 added up it is 7.83, and what is taken from that follows. */
    @Test
    void deviations_follow_from_the_mean_that_the_own_total_gives() {
        OwnMarks marks =
                mark("2 5 7 8 11 15", "x x−x̄ / 2 -5.83 / 5 -2.83 / 7 -0.83 / 8 0.17 / 11 3.17 / 15 7.17 / Σ47 1.02");
        assertThat(told(marks))
                .isEqualTo(
                        "1 x−x̄ follows, 2 x−x̄ follows, 3 x−x̄ follows, 4 x−x̄ follows, 5 x−x̄ follows, 6 x−x̄ follows,"
                                + " Σ x wrong!, Σ x−x̄ follows");
        OwnMarks said = OwnMarker.mark(
                table("x x−x̄ / 2 -6.5 / 5 -3.5 / 7 -1.5 / 8 -0.5 / 11 2.5 / 15 6.5"),
                sample("2 5 7 8 11 15"),
                CourseCard.STANDARD,
                List.of(),
                List.of("8.5"));
        assertThat(said.summary().get(CellMark.Verdict.FOLLOWS))
                .as("from the line below")
                .isEqualTo(6);
    }

    @Test
    void lines_below_follow_from_wrong_totals() {
        Sample sample = sample("2 5 7 8 11 15");
        OwnMarks marks = mark(
                "2 5 7 8 11 15", "x x−x̄ (x−x̄)² / 2 -6 36 / 5 -3 6 / 7 -1 1 / 8 0 0 / 11 3 9 / 15 7 49 / Σ48 0 101");
        List<OwnLine> lines = OwnLines.mark(
                marks,
                List.of(
                        new OwnLines.Line("mean", "8"),
                        new OwnLines.Line("variance", "20.2"),
                        new OwnLines.Line("sd", "4.49"),
                        new OwnLines.Line("median", "99")),
                new Marker(sample, CourseCard.STANDARD),
                CourseCard.STANDARD);
        assertThat(lines).extracting(OwnLine::id).containsExactly("agrees", "follows", "follows", "differs");
        assertThat(lines).extracting(OwnLine::isByMethod).containsExactly(true, true, true, false);
        assertThat(lines).extracting(OwnLine::agrees).containsExactly(true, false, false, false);
        assertThat(lines.get(1).from()).containsExactly(Quantity.DEVIATION2);
    }

    @Test
    void the_whole_is_said_in_sentences() {
        OwnMarks marks = mark(
                "2 5 7 8 11 15",
                "x x−x̄ (x−x̄)² mood / 2 -6 12 a / 5 -3 6 b / 7 -1 2 c / 8 0 0 d / 11 3 6 e / 15 7 49 f / Σ48 0 75 .");
        assertThat(OwnSaid.of(marks))
                .extracting(Sentence::toString)
                .containsExactly(
                        "The column “mood” is nothing that belongs to this sample; it was not marked.",
                        "All down the column (x−x̄)²: doubled, not squared.",
                        "It goes wrong first here. All down the column (x−x̄)²: doubled, not squared.",
                        "1 figure follows from what went wrong, and is worked rightly from there.",
                        "16 figures are right, 4 wrong.");
        assertThat(OwnSaid.of(mark("2 3 7", "x x² / 2 4 / 3 9 / 7 49 / Σ12 62")))
                .extracting(Sentence::toString)
                .containsExactly("Everything is right: 8 figures.");
    }

    private static Sample open(CourseCard card) {
        List<ClassReading.Row> rows = new ArrayList<>();
        String[] labels = {"0 to under 10", "10 to under 20", "20 and over"};
        for (int i = 0; i < labels.length; i++) {
            rows.add(new ClassReading.Row(
                    i,
                    labels[i],
                    ClassLabel.parse(labels[i], Numerals.POINT).orElseThrow(),
                    Exact.of(List.of(4, 5, 1).get(i))));
        }
        return Sample.classes(ClassReading.of(rows, card).table().orElseThrow());
    }

    /** Where the card gives the last class no end, nobody can say that 30 is wrong; 4 · 5 + 5 · 15 + 30 = 125 goes on from it rightly, 135 does not. */
    @Test
    void what_a_student_takes_an_open_class_for_is_theirs() {
        CourseCard card = CourseCard.STANDARD.withRule("open-ends", "undefined").orElseThrow();
        Sample sample = open(card);
        for (String total : List.of("125", "135")) {
            OwnTable table = OwnTable.of(List.of(
                    List.of("Class", "f", "midpoint x", "fx"),
                    List.of("0 to under 10", "4", "5", "20"),
                    List.of("10 to under 20", "5", "15", "75"),
                    List.of("20 and over", "1", "30", "30"),
                    List.of("", "10", "", total)));
            OwnMarks marks = OwnMarker.mark(table, sample, card);
            assertThat(marks.cells().get(2).get(2)).as("not marked").isEmpty();
            assertThat(marks.undecided()).isEqualTo(1);
            assertThat(marks.summary().get(CellMark.Verdict.WRONG)).isEqualTo(total.equals("125") ? 0 : 1);
            assertThat(marks.summary().get(CellMark.Verdict.FOLLOWS)).isZero();
            assertThat(OwnSaid.of(marks))
                    .extracting(Sentence::toString)
                    .anyMatch(said -> said.contains("yours to choose"));
        }
    }

    /** The mean is 8: what is x − 8 is a deviation, not (x − 8)/1. */
    @Test
    void a_column_that_says_nothing_of_itself_and_holds_deviations_is_one_of_deviations() {
        OwnMarks marks = OwnMarker.mark(
                table("Mine what / 2 -6 / 5 -3 / 7 -1 / 8 0 / 11 3 / 15 7"),
                sample("2 5 7 8 11 15"),
                CourseCard.STANDARD);
        assertThat(marks.columns()).containsExactly(Optional.of(Quantity.X), Optional.of(Quantity.DEVIATION));
    }
}
