package promedio.desktop.ownwork;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.Clipboard;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnMethod;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.Quantity;
import promedio.core.sentence.Sentence;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.control.Press;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.model.own.OwnSetting;
import promedio.desktop.model.own.OwnWork;
import promedio.desktop.text.Words;
import promedio.files.assignment.AssignmentFile;

/** The page My working: the student's own table and the lines below it, and in the margin what is said of them. */
public final class OwnPage extends StackPane {
    private final DeskModel model;
    private final OwnWork work;
    private final OwnSetting setting;
    private final OwnGrid grid;
    private final OwnLinesPane lines;
    private final OwnMargin margin;
    private final OwnStart start;
    private final Label none = new Label();
    private final HBox sheet;
    private final Hyperlink methods = Press.link("own.other-method", "own-other", this::offerMethods);
    private final Hyperlink columns = Press.link("own.add-column", "own-add-column", this::offerColumns);

    /** The page of a desk. */
    public OwnPage(DeskModel model) {
        this.model = model;
        this.work = model.ownWork();
        this.setting = model.ownSetting();
        getStyleClass().add("own-page");
        grid = new OwnGrid(model);
        lines = new OwnLinesPane(model);
        margin = new OwnMargin(work, this::goTo);
        start = new OwnStart(setting);
        none.getStyleClass().add("empty-head");
        FlowPane bar = new FlowPane(
                methods,
                columns,
                Press.link("own.add-row", "own-add-row", () -> work.addRow(rows())),
                Press.link("own.paste", "own-paste", this::pasteWhole),
                Press.link("own.copy", "own-copy", this::copyWhole),
                Press.link("own.put-away", "own-put-away", setting::putAway));
        bar.getStyleClass().add("own-bar");
        VBox paper = new VBox(bar, grid, lines);
        paper.getStyleClass().add("own-paper");
        ScrollPane scroll = new ScrollPane(paper);
        scroll.getStyleClass().add("page-scroll");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        sheet = new HBox(scroll, margin);
        getChildren().addAll(none, start, sheet);
        // What is too high scrolls; it must not lie over what stands above.
        setMinHeight(0);
        sheet.setMinHeight(0);
        start.setMinHeight(0);
        getChildren().forEach(part -> part.managedProperty().bind(part.visibleProperty()));
        grid.onChosen(() -> {
            showMargin();
            light();
        });
        grid.focusedProperty().addListener((property, before, focused) -> light());
        visibleProperty().addListener((property, before, visible) -> show());
        model.shownProperty().addListener((property, before, now) -> show());
        drops();
        show();
    }

    private int rows() {
        return work.sheet().map(one -> one.rows().size()).orElse(0);
    }

    /** Lights up what the row of the hand is about, as long as the hand is on the table. */
    private void light() {
        if (isVisible()) {
            work.light(
                    grid.isFocused() || grid.isBusy()
                            ? grid.place().map(CellPlace::row).orElse(-1)
                            : -1);
        }
    }

    private void show() {
        if (!isVisible()) {
            return;
        }
        SheetFigures figures = model.figuresProperty().get();
        boolean some = figures != null && !figures.sample().isEmpty();
        Optional<OwnSheet> now = work.sheet();
        sheet.setVisible(now.isPresent());
        start.setVisible(some && now.isEmpty());
        none.setVisible(!some && now.isEmpty());
        none.setText(figures == null ? "" : figures.whyEmpty());
        if (now.isPresent()) {
            grid.show(now.get());
            lines.show(now.get(), Optional.ofNullable(figures));
            showMargin();
        } else {
            start.show();
        }
    }

    private void showMargin() {
        work.sheet().ifPresent(now -> margin.show(now, grid.place()));
    }

    private void goTo(CellPlace place) {
        grid.goTo(place.row(), place.column());
    }

    /** Puts the cursor into the table. */
    public void focusTyping() {
        if (sheet.isVisible()) {
            grid.requestFocus();
        }
    }

    /** Takes what lies on the clipboard: into the cells that the hand is on, or as the whole table where there is none; else false. */
    public boolean paste(String text) {
        if (work.sheet().isEmpty() && start.isVisible()) {
            setting.take(text);
            return true;
        }
        return grid.paste(text);
    }

    private void pasteWhole() {
        String text = Clipboard.getSystemClipboard().getString();
        if (text == null || text.isBlank()) {
            model.say(Words.of("own.nothing-to-paste"));
        } else {
            setting.take(text);
        }
    }

    /** Puts the whole table on the clipboard, headings and totals with it: to be printed blank, or handed in. */
    private void copyWhole() {
        CopiedCells.putTable(grid.all());
        model.say(Words.of("own.copied", rows()));
    }

    private void offerMethods() {
        ContextMenu menu = new ContextMenu();
        for (OwnMethod method : setting.methods()) {
            String name = Words.of(Sentence.of("own.method." + method.id()));
            menu.getItems().add(Press.item("own-set-out-" + method.id(), name, () -> setting.setOut(method)));
        }
        menu.show(methods, Side.BOTTOM, 0, 0);
    }

    private void offerColumns() {
        ContextMenu menu = new ContextMenu();
        List<Optional<Quantity>> there = work.sheet().map(OwnSheet::said).orElse(List.of());
        for (Quantity what : setting.columns()) {
            if (!there.contains(Optional.of(what))) {
                String words = work.heading(what) + "   " + Words.of(Sentence.of("own.says." + what.id()));
                menu.getItems()
                        .add(Press.item("own-column-" + what.id(), words, () -> work.addColumn(Optional.of(what))));
            }
        }
        MenuItem own = Press.item("own-column-own", Words.of("own.column.own"), () -> work.addColumn(Optional.empty()));
        menu.getItems().addAll(List.of(Press.separator(), own));
        menu.show(columns, Side.BOTTOM, 0, 0);
    }

    /** A file or a text that is dropped here is a table that was worked elsewhere; an assignment is opened as everywhere. */
    private void drops() {
        setOnDragOver(over -> {
            if (isTable(over.getDragboard())) {
                over.acceptTransferModes(TransferMode.COPY);
                over.consume();
            }
        });
        setOnDragDropped(drop -> {
            Dragboard board = drop.getDragboard();
            if (isTable(board)) {
                if (board.hasFiles()) {
                    setting.take(board.getFiles().get(0).toPath());
                } else {
                    setting.take(board.getString());
                }
                drop.setDropCompleted(true);
                drop.consume();
            }
        });
    }

    private boolean isTable(Dragboard board) {
        boolean assignment =
                board.hasFiles() && board.getFiles().get(0).getName().endsWith(AssignmentFile.ENDING);
        return !none.isVisible() && !assignment && (board.hasFiles() || board.hasString());
    }
}
