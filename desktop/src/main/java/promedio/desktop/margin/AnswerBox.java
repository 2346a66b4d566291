package promedio.desktop.margin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import promedio.core.marking.Explanation;
import promedio.core.marking.Mark;
import promedio.core.sentence.Sentence;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** The student's answer to one question, and its mark beside it: a glyph, a word, and what else is to be said below. */
public final class AnswerBox extends VBox {
    private static final List<String> HINTS = List.of("hint.first", "hint.second", "hint.third");

    private final DeskModel model;
    private final String question;
    private final AnswerField field;
    private final HBox line = new HBox();
    private final MarkGlyph glyph = new MarkGlyph();
    private final Label word = said("mark-word");
    private final Label detail = said("mark-detail");
    private final Hyperlink compare = new Hyperlink();
    private final Hyperlink hint = new Hyperlink();
    private final Label posed = new Label();
    private final StringProperty posedInFull = new SimpleStringProperty("");

    /** The box for a question whose working opens beside it. */
    public AnswerBox(DeskModel model, String question, String label) {
        this(model, question, label, () -> model.looking().opened().add(question));
    }

    /**
     * The box for a question.
     *
     * @param open opens its working, where the answer is not right
     */
    public AnswerBox(DeskModel model, String question, String label, Runnable open) {
        this.model = model;
        this.question = question;
        getStyleClass().addAll("answer-box", "marked");
        field = new AnswerField("answer-" + question, Words.of("answer.spoken", label), this::commit);
        Tip.whenCut(word);
        detail.setWrapText(true);
        detail.setMinHeight(USE_PREF_SIZE);
        compare.setId("compare-" + question);
        compare.getStyleClass().add("mark-compare");
        compare.setOnAction(press -> open.run());
        hint.setId("hint-" + question);
        hint.getStyleClass().add("mark-compare");
        hint.setOnAction(press -> model.margin().takeHint(question));
        Tip.on(posed, posedInFull);
        posed.getStyleClass().add("posed-text");
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
        MarkGlyph.mark(this, mark.map(Mark::kind));
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
        keep(line, glyph, mark.isPresent());
        keep(line, word, mark.isPresent());
        Optional<Explanation> likeliest = mark.flatMap(Mark::likeliest);
        boolean known = likeliest.filter(one -> one.way().isKnown()).isPresent();
        boolean unknown = mark.flatMap(Mark::fault).isPresent() && likeliest.isEmpty();
        boolean comparable =
                (known || unknown) && !sought && !model.looking().opened().contains(question);
        compare.setText(Words.of(known ? "mark.compare" : "mark.open"));
        hint.setText(Words.of(HINTS.get(Math.min(model.margin().hints(question), HINTS.size() - 1))));
        // Once it is answered right, a question need not be read again.
        Optional<String> task = model.margin()
                .posed(question)
                .filter(text -> mark.filter(is -> is.kind() == Mark.Kind.AGREES).isEmpty());
        posed.setText(task.orElse(""));
        posedInFull.set(model.margin().posedInFull(question).orElse(""));
        List<Node> below = new ArrayList<>();
        task.ifPresent(text -> below.add(posed));
        below.add(line);
        if (!detail.getText().isEmpty()) {
            below.add(detail);
        }
        if (comparable) {
            below.add(compare);
        }
        if (sought) {
            below.add(hint);
        }
        arrange(below);
        field.help(mark.isPresent() ? word.getText() + ". " + detail.getText() : detail.getText());
    }

    /** Has just these nodes, without taking away any that stays: it may have the cursor in it. */
    private void arrange(List<Node> nodes) {
        getChildren().retainAll(nodes);
        for (int i = 0; i < nodes.size(); i++) {
            if (i >= getChildren().size() || getChildren().get(i) != nodes.get(i)) {
                getChildren().add(i, nodes.get(i));
            }
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
