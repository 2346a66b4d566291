package promedio.desktop.table;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import promedio.core.sentence.Visible;
import promedio.core.trail.Prepared;
import promedio.desktop.control.Choice;
import promedio.desktop.control.Press;
import promedio.desktop.control.Tip;
import promedio.desktop.grid.CellChoice;
import promedio.desktop.grid.CellsGrid;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.table.Along;
import promedio.desktop.model.table.TableFigures;
import promedio.desktop.text.Words;

/** The data of a table themselves, with the trail at their right; what chosen cells come to stands below. */
public final class RowsPage extends VBox {
    private static final KeyCombination COPY = KeyCombination.valueOf("Shortcut+C");
    private static final int LONGEST = 80;

    private final DeskModel model;
    private final TwoGrids grids;
    private final TrailPane trail;
    private final TextField name = new TextField();
    private final Label facts = new Label();
    private final TextField find = new TextField();
    private final TextField row = new TextField();
    private final Hyperlink lost = Press.link("prepared.lost", "prepared-lost", this::turnLost);
    private final HBox along = new HBox();
    private final StepBar steps;

    /** The table whose name stands in the field, and that name as it was put there. */
    private String named;

    private String shownName = "";
    /** Which assignment it is of. */
    private long desks;

    /** The page of a desk. */
    public RowsPage(DeskModel model, TrailWays ways) {
        this.model = model;
        grids = new TwoGrids(model);
        steps = new StepBar(model);
        trail = new TrailPane(model, grids.read(), new StepsList(model, steps, ways));
        getStyleClass().add("rows-page");
        StepTools tools = new StepTools(model, steps);
        StepMenu stepMenu = new StepMenu(model, steps, tools);
        ChosenFoot foot = new ChosenFoot(model, grids, stepMenu);
        grids.onSteps(stepMenu, foot::offerSteps);
        grids.onShown(() -> {
            showFacts();
            foot.show();
        });
        LexiconPane lexicon = new LexiconPane(steps::write);
        steps.onLexicon(lexicon::toggle);
        StackPane shown = new StackPane(grids, new ContrastPane(model), lexicon);
        HBox.setHgrow(shown, Priority.ALWAYS);
        VBox.setVgrow(shown, Priority.ALWAYS);
        VBox left = new VBox(shown, tools, steps, foot);
        HBox.setHgrow(left, Priority.ALWAYS);
        left.setMinWidth(0);
        left.getStyleClass().add("rows-left");
        HBox middle = new HBox(left, trail);
        middle.getStyleClass().add("rows-middle");
        VBox.setVgrow(middle, Priority.ALWAYS);
        getChildren().addAll(top(), middle);
        addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (COPY.match(key) && !(key.getTarget() instanceof TextField)) {
                grids.copy();
                key.consume();
            }
        });
        visibleProperty().addListener((property, before, now) -> show());
        model.tables().figuresProperty().addListener((property, before, now) -> show());
        show();
    }

    private void turnLost() {
        grids.turnLost();
    }

    private HBox top() {
        name.setId("table-name");
        name.getStyleClass().add("name-field");
        Tip.on(name, Words.of("table.name.tip"));
        name.setOnAction(enter -> focusRows());
        name.focusedProperty().addListener((property, before, focused) -> {
            if (!focused && named != null && !name.getText().equals(shownName)) {
                model.amending().rename(named, name.getText());
            }
        });
        facts.getStyleClass().add("soft");
        facts.setMinWidth(0);
        Tip.whenCut(facts);
        find.setId("table-find");
        find.setPromptText(Words.of("table.find"));
        find.getStyleClass().add("table-find");
        find.setOnAction(enter -> findNext());
        row.setId("table-row");
        row.setPromptText(Words.of("table.go-to"));
        row.getStyleClass().add("table-go-to");
        row.setOnAction(enter -> goToRow());
        along.getStyleClass().add("along-place");
        along.setMinWidth(USE_PREF_SIZE);
        model.tables().ticked().alongProperty().addListener((property, before, now) -> showAlong());
        showAlong();
        HBox top = new HBox(name, facts, lost, spacer(), along, find, row);
        top.setAlignment(Pos.CENTER_LEFT);
        top.getStyleClass().add("table-top");
        return top;
    }

    /** What stands beside each row, and what else could. */
    private void showAlong() {
        Along present = model.tables().ticked().alongProperty().get();
        Choice<String> choice = new Choice<>(
                "table-along",
                present == null ? Words.of("table.along.nothing") : present.head(),
                model.tables().ticked()::along);
        choice.or(Words.of("table.along.nothing"), "");
        for (String question : Along.QUESTIONS) {
            choice.or(Along.label(question, model.assignment().card()), question);
        }
        Label words = new Label(Words.of("table.along"));
        words.getStyleClass().add("soft");
        along.getChildren().setAll(words, choice);
    }

    private static Region spacer() {
        Region spacer = new Region();
        HBox.setHgrow(spacer, Priority.ALWAYS);
        return spacer;
    }

    private TableFigures figures() {
        return model.tables().figuresProperty().get();
    }

    private void show() {
        TableFigures figures = figures();
        if (!isVisible() || figures == null) {
            return;
        }
        boolean other =
                !figures.table().id().equals(named) || desks != model.tables().desks();
        desks = model.tables().desks();
        if (other) {
            find.clear();
            row.clear();
        }
        if (other || !name.isFocused()) {
            named = figures.table().id();
            shownName = Visible.line(figures.table().name(), LONGEST);
            name.setText(shownName);
        }
        grids.show(figures);
        trail.show(figures);
    }

    /** How large the table is that is seen, and what a step took away of it. */
    private void showFacts() {
        TableFigures figures = figures();
        if (figures == null) {
            return;
        }
        along.setVisible(grids.showsRead());
        along.setManaged(grids.showsRead());
        int gone = grids.rowsLost();
        lost.setVisible(gone > 0);
        lost.setManaged(gone > 0);
        lost.setText(grids.showsLost() ? Words.of("prepared.lost.hide") : Words.of("prepared.lost", gone));
        Optional<Prepared> other = grids.made();
        int off = figures.table().off().size();
        String size = Words.size(
                other.map(Prepared::rows).orElse(figures.all().rows()),
                other.map(one -> one.fields().size())
                        .orElse(figures.all().columns().size()));
        facts.setText(
                other.isPresent()
                        ? size + " · " + Words.of("table.of-steps")
                        : off == 0 ? size : size + " · " + Words.of("table.rows-out", off));
    }

    private void goToRow() {
        String text = row.getText().strip();
        int rows = grids.seen().size();
        if (text.matches("[0-9]{1,9}") && Integer.parseInt(text) >= 1 && Integer.parseInt(text) <= rows) {
            grids.seen()
                    .goTo(
                            Integer.parseInt(text) - 1,
                            Math.max(0, grids.seen().choice().column()));
        } else {
            model.say(Words.of("message.no-row", Visible.line(text, LONGEST), rows));
        }
    }

    /** Goes to the next cell with a text, whatever its letters’ case, behind the one that keys go on from. */
    private void findNext() {
        String wanted = find.getText();
        if (wanted.isBlank()) {
            return;
        }
        CellsGrid<?> of = grids.seen();
        ColumnLayout.Cells cells = grids.cells();
        int columns = cells.columns();
        CellChoice choice = of.choice();
        long from = choice.isEmpty() ? -1 : (long) of.row() * columns + choice.column();
        model.inBackground(
                Lane.WALKING,
                () -> CellSearch.next(cells, wanted, from),
                found -> {
                    if (found.isPresent()) {
                        long place = found.getAsLong();
                        model.say("");
                        of.goTo((int) (place / columns), (int) (place % columns));
                    } else {
                        model.say(Words.of("message.not-found", Visible.line(wanted, LONGEST)));
                    }
                },
                () -> {});
    }

    /** Puts the cursor into the field to find something. */
    public void focusFind() {
        find.requestFocus();
    }

    /** Writes a step into the line of the next step, to be changed or made. */
    public void write(String step) {
        steps.write(step);
    }

    /** Writes what lies on the clipboard over the cells that are chosen; false where none has the cursor. */
    public boolean paste(String text) {
        return grids.showsRead() && grids.read().paste(text);
    }

    /** Puts the cursor where keys go from cell to cell. */
    public void focusRows() {
        grids.seen().requestFocus();
    }

    /** Goes to a cell. */
    public void goTo(int row, int column) {
        grids.read().goTo(row, column);
    }
}
