package promedio.desktop.tutor;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.core.answers.QuestionNames;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.Task;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Choice;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.tutor.Classwork;
import promedio.desktop.text.Words;

/** What is asked: the questions in the tutor’s words, the card as it is set, and the assignment as students get it. */
final class QuestionsPane extends VBox {
    private static final List<String> HEADS = List.of("number", "asked", "text", "places", "tolerance", "points");
    private static final int LONGEST = 40;

    private final DeskModel model;
    private final Classwork work;
    private final VBox rows = new VBox();
    private final HBox heads = new HBox();
    private final HBox more = new HBox();
    private final Label none = new Label(Words.of("tutor.questions.none"));
    private final CheckBox card = check("tutor-set-card", "tutor.set-card");
    private final CheckBox cover = check("tutor-cover", "tutor.cover");
    private final CheckBox hints = check("tutor-hints", "tutor.hints");
    private String sampleId = "";

    QuestionsPane(DeskModel model, TutorWays ways) {
        this.model = model;
        this.work = model.classwork();
        getStyleClass().add("questions-pane");
        none.setWrapText(true);
        none.getStyleClass().add("tutor-none");
        heads.setAlignment(Pos.BASELINE_LEFT);
        heads.getStyleClass().addAll("task-row", "task-heads");
        for (String head : HEADS) {
            Label label = new Label(head.equals("number") ? "" : Words.of("tutor.question." + head));
            label.getStyleClass().add("task-" + head);
            heads.getChildren().add(label);
        }
        HBox.setHgrow(heads.getChildren().get(2), Priority.ALWAYS);
        ((Label) heads.getChildren().get(2)).setMaxWidth(Double.MAX_VALUE);
        more.getStyleClass().add("task-more");
        more.setAlignment(Pos.BASELINE_LEFT);
        VBox all = new VBox(none, heads, rows, more);
        all.getStyleClass().add("task-list");
        ScrollPane scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("reading-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        card.setOnAction(press -> work.setCard(card.isSelected()));
        cover.setOnAction(press -> model.margin().coverFigures(cover.isSelected()));
        hints.setOnAction(press -> model.margin().giveHints(hints.isSelected()));
        Button issue = new Button(Words.of("tutor.issue"));
        issue.setId("tutor-issue");
        issue.getStyleClass().add("main-button");
        issue.setMinWidth(USE_PREF_SIZE);
        issue.setOnAction(press -> ways.issue());
        Tip.on(issue, Words.of("tutor.issue.tip"));
        FlowPane foot = new FlowPane(card, cover, hints, issue);
        foot.getStyleClass().add("tutor-foot");
        foot.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(scroll, foot);
        model.assignmentProperty().addListener((property, before, now) -> show(now));
        show(model.assignment());
    }

    private static CheckBox check(String id, String key) {
        CheckBox box = new CheckBox(Words.of(key));
        box.setId(id);
        return box;
    }

    private void show(Assignment assignment) {
        List<Task> tasks = assignment.tasks().all();
        QuestionNames names = work.names();
        while (rows.getChildren().size() > tasks.size()) {
            rows.getChildren().remove(tasks.size());
        }
        for (int i = 0; i < tasks.size(); i++) {
            if (i == rows.getChildren().size()) {
                rows.getChildren().add(new TaskRow(work));
            }
            ((TaskRow) rows.getChildren().get(i))
                    .show(i + 1, tasks.get(i), names.called(tasks.get(i).question()));
        }
        boolean some = !tasks.isEmpty();
        heads.setVisible(some);
        heads.setManaged(some);
        none.setVisible(!some);
        none.setManaged(!some);
        card.setSelected(assignment.tasks().card().isPresent());
        cover.setSelected(assignment.asking().covered());
        hints.setSelected(model.margin().givesHints());
        showMore(assignment);
    }

    /** “Ask for [a measure] of [a sample]”. */
    private void showMore(Assignment assignment) {
        List<SampleSheet> sheets = assignment.sheets();
        if (sheets.isEmpty()) {
            Label no = new Label(Words.of("tutor.questions.no-sample"));
            no.getStyleClass().add("soft");
            more.getChildren().setAll(no);
            return;
        }
        SampleSheet sheet = assignment
                .sheet(sampleId)
                .or(() -> assignment.sheet(model.selectedProperty().get()))
                .orElse(sheets.get(0));
        Choice<String> which =
                new Choice<>("task-sample", sheet.name().isBlank() ? Words.of("tutor.unnamed") : sheet.name(), id -> {
                    sampleId = id;
                    showMore(model.assignment());
                });
        for (SampleSheet one : sheets) {
            which.or(one.name().isBlank() ? one.id() : Visible.line(one.name(), LONGEST), one.id());
        }
        Hyperlink what = new Hyperlink(Words.of("tutor.ask.measure"));
        what.setId("task-measure");
        what.getStyleClass().add("reading-choice");
        what.setMinWidth(USE_PREF_SIZE);
        what.setOnAction(press -> measures(assignment, sheet).show(what, Side.BOTTOM, 0, 0));
        Node ask = new Label(Words.of("tutor.ask"));
        Node of = new Label(Words.of("tutor.ask.of"));
        more.getChildren().setAll(ask, what, of, which);
    }

    /** The measures that are not asked for yet, by their groups. */
    private ContextMenu measures(Assignment assignment, SampleSheet sheet) {
        Catalogue catalogue =
                Catalogue.of(Interpretation.of(sheet, assignment.card()).sample());
        Map<Measure.Group, Menu> groups = new EnumMap<>(Measure.Group.class);
        for (Measure measure : catalogue.page(assignment.card())) {
            Assignment.Question question = new Assignment.Question(sheet.id(), measure.question());
            if (assignment.tasks().of(question).isEmpty()) {
                MenuItem item = new MenuItem(Words.of(measure.label()));
                item.setMnemonicParsing(false);
                item.setId("ask-" + measure.question());
                item.setOnAction(press -> work.pose(Task.of(question)));
                groups.computeIfAbsent(measure.traits().group(), QuestionsPane::menu)
                        .getItems()
                        .add(item);
            }
        }
        ContextMenu menu = new ContextMenu();
        menu.getItems().addAll(groups.values());
        return menu;
    }

    private static Menu menu(Measure.Group group) {
        Menu menu = new Menu(Words.of("group." + group));
        menu.setId("ask-" + group);
        return menu;
    }
}
