package promedio.desktop.measures;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import promedio.core.course.CardKey;
import promedio.core.formula.Columns;
import promedio.core.formula.Formula;
import promedio.core.measure.Catalogue;
import promedio.core.measure.Measure;
import promedio.core.measure.Quartile;
import promedio.core.number.Exact;
import promedio.core.number.Figure;
import promedio.core.sample.Ranking;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.working.Working;
import promedio.desktop.formula.FormulaView;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.MeasureLine;
import promedio.desktop.model.SheetFigures;
import promedio.desktop.model.WorkingText;
import promedio.desktop.text.Words;

/** The working of a measure as a hand writes it: the case that applies, the lines, the table, the list in order. */
final class WorkingPane extends VBox {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final int FEW_ROWS = 9;
    private static final int FIRST_ROWS = 5;
    private static final int MOST_ROWS = 300;
    private static final int NEIGHBOURS = 2;
    private static final int MOST_IN_STRIP = 30;
    private static final int ROUNDED_PLACES = 2;

    private final DeskModel model;
    private final String question;
    private final IdentityHashMap<Node, Exact> cells = new IdentityHashMap<>();
    /** The working that is shown, or is being worked out to be shown. */
    private Working asked;

    private boolean allRows;
    private boolean comparing;

    WorkingPane(DeskModel model, String question) {
        this.model = model;
        this.question = question;
        getStyleClass().add("working");
        model.litProperty().addListener((property, before, now) -> light());
        setMinWidth(0);
    }

    void show(MeasureLine shown, SheetFigures figures) {
        cells.clear();
        List<Node> parts = new ArrayList<>();
        if (model.covers(question)) {
            Hyperlink lift = new Hyperlink(Words.of("cover.lift"));
            lift.setId("lift-" + question);
            lift.setOnAction(click -> model.liftCover(question));
            getChildren().setAll(sentence(Words.of("cover.sentence")), lift);
            return;
        }
        if (!shown.defined()) {
            parts.add(sentence(shown.note()));
            getChildren().setAll(parts);
            return;
        }
        Working working = figures.working(shown.measure(), model.methods().getOrDefault(question, ""));
        if (working.isLong()) {
            getChildren().setAll(sentence(figures.meaning(shown)), note(Words.of("message.busy")));
            asked = working;
            model.inBackground(working::prepare, ready -> {
                if (asked == ready) {
                    show(shown, figures, ready);
                }
            });
        } else {
            asked = working;
            show(shown, figures, working);
        }
    }

    private void show(MeasureLine shown, SheetFigures figures, Working working) {
        List<Node> parts = new ArrayList<>();
        Sample sample = figures.sample();
        parts.add(sentence(figures.meaning(shown)));
        parts.add(choices(shown.measure(), sample, working));
        if (shown.measure() instanceof Quartile && comparing) {
            parts.add(new RuleComparison(shown, figures));
        }
        shown.measure()
                .because(sample.shape())
                .ifPresent(because -> parts.add(sentence(Words.of(because, figures.text()))));
        if (shown.question().equals("mode") && sample.classes().isEmpty()) {
            parts.add(modes(figures));
        } else {
            parts.add(body(working, shown, figures));
        }
        working.stuck().ifPresent(stuck -> parts.add(sentence(Words.of(stuck, figures.text()))));
        drift(working, shown, figures).ifPresent(parts::add);
        parts.add(note(figures.rules(shown)));
        getChildren().setAll(parts);
    }

    private static Label sentence(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("working-sentence");
        label.setWrapText(true);
        return label;
    }

    /** The hand methods, and exact or rounded lines: words to click, the chosen one plain. */
    private Node choices(Measure measure, Sample sample, Working working) {
        FlowPane flow = new FlowPane();
        flow.getStyleClass().add("working-choices");
        List<Measure.Method> methods = measure.methods(sample.shape());
        String chosen = model.methods().getOrDefault(question, methods.get(0).id());
        if (methods.size() > 1) {
            for (Measure.Method method : methods) {
                String words = Words.of(Sentence.of("method." + method.id()));
                flow.getChildren().add(choice(words, method.id().equals(chosen), () -> model.methods()
                        .put(question, method.id())));
            }
            Label gap = new Label("·");
            gap.getStyleClass().add("working-gap");
            flow.getChildren().add(gap);
        }
        if (measure instanceof Quartile) {
            String words = Words.of(comparing ? "working.compare.close" : "working.compare");
            flow.getChildren().add(choice(words, false, () -> {
                comparing = !comparing;
                refresh();
            }));
        }
        flow.getChildren().add(choice(Words.of("working.copy"), false, () -> copy(working)));
        boolean one = working.columns().isEmpty() && working.lines().size() <= 1;
        if (one) {
            return flow;
        }
        boolean exact = working.roundedTo().isEmpty();
        flow.getChildren()
                .add(choice(Words.of("working.exact"), exact, () -> model.choose(CardKey.WORKING, Optional.empty())));
        int places = working.roundedTo().orElse(ROUNDED_PLACES);
        flow.getChildren()
                .add(choice(
                        Words.of("working.rounded", places),
                        !exact,
                        () -> model.choose(CardKey.WORKING, Optional.of(ROUNDED_PLACES))));
        return flow;
    }

