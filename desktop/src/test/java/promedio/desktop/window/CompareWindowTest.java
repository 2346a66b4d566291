package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Edit;
import promedio.core.assignment.SampleSheet;
import promedio.core.data.Entries;
import promedio.core.picture.PictureKind;
import promedio.desktop.model.compare.Compared;
import promedio.desktop.model.desk.Page;

/** Samples side by side. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CompareWindowTest extends OpenWindow {
    private static Compared compared() {
        return desk.comparing().comparedProperty().get();
    }

    private void start() {
        demo("minutes", Page.MEASURES);
        click("#compare-samples");
        eventually(() -> compared() != null && compared().comparison().isPresent());
    }

    @Test
    void two_samples_of_one_unit_are_compared_with_one_press_and_others_taken_in() {
        start();
        assertThat(onWindow(() -> desk.comparing().chosen())).containsExactly("minutes", "waiting");
        click("#compare-waiting");
        click("#compare-kilograms");
        eventually(
                () -> compared().items().size() == 2 && compared().comparison().isPresent());
        assertThat(words()).anyMatch(word -> word.contains(" are in different units"));
        robot.press(KeyCode.CONTROL);
        click("#sample-ages");
        robot.release(KeyCode.CONTROL);
        eventually(() -> compared().items().size() == 3);
        for (PictureKind kind : new PictureKind[] {PictureKind.DOTS, PictureKind.HISTOGRAM}) {
            click("#compare-" + kind.id());
            eventually(() -> compared().sketch().wish().kind() == kind
                    && compared().sketch().picture().isPresent());
        }
        press(KeyCode.ESCAPE);
        eventually(() -> !desk.comparing().isOpen());
        assertThat(onWindow(() -> desk.selectedProperty().get())).isEqualTo("minutes");
    }

    @Test
    void the_table_goes_to_the_clipboard_and_to_csv(@TempDir Path folder) throws Exception {
        start();
        click("#compare-copy");
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString()))
                .startsWith("\tMinutes at the bench\tWaiting time\tdifference\tratio\n")
                .contains("Mean\t27.54\t18.42\t9.12\t1.50");
        Path file = folder.resolve("comparison.csv");
        when(picker.toWrite(anyString())).thenReturn(Optional.of(file));
        click("#compare-save");
        eventually(() -> Files.exists(file));
        assertThat(Files.readString(file)).contains("Mean,27.54,18.42,9.12,1.50");
    }

    @Test
    void a_value_is_left_out_to_see_and_what_comes_of_it_is_kept() {
        start();
        click("#compare-without");
        robot.write("75 121", 0);
        press(KeyCode.ENTER);
        eventually(() -> words().stream().anyMatch(word -> word.startsWith("121 is not among the values")));
        retype("75 120", KeyCode.ENTER);
        eventually(
                () -> compared().items().size() == 3 && compared().comparison().isPresent());
        assertThat(onWindow(() -> compared().items().get(1).name())).isEqualTo("what if: Minutes at the bench");
        // By hand: 661 − 195 over 22.
        assertThat(words()).contains("21.18");
        click("#compare-what-if-keep");
        eventually(() -> desk.assignment().sheets().size() == 6);
        eventually(() ->
                compared().items().size() == 3 && !compared().items().get(1).tried());
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.assignment().sheets()).hasSize(5);
    }

    @Test
    void nothing_covered_is_told() {
        start();
        onWindow(() -> {
            desk.margin().coverFigures(true);
            return null;
        });
        eventually(() -> compared().sketch().why().isPresent());
        assertThat(words()).contains("covered").noneMatch(word -> word.contains("most consistent"));
        onWindow(() -> {
            desk.undo();
            return null;
        });
        eventually(() -> compared().sketch().picture().isPresent());
    }

    @Test
    void rows_of_two_lists_are_ranked_on_one_scale_and_their_place_is_explained() {
        demo("minutes", Page.MEASURES);
        onWindow(() -> {
            SampleSheet points = SampleSheet.list("a", "Points", "", Entries.of("2", "4", "6"));
            SampleSheet time = SampleSheet.list("b", "Time", "min", Entries.of("7", "10", "13"));
            desk.make(new Edit.AddSheet(0, points));
            desk.make(new Edit.AddSheet(1, time));
            desk.comparing().compare("a", "b");
            return null;
        });
        click("#compare-on-scale");
        eventually(() ->
                words().stream().anyMatch(word -> word.startsWith("Row 3 stands highest over all: mean score 1.00")));
        click("#compare-good-b");
        press(KeyCode.DOWN, KeyCode.ENTER);
        eventually(() -> words().stream().anyMatch(word -> word.startsWith("3 rows stand highest over all")));
        onWindow(() -> {
            desk.comparing().lowIsGood("a", true);
            return null;
        });
        eventually(() -> words().contains("Row 3: mean score −1.00, rank 3 of 3."));
        assertThat(words()).contains("Points: (6 − 4) / 2 = 1.00; low is good, so it counts −1.00.");
        click("#compare-copy");
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString()))
                .isEqualTo(
                        """
                        row\tz of Points\tz of Time\tmean\trank
                        Row 1\t−1.00\t−1.00\t1.00\t1
                        Row 2\t0.00\t0.00\t0.00\t2
                        Row 3\t1.00\t1.00\t−1.00\t3
                        """);
        click("#compare-as-measured");
        eventually(() -> compared().comparison().isPresent());
    }
}
