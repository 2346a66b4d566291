package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.SampleSheet;
import promedio.core.sample.SampleKind;
import promedio.desktop.model.desk.Page;

/** Pairs on the shelf: the cross-hair in the place of the Line, their entries, measures and picture. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PairsWindowTest extends LogWindow {
    private static SampleSheet pairs() {
        return desk.sheet().orElseThrow();
    }

    private void typePoints() {
        type("(1, 2), (2, 3), (3, 5), (4, 4), (6, 9), (7, 7)");
        eventually(() ->
                desk.sheet().filter(sheet -> sheet.kind() == SampleKind.PAIRS).isPresent());
        settle();
    }

    private static void onCross() {
        onWindow(() -> {
            window.scene().lookup("#cross").requestFocus();
            return null;
        });
    }

    @Test
    void points_are_typed_and_their_measures_follow_a_point_that_is_moved_by_key() {
        typePoints();
        assertThat(figure("slope")).isEqualTo("1.01");
        assertThat(figure("correlation-pearson")).isEqualTo("0.89");
        onCross();
        press(KeyCode.RIGHT);
        assertThat(desk.looking().litEntryProperty().get()).isZero();
        press(KeyCode.ALT, KeyCode.UP);
        assertThat(figure("mean/y")).isEqualTo("5.17");
        press(KeyCode.ESCAPE);
        assertThat(figure("mean/y")).isEqualTo("5.00");
        press(KeyCode.ALT, KeyCode.UP);
        press(KeyCode.ALT, KeyCode.LEFT);
        press(KeyCode.ENTER);
        assertThat(pairs().columns().get(0).text(0)).isEqualTo("0");
        assertThat(pairs().columns().get(1).text(0)).isEqualTo("3");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(pairs().columns().get(1).text(0)).as("both are one edit").isEqualTo("2");
        onCross();
        press(KeyCode.SPACE);
        assertThat(pairs().off()).containsExactly(0);
        assertThat(figure("sum/x")).isEqualTo("22.00");
    }

    @Test
    void a_point_is_dragged_and_one_is_added_for_a_moment() {
        typePoints();
        Node cross = onWindow(() -> window.scene().lookup("#cross"));
        var at = lying(() -> cross);
        double em = 13;
        // x from 0.7 to 7.3 and y from 1.65 to 9.35, with a twentieth of room at each end.
        double left = at.getMinX() + 4.2 * em;
        double width = at.getWidth() - (4.2 + 13) * em;
        double bottom = at.getMaxY() - 2.9 * em;
        double height = at.getHeight() - (2.9 + 1.5) * em;
        robot.moveTo(left + (4 - 0.7) / 6.6 * width, bottom - (4 - 1.65) / 7.7 * height);
        settle();
        assertThat(desk.looking().litEntryProperty().get()).isEqualTo(3);
        robot.press(MouseButton.PRIMARY);
        robot.moveBy(width / 6.6, 0);
        robot.moveBy(0, -height / 7.7);
        settle();
        assertThat(figure("sum/xy")).as("5·5 in place of 4·4").isEqualTo("151.00");
        assertThat(pairs().columns().get(0).text(3))
                .as("nothing is changed yet")
                .isEqualTo("4");
        robot.release(MouseButton.PRIMARY);
        settle();
        assertThat(pairs().columns().get(0).text(3)).isEqualTo("5");
        robot.moveTo(left + (2 - 0.7) / 6.6 * width, bottom - (8 - 1.65) / 7.7 * height);
        robot.doubleClickOn(MouseButton.PRIMARY);
        settle();
        assertThat(words()).anyMatch(word -> word.startsWith("What if (2; 8) were there too"));
        click("#what-if-keep");
        assertThat(pairs().size()).isEqualTo(7);
    }

    @Test
    void they_are_called_turned_round_and_taken_apart() {
        typePoints();
        click("#page-ENTRIES");
        click("#variable-x");
        retype("Hours", KeyCode.TAB);
        retype("h", KeyCode.TAB);
        retype("Score", KeyCode.ENTER);
        assertThat(pairs().variables()).contains(new SampleSheet.Variables("Hours", "Score", ""));
        assertThat(pairs().unit()).isEqualTo("h");
        click("#variables-swap");
        assertThat(pairs().variables()).contains(new SampleSheet.Variables("Score", "Hours", "h"));
        assertThat(pairs().values().texts()).containsExactly("2", "3", "5", "4", "9", "7");
        assertThat(figure("slope")).isEqualTo("0.79");
        click("#variables-y");
        assertThat(onWindow(() -> desk.assignment().sheets())).hasSize(2);
        SampleSheet alone = desk.assignment().sheets().get(1);
        assertThat(List.of(alone.name(), alone.unit())).containsExactly("Hours", "h");
        click("#add-field");
        robot.write("8 8", 0);
        press(KeyCode.ENTER);
        assertThat(pairs().size()).isEqualTo(7);
        robot.write("8", 0);
        press(KeyCode.ENTER);
        assertThat(pairs().size()).as("a pair takes two").isEqualTo(7);
        assertThat(words()).anyMatch(word -> word.startsWith("Pairs take two numbers each"));
        onWindow(() -> {
            desk.intake().type("3\n4\n5\n6");
            return null;
        });
        eventually(() -> desk.assignment().sheets().size() == 3);
        assertThat(pairs().kind())
                .as("a column of numbers is a list of its own")
                .isEqualTo(SampleKind.VALUES);
    }

    @Test
    void measures_are_worked_answered_and_covered_and_a_point_of_the_line_is_asked_for() {
        typePoints();
        press(KeyCode.CONTROL, KeyCode.DIGIT2);
        click("#ask-fitted");
        robot.write("5", 0);
        press(KeyCode.ENTER);
        eventually(() -> desk.figuresProperty().get().line("fitted=5").isPresent());
        assertThat(figure("fitted=5")).isEqualTo("6.17");
        click("#row-covariance");
        assertThat(words()).anyMatch(word -> word.startsWith("Above 0: on the whole y is large where x is large."));
        press(KeyCode.CONTROL, KeyCode.DIGIT3);
        assertThat(desk.looking().pageProperty().get())
                .as("pairs have no classes")
                .isEqualTo(Page.MEASURES);
        press(KeyCode.CONTROL, KeyCode.DIGIT4);
        eventually(() -> desk.drawings().sketchProperty().get() != null
                && desk.drawings().sketchProperty().get().picture().isPresent());
        assertThat(desk.drawings().sketchProperty().get().wish().kind().id()).isEqualTo("scatter");
    }

    @Test
    void a_paste_of_two_columns_becomes_pairs_with_one_press_and_two_lists_do() {
        onWindow(() -> {
            desk.intake().type("Hours\tScore\n1\t2\n3\t5\n2\t4");
            return null;
        });
        eventually(() -> desk.assignment().sheets().size() == 2);
        click("#read-as-1");
        eventually(() -> desk.assignment().sheets().size() == 1);
        assertThat(pairs().variables()).contains(new SampleSheet.Variables("Hours", "Score", ""));
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> desk.assignment().sheets().size() == 2);
        click("#compare-samples");
        eventually(() -> desk.comparing().comparedProperty().get() != null
                && desk.comparing().comparedProperty().get().comparison().isPresent());
        click("#compare-make-pairs");
        eventually(() -> desk.assignment().sheets().size() == 3);
        assertThat(pairs().name()).isEqualTo("Hours and Score");
        assertThat(figure("correlation-spearman")).isEqualTo("1.00");
    }

    @Test
    void groups_stand_together_on_the_shelf_are_put_side_by_side_and_taken_apart(@TempDir Path folder)
            throws Exception {
        open(folder);
        onWindow(() -> {
            desk.taking().takeEach(1, 0);
            return null;
        });
        eventually(() -> words().contains("Minutes by Item"));
        click("#groups-compare");
        eventually(() -> desk.comparing().comparedProperty().get() != null
                && desk.comparing().comparedProperty().get().items().size() == 2);
        press(KeyCode.ESCAPE);
        click("#groups-apart");
        eventually(() -> !words().contains("Minutes by Item"));
        assertThat(desk.assignment().sheets()).as("the samples stay").hasSize(3);
        click("#compare-samples");
        eventually(() -> window.scene().lookup("#compare-keep-groups") != null);
        click("#compare-keep-groups");
        eventually(() -> window.scene().lookup("#groups-apart") != null);
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> window.scene().lookup("#groups-apart") == null);
        onWindow(() -> {
            desk.startSample();
            desk.intake().type("Group A: 3 4 5 6\nGroup B: 7 8 9");
            return null;
        });
        eventually(() -> words().contains("Groups"));
    }

    private static final String LOG_OF_PAIRS = "Item,Minutes,Kilograms\nlamp,12,1.5\nradio,45,2\nlamp,,3\nlamp,20,1\n";

    @Test
    void two_columns_of_a_table_become_pairs_that_stay_linked_and_others_follow_the_steps(@TempDir Path folder)
            throws Exception {
        openTable(java.nio.file.Files.writeString(folder.resolve("log.csv"), LOG_OF_PAIRS));
        eventually(() -> trodden() != null);
        click("#page-COLUMNS");
        eventually(() -> window.scene().lookup("#side-pairs") != null);
        click("#side-pairs");
        eventually(() ->
                desk.sheet().filter(sheet -> sheet.kind() == SampleKind.PAIRS).isPresent());
        settle();
        assertThat(pairs().variables()).contains(new SampleSheet.Variables("Minutes", "Kilograms", ""));
        assertThat(figure("sum/xy")).isEqualTo("128.00");
        click("#page-ENTRIES");
        assertThat(words()).anyMatch(word -> word.contains("“Minutes” and “Kilograms”"));
        onWindow(() -> {
            desk.make(new promedio.core.assignment.SheetEdit.SetEntry(pairs().id(), 1, 0, "2.5"));
            return null;
        });
        assertThat(desk.assignment()
                        .tables()
                        .get(0)
                        .all()
                        .columns()
                        .get(2)
                        .entries()
                        .text(0))
                .as("what is typed here is changed there")
                .isEqualTo("2.5");
        onWindow(() -> {
            desk.select(desk.assignment().tables().get(0).id());
            return null;
        });
        eventually(() -> trodden() != null);
        onWindow(() -> {
            desk.trail().add("keep rows where Minutes > 15");
            return null;
        });
        eventually(() -> trodden() != null && trodden().state().rows() == 2);
        onWindow(() -> {
            desk.pairs().takeMade("Minutes", "Kilograms");
            return null;
        });
        eventually(() ->
                desk.sheet().filter(sheet -> sheet.kind() == SampleKind.PAIRS).isPresent());
        assertThat(pairs().size()).isEqualTo(2);
        assertThat(pairs().variables().orElseThrow().second()).isEqualTo("Kilograms");
    }
}
