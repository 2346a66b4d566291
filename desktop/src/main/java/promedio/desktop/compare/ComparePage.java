package promedio.desktop.compare;

import java.util.List;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import promedio.core.assignment.SampleSheet;
import promedio.core.picture.PictureKind;
import promedio.core.picture.Setting;
import promedio.core.picture.Telling;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Sentence;
import promedio.core.sentence.Visible;
import promedio.desktop.control.Choice;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.compare.Compared;
import promedio.desktop.model.picture.Sketch;
import promedio.desktop.picture.PicturePane;
import promedio.desktop.picture.PictureWays;
import promedio.desktop.text.Words;
import promedio.files.picture.Drawing;
import promedio.files.picture.Look;
import promedio.files.picture.PictureFiles;

/** Samples side by side: chosen at the top, drawn on one axis, their measures in a table, and what differs in sentences. */
public final class ComparePage extends VBox {
    private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");
    private static final int LONGEST_NAME = 40;
    private static final List<PictureKind> KINDS = List.of(
            PictureKind.BOXES,
            PictureKind.DOTS,
            PictureKind.HISTOGRAM,
            PictureKind.POLYGON,
            PictureKind.OGIVE,
            PictureKind.STEMS);

    private final DeskModel model;
    private final PictureWays ways;
    private final FlowPane samples = new FlowPane();
    private final FlowPane kinds = new FlowPane();
    private final PicturePane pane;
    private final Label why = new Label();
    private final Label sentence = new Label();
    private final ComparedTable table;
    private final FlowPane held = new FlowPane();
    private final VBox says = new VBox();
    private final WhatIfRow whatIf;
    private final ScalePane scale;
    private final FlowPane scales = new FlowPane();
    private final VBox measures;
    private final VBox more;
    private final FlowPane outs = new FlowPane();

