package promedio.files.assignment;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.History;
import promedio.core.assignment.JotEdit;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.OwnEdit;
import promedio.core.assignment.PictureEdit;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.assignment.TableEdit;
import promedio.core.assignment.Task;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Divisor;
import promedio.core.data.Entries;
import promedio.core.number.Exact;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.Quantity;
import promedio.core.sample.SampleKind;
import promedio.core.tabulate.Tabulation;
import promedio.core.trail.Trail;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class JournalTest {
    private static List<Edit> edits(Original original) {
        return List.of(
                new Edit.Retitle("Sheet “3”\nwith a line end"),
                new Edit.AddSheet(0, SampleSheet.list("s1", "Minutes", "min", Entries.of("1", "", "n/a", "2.50"))),
                new Edit.AddSheet(
                        1, SampleSheet.frequencies("s2", "Table", "", Entries.of("1", "2"), Entries.of("3", "x"))),
                new Edit.AddSheet(
                        2,
                        SampleSheet.table(
                                        SampleKind.PAIRS, "s9", "Both", "h", Entries.of("1", "x"), Entries.of("2", ""))
                                .of(new SampleSheet.Variables("Hours", "", "points"))),
                new SheetEdit.NameVariables("s9", new SampleSheet.Variables("Hours", "Score", "points"), "hours"),
                new SheetEdit.SwapVariables("s9"),
                new Edit.Gather(List.of("s1", "s2"), "Both “benches”"),
                new SheetEdit.SetEntry("s2", 1, 1, "4"),
                new SheetEdit.InsertRows("s1", 2, List.of(List.of("7", "\t8"))),
                new SheetEdit.SwitchEntries("s1", 0, false),
                new SheetEdit.SetMissingCodes("s1", Set.of("n/a", "-99")),
                new SheetEdit.Rename("s1", "Ages", "years"),
                new SheetEdit.MoveUnit("s2", 0, "5"),
                new SheetEdit.Tabulate("s1", Optional.of(Tabulation.of(Exact.ZERO, Exact.HALF, 3, true))),
                new Edit.Together(
                        "remove-entries",
                        List.of(new SheetEdit.RemoveRows("s1", 1, 1), new SheetEdit.RemoveRows("s1", 0, 1))),
                new AnswerEdit.CoverFigures(true),
                new AnswerEdit.LiftCover("s1", "sd"),
                new AnswerEdit.WriteAnswer("s1", "mean", "3,5"),
                new AnswerEdit.GiveHints(true),
                new AnswerEdit.TakeHint("s1", "mean"),
                new PictureEdit.SayOfPicture("s1", "histogram", "title", "How long “it” takes"),
                new PictureEdit.SayOfPicture("s1", "histogram", "from", "10"),
                new OwnEdit.SetOut("s1", OWN, "own-set-out"),
                new OwnEdit.WriteCells("s1", 1, 0, List.of(List.of("3²", "“9”"), List.of("\t", "14"))),
                new OwnEdit.FillCell("s1", 0, 1, "4"),
                new OwnEdit.HintCell("s1", 1, 1),
                new OwnEdit.MarkAtOnce(false),
                new AnswerEdit.SetCard(true),
                new AnswerEdit.PoseTask(
                        0,
                        new Task(
                                new Assignment.Question("s1", "mean"),
                                "Find the “mean”",
                                Optional.of(1),
                                Optional.of(new BigDecimal("2.5")),
                                Optional.of(1))),
                new AnswerEdit.PoseTask(0, Task.of(new Assignment.Question("s1", "sd"))),
                new AnswerEdit.DropTask("s1", "sd"),
                new Edit.ChangeCard(CourseCard.STANDARD.with(CardKey.DIVISOR, Divisor.POPULATION)),
                new SheetEdit.RemoveRows("s1", 0, 1),
                new OwnEdit.SetOut("s2", OWN, "own-column"),
                new OwnEdit.PutAway("s2"),
                new Edit.RemoveSheet("s2"),
                new TableEdit.AddTable(0, DataTable.of("t1", "Log", original)),
                new TableEdit.RenameTable("t1", "Log of the spring"),
                new TableEdit.TakeColumn(0, "s3", "Minutes", "min", new Link.Cells("t1", 1, new Link.Where(0, "Oak"))),
                new TableEdit.TakeColumn(1, "s4", "Left", "", Link.column("t1", 2)),
                new TableEdit.TakeColumn(2, "s8", "Both", "", Link.pairs("t1", 2, 1)),
                new SheetEdit.SwapVariables("s8"),
                new SheetEdit.SetEntry("s8", 1, 2, "3"),
                new SheetEdit.SwitchEntries("s4", 1, false),
                new TableEdit.SetCells("t1", 0, 1, "Oak"),
                new SheetEdit.SetEntry("s3", 0, 1, "17.5"),
                new TableEdit.NameColumn("t1", 2, "Weight left", "kg", "what was not thrown away"),
                new TableEdit.LeaveOutRows("t1", List.of(0, 4), true),
                new TableEdit.Prepare(
                        "t1", Trail.of("join with 'more.csv' by Bench").written()),
                new TableEdit.HandOver("t1", "more.csv", original),
                new TableEdit.TakeColumn(0, "s5", "Some", "", new Link.Cells("t1", 1, new Link.Listed(List.of(3, 1)))),
                new TableEdit.TakeColumn(
                        0, "s6", "Made", "", new Link.Made("t1", "Left", List.of(new Link.Among("Bench", "Oak")))),
                new JotEdit.Jot("1 / 3", "0.333", "1/3", false),
                new JotEdit.Jot("root(2)", "1.414", "1.414", true),
                new JotEdit.Unjot(0),
                new TableEdit.RemoveTable("t1"));
    }

    private static final OwnSheet OWN = new OwnSheet(
            List.of(new OwnSheet.Column("x", Optional.of(Quantity.X)), new OwnSheet.Column("x²", Optional.empty())),
            List.of(List.of("2", ""), List.of("", "")),
            List.of(),
            List.of("mean", "sd"),
            Map.of());

    /** How many edits the killed program says it has made, at the least, before it is killed. */
    private static final int KILLS = Integer.getInteger("promedio.kills", 10);

    private static Path only(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(".journal"))
                    .findFirst()
                    .orElseThrow();
        }
    }

    private static Stream<Class<?>> kinds(Class<?> some) {
        return some.isSealed() ? Stream.of(some.getPermittedSubclasses()).flatMap(JournalTest::kinds) : Stream.of(some);
    }

    @Test
    void every_kind_of_edit_comes_back_as_it_was_made_with_undo_and_redo(@TempDir Path folder) throws Exception {
        List<Edit> edits = edits(RandomEdits.original(Journal.originals(folder)));
        assertThat(edits.stream().<Class<?>>map(Edit::getClass).distinct())
                .containsExactlyInAnyOrderElementsOf(kinds(Edit.class).toList());
        Journal journal = Journal.in(folder);
        History history = new History(Assignment.EMPTY);
        journal.begin(Assignment.EMPTY, Optional.of(Path.of("sheet.promedio")));
        for (Edit edit : edits) {
            assertThat(history.make(edit)).isTrue();
            journal.made(edit);
            Journal.Kept kept = Journal.read(only(folder)).orElseThrow();
            assertThat(kept.history().present()).as(edit.undoKey()).isEqualTo(history.present());
        }
        history.undo();
        journal.undone(history.present());
        history.undo();
        journal.undone(history.present());
        history.redo();
        journal.redone(history.present());
        Journal.Kept kept = Journal.read(only(folder)).orElseThrow();
        assertThat(kept.history().present()).isEqualTo(history.present());
        assertThat(kept.savedAs()).contains(Path.of("sheet.promedio").toAbsolutePath());
        assertThat(kept.edits()).isEqualTo(edits.size() + 3);
        kept.history().redo();
        history.redo();
        assertThat(kept.history().present()).as("the future is kept too").isEqualTo(history.present());
    }

    @Test
    void undoing_what_was_made_before_the_last_save_is_kept_too(@TempDir Path folder) throws Exception {
        Journal journal = Journal.in(folder);
        History history = new History(Assignment.EMPTY);
        for (Edit edit : edits(RandomEdits.original(Originals.passing())).subList(0, 3)) {
            history.make(edit);
        }
        journal.begin(history.present(), Optional.of(Path.of("saved.promedio")));
        for (int i = 0; i < 2; i++) {
            history.undo();
            journal.undone(history.present());
        }
        history.redo();
        journal.redone(history.present());
        assertThat(Journal.read(only(folder)).orElseThrow().history().present()).isEqualTo(history.present());
        journal.close();
    }

    @Test
    void a_journal_of_a_living_desk_is_left_alone_and_a_desk_ended_in_order_leaves_none(@TempDir Path folder)
            throws Exception {
        Journal journal = Journal.in(folder);
        assertThat(Journal.leftIn(folder.resolve("none-yet"))).isEmpty();
        journal.begin(Assignment.EMPTY, Optional.empty());
        assertThat(folder.toFile().list((in, name) -> name.endsWith(".journal")))
                .as("no journal before the first edit")
                .isEmpty();
        journal.made(new Edit.Retitle("Sheet 3"));
        assertThat(Journal.leftIn(folder)).isEmpty();
        assertThat(only(folder)).exists();
        journal.close();
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void a_line_cut_off_or_damaged_ends_the_recovery_and_loses_nothing_before_it(@TempDir Path folder)
            throws Exception {
        Journal journal = Journal.in(folder);
        journal.begin(Assignment.EMPTY, Optional.empty());
        for (Edit edit : edits(RandomEdits.original(Originals.passing())).subList(0, 4)) {
            journal.made(edit);
        }
        byte[] whole = Files.readAllBytes(only(folder));
        int lines = 0;
        for (int length = 0; length <= whole.length; length++) {
            Path cut = Files.write(folder.resolve("cut.journal"), Arrays.copyOf(whole, length));
            // A line counts once all of it stands there, with or without its end.
            if (length < whole.length && whole[length] == '\n') {
                lines++;
            }
            Optional<Journal.Kept> kept = Journal.read(cut);
            assertThat(kept.map(Journal.Kept::edits).orElse(0))
                    .as("cut at %d", length)
                    .isEqualTo(Math.max(0, lines - 1));
            assertThat(kept.flatMap(Journal.Kept::readTo))
                    .as("nothing is odd about a cut")
                    .isEmpty();
        }
        String text = new String(whole, StandardCharsets.UTF_8);
        String[] parts = text.split("\n", -1);
        parts[3] = "{damaged";
        Path damaged = Files.writeString(folder.resolve("damaged.journal"), String.join("\n", parts));
        assertThat(Journal.read(damaged).orElseThrow().edits()).isEqualTo(2);
        assertThat(Journal.read(damaged).orElseThrow().readTo()).contains(3);
        Files.writeString(damaged, "something else\n");
        assertThat(Journal.read(damaged)).isEmpty();
        journal.close();
    }

    /** The program that is killed: makes one edit after the other and says so once it is written down. */
    static final class Saver {
        private Saver() {}

        public static void main(String[] arguments) throws IOException {
            try (Journal journal = Journal.in(Path.of(arguments[0]))) {
                journal.begin(Assignment.EMPTY, Optional.empty());
                PrintStream out = System.out;
                for (int i = 1; i < Integer.MAX_VALUE; i++) {
                    journal.made(new Edit.Retitle("Edit " + i));
                    out.println(i);
                    out.flush();
                }
            }
        }
    }

    @Test
    void kills_at_random_moments_lose_no_edit_that_was_made(@TempDir Path folder) throws Exception {
        Random random = new Random(7);
        for (int kill = 0; kill < KILLS; kill++) {
            Path journals = folder.resolve("kill-" + kill);
            Process saver = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-XX:+UseSerialGC",
                            "-cp",
                            System.getProperty("java.class.path"),
                            Saver.class.getName(),
                            journals.toString())
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            int said = 0;
            try (BufferedReader out =
                    new BufferedReader(new InputStreamReader(saver.getInputStream(), StandardCharsets.UTF_8))) {
                int wanted = 1 + random.nextInt(300);
                for (String line = out.readLine(); line != null; line = out.readLine()) {
                    said = Integer.parseInt(line);
                    if (said >= wanted && saver.isAlive()) {
                        saver.destroyForcibly();
                        break;
                    }
                }
                saver.waitFor();
            }
            List<Journal.Kept> kept = Journal.leftIn(journals);
            assertThat(kept).as("kill %d after %d edits", kill, said).hasSize(1);
            assertThat(kept.get(0).edits()).isGreaterThanOrEqualTo(said);
            assertThat(kept.get(0).history().present().title())
                    .isEqualTo("Edit " + kept.get(0).edits());
            kept.get(0).throwAway();
            assertThat(Journal.leftIn(journals)).isEmpty();
        }
    }

    /** A program whose disk fills up: it may write no file longer than its limit. Says how many edits it could write down. */
    static final class Filler {
        private Filler() {}

        public static void main(String[] arguments) throws IOException {
            Journal journal = Journal.in(Path.of(arguments[0]));
            journal.begin(Assignment.EMPTY, Optional.empty());
            int written = 0;
            try {
                while (true) {
                    journal.made(new Edit.Retitle("a title of some length ".repeat(40) + written));
                    written++;
                }
            } catch (IOException full) {
                // A short one still has room, unless half of the long one was left in its place.
                journal.made(new Edit.Retitle("short"));
                System.out.println(written + 1);
            }
        }
    }

    @Test
    void a_full_disk_leaves_no_half_line_behind_and_what_still_fits_is_kept(@TempDir Path folder) throws Exception {
        Path journals = Files.createDirectory(folder.resolve("journals"));
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        Process filler = new ProcessBuilder(
                        "bash",
                        "-c",
                        "ulimit -f 8; exec \"$@\"",
                        "limited",
                        java,
                        "-XX:TieredStopAtLevel=1",
                        "-XX:-UsePerfData",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Filler.class.getName(),
                        journals.toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        String said = new String(filler.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        assertThat(filler.waitFor()).isZero();
        Journal.Kept kept = Journal.leftIn(journals).get(0);
        assertThat(kept.edits()).isEqualTo(Integer.parseInt(said)).isGreaterThan(3);
        assertThat(kept.history().present().title()).isEqualTo("short");
    }

    @Test
    void a_file_that_is_open_in_another_window_is_known_to_be(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("sheet.promedio");
        Path another = folder.resolve("another.promedio");
        Journal here = Journal.in(folder);
        here.begin(Assignment.EMPTY, Optional.of(file));
        Journal other = Journal.in(folder);
        other.begin(Assignment.EMPTY, Optional.of(file));
        assertThat(here.isOpenElsewhere(file)).isTrue();
        assertThat(here.isOpenElsewhere(another)).isFalse();
        other.begin(Assignment.EMPTY, Optional.of(another));
        assertThat(here.isOpenElsewhere(file)).as("the other has gone on").isFalse();
        other.close();
        assertThat(here.isOpenElsewhere(another)).isFalse();
        Path killed = Files.writeString(folder.resolve("1.open"), file.toString());
        assertThat(here.isOpenElsewhere(file)).as("left by a kill").isFalse();
        assertThat(killed).doesNotExist();
        here.close();
        assertThat(folder).isEmptyDirectory();
    }
}
