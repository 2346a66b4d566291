package promedio.files.assignment;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Attempts;
import promedio.core.assignment.Foreign;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.core.data.Entries;
import promedio.core.sentence.Visible;

/** The document of an assignment file: what is said of the samples, the course card and the answers. */
final class AssignmentJson {
    private static final ObjectMapper JSON = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private AssignmentJson() {}

    /** The name of the part that holds the entries of a sample, by its place: never anything that a file says. */
    static String partName(int place) {
        return "samples/s" + (place + 1) + ".csv";
    }

    static byte[] bytes(ObjectNode document) throws JsonProcessingException {
        return JSON.writeValueAsBytes(document);
    }

    static JsonNode parse(byte[] document) throws IOException {
        return JSON.readTree(document);
    }

    private static BigDecimal version(JsonNode document) {
        JsonNode version = document.path("version");
        return version.isNumber() ? version.decimalValue() : BigDecimal.ZERO;
    }

    /** Whether a document was written by a newer version. */
    static boolean isNewer(JsonNode document) {
        return version(document).compareTo(BigDecimal.valueOf(AssignmentFile.VERSION)) > 0;
    }

    /** Whether a document is of this program, and not newer. */
    static boolean isReadable(JsonNode document) {
        return document.path("format").asText().equals("promedio")
                && version(document).compareTo(BigDecimal.ONE) >= 0
                && !isNewer(document);
    }

    static ObjectNode write(Assignment assignment) throws IOException {
        ObjectNode document = JSON.createObjectNode();
        document.put("format", "promedio")
                .put("version", AssignmentFile.VERSION)
                .put("title", assignment.title());
        document.set("card", card(assignment));
        ArrayNode samples = document.putArray("samples");
        for (int i = 0; i < assignment.sheets().size(); i++) {
            SampleSheet sheet = assignment.sheets().get(i);
            ObjectNode sample = samples.addObject();
            sample.put("id", sheet.id()).put("name", sheet.name()).put("unit", sheet.unit());
            sample.put("kind", sheet.kind().id());
            sample.put("entries", partName(i)).put("check", SheetCsv.check(sheet));
            ArrayNode codes = sample.putArray("missing");
            new TreeSet<>(sheet.missingCodes()).forEach(codes::add);
            ArrayNode off = sample.putArray("off");
            sheet.off().forEach(off::add);
            sheet.tabulation().ifPresent(classes -> sample.set("classes", AnswersJson.write(classes)));
        }
        List<Foreign.Unread> unread = assignment.foreign().samples();
        for (int i = 0; i < unread.size(); i++) {
            ObjectNode sample = (ObjectNode) JSON.readTree(unread.get(i).description());
            sample.put("entries", partName(assignment.sheets().size() + i));
            samples.insert(Math.min(unread.get(i).at(), samples.size()), sample);
        }
        AnswersJson.write(assignment, document);
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

    /** Puts an assignment together out of its document and the entries of its samples. */
    static final class Reader {
        private static final Pattern ID = Pattern.compile("[A-Za-z0-9_][A-Za-z0-9_.-]{0,63}");

        private final JsonNode document;
        private final List<SampleSheet> sheets = new ArrayList<>();
        private final List<Foreign.Unread> unread = new ArrayList<>();
        private final Map<String, String> ids = new HashMap<>();
        private final Set<String> taken = new HashSet<>();

        Reader(JsonNode document) {
            this.document = document;
            document.path("samples")
                    .forEach(sample -> taken.add(sample.path("id").asText()));
        }

        /** An id that is one, and of this sample only: what answers of a sample with another id go by is kept. */
        private String id(String asWritten) {
            String id = ID.matcher(asWritten).matches() && !ids.containsKey(asWritten) ? asWritten : fresh();
            taken.add(id);
            ids.putIfAbsent(asWritten, id);
            return id;
        }

        private String fresh() {
            int next = sheets.size() + 1;
            while (taken.contains("s" + next)) {
                next++;
            }
            return "s" + next;
        }

        /** Whether the document says of a part that it is another: its check is that of other bytes, or its heading of another kind. */
        static boolean belies(JsonNode sample, byte[] content) {
            String check = sample.path("check").asText("");
            if (!check.isEmpty()) {
                return !check.equals(SheetCsv.check(content));
            }
            return SampleSheet.Kind.find(sample.path("kind").asText())
                    .filter(kind -> !SheetCsv.isHeadedAs(kind, content))
                    .isPresent();
        }

        /** Takes a sample of a known kind. */
        void sample(JsonNode sample, InputStream entries, Budget budget) throws IOException {
            SampleSheet.Kind kind =
                    SampleSheet.Kind.find(sample.path("kind").asText()).orElseThrow();
            List<Entries> columns = SheetCsv.read(entries, kind.width(), budget);
            Set<String> codes = new HashSet<>();
            sample.path("missing").forEach(code -> codes.add(code.asText()));
            TreeSet<Integer> off = new TreeSet<>();
            int size = columns.get(0).size();
            sample.path("off").forEach(row -> {
                if (row.asInt(-1) >= 0 && row.asInt() < size) {
                    off.add(row.asInt());
                }
            });
            sheets.add(new SampleSheet(
                    id(sample.path("id").asText()),
                    sample.path("name").asText(),
                    sample.path("unit").asText(),
                    kind,
                    columns,
                    codes,
                    off,
                    AnswersJson.readTabulation(sample.path("classes"))));
        }

        /** Keeps a sample of a kind that is not known. */
        void unread(JsonNode sample, String entries) {
            unread.add(new Foreign.Unread(
                    sheets.size() + unread.size(),
                    Visible.encodable(sample.path("id").asText()),
                    Visible.encodable(sample.path("name").asText()),
                    Visible.encodable(sample.path("kind").asText()),
                    Visible.encodable(sample.toString()),
                    entries));
        }

        List<SampleSheet> sheets() {
            return sheets;
        }

        Assignment assignment() {
            Card card = Card.read(document.path("card"));
            UnaryOperator<Assignment.Question> known = asked ->
                    new Assignment.Question(ids.getOrDefault(asked.sheetId(), asked.sheetId()), asked.measure());
            Attempts attempts = AnswersJson.readAttempts(document);
            Set<Assignment.Question> lifted = new LinkedHashSet<>();
            attempts.lifted().forEach(asked -> lifted.add(known.apply(asked)));
            return new Assignment(
                    document.path("title").asText(),
                    sheets,
                    card.card(),
                    known(AnswersJson.readAnswers(document), known),
                    new Attempts(attempts.first(), lifted, known(attempts.firstAnswers(), known)),
                    new Foreign(card.unknown(), unread));
        }

        private static Map<Assignment.Question, String> known(
                Map<Assignment.Question, String> answers, UnaryOperator<Assignment.Question> known) {
            Map<Assignment.Question, String> by = new LinkedHashMap<>();
            answers.forEach((asked, answer) -> by.put(known.apply(asked), answer));
            return by;
        }
    }
}
