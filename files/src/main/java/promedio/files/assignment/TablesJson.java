package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.trail.Trail;
import promedio.files.InputProblem;

/** Data tables, and samples that come from their columns, as JSON: without any data, which the original has. */
final class TablesJson {
    private static final ObjectMapper JSON = new ObjectMapper();

    private TablesJson() {}

    static ObjectNode write(DataTable table) {
        ObjectNode node = JSON.createObjectNode()
                .put("id", table.id())
                .put("name", table.name())
                .put("original", table.original().hash())
                .put("source", table.original().source());
        try {
            node.set("reading", JSON.readTree(table.original().reading()));
        } catch (IOException impossible) {
            throw new IllegalStateException("The reading of " + table + " was written here.", impossible);
        }
        ArrayNode cells = JSON.createArrayNode();
        table.byHand().forEach((place, typed) -> cells.addObject()
                .put("row", place.row())
                .put("column", place.column())
                .put("text", typed));
        ArrayNode heads = JSON.createArrayNode();
        table.heads().forEach((column, head) -> heads.addObject()
                .put("column", column)
                .put("name", head.name())
                .put("unit", head.unit())
                .put("label", head.label()));
        set(node, "cells", cells);
        set(node, "heads", heads);
        if (!table.trail().equals(Trail.NONE)) {
            node.put("trail", table.trail().written());
        }
        set(node, "left-out", RowsJson.write(new ArrayList<>(table.off())));
        return node;
    }

    private static void set(ObjectNode node, String field, ArrayNode some) {
        if (!some.isEmpty()) {
            node.set(field, some);
        }
    }

    /** Reads a table whose original is among some. @throws InputProblem when it is not there or cannot be read */
    static DataTable read(JsonNode node, Originals originals) throws InputProblem {
        return read(node, node.path("id").asText(), originals);
    }

    /** The same under another id. */
    static DataTable read(JsonNode node, String id, Originals originals) throws InputProblem {
        Original original = originals.find(
                node.path("original").asText(),
                node.path("source").asText(),
                node.path("reading").toString());
        Map<DataTable.Place, String> cells = new HashMap<>();
        node.path("cells")
                .forEach(cell -> cells.put(
                        new DataTable.Place(
                                cell.path("row").asInt(-1), cell.path("column").asInt(-1)),
                        cell.path("text").asText()));
        Map<Integer, DataTable.Head> heads = new HashMap<>();
        node.path("heads")
                .forEach(head -> heads.put(
                        head.path("column").asInt(-1),
                        new DataTable.Head(
                                head.path("name").asText(),
                                head.path("unit").asText(),
                                head.path("label").asText())));
        return new DataTable(
                id,
                node.path("name").asText(),
                original,
                cells,
                heads,
                new TreeSet<>(RowsJson.read(node.path("left-out"))),
                trail(node));
    }

    private static Trail trail(JsonNode node) throws InputProblem {
        if (!node.has("trail")) {
            return Trail.NONE;
        }
        try {
            return Trail.read(node.path("trail").asText());
        } catch (Trail.NoTrail problem) {
            throw new InputProblem(problem.sentence());
        }
    }

    static ObjectNode write(Link link) {
        ObjectNode node = JSON.createObjectNode().put("table", link.tableId());
        if (link instanceof Link.Made made) {
            node.put("made", made.column());
            made.second().ifPresent(second -> node.put("second", second));
            if (!made.among().isEmpty()) {
                ArrayNode among = node.putArray("among");
                made.among()
                        .forEach(one ->
                                among.addObject().put("column", one.column()).put("value", one.value()));
            }
        } else if (link instanceof Link.Cells cells) {
            node.put("column", cells.column());
            cells.second().ifPresent(second -> node.put("second", second));
            if (cells.part() instanceof Link.Where where) {
                node.putObject("where").put("column", where.column()).put("value", where.value());
            } else if (cells.part() instanceof Link.Listed listed) {
                node.set("rows", RowsJson.write(listed.rows()));
            }
        }
        return node;
    }

    static Link readLink(JsonNode node) {
        return readLink(node, node.path("table").asText());
    }

    /** The same into a table with another id. */
    static Link readLink(JsonNode node, String tableId) {
        if (node.has("made")) {
            List<Link.Among> among = new ArrayList<>();
            node.path("among")
                    .forEach(one -> among.add(new Link.Among(
                            one.path("column").asText(), one.path("value").asText())));
            Optional<String> second = Optional.of(node.path("second").asText()).filter(name -> node.has("second"));
            return new Link.Made(tableId, node.path("made").asText(), among, second);
        }
        JsonNode where = node.path("where");
        Link.Part part = node.has("where")
                ? new Link.Where(
                        where.path("column").asInt(-1), where.path("value").asText())
                : node.has("rows") ? new Link.Listed(RowsJson.read(node.path("rows"))) : new Link.All();
        Optional<Integer> second =
                node.has("second") ? Optional.of(node.path("second").asInt(-1)) : Optional.empty();
        return new Link.Cells(tableId, node.path("column").asInt(-1), part, second);
    }
}
