package promedio.files.assignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Edit;
import promedio.core.assignment.Foreign;
import promedio.core.assignment.SampleSheet;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.QuartileRule;
import promedio.core.data.Entries;
import promedio.files.AtomicFile;
import promedio.files.InputProblem;

/** Files and journals as other programs, power cuts, full disks and unkind people leave them. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FaultsTest {
    @TempDir
    private Path folder;

    private static Path fault(String name) throws Exception {
        return Path.of(FaultsTest.class.getResource("/faults/" + name).toURI());
    }

    private Path journal(String fault) throws Exception {
        return Files.copy(fault("journal-" + fault).resolve("x.journal"), folder.resolve(fault + ".journal"));
    }

    @ParameterizedTest
    @CsvSource({
        "bom, 1, whole",
        "crlf, 1, whole",
        "no-newline-at-end, 1, whole",
        "zeros-tail, 1, whole",
        "nul-path, 1, whole",
        "edit-of-gone-sample, 2, whole",
        "empty-line, 2, whole",
        "null-line, 1, in part",
        "number-line, 1, in part",
        "unknown-edit, 1, in part",
        "odd-lengths, 1, in part",
        "two-columns-for-a-list, 1, in part",
        "zeros-mid, 1, in part",
        "row-out-of-range, 2, in part",
    })
    void a_journal_gives_back_what_stands_before_an_odd_line_and_stays_where_it_is(String fault, int edits, String how)
            throws Exception {
        Path journal = journal(fault);
        Files.copy(fault("journal-crlf").resolve("x.journal"), folder.resolve("another.journal"));
        List<Journal.Kept> left = Journal.leftIn(folder);
        assertThat(left).as("an odd one keeps no other from being offered").hasSize(2);
        Journal.Kept kept = left.stream()
                .filter(one -> one.journal().equals(journal))
                .findFirst()
                .orElseThrow();
        assertThat(kept.history().present().title()).isEqualTo("My sheet");
        assertThat(kept.edits()).isEqualTo(edits);
        assertThat(kept.readTo().isPresent()).isEqualTo(how.equals("in part"));
        assertThat(journal).exists();
        kept.putAway();
        assertThat(Journal.leftIn(folder)).hasSize(1);
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.filter(file -> file.toString().contains(fault)).count())
                    .as("what could not be read is still on disk")
                    .isEqualTo(kept.readTo().isPresent() ? 1 : 0);
        }
    }

    @Test
    void journals_of_a_newer_version_and_such_that_cannot_be_read_are_left_alone_and_told() throws Exception {
        Path newer = journal("newer-version");
        Path cut = journal("head-cut");
        Path nested = journal("nested");
        LeftOver left = LeftOver.in(folder);
        assertThat(left.next(10)).extracting(Journal.Kept::journal).containsExactly(nested);
        assertThat(left.newer()).containsExactly(newer);
        assertThat(left.odd()).containsExactly(cut);
        assertThat(newer).exists();
        assertThat(cut).exists();
    }

    @Test
    void many_journals_are_read_a_few_at_a_time_and_an_empty_one_is_thrown_away_unless_it_may_just_be_made()
            throws Exception {
        for (int i = 0; i < 30; i++) {
            Files.copy(fault("journal-crlf").resolve("x.journal"), folder.resolve(i + ".journal"));
        }
        Path making = Files.createFile(folder.resolve("making.journal"));
        Path empty = Files.createFile(folder.resolve("empty.journal"));
        Files.setLastModifiedTime(empty, java.nio.file.attribute.FileTime.fromMillis(1_000));
        LeftOver left = LeftOver.in(folder);
        assertThat(left.next(5)).hasSize(5);
        assertThat(left.more()).isGreaterThan(20);
        assertThat(left.next(100)).hasSize(25);
        assertThat(making).exists();
        assertThat(empty).doesNotExist();
    }

    @Test
    void a_line_that_was_changed_doubled_or_taken_out_is_noticed_and_nothing_before_it_is_lost() throws Exception {
        Journal journal = Journal.in(folder);
        journal.begin(Assignment.EMPTY, Optional.empty());
        for (int i = 1; i <= 4; i++) {
            journal.made(new Edit.Retitle("Title " + i));
        }
        Path file;
        try (Stream<Path> files = Files.list(folder)) {
            file = journals(files).findFirst().orElseThrow();
        }
        List<String> lines = Files.readAllLines(file);
        for (List<String> damaged : List.of(
                with(lines, 2, lines.get(2).replace("Title 2", "Title 7")),
                with(lines, 2, lines.get(1)),
                List.of(lines.get(0), lines.get(1), lines.get(3), lines.get(4)))) {
            Path other = Files.write(folder.resolve("other.journal"), damaged);
            Journal.Kept kept = Journal.read(other).orElseThrow();
            assertThat(kept.history().present().title()).isEqualTo("Title 1");
            assertThat(kept.readTo()).contains(2);
        }
        journal.close();
    }

    private static Stream<Path> journals(Stream<Path> files) {
        return files.filter(file -> file.toString().endsWith(".journal"));
    }

    private static List<String> with(List<String> lines, int index, String line) {
        List<String> changed = new java.util.ArrayList<>(lines);
        changed.set(index, line);
        return changed;
    }

    @Test
    void the_old_journal_goes_only_when_the_new_one_is_written() throws Exception {
        Path journals = folder.resolve("journals");
        Journal journal = Journal.in(journals);
        journal.begin(Assignment.EMPTY, Optional.empty());
        journal.made(new Edit.Retitle("Kept"));
        // As on a full disk: nothing more can be made in the folder.
        Path aside = Files.move(journals, folder.resolve("aside"));
        Files.writeString(journals, "in the way");
        Assignment next = new Edit.Retitle("Next").apply(Assignment.EMPTY);
        assertThatThrownBy(() -> journal.beginUnsaved(next, Optional.empty())).isInstanceOf(IOException.class);
        Files.delete(journals);
        Files.move(aside, journals);
        journal.made(new Edit.Retitle("Kept on"));
        Path copies = Files.createDirectory(folder.resolve("copies"));
        try (Stream<Path> files = Files.list(journals)) {
            Files.copy(journals(files).findFirst().orElseThrow(), copies.resolve("copy.journal"));
        }
        assertThat(Journal.leftIn(copies).get(0).history().present().title()).isEqualTo("Kept on");
        journal.beginUnsaved(next, Optional.empty());
        try (Stream<Path> files = Files.list(journals)) {
            assertThat(journals(files)).hasSize(1);
        }
        journal.close();
    }

    @Test
    void journals_and_their_folder_are_the_users_alone() throws Exception {
        Path journals = Files.createDirectory(
                folder.resolve("journals"),
                PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwxr-xr-x")));
        try (Journal journal = Journal.in(journals)) {
            journal.begin(Assignment.EMPTY, Optional.of(folder.resolve("a.promedio")));
            journal.made(new Edit.Retitle("Mine"));
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(journals)))
                    .isEqualTo("rwx------");
            try (Stream<Path> files = Files.list(journals)) {
                for (Path file : files.toList()) {
                    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                            .isEqualTo("rw-------");
                }
            }
            assertThat(LeftOver.in(journals).next(9))
                    .as("looked into by its own desk")
                    .isEmpty();
            assertThat(Journal.in(journals).isOpenElsewhere(folder.resolve("a.promedio")))
                    .isTrue();
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "ctrl",
                "dotdot",
                "dupid",
                "formula",
                "longid",
                "surid",
                "document-lost-called-whole",
                "two-damages-called-whole",
                "one-bit-flip-salvaged-cannot-be-saved",
                "two-savers-damaged"
            })
    void what_is_opened_or_salvaged_can_be_saved_and_read_again(String name) throws Exception {
        Path file = fault(name + ".promedio");
        Assignment got;
        try {
            got = AssignmentFile.read(file);
        } catch (InputProblem damaged) {
            Optional<AssignmentFile.Salvaged> left = AssignmentFile.salvage(file);
            if (left.isEmpty()) {
                return;
            }
            // Of the damaged ones here either the description is lost, or one sample stands under the name of another.
            if (!left.get().described()) {
                assertThat(left.get().whole())
                        .as("nothing is whole without its description")
                        .isEmpty();
            }
            assertThat(left.get().whole()).doesNotContain("Table 10");
            got = left.get().assignment();
        }
        assertThat(got.sheets()).extracting(SampleSheet::id).doesNotHaveDuplicates();
        Path saved = folder.resolve("saved.promedio");
        AssignmentFile.write(got, saved);
        assertThat(AssignmentFile.read(saved)).isEqualTo(got);
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files).containsExactly(saved);
        }
    }

    @Test
    void both_samples_of_one_id_are_there_and_answers_stay_with_the_first() throws Exception {
        Assignment read = AssignmentFile.read(fault("dupid.promedio"));
        assertThat(read.sheets()).extracting(SampleSheet::name).containsExactly("first", "second");
        assertThat(read.sheets().get(0).id()).isEqualTo("s1");
    }

    @ParameterizedTest
    @ValueSource(strings = {"4294967297", "1e300", "2.5", "99999999999999999999"})
    void a_version_is_compared_as_a_number(String version) throws Exception {
        assertThatThrownBy(() -> AssignmentFile.read(zip("{\"format\":\"promedio\",\"version\":" + version + "}")))
                .hasMessageContaining("newer version");
        assertThatThrownBy(() -> AssignmentFile.read(fault("hugever.promedio"))).hasMessageContaining("newer version");
    }

    @Test
    void an_unknown_rule_choice_or_kind_is_told_and_written_back_as_it_stood() throws Exception {
        Path file = zip(
                "{\"format\":\"promedio\",\"version\":1,\"title\":\"t\","
                        + "\"card\":{\"quartiles\":\"hf12\",\"colour\":{\"a\":[1]}},\"samples\":["
                        + "{\"id\":\"s1\",\"name\":\"Pairs\",\"kind\":\"two-way\",\"entries\":\"p.csv\",\"more\":7},"
                        + "{\"id\":\"s2\",\"name\":\"List\",\"kind\":\"values\",\"entries\":\"v.csv\"}]}",
                Map.of("p.csv", "x,y\n1,2\n", "v.csv", "value\n3\n"));
        Assignment read = AssignmentFile.read(file);
        assertThat(read.sheets()).extracting(SampleSheet::name).containsExactly("List");
        assertThat(read.card()).isEqualTo(CourseCard.STANDARD);
        assertThat(read.foreign().told().toString())
                .contains("quartiles = \"hf12\"", "colour", "“Pairs” is a sample of the kind two-way");
        Path saved = folder.resolve("saved.promedio");
        AssignmentFile.write(read, saved);
        Assignment again = AssignmentFile.read(saved);
        assertThat(again.foreign().rules()).isEqualTo(read.foreign().rules());
        Foreign.Unread pairs = again.foreign().samples().get(0);
        assertThat(pairs.at()).isZero();
        assertThat(pairs.content()).isEqualTo("x,y\n1,2\n");
        assertThat(pairs.description()).contains("\"more\":7");
        Assignment chosen = new Edit.ChangeCard(read.card().with(CardKey.QUARTILES, QuartileRule.HF7)).apply(read);
        assertThat(chosen.foreign().rules())
                .as("a choice made here replaces it")
                .containsOnlyKeys("colour");
    }

    @Test
    void a_file_that_unpacks_to_far_more_than_data_do_is_refused_opened_or_salvaged() throws Exception {
        byte[] line = "1\n".repeat(1 << 15).getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("samples/s1.csv"));
            for (int i = 0; i < 1800; i++) {
                zip.write(line);
            }
            zip.closeEntry();
        }
        Path bomb = Files.write(folder.resolve("bomb.promedio"), bytes.toByteArray());
        assertThatThrownBy(() -> AssignmentFile.read(bomb)).hasMessageContaining("larger than any assignment");
        assertThat(AssignmentFile.salvage(bomb)).isEmpty();
        assertThatThrownBy(() -> AssignmentFile.read(fault("same-part-3000-samples.promedio")))
                .hasMessageContaining("the entries of “n1” are not in it");
        assertThat(AssignmentFile.salvage(fault("same-part-3000-samples.promedio"))
                        .orElseThrow()
                        .lost())
                .hasSize(2999);
    }

    private Path zip(String document) throws IOException {
        return zip(document, Map.of());
    }

    private Path zip(String document, Map<String, String> parts) throws IOException {
        Path file = folder.resolve("made.promedio");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry(AssignmentFile.DOCUMENT));
            zip.write(document.getBytes(StandardCharsets.UTF_8));
            for (Map.Entry<String, String> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
        return file;
    }

    /** The words of a file that only its owner may read are nobody else’s while they are written, either. */
    @Test
    void a_file_of_its_owner_alone_is_so_while_it_is_written_too() throws Exception {
        Path file = Files.writeString(folder.resolve("own.txt"), "before");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
        List<String> seen = new java.util.ArrayList<>();
        promedio.files.AtomicFile.write(file, out -> {
            out.write('x');
            out.flush();
            try (Stream<Path> beside = Files.list(folder)) {
                for (Path one : beside.filter(path -> path.toString().endsWith(".writing"))
                        .toList()) {
                    seen.add(PosixFilePermissions.toString(Files.getPosixFilePermissions(one)));
                }
            }
        });
        assertThat(seen).containsExactly("rw-------");
        assertThat(file).hasContent("x");
    }

    @Test
    void a_file_opened_through_a_link_is_known_as_the_same() throws Exception {
        Path file = Files.writeString(folder.resolve("sheet.promedio"), "x");
        Path link = Files.createSymbolicLink(folder.resolve("link.promedio"), file);
        Journal one = Journal.in(folder);
        Journal other = Journal.in(folder);
        one.begin(Assignment.EMPTY, Optional.of(file));
        assertThat(other.isOpenElsewhere(link)).isTrue();
        one.begin(Assignment.EMPTY, Optional.of(link));
        assertThat(other.isOpenElsewhere(file)).isTrue();
        one.close();
        assertThat(other.isOpenElsewhere(file)).isFalse();
    }

    @Test
    void a_save_keeps_permissions_and_links_and_respects_what_is_read_only() throws Exception {
        Path file = folder.resolve("a.promedio");
        AssignmentFile.write(Assignment.EMPTY, file);
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-r-----"));
        Path link = Files.createSymbolicLink(folder.resolve("link.promedio"), Path.of("a.promedio"));
        Assignment titled = new Edit.Retitle("Through the link").apply(Assignment.EMPTY);
        AssignmentFile.write(titled, link);
        assertThat(link).isSymbolicLink();
        assertThat(AssignmentFile.read(file)).isEqualTo(titled);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-r-----");
        Path ahead = Files.createSymbolicLink(folder.resolve("ahead.promedio"), Path.of("not-yet.promedio"));
        AssignmentFile.write(titled, ahead);
        assertThat(folder.resolve("not-yet.promedio")).exists();
        Path round = Files.createSymbolicLink(folder.resolve("round.promedio"), Path.of("round.promedio"));
        assertThatThrownBy(() -> AssignmentFile.write(titled, round)).isInstanceOf(InputProblem.class);
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        assertThatThrownBy(() -> AssignmentFile.write(Assignment.EMPTY, file))
                .hasMessage("“a.promedio” is read-only. Save it elsewhere, or allow it to be written.");
        assertThat(AssignmentFile.read(file)).isEqualTo(titled);
    }

    /** Each of many saves at the same time is whole: whichever comes last is what is there. */
    @Test
    void programs_that_save_one_file_at_the_same_time_never_mix() throws Exception {
        Path file = folder.resolve("shared.promedio");
        List<Assignment> versions = Stream.of("one", "two", "three", "four")
                .map(title -> Assignment.of(
                        title,
                        SampleSheet.list(
                                "s1",
                                title,
                                "",
                                Entries.of((title + " ").repeat(20_000).split(" ")))))
                .toList();
        CountDownLatch go = new CountDownLatch(1);
        Set<Throwable> failed = java.util.concurrent.ConcurrentHashMap.newKeySet();
        List<Thread> savers = versions.stream()
                .map(version -> new Thread(() -> {
                    try {
                        go.await();
                        for (int i = 0; i < 10; i++) {
                            AssignmentFile.write(version, file);
                            assertThat(versions).contains(AssignmentFile.read(file));
                        }
                    } catch (Exception | AssertionError problem) {
                        failed.add(problem);
                    }
                }))
                .toList();
        savers.forEach(Thread::start);
        go.countDown();
        for (Thread saver : savers) {
            saver.join();
        }
        assertThat(failed).isEmpty();
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files).containsExactly(file);
        }
    }

    @Test
    void a_full_disk_is_a_sentence_whatever_was_being_written() {
        IOException full = new IOException("No space left on device");
        assertThatThrownBy(() -> AtomicFile.write(folder.resolve("a.csv"), out -> {
                    throw new java.io.UncheckedIOException(full);
                }))
                .isSameAs(full);
        assertThat(AtomicFile.problem(folder.resolve("a.csv"), full))
                .hasMessage(
                        "“a.csv” could not be written (the disk is full). What was there before is unchanged; save it"
                                + " elsewhere.");
    }
}
