package promedio.desktop.measures;

import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import promedio.core.marking.Mark;
import promedio.core.report.MeasureLine;
import promedio.desktop.control.FirstPicture;
import promedio.desktop.control.Tip;
import promedio.desktop.formula.FormulaView;
import promedio.desktop.margin.AnswerBox;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Margin;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** One measure: its line, its working when open, and the student's answer beside it in the margin. */
final class MeasureRow extends HBox {
    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");
    private static final PseudoClass POINTED = PseudoClass.getPseudoClass("pointed");
    private static final PseudoClass COVERED = PseudoClass.getPseudoClass("covered");
    private static final PseudoClass UNDEFINED = PseudoClass.getPseudoClass("undefined");

    private final DeskModel model;
    private final String question;
    private final Label name = new Label();
    private final FormulaView symbol = new FormulaView();
    private final FigureLabel figure = new FigureLabel();
    private final Label note = new Label();
    private final HBox line = new HBox();
    private final VBox paper = new VBox();
    private AnswerBox answer;
    private WorkingPane working;
    private Written written;

    MeasureRow(DeskModel model, MeasureLine shown) {
        this.model = model;
        this.question = shown.question();
        getStyleClass().add("measure-row");
        name.getStyleClass().add("measure-name");
        StackPane symbolBox = new StackPane(symbol);
        symbolBox.setAlignment(Pos.CENTER_LEFT);
        symbolBox.getStyleClass().add("measure-symbol");
        note.getStyleClass().add("measure-note");
        HBox.setHgrow(note, Priority.ALWAYS);
        note.setMaxWidth(Double.MAX_VALUE);
        note.setMinWidth(0);
        Tip.whenCut(note);
        Tip.whenCut(name);
        Region fold = new Region();
        fold.getStyleClass().add("fold-glyph");
        line.getStyleClass().add("measure-line");
        line.setAlignment(Pos.CENTER_LEFT);
        line.getChildren().addAll(fold, name, symbolBox, figure, note);
        line.setFocusTraversable(true);
        line.setAccessibleRole(AccessibleRole.TOGGLE_BUTTON);
        line.setId("row-" + question);
        line.setOnMouseEntered(enter -> model.looking().pointedProperty().set(question));
        line.setOnMouseExited(leave -> model.looking().pointedProperty().set(""));
        line.setOnMouseClicked(click -> {
            line.requestFocus();
            model.looking().toggle(question);
        });
        line.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.SPACE) {
                model.looking().toggle(question);
                key.consume();
            }
        });
        paper.getStyleClass().add("measure-paper");
        paper.getChildren().add(line);
        HBox.setHgrow(paper, Priority.ALWAYS);
        Region room = new Region();
        room.getStyleClass().add("answer-box");
        getChildren().addAll(paper, room);
        FirstPicture.then(() -> {
            answer = new AnswerBox(model, question, Words.of(shown.label()));
            getChildren().set(1, answer);
        });
    }

    /** What a row without its working shows; while that is the same, nothing is built anew. */
    private record Written(
            MeasureLine line,
            boolean covered,
            String answer,
            String attempt,
            Optional<String> posed,
            Optional<Mark> mark) {}

    void show(MeasureLine shown, SheetFigures figures) {
        Margin margin = model.margin();
        Written now = new Written(
                shown,
                margin.covers(question),
                margin.answer(question),
                margin.attempt(question),
                margin.posed(question),
                margin.mark(question));
        boolean open = model.looking().opened().contains(question);
        if (!open && working == null && now.equals(written)) {
            return;
        }
        written = now;
        name.setText(Words.of(shown.label()));
        symbol.show(shown.symbol());
        boolean covered = now.covered();
        pseudoClassStateChanged(COVERED, covered);
        String plain = Words.of(shown.shown());
        figure.show(covered ? Words.of("cover.covered") : plain, shown.unit());
        note.setText(covered ? Words.of("cover.note") : Words.of(shown.note()));
        line.setAccessibleText(Words.of(shown.label()) + " " + (covered ? "" : shown.figure()) + " " + shown.unit()
                + ", " + note.getText());
        pseudoClassStateChanged(UNDEFINED, !shown.defined());
        if (answer != null) {
            answer.show();
        }
        showWorking(open, shown, figures);
        light();
    }

    /** Shows whether it is pointed at, and the value that is lit up. */
    void light() {
        pseudoClassStateChanged(
                POINTED, question.equals(model.looking().pointedProperty().get()));
        if (working != null) {
            working.light();
        }
    }

    private void showWorking(boolean open, MeasureLine shown, SheetFigures figures) {
        pseudoClassStateChanged(OPEN, open);
        line.setAccessibleHelp(Words.of(open ? "row.close" : "row.open"));
        if (!open) {
            paper.getChildren().setAll(line);
            working = null;
            return;
        }
        if (working == null) {
            working = new WorkingPane(model, question);
        }
        working.show(shown, figures);
        if (!paper.getChildren().contains(working)) {
            paper.getChildren().add(working);
        }
    }

    void focusLine() {
        line.requestFocus();
    }
}
