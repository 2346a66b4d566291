package promedio.desktop.window;

import java.util.List;
import javafx.animation.PauseTransition;
import javafx.beans.binding.Bindings;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.Tooltip;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import promedio.core.assignment.Edit;
import promedio.desktop.card.CardPane;
import promedio.desktop.classes.ClassesPage;
import promedio.desktop.entries.EntriesPage;
import promedio.desktop.line.LineView;
import promedio.desktop.measures.MeasuresPage;
import promedio.desktop.model.Background;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.MeasureLine;
import promedio.desktop.model.MeasuresText;
import promedio.desktop.model.SheetFigures;
import promedio.desktop.text.Words;
import promedio.desktop.theme.Theme;
import promedio.files.assignment.Journal;

/** The window: the shelf at the left, the Line above the paper, the page edges, the paper with its margin. */
public final class MainWindow {
    private static final int SMALLEST = 80;
    private static final int LARGEST = 200;
    private static final int SIZE_STEP = 10;
    private static final double NARROW_EMS = 90;
    private static final double TEXT_SIZE = 13;
    private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");

    private final DeskModel model;
    private final Scene scene;
    private final LineView line;
    private final CardPane card;
    private final EntriesPage entries;
    private final KeysPane keys;
    private final Shortcuts shortcuts;
    private final FileActions files;
    private final FindPane find;
    private Theme theme = Theme.PAPER;
    private int percent = 100;
    private Button themeButton;

    /** The window of a desk, not yet shown. */
    public MainWindow(DeskModel model, Background background) {
        this.model = model;
        // Moving the focus makes an answer or name that is being typed count.
        files = new FileActions(model, () -> scene().getRoot().requestFocus(), this::focusTyping);
        line = new LineView(model);
        card = new CardPane(model);
        entries = new EntriesPage(model, files);
        MeasuresPage measures = new MeasuresPage(model);
        ClassesPage classes = new ClassesPage(model);
        find = new FindPane(model, measures::reveal);
        StackPane pages = new StackPane(entries, measures, classes);
        pages.getStyleClass().add("pages");
        pages.setMinHeight(0);
        VBox.setVgrow(pages, Priority.ALWAYS);
        HBox edges = edges();
        VBox paper = new VBox(line, edges, pages);
        paper.getStyleClass().add("paper");
        BorderPane desk = new BorderPane(paper);
        desk.getStyleClass().add("desk");
        desk.setTop(bar());
        desk.setLeft(new promedio.desktop.shelf.ShelfView(model, background));
        desk.setBottom(foot());
        keys = new KeysPane();
        shortcuts = shortcuts();
        StackPane root = new StackPane(desk, card, keys, find);
        StackPane.setAlignment(card, Pos.TOP_RIGHT);
        StackPane.setAlignment(find, Pos.TOP_CENTER);
        scene = new Scene(root, 1280, 800);
        model.figuresProperty().addListener((property, before, figures) -> {
            line.show(figures);
            show(line, figures != null && !figures.sample().isEmpty());
        });
        Runnable turn = () -> {
            DeskModel.Page page = model.pageProperty().get();
            boolean onEntries = page == DeskModel.Page.ENTRIES;
            boolean empty = model.selectedProperty().get().isEmpty();
            show(entries, onEntries || empty);
            show(measures, page == DeskModel.Page.MEASURES && !empty);
            show(classes, page == DeskModel.Page.CLASSES && !empty);
            show(edges, !empty);
        };
        model.pageProperty().addListener((property, before, now) -> turn.run());
        model.selectedProperty().addListener((property, before, now) -> turn.run());
        turn.run();
        scene.widthProperty().addListener((property, before, now) -> fit());
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        scene.setOnDragOver(over -> {
            if (over.getDragboard().hasFiles() || over.getDragboard().hasString()) {
                over.acceptTransferModes(TransferMode.COPY);
            }
        });
        scene.setOnDragDropped(drop -> {
            if (drop.getDragboard().hasFiles()) {
                files.take(drop.getDragboard().getFiles().get(0).toPath());
            } else {
                model.type(drop.getDragboard().getString());
            }
            drop.setDropCompleted(true);
        });
        theme.dress(scene, percent);
    }

    private static void show(Node node, boolean visible) {
        node.setVisible(visible);
        node.setManaged(visible);
    }

    /** Narrower columns where the window is narrow for the size of its text. */
    private void fit() {
        boolean narrow = scene.getWidth() < NARROW_EMS * TEXT_SIZE * percent / 100;
        scene.getRoot().getStyleClass().remove("narrow");
        if (narrow) {
            scene.getRoot().getStyleClass().add("narrow");
        }
    }

    /** The scene to put on a stage. */
    public Scene scene() {
        return scene;
    }

    /** The desk it shows. */
    public DeskModel model() {
        return model;
    }

    /** Where files come from. */
    public void setPicker(FilePicker picker) {
        files.setPicker(picker);
    }

