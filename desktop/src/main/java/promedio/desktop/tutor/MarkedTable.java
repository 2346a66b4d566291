package promedio.desktop.tutor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.core.answers.MarkedAnswer;
import promedio.core.answers.MarkedSet;
import promedio.core.answers.QuestionNames;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Task;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Tip;
import promedio.desktop.margin.MarkGlyph;
import promedio.desktop.model.tutor.Classwork;
import promedio.desktop.text.Words;

/** Who by question, each answer with glyph and word; the arrow keys go from one to the next, a click opens the mark. */
final class MarkedTable extends ScrollPane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private static final double WHO_EMS = 13.5;
    private static final double CELL_EMS = 7.8;

    private final Classwork work;
    private final HBox heads = new HBox();
    private final ListView<String> rows = new ListView<>();
    private final ObservableList<String> students = FXCollections.observableArrayList();
    private final VBox inner = new VBox(heads, rows);
    private MarkedSet set;

    MarkedTable(Classwork work) {
        this.work = work;
        getStyleClass().addAll("reading-scroll", "marked-table");
        setFitToHeight(true);
        setFitToWidth(true);
        setVbarPolicy(ScrollBarPolicy.NEVER);
        heads.getStyleClass().addAll("marked-row", "marked-heads");
        rows.setItems(students);
        rows.setCellFactory(list -> new Row());
        rows.setId("marked-rows");
        rows.getStyleClass().add("columns-list");
        rows.setAccessibleText(Words.of("tutor.ANSWERS"));
        rows.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        VBox.setVgrow(rows, Priority.ALWAYS);
        setContent(inner);
        work.chosenProperty().addListener((property, before, now) -> rows.refresh());
    }

    void show(MarkedSet marks) {
        set = marks;
        QuestionNames names = work.names();
        heads.getChildren()
                .setAll(head("marked-who", Words.of("tutor.who")), head("marked-points", Words.of("tutor.points")));
        for (Assignment.Question question : marks.questions()) {
            String number = work.tasks()
                    .of(question)
                    .map(one -> work.tasks().number(one) + ". ")
                    .orElse("");
            heads.getChildren().add(head("marked-cell", number + names.measure(question), names.sample(question)));
        }
        inner.setStyle(
                "-fx-min-width: " + (WHO_EMS + CELL_EMS * marks.questions().size()) + "em;");
        students.setAll(marks.students());
        rows.refresh();
    }

    private static VBox head(String style, String... lines) {
        VBox head = new VBox();
        head.getStyleClass().addAll("marked-head", style);
        head.setAlignment(Pos.BOTTOM_LEFT);
        for (String line : lines) {
            Label label = new Label(Visible.line(line));
            Tip.whenCut(label);
            head.getChildren().add(label);
        }
        return head;
    }

    /** The arrow keys go from answer to answer. */
    private void key(KeyEvent key) {
        int across = key.getCode() == KeyCode.RIGHT ? 1 : key.getCode() == KeyCode.LEFT ? -1 : 0;
        int down = key.getCode() == KeyCode.DOWN ? 1 : key.getCode() == KeyCode.UP ? -1 : 0;
        if (set == null || across == 0 && down == 0) {
            return;
        }
        List<Assignment.Question> questions = set.questions();
        Classwork.Chosen now = work.chosenProperty().get();
        int row = now == null ? 0 : students.indexOf(now.who()) + down;
        int column = now == null ? 0 : questions.indexOf(now.question()) + across;
        if (row >= 0 && row < students.size() && column >= 0 && column < questions.size()) {
            work.chosenProperty().set(new Classwork.Chosen(students.get(row), questions.get(column)));
            rows.scrollTo(Math.max(0, row - 2));
        }
        key.consume();
    }

    private final class Row extends ListCell<String> {
        private final HBox line = new HBox();
        private final Label who = new Label();
        private final Label points = new Label();

        Row() {
            line.getStyleClass().add("marked-row");
            line.setAlignment(Pos.CENTER_LEFT);
            who.getStyleClass().add("marked-who");
            points.getStyleClass().add("marked-points");
            Tip.whenCut(who);
        }

        @Override
        protected void updateItem(String student, boolean empty) {
            super.updateItem(student, empty);
            if (empty || student == null) {
                setGraphic(null);
                return;
            }
            who.setText(student);
            points.setText(Task.plain(set.points(student)));
            List<Node> cells = new ArrayList<>(List.of(who, points));
            for (Assignment.Question question : set.questions()) {
                cells.add(cell(student, question));
            }
            line.getChildren().setAll(cells);
            setGraphic(line);
        }

        private Node cell(String student, Assignment.Question question) {
            Optional<MarkedAnswer> answer = set.at(student, question);
            Classwork.Chosen here = new Classwork.Chosen(student, question);
            VBox cell = new VBox();
            cell.getStyleClass().addAll("marked", "marked-cell");
            cell.setId("marked-" + student + "-" + question.sheetId() + "-" + question.measure());
            cell.pseudoClassStateChanged(
                    CHOSEN, here.equals(work.chosenProperty().get()));
            answer.ifPresent(one -> {
                MarkGlyph.mark(cell, Optional.of(one.mark().kind()));
                Label written = new Label(one.given().shown());
                written.getStyleClass().add("marked-answer");
                Label word = new Label(Words.of(one.mark().word()));
                word.getStyleClass().addAll("mark-said", "marked-word");
                Tip.whenCut(word);
                HBox first = new HBox(new MarkGlyph(), written);
                first.setAlignment(Pos.CENTER_LEFT);
                first.getStyleClass().add("marked-first");
                cell.getChildren().addAll(first, word);
                cell.setAccessibleRole(AccessibleRole.BUTTON);
                cell.setAccessibleText(student + ", " + one.given().shown() + ": " + word.getText());
            });
            // Not when it is let go: by then the list may have made the row anew.
            cell.setOnMousePressed(press -> {
                rows.requestFocus();
                work.chosenProperty().set(here);
            });
            return cell;
        }
    }
}
