package promedio.desktop.table;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Link;
import promedio.core.data.Column;
import promedio.core.data.Counts;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.sentence.Visible;
import promedio.core.working.FigureText;
import promedio.desktop.control.Choice;
import promedio.desktop.control.Press;
import promedio.desktop.control.ShareBar;
import promedio.desktop.control.Tip;
import promedio.desktop.model.DeskModel;
import promedio.desktop.model.desk.Lane;
import promedio.desktop.model.desk.Latest;
import promedio.desktop.model.table.TableFigures;
import promedio.desktop.text.Words;

/**
 * How often each word of a column occurs: counts, proportions, percents, and the commonest; a word that is pressed offers the steps that
 * fit it.
 */
public final class CountsPage extends VBox {
    private static final int MOST = 300;
    private static final int LONGEST = 60;
    private static final int LONGEST_STEP = 90;

    private final DeskModel model;
    private final Consumer<String> write;
    private final HBox head = new HBox();
    private final Label sentence = new Label();
    private final CheckBox bySize = new CheckBox(Words.of("counts.by-size"));
    private final ScrollPane scroll = new ScrollPane();
    private Counts shown;
    /** How numbers are written in the column; empty where it has none. */
    private Optional<Numerals> numerals = Optional.empty();

    private int column;
    /** The name of the column. */
    private String of = "";

    private final Latest counting;

