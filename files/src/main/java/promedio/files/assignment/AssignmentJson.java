package promedio.files.assignment;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Following;
import promedio.core.assignment.Foreign;
import promedio.core.assignment.Link;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Visible;

/** The document of an assignment file: what is said of the samples, the course card and the answers. */
final class AssignmentJson {
    static final String TABLES = "tables";
    static final String SAMPLES = "samples";
    private static final ObjectMapper JSON = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);
    private static final ObjectMapper STRICT = JsonMapper.builder(JsonFactory.builder()
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .build();

    /** What a document may need to be understood. */
    private static final String TRAILS = "trails";
    /** Samples of what steps make. */
    private static final String FOLLOWING = "following";
    /** Samples of two columns of a table. */
    private static final String PAIRS = "pairs";

    private static final Set<String> UNDERSTOOD = Set.of(TABLES, TRAILS, FOLLOWING, PAIRS);

    private AssignmentJson() {}

    /** The name of the part that holds the original of a table. */
    static String partOf(String hash) {
        return "tables/" + hash;
    }

    /** The original that a part holds by its name; empty where it holds none. */
    static Optional<String> originalOf(String part) {
        return Optional.of(part)
                .filter(name -> name.startsWith("tables/"))
                .map(name -> name.substring("tables/".length()))
                .filter(Originals::isHash);
    }

    /** The name of the part that holds the entries of a sample, by its place: never anything that a file says. */
    static String partName(int place) {
        return "samples/s" + (place + 1) + ".csv";
    }

    /** Whether the entries of a sample are written: not where they are cells of a table that is written, too. */
    static boolean hasEntries(SampleSheet sheet) {
        return !(sheet.link().orElse(null) instanceof Link.Cells);
    }

    static byte[] bytes(ObjectNode document) throws JsonProcessingException {
        return JSON.writeValueAsBytes(document);
    }

    /** Reads a document, all of it; one in which something stands twice, or behind its end, or a number without end, is none. */
    static JsonNode parse(byte[] document) throws IOException {
        try {
            return STRICT.readTree(document);
        } catch (NumberFormatException endless) {
            throw new JsonParseException(null, "A number has too many digits.", endless);
        }
    }

    private static BigDecimal version(JsonNode document) {
        JsonNode version = document.path("version");
        return version.isNumber() ? version.decimalValue() : BigDecimal.ZERO;
    }

    /** Whether a document was written by a newer version, or needs something to be understood that is not known here. */
    static boolean isNewer(JsonNode document) {
        boolean needs = false;
        for (JsonNode one : document.path("needs")) {
            needs |= !UNDERSTOOD.contains(one.asText());
        }
        return needs || version(document).compareTo(BigDecimal.valueOf(AssignmentFile.VERSION)) > 0;
    }

    /** Whether a document is of this program, and not newer. */
    static boolean isReadable(JsonNode document) {
        return document.path("format").asText().equals("promedio")
                && version(document).compareTo(BigDecimal.ONE) >= 0
                && !isNewer(document)
                && isWhole(version(document));
    }

    private static boolean isWhole(BigDecimal number) {
        return number.remainder(BigDecimal.ONE).signum() == 0;
    }

    static ObjectNode write(Assignment assignment) throws IOException {
        ObjectNode document = JSON.createObjectNode();
        document.put("format", "promedio")
                .put("version", assignment.tables().isEmpty() ? AssignmentFile.WITHOUT_TABLES : AssignmentFile.VERSION)
                .put("title", assignment.title());
        if (!assignment.tables().isEmpty()) {
            ArrayNode needs = document.putArray("needs").add(TABLES);
            if (assignment.tables().stream()
                    .anyMatch(table -> !table.trail().steps().isEmpty())) {
                needs.add(TRAILS);
            }
            if (assignment.tables().stream().anyMatch(table -> Following.isFollowed(assignment, table))) {
                needs.add(FOLLOWING);
            }
            if (assignment.sheets().stream()
                    .anyMatch(sheet -> sheet.can(Use.VARIABLES) && sheet.link().isPresent())) {
                needs.add(PAIRS);
            }
        }
        document.set("card", card(assignment));
        if (!assignment.tables().isEmpty()) {
            ArrayNode tables = document.putArray(TABLES);
            assignment.tables().forEach(table -> tables.add(TablesJson.write(table)));
        }
        ArrayNode samples = document.putArray(SAMPLES);
        for (int i = 0; i < assignment.sheets().size(); i++) {
            SampleSheet sheet = assignment.sheets().get(i);
            ObjectNode sample = samples.addObject();
            sample.put("id", sheet.id()).put("name", sheet.name()).put("unit", sheet.unit());
            sample.put("kind", sheet.kind().id());
            sheet.variables().ifPresent(variables -> sample.set("variables", WholeJson.write(variables)));
            sheet.link().ifPresent(link -> sample.set("from", TablesJson.write(link)));
            if (hasEntries(sheet)) {
                sample.put("entries", partName(i)).put("check", SheetCsv.check(sheet));
            }
            ArrayNode codes = sample.putArray("missing");
            new TreeSet<>(sheet.missingCodes()).forEach(codes::add);
            ArrayNode off = sample.putArray("off");
            sheet.off().forEach(off::add);
            sheet.tabulation().ifPresent(classes -> sample.set("classes", AnswersJson.write(classes)));
            sheet.pasted().ifPresent(text -> sample.put("pasted", text));
            if (!sheet.groups().isEmpty()) {
                sample.put("groups", sheet.groups());
            }
        }
        List<Foreign.Unread> unread = assignment.foreign().samples();
        for (int i = 0; i < unread.size(); i++) {
            ObjectNode sample = (ObjectNode) JSON.readTree(unread.get(i).description());
            sample.put("entries", partName(assignment.sheets().size() + i));
            samples.insert(Math.min(unread.get(i).at(), samples.size()), sample);
        }
        AnswersJson.write(assignment, document);
        TasksJson.write(assignment.tasks(), document);
        PicturesJson.write(assignment.pictures(), document);
        JotterJson.write(assignment.jotter(), document);
        OwnJson.write(assignment, document);
        WholeJson.writeUsed(assignment, document);
        if (!assignment.foreign().pieces().isEmpty()) {
            ArrayNode pieces = document.putArray("unread");
            for (Foreign.Piece piece : assignment.foreign().pieces()) {
                pieces.addObject().put("at", piece.at()).set("value", JSON.readTree(piece.value()));
            }
        }
        return document;
    }

    /** The choices that differ from the standard, and rules that are not known here as they stood. */
    static ObjectNode card(Assignment assignment) throws JsonProcessingException {
        ObjectNode card = JSON.createObjectNode();
        assignment.card().differences().forEach(card::put);
        for (Map.Entry<String, String> rule : assignment.foreign().rules().entrySet()) {
            card.set(rule.getKey(), JSON.readTree(rule.getValue()));
        }
        return card;
    }

    /** A course card and the rules of it that are not known here. */
    record Card(CourseCard card, Map<String, String> unknown) {
        static Card read(JsonNode node) {
            CourseCard card = CourseCard.STANDARD;
            Map<String, String> unknown = new LinkedHashMap<>();
            for (Map.Entry<String, JsonNode> rule : node.properties()) {
                CourseCard now = rule.getValue().isValueNode()
                        ? card.withRule(rule.getKey(), rule.getValue().asText()).orElse(null)
                        : null;
                if (now == null) {
                    unknown.put(
                            Visible.encodable(rule.getKey()),
                            Visible.encodable(rule.getValue().toString()));
                } else {
                    card = now;
                }
            }
            return new Card(card, unknown);
        }
    }
}
