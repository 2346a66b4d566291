package promedio.files.assignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Asking;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Attempt;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Interpretation;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.TableEdit;
import promedio.core.assignment.Task;
import promedio.core.assignment.Tasks;
import promedio.core.course.Accuracy;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.QuartileRule;
import promedio.core.data.Entries;
import promedio.core.number.Exact;
import promedio.core.tabulate.Tabulation;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;
import promedio.files.table.ReadingOptions;
import promedio.files.table.Watch;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AssignmentFileTest {
    private static final Assignment ASSIGNMENT = Assignment.of(
                    "Repair café, “sheet 3”",
                    SampleSheet.list(
                                    "s1",
                                    "Minutes, all of them",
                                    "min",
                                    Entries.of(
                                            "12", "", "n/a", " 15 ", "1e3", "a \"word\"", "two\nlines", "-0", "12.50"))
                            .withMissingCodes(Set.of("n/a", "-99"))
                            .readFrom("Minutes\n12 15 n/a \u0000 “18”")
                            .switched(List.of(0), false)
                            .switched(List.of(8), false)
                            .tabulated(Optional.of(Tabulation.of(Exact.ratio(5, 2), Exact.TWO, 3, true))),
                    SampleSheet.frequencies("s2", "Visitors", "", Entries.of("8", "9", ""), Entries.of("3", "x", "")),
                    SampleSheet.list("s3", "Nothing yet", "", Entries.NONE))
            .with(all -> all.card(CourseCard.STANDARD
                            .with(CardKey.QUARTILES, QuartileRule.HF7)
                            .with(CardKey.ACCURACY, new Accuracy(Accuracy.Kind.FIGURES, 4)))
                    .attempts(Map.of(
                            new Assignment.Question("s1", "mean"), new Attempt("13,5", "12", false, Map.of("13,5", 2)),
                            new Assignment.Question("s2", "sd"), Attempt.of("√2"),
                            new Assignment.Question("s1", "range"), new Attempt("", "", true, Map.of())))
                    .asking(new Asking(true, true, false))
                    .tasks(new Tasks(
                            Optional.of(CourseCard.STANDARD),
                            List.of(Task.of(new Assignment.Question("s2", "median"))))));

    @Test
    void what_is_written_is_read_again_letter_by_letter(@TempDir Path folder) throws InputProblem {
        Path file = folder.resolve("sheet.promedio");
        AssignmentFile.write(ASSIGNMENT, file);
        assertThat(AssignmentFile.read(file)).isEqualTo(ASSIGNMENT);
        AssignmentFile.write(Assignment.EMPTY, file);
        assertThat(AssignmentFile.read(file)).isEqualTo(Assignment.EMPTY);
    }

    @Test
    void what_means_missing_in_one_column_is_a_number_in_the_other_of_linked_pairs(@TempDir Path folder)
            throws Exception {
        Path file = Files.writeString(folder.resolve("log.csv"), "Age,Minutes\n99,12\n7,99\n5,n/a\n4,30\n");
        Original original = Originals.passing()
                .take(file, ReadingOptions.GUESSED.withMissing("Minutes=99").withMissing("n/a"), Watch.NOBODY);
        Assignment tabled = new TableEdit.AddTable(0, DataTable.of("t1", "Log", original)).apply(Assignment.EMPTY);
        Assignment paired = new TableEdit.TakeColumn(0, "s1", "Both", "", Link.pairs("t1", 0, 1)).apply(tabled);
        SampleSheet sheet = paired.sheet("s1").orElseThrow();
        Interpretation read = Interpretation.of(sheet, paired.card());
        assertThat(read.sample().paired().orElseThrow().sumOfProducts())
                .as("99 · 12 + 4 · 30")
                .isEqualTo(Exact.of(1308));
        assertThat(read.sample().missing()).isEqualTo(Exact.TWO);
        Path saved = folder.resolve("saved.promedio");
        AssignmentFile.write(paired, saved);
        assertThat(AssignmentFile.read(saved).sheet("s1").orElseThrow().columns())
                .isEqualTo(sheet.columns());
    }

    @Test
    void nothing_is_left_beside_the_file_and_the_same_assignment_gives_the_same_bytes(@TempDir Path folder)
            throws Exception {
        Path file = folder.resolve("sheet.promedio");
        AssignmentFile.write(ASSIGNMENT, file);
        byte[] first = Files.readAllBytes(file);
        AssignmentFile.write(ASSIGNMENT, file);
        assertThat(Files.readAllBytes(file)).isEqualTo(first);
        try (Stream<Path> there = Files.list(folder)) {
            assertThat(there).containsExactly(file);
        }
    }

    @Test
    void a_write_that_fails_half_way_leaves_the_file_as_it_was(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("sheet.promedio");
        AssignmentFile.write(ASSIGNMENT, file);
        assertThatThrownBy(() -> AtomicFile.write(file, out -> {
                    out.write(new byte[100_000]);
                    throw new IOException("No space left on device");
                }))
                .isInstanceOf(IOException.class);
        assertThat(AssignmentFile.read(file)).isEqualTo(ASSIGNMENT);
        try (Stream<Path> there = Files.list(folder)) {
            assertThat(there).containsExactly(file);
        }
    }

    @Test
    void where_it_cannot_be_written_a_sentence_says_so(@TempDir Path folder) {
        assertThatThrownBy(() ->
                        AssignmentFile.write(ASSIGNMENT, folder.resolve("gone").resolve("a.promedio")))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("no longer there");
    }

    @Test
    void damaged_files_and_strangers_are_refused_with_a_sentence(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("sheet.promedio");
        AssignmentFile.write(ASSIGNMENT, file);
        byte[] whole = Files.readAllBytes(file);
        for (int length : new int[] {0, 1, 30, whole.length / 2}) {
            byte[] part = java.util.Arrays.copyOf(whole, length);
            assertThatThrownBy(() ->
                            AssignmentFile.read(new ByteArrayInputStream(part), new Budget(part.length), "“sheet”"))
                    .as("cut at %d", length)
                    .isInstanceOfAny(InputProblem.class, IOException.class);
        }
        assertThatThrownBy(() -> AssignmentFile.read(folder.resolve("gone"))).hasMessageContaining("no longer there");
        Files.writeString(file, "no zip at all");
        assertThatThrownBy(() -> AssignmentFile.read(file)).hasMessageContaining("no assignment of Promedio");
        assertThatThrownBy(() -> read("{\"format\":\"other\",\"version\":1}")).hasMessageContaining("no assignment");
        assertThatThrownBy(() -> read("{\"format\":\"promedio\",\"version\":3}"))
                .hasMessageContaining("newer version");
        assertThatThrownBy(() -> read("{\"format\":\"promedio\",\"version\":2,\"needs\":[\"tables\",\"songs\"]}"))
                .hasMessageContaining("newer version");
        assertThatThrownBy(() -> read(
                        "{\"format\":\"promedio\",\"version\":2,\"tables\":[{\"id\":\"t1\",\"name\":\"Log\",\"original\":\""
                                + "0".repeat(64) + "\"}]}"))
                .hasMessageContaining("what the table “Log” was read from is not in it");
        assertThatThrownBy(() -> read("{\"format\":")).hasMessageContaining("damaged");
        assertThatThrownBy(() -> read(
                        "{\"format\":\"promedio\",\"version\":1,\"samples\":[{\"name\":\"A\",\"entries\":\"x.csv\"}]}"))
                .hasMessageContaining("the entries of “A” are not in it");
    }

    @Test
    void of_a_damaged_file_everything_is_kept_that_can_still_be_read(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("sheet.promedio");
        AssignmentFile.write(ASSIGNMENT, file);
        byte[] whole = Files.readAllBytes(file);
        AssignmentFile.Salvaged all = AssignmentFile.salvage(file).orElseThrow();
        assertThat(all.assignment()).as("nothing is damaged").isEqualTo(ASSIGNMENT);
        assertThat(all.broken()).isEmpty();
        // The second sample begins behind the second mark of its name; cut there, and everything before is whole.
        int second = indexOf(whole, "samples/s2.csv");
        Files.write(file, Arrays.copyOf(whole, second - 30));
        AssignmentFile.Salvaged first = AssignmentFile.salvage(file).orElseThrow();
        assertThat(first.assignment().sheets())
                .containsExactly(ASSIGNMENT.sheets().get(0));
        assertThat(first.assignment().title()).isEqualTo(ASSIGNMENT.title());
        assertThat(first.assignment().answers()).isEqualTo(ASSIGNMENT.answers());
        assertThat(first.lost()).first().isEqualTo(ASSIGNMENT.sheets().get(1).name());
        // A document that cannot be read: the samples are left, known by their ids.
        byte[] scratched = whole.clone();
        Arrays.fill(scratched, 50, indexOf(whole, "samples/s1.csv") - 40, (byte) 0x55);
        Files.write(file, scratched);
        AssignmentFile.Salvaged columns = AssignmentFile.salvage(file).orElseThrow();
        assertThat(columns.assignment().sheets())
                .extracting(SampleSheet::columns)
                .isEqualTo(
                        ASSIGNMENT.sheets().stream().map(SampleSheet::columns).toList());
        for (int length = 0; length < whole.length; length += 7) {
            Files.write(file, Arrays.copyOf(whole, length));
            AssignmentFile.salvage(file).ifPresent(left -> assertThat(
                            left.assignment().sheets().size() + left.lost().size())
                    .isEqualTo(ASSIGNMENT.sheets().size()));
        }
    }

    @Test
    void a_sample_that_breaks_off_ends_with_its_last_whole_entry(@TempDir Path folder) throws Exception {
        List<String> entries = IntStream.range(0, 3000)
                .mapToObj(i -> Integer.toString(i * 7919 % 10007))
                .toList();
        Path file = folder.resolve("long.promedio");
        SampleSheet sheet = SampleSheet.list("s1", "Long", "", Entries.of(entries));
        AssignmentFile.write(Assignment.of("", sheet), file);
        byte[] whole = Files.readAllBytes(file);
        Files.write(file, Arrays.copyOf(whole, whole.length * 2 / 3));
        AssignmentFile.Salvaged left = AssignmentFile.salvage(file).orElseThrow();
        List<String> read = left.assignment().sheets().get(0).values().texts();
        assertThat(left.broken()).containsExactly("Long");
        assertThat(read).hasSizeGreaterThan(1000).hasSizeLessThan(3000).isEqualTo(entries.subList(0, read.size()));
    }

    @Test
    void strangers_and_newer_files_are_not_salvaged(@TempDir Path folder) throws Exception {
        Path file = Files.writeString(folder.resolve("sheet.promedio"), "no zip at all");
        assertThat(AssignmentFile.salvage(file)).isEmpty();
        assertThat(AssignmentFile.salvage(folder.resolve("gone"))).isEmpty();
        Files.write(file, zipped("{\"format\":\"promedio\",\"version\":2,\"samples\":[]}"));
        assertThat(AssignmentFile.salvage(file)).isEmpty();
    }

    /** A power of ten beyond every number in the document: the file is damaged, and nothing of it can be salvaged. */
    @Test
    void a_number_without_end_is_damage(@TempDir Path folder) throws Exception {
        String document = "{\"format\":\"promedio\",\"version\":2,\"more\":" + "1".repeat(600) + "e111111111111}";
        assertThatThrownBy(() -> read(document)).hasMessageContaining("damaged");
        Path file = Files.write(folder.resolve("sheet.promedio"), zipped(document));
        assertThat(AssignmentFile.salvage(file)).isEmpty();
    }

    private static int indexOf(byte[] bytes, String text) {
        return new String(bytes, StandardCharsets.ISO_8859_1).indexOf(text);
    }

    @Test
    void what_a_file_says_beyond_this_version_is_passed_over() throws Exception {
        Assignment read = read(
                "{\"format\":\"promedio\",\"version\":1,\"title\":\"T\",\"card\":{\"divisor\":\"population\",\"colour\":\"red\"},\"more\":[1]}");
        assertThat(read.title()).isEqualTo("T");
        assertThat(read.card().differences()).containsExactly(Map.entry("divisor", "population"));
    }

    private static Assignment read(String document) throws Exception {
        return AssignmentFile.read(new ByteArrayInputStream(zipped(document)), new Budget(1), "“sheet”");
    }

    private static byte[] zipped(String document) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("assignment.json"));
            zip.write(document.getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
        }
        return bytes.toByteArray();
    }
}
