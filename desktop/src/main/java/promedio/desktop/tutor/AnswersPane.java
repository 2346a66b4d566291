package promedio.desktop.tutor;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.tutor.Classwork;
import promedio.desktop.text.Words;

/** What was answered: the students by the questions with their marks, what went wrong how often, and the answer looked at. */
final class AnswersPane extends VBox {
    private static final int LONGEST = 60;
    private static final int MOST_TOLD = 6;

    private final Classwork work;
    private final TutorWays ways;
    private final VBox start = new VBox();
    private final Label none = new Label(Words.of("tutor.no-sample"));
    private final Label problem = new Label();
    private final Label source = new Label();
    private final Label told = new Label();
    private final HBox top = new HBox();
    private final HBox middle = new HBox();
    private final MarkedTable table;
    private final BarsPane bars;
    private final OpenedMark opened;
    private final BusyBox busy;

    AnswersPane(DeskModel model, TutorWays ways) {
        this.work = model.classwork();
        this.ways = ways;
        this.table = new MarkedTable(work);
        this.bars = new BarsPane(work);
        this.opened = new OpenedMark(model);
        getStyleClass().add("answers-pane");
        makeStart();
        makeTop();
        busy = new BusyBox("tutor-stop", "tutor.busy", work::progress, work::stop);
        told.getStyleClass().add("soft");
        told.setWrapText(true);
        told.setMinHeight(USE_PREF_SIZE);
        told.setId("tutor-told");
        VBox left = new VBox(table, opened);
        VBox.setVgrow(table, Priority.ALWAYS);
        left.getStyleClass().add("marked-left");
        left.setMinWidth(0);
        HBox.setHgrow(left, Priority.ALWAYS);
        ScrollPane right = new ScrollPane(bars);
        right.setFitToWidth(true);
        right.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        right.getStyleClass().addAll("reading-scroll", "bars-scroll");
        middle.getChildren().addAll(left, right);
        middle.getStyleClass().add("marked-middle");
        VBox.setVgrow(middle, Priority.ALWAYS);
        getChildren().addAll(start, busy, top, told, middle);
        model.assignmentProperty()
                .addListener((property, before, now) -> shown(none, now.sheets().isEmpty()));
        shown(none, model.assignment().sheets().isEmpty());
        work.stateProperty().addListener((property, before, now) -> show(now));
        work.chosenProperty().addListener((property, before, now) -> opened.show());
        show(work.stateProperty().get());
    }

    private void makeStart() {
        Label what = new Label(Words.of("tutor.start"));
        what.setWrapText(true);
        what.getStyleClass().add("tutor-none");
        Button table = new Button(Words.of("tutor.table"));
        table.setId("tutor-table");
        table.getStyleClass().add("main-button");
        table.setOnAction(press -> ways.markTable());
        Button folder = new Button(Words.of("tutor.folder"));
        folder.setId("tutor-folder");
        folder.getStyleClass().add("quiet-button");
        folder.setOnAction(press -> ways.markFolder());
        none.getStyleClass().add("tutor-none");
        none.setWrapText(true);
        for (Node needing : new Node[] {table, folder}) {
            needing.disableProperty().bind(none.visibleProperty());
        }
        Hyperlink demo = new Hyperlink(Words.of("tutor.demo"));
        demo.setId("tutor-demo");
        demo.setOnAction(press -> ways.markDemo());
        HBox buttons = new HBox(table, folder, demo);
        buttons.setAlignment(Pos.CENTER_LEFT);
        buttons.getStyleClass().add("tutor-buttons");
        Label forms = new Label(Words.of("tutor.forms"));
        forms.getStyleClass().add("tutor-forms");
        problem.getStyleClass().add("reading-problem");
        problem.setWrapText(true);
        problem.setId("tutor-problem");
        start.getStyleClass().add("tutor-start");
        start.getChildren().addAll(what, none, buttons, problem, forms);
    }

    private void makeTop() {
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        source.getStyleClass().add("tutor-source");
        source.setMinWidth(0);
        top.getChildren()
                .addAll(
                        source,
                        between,
                        link("tutor.table.other", ways::markTable),
                        link("tutor.folder.other", ways::markFolder),
                        link("tutor.write.csv", () -> ways.writeMarks(".csv")),
                        link("tutor.write.json", () -> ways.writeMarks(".json")),
                        link("tutor.write.notes", () -> ways.writeMarks(".txt")));
        top.setAlignment(Pos.BASELINE_LEFT);
        top.getStyleClass().add("marked-top");
    }

    private static Hyperlink link(String key, Runnable action) {
        Hyperlink link = new Hyperlink(Words.of(key));
        link.setId(key.replace('.', '-'));
        link.setMinWidth(USE_PREF_SIZE);
        link.setOnAction(press -> action.run());
        Tip.on(link, Words.of(key + ".tip"));
        return link;
    }

    private void show(Classwork.State state) {
        boolean some = state.set().isPresent();
        shown(start, !some && !state.busy());
        shown(top, some);
        shown(middle, some);
        shown(told, some && !state.told().isEmpty());
        problem.setText(state.problem().orElse(""));
        shown(problem, state.problem().isPresent());
        busy.show(state.busy());
        int more = state.told().size() - MOST_TOLD;
        // A line each: they are about one student each.
        told.setText(String.join("\n", state.told().stream().limit(MOST_TOLD).toList())
                + (more > 0 ? "\n" + Words.of("tutor.told.more", more) : ""));
        Tip.on(told, String.join("\n", state.told()));
        state.set().ifPresent(set -> {
            String name = state.source()
                    .map(path -> Visible.line(path.getFileName().toString(), LONGEST))
                    .orElse("");
            source.setText(Words.of(
                    "tutor.source", name, set.students().size(), set.all().size()));
            table.show(set);
            bars.show(set);
            opened.show();
        });
    }

    private static void shown(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }
}
