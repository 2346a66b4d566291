package promedio.desktop.entries;

import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SampleSheet.Variables;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** What the two of each pair are called and measured in, and what can be done with them. */
final class VariablesPane extends VBox {
    private final DeskModel model;
    private final TextField first = field("variable-x");
    private final TextField firstUnit = unit("variable-x-unit");
    private final TextField second = field("variable-y");
    private final TextField secondUnit = unit("variable-y-unit");
    private String shown = "";
    private List<String> written = List.of("", "", "", "");

    VariablesPane(DeskModel model) {
        this.model = model;
        getStyleClass().add("variables");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("variables-grid");
        grid.addRow(0, new Label(), soft("variables.name"), soft("variables.unit"));
        grid.addRow(1, letter("x"), first, firstUnit);
        grid.addRow(2, letter("y"), second, secondUnit);
        for (TextField field : List.of(first, firstUnit, second, secondUnit)) {
            field.setOnAction(entered -> call());
            field.focusedProperty().addListener((property, before, focused) -> {
                if (!focused) {
                    call();
                }
            });
        }
        Label head = new Label(Words.of("variables.head"));
        head.getStyleClass().add("list-head");
        getChildren()
                .addAll(
                        head,
                        grid,
                        link("variables-swap", model.pairs()::swap),
                        link("variables-x", () -> model.pairs().alone(false)),
                        link("variables-y", () -> model.pairs().alone(true)));
    }

    private static TextField field(String id) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(Words.of("variables.name.prompt"));
        return field;
    }

    private static TextField unit(String id) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(Words.of("entries.unit.prompt"));
        field.getStyleClass().add("short-field");
        return field;
    }

    private static Label letter(String letter) {
        Label label = new Label(letter);
        label.getStyleClass().add("variable-letter");
        return label;
    }

    private static Label soft(String key) {
        Label label = new Label(Words.of(key));
        label.getStyleClass().add("soft");
        return label;
    }

    private static Hyperlink link(String id, Runnable action) {
        Hyperlink link = new Hyperlink(Words.of(id.replace('-', '.')));
        link.setId(id);
        link.setAlignment(Pos.CENTER_LEFT);
        link.setOnAction(click -> action.run());
        Tip.on(link, Words.of(id.replace('-', '.') + ".tip"));
        return link;
    }

    void show(SampleSheet sheet) {
        Variables of = sheet.variables().orElse(Variables.UNNAMED);
        first.setText(Visible.line(of.first()));
        firstUnit.setText(Visible.line(sheet.unit()));
        second.setText(Visible.line(of.second()));
        secondUnit.setText(Visible.line(of.secondUnit()));
        shown = sheet.id();
        written = written();
    }

    private List<String> written() {
        return Stream.of(first, firstUnit, second, secondUnit)
                .map(field -> field.getText().strip())
                .toList();
    }

    /** What was typed counts for the pairs that were shown; what was only passed through changes nothing. */
    private void call() {
        List<String> now = written();
        if (!now.equals(written)) {
            written = now;
            model.pairs().call(shown, new Variables(now.get(0), now.get(2), now.get(3)), now.get(1));
        }
    }
}
