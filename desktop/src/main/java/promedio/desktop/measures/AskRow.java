package promedio.desktop.measures;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import promedio.core.number.Numerals;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** A line to ask for a percentile, a standard score or a percentile rank; each becomes a row of the page. */
final class AskRow extends HBox {
    private final DeskModel model;

    AskRow(DeskModel model) {
        this.model = model;
        getStyleClass().add("ask-row");
        Label head = new Label(Words.of("ask.head"));
        head.getStyleClass().add("soft");
        HBox paper = new HBox(
                head,
                field("ask.percentile", "percentile-", "ask.percentile.problem"),
                field("ask.z-score", "z-score=", "ask.number.problem"),
                field("ask.rank", "percentile-rank=", "ask.number.problem"));
        paper.setAlignment(Pos.CENTER_LEFT);
        paper.getStyleClass().add("ask-paper");
        HBox.setHgrow(paper, Priority.ALWAYS);
        Region margin = new Region();
        margin.getStyleClass().add("margin-cell");
        getChildren().addAll(paper, margin);
    }

    private HBox field(String label, String question, String problem) {
        TextField field = new TextField();
        field.setId(label.replace('.', '-'));
        field.getStyleClass().add("ask-field");
        Label name = new Label(Words.of(label));
        name.getStyleClass().add("soft");
        name.setLabelFor(field);
        name.setMinWidth(Region.USE_PREF_SIZE);
        field.setOnAction(entered -> {
            String typed = field.getText().strip();
            Numerals numerals = model.assignment().card().numerals();
            Optional<String> number =
                    numerals.read(typed).map(read -> read.exact().toString());
            if (number.isPresent() && model.ask(question + number.get())) {
                model.say("");
                field.clear();
            } else {
                model.say(Words.of(problem, typed));
            }
        });
        HBox box = new HBox(name, field);
        box.setAlignment(Pos.CENTER_LEFT);
        box.getStyleClass().add("labelled");
        return box;
    }
}
