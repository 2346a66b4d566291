package promedio.desktop.classes;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.animation.PauseTransition;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Regrouped;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.course.CardKey;
import promedio.core.data.Entries;
import promedio.core.measure.Catalogue;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sample.SampleKind.Use;
import promedio.core.tabulate.Tabulation;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.margin.AnswerBox;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.reading.HowReadLine;
import promedio.desktop.text.Words;

/**
 * What is written on the page Classes. A class table is shown as it was read, with its pictures and the working of each measure; a list or
 * frequency table is put into classes first, whose edges can be dragged on the picture.
 */
final class ClassesPaper extends HBox {
    private static final double NARROW_EMS = 70;
    private static final List<String> ANSWERED = List.of("mean", "median", "mode", "quartile-1", "quartile-3", "sd");

    private final DeskModel model;
    private final ReadOnlyDoubleProperty pageWidth;
    private final ClassGrid grid = new ClassGrid();
    private final Histogram histogram = new Histogram();
    private final Ogive ogive = new Ogive();
    private final HowReadLine howRead;
    private final ReadingBox reading;
    private final WorkingBox working;
    private final QuestionBox questions;
    private final TabulateBar tabulate;
    private final CompareBox compare = new CompareBox();
    private final VBox left = new VBox();
    private final VBox right = new VBox();
    private final VBox margin = new VBox();
    private final FlowPane actions = new FlowPane();
    private final Map<String, AnswerBox> answers = new HashMap<>();
    private String shownSheet = "";
    private Tabulation preview;
    private int dragged = -1;
    private final PauseTransition rest = new PauseTransition(Duration.millis(120));

    /** What is written on a page of some width, which decides what stands beside what. */
    ClassesPaper(DeskModel model, ReadOnlyDoubleProperty pageWidth) {
        this.model = model;
        this.pageWidth = pageWidth;
        howRead = new HowReadLine(model);
        reading = new ReadingBox(model);
        working = new WorkingBox(model, grid);
        questions = new QuestionBox(model, ogive::ask);
        tabulate = new TabulateBar(model, this::tabulate);
        getStyleClass().add("classes");
        left.getStyleClass().add("classes-left");
        actions.getStyleClass().add("working-choices");
        right.getChildren().setAll(histogram, ogive);
        right.getStyleClass().add("classes-right");
        margin.getStyleClass().addAll("margin-cell", "classes-margin");
        HBox.setHgrow(left, Priority.ALWAYS);
        getChildren().setAll(left, right, margin);
        grid.onPointed(this::light);
        histogram.onPointed(this::light);
        histogram.addEventHandler(MouseEvent.MOUSE_PRESSED, this::take);
        histogram.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        histogram.addEventHandler(MouseEvent.MOUSE_RELEASED, release -> letGo());
    }

    /** Where the paper is narrow for the size of its text, the pictures stand below the table. */
    void arrange() {
        boolean narrow = pageWidth.get() > 0 && pageWidth.get() < NARROW_EMS * histogram.em();
        // A picture that is taken out loses the hand that drags one of its edges.
        if (narrow ? left.getChildren().contains(right) : getChildren().contains(right)) {
            return;
        }
        getChildren().remove(right);
        left.getChildren().remove(right);
        if (narrow) {
            left.getChildren().add(Math.min(3, left.getChildren().size()), right);
        } else {
            getChildren().add(1, right);
        }
    }

    private void light(int index) {
        grid.light(index);
        histogram.light(index);
        ogive.light(index);
    }

    /** Shows the figures of a sheet. */
    void show(SheetFigures figures) {
        if (!figures.sheet().id().equals(shownSheet)) {
            shownSheet = figures.sheet().id();
            answers.clear();
            dragged = -1;
        }
        if (dragged >= 0 && preview != null) {
            // Marks or figures that come while an edge is in somebody's hand take nothing out of it.
            showClasses(figures, preview, false);
            return;
        }
        preview = null;
        if (figures.sheet().can(Use.MIDPOINTS)) {
            showTable(figures);
        } else {
            showList(figures);
        }
        arrange();
    }

    private void showTable(SheetFigures figures) {
        reading.show(figures);
        histogram.setMovable(false);
        Optional<ShownClasses> shown =
                figures.sample().classes().map(table -> new ShownClasses(table, figures, model.margin()::covers));
        pictures(shown);
        howRead.show(figures.sheet());
        left.getChildren().setAll(howRead, reading);
        shown.ifPresent(table -> {
            grid.show(table, false);
            working.show(table);
            questions.show(table);
            actions.getChildren().setAll(columns(), action("classes.copy", this::copy));
            left.getChildren().setAll(howRead, reading, grid, working, questions, actions);
        });
        showMargin(figures);
    }

    private void pictures(Optional<ShownClasses> shown) {
        histogram.show(shown.orElse(null));
        ogive.show(shown.orElse(null));
        histogram.setVisible(shown.isPresent());
        ogive.setVisible(shown.isPresent());
    }

    private void showMargin(SheetFigures figures) {
        margin.getStyleClass().remove("classes-compare");
        Label head = new Label(Words.of("margin.head"));
        head.getStyleClass().add("margin-name");
        margin.getChildren().setAll(head);
        for (String question : ANSWERED) {
            String label = Words.of(Catalogue.of(figures.sample())
                    .find(question, figures.card())
                    .orElseThrow()
                    .label());
            AnswerBox box = answers.computeIfAbsent(question, key -> new AnswerBox(model, key, label));
            Label name = new Label(label);
            name.getStyleClass().add("margin-question");
            margin.getChildren().addAll(name, box);
            box.show();
        }
    }

