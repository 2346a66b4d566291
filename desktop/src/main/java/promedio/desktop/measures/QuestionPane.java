package promedio.desktop.measures;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Task;
import promedio.core.measure.Measure;
import promedio.core.question.PrintedQuestion;
import promedio.core.question.QuestionReader;
import promedio.core.report.MeasureLine;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Press;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.reading.HowReadLine;
import promedio.desktop.text.Words;

/** The question as it is written, above the rows that it asks for: what it asks is underlined, what is for a person stands below it. */
final class QuestionPane extends HBox {
    private static final int LONGEST = 4_000;

    private final DeskModel model;
    private final VBox paper = new VBox();
    private final HowReadLine howRead;
    private PrintedQuestion shown;
    private List<Task> posed = List.of();

    QuestionPane(DeskModel model) {
        this.model = model;
        howRead = new HowReadLine(model);
        setId("question");
        getStyleClass().add("question");
        paper.getStyleClass().add("question-paper");
        paper.setMinWidth(0);
        HBox.setHgrow(paper, Priority.ALWAYS);
        Region margin = new Region();
        margin.getStyleClass().add("margin-cell");
        getChildren().addAll(paper, margin);
    }

    /** Shows a question, and what is asked of a sample. */
    QuestionPane show(PrintedQuestion question, List<Task> tasks, SheetFigures figures) {
        if (question.equals(shown) && tasks.equals(posed)) {
            return this;
        }
        shown = question;
        posed = tasks;
        List<Node> nodes = new ArrayList<>();
        nodes.add(words(question, tasks, figures));
        question.open().stream()
                .filter(open ->
                        question.told().stream().noneMatch(told -> told.equals(Sentence.of("question.unknown", open))))
                .forEach(open -> nodes.add(open(open)));
        question.told().stream()
                .filter(told ->
                        told.key().startsWith("question.") && !told.key().equals("question.counted"))
                .forEach(told -> nodes.add(note(Words.of(told))));
        convention(question, figures).ifPresent(told -> nodes.add(note(told)));
        howRead.show(figures.basis());
        nodes.add(howRead);
        nodes.add(Press.link("question.plain", "question-plain", () -> drop(tasks)));
        paper.getChildren().setAll(nodes);
        return this;
    }

    /** The words, those that ask underlined. */
    private Node words(PrintedQuestion question, List<Task> tasks, SheetFigures figures) {
        String text = question.text();
        String whole = text.length() > LONGEST ? text.substring(0, LONGEST) + "…" : text;
        TextFlow flow = new TextFlow();
        flow.getStyleClass().add("question-words");
        flow.setAccessibleText(whole);
        int from = 0;
        for (PrintedQuestion.Wanted wanted : question.asked()) {
            int at = whole.indexOf(wanted.words(), from);
            Optional<Task> task = task(wanted, tasks, figures);
            if (at < 0 || task.isEmpty()) {
                continue;
            }
            flow.getChildren().add(plain(whole.substring(from, at)));
            flow.getChildren().add(asked(wanted.words(), task.get(), figures));
            from = at + wanted.words().length();
        }
        flow.getChildren().add(plain(whole.substring(from)));
        return flow;
    }

    private static Optional<Task> task(PrintedQuestion.Wanted wanted, List<Task> tasks, SheetFigures figures) {
        return tasks.stream()
                .filter(task -> figures.line(task.question().measure()).isPresent())
                .filter(task -> task.text().endsWith(wanted.words())
                        || task.question().measure().equals(wanted.measure()))
                .findFirst();
    }

    private static Text plain(String words) {
        Text text = new Text(words);
        text.getStyleClass().add("question-text");
        return text;
    }

    /** Words that ask: pressed, they say what they ask for, and let it be something else or nothing. */
    private Node asked(String words, Task task, SheetFigures figures) {
        Hyperlink link = new Hyperlink(Visible.line(words));
        link.getStyleClass().add("question-asked");
        link.setId("asked-" + task.question().measure());
        link.setOnAction(press -> {
            // Shown by the pane: of the words it would take over their font.
            Bounds at = link.localToScreen(link.getBoundsInLocal());
            menu(task, figures).show(this, at.getMinX(), at.getMaxY());
        });
        link.setOnMouseEntered(
                enter -> model.looking().pointedProperty().set(task.question().measure()));
        link.setOnMouseExited(leave -> model.looking().pointedProperty().set(""));
        return link;
    }

    private ContextMenu menu(Task task, SheetFigures figures) {
        String question = task.question().measure();
        ContextMenu menu = new ContextMenu();
        menu.getItems().add(Press.item("asked-open", Words.of("question.open"), () -> model.looking()
                .opened()
                .add(question)));
        menu.getItems()
                .add(Press.item(
                        "asked-not",
                        Words.of("question.not-asked"),
                        () -> model.make(new AnswerEdit.DropTask(task.question().sheetId(), question))));
        menu.getItems().add(Press.separator());
        Measure.Group group = figures.line(question)
                .map(line -> line.measure().traits().group())
                .orElse(Measure.Group.CENTRE);
        figures.lines().stream()
                .filter(line -> line.measure().traits().group() == group
                        && !line.question().equals(question)
                        && posed.stream()
                                .noneMatch(other -> other.question().measure().equals(line.question())))
                .forEach(line -> menu.getItems()
                        .add(Press.item(
                                "asked-instead-" + line.question(),
                                Words.of("question.instead", Words.of(line.label())),
                                () -> instead(task, line))));
        return menu;
    }

    /** Asks for another measure in the place of one, by the same words and to the same places. */
    private void instead(Task task, MeasureLine line) {
        String sheet = task.question().sheetId();
        Task other = new Task(
                new Assignment.Question(sheet, line.question()),
                task.text(),
                task.places(),
                task.points(),
                task.tolerance());
        int at = model.assignment().tasks().all().indexOf(task);
        model.make(new Edit.Together(
                "pose-question",
                List.of(
                        new AnswerEdit.DropTask(sheet, task.question().measure()),
                        new AnswerEdit.PoseTask(at, other))));
    }

    /** Nothing is asked any more: what was pasted is data. */
    private void drop(List<Task> tasks) {
        List<Edit> edits = tasks.stream()
                .<Edit>map(task -> new AnswerEdit.DropTask(
                        task.question().sheetId(), task.question().measure()))
                .toList();
        model.make(new Edit.Together("drop-question", edits));
    }

    /** What a person has to do; a picture is one press away. */
    private Node open(String words) {
        Label label = new Label(Words.of("question.for-you", Visible.line(words)));
        label.getStyleClass().add("question-open");
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        HBox line = new HBox(label);
        line.setAlignment(Pos.BASELINE_LEFT);
        line.getStyleClass().add("question-line");
        if (QuestionReader.isDrawn(words)) {
            line.getChildren().add(Press.link("question.picture", "question-picture", () -> model.looking()
                    .pageProperty()
                    .set(Page.PICTURE)));
        }
        return line;
    }

    /** Where the words name a convention that is not the card’s, that is said: the figure follows the card. */
    private static Optional<String> convention(PrintedQuestion question, SheetFigures figures) {
        return question.asked().stream()
                .filter(wanted -> wanted.of() == 0)
                .filter(wanted -> figures.lines().stream()
                        .anyMatch(line -> !line.measure().key().equals(wanted.measure())
                                && wanted.measure().startsWith(line.question() + "-")
                                && wanted.measure().matches(".*-(?:sample|population)")))
                .findFirst()
                .map(wanted -> Words.of("question.other-divisor", wanted.words()));
    }

    private static Label note(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("question-note");
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }
}
