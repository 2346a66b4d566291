package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.course.CardKey;
import promedio.core.course.QuartileRule;
import promedio.desktop.demo.Demo;
import promedio.desktop.model.desk.Page;
import promedio.desktop.text.Words;
import promedio.desktop.theme.Theme;

/** The real window on one shared stage, driven by mouse and keyboard as a student does. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WindowTest extends OpenWindow {
    @Test
    void typing_numbers_and_enter_is_a_sample_with_its_measures() {
        type("12 15 15 18");
        assertThat(words()).contains("Entries", "4 values count");
        type("20 22");
        assertThat(words()).as("typing goes on where it was").contains("6 values count");
        press(KeyCode.CONTROL, KeyCode.Z);
        click("#page-MEASURES");
        assertThat(words()).contains("Mean", "Standard deviation", "60 shared out over 4", "occurs 2 times");
    }

    /** What a person has chosen for themselves is there when the program is started again, in the next window. */
    @Test
    void theme_and_size_of_text_are_found_again() {
        onWindow(() -> {
            window.setTextSize(150);
            window.setTheme(Theme.SLATE);
            return null;
        });
        MainWindow next = onWindow(() -> new MainWindow(desk));
        assertThat(next.scene().getRoot().getStyleClass()).contains("slate-theme");
        assertThat(next.scene().getRoot().getStyle()).isEqualTo("-fx-font-size: 19.5px;");
        assertThat(onWindow(() -> ((Button) next.scene().lookup("#bar-slate")).getText()))
                .isEqualTo(Words.of("bar.paper"));
        onWindow(() -> {
            window.setTheme(Theme.PAPER);
            return null;
        });
    }

    @Test
    void a_pasted_column_with_words_and_blanks_is_shown_whole_and_said_so() {
        onWindow(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString("minutes\n12\n\nn/a\n17O\n15\n");
            return Clipboard.getSystemClipboard().setContent(content);
        });
        press(KeyCode.CONTROL, KeyCode.V);
        assertThat(words())
                .contains("minutes", "2 values count", "left out: 1 missing, 2 not numbers")
                .contains("“17O” is not a number: left out. Did you mean 170?", "Take 170");
        robot.clickOn("Take 170");
        settle();
        assertThat(words()).contains("3 values count", "left out: 1 missing, 1 not a number");
    }

    @Test
    void an_answer_gets_its_mark_and_a_card_changes_the_mark() {
        demo("minutes", Page.MEASURES);
        assertThat(wordBeside("mean")).isEqualTo("agrees");
        assertThat(wordBeside("sd")).isEqualTo("right under another rule");
        click("#answer-range");
        robot.write("5", 0);
        press(KeyCode.ENTER);
        assertThat(wordBeside("range")).isEqualTo("differs");
        click("#answer-range");
        retype("112", KeyCode.TAB);
        assertThat(wordBeside("range")).isEqualTo("agrees");
        click("#card");
        click("#card-divisor");
        press(KeyCode.DOWN);
        press(KeyCode.ENTER);
        assertThat(wordBeside("sd")).isEqualTo("agrees");
        assertThat(words()).anyMatch(text -> text.startsWith("divide by n ·"));
        press(KeyCode.ESCAPE);
        assertThat(onWindow(() -> window.card().isVisible())).isFalse();
    }

    @Test
    void a_row_opens_into_its_working_by_mouse_and_by_key() {
        demo("minutes", Page.MEASURES);
        click("#row-sd");
        assertThat(words()).contains("by definition", "short-cut", "… 18 more");
        robot.clickOn("short-cut");
        settle();
        assertThat(desk.looking().methods()).containsEntry("sd", "short-cut");
        click("#row-sd");
        assertThat(words()).doesNotContain("by definition");
        press(KeyCode.SPACE);
        assertThat(words()).contains("by definition");
        robot.clickOn("rounded to 2 places");
        settle();
        assertThat(words()).anyMatch(text -> text.startsWith("Rounding each line leads to"));
    }

    @Test
    void entries_are_changed_switched_off_taken_out_and_brought_back() {
        demo("minutes", Page.ENTRIES);
        int size = desk.sheet().orElseThrow().size();
        choose(0);
        press(KeyCode.ENTER);
        retype("999", KeyCode.ENTER);
        assertThat(desk.sheet().orElseThrow().values().text(0)).isEqualTo("999");
        press(KeyCode.SPACE);
        assertThat(words()).contains("switched off: left out");
        press(KeyCode.DELETE);
        assertThat(desk.sheet().orElseThrow().size()).isEqualTo(size - 1);
        press(KeyCode.CONTROL, KeyCode.Z);
        press(KeyCode.CONTROL, KeyCode.Z);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.assignment()).isEqualTo(Demo.assignment());
        press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        assertThat(desk.sheet().orElseThrow().values().text(0)).isEqualTo("999");
    }

    @Test
    void the_demo_is_one_click_away_and_samples_are_chosen_on_the_shelf() {
        click("#open-demo");
        assertThat(words()).contains("Minutes at the bench", "Visitors");
        click("#sample-visitors");
        assertThat(desk.selectedProperty().get()).isEqualTo("visitors");
        click("#new-sample");
        assertThat(words()).contains("Type or paste your numbers");
        type("1 2");
        assertThat(desk.assignment().sheets()).hasSize(6);
    }

    @Test
    void with_attempt_first_figures_stay_covered_until_there_is_an_answer() {
        type("2 3 7");
        click("#page-MEASURES");
        click("#cover");
        assertThat(words()).contains("covered", "write your answer first").doesNotContain("12 shared out over 3");
        click("#row-median");
        assertThat(words()).contains("Lift this cover without an answer");
        click("#lift-median");
        assertThat(words()).contains("Looked up before an answer.", "the 2nd of 3 in order");
        click("#answer-mean");
        robot.write("5", 0);
        press(KeyCode.ENTER);
        assertThat(words()).contains("12 shared out over 3");
        click("#answer-mean");
        retype("4", KeyCode.ENTER);
        assertThat(words()).contains("Your first answer was 5.");
        click("#cover");
        assertThat(words()).doesNotContain("covered");
    }

    @Test
    void measures_are_copied_as_text_and_html_and_text_grows_and_shrinks_by_key() {
        type("2 3 7");
        press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.C);
        String text = onWindow(() -> Clipboard.getSystemClipboard().getString());
        String html = onWindow(() -> Clipboard.getSystemClipboard().getHtml());
        assertThat(text).contains("Mean\tx\u0304\t4.00\t\n", "Variance\ts²\t7.00\t\n");
        assertThat(html).contains("<table><caption>Sample 1</caption>", "<math ", "7.00");
        press(KeyCode.CONTROL, KeyCode.EQUALS);
        assertThat(onWindow(() -> window.scene().getRoot().getStyle())).contains("14.3px");
        press(KeyCode.CONTROL, KeyCode.DIGIT0);
        assertThat(onWindow(() -> window.scene().getRoot().getStyle())).isEmpty();
        press(KeyCode.F1);
        assertThat(words()).contains("larger or smaller text");
        press(KeyCode.ESCAPE);
        assertThat(words()).doesNotContain("larger or smaller text");
    }

    @Test
    void more_measures_of_a_group_unfold_and_fold_again() {
        demo("minutes", Page.MEASURES);
        assertThat(words()).doesNotContain("Geometric mean");
        click("#more-CENTRE");
        assertThat(words()).contains("Geometric mean", "Harmonic mean", "Trimmed mean, 10 %");
        click("#more-CENTRE");
        assertThat(words()).doesNotContain("Geometric mean");
    }

    @Test
    void the_name_and_unit_of_a_sample_are_changed_in_place_and_reach_every_view() {
        type("3 4 8");
        click("#sample-name");
        press(KeyCode.CONTROL, KeyCode.A);
        type("Lamps");
        click("#sample-unit");
        type("min");
        assertThat(words()).contains("Lamps", "3 values · min");
        click("#page-MEASURES");
        assertThat(words()).contains("min", "min²");
    }

    @Test
    void every_choice_of_the_card_can_be_reached_and_the_card_tells_what_is_chosen() {
        demo("minutes", Page.MEASURES);
        click("#card");
        onWindow(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<QuartileRule> box = (ComboBox<QuartileRule>) window.scene().lookup("#card-quartiles");
            assertThat(box.getItems()).containsExactly(QuartileRule.values());
            box.setValue(QuartileRule.HF7);
            return null;
        });
        settle();
        assertThat(desk.assignment().card().get(CardKey.QUARTILES)).isEqualTo(QuartileRule.HF7);
        assertThat(((Button) onWindow(() -> window.scene().lookup("#card"))).getText())
                .contains("at position (n");
    }

    @Test
    void a_field_that_is_being_typed_in_takes_its_own_typing_back_first() {
        demo("minutes", Page.MEASURES);
        click("#answer-variance");
        robot.write("12", 0);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.assignment()).isEqualTo(Demo.assignment());
        TextField field = (TextField) onWindow(() -> window.scene().lookup("#answer-variance"));
        assertThat(field.getText()).isNotEqualTo("12");
        Platform.runLater(field::clear);
        settle();
    }

    @Test
    void a_measure_is_found_by_part_of_its_name_from_any_page() {
        demo("minutes", Page.ENTRIES);
        press(KeyCode.CONTROL, KeyCode.F);
        robot.write("geom", 0);
        press(KeyCode.ENTER);
        assertThat(desk.looking().pageProperty().get()).isEqualTo(Page.MEASURES);
        assertThat(words()).contains("Geometric mean");
        assertThat(desk.looking().opened()).contains("geometric-mean");
    }

    @Test
    void a_total_and_decimal_commas_are_noticed_and_one_click_mends_them() {
        type("12 15 15 18 60");
        click("#notice-switch-off");
        assertThat(figure("mean")).isEqualTo("15.00");
        startEmpty();
        type("12,5 13,1 12,9");
        assertThat(words()).anyMatch(text -> text.endsWith("The comma is read as the decimal mark here."));
        assertThat(figure("sum")).isEqualTo("38.50");
        click("#read-as-1");
        assertThat(figure("sum")).isEqualTo("52.00");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(figure("sum")).isEqualTo("38.50");
        startEmpty();
        type("12.5 13,1 12.9");
        click("#notice-read-commas");
        assertThat(figure("sum")).isEqualTo("13,10");
    }

    @Test
    void a_working_is_copied_with_its_table() {
        type("2 3 7");
        click("#page-MEASURES");
        click("#row-variance");
        click("copy");
        String plain = onWindow(() -> Clipboard.getSystemClipboard().getString());
        assertThat(plain).contains("s² = ").contains("3\t−1\t1\n").endsWith("12\t0\t14\n");
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getHtml()))
                .contains("<math")
                .contains("<td>14</td>");
    }
}
