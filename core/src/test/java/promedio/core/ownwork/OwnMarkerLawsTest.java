package promedio.core.ownwork;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import promedio.core.course.CourseCard;
import promedio.core.ownwork.CellMark.Verdict;
import promedio.core.sample.Sample;

/** Marks of tables that a student worked by hand, right and with one cell wrong. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OwnMarkerLawsTest {
    private static final List<List<String>> OF_LISTS = List.of(
            List.of("x", "x2"),
            List.of("x", "deviation", "deviation2"),
            List.of("x", "deviation", "abs-deviation"),
            List.of("x", "d", "d2"),
            List.of("x", "cf"));
    private static final List<List<String>> OF_TABLES = List.of(
            List.of("x", "f", "fx", "x2", "fx2"),
            List.of("x", "f", "fx", "deviation", "deviation2", "f-deviation2"),
            List.of("x", "f", "fx", "deviation", "abs-deviation", "f-abs-deviation"),
            List.of("x", "f", "d", "fd", "fd2"),
            List.of("x", "f", "cf", "relative", "percent"));
    private static final List<List<String>> OF_CLASSES = List.of(
            List.of("lower", "upper", "midpoint", "f", "fx", "x2", "fx2"),
            List.of("f", "midpoint", "u", "fu", "fu2"),
            List.of("f", "midpoint", "d", "fd", "d2", "fd2"),
            List.of("midpoint", "f", "fx", "deviation", "deviation2", "f-deviation2"),
            List.of("f", "cf", "relative"));
    private static final Map<String, List<String>> ALSO = Map.ofEntries(
            Map.entry("x", List.of("x", "Value", "Minutes", "")),
            Map.entry("f", List.of("f", "Frequency", "No. of people")),
            Map.entry("midpoint", List.of("Mid-value", "mid-point (x)", "x")),
            Map.entry("fx", List.of("fx", "f·x", "f × x", "product")),
            Map.entry("x2", List.of("x²", "x^2", "squares")),
            Map.entry("fx2", List.of("fx²", "f x²")),
            Map.entry("deviation", List.of("x − x̄", "x - x̄", "(x−x̄)", "deviation")),
            Map.entry("deviation2", List.of("(x − x̄)²", "(x-x̄)^2")),
            Map.entry("f-deviation2", List.of("f(x − x̄)²", "f·(x - x̄)²")),
            Map.entry("abs-deviation", List.of("|x − x̄|", "|d|")),
            Map.entry("f-abs-deviation", List.of("f|x − x̄|", "f·|x - x̄|")),
            Map.entry("cf", List.of("cf", "c.f.", "Cumulative frequency")),
            Map.entry("relative", List.of("f/n", "Relative frequency")),
            Map.entry("percent", List.of("%", "Percentage")),
            Map.entry("d", List.of("d", "d = x − A")),
            Map.entry("fd", List.of("fd", "f·d")),
            Map.entry("d2", List.of("d²")),
            Map.entry("fd2", List.of("fd²", "f d^2")),
            Map.entry("u", List.of("u", "d/h")),
            Map.entry("fu", List.of("fu")),
            Map.entry("fu2", List.of("fu²")),
            Map.entry("lower", List.of("lower", "Lower boundary", "LB")),
            Map.entry("upper", List.of("upper", "Upper boundary", "UB")));

    private record Work(ByHand hand, Sample sample, List<String> columns) {
        OwnTable inOrder() {
            return hand.written(columns, IntStream.range(0, hand.rows()).boxed().toList());
        }
    }

    private static Work work(Random random, int places, String wrongColumn, int wrongRow, BigDecimal wrong) {
        ByHand hand = new ByHand(places, wrongColumn, wrongRow, wrong);
        int kind = random.nextInt(3);
        int method = random.nextInt(OF_LISTS.size());
        if (kind == 2) {
            int width = 5 * (1 + random.nextInt(4));
            int from = 10 * random.nextInt(5);
            List<BigDecimal> f = ByHand.frequencies(random, 4 + random.nextInt(5));
            Sample sample = hand.classes(from, width, f);
            hand.work(
                    OF_CLASSES.get(method),
                    BigDecimal.valueOf(2L * from + 5L * width, 0).divide(BigDecimal.valueOf(2)),
                    BigDecimal.valueOf(width));
            return new Work(hand, sample, OF_CLASSES.get(method));
        }
        List<BigDecimal> values = ByHand.values(random);
        Optional<List<BigDecimal>> f =
                kind == 1 ? Optional.of(ByHand.frequencies(random, values.size())) : Optional.empty();
        Sample sample = hand.values(values, f);
        List<String> columns = kind == 1 ? OF_TABLES.get(method) : OF_LISTS.get(method);
        hand.work(columns, values.get(1).add(BigDecimal.ONE), BigDecimal.ONE);
        return new Work(hand, sample, columns);
    }

    private static OwnMarks mark(OwnTable table, Sample sample) {
        return OwnMarker.mark(table, sample, CourseCard.STANDARD);
    }

    private static List<Verdict> verdicts(OwnMarks marks) {
        List<Verdict> all = new ArrayList<>();
        marks.cells().forEach(row -> row.forEach(cell -> cell.ifPresent(one -> all.add(one.verdict()))));
        marks.totals().forEach(total -> total.ifPresent(one -> all.add(one.verdict())));
        return all;
    }

    private static String shown(OwnMarks marks) {
        return marks.table().headings() + " " + marks.columns() + "\n"
                + marks.cells().stream()
                        .map(row -> row.stream()
                                .map(cell -> cell.map(one ->
                                                one.text() + " " + one.verdict().id())
                                        .orElse("?"))
                                .collect(Collectors.joining(" | ")))
                        .collect(Collectors.joining("\n"))
                + "\n" + marks.totals();
    }

    @Property(tries = 400)
    void a_table_that_is_worked_rightly_is_all_right(@ForAll long seed) {
        Random random = new Random(seed);
        Work work = work(random, 2 + random.nextInt(3), "", 0, BigDecimal.ZERO);
        OwnMarks marks = mark(work.inOrder(), work.sample());
        assertThat(marks.columns()).as(shown(marks)).doesNotContain(Optional.empty());
        assertThat(verdicts(marks)).as(shown(marks)).isSubsetOf(Verdict.RIGHT, Verdict.ROUNDED);
        assertThat(marks.cells().stream().flatMap(List::stream)).allMatch(Optional::isPresent);
    }

    /** The one cell is found, and whatever was worked on from it is not called wrong again. */
    @Property(tries = 600)
    void one_wrong_cell_is_found_and_what_follows_from_it_follows(@ForAll long seed) {
        Random random = new Random(seed);
        int shape = random.nextInt();
        Work right = work(new Random(shape), 4, "", 0, BigDecimal.ZERO);
        List<String> worked = right.columns().stream()
                .filter(column -> !List.of("x", "f", "lower", "upper").contains(column))
                .toList();
        String column = worked.get(random.nextInt(worked.size()));
        int row = random.nextInt(right.hand().rows());
        BigDecimal off = BigDecimal.valueOf(List.of(3, -4, 7, 11, -13).get(random.nextInt(5)));
        Work work = work(new Random(shape), 4, column, row, off);
        OwnMarks marks = mark(work.inOrder(), work.sample());
        int at = marks.columns().size()
                - right.columns().size()
                + right.columns().indexOf(column);
        assertThat(marks.cells().get(row).get(at).orElseThrow().verdict())
                .as(column + " " + row + "\n" + shown(marks))
                .isEqualTo(Verdict.WRONG);
        assertThat(marks.cells().get(row).get(at).orElseThrow().first()).isTrue();
        assertThat(verdicts(marks).stream().filter(Verdict.WRONG::equals))
                .as(column + " " + row + "\n" + shown(marks))
                .hasSize(1);
        assertThat(marks.summary().get(Verdict.UNREADABLE)).isZero();
    }

    /** Neither the order of the rows nor other headings change what is said, where each row says whose it is. */
    @Property(tries = 300)
    void rows_in_another_order_and_other_headings_change_no_verdict(@ForAll long seed) {
        Random random = new Random(seed);
        int shape = random.nextInt();
        Work work = work(new Random(shape), 3, "", 0, BigDecimal.ZERO);
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, work.hand().rows()).boxed().toList());
        Collections.shuffle(order, random);
        List<String> headings = work.columns().stream()
                .map(column ->
                        ALSO.get(column).get(random.nextInt(ALSO.get(column).size())))
                .toList();
        OwnMarks plain = mark(work.inOrder(), work.sample());
        OwnMarks other = mark(work.hand().written(headings, order), work.sample());
        assertThat(verdicts(other)).as(shown(other)).isSubsetOf(Verdict.RIGHT, Verdict.ROUNDED);
        for (int i = 0; i < order.size(); i++) {
            List<Verdict> row = other.cells().get(i).stream()
                    .map(cell -> cell.orElseThrow().verdict())
                    .toList();
            assertThat(row)
                    .as(headings + "\n" + shown(other))
                    .isEqualTo(plain.cells().get(order.get(i)).stream()
                            .map(cell -> cell.orElseThrow().verdict())
                            .toList());
        }
    }
}
