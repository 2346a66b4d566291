package promedio.desktop.picture;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Rectangle2D;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import promedio.core.number.Exact;
import promedio.core.picture.Calling;
import promedio.core.picture.Content;
import promedio.core.picture.Mark;
import promedio.core.picture.Picture;
import promedio.core.picture.Setting;
import promedio.core.picture.Telling;
import promedio.core.picture.ToPlot;
import promedio.core.sentence.Sentence;
import promedio.desktop.control.Choice;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.Sketch;
import promedio.desktop.model.TableText;
import promedio.desktop.text.Words;
import promedio.files.picture.Drawing;
import promedio.files.picture.Look;
import promedio.files.picture.PictureFiles;
import promedio.files.picture.Placed;

/**
 * The page Picture: the pictures that suit, each one click; the picture, with what is pointed at told below; at the right the table to draw
 * it from by hand, and the ways out of the program.
 */
public final class PicturePage extends HBox {
    private static final int CLIPBOARD_SCALE = 2;
    private static final DataFormat SVG = format();

    private final DeskModel model;
    private final PictureWays ways;
    private final SettingsBar bar;
    private final PicturePane pane;
    private final Label why = new Label();
    private final Label sentence = new Label();
    private final PlotBox plot;
    private final TextField field = new TextField();
    private final StackPane place = new StackPane();
    private final CheckBox print = new CheckBox(Words.of("picture.print"));
    private Size size = Size.AS_SHOWN;
    private final VBox margin = new VBox();
    private final FlowPane outs = new FlowPane();
    private Setting written;
    private String writtenOf = "";
    private String shownAs = "";

    /** Sizes of files, in pixels at 96 an inch. */
    private enum Size {
        AS_SHOWN(0, 0),
        PAGE(640, 400),
        HALF(320, 220),
        SLIDE(1280, 720);

        private final int width;
        private final int height;

        Size(int width, int height) {
            this.width = width;
            this.height = height;
        }
    }

