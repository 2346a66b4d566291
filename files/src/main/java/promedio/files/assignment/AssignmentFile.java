package promedio.files.assignment;

import com.fasterxml.jackson.core.JacksonException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import de.siegmar.fastcsv.writer.QuoteStrategies;
import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Entries;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CourseCard;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;

/** Reads and writes assignments as docs/assignment-format.md describes them. */
public final class AssignmentFile {
    /** The version of the format that this program writes, and the newest it reads. */
    public static final int VERSION = 1;

    /** The ending of assignment files. */
    public static final String ENDING = ".promedio";

    static final String DOCUMENT = "assignment.json";
    static final long MOST_BYTES = 1L << 30;
    private static final int MOST_PARTS = 10_000;
    private static final ObjectMapper JSON = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private AssignmentFile() {}

    /**
     * Writes an assignment; the file is replaced as a whole or left as it was.
     *
     * @throws InputProblem when it cannot be written; what was there before is still there
     */
    public static void write(Assignment assignment, Path file) throws InputProblem {
        try {
            AtomicFile.write(file, out -> write(assignment, out));
        } catch (IOException problem) {
            throw AtomicFile.problem(file, problem);
        }
    }

    /** Writes an assignment to a stream, which stays open. */
    static void write(Assignment assignment, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        begin(zip, DOCUMENT);
        zip.write(JSON.writeValueAsBytes(document(assignment)));
        zip.closeEntry();
        for (SampleSheet sheet : assignment.sheets()) {
            begin(zip, partName(sheet));
            csv(sheet, zip);
            zip.closeEntry();
        }
        zip.finish();
    }

