package promedio.desktop.window;

import java.util.List;
import javafx.animation.PauseTransition;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import promedio.core.report.MeasureLine;
import promedio.core.report.MeasuresReport;
import promedio.core.sample.SampleKind.Above;
import promedio.desktop.card.CardPane;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.control.Tip;
import promedio.desktop.entries.EntryField;
import promedio.desktop.jotter.JotterLine;
import promedio.desktop.jotter.JotterPane;
import promedio.desktop.line.CrossView;
import promedio.desktop.line.LineView;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.model.desk.TablePage;
import promedio.desktop.model.reading.LeftBehind;
import promedio.desktop.reading.Pasteboard;
import promedio.desktop.shelf.ShelfView;
import promedio.desktop.text.Words;
import promedio.desktop.theme.Theme;

/** The window: the shelf at the left, the Line above the paper, the page edges, the paper with its margin. */
public final class MainWindow {
    private static final int SMALLEST = 80;
    private static final int LARGEST = 200;
    private static final int SIZE_STEP = 10;
    private static final double NARROW_EMS = 90;

    private final TopBar bar;
    private final DeskModel model;
    private final Scene scene;
    private final Pages pages;
    private final Late<LineView> line;
    private final Late<CrossView> cross;
    private final Late<PageEdges> edges;
    private final Late<CardPane> card;
    private final Late<KeysPane> keys;
    private final Late<FindPane> find;
    private final JotterLine jotterLine;
    private final Late<JotterPane> jotter;
    private final Shortcuts shortcuts;
    private final FileActions files;
    private Theme theme;
    private int percent;
    private Button themeButton;
    private Foot foot;

    /** The window of a desk, not yet shown. */
    public MainWindow(DeskModel model) {
        this.model = model;
        theme = model.habits().one("theme", Theme.PAPER);
        percent = textSize(model.habits().number("text-size", 100));
        // Before the first control is made, or the usual theme would be read for nothing.
        theme.wear();
        // Moving the focus makes an answer or name that is being typed count.
        files = new FileActions(model, () -> scene().getRoot().requestFocus(), this::focusTyping);
        pages = new Pages(model, files);
        VBox.setVgrow(pages, Priority.ALWAYS);
        StackPane linePlace = new StackPane();
        line = new Late<>(linePlace, () -> new LineView(model));
        cross = new Late<>(linePlace, () -> new CrossView(model));
        StackPane edgesPlace = new StackPane();
        edges = new Late<>(edgesPlace, () -> new PageEdges(model));
        VBox paper = new VBox(linePlace, edgesPlace, pages);
        paper.getStyleClass().add("paper");
        BorderPane desk = new BorderPane(paper);
        desk.getStyleClass().add("desk");
        StackPane root = new StackPane(desk);
        card = new Late<>(root, () -> new CardPane(model));
        keys = new Late<>(root, KeysPane::new);
        find = new Late<>(root, () -> new FindPane(model, pages::reveal));
        bar = new TopBar(model, files, CardPane.folded(model, () -> card().setOpen(!card().isVisible())));
        desk.setTop(bar);
        desk.setLeft(new ShelfView(model));
        jotterLine = new JotterLine(model, this::focusTyping);
        desk.setBottom(foot());
        jotter = new Late<>(root, () -> new JotterPane(model, jotterLine));
        jotterLine.openProperty().addListener((property, before, open) -> showJotter(open));
        shortcuts = shortcuts();
        theme.dress(root, percent);
        // The root comes last, so that no node is styled twice.
        scene = new Scene(new Pane(), 1280, 800);
        scene.getStylesheets().addAll(Theme.sheets());
        scene.setRoot(root);
        model.shownProperty().addListener((property, before, now) -> showLine());
        model.selectedProperty().addListener((property, before, now) -> showEdges());
        model.placeProperty().addListener((property, before, now) -> {
            showLine();
            showEdges();
        });
        // The desk may have an assignment already.
        showLine();
        showEdges();
        pages.turn();
        // A window on its way to its size is not dressed for every width between.
        PauseTransition rest = new PauseTransition(Duration.millis(60));
        rest.setOnFinished(still -> fit(scene.getWidth()));
        scene.widthProperty().addListener((property, before, now) -> rest.playFromStart());
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        scene.addEventFilter(MouseEvent.MOUSE_PRESSED, this::pressed);
        scene.setOnDragOver(over -> {
            if (over.getDragboard().hasFiles() || over.getDragboard().hasString()) {
                over.acceptTransferModes(TransferMode.COPY);
            }
        });
        scene.setOnDragDropped(drop -> {
            if (drop.getDragboard().hasFiles()) {
                files.take(drop.getDragboard().getFiles().get(0).toPath());
            } else {
                Pasteboard.text(drop.getDragboard()).ifPresent(model.intake()::type);
            }
            drop.setDropCompleted(true);
        });
    }

