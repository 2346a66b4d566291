package promedio.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.AnswerEdit;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Edit;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.course.CardKey;
import promedio.core.course.DeviationCentre;
import promedio.core.course.Divisor;
import promedio.core.course.SkewnessChoice;
import promedio.core.data.Entries;
import promedio.core.marking.Mark;
import promedio.core.number.Exact;
import promedio.core.question.PrintedQuestion;
import promedio.core.report.MeasureLine;
import promedio.core.sample.SampleKind;
import promedio.desktop.demo.Demo;
import promedio.desktop.model.desk.Background;
import promedio.desktop.model.desk.Desk;
import promedio.desktop.model.desk.Lanes;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.desk.Part;
import promedio.desktop.model.desk.SheetFigures;
import promedio.desktop.model.reading.FileReading;
import promedio.desktop.model.reading.HowRead;
import promedio.files.assignment.Journal;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class DeskModelTest {
    private final DeskModel desk = new DeskModel(Background.DIRECT);
    private boolean saved;

    private String figure(String question) {
        return desk.figuresProperty().get().line(question).orElseThrow().figure();
    }

    private Mark.Kind mark(String question) {
        return desk.margin().mark(question).orElseThrow().kind();
    }

    @Test
    void typing_on_the_empty_paper_makes_a_sample_and_typing_again_adds_to_it() {
        desk.intake().type("12 15 15 18");
        assertThat(desk.assignment().sheets()).hasSize(1);
        assertThat(figure("mean")).isEqualTo("15.00");
        assertThat(figure("mode")).isEqualTo("15");
        desk.intake().type("30");
        assertThat(figure("mean")).isEqualTo("18.00");
        assertThat(desk.assignment().sheets()).hasSize(1);
    }

    @Test
    void several_columns_with_headings_become_several_samples() {
        desk.intake().type("lamps\tclocks\n12\t7\n15\t9\n");
        assertThat(desk.assignment().sheets()).extracting(sheet -> sheet.name()).containsExactly("lamps", "clocks");
        assertThat(desk.selectedProperty().get())
                .isEqualTo(desk.assignment().sheets().get(0).id());
        desk.startSample();
        desk.intake().type("3 × 2; 5 × 4");
        assertThat(figure("mean")).isEqualTo("4.33");
    }

    /** 4, 7, 9, 12: x̄ = 8, s² = 34/3, by hand. */
    @Test
    void a_question_is_a_sample_with_what_is_asked_of_it_in_one_edit() {
        String asked = "3 b) The minutes were 4, 7, 9, 12. Find the sample standard deviation by the short-cut method"
                + " and the mean to 1 decimal place. Draw a box plot.";
        desk.intake().type(asked);
        SampleSheet sheet = desk.sheet().orElseThrow();
        assertThat(sheet.name()).isEqualTo("Question 3 b");
        assertThat(sheet.values().texts()).containsExactly("4", "7", "9", "12");
        assertThat(desk.looking().pageProperty().get()).isEqualTo(Page.MEASURES);
        assertThat(desk.assignment().tasks().all())
                .extracting(
                        task -> task.question().measure() + " " + task.places().orElse(-1))
                .containsExactly("sd 1", "mean 1");
        assertThat(desk.looking().methods()).containsEntry("sd", "short-cut");
        PrintedQuestion question = desk.intake().question(sheet).orElseThrow();
        assertThat(question.open()).containsExactly("Draw a box plot.");
        MeasureLine mean = desk.figuresProperty().get().line("mean").orElseThrow();
        assertThat(desk.figuresProperty()
                        .get()
                        .asAsked(mean, desk.assignment().tasks().all().get(1))
                        .figure())
                .as("to the places that are asked")
                .isEqualTo("8.0");
        desk.margin().answer("mean", "8.0");
        assertThat(desk.margin().mark("mean").orElseThrow().kind()).isEqualTo(Mark.Kind.AGREES);
        desk.make(new AnswerEdit.DropTask(sheet.id(), "sd"));
        desk.make(new AnswerEdit.DropTask(sheet.id(), "mean"));
        assertThat(desk.intake().question(sheet)).as("plain data").isEmpty();
        desk.undo();
        desk.undo();
        desk.undo();
        desk.undo();
        assertThat(desk.assignment()).isEqualTo(Assignment.EMPTY);
    }

    @Test
    void a_sheet_of_questions_is_a_sample_each_and_one_without_data_is_told() {
        desk.intake().type("1. Find the mean of 2, 4, 6, 8.\n2. Calculate the range.\nMinutes: 1 3 9 12");
        assertThat(desk.assignment().sheets())
                .extracting(SampleSheet::name)
                .containsExactly("Question 1", "Question 2: Minutes");
        assertThat(desk.assignment().tasks().all())
                .extracting(task ->
                        task.question().sheetId() + " " + task.question().measure())
                .containsExactly("s1 mean", "s2 range");
        desk.undo();
        assertThat(desk.assignment()).isEqualTo(Assignment.EMPTY);
        desk.intake()
                .type(
                        "1. Find the mean of 2, 4, 6, 8.\n2. Calculate the range of the data overleaf.\n3. Define the median in your own words.");
        assertThat(desk.assignment().sheets()).hasSize(1);
        assertThat(desk.messageProperty().get()).endsWith("Left out, since nothing can be worked out for them: 2.");
        desk.undo();
        desk.intake().type("Find the mean and the median of the data below.");
        assertThat(desk.assignment()).isEqualTo(Assignment.EMPTY);
        assertThat(desk.messageProperty().get()).startsWith("That asks something, but holds no data.");
    }

    @Test
    void undo_and_redo_go_through_everything_and_say_what_they_did() {
        desk.intake().type("2 3 7");
        desk.margin().answer("mean", "4");
        desk.choose(CardKey.DIVISOR, Divisor.POPULATION);
        assertThat(figure("variance")).isEqualTo("4.67");
        desk.undo();
        assertThat(figure("variance")).isEqualTo("7.00");
        assertThat(desk.messageProperty().get()).isEqualTo("Undone: the course card.");
        desk.undo();
        assertThat(desk.margin().answer("mean")).isEmpty();
        desk.redo();
        assertThat(desk.margin().answer("mean")).isEqualTo("4");
        desk.undo();
        desk.undo();
        assertThat(desk.assignment()).isEqualTo(Assignment.EMPTY);
        assertThat(desk.figuresProperty().get()).isNull();
    }

    @Test
    void marks_follow_the_card_and_the_entries() {
        desk.intake().type("2 3 7");
        desk.margin().answer("variance", "4.67");
        assertThat(mark("variance")).isEqualTo(Mark.Kind.CONVENTION);
        assertThat(desk.margin().mark("variance").orElseThrow().details().get(0).toString())
                .isEqualTo("Variance and SD divide by n: 4.67. The card says: n\u00a0−\u00a01.");
        desk.choose(CardKey.DIVISOR, Divisor.POPULATION);
        assertThat(mark("variance")).isEqualTo(Mark.Kind.AGREES);
        desk.make(new SheetEdit.SetEntry(desk.selectedProperty().get(), 0, 2, "4"));
        assertThat(mark("variance")).isEqualTo(Mark.Kind.DIFFERS);
        desk.margin().answer("variance", "quite a lot");
        assertThat(mark("variance")).isEqualTo(Mark.Kind.UNREADABLE);
        desk.margin().answer("variance", "");
        assertThat(desk.margin().mark("variance")).isEmpty();
    }

    @Test
    void a_sample_that_comes_back_is_looked_at() {
        desk.intake().type("2 3 7");
        desk.undo();
        assertThat(desk.selectedProperty().get()).isEmpty();
        desk.redo();
        assertThat(desk.selectedProperty().get())
                .isEqualTo(desk.assignment().sheets().get(0).id());
        desk.startSample();
        desk.intake().type("5 6");
        String second = desk.selectedProperty().get();
        desk.make(new Edit.RemoveSheet(second));
        desk.undo();
        assertThat(desk.selectedProperty().get()).isEqualTo(second);
    }

    @Test
    void the_page_puts_the_cards_skewness_first_and_keeps_answers_with_their_question() {
        desk.intake().type("2 3 7 9 30");
        desk.choose(CardKey.SKEWNESS, SkewnessChoice.BOWLEY);
        assertThat(desk.figuresProperty().get().lines().stream()
                        .map(MeasureLine::question)
                        .filter(question -> question.startsWith("skewness"))
                        .findFirst())
                .contains("skewness-bowley");
        desk.choose(CardKey.DEVIATION_CENTRE, DeviationCentre.MEDIAN);
        assertThat(desk.figuresProperty().get().line("mean-deviation-median")).isPresent();
    }

    @Test
    void results_that_come_too_late_are_dropped() {
        List<Runnable> waiting = new ArrayList<>();
        DeskModel slow = new DeskModel(later(waiting));
        slow.intake().type("1 2 3");
        slow.intake().type("100");
        assertThat(slow.busyProperty().get()).isTrue();
        waiting.get(waiting.size() - 1).run();
        assertThat(slow.busyProperty().get()).isFalse();
        String newest = slow.figuresProperty().get().line("mean").orElseThrow().figure();
        waiting.get(0).run();
        assertThat(slow.figuresProperty().get().line("mean").orElseThrow().figure())
                .isEqualTo(newest)
                .isEqualTo("26.50");
    }

    @Test
    void an_assignment_is_saved_opened_and_found_again(@TempDir Path folder) {
        desk.intake().type("12 15 15 18");
        desk.margin().answer("mean", "15");
        assertThat(desk.saving().unsavedProperty().get()).isTrue();
        Path file = folder.resolve("sheet.promedio");
        desk.saving().save(file, () -> saved = true);
        assertThat(saved).isTrue();
        assertThat(desk.saving().unsavedProperty().get()).isFalse();
        DeskModel other = new DeskModel(Background.DIRECT);
        other.filing().open(file, Runnable::run, () -> {});
        assertThat(other.assignment()).isEqualTo(desk.assignment());
        assertThat(other.looking().pageProperty().get()).isEqualTo(Page.MEASURES);
        assertThat(other.margin().mark("mean").orElseThrow().kind()).isEqualTo(Mark.Kind.AGREES);
    }

    @Test
    void a_file_that_cannot_be_opened_leaves_the_desk_as_it_is(@TempDir Path folder) throws Exception {
        desk.intake().type("1 2 3");
        Path stranger = Files.writeString(folder.resolve("stranger.promedio"), "not a zip");
        desk.filing().open(stranger, Runnable::run, () -> {});
        assertThat(desk.messageProperty().get()).contains("no assignment of Promedio");
        assertThat(figure("mean")).isEqualTo("2.00");
        desk.saving().save(folder.resolve("gone").resolve("x.promedio"), () -> saved = true);
        assertThat(saved).isFalse();
        assertThat(desk.messageProperty().get()).contains("no longer there");
        assertThat(desk.saving().unsavedProperty().get()).isTrue();
    }

    @Test
    void the_demo_is_the_same_every_time_and_shows_every_kind_of_mark() {
        assertThat(Demo.assignment()).isEqualTo(Demo.assignment());
        desk.show(Demo.assignment(), null);
        desk.select("minutes");
        assertThat(mark("mean")).isEqualTo(Mark.Kind.AGREES);
        assertThat(mark("skewness-pearson-median")).isEqualTo(Mark.Kind.ROUNDED);
        assertThat(mark("sd")).isEqualTo(Mark.Kind.CONVENTION);
        assertThat(mark("mode")).isEqualTo(Mark.Kind.DIFFERS);
        assertThat(desk.figuresProperty().get().interpretation().leftOut()).hasSize(1);
    }

    @Test
    void what_was_not_saved_comes_back_after_the_desk_was_swept_away(@TempDir Path folder) throws Exception {
        DeskModel first = new DeskModel(Background.DIRECT, Background.DIRECT, Journal.in(folder));
        first.intake().type("12 15 15 18");
        first.margin().answer("mean", "15");
        Journal.Kept kept = read(folder);
        DeskModel second = new DeskModel(Background.DIRECT, Background.DIRECT, Journal.in(folder));
        second.bringBack(kept);
        assertThat(second.assignment()).isEqualTo(first.assignment());
        assertThat(second.saving().unsavedProperty().get()).isTrue();
        second.undo();
        assertThat(second.margin().answer("mean")).as("its past came back too").isEmpty();
        second.redo();
        second.margin().answer("median", "15");
        second.undo();
        DeskModel third = new DeskModel(Background.DIRECT, Background.DIRECT, Journal.in(folder));
        third.bringBack(read(folder));
        assertThat(third.assignment())
                .as("and once more, from the journal of the second")
                .isEqualTo(first.assignment());
        second.end(() -> {});
        third.saving().save(folder.resolve("sheet.promedio"), () -> {});
        third.end(() -> {});
        first.end(() -> {});
        assertThat(folder.toFile().list()).containsExactly("sheet.promedio");
    }

    /** The newest journal, as a start after a kill would find it: copied, since its desk is still alive here. */
    private static Journal.Kept read(Path folder) throws Exception {
        Path copies = Files.createTempDirectory("journals");
        Path newest = null;
        for (java.io.File file : folder.toFile().listFiles((in, name) -> name.endsWith(".journal"))) {
            boolean newer =
                    newest == null || file.lastModified() >= newest.toFile().lastModified();
            newest = newer ? file.toPath() : newest;
        }
        Files.copy(newest, copies.resolve("copy.journal"));
        return Journal.leftIn(copies).get(0);
    }

    @Test
    void a_step_that_could_not_be_written_down_is_made_up_for_by_the_next(@TempDir Path folder) throws Exception {
        Journal journal = mock(Journal.class);
        doThrow(new IOException("No space left on device"))
                .doNothing()
                .when(journal)
                .made(any());
        DeskModel kept = new DeskModel(Background.DIRECT, Background.DIRECT, journal);
        kept.intake().type("1 2 3");
        assertThat(kept.messageProperty().get()).contains("not being kept safe", "the disk is full");
        kept.margin().answer("mean", "2");
        verify(journal).standsAt(kept.assignment());
        kept.margin().answer("mean", "2.0");
        verify(journal, times(2)).made(any());
    }

    @Test
    void a_file_that_is_open_in_another_window_is_opened_and_said_to_be(@TempDir Path folder) {
        Path file = folder.resolve("sheet.promedio");
        Path journals = folder.resolve("journals");
        DeskModel first = new DeskModel(Background.DIRECT, Background.DIRECT, Journal.in(journals));
        first.intake().type("1 2 3");
        first.saving().save(file, () -> {});
        DeskModel second = new DeskModel(Background.DIRECT, Background.DIRECT, Journal.in(journals));
        second.filing().open(file, Runnable::run, () -> {});
        assertThat(second.assignment()).isEqualTo(first.assignment());
        assertThat(second.messageProperty().get()).contains("sheet.promedio").contains("another window");
        first.end(() -> {});
        second.filing().open(file, Runnable::run, () -> {});
        assertThat(second.messageProperty().get()).isEmpty();
        second.end(() -> {});
    }

    @Test
    void what_is_left_of_a_damaged_file_is_shown_as_not_saved_yet(@TempDir Path folder) throws Exception {
        desk.show(Demo.assignment(), null);
        Path file = folder.resolve("sheet.promedio");
        desk.saving().save(file, () -> {});
        byte[] whole = Files.readAllBytes(file);
        Files.write(file, Arrays.copyOf(whole, whole.length * 3 / 5));
        DeskModel other = new DeskModel(Background.DIRECT, Background.DIRECT, Journal.in(folder.resolve("journals")));
        other.filing().open(file, Runnable::run, () -> saved = true);
        assertThat(other.messageProperty().get())
                .startsWith("“sheet.promedio” is damaged. Whole: Minutes at the bench")
                .endsWith("Save what is here under another name.");
        assertThat(other.saving().fileProperty().get())
                .as("it is not written over")
                .isNull();
        assertThat(other.saving().unsavedProperty().get()).isTrue();
        assertThat(other.margin().answer("mean")).isEqualTo("27.54");
        assertThat(read(folder.resolve("journals")).history().present())
                .as("nor lost by a kill")
                .isEqualTo(other.assignment());
    }

    @Test
    void an_edit_made_while_the_file_is_being_written_stays_unsaved(@TempDir Path folder) {
        List<Runnable> waiting = new ArrayList<>();
        DeskModel slow = new DeskModel(Background.DIRECT, later(waiting), null);
        slow.intake().type("1 2 3");
        slow.saving().save(folder.resolve("sheet.promedio"), () -> saved = true);
        slow.margin().answer("mean", "2");
        assertThat(saved).isFalse();
        List.copyOf(waiting).forEach(Runnable::run);
        assertThat(saved).isTrue();
        assertThat(slow.saving().unsavedProperty().get())
                .as("the answer is not in the file")
                .isTrue();
        slow.undo();
        assertThat(slow.saving().unsavedProperty().get()).isFalse();
    }

    @Test
    void a_file_that_is_saved_after_its_assignment_was_put_away_is_not_taken_for_that_of_the_next(
            @TempDir Path folder) {
        List<Runnable> waiting = new ArrayList<>();
        DeskModel slow = new DeskModel(Background.DIRECT, later(waiting), null);
        slow.intake().type("1 2 3");
        slow.saving().save(folder.resolve("first.promedio"), () -> {});
        slow.show(Assignment.EMPTY, null);
        slow.intake().type("4 5");
        List.copyOf(waiting).forEach(Runnable::run);
        assertThat(folder.resolve("first.promedio")).exists();
        assertThat(slow.saving().fileProperty().get()).isNull();
        assertThat(slow.saving().unsavedProperty().get()).isTrue();
    }

    @Test
    void readings_of_one_kind_are_told_apart_by_their_numbers() {
        desk.intake().type("x\ty\n1,5\t2,5\n2,5\t3,5\n4,5\t6,5\n");
        HowRead note = desk.intake().howRead(desk.sheet().orElseThrow()).orElseThrow();
        assertThat(note.words(0)).isEqualTo("3 pairs");
        List<String> words = java.util.stream.IntStream.range(0, note.readings().size())
                .mapToObj(note::words)
                .toList();
        assertThat(words)
                .doesNotHaveDuplicates()
                .contains(
                        "2 samples, one for each column (1.5; 2.5; 4.5)",
                        "2 samples, one for each column (x; 1,5; 2,5 …)");
    }

    @Test
    void what_was_added_for_a_moment_goes_with_its_sample() {
        desk.intake().type("1 2 3");
        String id = desk.selectedProperty().get();
        desk.trial().add(new SheetEdit.InsertRows(id, 3, List.of(List.of("99"))));
        assertThat(figure("mean")).isEqualTo("26.25");
        desk.make(new Edit.RemoveSheet(id));
        assertThat(desk.trial().addedProperty().get()).isEmpty();
        desk.startSample();
        // Of another kind.
        desk.intake().type("class | frequency\n0–10 | 3\n10–20 | 5\n");
        assertThat(figure("mean")).isEqualTo("11.25");
    }

    @Test
    void what_a_student_did_with_a_sample_never_comes_to_belong_to_another(@TempDir Path folder) {
        desk.make(new AnswerEdit.CoverFigures(true));
        desk.intake().type("1 2 3");
        String id = desk.selectedProperty().get();
        desk.make(new AnswerEdit.WriteAnswer(id, "mean", "2"));
        desk.make(new Edit.RemoveSheet(id));
        Path file = folder.resolve("sheet.promedio");
        desk.saving().save(file, () -> {});
        DeskModel again = new DeskModel(Background.DIRECT);
        again.filing().open(file, Runnable::run, () -> {});
        for (DeskModel one : List.of(desk, again)) {
            one.startSample();
            one.intake().type("4 5 9");
            String other = one.selectedProperty().get();
            assertThat(other).isNotEqualTo(id);
            assertThat(one.assignment().covers(other, "mean")).isTrue();
            assertThat(one.assignment().attempt(other, "mean").first()).isEmpty();
        }
    }

    @Test
    void a_mark_that_takes_a_while_comes_after_the_figures() {
        List<Runnable> waiting = new ArrayList<>();
        DeskModel slow = new DeskModel(later(waiting));
        slow.intake().type("12 15 15 18");
        waiting.remove(0).run();
        slow.margin().answer("mean", "15");
        assertThat(slow.margin().mark("mean")).isEmpty();
        assertThat(slow.busyProperty().get()).isTrue();
        while (!waiting.isEmpty()) {
            waiting.remove(0).run();
        }
        assertThat(slow.busyProperty().get()).isFalse();
        assertThat(slow.margin().mark("mean").orElseThrow().kind()).isEqualTo(Mark.Kind.AGREES);
    }

    /** Work that is done when a test says so. */
    private static void all(List<Runnable> waiting) {
        while (!waiting.isEmpty()) {
            waiting.remove(0).run();
        }
    }

    @Test
    void a_long_paste_lands_where_it_was_pasted_whatever_is_chosen_by_then() {
        List<Runnable> waiting = new ArrayList<>();
        DeskModel slow = new DeskModel(later(waiting));
        slow.intake().type("1 2 3");
        String first = slow.selectedProperty().get();
        slow.startSample();
        slow.intake().type("4 5 6");
        String second = slow.selectedProperty().get();
        all(waiting);
        slow.select(first);
        String text = "7 ".repeat(500);
        slow.intake().type(text);
        slow.select(second);
        all(waiting);
        assertThat(slow.assignment().sheet(first).orElseThrow().size()).isEqualTo(503);
        assertThat(slow.assignment().sheet(second).orElseThrow().size()).isEqualTo(3);
        slow.select(first);
        slow.intake().type(text);
        slow.make(new Edit.RemoveSheet(first));
        all(waiting);
        assertThat(slow.assignment().sheet(second).orElseThrow().size())
                .as("a sample of its own, since the one it was for is gone")
                .isEqualTo(3);
        assertThat(slow.assignment().sheets()).hasSize(2);
        slow.intake().type(text);
        slow.show(Assignment.EMPTY, null);
        all(waiting);
        assertThat(slow.assignment()).as("another assignment").isEqualTo(Assignment.EMPTY);
        assertThat(slow.messageProperty().get()).contains("was not taken");
        slow.intake().type(text);
        slow.intake().stop();
        all(waiting);
        assertThat(slow.assignment()).as("stopped").isEqualTo(Assignment.EMPTY);
    }

    @Test
    void steps_that_wait_for_what_they_join_keep_their_order_and_belong_to_their_assignment(@TempDir Path folder)
            throws IOException {
        List<Runnable> waiting = new ArrayList<>();
        DeskModel slow = new DeskModel(later(waiting));
        Path log =
                Files.writeString(folder.resolve("log.csv"), "Item,Minutes,Bench\nlamp,12,1\nradio,20,2\nlamp,31,1\n");
        Files.writeString(folder.resolve("kinds.csv"), "Item,Kind\nlamp,light\nradio,sound\n");
        slow.intake().file(log);
        all(waiting);
        slow.intake().takePage();
        all(waiting);
        slow.select("t1");
        all(waiting);
        slow.trail().add("join with 'kinds.csv' by Item");
        slow.trail().add("keep rows where Kind = \"light\"");
        all(waiting);
        assertThat(slow.table().orElseThrow().trail().steps())
                .extracting(promedio.core.trail.Trail.Line::text)
                .containsExactly("join with 'kinds.csv' by Item", "keep rows where Kind = \"light\"");
        assertThat(slow.trail().troddenProperty().get().state().rows()).isEqualTo(2);
        Assignment other = slow.assignment();
        slow.trail().add("join with 'kinds.csv' by Item");
        slow.show(other, null);
        all(waiting);
        assertThat(slow.assignment().table("t1").orElseThrow().trail().steps()).hasSize(2);
    }

    @Test
    void two_quick_changes_of_how_a_file_is_read_both_count(@TempDir Path folder) throws IOException {
        List<Runnable> waiting = new ArrayList<>();
        DeskModel slow = new DeskModel(later(waiting));
        Path log = Files.writeString(
                folder.resolve("log.csv"), "Item,Minutes,Bench\nlamp,12,1\nradio,-99,2\nlamp,n/a,1\n");
        slow.intake().file(log);
        all(waiting);
        slow.intake().page().say(options -> options.withMissing("-99"));
        slow.intake().page().say(options -> options.withMissing("n/a"));
        all(waiting);
        FileReading.State state = slow.intake().page().stateProperty().get();
        assertThat(state.options().missing()).containsExactlyInAnyOrder("-99", "n/a");
        assertThat(state.file().orElseThrow().table().columns().get(1).missingCodes())
                .containsExactlyInAnyOrder("-99", "n/a");
        slow.intake().file(log);
        all(waiting);
        assertThat(slow.intake().page().stateProperty().get().options().missing())
                .as("of another reading nothing is said")
                .isEmpty();
    }

    @Test
    void a_card_that_changes_while_answers_are_marked_counts(@TempDir Path folder) throws IOException {
        List<Runnable> waiting = new ArrayList<>();
        DeskModel slow = new DeskModel(later(waiting));
        slow.intake().type("2 4 6 8");
        all(waiting);
        Path answers = Files.writeString(folder.resolve("answers.csv"), "who,measure,answer\nAda,sd,2.24\n");
        slow.classwork().take(answers);
        waiting.remove(0).run();
        slow.choose(CardKey.DIVISOR, Divisor.POPULATION);
        all(waiting);
        assertThat(slow.classwork()
                        .stateProperty()
                        .get()
                        .set()
                        .orElseThrow()
                        .all()
                        .get(0)
                        .isCredited())
                .as("right under the card as it is now")
                .isTrue();
    }

    /** A desk with a part that fails when it is told to. */
    private static final class Fragile extends Desk {
        private boolean fails;

        Fragile() {
            super(Lanes.one(Background.DIRECT), Background.DIRECT, null);
            with(new Part() {
                @Override
                public void refresh() {
                    if (fails) {
                        throw new IllegalStateException("made up");
                    }
                }
            });
        }
    }

    @Test
    void what_fails_while_something_is_shown_ends_no_showing() {
        Fragile fragile = new Fragile();
        fragile.make(new Edit.AddSheet(0, SampleSheet.list("s1", "", "", Entries.of("1", "2"))));
        fragile.fails = true;
        assertThatThrownBy(() -> fragile.make(new Edit.Retitle("Sheet"))).hasMessage("made up");
        fragile.fails = false;
        fragile.make(new SheetEdit.InsertRows("s1", 2, List.of(List.of("6"))));
        assertThat(fragile.shownProperty()
                        .get()
                        .assignment()
                        .sheet("s1")
                        .orElseThrow()
                        .size())
                .isEqualTo(3);
        assertThat(fragile.shownProperty().get().assignment().title()).isEqualTo("Sheet");
    }

    private static Background later(List<Runnable> waiting) {
        return new Background() {
            @Override
            public <T> void run(Supplier<T> work, Consumer<T> done, Consumer<Throwable> failed) {
                waiting.add(() -> DIRECT.run(work, done, failed));
            }
        };
    }

    @Test
    void work_that_fails_is_told_and_the_desk_goes_on() {
        List<Throwable> failures = new ArrayList<>();
        DeskModel faulty = new DeskModel(failing(failures), Background.DIRECT, null);
        failures.add(new IllegalStateException("made up"));
        faulty.intake().type("12 15 15 18");
        assertThat(faulty.messageProperty().get()).contains("failed").contains("entries are kept");
        assertThat(faulty.busyProperty().get()).isFalse();
        assertThat(faulty.figuresProperty().get()).isNull();
        assertThat(faulty.assignment().sheets().get(0).size()).isEqualTo(4);

        faulty.intake().type("20");
        assertThat(faulty.messageProperty().get()).isEmpty();
        assertThat(faulty.figuresProperty().get().line("mean").orElseThrow().figure())
                .isEqualTo("16.00");

        failures.add(new OutOfMemoryError("made up"));
        faulty.margin().answer("mean", "16");
        assertThat(faulty.margin().mark("mean")).isEmpty();
        assertThat(faulty.messageProperty().get()).contains("not enough memory");
        assertThat(faulty.busyProperty().get()).isFalse();
    }

    /** Does the work at once, or fails with the first of some failures while there are any. */
    private static Background failing(List<Throwable> failures) {
        return new Background() {
            @Override
            public <T> void run(Supplier<T> work, Consumer<T> done, Consumer<Throwable> failed) {
                if (failures.isEmpty()) {
                    DIRECT.run(work, done, failed);
                } else {
                    failed.accept(failures.remove(0));
                }
            }
        };
    }

    @Test
    void an_empty_sample_has_reasons_in_place_of_figures() {
        desk.intake().type("red green");
        assertThat(desk.figuresProperty().get().lines())
                .allMatch(line -> !line.defined() && !line.note().toString().isEmpty());
        assertThat(desk.margin().mark("mean")).isEmpty();
    }

    @Test
    void values_added_for_a_moment_move_the_figures_and_become_one_edit_when_kept() {
        desk.intake().type("1 2 3 4 10");
        String id = desk.selectedProperty().get();
        desk.trial().add(new SheetEdit.InsertRows(id, 5, List.of(List.of("16"))));
        desk.trial().add(new SheetEdit.InsertRows(id, 6, List.of(List.of("20"))));
        assertThat(figure("mean")).isEqualTo("8.00");
        assertThat(desk.settledProperty().get().line("mean").orElseThrow().figure())
                .isEqualTo("4.00");
        desk.margin().answer("mean", "4");
        assertThat(mark("mean")).as("answers are held against what stands").isEqualTo(Mark.Kind.AGREES);
        assertThat(figure("mean")).as("an answer does not throw them away").isEqualTo("8.00");
        desk.trial().keepAdded();
        assertThat(desk.sheet().orElseThrow().size()).isEqualTo(7);
        desk.undo();
        assertThat(desk.sheet().orElseThrow().size()).isEqualTo(5);
        desk.trial().add(new SheetEdit.InsertRows(id, 5, List.of(List.of("16"))));
        desk.undo();
        assertThat(desk.trial().addedProperty().get()).isEmpty();
        assertThat(figure("mean")).isEqualTo("4.00");
    }

    @Test
    void decimal_commas_are_understood_for_this_sample_and_the_card_stays() {
        desk.intake().type("12,5 13,1 12,9");
        assertThat(figure("sum")).isEqualTo("38.50");
        assertThat(desk.assignment().card()).isEqualTo(promedio.core.course.CourseCard.STANDARD);
    }

    @Test
    void another_reading_takes_the_place_of_the_first_and_can_be_taken_back() {
        desk.intake().type("0 5\n1 8\n2 12");
        SampleSheet table = desk.sheet().orElseThrow();
        assertThat(table.kind()).isEqualTo(SampleKind.FREQUENCIES);
        HowRead note = desk.intake().howRead(table).orElseThrow();
        int columns = note.readings().stream()
                .map(reading -> reading.samples().size())
                .toList()
                .indexOf(2);
        desk.intake().readAs(note, columns);
        assertThat(desk.assignment().sheets())
                .extracting(sheet -> sheet.values().texts().toString())
                .containsExactly("[0, 1, 2]", "[5, 8, 12]");
        assertThat(desk.intake()
                        .howRead(desk.sheet().orElseThrow())
                        .orElseThrow()
                        .chosen())
                .isEqualTo(columns);
        desk.undo();
        assertThat(desk.assignment().sheets()).containsExactly(table);
        assertThat(desk.intake().howRead(table)).isPresent();
        desk.make(new SheetEdit.SetEntry(table.id(), 0, 0, "7"));
        assertThat(desk.intake().howRead(desk.sheet().orElseThrow()))
                .as("changed entries are no longer as they were read")
                .isEmpty();
    }

    @Test
    void what_needs_an_open_frequency_waits_for_it() {
        desk.intake().type("Class\tf\n0-10\t5\n10-20\tp\n20-30\t12");
        SheetFigures figures = desk.figuresProperty().get();
        assertThat(figures.sample().isEmpty()).isTrue();
        assertThat(figures.whyEmpty()).startsWith("The frequency of 10-20 is still open (p)");
        desk.make(new SheetEdit.SetEntry(figures.sheet().id(), 1, 1, "8"));
        assertThat(figure("mean")).isEqualTo("17.80");
    }

    @Test
    void a_class_typed_under_a_class_table_is_one_more_row_of_it() {
        desk.intake().type("0-10 5\n10-20 8");
        desk.intake().type("20 - 30  12");
        assertThat(desk.sheet().orElseThrow().columns().toString()).isEqualTo("[[0-10, 10-20, 20 - 30], [5, 8, 12]]");
    }

    @Test
    void a_text_file_with_quoted_cells_becomes_samples_under_its_name(@TempDir Path folder) throws Exception {
        Path quoted = Files.writeString(
                folder.resolve("log of repairs.csv"), "minutes,\"kind, or item\"\n12,\"lamp, tall\"\n");
        desk.intake().file(quoted);
        assertThat(desk.assignment().sheets()).extracting(sheet -> sheet.name()).containsExactly("minutes");
        desk.intake().readAs(desk.intake().howRead(desk.sheet().orElseThrow()).orElseThrow(), 1);
        assertThat(desk.assignment().sheets())
                .extracting(sheet -> sheet.name())
                .containsExactly("minutes", "kind, or item");
        assertThat(desk.assignment().sheets().get(1).values().text(0)).isEqualTo("lamp, tall");
        desk.intake().file(Files.writeString(folder.resolve("ages.txt"), "3\n4\n"));
        assertThat(desk.sheet().orElseThrow().name()).isEqualTo("ages");
        desk.intake().file(folder.resolve("gone.csv"));
        assertThat(desk.messageProperty().get()).contains("no such file");
    }

    /** The café’s log as somebody kept it: what is said about its reading changes what comes of it, and one edit takes its columns. */
    @Test
    void a_log_with_faults_is_read_as_somebody_says_and_taken_in_one_edit(@TempDir Path folder) throws Exception {
        Path log = Files.writeString(
                folder.resolve("log.csv"),
                """
                Repair café
                No.;Item;Minutes (min);Saved, kg;Bench
                1;lamp;12;1,25;1
                2;radio;n/a;0,5;2
                3;lamp;20;2;1
                4;chair;28;1,5;2
                Total;;60;5,25;
                """);
        desk.intake().file(log);
        FileReading page = desk.intake().page();
        assertThat(desk.assignment().sheets()).isEmpty();
        assertThat(page.stateProperty().get().taken())
                .extracting(column -> column.name())
                .containsExactly("Saved, kg");
        page.say(said -> said.withMissing("Minutes (min)=n/a"));
        assertThat(page.stateProperty().get().wanted()).containsExactly("Minutes (min)", "Saved, kg");
        page.leaveOut(4, true);
        page.want("Saved, kg", false);
        page.say(said -> said.withMissing("-"));
        assertThat(page.stateProperty().get().wanted()).containsExactly("Minutes (min)");
        assertThat(page.stateProperty().get().leftOut()).containsExactly(4);
        page.want("Saved, kg", true);
        page.say(said -> said.withHeading(Optional.of(false)));
        assertThat(page.stateProperty().get().leftOut())
                .as("row 5 is another row now")
                .isEmpty();
        page.say(said -> said.withHeading(Optional.empty()));
        page.leaveOut(4, true);
        page.want("Minutes (min)", true);
        page.want("Saved, kg", true);
        desk.intake().takePage();
        assertThat(page.stateProperty().get()).isNull();
        assertThat(desk.assignment().sheets())
                .extracting(sheet -> sheet.name() + " " + sheet.unit() + " " + sheet.values())
                .containsExactly("Minutes min [12, n/a, 20, 28]", "Saved kg [1.25, 0.5, 2, 1.5]");
        assertThat(desk.figuresProperty().get().figure("mean").orElseThrow()).isEqualTo(Exact.of(20));
        DataTable table = desk.assignment().tables().get(0);
        assertThat(table.off()).containsExactly(4);
        assertThat(table.original().told().toString()).contains("parted by semicolons", "One line before the table");
        desk.undo();
        assertThat(desk.assignment().sheets()).isEmpty();
        assertThat(desk.assignment().tables()).isEmpty();
        desk.intake().file(Files.writeString(folder.resolve("open.csv"), "a,b\n1,2\n3,\"4\n5,6\n"));
        assertThat(page.stateProperty().get().problem().orElseThrow()).contains("never closed");
        page.close();
        assertThat(page.stateProperty().get()).isNull();
    }

    @Test
    void an_edit_aimed_at_a_row_as_it_was_seen_follows_its_entry_or_is_dropped() {
        desk.intake().type("1 2 3 4 5");
        SheetFigures seen = desk.figuresProperty().get();
        String id = desk.selectedProperty().get();
        desk.make(new SheetEdit.RemoveRows(id, 0, 1));
        desk.make(new SheetEdit.InsertRows(id, 0, List.of(List.of("7", "8"))));
        desk.make(new SheetEdit.SetEntry(id, 0, 3, "33"), seen);
        assertThat(desk.sheet().orElseThrow().values().texts()).containsExactly("7", "8", "2", "3", "33", "5");
        desk.make(new SheetEdit.RemoveRows(id, List.of(0, 1)), seen);
        assertThat(desk.sheet().orElseThrow().size()).as("the first is gone").isEqualTo(6);
        assertThat(desk.messageProperty().get()).contains("changed meanwhile");
        desk.undo();
        desk.undo();
        desk.undo();
        SheetFigures before = desk.figuresProperty().get();
        desk.redo();
        desk.make(new SheetEdit.SwitchEntries(id, 0, false), before);
        assertThat(desk.sheet().orElseThrow().off())
                .as("that entry is gone again")
                .isEmpty();
        desk.undo();
        desk.make(new SheetEdit.SwitchEntries(id, List.of(0, 4), false), before);
        assertThat(desk.sheet().orElseThrow().off()).containsExactly(0, 4);
    }

    @Test
    void a_value_in_hand_follows_its_entry_when_others_come_and_go() {
        desk.intake().type("1 2 30");
        String id = desk.selectedProperty().get();
        desk.trial()
                .take(
                        new SheetEdit.SetEntry(id, 0, 2, "40"),
                        desk.figuresProperty().get());
        desk.make(new SheetEdit.RemoveRows(id, 0, 1));
        assertThat(desk.figuresProperty().get().sheet().values().texts()).containsExactly("2", "40");
        desk.trial().letGo();
        assertThat(desk.sheet().orElseThrow().values().texts()).containsExactly("2", "40");
    }

    @Test
    void a_paste_of_several_columns_is_one_edit_to_be_taken_back() {
        desk.intake().type("a\tb\tc\td\n1,5\t2,5\t3\t4\n2,5\t3,5\t4\t5");
        assertThat(desk.assignment().sheets()).hasSize(4);
        assertThat(desk.assignment().sheets().get(0).values().texts()).containsExactly("1.5", "2.5");
        assertThat(desk.assignment().card()).isEqualTo(promedio.core.course.CourseCard.STANDARD);
        desk.undo();
        assertThat(desk.assignment()).isEqualTo(Assignment.EMPTY);
    }

    @Test
    void what_is_brought_back_stays_on_disk_until_it_is_safely_in_the_new_journal(@TempDir Path folder)
            throws Exception {
        DeskModel ended = new DeskModel(Background.DIRECT, Background.DIRECT, Journal.in(folder));
        ended.intake().type("12 15 15 18");
        Journal.Kept kept = read(folder);
        Journal full = mock(Journal.class);
        doThrow(new IOException("No space left on device")).when(full).beginUnsaved(any(), any());
        DeskModel second = new DeskModel(Background.DIRECT, Background.DIRECT, full);
        second.bringBack(kept);
        assertThat(second.assignment()).isEqualTo(ended.assignment());
        assertThat(second.messageProperty().get()).contains("the disk is full");
        assertThat(kept.journal()).exists();
        DeskModel third = new DeskModel(Background.DIRECT, Background.DIRECT, Journal.in(folder));
        third.bringBack(kept);
        assertThat(kept.journal()).doesNotExist();
        third.end(() -> {});
        ended.end(() -> {});
    }
}
