package promedio.desktop.entries;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.sample.SampleKind.Role;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** One entry in the order of entry: its number, its text, its frequency in a table or the second of its pair, and what is to be said of it. */
final class EntryCell extends StackPane {
    private static final PseudoClass OF_PAIRS = PseudoClass.getPseudoClass("of-pairs");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass FOCUSED = PseudoClass.getPseudoClass("in-focus");
    private static final PseudoClass LEFT_OUT = PseudoClass.getPseudoClass("left-out");
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final PseudoClass WRONG_BESIDE = PseudoClass.getPseudoClass("wrong-beside");
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private static final int LONGEST = 200;

    private final DeskModel model;
    private final Runnable backToList;
    private final Label number = new Label();
    private final Label value = new Label();
    private final Label beside = new Label();
    private final Label remark = new Label();
    private final Hyperlink accept = new Hyperlink();
    private final HBox box = new HBox(number, value, beside, remark, accept);
    private int index = -1;
    private boolean editing;

    /**
     * A cell of a list.
     *
     * @param backToList puts the focus back when an entry was typed anew, or left as it was
     */
    EntryCell(DeskModel model, Runnable backToList) {
        this.model = model;
        this.backToList = backToList;
        getStyleClass().add("entry-cell");
        number.getStyleClass().add("entry-number");
        value.getStyleClass().add("entry-value");
        beside.getStyleClass().add("entry-frequency");
        remark.getStyleClass().add("entry-remark");
        remark.setMinWidth(0);
        accept.setMinWidth(USE_PREF_SIZE);
        Tip.whenCut(value);
        Tip.whenCut(remark);
        box.setAlignment(Pos.CENTER_LEFT);
        box.getStyleClass().add("entry-box");
        getChildren().add(box);
    }

    double em() {
        return value.getFont().getSize();
    }

    /** Which entry it shows; −1 for none. */
    int index() {
        return index;
    }

    void setIndex(int entry) {
        if (entry != index && editing) {
            stopEdit();
        }
        index = entry;
    }

    boolean isEditing() {
        return editing;
    }

    /** Shows an entry as it is now. */
    void show(int row, boolean chosen, boolean inFocus) {
        SheetFigures figures = model.figuresProperty().get();
        pseudoClassStateChanged(CHOSEN, chosen);
        pseudoClassStateChanged(FOCUSED, inFocus);
        if (row < 0 || figures == null || row >= figures.sheet().size()) {
            box.setVisible(false);
            pseudoClassStateChanged(LEFT_OUT, false);
            pseudoClassStateChanged(WRONG, false);
            pseudoClassStateChanged(WRONG_BESIDE, false);
            pseudoClassStateChanged(LIT, false);
            return;
        }
        box.setVisible(!editing);
        SampleSheet sheet = figures.sheet();
        Interpretation reading = figures.interpretation();
        Interpretation.Status status = reading.status(row);
        number.setText(Sentence.written(row + 1));
        value.setText(Visible.line(sheet.values().text(row), LONGEST));
        beside.setText(sheet.beside()
                .map(column -> isFrequency(sheet)
                        ? Words.of("entries.frequency", column.text(row))
                        : Visible.line(column.text(row), LONGEST))
                .orElse(""));
        show(beside, sheet.beside().isPresent());
        beside.pseudoClassStateChanged(OF_PAIRS, sheet.can(Use.VARIABLES));
        remark.setText(reading.remark(row).map(Words::of).orElse(""));
        Optional<String> suggestion = reading.suggestion(row);
        accept.setText(
                suggestion.map(mended -> Words.of("entries.accept", mended)).orElse(""));
        show(accept, suggestion.isPresent());
        accept.setOnAction(click -> suggestion.ifPresent(
                mended -> model.make(new SheetEdit.SetEntry(sheet.id(), reading.faulty(row), row, mended), figures)));
        pseudoClassStateChanged(
                LIT,
                sheet.can(Use.BY_ENTRY)
                        ? Integer.valueOf(row)
                                .equals(model.looking().litEntryProperty().get())
                        : figures.valueOf(row)
                                .filter(value -> value.equals(
                                        model.looking().litProperty().get()))
                                .isPresent());
        boolean second = status == Interpretation.Status.NOT_A_NUMBER && reading.faulty(row) == 1;
        pseudoClassStateChanged(WRONG_BESIDE, second);
        pseudoClassStateChanged(LEFT_OUT, status != Interpretation.Status.NUMBER);
        pseudoClassStateChanged(
                WRONG,
                status == Interpretation.Status.NOT_A_NUMBER && !second
                        || status == Interpretation.Status.BAD_FREQUENCY
                        || status == Interpretation.Status.BAD_CLASS
                        || status == Interpretation.Status.OPEN_FREQUENCY);
    }

