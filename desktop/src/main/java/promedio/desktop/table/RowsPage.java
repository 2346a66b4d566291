package promedio.desktop.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Link;
import promedio.core.course.CourseCard;
import promedio.core.sentence.Visible;
import promedio.core.trail.Field;
import promedio.core.trail.Prepared;
import promedio.core.working.FigureText;
import promedio.desktop.control.Choice;
import promedio.desktop.control.Tip;
import promedio.desktop.model.Along;
import promedio.desktop.model.CellFigures;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.TableFigures;
import promedio.desktop.model.TableTrail;
import promedio.desktop.text.Words;

/** The data of a table themselves, with the trail at their right; what chosen cells come to stands below. */
public final class RowsPage extends VBox {
    private static final KeyCombination COPY = KeyCombination.valueOf("Shortcut+C");
    private static final int LONGEST = 80;
    private static final int MOST_COPIED = 2_000_000;

    private final DeskModel model;
    private final RowsGrid grid;
    private final TrailPane trail;
    private final TextField name = new TextField();
    private final Label facts = new Label();
    private final TextField find = new TextField();
    private final TextField row = new TextField();
    private final Label chosen = new Label();
    private final Label keys = new Label();
    private final Hyperlink sample = link("table.chosen.sample", this::take);
    private final Hyperlink out = link("table.chosen.out", this::leaveOut);
    private final Hyperlink lost = link("prepared.lost", this::turnLost);
    private final Hyperlink fits = link("table.chosen.steps", this::offerSteps);
    private final HBox along = new HBox();
    private final HBox foot = new HBox();
    private final PreparedGrid prepared = new PreparedGrid();
    private final StepBar steps;
    private final StepMenu stepMenu;
    private long asked;
    /** Whether the rows that the step has taken away are shown, struck out. */
    private boolean showLost;

    /** The table whose name stands in the field, and that name as it was put there. */
    private String named;

    private String shownName = "";

