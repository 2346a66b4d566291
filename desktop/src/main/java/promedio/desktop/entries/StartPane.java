package promedio.desktop.entries;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Tip;
import promedio.desktop.text.Words;
import promedio.files.assignment.Journal;

/** The empty paper: a line that takes typing or a paste at once, and two other ways to begin. */
public final class StartPane extends VBox {
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
        field = new EntryField(model::type);
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
        Hyperlink open = new Hyperlink(Words.of("entries.start.open"));
        open.setOnAction(click -> ways.open());
        VBox others = new VBox(demo, open, recent);
        others.getStyleClass().add("start-others");
        recent.getStyleClass().add("start-recent");
        this.ways = ways;
        getChildren().addAll(kept, head, field, hint, others);
        offer(List.of());
    }

    /** Offers back what earlier desks have left unsaved. */
    public void offer(List<Journal.Kept> left) {
        kept.getChildren().clear();
        kept.setVisible(!left.isEmpty());
        kept.setManaged(!left.isEmpty());
        if (left.isEmpty()) {
            return;
        }
        Label head = new Label(Words.of("kept.head"));
        head.getStyleClass().add("kept-head");
        kept.getChildren().add(head);
        for (Journal.Kept one : left) {
            String title = one.history().present().title();
            Label label =
                    new Label(Words.of("kept.one", title.isEmpty() ? Words.of("kept.untitled") : title, one.edits()));
            Button back = new Button(Words.of("kept.back"));
            back.getStyleClass().add("quiet-button");
            back.setId("bring-back");
            Button away = new Button(Words.of("kept.away"));
            away.getStyleClass().add("quiet-button");
            HBox line = new HBox(label, back, away);
            line.setAlignment(Pos.CENTER_LEFT);
            line.getStyleClass().add("labelled");
            back.setOnAction(click -> {
                withdraw(line);
                model.bringBack(one);
            });
            away.setOnAction(click -> {
                withdraw(line);
                try {
                    one.throwAway();
                } catch (IOException problem) {
                    model.say(Words.of("message.journal", problem.getMessage()));
                }
            });
            kept.getChildren().add(line);
        }
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

    private void withdraw(HBox line) {
        kept.getChildren().remove(line);
        boolean some = kept.getChildren().size() > 1;
        kept.setVisible(some);
        kept.setManaged(some);
    }

    /** Puts the cursor into the line. */
    public void focusField() {
        field.requestFocus();
    }
}
