package promedio.desktop.picture;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Rectangle2D;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import promedio.core.number.Exact;
import promedio.core.picture.Calling;
import promedio.core.picture.Picture;
import promedio.core.picture.Setting;
import promedio.core.sentence.Sentence;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.picture.Sketch;
import promedio.desktop.text.Words;
import promedio.files.picture.Placed;

/** The field in which words of a picture are written, where they stand in it. */
final class WordsField extends TextField {
    private final DeskModel model;
    private final PicturePane pane;
    private final Consumer<String> say;
    private final Runnable done;
    private Setting written;
    private String writtenOf = "";

    /**
     * The field over a picture.
     *
     * @param say tells what is being written, or what is wrong with it
     * @param done what follows when nothing is written any more
     */
    WordsField(DeskModel model, PicturePane pane, Consumer<String> say, Runnable done) {
        this.model = model;
        this.pane = pane;
        this.say = say;
        this.done = done;
        setId("picture-field");
        setManaged(false);
        setVisible(false);
        setOnAction(entered -> commit());
        addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                close();
                key.consume();
            }
        });
        focusedProperty().addListener((property, before, now) -> {
            if (!now) {
                commit();
            }
        });
    }

    private Sketch sketch() {
        return model.drawings().sketchProperty().get();
    }

    /** Closes when another picture than that of which something is written is shown. */
    void follow(Sketch shown) {
        if (written != null && !shown.item().equals(writtenOf)) {
            close();
        }
    }

    /** Opens the words at a place of the picture. */
    void write(Placed.Spot spot) {
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
        Optional<Picture> picture = Optional.ofNullable(sketch()).flatMap(Sketch::picture);
        if (setting == null || picture.isEmpty()) {
            return;
        }
        Sketch sketch = sketch();
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

    /** Opens the bands of grey behind the picture. */
    void writeBands() {
        Sketch sketch = sketch();
        if (sketch != null) {
            setPromptText(Words.of("picture.bands.prompt"));
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
        setText(now);
        setVisible(true);
        resizeRelocate(left, Math.max(2, Math.min(pane.getHeight() - height - 2, top)), width, height);
        setAccessibleText(Words.of("picture.words." + name(setting)));
        requestFocus();
        selectAll();
        say.accept(Words.of("picture.writing"));
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
            Optional<Sentence> problem = model.drawings().say(setting, getText());
            if (problem.isPresent() && isFocused()) {
                say.accept(Words.of(problem.get()));
            } else {
                problem.ifPresent(wrong -> model.say(Words.of(wrong)));
                close();
            }
        }
    }

    private void close() {
        boolean focused = isFocused();
        written = null;
        setVisible(false);
        setPromptText("");
        done.run();
        if (focused) {
            pane.requestFocus();
        }
    }
}
