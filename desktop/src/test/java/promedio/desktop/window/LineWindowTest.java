package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.desktop.model.desk.Page;

/** The real window on one shared stage, driven by mouse and keyboard as a student does. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class LineWindowTest extends OpenWindow {
    @Test
    void a_dot_is_dragged_and_the_measures_follow_until_it_is_let_go_or_put_back() {
        type("1 2 3 4 10");
        Node line = onWindow(() -> window.scene().lookup("#line"));
        double unit = (line.getBoundsInLocal().getWidth() - 23.4) / 9.9;
        Bounds lies = lying(() -> line);
        double y = lies.getMaxY() - 50;
        double right = lies.getMaxX() - 18.2 - 0.45 * unit;
        robot.moveTo(right, y);
        robot.press(MouseButton.PRIMARY);
        robot.moveBy(-2 * unit, 0);
        robot.moveBy(-unit, 0);
        settle();
        assertThat(figure("mean")).isEqualTo("3.40");
        assertThat(figure("median")).as("the median stays").isEqualTo("3.00");
        assertThat(desk.settledProperty().get().line("mean").orElseThrow().figure())
                .as("where the mean was is kept for the ghost")
                .isEqualTo("4.00");
        assertThat(desk.sheet().orElseThrow().values().text(4))
                .as("nothing is changed yet")
                .isEqualTo("10");
        press(KeyCode.ESCAPE);
        robot.release(MouseButton.PRIMARY);
        settle();
        assertThat(figure("mean")).isEqualTo("4.00");
        robot.moveTo(right, y);
        robot.press(MouseButton.PRIMARY);
        robot.moveBy(-unit, 0);
        robot.moveBy(-2 * unit, 0);
        robot.release(MouseButton.PRIMARY);
        settle();
        assertThat(desk.sheet().orElseThrow().values().text(4)).isEqualTo("7");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(figure("mean")).isEqualTo("4.00");
    }

    @Test
    void the_line_is_worked_by_keyboard_too() {
        type("1 2 3 4 10");
        onWindow(() -> {
            window.scene().lookup("#line").requestFocus();
            return null;
        });
        press(KeyCode.LEFT);
        press(KeyCode.ALT, KeyCode.RIGHT);
        press(KeyCode.ALT, KeyCode.RIGHT);
        assertThat(figure("mean")).isEqualTo("4.40");
        press(KeyCode.ESCAPE);
        assertThat(figure("mean")).isEqualTo("4.00");
        press(KeyCode.ALT, KeyCode.LEFT);
        press(KeyCode.ENTER);
        assertThat(desk.sheet().orElseThrow().values().text(4)).isEqualTo("9");
        press(KeyCode.SPACE);
        assertThat(figure("mean")).isEqualTo("2.50");
        assertThat(desk.sheet().orElseThrow().off()).containsExactly(4);
    }

    @Test
    void a_value_lit_up_in_one_place_is_lit_up_in_all() {
        demo("minutes", Page.MEASURES);
        click("#row-sd");
        Node cell = onWindow(() -> window.scene().getRoot().lookupAll(".table-cell").stream()
                .filter(node -> ((Labeled) node).getText().equals("33"))
                .findFirst()
                .orElseThrow());
        robot.moveTo(cell);
        settle();
        assertThat(desk.looking().litProperty().get()).isEqualTo(promedio.core.number.Exact.of(33));
        click("#page-ENTRIES");
        choose(2);
        assertThat(desk.looking().litProperty().get())
                .isEqualTo(desk.figuresProperty().get().valueOf(2).orElseThrow());
    }

    private static void onLine() {
        onWindow(() -> {
            window.scene().lookup("#line").requestFocus();
            return null;
        });
    }

    @Test
    void a_value_added_for_a_moment_is_kept_or_thrown_away() {
        type("1 2 3 4 10");
        onLine();
        press(KeyCode.RIGHT);
        press(KeyCode.INSERT);
        assertThat(words()).anyMatch(text -> text.startsWith("What if 1 were there too"));
        assertThat(figure("mean")).isEqualTo("3.50");
        click("#what-if-drop");
        assertThat(figure("mean")).isEqualTo("4.00");
        onLine();
        press(KeyCode.INSERT);
        click("#what-if-keep");
        assertThat(desk.assignment().sheets().get(0).size()).isEqualTo(6);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.assignment().sheets().get(0).size()).isEqualTo(5);
    }

    @Test
    void in_a_frequency_table_one_unit_moves() {
        type("12 × 3; 15 × 1");
        onLine();
        press(KeyCode.RIGHT);
        press(KeyCode.ALT, KeyCode.RIGHT);
        assertThat(figure("sum")).isEqualTo("52.00");
        press(KeyCode.ENTER);
        assertThat(desk.sheet().orElseThrow().values().texts()).containsExactly("12", "13", "15");
        assertThat(desk.sheet().orElseThrow().frequencies().orElseThrow().texts())
                .containsExactly("2", "1", "1");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.sheet().orElseThrow().frequencies().orElseThrow().texts())
                .containsExactly("3", "1");
    }

    @Test
    void measures_on_the_line_are_explained_by_key_and_from_the_rows() {
        demo("minutes", Page.MEASURES);
        onLine();
        press(KeyCode.DOWN);
        assertThat(desk.looking().pointedProperty().get()).isEqualTo("mean");
        assertThat(onWindow(() -> window.scene().lookup("#line").getAccessibleText()))
                .startsWith("Mean ")
                .contains("each would be");
        press(KeyCode.UP);
        assertThat(desk.looking().pointedProperty().get()).isEqualTo("fence-upper");
        robot.moveTo("#row-iqr");
        settle();
        assertThat(desk.looking().pointedProperty().get()).isEqualTo("iqr");
    }

    @Test
    void a_term_of_the_working_lights_up_its_value() {
        type("2 3 7 8");
        click("#page-MEASURES");
        click("#row-median");
        Node formula = onWindow(() -> window.scene().lookup(".working-lines .formula"));
        Set<String> lit = new HashSet<>();
        desk.looking().litProperty().addListener((property, before, now) -> lit.add(String.valueOf(now)));
        Bounds bounds = lying(() -> formula);
        for (double x = bounds.getMinX() + 2; x < bounds.getMaxX(); x += 6) {
            robot.moveTo(x, bounds.getMinY() + bounds.getHeight() * 0.3);
        }
        settle();
        assertThat(lit).contains("3", "7");
    }
}
