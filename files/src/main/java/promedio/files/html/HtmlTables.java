package promedio.files.html;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.select.NodeTraversor;
import org.jsoup.select.NodeVisitor;

/** Tables in HTML; nothing that the HTML names is fetched. */
public final class HtmlTables {
    /** A longer text is taken as it is. */
    private static final int LONGEST = 40_000_000;

    private HtmlTables() {}

    /**
     * A table.
     *
     * @param name its caption, or its number
     * @param rows its cells; a merged cell counts once, at its first place
     */
    public record Found(String name, List<List<String>> rows) {}

    /** The tables that have two cells or more. */
    public static List<Found> all(String html) {
        if (html.length() > LONGEST || !html.toLowerCase(Locale.ROOT).contains("<table")) {
            return List.of();
        }
        List<Found> found = new ArrayList<>();
        for (Element table : innermost(Jsoup.parse(html))) {
            if (table.select("td, th").size() > 1) {
                String caption = table.select("caption").text().strip();
                found.add(new Found(caption.isEmpty() ? "table " + (found.size() + 1) : caption, rows(table)));
            }
        }
        return found;
    }

    /** The tables that hold no other, each looked at once however deep they stand. */
    private static List<Element> innermost(Element page) {
        List<Element> tables = new ArrayList<>();
        Set<Element> outer = Collections.newSetFromMap(new IdentityHashMap<>());
        Deque<Element> open = new ArrayDeque<>();
        NodeTraversor.traverse(
                new NodeVisitor() {
                    @Override
                    public void head(Node node, int depth) {
                        if (node instanceof Element element
                                && element.normalName().equals("table")) {
                            outer.addAll(open.isEmpty() ? List.of() : List.of(open.peek()));
                            open.push(element);
                            tables.add(element);
                        }
                    }

                    @Override
                    public void tail(Node node, int depth) {
                        if (!open.isEmpty() && open.peek() == node) {
                            open.pop();
                        }
                    }
                },
                page);
        tables.removeIf(outer::contains);
        return tables;
    }

    /** The rows of the first of them as text with a tab between cells; empty where there is none. */
    public static Optional<String> text(String html) {
        return all(html).stream().findFirst().map(table -> table.rows().stream()
                .map(row -> String.join("\t", row))
                .filter(row -> !row.isBlank())
                .collect(Collectors.joining("\n")));
    }

    /** The rows; a cell that reaches over several rows leaves the places below it empty. */
    private static List<List<String>> rows(Element table) {
        List<List<String>> rows = new ArrayList<>();
        int[] below = new int[0];
        for (Element row : table.select("tr")) {
            List<String> cells = new ArrayList<>();
            List<Integer> reach = new ArrayList<>();
            for (Element cell : row.select("td, th")) {
                below = emptied(below, cells, reach);
                cells.add(text(cell));
                int high = span(cell, "rowspan");
                int wide = span(cell, "colspan");
                reach.add(high - 1);
                for (int i = 1; i < wide; i++) {
                    cells.add("");
                    reach.add(high - 1);
                }
            }
            below = emptied(below, cells, reach);
            below = reach.stream().mapToInt(Integer::intValue).toArray();
            rows.add(cells);
        }
        return rows;
    }

    /** Puts empty cells where one from above reaches down. */
    private static int[] emptied(int[] below, List<String> cells, List<Integer> reach) {
        while (cells.size() < below.length && below[cells.size()] > 0) {
            reach.add(below[cells.size()] - 1);
            cells.add("");
        }
        return below;
    }

    private static int span(Element cell, String which) {
        String span = cell.attr(which);
        return span.matches("[0-9]{1,3}") ? Math.max(1, Integer.parseInt(span)) : 1;
    }

    private static String text(Element cell) {
        cell.select("sup, sub").stream()
                .filter(small -> small.text().matches("\\[.*]"))
                .forEach(Element::remove);
        return cell.text().replace('\t', ' ').strip();
    }
}
