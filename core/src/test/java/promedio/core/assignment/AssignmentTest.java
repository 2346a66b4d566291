package promedio.core.assignment;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.course.CardKey;
import promedio.core.course.CourseCard;
import promedio.core.course.DecimalMark;
import promedio.core.course.Divisor;
import promedio.core.course.Frequencies;
import promedio.core.data.Entries;
import promedio.core.number.Exact;
import promedio.core.sample.Sample;
import promedio.core.sample.SampleKind;
import promedio.core.sentence.Sentence;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AssignmentTest {
    @Provide
    Arbitrary<List<String>> typed() {
        return Arbitraries.oneOf(
                        Arbitraries.of(
                                "",
                                " ",
                                "n/a",
                                "12",
                                "12.50",
                                "-0",
                                "-0.0",
                                "007",
                                ".5",
                                "5.",
                                "1e3",
                                "+4",
                                "−3",
                                "1,5",
                                "999999999999999999",
                                "0.00000000000000001"),
                        Arbitraries.strings().ofMaxLength(6))
                .list()
                .ofMaxSize(12);
    }

    @Property
    void entries_come_back_letter_by_letter(@ForAll("typed") List<String> typed) {
        assertThat(Entries.of(typed).texts()).isEqualTo(typed);
    }

    @Property
    void a_column_built_entry_by_entry_is_the_same_column(@ForAll("typed") List<String> typed) {
        Entries.Builder builder = new Entries.Builder();
        typed.forEach(builder::add);
        assertThat(builder.build()).isEqualTo(Entries.of(typed));
        assertThat(builder.size()).isEqualTo(typed.size());
    }

    /** Any of many entries taken out at once are those taken out of a plain list, and what is switched off goes with its entry. */
    @Property(tries = 60)
    void entries_taken_out_here_and_there_leave_the_others_as_they_were(
            @ForAll @IntRange(min = 1, max = 6000) int size, @ForAll long seed) {
        java.util.Random random = new java.util.Random(seed);
        List<String> typed = IntStream.range(0, size)
                .mapToObj(i -> i % 7 == 3 ? "word " + i : Integer.toString(i))
                .toList();
        List<Integer> out = IntStream.range(0, size)
                .filter(i -> random.nextInt(3) == 0)
                .boxed()
                .toList();
        List<Integer> off = IntStream.range(0, size)
                .filter(i -> random.nextInt(50) == 0)
                .boxed()
                .toList();
        SampleSheet sheet = SampleSheet.list("s1", "", "", Entries.of(typed)).switched(off, false);
        SampleSheet left = sheet.without(out);
        List<String> expected = new ArrayList<>();
        List<String> stillOff = new ArrayList<>();
        TreeSet<Integer> gone = new TreeSet<>(out);
        for (int i = 0; i < size; i++) {
            if (!gone.contains(i)) {
                expected.add(typed.get(i));
                if (sheet.off().contains(i)) {
                    stillOff.add(typed.get(i));
                }
            }
        }
        assertThat(left.values().texts()).isEqualTo(expected);
        assertThat(left.off().stream().map(left.values()::text).toList()).isEqualTo(stillOff);
        assertThat(sheet.switched(off, true).off()).isEmpty();
    }

    /** Long enough for several pieces, changed in the middle of them and across their ends. */
    @Property(tries = 60)
    void a_long_column_is_changed_as_a_plain_list_is(
            @ForAll @IntRange(min = 4000, max = 7000) int size,
            @ForAll @IntRange(max = 7000) int at,
            @ForAll @IntRange(max = 5000) int out,
            @ForAll("typed") List<String> in) {
        List<String> plain = new ArrayList<>(IntStream.range(0, size)
                .mapToObj(i -> i % 50 == 7 ? "n/a" : Integer.toString(i * 31 % 1009))
                .toList());
        Entries before = Entries.of(plain);
        int where = Math.min(at, size);
        int gone = Math.min(out, size - where);
        Entries after = before.removed(where, gone).inserted(where, in);
        plain.subList(where, where + gone).clear();
        plain.addAll(where, in);
        assertThat(after).isEqualTo(Entries.of(plain)).hasSameHashCodeAs(Entries.of(plain));
        assertThat(after.texts()).isEqualTo(plain);
        Entries more = after.inserted(after.size(), List.of("5")).with(0, "first");
        plain.add("5");
        plain.set(0, "first");
        assertThat(more.texts()).isEqualTo(plain);
        assertThat(more).isNotEqualTo(after);
    }

    @Property
    void a_column_is_read_the_same_whichever_mark_its_decimals_have(@ForAll("typed") List<String> typed) {
        List<String> commas = typed.stream().map(text -> text.replace('.', ',')).toList();
        List<String> points = typed.stream().map(text -> text.replace(',', '.')).toList();
        CourseCard comma = CourseCard.STANDARD.with(CardKey.DECIMAL_MARK, DecimalMark.COMMA);
        assertThat(interpret(commas, comma).sample().toString())
                .isEqualTo(interpret(points, CourseCard.STANDARD).sample().toString());
    }

    private static Interpretation interpret(List<String> typed, CourseCard card) {
        return Interpretation.of(SampleSheet.list("s1", "Sample", "", Entries.of(typed)), card);
    }

    @Property
    void putting_in_and_taking_out_is_as_in_a_plain_list(
            @ForAll("typed") List<String> typed,
            @ForAll("typed") List<String> more,
            @ForAll @IntRange(min = 0, max = 12) int at) {
        int where = Math.min(at, typed.size());
        List<String> slow = new ArrayList<>(typed);
        slow.addAll(where, more);
        Entries inserted = Entries.of(typed).inserted(where, more);
        assertThat(inserted.texts()).isEqualTo(slow);
        assertThat(inserted.removed(where, more.size())).isEqualTo(Entries.of(typed));
        if (!slow.isEmpty()) {
            slow.set(slow.size() - 1, "changed");
            assertThat(inserted.with(slow.size() - 1, "changed").texts()).isEqualTo(slow);
        }
    }

    private static Interpretation read(CourseCard card, String... entries) {
        return Interpretation.of(SampleSheet.list("s1", "Sample", "", Entries.of(entries)), card);
    }

    @Test
    void a_pair_counts_where_both_are_numbers_and_says_which_of_them_is_none() {
        SampleSheet pairs = SampleSheet.table(
                        SampleKind.PAIRS,
                        "p1",
                        "Pairs",
                        "",
                        Entries.of("1", "2", "", "", "5", "6"),
                        Entries.of("3", "x", "4", "many", "n/a", "7O"))
                .withMissingCodes(Set.of("n/a"));
        Interpretation reading = Interpretation.of(pairs, CourseCard.STANDARD);
        assertThat(reading.sample().count()).isEqualTo(Exact.ONE);
        assertThat(reading.sample().missing()).as("an empty one and a code").isEqualTo(Exact.TWO);
        assertThat(reading.count(Interpretation.Status.NOT_A_NUMBER)).isEqualTo(3);
        assertThat(reading.remark(3).map(Sentence::toString))
                .hasValueSatisfying(said -> assertThat(said).contains("“many”"));
        assertThat(reading.faulty(5)).isEqualTo(1);
        assertThat(reading.suggestion(5)).contains("70");
        assertThat(pairs.swapped().swapped()).isEqualTo(pairs);
        assertThat(Interpretation.of(pairs.swapped(), CourseCard.STANDARD).faulty(5))
                .isZero();
    }

    @Test
    void lists_of_equal_length_make_pairs_with_what_is_missing_and_switched_off_in_each() {
        SampleSheet one = SampleSheet.list("a", "Before", "kg", Entries.of("70", "-99", "64", "n/a", "58"))
                .withMissingCodes(Set.of("-99", "n/a"))
                .switched(List.of(2), false);
        SampleSheet other = SampleSheet.list("b", "Change", "kg", Entries.of("-99", "2", "1", "3", "4"))
                .withMissingCodes(Set.of("n/a"));
        SampleSheet pairs = Links.paired("p", "Both", one, other);
        Sample sample = Interpretation.of(pairs, CourseCard.STANDARD).sample();
        assertThat(sample.count()).as("70 beside −99, and 58 beside 4").isEqualTo(Exact.TWO);
        assertThat(sample.missing()).isEqualTo(Exact.TWO);
        assertThat(pairs.off()).containsExactly(2);
        assertThat(pairs.variables()).contains(new SampleSheet.Variables("Before", "Change", "kg"));
    }

    @Test
    void words_and_blanks_are_left_out_counted_and_never_read_as_nought() {
        Interpretation reading = read(CourseCard.STANDARD, "12", "n/a", "", "17O", "15");
        assertThat(reading.sample().count()).isEqualTo(Exact.TWO);
        assertThat(reading.sample().missing()).isEqualTo(Exact.ONE);
        assertThat(reading.sample().entry(1))
                .as("the second number is the fifth entry")
                .isEqualTo(4);
        assertThat(reading.remark(3).map(Sentence::toString))
                .contains("“17O” is not a number: left out. Did you mean 170?");
        assertThat(reading.suggestion(3)).contains("170");
        assertThat(reading.leftOut()).extracting(Sentence::toString).containsExactly("1 missing", "2 not numbers");
    }

    @Test
    void a_code_for_missing_is_missing_even_when_it_is_a_number() {
        SampleSheet sheet = SampleSheet.list("s1", "Sample", "", Entries.of("12", "-99", "n/a", "15"))
                .withMissingCodes(Set.of("-99", "n/a"));
        Interpretation reading = Interpretation.of(sheet, CourseCard.STANDARD);
        assertThat(reading.sample().count()).isEqualTo(Exact.TWO);
        assertThat(reading.sample().missing()).isEqualTo(Exact.TWO);
    }

    @Test
    void an_entry_that_is_switched_off_stays_in_view_and_counts_nowhere() {
        SampleSheet sheet = SampleSheet.list("s1", "Sample", "", Entries.of("1", "2", "300"))
                .switched(List.of(2), false);
        Interpretation reading = Interpretation.of(sheet, CourseCard.STANDARD);
        assertThat(reading.sample().count()).isEqualTo(Exact.TWO);
        assertThat(reading.status(2)).isEqualTo(Interpretation.Status.OFF);
        assertThat(sheet.inserted(0, List.of(List.of("7"))).off()).containsExactly(3);
        assertThat(sheet.without(List.of(0)).off()).containsExactly(1);
        assertThat(sheet.switched(List.of(2), true).off()).isEmpty();
    }

    @Test
    void the_decimal_mark_of_the_card_decides_what_a_comma_is() {
        CourseCard comma = CourseCard.STANDARD.with(CardKey.DECIMAL_MARK, DecimalMark.COMMA);
        assertThat(read(comma, "1,5", "2").sample().value(0)).isEqualTo(Exact.ratio(3, 2));
        assertThat(read(comma, "1.5", "2").status(0)).isEqualTo(Interpretation.Status.NOT_A_NUMBER);
        assertThat(read(CourseCard.STANDARD, "1,5", "2").suggestion(0)).contains("1.5");
    }

    @Test
    void rows_of_a_table_need_a_whole_frequency() {
        SampleSheet sheet = SampleSheet.frequencies(
                "s1", "Table", "", Entries.of("1", "2", "3", "", "x"), Entries.of("2", "0", "1.5", "3", "4"));
        Interpretation reading = Interpretation.of(sheet, CourseCard.STANDARD);
        assertThat(reading.sample().count()).isEqualTo(Exact.TWO);
        assertThat(reading.sample().missing()).isEqualTo(Exact.of(3));
        assertThat(reading.status(1)).isEqualTo(Interpretation.Status.COUNTS_NOWHERE);
        assertThat(reading.remark(2).map(Sentence::toString)).hasValueSatisfying(told -> assertThat(told)
                .startsWith("“1.5” is not a whole, non-negative frequency"));
        CourseCard relative = CourseCard.STANDARD.with(CardKey.FREQUENCIES, Frequencies.RELATIVE);
        assertThat(Interpretation.of(sheet, relative).sample().count()).isEqualTo(Exact.ratio(7, 2));
    }

    @Test
    void edits_can_be_taken_back_and_made_again_one_by_one() {
        History history = new History(Assignment.EMPTY);
        SampleSheet sheet = SampleSheet.list("s1", "Sample", "min", Entries.of("1", "2"));
        List<Edit> edits = List.of(
                new Edit.Retitle("Sheet 3"),
                new Edit.AddSheet(0, sheet),
                new SheetEdit.SetEntry("s1", 0, 1, "5"),
                new SheetEdit.InsertRows("s1", 2, List.of(List.of("7", "8"))),
                new SheetEdit.SwitchEntries("s1", 0, false),
                new AnswerEdit.WriteAnswer("s1", "mean", "3.5"),
                new Edit.ChangeCard(CourseCard.STANDARD.with(CardKey.DIVISOR, Divisor.POPULATION)),
                new SheetEdit.SetMissingCodes("s1", Set.of("-99")),
                new SheetEdit.Rename("s1", "Minutes", "min"),
                new SheetEdit.RemoveRows("s1", 0, 1),
                new Edit.RemoveSheet("s1"));
        List<Assignment> states = new ArrayList<>(List.of(history.present()));
        for (Edit edit : edits) {
            assertThat(history.make(edit)).as(edit.undoKey()).isTrue();
            states.add(history.present());
        }
        assertThat(history.present().answers())
                .as("answers go with their sample")
                .isEmpty();
        for (int i = states.size() - 2; i >= 0; i--) {
            history.undo();
            assertThat(history.present()).isEqualTo(states.get(i));
        }
        assertThat(history.undoable()).isEmpty();
        for (int i = 1; i < states.size(); i++) {
            history.redo();
            assertThat(history.present()).isEqualTo(states.get(i));
        }
        assertThat(history.redoable()).isEmpty();
    }

    @Test
    void a_covered_figure_is_seen_after_an_answer_or_a_lifted_cover_and_the_first_answer_is_kept() {
        History history = new History(Assignment.EMPTY);
        history.make(new Edit.AddSheet(0, SampleSheet.list("s1", "Sample", "", Entries.of("1", "2"))));
        history.make(new AnswerEdit.WriteAnswer("s1", "median", "1.5"));
        assertThat(history.present().covers("s1", "mean")).isFalse();
        history.make(new AnswerEdit.CoverFigures(true));
        assertThat(history.present().covers("s1", "mean")).isTrue();
        assertThat(history.present().covers("s1", "median"))
                .as("answered before")
                .isFalse();
        history.make(new AnswerEdit.WriteAnswer("s1", "mean", "3"));
        history.make(new AnswerEdit.WriteAnswer("s1", "mean", "1.5"));
        history.make(new AnswerEdit.WriteAnswer("s1", "mean", ""));
        assertThat(history.present().covers("s1", "mean"))
                .as("seen once is seen")
                .isFalse();
        assertThat(history.present().attempt("s1", "mean").first()).isEqualTo("3");
        history.make(new AnswerEdit.LiftCover("s1", "sd"));
        assertThat(history.present().covers("s1", "sd")).isFalse();
        assertThat(history.make(new AnswerEdit.LiftCover("s1", "sd"))).isFalse();
        history.undo();
        assertThat(history.present().covers("s1", "sd")).isTrue();
    }

    @Test
    void an_edit_that_changes_nothing_leaves_no_trace_and_a_new_one_ends_the_future() {
        History history = new History(Assignment.EMPTY);
        assertThat(history.make(new Edit.Retitle(""))).isFalse();
        assertThat(history.make(new SheetEdit.SetEntry("gone", 0, 0, "1"))).isFalse();
        history.make(new Edit.Retitle("a"));
        history.undo();
        history.make(new Edit.Retitle("b"));
        assertThat(history.redoable()).isEmpty();
        assertThat(history.present().title()).isEqualTo("b");
    }

    @Test
    void every_edit_and_every_choice_of_the_card_has_its_words() {
        for (CardKey<?> key : CardKey.all()) {
            assertThat(Sentence.of("card." + key.id()).toString()).isNotBlank();
            allChoices(key);
        }
        for (String name : List.of(
                "retitle",
                "change-card",
                "add-sample",
                "remove-sample",
                "rename-sample",
                "change-entry",
                "add-entries",
                "remove-entries",
                "switch-on",
                "switch-off",
                "missing-codes",
                "answer",
                "cover",
                "uncover",
                "lift-cover")) {
            assertThat(Sentence.of("edit." + name).toString()).isNotBlank();
        }
        assertThat(CourseCard.STANDARD.withRule("figures", "3").orElseThrow().idOf(CardKey.ACCURACY))
                .isEqualTo("3 figures");
        assertThat(CourseCard.STANDARD.withRule("quartiles", "hf12")).isEmpty();
        assertThat(CourseCard.STANDARD.withRule("nonsense", "1")).isEmpty();
    }

    private static <T> void allChoices(CardKey<T> key) {
        for (T choice : key.choices()) {
            assertThat(CourseCard.wordsOf(key, key.idOf(choice)).toString()).isNotBlank();
            assertThat(key.parse(key.idOf(choice))).as(key.id()).contains(choice);
            CourseCard card = CourseCard.STANDARD.with(key, choice);
            assertThat(card.get(key)).isEqualTo(choice);
            assertThat(card.differences().isEmpty()).isEqualTo(choice.equals(key.standard()));
        }
    }

    /** Whatever an assignment comes to hold later is private until it is named here and where it is handed out. */
    @Test
    void what_is_handed_out_is_what_is_named_and_nothing_else() throws Exception {
        History history =
                new History(Assignment.of("Sheet", SampleSheet.list("s1", "Lamps", "", Entries.of("2", "3"))));
        history.make(new AnswerEdit.CoverFigures(true));
        history.make(new AnswerEdit.GiveHints(true));
        history.make(new AnswerEdit.LiftCover("s1", "sd"));
        history.make(new AnswerEdit.WriteAnswer("s1", "mean", "2"));
        history.make(new AnswerEdit.TakeHint("s1", "mean"));
        history.make(new AnswerEdit.PoseTask(0, Task.of(new Assignment.Question("s1", "mean"))));
        history.make(new JotEdit.Jot("1 + 1", "2", "2", false));
        Assignment present = history.present()
                .with(all -> all.foreign(
                        new Foreign(Map.of("rule", "x"), List.of(), List.of(new Foreign.Piece("/secret", "1")))));
        assertThat(present.attempt("s1", "mean").hintsToAnswer()).isEqualTo(1);
        Set<String> kept = Set.of("title", "sheets", "card", "asking", "tables", "tasks", "pictures", "used");
        for (RecordComponent part : Assignment.class.getRecordComponents()) {
            Object handed = part.getAccessor().invoke(present.handedOut());
            Object from = kept.contains(part.getName()) ? present : Assignment.EMPTY;
            if (!part.getName().equals("foreign")) {
                assertThat(handed)
                        .as(part.getName())
                        .isEqualTo(part.getAccessor().invoke(from));
            }
        }
        assertThat(present.handedOut().foreign()).isEqualTo(new Foreign(Map.of("rule", "x"), List.of(), List.of()));
        history.make(new Edit.RemoveSheet("s1"));
        assertThat(history.present().attempts()).as("it dies with its sample").isEmpty();
        assertThat(history.present().asking()).isEqualTo(new Asking(true, true, true));
    }

    @Test
    void ids_on_the_shelf_are_never_used_twice() {
        Assignment assignment = Assignment.of("", SampleSheet.list("s2", "a", "", Entries.NONE));
        assertThat(assignment.freshId()).isEqualTo("s3");
        assertThat(new TreeSet<>(Set.of("s2", assignment.freshId()))).hasSize(2);
    }

    @ParameterizedTest(name = "{0}: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    12 15 15 18 60    | 4 | 60, is the sum
                    12 15 15 18 15.0  | 4 | 15, is the mean
                    12 15 16 14.3     | 3 | 14.3, is the mean
                    """)
    void a_total_or_mean_at_the_end_is_noticed(String entries, int entry, String told) {
        SampleSheet sheet = SampleSheet.list("s1", "S", "", Entries.of(entries.split(" ", -1)));
        Suspicion suspicion =
                Interpretation.of(sheet, CourseCard.STANDARD).suspicion().orElseThrow();
        assertThat(suspicion.entry()).isEqualTo(entry);
        assertThat(suspicion.sentence().toString()).contains(told);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"12 15 15 18 15", "1 2 3", "12.5 15.1 15.2 14.3", "0 0 0 0 0", "12 15 15 18 61"})
    void chance_is_not_suspected(String entries) {
        SampleSheet sheet = SampleSheet.list("s1", "S", "", Entries.of(entries.split(" ", -1)));
        assertThat(Interpretation.of(sheet, CourseCard.STANDARD).suspicion()).isEmpty();
    }

    @Test
    void one_unit_of_a_frequency_table_moves_and_the_others_stay() {
        Assignment table = new Edit.AddSheet(
                        0, SampleSheet.frequencies("s1", "S", "", Entries.of("12", "15"), Entries.of("3", "1")))
                .apply(Assignment.EMPTY);
        assertThat(rows(new SheetEdit.MoveUnit("s1", 0, "15").apply(table))).isEqualTo("[12, 15] [2, 2]");
        assertThat(rows(new SheetEdit.MoveUnit("s1", 0, "13").apply(table))).isEqualTo("[12, 13, 15] [2, 1, 1]");
        assertThat(rows(new SheetEdit.MoveUnit("s1", 1, "9").apply(table))).isEqualTo("[9, 12, 15] [1, 3, 0]");
        assertThat(rows(new SheetEdit.MoveUnit("s1", -1, "15.0").apply(table))).isEqualTo("[12, 15] [3, 2]");
        assertThat(new SheetEdit.MoveUnit("s1", 0, "many").apply(table)).isEqualTo(table);
        assertThat(new SheetEdit.MoveUnit("s1", 7, "15").apply(table)).isEqualTo(table);
    }

    private static String rows(Assignment assignment) {
        SampleSheet sheet = assignment.sheet("s1").orElseThrow();
        return sheet.values().texts() + " " + sheet.frequencies().orElseThrow().texts();
    }

    @Test
    void rows_of_a_class_table_have_their_own_remarks() {
        SampleSheet sheet = SampleSheet.table(
                SampleKind.CLASSES,
                "s1",
                "S",
                "",
                Entries.of("0-10", "10-20", "", "Total", "teens", "20-30"),
                Entries.of("4", "6 people", "2", "12", "1", "-3"));
        Interpretation reading = Interpretation.of(sheet, CourseCard.STANDARD);
        assertThat(reading.sample().count()).isEqualTo(Exact.of(10));
        assertThat(reading.sample().missing()).isEqualTo(Exact.TWO);
        assertThat(java.util.stream.IntStream.range(0, 6).mapToObj(reading::status))
                .containsExactly(
                        Interpretation.Status.NUMBER,
                        Interpretation.Status.NUMBER,
                        Interpretation.Status.MISSING,
                        Interpretation.Status.TOTAL,
                        Interpretation.Status.NOT_A_NUMBER,
                        Interpretation.Status.BAD_FREQUENCY);
        assertThat(reading.remark(4).orElseThrow().toString()).contains("“teens” is no class");
    }
}
