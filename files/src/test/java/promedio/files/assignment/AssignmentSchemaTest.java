package promedio.files.assignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Foreign;
import promedio.core.assignment.History;
import promedio.core.trail.Trail;
import promedio.files.InputProblem;

/** The schema of docs/assignment-format.md holds every file that is written, and nothing in any other is passed over unsaid. */
class AssignmentSchemaTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    /** What follows from the rest of a file, or is about its parts. */
    private static final Set<String> DERIVED = Set.of("format", "version", "needs", "used", "entries", "check");

    @Example
    void the_documents_schema_is_the_one_that_files_are_held_against() throws Exception {
        String text = Files.readString(Path.of("../docs/assignment-format.md"));
        int begin = text.indexOf("```json\n{\n  \"$schema\"");
        String block = text.substring(begin + "```json\n".length(), text.indexOf("```", begin + 3));
        try (var own = AssignmentSchema.class.getResourceAsStream("assignment.schema.json")) {
            assertThat(JSON.readTree(block)).isEqualTo(JSON.readTree(own));
        }
    }

    private static Assignment grown(long seed) {
        RandomEdits hand = new RandomEdits(seed);
        History history = new History(Assignment.EMPTY);
        for (int i = 0; i < 30; i++) {
            history.make(hand.next(history.present()));
            if (hand.waits()) {
                hand.settle(history);
            }
        }
        return history.present();
    }

    /** The parts of a written file; of the document its JSON. */
    private static Map<String, byte[]> parts(Assignment assignment) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        AssignmentFile.write(assignment, out);
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(out.toByteArray()))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                parts.put(entry.getName(), zip.readAllBytes());
            }
        }
        return parts;
    }

    private static Assignment read(Map<String, byte[]> parts, String document) throws IOException, InputProblem {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                boolean itself = part.getKey().equals(AssignmentFile.DOCUMENT);
                zip.write(itself ? document.getBytes(StandardCharsets.UTF_8) : part.getValue());
            }
        }
        return AssignmentFile.read(new ByteArrayInputStream(out.toByteArray()), new Budget(out.size()), "“sheet”");
    }

    private static JsonNode document(Map<String, byte[]> parts) throws IOException {
        return JSON.readTree(parts.get(AssignmentFile.DOCUMENT));
    }

    @Property(tries = 60)
    void every_file_that_is_written_is_what_the_schema_says(@ForAll long seed) throws IOException {
        assertThat(AssignmentSchema.faults(document(parts(grown(seed))))).isEmpty();
    }

    /** However a document is changed: what is read of it holds all that it says, or it is told and kept, or refused in a sentence. */
    @Property(tries = 150)
    void nothing_that_a_document_says_is_passed_over_or_read_as_something_else_unsaid(@ForAll long seed)
            throws IOException, InputProblem {
        Random random = new Random(seed);
        Map<String, byte[]> parts = parts(grown(random.nextInt(40)));
        JsonNode document = document(parts);
        for (int i = 0; i < 8; i++) {
            JsonNode changed = changed(document, random);
            Assignment got;
            try {
                got = read(parts, changed.toString());
            } catch (InputProblem problem) {
                assertThat(problem.getMessage()).isNotBlank().doesNotContain("Exception");
                continue;
            }
            if (got.foreign().told().isEmpty()) {
                Map<String, String> written = leaves(document(parts(got)));
                Map<String, String> said = leaves(changed);
                said.keySet().removeIf(at -> said.get(at).equals(written.get(at)));
                assertThat(said).as("%s%n%s", changed, document(parts(got))).isEmpty();
            } else {
                assertThat(read(parts(got), document(parts(got)).toString())
                                .foreign()
                                .told())
                        .isEqualTo(got.foreign().told());
            }
        }
    }

    /** A document with one thing of another kind, in another place, gone, or put in twice. */
    private static JsonNode changed(JsonNode document, Random random) {
        JsonNode changed = document.deepCopy();
        List<JsonNode> inner = new ArrayList<>();
        collect(changed, inner);
        JsonNode parent = inner.get(random.nextInt(inner.size()));
        JsonNode other = inner.get(random.nextInt(inner.size()));
        if (parent instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            String name = names.get(random.nextInt(names.size()));
            switch (random.nextInt(5)) {
                case 0 -> object.set(name, odd(object.get(name), random));
                case 1 -> object.remove(name);
                case 2 -> move(object, name, other);
                case 3 -> object.set(name + random.nextInt(3), object.get(name));
                default -> object.set(name, JSON.createArrayNode().add(object.get(name)));
            }
        } else if (parent instanceof ArrayNode array && !array.isEmpty()) {
            int at = random.nextInt(array.size());
            switch (random.nextInt(4)) {
                case 0 -> array.set(at, odd(array.get(at), random));
                case 1 -> array.add(array.get(at).deepCopy());
                case 2 -> array.remove(at);
                default -> array.set(at, JSON.createObjectNode().set("value", array.get(at)));
            }
        }
        return changed;
    }

    /** As where a brace is closed early or late: a member belongs to another object. */
    private static void move(ObjectNode from, String name, JsonNode to) {
        boolean inside =
                from.get(name) == to || from.get(name).findParents("id").contains(to);
        if (to instanceof ObjectNode object && !inside && !object.has(name)) {
            JsonNode moved = from.remove(name).deepCopy();
            object.set(name, moved);
        }
    }

    private static JsonNode odd(JsonNode was, Random random) {
        return switch (random.nextInt(9)) {
            case 0 -> NODES.textNode(was.asText("1"));
            case 1 -> NODES.numberNode(random.nextInt(200) - 60);
            case 2 -> NODES.textNode("two");
            case 3 -> NODES.nullNode();
            case 4 -> NODES.booleanNode(random.nextBoolean());
            case 5 -> JSON.createObjectNode().put("x", 1);
            case 6 -> NODES.numberNode(1.5);
            case 7 -> NODES.numberNode(99_999_999_999L);
            default -> JSON.createArrayNode();
        };
    }

    private static void collect(JsonNode node, List<JsonNode> into) {
        if (node.isContainerNode()) {
            into.add(node);
            node.forEach(child -> collect(child, into));
        }
    }

    /** What a document says, place by place, without what means nothing. */
    private static Map<String, String> leaves(JsonNode document) {
        Map<String, String> leaves = new LinkedHashMap<>();
        collect("", document, leaves);
        leaves.values().removeIf(said -> said.isEmpty() || said.equals("false") || said.equals("[]"));
        return leaves;
    }

    private static void collect(String at, JsonNode node, Map<String, String> into) {
        String name = at.substring(at.lastIndexOf('/') + 1);
        if (DERIVED.contains(name)) {
            return;
        }
        if (name.equals("trail") && node.isTextual()) {
            into.put(at, trail(node.asText()));
        } else if (name.equals("left-out") || name.equals("rows")) {
            into.put(at, rows(node).toString());
        } else if (name.equals("missing") || name.equals("off")) {
            Set<String> all = new TreeSet<>();
            node.forEach(one -> all.add(one.asText()));
            into.put(at, all.toString());
        } else if (node.isObject()) {
            node.properties().forEach(member -> collect(at + "/" + member.getKey(), member.getValue(), into));
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                collect(at + "/" + i, node.get(i), into);
            }
        } else {
            into.put(at, node.asText().strip());
        }
    }

    private static String trail(String text) {
        try {
            return Trail.read(text).equals(Trail.NONE) ? "" : Trail.read(text).written();
        } catch (Trail.NoTrail none) {
            return text;
        }
    }

    private static Set<Integer> rows(JsonNode runs) {
        Set<Integer> rows = new TreeSet<>();
        for (int i = 0; i + 1 < runs.size(); i += 2) {
            for (int k = 0; k < runs.get(i + 1).asInt(); k++) {
                rows.add(runs.get(i).asInt() + k);
            }
        }
        return rows;
    }

    @Example
    void what_cannot_be_read_is_told_kept_in_the_file_and_never_guessed() throws Exception {
        String document =
                """
                {"format":"promedio","version":1,"title":"Sheet",
                 "card":["hf7"],
                 "samples":[{"id":"s1","name":"Minutes","unit":"min","kind":"values","entries":"samples/s1.csv",
                   "missing":99,"off":["1",0,7]}],
                 "answers":[{"sample":"s1","measure":"mean","answer":4}],
                 "questions":[{"sample":"s1","measure":"mean","places":"two"}],
                 "off":[2]}""";
        Map<String, byte[]> parts = new LinkedHashMap<>();
        parts.put(AssignmentFile.DOCUMENT, new byte[0]);
        parts.put("samples/s1.csv", "value\n4\n5\n99\n".getBytes(StandardCharsets.UTF_8));
        Assignment read = read(parts, document);
        assertThat(read.sheet("s1").orElseThrow().off()).containsExactly(0);
        assertThat(read.sheet("s1").orElseThrow().missingCodes()).isEmpty();
        assertThat(read.answers()).isEmpty();
        assertThat(read.tasks().all()).hasSize(1).allMatch(task -> task.places().isEmpty());
        assertThat(read.foreign().pieces())
                .contains(
                        new Foreign.Piece("/card", "[\"hf7\"]"),
                        new Foreign.Piece("/samples/0/missing", "99"),
                        new Foreign.Piece("/samples/0/off/0", "\"1\""),
                        new Foreign.Piece("/samples/0/off/1", "7"),
                        new Foreign.Piece("/answers/0/answer", "4"),
                        new Foreign.Piece("/questions/0/places", "\"two\""),
                        new Foreign.Piece("/off", "[2]"));
        assertThat(read.foreign().told().get(0).toString()).contains("in the file and have no effect");
        Assignment again = read(parts(read), document(parts(read)).toString());
        assertThat(again).isEqualTo(read);
    }

    @Example
    void what_stands_twice_or_behind_the_end_or_is_of_no_version_ends_in_a_sentence() {
        Map<String, byte[]> parts = Map.of(AssignmentFile.DOCUMENT, new byte[0]);
        Map<String, String> refused = new LinkedHashMap<>();
        refused.put("{\"format\":\"promedio\",\"version\":1} {\"title\":\"x\"}", "cannot be taken apart");
        refused.put("{\"format\":\"promedio\",\"version\":1},\"title\":\"x\"}", "cannot be taken apart");
        refused.put("{\"format\":\"promedio\",\"version\":1,\"title\":\"a\",\"title\":\"b\"}", "cannot be taken");
        refused.put("{\"format\":\"promedio\",\"version\":1e400}", "newer version");
        refused.put("{\"format\":\"promedio\",\"version\":1e999999999}", "newer version");
        refused.put("{\"format\":\"promedio\",\"version\":1.5}", "no assignment");
        refused.put("{\"format\":\"promedio\",\"version\":1,\"samples\":{}}", "/samples");
        refused.put(
                "{\"format\":\"promedio\",\"version\":2,\"samples\":[{\"id\":\"s1\",\"kind\":\"values\","
                        + "\"from\":{\"table\":\"t9\",\"column\":0}}]}",
                "not in it");
        Set<String> seen = new LinkedHashSet<>();
        refused.forEach((document, why) -> {
            assertThatThrownBy(() -> read(parts, document))
                    .as(document)
                    .isInstanceOf(InputProblem.class)
                    .hasMessageContaining(why);
            seen.add(document);
        });
        assertThat(seen).hasSize(refused.size());
    }
}