    /** The page of a desk. */
    public ComparePage(DeskModel model, PictureWays ways) {
        this.model = model;
        this.ways = ways;
        getStyleClass().add("compare-page");
        setId("compare-page");
        Label title = new Label(Words.of("compare.title"));
        title.getStyleClass().add("compare-title");
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        Button back = new Button(Words.of("compare.back"));
        back.setId("compare-back");
        back.getStyleClass().add("quiet-button");
        back.setMinWidth(USE_PREF_SIZE);
        back.setOnAction(press -> model.comparing().leave());
        HBox head = new HBox(title, samples, between, back);
        head.setAlignment(Pos.BASELINE_LEFT);
        head.getStyleClass().add("compare-head");
        HBox.setHgrow(samples, Priority.ALWAYS);
        samples.getStyleClass().add("compare-samples");
        kinds.getStyleClass().add("picture-kinds");
        pane = new PicturePane(model);
        pane.setId("compare-picture");
        pane.onPointed(part -> {
            Compared now = model.comparing().comparedProperty().get();
            if (now != null) {
                sentence.setText(part.flatMap(one -> now.sketch()
                                .picture()
                                .map(picture -> Words.of(new Telling(now.text()).of(picture, one))))
                        .orElseGet(() -> told(now.sketch())));
            }
        });
        why.setWrapText(true);
        why.getStyleClass().add("picture-why");
        sentence.setWrapText(true);
        sentence.setId("compare-sentence");
        sentence.getStyleClass().add("picture-sentence");
        StackPane place = new StackPane(pane, why);
        place.getStyleClass().add("picture-place");
        VBox.setVgrow(place, Priority.ALWAYS);
        VBox drawn = new VBox(kinds, place, sentence);
        drawn.getStyleClass().add("picture-paper");
        HBox.setHgrow(drawn, Priority.ALWAYS);
        table = new ComparedTable(model);
        held.getStyleClass().add("picture-choices");
        says.getStyleClass().add("compare-says");
        outs.getStyleClass().add("picture-choices");
        outs.getChildren()
                .setAll(
                        button("compare.copy", this::copy),
                        button("compare.copy-picture", () -> save(true)),
                        button("compare.save", () -> save(false)));
        // A table of many samples is scrolled by itself, so that sentences keep to the width of the page.
        ScrollPane wide = new ScrollPane(table);
        wide.getStyleClass().add("page-scroll");
        wide.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        wide.setMinHeight(Region.USE_PREF_SIZE);
        whatIf = new WhatIfRow(model);
        scale = new ScalePane(model);
        scales.getStyleClass().add("picture-kinds");
        measures = new VBox(held, wide, soft("compare.marks"));
        more = new VBox(whatIf, says);
        for (VBox part : List.of(measures, more)) {
            part.getStyleClass().add("compare-measures");
        }
        VBox right = new VBox(scales, measures, scale, outs, more);
        right.getStyleClass().add("compare-right");
        VBox.setVgrow(scale, Priority.ALWAYS);
        ScrollPane scroll = new ScrollPane(right);
        scroll.getStyleClass().addAll("page-scroll", "compare-scroll");
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        HBox body = new HBox(drawn, scroll);
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().addAll(head, body);
        addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                model.comparing().leave();
                key.consume();
            }
        });
        model.comparing().comparedProperty().addListener((property, before, now) -> show());
        model.assignmentProperty().addListener((property, before, now) -> showSamples());
        visibleProperty().addListener((property, before, now) -> show());
        show();
    }

    private void show() {
        Compared compared = model.comparing().comparedProperty().get();
        showSamples();
        if (compared == null || !isVisible()) {
            return;
        }
        Sketch sketch = compared.sketch();
        showKinds(sketch);
        pane.show(
                sketch, sketch.picture().map(new Telling(compared.text())::all).orElse(""));
        pane.setVisible(sketch.picture().isPresent());
        why.setText(sketch.why().map(Words::of).orElse(""));
        why.setVisible(sketch.why().isPresent());
        sentence.setText(told(sketch));
        showScales(compared);
        boolean some = compared.comparison().isPresent();
        for (VBox part : List.of(measures, more)) {
            part.setVisible(compared.scaled().isEmpty());
            part.setManaged(compared.scaled().isEmpty());
        }
        scale.show(compared);
        table.show(compared);
        held.getChildren().clear();
        if (some) {
            held.getChildren().add(soft("compare.held"));
            held.getChildren().addAll(table.choices(compared));
            held.getChildren().add(1 + 1, soft("compare.against"));
        }
        says.getChildren()
                .setAll(compared.says().stream().map(ComparePage::said).toList());
        outs.setVisible(!texts(compared).isEmpty());
        whatIf.show(compared);
    }

    private static String told(Sketch sketch) {
        return sketch.says().stream().map(Words::of).collect(Collectors.joining("  "));
    }

    private static Label said(Sentence sentence) {
        Label label = new Label(Words.of(sentence));
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    private static Label soft(String key) {
        Label label = new Label(Words.of(key));
        label.getStyleClass().add("soft");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private void showSamples() {
        List<String> chosen = model.comparing().chosen();
        List<SampleSheet> sheets = model.assignment().sheets().stream()
                .filter(sheet -> sheet.can(Use.COMPARED))
                .toList();
        boolean same = samples.getChildren().size() == sheets.size();
        for (int i = 0; i < sheets.size() && same; i++) {
            same = samples.getChildren().get(i) instanceof CheckBox box
                    && ("compare-" + sheets.get(i).id()).equals(box.getId())
                    && Visible.line(sheets.get(i).name(), LONGEST_NAME).equals(box.getText());
        }
        if (!same) {
            samples.getChildren().setAll(sheets.stream().map(this::box).toList());
        }
        for (int i = 0; i < sheets.size(); i++) {
            ((CheckBox) samples.getChildren().get(i))
                    .setSelected(chosen.contains(sheets.get(i).id()));
        }
    }

    private CheckBox box(SampleSheet sheet) {
        CheckBox box = new CheckBox(Visible.line(sheet.name(), LONGEST_NAME));
        box.setMnemonicParsing(false);
        box.setId("compare-" + sheet.id());
        box.setOnAction(press -> model.comparing().toggle(sheet.id()));
        return box;
    }

    private void showKinds(Sketch sketch) {
        List<Button> buttons = KINDS.stream()
                .filter(sketch.kinds()::contains)
                .map(kind -> {
                    Button button = new Button(Words.of(Sentence.of("picture.kind." + kind.id())));
                    button.setId("compare-" + kind.id());
                    button.getStyleClass().add("picture-kind");
                    button.setMinWidth(USE_PREF_SIZE);
                    button.pseudoClassStateChanged(
                            CURRENT, kind == sketch.wish().kind());
                    button.setOnAction(press -> model.comparing().choose(kind));
                    return button;
                })
                .toList();
        kinds.getChildren().setAll(buttons);
        if (sketch.wish().kind() == PictureKind.HISTOGRAM) {
            boolean stacked = sketch.wish().is(Setting.STACKED, "yes");
            Choice<Boolean> choice = new Choice<>(
                    "compare-stacked",
                    Words.of(stacked ? "compare.stacked" : "compare.laid-over"),
                    model.comparing()::stack);
            choice.or(Words.of("compare.stacked"), true).or(Words.of("compare.laid-over"), false);
            kinds.getChildren().add(choice);
        }
    }

    private void showScales(Compared compared) {
        boolean scaled = compared.scaled().isPresent();
        Button measured = button("compare.as-measured", () -> model.comparing().putOnScale(false));
        Button onScale = button("compare.on-scale", () -> model.comparing().putOnScale(true));
        for (Button button : List.of(measured, onScale)) {
            button.getStyleClass().setAll("button", "picture-kind");
            button.pseudoClassStateChanged(CURRENT, (button == onScale) == scaled);
        }
        boolean focused = scales.getChildren().stream().anyMatch(Node::isFocused);
        scales.getChildren().setAll(measured, onScale);
        // x is what stands first on the shelf.
        List<String> chosen = model.assignment().sheets().stream()
                .map(SampleSheet::id)
                .filter(model.comparing().chosen()::contains)
                .toList();
        if (model.groups().fit(chosen)) {
            Hyperlink groups = new Hyperlink(Words.of("compare.keep-groups"));
            groups.setId("compare-keep-groups");
            groups.setOnAction(press -> model.groups().gather(chosen));
            Tip.on(groups, Words.of("compare.keep-groups.tip"));
            scales.getChildren().add(groups);
        }
        if (chosen.size() == 2 && model.pairs().fit(chosen.get(0), chosen.get(1))) {
            Hyperlink pairs = new Hyperlink(Words.of("compare.make-pairs"));
            pairs.setId("compare-make-pairs");
            pairs.setOnAction(press -> model.pairs().pair(chosen.get(0), chosen.get(1)));
            Tip.on(pairs, Words.of("compare.make-pairs.tip"));
            scales.getChildren().add(pairs);
        }
        if (focused) {
            (scaled ? onScale : measured).requestFocus();
        }
    }

    private List<List<String>> texts(Compared compared) {
        return compared.scaled().isPresent() ? scale.texts() : table.texts(compared);
    }

    private Button button(String key, Runnable run) {
        Button button = new Button(Words.of(key));
        button.setId(key.replace('.', '-'));
        button.getStyleClass().add("quiet-button");
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(press -> run.run());
        return button;
    }

    private void copy() {
        Compared compared = model.comparing().comparedProperty().get();
        if (compared != null) {
            CopiedCells.putTable(texts(compared));
            model.say(Words.of("message.table-copied"));
        }
    }

    private void save(boolean picture) {
        Compared compared = model.comparing().comparedProperty().get();
        if (compared == null) {
            return;
        }
        if (picture) {
            compared.sketch()
                    .picture()
                    .ifPresent(drawn -> ways.writePicture(
                            new PictureFiles(
                                    new Drawing(drawn, Look.PAPER, compared.text()),
                                    new Telling(compared.text()).all(drawn),
                                    (int) pane.getWidth(),
                                    (int) pane.getHeight()),
                            drawn.title(),
                            2));
        } else {
            ways.writeTable(texts(compared), Words.of("compare.file"));
        }
    }
}
