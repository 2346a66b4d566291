package promedio.core.working;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.course.Accuracy;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.DecimalMark;
import promedio.core.formula.Columns;
import promedio.core.formula.Evaluation;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.Root;
import promedio.core.sample.Sample;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WorkingTest {
    private static final CourseCard CARD = CourseCard.STANDARD;
    private static final Sample THIRDS = Sample.of("1", "2", "2", "5", "6");

    private static Working working(String key, int method, Sample sample, CourseCard card) {
        Measure measure = Catalogue.lists().find(key, card).orElseThrow();
        return new Working(measure.methods(sample.shape()).get(method), sample, card);
    }

    private static List<String> lines(Working working) {
        return working.lines().stream()
                .map(line -> line.notation().text().replace("\u0304", "").replace("\u0303", "~"))
                .toList();
    }

    @Test
    void the_standard_deviation_is_worked_line_by_line_and_every_equals_sign_is_true() {
        // x̄ = 16/5 = 3.2; squares 4.84 + 1.44 + 1.44 + 3.24 + 7.84 = 18.8; s² = 4.7; s = 2.1679…
        assertThat(lines(working("sd", 0, THIRDS, CARD)))
                .containsExactly(
                        "x = Σx/n = 16/5 = 3.2",
                        "s² = Σ(x − x)²/(n − 1) = 18.8/(5 − 1) = 4.7",
                        "s = √(s²) = √(4.7) ≈ 2.17");
    }

    @Test
    void the_short_cut_uses_the_column_of_squares() {
        Working working = working("variance", 1, THIRDS, CARD);
        assertThat(lines(working)).containsExactly("s² = (Σx² − (Σx)²/n)/(n − 1) = (70 − 16²/5)/(5 − 1) = 4.70");
        assertThat(working.columns())
                .extracting(column -> working.head(column).text())
                .containsExactly("x", "x²");
        assertThat(working.totalText(working.columns().get(0))).contains("16");
        assertThat(working.totalText(working.columns().get(1))).contains("70");
    }

    @Test
    void digits_that_do_not_end_are_cut_with_dots_and_not_rounded() {
        Sample sample = Sample.of("2", "3", "3");
        Working working = working("variance", 0, sample, CARD);
        // x̄ = 8/3 = 2.6666…, deviations −0.6666… and 0.3333…
        assertThat(lines(working).get(0)).isEqualTo("x = Σx/n = 8/3 = 2.6666…");
        assertThat(working.cellText(working.columns().get(1), 0)).isEqualTo("−0.6666…");
        assertThat(working.cellText(working.columns().get(2), 1)).isEqualTo("0.1111…");
    }

    @Test
    void rounded_lines_are_those_of_a_hand_and_the_drift_is_told() {
        CourseCard rounded = CARD.with(CardKey.WORKING, Optional.of(1));
        Sample sample = Sample.of("2", "3", "3");
        Working working = working("variance", 0, sample, rounded);
        // x̄ ≈ 2.7; deviations −0.7, 0.3, 0.3; squares 0.5, 0.1, 0.1; Σ = 0.7; s² = 0.35. Exactly 1/3.
        assertThat(lines(working))
                .containsExactly("x = Σx/n = 8/3 ≈ 2.7", "s² = Σ(x − x)²/(n − 1) = 0.7/(3 − 1) = 0.35");
        assertThat(working.cellText(working.columns().get(2), 0)).isEqualTo("0.5");
        assertThat(working.totalText(working.columns().get(2))).contains("0.7");
        assertThat(working.drift()).contains(Exact.ratio(1, 60));
        assertThat(working.answer()).contains("0.35");
    }

    @Test
    void rounded_lines_show_what_exact_working_has_in_their_place() {
        CourseCard rounded = CARD.with(CardKey.WORKING, Optional.of(1));
        Working working = working("variance", 0, Sample.of("2", "3", "3"), rounded);
        assertThat(working.lines())
                .extracting(Working.Line::exactly)
                .containsExactly(Optional.of("2.6666…"), Optional.of("0.3333…"));
        assertThat(working("variance", 0, THIRDS, CARD).lines())
                .extracting(Working.Line::exactly)
                .containsOnly(Optional.empty());
    }

    @Test
    void deviations_from_the_mean_of_a_list_add_up_to_nought_for_all_to_see() {
        Working working = working("variance", 0, THIRDS, CARD);
        assertThat(working.head(working.columns().get(1)).text()).isEqualTo("x − x\u0304");
        assertThat(working.totalText(working.columns().get(1))).contains("0");
    }

    @ParameterizedTest(name = "lines {0}")
    @ValueSource(strings = {"exact", "0", "2", "4"})
    void every_measure_is_worked_by_every_method_and_ends_in_its_answer(String lines) {
        CourseCard card = CARD.withRule("working", lines).orElseThrow();
        Sample list = Sample.of("12.5", "3", "3", "8", "27", "5", "9.25", "3");
        Sample table = Sample.frequencies(Decimals.of(0, 2, 3, 7, 11), Decimals.of(0, 3, 1, 2, 5), false);
        for (Sample sample : List.of(list, table, list.expanded())) {
            for (Measure measure : Catalogue.lists().all()) {
                for (Measure.Method method : measure.methods(sample.shape())) {
                    Working working = new Working(method, sample, card);
                    String name = measure.key() + " " + method.id() + " of " + sample;
                    if (working.stuck().isPresent()) {
                        assertThat(lines).as(name + working.stuck()).isEqualTo("0");
                        continue;
                    }
                    List<Working.Line> written = working.lines();
                    assertThat(written).as(name).isNotEmpty();
                    Working.Line last = written.get(written.size() - 1);
                    assertThat(last.last()).as(name).isTrue();
                    assertThat(last.notation().latex()).as(name).doesNotContain("null");
                    working.answer()
                            .ifPresent(
                                    answer -> assertThat(last.result()).as(name).isEqualTo(answer));
                    for (Columns.Column column : working.columns()) {
                        assertThat(working.head(column).text()).as(name).isNotBlank();
                        for (int row = 0; row < working.rows(); row++) {
                            assertThat(working.cellText(column, row)).as(name).isNotBlank();
                        }
                    }
                    if (lines.equals("exact") && !measure.key().equals("mode")) {
                        assertThat(working.answer())
                                .as(name)
                                .contains(new FigureText(card, sample.values().places())
                                        .answer(
                                                measure.outcome(Evaluation.of(sample)),
                                                measure.symbol().counts()));
                    }
                }
            }
        }
    }

    @Test
    void exact_lines_have_no_drift() {
        assertThat(working("variance", 0, THIRDS, CARD).drift()).isEmpty();
    }

    @Test
    void a_frequency_table_has_its_column_of_products() {
        Sample table = Sample.frequencies(Decimals.of(0, 1, 2, 5), Decimals.of(0, 1, 2, 2), false);
        Working working = working("variance", 0, table, CARD);
        assertThat(working.columns())
                .extracting(column -> working.head(column).text().replace("\u0304", ""))
                .containsExactly("x", "fx", "x − x", "(x − x)²", "f(x − x)²");
        assertThat(working.countText()).isEqualTo("5");
        assertThat(working.totalText(working.columns().get(1))).contains("15");
        assertThat(working.totalText(working.columns().get(0)))
                .as("the values themselves are not added up in a table")
                .isEmpty();
        assertThat(lines(working)).startsWith("n = Σf = 5", "x = Σfx/n = 15/5 = 3");
    }

    @Test
    void the_median_tells_which_values_it_reads() {
        Sample sample = Sample.of("8", "2", "7", "3");
        Working working = working("median", 0, sample, CARD);
        assertThat(lines(working)).containsExactly("x~ = (x_(n/2) + x_(n/2 + 1))/2 = (3 + 7)/2 = 5.00");
        assertThat(working.ranksRead()).containsExactly(Exact.TWO, Exact.of(3));
        assertThat(working.columns()).isEmpty();
    }

    @Test
    void a_position_between_two_values_has_a_line_of_its_own() {
        Sample sample = Sample.of("1", "2", "4", "8", "16", "32");
        assertThat(lines(working("quartile-1/hf6", 0, sample, CARD)))
                .containsExactly(
                        "h = (n + 1) · 0.25 = (6 + 1) · 0.25 = 1.75",
                        "Q₁ = x_(1) + (h − 1)(x_(2) − x_(1)) = 1 + (1.75 − 1)(2 − 1) = 1.75");
    }

    @ParameterizedTest(name = "{0} as carried is {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    1/8        | 0.125
                    1/3        | 0.3333…
                    2/3        | 0.6666…
                    -2/3       | −0.6666…
                    1234567/10 | 123 456.7
                    1234       | 1 234
                    999        | 999
                    1/1000000  | 0.000001
                    20000/3    | 6 666.6666…
                    """)
    void carried_figures_are_true(String ratio, String shown) {
        String[] parts = (ratio + "/1").split("/", -1);
        Figure figure = Exact.ratio(Long.parseLong(parts[0].strip()), Long.parseLong(parts[1].strip()));
        assertThat(new FigureText(CARD, 0).carried(figure)).isEqualTo(shown.replace(' ', '\u202f'));
    }

    @Test
    void figures_follow_the_card() {
        CourseCard card = CARD.with(CardKey.DECIMAL_MARK, DecimalMark.COMMA)
                .with(CardKey.ACCURACY, new Accuracy(Accuracy.Kind.FIGURES, 3));
        FigureText text = new FigureText(card, 0);
        assertThat(text.answer(Exact.ratio(24997, 1000))).isEqualTo("25,0");
        assertThat(text.answer(Root.of(-1, Exact.TWO))).isEqualTo("−1,41");
        CourseCard oneMore = CARD.with(CardKey.ACCURACY, new Accuracy(Accuracy.Kind.MORE_THAN_DATA, 1));
        assertThat(new FigureText(oneMore, 2).answer(Exact.ratio(1, 3))).isEqualTo("0.333");
    }
}
