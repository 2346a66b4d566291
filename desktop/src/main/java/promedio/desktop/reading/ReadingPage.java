package promedio.desktop.reading;

import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import promedio.core.sentence.Visible;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.reading.FileReading;
import promedio.desktop.text.Words;
import promedio.files.table.TableFile;

/** The page that shows how a file was read, before its columns are taken: Enter takes them, Escape leaves it. */
public final class ReadingPage extends VBox {
    private static final PseudoClass NONE = PseudoClass.getPseudoClass("none");
    private static final int LONGEST_NAME = 80;
    private static final int MOST_PREAMBLE = 240;

    private final DeskModel model;
    private final FileReading reading;
    private final Label head = new Label();
    private final Label facts = new Label();
    private final ReadingSentence sentence;
    private final Label preamble = new Label();
    private final Label problem = new Label();
    private final ReadingRows rows;
    private final PointedOutList notices;
    private final Button take = new Button();
    private final Label progress = new Label();
    private final Timeline clock = new Timeline(new KeyFrame(Duration.millis(150), tick -> showProgress()));

    /** The page of a desk. */
    public ReadingPage(DeskModel model) {
        this.model = model;
        this.reading = model.intake().page();
        this.sentence = new ReadingSentence(reading);
        this.rows = new ReadingRows(reading);
        this.notices = new PointedOutList(reading);
        getStyleClass().add("reading-page");
        setId("reading-page");
        head.getStyleClass().add("reading-title");
        head.setMinWidth(0);
        facts.getStyleClass().add("soft");
        facts.setMinWidth(USE_PREF_SIZE);
        preamble.getStyleClass().add("reading-preamble");
        preamble.setWrapText(true);
        problem.getStyleClass().add("reading-problem");
        problem.setWrapText(true);
        problem.setId("reading-problem");
        clock.setCycleCount(Timeline.INDEFINITE);
        HBox title = new HBox(head, facts);
        title.setAlignment(Pos.BASELINE_LEFT);
        title.getStyleClass().add("reading-top");
        VBox middle = new VBox(sentence, problem, preamble, rows, notices);
        middle.getStyleClass().add("reading-middle");
        ScrollPane scroll = new ScrollPane(middle);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("reading-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(title, scroll, foot());
        reading.stateProperty().addListener((property, before, now) -> show(now));
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        show(reading.stateProperty().get());
    }

    private HBox foot() {
        take.setId("take-columns");
        take.getStyleClass().add("main-button");
        take.setMinWidth(USE_PREF_SIZE);
        take.setOnAction(click -> model.intake().takePage());
        Button cancel = new Button(Words.of("reading.cancel"));
        cancel.setId("reading-cancel");
        cancel.getStyleClass().add("quiet-button");
        cancel.setMinWidth(USE_PREF_SIZE);
        cancel.setOnAction(click -> reading.close());
        progress.setId("reading-progress");
        progress.getStyleClass().add("soft");
        HBox foot = new HBox(take, cancel, progress);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.getStyleClass().add("reading-foot");
        return foot;
    }

    private void key(KeyEvent key) {
        boolean typing = key.getTarget() instanceof TextField;
        if (key.getCode() == KeyCode.ESCAPE) {
            reading.close();
            key.consume();
        } else if (key.getCode() == KeyCode.ENTER && !typing) {
            model.intake().takePage();
            key.consume();
        }
    }

    private void show(FileReading.State state) {
        if (state == null) {
            clock.stop();
            return;
        }
        Node owner = getScene() == null || !isFocusWithin() ? null : getScene().getFocusOwner();
        head.setText(Visible.line(state.path().getFileName().toString(), LONGEST_NAME));
        sentence.show(state);
        boolean readable = state.file().isPresent();
        problem.setText(state.problem().orElse(""));
        shown(problem, state.problem().isPresent());
        shown(rows, readable);
        shown(notices, readable);
        shown(preamble, state.file().filter(file -> !file.preamble().isEmpty()).isPresent());
        state.file().ifPresentOrElse(file -> show(state, file), () -> facts.setText(""));
        int columns = state.taken().size();
        take.setText(
                columns == 0
                        ? Words.of("reading.take")
                        : columns == 1 ? Words.of("reading.take.one") : Words.of("reading.take.many", columns));
        take.pseudoClassStateChanged(NONE, columns == 0);
        if (state.whole()) {
            clock.stop();
            progress.setText(readable && columns == 0 ? Words.of("reading.take.none") : "");
        } else {
            clock.play();
            showProgress();
        }
        // What had the focus may be gone with what it stood for: then Enter must still take the file, and not what
        // comes next in the window.
        if (owner != null && owner.getScene() != getScene()) {
            take.requestFocus();
        }
        Platform.runLater(() -> {
            if (isVisible() && !isFocusWithin()) {
                take.requestFocus();
            }
        });
    }

    private void show(FileReading.State state, TableFile file) {
        String size = Words.size(file.table().rows(), file.table().columns().size());
        facts.setText(state.whole() ? size : Words.of("reading.size.first", size));
        preamble.setText(
                Words.of("reading.preamble", Visible.line(String.join(" / ", file.preamble()), MOST_PREAMBLE)));
        rows.show(state, file);
        notices.show(file);
    }

    private static void shown(javafx.scene.Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private void showProgress() {
        double part = reading.progress();
        progress.setText(
                part < 0 ? Words.of("reading.progress") : Words.of("reading.progress.part", (int) (100 * part)));
    }

    /** Puts the cursor where Enter takes the columns. */
    public void focusTake() {
        Platform.runLater(take::requestFocus);
    }
}
