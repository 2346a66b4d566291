package promedio.desktop.tutor;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.marking.Mark;
import promedio.core.ownwork.CellMark.Verdict;
import promedio.core.ownwork.OwnSaid;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.control.Press;
import promedio.desktop.control.Tip;
import promedio.desktop.control.Wrapped;
import promedio.desktop.margin.MarkGlyph;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.tutor.Handwork;
import promedio.desktop.model.tutor.Handwork.Handed;
import promedio.desktop.text.Words;

/** What a class worked by hand: the students with where each goes wrong first, what that was how often, and the working looked at. */
final class WorkingsPane extends VBox {
    private static final int LONGEST = 60;
    private static final int MOST_TOLD = 4;

    private final Handwork work;
    private final DeskModel model;
    private final VBox start = new VBox();
    private final Label problem = new Label();
    private final Label none = new Label(Words.of("tutor.no-sample"));
    private final Label source = new Label();
    private final Label told = new Label();
    private final HBox top = new HBox();
    private final BusyBox busy;
    private final HBox middle = new HBox();
    private final ObservableList<Handed> students = FXCollections.observableArrayList();
    private final ListView<Handed> list = new ListView<>(students);
    private final VBox opened = new VBox();
    private final VBox firsts = new VBox();

    WorkingsPane(DeskModel model, TutorWays ways) {
        this.model = model;
        this.work = model.handwork();
        getStyleClass().add("answers-pane");
        setId("workings-pane");
        makeStart(ways);
        makeTop(ways);
        busy = new BusyBox("workings-stop", "tutor.workings.busy", work::progress, work::stop);
        told.setWrapText(true);
        told.setMinHeight(USE_PREF_SIZE);
        told.getStyleClass().add("soft");
        list.setId("workings-list");
        list.getStyleClass().add("columns-list");
        list.setAccessibleText(Words.of("tutor.WORKINGS"));
        list.setCellFactory(view -> new Row());
        list.getSelectionModel().selectedItemProperty().addListener((property, before, now) -> {
            if (now != null) {
                work.chosenProperty().set(now);
            }
        });
        opened.getStyleClass().add("handed-opened");
        ScrollPane seen = new ScrollPane(opened);
        seen.setFitToWidth(true);
        seen.getStyleClass().addAll("reading-scroll", "handed-scroll");
        VBox left = new VBox(list, seen);
        VBox.setVgrow(list, Priority.SOMETIMES);
        VBox.setVgrow(seen, Priority.ALWAYS);
        left.getStyleClass().add("marked-left");
        left.setMinWidth(0);
        HBox.setHgrow(left, Priority.ALWAYS);
        firsts.getStyleClass().add("bars-pane");
        ScrollPane right = new ScrollPane(firsts);
        right.setFitToWidth(true);
        right.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        right.getStyleClass().addAll("reading-scroll", "bars-scroll");
        middle.getChildren().addAll(left, right);
        middle.getStyleClass().add("marked-middle");
        VBox.setVgrow(middle, Priority.ALWAYS);
        getChildren().addAll(start, busy, top, told, middle);
        getChildren().forEach(part -> part.managedProperty().bind(part.visibleProperty()));
        model.assignmentProperty()
                .addListener(
                        (property, before, now) -> none.setVisible(now.sheets().isEmpty()));
        none.setVisible(model.assignment().sheets().isEmpty());
        work.stateProperty().addListener((property, before, now) -> show(now));
        work.chosenProperty().addListener((property, before, now) -> open(now));
        show(work.stateProperty().get());
        open(work.chosenProperty().get());
    }

    private void makeStart(TutorWays ways) {
        Label what = new Label(Words.of("tutor.workings.start"));
        what.setWrapText(true);
        what.getStyleClass().add("tutor-none");
        none.setWrapText(true);
        none.getStyleClass().add("tutor-none");
        none.managedProperty().bind(none.visibleProperty());
        Button folder = new Button(Words.of("tutor.workings.folder"));
        folder.setId("tutor-workings-folder");
        folder.getStyleClass().add("main-button");
        folder.setOnAction(press -> ways.markWorkings());
        folder.disableProperty().bind(none.visibleProperty());
        Hyperlink demo = Press.link("tutor.workings.demo", "tutor-workings-demo", ways::markDemoWorkings);
        HBox buttons = new HBox(folder, demo);
        buttons.setAlignment(Pos.CENTER_LEFT);
        buttons.getStyleClass().add("tutor-buttons");
        problem.getStyleClass().add("reading-problem");
        problem.setWrapText(true);
        problem.setId("workings-problem");
        Label forms = new Label(Words.of("tutor.workings.forms"));
        forms.setWrapText(true);
        forms.getStyleClass().add("tutor-forms");
        start.getStyleClass().add("tutor-start");
        start.getChildren().addAll(what, none, buttons, problem, forms);
    }

    private void makeTop(TutorWays ways) {
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        source.getStyleClass().add("tutor-source");
        source.setMinWidth(0);
        top.getChildren()
                .addAll(
                        source,
                        between,
                        Press.link("tutor.workings.other", "tutor-workings-other", ways::markWorkings),
                        Press.link("tutor.workings.copy", "tutor-workings-copy", this::copy));
        top.setAlignment(Pos.BASELINE_LEFT);
        top.getStyleClass().add("marked-top");
    }

