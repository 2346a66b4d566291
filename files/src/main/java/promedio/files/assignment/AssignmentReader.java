package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Following;
import promedio.core.assignment.Foreign;
import promedio.core.assignment.Link;
import promedio.core.assignment.Links;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.Task;
import promedio.core.assignment.Tasks;
import promedio.core.course.CourseCard;
import promedio.core.data.Entries;
import promedio.core.number.Numerals;
import promedio.core.ownwork.OwnSheet;
import promedio.core.picture.Wishes;
import promedio.core.sample.SampleKind;
import promedio.core.sample.SampleKind.Use;
import promedio.core.sentence.Visible;
import promedio.files.InputProblem;
import promedio.files.trail.Walks;

/** Puts an assignment together out of its document and the entries of its samples. */
final class AssignmentReader {
    private final JsonNode document;
    private final List<SampleSheet> sheets = new ArrayList<>();
    private final List<Foreign.Unread> unread = new ArrayList<>();
    private final FileIds ids;
    private final List<DataTable> tables = new ArrayList<>();
    private final AssignmentJson.Card card;
    private final Walks walks = new Walks();
    private final Runnable pause;
    private final List<Foreign.Piece> pieces = new ArrayList<>();
    private String at = "";

    /**
     * Reads on from a document that is as the schema says, and what was taken out of it.
     *
     * @param pause what is asked again and again; it stops the work by throwing
     */
    AssignmentReader(AssignmentSchema.Checked checked, Runnable pause) {
        this.pause = pause;
        document = checked.document();
        document.path("unread")
                .forEach(piece -> pieces.add(new Foreign.Piece(
                        piece.path("at").asText(), piece.path("value").toString())));
        pieces.addAll(checked.pieces());
        ids = new FileIds(document);
        card = AssignmentJson.Card.read(document.path("card"));
    }

    /** What cannot be, though it is written as it should. */
    private void piece(String pointer, JsonNode value) {
        pieces.add(new Foreign.Piece(pointer, value.toString()));
    }

    /** The same of the sample or table that is read. */
    private void pieceOf(JsonNode item, String field) {
        piece(at + "/" + field, item.at("/" + field));
    }

    /** How many tables or samples the document has. */
    int count(String list) {
        return document.path(list).size();
    }

    /** Goes on to a table or sample of the document, which is taken next. */
    JsonNode goTo(String list, int place) {
        at = "/" + list + "/" + place;
        return document.at(at);
    }

    /** The id of the sample or table that is read, as it is written. */
    private String written(JsonNode item) {
        String id = item.path("id").asText();
        if (item.has("id") && !ids.isFree(id)) {
            pieceOf(item, "id");
        }
        return id;
    }

    /** Takes a table whose original is among some. @throws InputProblem when it is not there or cannot be read */
    void table(JsonNode table, Originals originals) throws InputProblem {
        DataTable read = TablesJson.read(table, ids.table(written(table)), originals);
        for (int i = 0; i < table.path("joined").size(); i++) {
            String file = table.path("joined").get(i).path("file").asText();
            if (!read.joined().containsKey(file)) {
                pieceOf(table, "joined/" + i);
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
        String id = ids.here(written);
        int size = table(id).map(DataTable::size).orElse(0);
        return TablesJson.readLink(sample.path("from"), id, size);
    }

    /** @throws IllegalArgumentException for a kind that a sample of a table cannot be of */
    private static void checkKind(JsonNode sample, Link link) {
        String kind = link.kind().id();
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
        own.put("id", ids.sample(written(sample)));
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
                pieceOf(described, "off/" + i);
            }
        }
        return off;
    }

    private void more(JsonNode described, SampleSheet read) {
        if (described.has("variables") && !read.can(Use.VARIABLES)) {
            pieceOf(described, "variables");
        }
        if (described.has("classes") && read.tabulation().isEmpty()) {
            pieceOf(described, "classes");
        }
    }

    /** Whether the document says of a part that it is another: its check is that of other bytes, or its heading of another kind. */
    static boolean belies(JsonNode sample, byte[] content) {
        String check = sample.path("check").asText("");
        if (!check.isEmpty()) {
            return !check.equals(SheetCsv.check(content));
        }
        return SampleKind.find(sample.path("kind").asText())
                .filter(kind -> !SheetCsv.isHeadedAs(kind, content))
                .isPresent();
    }

    /** Takes a sample of a known kind. */
    void sample(JsonNode sample, InputStream entries, Budget budget) throws IOException {
        SampleKind kind = SampleKind.find(sample.path("kind").asText()).orElseThrow();
        List<Entries> columns = SheetCsv.read(entries, kind.width(), budget);
        Set<String> codes = new HashSet<>();
        sample.path("missing").forEach(code -> codes.add(code.asText()));
        SampleSheet sheet = new SampleSheet(
                        ids.sample(written(sample)),
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
        Optional<Link> from = Optional.of(sample).filter(one -> one.has("from")).map(this::link);
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
        Tasks tasks = tasks(ids::here);
        Map<String, OwnSheet> workings = OwnJson.read(document, ids::here, this::isSample, this::piece);
        twice("/answers");
        twice("/questions");
        twice("/attempts/lifted");
        twice("/attempts/firstAnswers");
        twice("/attempts/hintsTaken");
        return Assignment.EMPTY.with(all -> all.title(document.path("title").asText())
                .sheets(sheets)
                .card(card.card())
                .attempts(AnswersJson.readAttempts(document, ids::here))
                .asking(AnswersJson.readAsking(document))
                .foreign(new Foreign(card.unknown(), unread, pieces))
                .tables(tables)
                .tasks(tasks)
                .pictures(pictures())
                .jotter(JotterJson.read(document))
                .workings(workings)
                .used(ids.used()));
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

    private boolean isSample(String id) {
        return sheets.stream().anyMatch(sheet -> sheet.id().equals(id));
    }

    private Map<String, Wishes> pictures() {
        Map<String, Wishes> pictures = new LinkedHashMap<>();
        PicturesJson.read(document).forEach((id, said) -> pictures.put(ids.here(id), said));
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
}
