package promedio.desktop.model.desk;

import java.util.List;
import java.util.stream.Collectors;
import promedio.core.data.Guarded;

/** Rows of cells as text for the clipboard. */
public final class TableText {
    private TableText() {}

    /** A line a row, with tabs between cells. */
    public static String tabbed(List<List<String>> rows) {
        return rows.stream()
                .map(row -> row.stream().map(Guarded::cell).collect(Collectors.joining("\t")))
                .collect(Collectors.joining("\n", "", "\n"));
    }

    /** Rows of an HTML table. */
    public static String htmlRows(List<List<String>> rows) {
        return rows.stream()
                .map(row -> row.stream()
                        .map(cell -> escaped(Guarded.cell(cell)))
                        .collect(Collectors.joining("</td><td>", "<tr><td>", "</td></tr>")))
                .collect(Collectors.joining());
    }

    static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
