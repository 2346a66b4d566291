package promedio.desktop.classes;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.course.CardKey;
import promedio.core.course.Closed;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.tabulate.ClassProposal;
import promedio.core.tabulate.Tabulation;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** How a list is put into classes: a proposal, a start and width, or boundaries typed one by one. */
final class TabulateBar extends VBox {
    private static final int MOST_CLASSES = 1_000;

    private final DeskModel model;
    private final Consumer<Tabulation> choose;
    private final TextField start = field("tabulate-start");
    private final TextField width = field("tabulate-width");
    private final TextField count = field("tabulate-count");
    private final TextField edges = new TextField();
    private final CheckBox inclusive = new CheckBox(Words.of("tabulate.inclusive"));
    private final Hyperlink closed = new Hyperlink();
    private final Label sentence = new Label();
    private SheetFigures figures;
    private Tabulation shown;

    TabulateBar(DeskModel model, Consumer<Tabulation> choose) {
        this.model = model;
        this.choose = choose;
        getStyleClass().add("tabulate-bar");
        FlowPane rules = new FlowPane();
        rules.getStyleClass().add("working-choices");
        rules.getChildren().add(soft("tabulate.propose"));
        for (ClassProposal.Rule rule : ClassProposal.Rule.values()) {
            Hyperlink link = new Hyperlink(Words.of("tabulate.rule." + rule));
            link.setId("rule-" + rule);
            link.setOnAction(click -> choose.accept(propose(rule)));
            rules.getChildren().add(link);
        }
        for (TextField field : List.of(start, width, count)) {
            field.setOnAction(entered -> ofFields());
            field.setAccessibleText(Words.of(field.getId().replace('-', '.')));
        }
        edges.setAccessibleText(Words.of("tabulate.edges"));
        edges.setId("tabulate-edges");
        edges.setOnAction(entered -> ofEdges());
        edges.getStyleClass().add("edges-field");
        inclusive.setId("tabulate-inclusive");
        inclusive.setOnAction(click -> choose.accept(new Tabulation(shown.edges(), inclusive.isSelected())));
        closed.setOnAction(click -> model.choose(
                CardKey.CLOSED, figures.card().get(CardKey.CLOSED) == Closed.LEFT ? Closed.RIGHT : Closed.LEFT));
        HBox fields =
                new HBox(soft("tabulate.start"), start, soft("tabulate.width"), width, soft("tabulate.count"), count);
        HBox typed = new HBox(soft("tabulate.edges"), edges);
        for (HBox line : List.of(fields, typed)) {
            line.setAlignment(Pos.CENTER_LEFT);
            line.getStyleClass().add("labelled");
        }
        FlowPane ends = new FlowPane(inclusive, closed);
        ends.getStyleClass().add("working-choices");
        sentence.getStyleClass().add("soft");
        sentence.setWrapText(true);
        sentence.setMinHeight(Region.USE_PREF_SIZE);
        getChildren().addAll(rules, fields, typed, ends, sentence);
    }

    private static Label soft(String key) {
        Label label = new Label(Words.of(key));
        label.getStyleClass().add("soft");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private static TextField field(String id) {
        TextField field = new TextField();
        field.setId(id);
        field.getStyleClass().add("ask-field");
        return field;
    }

    /** Classes by a rule of thumb. */
    private Tabulation propose(ClassProposal.Rule rule) {
        return ClassProposal.of(figures.sample(), rule, figures.card(), figures.figure("iqr"));
    }

    /** The classes of a sheet: its own, or proposed. */
    Tabulation of(SheetFigures of) {
        figures = of;
        return of.sheet().tabulation().orElseGet(() -> propose(ClassProposal.Rule.STURGES));
    }

    void show(Tabulation tabulation, Tabulation.Counted counted) {
        shown = tabulation;
        List<Exact> all = tabulation.edges();
        List<Exact> widths = new ArrayList<>();
        for (int i = 1; i < all.size(); i++) {
            widths.add(all.get(i).minus(all.get(i - 1)));
        }
        boolean same = widths.stream().distinct().count() == 1;
        start.setText(typed(all.get(0)));
        width.setText(same ? typed(widths.get(0)) : "");
        count.setText(Integer.toString(tabulation.size()));
        edges.setText(all.stream().map(this::typed).collect(Collectors.joining("; ")));
        inclusive.setSelected(tabulation.inclusive());
        boolean left = figures.card().get(CardKey.CLOSED) == Closed.LEFT;
        closed.setText(Words.of(left ? "tabulate.closed.right" : "tabulate.closed.left"));
        closed.setVisible(!tabulation.inclusive());
        boolean whole = counted.isComplete();
        sentence.setText(
                whole
                        ? Words.of("tabulate.complete", typed(figures.sample().count()))
                        : Words.of("tabulate.outside", typed(counted.below()), typed(counted.above())));
        sentence.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("wrong"), !whole);
    }

    private String typed(Exact number) {
        return figures.text().carried(number).replace("\u202f", "").replace("−", "-");
    }

    private Optional<Exact> number(TextField field) {
        return numerals().read(field.getText()).map(Numerals.Numeral::exact);
    }

    private Numerals numerals() {
        return model.assignment().card().numerals();
    }

    private void ofFields() {
        Optional<Exact> from = number(start);
        Optional<Exact> step = number(width).filter(value -> value.signum() > 0);
        Optional<Exact> classes = number(count)
                .filter(value -> value.isWhole() && value.signum() > 0 && value.compareTo(Exact.of(MOST_CLASSES)) <= 0);
        if (from.isPresent() && step.isPresent() && classes.isPresent()) {
            int number = classes.get().numerator().intValue();
            choose.accept(Tabulation.of(from.get(), step.get(), number, inclusive.isSelected()));
        } else {
            model.say(Words.of("tabulate.problem"));
        }
    }

    private void ofEdges() {
        List<Optional<Exact>> read = Arrays.stream(edges.getText().strip().split("[;\\s]+", -1))
                .map(text -> numerals().read(text).map(Numerals.Numeral::exact))
                .toList();
        try {
            if (read.stream().anyMatch(Optional::isEmpty)) {
                model.say(Words.of("tabulate.edges.problem"));
            } else {
                choose.accept(new Tabulation(read.stream().map(Optional::get).toList(), inclusive.isSelected()));
            }
        } catch (IllegalArgumentException unordered) {
            model.say(Words.of("tabulate.edges.problem"));
        }
    }
}
