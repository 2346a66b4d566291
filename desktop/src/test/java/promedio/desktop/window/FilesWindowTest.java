package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Background;
import promedio.desktop.model.reading.LeftBehind;
import promedio.files.assignment.Journal;

/** The real window on one shared stage, driven by mouse and keyboard as a student does. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FilesWindowTest extends OpenWindow {
    @Test
    void an_assignment_is_saved_and_found_again(@TempDir Path folder) {
        Path file = folder.resolve("mine.promedio");
        when(picker.toSave(anyString())).thenReturn(Optional.of(file));
        when(picker.toOpen()).thenReturn(Optional.of(file));
        type("3 4 8");
        click("#page-MEASURES");
        click("#answer-mean");
        robot.write("5", 0);
        press(KeyCode.CONTROL, KeyCode.S);
        assertThat(words()).contains("Saved as “mine.promedio”.");
        assertThat(desk.saving().unsavedProperty().get()).isFalse();
        press(KeyCode.CONTROL, KeyCode.N);
        assertThat(desk.assignment()).isEqualTo(Assignment.EMPTY);
        verify(picker, never()).unsaved(anyString());
        press(KeyCode.CONTROL, KeyCode.O);
        assertThat(desk.margin().answer("mean")).isEqualTo("5");
        assertThat(wordBeside("mean")).isEqualTo("agrees");
    }

    @Test
    void how_a_paste_was_read_and_its_other_readings_are_kept_with_it(@TempDir Path folder) {
        Path file = folder.resolve("mine.promedio");
        when(picker.toSave(anyString())).thenReturn(Optional.of(file));
        when(picker.toOpen()).thenReturn(Optional.of(file));
        String paste = "x\tTally\tf\tfx\n2\tIII\t3\t6\n5\tI\t1\t5\n9\tII\t2\t18\n";
        onWindow(() -> {
            desk.intake().type(paste);
            return null;
        });
        eventually(() -> words().stream().anyMatch(word -> word.contains("left out") || word.contains("Left out")));
        List<String> read =
                words().stream().filter(word -> word.startsWith("Read as")).toList();
        assertThat(read).isNotEmpty();
        press(KeyCode.CONTROL, KeyCode.S);
        press(KeyCode.CONTROL, KeyCode.N);
        press(KeyCode.CONTROL, KeyCode.O);
        eventually(() -> !desk.assignment().sheets().isEmpty());
        press(KeyCode.CONTROL, KeyCode.DIGIT1);
        eventually(() -> words().containsAll(read));
        assertThat(onWindow(() -> desk.sheet().orElseThrow().pasted())).hasValue(paste);
        int width = onWindow(() -> desk.sheet().orElseThrow().columns().size());
        click("#read-as-1");
        eventually(() -> desk.assignment().sheets().size() != 1
                || desk.sheet().orElseThrow().columns().size() != width);
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> words().containsAll(read));
    }

    @Test
    void unsaved_changes_are_asked_about_before_they_are_left() {
        when(picker.unsaved(anyString())).thenReturn(FilePicker.Unsaved.STAY).thenReturn(FilePicker.Unsaved.LEAVE);
        type("3 4 8");
        press(KeyCode.CONTROL, KeyCode.N);
        assertThat(desk.assignment().sheets()).as("stayed").hasSize(1);
        press(KeyCode.CONTROL, KeyCode.N);
        assertThat(desk.assignment().sheets()).as("left").isEmpty();
    }

    @Test
    void the_window_goes_only_when_what_was_unsaved_is_saved_or_left(@TempDir Path folder) {
        List<String> gone = new ArrayList<>();
        when(picker.unsaved(anyString())).thenReturn(FilePicker.Unsaved.STAY).thenReturn(FilePicker.Unsaved.SAVE);
        when(picker.toSave(anyString()))
                .thenReturn(Optional.empty())
                .thenReturn(Optional.of(folder.resolve("last.promedio")));
        type("3 4 8");
        leave(gone);
        assertThat(gone).as("stayed").isEmpty();
        leave(gone);
        assertThat(gone).as("no place was chosen to save to").isEmpty();
        leave(gone);
        assertThat(gone).containsExactly("gone");
        assertThat(folder.resolve("last.promedio")).exists();
    }

    private static void leave(List<String> gone) {
        onWindow(() -> {
            window.leave(() -> gone.add("gone"));
            return null;
        });
        settle();
    }

    @Test
    void a_paste_shown_as_a_table_lies_over_its_samples_until_it_is_left() {
        onWindow(() -> {
            desk.intake().type("lamps\tclocks\n12\t7\n15\t9\n18\t10\n");
            return null;
        });
        settle();
        assertThat(words()).contains("Measures", "3 values count");
        click("#read-as-table");
        // Nothing of the sample can be pressed behind the page that lies over it.
        eventually(() -> !isShown(window.scene().lookup("#line")));
        assertThat(words()).contains("3 rows × 2 columns").doesNotContain("Measures", "3 values count");
        press(KeyCode.ESCAPE);
        eventually(() -> isShown(window.scene().lookup("#line")));
        assertThat(words()).contains("Measures", "3 values count");
    }

    @Test
    void a_file_of_several_columns_shows_how_it_is_read_and_enter_takes_them(@TempDir Path folder) throws Exception {
        Path file = Files.writeString(folder.resolve("log.csv"), "lamps,clocks\n12,7\n15,n/a\n");
        when(picker.toOpen()).thenReturn(Optional.of(file));
        type("1 2");
        press(KeyCode.CONTROL, KeyCode.O);
        assertThat(words()).contains("log.csv", "2 rows × 2 columns", "Keep the table and take 1 column as a sample");
        press(KeyCode.ESCAPE);
        assertThat(desk.assignment().sheets()).hasSize(1);
        press(KeyCode.CONTROL, KeyCode.O);
        click("it means missing");
        assertThat(words()).contains("n/a in “clocks” ×", "Keep the table and take 2 columns as samples");
        press(KeyCode.ENTER);
        // The file is read once more with the code, and taken when all of it is there.
        eventually(() -> desk.assignment().sheets().size() == 3);
        assertThat(desk.assignment().sheets())
                .extracting(sheet -> sheet.name() + sheet.values() + sheet.missingCodes())
                .containsExactly("Sample 1[1, 2][]", "lamps[12, 15][]", "clocks[7, n/a][n/a]");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.assignment().sheets()).hasSize(1);
        verify(picker, never()).unsaved(anyString());
        when(picker.toOpen()).thenReturn(Optional.of(folder.resolve("gone.csv")));
        press(KeyCode.CONTROL, KeyCode.O);
        assertThat(words()).anyMatch(text -> text.endsWith("there is no such file."));
    }

    @Test
    void a_file_that_cannot_be_read_as_it_shows_itself_is_read_as_somebody_says(@TempDir Path folder) throws Exception {
        Path file = Files.writeString(folder.resolve("log.csv"), "a;b\n1,5;2,5\n3,5;4,5;5,5\n");
        when(picker.toOpen()).thenReturn(Optional.of(file));
        press(KeyCode.CONTROL, KeyCode.O);
        assertThat(words()).anyMatch(text -> text.contains("it has 3 cells, but the heading has 2"));
        onWindow(() -> {
            desk.intake().page().say(said -> said.withHeading(Optional.of(false)));
            return null;
        });
        settle();
        assertThat(words()).contains("3 rows × 3 columns");
    }

    @Test
    void a_file_that_somebody_else_has_changed_is_not_written_over_unasked(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("mine.promedio");
        when(picker.toSave(anyString())).thenReturn(Optional.of(file));
        type("1 2");
        press(KeyCode.CONTROL, KeyCode.S);
        Files.writeString(file, "something else, and longer than an assignment".repeat(50));
        when(picker.changedElsewhere("mine.promedio")).thenReturn(FilePicker.Changed.STAY);
        type("3");
        press(KeyCode.CONTROL, KeyCode.S);
        assertThat(Files.readString(file)).startsWith("something else");
        assertThat(words()).anyMatch(text -> text.contains("was changed by another program"));
        Path elsewhere = folder.resolve("elsewhere.promedio");
        when(picker.changedElsewhere("mine.promedio")).thenReturn(FilePicker.Changed.ELSEWHERE);
        when(picker.toSave(anyString())).thenReturn(Optional.of(elsewhere));
        press(KeyCode.CONTROL, KeyCode.S);
        assertThat(elsewhere).exists();
        assertThat(Files.readString(file)).startsWith("something else");
    }

    @Test
    void assignments_last_used_are_offered_on_the_empty_paper(@TempDir Path folder) {
        Path file = folder.resolve("sheet four.promedio");
        when(picker.toSave(anyString())).thenReturn(Optional.of(file));
        onWindow(() -> {
            window.setRecents(Recents.none());
            return null;
        });
        type("1 2 9");
        press(KeyCode.CONTROL, KeyCode.S);
        press(KeyCode.CONTROL, KeyCode.N);
        click("sheet four.promedio");
        assertThat(desk.sheet().orElseThrow().values().texts()).containsExactly("1", "2", "9");
    }

    @Test
    void samples_are_written_side_by_side_as_csv(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("out.csv");
        when(picker.toWrite(anyString())).thenReturn(Optional.of(file));
        onWindow(() -> {
            desk.intake().type("lamps\tclocks\n1.50\t2\n3\tn/a, yet");
            return null;
        });
        press(KeyCode.CONTROL, KeyCode.E);
        assertThat(Files.readString(file)).isEqualTo("lamps,clocks\r\n1.50,2\r\n3,\"n/a, yet\"\r\n");
    }

    @Test
    void what_was_left_unsaved_is_brought_back_by_one_click(@TempDir Path folder) throws Exception {
        DeskModel ended = new DeskModel(Background.DIRECT, Background.DIRECT, Journal.in(folder));
        ended.intake().type("4 5 6");
        // The journal of a desk that is alive is left alone, so what a kill would leave is a copy of it.
        Path lost = Files.createDirectory(folder.resolve("lost")).resolve("copy.journal");
        try (Stream<Path> files = Files.list(folder)) {
            Files.copy(files.filter(Files::isRegularFile).findFirst().orElseThrow(), lost);
        }
        List<Journal.Kept> left = Journal.leftIn(lost.getParent());
        onWindow(() -> {
            window.offer(LeftBehind.of(left));
            return null;
        });
        // Something is on the desk by now that is not saved: it is asked what becomes of it.
        onWindow(() -> {
            desk.margin().coverFigures(true);
            return null;
        });
        when(picker.unsaved(anyString())).thenReturn(FilePicker.Unsaved.STAY);
        click("#bring-back");
        assertThat(desk.assignment().asking().covered()).as("left alone").isTrue();
        when(picker.unsaved(anyString())).thenReturn(FilePicker.Unsaved.LEAVE);
        click("#bring-back");
        assertThat(desk.sheet().orElseThrow().values().texts()).containsExactly("4", "5", "6");
        assertThat(lost)
                .as("this desk keeps no journal of its own, so the old one stays")
                .exists();
        ended.end(() -> {});
    }
}
