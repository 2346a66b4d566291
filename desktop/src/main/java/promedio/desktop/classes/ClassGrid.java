package promedio.desktop.classes;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import promedio.core.number.Exact;
import promedio.core.sample.ClassInterval;
import promedio.core.sample.ClassTable;
import promedio.core.working.FigureText;
import promedio.desktop.control.Tip;
import promedio.desktop.text.Words;

/** The table of classes: boundaries, midpoints, frequencies and what is added up from them. */
final class ClassGrid extends GridPane {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final PseudoClass USED = PseudoClass.getPseudoClass("used");
    private static final int MOST_TALLIED = 40;

    private final List<List<Node>> rows = new ArrayList<>();
    private final List<Label> totals = new ArrayList<>();
    private List<Column> shownColumns = List.of();
    private IntConsumer pointed = index -> {};
    private IntConsumer assumed = index -> {};
    private int lit = -1;
    private boolean all;

    ClassGrid() {
        getStyleClass().add("class-grid");
    }

    void onPointed(IntConsumer listener) {
        pointed = listener;
    }

    /** Told when a midpoint is clicked: it is to be the assumed mean. */
    void onAssumed(IntConsumer listener) {
        assumed = listener;
    }

    /** The columns, in order. */
    private enum Column {
        CLASS,
        TALLY,
        BOUNDARIES,
        MIDPOINT,
        FREQUENCY,
        LESS_THAN,
        MORE_THAN,
        RELATIVE,
        PERCENT,
        DENSITY
    }

    /** Shows every column, or those that are usual. */
    void setAllColumns(boolean every) {
        all = every;
    }

    boolean showsAllColumns() {
        return all;
    }

    private List<Column> columns(ShownClasses shown, boolean tallied) {
        List<Column> columns = new ArrayList<>(List.of(Column.values()));
        ClassTable table = shown.table();
        boolean tally = tallied && table.count().compareTo(Exact.of(MOST_TALLIED)) <= 0;
        if (!tally) {
            columns.remove(Column.TALLY);
        }
        if (all) {
            return columns;
        }
        columns.remove(Column.RELATIVE);
        boolean same = table.classes().stream()
                .filter(one -> !one.isOpen() && !one.assumed())
                .allMatch(one -> one.label().contains(written(shown, one.lower().orElse(Exact.ZERO)))
                        && one.label().contains(written(shown, one.upper().orElse(Exact.ZERO))));
        if (same) {
            columns.remove(Column.BOUNDARIES);
        }
        if (!shown.byDensity()) {
            columns.remove(Column.DENSITY);
        }
        return columns;
    }

    private static String written(ShownClasses shown, Exact value) {
        return shown.figures().text().carried(value);
    }

    void show(ShownClasses shown, boolean tallied) {
        List<Column> columns = columns(shown, tallied);
        if (columns.equals(shownColumns) && rows.size() == shown.table().size() && !columns.contains(Column.TALLY)) {
            update(shown, columns);
            return;
        }
        shownColumns = columns;
        getChildren().clear();
        rows.clear();
        for (int c = 0; c < columns.size(); c++) {
            Column column = columns.get(c);
            String words = column == Column.CLASS ? shown.axis() : Words.of("classes.column." + column);
            Label head = cell(words, "class-head", column == Column.CLASS || column == Column.TALLY);
            Tip.on(head, Words.of("classes.column." + column + ".tip"));
            add(head, c, 0);
        }
        for (int i = 0; i < shown.table().size(); i++) {
            row(shown, columns, i);
        }
        total(shown, columns);
        light(lit);
    }

    /** The same table with other figures in it: while an edge is dragged, nodes are kept. */
    private void update(ShownClasses shown, List<Column> columns) {
        for (int i = 0; i < rows.size(); i++) {
            for (int c = 0; c < columns.size(); c++) {
                ((Label) rows.get(i).get(c)).setText(text(shown, columns.get(c), i));
            }
        }
        for (int c = 0; c < columns.size(); c++) {
            totals.get(c).setText(totalText(shown, columns.get(c)));
        }
        ((Label) getChildren().get(0)).setText(columns.get(0) == Column.CLASS ? shown.axis() : "");
    }

    private void row(ShownClasses shown, List<Column> columns, int index) {
        List<Node> cells = new ArrayList<>();
        for (int c = 0; c < columns.size(); c++) {
            Column column = columns.get(c);
            Node cell = column == Column.TALLY
                    ? tally(shown.table().at(index).frequency())
                    : cell(text(shown, column, index), "class-cell", column == Column.CLASS);
            cell.setOnMouseEntered(enter -> pointed.accept(index));
            cell.setOnMouseExited(leave -> pointed.accept(-1));
            if (column == Column.MIDPOINT) {
                cell.setOnMouseClicked(click -> assumed.accept(index));
                cell.getStyleClass().add("midpoint-cell");
                cell.setFocusTraversable(true);
                cell.setAccessibleHelp(Words.of("classes.column.MIDPOINT.tip"));
                cell.setOnKeyPressed(key -> {
                    if (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.SPACE) {
                        assumed.accept(index);
                        key.consume();
                    }
                });
            }
            cell.setId("class-" + column + "-" + index);
            add(cell, c, index + 1);
            cells.add(cell);
        }
        rows.add(cells);
    }