    private static void show(Node node, boolean visible) {
        node.setVisible(visible);
        node.setManaged(visible);
    }

    /** Puts fields in the place of what is written, to type it anew. */
    void startEdit() {
        SheetFigures figures = model.figuresProperty().get();
        if (editing || figures == null || index < 0 || index >= figures.sheet().size()) {
            return;
        }
        editing = true;
        SampleSheet sheet = figures.sheet();
        int row = index;
        TextField first = field(sheet.values().text(row), "entry-value");
        Label its = new Label(number.getText());
        its.getStyleClass().add("entry-number");
        HBox fields = new HBox(its, first);
        fields.setAlignment(Pos.CENTER_LEFT);
        fields.getStyleClass().add("entry-box");
        Optional<TextField> second = sheet.beside()
                .map(column -> field(column.text(row), isFrequency(sheet) ? "entry-frequency" : "entry-value"));
        second.ifPresent(fields.getChildren()::add);
        Runnable commit = () -> commit(
                figures, row, first.getText(), second.map(TextField::getText).orElse(""));
        for (Node field : fields.getChildren()) {
            if (field instanceof TextField typed) {
                typed.setOnAction(entered -> commit.run());
                typed.focusedProperty().addListener((property, before, focused) -> {
                    boolean within = fields.getChildren().stream().anyMatch(Node::isFocused);
                    if (editing && !focused && !within && getScene().getFocusOwner() != null) {
                        Platform.runLater(() -> leave(fields, commit));
                    }
                });
            }
        }
        box.setVisible(false);
        getChildren().add(fields);
        first.requestFocus();
        first.selectAll();
    }

    /** Somebody went elsewhere: what was typed counts. */
    private void leave(HBox fields, Runnable commit) {
        if (editing
                && getChildren().contains(fields)
                && fields.getChildren().stream().noneMatch(Node::isFocused)) {
            Node now = getScene().getFocusOwner();
            commit.run();
            if (now != null) {
                now.requestFocus();
            }
        }
    }

    private void stopEdit() {
        editing = false;
        getChildren().setAll(box);
        box.setVisible(true);
    }

    private TextField field(String text, String style) {
        TextField field = new TextField(text);
        field.getStyleClass().addAll("entry-field", style);
        field.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                stopEdit();
                backToList.run();
                key.consume();
            }
        });
        return field;
    }

    private void commit(SheetFigures seen, int row, String typed, String times) {
        SampleSheet sheet = seen.sheet();
        stopEdit();
        List<Edit> edits = new ArrayList<>();
        if (!typed.equals(sheet.values().text(row))) {
            edits.add(new SheetEdit.SetEntry(sheet.id(), 0, row, typed.strip()));
        }
        sheet.beside()
                .filter(column -> !column.text(row).equals(times))
                .ifPresent(column -> edits.add(new SheetEdit.SetEntry(sheet.id(), 1, row, times.strip())));
        if (!edits.isEmpty()) {
            model.make(edits.size() == 1 ? edits.get(0) : new Edit.Together("change-entry", edits), seen);
        }
        backToList.run();
    }

    private static boolean isFrequency(SampleSheet sheet) {
        return sheet.roles().get(1) == Role.FREQUENCY;
    }
}
