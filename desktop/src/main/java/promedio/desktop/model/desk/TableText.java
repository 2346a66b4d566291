package promedio.desktop.model.desk;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import promedio.core.data.Guarded;

/** Rows of cells as text for the clipboard. */
public final class TableText {
    /** What would part a cell in two. */
    private static final Pattern PARTING = Pattern.compile("[\\t\\r\\n]+");

    private TableText() {}

    /** A line a row, with tabs between cells. */
    public static String tabbed(List<List<String>> rows) {
        return rows.stream()
                .map(row -> row.stream()
                        .map(cell -> PARTING.matcher(cell).replaceAll(" "))
                        .collect(Collectors.joining("\t")))
                .collect(Collectors.joining("\n", "", "\n"));
    }

    /** Rows of which no cell is a formula in another program. */
    public static List<List<String>> guarded(List<List<String>> rows) {
        return rows.stream()
                .map(row -> row.stream().map(Guarded::cell).toList())
                .toList();
    }

    /** Rows of an HTML table, in which no cell is a formula in another program. */
    public static String htmlRows(List<List<String>> rows) {
        return guarded(rows).stream()
                .map(row -> row.stream()
                        .map(TableText::escaped)
                        .collect(Collectors.joining("</td><td>", "<tr><td>", "</td></tr>")))
                .collect(Collectors.joining());
    }

    static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
