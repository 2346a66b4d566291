package promedio.desktop.entries;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.number.Decimals;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Visible;
import promedio.desktop.control.CopiedCells;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.text.Words;

/** The entries of a sample in order of entry and in order of size, edited in place. */
public final class EntriesPage extends VBox {
    private static final KeyCombination COPY = KeyCombination.valueOf("Shortcut+C");

    private final DeskModel model;
    private final FileWays ways;
    private final NoticeBox notices;
    private final Label orderHead = head("entries.order");
    private final Label sizeHead = head("entries.size");
    private final TextField name = new TextField();
    private final TextField unit = new TextField();
    private final TextField missing = new TextField();
    private final Label sentence = new Label();
    private final Label leftOut = new Label();
    private final Label chosen = new Label();
    private final EntryField add;
    private final RowNumbers sizeRows = new RowNumbers();
    private final RowCell.Made sizeCells = new RowCell.Made();
    private final EntryGrid entries;
    private final ListView<Integer> sizes = new ListView<>();
    private final VBox right;
    private final VariablesPane variables;
    private final GivensPane givens;
    private final HBox lists;
    private final Node missingField;
    private final HBox foot;
    private final Node unitField;
    private SampleSheet shown;
    private boolean typing;

    /** The page of a desk. */
    public EntriesPage(DeskModel model, FileWays ways) {
        this.model = model;
        this.ways = ways;
        add = new EntryField(model.intake()::type);
        add.setId("add-field");
        add.setPromptText(Words.of("entries.add.prompt"));
        add.getStyleClass().add("add-field");
        entries = new EntryGrid(model);
        buildEntries();
        sizes.setItems(sizeRows);
        sizeCells.fill(sizes, () -> new SizeCell(model));
        sizes.setFocusTraversable(false);
        sizes.setAccessibleText(Words.of("entries.size"));
        Label keys = new Label(Words.of("entries.keys"));
        keys.getStyleClass().add("soft");
        foot = new HBox(keys, spacer(), chosen);
        chosen.getStyleClass().add("soft");
        VBox left = new VBox(orderHead, entries, add);
        right = new VBox(sizeHead, sizes);
        variables = new VariablesPane(model);
        VBox.setVgrow(entries, Priority.ALWAYS);
        VBox.setVgrow(sizes, Priority.ALWAYS);
        HBox.setHgrow(left, Priority.ALWAYS);
        left.getStyleClass().add("entries-left");
        right.getStyleClass().add("entries-right");
        givens = new GivensPane(model);
        lists = new HBox(left, right, variables);
        lists.getStyleClass().add("entries-lists");
        VBox.setVgrow(lists, Priority.ALWAYS);
        VBox.setVgrow(givens, Priority.ALWAYS);
        leftOut.getStyleClass().add("left-out-sentence");
        sentence.getStyleClass().add("count-sentence");
        getStyleClass().add("entries-page");
        unitField = labelled("entries.unit", unit);
        missingField = labelled("entries.missing", missing);
        notices = new NoticeBox(model, () -> typeOn(""));
        getChildren().addAll(headLine(), new HBox(sentence, leftOut), notices, lists, givens, foot);
        visibleProperty().addListener((property, before, visible) -> show());
        model.shownProperty().addListener((property, before, now) -> show());
        show();
    }

    private static Region spacer() {
        Region spacer = new Region();
        HBox.setHgrow(spacer, Priority.ALWAYS);
        return spacer;
    }

    private static Label head(String key) {
        Label head = new Label(Words.of(key));
        head.getStyleClass().add("list-head");
        return head;
    }

    private FlowPane headLine() {
        for (TextField field : List.of(name, unit)) {
            field.setOnAction(entered -> rename());
            field.focusedProperty().addListener((property, before, focused) -> {
                if (!focused) {
                    rename();
                }
            });
        }
        missing.setOnAction(entered -> setMissing());
        missing.focusedProperty().addListener((property, before, focused) -> {
            if (!focused) {
                setMissing();
            }
        });
        name.setId("sample-name");
        unit.setId("sample-unit");
        missing.setId("sample-missing");
        unit.setPromptText(Words.of("entries.unit.prompt"));
        unit.getStyleClass().add("short-field");
        missing.setPromptText(Words.of("entries.missing.prompt"));
        missing.getStyleClass().add("short-field");
        Button remove = new Button(Words.of("entries.remove"));
        remove.getStyleClass().add("quiet-button");
        remove.setOnAction(click ->
                model.make(new Edit.RemoveSheet(model.selectedProperty().get())));
        remove.setMinWidth(Region.USE_PREF_SIZE);
        Button csv = new Button(Words.of("entries.csv"));
        csv.getStyleClass().add("quiet-button");
        Tip.on(csv, Words.of("entries.csv.tip"));
        csv.setOnAction(click -> ways.writeCsv());
        csv.setMinWidth(Region.USE_PREF_SIZE);
        FlowPane line = new FlowPane(labelled("entries.name", name), unitField, missingField, remove, csv);
        line.getStyleClass().add("entries-head");
        return line;
    }

