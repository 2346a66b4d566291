package promedio.desktop.tutor;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import promedio.core.answers.MarkedAnswer;
import promedio.core.answers.QuestionNames;
import promedio.core.assignment.Task;
import promedio.core.marking.TwoWorkings;
import promedio.core.working.FigureText;
import promedio.desktop.margin.MarkGlyph;
import promedio.desktop.margin.TwoWorkingsBox;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.tutor.Classwork;
import promedio.desktop.text.Words;

/** The answer that is looked at: what was asked, what is right, what may have happened, and the two workings. */
final class OpenedMark extends ScrollPane {
    private final DeskModel model;
    private final Classwork work;
    private final VBox inner = new VBox();

    OpenedMark(DeskModel model) {
        this.model = model;
        this.work = model.classwork();
        getStyleClass().addAll("reading-scroll", "opened-mark");
        setId("opened-mark");
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        inner.getStyleClass().add("opened-inner");
        setContent(inner);
    }

    void show() {
        Classwork.Chosen chosen = work.chosenProperty().get();
        inner.getChildren().clear();
        if (chosen == null) {
            Label hint = new Label(Words.of("tutor.open"));
            hint.getStyleClass().add("soft");
            inner.getChildren().add(hint);
            return;
        }
        QuestionNames names = work.names();
        String asked = work.tasks()
                .of(chosen.question())
                .filter(task -> !task.text().isEmpty())
                .map(this::told)
                .orElseGet(() -> names.called(chosen.question()));
        Label head = new Label(Words.of("tutor.opened", chosen.who(), asked));
        head.getStyleClass().add("opened-head");
        head.setWrapText(true);
        Hyperlink note = new Hyperlink(Words.of("tutor.copy-note", chosen.who()));
        note.setId("copy-note");
        note.setOnAction(press -> copy(chosen.who()));
        inner.getChildren().add(head);
        Optional<MarkedAnswer> answer = work.looked();
        if (answer.isEmpty()) {
            inner.getChildren().addAll(sentence(Words.of("tutor.no-answer")), note);
            return;
        }
        show(answer.get());
        inner.getChildren().add(note);
    }

    private String told(Task task) {
        return Words.of(task.told(work.tasks().number(task)));
    }

    private void show(MarkedAnswer answer) {
        Label written = new Label(answer.given().shown());
        written.getStyleClass().add("opened-answer");
        Label word = new Label(Words.of(answer.mark().word()));
        word.getStyleClass().add("mark-said");
        Label right = new Label(Words.of(
                "tutor.right-is",
                answer.outcome().figures().isEmpty()
                        ? Words.of("tutor.none")
                        : new FigureText(answer.card(), answer.dataPlaces()).answer(answer.outcome())));
        right.getStyleClass().add("soft");
        HBox line = new HBox(written, new MarkGlyph(), word, right);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().addAll("marked", "opened-line");
        MarkGlyph.mark(line, Optional.of(answer.mark().kind()));
        inner.getChildren().add(line);
        Optional<TwoWorkings> two = work.twoWorkings(answer);
        // What is told over the two workings is not told twice.
        answer.mark().details().stream().skip(two.isPresent() ? 1 : 0).forEach(detail -> inner.getChildren()
                .add(sentence(Words.of(detail))));
        answer.given().remarks().forEach(remark -> inner.getChildren().add(sentence(Words.of(remark))));
        two.ifPresent(both -> inner.getChildren()
                .add(new TwoWorkingsBox(
                        answer.given().question().measure(),
                        answer.mark().likeliest().orElseThrow(),
                        both)));
    }

    private static Label sentence(String words) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    private void copy(String who) {
        ClipboardContent content = new ClipboardContent();
        content.putString(work.note(who));
        Clipboard.getSystemClipboard().setContent(content);
        model.say(Words.of("tutor.copied", who));
    }
}