    private static String text(ShownClasses shown, Column column, int index) {
        ClassTable table = shown.table();
        ClassInterval one = table.at(index);
        FigureText text = shown.figures().text();
        return switch (column) {
            case CLASS -> one.label() + (one.assumed() || one.isOpen() ? " †" : "");
            case TALLY -> "";
            case BOUNDARIES ->
                one.lower().map(text::carried).orElse("…") + " to "
                        + one.upper().map(text::carried).orElse("…");
            case MIDPOINT -> one.midpoint().map(text::carried).orElse("–");
            case FREQUENCY -> text.carried(one.frequency());
            case LESS_THAN -> text.carried(table.before(index).plus(one.frequency()));
            case MORE_THAN -> text.carried(table.count().minus(table.before(index)));
            case RELATIVE -> text.carried(one.frequency().over(table.count()));
            case PERCENT -> text.answer(one.frequency().times(100).over(table.count()));
            case DENSITY -> one.density().map(text::answer).orElse("–");
        };
    }

    private void total(ShownClasses shown, List<Column> columns) {
        int line = shown.table().size() + 1;
        totals.clear();
        for (int c = 0; c < columns.size(); c++) {
            Label cell = cell(totalText(shown, columns.get(c)), "class-total", columns.get(c) == Column.CLASS);
            totals.add(cell);
            add(cell, c, line);
        }
    }

    private static String totalText(ShownClasses shown, Column column) {
        return switch (column) {
            case CLASS -> "Σ";
            case FREQUENCY -> written(shown, shown.table().count());
            case RELATIVE -> "1";
            case PERCENT -> "100";
            default -> "";
        };
    }

    private static Label cell(String words, String style, boolean atLeft) {
        Label label = new Label(words);
        label.getStyleClass().add(style);
        label.setMaxWidth(Double.MAX_VALUE);
        label.setAlignment(atLeft ? Pos.CENTER_LEFT : Pos.CENTER_RIGHT);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    /** Strokes, each fifth across the four before it. */
    private static TextFlow tally(Exact frequency) {
        TextFlow flow = new TextFlow();
        flow.getStyleClass().add("class-cell");
        long count = frequency.floor().longValueExact();
        for (long left = count; left > 0; left -= 5) {
            Text strokes = new Text("|".repeat((int) Math.min(4, left)));
            strokes.setStrikethrough(left >= 5);
            strokes.getStyleClass().add("tally");
            flow.getChildren().addAll(strokes, new Text(" "));
        }
        flow.setAccessibleText(frequency.toString());
        return flow;
    }

    /** Heads, rows and totals as they are shown, row by row. */
    List<List<String>> texts() {
        List<List<String>> lines = new ArrayList<>();
        for (Node node : getChildren()) {
            int line = GridPane.getRowIndex(node);
            while (lines.size() <= line) {
                lines.add(new ArrayList<>());
            }
            lines.get(line).add(node instanceof Label label ? label.getText() : "");
        }
        return lines;
    }

    /** Lights up a row; −1 for none. */
    void light(int index) {
        lit = index;
        for (int i = 0; i < rows.size(); i++) {
            boolean is = i == index;
            rows.get(i).forEach(cell -> cell.pseudoClassStateChanged(LIT, is));
        }
    }

    /** Underlines the cells that a reading uses: f of a class, and F up to the class before. */
    void use(int index) {
        for (int i = 0; i < rows.size(); i++) {
            for (Node cell : rows.get(i)) {
                boolean f = i == index && cell.getId().startsWith("class-FREQUENCY");
                boolean before = i == index - 1 && cell.getId().startsWith("class-LESS_THAN");
                boolean found = i == index && cell.getId().startsWith("class-CLASS");
                cell.pseudoClassStateChanged(USED, f || before || found);
            }
        }
    }

    /** Lights up the one cell that a letter of a formula stands for. */
    void point(String letter, int index) {
        light(-1);
        String column =
                switch (letter) {
                    case "class-F" -> "class-LESS_THAN-" + (index - 1);
                    case "class-f", "class-f1" -> "class-FREQUENCY-" + index;
                    case "class-f0" -> "class-FREQUENCY-" + (index - 1);
                    case "class-f2" -> "class-FREQUENCY-" + (index + 1);
                    case "class-L", "class-h", "class-U" -> "class-CLASS-" + index;
                    default -> "";
                };
        rows.forEach(row -> row.stream()
                .filter(cell -> cell.getId().equals(column))
                .forEach(cell -> cell.pseudoClassStateChanged(LIT, true)));
    }
}
