package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import javafx.event.ActionEvent;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.sample.SampleKind;
import promedio.desktop.model.desk.Page;

/** A question that gives figures in place of data: begun on the empty paper, filled in, worked, marked, taken back. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class GivenWindowTest extends OpenWindow {
    private String said() {
        return String.join("\n", words());
    }

    private void give(String field, String text) {
        click(field);
        press(KeyCode.CONTROL, KeyCode.A);
        type(text);
        press(KeyCode.ENTER);
    }

    @Test
    void a_correction_is_filled_in_worked_and_its_mistakes_are_named() {
        click("#begin-correction");
        eventually(() -> desk.sheet()
                .filter(sheet -> sheet.kind() == SampleKind.CORRECTION)
                .isPresent());
        settle();
        assertThat(said()).contains("Number of values, n", "Nothing yet: type what is given.");
        give("#given-n-0", "20");
        give("#given-mean-3", "40");
        give("#given-sd-4", "5");
        give("#given-read-6-0", "30");
        give("#given-read-6-1", "32");
        eventually(() -> said().contains("40.10"));
        assertThat(said()).as("what follows").contains("802.00", "4.81");
        click("#another-left-out");
        eventually(() -> desk.sheet().orElseThrow().size() == 10);
        give("#given-left-out-7", "forty");
        eventually(() -> said().contains("“forty” under “left-out” is not a number"));
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> !said().contains("forty"));
        click("#givens-working");
        assertThat(desk.looking().pageProperty().get()).isEqualTo(Page.MEASURES);
        give("#answer-variance", "16.57");
        eventually(() -> said().contains("The total of the squares was left as it was."));
        click("#row-mean");
        eventually(() -> said().contains("Check:"));
    }

    @Test
    void groups_have_a_name_each_and_what_is_sought_follows() {
        click("#begin-combination");
        eventually(() -> desk.sheet().isPresent());
        settle();
        for (int row = 0; row < 2; row++) {
            give("#given-part-" + row + "-0", row == 0 ? "Ann" : "Ben");
            give("#given-part-" + row + "-1", row == 0 ? "20" : "30");
            give("#given-part-" + row + "-2", row == 0 ? "40" : "?");
        }
        give("#given-whole-2-0", "50");
        give("#given-whole-2-1", "37");
        eventually(() -> said().contains("Mean of Ben"));
        assertThat(said()).contains("35.00");
    }

    /** A table that waits for a frequency: one press, what is known of the whole, and it is found, worked and marked. */
    @Test
    void what_a_table_waits_for_is_found_from_the_mean() {
        onWindow(() -> {
            desk.intake().type("Mark\tNumber\n0-10\t4\n10-20\tf\n20-30\t5\n30-40\t8");
            return true;
        });
        eventually(() -> said().contains("What is missing can be found"));
        assertThat(said()).as("the classes beside the open one").doesNotContain("does not fit", "Between");
        click("#notice-find-missing");
        assertThat(onWindow(() -> window.scene().getFocusOwner().getId())).isEqualTo("given-n-2");
        eventually(() ->
                desk.sheet().filter(sheet -> sheet.kind() == SampleKind.MISSING).isPresent());
        settle();
        // Of 4, 5, 8 at 5, 25, 35 the total is 425; (22.5 · 17 − 425)/(15 − 22.5) is 17/3.
        give("#given-mean-4", "22.5");
        eventually(() -> said().contains("5.6666…"));
        give("#given-mean-4", "23");
        // (23 · 17 − 425)/(15 − 23) is 4.25, and is no number of marks.
        eventually(() -> said().contains("4.25"));
        give("#given-frequencies-1", "4; f; 5; 4");
        give("#given-mean-4", "20");
        // Of 4, 5, 4 the total is 285; (20 · 13 − 285)/(15 − 20) is 5.
        eventually(() -> said().contains("Missing frequency f") && !said().contains("4.25"));
        click("#givens-working");
        give("#answer-f", "1.25");
        eventually(() -> said().contains("What is missing was counted, but not added."));
        give("#answer-f", "5");
        eventually(() -> said().contains("agrees"));
        click("#row-f");
        eventually(() -> said().contains("Check:"));
    }

    /** A line that is pasted goes into the field that the cursor stands in, whether somebody has typed there or not. */
    @Test
    void a_line_is_pasted_into_the_field_and_a_table_is_another_sample() {
        click("#begin-missing");
        eventually(() -> desk.sheet().isPresent());
        settle();
        copied("5 8 x 12");
        click("#given-values-0");
        press(KeyCode.CONTROL, KeyCode.V);
        give("#given-mean-4", "10");
        eventually(() -> said().contains("15.00"));
        assertThat(desk.assignment().sheets()).hasSize(1);
        copied("3\n4\n8");
        click("#given-n-2");
        press(KeyCode.CONTROL, KeyCode.V);
        eventually(() -> desk.assignment().sheets().size() == 2);
        // The cursor stands in the title where a page has no field of its own: nobody chose that; who clicks there did.
        onWindow(() -> {
            desk.select(desk.assignment().sheets().get(0).id());
            window.scene().lookup("#title").requestFocus();
            return true;
        });
        copied("3 5 9 12");
        press(KeyCode.CONTROL, KeyCode.V);
        eventually(() -> desk.assignment().sheets().size() == 3);
        copied("My marks");
        click("#title");
        press(KeyCode.CONTROL, KeyCode.V);
        press(KeyCode.ENTER);
        eventually(() -> desk.assignment().title().equals("My marks"));
    }

    private void copied(String text) {
        onWindow(() -> Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.PLAIN_TEXT, text)));
    }

    /** Whoever types on at once, before any figures have come, types into the form; each field is one step to take back. */
    @Test
    void typing_goes_on_from_the_empty_paper_and_nothing_typed_is_overwritten() {
        click("#begin-totals");
        assertThat(onWindow(() -> window.scene().getFocusOwner().getId())).isEqualTo("given-n-0");
        onWindow(() -> {
            fields("given-n-0").setText("5");
            fields("given-n-0").fireEvent(new ActionEvent());
            // The next field is being typed into when the figures of the one before come.
            fields("given-sum-1").setText("4");
            return true;
        });
        settle();
        assertThat(onWindow(() -> fields("given-sum-1").getText())).isEqualTo("4");
        click("#given-sum-1");
        type("0");
        press(KeyCode.ENTER);
        eventually(() -> said().contains("8.00"));
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> !said().contains("8.00"));
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> said().contains("Nothing yet: type what is given."));
        assertThat(desk.sheet()).isPresent();
    }

    private static TextField fields(String id) {
        return (TextField) window.scene().lookup("#" + id);
    }

    /** The Line of a list has nothing to draw of what a question gives. */
    @Test
    void after_a_list_a_question_without_data_stands_without_the_line() {
        onWindow(() -> {
            desk.intake().type("4 8 15");
            return true;
        });
        eventually(() -> desk.figuresProperty().get() != null);
        settle();
        click("#new-sample");
        click("#begin-empirical");
        eventually(() -> said().contains("TWO OF THE THREE"));
        give("#given-mean-0", "26");
        give("#given-median-1", "25");
        eventually(() -> said().contains("23.00"));
        assertThat(said()).doesNotContain("Promedio itself failed");
    }

    @Test
    void the_words_of_a_question_are_enough_and_all_names_can_be_filled_in_after() {
        onWindow(() -> {
            desk.intake().type("The mean of 20 boys is 40 and that of 30 girls is 35. Find the combined mean.");
            return true;
        });
        eventually(() -> said().contains("Mean of all groups"));
        assertThat(said()).contains("Read as groups put together", "combined mean");
        click("#page-ENTRIES");
        give("#given-whole-2-0", "60");
        eventually(() -> said().contains("The groups have 50 values together, and all are said to be 60."));
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> said().contains("37.00"));
    }
}
