package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.when;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.number.Exact;
import promedio.core.picture.Content;
import promedio.core.picture.PictureKind;
import promedio.core.tabulate.Tabulation;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.picture.Sketch;
import promedio.desktop.picture.PicturePane;
import promedio.files.picture.Placed;

/** The page Picture: kinds, what is pointed at, edges dragged, words written on it, and the ways out. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PictureWindowTest extends OpenWindow {
    private static Sketch sketch() {
        return desk.drawings().sketchProperty().get();
    }

    private void open(String sheet) {
        demo(sheet, Page.PICTURE);
        eventually(() -> sketch() != null
                && sketch().picture().isPresent()
                && sketch().item().equals(sheet));
    }

    private void kind(PictureKind kind) {
        click("#picture-" + kind.id());
        eventually(() -> sketch().wish().kind() == kind);
    }

    private static String sentence() {
        return onWindow(() -> ((Label) window.scene().lookup("#picture-sentence")).getText());
    }

    /** A place on the screen, in shares of the picture. */
    private static Point2D at(double across, double down) {
        return onWindow(() -> {
            Node picture = window.scene().lookup("#picture");
            Bounds bounds = picture.localToScreen(picture.getLayoutBounds());
            return new Point2D(
                    bounds.getMinX() + across * bounds.getWidth(), bounds.getMinY() + down * bounds.getHeight());
        });
    }

    @Test
    void every_picture_is_one_click_and_says_what_is_pointed_at() {
        open("minutes");
        assertThat(sentence()).startsWith("Skewed to the right");
        for (PictureKind kind : onWindow(() -> sketch().kinds())) {
            kind(kind);
            assertThat(onWindow(() -> sketch().picture())).as(kind.id()).isPresent();
        }
        kind(PictureKind.HISTOGRAM);
        robot.moveTo(at(0.15, 0.7));
        eventually(() -> sentence().equals("13 of 24 values lie in 0 to under 20."));
        assertThat(onWindow(() -> desk.looking().spanProperty().get().to())).isEqualTo(Exact.of(20));
        onWindow(() -> {
            window.scene().lookup("#picture").requestFocus();
            return null;
        });
        press(KeyCode.RIGHT);
        eventually(() -> sentence().equals("7 of 24 values lie in 20 to under 40."));
        kind(PictureKind.BOXES);
        onWindow(() -> {
            window.scene().lookup("#picture").requestFocus();
            return null;
        });
        press(KeyCode.RIGHT);
        eventually(() -> sentence()
                .contains(
                        "The upper whisker ends at 55, the last value inside the fence 55.25; 75, 120 are beyond it."));
    }

    @Test
    void an_edge_is_dragged_and_the_page_classes_has_the_same_classes() {
        open("minutes");
        Optional<Tabulation> before = onWindow(() -> desk.sheet().orElseThrow().tabulation());
        Point2D edge = onWindow(() -> {
            Node grip = window.scene().getRoot().lookupAll(".picture-grip").stream()
                    .skip(1)
                    .findFirst()
                    .orElseThrow();
            Bounds bounds = grip.localToScreen(grip.getLayoutBounds());
            return new Point2D(bounds.getCenterX(), bounds.getCenterY());
        });
        robot.moveTo(edge)
                .press(MouseButton.PRIMARY)
                .moveBy(20, 0)
                .moveBy(16, 0)
                .release(MouseButton.PRIMARY);
        eventually(() -> !desk.sheet().orElseThrow().tabulation().equals(before));
        Tabulation classes =
                onWindow(() -> desk.sheet().orElseThrow().tabulation().orElseThrow());
        assertThat(classes.edges().get(1).compareTo(Exact.of(20))).isPositive();
        eventually(() -> sketch().picture().orElseThrow().content() instanceof Content.Classes bars
                && bars.height() == Content.Height.DENSITY);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(onWindow(() -> desk.sheet().orElseThrow().tabulation())).isEqualTo(before);
    }

    @Test
    void a_dot_is_dragged_and_its_value_with_it_and_escape_puts_it_back() {
        open("minutes");
        kind(PictureKind.DOTS);
        String largest = "120";
        Point2D dot = onWindow(() -> {
            PicturePane pane = (PicturePane) window.scene().lookup("#picture");
            Point2D place = pane.dot(Exact.of(120)).orElseThrow();
            return pane.localToScreen(place);
        });
        assertThat(entries()).contains(largest);
        robot.moveTo(dot).press(MouseButton.PRIMARY).moveBy(-30, 0).moveBy(-30, 0);
        eventually(() -> words().stream().anyMatch(word -> word.startsWith("120 is now ")));
        press(KeyCode.ESCAPE);
        robot.release(MouseButton.PRIMARY);
        settle();
        assertThat(entries()).contains(largest);
        robot.moveTo(dot)
                .press(MouseButton.PRIMARY)
                .moveBy(-30, 0)
                .moveBy(-30, 0)
                .release(MouseButton.PRIMARY);
        eventually(() -> !entries().contains(largest));
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(entries()).contains(largest);
    }

    private static List<String> entries() {
        return onWindow(() -> IntStream.range(0, desk.sheet().orElseThrow().size())
                .mapToObj(row -> desk.sheet().orElseThrow().values().text(row))
                .toList());
    }

    @Test
    void words_are_written_where_they_stand_and_a_wrong_end_is_told_and_kept() {
        open("minutes");
        robot.clickOn(at(0.2, 0.03));
        retype("How long a repair takes", KeyCode.ENTER);
        eventually(() -> sketch().picture().orElseThrow().title().equals("How long a repair takes"));
        kind(PictureKind.BOXES);
        assertThat(onWindow(() -> sketch().picture().orElseThrow().title())).startsWith("Box plot");
        click("#picture-bands");
        retype("short; usual to 60", KeyCode.ENTER);
        assertThat(sentence()).contains("“short” is not");
        retype("short to 20; usual to 60; long", KeyCode.ENTER);
        eventually(() -> sketch().wish().settings().size() == 1);
        press(KeyCode.CONTROL, KeyCode.Z);
        press(KeyCode.CONTROL, KeyCode.Z);
        kind(PictureKind.HISTOGRAM);
        assertThat(onWindow(() -> sketch().picture().orElseThrow().title())).startsWith("Histogram");
    }

    @Test
    void a_list_of_words_has_bars() {
        onWindow(() -> {
            desk.intake().type("lamp\nradio\nlamp\nbicycle\n");
            return null;
        });
        settle();
        press(KeyCode.CONTROL, KeyCode.DIGIT4);
        eventually(() -> sketch() != null && sketch().picture().isPresent());
        assertThat(onWindow(() -> sketch().picture().orElseThrow().content()))
                .isInstanceOfSatisfying(Content.Bars.class, bars -> assertThat(bars.bars())
                        .extracting(bar -> bar.category() + " " + bar.frequency())
                        .containsExactly("lamp 2", "radio 1", "bicycle 1"));
        Point2D names = onWindow(() -> {
            PicturePane pane = (PicturePane) window.scene().lookup("#picture");
            Rectangle2D area = pane.place(Placed.Spot.NAMES).orElseThrow();
            return pane.localToScreen(area.getMinX() + area.getWidth() / 2, area.getMinY() + 6);
        });
        robot.clickOn(names);
        retype("lamp = Lamps; radio = Lamps", KeyCode.ENTER);
        assertThat(sentence()).isEqualTo("Two groups cannot both be called Lamps.");
        retype("lamp = Lamps; radio = Radios", KeyCode.ENTER);
        eventually(() -> sketch().picture().orElseThrow().content() instanceof Content.Bars bars
                && bars.bars().get(1).category().equals("Radios"));
    }

    @Test
    void a_box_plot_tells_nothing_that_is_covered() {
        open("kilograms");
        onWindow(() -> {
            desk.margin().coverFigures(true);
            return null;
        });
        click("#picture-boxes");
        eventually(() -> sketch().why().isPresent());
        assertThat(words()).anyMatch(word -> word.contains("covered until you have written your own"));
    }

    @Test
    void pictures_go_to_files_and_to_the_clipboard(@TempDir Path folder) {
        open("waiting");
        Path file = folder.resolve("waiting.svg");
        when(picker.toWritePicture(anyString())).thenReturn(Optional.of(file));
        click("#picture-save");
        eventually(() -> Files.exists(file));
        click("#picture-copy");
        eventually(() -> Clipboard.getSystemClipboard().hasImage());
        assertThat(onWindow(() -> StandardCharsets.UTF_8
                        .decode((ByteBuffer)
                                Clipboard.getSystemClipboard().getContent(DataFormat.lookupMimeType("image/svg+xml")))
                        .toString()))
                .startsWith("<?xml")
                .contains("<title");
        click("#picture-copy-table");
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString())).startsWith("from – to\tf\th\t");
    }

    @Test
    void columns_of_a_table_are_drawn_in_groups_and_against_each_other(@TempDir Path folder) throws Exception {
        Path file = Files.writeString(
                folder.resolve("repairs.csv"),
                "Item,Minutes,Age\n" + "lamp,12,3\nradio,17,9\nlamp,20,4\nradio,9,2\nlamp,8,1\n".repeat(4)
                        + "lamp,41,1O\n");
        openTable(file);
        settle();
        press(KeyCode.CONTROL, KeyCode.DIGIT4);
        eventually(() -> sketch() != null && sketch().picture().isPresent());
        click("#picture-by");
        // The last but one: the ages stand there again and again, too.
        press(KeyCode.UP);
        press(KeyCode.UP);
        press(KeyCode.ENTER);
        eventually(() -> sketch().wish().kind() == PictureKind.BOXES);
        click("#picture-against");
        press(KeyCode.UP);
        press(KeyCode.ENTER);
        eventually(() -> sketch().wish().kind() == PictureKind.SCATTER);
        assertThat(onWindow(() -> sketch().picture().orElseThrow().series())).contains("lamp", "radio");
        assertThat(onWindow(() -> sketch().says()))
                .extracting(Object::toString)
                .contains("Left out of “Age” is what is not a number: “1O”.");
    }
}
