package promedio.files.assignment;

import com.fasterxml.jackson.core.JsonFactory;
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
import promedio.core.assignment.UsedIds;
import promedio.core.course.CourseCard;
import promedio.core.data.Entries;
import promedio.core.number.Numerals;
import promedio.core.picture.Wishes;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;
import promedio.files.trail.Walks;

/** The document of an assignment file: what is said of the samples, the course card and the answers. */
final class AssignmentJson {
    private static final String TABLES = "tables";
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

    /** Reads a document, all of it; one in which something stands twice, or behind its end, is none. */
    static JsonNode parse(byte[] document) throws IOException {
        return STRICT.readTree(document);
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
        private final Runnable pause;
        private final UsedIds used;
        private final List<Foreign.Piece> pieces = new ArrayList<>();
        private int sample = -1;

        /**
         * Reads on from a document that is as the schema says, and what was taken out of it.
         *
         * @param pause what is asked again and again; it stops the work by throwing
         */
        Reader(AssignmentSchema.Checked checked, Runnable pause) {
            this.pause = pause;
            document = checked.document();
            document.path("unread")
                    .forEach(piece -> pieces.add(new Foreign.Piece(
                            piece.path("at").asText(), piece.path("value").toString())));
            pieces.addAll(checked.pieces());
            // Nothing that was said of a sample that is not there may come to belong to another.
            used = WholeJson.readUsed(document).with(document.findValuesAsText("sample").stream());
            card = Card.read(document.path("card"));
            document.path(TABLES).forEach(table -> taken.add(table.path("id").asText()));
            document.path("samples")
                    .forEach(sample -> taken.add(sample.path("id").asText()));
        }

        /** An id that is one, and of this sample only: what answers of a sample with another id go by is kept. */
        private String id(JsonNode item, String letter) {
            String asWritten = item.path("id").asText();
            boolean good = ID.matcher(asWritten).matches() && !ids.containsKey(asWritten);
            String id = good ? asWritten : fresh(letter);
            if (!good && item.has("id")) {
                String items = letter.equals("t") ? TABLES : "samples";
                piece("/" + items + "/" + (letter.equals("t") ? tables.size() : sample) + "/id", item.path("id"));
            }
            taken.add(id);
            ids.putIfAbsent(asWritten, id);
            return id;
        }

        private String fresh(String letter) {
            int next = (letter.equals("t") ? used.tables() : used.samples()) + 1;
            while (taken.contains(letter + next)) {
                next++;
            }
            return letter + next;
        }

        /** What cannot be, though it is written as it should. */
        private void piece(String at, JsonNode value) {
            pieces.add(new Foreign.Piece(at, value.toString()));
        }

        /** Goes on to the next sample of the document. */
        void next() {
            sample++;
        }

        /** Takes a table whose original is among some. @throws InputProblem when it is not there or cannot be read */
        void table(JsonNode table, Originals originals) throws InputProblem {
            DataTable read = TablesJson.read(table, id(table, "t"), originals);
            for (int i = 0; i < table.path("joined").size(); i++) {
                String file = table.path("joined").get(i).path("file").asText();
                if (!read.joined().containsKey(file)) {
                    piece(
                            "/tables/" + tables.size() + "/joined/" + i,
                            table.path("joined").get(i));
                }
            }
            tables.add(read);
        }

        /** Whether a sample comes from a table, and has no part of its own. */
        static boolean isLinkedOnly(JsonNode sample) {
            return sample.has("from") && !sample.has("entries");
        }

        /** Where a sample comes from. */
        private Link link(JsonNode sample) {
            String written = sample.path("from").path("table").asText();
            String id = ids.getOrDefault(written, written);
            int size = table(id).map(DataTable::size).orElse(0);
            return TablesJson.readLink(sample.path("from"), id, size);
        }

        /** @throws IllegalArgumentException for a kind that a sample of a table cannot be of */
        private static void checkKind(JsonNode sample, Link link) {
            String kind = link.isOfPairs() ? SampleSheet.Kind.PAIRS.id() : SampleSheet.Kind.VALUES.id();
            if (!sample.path("kind").asText().equals(kind)) {
                throw new IllegalArgumentException("A sample of " + link + " is no " + sample.path("kind") + ".");
            }
        }

        private Optional<DataTable> table(Link link) {
            return table(link.tableId());
        }

        private Optional<DataTable> table(String id) {
            return tables.stream().filter(one -> one.id().equals(id)).findFirst();
        }

        /** Takes a sample of a column of a table that was taken; false where there is none. */
        boolean linked(JsonNode sample) {
            Link link = link(sample);
            Optional<DataTable> table = table(link);
            if (table.isEmpty()) {
                return false;
            }
            checkKind(sample, link);
            ObjectNode own = sample.deepCopy();
            own.put("id", id(sample, "s"));
            Numerals numerals = card.card().numerals();
            SampleSheet filled = Links.filled(WholeJson.withoutEntries(own), link, table.get(), numerals);
            if (link instanceof Link.Made) {
                filled = Following.settled(filled, table.get(), walks.of(table.get(), card.card(), pause), numerals);
            }
            more(sample, filled);
            sheets.add(filled.switched(off(sample, filled.size()), false));
            return true;
        }

        private List<Integer> off(JsonNode described, int size) {
            List<Integer> off = new ArrayList<>();
            for (int i = 0; i < described.path("off").size(); i++) {
                JsonNode row = described.path("off").get(i);
                if (row.asInt() < size) {
                    off.add(row.asInt());
                } else {
                    piece("/samples/" + sample + "/off/" + i, row);
                }
            }
            return off;
        }

        private void more(JsonNode described, SampleSheet read) {
            if (described.has("variables") && !read.isOfPairs()) {
                piece("/samples/" + sample + "/variables", described.path("variables"));
            }
            if (described.has("classes") && read.tabulation().isEmpty()) {
                piece("/samples/" + sample + "/classes", described.path("classes"));
            }
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
                            id(sample, "s"),
                            sample.path("name").asText(),
                            sample.path("unit").asText(),
                            kind,
                            columns,
                            codes,
                            new TreeSet<>(off(sample, columns.get(0).size())),
                            AnswersJson.readTabulation(sample.path("classes")))
                    .readFrom(sample.path("pasted").asText(""));
            more(sample, sheet);
            SampleSheet whole = WholeJson.withMore(sheet, sample);
            Optional<Link> from =
                    Optional.of(sample).filter(one -> one.has("from")).map(this::link);
            from.ifPresent(link -> checkKind(sample, link));
            // What steps make keeps the entries that it had, until the steps are walked again.
            sheets.add(from.flatMap(link -> table(link).map(table -> Links.linked(whole, link)))
                    .orElse(whole));
        }

