package promedio.desktop.table;

import java.util.ArrayList;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.core.sentence.Visible;
import promedio.core.trail.Recoding;
import promedio.desktop.text.Words;

/** The values of a column with their counts, and what is to stand in their place, or what they are to be called. */
final class ValuesPane extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final int LONGEST = 40;
    private static final int COLUMNS = 2;

    private final StepBar steps;
    private final GridPane grid = new GridPane();
    private final Hyperlink replace = new Hyperlink(Words.of("values.replace"));
    private final Hyperlink name = new Hyperlink(Words.of("values.name"));
    private final Label more = new Label();
    private final List<TextField> fields = new ArrayList<>();
    private Recoding recoding;
    private boolean naming;

    ValuesPane(StepBar steps) {
        this.steps = steps;
        getStyleClass().add("values-pane");
        setId("values-pane");
        replace.setId("values-replace");
        name.setId("values-name");
        replace.getStyleClass().add("values-way");
        name.getStyleClass().add("values-way");
        replace.setOnAction(press -> turn(false));
        name.setOnAction(press -> turn(true));
        more.getStyleClass().add("soft");
        HBox head = new HBox(replace, name, more);
        head.getStyleClass().add("values-head");
        grid.getStyleClass().add("values-grid");
        ScrollPane scroll = new ScrollPane(grid);
        scroll.getStyleClass().add("reading-scroll");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, scroll);
    }

    /** Shows the values of a column. */
    void open(Recoding values, boolean names) {
        recoding = values;
        fields.clear();
        grid.getChildren().clear();
        int at = 0;
        for (Recoding.Value value : values.values()) {
            Label shown = new Label(Visible.line(value.shown(), LONGEST));
            Label times = new Label(Words.of("values.times", value.times()));
            times.getStyleClass().add("soft");
            times.setMinWidth(USE_PREF_SIZE);
            shown.setMinWidth(USE_PREF_SIZE);
            TextField field = new TextField();
            field.setId("values-field-" + at);
            field.setPromptText(Words.of("values.stays"));
            field.setAccessibleText(Words.of("values.spoken", value.shown()));
            field.textProperty().addListener((property, before, now) -> write());
            field.setOnAction(enter -> steps.make());
            Hyperlink missing = new Hyperlink(Words.of("values.missing"));
            missing.setMinWidth(USE_PREF_SIZE);
            missing.setId("values-missing-" + at);
            missing.setOnAction(press -> field.setText("missing"));
            HBox with = new HBox(field, missing);
            with.getStyleClass().add("values-with");
            fields.add(field);
            int column = at % COLUMNS * 3;
            grid.add(shown, column, at / COLUMNS);
            grid.add(times, column + 1, at / COLUMNS);
            grid.add(with, column + 2, at / COLUMNS);
            at++;
        }
        more.setText(values.more() == 0 ? "" : Words.of("values.more", values.more()));
        turn(names);
        if (!fields.isEmpty()) {
            fields.get(0).requestFocus();
        }
    }

    private void turn(boolean names) {
        naming = names;
        replace.pseudoClassStateChanged(CHOSEN, !names);
        name.pseudoClassStateChanged(CHOSEN, names);
        grid.lookupAll(".hyperlink").forEach(link -> link.setVisible(!names));
        write();
    }

    private void write() {
        List<String> texts = fields.stream().map(TextField::getText).toList();
        steps.put(naming ? recoding.naming(texts) : recoding.replacing(texts));
    }
}