    private void showEdges() {
        edges.show(!model.selectedProperty().get().isEmpty() && !model.place().liesOver());
    }

    private void showLine() {
        SheetFigures figures = model.figuresProperty().get();
        boolean some =
                figures != null && !figures.sample().isEmpty() && !model.place().liesOver();
        Above above = some ? figures.sample().kind().above() : Above.NOTHING;
        line.show(above == Above.LINE);
        boolean hasLine = figures != null && figures.sheet().kind().above() == Above.LINE;
        line.ifMade(view -> view.show(hasLine ? figures : null));
        cross.show(above == Above.CROSS);
        cross.ifMade(view -> view.show(above == Above.CROSS ? figures : null));
    }

    private Foot foot() {
        themeButton = new BarButton("bar.slate", this::otherTheme);
        themeButton.setText(Words.of(otherThemeName()));
        Tip.on(themeButton, Words.of("bar.theme.tip"));
        BarButton copy = BarButton.withTip("bar.copy", this::copyMeasures);
        copy.disableProperty().bind(model.figuresProperty().isNull());
        foot = new Foot(
                model,
                jotterLine,
                BarButton.withTip("bar.find", this::openFind),
                copy,
                BarButton.withTip("bar.keys", this::turnKeys),
                themeButton);
        return foot;
    }

    /** Unfolds what was asked in the jotter, or folds it. */
    private void showJotter(boolean open) {
        jotter.show(open);
        jotter.ifMade(pane -> pane.over(foot.getHeight()));
    }

    /** Folds the jotter when something else is pressed. */
    private void pressed(MouseEvent press) {
        Node on = press.getPickResult().getIntersectedNode();
        boolean outside = jotter.isShown();
        for (Node up = on; up != null && outside; up = up.getParent()) {
            outside = up != jotterLine && !(up instanceof JotterPane);
        }
        if (outside) {
            jotterLine.openProperty().set(false);
        }
    }

    private void turnKeys() {
        keys().setOpen(!keys().isVisible());
    }

