package promedio.files.assignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.TableEdit;
import promedio.core.data.Entries;
import promedio.files.InputProblem;
import promedio.files.table.ReadingOptions;
import promedio.files.table.Watch;

/** What a table was read from is trusted only as long as it is the very same, and stays as long as anybody may need it. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OriginalsTest {
    private static final String ROWS =
            IntStream.rangeClosed(1, 40).mapToObj(row -> row + ";2\n").collect(Collectors.joining());

    @TempDir
    Path folder;

    private Path source;
    private Path journals;
    private Originals kept;
    private int made;

    @BeforeEach
    void begin() throws IOException {
        source = Files.writeString(folder.resolve("log.csv"), "Minutes;Bench\n" + ROWS);
        journals = folder.resolve("journals");
        kept = Journal.originals(journals);
    }

    /** An original of its own for each test, since what was read once is remembered. */
    private Original take() throws Exception {
        made++;
        Files.writeString(source, "Minutes" + made + folder.getFileName() + ";Bench\n" + ROWS);
        return kept.take(source, ReadingOptions.GUESSED, Watch.NOBODY);
    }

    private Path file(Original original) {
        return journals.resolve("data").resolve(original.hash());
    }

    private static Assignment with(Original original) {
        Assignment table = new TableEdit.AddTable(0, DataTable.of("t1", "Log", original)).apply(Assignment.EMPTY);
        return new TableEdit.TakeColumn(0, "s1", "Minutes", "min", Link.column("t1", 0)).apply(table);
    }

    private void damage(Original original, String how) throws IOException {
        Path file = file(original);
        byte[] bytes = Files.readAllBytes(file);
        switch (how) {
            case "changed" -> bytes[bytes.length - 3] = '9';
            case "cut" -> bytes = java.util.Arrays.copyOf(bytes, bytes.length / 3);
            case "emptied" -> bytes = new byte[0];
            default -> {
                Files.delete(file);
                return;
            }
        }
        Files.write(file, bytes);
    }

    @ParameterizedTest
    @ValueSource(strings = {"changed", "cut", "emptied", "gone"})
    void a_damaged_one_is_written_anew_where_the_good_file_is_at_hand_and_told_where_not(String how) throws Exception {
        Original original = take();
        Path saved = folder.resolve("sheet.promedio");
        AssignmentFile.write(with(original), saved);
        damage(original, how);
        assertThatThrownBy(() -> kept.find(original.hash(), "elsewhere.csv", original.reading()))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining(how.equals("gone") ? "not there any more" : "changed or cut");
        Assignment opened = AssignmentFile.read(saved, kept);
        assertThat(opened.sheet("s1").orElseThrow().size()).isEqualTo(40);
        assertThat(opened).isEqualTo(with(original));
        assertThat(file(original)).as("mended by opening").hasSameBinaryContentAs(source);
        damage(original, how);
        assertThat(kept.take(source, ReadingOptions.GUESSED, Watch.NOBODY)
                        .read()
                        .table()
                        .rows())
                .isEqualTo(40);
        assertThat(file(original)).as("mended by reading the file once more").hasSameBinaryContentAs(source);
        damage(original, how);
        AssignmentFile.write(new Edit.Retitle("Later").apply(with(original)), saved);
        assertThat(AssignmentFile.read(saved, Originals.in(folder.resolve("other")))
                        .title())
                .as("mended out of the file that is saved over")
                .isEqualTo("Later");
        damage(original, how);
        Path other = folder.resolve("other.promedio");
        assertThatThrownBy(() -> AssignmentFile.write(with(original), other))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("log.csv");
        assertThat(other).doesNotExist();
    }

    @Test
    void a_journal_gives_back_all_but_the_table_whose_original_cannot_be_had() throws Exception {
        Original original = take();
        Path file;
        try (Journal journal = Journal.in(journals)) {
            journal.begin(Assignment.EMPTY, Optional.empty());
            journal.made(new Edit.AddSheet(0, SampleSheet.list("s1", "List", "", Entries.of("1", "2"))));
            journal.made(new TableEdit.AddTable(0, DataTable.of("t1", "Log", original)));
            journal.made(new TableEdit.TakeColumn(1, "s2", "Minutes", "", Link.column("t1", 0)));
            journal.undone(Assignment.EMPTY);
            journal.redone(Assignment.EMPTY);
            journal.made(new Edit.Retitle("Sheet 3"));
            try (Stream<Path> all = Files.list(journals)) {
                file = Files.copy(
                        all.filter(one -> one.toString().endsWith(".journal"))
                                .findFirst()
                                .orElseThrow(),
                        journals.resolve("left.journal"));
            }
            damage(original, "cut");
        }
        Journal.Kept left = Journal.read(file).orElseThrow();
        assertThat(left.history().present().title()).isEqualTo("Sheet 3");
        assertThat(left.history().present().sheets())
                .extracting(SampleSheet::name)
                .containsExactly("List");
        assertThat(left.lost()).containsExactly("Log");
        left.history().undo();
        left.history().undo();
        assertThat(left.history().present()).as("undone in step").isEqualTo(Assignment.EMPTY);
        left.putAway();
        assertThat(journals.toFile().list((in, name) -> name.startsWith("left.journal")))
                .as("what cannot be had stays on disk")
                .hasSize(1);
    }

    @Test
    void what_a_desk_needs_that_is_alive_is_never_tidied_away() throws Exception {
        Original original = take();
        Journal old = Journal.in(journals);
        old.begin(with(original), Optional.of(folder.resolve("sheet.promedio")));
        Files.setLastModifiedTime(file(original), FileTime.from(Instant.now().minus(Duration.ofDays(8))));
        Journal other = Journal.in(journals);
        other.begin(Assignment.EMPTY, Optional.empty());
        other.close();
        assertThat(file(original)).as("a desk is alive").exists();
        Path left = Files.writeString(
                journals.resolve("left.journal"), "any line that names " + original.hash(), StandardCharsets.UTF_8);
        old.close();
        assertThat(file(original)).as("a journal names it").exists();
        Files.delete(left);
        Journal last = Journal.in(journals);
        last.begin(Assignment.EMPTY, Optional.empty());
        last.close();
        assertThat(file(original)).as("nobody needs it").doesNotExist();
    }

    @ParameterizedTest
    @ValueSource(strings = {"\n", "\u0000\u0000\u0000\n", " \r\n\n"})
    void blank_lines_before_the_first_lose_nothing(String blank) throws Exception {
        Path file = copy(blank, "");
        assertThat(Journal.read(file).orElseThrow().history().present().title()).isEqualTo("Sheet 3");
        assertThat(file).exists();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 40, 90})
    void what_stands_behind_a_damaged_beginning_is_counted_and_never_deleted(int cut) throws Exception {
        String whole = Files.readString(copy("", ""));
        String headless = whole.substring(cut);
        String halfHead = whole.substring(0, cut);
        String behindDamage = whole.lines().findFirst().orElseThrow() + "\n{dam\n{\"title\"\n";
        for (String damaged : List.of(headless, halfHead, behindDamage)) {
            Path file = journals.resolve("odd.journal");
            Files.writeString(file, damaged);
            Files.setLastModifiedTime(file, FileTime.fromMillis(1_000));
            LeftOver left = LeftOver.in(journals);
            assertThat(left.next(9)).extracting(Journal.Kept::journal).doesNotContain(file);
            assertThat(left.odd()).as(damaged).containsExactly(file);
            assertThat(file).hasContent(damaged);
            Files.delete(file);
        }
    }

    /** A journal of two edits that was left, with something before it. */
    private Path copy(String before, String behind) throws IOException {
        try (Journal journal = Journal.in(journals)) {
            journal.begin(Assignment.EMPTY, Optional.empty());
            journal.made(new Edit.Retitle("Sheet 2"));
            journal.made(new Edit.Retitle("Sheet 3"));
            try (Stream<Path> all = Files.list(journals)) {
                Path own = all.filter(one -> one.toString().endsWith(".journal"))
                        .findFirst()
                        .orElseThrow();
                return Files.writeString(journals.resolve("left.journal"), before + Files.readString(own) + behind);
            }
        } finally {
            try (Stream<Path> all = Files.list(journals)) {
                all.filter(one -> one.toString().endsWith(".open"))
                        .forEach(one -> one.toFile().delete());
            }
        }
    }
}