    private void showList(SheetFigures figures) {
        if (figures.sample().isEmpty()) {
            pictures(Optional.empty());
            Label empty = new Label(figures.whyEmpty());
            empty.getStyleClass().add("empty-head");
            left.getChildren().setAll(empty);
            margin.getChildren().clear();
            return;
        }
        showClasses(figures, tabulate.of(figures), true);
    }

    /** Shows a list in classes; while an edge is dragged only what follows it at once. */
    private void showClasses(SheetFigures figures, Tabulation tabulation, boolean all) {
        Tabulation.Counted counted =
                tabulation.count(figures.sample(), figures.card().get(CardKey.CLOSED), figures.text()::carried);
        if (all) {
            tabulate.show(tabulation, counted);
        }
        Optional<ShownClasses> shown =
                counted.table().map(table -> new ShownClasses(table, figures, model.margin()::covers));
        histogram.setMovable(true);
        pictures(shown);
        if (!all) {
            model.say(Words.of(
                    "tabulate.dragged",
                    tabulation.edges().stream().map(figures.text()::carried).collect(Collectors.joining("; "))));
        }
        shown.ifPresent(table -> {
            grid.show(table, true);
            if (all) {
                working.show(table);
                questions.show(table);
                compare.show(figures, tabulation, table.table());
            }
        });
        if (all) {
            Numerals numerals = figures.card().numerals();
            actions.getChildren()
                    .setAll(
                            columns(),
                            action("classes.own", () -> counted.table()
                                    .ifPresent(table -> add(figures, Regrouped.classes(table, numerals)))),
                            action(
                                    "classes.discrete",
                                    () -> add(figures, Regrouped.values(figures.sample(), numerals))),
                            action("classes.copy", this::copy));
            if (figures.sheet().can(Use.COUNTED)) {
                Regrouped.midpoints(figures.sample(), numerals).ifPresent(table -> actions.getChildren()
                        .add(action("classes.midpoints", () -> add(figures, table))));
            }
            left.getChildren().setAll(tabulate, grid, working, questions, actions);
            if (!margin.getStyleClass().contains("classes-compare")) {
                margin.getStyleClass().add("classes-compare");
            }
            boolean covered = CompareBox.QUESTIONS.stream().anyMatch(model.margin()::covers);
            margin.getChildren().setAll(covered ? covered() : compare);
            arrange();
        }
    }

    private static Label covered() {
        Label label = new Label(Words.of("cover.compare"));
        label.setWrapText(true);
        label.getStyleClass().add("soft");
        return label;
    }

    private Button columns() {
        return action(grid.showsAllColumns() ? "classes.columns.fewer" : "classes.columns.all", () -> {
            grid.setAllColumns(!grid.showsAllColumns());
            show(model.figuresProperty().get());
        });
    }

    private Button action(String key, Runnable run) {
        Button button = new Button(Words.of(key));
        button.setId(key.replace('.', '-'));
        button.getStyleClass().add("quiet-button");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(click -> run.run());
        return button;
    }

    private void tabulate(Tabulation tabulation) {
        model.make(new SheetEdit.Tabulate(model.selectedProperty().get(), Optional.of(tabulation)));
    }

    /** Puts a table made from a sample on the shelf, as a sample of its own. */
    private void add(SheetFigures from, Regrouped table) {
        boolean classes = table.kind().can(Use.MIDPOINTS);
        SampleSheet sheet = SampleSheet.table(
                table.kind(),
                model.assignment().freshId(),
                Words.of(
                        classes ? "classes.name" : "classes.table-name",
                        from.sheet().name()),
                from.sheet().unit(),
                Entries.of(table.first()),
                Entries.of(table.frequencies()));
        model.make(new Edit.AddSheet(model.assignment().sheets().size(), sheet));
        model.select(sheet.id());
    }

    /** Copies the table as it is shown. */
    private void copy() {
        CopiedCells.putTable(grid.texts());
        model.say(Words.of("message.table-copied"));
    }

    private void take(MouseEvent press) {
        dragged = histogram.edgeAt(press.getX()).orElse(-1);
    }

    private void drag(MouseEvent drag) {
        SheetFigures figures = model.figuresProperty().get();
        if (dragged < 0 || figures == null) {
            return;
        }
        int places = figures.sample().places();
        Exact to =
                Exact.from(BigDecimal.valueOf(histogram.value(drag.getX())).setScale(places, RoundingMode.HALF_EVEN));
        Tabulation now = preview != null ? preview : tabulate.of(figures);
        now.moved(dragged, to).ifPresent(moved -> {
            preview = moved;
            showClasses(figures, moved, false);
            // What takes longer follows as soon as the hand rests.
            rest.setOnFinished(rested -> {
                if (preview == moved) {
                    showClasses(figures, moved, true);
                }
            });
            rest.playFromStart();
        });
    }

    private void letGo() {
        rest.stop();
        Tabulation let = dragged >= 0 ? preview : null;
        dragged = -1;
        preview = null;
        if (let != null) {
            tabulate(let);
        }
    }
}
