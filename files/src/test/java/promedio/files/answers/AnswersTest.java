package promedio.files.answers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.answers.Given;
import promedio.core.answers.MarkedSet;
import promedio.core.answers.SetMarker;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Attempt;
import promedio.core.assignment.Edit;
import promedio.core.assignment.History;
import promedio.core.assignment.OwnEdit;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.Divisor;
import promedio.core.data.Entries;
import promedio.core.ownwork.OwnSheet;
import promedio.core.ownwork.OwnTable;
import promedio.core.sentence.Sentence;
import promedio.files.InputProblem;
import promedio.files.assignment.AssignmentFile;
import promedio.files.table.ReadingOptions;
import promedio.files.table.Watch;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AnswersTest {
    private static final Assignment ASSIGNMENT = Assignment.of(
            "Sheet",
            SampleSheet.list("s1", "Lamps", "min", Entries.of("2", "3", "7")),
            SampleSheet.list("s2", "Radios", "min", Entries.of("1", "4")));

    @TempDir
    private Path folder;

    private Path file(String name, String text) throws Exception {
        return Files.writeString(folder.resolve(name), text);
    }

    /** Whatever was answered, a table of students by questions says the same as a list of answers. */
    @Test
    void a_student_a_row_and_an_answer_a_row_are_the_same_answers() throws Exception {
        List<String> measures = List.of("mean", "median", "sd", "Lamps: range", "x̄ (again)");
        for (int seed = 0; seed < 20; seed++) {
            Random random = new Random(seed);
            StringBuilder wide = new StringBuilder("Student;" + String.join(";", measures) + "\n");
            StringBuilder rows = new StringBuilder("answer;who;question\n");
            for (int who = 0; who < 1 + random.nextInt(6); who++) {
                wide.append("S").append(who);
                for (String measure : measures) {
                    String answer = random.nextInt(3) == 0 ? "" : random.nextInt(99) + "," + random.nextInt(9);
                    wide.append(';').append(answer);
                    if (!answer.isEmpty()) {
                        rows.append(answer)
                                .append(";S")
                                .append(who)
                                .append(';')
                                .append(measure)
                                .append('\n');
                    }
                }
                wide.append('\n');
            }
            assertThat(read(file("wide.csv", wide.toString())))
                    .as(wide.toString())
                    .usingRecursiveFieldByFieldElementComparatorIgnoringFields("line")
                    .isEqualTo(read(file("rows.csv", rows.toString())));
        }
    }

    @Test
    void two_students_of_one_name_stay_two() throws Exception {
        assertThat(read(file("names.csv", "Name,mean\nAnn,4\nAnn,5\n,6\n")))
                .extracting(AnswerRows.Row::who)
                .containsExactly("Ann", "Ann (3)", "(4)");
    }

    private static List<AnswerRows.Row> read(Path file) throws InputProblem {
        return AnswerRows.read(file.toString(), InputStream.nullInputStream(), ReadingOptions.GUESSED);
    }

    @Test
    void what_is_no_table_of_answers_is_said_in_one_sentence() throws Exception {
        Path other = file("other.csv", "a,b\n1,2\n");
        assertThatThrownBy(() -> read(other))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("the columns measure and answer are expected, or who and a column");
        Path places = file("places.csv", "measure,answer,places\nmean,4,two\n");
        assertThatThrownBy(() -> read(places)).hasMessageContaining("line 2: “two” is not a number of places");
        Collected some = Collected.ofTable(
                file(
                        "some.csv",
                        "who,measure,sample,answer,places\nAda,mean,Radios,2.5,1\nAda,speed,,9,\nBo,mean,,,\n"),
                ASSIGNMENT,
                "s1");
        assertThat(some.given())
                .containsExactly(
                        new Given("Ada", new Assignment.Question("s2", "mean"), "2.5", Optional.of(1), List.of()));
        assertThat(some.told())
                .extracting(Sentence::toString)
                .containsExactly("“speed”, line 3, is no question of this assignment: its answers are left out.");
    }

    /** Where nearly all answers have a comma without quotation marks the heading is shorter than they are; that is what is said. */
    @Test
    void decimal_commas_that_part_the_cells_are_told_with_their_line() throws Exception {
        Path commas = file("commas.csv", "measure,answer\nmean,3,5\nsd,1,2\n");
        assertThatThrownBy(() -> read(commas)).hasMessageContaining("line 2: it has 3 cells, but the heading has 2");
    }

    @Test
    void of_a_folder_each_assignment_is_a_student_and_what_was_done_is_remarked() throws Exception {
        History ada = new History(ASSIGNMENT);
        ada.make(new AnswerEdit.CoverFigures(true));
        ada.make(new AnswerEdit.WriteAnswer("s1", "mean", "5"));
        ada.make(new AnswerEdit.TakeHint("s1", "mean"));
        ada.make(new AnswerEdit.WriteAnswer("s1", "mean", "4"));
        ada.make(new SheetEdit.SetEntry("s2", 0, 0, "9"));
        ada.make(new AnswerEdit.WriteAnswer("s2", "mean", "6.5"));
        ada.make(new Edit.ChangeCard(CourseCard.STANDARD.with(CardKey.DIVISOR, Divisor.POPULATION)));
        AssignmentFile.write(ada.present(), folder.resolve("Ada.promedio"));
        AssignmentFile.write(ASSIGNMENT, folder.resolve("Bo.promedio"));
        AssignmentFile.write(
                Assignment.of("Another", SampleSheet.list("s1", "Clocks", "", Entries.of("1")))
                        .with(all -> all.attempts(Map.of(new Assignment.Question("s1", "mean"), Attempt.of("1")))),
                folder.resolve("Carla.promedio"));
        file("notes.txt", "nothing to do with it");
        Collected collected = Collected.ofFolder(folder, ASSIGNMENT, Watch.NOBODY);
        assertThat(collected.given())
                .extracting(
                        one -> one.who() + " " + one.question().sheetId() + " " + one.answer() + " " + one.remarks())
                .containsExactly(
                        "Ada s1 4 [One hint was taken., The first answer was 5.]",
                        "Ada s2 6.5 [The entries were not those of the assignment.]");
        assertThat(collected.told())
                .extracting(Sentence::toString)
                .containsExactly(
                        "Ada worked under another course card; the answers are marked under yours.",
                        "Bo: there are no answers in it.",
                        "Carla: the answers are about other samples.");
        Path empty = Files.createDirectory(folder.resolve("empty"));
        assertThatThrownBy(() -> Collected.ofFolder(empty, ASSIGNMENT, Watch.NOBODY))
                .hasMessageContaining("there is no assignment in this folder");
    }

    /** The saved working is read with its lines, of the sample of that name; a table alone is about the usual one. */
    @Test
    void workings_of_a_class_are_taken_from_assignments_and_tables_in_a_folder() throws Exception {
        OwnSheet squares = OwnSheet.of(
                OwnTable.of(List.of(List.of("x", "x²"), List.of("2", "4"), List.of("Total", "4"))),
                List.of("mean", "sd"));
        Assignment.Question mean = new Assignment.Question("s1", "mean");
        Assignment worked = new OwnEdit.SetOut("s1", squares, "own-taken").apply(ASSIGNMENT);
        AssignmentFile.write(
                worked.with(all -> all.attempts(Map.of(mean, Attempt.of("4")))), folder.resolve("Ada.promedio"));
        AssignmentFile.write(ASSIGNMENT, folder.resolve("Bo.promedio"));
        file("Carla.csv", "x;x²\n2;4\n3;9\n;13\n");
        file("Dinh.csv", "x\n");
        file("Elif.md", "nothing to do with it");
        Files.createSymbolicLink(folder.resolve("Farid.txt"), Path.of("/dev/zero"));
        CollectedWorkings collected = CollectedWorkings.ofFolder(folder, ASSIGNMENT, "s2", Watch.NOBODY);
        assertThat(collected.given())
                .extracting(GivenWorking::who, GivenWorking::sheetId, GivenWorking::lines)
                .containsExactly(tuple("Ada", "s1", Map.of("mean", "4")), tuple("Carla", "s2", Map.of()));
        assertThat(collected.given().get(0).sheet()).isEqualTo(squares);
        assertThat(collected.given().get(1).sheet().totals()).containsExactly("", "13");
        assertThat(collected.told())
                .extracting(Sentence::toString)
                .hasSize(3)
                .contains("Bo: the assignment has no working in it.")
                .anyMatch(told -> told.contains("Dinh.csv"))
                .anyMatch(told -> told.contains("Farid.txt"));
        Path empty = Files.createDirectory(folder.resolve("nothing"));
        assertThatThrownBy(() -> CollectedWorkings.ofFolder(empty, ASSIGNMENT, "s2", Watch.NOBODY))
                .hasMessageContaining("there is no table and no assignment");
    }

    /** One refers nowhere, one has 60,000 answers, one leaves out twenty million rows, one is of no version, one computes for ever. */
    @Test
    void hostile_files_are_a_sentence_each_and_everybody_else_is_marked() throws Exception {
        Path students =
                Path.of(AnswersTest.class.getResource("/faults/students").toURI());
        try (Stream<Path> all = Files.list(students)) {
            for (Path file : all.toList()) {
                Files.copy(file, folder.resolve(file.getFileName().toString()));
            }
        }
        Files.createSymbolicLink(folder.resolve("student-pipe.promedio"), Path.of("/dev/zero"));
        Assignment sheet = AssignmentFile.read(folder.resolve("student-good.promedio"));
        Collected collected = assertTimeoutPreemptively(
                Duration.ofSeconds(60), () -> Collected.ofFolder(folder, sheet, Watch.NOBODY));
        assertThat(collected.given())
                .extracting(Given::who)
                .contains("student-good", "student-power2", "student-formula");
        assertThat(collected.told())
                .extracting(Sentence::toString)
                .anyMatch(told -> told.matches("“student-answers.promedio” has 60.000 answers.*"))
                .anyMatch(told -> told.startsWith("“student-leftout.promedio” is damaged"))
                .anyMatch(told -> told.startsWith("“student-pairs.promedio” is damaged"))
                .anyMatch(told -> told.startsWith("“student-pipe.promedio”"))
                .anyMatch(told -> told.startsWith("“student-version.promedio” was written by a newer version"))
                .hasSize(5);
        MarkedSet set = new MarkedSet(
                sheet.tasks(),
                new SetMarker(sheet).mark(collected.given(), done -> true).orElseThrow());
        MarksWriter writer = new MarksWriter(sheet, set);
        assertThat(writer.csv(folder.resolve("marks.csv")))
                .as("formulas behind a blank, a line end, or wide")
                .isEqualTo(4);
        writer.notes(folder.resolve("notes.txt"));
        writer.json(folder.resolve("marks.json"));
        for (String file : List.of("marks.csv", "notes.txt", "marks.json")) {
            assertThat(Files.readString(folder.resolve(file)).replaceAll("[\r\n]", ""))
                    .as(file)
                    .doesNotContainPattern("[\\x00-\\x1f\u202a-\u202e\u2066-\u2069]");
        }
        Watch stopped = new Watch() {
            @Override
            public void at(long done, long all) {
                assertThat(done).as("stopped before").isZero();
            }

            @Override
            public boolean isStopped() {
                return true;
            }
        };
        assertThat(Collected.ofFolder(folder, sheet, stopped).given()).isEmpty();
    }

    @Test
    void written_marks_compute_nothing_elsewhere_and_notes_are_one_after_another() throws Exception {
        List<Given> given = List.of(
                new Given("=Ada()", new Assignment.Question("s1", "sd"), "7.00", Optional.empty(), List.of()),
                new Given("Bo", new Assignment.Question("s1", "sd"), "2.65", Optional.empty(), List.of()));
        MarkedSet set = new MarkedSet(
                ASSIGNMENT.tasks(),
                new SetMarker(ASSIGNMENT).mark(given, done -> true).orElseThrow());
        MarksWriter writer = new MarksWriter(ASSIGNMENT, set);
        assertThat(writer.csv(folder.resolve("marks.csv"))).as("guarded").isEqualTo(1);
        assertThat(Files.readAllLines(folder.resolve("marks.csv")))
                .containsExactly(
                        "who,sample,measure,answer,verdict,expected,slip,and,detail,points,of,remarks",
                        "'=Ada(),Lamps,sd,7.00,slip,2.65,no-root,,The root was not drawn.,0,1,",
                        "Bo,Lamps,sd,2.65,agrees,2.65,,,,1,1,");
        writer.notes(folder.resolve("notes.txt"));
        assertThat(Files.readString(folder.resolve("notes.txt")))
                .contains(
                        "=Ada()\n0 of 1 points\n\nLamps: Standard deviation\n  7.00: a slip\n",
                        "-----",
                        "Bo\n1 of 1 points");
    }
}