    private void copy(Working working) {
        ClipboardContent content = new ClipboardContent();
        content.putString(WorkingText.plain(working));
        content.putHtml(WorkingText.html(working));
        Clipboard.getSystemClipboard().setContent(content);
        model.say(Words.of("message.working-copied"));
    }

    private static Node choice(String words, boolean chosen, Runnable choose) {
        if (chosen) {
            Label label = new Label(words);
            label.getStyleClass().add("chosen-choice");
            return label;
        }
        Hyperlink link = new Hyperlink(words);
        link.setOnAction(click -> choose.run());
        return link;
    }

    private Node body(Working working, MeasureLine shown, SheetFigures figures) {
        VBox lines = new VBox();
        lines.getStyleClass().add("working-lines");
        for (Working.Line line : working.lines()) {
            FormulaView view = new FormulaView().pointing(line.notation(), node -> point(working, node));
            HBox result = new HBox(view);
            result.setAlignment(Pos.CENTER_LEFT);
            if (line.last() && !shown.unit().isEmpty()) {
                result.getChildren().add(beside(shown.unit()));
            }
            line.exactly()
                    .map(exactly -> beside("(" + Words.of("working.exactly", exactly) + ")"))
                    .ifPresent(result.getChildren()::add);
            lines.getChildren().add(result);
        }
        List<Columns.Column> columns = working.columns();
        if (columns.isEmpty()) {
            if (!working.ranksRead().isEmpty()) {
                lines.getChildren().add(0, strip(working, figures));
            }
            return lines;
        }
        FlowPane both = new FlowPane(lines, table(working, columns, figures.sample()));
        both.getStyleClass().add("working-body");
        return both;
    }

    /** A value picked from the list lights up everywhere; a measure named in the formula is pointed at on the Line. */
    private void point(Working working, Optional<Formula> node) {
        model.litProperty()
                .set(node.filter(Formula.Pick.class::isInstance)
                        .flatMap(working::figure)
                        .filter(Exact.class::isInstance)
                        .map(Exact.class::cast)
                        .orElse(null));
        model.pointedProperty()
                .set(node.filter(Formula.Named.class::isInstance)
                        .map(named -> Catalogue.question(((Formula.Named) named).symbol()))
                        .orElse(""));
    }

    private static Label beside(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("working-unit");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    /** The list in order of size, the values that are read in bold; of a long list only what stands around them. */
    private Node strip(Working working, SheetFigures figures) {
        Ranking ranking = figures.sample().ranking();
        Exact count = figures.sample().count();
        TextFlow flow = new TextFlow();
        flow.getStyleClass().add("sorted-strip");
        flow.getChildren().add(text(Words.of("working.sorted") + "  ", "strip-lead"));
        boolean all = count.compareTo(Exact.of(MOST_IN_STRIP)) <= 0;
        List<Exact> read = working.ranksRead();
        Exact last = Exact.ZERO;
        long end = count.floor().longValueExact();
        for (long k = 1; k <= end; k++) {
            Exact rank = Exact.of(k);
            boolean near = all
                    || k == 1
                    || k == end
                    || read.stream().anyMatch(wanted -> wanted.minus(rank).abs().compareTo(Exact.of(NEIGHBOURS)) <= 0);
            if (!near) {
                k = skip(k, end, read);
                continue;
            }
            if (last.plus(Exact.ONE).compareTo(rank) < 0) {
                flow.getChildren().add(text("…  ", "strip-value"));
            }
            last = rank;
            String value = figures.text().carried(ranking.at(rank));
            Text shown = text(value, read.contains(rank) ? "strip-read" : "strip-value");
            Exact number = ranking.at(rank);
            shown.setOnMouseEntered(enter -> model.litProperty().set(number));
            shown.setOnMouseExited(leave -> model.litProperty().set(null));
            flow.getChildren().add(shown);
            flow.getChildren().add(text("  ", "strip-value"));
        }
        return flow;
    }

    /** The last rank before the next one worth showing. */
    private static long skip(long k, long end, List<Exact> read) {
        long next = end;
        for (Exact rank : read) {
            long from = rank.floor().longValueExact() - NEIGHBOURS;
            if (from > k && from < next) {
                next = from;
            }
        }
        return next - 1;
    }

    private static Text text(String words, String style) {
        Text text = new Text(words);
        text.getStyleClass().add(style);
        return text;
    }

    private Node modes(SheetFigures figures) {
        Ranking ranking = figures.sample().ranking();
        TextFlow flow = new TextFlow();
        flow.getStyleClass().add("sorted-strip");
        flow.getChildren().add(text(Words.of("working.modes") + "  ", "strip-lead"));
        Exact most = ranking.highestWeight();
        int size = Math.min(ranking.distinct().size(), 60);
        for (int i = 0; i < size; i++) {
            String words = figures.text().carried(ranking.distinct().at(i)) + "\u00a0×\u00a0"
                    + figures.text().carried(ranking.weight(i));
            flow.getChildren().add(text(words, ranking.weight(i).equals(most) ? "strip-read" : "strip-value"));
            flow.getChildren().add(text("   ", "strip-value"));
        }
        if (size < ranking.distinct().size()) {
            flow.getChildren().add(text("…", "strip-value"));
        }
        return flow;
    }

    private Node table(Working working, List<Columns.Column> columns, Sample sample) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("working-table");
        int line = 0;
        boolean weighted = sample.weighted();
        int offset = weighted ? 1 : 0;
        for (int i = 0; i < columns.size(); i++) {
            add(grid, headCell(working.head(columns.get(i))), position(i, offset), line);
        }
        if (weighted) {
            add(grid, headCell(promedio.core.formula.Notation.letter("f")), 1, line);
        }
        line++;
        int rows = working.rows();
        int shown = allRows ? Math.min(rows, MOST_ROWS) : rows <= FEW_ROWS ? rows : FIRST_ROWS;
        for (int row = 0; row < shown; row++) {
            row(grid, working, columns, weighted, row, line++);
        }
        if (shown < rows) {
            Hyperlink more = new Hyperlink(Words.of("working.more", rows - shown - 1));
            more.getStyleClass().add("table-more");
            more.setDisable(allRows);
            more.setOnAction(click -> {
                allRows = true;
                refresh();
            });
            grid.add(more, 0, line++, columns.size() + offset, 1);
            GridPane.setHalignment(more, HPos.CENTER);
            row(grid, working, columns, weighted, rows - 1, line++);
        }
        for (int i = 0; i < columns.size(); i++) {
            int column = position(i, offset);
            String total = working.totalText(columns.get(i))
                    .map(sum -> (column == 0 ? "Σ " : "") + sum)
                    .orElse("");
            add(grid, cell(total, "table-total"), column, line);
        }
        if (weighted) {
            add(grid, cell(working.countText(), "table-total"), 1, line);
        }
        if (allRows && rows > FEW_ROWS) {
            Hyperlink fewer = new Hyperlink(Words.of("working.fewer"));
            fewer.setOnAction(click -> {
                allRows = false;
                refresh();
            });
            grid.add(fewer, 0, line + 1, columns.size() + offset, 1);
        }
        return grid;
    }

