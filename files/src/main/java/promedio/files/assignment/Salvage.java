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
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import promedio.core.assignment.Foreign;
import promedio.core.sample.SampleKind;
import promedio.files.InputProblem;

/**
 * Gets out of a damaged assignment file what can still be read. Each part is looked for by the mark it begins with and read
 * as far as it goes, so that damage in one leaves the others alone.
 */
final class Salvage {
    private static final byte[] PART_BEGINS = {'P', 'K', 3, 4};
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final AssignmentSchema.Checked NOTHING =
            new AssignmentSchema.Checked(JSON.createObjectNode(), List.of(), Set.of());

    private final Budget budget;
    private final Map<String, Part> parts = new LinkedHashMap<>();
    private final Part described;
    private final List<String> whole = new ArrayList<>();
    private final List<String> broken = new ArrayList<>();
    private final List<String> lost = new ArrayList<>();
    private boolean understood;

    /** A part: its bytes, whether all of it is there, and its place among the parts. */
    private static final class Part {
        private final byte[] content;
        private final boolean whole;
        private final int place;

        Part(byte[] content, boolean whole, int place) {
            this.content = content;
            this.whole = whole;
            this.place = place;
        }

        String text() {
            return new String(content, StandardCharsets.UTF_8);
        }

        /** A part of a name that another has too: a letter of one has changed, and nobody knows in which. */
        Part doubtful() {
            return new Part(content, false, place);
        }
    }

    private Salvage(byte[] file, Budget budget) throws Budget.Spent {
        this.budget = budget;
        for (int at = 0; at + PART_BEGINS.length <= file.length; at++) {
            if (Arrays.equals(file, at, at + PART_BEGINS.length, PART_BEGINS, 0, PART_BEGINS.length)) {
                part(file, at);
            }
        }
        described = parts.remove(AssignmentFile.DOCUMENT);
    }

    /** What is still in a file; empty where it is none of ours, or of a newer version, or nothing is left. */
    static Optional<AssignmentFile.Salvaged> of(byte[] file, Budget budget, Originals originals) throws IOException {
        Salvage salvage = new Salvage(file, budget);
        Optional<JsonNode> document = salvage.document();
        if (document.isPresent() && !AssignmentJson.isReadable(document.get())) {
            return Optional.empty();
        }
        AssignmentSchema.Checked checked = document.map(AssignmentSchema::check).orElse(NOTHING);
        salvage.understood = checked.broken().isEmpty();
        for (Foreign.Piece piece : checked.pieces()) {
            if (AssignmentSchema.ITEM.matcher(piece.at()).matches()) {
                salvage.lost.add(name(piece));
            }
        }
        AssignmentReader reader = new AssignmentReader(checked, () -> {});
        if (document.isPresent()) {
            for (int i = 0; i < reader.count(AssignmentJson.TABLES); i++) {
                salvage.table(reader, reader.goTo(AssignmentJson.TABLES, i), originals);
            }
            for (int i = 0; i < reader.count(AssignmentJson.SAMPLES); i++) {
                JsonNode sample = reader.goTo(AssignmentJson.SAMPLES, i);
                if (AssignmentReader.isLinkedOnly(sample)) {
                    salvage.linked(reader, sample);
                    continue;
                }
                salvage.add(
                        reader,
                        sample,
                        salvage.parts.remove(sample.path("entries").asText()),
                        i + 1);
            }
        } else {
            salvage.withoutDocument(reader);
        }
        return reader.isEmpty()
                ? Optional.empty()
                : Optional.of(new AssignmentFile.Salvaged(
                        reader.assignment(), salvage.whole, salvage.broken, salvage.lost, salvage.isDescribed()));
    }

    /** What a sample or a table is called that cannot be read; where it stands, if even that is not known. */
    private static String name(Foreign.Piece piece) throws IOException {
        return JSON.readTree(piece.value()).path("name").asText(piece.at());
    }

    private void part(byte[] file, int at) throws Budget.Spent {
        try (ZipInputStream zip =
                new ZipInputStream(new ByteArrayInputStream(file, at, file.length - at), StandardCharsets.UTF_8)) {
            ZipEntry entry = zip.getNextEntry();
            if (entry == null) {
                return;
            }
            budget.part();
            ByteArrayOutputStream content = new ByteArrayOutputStream();
            boolean all = copy(zip, content);
            Part part = new Part(content.toByteArray(), all, parts.size());
            parts.merge(entry.getName(), part, (first, second) -> first.doubtful());
        } catch (Budget.Spent tooLarge) {
            throw tooLarge;
        } catch (IOException | IllegalArgumentException noPart) {
            // The mark stood there by chance, or the head of the part is damaged: then it is lost.
            return;
        }
    }

