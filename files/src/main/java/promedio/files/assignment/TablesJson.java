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
        ObjectNode node = JSON.createObjectNode().put("id", table.id()).put("name", table.name());
        write(table.original(), node);
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
        ArrayNode joined = JSON.createArrayNode();
        table.joined()
                .forEach((file, original) -> write(original, joined.addObject().put("file", file)));
        set(node, "joined", joined);
        return node;
    }

    /** What an original is: its bytes by their name, and how they are read. */
    static ObjectNode write(Original original) {
        return write(original, JSON.createObjectNode());
    }

    private static ObjectNode write(Original original, ObjectNode into) {
        into.put("original", original.hash()).put("source", original.source());
        try {
            return into.set("reading", JSON.readTree(original.reading()));
        } catch (IOException impossible) {
            throw new IllegalStateException("The reading of " + original + " was written here.", impossible);
        }
    }

    /** An original among some. @throws InputProblem when it is not there or cannot be read */
    static Original original(JsonNode node, Originals originals) throws InputProblem {
        return originals.find(
                node.path("original").asText(),
                node.path("source").asText(),
                node.path("reading").toString());
    }

    private static Optional<Original> found(JsonNode node, Originals originals) {
        try {
            return Optional.of(original(node, originals));
        } catch (InputProblem gone) {
            return Optional.empty();
        }
    }

    /** The names of all originals that a table needs. */
    static List<String> originals(JsonNode table) {
        List<String> names = new ArrayList<>();
        names.add(table.path("original").asText());
        table.path("joined").forEach(one -> names.add(one.path("original").asText()));
        return names;
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
        Original original = original(node, originals);
        Map<String, Original> joined = new HashMap<>();
        for (JsonNode one : node.path("joined")) {
            // Where it is gone, the step that names it says that it is not at hand, and how it is handed over.
            found(one, originals)
                    .ifPresent(kept -> once(joined.put(one.path("file").asText(), kept)));
        }
        Map<DataTable.Place, String> cells = new HashMap<>();
        node.path("cells")
                .forEach(cell -> once(cells.put(
                        new DataTable.Place(
                                cell.path("row").asInt(-1), cell.path("column").asInt(-1)),
                        cell.path("text").asText())));
        Map<Integer, DataTable.Head> heads = new HashMap<>();
        node.path("heads")
                .forEach(head -> once(heads.put(
                        head.path("column").asInt(-1),
                        new DataTable.Head(
                                head.path("name").asText(),
                                head.path("unit").asText(),
                                head.path("label").asText()))));
        return new DataTable(
                id,
                node.path("name").asText(),
                original,
                cells,
                heads,
                new TreeSet<>(RowsJson.read(
                        node.path("left-out"), original.read().table().rows())),
                trail(node),
                joined);
    }

    /** @throws IllegalArgumentException for a place that was said something of before */
    private static void once(Object before) {
        if (before != null) {
            throw new IllegalArgumentException("Two things are said of one place.");
        }
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
        return readLink(node, node.path("table").asText(), Budget.MOST_ENTRIES);
    }

    /** The same into a table with another id, of so many rows. @throws IllegalArgumentException for a place that is said in two ways, or in none */
    static Link readLink(JsonNode node, String tableId, int size) {
        boolean made = node.has("made");
        JsonNode other = node.path("second");
        boolean plain = made
                ? !node.has("column") && !node.has("where") && !node.has("rows")
                : node.has("column") && !node.has("among") && !(node.has("where") && node.has("rows"));
        if (!plain || !other.isMissingNode() && other.isTextual() != made) {
            throw new IllegalArgumentException("There is no such place: " + node + ".");
        }
        if (made) {
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
                : node.has("rows") ? new Link.Listed(RowsJson.read(node.path("rows"), size)) : new Link.All();
        Optional<Integer> second =
                node.has("second") ? Optional.of(node.path("second").asInt(-1)) : Optional.empty();
        return new Link.Cells(tableId, node.path("column").asInt(-1), part, second);
    }
}