    /** The page of a desk. */
    public PicturePage(DeskModel model, PictureWays ways) {
        this.model = model;
        this.ways = ways;
        getStyleClass().add("picture-page");
        setId("picture-page");
        pane = new PicturePane(model);
        pane.onPointed(this::point);
        pane.onClicked(this::write);
        pane.onColour(this::nextColour);
        bar = new SettingsBar(model, this::write, this::writeBands);
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
        field.setId("picture-field");
        field.setManaged(false);
        field.setVisible(false);
        field.setOnAction(entered -> commit());
        field.addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                close();
                key.consume();
            }
        });
        field.focusedProperty().addListener((property, before, now) -> {
            if (!now) {
                commit();
            }
        });
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
        outs.getStyleClass().add("picture-choices");
        VBox out = new VBox(outs);
        margin.getStyleClass().add("picture-margin-rows");
        margin.getChildren().addAll(out, plot);
        ScrollPane scroll = new ScrollPane(margin);
        scroll.getStyleClass().addAll("page-scroll", "picture-margin");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        getChildren().addAll(paper, scroll);
        print.setId("picture-print");
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

    private static DataFormat format() {
        DataFormat known = DataFormat.lookupMimeType("image/svg+xml");
        return known != null ? known : new DataFormat("image/svg+xml");
    }

    private void bringUpToDate() {
        if (isVisible()) {
            model.drawings().refresh();
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
        if (written != null && !sketch.item().equals(writtenOf)) {
            close();
        }
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
        showOuts();
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

    /** Opens the words at a place of the picture. */
    private void write(Placed.Spot spot) {
        Setting setting =
                switch (spot) {
                    case TITLE -> Setting.TITLE;
                    case ACROSS_TITLE -> Setting.X_TITLE;
                    case UP_TITLE -> Setting.Y_TITLE;
                    case CAPTION -> Setting.CAPTION;
                    case FROM -> Setting.FROM;
                    case TO -> Setting.TO;
                    case NAMES -> Setting.NAMES;
                    case LEGEND -> null;
                };
        Optional<Picture> picture = picture();
        if (setting == null || picture.isEmpty()) {
            return;
        }
        Sketch sketch = model.drawings().sketchProperty().get();
        String now =
                switch (setting) {
                    case TITLE -> picture.get().title();
                    case CAPTION -> picture.get().caption();
                    case X_TITLE -> picture.get().across().orElseThrow().title();
                    case Y_TITLE -> picture.get().up().orElseThrow().title();
                    case NAMES -> Calling.written(picture.get(), sketch.wish());
                    case FROM ->
                        number(sketch, picture.get().across().orElseThrow().from());
                    default ->
                        number(sketch, picture.get().across().orElseThrow().to());
                };
        open(setting, now, pane.place(spot).orElse(new Rectangle2D(0, pane.getHeight() - 30, pane.getWidth(), 26)));
    }

    private static String number(Sketch sketch, Exact number) {
        return sketch.text().carried(number).replace("\u202f", "").replace("−", "-");
    }

    private void writeBands() {
        Sketch sketch = model.drawings().sketchProperty().get();
        if (sketch != null) {
            field.setPromptText(Words.of("picture.bands.prompt"));
            open(
                    Setting.BANDS,
                    sketch.wish().get(Setting.BANDS).orElse(""),
                    new Rectangle2D(0, 0, pane.getWidth(), 26));
        }
    }

    private void open(Setting setting, String now, Rectangle2D at) {
        commit();
        written = setting;
        writtenOf = model.selectedProperty().get();
        boolean short1 = setting == Setting.FROM || setting == Setting.TO;
        boolean upright = setting == Setting.Y_TITLE;
        double em = pane.em();
        double width = short1 ? 7 * em : Math.min(pane.getWidth() - 8, Math.max(22 * em, at.getWidth()));
        double height = 2.2 * em;
        double left = upright ? 4 : Math.max(4, Math.min(pane.getWidth() - width - 4, at.getMinX()));
        double top = upright ? at.getMinY() : at.getMinY() + (at.getHeight() - height) / 2;
        field.setText(now);
        field.setVisible(true);
        field.resizeRelocate(left, Math.max(2, Math.min(pane.getHeight() - height - 2, top)), width, height);
        field.setAccessibleText(Words.of("picture.words." + name(setting)));
        field.requestFocus();
        field.selectAll();
        sentence.setText(Words.of("picture.writing"));
    }

    private static String name(Setting setting) {
        return switch (setting) {
            case X_TITLE -> "ACROSS_TITLE";
            case Y_TITLE -> "UP_TITLE";
            default -> setting.name();
        };
    }

    private void commit() {
        Setting setting = written;
        if (setting != null) {
            Optional<Sentence> problem = model.drawings().say(setting, field.getText());
            if (problem.isPresent() && field.isFocused()) {
                sentence.setText(Words.of(problem.get()));
            } else {
                problem.ifPresent(wrong -> model.say(Words.of(wrong)));
                close();
            }
        }
    }

    private void close() {
        boolean focused = field.isFocused();
        written = null;
        field.setVisible(false);
        field.setPromptText("");
        says();
        if (focused) {
            pane.requestFocus();
        }
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

    private void showOuts() {
        Choice<Size> sizes = new Choice<>("picture-size", Words.of("picture.size." + size), other -> {
            size = other;
            showOuts();
        });
        for (Size one : Size.values()) {
            sizes.or(Words.of("picture.size." + one), one);
        }
        boolean one = picture().filter(picture -> !picture.hasLegend()).isPresent();
        outs.getChildren()
                .setAll(
                        button("picture.copy", this::copy),
                        button("picture.save", () -> save(false)),
                        button("picture.empty", () -> save(true)),
                        button("picture.copy-table", this::copyTable),
                        sizes,
                        print);
        if (one) {
            outs.getChildren().add(link("picture.colour", () -> nextColour(0)));
        }
    }

    private Button button(String key, Runnable run) {
        Button button = new Button(Words.of(key));
        button.setId(key.replace('.', '-'));
        button.getStyleClass().add("quiet-button");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(press -> run.run());
        return button;
    }

    private static Hyperlink link(String key, Runnable run) {
        Hyperlink link = new Hyperlink(Words.of(key));
        link.setId(key.replace('.', '-'));
        link.setOnAction(press -> run.run());
        return link;
    }

    private PictureFiles files(Sketch sketch, Picture picture) {
        Look look = print.isSelected() ? Look.PRINT : Look.PAPER;
        int width = size == Size.AS_SHOWN ? (int) pane.getWidth() : size.width;
        int height = size == Size.AS_SHOWN ? (int) pane.getHeight() : size.height;
        double text = size == Size.SLIDE ? 18 : size == Size.HALF ? 10 : Look.TEXT_SIZE;
        return new PictureFiles(
                new Drawing(picture, look.sized(text), sketch.text()),
                new Telling(sketch.text()).all(picture),
                width,
                height);
    }

    private void save(boolean empty) {
        Sketch sketch = model.drawings().sketchProperty().get();
        picture()
                .ifPresent(picture -> ways.writePicture(
                        files(sketch, empty ? picture.empty() : picture),
                        empty ? Words.of("picture.empty.name", picture.title()) : picture.title(),
                        CLIPBOARD_SCALE));
    }

    private void copy() {
        Sketch sketch = model.drawings().sketchProperty().get();
        picture().ifPresent(picture -> {
            PictureFiles files = files(sketch, picture);
            Look look = print.isSelected() ? Look.PRINT : Look.PAPER;
            Drawing drawing = new Drawing(picture, look, sketch.text());
            model.inBackground(
                    () -> {
                        try {
                            return new Copied(
                                    Rendered.of(drawing, pane.getWidth(), pane.getHeight(), CLIPBOARD_SCALE),
                                    ByteBuffer.wrap(files.bytes(PictureFiles.Format.SVG, 1)));
                        } catch (java.io.IOException never) {
                            throw new java.io.UncheckedIOException(never);
                        }
                    },
                    copied -> {
                        ClipboardContent content = new ClipboardContent();
                        content.putImage(copied.rendered().image());
                        content.put(SVG, copied.svg());
                        Clipboard.getSystemClipboard().setContent(content);
                        model.say(Words.of("picture.copied"));
                    },
                    () -> {});
        });
    }

    /** Bytes are handed over as they are; a text would be wrapped into something that only Java reads. */
    private record Copied(Rendered rendered, ByteBuffer svg) {}

    private void copyTable() {
        List<List<String>> rows = plot.texts();
        ClipboardContent content = new ClipboardContent();
        content.putString(TableText.tabbed(rows));
        content.putHtml("<table>" + TableText.htmlRows(rows) + "</table>");
        Clipboard.getSystemClipboard().setContent(content);
        model.say(Words.of("message.table-copied"));
    }

    /** Puts the cursor on the picture. */
    public void focusPicture() {
        pane.requestFocus();
    }
}
