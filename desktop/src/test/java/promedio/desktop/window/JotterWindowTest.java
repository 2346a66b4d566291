package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Asking;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.SampleSheet;
import promedio.core.data.Entries;
import promedio.core.jotter.Jotting;
import promedio.desktop.model.desk.Page;
import promedio.files.assignment.AssignmentFile;

/** The jotter at the foot: asked, looked back at, and what can be done with a result. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class JotterWindowTest extends OpenWindow {
    private static List<Jotting> lines() {
        return desk.assignment().jotter();
    }

    private void show(Asking asking) {
        SampleSheet sheet = SampleSheet.list("s1", "Waiting time", "min", Entries.of("3", "4", "6"));
        onWindow(() -> {
            desk.show(Assignment.of("", sheet).with(all -> all.asking(asking)), null);
            return null;
        });
        settle();
    }

    private void ask(String text) {
        int before = lines().size();
        press(KeyCode.CONTROL, KeyCode.J);
        robot.write(text, 0);
        press(KeyCode.ENTER);
        eventually(() -> lines().size() == before + 1);
    }

    private String field() {
        return ((TextField) onWindow(() -> stage.getScene().lookup("#jotter-field"))).getText();
    }

    @Test
    void lines_are_worked_out_while_written_kept_and_asked_again(@TempDir Path folder) throws Exception {
        show(Asking.OPEN);
        press(KeyCode.CONTROL, KeyCode.J);
        robot.write("mean of 'Waiting time'", 0);
        eventually(() -> words().contains("= 4.33333333333333…"));
        assertThat(lines()).isEmpty();
        press(KeyCode.ENTER);
        eventually(() -> lines().size() == 1);
        ask("it × 3");
        assertThat(lines().get(1).result()).isEqualTo("13");
        robot.write("it × mead of (3, 4)", 0);
        press(KeyCode.ENTER);
        eventually(() -> words().stream().anyMatch(word -> word.startsWith("At character ")));
        assertThat(lines()).hasSize(2);
        press(KeyCode.ESCAPE);
        press(KeyCode.UP);
        press(KeyCode.UP);
        assertThat(field()).isEqualTo("mean of 'Waiting time'");
        press(KeyCode.ESCAPE);
        press(KeyCode.ESCAPE);
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> lines().size() == 1);
        Path file = folder.resolve("jotted.promedio");
        AssignmentFile.write(onWindow(() -> desk.assignment()), file);
        Assignment read = AssignmentFile.read(file);
        onWindow(() -> {
            desk.show(read, file);
            return null;
        });
        settle();
        ask("it × 3");
        assertThat(lines().get(1).result()).as("what was kept is exact").isEqualTo("13");
    }

    @Test
    void a_result_is_shown_as_a_fraction_becomes_an_answer_and_opens_its_working() {
        show(Asking.OPEN);
        ask("mean of 'Waiting time'");
        click("#jotter-fraction");
        eventually(() -> words().contains("= 13/3"));
        click("#jotter-answer");
        press(KeyCode.ENTER);
        eventually(() -> desk.assignment().attempt("s1", "mean").isAnswered());
        assertThat(desk.assignment().attempt("s1", "mean").answer()).isEqualTo("4.33333333333333");
        ask("median of (1, 5, 2)");
        click("#jotter-working");
        eventually(() -> desk.assignment().sheets().size() == 2
                && desk.looking().pageProperty().get() == Page.MEASURES);
        eventually(() -> words().contains("median of (1, 5, 2)")
                || desk.looking().opened().contains("median"));
        assertThat(desk.assignment().sheets().get(1).values().text(1)).isEqualTo("5");
    }

    @Test
    void what_is_covered_is_not_found_out_here() {
        show(new Asking(true, false, true));
        press(KeyCode.CONTROL, KeyCode.J);
        robot.write("1 + sd of 'waiting time'", 0);
        eventually(() -> words().stream().anyMatch(word -> word.contains("The sd of “Waiting time” is covered")));
        press(KeyCode.ENTER);
        press(KeyCode.ESCAPE);
        ask("'Waiting time' / 3");
        assertThat(lines()).hasSize(1);
    }
}
