package promedio.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.History;
import promedio.core.assignment.SheetEdit;
import promedio.core.assignment.Task;
import promedio.core.course.CardKey;
import promedio.core.course.Divisor;
import promedio.core.marking.Mark;
import promedio.desktop.demo.Demo;
import promedio.desktop.model.desk.Page;
import promedio.files.assignment.AssignmentFile;

/** The hints way, and what a tutor does: questions posed, a card set, a class marked. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TutorWindowTest extends OpenWindow {
    /** What each of the eight did is told in the demo: one square doubled, digits exchanged, a lower limit for the midpoint and so on. */
    @Test
    void the_workings_of_a_class_are_marked_with_what_went_wrong_first_in_each() {
        press(KeyCode.CONTROL, KeyCode.M);
        click("#tutor-WORKINGS");
        click("#tutor-workings-demo");
        eventually(() -> desk.handwork().stateProperty().get().handed().size() == 8);
        settle();
        assertThat(words())
                .contains("Ada", "Everything is right: 45 figures.", "workings: 8 workings", "2 without a mistake")
                .contains(
                        "Row 4, x²: 35 is wrong; it is 306.25 (doubled, not squared).", "42 right · 2 follow · 1 wrong")
                .contains("The total of fx: the cells add up to 2947.5; 2974.5 was written (digits exchanged).")
                .contains("Row 6, midpoint x: 30 is wrong; it is 37.5 (lower limits as midpoints).")
                .contains("Row 2, fx²: 41006.25 is wrong; it is 1518.75 ((fx)² for fx²).");
        assertThat(desk.handwork().stateProperty().get().firsts())
                .containsEntry("doubled-for-square", List.of("Bo", "Dinh"))
                .containsEntry("digits-swapped", List.of("Carla", "Hugo"));
        click("Dinh");
        assertThat(words()).contains("Dinh: Waiting time", "66046.25");
        click("#tutor-workings-copy");
        String copied = onWindow(() -> Clipboard.getSystemClipboard().getString());
        assertThat(copied.lines())
                .hasSize(9)
                .anyMatch(line -> line.startsWith("Elif\tWaiting time\tRow 6, midpoint x"));
        // Where the sample changes, all are marked anew: the first class has 19 now, and everybody wrote 18.
        onWindow(() -> {
            desk.make(new SheetEdit.SetEntry("waiting", 1, 0, "19"));
            return null;
        });
        eventually(() -> desk.handwork().stateProperty().get().handed().stream()
                .noneMatch(one -> one.marked().mistakes().isEmpty()));
    }

    @Test
    void on_the_hints_way_a_figure_stays_covered_until_it_is_found_or_told() {
        demo("visitors", Page.MEASURES);
        click("#hints");
        assertThat(desk.assignment().asking().covered())
                .as("covered with one press")
                .isTrue();
        assertThat(wordBeside("sd")).as("2.97 for 1.72").isEqualTo("differs");
        assertThat(desk.margin().covers("sd")).isTrue();
        assertThat(words()).doesNotContain("The root was not drawn.");
        assertThat(wordBeside("cv")).isEqualTo("follows");
        assertThat(desk.margin().covers("cv")).as("it would tell the SD").isTrue();
        click("#hint-sd");
        assertThat(words()).contains("Look at the line of s. One hint was taken.");
        click("#hint-sd");
        assertThat(words()).contains("Look at the line of s. It is about the root. 2 hints were taken.");
        click("#hint-sd");
        assertThat(words()).contains("The root was not drawn. 3 hints were taken.");
        assertThat(desk.margin().covers("sd")).isFalse();
        click("#answer-median");
        retype("15", KeyCode.ENTER);
        eventually(() -> !desk.margin().covers("median"));
        assertThat(wordBeside("median")).as("found by the student").isEqualTo("agrees");
        press(KeyCode.CONTROL, KeyCode.Z);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(desk.margin().hints("sd")).isEqualTo(2);
    }

    @Test
    void questions_are_posed_in_the_tutors_words_and_given_to_students(@TempDir Path folder) throws Exception {
        type("2 3 7");
        press(KeyCode.CONTROL, KeyCode.M);
        click("#task-measure");
        // Down to Spread, and the first there.
        press(KeyCode.DOWN);
        press(KeyCode.DOWN);
        press(KeyCode.RIGHT);
        press(KeyCode.ENTER);
        click("#task-text-s1-range");
        robot.write("Find the range", 0);
        press(KeyCode.ENTER);
        click("#task-places-s1-range");
        robot.write("x", 0);
        press(KeyCode.ENTER);
        assertThat(desk.assignment().tasks().all().get(0).places())
                .as("no number")
                .isEmpty();
        retype("1", KeyCode.ENTER);
        click("#task-points-s1-range");
        robot.write("2.5", 0);
        press(KeyCode.ENTER);
        click("#tutor-set-card");
        click("#tutor-cover");
        Task task = desk.assignment().tasks().all().get(0);
        assertThat(task.text()).isEqualTo("Find the range");
        assertThat(task.places()).contains(1);
        assertThat(task.points().orElseThrow()).isEqualByComparingTo("2.5");
        onWindow(() -> {
            desk.make(new AnswerEdit.WriteAnswer("s1", "range", "4"));
            return null;
        });
        Path file = folder.resolve("sheet.promedio");
        when(picker.toSave(anyString())).thenReturn(Optional.of(file));
        click("#tutor-issue");
        eventually(() -> Files.exists(file));
        Assignment issued = AssignmentFile.read(file);
        assertThat(issued.answers()).isEmpty();
        assertThat(issued.asking().covered()).isTrue();
        assertThat(issued.tasks()).isEqualTo(desk.assignment().tasks());
        click("#tutor-back");
        click("#page-MEASURES");
        assertThat(words()).contains("1. Find the range · one decimal place");
        eventually(() -> desk.margin()
                .mark("range")
                .filter(mark -> mark.kind() != Mark.Kind.AGREES)
                .isPresent());
        onWindow(() -> {
            desk.choose(CardKey.DIVISOR, Divisor.POPULATION);
            return null;
        });
        assertThat(words()).contains("This card was set with the assignment and is changed here.");
        click("#card");
        click("#card-put-back");
        assertThat(desk.classwork().isCardChanged()).isFalse();
    }

    @Test
    void a_class_is_marked_from_a_table_and_an_answer_opened(@TempDir Path folder) throws Exception {
        demo("visitors", Page.MEASURES);
        Path answers = Files.writeString(
                folder.resolve("class.csv"), "Name,3,4,colour\nAda,14.35,1.72,red\nBo,14.35,2.97,\nCarla,,2.97,\n");
        when(picker.answers()).thenReturn(Optional.of(answers));
        press(KeyCode.CONTROL, KeyCode.M);
        click("#tutor-ANSWERS");
        click("#tutor-table");
        eventually(() -> desk.classwork().stateProperty().get().set().isPresent());
        assertThat(words())
                .contains(
                        "class.csv: 3 students, 5 answers",
                        "“colour”, line 2, is no question of this assignment: its answers are left out.",
                        "root not drawn",
                        "2 students",
                        "Bo, Carla");
        robot.clickOn(onWindow(() -> window.scene().getRoot().lookupAll("#marked-Bo-visitors-sd").stream()
                .filter(WindowTest::isShown)
                .findFirst()
                .orElseThrow()));
        eventually(() -> words().contains("right is 1.72"));
        assertThat(words()).contains("The root was not drawn.", "As it may have been done");
        press(KeyCode.UP);
        assertThat(words()).contains("right is 1.72").doesNotContain("As it may have been done");
        click("#copy-note");
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString()))
                .startsWith("Ada\n3 of 11 points\n")
                .contains(
                        "4. Find the standard deviation of the visitors. · 2 decimal places · 2 points\n  1.72: agrees");
        for (String ending : List.of(".csv", ".json", ".txt")) {
            Path marks = folder.resolve("marks" + ending);
            when(picker.toWriteMarks(anyString())).thenReturn(Optional.of(marks));
            click("#tutor-write-" + (ending.equals(".txt") ? "notes" : ending.substring(1)));
            eventually(() -> Files.exists(marks));
        }
        assertThat(Files.readString(folder.resolve("marks.csv")))
                .contains("Bo,Visitors,sd,2.97,slip,1.72,no-root,,The root was not drawn.,0,2,");
        assertThat(Files.readString(folder.resolve("marks.json"))).contains("\"slip\" : \"no-root\"");
        // A question that is worth something else is counted anew at once.
        onWindow(() -> {
            desk.classwork().drop(desk.classwork().tasks().all().get(2));
            return null;
        });
        eventually(() -> words().contains("2"));
        press(KeyCode.ESCAPE);
        assertThat(words()).contains("445 shared out over 31");
    }

    @Test
    void the_answers_of_students_are_collected_from_their_assignments(@TempDir Path folder) throws Exception {
        demo("visitors", Page.MEASURES);
        History student = new History(Demo.assignment());
        student.make(new AnswerEdit.CoverFigures(true));
        student.make(new AnswerEdit.LiftCover("visitors", "variance"));
        student.make(new AnswerEdit.WriteAnswer("visitors", "variance", "2.97"));
        AssignmentFile.write(student.present(), folder.resolve("Ada.promedio"));
        Files.writeString(folder.resolve("Bo.promedio"), "not an assignment");
        when(picker.folder()).thenReturn(Optional.of(folder));
        press(KeyCode.CONTROL, KeyCode.M);
        click("#tutor-ANSWERS");
        click("#tutor-folder");
        eventually(() -> desk.classwork().stateProperty().get().set().isPresent());
        assertThat(desk.classwork().stateProperty().get().told()).hasSize(1);
        assertThat(desk.classwork().stateProperty().get().set().orElseThrow().students())
                .containsExactly("Ada");
        assertThat(desk.classwork().note("Ada"))
                .contains("Visitors: Variance\n  2.97: agrees\n  The cover was lifted before an answer.");
    }
}
