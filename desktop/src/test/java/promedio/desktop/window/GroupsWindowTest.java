package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.service.query.NodeQuery;
import promedio.core.assignment.Link;
import promedio.desktop.model.desk.Page;

/** Measures by groups, and steps made by hand: bands cut on the histogram, values replaced in their list. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class GroupsWindowTest extends LogWindow {
    @TempDir
    Path folder;

    @BeforeEach
    void openLog() throws Exception {
        open(folder);
    }

    private List<String> steps() {
        return trodden().table().trail().steps().stream()
                .map(line -> line.text())
                .toList();
    }

    private String sentence() {
        return onWindow(() -> desk.breakdowns().shownProperty().get().asked().sentence());
    }

    /** A word of the sentence, by its place among those that are alike. */
    private Node word(String text, int which) {
        return robot
                .lookup(".groups-word")
                .match(node -> ((Labeled) node).getText().equals(text))
                .queryAll()
                .stream()
                .toList()
                .get(which);
    }

    /** An item of the menu that is open. */
    private void take(String item) {
        NodeQuery found = robot.lookup(".context-menu .label")
                .match(node -> ((Labeled) node).getText().equals(item));
        eventually(() -> found.tryQuery().isPresent());
        robot.clickOn(found.<Node>query());
    }

    @Test
    void the_words_of_the_sentence_are_pressed_dragged_and_typed_and_a_figure_opens_its_working() {
        press(KeyCode.CONTROL, KeyCode.DIGIT5);
        eventually(() -> desk.breakdowns().shownProperty().get() != null);
        assertThat(sentence()).isEqualTo("one row per Item: n, mean of Minutes, sd of Minutes");
        robot.clickOn("#groups-more-by");
        take("Bench");
        eventually(() -> sentence().equals("one row per Item, Bench: n, mean of Minutes, sd of Minutes"));
        assertThat(words())
                .anyMatch(word -> word.endsWith("3 groups have fewer than 5 rows: their measures say little."));
        robot.clickOn(word("sd", 0));
        take("median");
        eventually(() -> sentence().endsWith(": n, mean of Minutes, median of Minutes"));
        // What stands together is dragged together, to another place among its like.
        robot.drag(word("median", 0), MouseButton.PRIMARY).dropTo(word("mean", 0));
        eventually(() -> sentence().endsWith(": n, median of Minutes, mean of Minutes"));
        robot.clickOn(word("Bench", 0));
        take("Item");
        eventually(() -> sentence().startsWith("one row per Bench, Item:"));
        press(KeyCode.ESCAPE);
        robot.clickOn("#groups-type");
        retype("one row per Item, Bench: n, root(Minutes)", KeyCode.ENTER);
        eventually(() -> words().stream().anyMatch(word -> word.startsWith("Here a measure of a column can stand")));
        retype("one row per Item, Bench: n, mean of minutes, quartile 1 of Minutes", KeyCode.ENTER);
        eventually(() -> sentence().equals("one row per Item, Bench: n, mean of Minutes, quartile 1 of Minutes"));
        onWindow(() -> {
            word("quartile 1", 0).requestFocus();
            return null;
        });
        press(KeyCode.DELETE);
        eventually(() -> sentence().equals("one row per Item, Bench: n, mean of Minutes"));
        robot.clickOn(robot.lookup(".groups-head")
                .match(node -> ((Labeled) node).getText().equals("mean of Minutes"))
                .queryButton());
        eventually(() -> words().contains("mean of Minutes ↓"));
        assertThat(words()).contains("in order of mean of Minutes, the largest first");
        // The largest mean is that of the one lamp at Elm, then radios at Elm.
        assertThat(robot.lookup("#groups-figure").queryAllAs(Labeled.class).stream()
                        .limit(1)
                        .map(Labeled::getText))
                .containsExactly("31.00");
        robot.clickOn(robot.lookup("#groups-figure")
                .match(node -> ((Labeled) node).getText().equals("21.50"))
                .<Node>query());
        eventually(() -> desk.looking().opened().contains("mean")
                && desk.looking().pageProperty().get() == Page.MEASURES);
        assertThat(desk.sheet().orElseThrow().values().size()).isEqualTo(4);
        assertThat(desk.sheet().orElseThrow().link().orElseThrow())
                .isEqualTo(new Link.Made(
                        desk.assignment().tables().get(0).id(),
                        "Minutes",
                        List.of(new Link.Among("Item", "radio"), new Link.Among("Bench", "Elm"))));
    }

    @Test
    void groups_become_steps_and_a_table_that_says_where_it_comes_from() {
        press(KeyCode.CONTROL, KeyCode.DIGIT5);
        eventually(() -> desk.breakdowns().shownProperty().get() != null);
        click("#groups-to-shelf");
        eventually(() -> desk.assignment().tables().size() == 2 && trodden() != null);
        press(KeyCode.CONTROL, KeyCode.DIGIT1);
        eventually(() -> words().stream()
                .anyMatch(word -> word.startsWith("Made from “log” by:") && word.contains("one row per Item")));
        onWindow(() -> {
            desk.select(desk.assignment().tables().get(0).id());
            return null;
        });
        press(KeyCode.CONTROL, KeyCode.DIGIT5);
        eventually(() -> desk.breakdowns().shownProperty().get() != null);
        click("#groups-to-trail");
        eventually(() -> steps().equals(List.of("one row per Item: n, mean of Minutes, sd of Minutes")));
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> steps().isEmpty());
    }

    /** Opens the menu of a column of the rows as they were read, and in it what is done with its values. */
    private void tool(int column, String words) {
        robot.clickOn("#column-" + column);
        eventually(() -> !robot.lookup("#column-steps").queryAll().isEmpty());
        robot.clickOn("#column-steps");
        eventually(() -> robot.lookup(words).tryQuery().isPresent());
        robot.clickOn(words);
    }

    @Test
    void bands_are_cut_by_hand_and_values_replaced_in_their_list() {
        tool(1, "cut bands of it …");
        eventually(() -> words().contains("Bands of “Minutes”"));
        TextField field = robot.lookup("#step-field").queryAs(TextField.class);
        assertThat(field.getText())
                .isEqualTo("sort into bands Minutes as 'Minutes band': under 20, 20 to under 33, 33 and over");
        robot.clickOn("#bands-edge-0");
        press(KeyCode.LEFT);
        eventually(() -> field.getText().contains("under 19,"));
        robot.clickOn("#bands-label-0");
        robot.write("short", 0);
        eventually(() -> field.getText().contains("under 19 \"short\""));
        assertThat(words()).contains("n = 6");
        press(KeyCode.ENTER);
        eventually(() -> steps().size() == 1 && trodden().looked() == 1);
        assertThat(robot.lookup("#bands-pane").tryQuery()).isEmpty();
        onWindow(() -> {
            desk.trail().look(0);
            return null;
        });
        eventually(() -> trodden().looked() == 0);
        tool(1, "replace its values …");
        eventually(() -> words().contains("The values of “Minutes”"));
        click("#values-missing-0");
        eventually(() -> field.getText().equals("replace in Minutes: \"n/a\" with missing"));
        robot.clickOn("#values-field-0");
        press(KeyCode.ENTER);
        eventually(() -> steps().size() == 2 && steps().get(0).startsWith("replace in Minutes"));
    }
}
