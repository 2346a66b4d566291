package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Following;
import promedio.core.assignment.Foreign;
import promedio.core.assignment.Link;
import promedio.core.assignment.Links;
import promedio.core.assignment.Original;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.UsedIds;
import promedio.core.course.CourseCard;
import promedio.core.data.Entries;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;
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
        OwnJson.write(assignment, node);
        writeUsed(assignment, node);
        if (!assignment.foreign().equals(Foreign.NOTHING)) {
            node.set("foreign", write(assignment.foreign()));
        }
        return node;
    }

    /** The ids that were given, where they do not follow from what is there. */
    static void writeUsed(Assignment assignment, ObjectNode to) {
        UsedIds used = assignment.used();
        if (!used.equals(UsedIds.of(assignment.sheets(), assignment.tables()))) {
            to.putObject("used").put("samples", used.samples()).put("tables", used.tables());
        }
    }

    static UsedIds readUsed(JsonNode from) {
        JsonNode used = from.path("used");
        return new UsedIds(used.path("samples").asInt(), used.path("tables").asInt());
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
        ArrayNode pieces = node.putArray("pieces");
        foreign.pieces()
                .forEach(piece -> pieces.addObject().put("at", piece.at()).put("value", piece.value()));
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
        List<Foreign.Piece> pieces = new ArrayList<>();
        node.path("pieces")
                .forEach(piece -> pieces.add(new Foreign.Piece(
                        piece.path("at").asText(), piece.path("value").asText())));
        return new Foreign(rules, samples, pieces);
    }

    /** @param lost takes the names of tables that cannot be had, and of samples of their columns, which are left out */
    static Assignment readAssignment(JsonNode node, Originals originals, LostTables lost) {
        CourseCard card = readCard(node.path("card"));
        List<DataTable> tables = new ArrayList<>();
        for (JsonNode table : node.path("tables")) {
            try {
                tables.add(readTable(table, originals));
            } catch (LostTables.Lost gone) {
                lost.add(gone.name());
            }
        }
        List<SampleSheet> sheets = new ArrayList<>();
        for (JsonNode sheet : node.path("sheets")) {
            readSheet(sheet, tables, card)
                    .ifPresentOrElse(
                            sheets::add, () -> lost.add(sheet.path("name").asText()));
        }
        return Assignment.EMPTY.with(all -> all.title(node.path("title").asText())
                .sheets(sheets)
                .card(card)
                .attempts(AnswersJson.readAttempts(node, UnaryOperator.identity()))
                .asking(AnswersJson.readAsking(node))
                .foreign(readForeign(node.path("foreign")))
                .tables(tables)
                .tasks(TasksJson.read(node))
                .pictures(PicturesJson.read(node))
                .jotter(JotterJson.read(node))
                .workings(OwnJson.read(node, UnaryOperator.identity(), id -> true, (at, value) -> {}))
                .used(readUsed(node)));
    }

    /** @throws LostTables.Lost when its original is not there or cannot be read */
    static DataTable readTable(JsonNode node, Originals originals) {
        try {
            return TablesJson.read(node, originals);
        } catch (InputProblem problem) {
            throw new LostTables.Lost(node.path("name").asText(), problem);
        }
    }

    /** @throws LostTables.Lost when it is not there or cannot be read */
    static Original readOriginal(JsonNode node, Originals originals) {
        try {
            return TablesJson.original(node, originals);
        } catch (InputProblem problem) {
            throw new LostTables.Lost(node.path("source").asText(), problem);
        }
    }

    /** A sample; nothing where it is one of a column of a table that is not there. */
    private static Optional<SampleSheet> readSheet(JsonNode node, List<DataTable> tables, CourseCard card) {
        if (!node.has("link")) {
            return Optional.of(readSheet(node));
        }
        Link link = TablesJson.readLink(node.path("link"));
        Optional<DataTable> table =
                tables.stream().filter(one -> one.id().equals(link.tableId())).findFirst();
        if (node.has("columns")) {
            SampleSheet sheet = readSheet(node);
            return Optional.of(table.isPresent() ? sheet : Links.unlinked(sheet));
        }
        return table.map(one -> {
            SampleSheet filled = Links.filled(withoutEntries(node), link, one, card.numerals());
            if (link instanceof Link.Made) {
                filled = Following.settled(filled, one, new Walks().of(one, card, () -> {}), card.numerals());
            }
            int size = filled.size();
            return filled.switched(
                    readOff(node).stream().filter(row -> row < size).toList(), false);
        });
    }

    /** What is said of a sample whose entries come from elsewhere. */
    static SampleSheet withoutEntries(JsonNode node) {
        SampleKind kind = SampleKind.find(node.path("kind").asText())
                .filter(one -> one.can(Use.LINKED))
                .orElse(SampleKind.VALUES);
        SampleSheet sheet = new SampleSheet(
                node.path("id").asText(),
                node.path("name").asText(),
                node.path("unit").asText(),
                kind,
                Collections.nCopies(kind.width(), Entries.NONE),
                new HashSet<>(readTexts(node.path("missing"))),
                new TreeSet<>(),
                AnswersJson.readTabulation(node.path("classes")));
        return withMore(sheet, node);
    }

    /** A sample with what is said of the two of its pairs, where it is one of pairs, and of its groups. */
    static SampleSheet withMore(SampleSheet sheet, JsonNode node) {
        SampleSheet one = sheet.among(node.path("groups").asText(""));
        return one.can(Use.VARIABLES) ? one.of(readVariables(node.path("variables"))) : one;
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
        sheet.link().ifPresent(link -> node.set("link", TablesJson.write(link)));
        if (AssignmentJson.hasEntries(sheet)) {
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
        SampleKind kind = node.has("kind")
                ? SampleKind.find(node.path("kind").asText()).orElseThrow()
                : columns.size() == 2 ? SampleKind.FREQUENCIES : SampleKind.VALUES;
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
        SampleSheet whole = withMore(sheet, node);
        return node.has("link") ? Links.linked(whole, TablesJson.readLink(node.path("link"))) : whole;
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
