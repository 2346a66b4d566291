package promedio.desktop.table;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import promedio.core.sentence.Sentence;
import promedio.core.trail.Prepared;
import promedio.core.trail.Step;
import promedio.core.trail.Trail;
import promedio.core.trail.Walk;
import promedio.desktop.control.Choice;
import promedio.desktop.control.Drops;
import promedio.desktop.control.Press;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.table.TableTrail;
import promedio.desktop.text.Words;

/** The steps of a trail as sentences, each with the rows and columns after it; the one that is looked at can be changed. */
final class StepsList extends VBox {
    private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");
    private static final PseudoClass OFF = PseudoClass.getPseudoClass("off");

    private final DeskModel model;
    private final StepBar bar;
    private final TrailWays ways;

    StepsList(DeskModel model, StepBar bar, TrailWays ways) {
        this.model = model;
        this.bar = bar;
        this.ways = ways;
        getStyleClass().add("steps");
        setId("steps");
        model.trail().troddenProperty().addListener((property, before, now) -> show());
        model.trail().walkingProperty().addListener((property, before, now) -> show());
        show();
    }

    private void show() {
        getChildren().clear();
        TableTrail.Trodden now = model.trail().troddenProperty().get();
        if (model.trail().walkingProperty().get()
                && now != null
                && now.walk().first().rows() > 50_000) {
            Hyperlink stop = Press.link("trail.stop", "trail-stop", model.trail()::stop);
            getChildren().add(new FlowPane(soft("trail.walking"), stop));
        }
        if (now == null) {
            return;
        }
        List<Trail.Line> lines = now.table().trail().steps();
        if (lines.isEmpty()) {
            Label none = soft("trail.steps.none");
            none.setWrapText(true);
            getChildren().add(none);
        } else {
            getChildren().add(look(0, Words.of("trail.as-read"), size(now.walk().first(), Optional.empty()), now));
        }
        for (int i = 0; i < lines.size(); i++) {
            step(i, lines.get(i), now);
        }
        FlowPane files = new FlowPane();
        files.getStyleClass().add("step-actions");
        if (!lines.isEmpty()) {
            files.getChildren()
                    .addAll(
                            Press.link("trail.to-shelf", "trail-to-shelf", model.trailFiling()::toShelf),
                            Press.link("trail.run", "trail-run", ways::runTrail),
                            Press.link("trail.save", "trail-save", ways::saveTrail),
                            Press.link("trail.write-table", "trail-write-table", ways::writePrepared));
        }
        if (!lines.isEmpty()) {
            files.getChildren().add(Press.link("trail.compare", "trail-compare", () -> compare(files)));
        }
        files.getChildren().add(Press.link("trail.open", "trail-open", ways::openTrail));
        getChildren().add(files);
    }

    /** Asks what the steps are to be held against. */
    private void compare(Node under) {
        Choice<Runnable> choice = new Choice<>("trail-compared", "", Runnable::run);
        choice.or(Words.of("contrast.with.now"), model.contrast()::withNow)
                .or(Words.of("contrast.with.original"), model.contrast()::withOriginal);
        model.contrast()
                .alike()
                .forEach(table -> choice.or(Words.of("contrast.with.table", table.name()), () -> model.contrast()
                        .with(table)));
        choice.or(Words.of("contrast.with.file"), ways::compareTrail);
        choice.showUnder(under);
    }

    private void step(int step, Trail.Line line, TableTrail.Trodden now) {
        Walk walk = now.walk();
        boolean made = step < walk.told().size();
        if (!line.note().isEmpty()) {
            Label note = new Label(line.note());
            note.getStyleClass().add("step-note");
            note.setWrapText(true);
            note.setMinHeight(USE_PREF_SIZE);
            getChildren().add(note);
        }
        String facts = made
                ? size(walk.states().get(step + 1), Optional.of(walk.states().get(step)))
                : walk.fault().isPresent() && step == walk.told().size() ? "" : Words.of("trail.waits");
        Node sentence = look(step + 1, (step + 1) + "  " + line.text().replaceAll("\\s*\\R\\s*", " "), facts, now);
        sentence.pseudoClassStateChanged(OFF, line.off());
        getChildren().add(sentence);
        if (made) {
            walk.told().get(step).forEach(told -> getChildren().add(told(told, "step-told")));
        } else if (step == walk.told().size()) {
            walk.fault().ifPresent(fault -> getChildren().add(told(fault.sentence(), "step-wrong")));
        }
        boolean looked =
                now.looked() == step + 1 || !made && step == walk.told().size();
        if (looked) {
            getChildren().add(actions(step, line, now.table().trail().steps().size()));
        }
    }

