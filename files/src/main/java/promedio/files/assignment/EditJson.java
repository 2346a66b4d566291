package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Entries;
import promedio.core.assignment.Foreign;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;

/** Edits and whole assignments as JSON, a line each in the journal. Long columns are written out of the column itself. */
final class EditJson {
    private static final ObjectMapper JSON = new ObjectMapper();

    private EditJson() {}

    static ObjectNode write(Assignment assignment) {
        ObjectNode node = JSON.createObjectNode().put("title", assignment.title());
        node.set("card", write(assignment.card()));
        ArrayNode sheets = node.putArray("sheets");
        assignment.sheets().forEach(sheet -> sheets.add(write(sheet)));
        AnswersJson.write(assignment, node);
        if (!assignment.foreign().equals(Foreign.NOTHING)) {
            node.set("foreign", write(assignment.foreign()));
        }
        return node;
    }

    private static ObjectNode write(Foreign foreign) {
        ObjectNode node = JSON.createObjectNode();
        ObjectNode rules = node.putObject("rules");
        foreign.rules().forEach(rules::put);
        ArrayNode samples = node.putArray("samples");
        foreign.samples().forEach(sample -> samples.addObject()
                .put("at", sample.at())
                .put("id", sample.id())
                .put("name", sample.name())
                .put("kind", sample.kind())
                .put("description", sample.description())
                .put("content", sample.content()));
        return node;
    }

    private static Foreign readForeign(JsonNode node) {
        Map<String, String> rules = new LinkedHashMap<>();
        node.path("rules")
                .properties()
                .forEach(rule -> rules.put(rule.getKey(), rule.getValue().asText()));
        List<Foreign.Unread> samples = new ArrayList<>();
        node.path("samples")
                .forEach(sample -> samples.add(new Foreign.Unread(
                        sample.path("at").asInt(),
                        sample.path("id").asText(),
                        sample.path("name").asText(),
                        sample.path("kind").asText(),
                        sample.path("description").asText(),
                        sample.path("content").asText())));
        return new Foreign(rules, samples);
    }

    static Assignment readAssignment(JsonNode node) {
        List<SampleSheet> sheets = new ArrayList<>();
        node.path("sheets").forEach(sheet -> sheets.add(readSheet(sheet)));
        return new Assignment(
                node.path("title").asText(),
                sheets,
                readCard(node.path("card")),
                AnswersJson.readAnswers(node),
                AnswersJson.readAttempts(node),
                readForeign(node.path("foreign")));
    }

    private static ObjectNode write(CourseCard card) {
        ObjectNode node = JSON.createObjectNode();
        card.differences().forEach(node::put);
        return node;
    }

    private static CourseCard readCard(JsonNode node) {
        CourseCard card = CourseCard.STANDARD;
        for (Map.Entry<String, JsonNode> rule : node.properties()) {
            card = card.withRule(rule.getKey(), rule.getValue().asText())
                    .orElseThrow(() -> new IllegalArgumentException("Unknown rule " + rule + "."));
        }
        return card;
    }

    private static ObjectNode write(SampleSheet sheet) {
        ObjectNode node = JSON.createObjectNode()
                .put("id", sheet.id())
                .put("name", sheet.name())
                .put("unit", sheet.unit());
        ArrayNode columns = node.putArray("columns");
        sheet.columns().forEach(column -> columns.addPOJO(column.texts()));
        node.set("missing", texts(new TreeSet<>(sheet.missingCodes())));
        ArrayNode off = node.putArray("off");
        sheet.off().forEach(off::add);
        node.put("kind", sheet.kind().id());
        sheet.tabulation().ifPresent(classes -> node.set("classes", AnswersJson.write(classes)));
        return node;
    }