    /**
     * The page of a desk.
     *
     * @param write takes a step that was chosen for a word, to be changed or made
     */
    public CountsPage(DeskModel model, Consumer<String> write) {
        this.model = model;
        counting = new Latest(model, Lane.WALKING);
        this.write = write;
        getStyleClass().add("counts-page");
        setId("counts-page");
        head.getStyleClass().add("counts-head");
        head.setAlignment(Pos.BASELINE_LEFT);
        sentence.setId("counts-sentence");
        sentence.setWrapText(true);
        bySize.setId("counts-by-size");
        bySize.setOnAction(press -> showLines());
        scroll.getStyleClass().add("reading-scroll");
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, sentence, bySize, scroll);
        visibleProperty().addListener((property, before, now) -> show());
        model.tables().figuresProperty().addListener((property, before, now) -> show());
        model.inSteps().columnsProperty().addListener((property, before, now) -> show());
        model.tables().countedProperty().addListener((property, before, now) -> show());
        show();
    }

    private void show() {
        List<TableFigures.InShort> figures = model.inSteps().shown();
        if (!isVisible() || figures.isEmpty()) {
            return;
        }
        boolean inSteps = model.inSteps().columnsProperty().get() != null;
        int wanted = model.tables().countedProperty().get();
        column = wanted >= 0 && wanted < figures.size() ? wanted : first(figures);
        Column cells = figures.get(column).column();
        of = cells.name();
        Label title = new Label(Words.of("counts.head"));
        title.getStyleClass().add("counts-title");
        Choice<Integer> choice = new Choice<>("counts-column", cells.name(), other -> model.tables()
                .countedProperty()
                .set(other));
        for (int i = 0; i < figures.size(); i++) {
            choice.or(figures.get(i).column().name(), i);
        }
        choice.getStyleClass().add("counts-title");
        Hyperlink take = new Hyperlink(Words.of("counts.take"));
        take.setId("counts-take");
        take.setOnAction(press -> {
            if (inSteps) {
                model.followers().take(cells.name());
            } else {
                model.taking().take(column, new Link.All());
            }
        });
        head.getChildren().setAll(title, choice, take);
        if (inSteps) {
            Label left = new Label(Words.of("counts.in-steps"));
            left.getStyleClass().add("soft");
            head.getChildren().add(left);
        }
        numerals = cells instanceof Column.OfNumbers numbers ? Optional.of(numbers.numerals()) : Optional.empty();
        counting.run(() -> Counts.of(cells), counts -> {
            shown = counts;
            showLines();
        });
    }

    private static int first(List<TableFigures.InShort> figures) {
        return IntStream.range(0, figures.size())
                .filter(i -> figures.get(i).column() instanceof Column.OfCategories)
                .findFirst()
                .orElse(0);
    }

    private void showLines() {
        List<String> modes = shown.modes();
        String mode = modes.isEmpty()
                ? Words.of("counts.no-mode")
                : Words.of(modes.size() == 1 ? "counts.mode" : "counts.modes", Visible.line(String.join("; ", modes)));
        sentence.setText(
                shown.count() == 0
                        ? Words.of("counts.none")
                        : Words.of(
                                "counts.sentence",
                                shown.count(),
                                shown.missing(),
                                shown.lines().size(),
                                mode));
        GridPane grid = new GridPane();
        grid.getStyleClass().addAll("working-table", "counts-table");
        row(grid, 0, "table-column", "counts.value", "counts.count", "counts.proportion", "counts.percent");
        List<Counts.Line> lines = new ArrayList<>(shown.lines());
        if (bySize.isSelected()) {
            lines.sort(Comparator.comparingInt(Counts.Line::times).reversed());
        } else if (numerals.isPresent()) {
            lines.sort(Comparator.comparing(
                    line -> numerals.get()
                            .read(line.value())
                            .map(Numerals.Numeral::exact)
                            .orElse(null),
                    Comparator.nullsLast(Comparator.naturalOrder())));
        }
        FigureText text = new FigureText(model.assignment().card(), 2);
        int most = lines.stream().mapToInt(Counts.Line::times).max().orElse(1);
        int at = 1;
        for (Counts.Line line : lines.subList(0, Math.min(MOST, lines.size()))) {
            Exact share = shown.proportion(line);
            cells(
                    grid,
                    at,
                    "table-cell",
                    "",
                    Integer.toString(line.times()),
                    text.carried(share),
                    text.answer(share.times(Exact.of(100))));
            grid.add(value(line.value()), 0, at);
            grid.add(
                    new ShareBar(
                            0,
                            (double) line.times() / most,
                            "counts-bar",
                            modes.contains(line.value()) ? "counts-commonest" : "counts-other"),
                    4,
                    at);
            at++;
        }
        if (lines.size() > MOST) {
            cells(grid, at, "table-cell", Words.of("counts.more", lines.size() - MOST), "", "", "");
            at++;
        }
        cells(grid, at, "table-total", Words.of("counts.total"), Integer.toString(shown.count()), "1", "100");
        scroll.setContent(grid);
    }

    /** A word as it stands in the column; pressed, it shows the steps that fit it. */
    private Hyperlink value(String value) {
        Hyperlink word = new Hyperlink(Visible.line(value, LONGEST));
        word.getStyleClass().add("counts-value");
        Tip.on(word, Words.of("counts.value.tip"));
        String name = of;
        word.setOnAction(press -> model.trail().offers(name, value, offers -> {
            ContextMenu menu = new ContextMenu();
            offers.forEach(offer -> menu.getItems()
                    .add(Press.item("offered-step", Visible.line(offer, LONGEST_STEP), () -> write.accept(offer))));
            if (!offers.isEmpty() && word.getScene() != null) {
                menu.show(word, Side.BOTTOM, 0, 0);
            }
        }));
        return word;
    }

    private static void row(GridPane grid, int line, String style, String... keys) {
        String[] words = new String[keys.length];
        for (int i = 0; i < keys.length; i++) {
            words[i] = Words.of(keys[i]);
        }
        cells(grid, line, style, words);
    }

    private static void cells(GridPane grid, int line, String style, String... cells) {
        for (int i = 0; i < cells.length; i++) {
            Label cell = new Label(cells[i]);
            cell.getStyleClass().add(style);
            cell.setMaxWidth(Double.MAX_VALUE);
            cell.setAlignment(i == 0 ? Pos.CENTER_LEFT : Pos.CENTER_RIGHT);
            grid.add(cell, i, line);
        }
    }
}
