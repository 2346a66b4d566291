package promedio.desktop.jotter;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import promedio.core.formula.Notation;
import promedio.core.jotter.Jotted;
import promedio.core.jotter.Jotting;
import promedio.core.language.Completion;
import promedio.core.language.Typeset;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.core.vector.Vectors;
import promedio.desktop.control.Choice;
import promedio.desktop.control.Drops;
import promedio.desktop.control.Press;
import promedio.desktop.control.Ways;
import promedio.desktop.formula.FormulaView;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.model.jotter.Jots;
import promedio.desktop.text.Words;

/** What was asked in the jotter before, over the foot of the paper: each line with its result and what can be done with it. */
public final class JotterPane extends VBox {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");
    private static final int LONGEST = 160;
    private static final double MOST_EMS = 17;
    private static final double ROOM = 8;

    private final DeskModel model;
    private final JotterLine line;
    private final VBox lines = new VBox();
    private final ScrollPane scroll = new ScrollPane(lines);
    private final Label looked = new Label();
    private final FormulaView looks = new FormulaView();
    private final Hyperlink clear = Press.link("jotter.clear", "jotter-clear", () -> {});
    private final Hyperlink stop = Press.link("jotter.stop", "jotter-stop", () -> {});
    /** The line whose ways on are shown; −1 for the last. */
    private int current = -1;
    /** Whether the current line shows its result as a fraction. */
    private boolean fraction;

    /** What was asked on a desk, to be shown while its line is unfolded. */
    public JotterPane(DeskModel model, JotterLine line) {
        this.model = model;
        this.line = line;
        getStyleClass().addAll("card-pane", "jotter-pane");
        setId("jotter-pane");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(this, Pos.BOTTOM_LEFT);
        scroll.getStyleClass().add("reading-scroll");
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        lines.getStyleClass().add("jotter-lines");
        lines.heightProperty().addListener((property, before, now) -> {
            double em = looked.getFont().getSize();
            scroll.setPrefHeight(Math.min(now.doubleValue() + ROOM, MOST_EMS * em));
            if (current < 0) {
                scroll.setVvalue(1);
            }
        });
        VBox.setVgrow(scroll, Priority.ALWAYS);
        looked.setId("jotter-looked");
        looked.getStyleClass().add("jotter-looked");
        looked.setWrapText(true);
        looked.setMinHeight(USE_PREF_SIZE);
        clear.setOnAction(press -> model.jotter().clear());
        stop.setOnAction(press -> model.jotter().stop());
        getChildren()
                .addAll(
                        head(),
                        scroll,
                        looks,
                        new HBox(looked, stop),
                        new Ways(
                                line.field(),
                                false,
                                () -> Optional.of(
                                        Completion.Known.of(model.jotter().names()))));
        model.assignmentProperty().addListener((property, before, now) -> {
            if (before == null || !before.jotter().equals(now.jotter())) {
                current = -1;
                fraction = false;
                show();
            }
        });
        model.selectedProperty().addListener((property, before, now) -> show());
        model.jotter().lookedProperty().addListener((property, before, now) -> showLooked());
        model.jotter().askingProperty().addListener((property, before, now) -> showLooked());
        show();
        showLooked();
    }

    /** Leaves room for the foot of the window below it. */
    public void over(double foot) {
        StackPane.setMargin(this, new Insets(0, 0, foot + 2, 12));
    }

    private HBox head() {
        Label title = new Label(Words.of("jotter.head"));
        title.getStyleClass().add("trail-head");
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox head = new HBox(title, between, clear, Press.link("jotter.close", "jotter-close", () -> line.openProperty()
                .set(false)));
        head.setAlignment(Pos.BASELINE_LEFT);
        head.getStyleClass().add("jotter-head");
        return head;
    }

    private void show() {
        List<Jotting> all = model.jotter().lines();
        lines.getChildren().clear();
        clear.setVisible(!all.isEmpty());
        if (all.isEmpty()) {
            Label none = new Label(Words.of("jotter.none"));
            none.setWrapText(true);
            none.getStyleClass().add("soft");
            none.setMinHeight(USE_PREF_SIZE);
            lines.getChildren().add(none);
        }
        for (int i = 0; i < all.size(); i++) {
            lines.getChildren().add(row(i, all.get(i), all.size()));
        }
    }