    /** Narrower columns where the window is narrow for the size of its text. */
    public void fit(double width) {
        boolean narrow = width < NARROW_EMS * Theme.TEXT_SIZE * percent / 100;
        ObservableList<String> styles = scene.getRoot().getStyleClass();
        if (narrow && !styles.contains("narrow")) {
            styles.add("narrow");
        } else if (!narrow) {
            styles.remove("narrow");
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
        model.habits().keep("theme", theme);
        theme.wear();
        theme.dress(scene.getRoot(), percent);
        themeButton.setText(Words.of(otherThemeName()));
    }

    /** Shows text in another size, in percent of the usual; from 80 to 200. */
    public void setTextSize(int newPercent) {
        percent = textSize(newPercent);
        model.habits().keep("text-size", percent);
        theme.dress(scene.getRoot(), percent);
        fit(scene.getWidth());
    }

    private static int textSize(int percent) {
        return Math.max(SMALLEST, Math.min(LARGEST, percent));
    }

    /** What is done with files: opened, saved, taken from a drop. */
    public FileActions files() {
        return files;
    }

    /** The line to find a measure by its name. */
    public FindPane find() {
        return find.get();
    }

    /** Goes to the row of a measure of the chosen sample, and opens it. */
    public void reveal(String question) {
        pages.reveal(question);
    }

    /** The line of the jotter, to unfold and fold it. */
    public JotterLine jotter() {
        return jotterLine;
    }

    /** The page of keys, to open and close it. */
    public KeysPane keys() {
        return keys.get();
    }

    /** The course card, to open and close it. */
    public CardPane card() {
        return card.get();
    }

    /** Offers back what earlier desks have left unsaved. */
    public void offer(LeftBehind left) {
        pages.offer(left);
    }

    /** Puts the cursor where typing is expected. */
    public void focusTyping() {
        pages.focusTyping();
    }

    private void key(KeyEvent key) {
        if (shortcuts.handle(key)) {
            key.consume();
        }
    }

    /** Whether no text field has typing to take back. */
    private boolean isNothingTyped() {
        return !(scene.getFocusOwner() instanceof TextInputControl input && input.isUndoable());
    }

    /** Whether what is pasted is data or a question: a single line belongs into the field that the cursor stands in. */
    private boolean isPastedHere() {
        Node owner = scene.getFocusOwner();
        boolean field = owner instanceof TextInputControl && !(owner instanceof EntryField) && !bar.isIdle();
        return isNothingTyped()
                && (!field || Pasteboard.text().filter(MainWindow::isBroken).isPresent());
    }

    private static boolean isBroken(String text) {
        return text.strip().indexOf('\n') >= 0 || text.indexOf('\t') >= 0;
    }

    private Shortcuts shortcuts() {
        return new Shortcuts()
                .where(this::isPastedHere, "Shortcut+V", () -> Pasteboard.text().ifPresent(pages::paste))
                .where(this::isNothingTyped, "Shortcut+Z", model::undo)
                .where(this::isNothingTyped, "Shortcut+Shift+Z", model::redo)
                .where(this::isNothingTyped, "Shortcut+Y", model::redo)
                .always("Shortcut+N", files::fresh)
                .always("Shortcut+O", files::open)
                .always("Shortcut+S", files::save)
                .always("Shortcut+Shift+S", files::saveElsewhere)
                .always("Shortcut+E", files::writeCsv)
                .always("Shortcut+M", model.classwork()::turn)
                .always("Shortcut+F", this::openFind)
                .always("Shortcut+L", this::otherTheme)
                .always("Shortcut+J", jotterLine::focus)
                .always("Shortcut+Plus", () -> setTextSize(percent + SIZE_STEP))
                .always("Shortcut+Equals", () -> setTextSize(percent + SIZE_STEP))
                .always("Shortcut+Minus", () -> setTextSize(percent - SIZE_STEP))
                .always("Shortcut+0", () -> setTextSize(100))
                .always("Shortcut+Shift+C", this::copyMeasures)
                .always("F1", this::turnKeys)
                .always("Shortcut+1", () -> turnTo(Page.ENTRIES, TablePage.ROWS))
                .always("Shortcut+2", () -> turnTo(Page.MEASURES, TablePage.COLUMNS))
                .always("Shortcut+3", () -> turnTo(Page.CLASSES, TablePage.COUNTS))
                .always("Shortcut+4", () -> turnTo(Page.PICTURE, TablePage.PICTURES))
                .always("Shortcut+5", () -> turnTo(Page.OWN, TablePage.GROUPS));
    }

    /** Turns to a page of the sample, or of the table, whichever is chosen. */
    private void turnTo(Page page, TablePage ofTable) {
        if (model.table().isPresent()) {
            model.looking().tablePageProperty().set(ofTable);
        } else {
            model.looking().pageProperty().set(page);
        }
    }

    private void openFind() {
        if (!pages.findInTable()) {
            find().open();
        }
    }

    private String otherThemeName() {
        return theme == Theme.PAPER ? "bar.slate" : "bar.paper";
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
                .filter(line ->
                        line.usual(figures.firstSkewness()) && !model.margin().covers(line.question()))
                .toList();
        CopiedCells.put(MeasuresReport.of(figures.name(), lines));
        model.say(Words.of("message.copied", lines.size()));
    }

    /** Ends the desk, unless the person would rather stay: asks about what is not saved, and waits for what is being written. */
    public void leave(Runnable then) {
        files.leaving(() -> model.end(then));
    }

    /** Offers the assignments last used on the empty paper. */
    public void setRecents(Recents recents) {
        files.setRecents(recents);
        pages.showRecent();
    }
}
