package promedio.desktop.measures;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Task;
import promedio.core.measure.Measure;
import promedio.core.report.MeasureLine;
import promedio.core.sample.SampleKind.Use;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** The measures of a sample by groups, the usual ones first, with the margin beside every row. */
public final class MeasuresPage extends ScrollPane {
    /** What is unfolded where all measures stand below a question. */
    private static final String ALL = "ALL";

    private final DeskModel model;
    private final VBox rows = new VBox();
    private final Map<String, MeasureRow> byQuestion = new HashMap<>();
    private final Map<Measure.Group, Heading> headings = new EnumMap<>(Measure.Group.class);
    private final Node foot = foot();
    private final AskRow ask;
    private final AskRow askMean;
    private final AskRow askLine;
    private final QuestionPane question;
    private final Hyperlink all = new Hyperlink();
    private final Node allLine = allLine();
    private SheetFigures lastShown;

    /** The page of a desk. */
    public MeasuresPage(DeskModel model) {
        this.model = model;
        this.ask = AskRow.ofList(model);
        this.askMean = AskRow.ofMean(model);
        this.askLine = AskRow.ofPairs(model);
        this.question = new QuestionPane(model);
        getStyleClass().add("page-scroll");
        rows.getStyleClass().add("measures");
        setContent(rows);
        setFitToWidth(true);
        setFitToHeight(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        visibleProperty().addListener((property, before, visible) -> show());
        model.shownProperty().addListener((property, before, now) -> show());
        model.looking().pointedProperty().addListener((property, before, now) -> light());
        model.looking().litProperty().addListener((property, before, now) -> light());
        model.looking().litEntryProperty().addListener((property, before, now) -> light());
        show();
    }

    /** Marks the row, and the cells of workings, that are pointed at anywhere in the window. */
    private void light() {
        byQuestion.values().forEach(MeasureRow::light);
    }

    private void show() {
        SheetFigures figures = model.figuresProperty().get();
        if (!isVisible()) {
            // A page that nobody sees lets go of figures that are past, which can be large.
            if (figures != lastShown) {
                byQuestion.clear();
                rows.getChildren().clear();
                lastShown = null;
            }
            return;
        }
        SheetFigures before = lastShown;
        lastShown = figures;
        if (figures == null || figures.sample().isEmpty()) {
            byQuestion.clear();
            rows.getChildren().setAll(figures == null ? List.of() : List.of(empty(figures)));
            return;
        }
        if (before != null && !figures.sheet().id().equals(before.sheet().id())) {
            byQuestion.clear();
        }
        List<Node> nodes = new ArrayList<>();
        Set<String> first = question(figures, nodes);
        for (Measure.Group group : first.isEmpty() || isUnfolded() ? Measure.Group.values() : new Measure.Group[0]) {
            show(group, first, figures, nodes);
        }
        nodes.add(foot);
        if (!rows.getChildren().equals(nodes)) {
            rows.getChildren().setAll(nodes);
        }
    }

    private boolean isUnfolded() {
        return model.looking().unfolded().contains(ALL);
    }

    /** A question that was pasted stands first, with a row for each quantity it asks, in its order; everything else is folded below. */
    private Set<String> question(SheetFigures figures, List<Node> nodes) {
        String sheet = figures.sheet().id();
        Set<String> first = new LinkedHashSet<>();
        model.intake().question(figures.basis()).ifPresent(printed -> {
            List<Task> tasks = model.assignment().tasks().all().stream()
                    .filter(task -> task.question().sheetId().equals(sheet))
                    .toList();
            nodes.add(question.show(printed, tasks, figures));
            tasks.forEach(task -> figures.line(task.question().measure()).ifPresent(line -> {
                first.add(line.question());
                nodes.add(row(figures.asAsked(line, task), figures));
            }));
            all.setText(Words.of(isUnfolded() ? "question.less" : "question.all"));
            nodes.add(allLine);
        });
        return first;
    }

    private MeasureRow row(MeasureLine line, SheetFigures figures) {
        MeasureRow row = byQuestion.computeIfAbsent(line.question(), question -> new MeasureRow(model, line));
        row.show(line, figures);
        return row;
    }

    private void show(Measure.Group group, Set<String> first, SheetFigures figures, List<Node> nodes) {
        List<MeasureLine> all = figures.lines().stream()
                .filter(line -> line.measure().traits().group() == group && !first.contains(line.question()))
                .toList();
        if (all.isEmpty()) {
            return;
        }
        boolean unfolded = model.looking().unfolded().contains(group.name());
        List<MeasureLine> shown = all.stream()
                .filter(line -> unfolded
                        || line.usual(figures.firstSkewness())
                        || !model.margin().answer(line.question()).isEmpty()
                        || model.looking().opened().contains(line.question()))
                .toList();
        nodes.add(headings.computeIfAbsent(group, Heading::new).show(all.size() - shown.size(), unfolded));
        shown.forEach(line -> nodes.add(row(line, figures)));
        if (group == Measure.Group.POSITION && unfolded) {
            nodes.add(ask);
        }
        if (group == Measure.Group.SPREAD && unfolded) {
            nodes.add(askMean);
        }
        if (group == Measure.Group.LINE) {
            nodes.add(askLine);
        }
    }

    /** The way to everything that is not asked, and back. */
    private Node allLine() {
        all.setId("question-all");
        all.setOnAction(press -> {
            if (!model.looking().unfolded().remove(ALL)) {
                model.looking().unfolded().add(ALL);
            }
        });
        HBox paper = new HBox(all);
        paper.getStyleClass().add("group-paper");
        HBox.setHgrow(paper, Priority.ALWAYS);
        Region margin = new Region();
        margin.getStyleClass().add("margin-cell");
        return new HBox(paper, margin);
    }

    /** The name of a group, and a link to show it in full. */
    private final class Heading extends HBox {
        private final Hyperlink more = new Hyperlink();

        Heading(Measure.Group group) {
            Label name = new Label(Words.of("group." + group).toUpperCase(Locale.getDefault()));
            name.getStyleClass().add("group-name");
            more.setId("more-" + group);
            more.setOnAction(click -> {
                if (!model.looking().unfolded().remove(group.name())) {
                    model.looking().unfolded().add(group.name());
                }
            });
            HBox paper = new HBox(name, more);
            paper.setAlignment(Pos.BASELINE_LEFT);
            paper.getStyleClass().add("group-paper");
            HBox.setHgrow(paper, Priority.ALWAYS);
            Region margin = new Region();
            margin.getStyleClass().add("margin-cell");
            getStyleClass().add("group-heading");
            getChildren().addAll(paper, margin);
        }

        Heading show(int hidden, boolean unfolded) {
            more.setText(unfolded ? Words.of("group.less") : Words.of("group.more", hidden));
            more.setVisible(hidden > 0 || unfolded);
            return this;
        }
    }

    private static Node foot() {
        Region paper = new Region();
        HBox.setHgrow(paper, Priority.ALWAYS);
        Region margin = new Region();
        margin.getStyleClass().add("margin-cell");
        HBox foot = new HBox(paper, margin);
        VBox.setVgrow(foot, Priority.ALWAYS);
        return foot;
    }

    private Node empty(SheetFigures figures) {
        if (!figures.interpretation().kind().can(Use.MEASURED)) {
            return new CategoriesPane(figures);
        }
        Label nothing = new Label(figures.whyEmpty());
        nothing.getStyleClass().add("empty-head");
        Hyperlink next = new Hyperlink(Words.of("measures.empty.next"));
        next.setOnAction(click -> model.looking().pageProperty().set(Page.ENTRIES));
        VBox box = new VBox(nothing, next);
        box.getStyleClass().add("empty");
        return box;
    }

    /** Goes to the row of a question, wherever it is folded away, and opens it. */
    public void reveal(String question) {
        SheetFigures figures = model.figuresProperty().get();
        if (figures == null) {
            return;
        }
        figures.line(question).ifPresent(line -> {
            if (model.intake().question(figures.basis()).isPresent()) {
                model.looking().unfolded().add(ALL);
            }
            if (!line.usual(figures.firstSkewness())) {
                model.looking().unfolded().add(line.measure().traits().group().name());
            }
            model.looking().pageProperty().set(Page.MEASURES);
            model.looking().opened().add(question);
            applyCss();
            layout();
            MeasureRow row = byQuestion.get(question);
            if (row != null) {
                double hidden = rows.getHeight() - getViewportBounds().getHeight();
                setVvalue(hidden <= 0 ? 0 : Math.max(0, Math.min(1, (row.getLayoutY() - 40) / hidden)));
                row.focusLine();
            }
        });
    }
}
