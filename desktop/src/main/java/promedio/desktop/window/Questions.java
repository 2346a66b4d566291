package promedio.desktop.window;

import javafx.scene.Parent;
import javafx.scene.control.Alert;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.DialogPane;
import javafx.scene.layout.Region;
import javafx.stage.Window;
import promedio.core.sentence.Visible;
import promedio.desktop.text.Words;
import promedio.desktop.theme.Theme;

/** The questions the window asks, each in a window of its own that looks like the one it belongs to. */
public final class Questions {
    private static final int LONGEST_NAME = 60;
    private static final double LEAST_WIDTH = 420;

    private Questions() {}

    /**
     * A question with its answers.
     *
     * @param alert the dialog, to be shown
     * @param yes the answer that does it
     * @param no the other answer
     * @param stay the answer that changes nothing
     */
    public record Question(Alert alert, ButtonType yes, ButtonType no, ButtonType stay) {
        /** Asks, and waits for the answer. */
        ButtonType ask() {
            return alert.showAndWait().orElse(stay);
        }
    }

    /** What to do with changes that are not saved. */
    public static Question unsaved(Window over, String title) {
        return question(
                over,
                Words.of("ask.unsaved.head", Visible.line(title, LONGEST_NAME)),
                "ask.unsaved.body",
                new ButtonType(Words.of("ask.save"), ButtonBar.ButtonData.YES),
                new ButtonType(Words.of("ask.discard"), ButtonBar.ButtonData.NO));
    }

    /** What to do with a file that was changed by another program. */
    public static Question changedElsewhere(Window over, String name) {
        return question(
                over,
                Words.of("message.changed-elsewhere", Visible.line(name, LONGEST_NAME)),
                "ask.changed.body",
                new ButtonType(Words.of("ask.elsewhere"), ButtonBar.ButtonData.YES),
                new ButtonType(Words.of("ask.replace"), ButtonBar.ButtonData.NO));
    }

    private static Question question(Window over, String head, String body, ButtonType yes, ButtonType no) {
        ButtonType stay = new ButtonType(Words.of("ask.cancel"), ButtonBar.ButtonData.CANCEL_CLOSE);
        Alert alert = new Alert(Alert.AlertType.NONE, Words.of(body), yes, no, stay);
        alert.initOwner(over);
        alert.setTitle(Words.of("app.name"));
        alert.setHeaderText(head);
        alert.setGraphic(null);
        dress(alert.getDialogPane(), over.getScene().getRoot());
        for (ButtonType answer : alert.getButtonTypes()) {
            Button button = (Button) alert.getDialogPane().lookupButton(answer);
            ButtonBar.setButtonUniformSize(button, false);
            button.setMinWidth(Region.USE_PREF_SIZE);
        }
        return new Question(alert, yes, no, stay);
    }

    /** Gives a dialog the sheet, the theme and the size of text of the window it stands over. */
    private static void dress(DialogPane pane, Parent like) {
        pane.getStylesheets().addAll(Theme.sheets());
        like.getStyleClass().stream().filter(style -> style.endsWith("-theme")).forEach(pane.getStyleClass()::add);
        pane.setStyle(like.getStyle());
        pane.setMinWidth(LEAST_WIDTH);
    }
}
