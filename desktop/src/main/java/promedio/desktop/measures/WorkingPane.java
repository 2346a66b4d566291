package promedio.desktop.measures;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import promedio.core.course.CardKey;
import promedio.core.document.Phrase;
import promedio.core.formula.Columns;
import promedio.core.formula.Formula;
import promedio.core.formula.Notation;
import promedio.core.marking.Explanation;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.measure.Quartile;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.number.Numerals;
import promedio.core.report.GivenReport;
import promedio.core.report.MeasureLine;
import promedio.core.report.WorkingReport;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.working.Working;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.formula.FormulaView;
import promedio.desktop.margin.TwoWorkingsBox;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** The working of a measure as a hand writes it: the case that applies, the lines, the table, the list in order. */
final class WorkingPane extends VBox {
    private static final int ROUNDED_PLACES = 2;
    /** A line of more characters may be wider than the page. */
    private static final int LONG = 80;

    private final DeskModel model;
    private final String question;
    private final WorkingTable table;
    private final SortedStrip strip;
    /** The working that is shown, or is being worked out to be shown. */
    private Working asked;

    private boolean comparing;

    WorkingPane(DeskModel model, String question) {
        this.model = model;
        this.question = question;
        getStyleClass().add("working");
        this.table = new WorkingTable(model);
        this.strip = new SortedStrip(model);
        setMinWidth(0);
    }

    /** Shows which value is lit up. */
    void light() {
        table.light();
    }

    void show(MeasureLine shown, SheetFigures figures) {
        List<Node> parts = new ArrayList<>();
        if (model.margin().covers(question)) {
            Hyperlink lift = new Hyperlink(Words.of("cover.lift"));
            lift.setId("lift-" + question);
            lift.setOnAction(click -> model.margin().liftCover(question));
            getChildren().setAll(sentence(Words.of("cover.sentence")), lift);
            return;
        }
        if (!shown.defined()) {
            parts.add(sentence(Words.of(shown.note())));
            getChildren().setAll(parts);
            return;
        }
        Working working =
                figures.working(shown.measure(), model.looking().methods().getOrDefault(question, ""));
        if (working.isLong()) {
            getChildren().setAll(sentence(figures.meaning(shown)), note(Words.of("message.busy")));
            asked = working;
            model.inBackground(
                    Lane.FIGURES,
                    working::prepare,
                    ready -> {
                        if (asked == ready) {
                            show(shown, figures, ready);
                        }
                    },
                    () -> getChildren().setAll(sentence(figures.meaning(shown))));
        } else {
            asked = working;
            show(shown, figures, working);
        }
    }

    private void show(MeasureLine shown, SheetFigures figures, Working working) {
        List<Node> parts = new ArrayList<>();
        Sample sample = figures.sample();
        parts.add(sentence(figures.meaning(shown)));
        mistake(shown, figures).ifPresent(parts::add);
        parts.add(choices(shown.measure(), sample, working, shown.unit()));
        if (shown.measure() instanceof Quartile && comparing) {
            parts.add(new RuleComparison(shown, figures));
        }
        shown.measure()
                .because(sample.shape())
                .ifPresent(because -> parts.add(sentence(Words.of(because, figures.text()))));
        if (shown.question().equals("mode") && sample.classes().isEmpty()) {
            parts.add(strip.frequencies(figures));
        } else {
            parts.add(body(working, shown, figures));
        }
        working.stuck().ifPresent(stuck -> parts.add(sentence(Words.of(stuck, figures.text()))));
        drift(working, shown, figures).ifPresent(parts::add);
        parts.add(note(figures.rules(shown)));
        getChildren().setAll(parts);
    }

    /** Where the answer parts from the working, when a mistake that is known leads to it. */
    private Optional<Node> mistake(MeasureLine shown, SheetFigures figures) {
        return model.margin().mark(question).flatMap(mark -> figures.twoWorkings(shown.measure(), mark)
                .map(two -> {
                    Explanation mistake = mark.likeliest().orElseThrow();
                    TwoWorkingsBox box = new TwoWorkingsBox(question, mistake, two);
                    // Where one value is blamed, it lights up on the Line, among the entries and in the tables.
                    mistake.where()
                            .flatMap(figures.card().numerals()::read)
                            .map(Numerals.Numeral::exact)
                            .ifPresent(blamed -> {
                                box.setOnMouseEntered(
                                        enter -> model.looking().litProperty().set(blamed));
                                box.setOnMouseExited(
                                        leave -> model.looking().litProperty().set(null));
                            });
                    return box;
                }));
    }

