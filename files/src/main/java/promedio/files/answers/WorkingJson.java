package promedio.files.answers;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import promedio.core.number.SignificantText;
import promedio.core.ownwork.CellMark;
import promedio.core.ownwork.OwnMarks;
import promedio.core.ownwork.OwnSaid;
import promedio.core.ownwork.Quantity;

/** A student's own table, marked, as JSON: definitions for relations, section 16. */
public final class WorkingJson {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int DIGITS = 15;

    private WorkingJson() {}

    /**
     * The marks of a table.
     *
     * @param source what the table is called
     * @param lines the marks of the lines below it
     */
    public static ObjectNode of(String source, OwnMarks marks, List<ObjectNode> lines) {
        ObjectNode object = JSON.createObjectNode().put("source", source);
        ArrayNode columns = object.putArray("columns");
        for (int column = 0; column < marks.columns().size(); column++) {
            columns.addObject()
                    .put("heading", marks.table().headings().get(column))
                    .put("is", marks.columns().get(column).map(Quantity::id).orElse(null));
        }
        ArrayNode cells = object.putArray("cells");
        for (List<Optional<CellMark>> row : marks.cells()) {
            ArrayNode line = cells.addArray();
            row.forEach(cell -> add(line, cell));
        }
        ArrayNode totals = object.putArray("totals");
        marks.totals().forEach(total -> add(totals, total));
        object.putArray("lines").addAll(lines);
        object.put(
                "assumed-mean",
                marks.assumedMean()
                        .map(origin -> SignificantText.of(origin, DIGITS))
                        .orElse(null));
        Map<CellMark.Verdict, Integer> counts = marks.summary();
        ObjectNode summary = object.putObject("summary");
        for (CellMark.Verdict verdict : CellMark.Verdict.values()) {
            boolean always = verdict.compareTo(CellMark.Verdict.EMPTY) < 0;
            if (always || counts.get(verdict) > 0) {
                summary.put(verdict.id(), counts.get(verdict));
            }
        }
        return object;
    }

    private static void add(ArrayNode to, Optional<CellMark> mark) {
        if (mark.isEmpty()) {
            to.addNull();
            return;
        }
        CellMark cell = mark.get();
        ObjectNode node = to.addObject().put("verdict", cell.verdict().id());
        cell.expected().ifPresent(right -> node.put("expected", OwnSaid.expected(cell, right)));
        if (cell.first()) {
            node.put("first", true);
        }
        cell.slip().ifPresent(slip -> node.put("slip", slip.id()));
    }
}
