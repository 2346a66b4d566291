package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import de.siegmar.fastcsv.reader.CsvParseException;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.SampleSheet;

/**
 * Gets out of a damaged assignment file what can still be read. Each part is looked for by the mark it begins with and read
 * as far as it goes, so that damage in one leaves the others alone.
 */
final class Salvage {
    private static final byte[] PART_BEGINS = {'P', 'K', 3, 4};
    private static final ObjectMapper JSON = new ObjectMapper();

    private final Map<String, Part> parts = new LinkedHashMap<>();
    private final List<SampleSheet> sheets = new ArrayList<>();
    private final List<String> whole = new ArrayList<>();
    private final List<String> broken = new ArrayList<>();
    private final List<String> lost = new ArrayList<>();

    private record Part(String text, boolean whole) {}

    private Salvage(byte[] file) {
        for (int at = 0; at + PART_BEGINS.length <= file.length; at++) {
            if (Arrays.equals(file, at, at + PART_BEGINS.length, PART_BEGINS, 0, PART_BEGINS.length)) {
                part(file, at);
            }
        }
    }

    /** What is still in a file; empty where it is none of ours, or of a newer version, or nothing is left. */
    static Optional<AssignmentFile.Salvaged> of(byte[] file) {
        Salvage salvage = new Salvage(file);
        Optional<JsonNode> document = salvage.document();
        if (document.isPresent() && !AssignmentFile.isReadable(document.get())) {
            return Optional.empty();
        }
        document.ifPresentOrElse(salvage::sheetsOf, salvage::sheetsWithoutDocument);
        if (salvage.sheets.isEmpty()) {
            return Optional.empty();
        }
        Assignment assignment = AssignmentFile.assignment(document.orElseGet(JSON::createObjectNode), salvage.sheets);
        return Optional.of(new AssignmentFile.Salvaged(assignment, salvage.whole, salvage.broken, salvage.lost));
    }

    private void part(byte[] file, int at) {
        try (ZipInputStream zip =
                new ZipInputStream(new ByteArrayInputStream(file, at, file.length - at), StandardCharsets.UTF_8)) {
            ZipEntry entry = zip.getNextEntry();
            if (entry == null) {
                return;
            }
            ByteArrayOutputStream content = new ByteArrayOutputStream();
            boolean all = copy(zip, content);
            Part part = new Part(content.toString(StandardCharsets.UTF_8), all);
            // Two parts of one name: a letter of a name has changed, and nobody knows in which.
            parts.merge(entry.getName(), part, (first, second) -> new Part(first.text(), false));
        } catch (IOException | IllegalArgumentException noPart) {
            // The mark stood there by chance, or the head of the part is damaged: then it is lost.
            return;
        }
    }

    private static boolean copy(ZipInputStream zip, ByteArrayOutputStream content) {
        byte[] chunk = new byte[1 << 9];
        try {
            for (int read = zip.read(chunk); read >= 0; read = zip.read(chunk)) {
                content.write(chunk, 0, read);
                if (content.size() > AssignmentFile.MOST_BYTES) {
                    return false;
                }
            }
            return true;
        } catch (IOException damaged) {
            return false;
        }
    }

    private Optional<JsonNode> document() {
        Part part = parts.get(AssignmentFile.DOCUMENT);
        if (part == null) {
            return Optional.empty();
        }
        try {
            return Optional.ofNullable(JSON.readTree(part.text())).filter(JsonNode::isObject);
        } catch (IOException damaged) {
            return Optional.empty();
        }
    }

    private void sheetsOf(JsonNode document) {
        for (JsonNode sample : document.path("samples")) {
            add(sample, parts.get(sample.path("entries").asText()));
        }
    }

    /** Without the document, a sample is known by its part alone: its id, and its kind by the heading. */
    private void sheetsWithoutDocument() {
        parts.forEach((name, part) -> {
            if (name.startsWith("samples/") && name.endsWith(".csv")) {
                String id = name.substring("samples/".length(), name.length() - ".csv".length());
                String heading = part.text().lines().findFirst().orElse("");
                SampleSheet.Kind kind = heading.startsWith("class")
                        ? SampleSheet.Kind.CLASSES
                        : heading.contains("frequency") ? SampleSheet.Kind.FREQUENCIES : SampleSheet.Kind.VALUES;
                ObjectNode sample =
                        JSON.createObjectNode().put("id", id).put("name", id).put("kind", kind.id());
                add(sample, part);
            }
        });
    }

    private void add(JsonNode sample, Part part) {
        String name = sample.path("name").asText();
        try {
            if (part == null || part.text().isEmpty()) {
                lost.add(name);
                return;
            }
            String csv = part.text();
            String read = part.whole() ? csv : wholeRows(csv);
            sheets.add(AssignmentFile.sheet(sample, read));
            // A document with a changed letter may call a table a list.
            boolean sure = part.whole()
                    && (!parts.containsKey(AssignmentFile.DOCUMENT)
                            || parts.get(AssignmentFile.DOCUMENT).whole());
            (sure ? whole : broken).add(name);
        } catch (CsvParseException | IOException | IllegalArgumentException unreadable) {
            lost.add(name);
        }
    }

    /** The rows that have their end: a last line without it may be half a number, or one line of an entry with several. */
    private static String wholeRows(String csv) {
        boolean quoted = false;
        int end = 0;
        for (int i = 0; i < csv.length(); i++) {
            quoted ^= csv.charAt(i) == '"';
            if (csv.charAt(i) == '\n' && !quoted) {
                end = i + 1;
            }
        }
        return csv.substring(0, end);
    }
}