    private static SampleSheet readSheet(JsonNode node) {
        List<Entries> columns = new ArrayList<>();
        node.path("columns").forEach(column -> columns.add(readEntries(column)));
        TreeSet<Integer> off = new TreeSet<>();
        node.path("off").forEach(row -> off.add(row.asInt()));
        SampleSheet.Kind kind = node.has("kind")
                ? SampleSheet.Kind.find(node.path("kind").asText()).orElseThrow()
                : columns.size() == 2 ? SampleSheet.Kind.FREQUENCIES : SampleSheet.Kind.VALUES;
        return new SampleSheet(
                node.path("id").asText(),
                node.path("name").asText(),
                node.path("unit").asText(),
                kind,
                columns,
                new HashSet<>(readTexts(node.path("missing"))),
                off,
                AnswersJson.readTabulation(node.path("classes")));
    }

    private static ArrayNode texts(Iterable<String> texts) {
        ArrayNode array = JSON.createArrayNode();
        texts.forEach(array::add);
        return array;
    }

    private static Entries readEntries(JsonNode array) {
        Entries.Builder entries = new Entries.Builder();
        array.forEach(text -> entries.add(text.asText()));
        return entries.build();
    }

    private static List<String> readTexts(JsonNode array) {
        List<String> texts = new ArrayList<>();
        array.forEach(text -> texts.add(text.asText()));
        return texts;
    }

    /** Rows, ascending, as runs of neighbours: from, count, from, count … */
    private static ArrayNode rows(List<Integer> rows) {
        ArrayNode runs = JSON.createArrayNode();
        for (int begin = 0, end; begin < rows.size(); begin = end) {
            end = begin + 1;
            while (end < rows.size() && rows.get(end) == rows.get(end - 1) + 1) {
                end++;
            }
            runs.add(rows.get(begin)).add(end - begin);
        }
        return runs;
    }

    /** Rows as runs; or a single run or row, as version 1 wrote them. */
    private static List<Integer> readRows(JsonNode node) {
        List<Integer> runs = new ArrayList<>();
        if (node.has("rows")) {
            node.path("rows").forEach(number -> runs.add(number.asInt(-1)));
        } else {
            runs.add(node.path(node.has("row") ? "row" : "from").asInt(-1));
            runs.add(node.path("count").asInt(1));
        }
        List<Integer> rows = new ArrayList<>();
        for (int i = 0; i + 1 < runs.size(); i += 2) {
            int from = runs.get(i);
            int count = runs.get(i + 1);
            if (from < 0 || count < 0 || rows.size() + (long) count > Budget.MOST_ENTRIES) {
                throw new IllegalArgumentException("There are no such rows: " + runs + ".");
            }
            for (int row = from; row < from + count; row++) {
                rows.add(row);
            }
        }
        return rows;
    }

