package promedio.desktop.margin;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import promedio.desktop.control.Drops;
import promedio.desktop.text.Words;

/**
 * Where an answer is written. It is only written text until it is entered by key or pointer, and a text field from then on:
 * a page has hundreds of these, and text fields are dear.
 */
final class AnswerField extends StackPane {
    private static final PseudoClass LONG = PseudoClass.getPseudoClass("long");
    private static final PseudoClass EMPTY = PseudoClass.getPseudoClass("unanswered");
    private static final int SHORT_ANSWER = 9;

    private final String spoken;
    private final Runnable commit;
    private final Label written = new Label();
    private String answer = "";
    private TextField field;

    AnswerField(String id, String spoken, Runnable commit) {
        this.spoken = spoken;
        this.commit = commit;
        getStyleClass().add("answer-place");
        written.getStyleClass().addAll("text-input", "answer-field", "answer-written");
        written.setId(id);
        written.setAccessibleRole(AccessibleRole.TEXT_FIELD);
        written.setAccessibleText(spoken);
        written.setFocusTraversable(true);
        written.focusedProperty().addListener((property, before, focused) -> {
            if (focused) {
                enter();
            }
        });
        written.setOnMousePressed(press -> {
            enter();
            field.end();
            // Or the page would take the focus for itself.
            press.consume();
        });
        getChildren().add(written);
        Drops.onto(this, result -> {
            enter();
            field.setText(result);
            commit.run();
        });
        show("");
    }

    private void enter() {
        field = new TextField(answer);
        field.getStyleClass().add("answer-field");
        field.setPromptText(Words.of("answer.prompt"));
        field.setAccessibleText(spoken);
        field.setAccessibleHelp(written.getAccessibleHelp());
        field.setId(written.getId());
        field.focusedProperty().addListener((property, before, focused) -> {
            if (!focused) {
                commit.run();
            }
        });
        field.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                field.setText(answer);
                key.consume();
            } else if (key.getCode() == KeyCode.ENTER) {
                commit.run();
                step(key.isShiftDown() ? -1 : 1);
                key.consume();
            }
        });
        field.pseudoClassStateChanged(LONG, isLong());
        getChildren().setAll(field);
        field.requestFocus();
    }

    /** Goes to the next answer on the page, or the one before, as a hand goes down a sheet. */
    private void step(int by) {
        List<AnswerField> places = getScene().getRoot().lookupAll(".answer-place").stream()
                .map(AnswerField.class::cast)
                .filter(AnswerField::isSeen)
                .toList();
        int next = places.indexOf(this) + by;
        if (next >= 0 && next < places.size()) {
            places.get(next).goTo();
        }
    }

    private boolean isSeen() {
        for (Node up = this; up != null; up = up.getParent()) {
            if (!up.isVisible()) {
                return false;
            }
        }
        return true;
    }

    private void goTo() {
        control().requestFocus();
        if (field != null) {
            field.selectAll();
        }
        for (Node up = getParent(); up != null; up = up.getParent()) {
            if (up instanceof ScrollPane page) {
                reveal(page);
            }
        }
    }

    /** Scrolls a page so far that this place is seen. */
    private void reveal(ScrollPane page) {
        Node content = page.getContent();
        double hidden =
                content.getLayoutBounds().getHeight() - page.getViewportBounds().getHeight();
        if (hidden <= 0) {
            return;
        }
        Bounds here = content.sceneToLocal(localToScene(getLayoutBounds()));
        double top = page.getVvalue() * hidden;
        double bottom = top + page.getViewportBounds().getHeight();
        if (here.getMinY() < top) {
            page.setVvalue(Math.max(0, here.getMinY() - here.getHeight()) / hidden);
        } else if (here.getMaxY() > bottom) {
            page.setVvalue(Math.min(1, (here.getMaxY() + here.getHeight() - bottom + top) / hidden));
        }
    }

    /** What is written, as yet in the field or already an answer. */
    String text() {
        return field == null ? answer : field.getText().strip();
    }

    /** Shows an answer; typing that is not an answer yet stays while the answer is the same as before. */
    void show(String now) {
        boolean typing = field != null && field.isFocused() && now.equals(answer);
        answer = now;
        if (field == null) {
            written.setText(now.isEmpty() ? Words.of("answer.prompt") : now);
            written.pseudoClassStateChanged(EMPTY, now.isEmpty());
        } else if (!typing && !text().equals(now)) {
            field.setText(now);
        }
        control().pseudoClassStateChanged(LONG, isLong());
    }

    /** What the mark says, for a screen reader. */
    void help(String said) {
        control().setAccessibleHelp(said);
    }

    private Control control() {
        return field == null ? written : field;
    }

    private boolean isLong() {
        return text().length() > SHORT_ANSWER;
    }
}
