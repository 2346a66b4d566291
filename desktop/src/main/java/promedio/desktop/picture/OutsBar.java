package promedio.desktop.picture;

import java.nio.ByteBuffer;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import promedio.core.picture.Picture;
import promedio.core.picture.Telling;
import promedio.desktop.control.Choice;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.picture.Sketch;
import promedio.desktop.text.Words;
import promedio.files.picture.Drawing;
import promedio.files.picture.Look;
import promedio.files.picture.PictureFiles;

/** The ways of a picture out of the program: copied, saved in a size, its table copied. */
final class OutsBar extends FlowPane {
    private static final int CLIPBOARD_SCALE = 2;
    private static final DataFormat SVG = format();

    private final DeskModel model;
    private final PictureWays ways;
    private final PicturePane pane;
    private final PlotBox plot;
    private final CheckBox print = new CheckBox(Words.of("picture.print"));
    private Size size = Size.AS_SHOWN;

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

    /** The ways out of what a pane shows, and a table beside it. */
    OutsBar(DeskModel model, PictureWays ways, PicturePane pane, PlotBox plot) {
        this.model = model;
        this.ways = ways;
        this.pane = pane;
        this.plot = plot;
        getStyleClass().add("picture-choices");
        print.setId("picture-print");
    }

    private static DataFormat format() {
        DataFormat known = DataFormat.lookupMimeType("image/svg+xml");
        return known != null ? known : new DataFormat("image/svg+xml");
    }

    private Optional<Picture> picture() {
        return Optional.ofNullable(model.drawings().sketchProperty().get()).flatMap(Sketch::picture);
    }

    /** Shows the ways that the picture of now has. */
    void show() {
        Choice<Size> sizes = new Choice<>("picture-size", Words.of("picture.size." + size), other -> {
            size = other;
            show();
        });
        for (Size one : Size.values()) {
            sizes.or(Words.of("picture.size." + one), one);
        }
        boolean one = picture().filter(picture -> !picture.hasLegend()).isPresent();
        getChildren()
                .setAll(
                        button("picture.copy", this::copy),
                        button("picture.save", () -> save(false)),
                        button("picture.empty", () -> save(true)),
                        button("picture.copy-table", this::copyTable),
                        sizes,
                        print);
        if (one) {
            getChildren().add(link("picture.colour", () -> pane.pressColour(0)));
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
                    Lane.WRITING,
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
        plot.document().ifPresent(CopiedCells::put);
        model.say(Words.of("message.table-copied"));
    }
}
