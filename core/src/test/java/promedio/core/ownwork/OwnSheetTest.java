package promedio.core.ownwork;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import promedio.core.course.CourseCard;
import promedio.core.number.Exact;
import promedio.core.number.Numerals;
import promedio.core.ownwork.CellMark.Verdict;
import promedio.core.sample.Sample;
import promedio.core.sentence.Sentence;
import promedio.core.tabulate.ClassLabel;
import promedio.core.tabulate.ClassReading;

/** Workings as they are kept, and as they are set out by a method. */
class OwnSheetTest {
    private static String heading(Quantity what) {
        return Sentence.of("own.head." + what.id(), "x̄").toString();
    }

    private static OwnSheet blank(OwnMethod method, Sample sample) {
        return method.blank(sample, CourseCard.STANDARD, OwnSheetTest::heading);
    }

    private static OwnMarks marks(OwnSheet sheet, Sample sample) {
        return OwnMarker.mark(sheet.table(), sample, CourseCard.STANDARD, sheet.said(), List.of());
    }

    private static Sample classes(Random random) {
        List<ClassReading.Row> rows = new ArrayList<>();
        int width = 2 + random.nextInt(9);
        for (int i = 0; i < 3 + random.nextInt(4); i++) {
            String label = i * width + "-" + (i + 1) * width;
            rows.add(new ClassReading.Row(
                    i, label, ClassLabel.parse(label, Numerals.POINT).orElseThrow(), Exact.of(1 + random.nextInt(9))));
        }
        return Sample.classes(ClassReading.of(rows, CourseCard.STANDARD).table().orElseThrow());
    }

    private static Sample some(Random random) {
        int[] values = random.ints(4 + random.nextInt(9), 0, 40).distinct().toArray();
        Sample list = Sample.of(IntStream.of(values).mapToObj(Integer::toString).toArray(String[]::new));
        return switch (random.nextInt(4)) {
            case 0 -> classes(random);
            case 1 ->
                Sample.frequencies(
                        list.values(),
                        Sample.of(random.ints(values.length, 1, 9)
                                        .mapToObj(Integer::toString)
                                        .toArray(String[]::new))
                                .values(),
                        false);
            case 2 ->
                Sample.pairs(
                        list.values(),
                        Sample.of(random.ints(values.length, 0, 30)
                                        .mapToObj(Integer::toString)
                                        .toArray(String[]::new))
                                .values());
            default -> list;
        };
    }

    /** A and h are the student's to choose: one cell tells the one, two the other. */
    private static OwnSheet chosen(OwnSheet sheet) {
        OwnSheet now = sheet;
        for (int column = 0; column < sheet.columns().size(); column++) {
            String named = sheet.columns().get(column).is().orElseThrow() == Quantity.D
                    ? "x − 10"
                    : sheet.columns().get(column).is().orElseThrow() == Quantity.U ? "(x − 10)/5" : "";
            if (!named.isEmpty()) {
                now = now.withColumn(
                        column,
                        new OwnSheet.Column(named, sheet.columns().get(column).is()));
            }
        }
        return now;
    }

    @Property(tries = 200)
    void a_blank_table_filled_cell_by_cell_as_the_program_shows_them_is_all_right(@ForAll long seed) {
        Random random = new Random(seed);
        Sample sample = some(random);
        List<OwnMethod> methods = OwnMethod.of(sample);
        assertThat(methods).isNotEmpty();
        OwnMethod method = methods.get(random.nextInt(methods.size()));
        OwnSheet sheet = chosen(blank(method, sample));
        assertThat(marks(sheet, sample).summary().get(Verdict.WRONG)).isZero();
        for (int column = 0; column < sheet.columns().size(); column++) {
            for (int row = 0; row <= sheet.rows().size(); row++) {
                CellPlace place = new CellPlace(row, column);
                boolean summed = sheet.isTotal(place)
                        && sheet.columns()
                                .get(column)
                                .is()
                                .filter(Quantity.CLASS::equals)
                                .isEmpty();
                if (sheet.cell(place).isEmpty() && (summed || !sheet.isTotal(place))) {
                    String figure = marks(sheet, sample)
                            .figure(place)
                            .orElseThrow(() -> new AssertionError(method + " has nothing for " + place));
                    sheet = sheet.filled(place, figure);
                    assertThat(sheet.help(place).shown()).isTrue();
                }
            }
        }
        OwnMarks marks = marks(sheet, sample);
        assertThat(marks.cells().stream().flatMap(List::stream).map(one -> one.orElseThrow()
                        .verdict()))
                .as(method + " " + sheet)
                .isSubsetOf(Verdict.RIGHT, Verdict.ROUNDED);
        assertThat(marks.totals().stream().flatMap(Optional::stream).map(CellMark::verdict))
                .as(method + " " + sheet)
                .isSubsetOf(Verdict.RIGHT, Verdict.ROUNDED);
        assertThat(OwnSaid.mistakes(marks)).isEmpty();
    }