    private static Label told(Sentence sentence, String style) {
        Label told = new Label(Words.of(sentence));
        told.getStyleClass().add(style);
        told.setWrapText(true);
        told.setMinHeight(USE_PREF_SIZE);
        return told;
    }

    private static Label soft(String key) {
        Label label = new Label(Words.of(key));
        label.getStyleClass().add("soft");
        return label;
    }

    private static String size(Prepared after, Optional<Prepared> before) {
        int gone = before.map(Prepared::rows).orElse(after.rows()) - after.rows();
        int more = after.fields().size()
                - before.map(one -> one.fields().size()).orElse(after.fields().size());
        String size = Words.size(after.rows(), after.fields().size());
        String rows = gone == 0 ? "" : "  " + told(gone > 0 ? "trail.fewer." : "trail.more-rows.", gone);
        String columns = more == 0 ? "" : "  " + told(more > 0 ? "trail.new." : "trail.columns-gone.", more);
        return size + rows + columns;
    }

    private static String told(String key, int number) {
        return Words.of(key + (Math.abs(number) == 1 ? "one" : "many"), Math.abs(number));
    }

    private VBox look(int state, String words, String facts, TableTrail.Trodden now) {
        Hyperlink sentence = new Hyperlink(words);
        sentence.setId("step-" + state);
        sentence.setWrapText(true);
        sentence.getStyleClass().add("trail-go");
        sentence.setMinHeight(USE_PREF_SIZE);
        sentence.setOnAction(press -> model.trail().look(state));
        Label size = new Label(facts);
        size.getStyleClass().add("soft");
        size.setWrapText(true);
        size.setMinHeight(USE_PREF_SIZE);
        VBox both = new VBox(sentence, size);
        both.getStyleClass().add("step");
        both.pseudoClassStateChanged(CURRENT, now.looked() == state);
        return both;
    }

    private FlowPane actions(int step, Trail.Line line, int steps) {
        FlowPane actions = new FlowPane();
        actions.getStyleClass().add("step-actions");
        Step.Join.read(line.text()).ifPresent(join -> actions.getChildren()
                .add(Press.link("step.hand-over", "step-hand-over", () -> ways.handOver(join))));
        actions.getChildren()
                .addAll(
                        Press.link("step.edit", "step-edit", () -> bar.rewrite(step, line.text())),
                        Press.link(line.off() ? "step.on" : "step.off", "step-turn", () -> model.trail()
                                .turn(step, !line.off())),
                        Press.link("step.copy", "step-copy", () -> {
                            ClipboardContent content = new ClipboardContent();
                            content.putString(line.text());
                            Clipboard.getSystemClipboard().setContent(content);
                            model.say(Words.of("step.copied"));
                        }));
        if (step > 0) {
            actions.getChildren()
                    .add(Press.link("step.up", "step-up", () -> model.trail().move(step, -1)));
        }
        if (step < steps - 1) {
            actions.getChildren().add(Press.link("step.down", "step-down", () -> model.trail()
                    .move(step, 1)));
        }
        actions.getChildren()
                .addAll(
                        Press.link("step.note", "step-note", () -> askNote(step, line, actions)),
                        Press.link("step.remove", "step-remove", () -> model.trail()
                                .remove(step)));
        return actions;
    }

    /** A field for the note stands in place of the actions until it is entered or left. */
    private void askNote(int step, Trail.Line line, FlowPane actions) {
        TextField note = new TextField(line.note().replace('\n', ' '));
        note.setId("step-note-field");
        note.setPromptText(Words.of("step.note.prompt"));
        Drops.onto(note, result -> note.appendText((note.getText().isEmpty() ? "" : " ") + result));
        note.setOnAction(enter -> model.trail().note(step, note.getText()));
        note.focusedProperty().addListener((property, before, focused) -> {
            if (!focused && getChildren().contains(note)) {
                show();
            }
        });
        getChildren().set(getChildren().indexOf(actions), note);
        note.requestFocus();
        note.end();
    }
}
