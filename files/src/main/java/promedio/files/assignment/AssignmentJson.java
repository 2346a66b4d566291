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
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Attempts;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Following;
import promedio.core.assignment.Foreign;
import promedio.core.assignment.Hints;
import promedio.core.assignment.Link;
import promedio.core.assignment.Links;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.Task;
import promedio.core.assignment.Tasks;
import promedio.core.course.CourseCard;
import promedio.core.data.Entries;
import promedio.core.number.Numerals;
import promedio.core.picture.Wishes;
import promedio.core.sentence.Visible;
import promedio.core.trail.Sources;
import promedio.files.InputProblem;
import promedio.files.trail.Walks;

/** The document of an assignment file: what is said of the samples, the course card and the answers. */
final class AssignmentJson {
    private static final String TABLES = "tables";
    private static final ObjectMapper JSON = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

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
                && !isNewer(document);
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
                    .anyMatch(sheet -> sheet.isOfPairs() && sheet.link().isPresent())) {
                needs.add(PAIRS);
            }
        }
        document.set("card", card(assignment));
        if (!assignment.tables().isEmpty()) {
            ArrayNode tables = document.putArray(TABLES);
            assignment.tables().forEach(table -> tables.add(TablesJson.write(table)));
        }
        ArrayNode samples = document.putArray("samples");
        for (int i = 0; i < assignment.sheets().size(); i++) {
            SampleSheet sheet = assignment.sheets().get(i);
            ObjectNode sample = samples.addObject();
            sample.put("id", sheet.id()).put("name", sheet.name()).put("unit", sheet.unit());
            sample.put("kind", sheet.kind().id());
            sheet.variables().ifPresent(variables -> sample.set("variables", WholeJson.write(variables)));
            if (sheet.link().isPresent()) {
                sample.set("from", TablesJson.write(sheet.link().get()));
            } else {
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
        private final List<DataTable> tables = new ArrayList<>();
        private final Card card;
        private final Walks walks = new Walks();
        private final Sources sources;

        /** @param sources the files that trails of its tables name */
        Reader(JsonNode document, Sources sources) {
            this.document = document;
            this.sources = sources;
            card = Card.read(document.path("card"));
            document.path(TABLES).forEach(table -> taken.add(table.path("id").asText()));
            document.path("samples")
                    .forEach(sample -> taken.add(sample.path("id").asText()));
        }

        /** An id that is one, and of this sample only: what answers of a sample with another id go by is kept. */
        private String id(String asWritten, String letter) {
            String id = ID.matcher(asWritten).matches() && !ids.containsKey(asWritten) ? asWritten : fresh(letter);
            taken.add(id);
            ids.putIfAbsent(asWritten, id);
            return id;
        }

        private String fresh(String letter) {
            int next = sheets.size() + 1;
            while (taken.contains(letter + next)) {
                next++;
            }
            return letter + next;
        }

        /** Takes a table whose original is among some. @throws InputProblem when it is not there or cannot be read */
        void table(JsonNode table, Originals originals) throws InputProblem {
            tables.add(TablesJson.read(table, id(table.path("id").asText(), "t"), originals));
        }

        /** Whether the entries of a sample come from a table, and have no part of their own. */
        static boolean isLinked(JsonNode sample) {
            return sample.has("from");
        }

        /** Takes a sample of a column of a table that was taken; false where there is none. */
        boolean linked(JsonNode sample) {
            String written = sample.path("from").path("table").asText();
            Link link = TablesJson.readLink(sample.path("from"), ids.getOrDefault(written, written));
            Optional<DataTable> table = tables.stream()
                    .filter(one -> one.id().equals(link.tableId()))
                    .findFirst();
            if (table.isEmpty()) {
                return false;
            }
            ObjectNode own = sample.deepCopy();
            own.put("id", id(sample.path("id").asText(), "s"));
            Numerals numerals = card.card().numerals();
            SampleSheet filled = Links.filled(WholeJson.withoutEntries(own), link, table.get(), numerals);
            if (link instanceof Link.Made) {
                filled = Following.settled(
                        filled, table.get(), walks.of(table.get(), card.card(), sources, () -> {}), numerals);
            }
            sheets.add(filled.switched(off(sample, filled.size()), false));
            return true;
        }

        private static List<Integer> off(JsonNode sample, int size) {
            List<Integer> off = new ArrayList<>();
            sample.path("off").forEach(row -> {
                if (row.asInt(-1) >= 0 && row.asInt() < size) {
                    off.add(row.asInt());
                }
            });
            return off;
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
            SampleSheet sheet = new SampleSheet(
                            id(sample.path("id").asText(), "s"),
                            sample.path("name").asText(),
                            sample.path("unit").asText(),
                            kind,
                            columns,
                            codes,
                            new TreeSet<>(off(sample, columns.get(0).size())),
                            AnswersJson.readTabulation(sample.path("classes")))
                    .readFrom(sample.path("pasted").asText(""));
            sheets.add(WholeJson.withMore(sheet, sample));
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

        /** Whether nothing was taken yet. */
        boolean isEmpty() {
            return sheets.isEmpty() && tables.isEmpty();
        }

        Assignment assignment() {
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
                    new Attempts(
                            attempts.first(),
                            lifted,
                            known(attempts.firstAnswers(), known),
                            known(attempts.hints(), known)),
                    new Foreign(card.unknown(), unread),
                    tables,
                    tasks(known),
                    pictures(),
                    JotterJson.read(document));
        }

        private Map<String, Wishes> pictures() {
            Map<String, Wishes> pictures = new LinkedHashMap<>();
            PicturesJson.read(document).forEach((id, said) -> pictures.put(ids.getOrDefault(id, id), said));
            return pictures;
        }

        private Tasks tasks(UnaryOperator<Assignment.Question> known) {
            Tasks read = TasksJson.read(document);
            List<Task> tasks = read.all().stream()
                    .map(task -> new Task(
                            known.apply(task.question()), task.text(), task.places(), task.points(), task.tolerance()))
                    .toList();
            return new Tasks(read.card(), tasks);
        }

        private static Hints known(Hints hints, UnaryOperator<Assignment.Question> known) {
            Map<Hints.Given, Integer> taken = new LinkedHashMap<>();
            hints.taken()
                    .forEach((given, count) ->
                            taken.put(new Hints.Given(known.apply(given.question()), given.answer()), count));
            return new Hints(hints.on(), taken);
        }

        private static Map<Assignment.Question, String> known(
                Map<Assignment.Question, String> answers, UnaryOperator<Assignment.Question> known) {
            Map<Assignment.Question, String> by = new LinkedHashMap<>();
            answers.forEach((asked, answer) -> by.put(known.apply(asked), answer));
            return by;
        }
    }
}
