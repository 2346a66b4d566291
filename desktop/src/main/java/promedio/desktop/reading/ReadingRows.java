package promedio.desktop.reading;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import promedio.core.course.CourseCard;
import promedio.core.data.Column;
import promedio.core.data.ColumnKind;
import promedio.core.data.Summary;
import promedio.core.data.Table;
import promedio.core.sentence.Visible;
import promedio.core.working.FigureText;
import promedio.desktop.control.Tip;
import promedio.desktop.model.reading.FileReading;
import promedio.desktop.text.Words;
import promedio.files.table.TableFile;

/** The first and last rows of a file as they were read, under heads that say what each column is; a tick takes a column. */
final class ReadingRows extends ScrollPane {
    private static final PseudoClass WANTED = PseudoClass.getPseudoClass("wanted");
    private static final PseudoClass OTHER = PseudoClass.getPseudoClass("other");
    private static final PseudoClass OUT = PseudoClass.getPseudoClass("out");
    private static final int FIRST = 8;
    private static final int LAST = 6;
    private static final int MOST_COLUMNS = 60;
    private static final int LONGEST = 120;

    private final FileReading reading;
    private Path path;
    /** The first column that is shown; a file of very many is shown some at a time. */
    private int from;

    private final FigureText figures = new FigureText(CourseCard.STANDARD, 2);

    ReadingRows(FileReading reading) {
        this.reading = reading;
        getStyleClass().add("reading-scroll");
        setFitToHeight(false);
        setVbarPolicy(ScrollBarPolicy.NEVER);
        setMinHeight(Region.USE_PREF_SIZE);
    }

    void show(FileReading.State state, TableFile file) {
        double kept = getHvalue();
        GridPane grid = new GridPane();
        grid.getStyleClass().add("reading-rows");
        Table table = file.table();
        int all = table.columns().size();
        if (!state.path().equals(path)) {
            path = state.path();
            from = 0;
        }
        from = Math.min(from, (all - 1) / MOST_COLUMNS * MOST_COLUMNS);
        int to = Math.min(all, from + MOST_COLUMNS);
        List<Integer> rows = rows(table.rows());
        for (int i = from; i < to; i++) {
            Column column = table.columns().get(i);
            Optional<Summary> summary =
                    i < state.summaries().size() ? Optional.of(state.summaries().get(i)) : Optional.empty();
            grid.add(head(state, column, summary, i), i - from + 2, 0);
            for (int row = 0; row < rows.size(); row++) {
                grid.add(cell(state, column, rows.get(row)), i - from + 2, row + 1);
            }
        }
        for (int row = 0; row < rows.size(); row++) {
            Label number = new Label(rows.get(row) < 0 ? "" : Integer.toString(rows.get(row) + 1));
            number.getStyleClass().addAll("reading-cell", "reading-number");
            number.setMaxWidth(Double.MAX_VALUE);
            grid.add(number, 0, row + 1);
        }
        if (from > 0) {
            grid.add(turn(Words.of("reading.columns-before", from), from - MOST_COLUMNS, state, file), 1, 0);
        }
        if (to < all) {
            grid.add(
                    turn(Words.of("reading.columns-after", all - to), from + MOST_COLUMNS, state, file),
                    to - from + 2,
                    0);
        }
        setContent(grid);
        setHvalue(kept);
    }

    /** Turns to other columns of a file that has more than stand here at once. */
    private Hyperlink turn(String words, int to, FileReading.State state, TableFile file) {
        Hyperlink turn = new Hyperlink(words);
        turn.getStyleClass().add("reading-cell");
        turn.setMinWidth(USE_PREF_SIZE);
        turn.setOnAction(press -> {
            from = to;
            show(state, file);
            setHvalue(0);
        });
        return turn;
    }

    /** The rows to be shown, from 0; −1 stands for those between. */
    private static List<Integer> rows(int all) {
        if (all <= FIRST + LAST) {
            return IntStream.range(0, all).boxed().toList();
        }
        List<Integer> rows = new ArrayList<>(IntStream.range(0, FIRST).boxed().toList());
        rows.add(-1);
        IntStream.range(all - LAST, all).forEach(rows::add);
        return rows;
    }

    private VBox head(FileReading.State state, Column column, Optional<Summary> summary, int index) {
        boolean number = column.kind() == ColumnKind.NUMBER;
        boolean chosen = number && state.wanted().contains(column.name());
        Labeled name = number ? tick(column, chosen, index) : new Label(Visible.line(column.name(), LONGEST));
        name.getStyleClass().add("reading-name");
        Tip.whenCut(name);
        Label kind = new Label(kind(column));
        kind.getStyleClass().add("reading-kind");
        Label count = new Label(count(column));
        Label range = new Label(summary.map(this::range).orElse(""));
        Tip.whenCut(count);
        Tip.whenCut(range);
        VBox head = new VBox(name, kind, count, range);
        head.getStyleClass().add("reading-head");
        head.pseudoClassStateChanged(WANTED, chosen);
        return head;
    }

    private CheckBox tick(Column column, boolean chosen, int index) {
        CheckBox tick = new CheckBox(Visible.line(column.name(), LONGEST));
        tick.setId("reading-want-" + index);
        tick.setSelected(chosen);
        tick.setMnemonicParsing(false);
        tick.selectedProperty().addListener((property, before, now) -> reading.want(column.name(), now));
        return tick;
    }

    private static String kind(Column column) {
        String kind = Words.of("reading.kind." + column.kind().id());
        return column.unit().isEmpty() ? kind : kind + " · " + Visible.line(column.unit(), LONGEST);
    }

    private static String count(Column column) {
        List<String> parts = new ArrayList<>();
        parts.add(Words.of("reading.cells", column.count()));
        if (column.missing() > 0) {
            parts.add(Words.of("reading.cells.missing", column.missing()));
        }
        if (column.others() > 0) {
            String kind = column.kind() == ColumnKind.NUMBER ? "reading.cells.words" : "reading.cells.other";
            parts.add(Words.of(column.others() == 1 ? kind + ".one" : kind, column.others()));
        }
        return String.join(" · ", parts);
    }

    private String range(Summary summary) {
        if (summary.least().isPresent()) {
            Summary.Bound least = summary.least().get();
            Summary.Bound largest = summary.largest().orElseThrow();
            String from = least.number().map(figures::carried).orElseGet(() -> least.date()
                    .orElseThrow());
            String to = largest.number().map(figures::carried).orElseGet(() -> largest.date()
                    .orElseThrow());
            return Words.of("reading.range", from, to);
        }
        return summary.commonest().isEmpty()
                ? Words.of("reading.different", summary.distinct())
                : Words.of(
                        "reading.commonest",
                        summary.distinct(),
                        Visible.line(summary.commonest().get(0).getKey(), LONGEST));
    }

    private Label cell(FileReading.State state, Column column, int row) {
        Label cell = new Label(row < 0 ? "⋮" : Visible.line(column.entries().text(row), LONGEST));
        cell.getStyleClass().add("reading-cell");
        cell.setMaxWidth(Double.MAX_VALUE);
        cell.setAlignment(column.kind() == ColumnKind.NUMBER ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
        boolean other = row >= 0 && column instanceof Column.OfNumbers numbers && numbers.isOther(row);
        cell.pseudoClassStateChanged(OTHER, other);
        cell.pseudoClassStateChanged(OUT, state.leftOut().contains(row));
        Tip.whenCut(cell);
        return cell;
    }
}