    static ObjectNode write(Edit edit) {
        ObjectNode node = JSON.createObjectNode();
        if (edit instanceof Edit.Retitle retitle) {
            node.put("edit", "title").put("title", retitle.title());
        } else if (edit instanceof Edit.ChangeCard change) {
            node.put("edit", "card").set("card", write(change.card()));
        } else if (edit instanceof Edit.AddSheet add) {
            node.put("edit", "add").put("at", add.at()).set("sheet", write(add.sheet()));
        } else if (edit instanceof Edit.RemoveSheet remove) {
            node.put("edit", "remove").put("sample", remove.sheetId());
        } else if (edit instanceof Edit.Rename rename) {
            node.put("edit", "rename")
                    .put("sample", rename.sheetId())
                    .put("name", rename.newName())
                    .put("unit", rename.unit());
        } else if (edit instanceof Edit.SetEntry set) {
            node.put("edit", "entry")
                    .put("sample", set.sheetId())
                    .put("column", set.column())
                    .put("row", set.row())
                    .put("typed", set.typed());
        } else if (edit instanceof Edit.InsertRows insert) {
            node.put("edit", "insert").put("sample", insert.sheetId()).put("at", insert.at());
            ArrayNode columns = node.putArray("columns");
            insert.byColumn().forEach(columns::addPOJO);
        } else if (edit instanceof Edit.RemoveRows remove) {
            node.put("edit", "take-out").put("sample", remove.sheetId()).set("rows", rows(remove.rows()));
        } else if (edit instanceof Edit.SwitchEntries change) {
            node.put("edit", "switch")
                    .put("sample", change.sheetId())
                    .put("on", change.on())
                    .set("rows", rows(change.rows()));
        } else if (edit instanceof Edit.MoveUnit move) {
            node.put("edit", "unit")
                    .put("sample", move.sheetId())
                    .put("row", move.row())
                    .put("to", move.to());
        } else if (edit instanceof Edit.Together together) {
            ArrayNode edits =
                    node.put("edit", "together").put("name", together.name()).putArray("edits");
            together.edits().forEach(one -> edits.add(write(one)));
        } else if (edit instanceof Edit.Tabulate tabulate) {
            node.put("edit", "tabulate").put("sample", tabulate.sheetId());
            tabulate.tabulation().ifPresent(classes -> node.set("classes", AnswersJson.write(classes)));
        } else if (edit instanceof Edit.SetMissingCodes codes) {
            node.put("edit", "missing")
                    .put("sample", codes.sheetId())
                    .set("codes", texts(new TreeSet<>(codes.codes())));
        } else if (edit instanceof Edit.CoverFigures cover) {
            node.put("edit", "cover").put("on", cover.cover());
        } else if (edit instanceof Edit.LiftCover lift) {
            node.put("edit", "lift").put("sample", lift.sheetId()).put("measure", lift.measure());
        } else if (edit instanceof Edit.WriteAnswer answer) {
            node.put("edit", "answer")
                    .put("sample", answer.sheetId())
                    .put("measure", answer.measure())
                    .put("answer", answer.text());
        } else {
            throw new IllegalStateException("There is no way to write down " + edit.name() + ".");
        }
        return node;
    }

    /** @throws IllegalArgumentException for an edit that this version does not know */
    static Edit readEdit(JsonNode node) {
        String sample = node.path("sample").asText();
        return switch (node.path("edit").asText()) {
            case "title" -> new Edit.Retitle(node.path("title").asText());
            case "card" -> new Edit.ChangeCard(readCard(node.path("card")));
            case "add" -> new Edit.AddSheet(node.path("at").asInt(), readSheet(node.path("sheet")));
            case "remove" -> new Edit.RemoveSheet(sample);
            case "rename" ->
                new Edit.Rename(
                        sample, node.path("name").asText(), node.path("unit").asText());
            case "entry" ->
                new Edit.SetEntry(
                        sample,
                        node.path("column").asInt(),
                        node.path("row").asInt(),
                        node.path("typed").asText());
            case "insert" -> {
                List<List<String>> columns = new ArrayList<>();
                node.path("columns").forEach(column -> columns.add(readTexts(column)));
                yield new Edit.InsertRows(sample, node.path("at").asInt(), columns);
            }
            case "take-out" -> new Edit.RemoveRows(sample, readRows(node));
            case "switch" ->
                new Edit.SwitchEntries(sample, readRows(node), node.path("on").asBoolean());
            case "unit" ->
                new Edit.MoveUnit(
                        sample, node.path("row").asInt(), node.path("to").asText());
            case "together" -> {
                List<Edit> edits = new ArrayList<>();
                node.path("edits").forEach(one -> edits.add(readEdit(one)));
                yield new Edit.Together(node.path("name").asText(), edits);
            }
            case "tabulate" -> new Edit.Tabulate(sample, AnswersJson.readTabulation(node.path("classes")));
            case "missing" -> new Edit.SetMissingCodes(sample, Set.copyOf(readTexts(node.path("codes"))));
            case "cover" -> new Edit.CoverFigures(node.path("on").asBoolean());
            case "lift" -> new Edit.LiftCover(sample, node.path("measure").asText());
            case "answer" ->
                new Edit.WriteAnswer(
                        sample,
                        node.path("measure").asText(),
                        node.path("answer").asText());
            default -> throw new IllegalArgumentException("Unknown edit " + node.path("edit") + ".");
        };
    }
}
