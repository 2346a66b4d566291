package promedio.desktop.measures;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** A line to ask for a percentile, a standard score or a percentile rank, of pairs for a point of the line; each becomes a row of the page. */
final class AskRow extends HBox {
    private final DeskModel model;
    private final HBox paper = new HBox();

    /** What can be asked for of lists and tables. */
    static AskRow ofList(DeskModel model) {
        AskRow row = new AskRow(model);
        row.paper
                .getChildren()
                .addAll(
                        row.field("ask.percentile", AskRow::percentile, "ask.percentile.problem"),
                        row.field("ask.z-score", value -> List.of("z-score=" + value), "ask.number.problem"),
                        row.field("ask.rank", value -> List.of("percentile-rank=" + value), "ask.number.problem"));
        return row;
    }

    /** What can be asked for of the certainty of a mean. */
    static AskRow ofMean(DeskModel model) {
        AskRow row = new AskRow(model);
        row.paper
                .getChildren()
                .addAll(
                        row.field("ask.interval", AskRow::interval, "ask.interval.problem"),
                        row.field("ask.against", value -> List.of("t=" + value, "p=" + value), "ask.number.problem"));
        return row;
    }

    /** What can be asked for of pairs. */
    static AskRow ofPairs(DeskModel model) {
        AskRow row = new AskRow(model);
        row.paper.getChildren().add(row.field("ask.fitted", value -> List.of("fitted=" + value), "ask.number.problem"));
        return row;
    }

    private AskRow(DeskModel model) {
        this.model = model;
        getStyleClass().add("ask-row");
        Label head = new Label(Words.of("ask.head"));
        head.getStyleClass().add("soft");
        paper.getChildren().add(head);
        paper.setAlignment(Pos.CENTER_LEFT);
        paper.getStyleClass().add("ask-paper");
        HBox.setHgrow(paper, Priority.ALWAYS);
        Region margin = new Region();
        margin.getStyleClass().add("margin-cell");
        getChildren().addAll(paper, margin);
    }

    /** 37 asks for the 37th percentile, 62.5 for the quantile of the share 0.625. */
    private static List<String> percentile(Exact percent) {
        return List.of(percent.isWhole() ? "percentile-" + percent : "quantile/" + percent.over(100));
    }

    /** Both ends of the interval of the mean at a level in percent. */
    private static List<String> interval(Exact percent) {
        return List.of("interval-lower=" + percent.over(100), "interval-upper=" + percent.over(100));
    }

    private HBox field(String label, Function<Exact, List<String>> questions, String problem) {
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
            Optional<Exact> number = numerals.read(typed).map(Numerals.Numeral::exact);
            boolean asked = number.map(questions)
                    .filter(all -> all.stream().filter(model::ask).count() == all.size())
                    .isPresent();
            if (asked) {
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
