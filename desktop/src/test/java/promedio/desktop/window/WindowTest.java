package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import promedio.core.assignment.Assignment;
import promedio.core.course.CardKey;
import promedio.core.course.QuartileRule;
import promedio.desktop.demo.Demo;
import promedio.desktop.formula.Typesetter;
import promedio.desktop.model.Background;
import promedio.desktop.model.DeskModel;
import promedio.desktop.theme.Theme;

/** The real window on one shared stage, driven by mouse and keyboard as a student does. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WindowTest {
    private static Stage stage;
    private static MainWindow window;
    private static DeskModel desk;

    private final FxRobot robot = new FxRobot();
    private final FilePicker picker = mock(FilePicker.class);

    @BeforeAll
    static void open() throws Exception {
        stage = FxToolkit.registerPrimaryStage();
        onWindow(() -> {
            Theme.loadFonts();
            Background background = Background.worker();
            desk = new DeskModel(background);
            window = new MainWindow(desk, background);
            stage.setScene(window.scene());
            stage.setX(0);
            stage.setY(0);
            stage.setWidth(1270);
            stage.setHeight(770);
            stage.show();
            return null;
        });
    }

    @AfterAll
    static void close() throws Exception {
        FxToolkit.hideStage();
    }

    @BeforeEach
    void startEmpty() {
        onWindow(() -> {
            window.setPicker(picker);
            window.card().setOpen(false);
            desk.show(Assignment.EMPTY, null);
            window.focusTyping();
            return null;
        });
        settle();
    }

    private static <T> T onWindow(Callable<T> action) {
        return WaitForAsyncUtils.waitForAsyncFx(10_000, action);
    }

    /** Waits until figures are there and the window has come to rest. */
    private static void settle() {
        try {
            WaitForAsyncUtils.waitFor(
                    10,
                    TimeUnit.SECONDS,
                    () -> onWindow(() -> !desk.busyProperty().get()));
            Typesetter.idle().get(20, TimeUnit.SECONDS);
        } catch (Exception late) {
            throw new AssertionError("The window did not come to rest.", late);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void type(String text) {
        robot.write(text, 0);
        robot.type(KeyCode.ENTER);
        settle();
    }

    private void demo(String sheet, DeskModel.Page page) {
        onWindow(() -> {
            desk.show(Demo.assignment(), null);
            desk.select(sheet);
            desk.pageProperty().set(page);
            return null;
        });
        settle();
    }

    private void press(KeyCode... keys) {
        robot.push(keys);
        settle();
    }

    private void click(String query) {
        robot.clickOn(query);
        settle();
    }

    /** Everything written on the paper, for a look at it. */
    private List<String> words() {
        return onWindow(() -> window.scene().getRoot().lookupAll("*").stream()
                .filter(Labeled.class::isInstance)
                .filter(WindowTest::isShown)
                .map(node -> ((Labeled) node).getText())
                .filter(text -> text != null && !text.isEmpty())
                .toList());
    }

    private static boolean isShown(Node node) {
        for (Node up = node; up != null; up = up.getParent()) {
            if (!up.isVisible()) {
                return false;
            }
        }
        return true;
    }

    private String wordBeside(String question) {
        return onWindow(() -> ((Label)
                        window.scene().lookup("#answer-" + question).getParent().lookup(".mark-word"))
                .getText());
    }

    @Test
    void typing_numbers_and_enter_is_a_sample_with_its_measures() {
        type("12 15 15 18");
        assertThat(words()).contains("Entries", "4 values count");
        type("20 22");
        assertThat(words()).as("typing goes on where it was").contains("6 values count");
        press(KeyCode.CONTROL, KeyCode.Z);
        click("#page-MEASURES");
        assertThat(words()).contains("Mean", "Standard deviation", "60 shared out over 4", "occurs 2 times");
    }

    @Test
    void a_pasted_column_with_words_and_blanks_is_shown_whole_and_said_so() {
        onWindow(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString("minutes\n12\n\nn/a\n17O\n15\n");
            return Clipboard.getSystemClipboard().setContent(content);
        });
        press(KeyCode.CONTROL, KeyCode.V);
        assertThat(words())
                .contains("minutes", "2 values count", "left out: 1 missing, 2 not numbers")
                .contains("“17O” is not a number: left out. Did you mean 170?", "Take 170");
        robot.clickOn("Take 170");
        settle();
        assertThat(words()).contains("3 values count", "left out: 1 missing, 1 not a number");
    }

    @Test
    void an_answer_gets_its_mark_and_a_card_changes_the_mark() {
        demo("minutes", DeskModel.Page.MEASURES);
        assertThat(wordBeside("mean")).isEqualTo("agrees");
        assertThat(wordBeside("sd")).isEqualTo("right under another rule");
        click("#answer-range");
        robot.write("5", 0);
        press(KeyCode.ENTER);
        assertThat(wordBeside("range")).isEqualTo("differs");
        press(KeyCode.CONTROL, KeyCode.A);
        robot.write("112", 0);
        press(KeyCode.TAB);
        assertThat(wordBeside("range")).isEqualTo("agrees");
        click("#card");
        click("#card-divisor");
        press(KeyCode.DOWN);
        press(KeyCode.ENTER);
        assertThat(wordBeside("sd")).isEqualTo("agrees");
        assertThat(words()).anyMatch(text -> text.startsWith("divide by n ·"));
        press(KeyCode.ESCAPE);
        assertThat(onWindow(() -> window.card().isVisible())).isFalse();
    }

    @Test
    void a_row_opens_into_its_working_by_mouse_and_by_key() {
        demo("minutes", DeskModel.Page.MEASURES);
        click("#row-sd");
        assertThat(words()).contains("by definition", "short-cut", "… 18 more");
        robot.clickOn("short-cut");
        settle();
        assertThat(desk.methods()).containsEntry("sd", "short-cut");
        click("#row-sd");
        assertThat(words()).doesNotContain("by definition");
        press(KeyCode.SPACE);
        assertThat(words()).contains("by definition");
        robot.clickOn("rounded to 2 places");
        settle();
        assertThat(words()).anyMatch(text -> text.startsWith("Rounding each line leads to"));
    }

    @Test
    void entries_are_changed_switched_off_taken_out_and_brought_back() {
        demo("minutes", DeskModel.Page.ENTRIES);
        int size = desk.sheet().orElseThrow().size();
        onWindow(() -> {
            ListView<?> entries = (ListView<?>) window.scene().lookup("#entries");
            entries.requestFocus();
            entries.getSelectionModel().clearAndSelect(0);
            entries.getFocusModel().focus(0);
            return null;
        });
        press(KeyCode.ENTER);
        press(KeyCode.CONTROL, KeyCode.A);
        robot.write("999", 0);
        press(KeyCode.ENTER);
        assertThat(desk.sheet().orElseThrow().values().text(0)).isEqualTo("999");
        press(KeyCode.SPACE);
        assertThat(words()).contains("switched off: left out");
        press(KeyCode.DELETE);
        assertThat(desk.sheet().orElseThrow().size()).isEqualTo(size - 1);
        press(KeyCode.CONTROL, KeyCode.Z);
        press(KeyCode.CONTROL, KeyCode.Z);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.assignment()).isEqualTo(Demo.assignment());
        press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        assertThat(desk.sheet().orElseThrow().values().text(0)).isEqualTo("999");
    }

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
        assertThat(desk.unsavedProperty().get()).isFalse();
        press(KeyCode.CONTROL, KeyCode.N);
        assertThat(desk.assignment()).isEqualTo(Assignment.EMPTY);
        verify(picker, never()).unsaved(anyString());
        press(KeyCode.CONTROL, KeyCode.O);
        assertThat(desk.answer("mean")).isEqualTo("5");
        assertThat(wordBeside("mean")).isEqualTo("agrees");
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
    void the_demo_is_one_click_away_and_samples_are_chosen_on_the_shelf() {
        click("#open-demo");
        assertThat(words()).contains("Minutes at the bench", "Visitors");
        click("#sample-visitors");
        assertThat(desk.selectedProperty().get()).isEqualTo("visitors");
        click("#new-sample");
        assertThat(words()).contains("Type or paste your numbers");
        type("1 2");
        assertThat(desk.assignment().sheets()).hasSize(5);
    }

    @Test
    void a_dot_is_dragged_and_the_measures_follow_until_it_is_let_go_or_put_back() {
        type("1 2 3 4 10");
        Node line = onWindow(() -> window.scene().lookup("#line"));
        double unit = (line.getBoundsInLocal().getWidth() - 10) / 9.9;
        double y = line.localToScreen(line.getBoundsInLocal()).getMaxY() - 50;
        double right = line.localToScreen(line.getBoundsInLocal()).getMaxX() - 5 - 0.45 * unit;
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

    private static String figure(String question) {
        return onWindow(
                () -> desk.figuresProperty().get().line(question).orElseThrow().figure());
    }

    @Test
    void with_attempt_first_figures_stay_covered_until_there_is_an_answer() {
        type("2 3 7");
        click("#page-MEASURES");
        click("#cover");
        assertThat(words()).contains("covered", "write your answer first").doesNotContain("12 shared out over 3");
        click("#row-median");
        assertThat(words()).contains("Lift this cover without an answer");
        click("#lift-median");
        assertThat(words()).contains("Looked up before an answer.", "the 2nd of 3 in order");
        click("#answer-mean");
        robot.write("5", 0);
        press(KeyCode.ENTER);
        assertThat(words()).contains("12 shared out over 3");
        press(KeyCode.CONTROL, KeyCode.A);
        robot.write("4", 0);
        press(KeyCode.ENTER);
        assertThat(words()).contains("Your first answer was 5.");
        click("#cover");
        assertThat(words()).doesNotContain("covered");
    }

    @Test
    void measures_are_copied_as_text_and_html_and_text_grows_and_shrinks_by_key() {
        type("2 3 7");
        press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.C);
        String text = onWindow(() -> Clipboard.getSystemClipboard().getString());
        String html = onWindow(() -> Clipboard.getSystemClipboard().getHtml());
        assertThat(text).contains("Mean\tx\u0304\t4.00\t\n", "Variance\ts²\t7.00\t\n");
        assertThat(html).contains("<table><caption>Sample 1</caption>", "<math ", "7.00");
        press(KeyCode.CONTROL, KeyCode.EQUALS);
        assertThat(onWindow(() -> window.scene().getRoot().getStyle())).contains("14.3px");
        press(KeyCode.CONTROL, KeyCode.DIGIT0);
        assertThat(onWindow(() -> window.scene().getRoot().getStyle())).contains("13.0px");
        press(KeyCode.F1);
        assertThat(words()).contains("larger or smaller text");
        press(KeyCode.ESCAPE);
        assertThat(words()).doesNotContain("larger or smaller text");
    }

    @Test
    void a_text_file_becomes_samples_of_the_assignment(@TempDir Path folder) throws Exception {
        Path file = Files.writeString(folder.resolve("log.csv"), "lamps,clocks\n12,7\n15,n/a\n");
        when(picker.toOpen()).thenReturn(Optional.of(file));
        type("1 2");
        press(KeyCode.CONTROL, KeyCode.O);
        assertThat(desk.assignment().sheets())
                .extracting(sheet -> sheet.name())
                .containsExactly("Sample 1", "lamps", "clocks");
        verify(picker, never()).unsaved(anyString());
        when(picker.toOpen()).thenReturn(Optional.of(folder.resolve("gone.csv")));
        press(KeyCode.CONTROL, KeyCode.O);
        assertThat(words()).anyMatch(text -> text.endsWith("there is no such file."));
    }

    @Test
    void a_value_lit_up_in_one_place_is_lit_up_in_all() {
        demo("minutes", DeskModel.Page.MEASURES);
        click("#row-sd");
        Node cell = onWindow(() -> window.scene().getRoot().lookupAll(".table-cell").stream()
                .filter(node -> ((Labeled) node).getText().equals("33"))
                .findFirst()
                .orElseThrow());
        robot.moveTo(cell);
        settle();
        assertThat(desk.litProperty().get()).isEqualTo(promedio.core.number.Exact.of(33));
        click("#page-ENTRIES");
        onWindow(() -> {
            ListView<?> entries = (ListView<?>) window.scene().lookup("#entries");
            entries.getSelectionModel().clearAndSelect(2);
            return null;
        });
        settle();
        assertThat(desk.litProperty().get())
                .isEqualTo(desk.figuresProperty().get().valueOf(2).orElseThrow());
    }

    @Test
    void more_measures_of_a_group_unfold_and_fold_again() {
        demo("minutes", DeskModel.Page.MEASURES);
        assertThat(words()).doesNotContain("Geometric mean");
        click("#more-CENTRE");
        assertThat(words()).contains("Geometric mean", "Harmonic mean", "Trimmed mean, 10 %");
        click("#more-CENTRE");
        assertThat(words()).doesNotContain("Geometric mean");
    }

    @Test
    void the_name_and_unit_of_a_sample_are_changed_in_place_and_reach_every_view() {
        type("3 4 8");
        click("#sample-name");
        press(KeyCode.CONTROL, KeyCode.A);
        type("Lamps");
        click("#sample-unit");
        type("min");
        assertThat(words()).contains("Lamps", "3 values · min");
        click("#page-MEASURES");
        assertThat(words()).contains("min", "min²");
    }

    @Test
    void every_choice_of_the_card_can_be_reached_and_the_card_tells_what_is_chosen() {
        demo("minutes", DeskModel.Page.MEASURES);
        click("#card");
        onWindow(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<QuartileRule> box = (ComboBox<QuartileRule>) window.scene().lookup("#card-quartiles");
            assertThat(box.getItems()).containsExactly(QuartileRule.values());
            box.setValue(QuartileRule.HF7);
            return null;
        });
        settle();
        assertThat(desk.assignment().card().get(CardKey.QUARTILES)).isEqualTo(QuartileRule.HF7);
        assertThat(((Button) onWindow(() -> window.scene().lookup("#card"))).getText())
                .contains("at position (n");
    }

    @Test
    void a_field_that_is_being_typed_in_takes_its_own_typing_back_first() {
        demo("minutes", DeskModel.Page.MEASURES);
        click("#answer-variance");
        robot.write("12", 0);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.assignment()).isEqualTo(Demo.assignment());
        TextField field = (TextField) onWindow(() -> window.scene().lookup("#answer-variance"));
        assertThat(field.getText()).isNotEqualTo("12");
        Platform.runLater(field::clear);
        settle();
    }
}