    /** Shows another theme. */
    public void setTheme(Theme other) {
        theme = other;
        theme.dress(scene, percent);
        themeButton.setText(Words.of(theme == Theme.PAPER ? "bar.slate" : "bar.paper"));
    }

    /** Shows text in another size, in percent of the usual; from 80 to 200. */
    public void setTextSize(int newPercent) {
        percent = Math.max(SMALLEST, Math.min(LARGEST, newPercent));
        theme.dress(scene, percent);
        fit();
    }

    /** What is done with files: opened, saved, taken from a drop. */
    public FileActions files() {
        return files;
    }

    /** The line to find a measure by its name. */
    public FindPane find() {
        return find;
    }

    /** The page of keys, to open and close it. */
    public KeysPane keys() {
        return keys;
    }

    /** The course card, to open and close it. */
    public CardPane card() {
        return card;
    }

    /** Offers back what earlier desks have left unsaved. */
    public void offer(List<Journal.Kept> left) {
        entries.offer(left);
    }

    /** Puts the cursor where typing is expected. */
    public void focusTyping() {
        entries.focusTyping();
    }

    private HBox bar() {
        Label name = new Label(Words.of("app.name"));
        name.getStyleClass().add("app-name");
        name.setMinWidth(Region.USE_PREF_SIZE);
        TextField title = title();
        Button undo = button("bar.undo", model::undo);
        Button redo = button("bar.redo", model::redo);
        undo.disableProperty().bind(model.undoNameProperty().isEmpty());
        redo.disableProperty().bind(model.redoNameProperty().isEmpty());
        undo.setTooltip(tip("bar.undo.tip", model.undoNameProperty()));
        redo.setTooltip(tip("bar.redo.tip", model.redoNameProperty()));
        Button fresh = button("bar.new", files::fresh);
        fresh.setTooltip(new Tooltip(Words.of("bar.new.tip")));
        Button open = button("bar.open", files::open);
        open.setTooltip(new Tooltip(Words.of("bar.open.tip")));
        Button save = button("bar.save", files::save);
        save.setTooltip(new Tooltip(Words.of("bar.save.tip")));
        Region spacer = new Region();
        HBox.setHgrow(spacer, Priority.ALWAYS);
        HBox bar = new HBox(name, title, fresh, open, save, undo, redo, spacer, card.folded());
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.getStyleClass().add("bar");
        return bar;
    }

    private TextField title() {
        TextField title = new TextField();
        title.setId("title");
        title.getStyleClass().add("title-field");
        title.setPromptText(Words.of("bar.untitled"));
        title.setAccessibleText(Words.of("bar.title.prompt"));
        Runnable commit = () -> model.make(new Edit.Retitle(title.getText().strip()));
        title.setOnAction(entered -> commit.run());
        title.focusedProperty().addListener((property, before, focused) -> {
            if (!focused) {
                commit.run();
            }
        });
        model.assignmentProperty().addListener((property, before, now) -> {
            if (!title.getText().strip().equals(now.title())) {
                title.setText(now.title());
            }
        });
        return title;
    }

    private static Tooltip tip(String key, javafx.beans.property.ReadOnlyStringProperty name) {
        Tooltip tip = new Tooltip();
        tip.textProperty().bind(Bindings.createStringBinding(() -> Words.of(key, name.get()), name));
        return tip;
    }

    private static Button button(String key, Runnable action) {
        Button button = new Button(Words.of(key));
        button.getStyleClass().add("bar-button");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setId(key.replace('.', '-'));
        button.setOnAction(click -> action.run());
        return button;
    }

    private HBox edges() {
        HBox edges = new HBox();
        edges.getStyleClass().add("edges");
        edges.setAlignment(Pos.BOTTOM_LEFT);
        HBox names = new HBox();
        names.getStyleClass().add("edge-names");
        HBox.setHgrow(names, Priority.ALWAYS);
        for (DeskModel.Page page : DeskModel.Page.values()) {
            Button edge = new Button(Words.of("page." + page));
            edge.getStyleClass().add("edge");
            edge.setId("page-" + page);
            edge.setOnAction(click -> model.pageProperty().set(page));
            Runnable show = () ->
                    edge.pseudoClassStateChanged(CURRENT, model.pageProperty().get() == page);
            model.pageProperty().addListener((property, before, now) -> show.run());
            show.run();
            names.getChildren().add(edge);
        }
        Label margin = new Label(Words.of("margin.head"));
        margin.getStyleClass().add("margin-name");
        CheckBox cover = new CheckBox(Words.of("cover.choose"));
        cover.setId("cover");
        cover.getStyleClass().add("cover-choice");
        cover.setTooltip(new Tooltip(Words.of("cover.tip")));
        cover.setOnAction(click -> model.coverFigures(cover.isSelected()));
        model.assignmentProperty()
                .addListener((property, before, now) ->
                        cover.setSelected(now.attempts().first()));
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox head = new HBox(margin, between, cover);
        head.setAlignment(Pos.BASELINE_LEFT);
        head.getStyleClass().add("margin-head");
        head.visibleProperty().bind(model.pageProperty().isEqualTo(DeskModel.Page.MEASURES));
        edges.getChildren().addAll(names, head);
        return edges;
    }

