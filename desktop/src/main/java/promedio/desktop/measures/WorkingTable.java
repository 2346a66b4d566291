package promedio.desktop.measures;

import java.util.IdentityHashMap;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import promedio.core.formula.Columns;
import promedio.core.number.Exact;
import promedio.core.working.Working;
import promedio.desktop.formula.FormulaView;
import promedio.desktop.model.DeskModel;
import promedio.desktop.text.Words;

/** The columns of a working with their totals; of a long table the first rows and the last, until all are asked for. */
final class WorkingTable extends GridPane {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final int FEW_ROWS = 9;
    private static final int FIRST_ROWS = 5;
    private static final int MOST_ROWS = 300;

    private final DeskModel model;
    private final IdentityHashMap<Node, Exact> cells = new IdentityHashMap<>();
    private final IdentityHashMap<Node, Integer> pairs = new IdentityHashMap<>();
    private boolean allRows;

    WorkingTable(DeskModel model) {
        this.model = model;
        getStyleClass().add("working-table");
    }

    void show(Working working) {
        getChildren().clear();
        cells.clear();
        pairs.clear();
        List<Columns.Column> columns = working.columns();
        int line = 0;
        boolean weighted = working.isWeighted();
        int offset = weighted ? 1 : 0;
        for (int i = 0; i < columns.size(); i++) {
            addCell(headCell(working.head(columns.get(i))), position(i, offset), line);
        }
        if (weighted) {
            addCell(headCell(promedio.core.formula.Notation.letter("f")), 1, line);
        }
        line++;
        int rows = working.rows();
        int shown = allRows ? Math.min(rows, MOST_ROWS) : rows <= FEW_ROWS ? rows : FIRST_ROWS;
        for (int row = 0; row < shown; row++) {
            row(working, columns, weighted, row, line++);
        }
        if (shown < rows) {
            Hyperlink more = new Hyperlink(Words.of("working.more", rows - shown - 1));
            more.getStyleClass().add("table-more");
            more.setDisable(allRows);
            more.setOnAction(click -> {
                allRows = true;
                show(working);
            });
            add(more, 0, line++, columns.size() + offset, 1);
            GridPane.setHalignment(more, HPos.CENTER);
            row(working, columns, weighted, rows - 1, line++);
        }
        for (int i = 0; i < columns.size(); i++) {
            int column = position(i, offset);
            String total = working.totalText(columns.get(i))
                    .map(sum -> (column == 0 ? "Σ " : "") + sum)
                    .orElse(column == 0 ? "Σ" : "");
            addCell(cell(total, "table-total"), column, line);
        }
        if (weighted) {
            addCell(cell(working.countText(), "table-total"), 1, line);
        }
        if (allRows && rows > FEW_ROWS) {
            Hyperlink fewer = new Hyperlink(Words.of("working.fewer"));
            fewer.setOnAction(click -> {
                allRows = false;
                show(working);
            });
            add(fewer, 0, line + 1, columns.size() + offset, 1);
        }
    }

    /** Column x is followed by f, the others by what leads up to them. */
    private static int position(int column, int offset) {
        return column == 0 ? 0 : column + offset;
    }

    /** Lights up the cells of the rows whose value is lit up. */
    void light() {
        Exact lit = model.looking().litProperty().get();
        cells.forEach((cell, value) -> cell.pseudoClassStateChanged(LIT, value.equals(lit)));
        Integer entry = model.looking().litEntryProperty().get();
        pairs.forEach((cell, of) -> cell.pseudoClassStateChanged(LIT, of.equals(entry)));
    }

    /** A cell of a row of pairs, which is that of its entry alone. */
    private void remember(Node cell, int entry) {
        pairs.put(cell, entry);
        cell.setOnMouseEntered(enter -> model.looking().litEntryProperty().set(entry));
        cell.setOnMouseExited(leave -> model.looking().litEntryProperty().set(null));
    }

    private void remember(Node cell, Exact value) {
        cells.put(cell, value);
        cell.pseudoClassStateChanged(
                LIT, value.equals(model.looking().litProperty().get()));
        cell.setOnMouseEntered(enter -> model.looking().litProperty().set(value));
        cell.setOnMouseExited(leave -> model.looking().litProperty().set(null));
    }

    private void row(Working working, List<Columns.Column> columns, boolean weighted, int row, int line) {
        Exact value = working.value(row);
        for (int i = 0; i < columns.size(); i++) {
            Region cell = cell(working.cellText(columns.get(i), row), "table-cell");
            if (working.goesByEntry()) {
                remember(cell, working.entry(row));
            } else {
                remember(cell, value);
            }
            addCell(cell, position(i, weighted ? 1 : 0), line);
        }
        if (weighted) {
            addCell(cell(working.weightText(row), "table-cell"), 1, line);
        }
    }

    private void addCell(Region cell, int column, int line) {
        cell.setMaxWidth(Double.MAX_VALUE);
        add(cell, column, line);
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
}