    /** Whatever column is offered can be worked from the data, once A and h are chosen. */
    @Property(tries = 60)
    void every_column_that_a_sample_is_offered_can_be_filled(@ForAll long seed) {
        Sample sample = some(new Random(seed));
        List<OwnSheet.Column> columns = OwnMethod.every(sample).stream()
                .map(what -> new OwnSheet.Column(heading(what), Optional.of(what)))
                .toList();
        OwnSheet bare = chosen(new OwnSheet(columns, List.of(List.of()), List.of(), List.of(), Map.of()));
        OwnMarks marks = marks(bare, sample);
        for (int column = 0; column < columns.size(); column++) {
            Quantity what = columns.get(column).is().orElseThrow();
            assertThat(marks.figure(new CellPlace(0, column)).isPresent() || what == Quantity.CLASS)
                    .as("%s of %s", what, sample)
                    .isTrue();
        }
    }

    @Example
    void arithmetic_in_cells_has_its_result_but_a_class_is_no_difference() {
        Sample sample = Sample.of("2", "3", "4");
        OwnSheet sheet = blank(OwnMethod.DEVIATIONS, sample)
                .with(new CellPlace(0, 1), List.of(List.of("2-3", "1²"), List.of("0/7", "x*y"), List.of("1/3", "√2")));
        assertThat(marks(sheet, sample).results()).isEqualTo(Map.of("2-3", "−1", "1²", "1", "0/7", "0"));
        Sample classes = classes(new Random(1));
        OwnSheet tables = blank(OwnMethod.MEAN, classes);
        assertThat(tables.cell(new CellPlace(0, 0))).contains("-");
        assertThat(marks(tables, classes).results()).isEmpty();
    }

    @Example
    void pairs_with_frequencies_have_no_method_and_a_table_that_is_brought_is_marked_all_the_same() {
        Sample counted = Sample.pairs(
                Sample.of("1", "2").values(),
                Sample.of("3", "5").values(),
                Sample.of("4", "1").values());
        assertThat(OwnMethod.of(counted)).isEmpty();
        OwnSheet sheet = OwnSheet.of(
                OwnTable.of(List.of(List.of("x", "y", "xy"), List.of("1", "3", "3"), List.of("2", "5", "11"))),
                List.of());
        assertThat(marks(sheet, counted).summary().get(Verdict.WRONG)).isEqualTo(1);
    }

    /** x − 3 of 2 is −1; squared by doubling it is −2, or 2. */
    @Example
    void a_wrong_cell_is_told_with_the_right_way_and_the_way_it_was_gone() {
        Sample sample = Sample.of("2", "3", "4");
        OwnSheet sheet = blank(OwnMethod.DEVIATIONS, sample)
                .with(
                        new CellPlace(0, 1),
                        List.of(List.of("−1", "2"), List.of("0", "0"), List.of("1", "1"), List.of("0", "3")));
        OwnMarks marks = marks(sheet, sample);
        CellMark wrong = marks.at(new CellPlace(0, 2)).orElseThrow();
        assertThat(wrong.slip()).contains(new CellSlip("doubled-for-square", Optional.of("2 × |−1|")));
        assertThat(marks.way(0, 2).map(OwnWay::written)).contains("(−1)² = 1");
        assertThat(OwnSaid.of(marks, new CellPlace(3, 2))).contains(Sentence.of("own.cell.follows", "3", "2"));
        assertThat(OwnSaid.totalsWithout(marks)).containsExactly("Σ(x − x̄)² = 2");
    }

    @Example
    void cells_and_what_was_helped_with_move_with_rows_and_columns() {
        OwnSheet sheet = OwnSheet.of(
                        OwnTable.of(
                                List.of(List.of("x", "x²"), List.of("1", "1"), List.of("2", "4"), List.of("", "5"))),
                        List.of("mean"))
                .hinted(new CellPlace(1, 1))
                .filled(new CellPlace(2, 0), "3");
        assertThat(sheet.totals()).containsExactly("3", "5");
        OwnSheet more = sheet.withNewColumn(0, new OwnSheet.Column("No.", Optional.empty()))
                .withNewRow(1);
        assertThat(more.rows()).containsExactly(List.of("", "1", "1"), List.of("", "", ""), List.of("", "2", "4"));
        assertThat(more.helps())
                .isEqualTo(Map.of(
                        new CellPlace(2, 2),
                        new OwnSheet.Help(1, false),
                        new CellPlace(3, 1),
                        new OwnSheet.Help(0, true)));
        assertThat(more.withoutRow(1).withoutColumn(0)).isEqualTo(sheet);
        assertThat(sheet.withoutRow(1).helps().keySet()).containsExactly(new CellPlace(1, 0));
        OwnSheet typed = sheet.with(new CellPlace(2, 0), List.of(List.of("4", "5", "6"), List.of("7")));
        assertThat(typed.totals()).as("beyond the table nothing is kept").containsExactly("4", "5");
        assertThat(typed.help(new CellPlace(2, 0)).shown())
                .as("what is written over was not shown")
                .isFalse();
    }

    @Example
    void every_column_that_is_set_out_is_known_again_by_its_heading() {
        List<Quantity> unknown = Arrays.stream(Quantity.values())
                .filter(Quantity::isColumn)
                .filter(what ->
                        !Headings.of(heading(what), Optional.empty()).all().contains(what))
                .toList();
        assertThat(unknown).isEmpty();
    }
}
