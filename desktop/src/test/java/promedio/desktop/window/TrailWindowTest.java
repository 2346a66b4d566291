package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Labeled;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Link;
import promedio.core.assignment.SampleSheet;
import promedio.core.trail.Prepared;
import promedio.core.trail.Trail;
import promedio.desktop.model.desk.Page;
import promedio.files.assignment.AssignmentFile;

/** The steps of a table: written, looked at, changed, and walked over another file. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TrailWindowTest extends LogWindow {
    private void step(String text) {
        int before = onWindow(() -> trodden().table().trail().steps().size());
        click("#step-field");
        robot.write(text, 0);
        press(KeyCode.ENTER);
        eventually(() -> trodden().table().trail().steps().size() == before + 1
                && trodden().looked() == before + 1);
    }

    @Test
    void a_step_is_written_with_its_outcome_shown_and_its_fault_told(@TempDir Path folder) throws Exception {
        open(folder);
        click("#step-field");
        robot.write("keep rows where Mi", 0);
        eventually(() -> words().contains("At character 17: There is no column “Mi”."));
        press(KeyCode.TAB);
        robot.write("> 14", 0);
        eventually(() -> words().stream().anyMatch(word -> word.startsWith("Enter makes it: 7 rows × 3 columns.")));
        assertThat(onWindow(() -> trodden().table().trail().steps())).isEmpty();
        press(KeyCode.ENTER);
        eventually(() -> trodden().walk().told().size() == 1);
        assertThat(onWindow(() -> trodden().state().rows())).isEqualTo(7);
        Prepared first = onWindow(() -> trodden().walk().states().get(1));
        step("one row per Bench: n, mean of Minutes");
        assertThat(onWindow(() -> trodden().walk().states().get(1)))
                .as("only what is new is computed")
                .isSameAs(first);
        assertThat(words()).contains("2 rows × 3 columns  5 rows fewer", "Elm", "Oak");
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> trodden().table().trail().steps().size() == 1);
    }

    @Test
    void values_complete_a_step_and_a_step_fits_what_was_counted(@TempDir Path folder) throws Exception {
        open(folder);
        click("#step-field");
        robot.write("keep rows where Bench = ", 0);
        eventually(() -> words().containsAll(List.of("\"Oak\"", "\"Elm\"")));
        robot.write("e", 0);
        eventually(() -> !words().contains("\"Oak\""));
        press(KeyCode.TAB);
        press(KeyCode.ENTER);
        eventually(() -> trodden().state().rows() == 5);
        press(KeyCode.CONTROL, KeyCode.DIGIT3);
        eventually(() -> isShown(window.scene().lookup(".counts-value")));
        click(".counts-value");
        press(KeyCode.DOWN);
        press(KeyCode.ENTER);
        eventually(() -> words().stream().anyMatch(word -> word.startsWith("Enter makes it: ")));
        press(KeyCode.ENTER);
        eventually(() -> trodden().table().trail().steps().size() == 2);
        assertThat(onWindow(() -> trodden().table().trail().steps().get(1).text()))
                .isEqualTo("leave out rows where Item = \"radio\"");
        // Steps that come faster than they are walked stand in the order in which they came.
        onWindow(() -> {
            desk.trail().add("work out a = 1");
            desk.trail().add("work out b = a + 1");
            return null;
        });
        eventually(() -> trodden().state().names().equals(List.of("Item", "Minutes", "Bench", "a", "b")));
    }

    /** 12/7 = 1.714285714285714…; two places more than the card’s two are shown, all of them told and copied. */
    @Test
    void what_is_worked_out_is_shown_in_short_and_copied_whole(@TempDir Path folder) throws Exception {
        open(folder);
        step("work out Seventh = Minutes / 7");
        eventually(() -> robot.lookup(".data-cell")
                .match(node -> ((Labeled) node).getText().startsWith("1.7142…"))
                .tryQuery()
                .isPresent());
        Labeled cell = robot.lookup(".data-cell")
                .match(node -> ((Labeled) node).getText().startsWith("1.7142…"))
                .query();
        robot.moveTo(cell);
        eventually(() -> onWindow(
                () -> cell.getTooltip() != null && cell.getTooltip().getText().equals("1.71428571428571")));
        robot.clickOn(cell);
        press(KeyCode.CONTROL, KeyCode.C);
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString())).isEqualTo("1.71428571428571\n");
        // Whole numbers among them stand as they are, and a row that is gone has no tip to be told.
        step("keep rows where Minutes = 45");
        eventually(() -> trodden().state().rows() == 1);
        robot.moveTo(cell).moveBy(0, 30).moveBy(0, 30);
        settle();
    }

    @Test
    void all_columns_are_ticked_and_copied_in_short_at_once(@TempDir Path folder) throws Exception {
        open(folder);
        press(KeyCode.CONTROL, KeyCode.DIGIT2);
        eventually(() -> isShown(window.scene().lookup("#tick-all")));
        assertThat(desk.tables().ticked().columns()).containsExactly(1);
        click("#tick-all");
        assertThat(desk.tables().ticked().columns()).isEmpty();
        click("#tick-all");
        assertThat(desk.tables().ticked().columns()).containsExactly(1);
        click("#columns-copy");
        List<String> lines = onWindow(() -> Clipboard.getSystemClipboard().getString())
                .lines()
                .toList();
        assertThat(lines).hasSize(4).first().asString().startsWith("Column\tUnit\tKind");
        // By hand: 203 of ten numbers, and n/a is another.
        assertThat(lines.get(2)).isEqualTo("Minutes\t\tnumbers\t10\t\t1\t10\t8\t20.3\t45");
    }

    @Test
    void what_the_steps_leave_is_searched_copied_and_chosen_for_the_next_step(@TempDir Path folder) throws Exception {
        open(folder);
        step("keep rows where Minutes > 14");
        step("work out Half = Minutes / 2");
        click("#table-find");
        robot.write("17", 0);
        press(KeyCode.ENTER);
        eventually(() -> words().contains("1 cell"));
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        eventually(() -> words().stream().anyMatch(word -> word.startsWith("3 cells · 2 numbers · sum 25.5")));
        press(KeyCode.CONTROL, KeyCode.C);
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString())).isEqualTo("17\tElm\t8.5\n");
        press(KeyCode.HOME);
        press(KeyCode.SHIFT, KeyCode.UP);
        eventually(() -> isShown(window.scene().lookup("#chosen-steps")));
        click("#chosen-steps");
        press(KeyCode.ENTER);
        eventually(() -> desk.trail().triedProperty().get() != null);
        assertThat(onWindow(() -> desk.trail().triedProperty().get().text()))
                .isEqualTo("keep rows where Item is one of (\"lamp\", \"radio\")");
    }

    @Test
    void steps_are_switched_off_moved_noted_rewritten_and_what_does_not_fit_waits(@TempDir Path folder)
            throws Exception {
        open(folder);
        step("work out half = Minutes / 2");
        step("keep rows where half > 10");
        step("leave out columns Item");
        assertThat(onWindow(() -> trodden().state().rows())).isEqualTo(3);
        click("#step-1");
        eventually(() -> trodden().looked() == 1);
        click("#step-turn");
        eventually(() -> trodden().walk().fault().isPresent());
        assertThat(words()).contains("There is no column “half”.", "waits");
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> trodden().walk().fault().isEmpty());
        click("#step-3");
        eventually(() -> trodden().looked() == 3);
        click("#step-up");
        eventually(() -> trodden().table().trail().steps().get(1).text().startsWith("leave out"));
        click("#step-note");
        robot.write("nobody asks for it", 0);
        press(KeyCode.ENTER);
        eventually(() -> trodden().table().trail().steps().get(1).note().equals("nobody asks for it"));
        click("#step-1");
        eventually(() -> trodden().looked() == 1);
        click("#step-edit");
        retype("work out half = Minutes / 4", KeyCode.ENTER);
        eventually(() -> trodden().table().trail().steps().get(0).text().endsWith("/ 4"));
        eventually(() -> trodden().walk().last().rows() == 1);
        click("#step-remove");
        eventually(() -> trodden().table().trail().steps().size() == 2);
    }

    @Test
    void a_step_that_fits_a_column_is_chosen(@TempDir Path folder) throws Exception {
        open(folder);
        click("#step-offers");
        press(KeyCode.ENTER);
        eventually(() -> desk.trail().triedProperty().get() != null);
        click("#step-field");
        press(KeyCode.ENTER);
        eventually(() -> trodden().looked() == 1);
        assertThat(onWindow(() -> trodden().table().trail().steps().get(0).text()))
                .isEqualTo("keep rows where Item = \"lamp\"");
        // The same columns with more rows again than the step had left.
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> trodden().table().trail().steps().isEmpty());
        robot.write("carry down Item", 0);
        eventually(() -> words().stream().anyMatch(word -> word.startsWith("Enter makes it: 11 rows")));
        eventually(() -> words().contains("11"));
    }

    @Test
    void samples_follow_the_steps_back_and_forth_and_over_a_file(@TempDir Path folder) throws Exception {
        open(folder);
        step("keep rows where Minutes > 14");
        robot.clickOn(robot.lookup(".prepared-head").lookup("Minutes").queryButton());
        robot.clickOn("put on the shelf as a sample that follows the steps");
        eventually(() -> desk.assignment().sheets().stream()
                .anyMatch(sheet -> sheet.link().orElse(null) instanceof Link.Made));
        String id = onWindow(() -> desk.assignment()
                .sheets()
                .get(desk.assignment().sheets().size() - 1)
                .id());
        Supplier<SampleSheet> made =
                () -> onWindow(() -> desk.assignment().sheet(id).orElseThrow());
        assertThat(made.get().size()).isEqualTo(7);
        step("rename Minutes to Time");
        step("work out Third = Time / 7");
        step("keep rows where Item = \"lamp\"");
        eventually(() -> made.get().size() == 4);
        assertThat(made.get().values().text(0)).isEqualTo("20");
        click("#step-2");
        eventually(() -> trodden().looked() == 2);
        click("#step-remove");
        eventually(() -> trodden().walk().fault().isPresent());
        assertThat(made.get().size()).as("the trail stops at its first step").isEqualTo(7);
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> made.get().size() == 4);
        click("#step-4");
        step("leave out columns Time");
        onWindow(() -> {
            desk.select(id);
            desk.looking().pageProperty().set(Page.ENTRIES);
            return null;
        });
        eventually(() -> words().stream().anyMatch(word -> word.contains("make no column “Minutes” now")));
        assertThat(made.get().size()).isEqualTo(4);
        press(KeyCode.CONTROL, KeyCode.Z);
        Path file = folder.resolve("following.promedio");
        Assignment now = onWindow(() -> desk.assignment());
        AssignmentFile.write(now, file);
        assertThat(AssignmentFile.read(file).sheets()).isEqualTo(now.sheets());
    }

    @Test
    void two_trails_are_compared_while_one_is_changed(@TempDir Path folder) throws Exception {
        open(folder);
        step("replace in Minutes: \"n/a\" with missing");
        step("keep rows where Minutes > 14");
        click("#trail-compare");
        robot.clickOn("these steps as they are now; then change them");
        eventually(() -> words().contains("These steps, and before"));
        step("keep rows where Item = \"lamp\"");
        eventually(() -> words().contains("only these:  keep rows where Item = \"lamp\""));
        // Of 16, 20, 30 and 31 that are left the mean is 24.25; of all above 14, seven, it was 174/7.
        assertThat(words()).contains("24.25", "24.86", "both:  keep rows where Minutes > 14");
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> !words().contains("24.25"));
        click("#contrast-close");
        eventually(() -> desk.contrast().shownProperty().get() == null);
    }

    @Test
    void all_words_are_shown_and_one_is_taken(@TempDir Path folder) throws Exception {
        open(folder);
        click("#step-lexicon");
        eventually(() -> words().contains("keep rows where Minutes > 15"));
        robot.clickOn("keep rows where Minutes > 15");
        eventually(() -> words().stream().anyMatch(word -> word.startsWith("Enter makes it: 6 rows")));
        press(KeyCode.ESCAPE);
        eventually(() -> desk.trail().triedProperty().get() == null);
    }

    @Test
    void the_steps_are_saved_walked_over_another_file_and_their_table_put_on_the_shelf(@TempDir Path folder)
            throws Exception {
        open(folder);
        step("keep rows where Minutes > 14");
        step("one row per Bench: n, mean of Minutes as mean");
        Path trail = folder.resolve("steps.trail");
        when(picker.toWriteTable(anyString(), any())).thenReturn(Optional.of(trail));
        click("#trail-save");
        eventually(() -> Files.exists(trail));
        assertThat(Trail.read(Files.readString(trail)).steps()).hasSize(2);
        Path may = Files.writeString(
                folder.resolve("may.csv"), LOG.replace("45", "10").replace("Bench", "Place"));
        when(picker.data()).thenReturn(Optional.of(may));
        click("#trail-run");
        eventually(() -> desk.assignment().tables().size() == 2
                && trodden() != null
                && trodden().walk().fault().isPresent());
        assertThat(words()).contains("There is no column “Bench”.");
        // Parted otherwise than the first file was, and yet the same columns.
        Path june = Files.writeString(folder.resolve("june.csv"), LOG.replace(',', ';'));
        when(picker.data()).thenReturn(Optional.of(june));
        onWindow(() -> {
            desk.select(desk.assignment().tables().get(0).id());
            return null;
        });
        eventually(() -> trodden() != null && trodden().walk().fault().isEmpty());
        click("#trail-run");
        eventually(() -> desk.assignment().tables().size() == 3
                && trodden() != null
                && trodden().table().name().equals("june")
                && trodden().walk().fault().isEmpty());
        onWindow(() -> {
            desk.select(desk.assignment().tables().get(0).id());
            return null;
        });
        eventually(() -> trodden() != null && trodden().walk().fault().isEmpty());
        click("#trail-to-shelf");
        eventually(() -> desk.assignment().tables().size() == 4 && trodden() != null);
        assertThat(onWindow(() -> desk.assignment().tables().get(3).all().row(0)))
                .hasSize(3)
                .startsWith("Elm");
    }
}