    private static Label sentence(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("working-sentence");
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** The hand methods, and exact or rounded lines: words to click, the chosen one plain. */
    private Node choices(Measure measure, Sample sample, Working working, String unit) {
        FlowPane flow = new FlowPane();
        flow.getStyleClass().add("working-choices");
        List<Measure.Method> methods = measure.methods(sample.shape());
        String chosen =
                model.looking().methods().getOrDefault(question, methods.get(0).id());
        if (methods.size() > 1) {
            for (Measure.Method method : methods) {
                String words = Words.of(Sentence.of("method." + method.id()));
                flow.getChildren().add(choice(words, method.id().equals(chosen), () -> model.looking()
                        .methods()
                        .put(question, method.id())));
            }
            Label gap = new Label("·");
            gap.getStyleClass().add("working-gap");
            flow.getChildren().add(gap);
        }
        if (measure instanceof Quartile) {
            String words = Words.of(comparing ? "working.compare.close" : "working.compare");
            flow.getChildren().add(choice(words, false, () -> {
                comparing = !comparing;
                refresh();
            }));
        }
        flow.getChildren().add(choice(Words.of("working.copy"), false, () -> copy(working, unit)));
        boolean one = working.columns().isEmpty() && working.lines().size() <= 1;
        if (one) {
            return flow;
        }
        boolean exact = working.roundedTo().isEmpty();
        flow.getChildren()
                .add(choice(Words.of("working.exact"), exact, () -> model.choose(CardKey.WORKING, Optional.empty())));
        int places = working.roundedTo().orElse(ROUNDED_PLACES);
        flow.getChildren()
                .add(choice(
                        Words.of("working.rounded", places),
                        !exact,
                        () -> model.choose(CardKey.WORKING, Optional.of(ROUNDED_PLACES))));
        return flow;
    }

    private void copy(Working working, String unit) {
        CopiedCells.put(WorkingReport.of(working, unit));
        model.say(Words.of("message.working-copied"));
    }

    private static Node choice(String words, boolean chosen, Runnable choose) {
        if (chosen) {
            Label label = new Label(words);
            label.getStyleClass().add("chosen-choice");
            return label;
        }
        Hyperlink link = new Hyperlink(words);
        link.setOnAction(click -> choose.run());
        return link;
    }

    private Node body(Working working, MeasureLine shown, SheetFigures figures) {
        VBox lines = new VBox();
        lines.getStyleClass().add("working-lines");
        for (Working.Line line : working.lines()) {
            HBox result = new HBox(line(line, node -> point(working, node)));
            result.setAlignment(Pos.CENTER_LEFT);
            Phrase beside = WorkingReport.line(line, shown.unit()).beside();
            if (!beside.isEmpty()) {
                result.getChildren().add(beside(Words.of(beside)));
            }
            lines.getChildren().add(result);
        }
        check(shown, figures).ifPresent(lines.getChildren()::add);
        List<Columns.Column> columns = working.columns();
        if (columns.isEmpty()) {
            if (!working.ranksRead().isEmpty()) {
                lines.getChildren().add(0, strip.read(working, figures));
            }
            return lines;
        }
        table.show(working);
        FlowPane both = new FlowPane(lines, table);
        both.getStyleClass().add("working-body");
        return both;
    }

    /** A line of the working; a long one may be broken before a sign of equality. */
    private static Node line(Working.Line line, Consumer<Optional<Formula>> pointed) {
        if (line.notation().text().length() <= LONG) {
            return new FormulaView().pointing(line.notation(), pointed);
        }
        TextFlow broken = new TextFlow();
        broken.getStyleClass().add("working-broken");
        for (Notation.Row step : line.steps()) {
            if (!broken.getChildren().isEmpty()) {
                broken.getChildren().add(new Text(" "));
            }
            broken.getChildren().add(new FormulaView().pointing(step, pointed));
        }
        HBox.setHgrow(broken, Priority.ALWAYS);
        return broken;
    }

    /** The result put in where it came from, where a question gave that. */
    private static Optional<Node> check(MeasureLine shown, SheetFigures figures) {
        return GivenReport.check(shown.measure(), figures.sample(), figures.card())
                .map(line -> {
                    Label word = new Label(Words.of("working.check"));
                    word.getStyleClass().add("working-unit");
                    word.setMinWidth(Region.USE_PREF_SIZE);
                    HBox checked = new HBox(word, line(line, node -> {}));
                    checked.setAlignment(Pos.CENTER_LEFT);
                    checked.getStyleClass().add("working-check");
                    return checked;
                });
    }

    /** A value picked from the list lights up everywhere; a measure named in the formula is pointed at on the Line. */
    private void point(Working working, Optional<Formula> node) {
        model.looking()
                .litProperty()
                .set(node.filter(Formula.Pick.class::isInstance)
                        .flatMap(working::figure)
                        .filter(Exact.class::isInstance)
                        .map(Exact.class::cast)
                        .orElse(null));
        model.looking()
                .pointedProperty()
                .set(node.filter(Formula.Named.class::isInstance)
                        .map(named -> Catalogue.of(model.figuresProperty().get().sample())
                                .question(((Formula.Named) named).symbol()))
                        .orElse(""));
    }

    private static Label beside(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("working-unit");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private void refresh() {
        SheetFigures figures = model.figuresProperty().get();
        figures.line(question).ifPresent(line -> show(line, figures));
    }

    private Optional<Node> drift(Working working, MeasureLine shown, SheetFigures figures) {
        if (working.roundedTo().isEmpty()) {
            return working.columns().isEmpty() ? Optional.empty() : Optional.of(note(Words.of("working.carried")));
        }
        Optional<Figure> drift = working.drift();
        if (drift.isEmpty()) {
            return Optional.empty();
        }
        String by = working.answer().orElse("");
        return Optional.of(note(
                by.equals(shown.figure())
                        ? Words.of("working.no-drift", by)
                        : Words.of(
                                "working.drift",
                                by,
                                shown.figure(),
                                figures.text().carried(drift.get()))));
    }

    private static Label note(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("working-note");
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }
}
