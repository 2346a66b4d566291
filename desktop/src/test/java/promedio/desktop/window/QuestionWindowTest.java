package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.desktop.model.desk.Page;

/** A question pasted whole: its words above its rows, corrected, folded, and taken as plain data. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class QuestionWindowTest extends OpenWindow {
    private void paste(String text) {
        onWindow(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(text);
            return Clipboard.getSystemClipboard().setContent(content);
        });
        press(KeyCode.CONTROL, KeyCode.V);
        eventually(() -> !desk.assignment().tasks().all().isEmpty());
        settle();
    }

    private String said() {
        return String.join("\n", words());
    }

    private static boolean asks(String measure) {
        return desk.assignment().tasks().all().stream()
                .anyMatch(task -> task.question().measure().equals(measure));
    }

    @Test
    void a_question_stands_above_its_rows_and_an_underlined_word_corrects_what_it_asks() {
        paste("The minutes of five visitors were 2, 3, 7, 8, 10.\n(a) Find the mean.\n(b) Find the median."
                + "\n(c) Draw a box plot. (d) Comment on it.");
        assertThat(said())
                .contains("The minutes of five visitors", "For you: Draw a box plot.", "For you: Comment on it.");
        assertThat(said()).as("the rest is folded").doesNotContain("Range").contains("30 shared out over 5");
        click("#question-all");
        assertThat(said()).contains("Range", "Mode");
        click("#question-all");
        assertThat(said()).doesNotContain("Range");
        click("#asked-median");
        click("#asked-instead-mode");
        eventually(() -> asks("mode") && !asks("median"));
        click("#asked-mode");
        click("#asked-not");
        eventually(() -> !asks("mode") && asks("mean"));
        press(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> asks("mode"));
        click("#question-picture");
        assertThat(desk.looking().pageProperty().get()).isEqualTo(Page.PICTURE);
        click("#page-MEASURES");
        click("#question-plain");
        eventually(() -> desk.assignment().tasks().all().isEmpty());
        assertThat(said()).contains("Range").doesNotContain("The minutes of five visitors");
    }
}
