package promedio.desktop.model.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import promedio.core.formula.Columns;
import promedio.core.working.Working;

/** A working as text for the clipboard: its lines, and its table with tabs or as HTML. */
public final class WorkingText {
    private static final int MOST_ROWS = 2_000;

    private WorkingText() {}

    /** Lines of plain text, then the table with tabs. */
    public static String plain(Working working) {
        String lines = working.lines().stream()
                .map(line -> line.notation().text())
                .collect(Collectors.joining("\n", "", "\n"));
        String table =
                table(working).stream().map(row -> String.join("\t", row)).collect(Collectors.joining("\n"));
        return table.isEmpty() ? lines : lines + "\n" + table + "\n";
    }

    /** Paragraphs with MathML, then the table. */
    public static String html(Working working) {
        String lines = working.lines().stream()
                .map(line -> "<p>" + line.notation().mathMl() + "</p>")
                .collect(Collectors.joining());
        List<List<String>> rows = table(working);
        if (rows.isEmpty()) {
            return lines;
        }
        String heads = working.columns().stream()
                .map(column -> "<th>" + working.head(column).mathMl() + "</th>")
                .collect(Collectors.joining());
        if (working.isWeighted()) {
            heads = heads.replaceFirst("</th>", "</th><th><math><mi>f</mi></math></th>");
        }
        return lines + "<table><tr>" + heads + "</tr>" + TableText.htmlRows(rows.subList(1, rows.size())) + "</table>";
    }

    /** Heads, rows, totals; empty where the working needs no table. */
    private static List<List<String>> table(Working working) {
        List<Columns.Column> columns = working.columns();
        List<List<String>> rows = new ArrayList<>();
        if (columns.isEmpty()) {
            return rows;
        }
        List<String> heads = new ArrayList<>();
        columns.forEach(column -> heads.add(working.head(column).text()));
        rows.add(withWeight(working, heads, "f"));
        for (int row = 0; row < Math.min(working.rows(), MOST_ROWS); row++) {
            List<String> cells = new ArrayList<>();
            for (Columns.Column column : columns) {
                cells.add(working.cellText(column, row));
            }
            rows.add(withWeight(working, cells, working.weightText(row)));
        }
        List<String> totals = new ArrayList<>();
        columns.forEach(column -> totals.add(working.totalText(column).orElse("")));
        rows.add(withWeight(working, totals, working.countText()));
        return rows;
    }

    private static List<String> withWeight(Working working, List<String> cells, String weight) {
        if (working.isWeighted()) {
            cells.add(1, weight);
        }
        return cells;
    }
}
