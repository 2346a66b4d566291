package promedio.desktop.margin;

import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.Mark;
import promedio.desktop.text.Words;

/** The student's answer to one question, and its mark beside it: a glyph, a word, and what else is to be said below. */
public final class AnswerBox extends VBox {
    private static final PseudoClass LONG = PseudoClass.getPseudoClass("long");
    private static final int SHORT_ANSWER = 9;

    private final DeskModel model;
    private final String question;
    private final TextField field = new TextField();
    private final Region glyph = new Region();
    private final Label word = new Label();
    private final Label detail = new Label();

    /** The box for a question. */
    public AnswerBox(DeskModel model, String question, String label) {
        this.model = model;
        this.question = question;
        getStyleClass().add("answer-box");
        field.getStyleClass().add("answer-field");
        field.setPromptText(Words.of("answer.prompt"));
        field.setAccessibleText(Words.of("answer.spoken", label));
        field.setId("answer-" + question);
        field.setOnAction(entered -> commit());
        field.focusedProperty().addListener((property, before, focused) -> {
            if (!focused) {
                commit();
            }
        });
        field.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                field.setText(model.answer(question));
                key.consume();
            }
        });
        glyph.getStyleClass().add("mark-glyph");
        word.getStyleClass().add("mark-word");
        detail.getStyleClass().add("mark-detail");
        detail.setWrapText(true);
        detail.setMinHeight(USE_PREF_SIZE);
        HBox line = new HBox(field, glyph, word);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("answer-line");
        getChildren().addAll(line, detail);
        show();
    }

    private void commit() {
        if (!field.getText().strip().equals(model.answer(question))) {
            model.answer(question, field.getText());
        }
        show();
    }

    /** Shows the answer and its mark as they are now. */
    public void show() {
        String answer = model.answer(question);
        if (!field.isFocused() || answer.isEmpty() || field.getText().strip().equals(answer)) {
            if (!field.getText().strip().equals(answer)) {
                field.setText(answer);
            }
        }
        field.pseudoClassStateChanged(LONG, field.getText().length() > SHORT_ANSWER);
        Optional<Mark> mark = model.mark(question);
        for (Mark.Kind kind : Mark.Kind.values()) {
            boolean is = mark.filter(shown -> shown.kind() == kind).isPresent();
            pseudoClassStateChanged(PseudoClass.getPseudoClass(kind.name().toLowerCase(java.util.Locale.ROOT)), is);
        }
        glyph.setVisible(mark.isPresent());
        word.setText(mark.map(Mark::word).orElse(""));
        String attempt = model.attempt(question);
        String said = mark.map(Mark::detail).orElse("");
        detail.setText(said.isEmpty() || attempt.isEmpty() ? said + attempt : said + " " + attempt);
        boolean more = !detail.getText().isEmpty();
        detail.setVisible(more);
        detail.setManaged(more);
        field.setAccessibleHelp(word.getText() + ". " + detail.getText());
    }
}
