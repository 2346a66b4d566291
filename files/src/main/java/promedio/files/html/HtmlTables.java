package promedio.files.html;

import java.util.Optional;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;

/** Tables in HTML as text with a tab between cells; nothing that the HTML names is fetched. */
public final class HtmlTables {
    /** A longer text is taken as it is. */
    private static final int LONGEST = 20_000_000;

    private HtmlTables() {}

    /** The rows of the first table that has two cells or more; empty where there is none. A merged cell counts once, at its first place. */
    public static Optional<String> text(String html) {
        if (html.length() > LONGEST || !html.toLowerCase(java.util.Locale.ROOT).contains("<table")) {
            return Optional.empty();
        }
        return Jsoup.parse(html).select("table").stream()
                .filter(table -> table.select("td, th").size() > 1
                        && table.select("table").size() == 1)
                .findFirst()
                .map(HtmlTables::rows);
    }

    private static String rows(Element table) {
        return table.select("tr").stream()
                .map(HtmlTables::cells)
                .filter(row -> !row.isBlank())
                .collect(Collectors.joining("\n"));
    }

    private static String cells(Element row) {
        return row.select("td, th").stream().map(HtmlTables::cell).collect(Collectors.joining("\t"));
    }

    /** A cell's text, and the empty places of those it is merged with. */
    private static String cell(Element cell) {
        String span = cell.attr("colspan");
        int wide = span.matches("[0-9]{1,3}") ? Math.max(1, Integer.parseInt(span)) : 1;
        cell.select("sup, sub").stream()
                .filter(small -> small.text().matches("\\[.*]"))
                .forEach(Element::remove);
        return cell.text().replace('\t', ' ').strip() + "\t".repeat(wide - 1);
    }
}
