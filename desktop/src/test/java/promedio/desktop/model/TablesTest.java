package promedio.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.DataTable;
import promedio.core.assignment.Link;
import promedio.core.assignment.SampleSheet;
import promedio.core.assignment.SheetEdit;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.DecimalMark;
import promedio.core.course.Divisor;
import promedio.core.trail.Step;
import promedio.desktop.model.desk.Background;
import promedio.desktop.model.desk.Page;
import promedio.desktop.model.reading.HowRead;
import promedio.desktop.model.table.CellFigures;
import promedio.desktop.model.table.RowOrder;
import promedio.desktop.model.table.SideBySide;
import promedio.desktop.model.table.TableFigures;
import promedio.files.assignment.Journal;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TablesTest {
    private static final int ITEM = 0;
    private static final int MINUTES = 1;
    private static final int SAVED = 2;

    @TempDir
    private Path folder;

    private DeskModel desk;

    /** A log on the shelf, as a table alone. */
    @BeforeEach
    void read() throws IOException {
        desk = new DeskModel(Background.DIRECT, Background.DIRECT, Journal.in(folder.resolve("desk")));
        Path log = folder.resolve("log.csv");
        Files.writeString(
                log,
                """
                Item;Minutes (min);Saved (kg)
                lamp;12;1,25
                radio;17O;0,5
                lamp;20;2
                chair;28;1,5
                radio;31;1
                lamp;9;0,75
                lamp;7;2
                chair;16;1
                radio;11;1,5
                lamp;14;4
                Total;148;15,5
                """);
        desk.intake().file(log);
        desk.intake().page().want("Minutes (min)", false);
        desk.intake().page().want("Saved (kg)", false);
        desk.intake().page().leaveOut(10, true);
        desk.intake().takePage();
        assertThat(desk.assignment().sheets()).isEmpty();
        assertThat(desk.tables().figuresProperty().get().all().rows()).isEqualTo(11);
        // What it was read from is kept: the file may go.
        Files.delete(log);
    }

    private List<String> entries(int sheet) {
        return desk.assignment().sheets().get(sheet).values().texts();
    }

    private String cell(int row, int column) {
        return desk.tables()
                .figuresProperty()
                .get()
                .all()
                .columns()
                .get(column)
                .entries()
                .text(row);
    }

    @Test
    void a_sample_of_a_column_and_its_table_are_changed_together() {
        desk.taking().take(SAVED, new Link.All());
        desk.taking().take(MINUTES, new Link.Where(ITEM, "radio"));
        assertThat(desk.assignment().sheets()).extracting(SampleSheet::name).containsExactly("Saved", "Minutes, radio");
        assertThat(entries(0))
                .as("the total is left out, decimals have a point")
                .startsWith("1.25", "0.5")
                .hasSize(10);
        assertThat(entries(1)).containsExactly("17O", "31", "11");
        assertThat(desk.tables().figuresProperty().get().pointedOut().toString())
                .contains("17O");
        desk.amending().replace("Minutes (min)", "17O", "17");
        assertThat(entries(1)).containsExactly("17", "31", "11");
        assertThat(desk.tables().figuresProperty().get().pointedOut().toString())
                .doesNotContain("17O");
        desk.amending().set(0, ITEM, "radio");
        assertThat(entries(1)).containsExactly("12", "17", "31", "11");
        SampleSheet saved = desk.assignment().sheets().get(0);
        desk.make(new SheetEdit.SwitchEntries(saved.id(), 9, false));
        desk.make(new SheetEdit.SetEntry(saved.id(), 0, 2, "2.75"));
        assertThat(cell(2, SAVED)).isEqualTo("2,75");
        desk.amending().leaveOut(List.of(0, 1), true);
        assertThat(entries(0)).startsWith("2.75").hasSize(8);
        assertThat(desk.assignment().sheets().get(0).off())
                .as("the same entry is off")
                .containsExactly(7);
        assertThat(entries(1)).containsExactly("31", "11");
        desk.choose(CardKey.DECIMAL_MARK, DecimalMark.COMMA);
        assertThat(entries(0)).startsWith("2,75");
        DataTable table = desk.assignment().tables().get(0);
        assertThat(table.byHand()).hasSize(3);
        desk.amending().putBack(new DataTable.Place(2, SAVED));
        assertThat(entries(0)).startsWith("2");
        desk.make(new SheetEdit.InsertRows(saved.id(), 0, List.of(List.of("5"))));
        assertThat(desk.messageProperty().get()).contains("Saved does not follow its table");
        desk.amending().remove();
        assertThat(desk.assignment().tables()).isEmpty();
        assertThat(entries(1)).containsExactly("31", "11");
        while (!desk.undoNameProperty().get().isEmpty()) {
            desk.undo();
        }
        assertThat(desk.assignment()).isEqualTo(Assignment.EMPTY);
    }

    @Test
    void a_table_is_saved_with_what_it_was_read_from_and_comes_back_from_a_journal() throws IOException {
        desk.taking().take(MINUTES, new Link.Listed(List.of(0, 2, 3)));
        desk.amending().set(0, MINUTES, "13");
        desk.amending().name(SAVED, "Weight saved", "kg", "from the tip");
        Assignment made = desk.assignment();
        Path file = folder.resolve("log.promedio");
        Path copies = Files.createDirectories(folder.resolve("killed"));
        copy(folder.resolve("desk"), copies);
        Journal.Kept kept = Journal.leftIn(copies).get(0);
        assertThat(kept.readTo()).isEmpty();
        assertThat(kept.history().present()).isEqualTo(made);
        desk.saving().save(file, () -> {});
        DeskModel other = new DeskModel(Background.DIRECT, Background.DIRECT, Journal.in(folder.resolve("other")));
        other.filing().open(file, Runnable::run, () -> {});
        assertThat(other.assignment()).isEqualTo(made);
        assertThat(other.assignment().sheets().get(0).values().texts()).containsExactly("13", "20", "28");
        assertThat(other.assignment().tables().get(0).table().rows()).isEqualTo(10);
        other.bringBack(kept);
        other.undo();
        assertThat(other.assignment().tables().get(0).heads()).isEmpty();
    }

    @Test
    void a_table_whose_original_somebody_has_taken_away_is_not_saved_in_part() throws IOException {
        Path file = folder.resolve("log.promedio");
        desk.saving().save(file, () -> {});
        byte[] saved = Files.readAllBytes(file);
        Path original = folder.resolve("desk")
                .resolve("data")
                .resolve(desk.assignment().tables().get(0).original().hash());
        Files.delete(original);
        desk.amending().set(0, MINUTES, "13");
        Files.write(file, new byte[] {'n', 'o', ' ', 'z', 'i', 'p'});
        desk.saving().save(file, () -> {});
        assertThat(desk.messageProperty().get()).contains("log.csv", "is not there any more");
        assertThat(file).hasContent("no zip");
        assertThat(desk.saving().unsavedProperty().get()).isTrue();
        Files.write(file, saved);
        desk.saving().save(file, () -> {});
        assertThat(original).as("mended out of what was saved before").exists();
        assertThat(desk.saving().unsavedProperty().get()).isFalse();
    }

    @Test
    void what_a_step_joins_is_kept_with_the_assignment_and_nothing_else_is_read() throws IOException {
        Path file = folder.resolve("joined.promedio");
        Path benches = Files.writeString(folder.resolve("benches.csv"), "Item,Floor\nlamp,1\nradio,2\n");
        desk.saving().save(file, () -> {});
        desk.select(desk.assignment().tables().get(0).id());
        desk.trail().add("join with '../benches.csv' by Item");
        assertThat(fault()).contains("is not at hand");
        desk.undo();
        desk.trail().add("join with 'benches.csv' by Item");
        assertThat(desk.trail().troddenProperty().get().state().names()).contains("Floor");
        desk.saving().save(file, () -> {});
        Files.delete(benches);
        DeskModel other = new DeskModel(Background.DIRECT, Background.DIRECT, Journal.in(folder.resolve("other")));
        other.filing().open(file, Runnable::run, () -> {});
        other.select(other.assignment().tables().get(0).id());
        assertThat(other.trail().troddenProperty().get().state().names()).contains("Floor");
        Files.writeString(benches, "Item,Storey\nlamp,7\nradio,8\n");
        desk.trail().joins().lookAgain();
        assertThat(desk.trail().troddenProperty().get().state().names())
                .contains("Storey")
                .doesNotContain("Floor");
        other.trail().joins().lookAgain();
        assertThat(other.trail().troddenProperty().get().state().names()).contains("Floor");
        other.trail()
                .joins()
                .handOver(Step.Join.read("join with 'benches.csv' by Item").orElseThrow(), benches);
        assertThat(other.trail().troddenProperty().get().state().names()).contains("Storey");
        other.undo();
        assertThat(other.trail().troddenProperty().get().state().names()).contains("Floor");
    }

    @Test
    void steps_from_elsewhere_read_no_file_until_somebody_hands_it_over() throws IOException {
        Path outside = Files.writeString(folder.resolve("secret.csv"), "Item,Secret\nlamp,1\n");
        Path inside = Files.createDirectory(folder.resolve("inside"));
        Files.createSymbolicLink(inside.resolve("link.csv"), outside);
        Files.writeString(inside.resolve("near.csv"), "Item,Near\nlamp,1\n");
        desk.select(desk.assignment().tables().get(0).id());
        for (String named : List.of(outside.toString(), "../secret.csv", "link.csv", "/dev/zero", "nowhere.csv")) {
            Path trail = Files.writeString(
                    inside.resolve("their.trail"), "promedio trail 1\njoin with '" + named + "' by Item\n");
            desk.trailFiling().open(trail);
            assertThat(fault()).as(named).contains("is not at hand");
        }
        Files.writeString(inside.resolve("their.trail"), "promedio trail 1\njoin with 'near.csv' by Item\n");
        desk.trailFiling().open(inside.resolve("their.trail"));
        assertThat(desk.trail().troddenProperty().get().state().names()).contains("Near");
    }

    private String fault() {
        return desk.trail()
                .troddenProperty()
                .get()
                .walk()
                .fault()
                .orElseThrow()
                .sentence()
                .toString();
    }

    private static void copy(Path from, Path to) throws IOException {
        try (var files = Files.walk(from)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Path target = to.resolve(from.relativize(file));
                Files.createDirectories(target.getParent());
                Files.copy(file, target);
            }
        }
    }

    @Test
    void measures_stand_side_by_side_and_along_rows_by_the_rules_of_the_card() {
        desk.tables().ticked().tick(MINUTES, true);
        desk.tables().ticked().tick(SAVED, true);
        desk.amending().replace("Minutes (min)", "17O", "17");
        assertThat(line("mean")).containsExactly("16.50", "1.55");
        String sample = line("sd").get(0);
        desk.choose(CardKey.DIVISOR, Divisor.POPULATION);
        assertThat(line("sd").get(0)).isNotEqualTo(sample);
        desk.tables().ticked().compareBy("range", true);
        desk.tables().ticked().compareBy("sd", false);
        assertThat(line("range")).containsExactly("24.00", "3.50");
        assertThat(desk.tables().ticked().sideBySideProperty().get().lines())
                .extracting(SideBySide.Line::question)
                .doesNotContain("sd");
        desk.tables().ticked().along("mean");
        assertThat(desk.tables().ticked().alongProperty().get().figure(0)).isEqualTo("6.63");
        desk.taking().open(MINUTES, "mean");
        assertThat(desk.figuresProperty().get().name()).isEqualTo("Minutes");
        assertThat(desk.looking().pageProperty().get()).isEqualTo(Page.MEASURES);
        assertThat(desk.looking().opened()).contains("mean");
    }

    private List<String> line(String question) {
        return desk.tables().ticked().sideBySideProperty().get().lines().stream()
                .filter(line -> line.question().equals(question))
                .findFirst()
                .orElseThrow()
                .figures();
    }

    @Test
    void a_paste_of_columns_can_be_kept_as_a_table_in_the_place_of_its_samples() {
        desk.startSample();
        desk.intake().type("Item\tMinutes\tSaved\nlamp\t12\t1.25\nradio\t17\t0.5\nlamp\t20\t2\n");
        List<String> before =
                desk.assignment().sheets().stream().map(SampleSheet::id).toList();
        HowRead note = desk.intake().howRead(desk.sheet().orElseThrow()).orElseThrow();
        assertThat(note.isTable()).isTrue();
        desk.intake().readAsTable(note);
        desk.intake().takePage();
        DataTable table = desk.assignment().tables().get(1);
        assertThat(table.name()).isEqualTo("Pasted");
        assertThat(table.all().row(0)).containsExactly("lamp", "12", "1.25");
        assertThat(desk.assignment().sheets()).extracting(SampleSheet::name).containsExactly("Minutes", "Saved");
        desk.undo();
        assertThat(desk.assignment().sheets()).extracting(SampleSheet::id).isEqualTo(before);
        assertThat(desk.assignment().tables()).hasSize(1);
        desk.startSample();
        desk.intake().type("12 15 15 18");
        assertThat(desk.intake()
                        .howRead(desk.sheet().orElseThrow())
                        .orElseThrow()
                        .isTable())
                .isFalse();
    }

    @Test
    void rows_are_looked_at_in_order_and_columns_keep_names_of_their_own() {
        TableFigures figures = desk.tables().figuresProperty().get();
        desk.tables().order(figures, new RowOrder(MINUTES, true), rows -> assertThat(rows.orElseThrow())
                .as("what is no number comes last")
                .containsExactly(10, 4, 3, 2, 7, 9, 0, 8, 5, 6, 1));
        desk.tables().order(figures, new RowOrder(ITEM, false), rows -> assertThat(rows.orElseThrow())
                .startsWith(10, 3, 7, 0));
        desk.amending().name(SAVED, " Minutes (min)", "", "");
        assertThat(desk.messageProperty().get()).contains("Another column is called");
        desk.amending().name(SAVED, "  ", "", "");
        assertThat(desk.messageProperty().get()).contains("needs a name");
        desk.taking().takeEach(MINUTES, ITEM);
        assertThat(desk.assignment().sheets())
                .extracting(SampleSheet::name)
                .containsExactly("Minutes, lamp", "Minutes, radio", "Minutes, chair");
        desk.undo();
        assertThat(desk.assignment().sheets()).isEmpty();
        CellFigures chosen =
                CellFigures.of(figures.all().columns().subList(MINUTES, SAVED + 1), new int[] {0, 1, 2}, true);
        assertThat(List.of(chosen.cells(), chosen.numbers(), chosen.missing())).containsExactly(6L, 5L, 0L);
        assertThat(chosen.sum()).hasToString("35.75");
        assertThat(chosen.largest().map(Object::toString)).isEqualTo(Optional.of("20"));
        assertThat(chosen.measure("range", CourseCard.STANDARD).map(Object::toString))
                .isEqualTo(chosen.least()
                        .map(least ->
                                chosen.largest().orElseThrow().minus(least).toString()));
    }
}