    private void show(Handwork.State state) {
        boolean some = !state.handed().isEmpty();
        start.setVisible(!some && !state.busy());
        top.setVisible(some);
        middle.setVisible(some);
        told.setVisible(some && !state.told().isEmpty());
        problem.setText(some ? "" : String.join("\n", state.told()));
        busy.show(state.busy());
        told.setText(state.told().stream().limit(MOST_TOLD).collect(Collectors.joining("\n"))
                + (state.told().size() > MOST_TOLD
                        ? "\n" + Words.of("tutor.told.more", state.told().size() - MOST_TOLD)
                        : ""));
        source.setText(Words.of(
                "tutor.workings.source",
                state.source()
                        .map(path -> Visible.line(path.getFileName().toString(), LONGEST))
                        .orElse(""),
                state.handed().size()));
        if (!students.equals(state.handed())) {
            students.setAll(state.handed());
            list.getSelectionModel().select(work.chosenProperty().get());
        }
        showFirsts(state);
    }

    private void showFirsts(Handwork.State state) {
        List<Node> nodes = new ArrayList<>();
        nodes.add(BarsPane.head("tutor.workings.firsts"));
        int most = state.firsts().values().stream().mapToInt(List::size).max().orElse(1);
        state.firsts().forEach((slip, who) -> {
            VBox bar = BarsPane.bar(
                    Words.of(Sentence.of("slip-name." + slip)),
                    (double) who.size() / most,
                    Words.of(who.size() == 1 ? "tutor.students.one" : "tutor.students", who.size()),
                    "wrong-bar");
            bar.setId("first-" + slip);
            Label names = BarsPane.soft(BarsPane.names(who));
            names.setWrapText(true);
            Tip.on(names, String.join(", ", who));
            bar.getChildren().add(names);
            nodes.add(bar);
        });
        long unknown = state.handed().stream()
                .filter(one -> one.first().isPresent() && one.slip().isEmpty())
                .count();
        if (unknown > 0) {
            nodes.add(BarsPane.soft(Words.of("tutor.workings.unknown", unknown)));
        }
        long right = state.handed().stream()
                .filter(one -> one.marked().mistakes().isEmpty())
                .count();
        nodes.add(BarsPane.soft(Words.of("tutor.workings.right", right)));
        firsts.getChildren().setAll(nodes);
    }

    private String sample(Handed one) {
        String name = one.marked().sample().name();
        return name.isEmpty() ? Words.of("tutor.unnamed") : Visible.line(name, LONGEST);
    }

    private static String firstOf(Handed one) {
        return one.first()
                .or(() -> one.marked().mistakes().stream().findFirst())
                .map(said -> Words.of(said.sentence()))
                .orElseGet(() -> Words.of(one.marked().whole().get(0)));
    }

    private static String counts(Handed one) {
        Map<Verdict, Integer> counts = one.counts();
        return Words.of(
                "tutor.workings.counts",
                counts.get(Verdict.RIGHT) + counts.get(Verdict.ROUNDED),
                counts.get(Verdict.FOLLOWS),
                counts.get(Verdict.WRONG) + counts.get(Verdict.UNREADABLE));
    }

    private void open(Handed one) {
        if (one == null) {
            opened.getChildren().clear();
            return;
        }
        Label title = new Label(Words.of("tutor.workings.of", Visible.line(one.who(), LONGEST), sample(one)));
        title.getStyleClass().add("trail-head");
        List<Node> nodes = new ArrayList<>();
        nodes.add(title);
        nodes.add(new WorkingTable(one.marked()));
        for (OwnSaid.Said said : one.marked().mistakes()) {
            nodes.add(new Wrapped(Words.of(said.sentence()), "own-mistake"));
        }
        nodes.add(new Wrapped(Words.of(one.marked().whole()), "own-whole"));
        opened.getChildren().setAll(nodes);
    }

    /** A line for each student: who, sample, what went wrong first, how much is right, follows and is wrong. */
    private void copy() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                Words.of("tutor.who"),
                Words.of("tutor.workings.sample"),
                Words.of("tutor.workings.first"),
                Words.of("tutor.workings.good"),
                Words.of("tutor.workings.follows"),
                Words.of("tutor.workings.wrong")));
        for (Handed one : students) {
            Map<Verdict, Integer> counts = one.counts();
            rows.add(List.of(
                    one.who(),
                    sample(one),
                    firstOf(one),
                    Integer.toString(counts.get(Verdict.RIGHT) + counts.get(Verdict.ROUNDED)),
                    Integer.toString(counts.get(Verdict.FOLLOWS)),
                    Integer.toString(counts.get(Verdict.WRONG) + counts.get(Verdict.UNREADABLE))));
        }
        CopiedCells.putTable(rows);
        model.say(Words.of("tutor.workings.copied", students.size()));
    }

    /** A student, where it goes wrong first, and how much is right. */
    private static final class Row extends ListCell<Handed> {
        private final Label who = new Label();
        private final MarkGlyph glyph = new MarkGlyph();
        private final Label first = new Label();
        private final Label counts = new Label();
        private final HBox box = new HBox(who, glyph, first, counts);

        Row() {
            box.setAlignment(Pos.CENTER_LEFT);
            box.getStyleClass().addAll("handed-row", "marked");
            who.getStyleClass().add("handed-who");
            first.getStyleClass().add("handed-first");
            first.setMinWidth(0);
            first.setMaxWidth(Double.MAX_VALUE);
            HBox.setHgrow(first, Priority.ALWAYS);
            counts.getStyleClass().addAll("soft", "handed-counts");
            counts.setMinWidth(Region.USE_PREF_SIZE);
            Tip.whenCut(first);
        }

        @Override
        protected void updateItem(Handed one, boolean empty) {
            super.updateItem(one, empty);
            setGraphic(empty || one == null ? null : box);
            if (!empty && one != null) {
                who.setText(Visible.line(one.who(), LONGEST));
                first.setText(firstOf(one));
                counts.setText(counts(one));
                boolean right = one.marked().mistakes().isEmpty();
                MarkGlyph.mark(box, Optional.of(right ? Mark.Kind.AGREES : Mark.Kind.DIFFERS));
            }
        }
    }
}
