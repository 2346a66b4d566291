package promedio.desktop.classes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import promedio.core.formula.Evaluation;
import promedio.core.formula.Formula;
import promedio.core.formula.Lettering;
import promedio.core.formula.Outcome;
import promedio.core.formula.Search;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.sample.ClassTable;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.working.CharlierCheck;
import promedio.core.working.Working;
import promedio.desktop.formula.FormulaView;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** The working of one measure of the table, whose letters are pointed at in the table. */
final class WorkingBox extends VBox {
    private static final List<String> QUESTIONS =
            List.of("mean", "median", "quartile-1", "quartile-3", "mode", "variance", "sd", "skewness", "kurtosis");

    private final DeskModel model;
    private final ClassGrid grid;
    private ShownClasses shown;
    private String question = "median";
    private String method = "";
    private int assumed = -1;

    WorkingBox(DeskModel model, ClassGrid grid) {
        this.model = model;
        this.grid = grid;
        getStyleClass().add("class-working");
        grid.onAssumed(index -> {
            assumed = index;
            if (!question.equals("variance") && !question.equals("sd")) {
                question = "mean";
            }
            if (!method.equals("step-deviation")) {
                method = "assumed-mean";
            }
            show(shown);
        });
    }

    void show(ShownClasses table) {
        shown = table;
        getChildren().clear();
        Sample sample =
                Sample.classes(assumed < 0 ? table.table() : table.table().assuming(assumed));
        Measure measure =
                Catalogue.classes().find(question, table.figures().card()).orElseThrow();
        getChildren().add(questions());
        if (model.margin().covers(question)) {
            getChildren().add(sentence(Words.of("cover.sentence")));
            grid.use(-1);
            return;
        }
        Outcome outcome = measure.outcome(Evaluation.of(sample));
        if (outcome.figures().isEmpty()) {
            getChildren()
                    .add(sentence(Words.of(
                            outcome.whyUndefined().orElseThrow(),
                            table.figures().text())));
            grid.use(-1);
            return;
        }
        int found = found(table.table(), measure);
        grid.use(found);
        List<Measure.Method> methods = measure.methods(sample.shape());
        Measure.Method chosen = methods.stream()
                .filter(one -> one.id().equals(method))
                .findFirst()
                .orElse(methods.get(0));
        if (methods.size() > 1) {
            getChildren().add(methods(methods, chosen));
        }
        getChildren()
                .add(sentence(Words.of(measure.label()) + ": "
                        + Words.of(
                                measure.note(sample, outcome), table.figures().text())
                        + (measure.restsOnAssumedEnd(sample) ? " " + Words.of("classes.rests") : "")));
        Working working = new Working(chosen, sample, table.figures().card());
        FlowPane readOff = new FlowPane();
        readOff.getStyleClass().add("read-off");
        getChildren().add(readOff);
        for (Working.Line line : working.lines()) {
            FormulaView view = new FormulaView().pointing(line.notation(), node -> point(node, sample, found));
            boolean read = line.part().symbol().counts() && !line.last();
            (read ? readOff : this).getChildren().add(view);
        }
        checks(sample, chosen);
    }

    /** Charlier’s checks where step deviations are worked with. */
    private void checks(Sample sample, Measure.Method chosen) {
        if (chosen.id().equals("step-deviation")) {
            getChildren().add(sentence(Words.of("classes.charlier")));
            CharlierCheck.of(sample, shown.figures().card(), question.equals("mean") ? 1 : 2)
                    .forEach(check -> getChildren().add(new FormulaView(check)));
        }
    }

    private FlowPane questions() {
        FlowPane flow = new FlowPane();
        flow.getStyleClass().add("working-choices");
        for (String one : QUESTIONS) {
            Measure measure =
                    Catalogue.classes().find(one, shown.figures().card()).orElseThrow();
            flow.getChildren().add(choice(Words.of(measure.label()), one.equals(question), "class-" + one, () -> {
                question = one;
                method = "";
            }));
        }
        return flow;
    }

    private FlowPane methods(List<Measure.Method> methods, Measure.Method chosen) {
        FlowPane flow = new FlowPane();
        flow.getStyleClass().add("working-choices");
        for (Measure.Method one : methods) {
            flow.getChildren()
                    .add(choice(
                            Words.of(Sentence.of("method." + one.id())),
                            one == chosen,
                            "class-method-" + one.id(),
                            () -> method = one.id()));
        }
        Label hint = new Label(Words.of("classes.assumed.hint"));
        hint.getStyleClass().add("soft");
        flow.getChildren().add(hint);
        return flow;
    }

    private Node choice(String words, boolean chosen, String id, Runnable choose) {
        if (chosen) {
            Label label = new Label(words);
            label.getStyleClass().add("chosen-choice");
            return label;
        }
        Hyperlink link = new Hyperlink(words);
        link.setId(id);
        link.setOnAction(click -> {
            choose.run();
            show(shown);
        });
        return link;
    }

    /** The class in which a measure is found, or −1. */
    private static int found(ClassTable table, Measure measure) {
        if (measure.id().equals("mode")) {
            return table.modes().runs().isEmpty()
                    ? -1
                    : table.modes().runs().get(0).first();
        }
        Sample sample = Sample.classes(table);
        List<Integer> found = new ArrayList<>();
        measure.formula(sample.shape()).visit(node -> {
            if (node instanceof Formula.Found search && search.search() == Search.POSITION) {
                Evaluation.of(sample).outcome(search).single().ifPresent(index -> found.add((int) index.toDouble()));
            }
        });
        return found.isEmpty() ? -1 : found.get(0);
    }

    /** Lights up the cell a letter is read from: in the class that this letter belongs to, where there are several. */
    private void point(Optional<Formula> node, Sample sample, int found) {
        Optional<Formula.Named> named =
                node.filter(Formula.Named.class::isInstance).map(Formula.Named.class::cast);
        int own = named.map(Formula.Named::body)
                .filter(Formula.Reading.class::isInstance)
                .flatMap(body -> Evaluation.of(sample)
                        .outcome(((Formula.Reading) body).found())
                        .single())
                .map(index -> (int) index.toDouble())
                .orElse(found);
        grid.point(named.map(one -> Lettering.bare(one.symbol().id())).orElse(""), own);
    }

    private static Label sentence(String words) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.getStyleClass().add("working-sentence");
        return label;
    }
}