    private boolean copy(ZipInputStream zip, ByteArrayOutputStream content) throws Budget.Spent {
        byte[] chunk = new byte[1 << 9];
        try {
            for (int read = zip.read(chunk); read >= 0; read = zip.read(chunk)) {
                budget.bytes(read);
                content.write(chunk, 0, read);
            }
            return true;
        } catch (Budget.Spent tooLarge) {
            throw tooLarge;
        } catch (IOException damaged) {
            return false;
        }
    }

    private Optional<JsonNode> document() {
        if (described == null) {
            return Optional.empty();
        }
        try {
            return Optional.ofNullable(AssignmentJson.parse(described.content)).filter(JsonNode::isObject);
        } catch (IOException damaged) {
            return Optional.empty();
        }
    }

    /** Whether what the file says of the samples, and the card and answers, are as they were. */
    private boolean isDescribed() {
        return described != null && described.whole && understood;
    }

    /** Without the document, a sample is known by its part alone: its id, and its kind by the heading. */
    private void withoutDocument(AssignmentReader reader) throws Budget.Spent {
        for (Map.Entry<String, Part> part : parts.entrySet()) {
            String name = part.getKey();
            if (name.startsWith("samples/") && name.endsWith(".csv")) {
                String id = name.substring("samples/".length(), name.length() - ".csv".length());
                add(reader, JSON.createObjectNode().put("id", id).put("name", id), part.getValue(), 0);
            }
        }
    }

    /** A table is as it was, or lost: half of its original is another. */
    private void table(AssignmentReader reader, JsonNode table, Originals originals) throws IOException {
        String name = table.path("name").asText();
        String hash = table.path("original").asText();
        try {
            if (!keep(hash, originals)) {
                lost.add(name);
                return;
            }
            boolean joined = true;
            for (JsonNode one : table.path("joined")) {
                joined &= keep(one.path("original").asText(), originals);
            }
            reader.table(table, originals);
            (joined && isDescribed() ? whole : broken).add(name);
        } catch (InputProblem | IllegalArgumentException unreadable) {
            lost.add(name);
        }
    }

    private boolean keep(String hash, Originals originals) throws IOException {
        Part part = parts.get(AssignmentJson.partOf(hash));
        return part != null
                && originals
                        .keep(new ByteArrayInputStream(part.content), budget)
                        .equals(hash);
    }

    private void linked(AssignmentReader reader, JsonNode sample) {
        String name = sample.path("name").asText();
        try {
            (!reader.linked(sample) ? lost : isDescribed() ? whole : broken).add(name);
        } catch (IllegalArgumentException | IndexOutOfBoundsException noColumn) {
            lost.add(name);
        }
    }

    private void add(AssignmentReader reader, JsonNode described, Part part, int place) throws Budget.Spent {
        String name = described.path("name").asText();
        if (part == null || part.text().isEmpty()) {
            lost.add(name);
            return;
        }
        ObjectNode sample = described.isObject() ? described.deepCopy() : JSON.createObjectNode();
        if (SampleKind.find(sample.path("kind").asText()).isEmpty()) {
            if (isDescribed()) {
                reader.unread(sample, part.text());
                (part.whole ? whole : broken).add(name);
                return;
            }
            String heading = part.text().lines().findFirst().orElse("");
            sample.put("kind", SheetCsv.kindOf(heading).id());
        }
        try {
            String csv = part.whole ? part.text() : wholeRows(part.text());
            reader.sample(sample, new ByteArrayInputStream(csv.getBytes(StandardCharsets.UTF_8)), budget);
            // Without the whole document nobody knows what was missing, switched off, or a table read as a list.
            boolean all = part.whole && isDescribed() && isOf(described, part, place) && reader.hasTable(described);
            (all ? whole : broken).add(name);
        } catch (Budget.Spent tooLarge) {
            throw tooLarge;
        } catch (CsvParseException | IOException | IllegalArgumentException unreadable) {
            lost.add(name);
        }
    }

    /** Whether a part is surely that of the sample: the name of another may have changed to its name. */
    private static boolean isOf(JsonNode sample, Part part, int place) {
        boolean sure = sample.has("check") || part.place == place;
        return sure && !AssignmentReader.belies(sample, part.text().getBytes(StandardCharsets.UTF_8));
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