    private static void begin(ZipOutputStream zip, String name) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(0);
        zip.putNextEntry(entry);
    }

    private static String partName(SampleSheet sheet) {
        return "samples/" + sheet.id() + ".csv";
    }

    private static ObjectNode document(Assignment assignment) {
        ObjectNode document = JSON.createObjectNode();
        document.put("format", "promedio").put("version", VERSION).put("title", assignment.title());
        ObjectNode card = document.putObject("card");
        assignment.card().differences().forEach(card::put);
        ArrayNode samples = document.putArray("samples");
        for (SampleSheet sheet : assignment.sheets()) {
            ObjectNode sample = samples.addObject();
            sample.put("id", sheet.id()).put("name", sheet.name()).put("unit", sheet.unit());
            sample.put("kind", sheet.kind().id());
            sample.put("entries", partName(sheet));
            ArrayNode codes = sample.putArray("missing");
            new TreeSet<>(sheet.missingCodes()).forEach(codes::add);
            ArrayNode off = sample.putArray("off");
            sheet.off().forEach(off::add);
            sheet.tabulation().ifPresent(classes -> sample.set("classes", AnswersJson.write(classes)));
        }
        AnswersJson.write(assignment, document);
        return document;
    }

    private static void csv(SampleSheet sheet, OutputStream out) throws IOException {
        // Not closed: the stream goes on with the next part.
        CsvWriter writer = CsvWriter.builder()
                .lineDelimiter(LineDelimiter.LF)
                .quoteStrategy(QuoteStrategies.EMPTY)
                .build(new OutputStreamWriter(out, StandardCharsets.UTF_8));
        try {
            writer.writeRecord(
                    switch (sheet.kind()) {
                        case VALUES -> List.of("value");
                        case FREQUENCIES -> List.of("value", "frequency");
                        case CLASSES -> List.of("class", "frequency");
                    });
            for (int row = 0; row < sheet.size(); row++) {
                List<String> cells = new ArrayList<>();
                for (Entries column : sheet.columns()) {
                    cells.add(column.text(row));
                }
                writer.writeRecord(cells);
            }
            writer.flush();
        } catch (UncheckedIOException broken) {
            throw broken.getCause();
        }
    }

    /**
     * Reads an assignment.
     *
     * @throws InputProblem when it is not there, is damaged, is none, or was written by a newer version
     */
    public static Assignment read(Path file) throws InputProblem {
        String name = "“" + file.getFileName() + "”";
        try (InputStream in = Files.newInputStream(file)) {
            return read(in, name);
        } catch (NoSuchFileException missing) {
            throw new InputProblem(name + " is no longer there.", missing);
        } catch (AccessDeniedException denied) {
            throw new InputProblem(name + " may not be read by you.", denied);
        } catch (ZipException | EOFException damaged) {
            throw new InputProblem(name + " is damaged or no assignment of Promedio.", damaged);
        } catch (IOException problem) {
            throw new InputProblem(name + " could not be read.", problem);
        }
    }

    /**
     * What was got out of a damaged file.
     *
     * @param assignment what is left of the assignment
     * @param whole the names of the samples that are as they were
     * @param broken the names of those that end early or hold wrong entries
     * @param lost the names of those that are gone
     */
    public record Salvaged(Assignment assignment, List<String> whole, List<String> broken, List<String> lost) {
        /** Copies the lists. */
        public Salvaged {
            whole = List.copyOf(whole);
            broken = List.copyOf(broken);
            lost = List.copyOf(lost);
        }
    }

    /** Gets out of a damaged file what can still be read; empty where that is nothing, or the file is none of ours. */
    public static Optional<Salvaged> salvage(Path file) {
        try {
            return Files.size(file) > MOST_BYTES ? Optional.empty() : Salvage.of(Files.readAllBytes(file));
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }

    static Assignment read(InputStream in, String name) throws IOException, InputProblem {
        Map<String, byte[]> parts = parts(in, name);
        byte[] document = parts.get(DOCUMENT);
        if (document == null) {
            throw new InputProblem(name + " is damaged or no assignment of Promedio.");
        }
        try {
            JsonNode json = JSON.readTree(document);
            if (json.path("version").asInt() > VERSION) {
                throw new InputProblem(name + " was written by a newer version of Promedio; update to open it.");
            }
            if (!isReadable(json)) {
                throw new InputProblem(name + " is no assignment of Promedio.");
            }
            return assignment(json, sheets(json, parts, name));
        } catch (JacksonException | CsvParseException | IllegalArgumentException damaged) {
            throw new InputProblem(name + " is damaged: its contents cannot be taken apart.", damaged);
        }
    }

    private static Map<String, byte[]> parts(InputStream in, String name) throws IOException, InputProblem {
        Map<String, byte[]> parts = new HashMap<>();
        long bytes = 0;
        try (ZipInputStream zip = new ZipInputStream(in, StandardCharsets.UTF_8)) {
            for (ZipEntry entry = next(zip); entry != null; entry = next(zip)) {
                ByteArrayOutputStream content = new ByteArrayOutputStream();
                byte[] chunk = new byte[1 << 16];
                for (int read = zip.read(chunk); read >= 0; read = zip.read(chunk)) {
                    bytes += read;
                    if (bytes > MOST_BYTES || parts.size() > MOST_PARTS) {
                        throw new InputProblem(name + " is larger than any assignment; it is not opened.");
                    }
                    content.write(chunk, 0, read);
                }
                parts.put(entry.getName(), content.toByteArray());
            }
        }
        return parts;
    }

    private static ZipEntry next(ZipInputStream zip) throws IOException {
        try {
            return zip.getNextEntry();
        } catch (IllegalArgumentException notText) {
            throw (ZipException) new ZipException("The name of a part is no text.").initCause(notText);
        }
    }

    /** Whether a document is of this program, and not newer. */
    static boolean isReadable(JsonNode json) {
        int version = json.path("version").asInt(0);
        return json.path("format").asText().equals("promedio") && version >= 1 && version <= VERSION;
    }

    private static List<SampleSheet> sheets(JsonNode json, Map<String, byte[]> parts, String name)
            throws IOException, InputProblem {
        List<SampleSheet> sheets = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (JsonNode sample : json.path("samples")) {
            byte[] content = parts.get(sample.path("entries").asText());
            if (content == null) {
                throw new InputProblem(name + " is damaged: the entries of “"
                        + sample.path("name").asText() + "” are not in it.");
            }
            if (ids.add(sample.path("id").asText())) {
                sheets.add(sheet(sample, new String(content, StandardCharsets.UTF_8)));
            }
        }
        return sheets;
    }

    static Assignment assignment(JsonNode json, List<SampleSheet> sheets) {
        CourseCard card = CourseCard.STANDARD;
        for (Map.Entry<String, JsonNode> rule : json.path("card").properties()) {
            card = card.withRule(rule.getKey(), rule.getValue().asText()).orElse(card);
        }
        return new Assignment(
                json.path("title").asText(),
                sheets,
                card,
                AnswersJson.readAnswers(json),
                AnswersJson.readAttempts(json));
    }

    static SampleSheet sheet(JsonNode sample, String csv) throws IOException {
        SampleSheet.Kind kind = SampleSheet.Kind.of(sample.path("kind").asText());
        List<Entries> columns = columns(csv, kind.width());
        Set<String> codes = new HashSet<>();
        sample.path("missing").forEach(code -> codes.add(code.asText()));
        TreeSet<Integer> off = new TreeSet<>();
        int size = columns.get(0).size();
        sample.path("off").forEach(row -> {
            if (row.asInt(-1) >= 0 && row.asInt() < size) {
                off.add(row.asInt());
            }
        });
        return new SampleSheet(
                sample.path("id").asText(),
                sample.path("name").asText(),
                sample.path("unit").asText(),
                kind,
                columns,
                codes,
                off,
                AnswersJson.readTabulation(sample.path("classes")));
    }

    private static List<Entries> columns(String csv, int width) throws IOException {
        List<Entries.Builder> columns = new ArrayList<>();
        for (int i = 0; i < width; i++) {
            columns.add(new Entries.Builder());
        }
        try (CsvReader<CsvRecord> reader =
                CsvReader.builder().skipEmptyLines(false).ofCsvRecord(csv)) {
            boolean heading = true;
            for (CsvRecord record : reader) {
                if (!heading) {
                    for (int i = 0; i < width; i++) {
                        columns.get(i).add(i < record.getFieldCount() ? record.getField(i) : "");
                    }
                }
                heading = false;
            }
        }
        return columns.stream().map(Entries.Builder::build).toList();
    }
}
