package promedio.core.trail;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import promedio.core.course.CardKey;
import promedio.core.course.Closed;
import promedio.core.course.CourseCard;
import promedio.core.data.CellRules;
import promedio.core.data.Column;
import promedio.core.data.Entries;
import promedio.core.data.Summary;
import promedio.core.data.Table;
import promedio.core.data.TableReading;
import promedio.core.number.Exact;
import promedio.core.sentence.Sentence;

/** Steps as definitions 10 have them, by hand; and the laws that hold of any of them. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TrailTest {
    private static final CourseCard CARD = CourseCard.STANDARD;

    /** A table as it is written, columns parted by bars and rows by line ends. */
    private static Table table(String written) {
        List<List<String>> rows = written.strip()
                .lines()
                .map(line ->
                        Arrays.stream(line.split("\\|", -1)).map(String::strip).toList())
                .toList();
        List<Entries> columns = IntStream.range(0, rows.get(0).size())
                .mapToObj(column -> Entries.of(
                        rows.stream().skip(1).map(row -> row.get(column)).toList()))
                .toList();
        return TableReading.of(rows.get(0), columns, CellRules.GUESSED, true).table();
    }

    private static final Table LOG = table(
            """
            Item    | Minutes | Cost | Bench | Day
            lamp    | 12      | 3.50 | Oak   | 2031-04-05
            radio   | 45      | 10   | Elm   | 2031-04-06
            lamp    | n/a     | 2.25 | Oak   | 2031-04-06
                    | 20      |      | Elm   | 2031-04-07
            bicycle | 75      | 12   | Oak   | 2031-04-08
            lamp    | 8       | 1.1  | Ash   | 2031-04-09
            radio   | 30      | 9    |       | 2031-04-10
            lamp    | 30      | 9    | Ash   | 2031-04-11
            lamp    | 31      | 9    | Ash   | 2031-04-12
            lamp    | 32      | 9    | Elm   | 2031-04-13
            """);

    private static Walk walk(Table table, String... steps) {
        Sources benches = (file, key) -> table(
                file.equals("benches")
                        ? "Bench | Place\nOak | window\nElm | door\nOak2 | 1"
                        : "Bench | Place\nOak | window\nOak | door\nElm | 3");
        return Walk.of(Prepared.of(table), CARD).along(Trail.of(steps), CARD, benches, () -> {});
    }

    /** The mean of standard scores is 0: exactly where the SD is a ratio, and said to be approximate where it is not. */
    @Test
    void standard_scores_come_to_0_and_say_where_they_are_rounded() {
        Table sizes = table(
                """
                exact | rounded
                2     | 1
                4     | 2
                6     | 4
                2     | 5
                4     | 9
                6     | 7
                4     | 8
                """);
        String summed = "one row in all: mean of z, sum of z as s";
        for (String column : List.of("exact", "rounded")) {
            Walk scored = walk(sizes, "leave out rows where exact = 0", "standardise " + column + " as z");
            Summary inShort = Summary.of(scored.last().field("z").column());
            assertThat(inShort.mean()).as(column).contains(Exact.ZERO);
            assertThat(inShort.isApproximate()).as(column).isTrue();
            Prepared all =
                    walk(sizes, "standardise " + column + " as z", summed).last();
            assertThat(all.field("mean of z").shown(0)).as(column).isEqualTo("0");
            assertThat(all.field("s").shown(0)).as(column).isEqualTo("0");
        }
        Walk exact = walk(
                sizes,
                "keep rows where exact is one of (2, 4, 6)",
                "leave out rows where rounded > 4",
                "standardise exact as z");
        assertThat(exact.last().field("z").shown(0)).isEqualTo("-1");
        assertThat(Summary.of(exact.last().field("z").column()).isApproximate()).isFalse();
    }

    /** Numbers that are written as codes are as different as they are written; all others as their values are. */
    @Test
    void codes_are_counted_as_they_are_written() {
        Table codes = table("code | mass\n007 | 1.0\n7 | 1\n007 | 1.00\n12 | 2");
        Prepared counted = walk(codes, "one row per code: n").last();
        assertThat(IntStream.range(0, 3)
                        .mapToObj(row -> counted.field("code").shown(row) + " "
                                + counted.field("n").shown(row)))
                .containsExactly("007 2", "7 1", "12 1");
        assertThat(walk(codes, "one row per mass: n").last().rows()).isEqualTo(2);
    }

    private static final Table EXAMPLES = table(
            """
            Item | Minutes | Cost | Bench | Day        | Paid | Math | Art
            lamp | 12      | 3.5  | Oak   | 2031-04-05 | yes  | 1    | 2
            mixer| 45      | 10   | Elm   | 2031-04-06 | no   | 3    | 4
            radio| 20      | 4    |       | 2031-04-07 | yes  | 5    | 6
                 | 30      | 7    | Oak   | 2031-04-08 | no   | 3    | 2
            lamp | 31      | 8    | Elm   | 2031-04-09 | yes  | 1    | 1
            """);

    /** What is wrong with a step of the help on the table that its examples speak of; empty where nothing is. */
    static String tried(String step) {
        return walk(EXAMPLES, step)
                .fault()
                .map(fault -> fault.sentence().toString())
                .orElse("");
    }

    private static String written(Prepared table) {
        List<String> lines = new ArrayList<>(List.of(String.join(",", table.names())));
        for (int row = 0; row < table.rows(); row++) {
            int at = row;
            lines.add(String.join(
                    ",", table.fields().stream().map(field -> field.written(at)).toList()));
        }
        return String.join("\n", lines) + "\n";
    }

    private static String after(String... steps) {
        Walk walk = walk(LOG, steps);
        return walk.fault()
                .map(fault -> "step " + walk.faulty() + " at " + (fault.at().from() + 1) + ": " + fault.sentence())
                .orElseGet(() -> written(walk.last()));
    }

    private static List<String> told(String... steps) {
        return walk(LOG, steps).told().stream()
                .flatMap(List::stream)
                .map(Sentence::toString)
                .toList();
    }

    @Test
    void rows_are_kept_by_a_condition_and_a_missing_one_is_told() {
        assertThat(after("keep rows where Minutes > 40", "keep columns Item, Cost to Bench"))
                .isEqualTo("Item,Cost,Bench\nradio,10,Elm\nbicycle,12,Oak\n");
        assertThat(told("keep rows where Minutes > 40"))
                .containsExactly(
                        "Minutes has 1 cell that is not a number, and counts as missing.",
                        "The condition is missing in 1 row, which is left out.");
        assertThat(after("leave out rows where Day < date \"2031-04-13\" or Item is missing", "leave out columns Day"))
                .isEqualTo("Item,Minutes,Cost,Bench\nlamp,32,9,Elm\n");
    }

    @Test
    void what_is_worked_out_stays_exact_from_step_to_step() {
        assertThat(after(
                        "keep rows where row number <= 2",
                        "work out third = Cost / 3",
                        "work out back = third * 3",
                        "rename back to 'Cost again'",
                        "keep columns third, 'Cost again'"))
                .isEqualTo("third,Cost again\n1.16666666666667,3.5\n3.33333333333333,10\n");
    }

    @Test
    void bands_take_what_their_words_say_and_the_card_parts_what_two_claim() {
        assertThat(after(
                        "sort into bands Minutes as B: under 12 \"short\", 12-30 \"usual\", 30-45 \"long\"",
                        "keep columns Minutes, B"))
                .isEqualTo(
                        "Minutes,B\n12,usual\n45,long\nn/a,\n20,usual\n75,\n8,short\n30,long\n30,long\n31,long\n32,long\n");
        Prepared made = walk(LOG, "sort into bands Minutes as B: under 12 \"short\", 12-30 \"usual\", 30-45 \"long\"")
                .last();
        assertThat(((Column.OfCategories) made.field("B").column()).counts().keySet())
                .as("the order of the bands")
                .containsExactly("short", "usual", "long");
        assertThat(told("sort into bands Minutes as B: under 12, 12-30, 30-45"))
                .containsExactly("1 value lies in no band: missing there.");
        assertThat(after("sort into bands Minutes as B: under 12, 11 to under 20"))
                .isEqualTo("step 1 at 41: The bands under 12 and 11 to under 20 overlap.");
        assertThat(after(
                        "sort into bands Minutes as B: up to 12, over 12 up to 31, over 31",
                        "keep columns B",
                        "keep rows where row number between 1 and 6"))
                .isEqualTo("B\nup to 12\nover 31\n\nover 12 up to 31\nover 31\nup to 12\n");
    }

    @Test
    void cells_are_replaced_all_at_once_and_values_named() {
        assertThat(after(
                        "replace in Bench: \"Oak\" with \"Elm\", \"Elm\" with \"Oak\", missing with \"none\"",
                        "replace in Minutes: \"n/a\" with missing, 75 with 7.5",
                        "keep columns Minutes, Bench",
                        "keep rows where row number between 3 and 7"))
                .isEqualTo("Minutes,Bench\n,Elm\n20,Oak\n7.5,Elm\n8,Ash\n30,none\n");
        assertThat(told("replace in Bench: \"Birch\" with \"Elm\""))
                .containsExactly("In the 10 rows of Bench nothing was found to replace.");
        assertThat(after(
                        "name values of Bench: \"Elm\" = \"E\", \"Ash\" = \"A\"",
                        "put in order by Bench, Minutes largest first",
                        "keep columns Bench, Minutes"))
                .isEqualTo("Bench,Minutes\nE,45\nE,32\nE,20\nA,31\nA,30\nA,8\nOak,75\nOak,12\nOak,n/a\n,30\n");
        assertThat(after("replace in Minutes: 12 with \"twelve\""))
                .isEqualTo("step 1 at 29: Minutes holds numbers; nothing else can stand there.");
    }

    @Test
    void missing_cells_are_filled_from_above() {
        assertThat(after("carry down Item", "keep columns Item", "keep rows where row number between 3 and 5"))
                .isEqualTo("Item\nlamp\nlamp\nbicycle\n");
    }

    @Test
    void a_row_for_each_group_has_its_measures_in_order() {
        assertThat(
                        after(
                                "one row per Bench: n, count of Minutes, mean of Minutes as M, sum of Cost, largest of Day as last"))
                .isEqualTo(
                        """
                        Bench,n,count of Minutes,M,sum of Cost,last
                        Ash,3,3,23,19.1,2031-04-12
                        Elm,3,3,32.3333333333333,19,2031-04-13
                        Oak,3,2,43.5,17.75,2031-04-08
                        ,1,1,30,9,2031-04-10
                        """);
        assertThat(after("one row in all: n, median of Minutes, sum of Cost / count of Cost as each"))
                .isEqualTo("n,median of Minutes,each\n10,30,7.20555555555556\n");
        assertThat(after("one row per Bench: Cost"))
                .isEqualTo(
                        "step 1 at 20: Cost differs from row to row here. Say which measure of it is meant, such as mean of Cost.");
    }

    @Test
    void cells_become_rows_and_rows_cells() {
        Table wide = table("Who | Math | Art\nAda | 3 | 5\nBen | 4 |\nCy | 1 | 2");
        Walk longer = walk(wide, "one row per cell of Math, Art: values as Mark, names as Subject");
        assertThat(written(longer.last()))
                .isEqualTo("Who,Subject,Mark\nAda,Math,3\nAda,Art,5\nBen,Math,4\nBen,Art,\nCy,Math,1\nCy,Art,2\n");
        Walk back = walk(
                wide,
                "one row per cell of Math, Art: values as Mark, names as Subject",
                "one column per Subject: values Mark");
        assertThat(written(back.last())).isEqualTo("Who,Math,Art\nAda,3,5\nBen,4,\nCy,1,2\n");
        assertThat(after("keep columns Item, Bench, Minutes", "one column per Bench: values Minutes"))
                .contains("There are two values for one place, 12 and n/a: in the new column Oak, in the row of lamp.");
    }

    @Test
    void columns_of_another_file_are_joined_by_a_key() {
        assertThat(after(
                        "join with 'benches' by Bench",
                        "keep columns Bench, Place",
                        "keep rows where row number between 5 and 7"))
                .isEqualTo("Bench,Place\nOak,window\nAsh,\n,\n");
        assertThat(told("join with 'benches' by Bench"))
                .containsExactly(
                        "3 rows have no partner: their new cells are missing.",
                        "1 row has no value of Bench: its new cells are missing.");
        assertThat(after("join with 'twice' by Bench"))
                .isEqualTo("step 1 at 1: Oak stands twice in twice, so that it is not known which row is meant.");
    }

    @Test
    void a_step_that_does_not_fit_stops_the_trail_and_says_where() {
        assertThat(after("keep columns Item, Cost", "keep rows where Minuts > 3"))
                .isEqualTo("step 2 at 17: There is no column “Minuts”.");
        assertThat(after("keep rows where Minuts > 3"))
                .isEqualTo("step 1 at 17: There is no column “Minuts”. Did you mean Minutes?");
        assertThat(after("kep rows where Minutes > 3"))
                .startsWith("step 1 at 1: “kep” cannot stand here;")
                .endsWith("Did you mean keep?");
        assertThat(after("work out Cost = 3"))
                .isEqualTo("step 1 at 10: There is a column Cost already. Choose another name.");
        assertThat(walk(LOG, "keep rows where Minuts > 3").last().rows()).isEqualTo(10);
    }

    @Test
    void a_trail_is_read_as_it_was_written_with_its_notes() throws Exception {
        String text =
                """
                promedio trail 1
                reading: skip 2, missing "n/a"
                # why
                # because
                keep rows where a > 1
                off: draw 3 rows, seed 1
                sort into bands a as b: under 5,
                  5 and over
                # the end
                """;
        Trail trail = Trail.read(text);
        assertThat(trail.written()).isEqualTo(text);
        assertThat(trail.steps().get(0).note()).isEqualTo("why\nbecause");
        assertThat(trail.steps().get(1).off()).isTrue();
    }

    /** A step that is edited is computed from there on: the tables before it are the very same. */
    @Test
    void only_what_changed_is_computed_again() {
        Walk before = walk(LOG, "keep rows where Cost > 3", "work out a = Cost * 2", "put in order by a");
        Walk now = before.along(
                Trail.of("keep rows where Cost > 3", "work out a = Cost * 3", "put in order by a"),
                CARD,
                Sources.NONE,
                () -> {});
        assertThat(now.states().get(1)).isSameAs(before.states().get(1));
        assertThat(now.states().get(2)).isNotSameAs(before.states().get(2));
    }

    // Laws.

    @Provide
    Arbitrary<Table> tables() {
        Arbitrary<List<String>> numbers =
                Arbitraries.of("1", "2", "2.5", "-3", "", "10").list().ofSize(8);
        Arbitrary<List<String>> words = Arbitraries.of("u", "v", "").list().ofSize(8);
        return Combinators.combine(numbers, numbers, words, words).as((a, b, g, h) -> TableReading.of(
                        List.of("A", "B", "G", "H"),
                        List.of(Entries.of(a), Entries.of(b), Entries.of(g), Entries.of(h)),
                        CellRules.GUESSED,
                        true)
                .table());
    }

    private static final List<String> CONDITIONS =
            List.of("A > 1", "A is missing", "B <= A", "G = \"u\"", "not (A = 2 or B = 2)", "B between -3 and 2");

    @Property(tries = 200)
    void keeping_rows_commutes_with_working_out(@ForAll("tables") Table table) {
        for (String condition : CONDITIONS) {
            String keep = "keep rows where " + condition;
            String out = "work out C = A * 2 + B";
            Walk one = walk(table, keep, out);
            Walk other = walk(table, out, keep);
            boolean fits = one.fault().isEmpty() && other.fault().isEmpty();
            if (fits) {
                assertThat(written(one.last())).isEqualTo(written(other.last()));
            }
            Walk gone = walk(table, "leave out rows where " + condition);
            if (gone.fault().isEmpty()) {
                assertThat(gone.last().rows() + walk(table, keep).last().rows()).isEqualTo(table.rows());
            }
        }
    }

    @Property(tries = 200)
    void groups_add_up_to_the_whole(@ForAll("tables") Table table) {
        String whole = written(
                walk(table, "one row in all: n, sum of A as s, count of B as c").last());
        String parts = written(walk(
                        table,
                        "one row per G, H: n, sum of A as s, count of B as c",
                        "one row in all: sum of n as n, sum of s as t, sum of c as u")
                .last());
        assertThat(parts.lines().skip(1).toList())
                .isEqualTo(whole.lines().skip(1).toList());
        Trail off = Trail.NONE.with(List.of(new Trail.Line("keep rows where A > 1", true, "")));
        Walk walked = Walk.of(Prepared.of(table), CARD).along(off, CARD, Sources.NONE, () -> {});
        assertThat(walked.last()).isSameAs(walked.first());
    }

    /** Bands cut by hand say beforehand how many numbers they hold, and the step that comes of them agrees. */
    @Property(tries = 200)
    void bands_that_are_cut_hold_what_they_say(
            @ForAll("tables") Table table,
            @ForAll Closed closed,
            @ForAll @Size(max = 3) List<@IntRange(min = -4, max = 12) Integer> more,
            @ForAll @IntRange(min = 0, max = 4) int out) {
        CourseCard card = CARD.with(CardKey.CLOSED, closed);
        Prepared base = Prepared.of(table);
        Optional<Cuts> first = Cuts.of(base, "A", "K", card);
        if (first.isEmpty()) {
            return;
        }
        Cuts cuts = first.get();
        for (int at : more) {
            cuts = cuts.cut(Exact.of(at));
        }
        cuts = cuts.moved(0, Exact.ratio(-7, 2))
                .joined(Math.min(out, cuts.edges().size() - 1))
                .called(0, "a \"low\" one");
        Walk walk = Walk.of(base, card).along(Trail.of(cuts.step()), card, Sources.NONE, () -> {});
        assertThat(walk.fault()).as(cuts.step()).isEmpty();
        Map<String, Integer> made = new HashMap<>();
        Recoding.of(walk.last(), "K").values().forEach(value -> made.put(value.shown(), value.times()));
        for (int band = 0; band < cuts.labels().size(); band++) {
            String label = cuts.labels().get(band).isEmpty()
                    ? cuts.band(band)
                    : cuts.labels().get(band);
            assertThat(made.getOrDefault(label, 0))
                    .as(label)
                    .isEqualTo(cuts.counts(base.field("A")).get(band));
        }
    }

    /** What is written beside values in their list is what the step does. */
    @Property(tries = 200)
    void values_are_replaced_and_named_as_their_list_says(
            @ForAll("tables") Table table, @ForAll("columns") String column) {
        Recoding list = Recoding.of(Prepared.of(table), column);
        List<String> with = IntStream.range(0, list.values().size())
                .mapToObj(i -> List.of(
                                "",
                                "missing",
                                column.equals("A") || column.equals("B") ? "3" : "a \"new\" one",
                                "-7.50")
                        .get(i % 4))
                .toList();
        String step = list.replacing(with);
        if (!step.isEmpty()) {
            Walk walk = walk(table, step);
            assertThat(walk.fault()).as(step).isEmpty();
            Recoding after = Recoding.of(walk.last(), column);
            int missing = list.values().isEmpty()
                    ? 0
                    : IntStream.range(0, with.size())
                            .filter(i -> with.get(i).equals("missing"))
                            .map(i -> list.values().get(i).times())
                            .sum();
            assertThat(total(after)).isEqualTo(total(list) - missing);
        }
        String naming = list.naming(with);
        if (!naming.isEmpty()) {
            assertThat(total(Recoding.of(walk(table, naming).last(), column))).isEqualTo(total(list));
        }
    }

    /** Two trails put together hold each of them in its order, and what they begin with in common once. */
    @Property(tries = 100)
    void two_trails_are_put_together(
            @ForAll("tables") Table table, @ForAll("trails") List<String> one, @ForAll("trails") List<String> other) {
        TwoTrails both =
                TwoTrails.of(walk(table, one.toArray(String[]::new)), walk(table, other.toArray(String[]::new)), CARD);
        assertThat(both.steps().stream().filter(TwoTrails.Step::ofOne).map(TwoTrails.Step::text))
                .isEqualTo(one);
        assertThat(both.steps().stream().filter(TwoTrails.Step::ofOther).map(TwoTrails.Step::text))
                .isEqualTo(other);
        if (one.get(0).equals(other.get(0))) {
            assertThat(both.steps().get(0).ofOther()).isTrue();
        }
        both.columns().forEach(column -> assertThat(List.of(0, TwoTrails.MEASURES.size()))
                .contains(column.one().size(), column.other().size()));
    }

    @Provide
    Arbitrary<String> columns() {
        return Arbitraries.of("A", "B", "G", "H");
    }

    private static int total(Recoding list) {
        return list.values().stream().mapToInt(Recoding.Value::times).sum();
    }

    @Test
    void steps_fit_the_cells_that_are_chosen() {
        Prepared log = Prepared.of(LOG);
        assertThat(Offers.of(log, "Item", new int[] {0, 1, 2}))
                .contains(
                        "keep rows where Item is one of (\"lamp\", \"radio\")",
                        "replace in Item: \"lamp\" with missing, \"radio\" with missing");
        assertThat(Offers.of(log, "Minutes", new int[] {1, 2, 0}))
                .contains("replace in Minutes: \"n/a\" with missing", "keep rows where Minutes between 12 and 45");
        assertThat(Offers.of(log, "Day", new int[] {3})).contains("keep rows where Day >= date \"2031-04-07\"");
        for (String column : LOG.columns().stream().map(Column::name).toList()) {
            for (int row = 0; row < LOG.rows(); row++) {
                for (String offer : Offers.of(log, column, new int[] {row, (row + 3) % LOG.rows()})) {
                    assertThat(walk(LOG, offer).fault()).as(offer).isEmpty();
                }
            }
        }
    }

    /** Whatever is put together of steps never throws, and never loses a row untold: it stands, or it is told or left out. */
    @Property(tries = 300)
    void random_trails_are_walked_or_told(@ForAll("tables") Table table, @ForAll("trails") List<String> steps) {
        Walk walk = walk(table, steps.toArray(String[]::new));
        assertThat(walk.told().size() == steps.size()).isEqualTo(walk.fault().isEmpty());
        for (int i = 1; i < walk.states().size(); i++) {
            Prepared after = walk.states().get(i);
            Prepared before = walk.states().get(i - 1);
            boolean takesAway = steps.get(i - 1).matches("(keep|leave out) rows.*|draw.*");
            if (takesAway) {
                before.lost(after).ifPresent(lost -> assertThat(before.rows() - lost.cardinality())
                        .isEqualTo(after.rows()));
            }
        }
        for (Prepared state : walk.states()) {
            state.fields().forEach(field -> assertThat(field.column().size()).isEqualTo(state.rows()));
        }
    }

    @Provide
    Arbitrary<List<String>> trails() {
        return Arbitraries.of(
                        "keep rows where A > 1",
                        "keep rows where A > 99",
                        "work out Y = first known(A, B, 7)",
                        "leave out rows where B is missing",
                        "keep columns B, A",
                        "leave out columns H",
                        "rename A to X",
                        "work out C = A / B",
                        "work out D = mean of A within G",
                        "work out E = standard score of B within (G, H)",
                        "work out F = previous of A",
                        "work out T = G joined with H",
                        "sort into bands A as K: under 0, 0 to under 2 \"few\", 2 and over",
                        "replace in A: 2 with missing, missing with 2",
                        "name values of G: \"u\" = \"first\"",
                        "carry down G",
                        "put in order by G, A largest first",
                        "standardise A as Z within G",
                        "one row per G: n, mean of A, sd of B as S",
                        "one row per cell of A, B: values as V, names as N",
                        "one column per G: values A",
                        "draw 2 rows, seed 4",
                        "join with 'benches' by G")
                .list()
                .ofMinSize(1)
                .ofMaxSize(6);
    }
}
