package promedio.files.assignment;

import com.fasterxml.jackson.core.JsonPointer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.PathType;
import com.networknt.schema.SchemaValidatorsConfig;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.assignment.Foreign;

/**
 * Holds a document against the schema of docs/assignment-format.md. What is not as it says is taken out and told, before anybody could
 * read it as something else.
 */
final class AssignmentSchema {
    /** What says what a sample or a table is: without it nobody knows. */
    private static final Pattern NEEDED =
            Pattern.compile("|/(samples|tables)(/[0-9]+)?|/samples/[0-9]+/(from|entries)(/.*)?"
                    + "|/tables/[0-9]+/(id|original|reading|trail)(/.*)?");

    /** A sample or a table as a whole. */
    static final Pattern ITEM = Pattern.compile("/(samples|tables)/[0-9]+");

    /** Lists of which one without the others says something else. */
    private static final Pattern TOGETHER = Pattern.compile("(.*/(?:left-out|classes))/.*");

    private AssignmentSchema() {}

    /** The schema, made when it is first needed. */
    private static final class Loaded {
        private static final JsonSchema SCHEMA = load();

        private static JsonSchema load() {
            SchemaValidatorsConfig config = SchemaValidatorsConfig.builder()
                    .pathType(PathType.JSON_POINTER)
                    .build();
            try (InputStream in = AssignmentSchema.class.getResourceAsStream("assignment.schema.json")) {
                return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                        .getSchema(AssignmentJson.parse(in.readAllBytes()), config);
            } catch (IOException missing) {
                throw new UncheckedIOException(missing);
            }
        }
    }

    /**
     * A document as far as it is what the schema says.
     *
     * @param document what is left of it
     * @param pieces what was taken out
     * @param broken where something is missing now that says what a sample or a table is
     */
    record Checked(JsonNode document, List<Foreign.Piece> pieces, Set<String> broken) {}

    /** Where a document is not what the schema says, as JSON pointers. */
    static Set<String> faults(JsonNode document) {
        Set<String> faults = new LinkedHashSet<>();
        for (ValidationMessage message : Loaded.SCHEMA.validate(document)) {
            String at = message.getInstanceLocation().toString();
            boolean surplus = message.getType().equals("additionalProperties");
            faults.add(surplus ? at + "/" + escaped(message.getProperty()) : at);
        }
        return faults;
    }

    static String escaped(String name) {
        return name.replace("~", "~0").replace("/", "~1");
    }

    /** Takes out of a document whatever is not what the schema says. */
    static Checked check(JsonNode document) {
        JsonNode left = document.deepCopy();
        List<Foreign.Piece> pieces = new ArrayList<>();
        Set<String> broken = new LinkedHashSet<>();
        for (Set<String> faults = faults(left); !faults.isEmpty(); faults = faults(left)) {
            for (String at : outermost(faults)) {
                JsonNode value = left.at(at);
                if (NEEDED.matcher(at).matches()) {
                    broken.add(at);
                }
                pieces.add(new Foreign.Piece(at, value.toString()));
                if (at.isEmpty()) {
                    return new Checked(left, pieces, broken);
                }
                take(left, JsonPointer.compile(at));
            }
        }
        return new Checked(left, pieces, broken);
    }

    /** The faults, those that come last first, so that taking one out moves no other; none inside another. */
    private static List<String> outermost(Set<String> faults) {
        Set<String> whole = new LinkedHashSet<>();
        for (String fault : faults) {
            Matcher together = TOGETHER.matcher(fault);
            whole.add(together.matches() ? together.group(1) : fault);
        }
        List<String> outer = new ArrayList<>();
        for (String fault : whole) {
            if (whole.stream().noneMatch(other -> !other.equals(fault) && fault.startsWith(other + "/"))) {
                outer.add(fault);
            }
        }
        outer.sort(Comparator.comparing(AssignmentSchema::place).reversed());
        return outer;
    }

    /** A pointer so that the order of its texts is the order of places. */
    private static String place(String pointer) {
        return Pattern.compile("[0-9]+")
                .matcher(pointer)
                .replaceAll(number -> "0".repeat(Math.max(0, 10 - number.group().length())) + number.group());
    }

    private static void take(JsonNode from, JsonPointer at) {
        JsonNode parent = from.at(at.head());
        if (parent instanceof ObjectNode object) {
            object.remove(at.last().getMatchingProperty());
        } else if (parent instanceof ArrayNode array) {
            array.remove(at.last().getMatchingIndex());
        }
    }
}