        /** Whether the table is there that a sample comes from, if it comes from any. */
        boolean hasTable(JsonNode sample) {
            return !sample.has("from") || table(link(sample)).isPresent();
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
            Tasks tasks = tasks(known);
            twice("/answers");
            twice("/questions");
            twice("/attempts/lifted");
            twice("/attempts/firstAnswers");
            twice("/attempts/hintsTaken");
            Map<String, Wishes> pictures = pictures();
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
                    new Foreign(card.unknown(), unread, pieces),
                    tables,
                    tasks,
                    pictures,
                    JotterJson.read(document),
                    used);
        }

        /** Notes what is said once more of a question, where the first or the last holds. */
        private void twice(String list) {
            Set<String> seen = new HashSet<>();
            for (int i = 0; i < document.at(list).size(); i++) {
                JsonNode one = document.at(list).get(i);
                boolean answered = list.endsWith("hintsTaken");
                String key = one.path("sample") + " " + one.path("measure") + (answered ? one.path("answer") : "");
                if (!seen.add(key)) {
                    piece(list + "/" + i, one);
                }
            }
        }

        private Map<String, Wishes> pictures() {
            Map<String, Wishes> pictures = new LinkedHashMap<>();
            PicturesJson.read(document).forEach((id, said) -> pictures.put(ids.getOrDefault(id, id), said));
            return pictures;
        }

        private Tasks tasks(UnaryOperator<Assignment.Question> known) {
            Tasks read = TasksJson.read(document);
            for (Map.Entry<String, JsonNode> rule : document.path("setCard").properties()) {
                if (CourseCard.STANDARD
                        .withRule(rule.getKey(), rule.getValue().asText())
                        .isEmpty()) {
                    piece("/setCard/" + rule.getKey(), rule.getValue());
                }
            }
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