    private Node foot() {
        Label message = new Label();
        message.setId("message");
        message.getStyleClass().add("message");
        // Short work says nothing; a word appears only for what takes over half a second.
        PauseTransition patience = new PauseTransition(Duration.millis(500));
        patience.setOnFinished(late -> message.setText(Words.of("message.busy")));
        model.busyProperty().addListener((property, before, busy) -> {
            if (busy) {
                patience.playFromStart();
            } else {
                patience.stop();
                message.setText(model.messageProperty().get());
            }
        });
        model.messageProperty().addListener((property, before, now) -> message.setText(now));
        themeButton = button("bar.slate", this::otherTheme);
        themeButton.setTooltip(new Tooltip(Words.of("bar.theme.tip")));
        Label unsaved = new Label(Words.of("bar.unsaved"));
        unsaved.getStyleClass().add("unsaved");
        unsaved.visibleProperty().bind(model.unsavedProperty());
        Region spacer = new Region();
        HBox.setHgrow(spacer, Priority.ALWAYS);
        Button help = button("bar.keys", () -> keys.setOpen(!keys.isVisible()));
        help.setTooltip(new Tooltip(Words.of("bar.keys.tip")));
        Button search = button("bar.find", find::open);
        search.setTooltip(new Tooltip(Words.of("bar.find.tip")));
        Button copy = button("bar.copy", this::copyMeasures);
        copy.setTooltip(new Tooltip(Words.of("bar.copy.tip")));
        copy.disableProperty().bind(model.figuresProperty().isNull());
        Button stop = button("bar.stop", model::stopReading);
        stop.visibleProperty().bind(model.readingProperty());
        stop.managedProperty().bind(model.readingProperty());
        HBox foot = new HBox(message, stop, spacer, unsaved, search, copy, help, themeButton);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.getStyleClass().add("foot");
        return foot;
    }

    private void key(KeyEvent key) {
        boolean typing = scene.getFocusOwner() instanceof TextInputControl input && input.isUndoable();
        if (shortcuts.handle(key, typing)) {
            key.consume();
        }
    }

    private Shortcuts shortcuts() {
        return new Shortcuts()
                .unlessTyping("Shortcut+Z", model::undo)
                .unlessTyping("Shortcut+Shift+Z", model::redo)
                .unlessTyping("Shortcut+Y", model::redo)
                .always("Shortcut+N", files::fresh)
                .always("Shortcut+O", files::open)
                .always("Shortcut+S", files::save)
                .always("Shortcut+Shift+S", files::saveElsewhere)
                .always("Shortcut+E", files::writeCsv)
                .always("Shortcut+F", find::open)
                .always("Shortcut+L", this::otherTheme)
                .always("Shortcut+Plus", () -> setTextSize(percent + SIZE_STEP))
                .always("Shortcut+Equals", () -> setTextSize(percent + SIZE_STEP))
                .always("Shortcut+Minus", () -> setTextSize(percent - SIZE_STEP))
                .always("Shortcut+0", () -> setTextSize(100))
                .always("Shortcut+Shift+C", this::copyMeasures)
                .always("F1", () -> keys.setOpen(!keys.isVisible()))
                .always("Shortcut+1", () -> model.pageProperty().set(DeskModel.Page.ENTRIES))
                .always("Shortcut+2", () -> model.pageProperty().set(DeskModel.Page.MEASURES))
                .always("Shortcut+3", () -> model.pageProperty().set(DeskModel.Page.CLASSES));
    }

    private void otherTheme() {
        setTheme(theme == Theme.PAPER ? Theme.SLATE : Theme.PAPER);
    }

    /** Puts the measures of the page on the clipboard: plain text with tabs, and HTML with MathML symbols. */
    private void copyMeasures() {
        SheetFigures figures = model.figuresProperty().get();
        if (figures == null) {
            return;
        }
        List<MeasureLine> lines = figures.lines().stream()
                .filter(line -> line.usual(figures.firstSkewness()) && !model.covers(line.question()))
                .toList();
        ClipboardContent content = new ClipboardContent();
        content.putString(MeasuresText.tabbed(lines));
        content.putHtml(MeasuresText.html(figures.sheet().name(), lines));
        Clipboard.getSystemClipboard().setContent(content);
        model.say(Words.of("message.copied", lines.size()));
    }

    /** Whether the assignment on the desk may be put away: nothing unsaved, saved now, or left on purpose. */
    public boolean mayLeave() {
        return files.mayLeave();
    }
}
