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
import java.util.TreeSet;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Following;
import promedio.core.assignment.Foreign;
import promedio.core.assignment.Link;
import promedio.core.assignment.Links;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.data.Entries;
import promedio.core.trail.Sources;
import promedio.core.trail.Walk;
import promedio.files.InputProblem;
import promedio.files.trail.Walks;

/** Whole assignments and their parts as JSON, a line each in the journal. Long columns are written out of the column itself. */
final class WholeJson {
    private static final ObjectMapper JSON = new ObjectMapper();

    private WholeJson() {}

    static ObjectNode write(Assignment assignment) {
        ObjectNode node = JSON.createObjectNode().put("title", assignment.title());
        node.set("card", write(assignment.card()));
        ArrayNode sheets = node.putArray("sheets");
        assignment.sheets().forEach(sheet -> sheets.add(write(sheet)));
        if (!assignment.tables().isEmpty()) {
            ArrayNode tables = node.putArray("tables");
            assignment.tables().forEach(table -> tables.add(TablesJson.write(table)));
        }
        AnswersJson.write(assignment, node);
        TasksJson.write(assignment.tasks(), node);
        PicturesJson.write(assignment.pictures(), node);
        JotterJson.write(assignment.jotter(), node);
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

    static Assignment readAssignment(JsonNode node, Originals originals) {
        CourseCard card = readCard(node.path("card"));
        List<DataTable> tables = new ArrayList<>();
        node.path("tables").forEach(table -> tables.add(readTable(table, originals)));
        List<SampleSheet> sheets = new ArrayList<>();
        node.path("sheets").forEach(sheet -> sheets.add(readSheet(sheet, tables, card)));
        return new Assignment(
                node.path("title").asText(),
                sheets,
                card,
                AnswersJson.readAnswers(node),
                AnswersJson.readAttempts(node),
                readForeign(node.path("foreign")),
                tables,
                TasksJson.read(node),
                PicturesJson.read(node),
                JotterJson.read(node));
    }

    /** @throws IllegalArgumentException when its original is not there or cannot be read */
    static DataTable readTable(JsonNode node, Originals originals) {
        try {
            return TablesJson.read(node, originals);
        } catch (InputProblem problem) {
            throw new IllegalArgumentException(problem.getMessage(), problem);
        }
    }

    private static SampleSheet readSheet(JsonNode node, List<DataTable> tables, CourseCard card) {
        if (!node.has("link")) {
            return readSheet(node);
        }
        Link link = TablesJson.readLink(node.path("link"));
        DataTable table = tables.stream()
                .filter(one -> one.id().equals(link.tableId()))
                .findFirst()
                .orElseThrow();
        SampleSheet filled = Links.filled(withoutEntries(node), link, table, card.numerals());
        if (link instanceof Link.Made) {
            Walk walk = new Walks().of(table, card, Sources.NONE, () -> {});
            filled = Following.settled(filled, table, walk, card.numerals());
        }
        int size = filled.size();
        return filled.switched(readOff(node).stream().filter(row -> row < size).toList(), false);
    }

    /** What is said of a sample whose entries come from elsewhere. */
    static SampleSheet withoutEntries(JsonNode node) {
        boolean pairs = node.path("kind").asText().equals(SampleSheet.Kind.PAIRS.id());
        SampleSheet sheet = new SampleSheet(
                node.path("id").asText(),
                node.path("name").asText(),
                node.path("unit").asText(),
                pairs ? SampleSheet.Kind.PAIRS : SampleSheet.Kind.VALUES,
                pairs ? List.of(Entries.NONE, Entries.NONE) : List.of(Entries.NONE),
                new HashSet<>(readTexts(node.path("missing"))),
                new TreeSet<>(),
                AnswersJson.readTabulation(node.path("classes")));
        return withMore(sheet, node);
    }

    /** A sample with what is said of the two of its pairs, where it is one of pairs, and of its groups. */
    static SampleSheet withMore(SampleSheet sheet, JsonNode node) {
        SampleSheet one = sheet.among(node.path("groups").asText(""));
        return one.isOfPairs() ? one.of(readVariables(node.path("variables"))) : one;
    }

    static ObjectNode write(SampleSheet.Variables variables) {
        return JSON.createObjectNode()
                .put("first", variables.first())
                .put("second", variables.second())
                .put("unit", variables.secondUnit());
    }

    static SampleSheet.Variables readVariables(JsonNode node) {
        return new SampleSheet.Variables(
                node.path("first").asText(),
                node.path("second").asText(),
                node.path("unit").asText());
    }

    private static List<Integer> readOff(JsonNode node) {
        List<Integer> off = new ArrayList<>();
        node.path("off").forEach(row -> off.add(row.asInt()));
        return off;
    }

    static ObjectNode write(CourseCard card) {
        ObjectNode node = JSON.createObjectNode();
        card.differences().forEach(node::put);
        return node;
    }

    static CourseCard readCard(JsonNode node) {
        CourseCard card = CourseCard.STANDARD;
        for (Map.Entry<String, JsonNode> rule : node.properties()) {
            card = card.withRule(rule.getKey(), rule.getValue().asText())
                    .orElseThrow(() -> new IllegalArgumentException("Unknown rule " + rule + "."));
        }
        return card;
    }

    static ObjectNode write(SampleSheet sheet) {
        ObjectNode node = JSON.createObjectNode()
                .put("id", sheet.id())
                .put("name", sheet.name())
                .put("unit", sheet.unit());
        if (sheet.link().isPresent()) {
            node.set("link", TablesJson.write(sheet.link().get()));
        } else {
            ArrayNode columns = node.putArray("columns");
            sheet.columns().forEach(column -> columns.addPOJO(column.texts()));
        }
        node.set("missing", texts(new TreeSet<>(sheet.missingCodes())));
        ArrayNode off = node.putArray("off");
        sheet.off().forEach(off::add);
        node.put("kind", sheet.kind().id());
        sheet.variables().ifPresent(variables -> node.set("variables", write(variables)));
        sheet.tabulation().ifPresent(classes -> node.set("classes", AnswersJson.write(classes)));
        sheet.pasted().ifPresent(text -> node.put("pasted", text));
        if (!sheet.groups().isEmpty()) {
            node.put("groups", sheet.groups());
        }
        return node;
    }

    static SampleSheet readSheet(JsonNode node) {
        List<Entries> columns = new ArrayList<>();
        node.path("columns").forEach(column -> columns.add(readEntries(column)));
        SampleSheet.Kind kind = node.has("kind")
                ? SampleSheet.Kind.find(node.path("kind").asText()).orElseThrow()
                : columns.size() == 2 ? SampleSheet.Kind.FREQUENCIES : SampleSheet.Kind.VALUES;
        SampleSheet sheet = new SampleSheet(
                        node.path("id").asText(),
                        node.path("name").asText(),
                        node.path("unit").asText(),
                        kind,
                        columns,
                        new HashSet<>(readTexts(node.path("missing"))),
                        new TreeSet<>(readOff(node)),
                        AnswersJson.readTabulation(node.path("classes")))
                .readFrom(node.path("pasted").asText(""));
        return withMore(sheet, node);
    }

    static ArrayNode texts(Iterable<String> texts) {
        ArrayNode array = JSON.createArrayNode();
        texts.forEach(array::add);
        return array;
    }

    private static Entries readEntries(JsonNode array) {
        Entries.Builder entries = new Entries.Builder();
        array.forEach(text -> entries.add(text.asText()));
        return entries.build();
    }

    static List<String> readTexts(JsonNode array) {
        List<String> texts = new ArrayList<>();
        array.forEach(text -> texts.add(text.asText()));
        return texts;
    }
}
