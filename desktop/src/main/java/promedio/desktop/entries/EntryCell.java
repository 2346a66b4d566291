package promedio.desktop.entries;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.SheetFigures;
import promedio.desktop.text.Words;

/** One entry in the order of entry: its number, its text, its frequency in a table, and what is to be said of it. */
final class EntryCell extends RowCell {
    private static final PseudoClass LEFT_OUT = PseudoClass.getPseudoClass("left-out");
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final DeskModel model;
    private final Label number = new Label();
    private final Label value = new Label();
    private final Label frequency = new Label();
    private final Label remark = new Label();
    private final Hyperlink accept = new Hyperlink();
    private final HBox box = new HBox(number, value, frequency, remark, accept);

    EntryCell(DeskModel model) {
        this.model = model;
        getStyleClass().add("entry-cell");
        number.getStyleClass().add("entry-number");
        value.getStyleClass().add("entry-value");
        frequency.getStyleClass().add("entry-frequency");
        remark.getStyleClass().add("entry-remark");
        box.setAlignment(Pos.BASELINE_LEFT);
        box.getStyleClass().add("entry-box");
    }

    @Override
    void show(int row) {
        SheetFigures figures = model.figuresProperty().get();
        if (row < 0 || figures == null || row >= figures.sheet().size()) {
            setGraphic(null);
            pseudoClassStateChanged(LEFT_OUT, false);
            pseudoClassStateChanged(WRONG, false);
            pseudoClassStateChanged(LIT, false);
            return;
        }
        SampleSheet sheet = figures.sheet();
        Interpretation reading = figures.interpretation();
        Interpretation.Status status = reading.status(row);
        number.setText(Integer.toString(row + 1));
        value.setText(sheet.values().text(row));
        frequency.setText(sheet.frequencies()
                .map(column -> Words.of("entries.frequency", column.text(row)))
                .orElse(""));
        show(frequency, sheet.frequencies().isPresent());
        remark.setText(reading.remark(row).map(Words::of).orElse(""));
        Optional<String> suggestion = reading.suggestion(row);
        accept.setText(
                suggestion.map(mended -> Words.of("entries.accept", mended)).orElse(""));
        show(accept, suggestion.isPresent());
        accept.setOnAction(
                click -> suggestion.ifPresent(mended -> model.make(new Edit.SetEntry(sheet.id(), 0, row, mended))));
        pseudoClassStateChanged(
                LIT,
                figures.valueOf(row)
                        .filter(value ->
                                value.equals(model.looking().litProperty().get()))
                        .isPresent());
        pseudoClassStateChanged(LEFT_OUT, status != Interpretation.Status.NUMBER);
        pseudoClassStateChanged(
                WRONG,
                status == Interpretation.Status.NOT_A_NUMBER
                        || status == Interpretation.Status.BAD_FREQUENCY
                        || status == Interpretation.Status.BAD_CLASS);
        if (!isEditing()) {
            setGraphic(box);
        }
    }

    private static void show(javafx.scene.Node node, boolean visible) {
        node.setVisible(visible);
        node.setManaged(visible);
    }

    @Override
    public void startEdit() {
        super.startEdit();
        SheetFigures figures = model.figuresProperty().get();
        if (!isEditing()
                || figures == null
                || getItem() == null
                || getItem() >= figures.sheet().size()) {
            return;
        }
        SampleSheet sheet = figures.sheet();
        int row = getItem();
        TextField first = field(sheet.values().text(row), "entry-value");
        HBox fields = new HBox(number, first);
        fields.setAlignment(Pos.BASELINE_LEFT);
        fields.getStyleClass().add("entry-box");
        sheet.frequencies().ifPresent(column -> {
            TextField second = field(column.text(row), "entry-frequency");
            fields.getChildren().add(second);
            second.setOnAction(entered -> commit(sheet, row, first.getText(), second.getText()));
        });
        first.setOnAction(entered -> commit(
                sheet,
                row,
                first.getText(),
                fields.getChildren().size() > 2
                        ? ((TextField) fields.getChildren().get(2)).getText()
                        : ""));
        setGraphic(fields);
        first.requestFocus();
        first.selectAll();
    }

    private TextField field(String text, String style) {
        TextField field = new TextField(text);
        field.getStyleClass().addAll("entry-field", style);
        field.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                cancelEdit();
                key.consume();
            }
        });
        return field;
    }

    private void commit(SampleSheet sheet, int row, String typed, String times) {
        cancelEdit();
        List<Edit> edits = new ArrayList<>();
        if (!typed.equals(sheet.values().text(row))) {
            edits.add(new Edit.SetEntry(sheet.id(), 0, row, typed.strip()));
        }
        sheet.frequencies()
                .filter(column -> !column.text(row).equals(times))
                .ifPresent(column -> edits.add(new Edit.SetEntry(sheet.id(), 1, row, times.strip())));
        if (!edits.isEmpty()) {
            model.make(edits.size() == 1 ? edits.get(0) : new Edit.Together("change-entry", edits));
        }
        getListView().requestFocus();
    }

    @Override
    public void cancelEdit() {
        super.cancelEdit();
        box.getChildren().setAll(number, value, frequency, remark, accept);
        setGraphic(box);
        getListView().requestFocus();
    }
}
