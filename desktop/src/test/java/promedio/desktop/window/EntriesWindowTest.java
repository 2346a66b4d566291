package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.desktop.model.desk.Page;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class EntriesWindowTest extends OpenWindow {
    @Test
    void typing_goes_on_before_the_first_figures_have_come() {
        String placeholder = onWindow(() -> {
            ((TextInputControl) window.scene().getFocusOwner()).setText("1");
            desk.intake().type("12");
            assertThat(desk.figuresProperty().get()).as("no figures yet").isNull();
            return ((TextInputControl) window.scene().getFocusOwner()).getPromptText();
        });
        assertThat(placeholder).startsWith("Type or paste more values");
        settle();
        type("5");
        assertThat(desk.sheet().orElseThrow().values().texts()).containsExactly("12", "15");
    }

    @Test
    void entries_that_are_chosen_tell_their_sum_and_mean_and_are_copied_and_taken_out_together() {
        type("3 10 4 x 8 9");
        choose(0, 2, 4);
        assertThat(words()).contains("3 chosen · sum 15 · mean 5 · from 3 to 8");
        press(KeyCode.CONTROL, KeyCode.C);
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString())).isEqualTo("3\n4\n8\n");
        press(KeyCode.DELETE);
        assertThat(desk.sheet().orElseThrow().values().texts()).containsExactly("10", "x", "9");
        assertThat(words()).contains("2 values count");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.sheet().orElseThrow().values().texts()).as("one edit").hasSize(6);
        choose(5);
        assertThat(desk.looking().litProperty().get()).hasToString("9");
    }

    @Test
    void entries_are_read_down_in_columns_and_chosen_by_keys_over_all_of_them() {
        type(java.util.stream.IntStream.rangeClosed(1, 60)
                .mapToObj(Integer::toString)
                .collect(java.util.stream.Collectors.joining(" ")));
        double left = onWindow(() -> entry(0).getLayoutX());
        assertThat((double) onWindow(() -> entry(1).getLayoutX()))
                .as("the second below the first")
                .isEqualTo(left);
        assertThat((double) onWindow(() -> entry(59).getLayoutX()))
                .as("the last further right")
                .isGreaterThan(left);
        choose(0);
        press(KeyCode.RIGHT);
        double beside = onWindow(() -> entry(0).getLayoutY());
        assertThat(desk.looking().litProperty().get()).as("beside the first").isNotNull();
        int row = desk.looking().litProperty().get().numerator().intValue() - 1;
        assertThat((double) onWindow(() -> entry(row).getLayoutY())).isEqualTo(beside);
        press(KeyCode.HOME);
        press(KeyCode.SHIFT, KeyCode.DOWN);
        press(KeyCode.SHIFT, KeyCode.DOWN);
        assertThat(words()).contains("3 chosen · sum 6 · mean 2 · from 1 to 3");
        press(KeyCode.CONTROL, KeyCode.A);
        press(KeyCode.SPACE);
        assertThat(desk.sheet().orElseThrow().off()).hasSize(60);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.sheet().orElseThrow().off()).as("one edit").isEmpty();
    }

    @Test
    void typing_that_is_left_for_another_place_counts() {
        type("3 5 8");
        choose(1);
        press(KeyCode.ENTER);
        robot.write("55", 0);
        click("#add-field");
        assertThat(desk.sheet().orElseThrow().values().texts()).containsExactly("3", "55", "8");
    }

    @Test
    void codes_for_missing_are_named_and_the_values_are_left_out() {
        type("12 -99 15 -99 n/a");
        click("#sample-missing");
        robot.write("-99, n/a", 0);
        press(KeyCode.ENTER);
        assertThat(words()).contains("2 values count", "left out: 3 missing");
        assertThat(figure("mean")).isEqualTo("13.50");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(words()).contains("4 values count");
    }

    @Test
    void a_row_of_a_frequency_table_is_changed_in_place() {
        type("1 × 3, 2 × 5");
        assertThat(figure("mean")).as("13/8").isEqualTo("1.63");
        choose(1);
        press(KeyCode.ENTER);
        retype("4", KeyCode.TAB);
        retype("1", KeyCode.ENTER);
        assertThat(desk.sheet().orElseThrow().columns()).hasToString("[[1, 4], [3, 1]]");
        assertThat(figure("mean")).as("7/4").isEqualTo("1.75");
        choose(0);
        press(KeyCode.F2);
        robot.write("77", 0);
        press(KeyCode.ESCAPE);
        assertThat(desk.sheet().orElseThrow().columns()).hasToString("[[1, 4], [3, 1]]");
    }

    @Test
    void what_is_chosen_in_one_sample_lights_up_nothing_in_the_next() {
        type("3 5 8");
        choose(2);
        assertThat(desk.looking().litProperty().get()).hasToString("8");
        click("#new-sample");
        type("1 2 6");
        assertThat(desk.looking().litProperty().get()).isNull();
        assertThat(words()).contains("Sample 1", "Sample 2");
    }

    @Test
    void a_sample_is_taken_off_the_shelf_and_put_back() {
        demo("visitors", Page.ENTRIES);
        robot.clickOn("Take off the shelf");
        settle();
        assertThat(words()).doesNotContain("Visitors").contains("Minutes at the bench");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(words()).contains("Visitors", "table · 31 values · people");
    }

    @Test
    void ten_thousand_values_are_listed_and_one_more_is_typed() {
        String many = java.util.stream.IntStream.range(0, 10_000)
                .mapToObj(i -> Integer.toString(i * 7919 % 10_007))
                .collect(java.util.stream.Collectors.joining("\n"));
        onWindow(() -> {
            desk.intake().type(many);
            return null;
        });
        settle();
        onWindow(() -> {
            window.focusTyping();
            return null;
        });
        type("20000");
        assertThat(desk.sheet().orElseThrow().size()).isEqualTo(10_001);
        choose(0);
        press(KeyCode.END);
        assertThat(words()).as("the last column is seen").anyMatch(text -> text.matches("10.?001"));
        assertThat(desk.looking().litProperty().get()).hasToString("20000");
        assertThat(words()).anyMatch(text -> text.matches("10.?001 values count"));
        assertThat(desk.figuresProperty().get().figure("maximum").orElseThrow()).hasToString("20000");
    }
}