    /** The page of a desk. */
    public RowsPage(DeskModel model, TrailWays ways) {
        this.model = model;
        grid = new RowsGrid(model);
        steps = new StepBar(model);
        trail = new TrailPane(model, grid, new StepsList(model, steps, ways));
        getStyleClass().add("rows-page");
        for (CellsGrid<?> one : List.of(grid, prepared)) {
            one.onChosen(this::showChosen);
            one.onMenu(this::offerSteps);
        }
        VBox.setVgrow(grid, Priority.ALWAYS);
        HBox.setHgrow(grid, Priority.ALWAYS);
        StepTools tools = new StepTools(model, steps);
        stepMenu = new StepMenu(model, steps, tools);
        prepared.onHead(stepMenu::show);
        grid.onSteps(stepMenu);
        LexiconPane lexicon = new LexiconPane(steps::write);
        steps.onLexicon(lexicon::toggle);
        StackPane shown = new StackPane(grid, prepared.withNotice(), new ContrastPane(model), lexicon);
        HBox.setHgrow(shown, Priority.ALWAYS);
        VBox.setVgrow(shown, Priority.ALWAYS);
        VBox left = new VBox(shown, tools, steps, foot());
        HBox.setHgrow(left, Priority.ALWAYS);
        left.setMinWidth(0);
        left.getStyleClass().add("rows-left");
        HBox middle = new HBox(left, trail);
        middle.getStyleClass().add("rows-middle");
        VBox.setVgrow(middle, Priority.ALWAYS);
        getChildren().addAll(top(), middle);
        addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (COPY.match(key) && !(key.getTarget() instanceof TextField)) {
                copy();
                key.consume();
            }
        });
        visibleProperty().addListener((property, before, now) -> show());
        model.tables().figuresProperty().addListener((property, before, now) -> show());
        model.trail().troddenProperty().addListener((property, before, now) -> {
            showLost = false;
            showPrepared();
        });
        model.trail().triedProperty().addListener((property, before, now) -> showPrepared());
        show();
        showPrepared();
    }

    /** The table as it is at the step that is looked at, or as one that is being written would make it; else the original. */
    private void showPrepared() {
        TableTrail.Trodden trodden = model.trail().troddenProperty().get();
        TableTrail.Tried tried = model.trail().triedProperty().get();
        Optional<Prepared> would = Optional.ofNullable(tried).flatMap(TableTrail.Tried::after);
        boolean other = trodden != null && (would.isPresent() || !trodden.isOriginal());
        prepared.setVisible(other);
        grid.setVisible(!other);
        along.setVisible(!other);
        along.setManaged(!other);
        showFacts(other ? would.or(() -> Optional.of(trodden.state())) : Optional.empty());
        Optional<BitSet> rowsLost = other && would.isEmpty() ? lost(trodden) : Optional.empty();
        lost.setVisible(rowsLost.isPresent());
        lost.setManaged(rowsLost.isPresent());
        showLost &= rowsLost.isPresent();
        rowsLost.ifPresent(rows -> lost.setText(
                showLost ? Words.of("prepared.lost.hide") : Words.of("prepared.lost", rows.cardinality())));
        if (other && showLost) {
            prepared.show(
                    trodden.walk().states().get(trodden.looked() - 1),
                    rowsLost.orElseThrow(),
                    trodden.table().original().read().decimalMark());
        } else if (other) {
            prepared.show(
                    would.orElseGet(trodden::state),
                    would.isPresent() ? tried.before() : trodden.walk().states().get(trodden.looked() - 1),
                    trodden.table().original().read().decimalMark());
        }
        showChosen();
    }

    /** The grid that is seen. */
    private CellsGrid<?> seen() {
        return prepared.isVisible() ? prepared : grid;
    }

    /** The table that is seen is one that steps have made, all of it, and none that is only tried. */
    private boolean isOfSteps() {
        TableTrail.Trodden trodden = model.trail().troddenProperty().get();
        return prepared.isVisible() && trodden != null && prepared.shown() == trodden.state();
    }

    /** The rows that the step which is looked at has taken away. */
    private static Optional<BitSet> lost(TableTrail.Trodden trodden) {
        return trodden.walk()
                .states()
                .get(trodden.looked() - 1)
                .lost(trodden.state())
                .filter(rows -> !rows.isEmpty());
    }

    private void turnLost() {
        showLost = !showLost;
        showPrepared();
    }

    private HBox top() {
        name.setId("table-name");
        name.getStyleClass().add("name-field");
        Tip.on(name, Words.of("table.name.tip"));
        name.setOnAction(enter -> grid.requestFocus());
        name.focusedProperty().addListener((property, before, focused) -> {
            if (!focused && named != null && !name.getText().equals(shownName)) {
                model.tables().rename(named, name.getText());
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
        model.tables().alongProperty().addListener((property, before, now) -> showAlong());
        showAlong();
        lost.setId("prepared-lost");
        HBox top = new HBox(name, facts, lost, spacer(), along, find, row);
        top.setAlignment(Pos.CENTER_LEFT);
        top.getStyleClass().add("table-top");
        return top;
    }

    /** What stands beside each row, and what else could. */
    private void showAlong() {
        Along present = model.tables().alongProperty().get();
        Choice<String> choice = new Choice<>(
                "table-along",
                present == null ? Words.of("table.along.nothing") : present.head(),
                model.tables()::along);
        choice.or(Words.of("table.along.nothing"), "");
        for (String question : Along.QUESTIONS) {
            choice.or(Along.label(question, model.assignment().card()), question);
        }
        Label words = new Label(Words.of("table.along"));
        words.getStyleClass().add("soft");
        along.getChildren().setAll(words, choice);
    }

    private HBox foot() {
        chosen.setId("table-chosen");
        chosen.setMinWidth(0);
        Tip.whenCut(chosen);
        sample.setId("take-chosen");
        sample.managedProperty().bind(sample.visibleProperty());
        out.setId("leave-out-chosen");
        keys.getStyleClass().add("soft");
        keys.setMinWidth(0);
        Tip.whenCut(keys);
        fits.setId("chosen-steps");
        foot.getChildren().setAll(chosen, sample, fits, out, spacer(), keys);
        foot.setAlignment(Pos.BASELINE_LEFT);
        foot.getStyleClass().add("table-foot");
        return foot;
    }

    private static Hyperlink link(String words, Runnable action) {
        Hyperlink link = new Hyperlink(Words.of(words));
        link.setMinWidth(USE_PREF_SIZE);
        link.setOnAction(press -> action.run());
        return link;
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
        boolean other = !figures.table().id().equals(named);
        if (other || !name.isFocused()) {
            named = figures.table().id();
            shownName = Visible.line(figures.table().name(), LONGEST);
            name.setText(shownName);
        }
        grid.show(figures);
        trail.show(figures);
        showPrepared();
    }

    private void showFacts(Optional<Prepared> other) {
        TableFigures figures = figures();
        if (figures == null) {
            return;
        }
        int off = figures.table().off().size();
        String size = Words.of(
                "reading.size",
                other.map(Prepared::rows).orElse(figures.all().rows()),
                other.map(one -> one.fields().size())
                        .orElse(figures.all().columns().size()));
        facts.setText(
                other.isPresent()
                        ? size + " · " + Words.of("table.of-steps")
                        : off == 0 ? size : size + " · " + Words.of("table.rows-out", off));
    }

    private void showChosen() {
        CellChoice choice = seen().choice();
        TableFigures figures = figures();
        boolean some = figures != null && !choice.isEmpty();
        boolean read = some && !prepared.isVisible();
        sample.setVisible(read && choice.left() == choice.right() && choice.bottom() > choice.top());
        out.setVisible(read);
        fits.setVisible((read || some && isOfSteps()) && choice.left() == choice.right());
        keys.setText(Words.of(prepared.isVisible() ? "prepared.keys" : "table.keys"));
        long mine = ++asked;
        if (!some) {
            chosen.setText("");
            return;
        }
        out.setText(Words.of(
                isOut(figures)
                        ? "table.chosen.take"
                        : choice.bottom() > choice.top() ? "table.chosen.out" : "table.chosen.out.one"));
        int[] rows = seen().chosenRows();
        int left = choice.left();
        int right = choice.right() + 1;
        boolean few = read && (long) rows.length * (right - left) < 2_000;
        if (few) {
            chosen.setText(text(CellFigures.of(figures.all().columns().subList(left, right), rows)));
        } else {
            Prepared made = prepared.shown();
            chosen.setText(Words.of("table.chosen.counting"));
            model.inBackground(
                    () -> CellFigures.of(
                            read
                                    ? figures.all().columns().subList(left, right)
                                    : made.fields().subList(left, right).stream()
                                            .map(Field::column)
                                            .toList(),
                            rows),
                    found -> {
                        if (mine == asked) {
                            chosen.setText(text(found));
                        }
                    },
                    () -> {});
        }
    }

    private boolean isOut(TableFigures figures) {
        return !prepared.isVisible()
                && Arrays.stream(grid.chosenRows())
                        .allMatch(row -> figures.table().off().contains(row));
    }

    private String text(CellFigures found) {
        FigureText text = new FigureText(CourseCard.STANDARD, 2);
        List<String> parts = new ArrayList<>();
        parts.add(found.cells() == 1 ? Words.of("table.chosen.cell") : Words.of("table.chosen.cells", found.cells()));
        if (found.missing() > 0) {
            parts.add(Words.of("table.chosen.missing", found.missing()));
        }
        if (found.numbers() > 1) {
            parts.add(Words.of("table.chosen.numbers", found.numbers()));
            parts.add(Words.of("table.chosen.sum", text.carried(found.sum())));
            found.mean().ifPresent(mean -> parts.add(Words.of("table.chosen.mean", text.carried(mean))));
            found.least().ifPresent(least -> parts.add(Words.of("table.chosen.least", text.carried(least))));
            found.largest().ifPresent(largest -> parts.add(Words.of("table.chosen.largest", text.carried(largest))));
        }
        return String.join(" · ", parts);
    }

    private void take() {
        model.tables()
                .take(
                        grid.choice().left(),
                        new Link.Listed(Arrays.stream(grid.chosenRows()).boxed().toList()));
    }

    /** Shows the steps that fit the chosen cells. */
    private void offerSteps() {
        if (!fits.isVisible()) {
            return;
        }
        CellsGrid<?> of = seen();
        int[] rows = of.chosenRows();
        String column;
        if (of == grid) {
            rows = Arrays.stream(rows)
                    .filter(row -> !figures().table().off().contains(row))
                    .map(row -> row - figures().table().off().headSet(row).size())
                    .toArray();
            column = figures().all().columns().get(of.choice().left()).name();
        } else {
            column = prepared.shown().fields().get(of.choice().left()).name();
        }
        model.trail().offers(column, rows, offers -> {
            ContextMenu menu = new ContextMenu();
            menu.getItems().setAll(stepMenu.offered(offers));
            of.cell()
                    .ifPresentOrElse(cell -> menu.show(cell, Side.BOTTOM, 0, 0), () -> menu.show(fits, Side.TOP, 0, 0));
        });
    }

    private void leaveOut() {
        boolean out = !isOut(figures());
        model.tables().leaveOut(Arrays.stream(grid.chosenRows()).boxed().toList(), out);
    }

    private void goToRow() {
        String text = row.getText().strip();
        int rows = seen().size();
        if (text.matches("[0-9]{1,9}") && Integer.parseInt(text) >= 1 && Integer.parseInt(text) <= rows) {
            seen().goTo(Integer.parseInt(text) - 1, Math.max(0, seen().choice().column()));
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
        CellsGrid<?> of = seen();
        ColumnLayout.Cells cells = cells();
        int columns = cells.columns();
        CellChoice choice = of.choice();
        long from = choice.isEmpty() ? -1 : (long) of.row() * columns + choice.column();
        model.inBackground(
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

    /** The cells that are seen, as they are looked at. */
    private ColumnLayout.Cells cells() {
        return prepared.isVisible()
                ? ColumnLayout.of(
                        prepared.shown(), figures().table().original().read().decimalMark())
                : ColumnLayout.of(figures().all());
    }

    /** Puts the chosen cells on the clipboard, a line a row, tabs between. */
    private void copy() {
        CellChoice choice = seen().choice();
        if (choice.isEmpty()) {
            return;
        }
        int[] rows = seen().chosenRows();
        if ((long) rows.length * (choice.right() - choice.left() + 1) > MOST_COPIED) {
            model.say(Words.of("message.copy.too-many"));
            return;
        }
        StringBuilder text = new StringBuilder();
        ColumnLayout.Cells cells = cells();
        for (int row : rows) {
            IntStream.rangeClosed(choice.left(), choice.right())
                    .forEach(column -> text.append(column > choice.left() ? "\t" : "")
                            .append(cells.text(row, column).replaceAll("[\\t\\r\\n]+", " ")));
            text.append('\n');
        }
        ClipboardContent content = new ClipboardContent();
        content.putString(text.toString());
        Clipboard.getSystemClipboard().setContent(content);
        model.say(Words.of("message.cells-copied", rows.length));
    }

    /** Puts the cursor into the field to find something. */
    public void focusFind() {
        find.requestFocus();
    }

    /** Writes a step into the line of the next step, to be changed or made. */
    public void write(String step) {
        steps.write(step);
    }

    /** Puts the cursor where keys go from cell to cell. */
    public void focusRows() {
        seen().requestFocus();
    }

    /** Goes to a cell. */
    public void goTo(int row, int column) {
        grid.goTo(row, column);
    }
}
