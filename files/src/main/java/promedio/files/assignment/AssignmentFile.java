package promedio.files.assignment;

import com.fasterxml.jackson.core.JacksonException;
import com.fasterxml.jackson.databind.JsonNode;
import de.siegmar.fastcsv.reader.CsvParseException;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Foreign;
import promedio.core.assignment.Original;
import promedio.core.assignment.SampleSheet;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;

/** Reads and writes assignments as docs/assignment-format.md describes them. */
public final class AssignmentFile {
    /** The newest version of the format, which is written where there are data tables. */
    public static final int VERSION = 2;

    /** The version that is written where there are none, so that older programs read it. */
    static final int WITHOUT_TABLES = 1;

    /** The ending of assignment files. */
    public static final String ENDING = ".promedio";

    static final String DOCUMENT = "assignment.json";

    private AssignmentFile() {}

    /**
     * Writes an assignment; the file is replaced as a whole or left as it was.
     *
     * @throws InputProblem when it cannot be written; what was there before is still there
     */
    public static void write(Assignment assignment, Path file) throws InputProblem {
        try {
            try {
                AtomicFile.write(file, out -> write(assignment, out));
            } catch (Originals.Damaged damaged) {
                mend(assignment, file);
                AtomicFile.write(file, out -> write(assignment, out));
            }
        } catch (IOException problem) {
            throw AtomicFile.problem(file, problem);
        }
    }

    /** Takes originals that were damaged out of the file as it was saved before. @throws InputProblem where they are not in it */
    private static void mend(Assignment assignment, Path saved) throws InputProblem, IOException {
        for (Original original : originals(assignment)) {
            if (!Originals.isThere(original) && !mended(original, saved)) {
                throw new InputProblem(Sentence.of("table.gone", "“" + original.source() + "”"));
            }
        }
    }

