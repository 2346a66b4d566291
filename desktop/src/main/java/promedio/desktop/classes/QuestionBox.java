package promedio.desktop.classes;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.course.CardKey;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Outcome;
import promedio.core.measure.GroupedPercentileRank;
import promedio.core.measure.GroupedQuantile;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Sample;
import promedio.core.working.FigureText;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** Questions to a class table: how many lie between two values, and which value cuts off a share. */
final class QuestionBox extends VBox {
    private static final Exact HUNDRED = Exact.of(100);

    private final DeskModel model;
    private final Consumer<Optional<Exact>> read;
    private final TextField from = field("class-from");
    private final TextField to = field("class-to");
    private final TextField top = field("class-top");
    private final Label between = new Label();
    private final Label cut = new Label();
    private ShownClasses shown;

    QuestionBox(DeskModel model, Consumer<Optional<Exact>> read) {
        this.model = model;
        this.read = read;
        getStyleClass().add("class-questions");
        for (TextField field : new TextField[] {from, to, top}) {
            field.textProperty().addListener((property, before, now) -> answer());
        }
        from.setAccessibleText(Words.of("classes.ask.from"));
        to.setAccessibleText(Words.of("classes.ask.to"));
        top.setAccessibleText(Words.of("classes.ask.top"));
        HBox first =
                line(new Label(Words.of("classes.ask.from")), from, new Label(Words.of("classes.ask.to")), to, between);
        HBox second = line(new Label(Words.of("classes.ask.top")), top, new Label("%"), cut);
        FlowPane both = new FlowPane(first, second);
        both.getStyleClass().add("class-question-lines");
        getChildren().add(both);
    }

    private static HBox line(javafx.scene.Node... nodes) {
        HBox line = new HBox(nodes);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("labelled");
        for (javafx.scene.Node node : nodes) {
            if (node instanceof Label label) {
                label.setMinWidth(Region.USE_PREF_SIZE);
            }
        }
        return line;
    }

    private static TextField field(String id) {
        TextField field = new TextField();
        field.setId(id);
        field.getStyleClass().add("ask-field");
        return field;
    }

    void show(ShownClasses table) {
        shown = table;
        answer();
    }

    private Optional<Exact> number(TextField field) {
        return model.assignment().card().numerals().read(field.getText()).map(number -> number.exact());
    }

    /** How many lie below a value, by interpolation. */
    private Optional<Exact> below(Exact value) {
        Sample sample = Sample.classes(shown.table());
        return new GroupedPercentileRank(value)
                .outcome(Evaluation.of(sample))
                .single()
                .map(percent -> ((Exact) percent).times(sample.count()).over(HUNDRED));
    }

    private void answer() {
        if (shown == null) {
            return;
        }
        answerBetween();
        Optional<Exact> percent = number(top).filter(share -> share.signum() > 0 && share.compareTo(HUNDRED) < 0);
        cut.setText(
                percent.map(this::cutOff).orElse(top.getText().isBlank() ? "" : Words.of("classes.ask.share-problem")));
    }

    private void answerBetween() {
        Optional<Exact> low = number(from);
        Optional<Exact> high = number(to);
        boolean wrong =
                !from.getText().isBlank() && low.isEmpty() || !to.getText().isBlank() && high.isEmpty();
        read.accept(low.or(() -> high));
        if (wrong) {
            between.setText(Words.of("classes.ask.number-problem"));
            return;
        }
        if (low.isEmpty() && high.isEmpty()) {
            between.setText("");
            return;
        }
        Exact n = shown.table().count();
        Optional<Exact> before = low.isEmpty() ? Optional.of(Exact.ZERO) : below(low.get());
        Optional<Exact> through = high.isEmpty() ? Optional.of(n) : below(high.get());
        if (before.isEmpty() || through.isEmpty()) {
            between.setText(Words.of("classes.ask.open"));
            return;
        }
        Exact count = through.get().minus(before.get());
        FigureText text = shown.figures().text();
        between.setText(
                count.signum() < 0
                        ? Words.of("classes.ask.reversed")
                        : Words.of(
                                "classes.ask.count",
                                text.answer(count),
                                text.answer(count.times(100).over(n))));
    }

    private String cutOff(Exact percent) {
        Exact share = Exact.ONE.minus(percent.over(HUNDRED));
        Outcome outcome = GroupedQuantile.share(share, shown.figures().card().get(CardKey.GROUPED_POSITION))
                .outcome(Evaluation.of(Sample.classes(shown.table())));
        Optional<Figure> value = outcome.single();
        return value.map(figure ->
                        Words.of("classes.ask.cut", shown.figures().text().answer(figure)))
                .orElseGet(() -> Words.of(outcome.whyUndefined().orElseThrow()));
    }
}
