package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.SheetEdit;
import promedio.core.course.CardKey;
import promedio.core.course.Divisor;
import promedio.desktop.demo.Demo;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Background;
import promedio.desktop.model.desk.Page;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class MeasuresWindowTest extends OpenWindow {
    @Test
    void all_rules_of_a_quartile_are_compared_and_that_of_the_course_is_named() {
        type("1 2 3 4 5 6 7 8 9 10");
        press(KeyCode.CONTROL, KeyCode.DIGIT2);
        click("#row-quartile-1");
        click("compare all rules");
        // By hand: the median of 1 … 5 is 3; position 10/4 + 1/2 = 3; (10 + 1)/4 = 2.75; 1 + 9/4 = 3.25.
        assertThat(words())
                .contains("by halves, median left out · your course", "value at ⌈np⌉", "3.00", "2.75", "3.25")
                .contains("Every rule for the lower quartile, on the values around it");
        click("hide the other rules");
        assertThat(words()).doesNotContain("value at ⌈np⌉");
    }

    @Test
    void a_mistake_that_is_known_is_shown_line_beside_line() {
        type("2 4 4 4 5 5 7 9");
        press(KeyCode.CONTROL, KeyCode.DIGIT2);
        click("#answer-sd");
        // The variance, 32/7.
        robot.write("4.57", 0);
        press(KeyCode.ENTER);
        eventually(() -> words().contains("The root was not drawn."));
        click("#compare-sd");
        eventually(() -> window.scene().lookup("#two-workings-sd") != null);
        assertThat(words()).contains("As it may have been done").doesNotContain("compare the workings");
        assertThat(onWindow(() -> window.scene().getRoot().lookupAll(".two-line:parts")))
                .as("the lines at which they part")
                .hasSize(2);
        click("#answer-sd");
        retype("2.14", KeyCode.ENTER);
        eventually(() -> window.scene().lookup("#two-workings-sd") == null);
    }

    @Test
    void a_measure_is_found_by_an_everyday_word_and_a_sample_and_a_question_by_theirs() {
        demo("minutes", Page.ENTRIES);
        press(KeyCode.CONTROL, KeyCode.F);
        robot.write("average", 0);
        press(KeyCode.ENTER);
        eventually(() -> desk.looking().pageProperty().get() == Page.MEASURES
                && desk.looking().opened().contains("mean"));
        press(KeyCode.CONTROL, KeyCode.F);
        robot.write("visit", 0);
        press(KeyCode.ENTER);
        eventually(() -> desk.selectedProperty().get().equals("visitors"));
        press(KeyCode.CONTROL, KeyCode.F);
        robot.write("find standard", 0);
        press(KeyCode.ENTER);
        eventually(() -> desk.looking().opened().contains("sd")
                && desk.selectedProperty().get().equals("minutes"));
        press(KeyCode.CONTROL, KeyCode.F);
        robot.write("nobody calls it so", 0);
        eventually(() -> words().contains("Nothing here is called “nobody calls it so”."));
        press(KeyCode.ESCAPE);
    }

    @Test
    void words_are_counted_and_have_a_mode_and_nothing_else() {
        onWindow(() -> {
            desk.intake().type("outcome\nmended\nhopeless\nmended\n3");
            desk.sheet().ifPresent(sheet -> desk.make(new SheetEdit.RemoveRows(sheet.id(), 3, 1)));
            return null;
        });
        settle();
        press(KeyCode.CONTROL, KeyCode.DIGIT2);
        assertThat(words())
                .contains("These entries are words: they can be counted, but not averaged.", "Mode: mended")
                .contains("hopeless", "66.67", "33.33", "Total");
    }

    @Test
    void any_percentile_standard_score_or_rank_can_be_asked_for() {
        type("2 4 4 4 5 5 7 9");
        press(KeyCode.CONTROL, KeyCode.DIGIT2);
        click("#more-POSITION");
        ask("#ask-percentile", "37");
        assertThat(figure("percentile-37"))
                .as("(8 + 1)·0.37 = 3.33: between 4 and 4")
                .isEqualTo("4.00");
        onWindow(() -> {
            desk.choose(CardKey.DIVISOR, Divisor.POPULATION);
            return null;
        });
        ask("#ask-z-score", "9");
        assertThat(figure("z-score=9")).as("(9 − 5)/2").isEqualTo("2.00");
        ask("#ask-percentile", "100");
        assertThat(words()).contains("A percentile is a number above 0 and below 100, not “100”.");
        ask("#ask-rank", "tall");
        assertThat(words()).contains("“tall” is not a number.");
    }

    @Test
    void how_sure_a_mean_is_can_be_asked_for() {
        type("12 15 11 14 13 16");
        press(KeyCode.CONTROL, KeyCode.DIGIT2);
        click("#more-SPREAD");
        ask("#ask-interval", "95");
        assertThat(figure("interval-lower=0.95")).as("13.5 − 2.5706·0.7638").isEqualTo("11.54");
        assertThat(figure("interval-upper=0.95")).isEqualTo("15.46");
        ask("#ask-against", "12");
        assertThat(figure("t=12")).as("1.5/0.7638").isEqualTo("1.96");
        assertThat(figure("p=12")).isEqualTo("0.11");
        ask("#ask-interval", "0");
        assertThat(words()).contains("The confidence is a percentage above 0 and below 100, such as 95, not “0”.");
    }

    private void ask(String field, String typed) {
        onWindow(() -> {
            TextField asked = (TextField) window.scene().lookup(field);
            asked.setText(typed);
            asked.getOnAction().handle(null);
            return null;
        });
        settle();
    }

    @Test
    void answers_are_reached_and_written_by_keyboard_alone() {
        type("2 3 7");
        press(KeyCode.CONTROL, KeyCode.DIGIT2);
        onWindow(() -> {
            window.scene().lookup("#row-mean").requestFocus();
            return null;
        });
        press(KeyCode.TAB);
        robot.write("4", 0);
        press(KeyCode.TAB);
        assertThat(desk.margin().answer("mean")).isEqualTo("4");
        assertThat(wordBeside("mean")).isEqualTo("agrees");
        press(KeyCode.TAB);
        robot.write("7", 0);
        press(KeyCode.ESCAPE);
        assertThat(desk.margin().answer("median"))
                .as("taken back before it counted")
                .isEmpty();
        robot.write("3", 0);
        press(KeyCode.ENTER);
        assertThat(wordBeside("median")).isEqualTo("agrees");
        press(KeyCode.SHIFT, KeyCode.TAB);
        press(KeyCode.SHIFT, KeyCode.TAB);
        retype("many", KeyCode.ENTER);
        assertThat(wordBeside("median")).isEqualTo("not read");
        Node field = onWindow(() -> window.scene().lookup("#answer-median"));
        assertThat(field.getAccessibleText()).contains("Median");
        assertThat(field.getAccessibleHelp()).startsWith("not read.");
    }

    @Test
    void an_answer_that_is_being_typed_stays_when_figures_or_marks_come() {
        type("2 3 7");
        press(KeyCode.CONTROL, KeyCode.DIGIT2);
        click("#answer-mean");
        robot.write("4.0", 0);
        onWindow(() -> {
            desk.margin().answer("median", "3");
            desk.choose(CardKey.DIVISOR, Divisor.POPULATION);
            return null;
        });
        settle();
        assertThat(wordBeside("median")).isEqualTo("agrees");
        TextField field = (TextField) onWindow(() -> window.scene().lookup("#answer-mean"));
        assertThat(field.getText()).isEqualTo("4.0");
        press(KeyCode.ENTER);
        assertThat(wordBeside("mean")).isEqualTo("agrees");
        onWindow(() -> {
            desk.undo();
            return null;
        });
        settle();
        assertThat(field.getText()).as("taken back, though the cursor is there").isEmpty();
    }

    @Test
    void a_window_over_a_desk_that_has_its_assignment_already_shows_all_of_it() {
        List<String> shown = onWindow(() -> {
            DeskModel ready = new DeskModel(Background.DIRECT);
            ready.show(Demo.assignment(), null);
            MainWindow other = new MainWindow(ready);
            other.scene().getRoot().applyCss();
            return other.scene().getRoot().lookupAll("*").stream()
                    .filter(node -> node.getId() != null && isShown(node))
                    .map(Node::getId)
                    .toList();
        });
        assertThat(shown).contains("page-ENTRIES", "page-CLASSES", "line", "row-mean", "sample-visitors", "cover");
    }

    @Test
    void a_page_with_every_group_unfolded_has_a_row_for_every_measure() {
        demo("minutes", Page.MEASURES);
        for (String group : new String[] {"CENTRE", "POSITION", "SPREAD", "SHAPE"}) {
            onWindow(() -> desk.looking().unfolded().add(group));
        }
        settle();
        int rows = onWindow(
                () -> window.scene().getRoot().lookupAll(".measure-row").size());
        assertThat(rows).isEqualTo(desk.figuresProperty().get().lines().size()).isGreaterThan(50);
        onWindow(() -> {
            desk.show(Assignment.EMPTY, null);
            return null;
        });
        assertThat(words()).contains("Type or paste your numbers");
    }

    @Test
    void a_row_that_opens_stays_under_the_pointer_and_the_line_above_keeps_its_height() {
        demo("minutes", Page.MEASURES);
        double row = top("#row-sd");
        double line =
                onWindow(() -> window.scene().lookup("#line").getBoundsInLocal().getHeight());
        click("#row-sd");
        assertThat(desk.looking().opened()).contains("sd");
        assertThat(top("#row-sd")).isEqualTo(row);
        assertThat(onWindow(
                        () -> window.scene().lookup("#line").getBoundsInLocal().getHeight()))
                .isEqualTo(line);
    }

    private static double top(String query) {
        return onWindow(() -> {
            Node node = window.scene().lookup(query);
            return node.localToScene(node.getBoundsInLocal()).getMinY();
        });
    }

    @Test
    void enter_in_an_answer_goes_down_the_sheet_and_shift_with_it_goes_up() {
        demo("kilograms", Page.MEASURES);
        click("#answer-mean");
        robot.write("5.25", 0);
        press(KeyCode.ENTER);
        assertThat(desk.margin().answer("mean")).isEqualTo("5.25");
        robot.write("4", 0);
        press(KeyCode.ENTER);
        assertThat(desk.margin().answer("median")).isEqualTo("4");
        press(KeyCode.SHIFT, KeyCode.ENTER);
        press(KeyCode.SHIFT, KeyCode.ENTER);
        assertThat(onWindow(() -> window.scene().getFocusOwner().getId())).isEqualTo("answer-mean");
    }
}