    private static boolean mended(Original original, Path saved) throws IOException {
        if (!Files.isRegularFile(saved)) {
            return false;
        }
        Budget budget = new Budget(Files.size(saved));
        try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(saved), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = next(zip); entry != null; entry = next(zip)) {
                budget.part();
                if (entry.getName().equals(AssignmentJson.partOf(original.hash()))) {
                    return Originals.mend(original, zip, budget);
                }
            }
        }
        return false;
    }

    private static List<Original> originals(Assignment assignment) {
        return assignment.tables().stream()
                .flatMap(table -> table.originals().stream())
                .toList();
    }

    /** Writes an assignment to a stream, which stays open. */
    static void write(Assignment assignment, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        begin(zip, DOCUMENT);
        zip.write(AssignmentJson.bytes(AssignmentJson.write(assignment)));
        zip.closeEntry();
        for (int i = 0; i < assignment.sheets().size(); i++) {
            SampleSheet sheet = assignment.sheets().get(i);
            if (AssignmentJson.hasEntries(sheet)) {
                begin(zip, AssignmentJson.partName(i));
                SheetCsv.write(sheet, zip);
                zip.closeEntry();
            }
        }
        // What is large is to be written soon rather than small.
        zip.setLevel(Deflater.BEST_SPEED);
        Set<String> written = new HashSet<>();
        for (Original original : originals(assignment)) {
            if (written.add(original.hash())) {
                begin(zip, AssignmentJson.partOf(original.hash()));
                Originals.copy(original, zip);
                zip.closeEntry();
            }
        }
        zip.setLevel(Deflater.DEFAULT_COMPRESSION);
        List<Foreign.Unread> unread = assignment.foreign().samples();
        for (int i = 0; i < unread.size(); i++) {
            begin(zip, AssignmentJson.partName(assignment.sheets().size() + i));
            zip.write(unread.get(i).content().getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
        }
        zip.finish();
    }

    private static void begin(ZipOutputStream zip, String name) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(0);
        zip.putNextEntry(entry);
    }

    /** Reads an assignment whose tables, if it has any, are kept until the program ends. @throws InputProblem as the other */
    public static Assignment read(Path file) throws InputProblem {
        return read(file, Originals.passing());
    }

    /**
     * Reads an assignment. What this version does not know of it is told by {@link Assignment#foreign}.
     *
     * @param originals where the originals of its tables are to lie from now on
     * @throws InputProblem when it is not there, is damaged, is none, is larger than any, or was written by a newer version
     */
    public static Assignment read(Path file, Originals originals) throws InputProblem {
        try {
            return read(file, originals, new Budget(Files.size(file)));
        } catch (IOException unreadable) {
            return read(file, originals, new Budget(0));
        }
    }

    /**
     * Reads an assignment of somebody else, whose tables are kept until the program ends.
     *
     * @param mostBytes how much it may unpack to
     * @param mostEntries how many entries its samples may have
     * @param pause what is asked again and again; it stops the work by throwing
     * @throws InputProblem as the other
     */
    public static Assignment read(Path file, long mostBytes, long mostEntries, Runnable pause) throws InputProblem {
        return read(file, Originals.passing(), new Budget(mostBytes, mostEntries, pause));
    }

    private static Assignment read(Path file, Originals originals, Budget budget) throws InputProblem {
        String name = "“" + file.getFileName() + "”";
        try (InputStream in = Files.newInputStream(file)) {
            return read(in, budget, name, originals);
        } catch (NoSuchFileException missing) {
            throw new InputProblem(Sentence.of("file.gone", name), missing);
        } catch (AccessDeniedException denied) {
            throw new InputProblem(Sentence.of("file.denied", name), denied);
        } catch (Budget.Spent tooLarge) {
            throw new InputProblem(Sentence.of("file.too-large", name), tooLarge);
        } catch (ZipException | EOFException damaged) {
            throw new InputProblem(Sentence.of("file.damaged-or-other", name), damaged);
        } catch (IOException | OutOfMemoryError problem) {
            throw new InputProblem(Sentence.of("file.unreadable", name), problem);
        }
    }

    /**
     * What was got out of a damaged file.
     *
     * @param assignment what is left of the assignment
     * @param whole the names of the samples that are as they were
     * @param broken the names of those that end early, hold wrong entries, or of which nobody knows how they were read
     * @param lost the names of those that are gone
     * @param described whether the course card, answers, codes for missing and entries switched off are as they were
     */
    public record Salvaged(
            Assignment assignment, List<String> whole, List<String> broken, List<String> lost, boolean described) {
        /** Copies the lists. */
        public Salvaged {
            whole = List.copyOf(whole);
            broken = List.copyOf(broken);
            lost = List.copyOf(lost);
        }
    }

    /** Gets out of a damaged file what can still be read; empty where that is nothing, or the file is none of ours. */
    public static Optional<Salvaged> salvage(Path file) {
        return salvage(file, Originals.passing());
    }

    /** The same with a place where the originals of its tables are to lie from now on. */
    public static Optional<Salvaged> salvage(Path file, Originals originals) {
        try {
            long size = Files.size(file);
            return size > Budget.MOST_BYTES
                    ? Optional.empty()
                    : Salvage.of(Files.readAllBytes(file), new Budget(size), originals);
        } catch (IOException | OutOfMemoryError unreadable) {
            return Optional.empty();
        }
    }

    static Assignment read(InputStream in, Budget budget, String name) throws IOException, InputProblem {
        return read(in, budget, name, Originals.passing());
    }

    private static Assignment read(InputStream in, Budget budget, String name, Originals originals)
            throws IOException, InputProblem {
        Map<String, byte[]> parts = parts(in, budget, originals);
        byte[] document = parts.get(DOCUMENT);
        if (document == null) {
            throw new InputProblem(Sentence.of("file.damaged-or-other", name));
        }
        try {
            JsonNode json = AssignmentJson.parse(document);
            if (AssignmentJson.isNewer(json)) {
                throw new InputProblem(Sentence.of("file.newer", name));
            }
            if (!AssignmentJson.isReadable(json)) {
                throw new InputProblem(Sentence.of("file.other", name));
            }
            AssignmentSchema.Checked checked = AssignmentSchema.check(json);
            if (!checked.broken().isEmpty()) {
                String place = checked.broken().iterator().next();
                throw new InputProblem(Sentence.of("file.damaged.place", name, place));
            }
            AssignmentReader reader = new AssignmentReader(checked, budget::goOn);
            for (int i = 0; i < reader.count(AssignmentJson.TABLES); i++) {
                JsonNode table = reader.goTo(AssignmentJson.TABLES, i);
                if (!TablesJson.originals(table).stream()
                        .map(AssignmentJson::partOf)
                        .allMatch(parts::containsKey)) {
                    throw new InputProblem(Sentence.of(
                            "file.damaged.missing-table",
                            name,
                            table.path("name").asText()));
                }
                reader.table(table, originals);
            }
            for (int i = 0; i < reader.count(AssignmentJson.SAMPLES); i++) {
                JsonNode sample = reader.goTo(AssignmentJson.SAMPLES, i);
                boolean linked = AssignmentReader.isLinkedOnly(sample);
                if (linked ? !reader.linked(sample) : !reader.hasTable(sample)) {
                    throw new InputProblem(Sentence.of(
                            "file.damaged.missing", name, sample.path("name").asText()));
                }
                if (linked) {
                    continue;
                }
                // Taken away with it: what two samples are said to have in common is what neither of them has.
                byte[] content = parts.remove(sample.path("entries").asText());
                if (content == null) {
                    throw new InputProblem(Sentence.of(
                            "file.damaged.missing", name, sample.path("name").asText()));
                }
                if (AssignmentReader.belies(sample, content)) {
                    throw new InputProblem(Sentence.of(
                            "file.damaged.belied", name, sample.path("name").asText()));
                }
                if (SampleKind.find(sample.path("kind").asText()).isPresent()) {
                    reader.sample(sample, new ByteArrayInputStream(content), budget);
                } else {
                    reader.unread(sample, new String(content, StandardCharsets.UTF_8));
                }
            }
            return reader.assignment();
        } catch (JacksonException | CsvParseException | IllegalArgumentException damaged) {
            throw new InputProblem(Sentence.of("file.damaged.apart", name), damaged);
        }
    }

    /** The parts by their names; those that are originals are kept where they belong, and have no content here. */
    private static Map<String, byte[]> parts(InputStream in, Budget budget, Originals originals) throws IOException {
        Map<String, byte[]> parts = new HashMap<>();
        try (ZipInputStream zip = new ZipInputStream(in, StandardCharsets.UTF_8)) {
            for (ZipEntry entry = next(zip); entry != null; entry = next(zip)) {
                budget.part();
                Optional<String> original = AssignmentJson.originalOf(entry.getName());
                if (original.isPresent()) {
                    if (!originals.keep(zip, budget).equals(original.get())
                            || parts.put(entry.getName(), new byte[0]) != null) {
                        throw new ZipException("A table is not what it was.");
                    }
                    continue;
                }
                ByteArrayOutputStream content = new ByteArrayOutputStream();
                byte[] chunk = new byte[1 << 16];
                for (int read = zip.read(chunk); read >= 0; read = zip.read(chunk)) {
                    budget.bytes(read);
                    content.write(chunk, 0, read);
                }
                if (parts.put(entry.getName(), content.toByteArray()) != null) {
                    throw new ZipException("Two parts have one name.");
                }
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
}
