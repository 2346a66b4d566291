package promedio.desktop.entries;

import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Press;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.reading.LeftBehind;
import promedio.desktop.text.Words;
import promedio.files.assignment.Journal;

/** The empty paper: a line that takes typing or a paste at once, and two other ways to begin. */
public final class StartPane extends VBox {
    private static final int LONGEST_TITLE = 60;

    private final EntryField field;
    private final VBox kept = new VBox();
    private final VBox recent = new VBox();
    private final FileWays ways;
    private final DeskModel model;

    /** The empty paper of a desk. */
    public StartPane(DeskModel model, FileWays ways) {
        this.model = model;
        getStyleClass().add("start");
        kept.getStyleClass().add("kept");
        Label head = new Label(Words.of("entries.start"));
        head.getStyleClass().add("start-head");
        field = new EntryField(model.intake()::type);
        field.setId("start-field");
        field.getStyleClass().add("start-field");
        field.setPromptText(Words.of("entries.start.prompt"));
        field.setAccessibleText(Words.of("entries.start"));
        Label hint = new Label(Words.of("entries.start.hint"));
        hint.setWrapText(true);
        hint.getStyleClass().add("start-hint");
        Hyperlink demo = new Hyperlink(Words.of("entries.start.demo"));
        demo.setId("open-demo");
        demo.setOnAction(click -> ways.openDemo());
        Hyperlink log = new Hyperlink(Words.of("entries.start.log"));
        log.setId("open-log");
        log.setOnAction(click -> ways.openDemoLog());
        Hyperlink open = new Hyperlink(Words.of("entries.start.open"));
        open.setOnAction(click -> ways.open());
        VBox others = new VBox(demo, log, open, recent);
        others.getStyleClass().add("start-others");
        recent.getStyleClass().add("start-recent");
        this.ways = ways;
        getChildren().addAll(kept, head, field, hint, others, questions());
        offer(LeftBehind.of(List.of()));
    }

    /** The kinds of question that give figures in place of data, a press each. */
    private Node questions() {
        Label asked = new Label(Words.of("entries.start.question"));
        asked.getStyleClass().add("soft");
        asked.setMinWidth(USE_PREF_SIZE);
        FlowPane kinds = new FlowPane(asked);
        kinds.getStyleClass().add("start-questions");
        for (SampleKind kind : SampleKind.values()) {
            if (kind.can(SampleKind.Use.GIVEN)) {
                Hyperlink link = Press.link("given.kind." + kind.id(), "begin-" + kind.id(), () -> model.givens()
                        .begin(kind));
                Tip.on(link, Words.of("given.kind." + kind.id() + ".tip"));
                kinds.getChildren().add(link);
            }
        }
        return kinds;
    }

    /** Offers back what earlier desks have left unsaved, the newest first. */
    public void offer(LeftBehind left) {
        kept.getChildren().clear();
        kept.setVisible(!left.isEmpty());
        kept.setManaged(!left.isEmpty());
        if (left.isEmpty()) {
            return;
        }
        if (!left.kept().isEmpty()) {
            Label head = new Label(Words.of("kept.head"));
            head.getStyleClass().add("kept-head");
            kept.getChildren().add(head);
        }
        left.kept().forEach(one -> kept.getChildren().add(line(left, one)));
        if (left.more() > 0) {
            Hyperlink more = new Hyperlink(Words.of("kept.more", left.more()));
            more.setId("kept-more");
            more.setOnAction(click -> model.inBackground(Lane.READING, left::further, this::offer, () -> {}));
            kept.getChildren().add(more);
        }
        if (left.newer() > 0) {
            kept.getChildren().add(note(Words.of(left.newer() == 1 ? "kept.newer.one" : "kept.newer", left.newer())));
        }
        if (left.odd() > 0) {
            String key = left.odd() == 1 ? "kept.odd.one" : "kept.odd";
            kept.getChildren().add(note(Words.of(key, left.odd(), left.folder())));
        }
    }

    private static Label note(String words) {
        Label note = new Label(words);
        note.setWrapText(true);
        note.setMinHeight(USE_PREF_SIZE);
        note.getStyleClass().add("soft");
        return note;
    }

    private HBox line(LeftBehind left, Journal.Kept one) {
        String title = one.history().present().title();
        String name = title.isEmpty() ? Words.of("kept.untitled") : Visible.line(title, LONGEST_TITLE);
        String changes = Words.of(one.edits() == 1 ? "kept.one.one" : "kept.one", name, one.edits());
        Label label = new Label(
                one.readTo().isEmpty()
                        ? changes
                        : changes + " " + Words.of("kept.in-part", one.readTo().get()));
        Button back = new Button(Words.of("kept.back"));
        back.getStyleClass().add("quiet-button");
        back.setId("bring-back");
        Button away = new Button(Words.of("kept.away"));
        away.getStyleClass().add("quiet-button");
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(label, Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        back.setMinWidth(USE_PREF_SIZE);
        away.setMinWidth(USE_PREF_SIZE);
        HBox line = new HBox(label, back, away);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("labelled");
        back.setOnAction(click -> ways.bringBack(one, () -> offer(left.without(one))));
        away.setOnAction(click -> {
            offer(left.without(one));
            model.throwAway(one);
        });
        return line;
    }

    /** Lists the assignments last used. */
    public void showRecent() {
        List<Path> paths = ways.recent();
        recent.getChildren().clear();
        recent.setVisible(!paths.isEmpty());
        recent.setManaged(!paths.isEmpty());
        if (!paths.isEmpty()) {
            Label head = new Label(Words.of("entries.start.recent"));
            head.getStyleClass().add("soft");
            recent.getChildren().add(head);
        }
        for (Path path : paths) {
            Hyperlink link = new Hyperlink(path.getFileName().toString());
            link.getStyleClass().add("recent-link");
            Tip.on(link, path.toString());
            link.setOnAction(click -> ways.take(path));
            recent.getChildren().add(link);
        }
    }

    /** Puts the cursor into the line. */
    public void focusField() {
        field.requestFocus();
    }

    /** Hands over what was typed on after the last Enter, before the paper was no longer empty. */
    public String handOver() {
        String typedOn = field.getText();
        field.clear();
        return typedOn;
    }
}
