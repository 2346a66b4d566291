package promedio.desktop.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import promedio.core.number.Exact;
import promedio.core.picture.Content;
import promedio.core.picture.Mark;
import promedio.core.picture.Picture;
import promedio.core.picture.Setting;
import promedio.core.picture.Telling;
import promedio.core.picture.ToPlot;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.picture.Sketch;
import promedio.desktop.text.Words;
import promedio.files.picture.Look;

/**
 * The page Picture: the pictures that suit, each one click; the picture, with what is pointed at told below; at the right the table to draw
 * it from by hand, and the ways out of the program.
 */
public final class PicturePage extends HBox {
    private final DeskModel model;
    private final SettingsBar bar;
    private final PicturePane pane;
    private final Label why = new Label();
    private final Label sentence = new Label();
    private final PlotBox plot;
    private final WordsField field;
    private final StackPane place = new StackPane();
    private final VBox margin = new VBox();
    private final OutsBar outs;
    private String shownAs = "";

    /** The page of a desk. */
    public PicturePage(DeskModel model, PictureWays ways) {
        this.model = model;
        getStyleClass().add("picture-page");
        setId("picture-page");
        pane = new PicturePane(model);
        pane.onPointed(this::point);
        field = new WordsField(model, pane, sentence::setText, this::says);
        pane.onClicked(field::write);
        pane.onColour(this::nextColour);
        bar = new SettingsBar(model, field::write, field::writeBands);
        plot = new PlotBox(part -> {
            pane.light(part.orElse(null));
            point(part);
        });
        why.getStyleClass().add("picture-why");
        why.setId("picture-why");
        why.setWrapText(true);
        sentence.getStyleClass().add("picture-sentence");
        sentence.setId("picture-sentence");
        sentence.setWrapText(true);
        place.getChildren().addAll(pane, why, field);
        place.getStyleClass().add("picture-place");
        VBox.setVgrow(place, Priority.ALWAYS);
        VBox rows = new VBox(bar, place, sentence);
        rows.getStyleClass().add("picture-paper");
        // With large text the picture keeps a size at which it can be read, and the page is scrolled.
        ScrollPane paper = new ScrollPane(rows);
        paper.getStyleClass().add("page-scroll");
        paper.setFitToWidth(true);
        paper.setFitToHeight(true);
        paper.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        HBox.setHgrow(paper, Priority.ALWAYS);
        outs = new OutsBar(model, ways, pane, plot);
        VBox out = new VBox(outs);
        margin.getStyleClass().add("picture-margin-rows");
        margin.getChildren().addAll(out, plot);
        ScrollPane scroll = new ScrollPane(margin);
        scroll.getStyleClass().addAll("page-scroll", "picture-margin");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        getChildren().addAll(paper, scroll);
        model.drawings().sketchProperty().addListener((property, before, now) -> show());
        model.shownProperty().addListener((property, before, now) -> bringUpToDate());
        model.tables().figuresProperty().addListener((property, before, now) -> bringUpToDate());
        model.inSteps().columnsProperty().addListener((property, before, now) -> bringUpToDate());
        model.assignmentProperty().addListener((property, before, now) -> bringUpToDate());
        visibleProperty().addListener((property, before, now) -> {
            model.drawings().look(now);
            if (!now) {
                model.looking().spanProperty().set(null);
                model.looking().litProperty().set(null);
            }
        });
        model.drawings().look(true);
        show();
    }

    private void bringUpToDate() {
        if (isVisible()) {
            model.drawings().draw();
        }
    }

    private Optional<Picture> picture() {
        return Optional.ofNullable(model.drawings().sketchProperty().get()).flatMap(Sketch::picture);
    }

    private void show() {
        Sketch sketch = model.drawings().sketchProperty().get();
        if (sketch == null || !isVisible()) {
            return;
        }
        String now = sketch.item() + "/" + sketch.wish().kind();
        if (!now.equals(shownAs)) {
            shownAs = now;
            pane.light(null);
            point(Optional.empty());
        }
        field.follow(sketch);
        bar.show(sketch);
        why.setText(sketch.why().map(Words::of).orElse(""));
        why.setVisible(sketch.why().isPresent());
        pane.setVisible(sketch.picture().isPresent());
        Telling telling = new Telling(sketch.text());
        pane.show(sketch, sketch.picture().map(telling::all).orElse(""));
        says();
        boolean drawn = sketch.picture().isPresent();
        plot.setVisible(drawn);
        outs.setVisible(drawn);
        if (drawn) {
            plot.show(ToPlot.of(sketch.picture().get(), sketch.text()));
        }
        outs.show();
    }

    /** What the picture says, while nothing is pointed at. */
    private void says() {
        Sketch sketch = model.drawings().sketchProperty().get();
        sentence.setText(
                sketch == null ? "" : sketch.says().stream().map(Words::of).collect(Collectors.joining("  ")));
    }

    private void point(Optional<Mark.Part> part) {
        plot.light(part);
        Sketch sketch = model.drawings().sketchProperty().get();
        Optional<Picture> picture = picture();
        if (part.isEmpty() || picture.isEmpty()) {
            says();
            model.looking().spanProperty().set(null);
            model.looking().litProperty().set(null);
            return;
        }
        String words = Words.of(new Telling(sketch.text()).of(picture.get(), part.get()));
        sentence.setText(words);
        pane.setAccessibleText(words);
        onTheLine(picture.get().content(), part.get());
    }

    /** Shows on the Line what is pointed at in the picture. */
    private void onTheLine(Content content, Mark.Part part) {
        Exact value = null;
        Exact[] span = null;
        if (content instanceof Content.Classes classes
                && part.series() < classes.series().size()
                && part.item() >= 0) {
            Content.Classes.Bar bar = classes.series().get(part.series()).bars().get(part.item());
            span = new Exact[] {bar.from(), bar.to()};
        } else if (content instanceof Content.Dots dots && part.item() >= 0) {
            value = dots.strips().get(part.series()).dots().get(part.item()).value();
        } else if (content instanceof Content.Boxes boxes && boxes.boxes().size() == 1) {
            Content.Boxes.Box box = boxes.boxes().get(0);
            if (part.item() > 0 && box.outliers().get(part.item() - 1) instanceof Exact exact) {
                value = exact;
            } else if (box.quartile1() instanceof Exact from && box.quartile3() instanceof Exact to) {
                span = new Exact[] {from, to};
            }
        }
        model.looking().litProperty().set(value);
        model.looking().span(span == null ? null : span[0], span == null ? null : span[1]);
    }

    /** Gives a series the next colour of the palette. */
    private void nextColour(int series) {
        picture().ifPresent(picture -> {
            List<String> places = new ArrayList<>();
            for (int i = 0; i < picture.colours().size(); i++) {
                int now = picture.colours().get(i);
                int next = i == series ? (now + 1) % Look.PAPER.palette().size() : now;
                places.add(Integer.toString(next + 1));
            }
            model.drawings().say(Setting.COLOURS, String.join(" ", places));
        });
    }

    /** Puts the cursor on the picture. */
    public void focusPicture() {
        pane.requestFocus();
    }
}