    private void refresh() {
        SheetFigures figures = model.figuresProperty().get();
        figures.line(question).ifPresent(line -> show(line, figures));
    }

    /** Column x is followed by f, the others by what leads up to them. */
    private static int position(int column, int offset) {
        return column == 0 ? 0 : column + offset;
    }

    /** Lights up the cells of the rows whose value is lit up. */
    private void light() {
        Exact lit = model.litProperty().get();
        cells.forEach((cell, value) -> cell.pseudoClassStateChanged(LIT, value.equals(lit)));
    }

    private void remember(Node cell, Exact value) {
        cells.put(cell, value);
        cell.pseudoClassStateChanged(LIT, value.equals(model.litProperty().get()));
        cell.setOnMouseEntered(enter -> model.litProperty().set(value));
        cell.setOnMouseExited(leave -> model.litProperty().set(null));
    }

    private void row(
            GridPane grid, Working working, List<Columns.Column> columns, boolean weighted, int row, int line) {
        Exact value = working.value(row);
        for (int i = 0; i < columns.size(); i++) {
            Region cell = cell(working.cellText(columns.get(i), row), "table-cell");
            remember(cell, value);
            add(grid, cell, position(i, weighted ? 1 : 0), line);
        }
        if (weighted) {
            add(grid, cell(working.weightText(row), "table-cell"), 1, line);
        }
    }

    private static void add(GridPane grid, Region cell, int column, int line) {
        cell.setMaxWidth(Double.MAX_VALUE);
        grid.add(cell, column, line);
    }

    private static Region headCell(promedio.core.formula.Notation notation) {
        HBox box = new HBox(new FormulaView(notation));
        box.setAlignment(Pos.BOTTOM_RIGHT);
        box.getStyleClass().add("table-head");
        return box;
    }

    private static Region cell(String text, String style) {
        Label label = new Label(text);
        label.setAlignment(Pos.CENTER_RIGHT);
        label.getStyleClass().add(style);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private Optional<Node> drift(Working working, MeasureLine shown, SheetFigures figures) {
        if (working.roundedTo().isEmpty()) {
            return working.columns().isEmpty() ? Optional.empty() : Optional.of(note(Words.of("working.carried")));
        }
        Optional<Figure> drift = working.drift();
        if (drift.isEmpty()) {
            return Optional.empty();
        }
        String by = working.answer().orElse("");
        return Optional.of(note(
                by.equals(shown.figure())
                        ? Words.of("working.no-drift", by)
                        : Words.of(
                                "working.drift",
                                by,
                                shown.figure(),
                                figures.text().carried(drift.get()))));
    }

    private static Label note(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("working-note");
        label.setWrapText(true);
        return label;
    }
}
