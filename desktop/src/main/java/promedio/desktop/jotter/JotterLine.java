package promedio.desktop.jotter;

import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.util.Duration;
import promedio.core.jotter.Jotted;
import promedio.core.jotter.Jotting;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Drops;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** The line of the jotter: what is asked, and the last result. What was asked before unfolds above it. */
public final class JotterLine extends HBox {
    private static final Duration A_MOMENT = Duration.millis(180);
    private static final int LONGEST = 24;

    private final DeskModel model;
    private final TextField field = new TextField();
    private final Label result = new Label();
    private final BooleanProperty open = new SimpleBooleanProperty(this, "open");
    private final PauseTransition pause = new PauseTransition(A_MOMENT);
    private final Runnable leave;
    /** Which of the lines asked before stands in the field; how many there are for none of them. */
    private int recalled = -1;

    /**
     * The line of a desk.
     *
     * @param leave takes the focus to the paper
     */
    public JotterLine(DeskModel model, Runnable leave) {
        this.model = model;
        this.leave = leave;
        getStyleClass().add("jotter-line");
        setAlignment(Pos.CENTER_LEFT);
        Button fold = new Button(Words.of("jotter"));
        fold.setId("jotter-fold");
        fold.getStyleClass().add("bar-button");
        fold.setMinWidth(USE_PREF_SIZE);
        Tip.on(fold, Words.of("jotter.tip"));
        fold.setOnAction(press -> {
            if (open.get()) {
                open.set(false);
            } else {
                focus();
            }
        });
        field.setId("jotter-field");
        field.getStyleClass().add("jotter-field");
        field.setPromptText(Words.of("jotter.prompt"));
        field.setAccessibleText(Words.of("jotter.spoken"));
        field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        field.textProperty().addListener((property, before, now) -> typed(now));
        pause.setOnFinished(over -> model.jotter().look(field.getText()));
        result.setId("jotter-last");
        result.getStyleClass().add("jotter-last");
        result.setMinWidth(0);
        getChildren().addAll(fold, field, result);
        model.assignmentProperty().addListener((property, before, now) -> {
            if (before == null || !before.jotter().equals(now.jotter())) {
                showLast();
            }
        });
        showLast();
    }

    /** Whether what was asked before is unfolded. */
    public BooleanProperty openProperty() {
        return open;
    }

    /** The field, for what helps with writing in it. */
    TextField field() {
        return field;
    }

    private void typed(String text) {
        if (!text.isBlank()) {
            open.set(true);
            pause.playFromStart();
        } else {
            pause.stop();
            model.jotter().look("");
        }
    }

    private void key(KeyEvent key) {
        KeyCode code = key.getCode();
        if (code == KeyCode.ENTER) {
            ask();
        } else if (code == KeyCode.ESCAPE && field.getText().isEmpty()) {
            open.set(false);
            leave.run();
        } else if (code == KeyCode.ESCAPE) {
            recalled = -1;
            field.clear();
        } else if (code == KeyCode.UP || code == KeyCode.DOWN) {
            recall(code == KeyCode.UP ? -1 : 1);
        } else {
            return;
        }
        key.consume();
    }

    /** Goes back to what was asked before, or forth again. */
    private void recall(int by) {
        List<Jotting> lines = model.jotter().lines();
        int from = recalled < 0 || recalled > lines.size() ? lines.size() : recalled;
        recalled = Math.max(0, Math.min(lines.size(), from + by));
        write(recalled < lines.size() ? lines.get(recalled).asked() : "");
        open.set(true);
    }

    private void ask() {
        String text = field.getText().strip();
        if (text.isEmpty()) {
            open.set(true);
            return;
        }
        pause.stop();
        model.jotter().ask(text, kept -> {
            if (kept) {
                recalled = -1;
                field.clear();
            } else {
                toFault();
            }
        });
    }

    /** Goes to the place where the line makes no sense. */
    private void toFault() {
        Optional.ofNullable(model.jotter().lookedProperty().get())
                .flatMap(Jotted::fault)
                .ifPresent(fault -> field.selectRange(
                        Math.min(field.getLength(), fault.at().from()),
                        Math.min(field.getLength(), fault.at().to())));
    }

    /** Unfolds it and puts the cursor there. */
    public void focus() {
        open.set(true);
        field.requestFocus();
        field.end();
    }

    /** Puts a line into the field, to be changed or asked again. */
    public void write(String text) {
        field.setText(text);
        field.requestFocus();
        field.end();
    }

    private void showLast() {
        List<Jotting> lines = model.jotter().lines();
        Jotting last = lines.isEmpty() ? null : lines.get(lines.size() - 1);
        boolean some = last != null && !last.result().isEmpty();
        result.setText(some ? shown(last, LONGEST) : "");
        if (some) {
            Drops.from(result, model.jotter().written(last));
        }
    }

    /** A result with the sign before it: it is equal only to what does not break off. */
    static String shown(Jotting line, int longest) {
        String result = Visible.line(line.result(), longest);
        return (line.approximate() ? "≈ " : "= ") + result + (line.breaksOff() ? "…" : "");
    }
}