    private Node row(int at, Jotting jotting, int size) {
        boolean chosen = at == current || current < 0 && at == size - 1;
        Hyperlink asked = new Hyperlink(Visible.line(jotting.asked(), LONGEST));
        asked.setWrapText(true);
        asked.getStyleClass().add("jotter-asked");
        asked.setOnAction(press -> {
            choose(at);
            line.write(jotting.asked());
        });
        FlowPane row = new FlowPane(asked);
        row.getStyleClass().add("jotter-row");
        row.pseudoClassStateChanged(CURRENT, chosen);
        if (chosen) {
            Typeset.line(jotting.asked()).map(FormulaView::new).ifPresent(row.getChildren()::add);
        }
        row.setOnMouseClicked(click -> choose(at));
        if (!jotting.result().isEmpty()) {
            boolean asFraction = chosen && fraction && jotting.isFraction();
            Label result = new Label(asFraction ? "= " + jotting.exact() : JotterLine.shown(jotting, LONGEST));
            result.setWrapText(true);
            result.getStyleClass().add("jotter-result");
            Drops.from(result, model.jotter().written(jotting));
            row.getChildren().add(result);
        }
        if (chosen) {
            row.getChildren().addAll(ways(at, jotting));
        }
        return row;
    }

    private void choose(int at) {
        if (at != current) {
            fraction = false;
        }
        current = at;
        show();
    }

    private List<Node> ways(int at, Jotting jotting) {
        Jots jots = model.jotter();
        List<Node> ways = new ArrayList<>();
        if (jotting.isFraction()) {
            ways.add(Press.link(fraction ? "jotter.decimal" : "jotter.fraction", "jotter-fraction", () -> {
                fraction = !fraction;
                show();
            }));
        }
        if (jots.hasWorking(jotting)) {
            ways.add(Press.link("jotter.working", "jotter-working", () -> jots.openWorking(jotting)));
        }
        if (jotting.isList()) {
            ways.add(Press.link("jotter.to-shelf", "jotter-to-shelf", () -> jots.toShelf(jotting)));
        }
        if (!jotting.result().isEmpty()) {
            ways.add(Press.link("jotter.copy", "jotter-copy", () -> {
                ClipboardContent content = new ClipboardContent();
                content.putString(jots.written(jotting));
                Clipboard.getSystemClipboard().setContent(content);
                model.say(Words.of("jotter.copied"));
            }));
            if (!jotting.isList()) {
                answer(jotting).ifPresent(ways::add);
            }
        }
        ways.add(Press.link("jotter.take", "jotter-take", () -> jots.take(at)));
        return ways;
    }

    /** The usual measures of the chosen sample, to write a result as the answer to one. */
    private Optional<Node> answer(Jotting jotting) {
        SheetFigures figures = model.figuresProperty().get();
        if (figures == null) {
            return Optional.empty();
        }
        Choice<String> choice = new Choice<>("jotter-answer", Words.of("jotter.answer"), question -> model.jotter()
                .answer(jotting, question));
        choice.getStyleClass().remove("reading-choice");
        figures.lines().stream()
                .filter(line -> line.usual(figures.firstSkewness()))
                .forEach(line -> choice.or(Words.of(line.label()), line.question()));
        return Optional.of(choice);
    }

    private void showLooked() {
        Jotted now = model.jotter().lookedProperty().get();
        Optional<Sentence> fault = Jots.fault(now);
        boolean asking = model.jotter().askingProperty().get();
        String words = now == null
                ? ""
                : fault.map(sentence -> Words.of(
                                "step.fault-at", now.fault().orElseThrow().at().from() + 1, Words.of(sentence)))
                        .orElseGet(() -> result(now));
        looked.setText(words);
        // At its end a line is only not finished as yet.
        looked.pseudoClassStateChanged(
                WRONG,
                now != null
                        && now.fault()
                                .filter(wrong -> wrong.at().to() < now.text().length())
                                .isPresent());
        Optional<Notation> notation = Optional.ofNullable(now).flatMap(asked -> Typeset.line(asked.text()));
        notation.ifPresent(looks::show);
        looks.setVisible(notation.isPresent());
        looks.setManaged(notation.isPresent());
        stop.setVisible(asking);
        stop.setManaged(asking);
        Node row = looked.getParent();
        row.setVisible(asking || !words.isEmpty());
        row.setManaged(asking || !words.isEmpty());
    }

    private static String result(Jotted jotted) {
        if (jotted.result().isEmpty()) {
            return jotted.told().stream().findFirst().map(Words::of).orElse("");
        }
        Jotting kept = jotted.kept(Vectors.DIGITS);
        return JotterLine.shown(kept, LONGEST);
    }
}
