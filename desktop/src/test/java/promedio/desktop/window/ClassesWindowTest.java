package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.when;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.core.course.CardKey;
import promedio.core.course.DeviationCentre;
import promedio.core.number.Exact;
import promedio.core.sample.SampleKind;
import promedio.desktop.model.desk.Page;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ClassesWindowTest extends OpenWindow {
    private void paste(String text) {
        onWindow(() -> {
            desk.intake().type(text);
            return null;
        });
        settle();
    }

    /** Presses a button that may lie below the fold. */
    private void fire(String query) {
        onWindow(() -> {
            ((Button) window.scene().lookup(query)).fire();
            return null;
        });
        settle();
    }

    @Test
    void a_typed_class_table_tells_how_it_was_read_and_takes_the_other_reading_by_one_click() {
        type("10-19: 4; 20-29: 9; 30-39: 2");
        assertThat(desk.sheet().orElseThrow().kind()).isEqualTo(SampleKind.CLASSES);
        assertThat(desk.looking().pageProperty().get()).isEqualTo(Page.CLASSES);
        assertThat(words()).contains("9.5 to 19.5").anyMatch(text -> text.startsWith("The gaps are 1"));
        assertThat(figure("median")).isEqualTo("23.39");
        click("Take them as completed units");
        assertThat(words()).contains("10 to 20");
        assertThat(figure("median")).isEqualTo("23.89");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(figure("median")).isEqualTo("23.39");
    }

    @Test
    void a_lying_table_from_the_clipboard_is_read_wherever_the_cursor_is_and_told() {
        type("12 15 18");
        onWindow(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString("12 15 18");
            content.putHtml("<table><tr><td>Minutes<td>0-10<td>10-20<td>20-30<td>Total</tr>"
                    + "<tr><td>Visitors<td>5<td>8<td>12<td>25</tr></table>");
            Clipboard.getSystemClipboard().setContent(content);
            desk.looking().pageProperty().set(Page.MEASURES);
            window.scene().getRoot().requestFocus();
            return null;
        });
        settle();
        press(KeyCode.CONTROL, KeyCode.V);
        assertThat(desk.sheet().orElseThrow().name()).isEqualTo("Minutes");
        assertThat(figure("mean")).isEqualTo("17.80");
        assertThat(words()).contains("Read as a class table of 3 classes lying on its side. Left out: the total, 25.");
    }

    @Test
    void an_open_class_asks_for_an_assumption_and_results_say_that_they_rest_on_it() {
        paste("0 to under 10\t4\n10 to under 20\t6\n20 and over\t3\nTotal\t13");
        assertThat(words()).anyMatch(text -> text.startsWith("† The class “20 and over” has no end"));
        assertThat(figure("median")).isEqualTo("14.17");
        assertThat(figure("mean")).isEmpty();
        click("take it as wide as its neighbour");
        assertThat(figure("mean")).isEqualTo("14.23");
        click("#class-mean");
        assertThat(words()).anyMatch(text -> text.contains("It rests on the end assumed"));
        assertThat(words()).anyMatch(text -> text.endsWith("Left out: Total 13."));
    }

    @Test
    void the_working_shows_every_hand_method_and_a_clicked_midpoint_is_the_assumed_mean() {
        demo("waiting", Page.CLASSES);
        click("#class-variance");
        click("#class-method-step-deviation".replace("step-deviation", "short-cut"));
        click("#class-mean");
        click("#class-MIDPOINT-1");
        List<String> spoken = onWindow(() -> window.scene().getRoot().lookupAll(".class-working .formula").stream()
                .map(Node::getAccessibleText)
                .toList());
        assertThat(spoken).anyMatch(text -> text.startsWith("A equals midpoint equals 7.5"));
    }

    @Test
    void answers_stand_beside_the_table_and_a_class_may_be_named() {
        demo("waiting", Page.CLASSES);
        assertThat(words()).contains("names the class", "a slip", "agrees");
    }

    @Test
    void questions_are_answered_by_interpolation() {
        demo("waiting", Page.CLASSES);
        click("#class-from");
        robot.write("10", 0);
        click("#class-to");
        robot.write("20", 0);
        click("#class-top");
        robot.write("10", 0);
        settle();
        assertThat(words()).contains("60.00, or 37.50 %", "above 37.06");
    }

    @Test
    void a_list_is_put_into_classes_whose_edges_are_dragged(@TempDir Path folder) {
        demo("minutes", Page.CLASSES);
        Bounds bounds = lying(() -> window.scene().lookup(".histogram"));
        double em = 13;
        double left = bounds.getMinX() + 3.4 * em;
        double perUnit = (bounds.getMaxX() - 0.9 * em - left) / 140;
        double y = bounds.getMaxY() - 3.4 * em;
        robot.moveTo(left + 20 * perUnit, y);
        robot.press(MouseButton.PRIMARY);
        robot.moveBy(-3 * perUnit, 0);
        // Figures that come meanwhile, after a change that an undo takes back, take nothing out of the hand.
        onWindow(() -> {
            desk.choose(CardKey.DEVIATION_CENTRE, DeviationCentre.MEDIAN);
            return null;
        });
        settle();
        robot.moveBy(-2 * perUnit, 0);
        robot.release(MouseButton.PRIMARY);
        eventually(() -> {
            Exact edge = desk.sheet()
                    .orElseThrow()
                    .tabulation()
                    .orElseThrow()
                    .edges()
                    .get(1);
            return edge.compareTo(Exact.of(14)) >= 0 && edge.compareTo(Exact.of(16)) <= 0;
        });
        List<Exact> edges =
                desk.sheet().orElseThrow().tabulation().orElseThrow().edges();
        Path file = folder.resolve("classes.promedio");
        when(picker.toSave(anyString())).thenReturn(Optional.of(file));
        press(KeyCode.CONTROL, KeyCode.S);
        onWindow(() -> {
            desk.show(Assignment.EMPTY, null);
            desk.filing().open(file, Runnable::run, () -> {});
            return null;
        });
        settle();
        assertThat(desk.assignment()
                        .sheet("minutes")
                        .orElseThrow()
                        .tabulation()
                        .orElseThrow()
                        .edges())
                .isEqualTo(edges);
        assertThat(desk.assignment().sheet("waiting").orElseThrow().kind()).isEqualTo(SampleKind.CLASSES);
    }

    @Test
    void proposals_typed_boundaries_and_values_outside() {
        type("10 12 15 19 20 20 25 29 30 39");
        press(KeyCode.CONTROL, KeyCode.DIGIT3);
        click("#rule-ROOT");
        assertThat(words()).anyMatch(text -> text.startsWith("Σf = 10: every value"));
        Node edges = onWindow(() -> window.scene().lookup("#tabulate-edges"));
        robot.clickOn(edges);
        press(KeyCode.CONTROL, KeyCode.A);
        robot.write("15; 25; 40", 0);
        press(KeyCode.ENTER);
        assertThat(words()).anyMatch(text -> text.startsWith("Outside the classes lie 2 values below and 0 above"));
        fire("#classes-own");
        assertThat(desk.sheet().orElseThrow().values().texts()).containsExactly("15 to under 25", "25 to under 40");
        fire("#classes-copy");
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString()))
                .contains("15 to under 25\t20\t4\t4\t8\t50.00")
                .contains("25 to under 40\t32.5\t4\t8\t4\t50.00");
    }

    @Test
    void running_totals_and_stems_are_taken_apart() {
        paste("less than 10 4\nless than 20 10\nless than 30 12");
        assertThat(desk.sheet().orElseThrow().frequencies().orElseThrow().texts())
                .containsExactly("4", "6", "2");
        onWindow(() -> {
            desk.startSample();
            return null;
        });
        paste("1 | 2 5 5\n2 | 0 3");
        assertThat(desk.sheet().orElseThrow().values().texts()).containsExactly("12", "15", "15", "20", "23");
    }

    @Test
    void faults_are_told_at_their_row_and_the_rest_stays_usable() {
        paste("0-10 4\n10-20 9\n15-30 12\nforty 3");
        assertThat(words())
                .anyMatch(text -> text.startsWith("“15-30” is left out: The classes 10-20 and 15-30 overlap"))
                .anyMatch(text -> text.startsWith("“forty” is no class: left out."));
        assertThat(figure("mean")).isEqualTo("11.92");
    }

    @Test
    void covered_figures_are_in_no_picture_and_no_comparison() {
        demo("waiting", Page.CLASSES);
        onWindow(() -> {
            desk.margin().coverFigures(true);
            desk.margin().answer("median", "");
            return null;
        });
        settle();
        assertThat(onWindow(() -> window.scene().lookup(".ogive").getAccessibleText()))
                .endsWith("–");
        demo("minutes", Page.CLASSES);
        click("#page-MEASURES");
        click("#cover");
        click("#page-CLASSES");
        assertThat(words()).anyMatch(text -> text.startsWith("List and classes can be compared once"));
        assertThat(words()).doesNotContain("error");
    }

    @Test
    void a_table_made_of_large_numbers_and_decimal_commas_can_be_read_again() {
        type("1200,5 1350 2600,25 3100 1900,75");
        press(KeyCode.CONTROL, KeyCode.DIGIT3);
        fire("#classes-own");
        assertThat(desk.sheet().orElseThrow().kind()).isEqualTo(SampleKind.CLASSES);
        assertThat(desk.figuresProperty().get().sample().count()).isEqualTo(Exact.of(5));
        assertThat(desk.figuresProperty().get().sample().classes()).isPresent();
    }
}