    private static HBox labelled(String key, TextField field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        label.getStyleClass().add("soft");
        label.setMinWidth(Region.USE_PREF_SIZE);
        HBox box = new HBox(label, field);
        box.setAlignment(Pos.CENTER_LEFT);
        box.getStyleClass().add("labelled");
        return box;
    }

    private void buildEntries() {
        entries.setId("entries");
        entries.setAccessibleText(Words.of("entries.order"));
        entries.onChosen(() -> {
            showChosen();
            lightChosen();
        });
        for (ObservableValue<?> lit :
                List.of(model.looking().litProperty(), model.looking().litEntryProperty())) {
            lit.addListener((property, before, now) -> {
                if (isVisible()) {
                    entries.refresh();
                }
            });
        }
        entries.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    private void key(KeyEvent key) {
        if (key.getTarget() != entries) {
            return;
        }
        if (COPY.match(key)) {
            copy();
        } else if (key.getCode() == KeyCode.DELETE || key.getCode() == KeyCode.BACK_SPACE) {
            removeChosen();
        } else if (key.getCode() == KeyCode.SPACE) {
            switchChosen();
        } else {
            return;
        }
        key.consume();
    }

    private List<Integer> chosenRows() {
        return entries.chosen();
    }

    private void copy() {
        model.sheet()
                .ifPresent(sheet -> CopiedCells.put(chosenRows().stream()
                        .map(row -> sheet.columns().stream()
                                .map(column -> column.text(row))
                                .toList())
                        .toList()));
    }

    private void removeChosen() {
        SheetFigures seen = model.figuresProperty().get();
        List<Integer> rows = chosenRows();
        if (seen != null && !rows.isEmpty()) {
            model.make(new SheetEdit.RemoveRows(seen.sheet().id(), rows), seen);
        }
    }

    private void switchChosen() {
        SheetFigures seen = model.figuresProperty().get();
        List<Integer> rows = chosenRows();
        if (seen != null && !rows.isEmpty()) {
            boolean on = seen.sheet().off().contains(rows.get(0));
            model.make(new SheetEdit.SwitchEntries(seen.sheet().id(), rows, on), seen);
        }
    }

    private void rename() {
        String newName = name.getText().strip();
        String newUnit = unit.getText().strip();
        boolean changed = shown != null
                && !(newName.equals(Visible.line(shown.name())) && newUnit.equals(Visible.line(shown.unit())));
        if (changed && !newName.isEmpty()) {
            model.make(new SheetEdit.Rename(shown.id(), newName, newUnit));
        }
    }

    private void setMissing() {
        if (shown != null && !missing.getText().equals(codesOf(shown))) {
            Set<String> codes = Arrays.stream(missing.getText().split(",", -1))
                    .map(String::strip)
                    .filter(code -> !code.isEmpty())
                    .collect(Collectors.toSet());
            model.make(new SheetEdit.SetMissingCodes(shown.id(), codes));
        }
    }

    private static String codesOf(SampleSheet sheet) {
        return String.join(", ", new TreeSet<>(sheet.missingCodes()));
    }

    private void show() {
        SheetFigures figures = model.figuresProperty().get();
        if (figures == null) {
            shown = null;
        }
        if (figures == null || !isVisible()) {
            return;
        }
        SampleSheet sheet = figures.sheet();
        if (shown == null || !shown.id().equals(sheet.id())) {
            entries.choose();
        }
        shown = sheet;
        name.setText(Visible.line(sheet.name()));
        unit.setText(Visible.line(sheet.unit()));
        missing.setText(codesOf(sheet));
        boolean given = sheet.can(Use.GIVEN);
        show(given, givens);
        show(!given, lists, foot, missingField);
        showCounts(figures);
        if (given) {
            givens.show(figures);
            notices.show(figures);
            typing = false;
            return;
        }
        showVariables(figures);
        notices.show(figures);
        sizeHead.setText(Words.of(sheet.can(Use.MIDPOINTS) ? "entries.midpoints" : "entries.size"));
        if (typing) {
            typing = false;
            add.requestFocus();
            add.end();
        }
        entries.show(
                sheet.size(),
                sheet.kind(),
                !figures.interpretation().leftOut().isEmpty()
                        || figures.interpretation().waiting().isPresent());
        sizeRows.resize(
                figures.sample().isEmpty()
                        ? 0
                        : figures.sample().ranking().distinct().size());
        sizeCells.refresh();
        showChosen();
    }

    private static void show(boolean visible, Node... nodes) {
        for (Node node : nodes) {
            node.setVisible(visible);
            node.setManaged(visible);
        }
    }

    /** Pairs have what their two are in the place of the values in order of size. */
    private void showVariables(SheetFigures figures) {
        SampleSheet sheet = figures.sheet();
        boolean pairs = sheet.can(Use.VARIABLES);
        show(!pairs, right, unitField);
        show(pairs, variables);
        add.setPromptText(Words.of(pairs ? "entries.add.pairs" : "entries.add.prompt"));
        orderHead.setText(
                pairs
                        ? Words.of("entries.order.pairs", figures.variable(false), figures.variable(true))
                        : Words.of("entries.order"));
        if (pairs) {
            variables.show(sheet);
        }
    }

    private void showCounts(SheetFigures figures) {
        Interpretation reading = figures.interpretation();
        Exact count = figures.sample().count();
        boolean pairs = figures.sheet().can(Use.BY_ENTRY);
        if (figures.sheet().can(Use.GIVEN)) {
            sentence.setText("");
            leftOut.setText("");
            return;
        }
        sentence.setText(
                count.signum() == 0
                        ? reading.waiting().map(Words::of).orElse(Words.of("entries.nothing"))
                        : count.equals(Exact.ONE)
                                ? Words.of(pairs ? "entries.pairs.one" : "entries.sentence.one")
                                : Words.of(
                                        pairs ? "entries.pairs" : "entries.sentence",
                                        figures.text().carried(count)));
        String out = reading.leftOut().stream().map(Words::of).collect(Collectors.joining(", "));
        leftOut.setText(out.isEmpty() ? "" : Words.of("entries.left-out", out));
    }

    /** Lights up the value of a single chosen entry, on the Line too. */
    private void lightChosen() {
        SheetFigures figures = model.figuresProperty().get();
        List<Integer> rows = chosenRows();
        if (figures != null && rows.size() == 1 && rows.get(0) < figures.sheet().size()) {
            if (figures.sheet().can(Use.BY_ENTRY)) {
                model.looking().litEntryProperty().set(rows.get(0));
            } else {
                model.looking().litProperty().set(figures.valueOf(rows.get(0)).orElse(null));
            }
        }
    }

    /** Count, sum, mean, least and greatest of the chosen entries that are numbers. */
    private void showChosen() {
        SheetFigures figures = model.figuresProperty().get();
        List<Integer> rows = chosenRows();
        if (figures == null || rows.size() < 2) {
            chosen.setText("");
            return;
        }
        TreeSet<Integer> wanted = new TreeSet<>(rows);
        Sample sample = figures.sample();
        int[] picked = IntStream.range(0, sample.rows())
                .filter(row -> wanted.contains(sample.entry(row)))
                .toArray();
        if (picked.length == 0 || sample.weighted() || !sample.kind().can(Use.LISTED)) {
            chosen.setText("");
            return;
        }
        Decimals values = sample.values().pick(picked);
        Exact sum = values.powerSums(1)[1];
        Decimals sorted = values.ascending();
        chosen.setText(Words.of(
                "entries.selected",
                picked.length,
                figures.text().carried(sum),
                figures.text().carried(sum.over(picked.length)),
                figures.text().carried(sorted.at(0)),
                figures.text().carried(sorted.at(picked.length - 1))));
    }

    /** Puts the cursor where typing is expected. */
    public void focusTyping() {
        if (shown != null && shown.can(Use.GIVEN)) {
            givens.focusTyping();
        } else {
            add.requestFocus();
        }
    }

    /**
     * Puts the cursor there, and again when the entries are shown: typing that began on the empty paper goes on here, also
     * what is typed before the first figures have come.
     *
     * @param typedOn what was typed there since
     */
    public void typeOn(String typedOn) {
        Optional<SampleSheet> given = model.sheet().filter(sheet -> sheet.can(Use.GIVEN));
        if (given.isPresent()) {
            show(true, givens);
            show(false, lists, foot, missingField);
            givens.begin(given.get(), typedOn);
            return;
        }
        typing = true;
        add.setText(typedOn);
        add.requestFocus();
        add.end();
    }
}
