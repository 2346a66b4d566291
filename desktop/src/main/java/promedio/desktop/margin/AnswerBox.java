package promedio.desktop.margin;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.marking.Mark;
import promedio.core.sentence.Sentence;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Tip;
import promedio.desktop.text.Words;

/** The student's answer to one question, and its mark beside it: a glyph, a word, and what else is to be said below. */
public final class AnswerBox extends VBox {
    private static final List<String> HINTS = List.of("hint.first", "hint.second", "hint.third");

    private final DeskModel model;
    private final String question;
    private final AnswerField field;
    private final HBox line = new HBox();
    private final Region glyph = new Region();
    private final Label word = said("mark-word");
    private final Label detail = said("mark-detail");
    private final Hyperlink compare = new Hyperlink();
    private final Hyperlink hint = new Hyperlink();
    private final Label posed = new Label();

    /** The box for a question. */
    public AnswerBox(DeskModel model, String question, String label) {
        this.model = model;
        this.question = question;
        getStyleClass().add("answer-box");
        field = new AnswerField("answer-" + question, Words.of("answer.spoken", label), this::commit);
        glyph.getStyleClass().add("mark-glyph");
        Tip.whenCut(word);
        detail.setWrapText(true);
        detail.setMinHeight(USE_PREF_SIZE);
        compare.setId("compare-" + question);
        compare.getStyleClass().add("mark-compare");
        compare.setOnAction(press -> model.looking().opened().add(question));
        hint.setId("hint-" + question);
        hint.getStyleClass().add("mark-compare");
        hint.setOnAction(press -> model.margin().takeHint(question));
        posed.getStyleClass().add("task-text");
        posed.setWrapText(true);
        posed.setMinHeight(USE_PREF_SIZE);
        line.getChildren().add(field);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("answer-line");
        getChildren().add(line);
        show();
    }

    private static Label said(String style) {
        Label label = new Label();
        label.getStyleClass().addAll("mark-said", style);
        return label;
    }

    private void commit() {
        if (!field.text().equals(model.margin().answer(question))) {
            model.margin().answer(question, field.text());
        }
        show();
    }

    /** Shows the answer and its mark as they are now. */
    public void show() {
        field.show(model.margin().answer(question));
        Optional<Mark> mark = model.margin().mark(question);
        for (Mark.Kind kind : Mark.Kind.values()) {
            boolean is = mark.filter(shown -> shown.kind() == kind).isPresent();
            pseudoClassStateChanged(PseudoClass.getPseudoClass(kind.name().toLowerCase(Locale.ROOT)), is);
        }
        boolean sought = mark.isPresent() && model.margin().isSought(question);
        word.setText(
                sought
                        ? Words.of(Sentence.of("mark.differs"))
                        : mark.map(Mark::word).map(Words::of).orElse(""));
        String said = sought
                ? model.margin().told(question)
                : mark.map(Mark::details).map(Words::of).orElse("");
        detail.setText(Stream.of(said, model.margin().attempt(question))
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(" ")));
        showTask();
        keep(line, glyph, mark.isPresent());
        keep(line, word, mark.isPresent());
        keep(this, detail, !detail.getText().isEmpty());
        boolean known =
                mark.flatMap(Mark::likeliest).filter(one -> one.way().isKnown()).isPresent();
        boolean wrong = mark.flatMap(Mark::fault).isPresent();
        compare.setText(Words.of(known ? "mark.compare" : "mark.open"));
        keep(this, compare, wrong && !sought && !model.looking().opened().contains(question));
        hint.setText(Words.of(HINTS.get(Math.min(model.margin().hints(question), HINTS.size() - 1))));
        keep(this, hint, sought);
        field.help(mark.isPresent() ? word.getText() + ". " + detail.getText() : detail.getText());
    }

    /** The question as the tutor posed it stands above its answer. */
    private void showTask() {
        Optional<String> text = model.margin().posed(question);
        posed.setText(text.orElse(""));
        if (text.isEmpty()) {
            getChildren().remove(posed);
        } else if (!getChildren().contains(posed)) {
            getChildren().add(0, posed);
        }
    }

    /** Has a node at the end of a pane only while there is something to show in it. */
    private static void keep(Pane pane, Node node, boolean some) {
        if (!some) {
            pane.getChildren().remove(node);
        } else if (!pane.getChildren().contains(node)) {
            pane.getChildren().add(node);
        }
    }
}
