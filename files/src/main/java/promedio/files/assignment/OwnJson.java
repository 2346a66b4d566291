package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import promedio.core.assignment.Assignment;
import promedio.core.ownwork.CellPlace;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.Quantity;

/** What students work by hand as JSON, the same in the assignment file and in the journal. */
final class OwnJson {
    private static final String WORKINGS = "workings";

    private OwnJson() {}

    static void write(Assignment assignment, ObjectNode to) {
        if (!assignment.workings().isEmpty()) {
            ObjectNode all = to.putObject(WORKINGS);
            new TreeMap<>(assignment.workings()).forEach((id, sheet) -> all.set(id, write(sheet)));
        }
    }

    static ObjectNode write(OwnSheet sheet) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        ArrayNode columns = node.putArray("columns");
        for (OwnSheet.Column column : sheet.columns()) {
            ObjectNode one = columns.addObject().put("heading", column.heading());
            column.is().ifPresent(what -> one.put("is", what.id()));
        }
        ArrayNode rows = node.putArray("cells");
        sheet.rows().forEach(row -> rows.add(WholeJson.texts(row)));
        node.set("totals", WholeJson.texts(sheet.totals()));
        node.set("lines", WholeJson.texts(sheet.lines()));
        if (!sheet.helps().isEmpty()) {
            ArrayNode helps = node.putArray("helped");
            sheet.helps().forEach((place, help) -> helps.addObject()
                    .put("row", place.row())
                    .put("column", place.column())
                    .put("hints", help.hints())
                    .put("shown", help.shown()));
        }
        return node;
    }

    static OwnSheet read(JsonNode node) {
        List<OwnSheet.Column> columns = new ArrayList<>();
        for (JsonNode column : node.path("columns")) {
            Optional<Quantity> is = Quantity.find(column.path("is").asText());
            columns.add(new OwnSheet.Column(column.path("heading").asText(), is));
        }
        List<List<String>> rows = new ArrayList<>();
        node.path("cells").forEach(row -> rows.add(WholeJson.readTexts(row)));
        Map<CellPlace, OwnSheet.Help> helps = new LinkedHashMap<>();
        for (JsonNode help : node.path("helped")) {
            helps.put(
                    new CellPlace(help.path("row").asInt(), help.path("column").asInt()),
                    new OwnSheet.Help(
                            help.path("hints").asInt(), help.path("shown").asBoolean()));
        }
        return new OwnSheet(
                columns,
                rows,
                WholeJson.readTexts(node.path("totals")),
                WholeJson.readTexts(node.path("lines")),
                helps);
    }

    /**
     * The workings that a document holds, by sample.
     *
     * @param here the id that a sample of the document has
     * @param known whether there is such a sample
     * @param odd takes what is not as it was kept: where it stands, and what it is
     */
    static Map<String, OwnSheet> read(
            JsonNode from, UnaryOperator<String> here, Predicate<String> known, BiConsumer<String, JsonNode> odd) {
        Map<String, OwnSheet> workings = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> one : from.path(WORKINGS).properties()) {
            String id = here.apply(one.getKey());
            OwnSheet sheet = read(one.getValue());
            if (!known.test(id)) {
                odd.accept("/" + WORKINGS + "/" + AssignmentSchema.escaped(one.getKey()), one.getValue());
                continue;
            }
            if (!write(sheet).equals(one.getValue())) {
                // Rows of another length, or more than anybody writes: what is left of it is used, the whole is kept.
                odd.accept("/" + WORKINGS + "/" + AssignmentSchema.escaped(one.getKey()), one.getValue());
            }
            workings.put(id, sheet);
        }
        return workings;
    }
}
