package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.course.CardKey;
import promedio.core.course.DecimalMark;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.Quantity;
import promedio.desktop.control.Wrapped;
import promedio.desktop.grid.CellsGrid;
import promedio.desktop.model.desk.Page;

/** My working, filled in as a hand does. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OwnWindowTest extends OpenWindow {
    private OwnSheet sheet() {
        return desk.ownWork().sheet().orElseThrow();
    }

    /** What stands in the margin, piece by piece. */
    private List<String> said() {
        return onWindow(() -> window.scene().getRoot().lookupAll(".wrapped").stream()
                .map(Wrapped.class::cast)
                .map(Wrapped::text)
                .toList());
    }

    private List<String> cells(String state) {
        return onWindow(() -> window.scene().getRoot().lookupAll(".data-cell").stream()
                .filter(cell ->
                        cell.isVisible() && cell.getPseudoClassStates().contains(PseudoClass.getPseudoClass(state)))
                .map(cell -> ((Label) cell).getText().strip())
                .toList());
    }

    private void goTo(int row, int column) {
        onWindow(() -> {
            ((CellsGrid<?>) window.scene().lookup("#own-grid")).goTo(row, column);
            return null;
        });
        settle();
    }

    private void down(String... cells) {
        for (String cell : cells) {
            robot.write(cell, 0);
            press(KeyCode.ENTER);
        }
    }

    private void clip(String text) {
        onWindow(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(text);
            return Clipboard.getSystemClipboard().setContent(content);
        });
    }

    private void blankOfDeviations() {
        type("2 5 7 8 11 15");
        press(KeyCode.CONTROL, KeyCode.DIGIT5);
        click("#own-method-deviations");
        goTo(0, 1);
    }

    /** The mean is 48/6 = 8, the squares add up to 36 + 9 + 1 + 0 + 9 + 49 = 104, and 104/5 = 20.8. */
    @Test
    void one_square_that_was_doubled_is_found_and_all_the_rest_follows_or_is_right() {
        blankOfDeviations();
        down("-6", "-3", "-1", "0", "3", "7", "0");
        down("6*6", "6", "1", "0", "9", "49", "101");
        click("#answer-mean");
        down("8");
        click("#answer-variance");
        down("20.2");
        eventually(() -> cells("first").equals(List.of("6")));
        assertThat(cells("follows")).containsExactly("101");
        assertThat(cells("right")).hasSize(6 + 7 + 5).contains("36");
        assertThat(sheet().cell(new CellPlace(0, 2)))
                .as("kept as it was written")
                .isEqualTo("6*6");
        eventually(() -> wordBeside("variance").equals("follows"));
        assertThat(words()).contains("It follows from your own total of (x − x̄)².");
        assertThat(said())
                .contains("Row 2, (x − x̄)²: 6 is wrong; it is 9 (doubled, not squared).")
                .anyMatch(text -> text.endsWith("Without it: Σ(x − x̄)² = 104, Variance 20.80."));
        goTo(1, 2);
        assertThat(said())
                .contains("Yours looks like this: 2 × |−3| = 6 (doubled, not squared).", "Rightly: (−3)² = 9");
        assertThat(desk.looking().litProperty().get()).hasToString("5");
        down("9");
        goTo(6, 2);
        down("104");
        eventually(() -> cells("first").isEmpty() && cells("follows").isEmpty());
        eventually(() -> !wordBeside("variance").equals("follows"));
        press(KeyCode.CONTROL, KeyCode.Z);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(sheet().cell(new CellPlace(1, 2))).isEqualTo("6");
    }

    @Test
    void a_table_that_was_worked_elsewhere_is_pasted_whole_and_its_columns_are_recognised_and_changed() {
        type("2 5 7 8 11 15");
        press(KeyCode.CONTROL, KeyCode.DIGIT5);
        clip("Minutes\tMine\n15\t225\n11\t121\n8\t64\n7\t49\n5\t10\n2\t4\nTotal\t473\n");
        press(KeyCode.CONTROL, KeyCode.V);
        eventually(() -> desk.ownWork().sheet().isPresent());
        eventually(() -> desk.ownWork().is(1).equals(Optional.of(Quantity.X2)));
        eventually(() -> cells("first").equals(List.of("10")));
        assertThat(cells("follows")).containsExactly("473");
        click("#own-column-1");
        click("Write another heading");
        retype("squares", KeyCode.ENTER);
        assertThat(sheet().columns().get(1).heading()).isEqualTo("squares");
        click("#own-add-row");
        assertThat(sheet().rows()).hasSize(7);
        press(KeyCode.CONTROL, KeyCode.Z);
        goTo(4, 1);
        clip("25\n4\n488");
        press(KeyCode.CONTROL, KeyCode.V);
        eventually(() -> cells("first").isEmpty());
        assertThat(sheet().totals()).containsExactly("", "488");
        click("#own-copy");
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString()).lines())
                .containsExactly("Minutes\tsquares", "15\t225", "11\t121", "8\t64", "7\t49", "5\t25", "2\t4", "\t488");
        click("#own-put-away");
        assertThat(desk.ownWork().sheet()).isEmpty();
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(sheet().totals()).containsExactly("", "488");
    }

    @Test
    void on_the_hints_way_a_wrong_cell_is_told_bit_by_bit_and_a_figure_shown_is_kept() {
        blankOfDeviations();
        onWindow(() -> {
            desk.margin().giveHints(true);
            return null;
        });
        down("6");
        goTo(0, 1);
        eventually(() -> said().contains("This is not right: it goes wrong here. Look again."));
        assertThat(said()).noneMatch(text -> text.contains("sign") || text.contains("−6"));
        click("#own-hint");
        assertThat(said()).contains("x − x̄ is x less the mean.");
        click("#own-hint");
        assertThat(said()).anyMatch(text -> text.contains("sign lost"));
        click("#own-hint");
        assertThat(said()).contains("Rightly: 2 − 8 = −6");
        click("#own-show-cell");
        assertThat(sheet().cell(new CellPlace(0, 1))).isEqualTo("−6");
        assertThat(sheet().help(new CellPlace(0, 1))).isEqualTo(new OwnSheet.Help(3, true));
        eventually(() -> cells("shown").equals(List.of("−6")));
    }

    @Test
    void what_is_marked_only_when_asked_is_not_marked_before() {
        blankOfDeviations();
        click("#own-at-once");
        assertThat(desk.assignment().asking().marksAtOnce()).isFalse();
        goTo(0, 1);
        down("-5");
        settle();
        assertThat(cells("wrong")).isEmpty();
        click("#own-mark");
        eventually(() -> cells("wrong").equals(List.of("-5")));
        goTo(1, 1);
        down("-3");
        eventually(() -> cells("wrong").isEmpty());
    }

    /** What is typed belongs to the sample that was there when typing began, however quick somebody is. */
    @Test
    void a_cell_that_is_still_written_when_another_sample_is_chosen_is_written_where_it_began() {
        blankOfDeviations();
        String first = desk.selectedProperty().get();
        onWindow(() -> {
            desk.startSample();
            desk.intake().type("1 2 6");
            return null;
        });
        settle();
        String second = desk.selectedProperty().get();
        onWindow(() -> {
            desk.looking().pageProperty().set(Page.OWN);
            desk.select(first);
            return null;
        });
        settle();
        goTo(0, 1);
        robot.write("-6", 0);
        onWindow(() -> {
            desk.select(second);
            return null;
        });
        settle();
        assertThat(desk.assignment().working(second)).isEmpty();
        assertThat(desk.assignment().working(first).orElseThrow().cell(new CellPlace(0, 1)))
                .isIn("-6", "");
        onWindow(() -> {
            desk.select(first);
            return null;
        });
        settle();
        assertThat(onWindow(() -> window.scene().lookup("#cell-editor").isVisible()))
                .isFalse();
    }

    @Test
    void with_hints_nothing_that_follows_gives_the_figure_away() {
        blankOfDeviations();
        down("-6", "-3");
        goTo(0, 2);
        down("12", "9");
        goTo(6, 2);
        down("21");
        onWindow(() -> {
            desk.margin().giveHints(true);
            return null;
        });
        goTo(6, 2);
        eventually(() ->
                said().contains("This follows from your own figures before it, and is worked rightly from there."));
        assertThat(said()).noneMatch(text -> text.contains("36") || text.contains("45"));
        goTo(0, 2);
        assertThat(said()).noneMatch(text -> text.contains("36"));
    }

    @Test
    void where_marks_are_not_shown_columns_are_known_and_figures_can_be_shown_all_the_same() {
        type("2 5 7 8 11 15");
        onWindow(() -> {
            desk.ownWork().markAtOnce(false);
            return null;
        });
        press(KeyCode.CONTROL, KeyCode.DIGIT5);
        clip("x\twhat\n2\t4\n5\t25\n7\t49\n8\t64\n11\t\n15\t225\n");
        press(KeyCode.CONTROL, KeyCode.V);
        eventually(() -> desk.ownWork().is(1).equals(Optional.of(Quantity.X2)));
        settle();
        assertThat(cells("right")).isEmpty();
        assertThat(sheet().lines()).as("those of the usual method").contains("mean", "sd");
        goTo(4, 1);
        onWindow(() -> {
            desk.ownWork().fill(new CellPlace(4, 1));
            return null;
        });
        assertThat(sheet().cell(new CellPlace(4, 1))).isEqualTo("121");
        click("#own-mark");
        eventually(() -> cells("right").contains("121"));
    }

    @Test
    void awkward_cells_are_kept_and_told_and_a_decimal_comma_is_read_under_its_card() {
        type("2 3 5");
        onWindow(() -> {
            desk.choose(CardKey.DECIMAL_MARK, DecimalMark.COMMA);
            return null;
        });
        press(KeyCode.CONTROL, KeyCode.DIGIT5);
        clip("x\tx - 3,33\n2\t-1,33\n3\t-0,33\n5\t1,67\n");
        press(KeyCode.CONTROL, KeyCode.V);
        eventually(() -> desk.ownWork().sheet().isPresent());
        eventually(() -> cells("rounded").size() == 3);
        goTo(0, 1);
        clip("=1+1\n9^9^9^9\n" + "7".repeat(500) + "\ntotal\nbeyond the table");
        press(KeyCode.CONTROL, KeyCode.V);
        eventually(() -> cells("unreadable").size() == 4);
        assertThat(sheet().cell(new CellPlace(0, 1))).isEqualTo("=1+1");
        assertThat(sheet().cell(new CellPlace(2, 1))).hasSize(200);
        assertThat(sheet().rows()).hasSize(3);
        assertThat(sheet().totals()).containsExactly("", "total");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(sheet().cell(new CellPlace(0, 1))).isEqualTo("-1,33");
    }
}
