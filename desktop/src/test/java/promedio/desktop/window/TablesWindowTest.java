package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Labeled;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.desktop.model.desk.Page;

/** A data table in the real window, by mouse and keys. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TablesWindowTest extends OpenWindow {
    /** Opens a log of a hundred rows, keeps it as a table with one sample, and goes to the table. */
    @BeforeEach
    void log(@TempDir Path folder) throws Exception {
        StringBuilder log = new StringBuilder("Item,Minutes (min),Bench\n");
        for (int i = 0; i < 100; i++) {
            log.append(i % 4 == 0 ? "lamp" : "radio")
                    .append(',')
                    .append(10 + i % 31)
                    .append(",Oak\n");
        }
        Path file = Files.writeString(folder.resolve("log.csv"), log.toString());
        when(picker.toOpen()).thenReturn(Optional.of(file));
        press(KeyCode.CONTROL, KeyCode.O);
        press(KeyCode.ENTER);
        eventually(() -> desk.assignment().sheets().size() == 1);
        click("#table-t1");
        eventually(() -> desk.tables().figuresProperty().get() != null);
    }

    private static String cell(int row, int column) {
        return desk.assignment()
                .tables()
                .get(0)
                .all()
                .columns()
                .get(column)
                .entries()
                .text(row);
    }

    /** What is worked out off the thread of the window comes a moment later. */
    private void says(String sentence) {
        eventually(() -> words().contains(sentence));
    }

    @Test
    void a_cell_that_would_be_computed_elsewhere_is_handed_out_guarded_and_pasted_here_as_it_was() {
        robot.write("=1+1", 0);
        press(KeyCode.ENTER);
        press(KeyCode.CONTROL, KeyCode.HOME);
        press(KeyCode.CONTROL, KeyCode.C);
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString())).isEqualTo("'=1+1\n");
        press(KeyCode.DOWN);
        press(KeyCode.CONTROL, KeyCode.V);
        assertThat(cell(1, 0)).isEqualTo("=1+1");
        copied("'=1+1 \n");
        press(KeyCode.CONTROL, KeyCode.V);
        assertThat(cell(1, 0)).as("from elsewhere").startsWith("'");
    }

    @Test
    void cells_are_gone_through_and_written_into_by_keys() {
        press(KeyCode.RIGHT);
        press(KeyCode.DOWN);
        robot.write("17O", 0);
        press(KeyCode.ENTER);
        assertThat(cell(1, 1)).isEqualTo("17O");
        says("Row 2, Minutes (min): 11 → 17O");
        says("put back");
        click("write 170");
        assertThat(cell(1, 1)).isEqualTo("170");
        assertThat(desk.assignment().sheets().get(0).values().text(1)).isEqualTo("170");
        click("#put-back-1-1");
        assertThat(cell(1, 1)).isEqualTo("11");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(cell(1, 1)).isEqualTo("170");
        click("#table-row");
        robot.write("100", 0);
        press(KeyCode.ENTER);
        press(KeyCode.SHIFT, KeyCode.UP);
        says("2 cells · sum 31 · mean 15.5 · least 15 · largest 16");
        press(KeyCode.CONTROL, KeyCode.C);
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString())).isEqualTo("15\n16\n");
        click("#take-chosen");
        assertThat(desk.assignment().sheets().get(1).values().texts()).containsExactly("15", "16");
        click("#leave-out-chosen");
        assertThat(desk.assignment().sheets().get(0).size()).isEqualTo(98);
        press(KeyCode.CONTROL, KeyCode.F);
        robot.write("LAMP", 0);
        press(KeyCode.ENTER);
        assertThat(desk.messageProperty().get()).isEmpty();
        press(KeyCode.DELETE);
        assertThat(cell(0, 0)).as("found from the beginning again").isEmpty();
        press(KeyCode.SHIFT, KeyCode.DOWN);
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        press(KeyCode.DELETE);
        assertThat(List.of(cell(0, 1), cell(1, 0), cell(1, 1), cell(2, 1))).containsExactly("", "", "", "12");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(cell(1, 0)).isEqualTo("radio");
        copied("7\tElm\n8\n");
        press(KeyCode.END);
        press(KeyCode.CONTROL, KeyCode.V);
        assertThat(desk.messageProperty().get())
                .startsWith("The 2 × 2 cells on the clipboard have no room here, where there are 99 × 1. Nothing was");
        press(KeyCode.CONTROL, KeyCode.HOME);
        press(KeyCode.CONTROL, KeyCode.V);
        assertThat(List.of(cell(0, 0), cell(0, 1), cell(1, 0), cell(1, 1))).containsExactly("7", "Elm", "8", "");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(cell(1, 0)).isEqualTo("radio");
        copied("clock\n");
        press(KeyCode.SHIFT, KeyCode.DOWN);
        press(KeyCode.CONTROL, KeyCode.V);
        assertThat(List.of(cell(0, 0), cell(1, 0), cell(2, 0)))
                .startsWith("clock", "clock")
                .doesNotContainSequence("clock", "clock", "clock");
        press(KeyCode.CONTROL, KeyCode.Z);
        click("#remove-table");
        assertThat(desk.assignment().tables()).isEmpty();
        assertThat(desk.assignment().sheets()).as("samples keep their values").hasSize(2);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.assignment().tables()).hasSize(1);
    }

    private static void copied(String text) {
        onWindow(() -> Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.PLAIN_TEXT, text)));
    }

    @Test
    void columns_are_named_compared_and_taken_and_their_words_counted() {
        click("#page-COLUMNS");
        click("#name-of-1");
        retype("Time at the bench", KeyCode.ENTER);
        assertThat(desk.assignment().tables().get(0).all().columns().get(1).name())
                .isEqualTo("Time at the bench");
        click("#label-of-1");
        robot.write("how long it took", 0);
        press(KeyCode.ENTER);
        eventually(() -> desk.tables().figuresProperty().get().table().label(1).equals("how long it took"));
        click("#action-1");
        assertThat(desk.assignment().sheets()).hasSize(2);
        assertThat(desk.assignment().sheets().get(1).name()).isEqualTo("how long it took");
        String mean = onWindow(() -> ((Labeled) window.scene().lookup("#side-mean-1")).getText());
        click("#side-mean-1");
        eventually(() -> desk.figuresProperty().get() != null);
        assertThat(desk.looking().pageProperty().get()).isEqualTo(Page.MEASURES);
        assertThat(figure("mean")).isEqualTo(mean);
        click("#table-t1");
        click("#action-0");
        says("100 cells, 0 missing, 2 different. The mode is radio.");
        assertThat(words()).contains("lamp", "25", "75.00", "0.25");
        click("#page-ROWS");
        click("#column-1");
        click("#column-largest");
        eventually(() -> shownNumbers().equals(List.of("31", "62", "93")));
        click("#column-1");
        click("#column-take");
        assertThat(desk.assignment().sheets()).hasSize(3);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.assignment().sheets()).hasSize(2);
    }

    private static List<String> shownNumbers() {
        return window.scene().getRoot().lookupAll(".row-number").stream()
                .filter(WindowTest::isShown)
                .sorted(java.util.Comparator.comparingDouble(node -> node.getLayoutY()))
                .limit(3)
                .map(node -> ((Labeled) node).getText())
                .toList();
    }
}
